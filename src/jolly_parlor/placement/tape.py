"""Tape-measure distances: everything needed to put an Arrangement into the real room."""

from dataclasses import dataclass

from jolly_parlor.acoustics.geometry.room import Point, Room
from jolly_parlor.placement.corners import Corner, readings
from jolly_parlor.placement.setup import Setup
from jolly_parlor.words import tr


@dataclass(frozen=True)
class Distance:
    """One length to set with a tape."""

    item: str
    what: str
    metres: float


def tape_distances(setup: Setup, corner: Corner | None = None) -> list[Distance]:
    """All distances, item by item. Monitors are measured at the acoustic centre on their front,
    and at a corner of the cabinet where one is named.
    """
    room, gear, arrangement = setup.room, setup.gear, setup.arrangement
    rows = []
    main = gear.seats[0].name
    read = readings(setup, main, corner) if corner is not None else {}
    for item, point, wall in (
        (tr("left monitor"), arrangement.left, "left"),
        (tr("right monitor"), arrangement.right, "right"),
    ):
        side = _to_side(room, point, wall)
        rows += [
            Distance(item, tr("from the front wall"), point.y - room.frame.front),
            Distance(item, tr("from the {wall} wall", wall=wall), side),
            Distance(item, tr("above the floor"), point.z),
            Distance(item, tr("its base above the floor"), point.z - gear.monitor.centre_height),
        ]
        if wall in read:
            rows += [
                Distance(
                    item, tr("{corner} corner, front wall", corner=corner), read[wall].from_front
                ),
                Distance(
                    item,
                    tr("{corner} corner, {wall} wall", corner=corner, wall=wall),
                    read[wall].from_side,
                ),
            ]
    apart = arrangement.left.distance(arrangement.right)
    rows.append(Distance("monitors", tr("one to the other"), apart))
    for name, ear in arrangement.seats.items():
        rows += _standing(room, tr("ear at {name}", name=name), ear)
        rows += [
            Distance(
                tr("ear at {name}", name=name),
                tr("from the left monitor"),
                arrangement.left.distance(ear),
            ),
            Distance(
                tr("ear at {name}", name=name),
                tr("from the right monitor"),
                arrangement.right.distance(ear),
            ),
        ]
    for speaker in gear.beside_the_pair:
        point, ear = arrangement.places[speaker.id], arrangement.seats[main]
        what = tr("middle of {id}", id=speaker.id) if speaker.is_subwoofer else speaker.id
        rows += _standing(room, what, point)
        rows.append(Distance(what, tr("from the ear at {main}", main=main), point.distance(ear)))
    if arrangement.desk is not None and gear.desk is not None:
        rows += [
            Distance(
                "desk", tr("front edge from the front wall"), arrangement.desk.y - room.frame.front
            ),
            Distance(
                "desk", tr("left edge from the left wall"), arrangement.desk.x - room.frame.left
            ),
            Distance("desk", tr("top above the floor"), gear.desk.height),
        ]
    return rows


def _standing(room: Room, item: str, point: Point) -> list[Distance]:
    side, wall = min((_to_side(room, point, wall), wall) for wall in ("left", "right"))
    return [
        Distance(item, tr("from the front wall"), point.y - room.frame.front),
        Distance(item, tr("from the {wall} wall", wall=wall), side),
        Distance(item, tr("above the floor"), point.z),
    ]


def _to_side(room: Room, point: Point, wall: str) -> float:
    """From a side wall of the part before the wall faced; a place beyond it counts negative."""
    frame = room.frame
    return point.x - frame.left if wall == "left" else frame.right - point.x
