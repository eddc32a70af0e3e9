"""The seat map: how even each place on the plan is for the sources as they stand."""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.room import Point
from jolly_parlor.acoustics.separable import HorizontalField
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.forecast import (
    Combination,
    Forecaster,
    combine,
    lowest_corner_hz,
)
from jolly_parlor.placement.search.weighing import evenness_squared

_CELL_METRES = 0.16
_MARGIN = 0.2
_LIMIT_HZ = 700.0
_TOO_NEAR_METRES = 0.7  # nobody sits there, and next to a source all is even


@dataclass(frozen=True, eq=False)
class SeatMap:
    """Evenness at a grid of ears, unsmoothed: (ys, xs) in dB; NaN within 0.7 m of a monitor."""

    xs: FloatArray
    ys: FloatArray
    figures_db: FloatArray
    ear_height: float

    @property
    def calmest(self) -> Point:
        """The place with the lowest figure."""
        row, column = np.unravel_index(int(np.nanargmin(self.figures_db)), self.figures_db.shape)
        return Point(float(self.xs[column]), float(self.ys[row]), self.ear_height)


def seat_map(
    forecaster: Forecaster, arrangement: Arrangement, seat: str, combination: Combination
) -> SeatMap:
    """The map at the ear height of a seat, for a combination of sources."""
    room, quick = forecaster.room, forecaster.coarse()
    height = arrangement.seats[seat].z
    xs, ys = (
        np.linspace(_MARGIN, size - _MARGIN, max(int(size / _CELL_METRES), 4))
        for size in (room.width, room.length)
    )
    sources = {"left": arrangement.left, "right": arrangement.right, **arrangement.subwoofers}
    heard = {
        name: _spread(quick, place, height, xs, ys) * quick.drive_of(name)[:, None, None]
        for name, place in sources.items()
    }
    f = quick.frequencies_hz
    flat = {name: p.reshape(f.size, -1).T for name, p in heard.items()}
    total = combine(forecaster.gear, f, flat, combination).T.reshape(f.size, ys.size, xs.size)
    band = f >= lowest_corner_hz(forecaster.gear, combination) - 1e-9
    figures = np.sqrt(evenness_squared(total[band].astype(np.complex64)))
    figures = figures.astype(float)
    for place in (arrangement.left, arrangement.right):
        away = np.hypot(xs[None, :] - place.x, ys[:, None] - place.y)
        figures[away < _TOO_NEAR_METRES] = np.nan
    return SeatMap(xs, ys, figures, height)


def _spread(
    forecaster: Forecaster, source: Point, height: float, xs: FloatArray, ys: FloatArray
) -> ComplexArray:
    """Pressure of one source over the grid, (frequencies, ys, xs)."""
    field = HorizontalField(forecaster.field, source.z, height, _LIMIT_HZ)
    here_x = field.across(np.array([source.x]))[:, 0]
    here_y = field.along(np.array([source.y]))[:, 0]
    coupling = field.coupling * here_x[:, :, None] * here_y[:, None, :]
    rows = np.matmul(field.along(ys), coupling.transpose(0, 2, 1))
    return np.asarray(np.matmul(rows, field.across(xs).transpose(0, 2, 1)))
