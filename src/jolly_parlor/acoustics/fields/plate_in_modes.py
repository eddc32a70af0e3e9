"""A thin plate in the field of a room worked out by finite elements.

The modes of the air act on the plate through their gradients B across it,

    action(f) = static + B [1 / (Lambda_f) - 1 / Lambda] B^T + rest(f),

Lambda the eigenvalues with rigid walls, Lambda_f the diagonal of the solver's matrix, in which
surfaces and soft things damp each mode (how they couple modes changes what the plate does to itself
by little; between places and plate it counts in full). What modes above those kept add beyond the
static part, and that is much since the pressure jumps at the plate, is that of a rigid box of the
room's size: in closed form across the plate, less the modes that are kept.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from math import pi
from threading import Lock

import numpy as np
import scipy
from cachetools import LRUCache

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.elements.modal_solver import End, ModalSolver
from jolly_parlor.acoustics.fields.known_places import KnownPlaces
from jolly_parlor.acoustics.fields.plates import Layer, Plate, axes_along

_STEP_METRES = 0.04
"""To either side of the plate, for gradients by differences."""
_LIMIT_HZ, _LINES = 900.0, 12


class Remainders:
    """What the modes left out add to the action, by where the plate lies; kept between plates."""

    def __init__(self, solver: ModalSolver, sizes: FloatArray) -> None:
        self.sizes, self._solver = sizes, solver
        self._kept = solver.basis.modes_to
        self._known: LRUCache[tuple[int, float], FloatArray] = LRUCache(_LINES)
        self._lock = Lock()

    def pairs(self, axis: int) -> tuple[FloatArray, FloatArray]:
        """Wavenumbers along the plate of every pair of modes, (pairs,) each."""
        first, second = axes_along(axis)
        limit = 2 * pi * _LIMIT_HZ / self._solver.speed_of_sound
        one, other = (
            np.arange(int(limit * self.sizes[a] / pi) + 1) * pi / self.sizes[a]
            for a in (first, second)
        )
        m, n = np.nonzero(np.hypot(one[:, None], other) <= limit)
        return one[m], other[n]

    def of(self, axis: int, h: float) -> FloatArray:
        """(frequencies, pairs), over the norms; real, since nothing there is near resonance."""
        key = axis, round(h, 3)
        with self._lock:
            found = self._known.get(key)
        if found is None:
            found = self._worked_out(axis, h)
            with self._lock:
                self._known[key] = found
        return found

    def _worked_out(self, axis: int, h: float) -> FloatArray:
        one, other = self.pairs(axis)
        size, q2 = float(self.sizes[axis]), one**2 + other**2
        k2 = self._solver.wavenumbers[:, None] ** 2
        whole = _line(q2 - k2, h, size) - _line(q2, h, size)
        for number in range(1, int(self._kept * size / pi) + 1):
            across = (number * pi / size) ** 2
            own = q2 + across
            gradient = 2 / size * across * np.sin(np.sqrt(across) * h) ** 2
            known = np.where(own < self._kept**2, gradient, 0.0)
            whole = whole - known * (1 / (own - k2) - 1 / own)
        first, second = axes_along(axis)
        norms = [
            np.where(k == 0, self.sizes[a], self.sizes[a] / 2)
            for k, a in ((one, first), (other, second))
        ]
        return np.asarray(whole / (norms[0] * norms[1]))


class PlateInModes:
    """Of one plate what a `Scattering` needs between places that are known."""

    def __init__(
        self,
        solver: ModalSolver,
        remainders: Remainders,
        layer: Layer,
        ends: Callable[[FloatArray], Sequence[End]],
    ) -> None:
        """ends: what is known of places, (places, 3)."""
        self._solver, self._remainders, self._layer, self._ends = solver, remainders, layer, ends
        self._rows = _gradients(solver, layer)
        """What the functions take of a field over the unknowns, (functions, unknowns)."""
        self._modes: FloatArray = np.asarray(self._rows @ solver.basis.shapes)
        """B, (functions, modes)."""

    @property
    def action(self) -> ComplexArray:
        """(frequencies, functions, functions)."""
        solver, layer, lines = self._solver, self._layer, self._remainders
        own = solver.basis.eigenvalues
        still = np.where(own > 1e-6, 1 / np.maximum(own, 1e-6), 0.0)
        moved = 1 / solver.diagonal() - still
        one, other = np.triu_indices(len(self._modes))
        products = self._modes[one] * self._modes[other] / np.prod(solver.stretch)
        each = moved.real @ products.T + 1j * (moved.imag @ products.T)
        shaped = _shaped(layer, *lines.pairs(layer.plate.axis))
        each = each + lines.of(layer.plate.axis, layer.plate.at) @ (shaped[one] * shaped[other]).T
        found = np.empty((len(each), *(len(self._modes),) * 2), dtype=np.complex128)
        found[:, one, other] = found[:, other, one] = each
        return np.asarray(found + layer.static)

    def towards(self, places: FloatArray) -> ComplexArray:
        """(places, frequencies, functions)."""
        found = []
        for end in self._ends(places):
            statics = self._rows @ end.first, self._rows @ end.second
            found.append(self._solver.pressure(end.shapes, end.parts, self._modes, statics).T)
        return np.asarray(np.array(found) / (4 * pi))


class PlateInModalField(PlateInModes):
    """A `Scattering` in a room of finite elements."""

    def __init__(
        self,
        places: KnownPlaces,
        remainders: Remainders,
        plate: Plate,
        low: FloatArray,
        high: FloatArray,
    ) -> None:
        """low, high: as of a Layer."""
        super().__init__(places.solver, remainders, Layer(plate, low, high), places.ends)
        self._places, self._plate = places, plate

    def towards(self, places: FloatArray) -> ComplexArray:
        """As `PlateInModes`; from the plate's side where the places' is not known: its functions
        are few, and serve all places there are.
        """
        if self._places.knows(places):
            return super().towards(places)
        ends = self._places.ends_of(self._plate, self._rows, self._modes)
        return np.asarray(self._places.heard_of(ends, places).transpose(1, 2, 0) / (4 * pi))

    def spread(
        self, strengths: ComplexArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """(frequencies, ys, xs); NaN inside things."""
        x, y = np.meshgrid(xs, ys)
        return self._over(strengths, np.stack([x, y, np.full(x.shape, height)], axis=-1))

    def section(
        self, strengths: ComplexArray, y: float, xs: FloatArray, zs: FloatArray
    ) -> ComplexArray:
        """(frequencies, zs, xs); NaN inside things."""
        x, z = np.meshgrid(xs, zs)
        return self._over(strengths, np.stack([x, np.full(x.shape, y), z], axis=-1))

    def _over(self, strengths: ComplexArray, places: FloatArray) -> ComplexArray:
        solver, basis = self._solver, self._solver.basis
        missing, rows, shapes = self._places.grid_of(places)
        ends = self._places.ends_of(self._plate, self._rows, self._modes)
        own = (strengths[:, n, None] * end.answer for n, end in enumerate(ends))
        amplitudes = np.sum(list(own), axis=0)
        first = np.stack([end.first for end in ends], axis=1)
        second = np.stack([end.second for end in ends], axis=1)
        known = (1 / (basis.eigenvalues + basis.shift))[:, None]
        near = rows @ first - shapes @ (known * self._modes.T)
        nearer = rows @ second - shapes @ (known**2 * self._modes.T)
        k2 = solver.wavenumbers[:, None] ** 2 + basis.shift
        heard = amplitudes @ shapes.T + strengths @ near.T + k2 * (strengths @ nearer.T)
        found = np.full((len(strengths), missing.size), np.nan, dtype=np.complex128)
        found[:, ~missing] = heard / np.prod(solver.stretch)
        return found.reshape(-1, *places.shape[:2])


def _gradients(solver: ModalSolver, layer: Layer) -> scipy.sparse.csr_array:
    """(functions, unknowns): differences across the plate, nothing where a thing is in the way."""
    step = np.zeros(3)
    step[layer.plate.axis] = _STEP_METRES
    sides = layer.points + step, layer.points - step
    blocked = solver.missing(sides[0]) | solver.missing(sides[1])
    grid = solver.basis.enclosure.grid
    above, below = (grid.at(solver.unstretched(side[~blocked])) for side in sides)
    return scipy.sparse.csr_array(
        scipy.sparse.csr_array(layer.functions[~blocked].T / (2 * _STEP_METRES)) @ (above - below)
    )


def _shaped(layer: Layer, one: FloatArray, other: FloatArray) -> FloatArray:
    """Each function's part of cosines along the plate, (functions, pairs)."""
    u, v = (layer.points[:, axis] for axis in layer.plate.along)
    size_u, size_v = (line.size for line in layer.lines)
    soft = np.sinc(one * size_u / (2 * pi)) * np.sinc(other * size_v / (2 * pi))
    return np.asarray(
        layer.functions.T @ (np.cos(np.outer(u, one)) * np.cos(np.outer(v, other)) * soft)
    )


def _line(squared: FloatArray, h: float, size: float) -> FloatArray:
    """d2g / dn dn' of a rigid line of some length at h, q squared of either sign."""
    q = np.sqrt(np.where(np.abs(squared) < 1e-9, 1e-9, squared).astype(complex))
    open_ = (1 - np.exp(-2 * q * h)) * (1 - np.exp(-2 * q * (size - h)))
    return np.asarray((-q / 2 * open_ / (1 - np.exp(-2 * q * size))).real)
