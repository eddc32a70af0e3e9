"""What a room would be heard to do, and how that changes with each parameter.

Derivatives are differences over a thousandth of a tolerance: of the field followed to where one
parameter moved it (`RoomField.perturbed`), of places with the field as it is, and of levels and
corners in closed form. Checked against plain differences in tests/fitting.
"""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField, room_field
from jolly_parlor.acoustics.fields.plated_field import PlatedField
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.fitting.evidence import FIT_HZ, MODEL_HZ, Evidence, Placing
from jolly_parlor.fitting.parameters import (
    SIZES,
    Parameter,
    against_common,
    desk_of,
    room_of,
    shifts_of,
)
from jolly_parlor.placement.evenness import SMOOTHING_PER_OCTAVE
from jolly_parlor.placement.gear import Gear
from jolly_parlor.signals.smoothing import smooth_level_db

_STEP, _FIELD_STEP = 1e-3, 2e-2
"""Of a tolerance; where the field itself changes (0.4 mm of a size) it must not drown in its single
precision.
"""
_OF_THE_FIELD = ("size", "absorption", "reactance", "loss", "place", "centre", "desk")
_OF_A_SURFACE = ("absorption", "reactance")
_DESK_STEP = 0.3
"""Of a desk's tolerance: a plate is snapped by nothing, but worked out in single precision."""
Transfers = dict[tuple[Point, Point, tuple[Plate, ...]], ComplexArray]
"""By source and ear, where they truly are, and by what scattered there, as it was said to be."""


@dataclass(frozen=True, eq=False)
class Predicted:
    """Levels (takes, FIT_HZ) and their derivatives by each parameter (takes, FIT_HZ, n)."""

    level_db: FloatArray
    slopes: FloatArray


class Predictor:
    """Predicts takes of one room with one gear."""

    def __init__(self, room: Room, gear: Gear, parameters: Sequence[Parameter]) -> None:
        self.room, self.gear, self.parameters = room, gear, list(parameters)
        self._size = room.dimensions

    def levels(self, takes: Sequence[Evidence], z: FloatArray) -> FloatArray:
        """Smoothed levels, (takes, FIT_HZ)."""
        field = self._field(z)
        moved = shifts_of(self.parameters, z)
        ears = {take.placing.ear for take in takes}  # one end of each pair is enough here
        field.expect(np.array([self._inside(moved.get(ear, ear)) for ear in ears]))
        added = self._added(field, takes, moved, z)
        known = self._transfers(field, takes, moved, added)
        return np.array([self._level(take, n, known, moved, z) for n, take in enumerate(takes)])

    def with_slopes(self, takes: Sequence[Evidence], z: FloatArray) -> Predicted:
        field, moved = self._field(z), shifts_of(self.parameters, z)
        field.expect(self._places(takes, moved))
        # What desks add is taken as it is while anything else changes a little.
        added = self._added(field, takes, moved, z)
        known = self._transfers(field, takes, moved, added)
        base = np.array([self._level(take, n, known, moved, z) for n, take in enumerate(takes)])
        slopes = np.zeros((*base.shape, len(self.parameters)))
        room = room_of(self.room, self.parameters, z)
        by_surface: dict[int, Transfers] = {}
        for column, parameter in enumerate(self.parameters):
            other, step = z.copy(), _FIELD_STEP if parameter.kind in _OF_THE_FIELD else _STEP
            other[column] += step
            if parameter.kind in _OF_A_SURFACE:
                surface, at = parameter.index[0], moved
                if surface not in by_surface:
                    changed = self._nudged(field, self._common(surface), z, step)
                    by_surface[surface] = self._transfers(changed, takes, moved, added)
                share = against_common(parameter, room, MODEL_HZ)
                there = {
                    pair: now + (by_surface[surface][pair] - now) * share
                    for pair, now in known.items()
                }
            elif parameter.kind in ("size", "loss"):
                changed = self._nudged(field, parameter, z, step)
                there, at = self._transfers(changed, takes, moved, added), moved
            elif parameter.kind in ("place", "centre"):
                at = shifts_of(self.parameters, other)
                there = self._moved(field, takes, parameter, known, at, added)
            elif parameter.kind == "desk":
                step, at = _DESK_STEP, moved
                other[column] = z[column] + step
                wider = self._added(field, takes, moved, other)
                there = self._transfers(field, takes, moved, wider)
            else:
                there, at = known, moved
            for n, take in enumerate(takes):
                if self._touches(parameter, n, take):
                    level = self._level(take, n, there, at, other)
                    slopes[n, :, column] = (level - base[n]) / step
        return Predicted(base, slopes)

    def _touches(self, parameter: Parameter, number: int, take: Evidence) -> bool:
        if parameter.kind == "place":
            used = [*take.placing.sources.values(), take.placing.ear]
            return parameter.point in used
        if parameter.kind == "desk":
            return bool(take.placing.plates)
        if parameter.kind == "level" and parameter.index:
            return parameter.index[0] == number
        if parameter.label not in ("", "*"):
            return parameter.label in take.placing.sources
        return True

    def _field(self, z: FloatArray) -> RoomField:
        self._size = room_of(self.room, self.parameters, z).dimensions
        return room_field(room_of(self.room, self.parameters, z), MODEL_HZ)

    def _common(self, surface: int) -> Parameter:
        return next(
            p for p in self.parameters if p.kind == "absorption" and p.index == (surface, 0)
        )

    def _nudged(
        self, field: RoomField, parameter: Parameter, z: FloatArray, step: float
    ) -> RoomField:
        other = z.copy()
        other[self.parameters.index(parameter)] += step
        room = room_of(self.room, self.parameters, other)
        which = parameter.index[0]
        if parameter.kind == "loss":
            return field.perturbed(room, room.things[which].name)
        names = SIZES if parameter.kind == "size" else room.surface_names
        return field.perturbed(room, names[which])

    def _transfers(
        self,
        field: RoomField,
        takes: Sequence[Evidence],
        moved: Mapping[Point, Point],
        added: Mapping[tuple[Point, Point, tuple[Plate, ...]], ComplexArray],
        known: Transfers | None = None,
    ) -> Transfers:
        """Each pair of places that the takes need, once; those known are taken over. added: what
        scatters there, by places as they were said to be.
        """
        found: Transfers = dict(known or {})
        bare: dict[tuple[Point, Point], ComplexArray] = {}
        for take in takes:
            heard, plates = take.placing.ear, take.placing.plates
            ear = moved.get(heard, heard)
            for said in take.placing.sources.values():
                pair = (moved.get(said, said), ear)
                if (*pair, plates) not in found:
                    if pair not in bare:
                        bare[pair] = self._pressure(field, *pair)
                    found[*pair, plates] = bare[pair] + added.get((said, heard, plates), 0.0)
        return found

    def _added(
        self,
        field: RoomField,
        takes: Sequence[Evidence],
        moved: Mapping[Point, Point],
        z: FloatArray,
    ) -> dict[tuple[Point, Point, tuple[Plate, ...]], ComplexArray]:
        """What desks and chairs add to each pair, by places as they were said to be."""
        found: dict[tuple[Point, Point, tuple[Plate, ...]], ComplexArray] = {}
        fields: dict[tuple[Plate, ...], PlatedField] = {}
        for take in takes:
            heard, plates = take.placing.ear, take.placing.plates
            if not plates:
                continue
            if plates not in fields:
                fields[plates] = PlatedField(field, desk_of(self.parameters, z, plates))
            ear = self._inside(moved.get(heard, heard))[None, :]
            for said in take.placing.sources.values():
                if (said, heard, plates) not in found:
                    source = self._inside(moved.get(said, said))[None, :]
                    found[said, heard, plates] = fields[plates].added(source, ear)[0]
        return found

    def _moved(
        self,
        field: RoomField,
        takes: Sequence[Evidence],
        parameter: Parameter,
        known: Transfers,
        moved: Mapping[Point, Point],
        added: Mapping[tuple[Point, Point, tuple[Plate, ...]], ComplexArray],
    ) -> Transfers:
        """Those known, and those of the takes that use a place moved."""
        points = {parameter.point, *(point for point, _ in parameter.steps)}
        used = [
            take for take in takes if points & {*take.placing.sources.values(), take.placing.ear}
        ]
        return self._transfers(field, used, moved, added, known)

    def _level(
        self,
        take: Evidence,
        number: int,
        known: Transfers,
        moved: Mapping[Point, Point],
        z: FloatArray,
    ) -> FloatArray:
        placing: Placing = take.placing
        total = np.zeros(MODEL_HZ.size, dtype=np.complex128)
        overall = 0.0
        ear = moved.get(placing.ear, placing.ear)
        gains, corners = dict.fromkeys(placing.sources, 0.0), dict.fromkeys(placing.sources, 0.0)
        for parameter, value in zip(self.parameters, z, strict=True):
            if parameter.kind == "corner" and parameter.label in corners:
                corners[parameter.label] += parameter.tolerance * value
            elif parameter.kind == "level":
                size = parameter.tolerance * value
                if parameter.label in gains:
                    gains[parameter.label] += size
                elif parameter.label == "*" or parameter.index == (number,):
                    overall += size
        for name, said in placing.sources.items():
            box = self._box(name, float(np.exp(corners[name])))
            fed = placing.drives.get(name, 1.0) * box * 10 ** (gains[name] / 20)
            total += known[moved.get(said, said), ear, placing.plates] * fed
        level = 20 * np.log10(np.maximum(np.abs(total), 1e-12)) + overall
        return smooth_level_db(MODEL_HZ, level, FIT_HZ, SMOOTHING_PER_OCTAVE)

    def _box(self, name: str, factor: float) -> ComplexArray:
        of = self.gear.model_of(name)
        return replace(of, low_corner_hz=of.low_corner_hz * factor).low_end(MODEL_HZ)

    def _pressure(self, field: RoomField, source: Point, ear: Point) -> ComplexArray:
        return field.unquantised(self._inside(source), self._inside(ear))

    def _places(self, takes: Sequence[Evidence], moved: Mapping[Point, Point]) -> FloatArray:
        """Every place of the takes once, (places, 3)."""
        said = {p for take in takes for p in (*take.placing.sources.values(), take.placing.ear)}
        return np.array([self._inside(moved.get(p, p)) for p in said])

    def _inside(self, place: Point) -> FloatArray:
        """Places that a shift would push into a wall stay a hair inside it."""
        return np.clip(place.array(), 1e-3, np.array(self._size) - 1e-3)
