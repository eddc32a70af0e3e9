"""The planes that bound a room: walls, floor, and the ceiling with its slopes."""

from dataclasses import dataclass
from math import hypot
from threading import Lock

import numpy as np
from cachetools import LRUCache

from jolly_parlor.acoustics.geometry.plan import Corner, Point, distance_to, inward
from jolly_parlor.acoustics.geometry.room import Room

_NEAR = 1e-6
_MOST_ROOMS = 16
_LOCK = Lock()


@dataclass(frozen=True)
class Plane:
    """One of them, by a place on it and its unit normal into the room."""

    room: Room
    surface: str
    on: tuple[float, float, float]
    normal: tuple[float, float, float]
    side: str
    """Which way it lies: front, back, left, right, floor or ceiling."""
    words: str
    """What it is called: `front wall`, `floor`."""
    edge: tuple[Corner, Corner] | None = None
    """Of a wall, its stretch of the plan."""

    def over(self, point: Point) -> float:
        """Metres from the plane to a point, positive inside."""
        (a, b, c), (nx, ny, nz) = self.on, self.normal
        return (point.x - a) * nx + (point.y - b) * ny + (point.z - c) * nz

    def mirrored(self, point: Point) -> Point:
        """The image of a point behind it."""
        twice, (nx, ny, nz) = 2 * self.over(point), self.normal
        return Point(point.x - twice * nx, point.y - twice * ny, point.z - twice * nz)

    def reaches(self, place: Point) -> bool:
        """Whether a place on the endless plane lies on the surface itself. Of a box all does that
        comes from inside.
        """
        room = self.room
        if room.is_box:
            return True
        if self.edge is not None:
            return distance_to(self.edge, (place.x, place.y)) < _NEAR and room.contains(place)
        if self.surface == "floor":
            return room.contains(place)
        above = float(room.ceiling_at(np.array(place.x), np.array(place.y)))
        return room.contains(place) and abs(place.z - above) < 1e-4


_Shape = tuple[object, ...]
_KEPT: LRUCache[_Shape, tuple[Plane, ...]] = LRUCache(_MOST_ROOMS)


def planes_of(room: Room) -> tuple[Plane, ...]:
    """All of a room, in order of its surfaces; a sloped ceiling has several. Those of the last few
    rooms are kept, since a drag reflects off them at each move.
    """
    key = room.plan, room.height, room.slopes, room.walls
    with _LOCK:
        known = _KEPT.get(key)
        if known is None:
            known = _KEPT[key] = _planes_of(room)
    return known


def _planes_of(room: Room) -> tuple[Plane, ...]:
    found = []
    for name in room.surface_names:
        if name == "floor":
            found.append(Plane(room, name, (0.0, 0.0, 0.0), (0.0, 0.0, 1.0), name, name))
        elif name == "ceiling":
            found += _ceiling(room)
        else:
            edge = room.edge_of(name)
            called = room.direction_of(name), room.words_of(name)
            found.append(Plane(room, name, (*edge[0], 0.0), (*inward(edge), 0.0), *called, edge))
    return tuple(found)


def _ceiling(room: Room) -> list[Plane]:
    called = ("ceiling", "ceiling")
    found = [Plane(room, "ceiling", (0.0, 0.0, room.height), (0.0, 0.0, -1.0), *called)]
    for slope in room.slopes:
        wall = room.key_of(slope.wall)
        edge = room.edge_of(wall)
        steep = (room.height - slope.knee) / slope.reach
        size = hypot(steep, 1.0)
        in_x, in_y = inward(edge)
        normal = (in_x * steep / size, in_y * steep / size, -1 / size)
        found.append(Plane(room, "ceiling", (*edge[0], slope.knee), normal, *called))
    return found
