"""Sections as digital filters: biquad coefficients and impulse responses for a sampling rate.

Bristow-Johnson, Cookbook formulae for audio equalizer biquad filter coefficients, the peaking
filter by the bilinear transform; from memory, checked against SciPy's own.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from math import cos, pi, sin
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.filters import peaking
from jolly_parlor.placement.chains import Section
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

RATES_HZ = (44_100, 48_000, 88_200, 96_000, 176_400, 192_000)
FirKind = Literal["linear", "minimum"]
TAPS = 65_536
"""Of a FIR at 48 kHz: over a second, longer than the narrowest section rings to either side."""
_LEAST_RATE_HZ, _MOST_RATE_HZ = 8_000, 768_000


@dataclass(frozen=True)
class Biquad:
    """Coefficients of H(z) = (b0 + b1 / z + b2 / z^2) / (1 + a1 / z + a2 / z^2)."""

    b0: float
    b1: float
    b2: float
    a1: float
    a2: float

    @property
    def row(self) -> list[float]:
        """A second-order section as SciPy writes it."""
        return [self.b0, self.b1, self.b2, 1.0, self.a1, self.a2]


def biquad(section: Section, sample_rate: int) -> Biquad:
    """One section at a sampling rate. Raises Refused for a rate that cannot carry it."""
    if not _LEAST_RATE_HZ <= sample_rate <= _MOST_RATE_HZ:
        raise Refused(
            tr(
                "{sample_rate} samples a second cannot be written; {least_rate_hz} "
                "to {most_rate_hz} can.",
                sample_rate=sample_rate,
                least_rate_hz=_LEAST_RATE_HZ,
                most_rate_hz=_MOST_RATE_HZ,
            )
        )
    if section.frequency_hz >= sample_rate / 2:
        raise Refused(
            tr(
                "A section at {frequency_hz:g} Hz needs more than {sample_rate} samples a second.",
                frequency_hz=section.frequency_hz,
                sample_rate=sample_rate,
            )
        )
    a = 10 ** (section.gain_db / 40)
    turn = 2 * pi * section.frequency_hz / sample_rate
    alpha, middle = sin(turn) / (2 * section.q), -2 * cos(turn)
    whole = 1 + alpha / a
    return Biquad(
        (1 + alpha * a) / whole,
        middle / whole,
        (1 - alpha * a) / whole,
        middle / whole,
        (1 - alpha / a) / whole,
    )


def second_order_sections(sections: Sequence[Section], sample_rate: int) -> FloatArray:
    """All of them as SciPy's `sos`, (sections, 6); one that passes all through for none."""
    rows = [biquad(section, sample_rate).row for section in sections]
    return np.array(rows or [[1.0, 0.0, 0.0, 1.0, 0.0, 0.0]])


def analogue(sections: Sequence[Section], frequencies_hz: FloatArray) -> ComplexArray:
    """What a Chain has of them, (frequencies,)."""
    total = np.ones(np.asarray(frequencies_hz).shape, dtype=np.complex128)
    for one in sections:
        total = total * peaking(frequencies_hz, one.frequency_hz, one.gain_db, one.q)
    return total


def digital(
    sections: Sequence[Section], frequencies_hz: FloatArray, sample_rate: int
) -> ComplexArray:
    """The biquads' response, (frequencies,)."""
    from scipy import signal  # imported here: starting the window need not wait for it

    rows = second_order_sections(sections, sample_rate)
    _, response = signal.sosfreqz(rows, frequencies_hz, fs=sample_rate)
    return np.asarray(response)


def fir(sections: Sequence[Section], sample_rate: int, kind: FirKind) -> FloatArray:
    """An impulse response for a convolver, (taps,). `minimum`: the biquads' own, which come at
    once; `linear`: of the same levels without turning any phase, late by half its length.
    """
    from scipy import signal

    taps = 1 << int(np.ceil(np.log2(TAPS * sample_rate / 48_000)))
    rows = second_order_sections(sections, sample_rate)
    if kind == "minimum":
        one = np.zeros(taps)
        one[0] = 1.0
        return np.asarray(signal.sosfilt(rows, one)) * _soft_end(taps)
    bins = np.fft.rfftfreq(taps, 1 / sample_rate)
    _, response = signal.sosfreqz(rows, bins, fs=sample_rate)
    centred = np.roll(np.fft.irfft(np.abs(response), taps), taps // 2)
    return np.asarray(centred * np.minimum(_soft_end(taps), _soft_end(taps)[::-1]))


def fir_error_db(taps: FloatArray, sections: Sequence[Section], sample_rate: int) -> float:
    """The most a FIR's level strays from the sections', 20 Hz to 20 kHz, dB."""
    size = 4 * taps.size
    bins: FloatArray = np.fft.rfftfreq(size, 1 / sample_rate).astype(np.float64)
    inside = (bins >= 20.0) & (bins <= min(20_000.0, 0.45 * sample_rate))
    level = 20 * np.log10(np.abs(np.fft.rfft(taps, size))[inside])
    wanted = 20 * np.log10(np.abs(digital(sections, bins[inside], sample_rate)))
    return float(np.max(np.abs(level - wanted)))


def _soft_end(taps: int) -> FloatArray:
    """A window that falls over the last eighth, so that the cut end makes no click."""
    fall = taps // 8
    window = np.ones(taps)
    window[-fall:] = 0.5 * (1 + np.cos(np.pi * np.arange(1, fall + 1) / fall))
    return window
