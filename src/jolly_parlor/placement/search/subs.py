"""Where a subwoofer stands best for monitors and seat that are settled: every floor place tried.

Judged as in `judging`, with the separable field (the height in closed form: a sub near the floor
and an ear above it are well apart); what is proposed is judged again with the model of record.
Crossover, gain, delay and polarity stay as they are set.
"""

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.room import Point, Room
from jolly_parlor.acoustics.separable import HorizontalField
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.forecast import head_points, join_subs
from jolly_parlor.placement.gear import Gear, Subwoofer
from jolly_parlor.placement.search.judging import Judge
from jolly_parlor.placement.search.wishes import Wishes

_GAP, _STEP, _FROM_SEAT = 0.05, 0.15, 0.5
_LIMIT_HZ = 700.0
_ROUNDS = 3


@dataclass(frozen=True, eq=False)
class SubPlaces:
    """Every place tried for one subwoofer, and J of all playing, in dB."""

    places: FloatArray
    """(places, 2): x, y of its middle, metres."""
    figures_db: FloatArray


def candidates(room: Room, sub: Subwoofer, wishes: Wishes) -> FloatArray:
    """Floor places (n, 2) along the walls and in corners, or all over the wished region; none on
    floor that must stay free.
    """
    half_x, half_y = sub.width / 2, sub.depth / 2
    low = np.array([half_x + _GAP, half_y + _GAP])
    high = np.array([room.width, room.length]) - low
    region = wishes.region if wishes.subwoofers == "region" else None
    if region is not None:
        low = np.maximum(low, [region.x, region.y])
        high = np.minimum(high, [region.x + region.width, region.y + region.depth])
    if np.any(low > high):
        return np.zeros((0, 2))
    xs, ys = (
        np.linspace(a, b, max(int((b - a) / _STEP), 1) + 1) for a, b in zip(low, high, strict=True)
    )
    grid = np.stack(np.meshgrid(xs, ys, indexing="ij"), axis=-1).reshape(-1, 2)
    if region is None:
        edge = np.any(np.isclose(grid, low) | np.isclose(grid, high), axis=1)
        grid = grid[edge]
    free = np.ones(len(grid), dtype=bool)
    for area in room.kept_free:
        beside = (grid[:, 0] + half_x <= area.x) | (grid[:, 0] - half_x >= area.x + area.width)
        beside |= (grid[:, 1] + half_y <= area.y) | (grid[:, 1] - half_y >= area.y + area.depth)
        free &= beside
    return np.asarray(grid[free])


class SubSearch:
    """Subwoofer places of one room; the tables of each seat height are kept."""

    def __init__(self, judge: Judge) -> None:
        self.judge, self.wishes = judge, judge.wishes
        self.room: Room = judge.room
        self.gear: Gear = judge.gear
        self._planes: dict[tuple[float, float], HorizontalField] = {}

    def placed(self, arrangement: Arrangement) -> Arrangement:
        """The arrangement with its subwoofers where they serve best; unchanged where none may
        move or none can stand anywhere.

        One after the other, each over all its places, until no move helps.
        """
        if self.wishes.subwoofers == "stay" or not self.gear.subwoofers:
            return arrangement
        best = arrangement
        for _ in range(_ROUNDS if len(self.gear.subwoofers) > 1 else 1):
            before = best.subwoofers
            for sub in self.gear.subwoofers:
                tried = self.tried(best, sub)
                if tried is not None and np.any(np.isfinite(tried.figures_db)):
                    x, y = tried.places[int(np.argmin(tried.figures_db))]
                    best = best.moved(f"sub:{sub.name}", _standing(sub, float(x), float(y)))
            if best.subwoofers == before:
                break
        return best

    def tried(self, arrangement: Arrangement, sub: Subwoofer) -> SubPlaces | None:
        """J for every place of one subwoofer, the others as they stand; None without any place."""
        places = candidates(self.room, sub, self.wishes)
        if places.size == 0:
            return None
        total, weights = np.zeros(len(places)), 0.0
        for seat, weight in self.judge.seats:
            total += weight * self._squares(arrangement, sub, places, seat)
            weights += weight
        figures = np.sqrt(total / weights)
        for point in arrangement.seats.values():
            near = np.hypot(places[:, 0] - point.x, places[:, 1] - point.y) < _FROM_SEAT
            figures[near] = np.inf
        for other in self.gear.subwoofers:
            if other.name != sub.name:
                at = arrangement.subwoofers[other.name]
                gap = np.abs(places - np.array([at.x, at.y]))
                sizes = np.array([other.width + sub.width, other.depth + sub.depth]) / 2
                figures[np.all(gap < sizes, axis=1)] = np.inf
        return SubPlaces(places, figures)

    def _squares(
        self, arrangement: Arrangement, sub: Subwoofer, places: FloatArray, seat: str
    ) -> FloatArray:
        """J^2 at one seat for every place."""
        judge, forecaster = self.judge, self.judge.forecaster
        ears = head_points(self.room, arrangement.seats[seat])
        owner = np.zeros(len(ears), dtype=int)
        mains = [
            judge.transfers([arrangement.position(side)], owner, ears) * forecaster.drive_of(side)
            for side in ("left", "right")
        ]
        others = {
            other.name: judge.transfers([arrangement.subwoofers[other.name]], owner, ears)
            * forecaster.drive_of(other.name)
            for other in self.gear.subwoofers
            if other.name != sub.name
        }
        total = np.zeros(len(places))
        for index, ear in enumerate(ears):
            heard = self._heard(sub, places, ear) * forecaster.drive_of(sub.name)
            named: Mapping[str, ComplexArray] = {
                sub.name: heard,
                **{name: pressure[index] for name, pressure in others.items()},
            }
            both = mains[0][index] + mains[1][index]
            whole = join_subs(self.gear, forecaster.frequencies_hz, both, named)
            total += judge.squares_of(mains[0][index], mains[1][index], whole) / len(ears)
        return total

    def _heard(self, sub: Subwoofer, places: FloatArray, ear: Point) -> ComplexArray:
        """Pressure at an ear from every place, (places, frequencies)."""
        key = (sub.height / 2, ear.z)
        if key not in self._planes:
            self._planes[key] = HorizontalField(self.judge.forecaster.field, *key, _LIMIT_HZ)
        return spread_from(self._planes[key], ear, places)


def spread_from(plane: HorizontalField, ear: Point, places: FloatArray) -> ComplexArray:
    """Pressure at one ear from sources at every place (n, 2), (n, frequencies)."""
    coupling = plane.coupled_with(ear.x, ear.y)
    xs, which_x = np.unique(places[:, 0], return_inverse=True)
    ys, which_y = np.unique(places[:, 1], return_inverse=True)
    rows = np.matmul(plane.across(xs), coupling)[:, which_x]
    return np.asarray(np.sum(rows * plane.along(ys)[:, which_y], axis=2).T)


def _standing(sub: Subwoofer, x: float, y: float) -> Point:
    return Point(round(x, 2), round(y, 2), sub.height / 2)
