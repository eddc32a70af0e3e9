"""What is kept of millions of figures: the best, spread over the room, and the best nearby."""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray

_BIN_METRES, _BINS = 0.10, 40


@dataclass(frozen=True, eq=False)
class Weighed:
    """The best of the grid, best first."""

    evaluated: int
    figures: FloatArray
    places: FloatArray
    """(arrangements, 5): front, depth, side, height, off the middle line; metres."""
    nearby: FloatArray
    """The best place for each 10 cm of distance from the present arrangement, same columns."""
    cancelled: bool


class Best:
    """Keeps the best while figures come in, one for each cube of places where asked to."""

    def __init__(self, keep: int, apart: float, present: FloatArray | None, middle: float) -> None:
        self._keep, self._apart = keep, apart
        self._present, self._middle = present, middle
        self.evaluated = 0
        self.lowest = float("inf")
        """The best figure so far."""
        self._ceiling = float("inf")
        self._figures, self._places = np.zeros(0), np.zeros((0, 5))
        self._near = np.full(_BINS, np.inf)
        self._near_places = np.zeros((_BINS, 5))

    def add(self, figures: FloatArray, places: FloatArray) -> None:
        self.evaluated += figures.size
        if figures.size == 0:
            return
        self.lowest = min(self.lowest, float(figures.min()))
        if self._present is not None:
            self._add_near(figures, places, self._present)
        chosen = np.flatnonzero(figures < self._ceiling)
        self._figures = np.concatenate([self._figures, figures[chosen]])
        self._places = np.concatenate([self._places, places[chosen]])
        if self._figures.size > 8 * self._keep:
            self._cut()

    def result(self, cancelled: bool) -> Weighed:
        """All that is kept, best first; ties in the order of places, so that runs repeat."""
        self._cut()
        near = self._near_places[np.isfinite(self._near)]
        return Weighed(self.evaluated, self._figures, self._places, near, cancelled)

    def _add_near(self, figures: FloatArray, places: FloatArray, present: FloatArray) -> None:
        bins = (moved_metres(places, present, self._middle) / _BIN_METRES).astype(int)
        order = np.argsort(figures, kind="stable")
        bins = np.minimum(bins[order], _BINS - 1)
        found, first = np.unique(bins, return_index=True)
        for index, row in zip(found, order[first], strict=True):
            if figures[row] < self._near[index]:
                self._near[index], self._near_places[index] = figures[row], places[row]

    def _cut(self) -> None:
        order = np.lexsort((*self._places.T, self._figures))
        if self._apart:
            cells = np.round(self._places[order] / self._apart).astype(np.int64) + 512
            keys = cells @ 1024 ** np.arange(5, dtype=np.int64)
            _, first = np.unique(keys, return_index=True)
            order = order[np.sort(first)]
        full = order.size >= self._keep
        order = order[: self._keep]
        self._figures, self._places = self._figures[order], self._places[order]
        if full:
            self._ceiling = float(self._figures[-1])


def moved_metres(places: FloatArray, present: FloatArray, middle: float) -> FloatArray:
    """How far the farthest of monitors and main ear moves from where they are now, (places,).

    present: left, right and ear, (3, 3). The ear's height stays.
    """
    front, depth, side, height, off = places.T
    far = np.zeros(len(places))
    for row, (x, y, z) in zip(
        present,
        (
            (middle + off - side / 2, front, height),
            (middle + off + side / 2, front, height),
            (middle + off, front + depth, present[2, 2]),
        ),
        strict=True,
    ):
        away = (x - row[0]) ** 2 + (y - row[1]) ** 2 + (z - row[2]) ** 2
        far = np.maximum(far, away)
    return np.asarray(np.sqrt(far))
