"""What a listener who faces a wall has around him: what schools, checks and search measure from."""

from dataclasses import dataclass

from jolly_parlor.acoustics.geometry.plan import (
    Polygon,
    direction,
    edge_length,
    edges,
    walk_until_wall,
)

_BEFORE_THE_WALL = 0.6
"""Metres from the faced wall where the side walls are looked for: loudspeakers stand about there,
and a chimney breast is passed.
"""


@dataclass(frozen=True)
class Frame:
    """The floor before a faced wall, metres on the plan: between which side walls, from which wall
    to which behind the listener, and the faced wall's own middle line.
    """

    wall: int
    """Which of the room's walls is faced."""
    left: float
    right: float
    front: float
    back: float
    middle: float

    @property
    def origin(self) -> dict[str, float]:
        """Where lengths are told from, by axis: the left side wall, the wall faced, the floor."""
        return {"x": self.left, "y": self.front, "z": 0.0}

    @property
    def width(self) -> float:
        """Twice the way from the middle line to the nearer side: what is alike on both."""
        return 2 * min(self.middle - self.left, self.right - self.middle)

    @property
    def depth(self) -> float:
        """From the faced wall to the one behind the listener."""
        return self.back - self.front


def front_walls(plan: Polygon) -> list[int]:
    """The walls that a listener looking to the front of the plan may face, longest first."""
    every = edges(plan)
    facing = [n for n, edge in enumerate(every) if direction(edge) == "front"]
    return sorted(facing, key=lambda n: (-round(edge_length(every[n]), 6), every[n][0][1]))


def frame(plan: Polygon, wall: int) -> Frame:
    """The frame of one of `front_walls`."""
    (x0, y0), (x1, y1) = edges(plan)[wall]
    middle, front = (x0 + x1) / 2, (y0 + y1) / 2
    behind = walk_until_wall(plan, (middle, front + 1e-5), (0.0, 1.0)) + 1e-5
    level = front + min(_BEFORE_THE_WALL, behind / 2)
    to_left = walk_until_wall(plan, (middle, level), (-1.0, 0.0))
    to_right = walk_until_wall(plan, (middle, level), (1.0, 0.0))
    exact = (round(v, 9) for v in (middle - to_left, middle + to_right, front, front + behind))
    left, right, start, end = exact
    return Frame(wall, left, right, start, end, middle)
