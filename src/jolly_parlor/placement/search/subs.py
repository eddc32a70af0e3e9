"""Where a subwoofer stands best for monitors and seat that are settled: every floor place tried.

Judged as in `objective`, with the separable field (the height in closed form: a sub near the floor
and an ear above it are well apart); what is proposed is judged again with the model of record.
Every chain stays as it is set; `tuned_subs` looks for settings as well.
"""

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.geometry.floor_space import filled_between
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.forecast import head_points
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.loudspeakers import Loudspeaker, Model
from jolly_parlor.placement.mounting import (
    clear_of_things,
    hung_height,
    thinned,
    wall_heights,
)
from jolly_parlor.placement.radiating import subwoofer_heard_from
from jolly_parlor.placement.search.objective import Judge
from jolly_parlor.placement.search.wishes import Wishes

_GAP, _STEP, _FROM_SEAT = 0.05, 0.15, 0.5
_NEAR_ASIDE, _NEAR_BEHIND, _FROM_NEAR_SEAT = 0.75, (0.4, 1.2), 0.35
"""Metres from the ear: how far aside and behind a subwoofer close behind the seat may stand."""
_ROUNDS = 3
_OVER_HEAD = 1.0
"""Metres above or below an ear from which a subwoofer is no more beside it."""


@dataclass(frozen=True, eq=False)
class SubPlaces:
    """Every place tried for one subwoofer, and J of all playing, in dB."""

    places: FloatArray
    """(places, 3): its middle, metres."""
    figures_db: FloatArray


def candidates(room: Room, sub: Model, wishes: Wishes, ear: Point | None = None) -> FloatArray:
    """Middles (n, 3) of a subwoofer on the floor, on walls and under the ceiling, as its model
    allows; on the floor only where it is wished close behind the ear of the main seat.
    """
    found = [np.zeros((0, 3))]
    along = floor_candidates(room, sub, wishes, ear)
    if "floor" in sub.mounts:
        found.append(_at_height(along, sub.centre_height))
    if wishes.subwoofers != "near":
        if "wall" in sub.mounts:
            by_walls = floor_candidates(room, sub, wishes, ear, mounted=True)
            reach = max(sub.width, sub.depth) / 2 + _GAP + _STEP / 2
            by_walls = by_walls[[_by_a_wall(room, x, y, reach) for x, y in by_walls.tolist()]]
            found += [_at_height(by_walls, z) for z in wall_heights(room, sub).tolist()]
        if "ceiling" in sub.mounts:
            every = floor_candidates(room, sub, wishes, ear, all_over=True, mounted=True)
            every = thinned(every)
            hung = hung_height(room, sub, every[:, 0], every[:, 1])
            found.append(np.column_stack([every, np.round(hung, 2)]))
    places = np.concatenate(found)
    lifted = places[:, 2] != sub.centre_height
    places = places[~lifted | clear_of_things(room, sub, places)]
    return np.asarray(places)


def _at_height(places: FloatArray, z: float) -> FloatArray:
    return np.column_stack([places, np.full(len(places), z)])


def floor_candidates(
    room: Room,
    sub: Model,
    wishes: Wishes,
    ear: Point | None = None,
    all_over: bool = False,
    mounted: bool = False,
) -> FloatArray:
    """Floor places (n, 2) along the walls and in corners, all over the wished region (or the whole
    floor), or close behind the ear of the main seat; none on floor that must stay free, unless
    it is mounted above it.
    """
    half_x, half_y = sub.width / 2, sub.depth / 2
    low = np.array([half_x + _GAP, half_y + _GAP])
    high = np.array([room.width, room.length]) - low
    region = wishes.region if wishes.subwoofers == "region" else None
    if region is not None:
        low = np.maximum(low, [region.x, region.y])
        high = np.minimum(high, [region.x + region.width, region.y + region.depth])
    near = ear if wishes.subwoofers == "near" else None
    if near is not None:
        first, last = _NEAR_BEHIND
        low = np.maximum(low, [near.x - _NEAR_ASIDE, near.y + first])
        high = np.minimum(high, [near.x + _NEAR_ASIDE, near.y + last])
    if np.any(low > high):
        return np.zeros((0, 2))
    xs, ys = (
        np.linspace(a, b, max(int((b - a) / _STEP), 1) + 1) for a, b in zip(low, high, strict=True)
    )
    grid = np.stack(np.meshgrid(xs, ys, indexing="ij"), axis=-1).reshape(-1, 2)
    if region is None and near is None and not all_over:
        edge = np.any(np.isclose(grid, low) | np.isclose(grid, high), axis=1)
        if not room.is_box:
            reach = max(half_x, half_y) + _GAP + _STEP / 2
            edge = np.array([_by_a_wall(room, x, y, reach) for x, y in grid.tolist()])
        grid = grid[edge]
    return np.asarray(grid if mounted else grid[can_stand(room, sub, grid)])


def can_stand(room: Room, sub: Model, places: FloatArray) -> NDArray[np.bool_]:
    """At which places on the floor, (n, 2), a subwoofer has room, none where it must stay free."""
    half = np.array([sub.width, sub.depth]) / 2
    size = np.array([room.width, room.length])
    free = np.all((places >= half) & (places <= size - half), axis=1)
    for area in filled_between(room, 0.0, sub.height):
        low, high = (area.x, area.y), (area.x + area.width, area.y + area.depth)
        free &= np.any((places + half <= low) | (places - half >= high), axis=1)
    return np.asarray(free)


def _by_a_wall(room: Room, x: float, y: float, reach: float) -> bool:
    """Whether a place of the floor lies within reach of any wall."""
    return any(room.distance_to_wall(key, Point(x, y, 0.0)) <= reach for key in room.wall_keys)


class SubSearch:
    """Subwoofer places of one room."""

    def __init__(self, judge: Judge) -> None:
        self.judge, self.wishes = judge, judge.wishes
        self.room: Room = judge.room
        self.gear: Gear = judge.gear

    def placed(self, arrangement: Arrangement) -> Arrangement:
        """The arrangement with its subwoofers where they serve best; unchanged where none may
        move or none can stand anywhere.

        One after the other, each over all its places, until no move helps.
        """
        if self.wishes.subwoofers == "stay" or not self.gear.subwoofers:
            return arrangement
        best = arrangement
        for _ in range(_ROUNDS if len(self.gear.subwoofers) > 1 else 1):
            before = best.places
            for sub in self.gear.subwoofers:
                tried = self.tried(best, sub)
                if tried is not None and np.any(np.isfinite(tried.figures_db)):
                    standing = point_of(tried.places[int(np.argmin(tried.figures_db))])
                    best = best.moved(loudspeaker(sub.id), standing)
            if best.places == before:
                break
        return best

    def tried(self, arrangement: Arrangement, sub: Loudspeaker) -> SubPlaces | None:
        """J for every place of one subwoofer, the others as they stand; None without any place."""
        own = self.gear.model_of(sub.id)
        ear = arrangement.seats[self.gear.seats[0].name]
        places = candidates(self.room, own, self.wishes, ear)
        if places.size == 0:
            return None
        total, weights = np.zeros(len(places)), 0.0
        for seat, weight in self.judge.seats:
            total += weight * self._squares(arrangement, sub, places, seat)
            weights += weight
        figures = np.sqrt(total / weights)
        figures[self.in_the_way(arrangement, sub, places)] = np.inf
        return SubPlaces(places, figures)

    def in_the_way(
        self, arrangement: Arrangement, sub: Loudspeaker, places: FloatArray, twin: str = ""
    ) -> NDArray[np.bool_]:
        """Which places (n, 3) are too near a head or where another subwoofer is, a twin that goes
        along left aside.
        """
        away = _FROM_NEAR_SEAT if self.wishes.subwoofers == "near" else _FROM_SEAT
        own, found = self.gear.model_of(sub.id), np.zeros(len(places), dtype=bool)
        for point in arrangement.seats.values():
            beside = np.hypot(places[:, 0] - point.x, places[:, 1] - point.y) < away
            found |= beside & (np.abs(places[:, 2] - point.z) < _OVER_HEAD)
        for other in self.gear.subwoofers:
            if other.id not in (sub.id, twin):
                at, size = arrangement.places[other.id], self.gear.model_of(other.id)
                gap = np.abs(places - at.array())
                both = [size.width + own.width, size.depth + own.depth, size.height + own.height]
                found |= np.all(gap < np.array(both) / 2, axis=1)
        return found

    def _squares(
        self, arrangement: Arrangement, sub: Loudspeaker, places: FloatArray, seat: str
    ) -> FloatArray:
        """J^2 at one seat for every place."""
        judge, forecaster = self.judge, self.judge.forecaster
        ears = head_points(self.room, arrangement.seats[seat])
        owner = np.zeros(len(ears), dtype=int)
        fed = judge.fed(arrangement)
        names = [name for name in judge.mix.loudspeakers if name != sub.id]
        others = {
            name: pressure * (forecaster.drive_of(name) * fed[name])
            for name, pressure in judge.heard_of(names, [arrangement], owner, ears).items()
        }
        own = forecaster.drive_of(sub.id) * fed[sub.id]
        total = np.zeros(len(places))
        for index, ear in enumerate(ears):
            heard = {name: pressure[index] for name, pressure in others.items()}
            heard[sub.id] = self.heard(sub, places, ear, arrangement) * own
            total += judge.squares_of(heard) / len(ears)
        return total

    def heard(
        self, sub: Loudspeaker, places: FloatArray, ear: Point, arrangement: Arrangement
    ) -> ComplexArray:
        """Pressure at an ear from every place, (places, frequencies), by reciprocity; a subwoofer
        looks into the room from each, unless the arrangement has it turned.
        """
        field = self.judge.forecaster.field_of(arrangement)
        model, turn = self.gear.model_of(sub.id), arrangement.turns.get(sub.id)
        middles = [Point(*place) for place in places.tolist()]
        sources = np.array(
            [p.array() for p in subwoofer_heard_from(self.room, model, middles, turn)]
        )
        ways = np.round(sources - places, 3)
        found = np.empty((len(places), field.frequencies_hz.size), dtype=np.complex128)
        # Places that look the same way lie on one lattice.
        every, which = np.unique(
            np.column_stack([ways, sources[:, 2]]), axis=0, return_inverse=True
        )
        for number in range(len(every)):
            here = np.flatnonzero(which.ravel() == number)
            height = float(sources[here[0], 2])
            xs, which_x = np.unique(sources[here, 0], return_inverse=True)
            ys, which_y = np.unique(sources[here, 1], return_inverse=True)
            found[here] = field.spread(ear.array(), height, xs, ys)[:, which_y, which_x].T
        return found


def point_of(place: FloatArray) -> Point:
    """A subwoofer's middle (3,), to the centimetre across the plan."""
    x, y, z = place.tolist()
    return Point(round(x, 2), round(y, 2), z)


def standing_at(sub: Model, x: float, y: float) -> Point:
    """The middle of a subwoofer on the floor there, to the centimetre."""
    return Point(round(x, 2), round(y, 2), sub.centre_height)
