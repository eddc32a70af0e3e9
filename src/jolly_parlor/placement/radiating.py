"""Where the loudspeakers of an arrangement are heard from, and what of it scatters: the points the
room's field is asked for, where the plan has cabinets, desk and chairs.

A place is the middle of a cabinet's face, of a subwoofer the middle of its box; what it radiates
comes from its acoustic centre, ahead of the driver the way the cabinet looks.
"""

from collections.abc import Iterable
from dataclasses import replace
from math import atan2, cos, radians, sin

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.plan import Point, edges
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.loudspeakers import Model
from jolly_parlor.placement.setup import Setup

_STANDS_METRES = 0.03
"""A cabinet with so little air below it stands there."""
_FLOOR_GAP_METRES = 0.02
_STEP_METRES = 0.01
_SAME_METRES = 0.02
_NO_WEIGHT = 1e-3
"""Two walls about as near as each other: the one faced or behind is taken."""
_SNAP_METRES = 0.005
"""Steps from a cabinet to where it is heard from, and plates, lie on this grid: nobody knows an
acoustic centre better, and many arrangements of a search then share places.
"""
_CHAIR = (0.5, 0.75)
_CHAIR_BEHIND, _CHAIR_ABOVE = 0.22, 0.10
"""The back of a chair: width and height, from the ear's centre back, its top over the ear; metres
(common practice, no source).
"""


BACK_METRES = _CHAIR[0], _CHAIR_BEHIND
"""How wide the back of a chair is, and how far behind the ear."""


def heard_from(setup: Setup, name: str) -> Point:
    """The point one loudspeaker is heard from while wavelengths are long."""
    gear, a = setup.gear, setup.arrangement
    model, at = gear.model_of(name), a.places[name]
    if gear.loudspeaker(name).is_subwoofer:
        turn = a.turns.get(name)
        return subwoofer_heard_from(setup.room, model, [at], turn)[0]
    way = way_of(gear, a, name)
    low = at.z - model.centre_height
    return _ahead(setup.room, at, way, model.ahead(_stands(setup, at, low)))


def looks(setup: Setup, name: str) -> tuple[float, float, float]:
    """Unit step from where a loudspeaker stands to where it is heard from; none, (0, 0, 0), of one
    that radiates both ways.
    """
    if not setup.gear.loudspeaker(name).is_subwoofer:
        return way_of(setup.gear, setup.arrangement, name)
    away = heard_from(setup, name).array() - setup.arrangement.places[name].array()
    length = float(np.linalg.norm(away))
    return tuple(float(v) / length for v in away) if length > 0 else (0.0, 0.0, 0.0)  # type: ignore[return-value]


def way_on_plan(setup: Setup, name: str) -> tuple[float, float, float]:
    """Unit step the way a cabinet's front looks, of a subwoofer too wherever its drivers are."""
    a = setup.arrangement
    if not setup.gear.loudspeaker(name).is_subwoofer:
        return way_of(setup.gear, a, name)
    at = a.places[name]
    x, y = subwoofer_ways(setup.room, np.array([[at.x, at.y]]), a.turns.get(name))[0]
    return float(x), float(y), 0.0


def cabinet_heard_from(room: Room, gear: Gear, name: str, at: Point, ear: Point) -> Point:
    """Of one around a seat, wherever it is tried: it looks at the ear."""
    overhead = gear.loudspeaker(name).role == "height"
    return _ahead(room, at, _towards(at, ear, overhead), gear.model_of(name).ahead())


def all_heard_from(setup: Setup, names: Iterable[str] | None = None) -> dict[str, Point]:
    """Of some of its loudspeakers, or all, by id."""
    wanted = setup.arrangement.places if names is None else names
    return {name: heard_from(setup, name) for name in wanted}


def plan_heard_from(setup: Setup, name: str, places: FloatArray) -> FloatArray:
    """Of one loudspeaker wherever on the plan it is tried, (n, 2) each; all else stays."""
    a = setup.arrangement
    at = a.places[name]
    here = heard_from(setup, name)
    metres = float(np.hypot(here.x - at.x, here.y - at.y))
    if setup.gear.loudspeaker(name).is_subwoofer:
        ways = subwoofer_ways(setup.room, places, a.turns.get(name))
        return np.asarray(places + _all_snapped(metres * ways))
    ear = a.seats[setup.gear.seats[0].name]
    away = np.array([ear.x, ear.y]) - places
    ways = away / np.maximum(np.hypot(away[:, 0], away[:, 1]), 1e-6)[:, None]
    if name in PAIR and a.aim_degrees:
        outwards = radians(-a.aim_degrees if name == "left" else a.aim_degrees)
        c, s = cos(outwards), sin(outwards)
        ways = ways @ np.array([[c, -s], [s, c]])
    return np.asarray(places + _all_snapped(metres * ways))


def subwoofer_heard_from(
    room: Room, model: Model, places: list[Point], turn_degrees: float | None = None
) -> list[Point]:
    """Of a subwoofer with its middle at each place. turn_degrees: the way it looks, from straight
    back into the room towards the right as the listener sees it; None looks away from the nearest
    wall.
    """
    low_z = [at.z - model.centre_height for at in places]
    if model.driver == "opposed":
        return places
    if model.driver == "down":
        return [
            _in_air(room, Point(at.x, at.y, max(low, 0.0) + _FLOOR_GAP_METRES), at)
            for at, low in zip(places, low_z, strict=True)
        ]
    if model.driver == "up":
        top = model.height - model.centre_height
        return [_ahead(room, at, (0.0, 0.0, 1.0), top + model.ahead_upwards()) for at in places]
    stands = [low <= _STANDS_METRES for low in low_z]
    ways = subwoofer_ways(room, np.array([[at.x, at.y] for at in places]), turn_degrees)
    return [
        _ahead(room, at, (float(way[0]), float(way[1]), 0.0), model.depth / 2 + model.ahead(on))
        for at, way, on in zip(places, ways, stands, strict=True)
    ]


def subwoofer_ways(room: Room, places: FloatArray, turn_degrees: float | None = None) -> FloatArray:
    """Unit steps on the plan the way a subwoofer at each place (n, 2) looks, (n, 2)."""
    if turn_degrees is not None:
        way = sin(radians(turn_degrees)), cos(radians(turn_degrees))
        return np.tile(np.array(way), (len(places), 1))
    best = np.full(len(places), np.inf)
    found = np.tile([0.0, 1.0], (len(places), 1))
    for (x0, y0), (x1, y1) in sorted(edges(room.plan), key=_upright_last):
        start, along = np.array([x0, y0]), np.array([x1 - x0, y1 - y0])
        share = np.clip((places - start) @ along / float(along @ along), 0.0, 1.0)
        away = places - (start + share[:, None] * along)
        metres = np.hypot(away[:, 0], away[:, 1])
        nearer = metres < best - _SAME_METRES
        best[nearer] = metres[nearer]
        inward = away / np.maximum(metres, 1e-9)[:, None]
        found[nearer] = inward[nearer]
    return found


def _upright_last(edge: tuple[tuple[float, float], tuple[float, float]]) -> float:
    """Walls across the way faced first."""
    (x0, y0), (x1, y1) = edge
    return abs(y1 - y0) / (abs(x1 - x0) + abs(y1 - y0))


def plates_of(gear: Gear, a: Arrangement) -> tuple[Plate, ...]:
    """What stands where the arrangement has it and scatters: the desk top, the backs of chairs; to
    half a centimetre, so that arrangements alike share them.
    """
    found = []
    if gear.desk is not None and a.desk is not None:
        desk = gear.desk
        corner = _snapped(a.desk.x), _snapped(a.desk.y), desk.height - desk.thickness / 2
        found.append(Plate(corner, (desk.width, desk.depth), 2, desk.thickness))
    for seat in gear.seats:
        if seat.high_back and seat.name in a.seats:
            ear = a.seats[seat.name]
            width, height = _CHAIR
            top = ear.z + _CHAIR_ABOVE
            foot = max(top - height, 0.05)
            back = _snapped(ear.x - width / 2), _snapped(ear.y + _CHAIR_BEHIND), _snapped(foot)
            found.append(Plate(back, (width, _snapped(top - foot)), 1))
    return tuple(found)


def without_plates(gear: Gear) -> Gear:
    """The same with neither desk nor backs of chairs."""
    seats = tuple(replace(seat, high_back=False) for seat in gear.seats)
    return replace(gear, desk=None, seats=seats)


def plates_between(
    plates: tuple[Plate, ...], steps: tuple[float, float], on_grid: float
) -> list[tuple[tuple[Plate, ...], float]]:
    """Plates on a grid of steps along x and y, and weights that make up for these between them:
    what plates add to a field changes evenly over some centimetres. on_grid: an x of a plate that
    is on it, such as that of a desk on the middle line.
    """
    if not plates:
        return []
    x, y, _ = plates[0].corner
    choices = []
    for at, step in zip((x - on_grid, y), steps, strict=True):
        low = np.floor(at / step + 1e-6)
        part = float(at / step - low)
        own = [(low * step - at, 1 - part), ((low + 1) * step - at, part)]
        choices.append([(by, weight) for by, weight in own if weight > _NO_WEIGHT])
    return [
        (tuple(_shifted(plate, float(dx), float(dy)) for plate in plates), u * v)
        for dx, u in choices[0]
        for dy, v in choices[1]
    ]


def _shifted(plate: Plate, dx: float, dy: float) -> Plate:
    x, y, z = plate.corner
    return replace(plate, corner=(round(x + dx, 6), round(y + dy, 6), z))


def _snapped(metres: float) -> float:
    return round(round(metres / _SNAP_METRES) * _SNAP_METRES, 6)


def _all_snapped(metres: FloatArray) -> FloatArray:
    return np.asarray(np.round(metres / _SNAP_METRES) * _SNAP_METRES)


def way_of(gear: Gear, a: Arrangement, name: str) -> tuple[float, float, float]:
    """Unit step the way a cabinet looks that is no subwoofer: at the main ear, the pair turned out
    from it as it is aimed; only what hangs overhead looks down at it.
    """
    ear, at = a.seats[gear.seats[0].name], a.places[name]
    x, y, z = _towards(at, ear, gear.loudspeaker(name).role == "height")
    if name not in PAIR or a.aim_degrees == 0:
        return x, y, z
    outwards = -1.0 if name == "left" else 1.0
    angle = atan2(x, y) + outwards * radians(a.aim_degrees)
    return sin(angle), cos(angle), 0.0


def _towards(at: Point, ear: Point, upright: bool) -> tuple[float, float, float]:
    """Unit step from a cabinet to an ear, level unless it may look up or down."""
    dx, dy, dz = ear.x - at.x, ear.y - at.y, ear.z - at.z if upright else 0.0
    length = float(np.sqrt(dx**2 + dy**2 + dz**2))
    return (dx / length, dy / length, dz / length) if length > 1e-6 else (0.0, 1.0, 0.0)


def _stands(setup: Setup, at: Point, low: float) -> bool:
    """Whether a cabinet with its base there stands on the floor, the desk or a thing."""
    a = setup.arrangement
    if low <= _STANDS_METRES:
        return True
    desk = setup.gear.desk
    if desk is not None and a.desk is not None and abs(low - desk.height) <= _STANDS_METRES:
        beyond = a.desk.x + desk.width, a.desk.y + desk.depth
        if a.desk.x <= at.x <= beyond[0] and a.desk.y <= at.y <= beyond[1]:
            return True
    return any(
        abs(low - thing.z - thing.height) <= _STANDS_METRES
        and thing.x <= at.x <= thing.x + thing.width
        and thing.y <= at.y <= thing.y + thing.depth
        for thing in setup.room.things
        if thing.kind == "solid"
    )


def _ahead(room: Room, at: Point, way: tuple[float, float, float], metres: float) -> Point:
    """So far ahead, or as far as there is air."""
    steps = int(np.ceil(metres / _STEP_METRES))
    for step in range(steps + 1):
        by = max(metres - step * _STEP_METRES, 0.0)
        there = Point(
            *(round(v + _snapped(by * w), 4) for v, w in zip((at.x, at.y, at.z), way, strict=True))
        )
        if room.has_air_at(there):
            return there
    return at


def _in_air(room: Room, there: Point, at: Point) -> Point:
    return there if room.has_air_at(there) else at
