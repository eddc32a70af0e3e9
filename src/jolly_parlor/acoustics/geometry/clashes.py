"""Things that stand in one another, openings that lie over one another; and where there is room."""

from collections.abc import Iterator
from dataclasses import replace
from itertools import combinations

import numpy as np

from jolly_parlor.acoustics.geometry.room import KeepOut, Opening, Room, Thing
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
    """The same along the walls around the listener, its back to one, where nothing stands yet,
    nothing is kept free and no door opens: in the back corners first; where it is, if everything
    is taken.
    """
    kept_free = (*room.kept_free, *room.outside)
    for tried in _along_walls(room, thing):
        if any(stand_in(tried, other) for other in room.things):
            continue
        if not any(_stands_on(tried, area) for area in kept_free):
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


def _stands_on(thing: Thing, area: KeepOut) -> bool:
    return _share(thing.x, thing.width, area.x, area.width) and _share(
        thing.y, thing.depth, area.y, area.depth
    )


def _share(start: float, size: float, other_start: float, other_size: float) -> bool:
    return min(start + size, other_start + other_size) - max(start, other_start) > TOUCHING


def _along_walls(room: Room, thing: Thing) -> Iterator[Thing]:
    frame = room.frame
    right, back = frame.right - thing.width, frame.back - thing.depth
    for x in (frame.left, right):
        yield replace(thing, x=x, y=back)
    turned = thing
    if thing.width > thing.depth:
        turned = replace(thing, width=thing.depth, depth=thing.width)
    for y in np.arange(frame.back - turned.depth, frame.front - TOUCHING, -_STEP):
        for x in (frame.left, frame.right - turned.width):
            yield replace(turned, x=x, y=round(float(y), 3))
    for y in (back, frame.front):
        for x in np.arange(frame.left, right + TOUCHING, _STEP):
            yield replace(thing, x=round(float(x), 3), y=y)
