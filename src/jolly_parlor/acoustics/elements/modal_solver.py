"""The field of a room with things in it, by its rigid modes.

Finite elements (`enclosure`) give the modes of the air with rigid walls; what surfaces and soft
things do couples them, one small matrix for each frequency:

    [Lambda - k^2 + j k sum_s beta_s B_s + j k sum_q (loss_q / c) V_q] a = 4 pi psi(source),
    p = psi(receiver)^T a + residue,

B_s the integral of psi_m psi_n over a surface, V_q over a soft thing. The residue is what the modes
left out add, from the Green function of the elements at a shift, as in `prism_solver`. Unit: a
source in the free field gives exp(-jkr)/r. Time factor exp(+jwt).
"""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from concurrent.futures import ThreadPoolExecutor
from functools import cached_property
from math import pi
from threading import Lock

import numpy as np
import scipy
from cachetools import LRUCache
from numpy.typing import NDArray
from threadpoolctl import threadpool_limits

from jolly_parlor.acoustics.arrays import (
    AdmittanceArray,
    BoolArray,
    ComplexArray,
    FloatArray,
    IntArray,
)
from jolly_parlor.acoustics.elements.enclosure import Enclosure
from jolly_parlor.acoustics.elements.prism_modes import prism_modes
from jolly_parlor.acoustics.elements.ritz import lowest_modes

MODE_LIMIT = 1.25
"""Modes are taken up to so many times the highest frequency."""
_STATICS, _ROWS = 32, 12
"""Places whose static fields are kept, for fields of other frequencies or materials there."""


class ModalBasis:
    """The modes of one enclosure up to a frequency; hangs on no material."""

    def __init__(
        self,
        enclosure: Enclosure,
        highest_wavenumber: float,
        progress: Callable[[float], None] = lambda share: None,
        known: tuple[FloatArray, FloatArray] | None = None,
    ) -> None:
        """known: eigenvalues and shapes of the same enclosure, worked out before."""
        self.enclosure = enclosure
        self.modes_to = MODE_LIMIT * highest_wavenumber
        """The wavenumber up to which modes are kept, per metre."""
        self._statics: LRUCache[bytes, tuple[FloatArray, FloatArray]] = LRUCache(_STATICS)
        self._lock = Lock()
        grid = enclosure.grid
        self.shift = (0.5 * highest_wavenumber) ** 2
        self.lu: scipy.sparse.linalg.SuperLU = scipy.sparse.linalg.splu(
            (grid.stiffness + self.shift * grid.mass).tocsc(),
            permc_spec="MMD_AT_PLUS_A",
            diag_pivot_thresh=0.0,
            options={"SymmetricMode": True},
        )
        progress(0.1)
        if known is not None:
            self.eigenvalues, self.shapes = known
            return
        limit = self.modes_to**2
        if (plain := prism_modes(grid, limit)) is not None:
            self.eigenvalues, self.shapes = plain
            return
        count = min(_mode_count(enclosure, self.modes_to), grid.unknowns // 3)
        self.eigenvalues, self.shapes = lowest_modes(
            grid.stiffness, grid.mass, self.lu, count, lambda part: progress(0.1 + 0.85 * part)
        )
        below = self.eigenvalues < limit
        self.eigenvalues = self.eigenvalues[below]
        self.shapes = np.ascontiguousarray(self.shapes[:, below])  # its rows are read

    @cached_property
    def surfaces(self) -> dict[str, FloatArray]:
        """B of each surface, (modes, modes)."""
        masses = self.enclosure.surface_masses
        return {name: self.shapes.T @ (mass @ self.shapes) for name, mass in masses.items()}

    @cached_property
    def softs(self) -> list[FloatArray]:
        """V of each soft thing, (modes, modes)."""
        return [self.shapes.T @ (mass @ self.shapes) for mass in self.enclosure.soft_masses()]

    @cached_property
    def stiffness(self) -> list[FloatArray]:
        """What each axis contributes to the eigenvalues, (modes, modes) each."""
        grid = self.enclosure.grid
        parts = [grid.axis_stiffness(axis) for axis in range(3)]
        return [self.shapes.T @ (part @ self.shapes) for part in parts]

    def static(self, places: FloatArray) -> tuple[FloatArray, FloatArray, FloatArray]:
        """Mode shapes at places, (places, modes), and over the unknowns the static field of a
        source at each, (K + s M)^-1, and that field's own, (K + s M)^-1 M (K + s M)^-1.
        """
        rows = self.enclosure.grid.at(places)
        keys = [place.tobytes() for place in np.round(places, 6)]
        with self._lock:
            known = {key: self._statics[key] for key in keys if key in self._statics}
        if new := [n for n, key in enumerate(keys) if key not in known]:
            first = self.lu.solve(rows[new].toarray().T)
            second = self.lu.solve(self.enclosure.grid.mass @ first)
            found = {
                keys[n]: (first[:, column].copy(), second[:, column].copy())
                for column, n in enumerate(new)
            }
            known |= found
            if len(found) <= _STATICS:
                with self._lock:
                    self._statics.update(found)
        one, two = (np.stack([known[key][part] for key in keys], axis=1) for part in (0, 1))
        return rows @ self.shapes, one, two


class End:
    """One place: shapes of the modes there, answer of the modes to a source there (real and
    imaginary parts as `ModalSolver.pressure` takes them), and its static field in two orders over
    the unknowns.
    """

    def __init__(
        self,
        shapes: FloatArray,
        parts: NDArray[np.floating],
        first: NDArray[np.floating],
        second: NDArray[np.floating],
    ) -> None:
        self.shapes, self.parts, self.first, self.second = shapes, parts, first, second
        self.bytes = int(parts.nbytes + first.nbytes + second.nbytes + shapes.nbytes)

    @property
    def answer(self) -> ComplexArray:
        """Of the modes to a source there, (frequencies, modes)."""
        return np.asarray(self.parts.view(np.complex64).T, dtype=np.complex128)


class ModalSolver:
    """Transfers of one room on one frequency grid.

    admittances: of each surface of the enclosure, (frequencies,); losses: of each soft thing, 1/s.
    """

    def __init__(
        self,
        basis: ModalBasis,
        admittances: Mapping[str, AdmittanceArray],
        losses: tuple[float, ...],
        frequencies_hz: FloatArray,
        speed_of_sound: float,
        stretch: FloatArray | None = None,
    ) -> None:
        self.basis, self.frequencies_hz = basis, frequencies_hz
        self.stretch = np.ones(3) if stretch is None else stretch
        self.speed_of_sound = speed_of_sound
        self.wavenumbers = 2 * pi * frequencies_hz / speed_of_sound
        self._admittances, self._losses = admittances, losses

    def matrices(self, dtype: type[np.complexfloating] = np.complex128) -> ComplexArray:
        """The matrix of each frequency, (frequencies, modes, modes)."""
        basis, k = self.basis, self.wavenumbers
        size = basis.eigenvalues.size
        each = [self._admittances[name] / self._depth(name) for name in basis.surfaces]
        each += [np.full(k.size, loss / self.speed_of_sound) for loss in self._losses]
        real = np.zeros(0, dtype=dtype).real.dtype
        by_surface = np.array([*basis.surfaces.values(), *basis.softs], dtype=real)
        total = np.zeros((k.size, size, size), dtype=dtype)
        weights = (np.array(each) * k).T  # real products: most admittances are
        flat = by_surface.reshape(len(each), -1)
        total.imag = (weights.real.astype(real) @ flat).reshape(total.shape)
        if np.iscomplexobj(weights):  # what pushes back acts as more or less stiffness
            total.real = -(weights.imag.astype(real) @ flat).reshape(total.shape)
        diagonal = np.arange(size)
        total[:, diagonal, diagonal] += basis.eigenvalues - k[:, None] ** 2
        if np.any(self.stretch != 1.0):
            for part, by in zip(basis.stiffness, self.stretch, strict=True):
                total += part * (1 / by**2 - 1)
        return total

    def diagonal(self) -> ComplexArray:
        """Of each of those matrices, (frequencies, modes)."""
        basis, k = self.basis, self.wavenumbers
        total = (basis.eigenvalues - k[:, None] ** 2).astype(np.complex128)
        for name, matrix in basis.surfaces.items():
            weight = 1j * k * self._admittances[name] / self._depth(name)
            total += weight[:, None] * np.diagonal(matrix)
        for matrix, loss in zip(basis.softs, self._losses, strict=True):
            total += (1j * k * loss / self.speed_of_sound)[:, None] * np.diagonal(matrix)
        for part, by in zip(basis.stiffness, self.stretch, strict=True):
            if by != 1.0:
                total += np.diagonal(part) * (1 / by**2 - 1)
        return total

    def ends(self, places: FloatArray) -> list[End]:
        """All that is known of places (places, 3), each solved for by itself."""
        shapes, first, second = self.basis.static(self.unstretched(places))
        answers = self.answers(shapes)
        return [
            End(shapes[n], side_by_side(answers[:, :, n]), first[:, n], second[:, n])
            for n in range(len(places))
        ]

    def part(self, name: str) -> FloatArray:
        """One of the matrices that `matrices` sums, (modes, modes): a surface, an axis of the
        stiffness by its number, or a soft thing as `soft 0`.
        """
        if name.startswith("soft "):
            return self.basis.softs[int(name.removeprefix("soft "))]
        return self.basis.stiffness[int(name)] if name in "012" else self.basis.surfaces[name]

    def changes_from(self, other: ModalSolver) -> dict[str, ComplexArray]:
        """By what factor each `part` differs from another solver's on the same basis,
        (frequencies,); those that do not are left out.
        """
        found: dict[str, ComplexArray] = {}
        for name in self.basis.surfaces:
            own, its = (s._admittances[name] / s._depth(name) for s in (self, other))
            if np.any(own != its):
                found[name] = np.asarray(1j * self.wavenumbers * (own - its))
        for n, (mine, theirs) in enumerate(zip(self._losses, other._losses, strict=True)):
            if mine != theirs:
                more = (mine - theirs) / self.speed_of_sound
                found[f"soft {n}"] = np.asarray(1j * self.wavenumbers * more)
        for axis, (own, its) in enumerate(zip(self.stretch, other.stretch, strict=True)):
            if own != its:
                every = np.ones(self.wavenumbers.size, dtype=np.complex128)
                found[str(axis)] = (1 / own**2 - 1 / its**2) * every
        return found

    def answers(self, shapes: FloatArray) -> ComplexArray:
        """The modes' answer to sources of given shapes (places, modes):
        (frequencies, modes, places).
        """
        wanted = np.broadcast_to(shapes.T, (self.wavenumbers.size, *shapes.T.shape))
        return np.asarray(np.linalg.solve(self.matrices(), wanted))

    def pressure(
        self,
        known_shapes: FloatArray,
        parts: NDArray[np.floating],
        shapes: FloatArray,
        statics: Sequence[FloatArray],
    ) -> ComplexArray:
        """From a known place to others, (places, frequencies).

        parts: of the answer of the known place, real and imaginary side by side, (modes, 2
        frequencies), so that one real product does; shapes and the two statics of the known place
        at the others, (places, modes) and (places,).
        """
        basis, k2 = self.basis, self.wavenumbers**2
        total = (shapes.astype(parts.dtype) @ parts).astype(np.float64).view(np.complex128)
        known = 1 / (basis.eigenvalues + basis.shift)
        first = statics[0] - shapes @ (known * known_shapes)
        second = statics[1] - shapes @ (known**2 * known_shapes)
        total = total + first[:, None] + second[:, None] * (k2 + basis.shift)
        return np.asarray(4 * pi / np.prod(self.stretch) * total)

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """From every source to every receiver, (receivers, sources, frequencies).

        Raises ValueError for a place that is not in the air.
        """
        shapes, first, second = self.basis.static(self.unstretched(sources))
        answers = self.answers(shapes)
        rows = self.basis.enclosure.grid.at(self.unstretched(receivers))
        there = rows @ self.basis.shapes
        statics = [(rows @ first[:, n], rows @ second[:, n]) for n in range(len(sources))]
        found = [
            self.pressure(shapes[n], side_by_side(answers[:, :, n]), there, statics[n])
            for n in range(len(sources))
        ]
        return np.stack(found, axis=1)

    def unstretched(self, places: FloatArray) -> FloatArray:
        """Where places of the room lie in the enclosure of the modes."""
        return np.asarray(places / self.stretch)

    def missing(self, places: FloatArray) -> BoolArray:
        """Which places are not in the air."""
        return self.basis.enclosure.grid.missing(self.unstretched(places))

    def absorbing(self, surfaces: Mapping[str, float]) -> ModalSolver:
        """The same with some surfaces of other admittance."""
        every = np.ones(self.wavenumbers.size)
        changed = {name: beta * every for name, beta in surfaces.items()}
        return self._with({**self._admittances, **changed}, self._losses)

    def scaled(self, factor: float) -> ModalSolver:
        """The same with all that absorbs multiplied."""
        admittances = {name: factor * beta for name, beta in self._admittances.items()}
        return self._with(admittances, tuple(factor * loss for loss in self._losses))

    def at_rows(self, rows: IntArray) -> ModalSolver:
        """The same at some frequencies only."""
        admittances = {name: beta[rows] for name, beta in self._admittances.items()}
        f = self.frequencies_hz[rows]
        basis, speed = self.basis, self.speed_of_sound
        return ModalSolver(basis, admittances, self._losses, f, speed, self.stretch)

    def _with(
        self, admittances: Mapping[str, AdmittanceArray], losses: tuple[float, ...]
    ) -> ModalSolver:
        f, speed = self.frequencies_hz, self.speed_of_sound
        return ModalSolver(self.basis, admittances, losses, f, speed, self.stretch)

    def _depth(self, name: str) -> float:
        """By how much the air before a surface has become deeper: its matrix counts by volume."""
        axis = self.basis.enclosure.normal_axis(name)
        if axis is None:
            return float(np.prod(self.stretch) ** (1 / 3))
        return float(self.stretch[axis])


def side_by_side(answer: ComplexArray) -> FloatArray:
    """(frequencies, modes) as (modes, 2 frequencies), real and imaginary parts in turn."""
    return np.ascontiguousarray(answer.T, dtype=np.complex128).view(np.float64)


def _mode_count(enclosure: Enclosure, wavenumber: float) -> int:
    """About how many modes lie below, a few more (Kuttruff, Room Acoustics: volume, surface and
    edge terms of a box of the same size).
    """
    plan = np.array(enclosure.plan)
    volume = float(enclosure.grid.mass.sum())
    width, length = np.ptp(plan, axis=0)
    height = enclosure.height
    surface = 2 * (width * length + width * height + length * height)
    edges = 4 * (width + length + height)
    whole = volume * wavenumber**3 / (6 * pi**2)
    return int(whole + surface * wavenumber**2 / (16 * pi) + edges * wavenumber / (16 * pi) + 12)


_Single = NDArray[np.complex64]


def by_parts(solver: ModalSolver, work: Callable[[_Single], _Single]) -> _Single:
    """What is done to every frequency's matrix, a few frequencies at a time: all their matrices
    would fill the memory. On two threads: a library's own would mostly wait for each other.
    """
    count = solver.frequencies_hz.size
    parts = np.array_split(np.arange(count), -(-count // _ROWS))

    def part(rows: IntArray) -> _Single:
        return work(np.asarray(solver.at_rows(rows).matrices(np.complex64), dtype=np.complex64))

    with threadpool_limits(1, "blas"), ThreadPoolExecutor(2) as pool:
        return np.concatenate(list(pool.map(part, parts)))
