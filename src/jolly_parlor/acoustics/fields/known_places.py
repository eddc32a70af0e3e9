"""What is known of places in a room of finite elements: a source there as every mode answers it at
every frequency, and its static field. A transfer is then one product with the shapes at the other
end, whichever of the two is known (reciprocity); so a drag needs the elements' interpolation only.
"""

from __future__ import annotations

from collections.abc import Sequence
from threading import RLock

import numpy as np
import scipy
from cachetools import LRUCache
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import BoolArray, ComplexArray, FloatArray, IntArray
from jolly_parlor.acoustics.elements.modal_solver import End, ModalSolver, by_parts
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_ENDS_BYTES = 200_000_000
_PLATES_BYTES = 80_000_000
_AT_ONCE, _DIRECT, _DECIMALS = 64, 2, 4
"""Places worked out together; so often matrices are solved before the inverse is made; places are
told apart to a tenth of a millimetre.
"""
_TURNED = 400


class KnownPlaces:
    """The last places asked for, within bounds on memory."""

    def __init__(self, solver: ModalSolver, spare: bool = False) -> None:
        """spare: of a room looked at in passing; places are solved one by one, which needs a second
        each and no memory.
        """
        self.solver, self._spare = solver, spare
        self._lock = RLock()
        self._ends: LRUCache[bytes, End] = LRUCache(_ENDS_BYTES, lambda e: e.bytes)
        self._asked: dict[bytes, int] = {}
        self._inverse: NDArray[np.complex64] | None = None
        self._grid: tuple[bytes, BoolArray, scipy.sparse.csr_array, FloatArray] | None = None
        self._solved = 0
        self._turned: LRUCache[tuple[bytes, str], ComplexArray] = LRUCache(_TURNED)
        self._plates: LRUCache[Plate, list[End]] = LRUCache(
            _PLATES_BYTES, lambda ends: sum(end.bytes for end in ends)
        )

    def transfer(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        known, other = self._ordered(source, receiver)
        return np.asarray(self._from(self.end(known), other[None, :])[0])

    def at_rows(self, rows: IntArray) -> KnownPlaces:
        """At some frequencies; no place is known yet."""
        other = KnownPlaces(self.solver.at_rows(rows), self._spare)
        if self._inverse is not None:
            other._inverse = self._inverse[rows]
        return other

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """Many pairs, (pairs, frequencies)."""
        sides = [np.round(places, _DECIMALS) for places in (sources, receivers)]
        keys = [[place.tobytes() for place in side] for side in sides]
        with self._lock:
            unknown = [len({key for key in side if key not in self._ends}) for side in keys]
        near = 0 if unknown[0] < unknown[1] else 1
        places, which = np.unique(sides[near], axis=0, return_inverse=True)
        ends = self.ends(places)
        rows = self.solver.basis.enclosure.grid.at(self.inside(sides[1 - near]))
        shapes = rows @ self.solver.basis.shapes
        result = np.empty((len(sources), self.solver.frequencies_hz.size), dtype=np.complex128)
        for number, end in enumerate(ends):
            chosen = np.flatnonzero(which.ravel() == number)
            result[chosen] = self.heard(end, rows[chosen], shapes[chosen])
        return result

    def prepare(self) -> None:
        """The inverse of every frequency's matrix."""
        with self._lock:
            if self._inverse is None and not self._spare:
                self._inverse = by_parts(self.solver, np.linalg.inv)

    def end(self, place: FloatArray) -> End:
        """All that is known of a place. Raises Refused for one that is not in the air."""
        return self.ends(np.asarray(place, dtype=float)[None, :])[0]

    def ends(self, places: FloatArray) -> list[End]:
        """The same of many places at once, (places, 3)."""
        rounded = np.round(places, _DECIMALS)
        keys = [place.tobytes() for place in rounded]
        with self._lock:
            found = {key: end for key in keys if (end := self._ends.get(key)) is not None}
            new = [n for n, key in enumerate(keys) if key not in found]
            for start in range(0, len(new), _AT_ONCE):
                some = new[start : start + _AT_ONCE]
                for n, end in zip(some, self._worked_out(rounded[some]), strict=True):
                    found[keys[n]] = self._ends[keys[n]] = end
        return [found[key] for key in keys]

    def turned(self, place: FloatArray, name: str) -> ComplexArray:
        """The answer to a source at a place times one of the solver's matrices, (frequencies,
        modes); the last are kept.
        """
        key = np.round(place, _DECIMALS).tobytes(), name
        with self._lock:
            found = self._turned.get(key)
        if found is None:
            matrix = self.solver.part(name)
            answer = self.end(place).answer
            found = np.asarray(answer.astype(np.complex64) @ matrix.astype(np.float32))
            with self._lock:
                self._turned[key] = found
        return found

    def _ordered(self, source: FloatArray, receiver: FloatArray) -> tuple[FloatArray, FloatArray]:
        """The end to keep, then the other: one that is kept, else the one asked for more often."""
        keys = [np.round(place, _DECIMALS).tobytes() for place in (receiver, source)]
        with self._lock:
            for key in keys:
                self._asked[key] = self._asked.get(key, 0) + 1
            if len(self._asked) > 10_000:
                self._asked = {key: n // 2 for key, n in self._asked.items() if n > 1}
            receiver_first = keys[0] in self._ends or (
                keys[1] not in self._ends and self._asked[keys[0]] >= self._asked[keys[1]]
            )
        return (receiver, source) if receiver_first else (source, receiver)

    def knows(self, places: FloatArray) -> bool:
        """Whether all has been worked out of all places (places, 3)."""
        keys = [place.tobytes() for place in np.round(places, _DECIMALS)]
        with self._lock:
            return all(key in self._ends for key in keys)

    def ends_of(self, plate: Plate, rows: scipy.sparse.csr_array, shapes: FloatArray) -> list[End]:
        """The same of what a plate's functions take of a field, over the unknowns and the modes,
        (functions, ...) each; those of the last few plates are kept.
        """
        with self._lock:
            known = self._plates.get(plate)
        if known is None:  # two threads may work at two plates
            basis = self.solver.basis
            first = basis.lu.solve(np.ascontiguousarray(rows.toarray().T))
            second = basis.lu.solve(basis.enclosure.grid.mass @ first)
            known = self._answered(shapes, first, second)
            with self._lock:
                self._plates[plate] = known
        return known

    def heard_of(self, ends: Sequence[End], places: FloatArray) -> ComplexArray:
        """What places hear of each end, (ends, places, frequencies)."""
        rows = self.solver.basis.enclosure.grid.at(self.inside(places))
        shapes = rows @ self.solver.basis.shapes
        return np.array([self.heard(end, rows, shapes) for end in ends])

    def _worked_out(self, places: FloatArray) -> list[End]:
        return self._answered(*self.solver.basis.static(self.inside(places)))

    def _answered(self, shapes: FloatArray, first: FloatArray, second: FloatArray) -> list[End]:
        self._solved += 1
        if self._inverse is None and self._solved > _DIRECT and not self._spare:
            self.prepare()
        if self._inverse is not None:
            answers = np.asarray(self._inverse @ shapes.T.astype(np.complex64))
        else:
            wanted = shapes.T.astype(np.complex64)
            answers = by_parts(self.solver, lambda part: np.linalg.solve(part, wanted))
        return [
            End(
                shapes[n],
                np.ascontiguousarray(answers[:, :, n].T).view(np.float32),
                first[:, n].astype(np.float32),
                second[:, n].astype(np.float32),
            )
            for n in range(len(shapes))
        ]

    def inside(self, places: FloatArray) -> FloatArray:
        """The places in the unstretched room of the modes. Raises Refused."""
        missing = self.solver.missing(places)
        if np.any(missing):
            where = ", ".join(f"{value:.2f}" for value in places[missing][0])
            raise Refused(
                tr("({where}) m is outside the room or inside a thing; move it.", where=where)
            )
        return self.solver.unstretched(places)

    def _from(self, end: End, places: FloatArray) -> ComplexArray:
        """From a known place to others, (places, frequencies)."""
        rows = self.solver.basis.enclosure.grid.at(self.inside(places))
        return self.heard(end, rows, rows @ self.solver.basis.shapes)

    def heard(self, end: End, rows: scipy.sparse.csr_array, shapes: FloatArray) -> ComplexArray:
        """The same with what interpolates the others, and the shapes of the modes there."""
        statics = (rows @ end.first, rows @ end.second)
        return self.solver.pressure(end.shapes, end.parts, shapes, statics)

    def grid_of(self, places: FloatArray) -> tuple[BoolArray, scipy.sparse.csr_array, FloatArray]:
        """Of a grid of places (rows, columns, 3) which are not in the air, and of the others what
        interpolates them and the shapes of the modes there; the last grid is kept.
        """
        flat = places.reshape(-1, 3)
        key = flat.tobytes()
        grid = self._grid
        if grid is None or grid[0] != key:
            missing = self.solver.missing(flat)
            rows = self.solver.basis.enclosure.grid.at(self.solver.unstretched(flat[~missing]))
            grid = self._grid = key, missing, rows, rows @ self.solver.basis.shapes
        return grid[1:]
