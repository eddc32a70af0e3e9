"""The sound field of a box room with impedance surfaces: the model of record.

Modes in two axes; the third, in which source and receiver lie farthest apart, is summed in
closed form as a transmission line between its two end reflections. With u_m, u_n the
eigenvalues of the two modal axes and kappa^2 = k^2 - u_m - u_n (Im kappa <= 0),

    p = 4 pi sum_mn X_m(s) X_m(r) Y_n(s) Y_n(r) / (N_m N_n) g_mn,
    g = [e(d) + R0 e(s + r) + R1 e(2L - s - r) + R0 R1 e(2L - d)] / (2 j kappa (1 - R0 R1 e(2L))),

e(x) = exp(-j kappa x), R = (kappa - k beta) / (kappa + k beta). Unit: a free-field source gives
exp(-jkr) / r, so 0 dB is the level at 1 m. The classical Green's function of a duct, applied to
a closed one; checked against independent finite-difference solutions in tests/acoustics.
"""

from math import ceil, pi, sqrt

import numpy as np
from numpy.typing import ArrayLike

from jolly_parlor.acoustics.arrays import (
    AdmittanceArray,
    ComplexArray,
    FloatArray,
    IntArray,
    decimated_rows,
    exp_j,
)
from jolly_parlor.acoustics.eigenvalues import AxisModes, known_axis_modes
from jolly_parlor.acoustics.eigenvalues import axis_modes_near as modes_near
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

CLOSEST_METRES = 0.05
"""Closer than this along every axis the sum would not converge."""
_LOWEST_MODE_LIMIT_HZ = 450.0
_USUAL_MODE_LIMIT_HZ = 800.0  # found at once; more only where source and receiver are close
_HIGHEST_MODE_LIMIT_HZ = 2400.0
_DECAY_NEPERS = 7.0  # modes left out of the sum have fallen by at least this over the third axis


class BoxField:
    """Transfer functions of one box room on one frequency grid.

    dimensions: width (x), length (y), height (z) in metres.
    admittances: shape (6, frequencies), the surfaces x=0, x=W, y=0, y=L, z=0, z=H.
    Eigenvalues are found once per axis and reused for every position.
    """

    def __init__(
        self,
        dimensions: ArrayLike,
        admittances: AdmittanceArray,
        frequencies_hz: FloatArray,
        speed_of_sound: float,
    ) -> None:
        self.dimensions = np.asarray(dimensions, dtype=float)
        self.frequencies_hz = np.asarray(frequencies_hz, dtype=float)
        if self.dimensions.shape != (3,) or np.any(self.dimensions <= 0):
            raise Refused(tr("A box room needs three dimensions greater than zero."))
        self.admittances = np.asarray(admittances)
        if self.admittances.shape != (6, self.frequencies_hz.size):
            raise ValueError("admittances must have shape (6, frequencies)")
        self.speed_of_sound = speed_of_sound
        self.wavenumbers = 2 * pi * self.frequencies_hz / speed_of_sound
        self._axes: dict[int, AxisModes] = {}

    def pressure(self, source: ArrayLike, receiver: ArrayLike) -> ComplexArray:
        """Complex pressure at the receiver per unit source, shape (frequencies,).

        Positions in metres inside the room. Raises Refused for a position outside it and
        where the two are closer than 5 cm along every axis (the sum would not converge).
        """
        s, r = self._inside(source, "source"), self._inside(receiver, "receiver")
        third = int(np.argmax(np.abs(s - r)))
        if abs(s[third] - r[third]) < CLOSEST_METRES:
            raise Refused(tr("Source and receiver are closer than 5 cm; move them apart."))
        return self.closed_along(third, s, r)

    def closed_along(self, third: int, s: FloatArray, r: FloatArray) -> ComplexArray:
        """The sum with that axis (0 to 2) in closed form. All three give the same field; it
        converges fastest along the largest separation, which `pressure` takes.
        """
        first, second = [axis for axis in range(3) if axis != third]
        limit = self.mode_limit(float(abs(s[third] - r[third])))
        a, b = self.axis_modes(first, limit), self.axis_modes(second, limit)
        m, n = self.pairs_below(a, b, limit)
        weight = (a.shape(s[first]) * a.shape(r[first]) / a.norm)[:, m]
        weight = weight * (b.shape(s[second]) * b.shape(r[second]) / b.norm)[:, n]
        kappa2 = self.wavenumbers[:, None] ** 2 - a.u[:, m] - b.u[:, n]
        line = self.line(third, kappa2, s[third], r[third])
        return np.asarray(4 * pi * np.sum(weight * line, axis=1))

    def of_mode(
        self, order: tuple[int, int, int], source: ArrayLike, receiver: ArrayLike
    ) -> ComplexArray:
        """What one standing wave brings, (frequencies,): its term of the sum with all three axes
        by modes, 4 pi prod_i X_i(s) X_i(r) / N_i / (u_l + u_m + u_n - k^2).
        """
        s, r = self._inside(source, "source"), self._inside(receiver, "receiver")
        term: ComplexArray = np.full(self.wavenumbers.size, 4 * pi, dtype=np.complex128)
        apart: ComplexArray = np.asarray(-(self.wavenumbers**2), dtype=np.complex128)
        for axis, number in enumerate(order):
            limit = (number + 0.5) * self.speed_of_sound / (2 * float(self.dimensions[axis]))
            one = self.axis_modes(axis, limit)
            shapes = one.shapes(np.array([s[axis], r[axis]]))[:, :, number]
            term = term * shapes[:, 0] * shapes[:, 1] / one.norm[:, number]
            apart = apart + one.u[:, number]
        return np.asarray(term / apart)

    def with_admittance(self, surface: int, admittance: float) -> "BoxField":
        """The same room with one surface (0 to 5, in the order above) of another admittance."""
        beta = self.admittances.copy()
        beta[surface] = admittance
        other = BoxField(self.dimensions, beta, self.frequencies_hz, self.speed_of_sound)
        other._axes = {axis: m for axis, m in dict(self._axes).items() if axis != surface // 2}
        return other

    def perturbed(self, axis: int, length: float, admittances: AdmittanceArray) -> "BoxField":
        """The same room with one axis (0 to 2) slightly other: its length and the admittances of
        its two ends, (2, frequencies). What is known of the other axes is kept.
        """
        dimensions, beta = self.dimensions.copy(), self.admittances.copy()
        if np.iscomplexobj(admittances) and not np.iscomplexobj(beta):
            beta = beta.astype(np.complex128)
        dimensions[axis], beta[2 * axis : 2 * axis + 2] = length, admittances
        other = BoxField(dimensions, beta, self.frequencies_hz, self.speed_of_sound)
        other._axes = {known: modes for known, modes in dict(self._axes).items() if known != axis}
        if axis in self._axes:
            known = self._axes[axis]
            other._axes[axis] = modes_near(known, length, self.wavenumbers, *admittances)
        return other

    def decimated(self, step: int) -> "BoxField":
        """The same room on every step-th frequency, first and last kept; eigenvalues shared."""
        return self.at_rows(decimated_rows(self.frequencies_hz.size, step))

    def at_rows(self, rows: IntArray) -> "BoxField":
        """The same room at some of its frequencies only, given by index; eigenvalues shared."""
        other = BoxField(
            self.dimensions,
            self.admittances[:, rows],
            self.frequencies_hz[rows],
            self.speed_of_sound,
        )
        other._axes = {axis: modes.at(rows) for axis, modes in dict(self._axes).items()}
        return other

    def _inside(self, position: ArrayLike, what: str) -> FloatArray:
        point = np.asarray(position, dtype=float)
        if point.shape != (3,) or np.any(point < 0) or np.any(point > self.dimensions):
            where = ", ".join(f"{value:.2f}" for value in np.atleast_1d(point))
            raise Refused(
                tr(
                    "The {what} at ({where}) m is outside the room; move it inside.",
                    what=what,
                    where=where,
                )
            )
        return point

    def mode_limit(self, distance: float) -> float:
        """Hz up to which modes are summed for a separation in metres along the third axis."""
        top = float(self.frequencies_hz[-1])
        reach = _DECAY_NEPERS * self.speed_of_sound / (2 * pi * distance)
        return min(max(_LOWEST_MODE_LIMIT_HZ, sqrt(top**2 + reach**2)), _HIGHEST_MODE_LIMIT_HZ)

    def pairs_below(self, a: AxisModes, b: AxisModes, limit_hz: float) -> tuple[IntArray, IntArray]:
        """Pairs of modes of two axes whose rigid eigenfrequency lies below the limit."""
        half = self.speed_of_sound / 2
        fa = half * np.arange(a.u.shape[1]) / a.length
        fb = half * np.arange(b.u.shape[1]) / b.length
        m, n = np.nonzero(fa[:, None] ** 2 + fb[None, :] ** 2 <= limit_hz**2)
        return m, n

    def axis_modes(self, axis: int, limit_hz: float) -> AxisModes:
        """Modes of one axis (0 to 2) up to a frequency; found once and kept."""
        length = float(self.dimensions[axis])
        needed = self._count(length, limit_hz)
        known = self._axes.get(axis)  # another thread may put a larger one there at any time
        if known is None or known.u.shape[1] < needed:
            known = self._axes[axis] = known_axis_modes(
                length,
                self.wavenumbers,
                self.admittances[2 * axis],
                self.admittances[2 * axis + 1],
                max(needed, self._count(length, _USUAL_MODE_LIMIT_HZ)),
            )
        return known.first(needed)

    def _count(self, length: float, limit_hz: float) -> int:
        return ceil(2 * length * limit_hz / self.speed_of_sound) + 1

    def line(
        self, axis: int, kappa2: ComplexArray, s: float, r: float | FloatArray
    ) -> ComplexArray:
        """Green's function of the third axis for every mode pair, (frequencies, pairs). With
        several r, of shape (places, 1, 1): (places, frequencies, pairs).
        """
        length, k = self.dimensions[axis], self.wavenumbers[:, None]
        kappa = -1j * np.sqrt(-kappa2)  # Re sqrt >= 0, so every exponential below decays
        kb0 = k * self.admittances[2 * axis][:, None]
        kb1 = k * self.admittances[2 * axis + 1][:, None]
        r0, r1 = (kappa - kb0) / (kappa + kb0), (kappa - kb1) / (kappa + kb1)
        near, far = np.minimum(s, r), np.maximum(s, r)
        direct = exp_j(-(far - near) * kappa)
        to_start, to_end = exp_j(-2 * near * kappa), exp_j(-2 * (length - far) * kappa)
        # Factored: (1 + R0 e(2 near)) (1 + R1 e(2 (L - far))) e(d) has the same four terms.
        reflection = (1 + r0 * to_start) * (1 + r1 * to_end) * direct
        closed = 1 - r0 * r1 * to_start * to_end * direct**2
        return np.asarray(reflection / (2j * kappa * closed))
