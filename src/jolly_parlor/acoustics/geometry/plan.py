"""The plan: places in the room and the polygon of its floor.

Coordinates in metres, right-handed: origin at the front-left floor corner as the listener faces
the front wall, x to the right, y from the front wall towards the back, z up. A polygon goes round
counter-clockwise as mathematics draws it; its least x and y are 0.
"""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from itertools import pairwise
from math import hypot, sqrt
from typing import Annotated, Any, Literal

import numpy as np
from annotated_types import Ge, Le

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray
from jolly_parlor.strict import STRICT
from jolly_parlor.words import tr

Coordinate = Annotated[float, Ge(-100.0), Le(100.0)]
Corner = tuple[Coordinate, Coordinate]
Polygon = tuple[Corner, ...]
WallSide = Literal["front", "right", "back", "left"]
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


def polygon_problem(plan: Polygon, names: Sequence[str] = ()) -> str:
    """What a plan cannot be, in a sentence; empty when it is sound. names: of its walls, to say
    which.
    """
    if len(plan) < 3:
        return tr("The plan needs three corners or more.")
    if min(x for x, _ in plan) != 0 or min(y for _, y in plan) != 0:
        return tr("The plan must touch the axes: its least x and its least y are 0.")
    if any(edge_length(edge) < _SAME for edge in edges(plan)):
        return tr("Two corners of the plan are at the same place.")
    if crossing := _crossing(plan):
        if len(names) != len(plan):
            return tr("Two walls of the plan cross each other.")
        one, other = (names[n] for n in crossing)
        return tr(
            "The walls “{one}” and “{other}” cross each other; move one of them.",
            one=one,
            other=other,
        )
    if area(plan) <= 0:
        return tr(
            "The corners of the plan must go round counter-clockwise: x right, y to the back."
        )
    return ""


def _crossing(plan: Polygon) -> tuple[int, int] | None:
    """Two walls that meet where they should not."""
    every = edges(plan)
    for i, one in enumerate(every):
        for j in range(i + 1, len(every)):
            if j == i + 1 or (i == 0 and j == len(every) - 1):
                continue
            if _meet(one, every[j]):
                return i, j
    return None


def _meet(one: tuple[Corner, Corner], other: tuple[Corner, Corner]) -> bool:
    (a, b), (c, d) = one, other
    sides = _side(a, b, c), _side(a, b, d), _side(c, d, a), _side(c, d, b)
    if all(abs(side) < 1e-9 for side in sides):  # on one line: do they overlap?
        axis = 0 if abs(b[0] - a[0]) > abs(b[1] - a[1]) else 1
        low, high = sorted((a[axis], b[axis])), sorted((c[axis], d[axis]))
        return low[0] < high[1] - _SAME and high[0] < low[1] - _SAME
    return sides[0] * sides[1] <= 0 and sides[2] * sides[3] <= 0


def _side(a: Sequence[float], b: Sequence[float], p: Sequence[float]) -> float:
    """On which side of the line from a to b a corner lies: positive to its left."""
    return (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0])


def inside(plan: Polygon, x: FloatArray, y: FloatArray) -> BoolArray:
    """Whether places lie within a polygon, by counting the edges crossed on the way right."""
    within = np.zeros(np.shape(x), dtype=bool)
    for crossed in _crossed(plan, x, y):
        within ^= crossed
    return within


def holds(plan: Polygon, x: float, y: float) -> bool:
    """Whether a place lies within a polygon or on its border."""
    if sum(_crossed(plan, x, y)) % 2:
        return True
    return any(distance_to(edge, (x, y)) < _SAME for edge in edges(plan))


def _crossed(plan: Polygon, x: Any, y: Any) -> Iterator[Any]:
    """Of each edge, whether it lies to the right of places: numbers or arrays of them alike."""
    for (x0, y0), (x1, y1) in edges(plan):
        if y0 != y1:
            yield ((y0 > y) != (y1 > y)) & (x < (x1 - x0) * (y - y0) / (y1 - y0) + x0)


def distance_to(edge: tuple[Corner, Corner], place: tuple[float, float]) -> float:
    """Metres from a place to the nearest point of an edge."""
    (x0, y0), (x1, y1) = edge
    dx, dy = x1 - x0, y1 - y0
    share = ((place[0] - x0) * dx + (place[1] - y0) * dy) / (dx * dx + dy * dy)
    share = min(max(share, 0.0), 1.0)
    return hypot(place[0] - x0 - share * dx, place[1] - y0 - share * dy)


def inward(edge: tuple[Corner, Corner]) -> tuple[float, float]:
    """The unit direction from a wall into the room, square to it."""
    (x0, y0), (x1, y1) = edge
    length = hypot(x1 - x0, y1 - y0)
    return -(y1 - y0) / length, (x1 - x0) / length


def direction(edge: tuple[Corner, Corner]) -> WallSide:
    """Which way one looks when facing a wall from inside; of a slanted one, the nearest."""
    (x0, y0), (x1, y1) = edge
    out_x, out_y = y1 - y0, x0 - x1
    if abs(out_x) > abs(out_y):
        return "right" if out_x > 0 else "left"
    return "back" if out_y > 0 else "front"


def walk_until_wall(plan: Polygon, start: tuple[float, float], way: tuple[float, float]) -> float:
    """Metres from a place within a polygon, straight along a unit direction, to the first edge;
    those that begin where one stands are passed.
    """
    nearest = float("inf")
    for (x0, y0), (x1, y1) in edges(plan):
        dx, dy = x1 - x0, y1 - y0
        across = way[0] * dy - way[1] * dx
        if abs(across) < 1e-12:
            continue
        away = ((x0 - start[0]) * dy - (y0 - start[1]) * dx) / across
        along = ((x0 - start[0]) * way[1] - (y0 - start[1]) * way[0]) / across
        if away > _SAME and -1e-9 <= along <= 1 + 1e-9:
            nearest = min(nearest, away)
    return nearest


_STAIR = 0.05


def beyond(plan: Polygon) -> list[tuple[float, float, float, float]]:
    """Rectangles (x, y, width, depth) that cover what of the plan's bounds lies outside it; along a
    slanted wall in steps of 5 cm that reach in rather than out.
    """
    xs, ys = (_lines(plan, axis) for axis in (0, 1))
    found = []
    for y0, y1 in pairwise(ys):
        begun: float | None = None
        for x0, x1 in pairwise([*xs, xs[-1] + 1.0]):
            out = x0 < xs[-1] and not _whole_cell_inside(plan, x0, y0, x1, y1)
            if out and begun is None:
                begun = x0
            elif not out and begun is not None:
                found.append((begun, y0, x0 - begun, y1 - y0))
                begun = None
    return found


def _lines(plan: Polygon, axis: int) -> list[float]:
    """Coordinates of all corners, and 5 cm steps between the ends of slanted edges."""
    found = {corner[axis] for corner in plan}
    for a, b in edges(plan):
        if a[0] != b[0] and a[1] != b[1]:
            low, high = sorted((a[axis], b[axis]))
            found |= set(np.linspace(low, high, int((high - low) / _STAIR) + 2).tolist())
    return sorted(found)


def _whole_cell_inside(plan: Polygon, x0: float, y0: float, x1: float, y1: float) -> bool:
    near = 1e-6
    xs = np.array([x0 + near, x1 - near, x0 + near, x1 - near, (x0 + x1) / 2])
    ys = np.array([y0 + near, y0 + near, y1 - near, y1 - near, (y0 + y1) / 2])
    return bool(np.all(inside(plan, xs, ys)))
