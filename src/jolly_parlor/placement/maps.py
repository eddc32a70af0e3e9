"""Maps of the plan: how even each place would be as a seat, how even a seat would hear a source
placed there, and how loud one frequency is everywhere.
"""

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import DIP_WEIGHT
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.items import Item
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.placement.mixes import judged_band, mixed
from jolly_parlor.placement.radiating import plan_heard_from, plates_of
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_CELL_METRES = 0.16
_MARGIN, _AT_THE_WALL = 0.2, 0.08
_EDGE_METRES = 0.02
_TOO_NEAR_METRES = 0.7  # nobody sits there, and next to a source all is even


@dataclass(frozen=True, eq=False)
class EvennessMap:
    """Evenness over a grid of places, unsmoothed: (ys, xs) in dB; NaN within 0.7 m of where sound
    is heard or made.
    """

    item: Item
    """What the places are for: a seat or a loudspeaker."""
    xs: FloatArray
    ys: FloatArray
    figures_db: FloatArray
    height: float

    @property
    def calmest(self) -> Point:
        """The place with the lowest figure."""
        row, column = np.unravel_index(int(np.nanargmin(self.figures_db)), self.figures_db.shape)
        return Point(float(self.xs[column]), float(self.ys[row]), self.height)


@dataclass(frozen=True, eq=False)
class PressureMap:
    """Level of one frequency over the plan at ear height, and over a section across the room
    through the ear; dB against the mean of both.
    """

    frequency_hz: float
    xs: FloatArray
    ys: FloatArray
    zs: FloatArray
    plan_db: FloatArray
    """(ys, xs)."""
    section_db: FloatArray
    """(zs, xs)."""
    ear: Point


def seat_map(forecaster: Forecaster, case: Case) -> EvennessMap:
    """How even each place would be as a seat, at the ear height of the one listened from."""
    quick = forecaster.coarse()
    height = case.ear.z
    xs, ys = _grid(forecaster)
    # The desk stays where it is: of somebody who sits elsewhere it is a thing in the room.
    playing, field = quick.playing(case), quick.field_of(case.arrangement)
    field.expect(np.array([place.array() for place in playing.values()]))
    heard = {
        name: field.spread(place.array(), height, xs, ys) * quick.drive_of(name)[:, None, None]
        for name, place in playing.items()
    }
    figures = _figures(quick, heard, case)
    for place in case.playing.values():
        if abs(place.z - height) < _TOO_NEAR_METRES:
            figures[_within_reach(place, xs, ys)] = np.nan
    return EvennessMap(seat_item(case.seat), xs, ys, figures, height)


def source_map(forecaster: Forecaster, case: Case, item: Item, alike: bool = True) -> EvennessMap:
    """How even a seat would hear with one loudspeaker placed there; the twin of one of the pair
    goes along when alike. Raises Refused for an item that makes no sound in the mix.

    By reciprocity one spread from the ear serves every place.
    """
    playing, name = case.playing, item.id
    if not item.makes_sound or name not in case.arrangement.places:
        raise Refused(tr("The {words} makes no sound; select a loudspeaker.", words=item.words))
    if name not in playing:
        raise Refused(
            tr(
                "The {words} does not play in “{name}”; let it play.",
                words=item.words,
                name=case.mix.name,
            )
        )
    quick, ear = forecaster.coarse(), case.ear
    xs, ys = _grid(forecaster)
    plates = plates_of(quick.gear, case.arrangement)
    sources = quick.playing(case)
    heard = {
        other: (quick.transfer(place, ear, plates) * quick.drive_of(other))[:, None, None]
        for other, place in sources.items()
        if other != name
    }
    spread = _Spread(quick, quick.field_with(plates), ear, sources[name].z)
    heard[name] = spread.of(case.arrangement, name, xs, ys)
    if alike and item.of_pair and item.twin.id in playing:
        mirrored = 2 * quick.room.frame.middle - xs
        twin = spread.of(case.arrangement, item.twin.id, mirrored, ys)
        outside = (mirrored < _MARGIN - 1e-9) | (mirrored > quick.room.width - _MARGIN + 1e-9)
        twin[:, :, outside] = np.nan
        heard[item.twin.id] = twin
    full = {other: np.broadcast_to(p, heard[name].shape) for other, p in heard.items()}
    figures = _figures(quick, full, case)
    figures[_within_reach(ear, xs, ys)] = np.nan
    return EvennessMap(item, xs, ys, figures, playing[name].z)


class _Spread:
    """What an ear hears from all places of one height: by reciprocity worked out from the ear, over
    a grid close enough to read between its lines.
    """

    def __init__(self, quick: Forecaster, field: RoomField, ear: Point, height: float) -> None:
        self._quick = quick
        sizes = quick.room.width, quick.room.length
        self._grid = [_places(size, _EDGE_METRES) for size in sizes]
        self._heard = field.spread(ear.array(), height, *self._grid)

    def of(
        self, arrangement: Arrangement, name: str, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """A loudspeaker with its cabinet at places of the plan, (frequencies, ys, xs)."""
        quick = self._quick
        places = np.stack(np.meshgrid(xs, ys), axis=-1).reshape(-1, 2)
        from_ = plan_heard_from(quick.setup(arrangement), name, places)
        read = self._between(from_).reshape(-1, ys.size, xs.size)
        return read * quick.drive_of(name)[:, None, None]

    def _between(self, places: FloatArray) -> ComplexArray:
        """At places (n, 2), between the four of the grid around each: (frequencies, n)."""
        low, part = [], []
        for axis, along in enumerate(self._grid):
            at = np.clip((places[:, axis] - along[0]) / (along[1] - along[0]), 0, along.size - 1)
            low.append(np.minimum(at.astype(int), along.size - 2))
            part.append(at - low[axis])
        (i, j), (u, v) = low, part
        h = self._heard
        across = h[:, j, i] * (1 - u) + h[:, j, i + 1] * u
        beyond = h[:, j + 1, i] * (1 - u) + h[:, j + 1, i + 1] * u
        return np.asarray(across * (1 - v) + beyond * v)


def pressure_map(forecaster: Forecaster, case: Case, frequency_hz: float) -> PressureMap:
    """Level of the nearest frequency of the forecast over plan and section."""
    f = forecaster.frequencies_hz
    at = int(np.argmin(np.abs(f - frequency_hz)))
    field, ear = forecaster.field_at(case.arrangement, at), case.ear
    playing = forecaster.playing(case)
    xs, ys, zs = (_places(size, _AT_THE_WALL) for size in forecaster.room.dimensions)
    field.expect(np.array([place.array() for place in playing.values()]))
    plan, across = {}, {}
    for name, place in playing.items():
        drive = forecaster.drive_of(name)[at]
        plan[name] = drive * field.spread(place.array(), ear.z, xs, ys)[0]
        across[name] = drive * field.section(place.array(), ear.y, xs, zs)[0]
    levels = []
    for heard in (plan, across):
        flat = {name: p.reshape(-1, 1) for name, p in heard.items()}
        total = mixed(case.mix, case.arrangement.chains, f[at : at + 1], flat)
        shape = next(iter(heard.values())).shape
        levels.append(20 * np.log10(np.maximum(np.abs(total), 1e-9)).reshape(shape))
    power = np.nanmean(10 ** (levels[0] / 10))  # nothing is heard inside a thing
    mean = float(10 * np.log10(power))
    return PressureMap(float(f[at]), xs, ys, zs, levels[0] - mean, levels[1] - mean, ear)


def _grid(forecaster: Forecaster) -> tuple[FloatArray, FloatArray]:
    room = forecaster.room
    return _places(room.width, _MARGIN), _places(room.length, _MARGIN)


def _places(size: float, margin: float) -> FloatArray:
    return np.linspace(margin, size - margin, max(int(size / _CELL_METRES), 4))


def _within_reach(place: Point, xs: FloatArray, ys: FloatArray) -> NDArray[np.bool_]:
    away = np.hypot(xs[None, :] - place.x, ys[:, None] - place.y)
    return np.asarray(away < _TOO_NEAR_METRES)


def _figures(quick: Forecaster, heard: Mapping[str, ComplexArray], case: Case) -> FloatArray:
    """Evenness of a mix over pressures (frequencies, ys, xs)."""
    f = quick.frequencies_hz
    low, high, target = judged_band(quick.gear, case.mix)
    band = (f >= low - 1e-9) & (f <= high + 1e-9)
    shape = next(iter(heard.values())).shape
    flat = {name: p.reshape(f.size, -1).T for name, p in heard.items()}
    total = mixed(case.mix, case.arrangement.chains, f, flat).T.reshape(shape)
    if not target.is_flat:
        total = total / 10 ** (target.at(f) / 20)[:, None, None]
    return np.sqrt(_squares(total[band].astype(np.complex64))).astype(float)


def _squares(pressure: NDArray[np.complex64]) -> NDArray[np.float32]:
    """Evenness squared over the first axis, as in the module `evenness` but unsmoothed."""
    power = pressure.real**2
    power += pressure.imag**2
    power += np.float32(1e-12)
    level = np.log(power, out=power)  # the natural logarithm is the fast one; scaled at the end
    level -= level.mean(axis=0)
    total: NDArray[np.float32] = np.einsum("fab,fab->ab", level, level)
    below = level < 0
    np.minimum(level, 0, out=level)
    extra = np.float32(DIP_WEIGHT - 1)
    total += extra * np.einsum("fab,fab->ab", level, level)
    weights = pressure.shape[0] + extra * below.sum(axis=0, dtype=np.float32)
    total *= np.float32((10 / np.log(10)) ** 2) / weights
    return total
