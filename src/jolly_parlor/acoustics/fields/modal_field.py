"""The field of a room with things in it, as a RoomField.

What hangs on places is kept by `known_places`; surfaces and losses are the solver's.
"""

from __future__ import annotations

from collections.abc import Callable
from functools import cached_property
from threading import RLock

import numpy as np
from cachetools import LRUCache

from jolly_parlor.acoustics.arrays import (
    ComplexArray,
    FloatArray,
    IntArray,
    decimated_rows,
)
from jolly_parlor.acoustics.elements.air_of_room import (
    admittances_of,
    enclosure_of,
    losses_of,
    parts_of,
)
from jolly_parlor.acoustics.elements.enclosure import Enclosure
from jolly_parlor.acoustics.elements.kept_modes import keep_on_disk, modes_on_disk
from jolly_parlor.acoustics.elements.modal_solver import ModalBasis, ModalSolver
from jolly_parlor.acoustics.fields.known_places import KnownPlaces
from jolly_parlor.acoustics.fields.plate_in_modes import PlateInModalField, Remainders
from jolly_parlor.acoustics.fields.plate_walls import bounds_around
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.fields.rigid_modes import Mode, Modes
from jolly_parlor.acoustics.fields.standing_waves import room_modes
from jolly_parlor.acoustics.geometry.fitted_room import surveyed_room
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room

_BASES: LRUCache[tuple[Enclosure, float], ModalBasis] = LRUCache(3)
_LOCK = RLock()
_SIZES = ("width", "length", "height")
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
        self.places = KnownPlaces(self.solver, spare)
        self._alike: dict[Mode, int | None] = {}

    @property
    def parameters(self) -> tuple[str, ...]:
        return (*_SIZES, *self.room.surface_names)

    @property
    def seconds_per_pair(self) -> float:
        """Of places not asked for before; with one end known a twentieth of it."""
        return 0.02

    def transfer(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        return self.places.transfer(source, receiver)

    unquantised = transfer

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """Many pairs, (pairs, frequencies)."""
        return self.places.transfers(sources, receivers)

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
        rows = self.solver.basis.enclosure.grid.at(self.places.inside(receiver[None, :]))
        shape = float((rows @ self.solver.basis.shapes)[0, number])
        answer = self.places.end(source).answer[:, number]
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

    def perturbed(self, room: Room, parameter: str) -> PerturbedField:
        """To first order from this one, in one admittance or one size."""
        return PerturbedField(self, _solver(room, self.frequencies_hz, top_hz=self._top_hz))

    def decimated(self, step: int) -> ModalField:
        """On every step-th frequency, first and last kept."""
        return self.at_rows(decimated_rows(self.frequencies_hz.size, step))

    def at_rows(self, rows: IntArray) -> ModalField:
        places = self.places.at_rows(rows)
        other = self._with(places.solver)
        other.places = places
        return other

    @cached_property
    def remainders(self) -> Remainders:
        """What modes left out add to plates."""
        return Remainders(self.solver, np.array(self.room.dimensions))

    def scattered_by(self, plate: Plate) -> PlateInModalField:
        """A plate between the surfaces nearest to it."""
        return PlateInModalField(
            self.places, self.remainders, plate, *bounds_around(self.room, plate)
        )

    def expect(self, places: FloatArray) -> None:
        """Solved many at once: a third of the time."""
        self.places.ends(places)

    def prepare(self) -> bool:
        """The inverse of every frequency's matrix."""
        self.places.prepare()
        return False

    def _with(self, solver: ModalSolver, spare: bool = False) -> ModalField:
        one = self.room, solver.frequencies_hz, solver
        return ModalField(*one, spare=spare or self._spare, top_hz=self._top_hz)

    def _over(self, source: FloatArray, places: FloatArray) -> ComplexArray:
        """From a source over a grid of places (rows, columns, 3)."""
        missing, rows, shapes = self.places.grid_of(places)
        result = np.full((self.frequencies_hz.size, missing.size), np.nan, dtype=np.complex128)
        result[:, ~missing] = self.places.heard(self.places.end(source), rows, shapes).T
        return result.reshape(-1, *places.shape[:2])


class PerturbedField(ModalField):
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
        r = base.places.end(receiver).answer
        change = np.zeros(self.frequencies_hz.size, dtype=np.complex128)
        for name, factor in self._changes.items():
            change += factor * np.sum(r * base.places.turned(source, name), axis=1)
        change *= 4 * np.pi / np.prod(base.solver.stretch)
        found = base.transfer(source, receiver)
        if np.any(grown != 1.0):
            # Where these places lie among the modes, said in the known field's coordinates: each
            # end moved by itself, so that what is known of the other serves.
            there, here = source / grown, receiver / grown
            base.places.end(source)
            moved = base.transfer(there, receiver) + base.transfer(source, here)
            found = moved - found
        return np.asarray((found - change) / np.prod(grown))

    unquantised = transfer

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
