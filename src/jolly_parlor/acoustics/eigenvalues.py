"""Complex eigenvalues of one axis of a box with locally reacting ends.

X'' + u X = 0 on [0, L], X'(0) = j k b0 X(0), X'(L) = -j k b1 X(L), time factor exp(+j w t):
(Kuttruff, Room Acoustics, normal modes in rectangular rooms with non-rigid walls). With
a = j k b0 the shape is X(x) = cos qx + (a / q) sin qx, q = sqrt(u), and u solves

    F(u) = j k (b0 + b1) cos qL - (u + k^2 b0 b1) sin(qL) / q = 0,

an entire function of u. The roots start at the rigid values (n pi / L)^2 and are followed while
the admittances grow from zero to their value, a few Newton steps each time.
"""

from dataclasses import dataclass
from functools import cached_property
from threading import Lock

import numpy as np
from cachetools import LRUCache

from jolly_parlor.acoustics.arrays import (
    AdmittanceArray,
    ComplexArray,
    FloatArray,
    IntArray,
    cos_sin,
)
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_SMALLEST_ADMITTANCE = 1e-7  # keeps q of the zeroth mode away from 0, where X is 0/0 in floats


class EigenvalueError(Refused):
    """The roots of an axis could not be followed; the admittances are beyond the model."""


@dataclass(frozen=True)
class AxisModes:
    """Modes of one axis: eigenvalues u and norms, both of shape (frequencies, modes)."""

    length: float
    start_factor: ComplexArray
    """j k b0, shape (frequencies, 1)."""
    u: ComplexArray
    norm: ComplexArray
    """The integral of X squared over the axis (not of |X|^2: the problem is complex symmetric)."""

    def first(self, count: int) -> "AxisModes":
        """The same axis with its lowest `count` modes only."""
        return AxisModes(self.length, self.start_factor, self.u[:, :count], self.norm[:, :count])

    def at(self, rows: IntArray) -> "AxisModes":
        """The same axis at some of its frequencies only."""
        return AxisModes(self.length, self.start_factor[rows], self.u[rows], self.norm[rows])

    @cached_property
    def _roots(self) -> tuple[ComplexArray, ComplexArray]:
        q: ComplexArray = np.sqrt(self.u)
        return q, np.asarray(self.start_factor / q)

    def shape(self, position: float) -> ComplexArray:
        """X at a position along the axis in metres, shape (frequencies, modes)."""
        return self.shapes(np.array([position]))[:, 0]

    def shapes(self, positions: FloatArray) -> ComplexArray:
        """X at several positions, shape (frequencies, positions, modes)."""
        q, sideways = self._roots
        cos, sin = cos_sin(q[:, None, :] * positions[:, None])
        sin *= sideways[:, None, :]
        cos += sin
        return cos


def axis_modes(
    length: float,
    wavenumbers: FloatArray,
    start_admittance: AdmittanceArray,
    end_admittance: AdmittanceArray,
    count: int,
) -> AxisModes:
    """The first `count` modes of an axis at each wavenumber.

    length in metres, wavenumbers in 1/m and admittances of shape (frequencies,).
    Raises EigenvalueError when roots merge or are not met.
    """
    k = wavenumbers[:, None]
    b0 = _off_zero(start_admittance)
    b1 = _off_zero(end_admittance)
    for steps in (6, 24, 96):
        u = _follow(length, k, b0, b1, count, steps)
        if _all_found(length, k, b0, b1, u):
            factor: ComplexArray = np.asarray(1j * k * b0, dtype=np.complex128)
            return AxisModes(length, factor, u, _norm(length, factor, u))
    raise EigenvalueError(
        tr(
            "The eigenvalues of the {length:.2f} m axis could not be followed; "
            "one of its two surfaces absorbs too much for this model.",
            length=length,
        )
    )


_KNOWN: LRUCache[tuple[object, ...], AxisModes] = LRUCache(
    12_000_000, lambda found: int(found.u.nbytes + found.norm.nbytes)
)
_LOCK = Lock()


def known_axis_modes(
    length: float,
    wavenumbers: FloatArray,
    start_admittance: AdmittanceArray,
    end_admittance: AdmittanceArray,
    count: int,
) -> AxisModes:
    """As `axis_modes`; the last few axes are kept, since every room made of another (with one
    surface taken away, of another document, turned) has most of its axes in common with it.
    """
    arrays = (wavenumbers, start_admittance, end_admittance)
    key = (length, count, *((a.dtype.char, a.tobytes()) for a in arrays))
    with _LOCK:
        found = _KNOWN.get(key)
    if found is None:
        found = axis_modes(length, *arrays, count)
        with _LOCK:
            _KNOWN[key] = found
    return found


def axis_modes_near(
    known: AxisModes,
    length: float,
    wavenumbers: FloatArray,
    start_admittance: AdmittanceArray,
    end_admittance: AdmittanceArray,
) -> AxisModes:
    """The modes of an axis a little longer, shorter, softer or harder than a known one: its roots
    are followed by a few Newton steps from where they were.

    Raises EigenvalueError where the step was too large for that.
    """
    k = wavenumbers[:, None]
    b0 = _off_zero(start_admittance)
    b1 = _off_zero(end_admittance)
    u = known.u
    for _ in range(3):
        value, slope = _characteristic(length, k, b0, b1, u)
        u = u - value / slope
    if not _all_found(length, k, b0, b1, u):
        raise EigenvalueError(tr("The eigenvalues could not be followed over so large a step."))
    factor: ComplexArray = np.asarray(1j * k * b0, dtype=np.complex128)
    return AxisModes(length, factor, u, _norm(length, factor, u))


def _off_zero(admittance: AdmittanceArray) -> AdmittanceArray:
    """(frequencies, 1), never quite rigid."""
    hard = np.abs(admittance) < _SMALLEST_ADMITTANCE
    return np.asarray(np.where(hard, _SMALLEST_ADMITTANCE, admittance))[:, None]


def _characteristic(
    length: float, k: FloatArray, b0: AdmittanceArray, b1: AdmittanceArray, u: ComplexArray
) -> tuple[ComplexArray, ComplexArray]:
    """F(u) and dF/du."""
    q: ComplexArray = np.sqrt(u)
    cosine, sine_q = cos_sin(np.asarray(q * length))
    sine_q /= q
    a, p = 1j * k * (b0 + b1), k**2 * b0 * b1
    value = a * cosine - (u + p) * sine_q
    # d cos(qL)/du = -L sin(qL)/(2q);  d (sin(qL)/q)/du = (L cos(qL) - sin(qL)/q) / (2u)
    slope = -a * length / 2 * sine_q - sine_q - (u + p) * (length * cosine - sine_q) / (2 * u)
    return np.asarray(value), np.asarray(slope)


def _follow(
    length: float, k: FloatArray, b0: AdmittanceArray, b1: AdmittanceArray, count: int, steps: int
) -> ComplexArray:
    n = np.arange(count)
    rigid = (n * np.pi / length) ** 2
    # First-order start: u_n + j k (b0 + b1) e_n / L with e_0 = 1, e_n = 2 (also keeps u_0 off 0).
    share = np.where(n == 0, 1.0, 2.0)
    u: ComplexArray = np.asarray(rigid + 1j * k * (b0 + b1) / steps * share / length)
    for step in range(1, steps + 1):
        scale = step / steps
        for _ in range(4):
            value, slope = _characteristic(length, k, b0 * scale, b1 * scale, u)
            u = u - value / slope
    return np.asarray(u)


def _all_found(
    length: float, k: FloatArray, b0: AdmittanceArray, b1: AdmittanceArray, u: ComplexArray
) -> bool:
    if not np.all(np.isfinite(u)):
        return False
    value, slope = _characteristic(length, k, b0, b1, u)
    still_moving = np.abs(value / slope) > 1e-8 * (1.0 + np.abs(u))
    ordered = np.sort(u.real, axis=1)  # a pair that merged leaves two equal entries
    by_real = np.take_along_axis(u, np.argsort(u.real, axis=1), axis=1)
    merged = np.abs(np.diff(by_real, axis=1)) < 1e-4 * (1.0 + np.abs(ordered[:, 1:]))
    return not (np.any(still_moving) or np.any(merged))


def _norm(length: float, factor: ComplexArray, u: ComplexArray) -> ComplexArray:
    q: ComplexArray = np.sqrt(u)
    ratio2 = factor**2 / u
    cosine, sine = cos_sin(np.asarray(q * length))  # sin(2 q L) = 2 sin(q L) cos(q L)
    return np.asarray(
        length / 2 * (1 + ratio2) + (1 - ratio2) * sine * cosine / (2 * q) + factor * sine**2 / u
    )
