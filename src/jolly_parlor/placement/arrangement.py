"""An Arrangement: one complete set of positions and settings, a candidate."""

from dataclasses import dataclass, field, replace
from math import atan2, degrees
from typing import Annotated

from annotated_types import Ge, Le, MaxLen, MinLen

from jolly_parlor.acoustics.geometry.image_sources import Board
from jolly_parlor.acoustics.geometry.plan import Coordinate, Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.turned_room import turned_point
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.gear import PAIR, Desk, Gear
from jolly_parlor.placement.grading import Grading
from jolly_parlor.placement.items import LEFT, Item, loudspeaker, seat
from jolly_parlor.strict import STRICT
from jolly_parlor.words import tr


@dataclass(frozen=True)
class DeskPlace:
    """The desk's front-left corner on the plan, metres."""

    __pydantic_config__ = STRICT

    x: Coordinate
    y: Coordinate


@dataclass(frozen=True)
class Arrangement:
    """Where everything stands and how it is set: acoustic centres of the loudspeakers (middles of
    the subwoofers), ear centres of the seats, the corner of the desk, and a Chain for each
    loudspeaker that is not flat.
    """

    __pydantic_config__ = STRICT

    name: Annotated[str, MinLen(1), MaxLen(60)]
    places: dict[str, Point]
    seats: dict[str, Point]
    chains: dict[str, Chain] = field(default_factory=dict)
    desk: DeskPlace | None = None
    school: Annotated[str, MaxLen(60)] = "own"
    rule: Annotated[str, MaxLen(1000)] = tr("Placed by hand.")
    aim_degrees: Annotated[float, Ge(-45.0), Le(45.0)] = 0.0
    """How far both of the pair are turned outwards from the ear; inwards is negative."""
    turns: dict[str, Annotated[float, Ge(-180.0), Le(180.0)]] = field(default_factory=dict)
    """The way a subwoofer looks: degrees from straight back into the room, towards the right as the
    listener sees it; one that is not named looks away from its nearest wall.
    """
    name_follows: bool = False
    """Whether the name is the program's: it says what this is, and changes with a move."""
    grading: Grading | None = None
    """What the listener gives it as it stands; a move takes it away (the Ledger keeps it)."""

    @property
    def left(self) -> Point:
        """The left one of the pair."""
        return self.places["left"]

    @property
    def right(self) -> Point:
        """The right one of the pair."""
        return self.places["right"]

    @property
    def items(self) -> list[Item]:
        """All that has a place of its own, the pair and the seats first; not the desk."""
        beside = (name for name in self.places if name not in PAIR)
        return [*map(loudspeaker, PAIR), *map(seat, self.seats), *map(loudspeaker, beside)]

    def position(self, item: Item) -> Point:
        """Where an item stands; raises KeyError for one it lacks."""
        return self.seats[item.id] if item.kind == "seat" else self.places[item.id]

    def moved(self, item: Item, to: Point) -> "Arrangement":
        """The same with one item elsewhere; of the desk, its corner."""
        if item.kind == "seat":
            return replace(self, seats={**self.seats, item.id: to})
        if item.kind == "desk":
            return replace(self, desk=DeskPlace(to.x, to.y))
        return replace(self, places={**self.places, item.id: to})

    def turned_to(self, name: str, degrees_: float | None) -> "Arrangement":
        """The same with one subwoofer looking another way; None, away from its wall again."""
        rest = {other: turn for other, turn in self.turns.items() if other != name}
        return replace(self, turns=rest if degrees_ is None else {**rest, name: degrees_})

    def with_pair(self, left: Point, right: Point) -> "Arrangement":
        """The same with the pair elsewhere."""
        return replace(self, places={**self.places, "left": left, "right": right})

    def mirrored_move(self, item: Item, to: Point, room: Room) -> "Arrangement":
        """Move one of the pair and its twin alike, mirrored about the middle of the wall faced."""
        twin = Point(2 * room.frame.middle - to.x, to.y, to.z)
        return self.with_pair(to, twin) if item == LEFT else self.with_pair(twin, to)

    def chain(self, name: str) -> Chain:
        """What is set for a loudspeaker; flat where nothing is."""
        return self.chains.get(name, Chain())

    def without_sections(self) -> "Arrangement":
        """The same with the equaliser off; trims stay."""
        chains = {name: replace(chain, sections=()) for name, chain in self.chains.items()}
        return replace(self, chains=chains)

    def toe_in_degrees(self, side: str, seat: str) -> float:
        """How far one of the pair is turned inwards from straight ahead, as it is aimed with
        respect to the seat; up to 180.
        """
        monitor, ear = self.places[side], self.seats[seat]
        return degrees(atan2(abs(ear.x - monitor.x), ear.y - monitor.y)) - self.aim_degrees

    def board(self, desk: Desk | None) -> Board | None:
        """The desk top as a finite plane, where there is one."""
        if desk is None or self.desk is None:
            return None
        return Board(self.desk.x, self.desk.y, desk.width, desk.depth, desk.height)


def same_turn(one: Arrangement, other: Arrangement, name: str, least_degrees: float) -> bool:
    """Whether a subwoofer looks the same way in both, to so many degrees."""
    a, b = one.turns.get(name), other.turns.get(name)
    if a is None or b is None:
        return a is b
    return abs((a - b + 180.0) % 360.0 - 180.0) <= least_degrees


def turn_words(degrees_: float | None) -> str:
    """Which way a subwoofer is turned, in words."""
    if degrees_ is None:
        return tr("turned away from its wall")
    ways = {0: tr("to the back"), 90: tr("to the right"), -90: tr("to the left")}
    ways[-180] = ways[180] = tr("to the front")
    near = min(ways, key=lambda way: abs(way - degrees_))
    if abs(near - degrees_) < 0.5:
        return tr("turned {way}", way=ways[near])
    return tr("turned to {degrees:.0f}° from the back towards the right", degrees=degrees_)


def aim_words(degrees_out: float) -> str:
    """How a pair is aimed, in words."""
    if abs(degrees_out) < 0.05:
        return tr("at the ear")
    return tr(
        "{degrees_out:.0f}° {degrees_out2} the ear",
        degrees_out=abs(degrees_out),
        degrees_out2="outside" if degrees_out > 0 else "inside",
    )


def turned_arrangement(room: Room, gear: Gear, arrangement: Arrangement) -> Arrangement:
    """The same places in the real room, seen after `turned(room)`; `room` is the one before."""
    desk = arrangement.desk
    if desk is not None and gear.desk is not None:
        # The desk keeps its size and its middle; it is drawn facing the new front.
        size = gear.desk
        middle = turned_point(room, Point(desk.x + size.width / 2, desk.y + size.depth / 2, 0.0))
        x, y = middle.x - size.width / 2, middle.y - size.depth / 2
        desk = DeskPlace(max(x, 0.0), max(y, 0.0))
    return replace(
        arrangement,
        places={name: turned_point(room, p) for name, p in arrangement.places.items()},
        seats={name: turned_point(room, p) for name, p in arrangement.seats.items()},
        desk=desk,
        turns={name: (turn + 90.0) % 360.0 - 180.0 for name, turn in arrangement.turns.items()},
    )


def shifted(arrangement: Arrangement, dx: float, dy: float) -> Arrangement:
    """The same with everything moved across the plan, metres."""

    def moved(p: Point) -> Point:
        return Point(p.x + dx, p.y + dy, p.z)

    desk = arrangement.desk
    return replace(
        arrangement,
        places={name: moved(p) for name, p in arrangement.places.items()},
        seats={name: moved(p) for name, p in arrangement.seats.items()},
        desk=DeskPlace(desk.x + dx, desk.y + dy) if desk is not None else None,
    )


def desk_before(ear: Point, desk: Desk, front: float = 0.0) -> DeskPlace:
    """A desk in front of a listener: its near edge 30 cm before the ear, or at the wall faced,
    which is `front` from the plan's foremost corner.
    """
    return DeskPlace(max(ear.x - desk.width / 2, 0.0), max(ear.y - 0.3 - desk.depth, front))
