"""Fractional-octave smoothing on power."""

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import band_edges_hz


def smooth_level_db(
    frequencies_hz: FloatArray, level_db: FloatArray, at_hz: FloatArray, per_octave: int
) -> FloatArray:
    """Level of the power averaged over a 1/per_octave-octave window around each `at_hz`.

    L(f) = 10 lg [ 1/ln(f2/f1) integral of 10^(L/10) d ln f ], f1 and f2 the band edges of
    IEC 61260-1 around f. Near the ends of the data the window keeps only its part inside.
    Frequencies ascending; `at_hz` within them. Levels of shape (..., frequencies) give
    (..., at_hz).
    """
    x = np.log(frequencies_hz)
    if at_hz[0] < frequencies_hz[0] * (1 - 1e-9) or at_hz[-1] > frequencies_hz[-1] * (1 + 1e-9):
        raise ValueError("Smoothing was asked for outside the measured range.")
    power = 10 ** (level_db / 10)
    areas = np.cumsum(np.diff(x) * (power[..., 1:] + power[..., :-1]) / 2, axis=-1)
    running = np.concatenate([np.zeros((*areas.shape[:-1], 1)), areas], axis=-1)
    low, high = (np.clip(np.log(edge), x[0], x[-1]) for edge in band_edges_hz(at_hz, per_octave))

    def integral(at: FloatArray) -> FloatArray:
        index = np.clip(np.searchsorted(x, at, side="right") - 1, 0, x.size - 2)
        step = at - x[index]
        here = power[..., index]
        slope = (power[..., index + 1] - here) / (x[index + 1] - x[index])
        return np.asarray(running[..., index] + step * (here + slope * step / 2))

    mean = (integral(high) - integral(low)) / (high - low)
    return np.asarray(10 * np.log10(np.maximum(mean, 1e-30)))
