"""Music for listening, invented and synthesised here: a bass line and a short piece."""

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.signals.tones import edges, note_hz

_BEAT_SECONDS = 60 / 92
_BASS = (
    ("E1", 1.0), ("G1", 0.5), ("A1", 0.5), ("B1", 1.0), ("D2", 1.0),
    ("E2", 1.0), ("D2", 0.5), ("B1", 0.5), ("A1", 1.0), ("F#1", 1.0),
    ("G1", 1.0), ("B1", 0.5), ("C2", 0.5), ("D2", 1.0), ("F#2", 1.0),
    ("A2", 1.0), ("G2", 0.5), ("E2", 0.5), ("B1", 1.0), ("D#1", 1.0),
)  # fmt: skip
"""Every semitone region from E1 to A2 is touched, so that no mode is left out; beats."""
_CHORDS = (("E3", "B3", "G4"), ("D3", "A3", "F#4"), ("G3", "D4", "B4"), ("B2", "F#3", "D#4"))
_TUNE = (
    ("B4", 1.5),
    ("G4", 0.5),
    ("A4", 1.0),
    ("F#4", 1.0),
    ("D5", 2.0),
    ("B4", 1.0),
    ("D#4", 1.0),
)


def bass_line(sample_rate: int, rounds: int = 2) -> FloatArray:
    """A plucked bass, every note equally loud: (samples,), peak 1; it can be looped."""
    line = np.concatenate([_plucked(*note, sample_rate) for note in _BASS])
    whole = np.tile(line, rounds)
    return np.asarray(whole / np.max(np.abs(whole)))


def _plucked(name: str, beats: float, rate: int) -> FloatArray:
    """A fundamental with a few overtones that die away sooner."""
    seconds = beats * _BEAT_SECONDS
    t = np.arange(round(seconds * rate)) / rate
    hertz = note_hz(name)
    sound = np.zeros(t.size)
    for n, share in enumerate((1.0, 0.35, 0.18, 0.08), start=1):
        sound += share * np.sin(2 * np.pi * n * hertz * t) * np.exp(-t * (0.6 + 0.9 * n))
    return np.asarray(sound * edges(t.size, rate, 0.012))


def short_piece(sample_rate: int) -> FloatArray:
    """Sixteen beats, (samples, 2), peak 1: bass in the middle, chords spread to both sides, a tune
    that walks from left to right, a brushed beat in the middle.
    """
    beat = round(_BEAT_SECONDS * sample_rate)
    count = 16 * beat
    left, right = np.zeros(count), np.zeros(count)
    bass = bass_line(sample_rate, 1)[:count]
    for side in (left, right):
        side[: bass.size] += 0.5 * bass
    for index, chord in enumerate(_CHORDS):
        start = 4 * index * beat
        for n, name in enumerate(chord):
            voice = 0.10 * bowed(note_hz(name), 4 * beat, sample_rate)
            share = n / (len(chord) - 1)
            left[start : start + voice.size] += np.cos(share * np.pi / 2) * voice
            right[start : start + voice.size] += np.sin(share * np.pi / 2) * voice
    _add_tune(left, right, beat, sample_rate)
    brush = _brush(sample_rate)
    for at in range(0, 16 * beat, beat):
        end = min(at + brush.size, count)
        left[at:end] += 0.08 * brush[: end - at]
        right[at:end] += 0.08 * brush[: end - at]
    both = np.stack([left, right], axis=1)
    return np.asarray(both / np.max(np.abs(both)))


def _add_tune(left: FloatArray, right: FloatArray, beat: int, rate: int) -> None:
    start = 0
    for index, (name, beats) in enumerate(_TUNE * 2):
        note = 0.16 * _bell(note_hz(name), round(beats * beat), rate)
        end = min(start + note.size, left.size)
        share = index / (2 * len(_TUNE) - 1)
        left[start:end] += np.cos(share * np.pi / 2) * note[: end - start]
        right[start:end] += np.sin(share * np.pi / 2) * note[: end - start]
        start = end


def bowed(hertz: float, count: int, rate: int) -> FloatArray:
    """A string under the bow, (count,): overtones that waver, slow to begin and to end."""
    t = np.arange(count) / rate
    waver = 0.15 * np.sin(2 * np.pi * 5.1 * t)
    sound = sum(np.sin(2 * np.pi * n * hertz * t + n * waver) / n**1.4 for n in range(1, 7))
    return np.asarray(sound * edges(count, rate, 0.25))


def _bell(hertz: float, count: int, rate: int) -> FloatArray:
    t = np.arange(count) / rate
    sound = sum(
        share * np.sin(2 * np.pi * ratio * hertz * t) * np.exp(-t * fall)
        for ratio, share, fall in ((1.0, 1.0, 2.2), (2.01, 0.45, 4.0), (3.02, 0.2, 7.0))
    )
    return np.asarray(sound * edges(count, rate, 0.008))


def _brush(rate: int) -> FloatArray:
    count = round(0.12 * rate)
    t = np.arange(count) / rate
    noise = np.random.default_rng(4).normal(size=count)
    return np.asarray(np.diff(noise, prepend=0.0) * np.exp(-t * 45) * edges(count, rate, 0.003))
