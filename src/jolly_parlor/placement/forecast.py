"""The Forecast: the calculated response of an Arrangement at an ear."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.field import BoxField
from jolly_parlor.acoustics.pairs import NEAREST_ALONG_METRES, PairField
from jolly_parlor.acoustics.room import Point, Room, box_field
from jolly_parlor.acoustics.sources import crossover_high, crossover_low, drive, high_pass
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import GRID_HZ, Deviation, deviation
from jolly_parlor.placement.gear import Gear, Monitor, Subwoofer
from jolly_parlor.signals.response import Response

Combination = Literal["left", "right", "both", "both+sub"]
COMBINATIONS: tuple[Combination, ...] = ("left", "right", "both", "both+sub")
COMBINATION_NAMES: dict[Combination, str] = {
    "left": "Left",
    "right": "Right",
    "both": "Both",
    "both+sub": "Both and sub",
}

_MOST_KNOWN = 4000  # pairs kept, 3 kB each

HEAD_SHIFTS: dict[str, tuple[float, float, float]] = {
    "centre": (0.0, 0.0, 0.0),
    "left": (-0.10, 0.0, 0.0),
    "right": (0.10, 0.0, 0.0),
    "front": (0.0, -0.15, 0.0),
    "back": (0.0, 0.15, 0.0),
    "low": (0.0, 0.10, -0.10),
}
"""Points of the head volume, metres from its centre: sideways, back, up."""


def head_point(ear: Point, name: str) -> Point:
    """One of HEAD_SHIFTS around an ear centre."""
    dx, dy, dz = HEAD_SHIFTS[name]
    return Point(ear.x + dx, ear.y + dy, ear.z + dz)


def head_points(room: Room, ear: Point) -> list[Point]:
    """The head volume: centre, 10 cm sideways, 15 cm front to back, one slouch.

    Common practice, no source. Points beyond a wall are left out.
    """
    points = [head_point(ear, name) for name in HEAD_SHIFTS]
    return [point for point in points if room.contains(point)]


def playing(gear: Gear, arrangement: Arrangement, combination: Combination) -> dict[str, Point]:
    """The sources of a combination and where they stand."""
    if combination in ("left", "right"):
        return {combination: arrangement.position(combination)}
    places = {"left": arrangement.left, "right": arrangement.right}
    if combination == "both+sub":
        places |= {sub.name: arrangement.subwoofers[sub.name] for sub in gear.subwoofers}
    return places


def combinations(gear: Gear) -> tuple[Combination, ...]:
    """Those this gear can play."""
    return COMBINATIONS if gear.subwoofers else COMBINATIONS[:3]


def lowest_corner_hz(gear: Gear, combination: Combination) -> float:
    """Where the judged band begins: the lowest -3 dB corner of the sources playing."""
    corners = [gear.monitor.low_corner_hz]
    if combination == "both+sub":
        corners += [sub.low_corner_hz for sub in gear.subwoofers]
    return max(min(corners), float(GRID_HZ[0]))


@dataclass(frozen=True, eq=False)
class Forecast:
    """Complex pressures at one ear, by source (`left`, `right`, subwoofer names), no crossover."""

    gear: Gear
    frequencies_hz: FloatArray
    sources: Mapping[str, ComplexArray]

    def pressure(self, combination: Combination) -> ComplexArray:
        """The sum of the sources of a combination, crossover included where the sub plays."""
        return combine(self.gear, self.frequencies_hz, self.sources, combination)

    def response(self, combination: Combination) -> Response:
        """The same as level and phase."""
        return Response.from_pressure(self.frequencies_hz, self.pressure(combination))

    def deviation(self, combination: Combination) -> Deviation:
        """Its distance from even, judged over the band of the sources playing."""
        return deviation(self.response(combination), lowest_corner_hz(self.gear, combination))


def combine(
    gear: Gear,
    frequencies_hz: FloatArray,
    sources: Mapping[str, ComplexArray],
    combination: Combination,
) -> ComplexArray:
    """Complex sum of sources given without crossover: of forecasts and takes alike."""
    if combination in ("left", "right"):
        return sources[combination]
    mains = np.asarray(sources["left"] + sources["right"])
    if combination == "both":
        return mains
    return join_subs(gear, frequencies_hz, mains, sources)


def join_subs(
    gear: Gear,
    frequencies_hz: FloatArray,
    mains: ComplexArray,
    sources: Mapping[str, ComplexArray],
) -> ComplexArray:
    """Monitors and subwoofers, given without crossover, handed over at it and added."""
    total = mains * crossover_high(frequencies_hz, mains_crossover_hz(gear))
    for sub in gear.subwoofers:
        total = total + sources[sub.name] * sub_crossover(frequencies_hz, sub)
    return np.asarray(total)


def mains_crossover_hz(gear: Gear) -> float:
    """The frequency at which the monitors hand over: the highest of the subs' settings."""
    return max((sub.crossover_hz for sub in gear.subwoofers), default=80.0)


def sub_crossover(frequencies_hz: FloatArray, sub: Subwoofer) -> ComplexArray:
    """Low-pass, gain, delay and polarity of a sub."""
    controls = drive(frequencies_hz, sub.gain_db, sub.delay_ms, sub.inverted)
    return np.asarray(crossover_low(frequencies_hz, sub.crossover_hz) * controls)


def low_ends(
    gear: Gear, frequencies_hz: FloatArray
) -> tuple[ComplexArray, dict[str, ComplexArray]]:
    """The low end of a monitor's box and of each subwoofer's, (frequencies,)."""

    def low_end(box: Monitor | Subwoofer) -> ComplexArray:
        return high_pass(frequencies_hz, box.low_corner_hz, box.low_slope_db_per_octave // 6)

    return low_end(gear.monitor), {sub.name: low_end(sub) for sub in gear.subwoofers}


class Forecaster:
    """Forecasts for one room and its gear; keeps the room's eigenvalues between calls.

    before_each is called before each pair of source and ear, and may raise to give up.
    """

    def __init__(
        self,
        room: Room,
        gear: Gear,
        field: BoxField | None = None,
        before_each: Callable[[], None] | None = None,
    ) -> None:
        self.room, self.gear, self._before_each = room, gear, before_each
        self.field = field if field is not None else box_field(room, GRID_HZ)
        self.frequencies_hz = self.field.frequencies_hz
        self._coarse: Forecaster | None = None
        self._pairs = PairField(self.field)
        self._known: dict[tuple[Point, Point], ComplexArray] = {}
        self._monitor, self._subs = low_ends(gear, self.frequencies_hz)

    def coarse(self) -> "Forecaster":
        """The same room on every second frequency, for trying many places quickly."""
        if self._coarse is None:
            self._coarse = self.in_field(self.field.thinned(2))
        return self._coarse

    def in_field(self, field: BoxField) -> "Forecaster":
        """The same gear in another field."""
        return Forecaster(self.room, self.gear, field, self._before_each)

    def prepare(self) -> bool:
        """Work out ahead a part of what a first forecast takes long for; False with all done."""
        return self._pairs.prepare()

    def at(self, arrangement: Arrangement, ear: Point) -> Forecast:
        """The forecast at a point in the room. Raises ValueError for places it cannot compute."""
        places = {"left": arrangement.left, "right": arrangement.right}
        places |= {sub.name: arrangement.subwoofers[sub.name] for sub in self.gear.subwoofers}
        sources = {
            name: self.transfer(place, ear) * self.drive_of(name) for name, place in places.items()
        }
        return Forecast(self.gear, self.frequencies_hz, sources)

    def drive_of(self, source: str) -> ComplexArray:
        """The low end of a source's box, (frequencies,)."""
        return self._subs.get(source, self._monitor)

    def at_seat(self, arrangement: Arrangement, seat: str) -> Forecast:
        """The forecast at the ear centre of a seat."""
        return self.at(arrangement, arrangement.seats[seat])

    def head(self, arrangement: Arrangement, seat: str) -> list[Forecast]:
        """Forecasts over the head volume of a seat; the first is the centre."""
        return [
            self.at(arrangement, point) for point in head_points(self.room, arrangement.seats[seat])
        ]

    def transfer(self, source: Point, ear: Point) -> ComplexArray:
        """Pressure at an ear per unit source, (frequencies,); known pairs are kept."""
        if self._before_each is not None:
            self._before_each()
        key = (source, ear)
        if key not in self._known:
            if len(self._known) >= _MOST_KNOWN:
                self._known.clear()
            s, r = source.array(), ear.array()
            apart = abs(s[1] - r[1])
            if apart >= NEAREST_ALONG_METRES and self.room.contains(source):
                # The same sum, with what drags and searches have in common kept between calls.
                found = self._pairs.pressures(s[None, :], r[None, :])[0]
            else:
                found = self.field.pressure(s, r)
            self._known[key] = found
        return self._known[key]

    def transfers(self, sources: FloatArray, ears: FloatArray) -> ComplexArray:
        """As `transfer` for many pairs at once, (pairs, frequencies); they are not kept.

        sources, ears: (pairs, 3) metres, within the room.
        """
        if self._before_each is not None:
            self._before_each()
        far = np.abs(sources[:, 1] - ears[:, 1]) >= NEAREST_ALONG_METRES
        result = np.empty((len(sources), self.frequencies_hz.size), dtype=np.complex128)
        result[far] = self._pairs.pressures(sources[far], ears[far])
        for index in np.flatnonzero(~far):
            result[index] = self.field.pressure(sources[index], ears[index])
        return result
