"""What a fit may change, and how far each may stray before it is no longer believed.

Every parameter is counted in units of its own tolerance, so that the prior is the same for all:
zero, plus or minus one. Tolerances follow common practice with a tape (7 mm along each axis for
what is placed, 2 cm for a room's sizes), with tables of absorption (a factor of about two) and with
loudspeakers; no source.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.air_of_room import loss_of
from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.fitted import KNOTS_HZ, FittedRoom, fitted_room
from jolly_parlor.acoustics.plan import Point
from jolly_parlor.acoustics.room import Room
from jolly_parlor.fitting.evidence import Evidence

Kind = Literal["size", "absorption", "loss", "place", "level", "corner"]
SIZE_METRES, PLACE_METRES = 0.02, 0.007
SIZES = ("width", "length", "height")
_ABSORPTION_LOG = 0.7  # of the admittance at each knot; part of it shared by both knots
_SHARED = 0.85
_LOSS_LOG = 0.6  # of a soft thing, which no table lists
_ALL_LEVEL_DB, _SOURCE_LEVEL_DB, _TAKE_LEVEL_DB, _SHAPE_ONLY_DB = 30.0, 1.0, 0.3, 10.0
_CORNER_LOG = 0.05


@dataclass(frozen=True)
class Parameter:
    """One number the fit may change: `value = tolerance * z`."""

    kind: Kind
    name: str
    """In words: `length`, `front wall at 40 Hz`, `left, across`, `level of left`."""
    tolerance: float
    unit: str
    """`m`, `dB`, or `log` for the natural logarithm of a factor."""
    index: tuple[int, ...] = ()
    point: Point | None = None
    """Of a place: where it was said to be."""
    label: str = ""
    """Of a level or corner: whose."""


def room_parameters(room: Room) -> list[Parameter]:
    """Sizes, then absorption: one common factor and one tilt for each surface; then the losses of
    soft things.
    """
    found = [Parameter("size", name, SIZE_METRES, "m", (n,)) for n, name in enumerate(SIZES)]
    for index, surface in enumerate(room.surface_names):
        words = room.words_of(surface)
        for which, part in enumerate(("absorption", "absorption, low against high")):
            size = _SHARED if which == 0 else float(np.sqrt(1 - _SHARED**2))
            name = f"{words}: {part}"
            found.append(
                Parameter("absorption", name, _ABSORPTION_LOG * size, "log", (index, which))
            )
    found += [
        Parameter("loss", f"{thing.name}: loss", _LOSS_LOG, "log", (number,))
        for number, thing in enumerate(room.things)
        if thing.kind == "soft"
    ]
    return found


def place_parameters(points: Sequence[tuple[str, Point]]) -> list[Parameter]:
    """Three for each place, named after what stands there."""
    return [
        Parameter("place", f"{name}, {way}", PLACE_METRES, "m", (axis,), point)
        for name, point in points
        for axis, way in enumerate(("across", "along", "up"))
    ]


def source_parameters(takes: Sequence[Evidence]) -> list[Parameter]:
    """A level for all, one for each source and take, and a low corner for each source."""
    names = sorted({name for take in takes for name in take.placing.sources})
    found = [Parameter("level", "level of everything", _ALL_LEVEL_DB, "dB", label="*")]
    found += [parameter for name in names for parameter in parameters_of_source(name)]
    for number, take in enumerate(takes):
        size = _TAKE_LEVEL_DB if take.absolute else _SHAPE_ONLY_DB
        found.append(Parameter("level", f"level of {take.name}", size, "dB", (number,)))
    return found


def parameters_of_source(name: str) -> list[Parameter]:
    """Its level and its low corner."""
    return [
        Parameter("level", f"level of {name}", _SOURCE_LEVEL_DB, "dB", label=name),
        Parameter("corner", f"low corner of {name}", _CORNER_LOG, "log", label=name),
    ]


def places_of(takes: Sequence[Evidence]) -> list[tuple[str, Point]]:
    """Every place once; a place used by several takes was put there once."""
    found: dict[Point, str] = {}
    for take in takes:
        for name, point in take.placing.sources.items():
            found.setdefault(point, name)
        found.setdefault(take.placing.ear, "microphone")
    return [(name, point) for point, name in found.items()]


def room_of(room: Room, parameters: Sequence[Parameter], z: FloatArray) -> FittedRoom:
    """The room that these values describe."""
    sizes, things = np.array(room.dimensions), list(room.things)
    at = np.array(KNOTS_HZ)  # factors of a room already fitted are kept
    logs = np.log([room.admittance_factor(name, at) for name in room.surface_names])
    for parameter, value in zip(parameters, z, strict=True):
        if parameter.kind == "size":
            sizes[parameter.index[0]] += parameter.tolerance * value
        elif parameter.kind == "absorption":
            surface, which = parameter.index
            ways = np.ones(len(KNOTS_HZ)) if which == 0 else np.array([1.0, -1.0])
            logs[surface] += parameter.tolerance * value * ways
        elif parameter.kind == "loss":
            thing = things[parameter.index[0]]
            loss = loss_of(thing) * float(np.exp(parameter.tolerance * value))
            things[parameter.index[0]] = replace(thing, loss_per_second=loss)
    factors: dict[str, tuple[float, ...]] = {
        name: tuple(float(v) for v in np.exp(row))
        for name, row in zip(room.surface_names, logs, strict=True)
    }
    return fitted_room(replace(room, things=tuple(things)), sizes, factors, room)


def shifts_of(parameters: Sequence[Parameter], z: FloatArray) -> dict[Point, Point]:
    """Where each place truly is, by where it was said to be."""
    moved: dict[Point, FloatArray] = {}
    for parameter, value in zip(parameters, z, strict=True):
        if parameter.kind == "place" and parameter.point is not None:
            at = moved.setdefault(parameter.point, parameter.point.array())
            at[parameter.index[0]] += parameter.tolerance * value
    return {said: Point(*(float(v) for v in at)) for said, at in moved.items()}
