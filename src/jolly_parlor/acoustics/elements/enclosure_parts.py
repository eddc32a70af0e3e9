"""What an enclosure is made of: blocks, the planes of a roof, and the names of its walls."""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray

FLOOR, CEILING = "floor", "ceiling"
Corner3 = tuple[float, float, float]


def wall_key(number: int) -> str:
    """The key of a wall, by its number along the plan; in no language, as the others."""
    return f"wall {number}"


def opening_key(number: int) -> str:
    """The key of what is set into a wall, by its number in the room."""
    return f"opening {number}"


def thing_key(number: int) -> str:
    """The key of a thing's surface, by its number in the room."""
    return f"thing {number}"


@dataclass(frozen=True)
class Block:
    """An upright box between two corners, metres."""

    name: str
    low: Corner3
    high: Corner3

    def holds(self, points: FloatArray) -> BoolArray:
        """Which places lie inside, borders included; (..., 3)."""
        above = points >= np.array(self.low) - 1e-9
        below = points <= np.array(self.high) + 1e-9
        return np.asarray(np.all(above & below, axis=-1))


@dataclass(frozen=True)
class Roof:
    """A plane of a ceiling that rises along an axis of the plan: `knee` high at the coordinate
    `at`, the enclosure's height `reach` metres from there; way: 1 towards larger coordinates, -1
    the other.
    """

    axis: int
    at: float
    way: int
    knee: float
    reach: float
