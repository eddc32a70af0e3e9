"""More music for listening, invented and synthesised here: a kick and bass groove, chamber strings,
a voice-like line of formants. Each is (samples, 2), peak 1, and begins and ends in silence.
"""

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.signals.pieces import bowed
from jolly_parlor.signals.tones import edges, note_hz

_BEAT_SECONDS = 60 / 104
_GROOVE_BEATS = 16
_GROOVE_BASS = (
    ("E1", 0.0), ("E1", 0.75), ("G1", 1.5), ("A1", 2.0), ("B1", 3.0), ("D2", 3.5),
    ("E1", 4.0), ("E1", 4.75), ("B1", 5.5), ("A1", 6.0), ("G1", 7.0), ("F#1", 7.5),
    ("C2", 8.0), ("C2", 8.75), ("G1", 9.5), ("E2", 10.0), ("D2", 11.0), ("B1", 11.5),
    ("A1", 12.0), ("A1", 12.75), ("E2", 13.5), ("D#2", 14.0), ("B1", 14.75), ("F#1", 15.375),
)  # fmt: skip
"""Notes and the beat each begins on."""
_STRINGS = (
    (("C2", "G3", "E4"), 4), (("A1", "E3", "C4"), 4), (("F2", "A3", "F4"), 4),
    (("G1", "D3", "B3"), 4), (("E2", "G3", "C4"), 4), (("F#1", "A3", "D4"), 4),
    (("G2", "D4", "B4"), 2), (("G1", "F3", "D4"), 2), (("C2", "E3", "C4"), 4),
)  # fmt: skip
"""Cello, viola and violin, and for how many seconds of the slow pulse."""
_VOWELS = (
    (730, 1090, 2440), (270, 2290, 3010), (570, 840, 2410), (530, 1840, 2480), (300, 870, 2240),
)  # fmt: skip
"""First three formants of five vowels, Hz (Peterson & Barney 1952; from memory)."""
_SPOKEN = (
    ("A2", 0, 0.35), ("B2", 3, 0.25), ("D3", 1, 0.4), ("C#3", 2, 0.3), ("A2", 4, 0.5),
    ("G2", 2, 0.3), ("A2", 0, 0.25), ("F#2", 3, 0.45), ("E2", 4, 0.6), ("A2", 1, 0.3),
    ("C#3", 0, 0.35), ("B2", 2, 0.55),
)  # fmt: skip
"""Pitch, vowel and seconds."""
_REST_SECONDS = 0.12


def groove(sample_rate: int) -> FloatArray:
    """Kick on every beat, a plucked bass around it, a brush at the sides."""
    beat = round(_BEAT_SECONDS * sample_rate)
    left, right = np.zeros(_GROOVE_BEATS * beat), np.zeros(_GROOVE_BEATS * beat)
    kick, brush = _kick(sample_rate), _hat(sample_rate)
    for n in range(_GROOVE_BEATS):
        for side in (left, right):
            _add(side, n * beat, 0.9 * kick)
        at = n * beat + beat // 2
        _add(left, at, (0.10 if n % 2 else 0.03) * brush)
        _add(right, at, (0.03 if n % 2 else 0.10) * brush)
    for name, start in _GROOVE_BASS:
        note = 0.42 * _pluck(note_hz(name), 0.62, sample_rate)
        for side in (left, right):
            _add(side, round(start * beat), note)
    return _stereo(left, right)


def strings(sample_rate: int) -> FloatArray:
    """Three bowed voices: the low one right of the middle, the high one left, as they might sit."""
    pulse = round(0.45 * sample_rate)
    overlap = round(0.2 * sample_rate)
    total = sum(length for _, length in _STRINGS) * pulse + overlap
    left, right = np.zeros(total), np.zeros(total)
    start = 0
    for chord, length in _STRINGS:
        for name, place, loud in zip(chord, (0.7, 0.5, 0.25), (0.5, 0.3, 0.26), strict=True):
            note = loud * bowed(note_hz(name), length * pulse + overlap, sample_rate)
            _add(left, start, np.cos(place * np.pi / 2) * note)
            _add(right, start, np.sin(place * np.pi / 2) * note)
        start += length * pulse
    return _stereo(left, right)


def voice(sample_rate: int) -> FloatArray:
    """A line of vowels in the middle, as of somebody speaking slowly: pulses through formants."""
    rest = np.zeros(round(_REST_SECONDS * sample_rate))
    spoken = []
    for name, vowel, seconds in _SPOKEN:
        spoken += [_vowel(note_hz(name), _VOWELS[vowel], seconds, sample_rate), rest]
    line = np.concatenate(spoken)
    return _stereo(line, line)


def _vowel(hertz: float, formants: tuple[int, ...], seconds: float, rate: int) -> FloatArray:
    """Harmonics of a falling pitch, as loud as the formants let them be."""
    t = np.arange(round(seconds * rate)) / rate
    turns = hertz * t * (1 - 0.04 * t / seconds)
    sound = np.zeros(t.size)
    for n in range(1, int(min(5000.0, 0.45 * rate) / hertz)):
        loud = sum(
            share / (1 + ((n * hertz - f) / (45 + 0.05 * f)) ** 2)
            for f, share in zip(formants, (1.0, 0.5, 0.25), strict=True)
        )
        sound += (loud + 0.02) / n**0.3 * np.sin(2 * np.pi * n * turns + 0.7 * n * n)
    return np.asarray(sound * edges(t.size, rate, 0.05))


def _kick(rate: int) -> FloatArray:
    """A falling tone that ends about 48 Hz."""
    t = np.arange(round(0.28 * rate)) / rate
    turns = 48.0 * t + 95.0 / 38.0 * (1 - np.exp(-38.0 * t))
    return np.asarray(np.sin(2 * np.pi * turns) * np.exp(-9 * t) * edges(t.size, rate, 0.002))


def _hat(rate: int) -> FloatArray:
    count = round(0.08 * rate)
    noise = np.random.default_rng(7).normal(size=count)
    fall = np.exp(-np.arange(count) / rate * 60)
    return np.asarray(np.diff(noise, prepend=0.0) * fall * edges(count, rate, 0.002))


def _pluck(hertz: float, beats: float, rate: int) -> FloatArray:
    t = np.arange(round(beats * _BEAT_SECONDS * rate)) / rate
    sound = sum(
        share * np.sin(2 * np.pi * n * hertz * t) * np.exp(-t * (1.2 + 1.1 * n))
        for n, share in enumerate((1.0, 0.45, 0.22, 0.1), start=1)
    )
    return np.asarray(sound * edges(t.size, rate, 0.012))


def _add(side: FloatArray, start: int, sound: FloatArray) -> None:
    side[start : start + sound.size] += sound  # nothing here rings beyond the end


def _stereo(left: FloatArray, right: FloatArray) -> FloatArray:
    both = np.stack([left, right], axis=1)
    return np.asarray(both / np.max(np.abs(both)))
