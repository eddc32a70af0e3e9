"""The quick pass: every arrangement of the grid weighed with impedance modes.

For each depth of triangle the responses of all distances and all spacings are two matrix products
of the separable field. The figure is that of `evenness` on about 40 unsmoothed frequencies,

    J = sqrt( (2 E_both^2 + E_left^2 + E_right^2) / 4 ),

at the ear's centre; head volume, smoothing and the model of record come in the close look.
"""

from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from threadpoolctl import threadpool_limits

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.acoustics.room import box_field
from jolly_parlor.acoustics.separable import HorizontalField
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.placement.evenness import DIP_WEIGHT, HIGHEST_HZ
from jolly_parlor.placement.search.space import Space

_PER_OCTAVE = 15
_LIMIT_HZ = 700.0  # enough for ranking: 0.02 dB in the median
_WORKERS = 2

Progress = Callable[[int, float], None]
"""Called with the number weighed so far and the best figure so far."""


@dataclass(frozen=True, eq=False)
class Weighed:
    """The best of the grid, best first: figure, monitors' y, depth, spacing, height."""

    evaluated: int
    figures: FloatArray
    places: FloatArray
    """(arrangements, 4): front, depth, side, height in metres."""
    cancelled: bool


def weigh(
    space: Space,
    keep: int = 4000,
    progress: Progress | None = None,
    cancelled: Callable[[], bool] = lambda: False,
) -> Weighed:
    """Weigh the whole grid; a cancelled search keeps what it found."""
    corner = space.gear.monitor.low_corner_hz
    frequencies = log_grid(max(corner, 20.0), HIGHEST_HZ, _PER_OCTAVE)
    field = box_field(space.room, frequencies)
    box = high_pass(frequencies, corner, space.gear.monitor.low_slope_db_per_octave // 6)
    ear = space.gear.seats[0].ear_height
    tables = [
        _Tables(space, HorizontalField(field, z, ear, _LIMIT_HZ), box, z) for z in space.heights
    ]
    tasks = [(table, float(d)) for table in tables for d in space.depths if space.sides(d).size]
    best = _Best(keep)
    # One BLAS thread a worker: the products are small, and shared threads only wait for each other.
    with threadpool_limits(1, "blas"), ThreadPoolExecutor(_WORKERS) as pool:
        pending = [pool.submit(_unless(cancelled, table.weigh), depth) for table, depth in tasks]
        for future in pending:
            found = future.result()
            if found is not None:
                best.add(*found)
                if progress is not None:
                    progress(best.evaluated, best.lowest)
    return best.result(cancelled())


def _unless(
    cancelled: Callable[[], bool], work: Callable[[float], tuple[FloatArray, FloatArray]]
) -> Callable[[float], tuple[FloatArray, FloatArray] | None]:
    def maybe(depth: float) -> tuple[FloatArray, FloatArray] | None:
        return None if cancelled() else work(depth)

    return maybe


class _Tables:
    """One monitor height: the tables that every depth of triangle shares."""

    def __init__(
        self, space: Space, field: HorizontalField, box: NDArray[np.complex128], height: float
    ) -> None:
        self.space, self.field, self.height = space, field, height
        coupling = field.coupling * box[:, None, None]
        self.coupling = np.ascontiguousarray(coupling.transpose(0, 2, 1)).astype(np.complex64)
        # Fronts and depths are whole steps apart, so every seat stands on the fronts' own grid;
        # so do all spacings on one grid of half steps either side of the middle.
        start, step, middle = float(space.fronts[0]), space.step, space.room.width / 2
        count = round((space.fronts[-1] - start + space.depths[-1]) / step) + 1
        ys = np.minimum(start + step * np.arange(count), space.room.length)
        self.along = field.along(ys).astype(np.complex64)
        self.all_sides = np.unique(np.concatenate([space.sides(float(d)) for d in space.depths]))
        ear = field.across(np.array([middle]))
        xs = [middle - self.all_sides / 2, middle + self.all_sides / 2]
        self.across = [(field.across(x) * ear).astype(np.complex64) for x in xs]

    def weigh(self, depth: float) -> tuple[FloatArray, FloatArray]:
        """Figures of all arrangements of that depth, and their places."""
        space = self.space
        fronts, sides = space.fronts_for(depth), space.sides(depth)
        if fronts.size == 0:
            return np.zeros(0), np.zeros((0, 4))
        shift = round(depth / space.step)
        source = self.along[:, : fronts.size]
        seat = self.along[:, shift : shift + fronts.size]
        along = np.matmul(source * seat, self.coupling)
        first = int(np.searchsorted(self.all_sides, sides[0] - 1e-9))
        columns = slice(first, first + sides.size)
        left, right = (
            np.matmul(along, table[:, columns].transpose(0, 2, 1)) for table in self.across
        )
        square = (
            2 * evenness_squared(left + right) + evenness_squared(left) + evenness_squared(right)
        )
        figures = np.sqrt(square / 4).ravel().astype(float)
        grid = np.stack(np.meshgrid(fronts, sides, indexing="ij"), -1).reshape(-1, 2)
        places = np.empty((grid.shape[0], 4))
        places[:, 0], places[:, 2] = grid[:, 0], grid[:, 1]
        places[:, 1], places[:, 3] = depth, self.height
        return figures, places


def evenness_squared(pressure: NDArray[np.complex64]) -> NDArray[np.float32]:
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


class _Best:
    """Keeps the best few thousand while figures come in."""

    def __init__(self, keep: int) -> None:
        self._keep = keep
        self.evaluated = 0
        self._figures, self._places = np.zeros(0), np.zeros((0, 4))

    @property
    def lowest(self) -> float:
        """The best figure so far."""
        return float(self._figures.min()) if self._figures.size else float("inf")

    def add(self, figures: FloatArray, places: FloatArray) -> None:
        """Take in one batch."""
        self.evaluated += figures.size
        if figures.size > self._keep:
            chosen = np.argpartition(figures, self._keep)[: self._keep]
            figures, places = figures[chosen], places[chosen]
        self._figures = np.concatenate([self._figures, figures])
        self._places = np.concatenate([self._places, places])
        if self._figures.size > 4 * self._keep:
            self._cut()

    def result(self, cancelled: bool) -> Weighed:
        """All that is kept, best first; ties in the order of places, so that runs repeat."""
        order = np.lexsort((*self._places.T, self._figures))[: self._keep]
        return Weighed(self.evaluated, self._figures[order], self._places[order], cancelled)

    def _cut(self) -> None:
        order = np.argsort(self._figures, kind="stable")[: self._keep]
        self._figures, self._places = self._figures[order], self._places[order]
