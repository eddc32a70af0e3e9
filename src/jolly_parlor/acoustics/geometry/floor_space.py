"""Floor over which nothing may stand, or nothing should."""

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.room_parts import TOUCHING, KeepOut

_FLAT = 0.15
"""Soft things as high as this, such as carpets, are stood on; metres."""


def blocked_between(room: Room, low: float, high: float) -> tuple[KeepOut, ...]:
    """Floor over which nothing that reaches from one height to another may stand: what is
    kept free or no floor of the room, solid things in its way, a ceiling too low for it.
    """
    return (*room.kept_free, *room.outside, *solids_between(room, low, high))


def filled_between(room: Room, low: float, high: float) -> tuple[KeepOut, ...]:
    """The same with soft things: nobody is told to put a cabinet into a bed."""
    softs = _things_between(room, "soft", low + _FLAT, high, _FLAT)
    return (*blocked_between(room, low, high), *softs)


def solids_between(room: Room, low: float, high: float) -> tuple[KeepOut, ...]:
    """The floor of the solid things, and of sloped ceiling, in the way of what reaches from one
    height to another.
    """
    return (*_things_between(room, "solid", low, high), *room.ceiling_surface.lower_than(high))


def _things_between(
    room: Room, kind: str, low: float, high: float, flatter: float = 0.0
) -> tuple[KeepOut, ...]:
    """The floor of things of a kind that are higher than something flat."""
    return tuple(
        KeepOut(t.name, t.x, t.y, t.width, t.depth)
        for t in room.things
        if (t.kind == kind and t.height > flatter)
        and (t.z < high - TOUCHING and t.z + t.height > low + TOUCHING)
    )
