"""The field of a room with things in it, as a RoomField.

All that hangs on places is kept by place: the modes' answer to a source there at every frequency,
and its static field. A transfer is then one product with the shapes at the other end, whichever of
the two is known (reciprocity); so a drag needs the elements' interpolation only.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from functools import cached_property
from threading import RLock

import numpy as np
import scipy
from cachetools import LRUCache
from numpy.typing import NDArray

from jolly_parlor.acoustics.air_of_room import (
    admittances_of,
    enclosure_of,
    losses_of,
    parts_of,
)
from jolly_parlor.acoustics.arrays import (
    BoolArray,
    ComplexArray,
    FloatArray,
    IntArray,
    thinned_rows,
)
from jolly_parlor.acoustics.enclosure import Enclosure
from jolly_parlor.acoustics.fitted import surveyed_room
from jolly_parlor.acoustics.kept_modes import keep_on_disk, modes_on_disk
from jolly_parlor.acoustics.modal_solver import End, ModalBasis, ModalSolver, by_parts
from jolly_parlor.acoustics.modes import Mode, Modes
from jolly_parlor.acoustics.plan import Point
from jolly_parlor.acoustics.plate_in_modes import PlateInModalField, Remainders
from jolly_parlor.acoustics.plate_walls import bounds_around
from jolly_parlor.acoustics.plates import Plate
from jolly_parlor.acoustics.room import Room
from jolly_parlor.acoustics.standing_waves import room_modes
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_ENDS_BYTES = 200_000_000
_PLATES_BYTES = 80_000_000
_AT_ONCE, _DIRECT, _DECIMALS = 64, 2, 4
"""Places worked out together; so often matrices are solved before the inverse is made; places are
told apart to a tenth of a millimetre.
"""
_BASES: LRUCache[tuple[Enclosure, float], ModalBasis] = LRUCache(3)
_LOCK = RLock()
_SIZES = ("width", "length", "height")
_TURNED = 400
_STREWN, _ALIKE = 400, 0.8
"""Points over which shapes of modes are compared, and from where on two are the same mode."""
_USUAL_HZ, _BARE_SPACING = 300.0, 0.38


def modal_basis(
    enclosure: Enclosure,
    highest_wavenumber: float,
    progress: Callable[[float], None] = lambda share: None,
) -> ModalBasis:
    """The modes of an enclosure; those of the last few are kept, and more on disk. Takes some ten
    seconds.
    """
    key = enclosure, round(highest_wavenumber, 6)
    with _LOCK:
        found = _BASES.get(key)
        if found is None:
            known = modes_on_disk(*key)
            found = _BASES[key] = ModalBasis(*key, progress, known)
            if known is None:
                keep_on_disk(*key, found.eigenvalues, found.shapes)
        return found


class ModalField:
    """A room of any plan with what stands in it; windows and doors where they are."""

    def __init__(
        self,
        room: Room,
        frequencies_hz: FloatArray,
        solver: ModalSolver | None = None,
        progress: Callable[[float], None] = lambda share: None,
        spare: bool = False,
        top_hz: float | None = None,
    ) -> None:
        """top_hz: up to where modes are worked out; None takes the highest frequency. spare: of a
        room looked at in passing; places are solved one by one, which needs a second each and no
        memory.
        """
        self.room, self.frequencies_hz, self._spare = room, frequencies_hz, spare
        self._top_hz = top_hz
        self.speed_of_sound = room.speed_of_sound
        self.solver = solver or _solver(room, frequencies_hz, progress, top_hz)
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
        self._alike: dict[Mode, int | None] = {}

    @property
    def parameters(self) -> tuple[str, ...]:
        """Three sizes, every surface."""
        return (*_SIZES, *self.room.surface_names)

    @property
    def seconds_per_pair(self) -> float:
        """Of places not asked for before; with one end known a twentieth of it."""
        return 0.02

    def transfer(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        known, other = self._ordered(source, receiver)
        return np.asarray(self._from(self.end(known), other[None, :])[0])

    exact = transfer

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """Many pairs, (pairs, frequencies)."""
        sides = [np.round(places, _DECIMALS) for places in (sources, receivers)]
        keys = [[place.tobytes() for place in side] for side in sides]
        with self._lock:
            unknown = [len({key for key in side if key not in self._ends}) for side in keys]
        near = 0 if unknown[0] < unknown[1] else 1
        places, which = np.unique(sides[near], axis=0, return_inverse=True)
        ends = self.ends(places)
        rows = self.solver.basis.enclosure.grid.at(self._inside(sides[1 - near]))
        shapes = rows @ self.solver.basis.shapes
        result = np.empty((len(sources), self.frequencies_hz.size), dtype=np.complex128)
        for number, end in enumerate(ends):
            chosen = np.flatnonzero(which.ravel() == number)
            result[chosen] = self._heard(end, rows[chosen], shapes[chosen])
        return result

    def spread(
        self, source: FloatArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """(frequencies, ys, xs); NaN inside things."""
        x, y = np.meshgrid(xs, ys)
        return self._over(source, np.stack([x, y, np.full(x.shape, height)], axis=-1))

    def section(self, source: FloatArray, y: float, xs: FloatArray, zs: FloatArray) -> ComplexArray:
        """(frequencies, zs, xs); NaN inside things."""
        x, z = np.meshgrid(xs, zs)
        return self._over(source, np.stack([x, np.full(x.shape, y), z], axis=-1))

    def plane(self, source_z: float, receiver_z: float, limit_hz: float) -> None:
        """No separable form."""
        return

    def modes(self, up_to_hz: float) -> Modes:
        """Of the air between what stands in the room."""
        return room_modes(self.room, up_to_hz)

    def of_mode(self, mode: Mode, source: FloatArray, receiver: FloatArray) -> ComplexArray | None:
        """The answer of the basis' mode that is most alike in shape, as losses and admittances
        couple it to the others; None where none is alike.
        """
        if mode not in self._alike:
            self._alike[mode] = self._most_alike(mode)
        number = self._alike[mode]
        if number is None:
            return None
        rows = self.solver.basis.enclosure.grid.at(self._inside(receiver[None, :]))
        shape = float((rows @ self.solver.basis.shapes)[0, number])
        answer = self.end(source).answer[:, number]
        return np.asarray(4 * np.pi / np.prod(self.solver.stretch) * shape * answer)

    def _most_alike(self, mode: Mode) -> int | None:
        """By their correlation over points strewn through the air."""
        rng = np.random.default_rng(3)
        strewn = rng.uniform(0.0, 1.0, (_STREWN, 3)) * np.array(self.room.dimensions)
        strewn = strewn[~self.solver.missing(strewn)]
        wanted = mode.over([Point(*map(float, place)) for place in strewn])
        known = np.isfinite(wanted)
        rows = self.solver.basis.enclosure.grid.at(self.solver.unstretched(strewn[known]))
        shapes, wanted = rows @ self.solver.basis.shapes, wanted[known]
        norms = np.linalg.norm(shapes, axis=0) * np.linalg.norm(wanted) + 1e-12
        alike = np.abs(wanted @ shapes) / norms
        best = int(np.argmax(alike))
        return best if alike[best] >= _ALIKE else None

    def absorbing(self, surface: str) -> ModalField:
        """One side with admittance 1, what is set into it too."""
        names = dict.fromkeys(parts_of(self.room, surface), 1.0)
        return self._with(self.solver.absorbing(names), spare=True)

    def scaled(self, factor: float) -> ModalField:
        """Every admittance and loss multiplied."""
        return self._with(self.solver.scaled(factor), spare=True)

    def near(self, room: Room, parameter: str) -> NearField:
        """To first order from this one, in one admittance or one size."""
        return NearField(self, _solver(room, self.frequencies_hz, top_hz=self._top_hz))

    def thinned(self, step: int) -> ModalField:
        """On every step-th frequency, first and last kept."""
        return self.at_rows(thinned_rows(self.frequencies_hz.size, step))

    def at_rows(self, rows: IntArray) -> ModalField:
        """At some frequencies."""
        other = self._with(self.solver.at_rows(rows))
        if self._inverse is not None:
            other._inverse = self._inverse[rows]
        return other

    @cached_property
    def remainders(self) -> Remainders:
        """What modes left out add to plates."""
        return Remainders(self.solver, np.array(self.room.dimensions))

    def scattered_by(self, plate: Plate) -> PlateInModalField:
        """A plate between the surfaces nearest to it."""
        return PlateInModalField(self, plate, *bounds_around(self.room, plate))

    def expect(self, places: FloatArray) -> None:
        """Solved many at once: a third of the time."""
        self.ends(places)

    def prepare(self) -> bool:
        """The inverse of every frequency's matrix."""
        with self._lock:
            if self._inverse is None and not self._spare:
                self._inverse = by_parts(self.solver, np.linalg.inv)
        return False

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

    def _with(self, solver: ModalSolver, spare: bool = False) -> ModalField:
        one = self.room, solver.frequencies_hz, solver
        return ModalField(*one, spare=spare or self._spare, top_hz=self._top_hz)

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
        rows = self.solver.basis.enclosure.grid.at(self._inside(places))
        shapes = rows @ self.solver.basis.shapes
        return np.array([self._heard(end, rows, shapes) for end in ends])

    def _worked_out(self, places: FloatArray) -> list[End]:
        return self._answered(*self.solver.basis.static(self._inside(places)))

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

    def _inside(self, places: FloatArray) -> FloatArray:
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
        rows = self.solver.basis.enclosure.grid.at(self._inside(places))
        return self._heard(end, rows, rows @ self.solver.basis.shapes)

    def _heard(self, end: End, rows: scipy.sparse.csr_array, shapes: FloatArray) -> ComplexArray:
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

    def _over(self, source: FloatArray, places: FloatArray) -> ComplexArray:
        """From a source over a grid of places (rows, columns, 3)."""
        missing, rows, shapes = self.grid_of(places)
        result = np.full((self.frequencies_hz.size, missing.size), np.nan, dtype=np.complex128)
        result[:, ~missing] = self._heard(self.end(source), rows, shapes).T
        return result.reshape(-1, *places.shape[:2])


class NearField(ModalField):
    """A field that differs a little from a known one: p' = p - 4 pi x_r^T (A' - A) x_s, with the
    two ends' answers of the known one. A' - A is a few matrices, each by a factor of its own.
    """

    def __init__(self, known: ModalField, solver: ModalSolver) -> None:
        super().__init__(known.room, known.frequencies_hz, solver)
        self._base = known
        self._changes = solver.changes_from(known.solver)

    def transfer(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        base, grown = self._base, self.solver.stretch / self._base.solver.stretch
        r = base.end(receiver).answer
        change = np.zeros(self.frequencies_hz.size, dtype=np.complex128)
        for name, factor in self._changes.items():
            change += factor * np.sum(r * base.turned(source, name), axis=1)
        change *= 4 * np.pi / np.prod(base.solver.stretch)
        found = base.transfer(source, receiver)
        if np.any(grown != 1.0):
            # Where these places lie among the modes, said in the known field's coordinates: each
            # end moved by itself, so that what is known of the other serves.
            there, here = source / grown, receiver / grown
            base.end(source)
            moved = base.transfer(there, receiver) + base.transfer(source, here)
            found = moved - found
        return np.asarray((found - change) / np.prod(grown))

    exact = transfer

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """Many pairs, (pairs, frequencies), one by one."""
        return np.array([self.transfer(s, r) for s, r in zip(sources, receivers, strict=True)])


def _solver(
    room: Room,
    frequencies_hz: FloatArray,
    progress: Callable[[float], None] = lambda share: None,
    top_hz: float | None = None,
) -> ModalSolver:
    """On the modes of the room as surveyed, stretched where a fit has resized it."""
    taped = surveyed_room(room)
    speed = room.speed_of_sound
    k = 2 * np.pi * (top_hz or float(frequencies_hz[-1])) / speed
    # A large room worked out to a lower frequency needs elements as many to the wave, no more.
    wider = max(_USUAL_HZ / top_hz, 1.0) if top_hz else 1.0
    spacing = Enclosure.spacing if taped.things else _BARE_SPACING  # modes of a bare one are cheap
    enclosure = enclosure_of(taped, round(spacing * wider, 3))
    basis = modal_basis(enclosure, k, progress)
    stretch = np.array(room.dimensions) / np.array(taped.dimensions)
    admittances, losses = admittances_of(room, frequencies_hz), losses_of(room)
    return ModalSolver(basis, admittances, losses, frequencies_hz, speed, stretch)
