"""A rigid sphere for a head: what reaches an ear on it, against the free field at its middle.

    H(rho, mu, theta) = -(rho / mu) e^(i mu rho) sum over m of
                        (2 m + 1) P_m(cos theta) h_m(mu rho) / h_m'(mu),

rho the source's distance over the radius, mu = 2 pi f a / c, theta the angle between source and ear
(Duda & Martens 1998, J. Acoust. Soc. Am. 104, from memory, where time runs as e^(-i w t); here it
is turned to e^(+i w t) as everywhere else). From afar h_m(mu rho) is (-i)^(m+1) e^(i mu rho) /
(mu rho), and the distance drops out.

A sphere small against the wave hears p + 3/2 a n . grad p at the ear in direction n (the same
series to its first two terms): in any field the pressure half a radius beyond the ear.
"""

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.geometry.plan import Point

RADIUS_METRES = 0.0875
"""The usual figure (Duda & Martens)."""
EAR_DEGREES = 100.0
"""Of the ears behind straight ahead (Blauert; from memory)."""
SMALL_SPHERE = 1.5
"""How many radii from its middle a small sphere hears the undisturbed field."""
_LEAST_MU = 1e-4


class Sphere:
    """The sum over orders for a source at one distance, on one frequency grid."""

    def __init__(
        self,
        frequencies_hz: FloatArray,
        speed_of_sound: float,
        metres: float | None = None,
        radius: float = RADIUS_METRES,
    ) -> None:
        """metres: from the sphere's middle to the source; None from afar. Raises ValueError for a
        source within the sphere.
        """
        if metres is not None and metres <= radius:
            raise ValueError("The source lies within the head.")
        f = np.asarray(frequencies_hz, dtype=float)
        mu = np.maximum(2 * np.pi * f * radius / speed_of_sound, _LEAST_MU)
        rho = None if metres is None else metres / radius
        orders = range(_orders(float(mu.max()), rho))
        self._parts = np.array([(2 * m + 1) * _part(m, mu, rho) for m in orders])

    def at(self, cosines: FloatArray) -> ComplexArray:
        """H by the cosine of the angle between source and ear: (directions, frequencies)."""
        from scipy import special  # imported here: starting the window need not wait for it

        orders = np.arange(len(self._parts))
        legendre = special.eval_legendre(orders, np.asarray(cosines, dtype=float)[:, None])
        return np.asarray(np.conj(legendre @ self._parts))


def ear_directions() -> FloatArray:
    """Unit vectors from the head's middle to the left and the right ear, (2, 3), of a listener who
    faces the front wall.
    """
    out, back = np.sin(np.radians(EAR_DEGREES)), -np.cos(np.radians(EAR_DEGREES))
    return np.array([[-out, back, 0.0], [out, back, 0.0]])


def ear_points(middle: Point) -> tuple[Point, Point]:
    """Where a field without the head has what left and right ear hear in it, as long as the head
    is small against the wave.
    """
    left, right = middle.array() + SMALL_SPHERE * RADIUS_METRES * ear_directions()
    return Point(*(float(v) for v in left)), Point(*(float(v) for v in right))


def _part(order: int, mu: FloatArray, rho: float | None) -> ComplexArray:
    with np.errstate(all="ignore"):
        near = _hankel(order, mu, derivative=True)
        if rho is None:
            found = -((-1j) ** (order + 1)) / (mu**2 * near)
        else:
            found = -(rho / mu) * np.exp(-1j * mu * rho) * _hankel(order, mu * rho) / near
    return np.where(np.isfinite(found), found, 0.0)  # beyond what floats hold: no part


def _orders(mu: float, rho: float | None) -> int:
    """Enough of them: terms fall as rho^-m beyond mu."""
    if rho is not None and rho < 5:
        return int(np.ceil(mu + 10 + 14 / np.log(rho)))
    return int(np.ceil(1.5 * mu + 16))


def _hankel(order: int, x: FloatArray, derivative: bool = False) -> ComplexArray:
    from scipy import special

    real = special.spherical_jn(order, x, derivative)
    return np.asarray(real + 1j * special.spherical_yn(order, x, derivative))
