"""An Arrangement: one complete set of positions and settings, a candidate."""

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from itertools import combinations
from math import atan2, degrees
from typing import Annotated

import numpy as np
from annotated_types import Ge, Le, MaxLen, MinLen
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.image_sources import Board
from jolly_parlor.acoustics.geometry.plan import Coordinate, Point
from jolly_parlor.acoustics.geometry.room import DOOR_SWING, OUTSIDE, KeepOut, Room
from jolly_parlor.acoustics.geometry.turned_room import turned_point
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.gear import PAIR, Desk, Gear
from jolly_parlor.placement.grading import Grading
from jolly_parlor.placement.items import LEFT, Item, loudspeaker, seat
from jolly_parlor.refused import Refused
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


def standing_problems(room: Room, gear: Gear, arrangement: Arrangement) -> list[tuple[str, str]]:
    """Of a room with corners or things in it: what would stand outside it or in something, and
    where. Cabinets of the pair are taken whole, anything else by its centre.
    """
    found = []
    for side in PAIR:
        at, model = arrangement.places[side], gear.monitor
        low = at.z - model.centre_height
        edges_ = monitor_footprint(gear, np.array(at.x), np.array(at.y))
        left, front, right, back = (float(edge) for edge in edges_)
        for area in room.blocked_between(low, low + model.height):
            beside = right <= area.x + 1e-6 or left >= area.x + area.width - 1e-6
            if not beside and back > area.y + 1e-6 and front < area.y + area.depth - 1e-6:
                found.append((tr("the {side} monitor", side=side), _where(area)))
                break
    for label, point, _ in _places(gear, arrangement):
        if not room.has_air_at(point):
            thing = room.solid_at(point)
            what = tr("inside “{name}”", name=thing.name) if thing else OUTSIDE
            found.append((label[0].lower() + label[1:], what))
    return found


def _where(area: KeepOut) -> str:
    if area.name in (OUTSIDE, DOOR_SWING):
        return area.name if area.name == OUTSIDE else tr("in a {name}", name=area.name)
    return tr("in the way of “{name}”", name=area.name)


def monitor_footprint(
    gear: Gear, x: FloatArray, y: FloatArray
) -> tuple[FloatArray, FloatArray, FloatArray, FloatArray]:
    """Left, front, right and back edge on the plan of a cabinet whose acoustic centre is at x, y:
    the centre is in the middle of its face, the cabinet behind it. Toe-in is left out.
    """
    half = gear.monitor.width / 2
    return x - half, y - gear.monitor.depth, x + half, y


def clear_of_desk(gear: Gear, fronts: FloatArray, depth: float, height: float) -> NDArray[np.bool_]:
    """Whether monitors so far from the front wall, their ear `depth` behind them, stand over the
    desk or before it and not in it. The desk stands before the listener as `desk_before` puts it.
    """
    desk = gear.desk
    if desk is None or height - gear.monitor.centre_height >= desk.height - 1e-9:
        return np.ones(fronts.shape, dtype=bool)
    far = np.maximum(fronts + depth - 0.3 - desk.depth, 0.0)
    return np.asarray(fronts <= far + 1e-9)


def fit_problems(room: Room, gear: Gear, arrangement: Arrangement) -> list[str]:
    """What cannot stand as placed, each in a sentence; empty when all fits."""
    problems = []
    for label, point, is_seat in _places(gear, arrangement):
        if not room.contains(point):
            problems.append(tr("{label} is outside the room.", label=label))
        elif (thing := room.solid_at(point)) is not None:
            problems.append(tr("{label} is inside “{name}”.", label=label, name=thing.name))
        for area in room.kept_free:
            if area.contains(point) and not is_seat:
                problems.append(tr("{label} stands in {area}.", label=label, area=_area(area)))
    for listener in gear.seats:
        if listener.name not in arrangement.seats:
            problems.append(
                tr(
                    "The seat “{name}” has no place in “{name2}”.",
                    name=listener.name,
                    name2=arrangement.name,
                )
            )
    for speaker in gear.loudspeakers:
        if speaker.id not in arrangement.places:
            what = _label(gear, speaker.id)
            problems.append(
                tr("{what} has no place in “{name}”.", what=what, name=arrangement.name)
            )
    for side in PAIR:
        for name, ear in arrangement.seats.items():
            monitor = arrangement.places.get(side)
            if monitor is not None and monitor.distance(ear) < 0.3:
                problems.append(
                    tr(
                        "The {side} monitor is within 30 cm of the seat “{name}”.",
                        side=side,
                        name=name,
                    )
                )
    return problems + _stacked(gear, arrangement)


def _stacked(gear: Gear, arrangement: Arrangement) -> list[str]:
    """Subwoofers whose cabinets would fill the same space."""
    known = [sub.id for sub in gear.subwoofers if sub.id in arrangement.places]
    found = []
    for one, other in combinations(known, 2):
        sizes = [gear.model_of(name) for name in (one, other)]
        room = np.array([[m.width, m.depth, m.height] for m in sizes]).mean(axis=0)
        gap = np.abs(arrangement.places[one].array() - arrangement.places[other].array())
        if np.all(gap < room - 1e-6):
            found.append(
                tr(
                    "The subwoofers “{one}” and “{other}” stand in the same place.",
                    one=one,
                    other=other,
                )
            )
    return found


def must_stand(room: Room, gear: Gear, arrangement: Arrangement) -> None:
    """Raises Refused with the first problem of an arrangement that cannot stand as placed."""
    if problems := fit_problems(room, gear, arrangement):
        raise Refused(
            tr("“{name}” cannot stand: {problems}", name=arrangement.name, problems=problems[0])
        )


def _area(area: KeepOut) -> str:
    return (
        tr("a door's swing")
        if area.name == DOOR_SWING
        else tr("the keep-out area “{name}”", name=area.name)
    )


def _places(gear: Gear, arrangement: Arrangement) -> list[tuple[str, Point, bool]]:
    places = [(_label(gear, name), p, False) for name, p in arrangement.places.items()]
    return places + [(tr("The seat “{n}”", n=n), p, True) for n, p in arrangement.seats.items()]


def _label(gear: Gear, name: str) -> str:
    if name in PAIR:
        return tr("The {name} monitor", name=name)
    subs: Mapping[str, object] = {sub.id: sub for sub in gear.subwoofers}
    return (
        tr("The subwoofer “{name}”", name=name)
        if name in subs
        else tr("The loudspeaker “{name}”", name=name)
    )
