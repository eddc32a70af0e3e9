"""A rigid box in a room, small against the wavelength: a cabinet, around which sound has to go.

With V its volume, M_i the air that moves with it along each of its axes (added mass over density),
c its middle and G the room's Green function (exp(-jkR) / 4 pi R near the source), it adds

    p_sc(r) = -k^2 V p(c) G(r, c) + sum_i (V + M_i) d_i p(c) d'_i G(r, c),

the first two terms of what Helmholtz's integral over its faces gives (Rayleigh scattering; of a
sphere V + M is 3/2 V: Morse and Ingard, Theoretical Acoustics, section 8.2). M is that of an
ellipsoid as long, wide and high, in closed form by Carlson's R_D, times what a box has more.

What a cabinet's own driver radiates comes from its acoustic centre, and that has the cabinet in it:
of that source only what comes back from the room goes around this cabinet.
"""

from dataclasses import dataclass
from math import pi

import numpy as np
from scipy.special import elliprd

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray

_BOX_OVER_ELLIPSOID = 1.28
"""Air that moves with a cube, by that which moves with a sphere (tests/acoustics/test_bodies.py, by
boundary elements).
"""
_STEP_METRES = 0.04
"""To either side of the middle, for gradients by differences."""


@dataclass(frozen=True)
class Body:
    """Along the room's axes, metres."""

    middle: FloatArray
    sizes: FloatArray

    @property
    def probes(self) -> FloatArray:
        """Where the field is asked for its value and gradient, (7, 3)."""
        steps = _STEP_METRES * np.eye(3)
        sides = [sign * step for step in steps for sign in (1, -1)]
        return np.asarray(self.middle + np.array([np.zeros(3), *sides]))

    @property
    def added_air(self) -> FloatArray:
        """Air that moves with it along each axis, (3,) m3."""
        a, b, c = self.sizes**2
        third = float(np.prod(self.sizes)) / 3
        share = third * np.array([elliprd(b, c, a), elliprd(a, c, b), elliprd(a, b, c)])
        return np.asarray(_BOX_OVER_ELLIPSOID * np.prod(self.sizes) * share / (1 - share))

    def scatters(
        self, heard: ComplexArray, towards: ComplexArray, wavenumbers: FloatArray
    ) -> ComplexArray:
        """What it adds in the unit of the field, (receivers, sources, frequencies).

        heard: pressure at `probes` of each source, (sources, 7, frequencies). towards: from each of
        `probes` to each receiver, (receivers, 7, frequencies).
        """
        volume = float(np.prod(self.sizes))
        every = np.ones(wavenumbers.size)
        moved = [(volume + air) * every for air in self.added_air]
        answer = np.array([-(wavenumbers**2) * volume, *moved])
        there, here = _value_and_gradient(heard), _value_and_gradient(towards)
        return np.asarray(np.einsum("rif,if,sif->rsf", here, answer, there) / (4 * pi))


def direct_sound(source: FloatArray, places: FloatArray, wavenumbers: FloatArray) -> ComplexArray:
    """Of a point in the free field, in the unit of the field, (places, frequencies)."""
    metres = np.linalg.norm(places - source, axis=1)[:, None]
    return np.asarray(np.exp(-1j * wavenumbers * metres) / metres)


def _value_and_gradient(at_probes: ComplexArray) -> ComplexArray:
    """(..., 7, frequencies) to (..., 4, frequencies)."""
    slopes = (at_probes[..., 1::2, :] - at_probes[..., 2::2, :]) / (2 * _STEP_METRES)
    return np.concatenate([at_probes[..., :1, :], slopes], axis=-2)
