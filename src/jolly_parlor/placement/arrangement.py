"""An Arrangement: one complete set of positions, a candidate."""

from dataclasses import dataclass, replace
from math import atan2, degrees
from typing import Annotated

import numpy as np
from annotated_types import Ge, Le, MaxLen, MinLen
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.images import Board
from jolly_parlor.acoustics.room import DOOR_SWING, KeepOut, Point, Room
from jolly_parlor.acoustics.turning import turned_point
from jolly_parlor.placement.gear import Desk, Gear


@dataclass(frozen=True)
class DeskPlace:
    """The desk's front-left corner on the plan, metres."""

    __pydantic_config__ = {"extra": "forbid"}

    x: float
    y: float


@dataclass(frozen=True)
class Arrangement:
    """Where everything stands: acoustic centres of the monitors, middles of the subwoofers,
    ear centres of the seats, the corner of the desk.
    """

    __pydantic_config__ = {"extra": "forbid"}

    name: Annotated[str, MinLen(1), MaxLen(60)]
    left: Point
    right: Point
    seats: dict[str, Point]
    subwoofers: dict[str, Point]
    desk: DeskPlace | None = None
    school: str = "own"
    rule: str = "Placed by hand."
    grade: Annotated[int, Ge(1), Le(5)] | None = None
    """What the listener gives it by ear, 5 the best."""
    heard: Annotated[str, MaxLen(400)] = ""
    """What the listener has to say of it."""

    @property
    def items(self) -> list[str]:
        """All that has a place: `left`, `right`, `seat:NAME`, `sub:NAME`; not the desk."""
        seats = [f"seat:{name}" for name in self.seats]
        return ["left", "right", *seats, *(f"sub:{name}" for name in self.subwoofers)]

    def position(self, item: str) -> Point:
        """Where an item stands: `left`, `right`, `seat:NAME`, `sub:NAME`."""
        kind, _, name = item.partition(":")
        if kind == "seat":
            return self.seats[name]
        if kind == "sub":
            return self.subwoofers[name]
        return {"left": self.left, "right": self.right}[kind]

    def moved(self, item: str, to: Point) -> "Arrangement":
        """The same with one item elsewhere. `desk` moves the desk's corner."""
        kind, _, name = item.partition(":")
        if kind == "seat":
            return replace(self, seats={**self.seats, name: to})
        if kind == "sub":
            return replace(self, subwoofers={**self.subwoofers, name: to})
        if kind == "desk":
            return replace(self, desk=DeskPlace(to.x, to.y))
        if kind == "left":
            return replace(self, left=to)
        return replace(self, right=to)

    def mirrored_move(self, item: str, to: Point, room: Room) -> "Arrangement":
        """Move one monitor and its twin alike, mirrored about the room's middle."""
        twin = Point(room.width - to.x, to.y, to.z)
        if item == "left":
            return replace(self, left=to, right=twin)
        return replace(self, right=to, left=twin)

    def toe_in_degrees(self, item: str, seat: str) -> float:
        """How far a monitor is turned from straight ahead to point at the seat, 0 to 180."""
        monitor, ear = self.position(item), self.seats[seat]
        return degrees(atan2(abs(ear.x - monitor.x), ear.y - monitor.y))

    def board(self, desk: Desk | None) -> Board | None:
        """The desk top as a finite plane, where there is one."""
        if desk is None or self.desk is None:
            return None
        return Board(self.desk.x, self.desk.y, desk.width, desk.depth, desk.height)


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
        left=turned_point(room, arrangement.left),
        right=turned_point(room, arrangement.right),
        seats={name: turned_point(room, p) for name, p in arrangement.seats.items()},
        subwoofers={name: turned_point(room, p) for name, p in arrangement.subwoofers.items()},
        desk=desk,
    )


def desk_before(ear: Point, desk: Desk) -> DeskPlace:
    """A desk in front of a listener: its near edge 30 cm before the ear, or at the front wall."""
    return DeskPlace(max(ear.x - desk.width / 2, 0.0), max(ear.y - 0.3 - desk.depth, 0.0))


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
    if desk is None or height - gear.monitor.acoustic_centre_height >= desk.height - 1e-9:
        return np.ones(fronts.shape, dtype=bool)
    far = np.maximum(fronts + depth - 0.3 - desk.depth, 0.0)
    return np.asarray(fronts <= far + 1e-9)


def fit_problems(room: Room, gear: Gear, arrangement: Arrangement) -> list[str]:
    """What cannot stand as placed, each in a sentence; empty when all fits."""
    problems = []
    for label, point in _places(arrangement):
        if not room.contains(point):
            problems.append(f"{label} is outside the room.")
        for area in room.kept_free:
            if area.contains(point) and not label.startswith("The seat"):
                problems.append(f"{label} stands in {_area(area)}.")
    for listener in gear.seats:
        if listener.name not in arrangement.seats:
            problems.append(f"The seat “{listener.name}” has no place in “{arrangement.name}”.")
    for sub in gear.subwoofers:
        if sub.name not in arrangement.subwoofers:
            problems.append(f"The subwoofer “{sub.name}” has no place in “{arrangement.name}”.")
    for label, monitor in (("left", arrangement.left), ("right", arrangement.right)):
        for name, seat in arrangement.seats.items():
            if monitor.distance(seat) < 0.3:
                problems.append(f"The {label} monitor is within 30 cm of the seat “{name}”.")
    return problems


def _area(area: KeepOut) -> str:
    return "a door's swing" if area.name == DOOR_SWING else f"the keep-out area “{area.name}”"


def _places(arrangement: Arrangement) -> list[tuple[str, Point]]:
    places = [("The left monitor", arrangement.left), ("The right monitor", arrangement.right)]
    places += [(f"The subwoofer “{n}”", p) for n, p in arrangement.subwoofers.items()]
    places += [(f"The seat “{n}”", p) for n, p in arrangement.seats.items()]
    return places
