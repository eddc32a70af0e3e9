"""The objective, judged closely: with the model of record, smoothed, over the head volume.

    J^2 = mean over the head volume of [ (2 E_both^2 + E_left^2 + E_right^2) / 4 + M^2 / 10
          + d S^2 ]

as in `coarse_pass`, E now exactly that of the module `evenness`. Of what plays, each loudspeaker is
heard at the settings of its arrangement, and `both` is all of it, `left` and `right` what is heard
of a sound panned fully to one side: that side with the subwoofers. Left and right are in it so that
a smooth sum of two uneven halves does not win. Other seats join as in `coarse_pass`. Lower is
better. `settings.goal` is the same J as a function of the settings.
"""

from collections.abc import Mapping, Sequence
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass
from typing import TypeVar

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, IntArray
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import (
    SMOOTHING_PER_OCTAVE,
    bass_reach_hz,
    joined_square,
    shape_db,
)
from jolly_parlor.placement.forecast import Forecaster, head_points
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.judging import Judged
from jolly_parlor.placement.mixes import BOTH, factors, judged_band, with_subwoofers
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.smoothing import smooth_level_db

Pressure = TypeVar("Pressure", np.complex64, np.complex128)
UNFIT = 99.0
"""J of what cannot stand, dB."""

_BATCH, _WORKERS = 200, 2


@dataclass(frozen=True, eq=False)
class Band:
    """The judged part of a forecaster's frequencies for one mix."""

    frequencies_hz: FloatArray
    at_hz: FloatArray
    lowest_octave: FloatArray
    """Which of at_hz belong to the lowest octave, as 0 and 1."""
    target_db: FloatArray
    """Of at_hz's shape."""

    @classmethod
    def of(cls, frequencies_hz: FloatArray, judged: Judged) -> "Band":
        """Those of the grid that are judged."""
        low, high, target = judged
        at = frequencies_hz[(frequencies_hz >= low - 1e-9) & (frequencies_hz <= high + 1e-9)]
        lowest = np.asarray(at <= 2 * at[0] + 1e-9, dtype=float)
        return cls(frequencies_hz, at, lowest, target.at(at))

    def levels_db(self, pressure: ComplexArray) -> FloatArray:
        """Smoothed levels above the target, (..., frequencies) to (..., at_hz)."""
        level = 20 * np.log10(np.maximum(np.abs(pressure), 1e-12))
        smooth = smooth_level_db(self.frequencies_hz, level, self.at_hz, SMOOTHING_PER_OCTAVE)
        return np.asarray(smooth - self.target_db)

    def squares(self, level_db: FloatArray) -> FloatArray:
        """E^2 over the last axis."""
        return np.asarray(shape_db(level_db) ** 2)

    def missing_squared(self, level_db: FloatArray) -> FloatArray:
        """S^2: how far the lowest octave lies below the mean, squared; 0 where it does not."""
        low = level_db @ self.lowest_octave / self.lowest_octave.sum()
        return np.asarray(np.maximum(level_db.mean(axis=-1) - low, 0.0) ** 2)


def sums_of(heard: Mapping[str, NDArray[Pressure]]) -> tuple[NDArray[Pressure], ...]:
    """What is heard of a sound panned left and right, each side with all but the pair, and of both:
    pressures by loudspeaker, (..., frequencies).
    """
    left, right = (heard[side] for side in PAIR)
    for name, pressure in heard.items():
        if name not in PAIR:
            left, right = left + pressure, right + pressure
    return left, right, left + heard[PAIR[1]]


class Judge:
    """J of arrangements of one room."""

    def __init__(
        self, forecaster: Forecaster, wishes: Wishes, desk_steps: tuple[float, float] | None = None
    ) -> None:
        """desk_steps: as in `Forecaster.from_arrangements`."""
        self._desk_steps = desk_steps
        self.room, self.gear, self.wishes = forecaster.room, forecaster.gear, wishes
        self.forecaster = forecaster
        f = forecaster.frequencies_hz
        self.mains = Band.of(f, judged_band(self.gear, BOTH))
        self.mix = with_subwoofers(self.gear)
        self.whole = Band.of(f, judged_band(self.gear, self.mix))

    @property
    def seats(self) -> list[tuple[str, float]]:
        """The seats that count and their weights; the main one first."""
        return list(self.gear.counting_seats(self.wishes.other_seats).items())

    def figures(self, arrangements: Sequence[Arrangement], played: bool = False) -> FloatArray:
        """J of each in dB, of the monitors alone and flat, or as it is played: with subwoofers, at
        its settings. UNFIT for what cannot stand.
        """
        values = np.full(len(arrangements), UNFIT)
        fit = [
            i
            for i, a in enumerate(arrangements)
            if not fit_problems(Setup(self.room, self.gear, a))
        ]
        # Neighbours share a desk, and what is worked out of it.
        fit.sort(key=lambda i: arrangements[i].seats[self.gear.seats[0].name].y)
        batches = [fit[start : start + _BATCH] for start in range(0, len(fit), _BATCH)]
        with ThreadPoolExecutor(_WORKERS) as pool:
            found = pool.map(lambda b: self._figures([arrangements[i] for i in b], played), batches)
            for batch, figures in zip(batches, found, strict=True):
                values[batch] = figures
        return values

    def _figures(self, arrangements: list[Arrangement], played: bool) -> FloatArray:
        total, weights = np.zeros(len(arrangements)), 0.0
        for seat, weight in self.seats:
            total += weight * self._squares(arrangements, seat, played)
            weights += weight
        return np.asarray(np.sqrt(total / weights))

    def _squares(self, arrangements: list[Arrangement], seat: str, played: bool) -> FloatArray:
        """J^2 at one seat."""
        ears = [head_points(self.room, a.seats[seat]) for a in arrangements]
        owner = np.repeat(np.arange(len(ears)), [len(points) for points in ears])
        flat = [point for points in ears for point in points]
        fed = [self.fed(a) for a in arrangements] if played else None
        names = self.mix.loudspeakers if played else PAIR
        heard = self.heard_of(names, arrangements, owner, flat)
        for name in names:
            heard[name] *= self.forecaster.drive_of(name)
            if fed is not None:
                heard[name] *= np.array([one[name] for one in fed])[owner]
        squares = self.squares_of(heard)
        return np.bincount(owner, squares) / np.bincount(owner)

    def fed(self, arrangement: Arrangement) -> dict[str, ComplexArray]:
        """What each loudspeaker that plays is fed through, (frequencies,)."""
        f = self.forecaster.frequencies_hz
        every = factors(self.mix, arrangement.chains, f).items()
        flat = np.ones(f.size, dtype=np.complex128)
        return {name: flat if factor is None else factor for name, factor in every}

    def squares_of(self, heard: Mapping[str, ComplexArray]) -> FloatArray:
        """J^2 of what each loudspeaker brings, settings included, (..., frequencies)."""
        band = self.whole if len(heard) > len(PAIR) else self.mains
        return self.weighed(band, *(band.levels_db(pressure) for pressure in sums_of(heard)))

    def weighed(
        self, band: Band, left: FloatArray, right: FloatArray, both: FloatArray
    ) -> FloatArray:
        """J^2 of levels over a band, (..., at_hz)."""
        one, other, whole = (band.squares(level) for level in (left, right, both))
        square = joined_square(whole, one, other, np.mean((left - right) ** 2, axis=-1))
        return np.asarray(square + self.wishes.deep * band.missing_squared(both))

    def reaches(self, arrangements: Sequence[Arrangement]) -> FloatArray:
        """Bass reach of both monitors at the main ear, Hz, for each."""
        seat = self.gear.seats[0].name
        ears = [a.seats[seat] for a in arrangements]
        owner = np.arange(len(ears))
        drive, f = self.forecaster.drive_of("left"), self.forecaster.frequencies_hz
        both = sum(self.heard_of(PAIR, arrangements, owner, ears).values())
        found = []
        for pressure in np.asarray(both) * drive:
            reference = float(self.mains.levels_db(pressure).mean())
            heard = Response.from_pressure(f, pressure)
            found.append(bass_reach_hz(heard, reference, self.gear.judging.target))
        return np.array(found)

    def heard_of(
        self,
        names: Sequence[str],
        arrangements: Sequence[Arrangement],
        owner: IntArray,
        ears: Sequence[Point],
    ) -> dict[str, ComplexArray]:
        """Pressure at each ear of loudspeakers of its owner, (ears, frequencies) each."""
        there = np.array([ear.array() for ear in ears])
        steps = self._desk_steps
        return self.forecaster.from_arrangements(names, arrangements, owner, there, steps)
