"""Rigid bodies smaller than a few cubes in a room of cubes: cabinets as they stand and turn, desk
tops and chair backs between two layers of cubes.

A cube keeps the part of its volume that is air, and each of its faces the part that is open (the
locally conformal method, Tolan & Schneider 2003, J. Acoust. Soc. Am. 114, from memory), so that a
body of any turn has nearly the size and place it has, though cubes are half as large as it is.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import product

import numba
import numpy as np

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray, IntArray
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.studio.device import Body

_ACROSS = 5
"""Points looked at along each edge of a cube."""
_FACES_PER_VOLUME = 6.0
"""Open faces per volume of air no cube may exceed, or the scheme would not be stable: a sliver
counts as a little more than it is.
"""


_EDGE = 0.3
"""Of a cube: by so much a plate of closed faces acts wider at each edge than it is, where the
pressure falls steeply within the last cube (found against layers of dipoles, tests/studio).
"""


@dataclass(frozen=True, eq=False)
class CutCubes:
    """The cubes that bodies and plates cut, and their factors in the scheme."""

    volume: FloatArray
    """Part of each cube of the room that is air."""
    at: IntArray
    """Of each cut cube, (n, 3)."""
    open_faces: FloatArray
    """The part open of each of its faces, (n, 6): low and high along each axis."""

    @classmethod
    def of(
        cls, air: BoolArray, cell: float, bodies: Sequence[Body], plates: Sequence[Plate]
    ) -> "CutCubes":
        """In a room where `air` says which cubes are; a cube's index less a half, times cell, is
        its middle.
        """
        volume = air.astype(float)
        ways = [(air & np.roll(air, -1, axis)).astype(float) for axis in range(3)]
        open_ = [way.copy() for way in ways]
        for body in bodies:
            _put(body, cell, volume, open_)
        for plate in plates:
            _lay(plate, cell, open_[plate.axis])
        sides = [
            side for part, axis in zip(open_, range(3), strict=True) for side in _both(part, axis)
        ]
        whole = [
            side for part, axis in zip(ways, range(3), strict=True) for side in _both(part, axis)
        ]
        faces = np.stack(sides, axis=-1)
        cut = air & ((volume < 1) | np.any(faces < np.stack(whole, axis=-1), axis=-1))
        at = np.argwhere(cut)
        faces = faces[cut]
        total = faces.sum(axis=1)
        volume[cut] = np.maximum(volume[cut], total / _FACES_PER_VOLUME)
        return cls(volume, at, faces)


def _both(part: FloatArray, axis: int) -> tuple[FloatArray, FloatArray]:
    """Of each cube its low and its high face, of what each has to the next."""
    return np.roll(part, 1, axis), part


def _put(body: Body, cell: float, volume: FloatArray, open_: list[FloatArray]) -> None:
    low, high = body.bounds()
    first = np.maximum(np.floor(low / cell + 0.5).astype(int) - 1, 0)
    last = np.minimum(np.ceil(high / cell + 0.5).astype(int) + 2, volume.shape)
    within = tuple(slice(int(a), int(b)) for a, b in zip(first, last, strict=True))
    ticks = [np.arange(a, b) - 0.5 for a, b in zip(first, last, strict=True)]
    middles = np.stack(np.meshgrid(*ticks, indexing="ij"), axis=-1) * cell
    steps = (np.arange(_ACROSS) + 0.5) / _ACROSS - 0.5
    volume[within] *= 1 - _share(body, middles, list(product(steps, repeat=3)), cell)
    for axis in range(3):
        on_face = [np.insert(np.array(two), axis, 0.5) for two in product(steps, repeat=2)]
        open_[axis][within] *= 1 - _share(body, middles, on_face, cell)


def _share(body: Body, middles: FloatArray, steps: Sequence[object], cell: float) -> FloatArray:
    """Of the points so many cubes from each middle, the part in the body."""
    held = np.zeros(middles.shape[:-1])
    for step in steps:
        held += body.holds(middles + np.asarray(step) * cell)
    return held / len(steps)


def _lay(plate: Plate, cell: float, open_: FloatArray) -> None:
    """A thin plate onto the layer of faces next to it."""
    axis, across = plate.axis, [n for n in range(3) if n != plate.axis]
    layer = round(plate.corner[axis] / cell)
    if not 0 <= layer < open_.shape[axis]:
        return
    parts = []
    for n, size in zip(across, plate.sizes, strict=True):
        low = (np.arange(open_.shape[n]) - 1.0) * cell
        drawn = min(_EDGE * cell, size / 2)
        begin, end = plate.corner[n] + drawn, plate.corner[n] + size - drawn
        parts.append(np.clip(np.minimum(low + cell, end) - np.maximum(low, begin), 0, None) / cell)
    whole: list[slice | int] = [slice(None)] * 3
    whole[axis] = layer
    open_[tuple(whole)] *= 1 - np.outer(*parts)


@numba.njit(cache=True, fastmath=True, nogil=True)
def cut_step(new, now, old, at, faces, here, before, around):  # type: ignore[no-untyped-def]
    """One step of the scheme in the cut cubes."""
    for n in range(at.shape[0]):
        i, j, k = at[n, 0], at[n, 1], at[n, 2]
        total = faces[n, 0] * now[i - 1, j, k] + faces[n, 1] * now[i + 1, j, k]
        total += faces[n, 2] * now[i, j - 1, k] + faces[n, 3] * now[i, j + 1, k]
        total += faces[n, 4] * now[i, j, k - 1] + faces[n, 5] * now[i, j, k + 1]
        new[i, j, k] = here[n] * now[i, j, k] - before[n] * old[i, j, k] + around[n] * total
