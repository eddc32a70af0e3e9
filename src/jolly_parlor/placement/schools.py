"""Schools: the trade's named rules of thumb, each of which proposes an Arrangement.

The rules themselves are in `school_rules`; a new school is one function there and one row of
SCHOOLS. A rule that cannot be met says why and is never bent silently.
"""

from collections.abc import Callable, Mapping
from dataclasses import dataclass

from jolly_parlor.acoustics.geometry.room import Point, Room
from jolly_parlor.placement import school_rules as rules
from jolly_parlor.placement.arrangement import Arrangement, DeskPlace, desk_before
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.first_placing import starting_chains, starting_places
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.school_rules import SchoolCannotBeMet, Triangle
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import standing_problems
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

__all__ = ["SCHOOLS", "School", "SchoolCannotBeMet", "back_to_wall_distance", "possible", "school"]

_SHORTEST_SIDE, _LONGEST_SIDE = 0.8, 2.6
_SIDE_GAP = 0.25  # from the cabinet's edge to the side wall
_COMMON = tr("common practice, no source")

back_to_wall_distance = rules.back_to_wall_distance


@dataclass(frozen=True)
class School:
    """A rule of the trade that proposes an arrangement for a room and its gear."""

    id: str
    name: str
    rule: str
    place: Callable[[Room, Gear], Triangle]
    source: str = _COMMON

    def propose(
        self, room: Room, gear: Gear, chains: Mapping[str, Chain] | None = None
    ) -> Arrangement:
        """A triangle on the middle line of the wall faced at this school's distances, everything
        set as in `chains`.

        Raises SchoolCannotBeMet with the reason.
        """
        try:
            layout = self.place(room, gear)
        except SchoolCannotBeMet as why:
            raise SchoolCannotBeMet(f"{self.name}: {why}") from None
        self._check(room, gear, layout)
        frame, ear, side = room.frame, gear.seats[0].ear_height, layout.side
        middle, front, depth = frame.middle, frame.front, frame.depth
        own = Point(middle, front + layout.seat_y, ear)
        seats = {gear.seats[0].name: own}
        for seat in gear.seats[1:]:
            further = max(0.72 * depth, min(layout.seat_y + 0.9, depth - 0.4))
            seats[seat.name] = Point(middle, front + further, seat.ear_height)
        desk = desk_before(own, gear.desk, front) if gear.desk else None
        if desk is not None and layout.desk_y is not None:
            desk = DeskPlace(desk.x, front + layout.desk_y)
        left = Point(middle - side / 2, front + layout.monitors_y, ear)
        right = Point(middle + side / 2, front + layout.monitors_y, ear)
        beside = starting_places(room, gear, left, right, own)
        proposed = Arrangement(
            name=self.name,
            places={"left": left, "right": right} | beside,
            seats=seats,
            chains=starting_chains(gear, chains),
            desk=desk,
            school=self.id,
            rule=self.rule,
            name_follows=True,
        )
        if not room.is_empty_box:
            self._check_in_the_way(room, gear, proposed)
        return proposed

    def _check_in_the_way(self, room: Room, gear: Gear, proposed: Arrangement) -> None:
        """What a box with nothing in it never has: a corner or a thing where something stands."""
        for words, problem in standing_problems(Setup(room, gear, proposed)):
            raise SchoolCannotBeMet(
                tr(
                    "{name}: {words} would be {problem}.",
                    name=self.name,
                    words=words,
                    problem=problem,
                )
            )

    def _check(self, room: Room, gear: Gear, layout: Triangle) -> None:
        side, widest = layout.side, room.frame.width - gear.monitor.width - 2 * _SIDE_GAP
        if side > widest:
            raise SchoolCannotBeMet(
                tr(
                    "{name}: its equilateral triangle needs {side:.2f} m between the "
                    "monitors; this room leaves {widest:.2f} m.",
                    name=self.name,
                    side=side,
                    widest=max(widest, 0),
                )
            )
        if not _SHORTEST_SIDE <= side <= _LONGEST_SIDE:
            raise SchoolCannotBeMet(
                tr(
                    "{name}: the triangle would measure {side:.2f} m a side; "
                    "near-field work wants {shortest_side:.1f} to {longest_side:.1f} m.",
                    name=self.name,
                    side=side,
                    shortest_side=_SHORTEST_SIDE,
                    longest_side=_LONGEST_SIDE,
                )
            )
        needed = back_to_wall_distance(gear)
        if layout.monitors_y < needed - 0.005:
            raise SchoolCannotBeMet(
                tr(
                    "{name}: puts the monitors {monitors_y:.2f} m from the front wall; "
                    "their cabinets need {needed:.2f} m.",
                    name=self.name,
                    monitors_y=layout.monitors_y,
                    needed=needed,
                )
            )
        if layout.seat_y > room.frame.depth - 0.3:
            raise SchoolCannotBeMet(
                tr(
                    "{name}: puts the seat {seat_y:.2f} m from the front wall; this "
                    "room is {depth:.2f} m long and a head needs 0.30 m behind it.",
                    name=self.name,
                    seat_y=layout.seat_y,
                    depth=room.frame.depth,
                )
            )
        if gear.seats[0].ear_height + 0.1 > room.height:
            raise SchoolCannotBeMet(
                tr("{name}: the ceiling is lower than the listener's head.", name=self.name)
            )


SCHOOLS: tuple[School, ...] = (
    School(
        "third",
        tr("A third"),
        tr("Seat one third of the room's length from the front wall, monitors a third of that."),
        rules.third,
    ),
    School(
        "thirty_eight",
        tr("Thirty-eight"),
        tr("Seat at 38 % of the room's length, monitors at 38 % of the seat's distance."),
        rules.thirty_eight,
    ),
    School(
        "tight",
        tr("Tight to the wall"),
        tr(
            "Monitor backs against the front wall, bass lift taken down with "
            "the monitors' own trim; triangle 1.5 m a side."
        ),
        rules.tight,
    ),
    School(
        "small_gap",
        tr("Small gap"),
        tr("Monitor backs 15 cm off the front wall; triangle 1.5 m a side."),
        rules.small_gap,
    ),
    School(
        "clear",
        tr("Clear of the wall"),
        tr("Monitors 1.05 m from the front wall and at least 0.9 m from the side walls."),
        rules.clear,
    ),
    School(
        "unequal",
        tr("Unequal distances"),
        tr(
            "Distances to floor, side and front wall all differ, the middle "
            "one the geometric mean of the other two, spread as far as the "
            "room allows."
        ),
        rules.unequal,
        tr("Waterhouse 1955 and Allison 1974"),
    ),
    School(
        "desk",
        tr("On the desk"),
        tr(
            "Desk against the front wall, monitors as far apart on it as it "
            "allows, ear at the third corner of the triangle."
        ),
        rules.on_the_desk,
    ),
    School(
        "long_wall",
        tr("Facing the long wall"),
        tr(
            "Monitors a quarter of the depth from the long wall, side walls "
            "far away; triangle 1.5 m a side."
        ),
        rules.long_wall,
    ),
    School(
        "calm_zone",
        tr("Calm zone"),
        tr(
            "Monitors two thirds of the way forward in the zone where the "
            "voice became just a voice, in its middle sideways."
        ),
        rules.calm_zone,
    ),
)


def possible(
    room: Room, gear: Gear, chains: Mapping[str, Chain] | None = None
) -> list[Arrangement]:
    """What every school proposes that can be met there, each named as its school."""
    found = []
    for one in SCHOOLS:
        try:
            found.append(one.propose(room, gear, chains))
        except SchoolCannotBeMet:
            continue
    return found


def school(school_id: str) -> School:
    """The school of that id; raises Refused naming those there are."""
    for candidate in SCHOOLS:
        if candidate.id == school_id:
            return candidate
    raise Refused(
        tr(
            "There is no school “{school_id}”; there is {join}.",
            school_id=school_id,
            join=", ".join(s.id for s in SCHOOLS),
        )
    )
