"""Which of the wishes for places an arrangement breaks: no advice leads where its owner does not
want to be, by whoever it is given.
"""

from collections.abc import Mapping

import numpy as np

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.schools import back_to_wall_distance
from jolly_parlor.placement.search.limits import (
    SLACK,
    STAYS_METRES,
    monitors_missed,
    seat_missed,
    with_clear_ways,
)
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems


def broken(
    room: Room, gear: Gear, wishes: Wishes, a: Arrangement, present: Arrangement | None = None
) -> dict[str, float]:
    """By how much each of the wishes that it does not keep is missed, by their fields: metres, or a
    share. present: as things stand, for what is not to be moved.
    """
    frame, seat = room.frame, gear.seats[0].name
    ear, left, right = a.seats[seat], a.left, a.right
    front = (left.y + right.y) / 2 - frame.front
    back = ear.y - frame.front
    side = abs(right.x - left.x)
    away = (left.distance(ear) + right.distance(ear)) / 2
    edges = [left.x - frame.left, right.x - frame.left, frame.right - left.x, frame.right - right.x]
    missed = {
        "nearest": wishes.nearest - away,
        "furthest": away - wishes.furthest,
        "equilateral_tolerance": abs(side / away - 1) - wishes.equilateral_tolerance,
        "front_gap": back_to_wall_distance(gear) + wishes.front_gap - front,
        "side_gap": wishes.side_gap - min(edges) + gear.monitor.width / 2,
        "behind_head": back - (frame.depth - wishes.behind_head),
        "height_change": max(abs(left.z - ear.z), abs(right.z - ear.z)) - wishes.height_change,
    }
    along = (
        monitors_missed(wishes, gear, frame, np.array([front])),
        seat_missed(wishes, gear, frame, np.array([back])),
    )
    for name, by in (one for part in along for one in part.items()):
        missed[name] = max(missed.get(name, -np.inf), float(by[0]))
    found = {name: by for name, by in missed.items() if by > SLACK}
    if present is not None and present is not a:
        found |= _moved(wishes, gear, a, present)
    if wishes.clear_way:
        cleared = with_clear_ways(room, wishes)
        if len(fit_problems(Setup(cleared, gear, a))) > len(fit_problems(Setup(room, gear, a))):
            found["clear_way"] = 1.0
    return found


def no_further(now: Mapping[str, float], then: Mapping[str, float]) -> bool:
    """Whether a move breaks no wish that is kept now, and none by more than it is broken now."""
    return all(by <= now.get(name, 0.0) + SLACK for name, by in then.items())


def _moved(wishes: Wishes, gear: Gear, a: Arrangement, present: Arrangement) -> dict[str, float]:
    """What was to stay where it is, or within a region."""
    found = {}
    seat = gear.seats[0].name
    if wishes.keep_seat and seat in present.seats:
        found["keep_seat"] = a.seats[seat].distance(present.seats[seat])
    if wishes.keep_monitors:
        pairs = ((a.left, present.left), (a.right, present.right))
        found["keep_monitors"] = max(one.distance(other) for one, other in pairs)
    for sub in gear.subwoofers:
        at = a.places[sub.id]
        was = present.places.get(sub.id, at)
        if wishes.subwoofers == "region" and wishes.region is not None:
            inside = wishes.region.contains(at.x, at.y)
            found["subwoofers"] = max(found.get("subwoofers", 0.0), float(not inside))
        elif wishes.subwoofers == "stay":
            found["subwoofers"] = max(found.get("subwoofers", 0.0), at.distance(was))
    return {name: by for name, by in found.items() if by > STAYS_METRES}
