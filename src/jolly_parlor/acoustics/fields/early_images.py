"""Above the modal range: direct sound and low-order images, joined to the modes without a step.

Between 300 and 700 Hz a room's field hangs on more detail than a survey holds. What can still be
told is the direct sound and its first reflections (image sources of a box, Allen & Berkley 1979,
each surface with the plane-wave reflection factor of its admittance). It shows where early
reflections comb the response; the dense field on top is left out, so levels are less certain.
"""

from dataclasses import dataclass
from itertools import product

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.geometry.image_sources import first_reflections
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Room
from jolly_parlor.acoustics.geometry.room_admittance import surface_admittance
from jolly_parlor.acoustics.geometry.sight import in_sight
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

HIGHEST_ORDER = 2
JOIN_FROM_HZ, JOIN_TO_HZ = 300.0, 345.0
_BEHIND_A_CORNER = 0.1
"""What is left of a direct sound that an edge shades, about; a guess, so that none is silent."""


@dataclass(frozen=True, eq=False)
class Arrivals:
    """What reaches an ear one after another, the direct sound first."""

    pressure: ComplexArray
    """(arrivals, frequencies), per unit source."""
    towards: FloatArray
    """(arrivals, 3): unit vectors from the ear to where each comes from."""


class Images:
    """Images of one room up to an order of reflection, on one frequency grid.

    x' = 2 n W + (1 - 2 u) x, reflected |n - u| times at x = 0 and |n| times at x = W (Allen &
    Berkley 1979); likewise along y and z. The source itself is the first.
    """

    def __init__(self, room: Room, frequencies_hz: FloatArray, order: int = HIGHEST_ORDER) -> None:
        f = np.asarray(frequencies_hz, dtype=float)
        self._wavenumbers = 2 * np.pi * f / room.speed_of_sound
        self._betas = np.array([surface_admittance(room, name, f) for name in SURFACE_NAMES])
        each = [(n, u) for n in range(-order, order + 1) for u in (0, 1)]
        lattice = np.array(list(product(each, repeat=3)))  # (choices, axes, n and u)
        n, u = lattice[:, :, 0], lattice[:, :, 1]
        hits = np.stack([np.abs(n - u), np.abs(n)], axis=2).reshape(-1, 6)
        total = hits.sum(axis=1)
        kept = np.flatnonzero(total <= order)
        kept = kept[np.argsort(total[kept], kind="stable")]
        self.hits = hits[kept]
        """How often each surface reflects each image, (images, 6)."""
        self._shift = 2 * n[kept] * np.array(room.dimensions)
        self._sign = 1 - 2 * u[kept]

    def places(self, source: Point) -> FloatArray:
        """Where the images of a source stand, (images, 3)."""
        return np.asarray(self._shift + self._sign * source.array())

    def pressure(self, source: Point, ear: Point) -> ComplexArray:
        """Complex pressure per unit source, (frequencies,).

        Raises Refused where source and ear coincide.
        """
        return np.asarray(np.sum(self.each(source, ear).pressure, axis=0))

    def each(self, source: Point, ear: Point) -> Arrivals:
        """The direct sound and every image by itself. Raises Refused as `pressure`."""
        _apart(source, ear)
        away = self.places(source) - ear.array()
        distance = np.linalg.norm(away, axis=1)
        cosine = np.repeat(np.abs(away) / distance[:, None], 2, axis=1)[:, :, None]
        once = (cosine - self._betas) / (cosine + self._betas)
        factor = np.prod(np.where(self.hits[:, :, None] > 0, once, 1.0), axis=1)
        for more in range(2, int(self.hits.max()) + 1):
            factor *= np.prod(np.where(self.hits[:, :, None] >= more, once, 1.0), axis=1)
        turned = distance[:, None] * self._wavenumbers
        late = np.cos(turned) - 1j * np.sin(turned)  # quicker than a complex exponential
        return Arrivals(factor * late / distance[:, None], away / distance[:, None])


class SeenImages:
    """Direct sound and first reflections of a room of any shape, past its corners and things; what
    stands between source and ear takes the direct sound away (edges bend none around).
    """

    def __init__(self, room: Room, frequencies_hz: FloatArray) -> None:
        self._room = room
        f = np.asarray(frequencies_hz, dtype=float)
        self._wavenumbers = 2 * np.pi * f / room.speed_of_sound
        self._betas = {name: surface_admittance(room, name, f) for name in room.surface_names}

    def pressure(self, source: Point, ear: Point) -> ComplexArray:
        """As `Images.pressure`."""
        return np.asarray(np.sum(self.each(source, ear).pressure, axis=0))

    def each(self, source: Point, ear: Point) -> Arrivals:
        """As `Images.each`."""
        _apart(source, ear)
        direct, k = source.distance(ear), self._wavenumbers
        seen = in_sight(self._room, source, ear)
        found = [np.exp(-1j * k * direct) / direct * (1.0 if seen else _BEHIND_A_CORNER)]
        towards = [(source.array() - ear.array()) / direct]
        for reflection in first_reflections(self._room, source, ear):
            beta, r = self._betas[reflection.boundary], reflection.path_metres
            cosine = np.full(k.shape, reflection.cosine)
            found.append((cosine - beta) / (cosine + beta) * np.exp(-1j * k * r) / r)
            way = reflection.at.array() - ear.array()
            length = float(np.linalg.norm(way))
            towards.append(way / length if length > 0 else towards[0])
        return Arrivals(np.array(found), np.array(towards))


def _apart(source: Point, ear: Point) -> None:
    if source.distance(ear) < 1e-3:
        raise Refused(tr("Source and ear are at the same place; move them apart."))


def joined(modal: ComplexArray, above: ComplexArray, frequencies_hz: FloatArray) -> ComplexArray:
    """Modes up to 300 Hz, images from 345 Hz, and in between a fade of one into the other."""
    weight = 1 - faded_in(frequencies_hz, JOIN_FROM_HZ, JOIN_TO_HZ)
    return np.asarray(weight * modal + (1 - weight) * above)


def faded_in(frequencies_hz: FloatArray, from_hz: float, to_hz: float) -> FloatArray:
    """0 up to one frequency, 1 from another, a sine squared over log frequency between."""
    at = np.log(np.maximum(frequencies_hz, 1e-6) / from_hz) / np.log(to_hz / from_hz)
    return np.asarray(np.sin(np.clip(at, 0.0, 1.0) * np.pi / 2) ** 2)
