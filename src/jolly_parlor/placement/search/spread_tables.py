"""The tables of one monitor height in a room whose field does not come apart along its axes.

For ears every 10 cm along a few lines the room is asked for the field all over a lattice of monitor
places (by reciprocity); ears and monitors between its nodes are interpolated from four by four by
four of them. At 300 Hz and 10 cm the error of each is 0.4 % of the pressure. Offers what
`tables.HeightTables` does.
"""

from __future__ import annotations

from threading import Lock
from typing import Protocol

import numpy as np
import scipy

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.placement.search.one_height import (
    SIDEWAYS,
    SLOUCH_BACK,
    SLOUCH_DOWN,
    Complex64,
    Float32,
    cubic,
)
from jolly_parlor.placement.search.space import HEAD_SHIFT, Space
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_NODE_METRES = 0.10


class Tables(Protocol):
    """Squares of J, in (log2)^2, for fronts and sides of one monitor height."""

    height: float

    def upright(self, depth_step: int, fronts: int, columns: slice) -> Float32:
        """At the head's centre."""
        ...

    def sideways_and_slouched(self, depth_step: int, fronts: int, columns: slice) -> Float32:
        """Sum over the three points of the head that only this depth uses."""
        ...

    def at_seat(self, ear: Point) -> Float32:
        """For an ear that stays where it is, for all fronts and all sides."""
        ...


class SpreadTables:
    """One monitor height of one grid. Ears and rows of monitors lie on lines `coarse` grid steps
    apart, counted from the first front.
    """

    def __init__(
        self,
        space: Space,
        field: RoomField,
        drive: ComplexArray,
        lowest: int,
        match: float,
        height: float,
    ) -> None:
        self.space, self.height, self._field = space, height, field
        self._drive, self._lowest = drive, lowest
        self._match, self._deep = np.float32(match), np.float32(space.wishes.deep)
        self._coarse = max(round(_NODE_METRES / space.step), 1)
        self._taps = np.array([cubic(phase / self._coarse) for phase in range(self._coarse)])
        forward, inward = space.ahead
        half = space.all_sides / 2 - inward
        ends = space.middle - half[-1], space.middle + half[-1]
        count = max(int(np.ceil((ends[1] - ends[0]) / _NODE_METRES)), 3) + 1
        self._xs = np.linspace(*ends, count)
        self._across = [_between(self._xs, space.middle + sign * half) for sign in (-1, 1)]
        self._apart = self._coarse * space.step
        self._rows = -(-space.fronts.size // self._coarse) + 3  # one before, two behind the last
        first = space.front + float(space.fronts[0])
        self._ys = first + self._apart * (np.arange(float(self._rows)) - 1)
        self._heard_ys = self._ys + forward
        self._lines: dict[tuple[float, float], Complex64] = {}
        self._lock = Lock()

    def upright(self, depth_step: int, fronts: int, columns: slice) -> Float32:
        """As `Tables`."""
        return self._squares(0.0, 0.0, depth_step, fronts, columns)

    def sideways_and_slouched(self, depth_step: int, fronts: int, columns: slice) -> Float32:
        """As `Tables`."""
        back = round(SLOUCH_BACK / self.space.step)
        total = self._squares(-SIDEWAYS, 0.0, depth_step, fronts, columns)
        total += self._squares(SIDEWAYS, 0.0, depth_step, fronts, columns)
        return total + self._squares(0.0, -SLOUCH_DOWN, depth_step + back, fronts, columns)

    def at_seat(self, ear: Point) -> Float32:
        """As `Tables`."""
        fronts, sides = self.space.fronts.size, self.space.all_sides.size
        return self._weighed(self._over_lattice(ear.array()), fronts, slice(0, sides))

    def _squares(self, dx: float, dz: float, step: int, fronts: int, columns: slice) -> Float32:
        line = self._line(dx, dz)
        whole, phase = divmod(step, self._coarse)
        count = -(-fronts // self._coarse) + 3
        rows = np.arange(count)  # the row before the first front sees the ear as far before
        seen = np.zeros((count, *line.shape[2:]), np.complex64)
        for tap, weight in enumerate(self._taps[phase]):
            ears = np.minimum(rows + whole - 1 + tap, len(line) - 1)
            seen += weight * line[ears, rows]
        return self._weighed(seen, fronts, columns)

    def _line(self, dx: float, dz: float) -> Complex64:
        """The field of every ear of a line, first that of the row before the first front: (ears,
        ys, frequencies, xs). Ears that cannot be are continued from those before them: nobody may
        sit there, but places before them are interpolated.
        """
        with self._lock:
            if (dx, dz) not in self._lines:
                self._lines[dx, dz] = self._asked_for(dx, dz)
            return self._lines[dx, dz]

    def _asked_for(self, dx: float, dz: float) -> Complex64:
        space = self.space
        reach = self._ys[-1] + float(space.depths[-1]) + SLOUCH_BACK + HEAD_SHIFT + 3 * self._apart
        ys = np.arange(self._ys[0], reach, self._apart)
        z = space.gear.seats[0].ear_height + dz
        air = [space.room.has_air_at(Point(space.middle + dx, float(y), z)) for y in ys]
        places = np.array(
            [(space.middle + dx, y, z) for y, good in zip(ys, air, strict=True) if good]
        )
        if len(places) == 0:
            raise Refused(
                tr("No head can be anywhere on this line; move the thing that is in its way.")
            )
        self._field.expect(places)
        shape = (len(ys), self._rows, self._drive.size, self._xs.size)
        found = np.zeros(shape, np.complex64)
        known = iter(places)
        for n, good in enumerate(air):
            if good:
                found[n] = self._over_lattice(next(known))
            elif n >= 3:
                found[n] = 3 * found[n - 1] - 3 * found[n - 2] + found[n - 3]
                if not any(air[n - 3 : n]):
                    found[n] = 0.0
        return found

    def _over_lattice(self, ear: FloatArray) -> Complex64:
        """(ys, frequencies, xs)."""
        seen = self._field.spread(ear, self.height, self._xs, self._heard_ys)
        seen = _filled(seen) * self._drive[:, None, None]
        return np.ascontiguousarray(seen.transpose(1, 0, 2), dtype=np.complex64)

    def _weighed(self, seen: Complex64, fronts: int, columns: slice) -> Float32:
        """seen: (rows, frequencies, xs), of each row its own ear. J^2 by front and side."""
        # Imported here: the compiler behind it takes half a second that starting need not wait for.
        from jolly_parlor.placement.search.kernel import add_squares

        rows, frequencies, nodes = seen.shape
        sides, count = columns.stop - columns.start, rows - 3
        parts = np.ascontiguousarray(
            np.moveaxis(seen.view(np.float32).reshape(*seen.shape, 2), 3, 0)
        )
        flat = parts.transpose(2, 0, 1, 3).reshape(-1, nodes)  # frequency, re/im, row
        pressure = np.empty((frequencies, 4, rows * sides), np.float32)
        for number, across in enumerate(self._across):
            there = flat @ np.ascontiguousarray(across[:, columns])
            pressure[:, 2 * number : 2 * number + 2] = there.reshape(frequencies, 2, -1)
        total = np.zeros((self._coarse, count, sides), np.float32)
        for phase, taps in enumerate(self._taps):
            add_squares(
                pressure,
                taps,
                np.uint64(sides),
                self._lowest,
                self._match,
                self._deep,
                total[phase].reshape(-1),
            )
        return total.transpose(1, 0, 2).reshape(-1, sides)[:fronts]


def _between(nodes: FloatArray, places: FloatArray) -> Float32:
    """What takes values at even nodes to places between them, (nodes, places), cubic."""
    at = (places - nodes[0]) / (nodes[1] - nodes[0])
    first = np.clip(np.floor(at).astype(int) - 1, 0, nodes.size - 4)
    matrix = np.zeros((nodes.size, places.size), np.float32)
    for column, (start, x) in enumerate(zip(first, at - first, strict=True)):
        matrix[start : start + 4, column] = cubic(float(x) - 1)
    return matrix


def _filled(seen: ComplexArray) -> ComplexArray:
    """Nodes that lie in things or beyond the wall take the value of the nearest that does not:
    before something hard the pressure is level.
    """
    missing = np.isnan(seen[0].real)
    if not np.any(missing):
        return seen
    if np.all(missing):
        return np.zeros_like(seen)
    nearest = scipy.ndimage.distance_transform_edt(
        missing, return_distances=False, return_indices=True
    )
    return np.asarray(seen[:, nearest[0], nearest[1]])
