"""Tape-measure distances: everything needed to put an Arrangement into the real room."""

from dataclasses import dataclass

from jolly_parlor.acoustics.room import Point, Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.corners import Corner, readings
from jolly_parlor.placement.gear import Gear


@dataclass(frozen=True)
class Distance:
    """One length to set with a tape."""

    item: str
    what: str
    metres: float


def tape_distances(
    room: Room, gear: Gear, arrangement: Arrangement, corner: Corner | None = None
) -> list[Distance]:
    """All distances, item by item. Monitors are measured at the acoustic centre on their front,
    and at a corner of the cabinet where one is named.
    """
    rows = []
    main = gear.seats[0].name
    read = readings(room, gear, arrangement, main, corner) if corner is not None else {}
    for item, point, wall in (
        ("left monitor", arrangement.left, "left"),
        ("right monitor", arrangement.right, "right"),
    ):
        side = _to_side(room, point, wall)
        rows += [
            Distance(item, "from the front wall", point.y - room.frame.front),
            Distance(item, f"from the {wall} wall", side),
            Distance(item, "above the floor", point.z),
            Distance(item, "its base above the floor", point.z - gear.monitor.centre_height),
        ]
        if wall in read:
            rows += [
                Distance(item, f"{corner} corner, front wall", read[wall].from_front),
                Distance(item, f"{corner} corner, {wall} wall", read[wall].from_side),
            ]
    apart = arrangement.left.distance(arrangement.right)
    rows.append(Distance("monitors", "one to the other", apart))
    for name, ear in arrangement.seats.items():
        rows += _standing(room, f"ear at {name}", ear)
        rows += [
            Distance(f"ear at {name}", "from the left monitor", arrangement.left.distance(ear)),
            Distance(f"ear at {name}", "from the right monitor", arrangement.right.distance(ear)),
        ]
    for speaker in gear.beside_the_pair:
        point, ear = arrangement.places[speaker.id], arrangement.seats[main]
        what = f"middle of {speaker.id}" if speaker.is_subwoofer else speaker.id
        rows += _standing(room, what, point)
        rows.append(Distance(what, f"from the ear at {main}", point.distance(ear)))
    if arrangement.desk is not None and gear.desk is not None:
        rows += [
            Distance(
                "desk", "front edge from the front wall", arrangement.desk.y - room.frame.front
            ),
            Distance("desk", "left edge from the left wall", arrangement.desk.x - room.frame.left),
            Distance("desk", "top above the floor", gear.desk.height),
        ]
    return rows


def _standing(room: Room, item: str, point: Point) -> list[Distance]:
    side, wall = min((_to_side(room, point, wall), wall) for wall in ("left", "right"))
    return [
        Distance(item, "from the front wall", point.y - room.frame.front),
        Distance(item, f"from the {wall} wall", side),
        Distance(item, "above the floor", point.z),
    ]


def _to_side(room: Room, point: Point, wall: str) -> float:
    """From a side wall of the part before the wall faced; a place beyond it counts negative."""
    frame = room.frame
    return point.x - frame.left if wall == "left" else frame.right - point.x
