"""The Forecast: the calculated response of an Arrangement at an ear."""

from collections import defaultdict
from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass
from threading import Lock

import numpy as np
from cachetools import LRUCache

from jolly_parlor.acoustics.array_cache import Kept
from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, IntArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField, room_field
from jolly_parlor.acoustics.fields.plated_field import PlatedField, PlatedFields
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.evenness import GRID_HZ, Deviation, deviation
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import Mix, judged_band, mixed
from jolly_parlor.placement.radiating import all_heard_from, plates_between, plates_of
from jolly_parlor.placement.setup import Setup
from jolly_parlor.signals.response import Response

_MOST_KNOWN_BYTES = 12_000_000  # thousands of pairs, 3 kB each
_FIELD_ROWS, _AT_ONE = 24_000, 6
"""Frequencies of all fields with plates that are kept, a kilobyte each; what is known of places is
bounded apart.
"""

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

    Common practice, no source. Points beyond a wall or in a thing are left out.
    """
    points = [head_point(ear, name) for name in HEAD_SHIFTS]
    return [point for point in points if room.has_air_at(point)]


@dataclass(frozen=True, eq=False)
class Forecast:
    """Complex pressures at one ear, by loudspeaker, each flat; mixes go through the chains."""

    gear: Gear
    chains: Mapping[str, Chain]
    frequencies_hz: FloatArray
    sources: Mapping[str, ComplexArray]

    def pressure(self, mix: Mix) -> ComplexArray:
        """The sum of what plays in a mix."""
        return mixed(mix, self.chains, self.frequencies_hz, self.sources)

    def response(self, mix: Mix) -> Response:
        """The same as level and phase."""
        return Response.from_pressure(self.frequencies_hz, self.pressure(mix))

    def deviation(self, mix: Mix) -> Deviation:
        """Its distance from even, judged over the band of what plays."""
        return deviation(self.response(mix), *judged_band(self.gear, mix))


class Forecaster:
    """Forecasts for one room and its gear; keeps the room's field between calls.

    before_each is called before each pair of source and ear, and may raise to give up.
    """

    def __init__(
        self,
        room: Room,
        gear: Gear,
        field: RoomField | None = None,
        before_each: Callable[[], None] | None = None,
    ) -> None:
        self.room, self.gear, self._before_each = room, gear, before_each
        self.field = field if field is not None else room_field(room, GRID_HZ)
        self.frequencies_hz = self.field.frequencies_hz
        self._coarse: Forecaster | None = None
        self._known: Kept[tuple[Point, Point, tuple[Plate, ...]]] = Kept(_MOST_KNOWN_BYTES)
        most = max(_FIELD_ROWS // self.frequencies_hz.size, _AT_ONE)
        self._plated = PlatedFields(self.field, most)
        self._at_one: LRUCache[tuple[tuple[Plate, ...], int], RoomField] = LRUCache(_AT_ONE)
        self._lock = Lock()
        self._low_ends = {m.id: m.low_end(self.frequencies_hz) for m in gear.models}

    def coarse(self) -> "Forecaster":
        """The same room on every second frequency, for trying many places quickly."""
        if self._coarse is None:
            self._coarse = self.in_field(self.field.decimated(2))
        return self._coarse

    def in_field(self, field: RoomField) -> "Forecaster":
        """The same gear in another field."""
        return Forecaster(self.room, self.gear, field, self._before_each)

    def setup(self, arrangement: Arrangement) -> Setup:
        """An arrangement in this room."""
        return Setup(self.room, self.gear, arrangement)

    def case(self, arrangement: Arrangement, seat: str, mix: Mix) -> Case:
        """What an arrangement in this room plays to a seat."""
        return Case(self.setup(arrangement), seat, mix)

    def prepare(self) -> bool:
        """Work out ahead a part of what a first forecast takes long for; False with all done."""
        return self.field.prepare()

    def field_of(self, arrangement: Arrangement) -> RoomField:
        """The room's field with the desk and chairs of an arrangement in it."""
        return self.field_with(plates_of(self.gear, arrangement))

    def field_with(self, plates: tuple[Plate, ...]) -> RoomField:
        """The room's field with plates in it; the last few are kept."""
        return self._plated.among(plates)

    def field_at(self, arrangement: Arrangement, at: int) -> RoomField:
        """The same at one of the frequencies, by its number; the last few are kept."""
        asked = plates_of(self.gear, arrangement), at
        with self._lock:
            found = self._at_one.get(asked)
        if found is None:
            found = self.field_with(asked[0]).at_rows(np.array([at]))
            with self._lock:
                self._at_one[asked] = found
        return found

    def heard_from(
        self, arrangement: Arrangement, names: Iterable[str] | None = None
    ) -> dict[str, Point]:
        """Where loudspeakers of an arrangement radiate from, some or all, by id."""
        return all_heard_from(self.setup(arrangement), names)

    def playing(self, case: Case) -> dict[str, Point]:
        """Where each loudspeaker of what plays radiates from."""
        return self.heard_from(case.arrangement, case.mix.loudspeakers)

    def at(self, arrangement: Arrangement, ear: Point, mix: Mix | None = None) -> Forecast:
        """The forecast at a point in the room, of all loudspeakers or those of a mix. Raises
        Refused for places it cannot compute.
        """
        names = mix.loudspeakers if mix is not None else [s.id for s in self.gear.loudspeakers]
        plates = plates_of(self.gear, arrangement)
        sources = {
            name: self.transfer(place, ear, plates) * self.drive_of(name)
            for name, place in self.heard_from(arrangement, names).items()
        }
        return Forecast(self.gear, arrangement.chains, self.frequencies_hz, sources)

    def drive_of(self, source: str) -> ComplexArray:
        """The low end of a loudspeaker's box, (frequencies,)."""
        return self._low_ends[self.gear.loudspeaker(source).model]

    def at_seat(self, arrangement: Arrangement, seat: str) -> Forecast:
        """The forecast of all loudspeakers at the ear centre of a seat."""
        return self.at(arrangement, arrangement.seats[seat])

    def of(self, case: Case) -> Forecast:
        """The forecast of what plays at the ear centre of the seat."""
        return self.at(case.arrangement, case.ear, case.mix)

    def deviation(self, case: Case) -> Deviation:
        """The distance from even of what plays at the seat."""
        return self.of(case).deviation(case.mix)

    def head(self, arrangement: Arrangement, seat: str) -> list[Forecast]:
        """Forecasts over the head volume of a seat; the first is the centre."""
        return [
            self.at(arrangement, point) for point in head_points(self.room, arrangement.seats[seat])
        ]

    def transfer(self, source: Point, ear: Point, plates: tuple[Plate, ...] = ()) -> ComplexArray:
        """Pressure at an ear per unit source, (frequencies,), with plates in the room; known pairs
        are kept.
        """
        if self._before_each is not None:
            self._before_each()
        return self._known.of((source, ear, plates), self._worked_out)

    def _worked_out(self, asked: tuple[Point, Point, tuple[Plate, ...]]) -> ComplexArray:
        source, ear, plates = asked
        return self.field_with(plates).transfer(source.array(), ear.array())

    def transfers(
        self, sources: FloatArray, ears: FloatArray, plates: tuple[Plate, ...] = ()
    ) -> ComplexArray:
        """As `transfer` for many pairs at once, (pairs, frequencies); they are not kept.

        sources, ears: (pairs, 3) metres, within the room.
        """
        if self._before_each is not None:
            self._before_each()
        return np.asarray(self.field_with(plates).transfers(sources, ears))

    def from_arrangements(
        self,
        names: Sequence[str],
        arrangements: Sequence[Arrangement],
        owner: IntArray,
        ears: FloatArray,
        desk_steps: tuple[float, float] | None = None,
    ) -> dict[str, ComplexArray]:
        """Pressure at each ear (n, 3) of some loudspeakers as the arrangement that owns the ear has
        them, among that one's desk and chairs, (n, frequencies) each. desk_steps: work these out
        on a grid of so many metres along x and y and make up for places between; None where each
        is.
        """
        room, gear = self.room, self.gear
        stood = [all_heard_from(Setup(room, gear, a), names) for a in arrangements]
        sources = [np.array([one[name].array() for one in stood])[owner] for name in names]
        every, at = np.concatenate(sources), np.tile(ears, (len(names), 1))
        groups: dict[tuple[Plate, ...], dict[int, float]] = defaultdict(dict)
        for number, arrangement in enumerate(arrangements):
            plates = plates_of(gear, arrangement)
            every_part = [(plates, 1.0)]
            if desk_steps and gear.desk is not None:
                on_grid = room.frame.middle - gear.desk.width / 2
                every_part = plates_between(plates, desk_steps, on_grid)
            for part, weight in every_part:
                if part:
                    groups[part][number] = weight
        found = self.transfers(every, at)
        owners = np.tile(owner, len(names))
        for part, weights in groups.items():
            share = np.zeros(len(arrangements))
            share[list(weights)] = list(weights.values())
            rows = np.flatnonzero(share[owners])
            field = self.field_with(part)
            assert isinstance(field, PlatedField)
            found[rows] += share[owners[rows], None] * field.added(every[rows], at[rows])
        return dict(zip(names, np.split(found, len(names)), strict=True))
