"""Where a loudspeaker stands, and how it is set, before anybody has placed it: a start by role."""

from collections.abc import Mapping
from dataclasses import replace

import numpy as np

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.around_seat import placed_around
from jolly_parlor.placement.chains import Chain, Crossover
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.loudspeakers import Loudspeaker

_GAP = 0.05
_ASIDE = (0.0, -0.3, 0.3, -0.6, 0.6, -0.9, 0.9, -1.2, 1.2)
"""Metres along the wall to try where another loudspeaker stands."""


def inside(room: Room, point: Point, margin: float = 0.02) -> Point:
    """The point, brought inside the room by at least the margin."""

    def within(value: float, size: float) -> float:
        return min(max(value, margin), size - margin)

    x, y, z = (
        within(value, size)
        for value, size in zip((point.x, point.y, point.z), room.dimensions, strict=True)
    )
    if room.is_box or room.contains(Point(x, y, z)):
        return Point(x, y, z)
    frame = room.frame  # into the floor before the wall faced, which is part of the room
    x = min(max(x, frame.left + margin), frame.right - margin)
    y = min(max(y, frame.front + margin), frame.back - margin)
    if not room.contains(Point(x, y, z)):
        x = frame.middle
    lid = float(room.ceiling_at(np.array(x), np.array(y)))
    return Point(x, y, min(z, lid - margin))


def starting_places(
    room: Room,
    gear: Gear,
    left: Point,
    right: Point,
    ear: Point,
    standing: Mapping[str, Point] | None = None,
) -> dict[str, Point]:
    """A start for every loudspeaker besides the pair: subwoofers on the floor along the walls, the
    others around the main ear as their role says; none where another stands, if there is room.
    Those already standing keep their place.
    """
    placed = {"left": left, "right": right}
    known = standing or {}
    names = [one.id for one in gear.beside_the_pair]
    placed |= {name: known[name] for name in names if name in known}
    missing = [name for name in names if name not in known]
    if gear.layout.directions and missing:
        around = placed_around(room, gear, left, right, ear, {})
        placed |= {name: around[name] for name in missing if name in around}
    for one in gear.beside_the_pair:
        if one.id in placed:
            continue
        if one.is_subwoofer:
            tries = _by_the_walls(room, gear, one, left, right)
        else:
            nth = [other.id for other in gear.others if other.role == one.role].index(one.id)
            first = _by_role(room, one, nth, left, right, ear)
            tries = [inside(room, replace(first, x=first.x + dx), 0.1) for dx in _ASIDE]
        taken = [_footprint(gear, name, at) for name, at in placed.items() if _low(gear, one, name)]
        free = (at for at in tries if not _overlaps(_footprint(gear, one.id, at), taken))
        placed[one.id] = next(free, tries[0])
    return {name: placed[name] for name in names}


def _by_the_walls(
    room: Room, gear: Gear, sub: Loudspeaker, left: Point, right: Point
) -> list[Point]:
    """Places of a subwoofer, the first to be tried first."""
    size = gear.model_of(sub.id)
    across, deep = size.width / 2 + _GAP, size.depth / 2 + _GAP
    outside = left.x - gear.monitor.width - size.width / 2 - _GAP
    frame = room.frame
    width = frame.right - frame.left
    near_side, far = frame.left + across, frame.right - across
    usual = max(min(frame.left + width / 4, outside), near_side)
    near, rear, half = frame.front + deep, frame.back - deep, (frame.front + frame.back) / 2
    middle = frame.left + width / 2
    places = [(usual, near)]  # outside the left monitor
    places += [(far, near), (middle, rear), (middle, near), (near_side, rear)]
    places += [(far, rear), (near_side, half), (far, half)]
    places += [(frame.left + width * n / 12, y) for y in (near, rear) for n in range(1, 12)]
    found = [inside(room, Point(x, y, size.height / 2)) for x, y in places]
    return [at for at in found if room.has_air_at(at)] or found[:1]


def _footprint(gear: Gear, name: str, at: Point) -> tuple[float, float, float, float]:
    """Left, front, right and back edge on the plan: a place is the middle of a subwoofer, and of
    the face of anything else.
    """
    size = gear.model_of(name)
    front = at.y - size.depth / (2 if gear.loudspeaker(name).is_subwoofer else 1)
    return at.x - size.width / 2, front, at.x + size.width / 2, front + size.depth


def _overlaps(
    one: tuple[float, float, float, float], others: list[tuple[float, float, float, float]]
) -> bool:
    return any(
        one[0] < other[2] and other[0] < one[2] and one[1] < other[3] and other[1] < one[3]
        for other in others
    )


def _low(gear: Gear, one: Loudspeaker, name: str) -> bool:
    """Whether the two stand in each other's way: those under the ceiling only among themselves."""
    return (one.role == "height") == (gear.loudspeaker(name).role == "height")


def _by_role(
    room: Room, speaker: Loudspeaker, nth: int, left: Point, right: Point, ear: Point
) -> Point:
    side, row = (-1 if nth % 2 == 0 else 1), nth // 2
    half = (right.x - left.x) / 2
    middle = (left.x + right.x) / 2
    if speaker.role == "centre":
        return Point(middle, min(left.y, right.y), left.z)
    if speaker.role == "surround":  # 110 degrees from straight ahead (ITU-R BS.775, from memory)
        return Point(middle + side * (half + 0.35), ear.y + 0.4 + 0.5 * row, left.z)
    if speaker.role == "height":
        return Point(middle + side * half, ear.y - 0.8 + 1.6 * row, room.height - 0.15)
    return Point(room.frame.left + 0.3 + 0.4 * nth, room.frame.back - 0.3, ear.z)


def starting_chains(gear: Gear, known: Mapping[str, Chain] | None = None) -> dict[str, Chain]:
    """Settings for every loudspeaker: those known, and a start for the rest. A subwoofer plays up
    to 80 Hz (common practice, no source), and the pair hands over there if anything can do that;
    else it plays its full range.
    """
    chains = dict(known or {})
    if gear.subwoofers:
        lows = [c.low_pass.frequency_hz for c in chains.values() if c.low_pass is not None]
        at = Crossover(max(lows)) if lows else Crossover()
        for sub in gear.subwoofers:
            chains.setdefault(sub.id, Chain(low_pass=at))
        if gear.hands_over:
            for side in PAIR:
                chains.setdefault(side, Chain(high_pass=at))
    ids = {speaker.id for speaker in gear.loudspeakers}
    return {name: chain for name, chain in chains.items() if name in ids}
