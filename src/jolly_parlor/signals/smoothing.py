"""Fractional-octave smoothing on power."""

from dataclasses import dataclass
from functools import lru_cache

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray, IntArray
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
    if at_hz[0] < frequencies_hz[0] * (1 - 1e-9) or at_hz[-1] > frequencies_hz[-1] * (1 + 1e-9):
        raise ValueError("Smoothing was asked for outside the measured range.")
    grids = (np.asarray(grid, dtype=float).tobytes() for grid in (frequencies_hz, at_hz))
    windows = _windows(*grids, per_octave)
    mean = _means(10 ** (level_db / 10), windows)
    return np.asarray(10 * np.log10(np.maximum(mean, 1e-30)))


def smoothing_weights(frequencies_hz: FloatArray, at_hz: FloatArray, per_octave: int) -> FloatArray:
    """What makes smoothed power of power, as `smooth_level_db` means it: (at_hz, frequencies)."""
    grids = (np.asarray(grid, dtype=float).tobytes() for grid in (frequencies_hz, at_hz))
    return _means(np.eye(frequencies_hz.size), _windows(*grids, per_octave)).T


def _means(power: FloatArray, windows: "_Windows") -> FloatArray:
    """Of power over each window, (..., frequencies) to (..., windows)."""
    running = np.zeros_like(power)
    mean_of_two = (power[..., 1:] + power[..., :-1]) / 2
    np.cumsum(windows.steps * mean_of_two, axis=-1, out=running[..., 1:])

    def integral(edge: _Edge) -> FloatArray:
        here, after = power[..., edge.index], power[..., edge.index + 1]
        part = edge.beyond * (here + (after - here) * edge.half_share)
        return np.asarray(running[..., edge.index] + part)

    return np.asarray((integral(windows.high) - integral(windows.low)) / windows.widths)


@dataclass(frozen=True, eq=False)
class _Edge:
    """Where the edges of all windows lie among the frequencies, in ln f."""

    index: IntArray
    """The frequency at or below the edge."""
    beyond: FloatArray
    """How far beyond it."""
    half_share: FloatArray
    """Half of that, as a share of the way to the next frequency."""


@dataclass(frozen=True, eq=False)
class _Windows:
    steps: FloatArray
    low: _Edge
    high: _Edge
    widths: FloatArray


@lru_cache(maxsize=64)
def _windows(frequencies: bytes, at: bytes, per_octave: int) -> _Windows:
    """What hangs on the frequencies only; the same few grids come again and again."""
    x, at_hz = np.log(np.frombuffer(frequencies)), np.frombuffer(at)
    low, high = (np.clip(np.log(edge), x[0], x[-1]) for edge in band_edges_hz(at_hz, per_octave))

    def edge(place: FloatArray) -> _Edge:
        index = np.clip(np.searchsorted(x, place, side="right") - 1, 0, x.size - 2)
        beyond = place - x[index]
        return _Edge(index, beyond, beyond / (x[index + 1] - x[index]) / 2)

    return _Windows(np.diff(x), edge(low), edge(high), high - low)
