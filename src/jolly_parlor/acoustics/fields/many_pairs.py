"""The model of record for very many pairs of source and ear at once.

The same sum as `BoxField.closed_along` along the room's length, with what pairs have in common
worked out once: the line along factors into one term for each place and one for each distance,

    g = (1 + R0 e(2 near)) (1 + R1 e(2 (L - far))) e(far - near) / (2 j kappa (1 - R0 R1 e(2 L))),

and pairs on the same two lines across share its sum over the modes of the height.
"""

from itertools import islice
from math import gcd, pi

import numpy as np

from jolly_parlor.acoustics.array_cache import EVERYTHING, Kept, Together
from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, IntArray, exp_j
from jolly_parlor.acoustics.eigenvalues import AxisModes
from jolly_parlor.acoustics.fields.impedance_box import BoxField

NEAREST_ALONG_METRES = 0.3
_CLASSES_METRES = (0.8, 0.5, NEAREST_ALONG_METRES)
_MB = 1_000_000
_SUMS, _PRODUCTS, _ENDS, _FACTORS = 8 * _MB, 4 * _MB, 6 * _MB, 48 * _MB
"""Memory for tables of one kind; each is 50 to 500 kB."""
_PER_METRE = 10_000
_STEPS = (6400, 320, 16, 1)  # of which distances are made up: some 20 of each, so few factors
_FACTORS_AT_ONCE = 8  # some 5 ms
_FRONT_BACK = ("front", "back")
_SAME = 4  # decimals of a metre: a tenth of a millimetre changes nothing that can be heard


class PairField:
    """Pressures between many sources and ears of one box room; what was worked out is kept."""

    def __init__(self, field: BoxField, together: Together = EVERYTHING) -> None:
        self.field, self._together = field, together
        self._tables: dict[float, _Tables] = {}

    def pressures(self, sources: FloatArray, ears: FloatArray) -> ComplexArray:
        """Pressure for each pair, (pairs, frequencies). sources, ears: (pairs, 3) metres.

        Raises ValueError where a pair is closer than 30 cm along the room: there the sum along the
        length takes too many modes, and `BoxField.pressure` chooses another axis.
        """
        s, r = np.round(sources, _SAME), np.round(ears, _SAME)
        apart = np.abs(s[:, 1] - r[:, 1])
        if np.any(apart < NEAREST_ALONG_METRES - 1e-9):
            raise ValueError("A source and an ear are closer than 30 cm along the room.")
        result = np.empty((len(s), self.field.frequencies_hz.size), dtype=np.complex128)
        if len(s) == 1:  # a drag comes here each time
            least = next(least for least in _CLASSES_METRES if apart[0] >= least - 1e-9)
            result[0] = self._tables_of(least).one(s[0], r[0])
            return result
        beyond = np.inf
        for least in _CLASSES_METRES:
            chosen = np.flatnonzero((apart >= least - 1e-9) & (apart < beyond - 1e-9))
            if chosen.size:
                self._tables_of(least).fill(result, chosen, s, r)
            beyond = least
        return result

    def prepare(self) -> bool:
        """Make a part of the tables ahead, for places a millimetre apart; False where all are made.

        The nearest pairs' tables are large: they are made to the end only once such a pair has been
        asked for.
        """
        for least in _CLASSES_METRES:
            if least not in self._tables:
                self._tables_of(least)
                return True
        worth = (t for least, t in self._tables.items() if t.used or least > NEAREST_ALONG_METRES)
        return any(tables.lines.prepare() for tables in worth)

    def _tables_of(self, least: float) -> "_Tables":
        if least not in self._tables:
            self._tables[least] = _Tables(self.field, self.field.mode_limit(least), self._together)
        return self._tables[least]


class _Tables:
    """All pairs whose distance along the room asks for modes up to one limit."""

    def __init__(self, field: BoxField, limit_hz: float, together: Together) -> None:
        width, height = field.axis_modes(0, limit_hz), field.axis_modes(2, limit_hz)
        self.lines = _Lines(field, width, height, limit_hz, together)
        self.used = False
        self._across, self._up = _Products(width, together), _Products(height, together)
        self._summed: Kept[tuple[float, float, float, float]] = Kept(_SUMS, together)

    def _sum(self, key: tuple[float, float, float, float]) -> ComplexArray:
        from_y, to_y, from_z, to_z = key
        self.used = True
        return self.lines.summed(from_y, to_y, self._up.of(from_z, to_z))

    def one(self, source: FloatArray, ear: FloatArray) -> ComplexArray:
        """The pressure of one pair, (frequencies,)."""
        key = (float(source[1]), float(ear[1]), float(source[2]), float(ear[2]))
        summed = self._summed.of(key, self._sum)
        shape = self._across.of(float(source[0]), float(ear[0]))[:, : summed.shape[1]]
        return np.asarray(np.sum(shape * summed, axis=1))

    def fill(self, result: ComplexArray, chosen: IntArray, s: FloatArray, r: FloatArray) -> None:
        """Write the pressures of the chosen pairs."""
        keys = np.column_stack([s[:, 1], r[:, 1], s[:, 2], r[:, 2]])[chosen]
        groups, which = np.unique(keys, axis=0, return_inverse=True)
        members = np.split(np.argsort(which, kind="stable"), np.cumsum(np.bincount(which))[:-1])
        for (from_y, to_y, from_z, to_z), rows in zip(groups.tolist(), members, strict=True):
            key = (from_y, to_y, from_z, to_z)
            summed = self._summed.of(key, self._sum)
            for pair in chosen[rows]:
                shape = self._across.of(float(s[pair, 0]), float(r[pair, 0]))
                result[pair] = np.einsum("fm,fm->f", shape[:, : summed.shape[1]], summed)


class _Lines:
    """The closed form along the room for every pair of width and height modes."""

    def __init__(
        self,
        field: BoxField,
        width: AxisModes,
        height: AxisModes,
        limit_hz: float,
        together: Together,
    ) -> None:
        m, self._n = field.pairs_below(width, height, limit_hz)
        self._starts = np.flatnonzero(np.diff(m, prepend=-1))  # pairs come sorted by width mode
        self._length = float(field.dimensions[1])
        self._factors: Kept[int] = Kept(_FACTORS, together)
        self._near: Kept[float] = Kept(_ENDS, together)
        self._far: Kept[float] = Kept(_ENDS, together)
        self._apart: Kept[float] = Kept(_ENDS, together)
        self._own: Kept[str] = Kept(_ENDS, together)
        k, self._u, self._v, self._m = field.wavenumbers, width.u, height.u, m
        self._k, self._beta = k, field.admittances[2:4]
        self._ahead = iter(_factors_of_millimetres(2 * self._length))

    @property
    def _kappa(self) -> ComplexArray:
        def kappa(_: str) -> ComplexArray:
            squared = self._k[:, None] ** 2 - self._u[:, self._m] - self._v[:, self._n]
            return np.asarray(-1j * np.sqrt(-squared))

        return self._own.of("kappa", kappa)

    def _reflection(self, end: str) -> ComplexArray:
        def reflection(_: str) -> ComplexArray:
            kb = (self._k * self._beta[_FRONT_BACK.index(end)])[:, None]
            return np.asarray((self._kappa - kb) / (self._kappa + kb))

        return self._own.of(end, reflection)

    @property
    def _scale(self) -> ComplexArray:
        def scale(_: str) -> ComplexArray:
            both = self._reflection("front") * self._reflection("back")
            return np.asarray(4 * pi / (2j * self._kappa * (1 - both * self._e(2 * self._length))))

        return self._own.of("scale", scale)

    def summed(self, one: float, other: float, heights: ComplexArray) -> ComplexArray:
        """The line between two distances, summed over height modes: (frequencies, width modes)."""
        near, far = min(one, other), max(one, other)
        start = self._near.of(near, self._from_front)
        end = self._far.of(far, self._from_back)
        apart = self._apart.of(round(far - near, _SAME), self._across)
        line = start * end
        line *= apart
        line *= heights[:, self._n]
        return np.asarray(np.add.reduceat(line, self._starts, axis=1))

    def prepare(self) -> bool:
        """Work out some of the factors of `_e` ahead, each once; False when that is done, or
        when more would throw out what is kept.
        """
        if self._factors.room_left < self._kappa.nbytes * _FACTORS_AT_ONCE:
            return False
        ahead = list(islice(self._ahead, _FACTORS_AT_ONCE))
        for count in ahead:
            self._factor(count)
        return bool(ahead)

    def _from_front(self, y: float) -> ComplexArray:
        return np.asarray(1 + self._reflection("front") * self._e(2 * y))

    def _from_back(self, y: float) -> ComplexArray:
        return np.asarray(1 + self._reflection("back") * self._e(2 * (self._length - y)))

    def _across(self, metres: float) -> ComplexArray:
        return np.asarray(self._scale * self._e(metres))

    def _e(self, metres: float) -> ComplexArray:
        """exp(-j kappa x), x to a tenth of a millimetre, as the product of four kept factors."""
        whole, rest = divmod(round(metres * _PER_METRE), _STEPS[0])
        product = self._factor(whole * _STEPS[0])
        for step in _STEPS[1:]:
            whole, rest = divmod(rest, step)
            if whole:
                product = product * self._factor(whole * step)
        return product

    def _factor(self, count: int) -> ComplexArray:
        return self._factors.of(count, self._worked_out)

    def _worked_out(self, count: int) -> ComplexArray:
        """One factor, of two kept ones where it can be: exponentials take ten times as long."""
        step = next((step for step in _STEPS if count >= step), 1)
        whole = count // step
        if whole < 2:
            return exp_j(-count / _PER_METRE * self._kappa)
        half = whole // 2 * step
        return self._factor(half) * self._factor(count - half)


def _factors_of_millimetres(reach: float) -> list[int]:
    """The factors that distances of whole millimetres up to `reach` metres are made of."""
    ends = (round(reach * _PER_METRE) + 1, *_STEPS)
    least = _PER_METRE // 1000
    fine = range(0, _STEPS[-2], gcd(_STEPS[-2], least))
    coarse = (range(0, end, step) for end, step in zip(ends, _STEPS[:-1], strict=False))
    return list(dict.fromkeys(count for counts in (*coarse, fine) for count in counts))


class _Products:
    """X(s) X(r) / N of one axis for pairs of places, each worked out once."""

    def __init__(self, modes: AxisModes, together: Together) -> None:
        self._modes = modes
        self._shapes: Kept[float] = Kept(_PRODUCTS, together)
        self._products: Kept[tuple[float, float]] = Kept(_PRODUCTS, together)

    def of(self, source: float, ear: float) -> ComplexArray:
        """(frequencies, modes)."""

        def product(pair: tuple[float, float]) -> ComplexArray:
            here, there = (self._shapes.of(at, self._modes.shape) for at in pair)
            return np.asarray(here * there / self._modes.norm)

        return self._products.of((source, ear), product)
