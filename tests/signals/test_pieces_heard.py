"""What the invented music promises: its notes where equal temperament has them, in time, and on the
side it is said to be. Heard by short spectra, not by the code that made it.
"""

import numpy as np
import pytest

from jolly_parlor.signals.pieces import _BASS, _BEAT_SECONDS, bass_line, short_piece
from jolly_parlor.signals.scenes import _BEAT_SECONDS as GROOVE_BEAT
from jolly_parlor.signals.scenes import _GROOVE_BASS, _SPOKEN, groove, strings, voice
from jolly_parlor.signals.tones import note_hz

RATE = 8000


def strength(sound: np.ndarray, hertz: float) -> float:
    """Of one frequency in a piece of sound, by its own sine and cosine."""
    t = np.arange(sound.size) / RATE
    window = np.hanning(sound.size)
    return float(abs(np.sum(sound * window * np.exp(-2j * np.pi * hertz * t))) / window.sum())


def loudest(sound: np.ndarray, low: float, high: float) -> float:
    """The frequency that stands out between two, to a hundredth of an octave."""
    f = low * 2 ** np.arange(0, np.log2(high / low), 0.01)
    return float(f[np.argmax([strength(sound, one) for one in f])])


def test_every_note_of_the_bass_sounds_in_its_turn_and_dies_away() -> None:
    line = bass_line(RATE, 1)
    start = 0
    for name, beats in _BASS:
        size = round(beats * _BEAT_SECONDS * RATE)
        note = line[start : start + size]
        found = loudest(note, 38.0, 120.0)
        assert abs(np.log2(found / note_hz(name))) < 0.03, name
        quarter = size // 4
        begins, ends = note[quarter : 2 * quarter], note[-quarter:]
        assert np.mean(ends**2) < 0.8 * np.mean(begins**2), name
        start += size
    assert start == line.size and np.max(np.abs(line)) == pytest.approx(1.0)
    assert bass_line(RATE, 2) == pytest.approx(np.tile(line, 2))


def balance(left: np.ndarray, right: np.ndarray, hertz: float) -> float:
    """0 all left, 1 all right: of the angle between the sides."""
    return float(np.arctan2(strength(right, hertz), strength(left, hertz)) / (np.pi / 2))


def test_the_tune_walks_from_left_to_right_and_the_bass_stays_in_the_middle() -> None:
    piece = short_piece(RATE)
    beat = round(_BEAT_SECONDS * RATE)
    # The tune's first note is B4, its seventh of the second round D#4.
    first, last = piece[: round(1.5 * beat)], piece[-beat:]
    assert balance(*first.T, note_hz("B4")) < 0.2
    assert balance(*last.T, note_hz("D#4")) > 0.8
    assert balance(*piece[:beat].T, note_hz("E1")) == pytest.approx(0.5, abs=0.02)
    # B4, G4 and A4 in time: by how the sound changes where one takes over from the other.
    tune = piece[:, 0] + piece[:, 1]
    for name, begin, end in (
        ("B4", 0.2, 1.3),
        ("A4", 2.1, 2.9),
        ("F#4", 3.1, 3.9),
        ("D5", 4.2, 5.8),
    ):
        part = tune[round(begin * beat) : round(end * beat)]
        near = loudest(part, note_hz(name) / 1.15, note_hz(name) * 1.15)
        assert abs(np.log2(near / note_hz(name))) < 0.03, name


def test_chords_are_spread_from_side_to_side() -> None:
    piece = short_piece(RATE)
    beat = round(_BEAT_SECONDS * RATE)
    chord = piece[round(0.5 * beat) : round(3.5 * beat)]
    sides = [balance(*chord.T, note_hz(name)) for name in ("E3", "B3", "G4")]
    assert sides[0] < 0.3 and sides[1] == pytest.approx(0.5, abs=0.15) and sides[2] > 0.35
    assert sides[0] < sides[1]


def test_the_groove_kicks_on_every_beat_and_its_bass_is_in_tune() -> None:
    sound = groove(RATE)[:, 0]
    beat = round(GROOVE_BEAT * RATE)
    for n in range(16):
        kick = sound[n * beat : n * beat + round(0.06 * RATE)]
        before = sound[n * beat + beat // 3 : n * beat + beat // 3 + round(0.06 * RATE)]
        assert np.max(np.abs(kick)) > 1.2 * np.max(np.abs(before)), n
    between = [(name, start) for name, start in _GROOVE_BASS if start % 1 == 0.5]
    assert len(between) == 7
    for name, start in between:
        at = round((start + 0.05) * beat)
        note = sound[at : at + round(0.4 * beat)]
        assert abs(np.log2(loudest(note, 36.0, 95.0) / note_hz(name))) < 0.12, name


def test_strings_sit_where_they_are_said_to() -> None:
    sound = strings(RATE)
    first = sound[round(0.3 * RATE) : round(1.7 * RATE)]
    low, middle, high = (balance(*first.T, note_hz(n)) for n in ("C2", "G3", "E4"))
    assert low == pytest.approx(0.7, abs=0.05)
    assert middle == pytest.approx(0.5, abs=0.1)
    assert high < 0.45
    # Seven chords of four pulses and two of two, 0.45 s each, and what is left of the last bow.
    assert sound.shape[0] / RATE == pytest.approx(32 * 0.45 + 0.2, abs=0.01)


def test_the_voice_speaks_at_its_pitches_with_rests_between() -> None:
    sound = voice(RATE)
    assert np.array_equal(sound[:, 0], sound[:, 1])
    start, rest = 0, round(0.12 * RATE)
    for name, _, seconds in _SPOKEN:
        size = round(seconds * RATE)
        vowel = sound[start : start + size, 0]
        # The pitch falls by 4 % on the way, 2 % on its mean.
        f = note_hz(name) * 0.97
        harmonics = max(range(1, 9), key=lambda n, v=vowel, f=f: strength(v, n * f))
        found = loudest(vowel, harmonics * f * 0.94, harmonics * f * 1.06) / harmonics
        assert abs(np.log2(found / note_hz(name))) < 0.08, name
        assert not np.any(sound[start + size : start + size + rest])
        start += size + rest
    assert start == sound.shape[0]
