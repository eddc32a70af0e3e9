"""A rigid sphere for a head: what reaches an ear on it, against the free field at its middle.

    H(rho, mu, theta) = -(rho / mu) e^(i mu rho) sum over m of
                        (2 m + 1) P_m(cos theta) h_m(mu rho) / h_m'(mu),

rho the source's distance over the radius, mu = 2 pi f a / c, theta the angle between source and ear
(Duda & Martens 1998, J. Acoust. Soc. Am. 104, from memory, where time runs as e^(-i w t); here it
is turned to e^(+i w t) as everywhere else).
"""

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray

RADIUS_METRES = 0.0875
"""The usual figure (Duda & Martens)."""
EAR_DEGREES = 100.0
"""Of the ears behind straight ahead (Blauert; from memory)."""
_LEAST_MU = 1e-4


def on_sphere(
    frequencies_hz: FloatArray,
    metres: float,
    degrees: float,
    speed_of_sound: float,
    radius: float = RADIUS_METRES,
) -> ComplexArray:
    """H at one angle, (frequencies,). Raises ValueError for a source within the sphere."""
    from scipy import special

    if metres <= radius:
        raise ValueError("The source lies within the head.")
    f = np.asarray(frequencies_hz, dtype=float)
    mu = np.maximum(2 * np.pi * f * radius / speed_of_sound, _LEAST_MU)
    rho, cosine = metres / radius, np.cos(np.radians(degrees))
    total = np.zeros(mu.shape, dtype=np.complex128)
    for order in range(_orders(float(mu.max()), rho)):
        with np.errstate(all="ignore"):
            near = _hankel(order, mu, derivative=True)
            ratio = _hankel(order, mu * rho) / near
        ratio = np.where(np.isfinite(ratio), ratio, 0.0)  # both beyond what floats hold: no part
        total += (2 * order + 1) * special.eval_legendre(order, cosine) * ratio
    return np.asarray(np.conj(-(rho / mu) * np.exp(-1j * mu * rho) * total))


def _orders(mu: float, rho: float) -> int:
    """Enough of them: terms fall as rho^-m beyond mu."""
    return int(np.ceil(mu + 10 + 14 / np.log(rho))) if rho < 5 else int(np.ceil(1.5 * mu + 16))


def _hankel(order: int, x: FloatArray, derivative: bool = False) -> ComplexArray:
    from scipy import special

    real = special.spherical_jn(order, x, derivative)
    return np.asarray(real + 1j * special.spherical_yn(order, x, derivative))
