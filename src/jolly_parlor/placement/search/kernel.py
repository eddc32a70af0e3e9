"""The innermost loop of the quick pass, compiled: from pressures to weighed squares.

NumPy would walk the same numbers eight times; here each level is made and used while it is in the
processor's nearest memory. Tested against the plain formula in tests/placement/test_search.py.
"""

from typing import Final

import numpy as np
from numba import njit

from jolly_parlor.placement.evenness import DIP_WEIGHT

_TILE: Final = 512
_MANTISSA: Final = np.int32(0x7FFFFF)
_SCALE: Final = np.float32(2.0**-23)
# log2(1 + m) = m + m (1 - m) P(m) within 4e-5, P fitted by Chebyshev nodes on 0 to 1.
_P0, _P1, _P2, _P3 = (np.float32(v) for v in (0.4422526, -0.2688885, 0.1502736, -0.0453034))
_DIP: Final = np.float32(DIP_WEIGHT)
_ONE: Final = np.float32(1.0)
_ZERO: Final = np.float32(0.0)
_OPTIONS: Final = {"nogil": True, "fastmath": True, "cache": True, "error_model": "numpy"}


@njit(**_OPTIONS)
def _between(pressure, f, part, taps, row, start, size, out):  # type: ignore[no-untyped-def]
    """One part of the pressure between four neighbouring rows of the coarse grid."""
    t0, t1, t2, t3 = taps[0], taps[1], taps[2], taps[3]
    for i in range(size):
        j = start + np.uint64(i)  # unsigned: numba would test a signed index for wrapping round
        near = t0 * pressure[f, part, j] + t1 * pressure[f, part, j + row]
        far = t2 * pressure[f, part, j + row + row] + t3 * pressure[f, part, j + row + row + row]
        out[i] = near + far


@njit(**_OPTIONS)
def _power(re, im, power):  # type: ignore[no-untyped-def]
    for i in range(power.size):
        power[i] = re[i] * re[i] + im[i] * im[i]


@njit(**_OPTIONS)
def _power_of_both(left_re, left_im, right_re, right_im, power):  # type: ignore[no-untyped-def]
    for i in range(power.size):
        re, im = left_re[i] + right_re[i], left_im[i] + right_im[i]
        power[i] = re * re + im * im


@njit(**_OPTIONS)
def _to_log2(bits, f, level, mean):  # type: ignore[no-untyped-def]
    """log2 of floats given as their bits. Not in place: overlapping memory is not vectorised."""
    for i in range(mean.size):
        whole = bits[i]
        m = np.float32(whole & _MANTISSA) * _SCALE
        value = np.float32(whole) * _SCALE + m * (_ONE - m) * (
            _P0 + m * (_P1 + m * (_P2 + m * _P3))
        )
        level[f, i] = value
        mean[i] += value


@njit(**_OPTIONS)
def _add_spread(level, mean, share, square, weight, out, start, size):  # type: ignore[no-untyped-def]
    """Weighted mean of d^2, d the distance from the mean, dips heavier; added to `out`."""
    square[:] = _ZERO
    weight[:] = _ZERO
    for f in range(level.shape[0]):
        for i in range(mean.size):
            d = level[f, i] - mean[i]
            w = _DIP if d < _ZERO else _ONE
            square[i] += w * d * d
            weight[i] += w
    for i in range(size):
        out[start + np.uint64(i)] += share * square[i] / weight[i]


@njit(**_OPTIONS)
def _mean_gap_squared(left, right, gap):  # type: ignore[no-untyped-def]
    """Mean over frequency of the squared difference of two sets of levels."""
    gap[:] = _ZERO
    for f in range(left.shape[0]):
        for i in range(gap.size):
            d = left[f, i] - right[f, i]
            gap[i] += d * d
    for i in range(gap.size):
        gap[i] /= np.float32(left.shape[0])


@njit(**_OPTIONS)
def add_squares(pressure, taps, row, lowest, match, deep, out):  # type: ignore[no-untyped-def]
    """Add J^2 of one ear, in (log2)^2, to `out`.

    pressure: float32 (frequencies, 4, n + 3 row): left re, im, right re, im on a coarse grid whose
    rows have `row` (uint64) places; taps: the four weights of a place between its rows. lowest:
    how many frequencies make the lowest octave. match, deep: weights. out: float32 (n,).
    """
    frequencies, n = pressure.shape[0], out.size
    left = np.empty((frequencies, _TILE), np.float32)
    right, both = np.empty_like(left), np.empty_like(left)
    parts = np.ones((4, _TILE), np.float32)
    power = np.ones(_TILE, np.float32)
    bits = power.view(np.int32)
    means = np.empty((3, _TILE), np.float32)
    low, gap = np.empty(_TILE, np.float32), np.empty(_TILE, np.float32)
    square, weight = np.empty(_TILE, np.float32), np.empty(_TILE, np.float32)
    for begin in range(0, n, _TILE):
        start, size = np.uint64(begin), min(_TILE, n - begin)
        means[:] = _ZERO
        for f in range(frequencies):
            for part in range(4):
                _between(pressure, f, part, taps, row, start, size, parts[part])
            _power(parts[0], parts[1], power)
            _to_log2(bits, f, left, means[0])
            _power(parts[2], parts[3], power)
            _to_log2(bits, f, right, means[1])
            _power_of_both(parts[0], parts[1], parts[2], parts[3], power)
            _to_log2(bits, f, both, means[2])
        low[:] = _ZERO
        for f in range(lowest):
            for i in range(_TILE):
                low[i] += both[f, i]
        means /= np.float32(frequencies)
        _add_spread(left, means[0], np.float32(0.25), square, weight, out, start, size)
        _add_spread(right, means[1], np.float32(0.25), square, weight, out, start, size)
        _add_spread(both, means[2], np.float32(0.5), square, weight, out, start, size)
        _mean_gap_squared(left, right, gap)
        for i in range(size):
            missing = max(means[2, i] - low[i] / np.float32(lowest), _ZERO)
            out[start + np.uint64(i)] += match * gap[i] + deep * missing * missing
