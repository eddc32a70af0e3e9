"""A room stretched, or lined anew."""

from collections.abc import Mapping
from dataclasses import replace

from jolly_parlor.acoustics.geometry.room import Room, SurfaceName
from jolly_parlor.acoustics.geometry.room_parts import Surface


def resized(room: Room, width: float, length: float, height: float) -> Room:
    """The same room stretched to another size."""
    wide, long = width / room.width, length / room.length
    plan = tuple(
        (width if x == room.width else x * wide, length if y == room.length else y * long)
        for x, y in room.plan
    )
    high = height / room.height
    slopes = tuple(replace(s, knee=s.knee * high) for s in room.slopes)
    return replace(room, plan=plan, height=height, slopes=slopes)


def lined(room: Room, surfaces: Mapping[SurfaceName, Surface]) -> Room:
    """The same room with some of its surfaces lined anew."""
    walls = tuple(
        replace(w, material=new.material, absorption=new.absorption)
        if (new := surfaces.get(key)) is not None
        else w
        for key, w in zip(room.wall_keys, room.walls, strict=True)
    )
    floor, ceiling = surfaces.get("floor", room.floor), surfaces.get("ceiling", room.ceiling)
    return replace(room, walls=walls, floor=floor, ceiling=ceiling)
