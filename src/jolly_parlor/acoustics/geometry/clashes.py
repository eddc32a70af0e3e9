"""Things that stand in one another, openings that lie over one another; and where there is room."""

from collections.abc import Iterator
from dataclasses import replace
from itertools import combinations

import numpy as np

from jolly_parlor.acoustics.geometry.room import Opening, Room, Thing
from jolly_parlor.acoustics.geometry.room_parts import TOUCHING

_STEP = 0.1
"""Metres from one place that is tried to the next."""


def things_in_one_another(room: Room) -> list[tuple[Thing, Thing]]:
    """Pairs that would be in the same place; faces that touch are none."""
    return [pair for pair in combinations(room.things, 2) if stand_in(*pair)]


def openings_over_one_another(room: Room) -> list[tuple[Opening, Opening]]:
    """Pairs in the same part of a wall; edges that touch are none."""
    return [pair for pair in combinations(room.openings, 2) if lie_over(*pair)]


def stand_in(one: Thing, other: Thing) -> bool:
    """Whether two things share air."""
    return all(
        _share(getattr(one, at), getattr(one, size), getattr(other, at), getattr(other, size))
        for at, size in (("x", "width"), ("y", "depth"), ("z", "height"))
    )


def lie_over(one: Opening, other: Opening) -> bool:
    """Whether two openings share a part of a wall."""
    return (
        one.wall == other.wall
        and _share(one.start, one.width, other.start, other.width)
        and _share(one.sill, one.height, other.sill, other.height)
    )


def free_place(room: Room, thing: Thing) -> Thing:
    """The same along the walls around the listener, where nothing stands yet: from where it is
    along the back, then forward; where it is, if everything is taken.
    """
    for place in _along_walls(room, thing):
        tried = replace(thing, x=place[0], y=place[1])
        if not any(stand_in(tried, other) for other in room.things):
            return tried
    return thing


def free_opening(room: Room, opening: Opening) -> Opening:
    """The same further along its wall, where there is none yet; where it is, if all is taken."""
    wall = next(n for n, wall in enumerate(room.walls) if wall.name == opening.wall)
    start, end = np.array(room.plan[wall]), np.array(room.plan[(wall + 1) % len(room.plan)])
    last = float(np.hypot(*(end - start))) - opening.width
    for at in np.arange(opening.start, last + TOUCHING, _STEP):
        tried = replace(opening, start=round(float(at), 3))
        if not any(lie_over(tried, other) for other in room.openings):
            return tried
    return opening


def _share(start: float, size: float, other_start: float, other_size: float) -> bool:
    return min(start + size, other_start + other_size) - max(start, other_start) > TOUCHING


def _along_walls(room: Room, thing: Thing) -> Iterator[tuple[float, float]]:
    frame = room.frame
    right, back = frame.right - thing.width, frame.back - thing.depth
    across = np.arange(frame.left, right + TOUCHING, _STEP)
    along = np.arange(back, frame.front - TOUCHING, -_STEP)
    yield from ((float(x), back) for x in across)
    for y in along:
        yield from ((x, float(y)) for x in (frame.left, right))
    yield from ((float(x), frame.front) for x in across)
