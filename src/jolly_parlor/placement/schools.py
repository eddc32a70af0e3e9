"""Schools: the trade's named rules of thumb, each of which proposes an Arrangement.

All are common practice, no source. A new school is one more function and one more row of SCHOOLS.
"""

from collections.abc import Callable
from dataclasses import dataclass
from math import cos, radians, sin, sqrt

from jolly_parlor.acoustics.room import Point, Room
from jolly_parlor.placement.arrangement import Arrangement, desk_before
from jolly_parlor.placement.gear import Gear

_TRIANGLE = sqrt(3) / 2
_SHORTEST_SIDE, _LONGEST_SIDE = 0.8, 2.6
_SIDE_GAP = 0.25  # from the cabinet's edge to the side wall


class SchoolCannotBeMet(ValueError):
    """The rule does not fit this room; the message says why."""


@dataclass(frozen=True)
class School:
    """A rule of the trade that proposes an arrangement for a room and its gear."""

    id: str
    name: str
    rule: str
    place: Callable[[Room, Gear], tuple[float, float]]
    """Distances of monitors and seat from the front wall, metres."""
    source: str = "common practice, no source"

    def propose(self, room: Room, gear: Gear) -> Arrangement:
        """An equilateral triangle on the room's middle line at this school's distances.

        Raises SchoolCannotBeMet with the reason.
        """
        monitors_y, seat_y = self.place(room, gear)
        side = (seat_y - monitors_y) / _TRIANGLE
        self._check(room, gear, monitors_y, side)
        ear = gear.seats[0].ear_height
        middle = room.width / 2
        seats = {gear.seats[0].name: Point(middle, seat_y, ear)}
        for seat in gear.seats[1:]:
            further = max(0.72 * room.length, min(seat_y + 0.9, room.length - 0.4))
            seats[seat.name] = Point(middle, further, seat.ear_height)
        desk = desk_before(seats[gear.seats[0].name], gear.desk) if gear.desk else None
        return Arrangement(
            name=self.name,
            left=Point(middle - side / 2, monitors_y, ear),
            right=Point(middle + side / 2, monitors_y, ear),
            seats=seats,
            subwoofers=_subwoofers(room, gear, middle - side / 2),
            desk=desk,
            school=self.id,
            rule=self.rule,
        )

    def _check(self, room: Room, gear: Gear, monitors_y: float, side: float) -> None:
        widest = room.width - gear.monitor.width - 2 * _SIDE_GAP
        if side > widest:
            raise SchoolCannotBeMet(
                f"{self.name}: its equilateral triangle needs {side:.2f} m between the monitors; "
                f"this room leaves {max(widest, 0):.2f} m."
            )
        if not _SHORTEST_SIDE <= side <= _LONGEST_SIDE:
            raise SchoolCannotBeMet(
                f"{self.name}: the triangle would measure {side:.2f} m a side; near-field work "
                f"wants {_SHORTEST_SIDE:.1f} to {_LONGEST_SIDE:.1f} m."
            )
        needed = back_to_wall_distance(gear)
        if monitors_y < needed - 0.005:
            raise SchoolCannotBeMet(
                f"{self.name}: puts the monitors {monitors_y:.2f} m from the front wall; "
                f"their cabinets need {needed:.2f} m."
            )
        if gear.seats[0].ear_height + 0.1 > room.height:
            raise SchoolCannotBeMet(f"{self.name}: the ceiling is lower than the listener's head.")


def back_to_wall_distance(gear: Gear) -> float:
    """Acoustic centre to wall, cabinet turned 30 degrees with its rear corner 2 cm off it."""
    turn = radians(30.0)
    return gear.monitor.depth * cos(turn) + gear.monitor.width / 2 * sin(turn) + 0.02


def _third(room: Room, gear: Gear) -> tuple[float, float]:
    return room.length / 9, room.length / 3


def _thirty_eight(room: Room, gear: Gear) -> tuple[float, float]:
    seat = 0.38 * room.length
    return 0.38 * seat, seat


def _tight(room: Room, gear: Gear) -> tuple[float, float]:
    wall = back_to_wall_distance(gear)
    return wall, wall + 1.5 * _TRIANGLE


SCHOOLS: tuple[School, ...] = (
    School(
        "third",
        "A third",
        "Seat one third of the room's length from the front wall, monitors a third of that.",
        _third,
    ),
    School(
        "thirty_eight",
        "Thirty-eight",
        "Seat at 38 % of the room's length, monitors at 38 % of the seat's distance.",
        _thirty_eight,
    ),
    School(
        "tight",
        "Tight to the wall",
        "Monitor backs against the front wall, bass lift taken down with the monitors' own trim; "
        "triangle 1.5 m a side.",
        _tight,
    ),
)


def school(school_id: str) -> School:
    """The school of that id; raises ValueError naming those there are."""
    for candidate in SCHOOLS:
        if candidate.id == school_id:
            return candidate
    raise ValueError(
        f"There is no school “{school_id}”; there is {', '.join(s.id for s in SCHOOLS)}."
    )


def _subwoofers(room: Room, gear: Gear, left_x: float) -> dict[str, Point]:
    """On the floor along the front wall, outside the left monitor where it is one: a start."""
    count = len(gear.subwoofers)
    places = {}
    for index, sub in enumerate(gear.subwoofers):
        x = room.width * (index + 1) / (count + 1)
        if count == 1:
            outside = left_x - gear.monitor.width - sub.width / 2 - 0.05
            x = max(min(room.width / 4, outside), sub.width / 2 + 0.05)
        places[sub.name] = Point(x, sub.depth / 2 + 0.05, sub.height / 2)
    return places
