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

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.elements.air_of_room import loss_of
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.fitted_room import (
    KNOTS_HZ,
    FittedRoom,
    fitted_room,
    knot_shares,
)
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.fitting.evidence import Evidence
from jolly_parlor.words import tr

Kind = Literal[
    "size", "absorption", "reactance", "loss", "place", "centre", "desk", "level", "corner"
]
SIZE_METRES, PLACE_METRES = 0.02, 0.007
_CENTRE_METRES, _DESK_METRES = 0.02, 0.03
"""Of an acoustic centre ahead of its face, and of a desk's near edge."""
SIZES = ("width", "length", "height")
_ABSORPTION_LOG = 0.7  # of the admittance at each knot; part of it shared by all knots
_SHARED = 0.85
_WAYS = {
    "absorption": (1.0, 1.0, 1.0),
    "absorption, low against high": (1.0, 0.0, -1.0),
    "absorption, middle against both": (-0.5, 1.0, -0.5),
}
"""How a surface's absorption may differ from its table, at the knots."""
_SHAPE_LOG, _REACTANCE = (0.37, 1.0), (0.6, 1.6)
"""Of tilt and bend, and of the imaginary part over the real one at each knot: for a hard surface,
and for a panel that gives way. Panels resonate somewhere from 40 to 100 Hz, absorbing most there,
springs below and masses above (Kuttruff, Room Acoustics, panel absorbers); how much is common
practice, no source.
"""
_LOSS_LOG = 0.6  # of a soft thing, which no table lists
_ALL_LEVEL_DB, _SOURCE_LEVEL_DB, _TAKE_LEVEL_DB, _SHAPE_ONLY_DB = 30.0, 1.0, 0.3, 10.0
_CORNER_LOG = 0.05
_UPWARDS = 2


@dataclass(frozen=True)
class Parameter:
    """One number the fit may change: `value = tolerance * z`."""

    kind: Kind
    name: str
    """In words: `length`, `front wall at 40 Hz`, `left, across`, `level of left`."""
    tolerance: float
    unit: str
    """`m`, `dB`, `log` for the natural logarithm of a factor; none for a ratio."""
    index: tuple[int, ...] = ()
    point: Point | None = None
    """Of a place: where it was said to be."""
    label: str = ""
    """Of a level, corner or acoustic centre: whose."""
    steps: tuple[tuple[Point, tuple[float, float, float]], ...] = ()
    """Of an acoustic centre: every place it is at, and the way it looks there."""


def room_parameters(room: Room) -> list[Parameter]:
    """Sizes; for each surface absorption, a common factor, a tilt and a bend, and how far it pushes
    back at each knot; then the losses of soft things.
    """
    found = [Parameter("size", name, SIZE_METRES, "m", (n,)) for n, name in enumerate(SIZES)]
    for index, surface in enumerate(room.surface_names):
        words = room.words_of(surface)
        gives = giving_way(room.surfaces[surface].octave_absorption())
        shape, back = (a + gives * (b - a) for a, b in (_SHAPE_LOG, _REACTANCE))
        for which, part in enumerate(_WAYS):
            size = _ABSORPTION_LOG * _SHARED if which == 0 else shape
            found.append(Parameter("absorption", f"{words}: {part}", size, "log", (index, which)))
        found += [
            Parameter(
                "reactance",
                tr("{words}: pushes back at {hz:.0f} Hz", words=words, hz=hz),
                back,
                "",
                (index, n),
            )
            for n, hz in enumerate(KNOTS_HZ)
        ]
    found += [
        Parameter("loss", tr("{name}: loss", name=thing.name), _LOSS_LOG, "log", (number,))
        for number, thing in enumerate(room.things)
        if thing.kind == "soft"
    ]
    return found


def giving_way(absorption: FloatArray) -> float:
    """How far a surface acts as a panel, 0 to 1, by its table (7 octave bands from 63 Hz): what
    absorbs four times as much at 63 or 125 Hz as at 500 gives way there.
    """
    low, middle = float(np.max(absorption[:2])), max(float(absorption[3]), 1e-3)
    return float(np.clip(np.log(max(low, 1e-3) / middle) / np.log(4.0), 0.0, 1.0))


def as_panels(parameters: Sequence[Parameter], room: Room) -> FloatArray:
    """By how much z differs where every surface that gives way is a spring below the middle knot
    and a mass above it, (n,): where a fit may begin.
    """
    z = np.zeros(len(parameters))
    for n, parameter in enumerate(parameters):
        if parameter.kind == "reactance":
            surface, knot = parameter.index
            bands = room.surfaces[room.surface_names[surface]].octave_absorption()
            way = (1.0, 0.0, -1.0)[knot]
            z[n] = giving_way(bands) * way * _REACTANCE[1] / parameter.tolerance
    return z


def place_parameters(points: Sequence[tuple[str, Point]]) -> list[Parameter]:
    """Three for each place, named after what stands there."""
    return [
        Parameter("place", f"{name}, {way}", PLACE_METRES, "m", (axis,), point)
        for name, point in points
        for axis, way in enumerate(("across", "along", "up"))
    ]


def centre_parameters(takes: Sequence[Evidence]) -> list[Parameter]:
    """How far ahead of its face each source radiates from, and where the desk's near edge is."""
    ways: dict[str, dict[Point, tuple[float, float, float]]] = {}
    for take in takes:
        for name, way in take.placing.ways.items():
            if any(way):
                ways.setdefault(name, {})[take.placing.sources[name]] = way
    found = [
        Parameter(
            "centre",
            tr("acoustic centre of {name}", name=name),
            _CENTRE_METRES,
            "m",
            label=name,
            steps=tuple(steps.items()),
        )
        for name, steps in sorted(ways.items())
    ]
    if any(plate.axis == _UPWARDS for take in takes for plate in take.placing.plates):
        found.append(Parameter("desk", tr("near edge of the desk"), _DESK_METRES, "m"))
    return found


def source_parameters(takes: Sequence[Evidence]) -> list[Parameter]:
    """A level for all, one for each source and take, and a low corner for each source."""
    names = sorted({name for take in takes for name in take.placing.sources})
    found = [Parameter("level", tr("level of everything"), _ALL_LEVEL_DB, "dB", label="*")]
    found += [parameter for name in names for parameter in parameters_of_source(name)]
    for number, take in enumerate(takes):
        size = _TAKE_LEVEL_DB if take.absolute else _SHAPE_ONLY_DB
        found.append(
            Parameter("level", tr("level of {name}", name=take.name), size, "dB", (number,))
        )
    return found


def parameters_of_source(name: str) -> list[Parameter]:
    """Its level and its low corner."""
    return [
        Parameter("level", tr("level of {name}", name=name), _SOURCE_LEVEL_DB, "dB", label=name),
        Parameter("corner", tr("low corner of {name}", name=name), _CORNER_LOG, "log", label=name),
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
    known = np.array([room.admittance_factor(name, at) for name in room.surface_names])
    logs, back = np.log(known.real), known.imag / known.real
    for parameter, value in zip(parameters, z, strict=True):
        if parameter.kind == "size":
            sizes[parameter.index[0]] += parameter.tolerance * value
        elif parameter.kind == "absorption":
            surface, _ = parameter.index
            logs[surface] += parameter.tolerance * value * ways_of(parameter)
        elif parameter.kind == "reactance":
            back[parameter.index] += parameter.tolerance * value
        elif parameter.kind == "loss":
            thing = things[parameter.index[0]]
            loss = loss_of(thing) * float(np.exp(parameter.tolerance * value))
            things[parameter.index[0]] = replace(thing, loss_per_second=loss)
    factors, reactances = (
        {name: tuple(map(float, row)) for name, row in zip(room.surface_names, rows, strict=True)}
        for rows in (np.exp(logs), back)
    )
    return fitted_room(replace(room, things=tuple(things)), sizes, factors, room, reactances)


def ways_of(parameter: Parameter) -> FloatArray:
    """How an absorption's parameter shows at the knots, (knots,)."""
    return np.array(list(_WAYS.values())[parameter.index[1]])


def against_common(
    parameter: Parameter, room: FittedRoom, frequencies_hz: FloatArray
) -> ComplexArray:
    """What a surface's parameter does to its admittance, against what the common factor of its
    absorption does, a tolerance each, (frequencies,): the pressure hangs on the admittance at its
    own frequency only, so one derivative a surface gives those by all its parameters.
    """
    shares, common = knot_shares(frequencies_hz), _ABSORPTION_LOG * _SHARED
    if parameter.kind == "absorption":
        return np.asarray(parameter.tolerance / common * (ways_of(parameter) @ shares) + 0j)
    surface, knot = parameter.index
    back = np.array(room.reactances[room.surface_names[surface]]) @ shares
    return np.asarray(parameter.tolerance / common * 1j * shares[knot] / (1 + 1j * back))


def desk_of(
    parameters: Sequence[Parameter], z: FloatArray, plates: tuple[Plate, ...]
) -> tuple[Plate, ...]:
    """Plates with the near edge of a desk where it truly is; its far edge stays."""
    deeper = sum(
        p.tolerance * float(v) for p, v in zip(parameters, z, strict=True) if p.kind == "desk"
    )
    if deeper == 0:
        return plates
    return tuple(
        replace(plate, sizes=(plate.sizes[0], max(plate.sizes[1] + deeper, 0.05)))
        if plate.axis == _UPWARDS
        else plate
        for plate in plates
    )


def shifts_of(parameters: Sequence[Parameter], z: FloatArray) -> dict[Point, Point]:
    """Where each place truly is, by where it was said to be."""
    moved: dict[Point, FloatArray] = {}
    for parameter, value in zip(parameters, z, strict=True):
        for point, way in parameter.steps:
            at = moved.setdefault(point, point.array())
            at += parameter.tolerance * value * np.array(way)
        if parameter.kind == "place" and parameter.point is not None:
            at = moved.setdefault(parameter.point, parameter.point.array())
            at[parameter.index[0]] += parameter.tolerance * value
    return {said: Point(*(float(v) for v in at)) for said, at in moved.items()}
