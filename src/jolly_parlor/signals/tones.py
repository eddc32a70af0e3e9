"""Tones for listening: notes, steps from note to note, and sweeps slow enough to follow."""

import re
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

CONCERT_HZ = 440.0
"""The A of the treble stave (ISO 16)."""
_NAMES = ("C", "C#", "D", "D#", "E", "F", "F#", "G", "G#", "A", "A#", "B")
_NOTE = re.compile(r"^([A-G])([#b]?)(-?\d)$")
_EDGE_SECONDS = 0.04
LOWEST, HIGHEST = "E1", "E3"
"""Of the stepped tones: a bass guitar's lowest string, and two octaves above."""


def note_hz(name: str) -> float:
    """`E1` or `Bb2` in equal temperament from A4 = 440 Hz (ISO 16). Raises Refused."""
    met = _NOTE.match(name.strip())
    if met is None:
        raise Refused(tr("“{name}” is no note; write one such as E1, F#2 or Bb2.", name=name))
    letter, sign, octave = met.groups()
    step = _NAMES.index(letter) + {"#": 1, "b": -1, "": 0}[sign]
    return float(CONCERT_HZ * 2 ** ((step - 9) / 12 + int(octave) - 4))


def note_name(hertz: float) -> str:
    """The note nearest to a frequency."""
    steps = round(12 * np.log2(hertz / CONCERT_HZ)) + 9 + 48
    return f"{_NAMES[steps % 12]}{steps // 12}"


def notes_between(low: str, high: str) -> list[str]:
    """Every semitone from one note up to another."""
    first, last = note_hz(low), note_hz(high)
    count = round(12 * np.log2(last / first))
    return [note_name(first * 2 ** (n / 12)) for n in range(count + 1)]


def tone(hertz: float, seconds: float, sample_rate: int) -> FloatArray:
    """A sine with soft edges, peak 1."""
    t = np.arange(round(seconds * sample_rate)) / sample_rate
    return np.asarray(np.sin(2 * np.pi * hertz * t) * edges(t.size, sample_rate))


def edges(count: int, sample_rate: int, seconds: float = _EDGE_SECONDS) -> FloatArray:
    """A gain that rises at the beginning and falls at the end, so that nothing clicks."""
    n = min(round(seconds * sample_rate), count // 2)
    gain = np.ones(count)
    rise = 0.5 - 0.5 * np.cos(np.pi * (np.arange(n) + 0.5) / max(n, 1))
    gain[:n], gain[count - n :] = rise, rise[::-1]
    return gain


def stepped_tones(
    sample_rate: int, low: str = LOWEST, high: str = HIGHEST, seconds: float = 1.0
) -> FloatArray:
    """Every note from one up to another, each so long, all equally loud. Peak 1."""
    notes = [tone(note_hz(name), seconds, sample_rate) for name in notes_between(low, high)]
    return np.concatenate(notes)


@dataclass(frozen=True)
class SlowSweep:
    """A sine whose pitch rises evenly: so many octaves a second."""

    low_hz: float = 25.0
    high_hz: float = 250.0
    seconds: float = 50.0

    def hertz_at(self, seconds: float) -> float:
        """What sounds so many seconds after its start."""
        share = min(max(seconds / self.seconds, 0.0), 1.0)
        return float(self.low_hz * (self.high_hz / self.low_hz) ** share)

    def seconds_at(self, hertz: float) -> float:
        return float(
            self.seconds * np.log(hertz / self.low_hz) / np.log(self.high_hz / self.low_hz)
        )

    def samples(self, sample_rate: int) -> FloatArray:
        """(samples,), peak 1."""
        t = np.arange(round(self.seconds * sample_rate)) / sample_rate
        rate = np.log(self.high_hz / self.low_hz) / self.seconds
        phase = 2 * np.pi * self.low_hz / rate * np.expm1(rate * t)
        return np.asarray(np.sin(phase) * edges(t.size, sample_rate, 0.5))
