"""Octave bands, fractional octaves and logarithmic frequency grids."""

from math import ceil, log2
from typing import TypeVar

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray

OCTAVE_RATIO = 10.0**0.3
"""G, the base-ten octave ratio of IEC 61260-1."""

REFERENCE_HZ = 1000.0

OCTAVE_BANDS_HZ: tuple[float, ...] = (63.0, 125.0, 250.0, 500.0, 1000.0, 2000.0, 4000.0)
"""Nominal octave bands in which surface absorption is given (ISO 266)."""


def midband_hz(index: int, bands_per_octave: int) -> float:
    """Exact mid-band frequency of band `index` (0 holds 1 kHz), IEC 61260-1:2014, 5.4.

    f = 1000 G^(x/b) for odd b, 1000 G^((2x+1)/(2b)) for even b.
    """
    if bands_per_octave < 1:
        raise ValueError("bands_per_octave must be 1 or more")
    if bands_per_octave % 2:
        exponent = index / bands_per_octave
    else:
        exponent = (2 * index + 1) / (2 * bands_per_octave)
    return float(REFERENCE_HZ * OCTAVE_RATIO**exponent)


_Hz = TypeVar("_Hz", float, FloatArray)


def band_edges_hz(midband: _Hz, bands_per_octave: int) -> tuple[_Hz, _Hz]:
    """Lower and upper edge of fractional-octave bands, IEC 61260-1:2014, 5.6."""
    half = OCTAVE_RATIO ** (1.0 / (2 * bands_per_octave))
    return midband / half, midband * half


def log_grid(low_hz: float, high_hz: float, per_octave: int) -> FloatArray:
    """Frequencies from low to high inclusive, evenly spaced in log, at least `per_octave`."""
    if not 0 < low_hz < high_hz:
        raise ValueError(f"need 0 < low < high, got {low_hz:g} and {high_hz:g} Hz")
    count = ceil(log2(high_hz / low_hz) * per_octave) + 1
    return np.geomspace(low_hz, high_hz, count)
