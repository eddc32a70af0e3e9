"""The same room with another wall in front: which wall to face is a choice, not a fact."""

from dataclasses import replace

from jolly_parlor.acoustics.room import KeepOut, Opening, Point, Room, SurfaceName, WallName

_NEW_NAME: dict[WallName, WallName] = {
    "left": "front",
    "front": "right",
    "right": "back",
    "back": "left",
}
"""Turning to face the left wall: what was left becomes front, and so on round."""


def turned(room: Room) -> Room:
    """The room as seen facing what was its left wall. Four turns give the room back.

    x' = L - y and y' = x for every place on the plan. A calm zone is dropped: it belongs to the
    walls it was walked from.
    """
    names: dict[SurfaceName, SurfaceName] = {"floor": "floor", "ceiling": "ceiling"}
    for old, new in _NEW_NAME.items():
        names[old] = new
    return replace(
        room,
        width=room.length,
        length=room.width,
        surfaces={names[name]: surface for name, surface in room.surfaces.items()},
        openings=tuple(_turned_opening(room, opening) for opening in room.openings),
        keep_outs=tuple(
            KeepOut(a.name, max(room.length - a.y - a.depth, 0.0), a.x, a.depth, a.width)
            for a in room.keep_outs
        ),
        calm_zone=None,
    )


def turned_point(room: Room, point: Point) -> Point:
    """The same place in the room, seen after `turned(room)`; `room` is the one before."""
    return Point(room.length - point.y, point.x, point.z)


def _turned_opening(room: Room, opening: Opening) -> Opening:
    """Side walls are measured from the front end: those that become front or back run the other
    way round.
    """
    start = opening.start
    if opening.wall in ("left", "right"):
        start = max(room.length - opening.start - opening.width, 0.0)
    return replace(opening, wall=_NEW_NAME[opening.wall], start=start)
