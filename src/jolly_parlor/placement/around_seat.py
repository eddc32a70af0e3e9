"""Places for the loudspeakers around the seat: within their angles, as far from the ear as the
pair, where a cabinet can stand; and, of these, where each by itself is heard most even.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, replace
from itertools import product
from typing import TYPE_CHECKING

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import evenness_db
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.layouts import Direction, azimuth_of, elevation_of, point_at
from jolly_parlor.placement.mixes import judged_band, one
from jolly_parlor.placement.radiating import cabinet_heard_from, plates_of

if TYPE_CHECKING:
    from jolly_parlor.placement.forecast import Forecaster

    _Within = tuple[Forecaster, tuple[Plate, ...], FloatArray]
    """Who forecasts, what scatters, and the points of the head, (points, 3)."""

_SHARES = (1.0, 0.95, 0.9, 0.85, 0.8, 0.7, 0.6, 0.5)
"""Of the pair's distance: nearer where the room is too small, and delayed for it."""
_STEP_DEGREES, _RISE_DEGREES = 2.5, 5.0
_CLEAR_METRES, _APART_METRES = 0.05, 0.30
_NEARER_DEGREES = 20.0
"""A tenth nearer counts as much as so many degrees off (common practice, no source)."""
_NEARER_DB, _OFF_DB = 0.4, 0.02
"""What a tenth nearer and a degree off count beside Evenness (a choice)."""
_SEARCHED = (1.0, 0.95, 0.9, 0.8)
_MOST_TRIED = 60
_TOLD_DEGREES = 0.5


@dataclass(frozen=True)
class Spot:
    """One place of one loudspeaker, by its direction."""

    at: Point
    azimuth: float
    elevation: float
    share: float
    """Of the pair's distance."""

    def off(self, wanted: Direction) -> float:
        """Degrees from what is wanted."""
        return abs(self.azimuth - wanted.azimuth_degrees) + abs(
            self.elevation - wanted.elevation_degrees
        )


def pair_distance(places: Mapping[str, Point], ear: Point) -> float:
    """How far the pair is from the ear, metres."""
    return (places["left"].distance(ear) + places["right"].distance(ear)) / 2


def spots(
    room: Room,
    gear: Gear,
    wanted: Direction,
    metres: float,
    ear: Point,
    taken: Mapping[str, Point],
    shares: tuple[float, ...] = _SHARES,
) -> Iterator[Spot]:
    """Where one can stand within its angles, nearest to what is wanted first; looked at one after
    another as they are asked for.
    """
    model = gear.model_of(wanted.loudspeaker)
    tried = [
        Spot(point_at(ear, azimuth, elevation, share * metres), azimuth, elevation, share)
        for share, azimuth, elevation in product(shares, _azimuths(wanted), _elevations(wanted))
    ]
    tried.sort(key=lambda s: s.off(wanted) + _NEARER_DEGREES * 10 * (1 - s.share))
    for spot in tried:
        at = spot.at
        behind = point_at(at, spot.azimuth, 0.0, model.depth + _CLEAR_METRES)
        low = at.z - model.centre_height
        corners = (at, behind, replace(at, z=low + model.height))
        near = any(at.distance(other) < _APART_METRES for other in taken.values())
        if low >= 0 and not near and all(map(room.has_air_at, corners)):
            yield spot


def _azimuths(wanted: Direction) -> list[float]:
    span = wanted.azimuth
    steps = np.arange(span.low, span.high + 1e-9, _STEP_DEGREES)
    return sorted({span.wanted, *map(float, steps)}, key=lambda a: abs(a - span.wanted))


def _elevations(wanted: Direction) -> list[float]:
    span = wanted.elevation
    steps = np.arange(span.low, span.high + 1e-9, _RISE_DEGREES)
    return sorted({span.wanted, *map(float, steps)}, key=lambda e: abs(e - span.wanted))


def placed_around(
    room: Room, gear: Gear, left: Point, right: Point, ear: Point, standing: Mapping[str, Point]
) -> dict[str, Point]:
    """A place for every loudspeaker that the layout gives a direction and that may be moved or
    stands nowhere yet, by geometry alone; none for one that fits nowhere within its angles.
    """
    pair = {"left": left, "right": right}
    metres = pair_distance(pair, ear)
    found: dict[str, Point] = {}
    for wanted in gear.layout.directions:
        name = wanted.loudspeaker
        if not wanted.movable and name in standing:
            continue
        free = next(spots(room, gear, wanted, metres, ear, pair | found), None)
        if free is not None:
            found[name] = free.at
    return found


@dataclass(frozen=True)
class Settled:
    """Where one loudspeaker is heard most even within its angles."""

    loudspeaker: str
    at: Point
    before_db: float | None
    """Evenness by itself over the head where it stood; None where it stood nowhere."""
    after_db: float


def settled_around(
    forecaster: Forecaster, arrangement: Arrangement, seat: str
) -> tuple[Arrangement, tuple[Settled, ...]]:
    """The arrangement with those that may be moved where each by itself is most even, mirrored
    twins alike; and what that brings.
    """
    from jolly_parlor.placement.forecast import head_points

    gear, room, ear = forecaster.gear, forecaster.room, arrangement.seats[seat]
    metres = pair_distance(arrangement.places, ear)
    heads = np.array([p.array() for p in head_points(room, ear)])
    told: list[Settled] = []
    placed = arrangement
    for group in _twins(gear.layout.directions):
        movable = [wanted for wanted in group if wanted.movable]
        if not movable:
            continue
        names = {wanted.loudspeaker for wanted in movable}
        taken = {n: p for n, p in placed.places.items() if n not in names}
        within = forecaster, plates_of(gear, arrangement), heads
        best = _best(within, movable, metres, ear, taken)
        for wanted, at, after in best:
            name = wanted.loudspeaker
            stood = placed.places.get(name)
            before = None if stood is None else _figure(within, name, [stood])[0]
            told.append(Settled(name, at, before, after))
            placed = replace(placed, places={**placed.places, name: at})
    return placed, tuple(told)


def _twins(directions: tuple[Direction, ...]) -> Iterator[tuple[Direction, ...]]:
    left = list(directions)
    while left:
        first = left.pop(0)
        twin = next(
            (
                d
                for d in left
                if abs(d.azimuth_degrees + first.azimuth_degrees) < 0.1
                and abs(d.elevation_degrees - first.elevation_degrees) < 0.1
                and abs(first.azimuth_degrees) > 0.1
            ),
            None,
        )
        if twin is not None:
            left.remove(twin)
        yield (first,) if twin is None else (first, twin)


def _best(
    within: _Within,
    group: list[Direction],
    metres: float,
    ear: Point,
    taken: Mapping[str, Point],
) -> list[tuple[Direction, Point, float]]:
    first, *rest = group
    forecaster, _, _ = within
    tried: list[tuple[float, list[tuple[Direction, Point, float]]]] = []
    known = forecaster.room, forecaster.gear, first, metres, ear, taken
    free = list(spots(*known, _SEARCHED)) or list(spots(*known))
    step = max(len(free) // _MOST_TRIED, 1)
    chosen = free[::step]
    values = _figure(within, first.loudspeaker, [s.at for s in chosen])
    for spot, value in zip(chosen, values, strict=True):
        row = [(first, spot.at, value)]
        for other in rest:
            mirrored = point_at(ear, -spot.azimuth, spot.elevation, spot.share * metres)
            near = {**taken, first.loudspeaker: spot.at}
            alike = [
                s
                for s in spots(
                    forecaster.room, forecaster.gear, other, metres, ear, near, (spot.share,)
                )
                if s.at.distance(mirrored) < 0.02
            ]
            if alike:
                [figure] = _figure(within, other.loudspeaker, [alike[0].at])
                row.append((other, alike[0].at, figure))
        if len(row) < len(group):
            continue
        mean = sum(value for _, _, value in row) / len(row)
        cost = mean + 10 * _NEARER_DB * (1 - spot.share) + _OFF_DB * spot.off(first)
        tried.append((cost, row))
    if tried:
        return min(tried, key=lambda pair: pair[0])[1]
    if rest:  # the room is unlike on both sides: each for itself
        alone = _best(within, [first], metres, ear, taken)
        near = {**taken, **{d.loudspeaker: at for d, at, _ in alone}}
        return alone + _best(within, rest, metres, ear, near)
    return []


def _figure(within: _Within, name: str, places: list[Point]) -> list[float]:
    """Evenness of one by itself at each place, root mean square over the head, which comes first in
    `heads`.
    """
    if not places:
        return []
    forecaster, plates, heads = within
    low, high, target = judged_band(forecaster.gear, one(name))
    room, gear, ear = forecaster.room, forecaster.gear, Point(*heads[0].tolist())
    stand = [cabinet_heard_from(room, gear, name, at, ear).array() for at in places]
    sources = np.repeat(stand, len(heads), axis=0)
    ears = np.tile(heads, (len(places), 1))
    forecaster.field.expect(heads)
    pressure = forecaster.transfers(sources, ears, plates) * forecaster.drive_of(name)
    level = 20 * np.log10(np.maximum(np.abs(pressure), 1e-12))
    figures = evenness_db(forecaster.frequencies_hz, level, low, high, target)
    whole = np.sqrt(np.mean(figures.reshape(len(places), len(heads)) ** 2, axis=1))
    return [float(value) for value in whole]


def off_its_angles(arrangement: Arrangement, wanted: Direction, ear: Point) -> tuple[float, float]:
    """Degrees by which one stands outside its azimuth and its elevation; less than a tape can tell
    is nothing.
    """
    at = arrangement.places[wanted.loudspeaker]
    azimuth = _nearest_turn(azimuth_of(ear, at), wanted.azimuth_degrees)
    off = wanted.azimuth.off(azimuth), wanted.elevation.off(elevation_of(ear, at))
    return _told(off[0]), _told(off[1])


def _told(degrees_off: float) -> float:
    return degrees_off if abs(degrees_off) >= _TOLD_DEGREES else 0.0


def _nearest_turn(azimuth: float, wanted: float) -> float:
    """The same azimuth within half a turn of another."""
    return wanted + (azimuth - wanted + 180.0) % 360.0 - 180.0
