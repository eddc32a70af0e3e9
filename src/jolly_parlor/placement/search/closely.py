"""The close look: the best of the grid judged with the model of record over the head volume.

    J = sqrt( mean over the head volume of (2 E_both^2 + E_left^2 + E_right^2) / 4 ),

E as defined in `evenness`. Lower is better. Left and right are in it so that a smooth sum of two
uneven halves does not win.
"""

from dataclasses import replace

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.field import BoxField
from jolly_parlor.acoustics.room import Point, Room
from jolly_parlor.placement.arrangement import Arrangement, desk_before, fit_problems
from jolly_parlor.placement.evenness import evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.space import Limits

_UNFIT = 99.0


class CloseLook:
    """Judges places (front, depth, side, height) of one room; subwoofers are left out."""

    def __init__(self, room: Room, gear: Gear, limits: Limits) -> None:
        self.room, self.gear, self.limits = room, gear, limits
        self._mains = replace(gear, subwoofers=())
        self.forecaster = Forecaster(room, self._mains)
        self.seat = gear.seats[0].name

    def arrangement(self, place: FloatArray, base: Arrangement | None) -> Arrangement:
        """The arrangement at a place, to the centimetre; other seats and subs as in `base`."""
        front, depth, side, height = (round(float(value), 2) for value in place)
        middle, ear = self.room.width / 2, self.gear.seats[0].ear_height
        own = Point(middle, front + depth, ear)
        seats, subs = {self.seat: own}, {}
        for seat in self.gear.seats[1:]:
            there = Point(middle, min(own.y + 1.0, self.room.length - 0.4), seat.ear_height)
            seats[seat.name] = base.seats[seat.name] if base else there
        for sub in self.gear.subwoofers:
            there = Point(sub.width / 2 + 0.1, sub.depth / 2 + 0.05, sub.height / 2)
            subs[sub.name] = base.subwoofers[sub.name] if base else there
        return Arrangement(
            name="Found",
            left=Point(middle - side / 2, front, height),
            right=Point(middle + side / 2, front, height),
            seats=seats,
            subwoofers=subs,
            desk=desk_before(own, self.gear.desk) if self.gear.desk else None,
            school="search",
            rule="Found by weighing every arrangement of the room.",
        )

    def figure(
        self, arrangement: Arrangement, forecaster: Forecaster | None = None, quick: bool = True
    ) -> float:
        """J of an arrangement; `quick` takes every second frequency."""
        if fit_problems(self.room, self.gear, arrangement):
            return _UNFIT
        model = forecaster or self.forecaster
        model = model.coarse() if quick else model
        mains = replace(arrangement, subwoofers={})
        total = 0.0
        heard = model.head(mains, self.seat)
        for forecast in heard:
            for combination, weight in (("both", 2.0), ("left", 1.0), ("right", 1.0)):
                total += weight * evenness(forecast.deviation(combination)).value_db ** 2  # type: ignore[arg-type]
        return float(np.sqrt(total / 4 / len(heard)))

    def figure_at(self, place: FloatArray, base: Arrangement | None) -> float:
        """J at a place of the search, without leaving the limits."""
        front, depth, side, _ = place
        away = np.hypot(depth, side / 2)
        limits = self.limits
        unfit = abs(side / away - 1) > limits.equilateral_tolerance + 0.01
        unfit |= not limits.nearest <= away <= limits.furthest
        unfit |= front + depth > self.room.length - limits.behind_head
        return _UNFIT if unfit else self.figure(self.arrangement(place, base))

    def refined(self, place: FloatArray, base: Arrangement | None, tries: int) -> FloatArray:
        """A better place nearby: centimetre steps that shrink, downhill only."""
        best, value, step = place.copy(), self.figure_at(place, base), 0.02
        used = 1
        while used < tries and step >= 0.01:
            improved = False
            for axis in (0, 1, 2):
                for sign in (1, -1):
                    trial = best.copy()
                    trial[axis] += sign * step
                    found = self.figure_at(trial, base)
                    used += 1
                    if found < value - 1e-6:
                        best, value, improved = trial, found, True
                        break
            if not improved:
                step /= 2
        return best

    def off_by(self, arrangement: Arrangement, metres: float) -> float:
        """How much J grows at worst when the monitors or the seat stand that far off, in dB."""
        own = self.figure(arrangement)
        ear = arrangement.seats[self.seat]
        worst = 0.0
        for by in (-metres, metres):
            nudged = replace(
                arrangement,
                left=replace(arrangement.left, y=arrangement.left.y + by),
                right=replace(arrangement.right, y=arrangement.right.y + by),
            )
            moved = arrangement.moved(f"seat:{self.seat}", replace(ear, y=ear.y + by))
            worst = max(worst, self.figure(nudged) - own, self.figure(moved) - own)
        return worst

    def absorption_off(self, arrangements: list[Arrangement]) -> list[float]:
        """How much J changes at most when the absorption guess is wrong by half, in dB."""
        field = self.forecaster.field
        changes = [0.0] * len(arrangements)
        for factor in (0.5, 1.5):
            wrong = BoxField(
                field.dimensions,
                field.admittances * factor,
                field.frequencies_hz,
                field.speed_of_sound,
            )
            model = Forecaster(self.room, self._mains, wrong)
            for index, arrangement in enumerate(arrangements):
                change = self.figure(arrangement, model) - self.figure(arrangement)
                if abs(change) > abs(changes[index]):
                    changes[index] = change
        return changes
