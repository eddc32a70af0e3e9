"""Which surfaces of a room are near enough to a plate to mirror it."""

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.plan import edges
from jolly_parlor.acoustics.geometry.room import Room

_TOUCHES = 1e-6


def bounds_around(room: Room, plate: Plate) -> tuple[FloatArray, FloatArray]:
    """Low and high ends along each axis, (3,) metres: floor, ceiling (its lowest above the plate's
    middle) and the nearest walls that run along an axis beside the plate; infinite where none does.
    """
    low, high = np.array(plate.corner), np.array(plate.corner)
    high[list(plate.along)] += plate.sizes
    middle = (low + high) / 2
    found = np.full(3, -np.inf), np.full(3, np.inf)
    lid = float(room.ceiling_at(np.array(middle[0]), np.array(middle[1])))
    found[0][2], found[1][2] = 0.0, lid
    for (x0, y0), (x1, y1) in edges(room.plan):
        for axis, at, ends in ((0, x0, (y0, y1)), (1, y0, (x0, x1))):
            if (x0, y0)[axis] != (x1, y1)[axis]:
                continue
            other = 1 - axis
            beside = max(ends) > low[other] + _TOUCHES and min(ends) < high[other] - _TOUCHES
            if beside and at <= middle[axis]:
                found[0][axis] = max(found[0][axis], at)
            elif beside:
                found[1][axis] = min(found[1][axis], at)
    return found
