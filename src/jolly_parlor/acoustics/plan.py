"""The plan: places in the room and the polygon of its floor.

Coordinates in metres, right-handed: origin at the front-left floor corner as the listener faces
the front wall, x to the right, y from the front wall towards the back, z up. A polygon goes round
counter-clockwise as mathematics draws it; its least x and y are 0.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from math import hypot, sqrt
from typing import Annotated

import numpy as np
from annotated_types import Ge, Le

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.strict import STRICT

Coordinate = Annotated[float, Ge(-100.0), Le(100.0)]
Corner = tuple[Coordinate, Coordinate]
Polygon = tuple[Corner, ...]
_SAME = 1e-6


@dataclass(frozen=True)
class Point:
    """A position in metres."""

    __pydantic_config__ = STRICT

    x: Coordinate
    y: Coordinate
    z: Coordinate

    def array(self) -> FloatArray:
        """x, y, z as an array of shape (3,)."""
        return np.array([self.x, self.y, self.z])

    def distance(self, other: "Point") -> float:
        """Straight distance in metres."""
        return sqrt((self.x - other.x) ** 2 + (self.y - other.y) ** 2 + (self.z - other.z) ** 2)


def rectangle(width: float, length: float) -> Polygon:
    """The plan of a box, its first edge the front wall."""
    return ((0.0, 0.0), (width, 0.0), (width, length), (0.0, length))


def edges(plan: Polygon) -> list[tuple[Corner, Corner]]:
    """Start and end of each wall."""
    return [(plan[i], plan[(i + 1) % len(plan)]) for i in range(len(plan))]


def edge_length(edge: tuple[Corner, Corner]) -> float:
    """Metres."""
    (x0, y0), (x1, y1) = edge
    return hypot(x1 - x0, y1 - y0)


def measured_from_start(edge: tuple[Corner, Corner]) -> bool:
    """Whether lengths along a wall are measured from where its edge begins: from the end nearer
    the front, of two as near the one nearer the left.
    """
    (x0, y0), (x1, y1) = edge
    return (y0, x0) <= (y1, x1)


def area(plan: Polygon) -> float:
    """Square metres, positive when it goes round counter-clockwise (the shoelace formula)."""
    return sum(x0 * y1 - x1 * y0 for (x0, y0), (x1, y1) in edges(plan)) / 2


def is_rectangle(plan: Polygon) -> bool:
    """Whether the polygon is an axis-parallel rectangle from the origin."""
    if len(plan) != 4:
        return False
    width, length = (max(c[i] for c in plan) for i in (0, 1))
    wanted = rectangle(width, length)
    first = next((i for i, corner in enumerate(plan) if corner == (0.0, 0.0)), None)
    return first is not None and tuple(plan[first:] + plan[:first]) == wanted


def is_rectilinear(plan: Polygon) -> bool:
    """Whether every wall runs along an axis."""
    return all(x0 == x1 or y0 == y1 for (x0, y0), (x1, y1) in edges(plan))


def begun_at_origin(plan: Polygon) -> int:
    """Which corner lies foremost, of several the leftmost: where a plan is written from."""
    return min(range(len(plan)), key=lambda i: (plan[i][1], plan[i][0]))


def polygon_problem(plan: Polygon) -> str:
    """What a plan cannot be, in a sentence; empty when it is sound."""
    if len(plan) < 3:
        return "The plan needs three corners or more."
    if min(x for x, _ in plan) != 0 or min(y for _, y in plan) != 0:
        return "The plan must touch the axes: its least x and its least y are 0."
    if any(edge_length(edge) < _SAME for edge in edges(plan)):
        return "Two corners of the plan are at the same place."
    if _crosses(plan):
        return "Two walls of the plan cross each other."
    if area(plan) <= 0:
        return "The corners of the plan must go round counter-clockwise: x right, y to the back."
    return ""


def _crosses(plan: Polygon) -> bool:
    every = edges(plan)
    for i, (a, b) in enumerate(every):
        for j in range(i + 1, len(every)):
            if j == i + 1 or (i == 0 and j == len(every) - 1):
                continue
            c, d = every[j]
            if _side(a, b, c) * _side(a, b, d) <= 0 and _side(c, d, a) * _side(c, d, b) <= 0:
                return True
    return False


def _side(a: Sequence[float], b: Sequence[float], p: Sequence[float]) -> float:
    """On which side of the line from a to b a corner lies: positive to its left."""
    return (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0])
