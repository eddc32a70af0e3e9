"""The field in separable form, for weighing very many places at once.

Modes along width and length, the height summed in closed form for one pair of heights:

    p = sum_lm A_lm X_l(xs) X_l(xr) Y_m(ys) Y_m(yr),   A_lm = 4 pi g_lm(zs, zr) / (N_l N_m).

Because x and y stand apart, all pairs of distances and all pairs of sideways places are products
of two small tables. The sum fades out towards `limit_hz`; against independent solutions it is
right within 0.007 dB in the median and 0.06 dB at the 90th percentile from 20 to 300 Hz
(tests/acoustics/test_separable.py).
"""

from math import pi

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.impedance_box import BoxField

_LIMIT_HZ = 900.0


class HorizontalField:
    """The field between two heights; arrays are (frequencies, width modes, length modes)."""

    def __init__(
        self, field: BoxField, source_z: float, receiver_z: float, limit_hz: float = _LIMIT_HZ
    ) -> None:
        self.frequencies_hz = field.frequencies_hz
        flat = _Flat(field, limit_hz)
        self._width, self._length = flat.width, flat.length
        shape = (field.frequencies_hz.size, self._width.u.shape[1], self._length.u.shape[1])
        self.coupling: ComplexArray = np.zeros(shape, dtype=np.complex128)
        line = field.line(2, flat.kappa2, source_z, receiver_z)
        self.coupling[:, flat.m, flat.n] = flat.weights * line

    def across(self, xs: FloatArray) -> ComplexArray:
        """X_l at each sideways place: (frequencies, places, width modes)."""
        return self._width.shapes(xs)

    def along(self, ys: FloatArray) -> ComplexArray:
        """Y_m at each distance from the front wall: (frequencies, places, length modes)."""
        return self._length.shapes(ys)

    def coupled_with(self, x: float, y: float) -> ComplexArray:
        """The coupling with one place folded in, (frequencies, width modes, length modes): what is
        left to multiply are the shapes at the other end.
        """
        here_x, here_y = self.across(np.array([x]))[:, 0], self.along(np.array([y]))[:, 0]
        return np.asarray(self.coupling * here_x[:, :, None] * here_y[:, None, :])

    def pressure(self, source_xy: FloatArray, receiver_xy: FloatArray) -> ComplexArray:
        """Pressure from one place to one other, (frequencies,); the tables do this in bulk."""
        x = self.across(np.array([source_xy[0], receiver_xy[0]]))
        y = self.along(np.array([source_xy[1], receiver_xy[1]]))
        products = (x[:, 0] * x[:, 1])[:, :, None] * (y[:, 0] * y[:, 1])[:, None, :]
        return np.asarray(np.sum(self.coupling * products, axis=(1, 2)))


def section(
    field: BoxField,
    source: FloatArray,
    y: float,
    xs: FloatArray,
    zs: FloatArray,
    limit_hz: float = _LIMIT_HZ,
) -> ComplexArray:
    """Pressure of one source over an upright section across the room at a distance y from the
    front wall, (frequencies, zs, xs). The same sum as `HorizontalField`, for many heights at once.
    """
    flat = _Flat(field, limit_hz)
    line = field.line(2, flat.kappa2, float(source[2]), zs[:, None, None])
    along = flat.length.shape(float(source[1])) * flat.length.shape(y)
    line *= flat.weights * flat.width.shape(float(source[0]))[:, flat.m] * along[:, flat.n]
    starts = np.flatnonzero(np.diff(flat.m, prepend=-1))  # pairs come sorted by width mode
    across = flat.width.shapes(xs).transpose(0, 2, 1)
    per_width_mode = np.add.reduceat(line, starts, axis=2).transpose(1, 0, 2)
    return np.asarray(np.matmul(per_width_mode, across[:, : starts.size]))


class _Flat:
    """The pairs of width and length modes below a limit, with what hangs on no place."""

    def __init__(self, field: BoxField, limit_hz: float) -> None:
        self.width, self.length = field.axis_modes(0, limit_hz), field.axis_modes(1, limit_hz)
        m, n = self.m, self.n = field.pairs_below(self.width, self.length, limit_hz)
        self.kappa2: ComplexArray = (
            field.wavenumbers[:, None] ** 2 - self.width.u[:, m] - self.length.u[:, n]
        )
        half = field.speed_of_sound / 2
        rigid = np.hypot(half * m / self.width.length, half * n / self.length.length)
        norms = self.width.norm[:, m] * self.length.norm[:, n]
        self.weights: ComplexArray = 4 * pi * _taper(rigid, limit_hz) / norms


def _taper(rigid_hz: FloatArray, limit_hz: float) -> FloatArray:
    """1 up to half the limit, falling to 0 at it as a squared cosine.

    A sharp cut rings in space and costs 2 dB; a soft one only blurs the source by centimetres.
    """
    share = np.clip((rigid_hz / limit_hz - 0.5) / 0.5, 0.0, 1.0)
    return np.asarray(np.cos(share * pi / 2) ** 2)
