"""The tables of one monitor height: pressures at every ear of a depth from two small products.

The field of `separable` gives p = sum_lm A_lm X_l(xs) X_l(xr) Y_m(ys) Y_m(yr). Ears stand at a few
sideways places only, so X_l(xr) folds into A. The sources' X_l(xs), for left and right and every
frequency, are spanned by about ten real shapes B_k(side): spatial waves up to the mode limit over a
metre or so have no more freedom than that. What is left for each depth is

    G_k(front) = sum_m Y_m(front) Y_m(front + depth) A_mk   and   p(front, side) = sum_k G_k B_k.
"""

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField, SeparablePlane
from jolly_parlor.acoustics.geometry.room import Point
from jolly_parlor.placement.search.space import HEAD_SHIFT, Space
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

LIMIT_HZ = 900.0
_LEFT_OUT = 1e-6  # of the shapes' energy
_LANES = 4096
_COARSE_METRES = 0.045
SLOUCH_BACK, SLOUCH_DOWN, SIDEWAYS = 0.10, 0.10, 0.10
"""Metres; with HEAD_SHIFT the head volume of `forecast.head_points`."""

Float32 = NDArray[np.float32]
Complex64 = NDArray[np.complex64]


def plane_of(field: RoomField, source_z: float, ear_z: float) -> SeparablePlane:
    """The separable form that the tables stand on."""
    plane = field.plane(source_z, ear_z, LIMIT_HZ)
    if plane is None:
        raise Refused(tr("This room's field does not come apart along its axes."))
    return plane


class Judged:
    """What every height shares: weights, the monitors' low end, and the shapes on the grid's lines.

    The field along the fronts is worked out on every `coarse`-th front and interpolated between
    four of them: at 300 Hz and 3 cm the error is 0.0002 of the pressure.
    """

    def __init__(
        self, space: Space, field: RoomField, drive: ComplexArray, lowest: int, match: float
    ) -> None:
        self.space, self.field, self.drive, self.lowest = space, field, drive, lowest
        self.match, self.deep = np.float32(match), np.float32(space.wishes.deep)
        step, middle = space.step, space.middle
        self.coarse = max(int(_COARSE_METRES / step + 1e-9), 1)
        self.taps = np.array([cubic(phase / self.coarse) for phase in range(self.coarse)])
        plane = plane_of(field, 1.0, 1.0 + SLOUCH_DOWN)  # its shapes have no z
        reach = round(float(space.fronts[-1] - space.fronts[0] + space.depths[-1]) / step)
        count = reach + round(HEAD_SHIFT / step) + 4 * self.coarse + 1
        ys = float(space.fronts[0]) + step * (np.arange(float(count)) - self.coarse)
        forward, inward = space.ahead
        self.along = plane.along(ys).astype(np.complex64)
        self.along_from = plane.along(ys + forward).astype(np.complex64)
        half = space.all_sides / 2 - inward
        self.sources = [plane.across(middle + sign * half) for sign in (-1, 1)]
        self.shapes = _common_shapes(np.abs(plane.coupling).mean(axis=2), self.sources)
        self.spans = [np.matmul(x.transpose(0, 2, 1), self.shapes.T) for x in self.sources]

    def lines(self, offset: int, fronts: int) -> Complex64:
        """Y_m at ears `offset` grid steps behind the coarse fronts, one row before and three after
        those needed.
        """
        return self._thinned(self.along, offset, fronts)

    def sources_along(self, fronts: int) -> Complex64:
        """Y_m where monitors on the same coarse fronts are heard from."""
        return self._thinned(self.along_from, 0, fronts)

    def _thinned(self, along: Complex64, offset: int, fronts: int) -> Complex64:
        rows = -(-fronts // self.coarse) + 3
        return along[:, offset : offset + rows * self.coarse : self.coarse][:, :rows]


class HeightTables:
    """Squares of J, in (log2)^2, for every front, depth and side of one monitor height."""

    def __init__(self, judged: Judged, height: float) -> None:
        space = judged.space
        self.space, self.height, self._judged = space, height, judged
        ear, middle = space.gear.seats[0].ear_height, space.middle
        self._centre = self._folded(ear, [middle])
        self._beside = self._folded(ear, [middle - SIDEWAYS, middle + SIDEWAYS])
        self._slouched = self._folded(ear - SLOUCH_DOWN, [middle])

    def upright(self, depth_step: int, fronts: int, columns: slice) -> Float32:
        """At the head's centre, the ear that many grid steps behind the monitors."""
        return self._squares(self._centre, depth_step, fronts, columns)

    def sideways_and_slouched(self, depth_step: int, fronts: int, columns: slice) -> Float32:
        """Sum over the three points of the head that only this depth uses."""
        back = round(SLOUCH_BACK / self.space.step)
        beside = self._squares(self._beside, depth_step, fronts, columns)
        return beside + self._squares(self._slouched, depth_step + back, fronts, columns)

    def at_seat(self, ear: Point) -> Float32:
        """The same for an ear that stays where it is, for all fronts and all sides."""
        judged, fronts = self._judged, self.space.fronts.size
        plane = plane_of(judged.field, self.height, ear.z)
        here = plane.along(np.array([ear.y]))[:, 0].astype(np.complex64)
        folded = self._folded(ear.z, [ear.x]) * here[:, :, None]
        sources = judged.sources_along(fronts)
        return self._weighed(np.matmul(sources, folded), judged.shapes, fronts)

    def _folded(self, ear_z: float, ear_xs: list[float]) -> Complex64:
        """Coupling with the ears' X and the sources' shapes folded in.

        (frequencies, length modes, ears x 2 sources x rank).
        """
        judged = self._judged
        plane = plane_of(judged.field, self.height, ear_z)
        coupling = plane.coupling * judged.drive[:, None, None]
        here = plane.across(np.array(ear_xs))
        coupled = [(coupling * here[:, e, :, None]).transpose(0, 2, 1) for e in range(len(ear_xs))]
        parts = [np.matmul(c, span) for c in coupled for span in judged.spans]
        return np.concatenate(parts, axis=2).astype(np.complex64)

    def _squares(self, folded: Complex64, step: int, fronts: int, columns: slice) -> Float32:
        judged = self._judged
        between = judged.sources_along(fronts) * judged.lines(step, fronts)
        return self._weighed(np.matmul(between, folded), judged.shapes[:, columns], fronts)

    def _weighed(self, rows: Complex64, shapes: Float32, fronts: int) -> Float32:
        """rows: (frequencies, coarse fronts, ears x 2 sources x rank). Sums over ears."""
        # Imported here: the compiler behind it takes half a second that starting need not wait for.
        from jolly_parlor.placement.search.kernel import add_squares

        judged, frequencies = self._judged, rows.shape[0]
        rank, sides = shapes.shape
        split = rows.view(np.float32).reshape(frequencies, rows.shape[1], -1, 2, rank, 2)
        ordered = split.transpose(2, 0, 3, 5, 1, 4)  # ear, frequency, source, re/im, row, shape
        shapes = np.ascontiguousarray(shapes)
        count = rows.shape[1] - 3
        total = np.zeros((judged.coarse, count, sides), np.float32)
        many = max(_LANES // sides, 1)
        for start in range(0, count, many):
            stop = min(start + many, count)
            for ear in ordered[:, :, :, :, start : stop + 3]:
                flat = np.ascontiguousarray(ear).reshape(-1, rank)
                pressure = np.matmul(flat, shapes).reshape(frequencies, 4, -1)
                for phase, taps in enumerate(judged.taps):
                    add_squares(
                        pressure,
                        taps,
                        np.uint64(sides),
                        judged.lowest,
                        judged.match,
                        judged.deep,
                        total[phase, start:stop].reshape(-1),
                    )
        return total.transpose(1, 0, 2).reshape(-1, sides)[:fronts]


def cubic(at: float) -> Float32:
    """Lagrange weights of the rows -1, 0, 1, 2 for a place between rows 0 and 1."""
    x = [-1.0, 0.0, 1.0, 2.0]
    weights = [np.prod([(at - b) / (a - b) for b in x if b != a]) for a in x]
    return np.array(weights, dtype=np.float32)


def _common_shapes(weight: FloatArray, sources: list[ComplexArray]) -> Float32:
    """Orthonormal real shapes (rank, sides) that span the sources' X, strongest first.

    weight: (frequencies, width modes), how strongly each mode couples, so that faded ones claim
    no shape. sources: (frequencies, sides, width modes) each.
    """
    rows = [(x * weight[:, None, :]).transpose(0, 2, 1) for x in sources]
    stacked = np.concatenate(rows).reshape(-1, sources[0].shape[1])
    real = np.concatenate([stacked.real, stacked.imag])
    strengths, vectors = np.linalg.eigh(real.T @ real)
    left_out = np.cumsum(np.maximum(strengths, 0.0)) / strengths.sum()
    kept = vectors[:, left_out > _LEFT_OUT][:, ::-1].T
    return np.ascontiguousarray(kept, dtype=np.float32)
