"""Maps of the plan: how even each place would be as a seat, how even a seat would hear a source
placed there, and how loud one frequency is everywhere.
"""

from collections.abc import Mapping
from dataclasses import dataclass
from weakref import WeakKeyDictionary

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.field import BoxField
from jolly_parlor.acoustics.room import Point
from jolly_parlor.acoustics.separable import HorizontalField, section
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import DIP_WEIGHT
from jolly_parlor.placement.forecast import (
    Combination,
    Forecaster,
    combine,
    lowest_corner_hz,
    playing,
)

_CELL_METRES = 0.16
_MARGIN, _AT_THE_WALL = 0.2, 0.08
_LIMIT_HZ = 700.0
_TOO_NEAR_METRES = 0.7  # nobody sits there, and next to a source all is even


_MOST_PLANES = 8


@dataclass(frozen=True, eq=False)
class EvennessMap:
    """Evenness over a grid of places, unsmoothed: (ys, xs) in dB; NaN within 0.7 m of where sound
    is heard or made.
    """

    item: str
    """What the places are for: `seat:NAME`, `left`, `right` or `sub:NAME`."""
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


def seat_map(
    forecaster: Forecaster, arrangement: Arrangement, seat: str, combination: Combination
) -> EvennessMap:
    """How even each place would be as a seat, at the ear height of one."""
    quick = forecaster.coarse()
    height = arrangement.seats[seat].z
    xs, ys = _grid(forecaster)
    heard_from = playing(quick.gear, arrangement, combination)
    spreads = _spreads(quick.field, heard_from, height, xs, ys)
    heard = {name: p * quick.drive_of(name)[:, None, None] for name, p in spreads.items()}
    figures = _figures(quick, heard, combination)
    for place in (arrangement.left, arrangement.right):
        figures[_within_reach(place, xs, ys)] = np.nan
    return EvennessMap(f"seat:{seat}", xs, ys, figures, height)


def source_map(
    forecaster: Forecaster,
    arrangement: Arrangement,
    item: str,
    seat: str,
    combination: Combination,
    alike: bool = True,
) -> EvennessMap:
    """How even a seat would hear with one source placed there; a monitor's twin goes along when
    alike. Raises ValueError for an item that is no source.

    By reciprocity one spread from the ear serves every place.
    """
    name = item.partition(":")[2] or item
    sources = _sources(arrangement)
    if name not in sources:
        raise ValueError(f"“{item}” makes no sound; select a monitor or a subwoofer.")
    quick, ear = forecaster.coarse(), arrangement.seats[seat]
    xs, ys = _grid(forecaster)
    heard = {
        other: (quick.transfer(place, ear) * quick.drive_of(other))[:, None, None]
        for other, place in sources.items()
        if other != name
    }
    height = sources[name].z
    spread = _spreads(quick.field, {name: ear}, height, xs, ys)[name]
    heard[name] = spread * quick.drive_of(name)[:, None, None]
    if alike and name in ("left", "right"):
        heard["right" if name == "left" else "left"] = heard[name][:, :, ::-1]
    full = {other: np.broadcast_to(p, heard[name].shape) for other, p in heard.items()}
    figures = _figures(quick, full, combination)
    figures[_within_reach(ear, xs, ys)] = np.nan
    return EvennessMap(item, xs, ys, figures, height)


def pressure_map(
    forecaster: Forecaster,
    arrangement: Arrangement,
    seat: str,
    combination: Combination,
    frequency_hz: float,
) -> PressureMap:
    """Level of the nearest frequency of the forecast over plan and section."""
    f = forecaster.frequencies_hz
    at = int(np.argmin(np.abs(f - frequency_hz)))
    field = _KEPT.setdefault(forecaster.field, _Kept()).row(forecaster.field, at)
    ear = arrangement.seats[seat]
    xs, ys, zs = (_places(size, _AT_THE_WALL) for size in forecaster.room.dimensions)
    plan, across = {}, {}
    sources = playing(forecaster.gear, arrangement, combination)
    spreads = _spreads(field, sources, ear.z, xs, ys)
    for name, place in sources.items():
        drive = forecaster.drive_of(name)[at]
        plan[name] = drive * spreads[name][0]
        upright = section(field, place.array(), ear.y, xs, zs, _LIMIT_HZ)
        across[name] = drive * upright[0]
    levels = []
    for heard in (plan, across):
        flat = {name: p.reshape(-1, 1) for name, p in heard.items()}
        total = combine(forecaster.gear, f[at : at + 1], flat, combination)
        shape = next(iter(heard.values())).shape
        levels.append(20 * np.log10(np.maximum(np.abs(total), 1e-9)).reshape(shape))
    power = np.mean(10 ** (levels[0] / 10))
    mean = float(10 * np.log10(power))
    return PressureMap(float(f[at]), xs, ys, zs, levels[0] - mean, levels[1] - mean, ear)


def _sources(arrangement: Arrangement) -> dict[str, Point]:
    return {"left": arrangement.left, "right": arrangement.right, **arrangement.subwoofers}


def _grid(forecaster: Forecaster) -> tuple[FloatArray, FloatArray]:
    room = forecaster.room
    return _places(room.width, _MARGIN), _places(room.length, _MARGIN)


def _places(size: float, margin: float) -> FloatArray:
    return np.linspace(margin, size - margin, max(int(size / _CELL_METRES), 4))


def _within_reach(place: Point, xs: FloatArray, ys: FloatArray) -> NDArray[np.bool_]:
    away = np.hypot(xs[None, :] - place.x, ys[:, None] - place.y)
    return np.asarray(away < _TOO_NEAR_METRES)


def _figures(
    quick: Forecaster, heard: Mapping[str, ComplexArray], combination: Combination
) -> FloatArray:
    """Evenness of a combination over pressures (frequencies, ys, xs)."""
    f = quick.frequencies_hz
    shape = next(iter(heard.values())).shape
    flat = {name: p.reshape(f.size, -1).T for name, p in heard.items()}
    total = combine(quick.gear, f, flat, combination).T.reshape(shape)
    band = f >= lowest_corner_hz(quick.gear, combination) - 1e-9
    return np.sqrt(_squares(total[band].astype(np.complex64))).astype(float)


def _spreads(
    field: BoxField, sources: Mapping[str, Point], height: float, xs: FloatArray, ys: FloatArray
) -> dict[str, ComplexArray]:
    """Pressure of each source over the field's grid of places at a height, (frequencies, ys, xs).

    Sources of one height, as monitors mostly are, share what hangs on it.
    """
    kept = _KEPT.setdefault(field, _Kept())
    spreads = {}
    for name, source in sources.items():
        plane = kept.plane(field, source.z, height)
        along, across = kept.shapes(plane, xs, ys)
        coupling = plane.coupled_with(source.x, source.y)
        spreads[name] = np.matmul(np.matmul(along, coupling.transpose(0, 2, 1)), across)
    return spreads


class _Kept:
    """What maps of one field share: a drag asks for them again and again, mostly at one height."""

    def __init__(self) -> None:
        self._planes: dict[tuple[float, float], HorizontalField] = {}
        self._shapes: tuple[ComplexArray, ComplexArray] | None = None
        self._row: tuple[int, BoxField] | None = None

    def row(self, field: BoxField, at: int) -> BoxField:
        """The field at one of its frequencies."""
        if self._row is None or self._row[0] != at:
            self._row = at, field.at_rows(np.array([at]))
        return self._row[1]

    def plane(self, field: BoxField, source_z: float, height: float) -> HorizontalField:
        """The field between two heights."""
        key = source_z, height
        if key not in self._planes:
            if len(self._planes) >= _MOST_PLANES:
                self._planes.clear()
            self._planes[key] = HorizontalField(field, source_z, height, _LIMIT_HZ)
        return self._planes[key]

    def shapes(
        self, plane: HorizontalField, xs: FloatArray, ys: FloatArray
    ) -> tuple[ComplexArray, ComplexArray]:
        """The modes over the field's one grid: along the room, and across it, turned."""
        if self._shapes is None:
            across = np.ascontiguousarray(plane.across(xs).transpose(0, 2, 1))
            self._shapes = plane.along(ys), across
        return self._shapes


_KEPT: WeakKeyDictionary[BoxField, _Kept] = WeakKeyDictionary()


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
