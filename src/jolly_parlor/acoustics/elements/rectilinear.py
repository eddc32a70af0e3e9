"""Finite elements on a rectilinear grid in two or three dimensions, some of its cells left out.

Quadratic elements: three nodes along each axis of a cell, so that every matrix of a cell is a
product of matrices of one axis (Zienkiewicz & Taylor, The Finite Element Method, on Lagrangian
elements; the integrals of one axis by Gauss's rule, exact for their degree).
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property
from itertools import pairwise

import numpy as np
import scipy

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray, IntArray

_GAUSS, _WEIGHTS = np.polynomial.legendre.leggauss(3)
_TOUCHES = 1e-9


def grid_lines(needed: Sequence[float], spacing: float) -> FloatArray:
    """Lines through every needed coordinate, none further apart than the spacing, metres."""
    edges = np.unique(np.round(np.asarray(needed, dtype=float), 6))
    parts = [
        np.linspace(a, b, max(int(np.ceil((b - a) / spacing - _TOUCHES)), 1) + 1)[:-1]
        for a, b in pairwise(edges)
    ]
    return np.concatenate([*parts, edges[-1:]])


def cell_middles(lines: Sequence[FloatArray]) -> FloatArray:
    """The middle of every cell between lines along each axis, (cells ..., dimensions)."""
    middles = np.meshgrid(*((line[:-1] + line[1:]) / 2 for line in lines), indexing="ij")
    return np.stack(middles, axis=-1)


@dataclass(frozen=True, eq=False)
class Faces:
    """Sides of cells towards what is left out, all on one axis and one side."""

    axis: int
    side: int
    """0: the cell's side of smaller coordinates, 1: the other."""
    cells: IntArray
    """Index of each face's cell along each axis, (faces, dimensions)."""
    centres: FloatArray
    """(faces, dimensions), metres."""


class RectilinearGrid:
    """Cells between lines along each axis, those used, and their unknowns."""

    def __init__(self, lines: Sequence[FloatArray], used: BoolArray) -> None:
        self.lines, self.used = tuple(lines), used
        self.dimensions = len(lines)
        self._counts = tuple(2 * n + 1 for n in used.shape)
        self._cells = np.argwhere(used)
        lattice = self._nodes_of(self._cells)
        numbers = np.full(int(np.prod(self._counts)), -1)
        numbers[np.unique(lattice)] = np.arange(np.unique(lattice).size)
        self._numbers = numbers
        self.unknowns = int(numbers.max()) + 1

    @cached_property
    def stiffness(self) -> scipy.sparse.csr_array:
        """The integral of grad N_i . grad N_j, (unknowns, unknowns)."""
        parts = [self.axis_stiffness(axis) for axis in range(self.dimensions)]
        return sum(parts[1:], start=parts[0])

    def axis_stiffness(self, axis: int) -> scipy.sparse.csr_array:
        """What one axis contributes to it."""
        parts = [self._axis_mass(other, self._cells) for other in range(self.dimensions)]
        parts[axis] = self._axis_stiffness(axis, self._cells)
        return self._assembled(self._cells, _products(parts))

    @cached_property
    def mass(self) -> scipy.sparse.csr_array:
        """The integral of N_i N_j, (unknowns, unknowns)."""
        return self.mass_of(self.used)

    def mass_of(self, part: BoolArray) -> scipy.sparse.csr_array:
        """The same over some of the cells."""
        cells = np.argwhere(part & self.used)
        parts = [self._axis_mass(axis, cells) for axis in range(self.dimensions)]
        return self._assembled(cells, _products(parts))

    def faces(self) -> list[Faces]:
        """Every side of a used cell that has no used cell behind it."""
        found = []
        for axis in range(self.dimensions):
            for side, step in ((0, -1), (1, 1)):
                behind = np.roll(self.used, -step, axis)
                edge = [slice(None)] * self.dimensions
                edge[axis] = slice(0, 1) if side == 0 else slice(-1, None)
                behind[tuple(edge)] = False
                cells = np.argwhere(self.used & ~behind)
                found.append(Faces(axis, side, cells, self._face_centres(axis, side, cells)))
        return found

    def surface_mass(
        self, faces: Faces, chosen: BoolArray, clip: Sequence[tuple[float, float]] | None = None
    ) -> scipy.sparse.csr_array:
        """The integral of N_i N_j over the chosen faces, (unknowns, unknowns).

        clip: for each axis, the range of coordinates that counts; that of the faces' own axis is
        not looked at.
        """
        cells = faces.cells[chosen]
        parts = []
        for axis in range(self.dimensions):
            if axis == faces.axis:
                at_end = np.zeros((len(cells), 3, 3))
                at_end[:, 2 * faces.side, 2 * faces.side] = 1.0
                parts.append(at_end)
            else:
                parts.append(self._axis_mass(axis, cells, clip[axis] if clip else None))
        return self._assembled(cells, _products(parts))

    def at(self, points: FloatArray) -> scipy.sparse.csr_array:
        """What interpolates a field at points, (points, unknowns).

        Raises ValueError for a point that lies in no used cell.
        """
        cells = self._cells_of(points)
        values = np.ones((len(points), 1))
        for axis, lines in enumerate(self.lines):
            start = lines[cells[:, axis]]
            t = (points[:, axis] - start) / (lines[cells[:, axis] + 1] - start)
            values = values[:, :, None] * line_shapes(t)[:, None, :]
            values = values.reshape(len(points), 3 ** (axis + 1))
        columns = self._numbers[self._nodes_of(cells)]
        rows = np.repeat(np.arange(len(points)), columns.shape[1])
        shape = (len(points), self.unknowns)
        return scipy.sparse.csr_array(
            scipy.sparse.coo_array((values.ravel(), (rows, columns.ravel())), shape=shape)
        )

    def nodes(self) -> FloatArray:
        """Where each unknown lies, (unknowns, dimensions)."""
        fine = [
            np.interp(np.arange(n) / 2, np.arange(line.size), line)
            for n, line in zip(self._counts, self.lines, strict=True)
        ]
        every = np.stack(np.meshgrid(*fine, indexing="ij"), axis=-1).reshape(-1, self.dimensions)
        return np.asarray(every[self._numbers >= 0])

    def middles(self) -> FloatArray:
        """Of every cell, used or not, (cells ..., dimensions)."""
        return cell_middles(self.lines)

    def missing(self, points: FloatArray) -> BoolArray:
        """Which points lie in no used cell."""
        return self._found(points)[1]

    def _cells_of(self, points: FloatArray) -> IntArray:
        """The used cell of each point. Raises ValueError where there is none."""
        cells, missing = self._found(points)
        if np.any(missing):
            raise ValueError("A point lies in what is left out of the grid.")
        return cells

    def _found(self, points: FloatArray) -> tuple[IntArray, BoolArray]:
        """The cell of each point, of one on a border whichever is used; and where none is."""
        low, high = (np.empty(points.shape, dtype=int) for _ in range(2))
        missing = np.zeros(len(points), dtype=bool)
        for axis, lines in enumerate(self.lines):
            near = points[:, axis]
            missing |= (near < lines[0] - _TOUCHES) | (near > lines[-1] + _TOUCHES)
            for cells, way in ((low, -1e-6), (high, 1e-6)):
                at = np.searchsorted(lines, near + way, "right") - 1
                cells[:, axis] = np.minimum(np.maximum(at, 0), lines.size - 2)
        choices = np.array(list(np.ndindex(*(2,) * self.dimensions)), dtype=bool)
        tried = np.where(choices[:, None, :], high, low)
        used = self.used[tuple(np.moveaxis(tried, -1, 0))]
        chosen = tried[np.argmax(used, axis=0), np.arange(len(points))]
        return chosen, missing | ~np.any(used, axis=0)

    def _nodes_of(self, cells: IntArray) -> IntArray:
        """Where in the lattice the 3^d nodes of each cell are, (cells, 3^d)."""
        at = np.zeros((len(cells), 1), dtype=int)
        for axis in range(self.dimensions):
            along = 2 * cells[:, axis][:, None] + np.arange(3)
            at = at[:, :, None] * self._counts[axis] + along[:, None, :]
            at = at.reshape(len(cells), 3 ** (axis + 1))
        return at

    def _face_centres(self, axis: int, side: int, cells: IntArray) -> FloatArray:
        centres = np.empty(cells.shape)
        for other, lines in enumerate(self.lines):
            here = cells[:, other]
            centres[:, other] = (lines[here] + lines[here + 1]) / 2
        centres[:, axis] = self.lines[axis][cells[:, axis] + side]
        return centres

    def _axis_mass(
        self, axis: int, cells: IntArray, clip: tuple[float, float] | None = None
    ) -> FloatArray:
        """The integral of N_i N_j along one axis, of each cell, (cells, 3, 3)."""
        start, end = self.lines[axis][cells[:, axis]], self.lines[axis][cells[:, axis] + 1]
        if clip is None:
            return line_mass(end - start)
        shares = ((np.clip(edge, start, end) - start) / (end - start) for edge in clip)
        return part_mass(end - start, *shares)

    def _axis_stiffness(self, axis: int, cells: IntArray) -> FloatArray:
        """The integral of N_i' N_j' along one axis, of each cell, (cells, 3, 3)."""
        start, end = self.lines[axis][cells[:, axis]], self.lines[axis][cells[:, axis] + 1]
        return line_stiffness(end - start)

    def _assembled(self, cells: IntArray, values: FloatArray) -> scipy.sparse.csr_array:
        numbers = self._numbers[self._nodes_of(cells)]
        size = numbers.shape[1]
        rows, columns = np.repeat(numbers, size, axis=1), np.tile(numbers, (1, size))
        entries = (values.ravel(), (rows.ravel(), columns.ravel()))
        return scipy.sparse.csr_array(
            scipy.sparse.coo_array(entries, shape=(self.unknowns, self.unknowns))
        )


def _products(parts: Sequence[FloatArray]) -> FloatArray:
    """Each cell's Kronecker product of its axes' matrices, (cells, 3^d, 3^d)."""
    total = parts[0]
    for part in parts[1:]:
        size = total.shape[1] * 3
        total = np.einsum("cij,ckl->cikjl", total, part).reshape(len(total), size, size)
    return total


def line_mass(lengths: FloatArray) -> FloatArray:
    """The integral of N_i N_j over quadratic lines of given lengths, (lines, 3, 3)."""
    values = line_shapes((_GAUSS + 1) / 2)
    own = np.einsum("gi,gj,g->ij", values, values, _WEIGHTS / 2)
    return np.asarray(own * lengths[:, None, None])


def part_mass(lengths: FloatArray, begin: FloatArray, end: FloatArray) -> FloatArray:
    """The integral of N_i N_j over part of each line, from one share of its length to another."""
    at = (begin + end)[:, None] / 2 + (end - begin)[:, None] / 2 * _GAUSS
    values = line_shapes(at)
    weights = (lengths * (end - begin))[:, None] / 2 * _WEIGHTS
    return np.asarray(np.einsum("cgi,cgj,cg->cij", values, values, weights))


def line_stiffness(lengths: FloatArray) -> FloatArray:
    """The integral of N_i' N_j' over them, (lines, 3, 3)."""
    slopes = _slopes((_GAUSS + 1) / 2)
    own = np.einsum("gi,gj,g->ij", slopes, slopes, _WEIGHTS / 2)
    return np.asarray(own / lengths[:, None, None])


def line_shapes(t: FloatArray) -> FloatArray:
    """The three quadratic shape functions at t from 0 to 1, (..., 3)."""
    return np.stack([(1 - t) * (1 - 2 * t), 4 * t * (1 - t), t * (2 * t - 1)], axis=-1)


def _slopes(t: FloatArray) -> FloatArray:
    return np.stack([4 * t - 3, 4 - 8 * t, 4 * t - 1], axis=-1)
