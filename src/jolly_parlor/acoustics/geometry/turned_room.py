"""The same room with another wall in front: which wall to face is a choice, not a fact."""

from dataclasses import replace

from jolly_parlor.acoustics.geometry.plan import (
    Corner,
    WallSide,
    begun_at_origin,
    edge_length,
    edges,
    measured_from_start,
)
from jolly_parlor.acoustics.geometry.room import KeepOut, Opening, Point, Room, Thing

_NEW_NAME: dict[str, WallSide] = {
    "left": "front",
    "front": "right",
    "right": "back",
    "back": "left",
}
"""Turning to face the left wall: what was left becomes front, and so on round."""


def turned(room: Room) -> Room:
    """The room as seen facing what was its left wall. Four turns give the room back.

    x' = L - y and y' = x for every place on the plan. Walls called by their side take the name of
    the new one; others keep theirs. A calm zone and the wall faced are dropped: they belong to
    the room seen the other way.
    """
    plan = tuple(_turned_corner(room, corner) for corner in room.plan)
    walls = tuple(replace(w, name=name_after_turn(w.name)) for w in room.walls)
    first = begun_at_origin(plan)
    return replace(
        room,
        plan=plan[first:] + plan[:first],
        walls=walls[first:] + walls[:first],
        openings=tuple(_turned_opening(room, opening) for opening in room.openings),
        keep_outs=tuple(
            KeepOut(a.name, max(room.length - a.y - a.depth, 0.0), a.x, a.depth, a.width)
            for a in room.keep_outs
        ),
        things=tuple(_turned_thing(room, thing) for thing in room.things),
        slopes=tuple(replace(s, wall=name_after_turn(s.wall)) for s in room.slopes),
        faced=None,
        diagonals=tuple(
            replace(d, start=name_after_turn(d.start), end=name_after_turn(d.end))
            for d in room.diagonals
        ),
        calm_zone=None,
    )


def turned_often(room: Room, turns: int) -> Room:
    """The room after so many turns."""
    for _ in range(turns):
        room = turned(room)
    return room


def name_after_turn(wall: str) -> str:
    """What a wall is called after a turn."""
    return _NEW_NAME.get(wall, wall)


def turned_point(room: Room, point: Point) -> Point:
    """The same place in the room, seen after `turned(room)`; `room` is the one before."""
    return Point(room.length - point.y, point.x, point.z)


def _turned_corner(room: Room, corner: Corner) -> Corner:
    return room.length - corner[1], corner[0]


def _turned_thing(room: Room, t: Thing) -> Thing:
    x = max(room.length - t.y - t.depth, 0.0)
    return replace(t, x=x, y=t.x, width=t.depth, depth=t.width)


def _turned_opening(room: Room, opening: Opening) -> Opening:
    """What was measured from one end of its wall may be from the other after the turn."""
    at = next(i for i, wall in enumerate(room.walls) if wall.name == opening.wall)
    edge = edges(room.plan)[at]
    seen = _turned_corner(room, edge[0]), _turned_corner(room, edge[1])
    start = opening.start
    if measured_from_start(edge) != measured_from_start(seen):
        start = max(edge_length(edge) - opening.start - opening.width, 0.0)
    return replace(opening, wall=name_after_turn(opening.wall), start=start)
