"""What to try against a cause: moves along the dimension it depends on, each one calculated.

A remedy is only offered when the forecast says it makes the response more even as a whole; a move
that mends one dip and costs more elsewhere is said to do so.
"""

from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.diagnosis.features import Feature
from jolly_parlor.diagnosis.marks import Lane
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import Deviation, evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.placement.names import JOINED
from jolly_parlor.placement.schools import back_to_wall_distance
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.search.within import broken, no_further
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.units import UnitSystem, format_length
from jolly_parlor.words import tr

WORTH_MOVING_DB = 0.5
"""A move that the forecast says gains less is within what it can tell (common practice)."""
_LOOKED_AT_CLOSELY = 4
_STEP_METRES = 0.1
_LOWEST_DESK = 0.55


@dataclass(frozen=True)
class Move:
    """One thing moved along one line, and the arrangement that results."""

    words: str
    """With a place for the length: `monitors at {} from the front wall`."""
    metres: float
    arrangement: Arrangement
    gear: Gear | None = None
    """What is placed, where that would be another: a desk that is lower or smaller."""

    def text(self, system: UnitSystem = "metric") -> str:
        """`monitors at 0.35 m from the front wall`."""
        return self.words.format(format_length(self.metres, system))


@dataclass(frozen=True)
class Remedy:
    """A calculated move: what it does to the feature and to the whole."""

    move: Move
    arrangement: Arrangement
    evenness_before_db: float
    evenness_after_db: float
    feature_after_db: float

    @property
    def gain_db(self) -> float:
        """How much more even the whole becomes."""
        return self.evenness_before_db - self.evenness_after_db


def best_remedy(
    feature: Feature,
    lane: Lane | None,
    forecaster: Forecaster,
    case: Case,
    wishes: Wishes,
) -> Remedy | None:
    """The most even of the moves that also shrink the feature; None when none helps. None breaks a
    wish that is kept now.

    Without a known cause the moves of monitors and seat along the room are tried. The angle of the
    triangle is kept where monitors or seat move along the room.
    """
    arrangement, seat = case.arrangement, case.seat
    before = evenness(forecaster.deviation(case)).value_db
    makers = _MOVES[lane] if lane else (_seat_along, _monitors_along, _triangle_along)
    quick, ranked = forecaster.coarse(), []
    room, gear = forecaster.room, forecaster.gear
    now = broken(room, gear, wishes, arrangement, arrangement)
    for move in (move for make in makers for move in make(forecaster, arrangement, seat)):
        moved = move.gear or gear, move.arrangement
        if fit_problems(Setup(room, *moved)):
            continue
        if not no_further(now, broken(room, moved[0], wishes, moved[1], arrangement)):
            continue
        if _listenable(move.arrangement, seat):
            value, _ = _judge(quick, move, feature, case)
            ranked.append((value, move))
    # The quick look only orders the moves; what is promised is calculated in full.
    best: Remedy | None = None
    for _, move in sorted(ranked, key=lambda pair: pair[0])[:_LOOKED_AT_CLOSELY]:
        value, there = _judge(forecaster, move, feature, case)
        shrinks = abs(there) < abs(feature.level_db) - 1.0
        if shrinks and before - value >= WORTH_MOVING_DB:
            if best is None or value < best.evenness_after_db:
                best = Remedy(move, _named(move, arrangement), before, value, there)
    return best


def _judge(forecaster: Forecaster, move: Move, feature: Feature, case: Case) -> tuple[float, float]:
    """Evenness after a move, and what is left of the feature."""
    if move.gear is not None:
        forecaster = Forecaster(forecaster.room, move.gear, forecaster.field)
    after = forecaster.deviation(case.having(move.arrangement))
    return evenness(after).value_db, _level_near(after, feature)


def _level_near(of: Deviation, feature: Feature) -> float:
    at = int(np.argmin(np.abs(of.frequencies_hz - feature.frequency_hz)))
    return float(of.deviation_db[at])


def _listenable(arrangement: Arrangement, seat: str) -> bool:
    """Whether the monitors still stand 45 to 75 degrees apart and 0.8 to 2.4 m from the ear.

    Common practice, no source: about equilateral, arm's length to about 2 m.
    """
    ear = arrangement.seats[seat]
    a, b = ear.distance(arrangement.left), ear.distance(arrangement.right)
    c = arrangement.left.distance(arrangement.right)
    cosine = (a * a + b * b - c * c) / (2 * a * b)
    angle = np.degrees(np.arccos(np.clip(cosine, -1, 1)))
    return bool(45 <= angle <= 75 and min(a, b) >= 0.8 and max(a, b) <= 2.4)


def _named(move: Move, arrangement: Arrangement) -> Arrangement:
    base = arrangement.name.split(JOINED)[0]
    name = f"{base}{JOINED}{move.text()}"[:60]
    rule = tr("“{base}” with {what}, tried against a finding.", base=base, what=move.text())
    return replace(move.arrangement, name=name, school="own", rule=rule, name_follows=True)


def _triangle(a: Arrangement, seat: str, monitors_y: float, seat_y: float) -> Arrangement:
    """Monitors and seat at new distances from the front wall, their angle and middle kept."""
    ear = a.seats[seat]
    old_y = (a.left.y + a.right.y) / 2
    scale = (seat_y - monitors_y) / max(ear.y - old_y, 0.1)
    left = Point(ear.x + (a.left.x - ear.x) * scale, monitors_y, a.left.z)
    right = Point(ear.x + (a.right.x - ear.x) * scale, monitors_y, a.right.z)
    desk = a.desk
    if desk is not None:
        desk = replace(desk, y=max(desk.y + seat_y - ear.y, 0.0))
    moved = a.with_pair(left, right).moved(seat_item(seat), Point(ear.x, seat_y, ear.z))
    return replace(moved, desk=desk)


def _monitors_along(forecaster: Forecaster, a: Arrangement, seat: str) -> Iterator[Move]:
    ear_y = a.seats[seat].y
    front = forecaster.room.frame.front
    for y in np.arange(front + back_to_wall_distance(forecaster.gear), ear_y - 0.6, _STEP_METRES):
        if abs(y - a.left.y) > 0.05:
            moved = _triangle(a, seat, float(y), ear_y)
            yield Move(tr("monitors at {} from the front wall"), float(y - front), moved)


def _seat_along(forecaster: Forecaster, a: Arrangement, seat: str) -> Iterator[Move]:
    monitors_y = (a.left.y + a.right.y) / 2
    frame = forecaster.room.frame
    for y in np.arange(monitors_y + 0.7, min(frame.back - 0.5, monitors_y + 2.2), _STEP_METRES):
        if abs(y - a.seats[seat].y) > 0.05:
            moved = _triangle(a, seat, monitors_y, float(y))
            yield Move(tr("seat at {} from the front wall"), float(y - frame.front), moved)


def _triangle_along(forecaster: Forecaster, a: Arrangement, seat: str) -> Iterator[Move]:
    monitors_y = (a.left.y + a.right.y) / 2
    depth = a.seats[seat].y - monitors_y
    frame = forecaster.room.frame
    nearest = frame.front + back_to_wall_distance(forecaster.gear)
    words = tr("the whole triangle, monitors at {} from the front wall")
    for y in np.arange(nearest, frame.back - 0.5 - depth, 1.5 * _STEP_METRES):
        if abs(y - monitors_y) > 0.05:
            moved = _triangle(a, seat, float(y), float(y) + depth)
            yield Move(words, float(y - frame.front), moved)


def _monitor_spacing(forecaster: Forecaster, a: Arrangement, seat: str) -> Iterator[Move]:
    now = a.right.x - a.left.x
    for side in np.arange(0.8, min(forecaster.room.frame.width - 0.6, 2.6), _STEP_METRES):
        if abs(side - now) > 0.05:
            shift = (float(side) - now) / 2
            left, right = replace(a.left, x=a.left.x - shift), replace(a.right, x=a.right.x + shift)
            yield Move(tr("monitors {} apart"), float(side), a.with_pair(left, right))


def _monitor_height(forecaster: Forecaster, a: Arrangement, seat: str) -> Iterator[Move]:
    for z in np.arange(0.95, min(1.5, forecaster.room.height - 0.3), 0.8 * _STEP_METRES):
        if abs(z - a.left.z) > 0.04:
            left, right = replace(a.left, z=float(z)), replace(a.right, z=float(z))
            yield Move(tr("monitors {} above the floor"), float(z), a.with_pair(left, right))


def _desk_along(forecaster: Forecaster, a: Arrangement, seat: str) -> Iterator[Move]:
    if a.desk is None:
        return
    front = forecaster.room.frame.front
    for by in (-0.3, -0.2, -0.1, 0.1, 0.2, 0.3):
        y = a.desk.y + by
        if y >= front:
            moved = replace(a, desk=replace(a.desk, y=y))
            yield Move(tr("the desk's far edge at {} from the front wall"), y - front, moved)


def _another_desk(forecaster: Forecaster, a: Arrangement, seat: str) -> Iterator[Move]:
    """Lower or higher by up to 15 cm, or with less of a top before the listener."""
    gear, desk = forecaster.gear, forecaster.gear.desk
    if desk is None or a.desk is None:
        return
    for by in (-0.15, -0.10, -0.05, 0.05):
        height = desk.height + by
        if _LOWEST_DESK <= height < a.seats[seat].z:
            changed = replace(gear, desk=replace(desk, height=height))
            yield Move(tr("the desk's top {} above the floor"), height, a, changed)
    for share in (0.8, 0.65):
        depth = round(share * desk.depth, 2)
        near = replace(a.desk, y=a.desk.y + desk.depth - depth)
        changed = replace(gear, desk=replace(desk, depth=depth))
        words = tr("a desk top {} deep, its near edge where it is")
        yield Move(words, depth, replace(a, desk=near), changed)


def _sub_along_walls(forecaster: Forecaster, a: Arrangement, seat: str) -> Iterator[Move]:
    frame = forecaster.room.frame
    for sub in forecaster.gear.subwoofers:
        item, now, size = loudspeaker(sub.id), a.places[sub.id], forecaster.gear.model_of(sub.id)
        edge_x, edge_y = size.width / 2 + 0.05, size.depth / 2 + 0.05
        for x in np.linspace(edge_x, frame.right - frame.left - edge_x, 9):
            moved = a.moved(item, Point(frame.left + float(x), frame.front + edge_y, now.z))
            yield Move(tr("{id} at the front wall, {{}} from the left", id=sub.id), float(x), moved)
        for y in np.linspace(edge_y, frame.depth - edge_y, 9):
            moved = a.moved(item, Point(frame.left + edge_x, frame.front + float(y), now.z))
            yield Move(tr("{id} at the left wall, {{}} from the front", id=sub.id), float(y), moved)


_MoveMaker = Callable[[Forecaster, Arrangement, str], Iterator[Move]]
_MOVES: dict[Lane, tuple[_MoveMaker, ...]] = {
    "front wall": (_monitors_along, _triangle_along),
    "side walls": (_monitor_spacing,),
    "back wall": (_seat_along, _triangle_along),
    "floor": (_monitor_height, _monitors_along),
    "ceiling": (_monitor_height, _monitors_along),
    "desk": (_desk_along, _another_desk, _monitor_height),
    "length modes": (_seat_along, _monitors_along, _triangle_along),
    "width modes": (_monitor_spacing,),
    "height modes": (_monitor_height,),
    "mixed modes": (_seat_along, _monitors_along, _triangle_along),
    "crossover": (_sub_along_walls,),
}
