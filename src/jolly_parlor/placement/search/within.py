"""Which of the wishes for places an arrangement breaks: no advice leads where its owner does not
want to be, by whoever it is given.
"""

import numpy as np

from jolly_parlor.acoustics.room import Room
from jolly_parlor.placement.arrangement import Arrangement, fit_problems
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.schools import back_to_wall_distance
from jolly_parlor.placement.search.limits import (
    monitors_may_stand,
    seat_may_stand,
    spacings_may_be,
    standing_now,
    with_clear_ways,
)
from jolly_parlor.placement.search.wishes import Wishes

_SLACK = 0.011
"""A centimetre's rounding, as the search has it."""


def broken(
    room: Room, gear: Gear, wishes: Wishes, a: Arrangement, present: Arrangement | None = None
) -> frozenset[str]:
    """Fields of the wishes that it does not keep. present: as things stand, for what is not to be
    moved.
    """
    frame, seat = room.frame, gear.seats[0].name
    ear, left, right = a.seats[seat], a.left, a.right
    front = np.array([(left.y + right.y) / 2 - frame.front])
    side = abs(right.x - left.x)
    away = (left.distance(ear) + right.distance(ear)) / 2
    gaps = [left.x - frame.left, right.x - frame.left, frame.right - left.x, frame.right - right.x]
    ears, here = np.array([ear.y - frame.front]), standing_now(present, seat, frame)
    gap = min(gaps) - gear.monitor.width / 2
    height = max(abs(left.z - ear.z), abs(right.z - ear.z))
    keeps = {
        "nearest": away >= wishes.nearest - _SLACK,
        "furthest": away <= wishes.furthest + _SLACK,
        "equilateral_tolerance": abs(side / away - 1) <= wishes.equilateral_tolerance + _SLACK,
        "front_gap": front[0] >= back_to_wall_distance(gear) + wishes.front_gap - _SLACK,
        "side_gap": gap >= wishes.side_gap - _SLACK,
        "behind_head": ears[0] <= frame.depth - wishes.behind_head + _SLACK,
        "height_change": height <= wishes.height_change + _SLACK,
    }
    found = {name for name, kept in keeps.items() if not kept}
    for name in ("farthest_seat", "farthest_monitors", "off_half", "desk_at_wall"):
        only = Wishes(**{name: getattr(wishes, name)})
        may = monitors_may_stand(only, gear, frame, front, None)
        if not (may[0] and seat_may_stand(only, gear, frame, ears, None)[0]):
            found.add(name)
    found |= _moved(wishes, gear, room, a, present, front, ears, here)
    cleared = with_clear_ways(room, wishes)
    if len(fit_problems(cleared, gear, a)) > len(fit_problems(room, gear, a)):
        found.add("clear_way")
    return frozenset(found)


def _moved(
    wishes: Wishes,
    gear: Gear,
    room: Room,
    a: Arrangement,
    present: Arrangement | None,
    front: np.ndarray,
    ears: np.ndarray,
    here: np.ndarray | None,
) -> set[str]:
    """What was to stay where it is, or within a region."""
    found = set()
    if wishes.keep_seat and here is not None:
        only = Wishes(keep_seat=True)
        if not seat_may_stand(only, gear, room.frame, ears, here)[0]:
            found.add("keep_seat")
    if wishes.keep_monitors and here is not None:
        only, side = Wishes(keep_monitors=True), np.array([abs(a.right.x - a.left.x)])
        stays = monitors_may_stand(only, gear, room.frame, front, here)[0]
        if not (stays and spacings_may_be(only, side, here)[0]):
            found.add("keep_monitors")
    for sub in gear.subwoofers:
        at = a.places[sub.id]
        stays = present is None or at == present.places.get(sub.id, at)
        region = wishes.region if wishes.subwoofers == "region" else None
        outside = region is not None and not region.contains(at.x, at.y)
        if outside or (wishes.subwoofers == "stay" and not stays):
            found.add("subwoofers")
    return found
