"""Finite elements between triangles of a cross-section and layers across it: for plans with slanted
walls (layers of height) and ceilings that slope (layers along the ridge).

Every element is a triangle of `triangles` times a quadratic line: its matrices are products.
"""

from __future__ import annotations

from functools import cached_property

import numpy as np
import scipy

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray, IntArray
from jolly_parlor.acoustics.elements.rectilinear import (
    line_mass,
    line_shapes,
    line_stiffness,
    part_mass,
)
from jolly_parlor.acoustics.elements.triangles import TriangleMesh, shapes

_TOUCHES = 1e-6


class WedgeGrid:
    """Wedges of a triangle and a layer, those used, and their unknowns.

    axes: which axes of the room the cross-section's two and the layers' run along. used:
    (triangles, layers).
    """

    def __init__(
        self, mesh: TriangleMesh, layers: FloatArray, used: BoolArray, axes: tuple[int, int, int]
    ) -> None:
        self.mesh, self.layers, self.used, self.axes = mesh, layers, used, axes
        self._wedges = np.argwhere(used)
        self._levels = 2 * layers.size - 1
        lattice = self._nodes_of(self._wedges)
        numbers = np.full(len(mesh.points) * self._levels, -1)
        kept = np.unique(lattice)
        numbers[kept] = np.arange(kept.size)
        self._numbers, self.unknowns = numbers, kept.size

    @cached_property
    def stiffness(self) -> scipy.sparse.csr_array:
        """The integral of grad N_i . grad N_j, (unknowns, unknowns)."""
        parts = [self.axis_stiffness(axis) for axis in range(3)]
        return sum(parts[1:], start=parts[0])

    def axis_stiffness(self, axis: int) -> scipy.sparse.csr_array:
        """What one axis of the room contributes to it."""
        across, along = self._wedges.T
        place = self.axes.index(axis)
        thick = np.diff(self.layers)[along]
        if place == 2:
            return self._assembled(self.mesh.masses[across], line_stiffness(thick))
        return self._assembled(self.mesh.stiffnesses(place)[across], line_mass(thick))

    @cached_property
    def mass(self) -> scipy.sparse.csr_array:
        """The integral of N_i N_j, (unknowns, unknowns)."""
        return self.mass_of(self.used)

    def mass_of(self, part: BoolArray) -> scipy.sparse.csr_array:
        """The same over some of the wedges, (triangles, layers)."""
        wedges = np.argwhere(part & self.used)
        across, along = wedges.T
        thick = np.diff(self.layers)[along]
        return self._assembled(self.mesh.masses[across], line_mass(thick), wedges)

    def middles(self) -> FloatArray:
        """Of every wedge, (triangles, layers, 3), in the room's axes."""
        found = np.empty((*self.used.shape, 3))
        found[..., self.axes[0]] = self.mesh.middles[:, None, 0]
        found[..., self.axes[1]] = self.mesh.middles[:, None, 1]
        found[..., self.axes[2]] = (self.layers[:-1] + self.layers[1:]) / 2
        return found

    @cached_property
    def sides(self) -> tuple[IntArray, IntArray, IntArray, FloatArray, FloatArray]:
        """Faces along the layers of used wedges with none behind: triangle, which side, layer of
        each, middle and outward unit normal, (faces, 3).
        """
        owner, which, behind = self.mesh.borders
        layers = self.used.shape[1]
        open_ = np.zeros((owner.size, layers), dtype=bool)
        for n in range(layers):
            filled = (behind >= 0) & self.used[np.maximum(behind, 0), n]
            open_[:, n] = self.used[owner, n] & ~filled
        side, layer = (np.asarray(part) for part in np.nonzero(open_))
        owner, which = owner[side], which[side]
        nodes = self.mesh.side_nodes(owner, which)
        ends = self.mesh.points[nodes]
        way = ends[:, 2] - ends[:, 0]
        out = np.stack([way[:, 1], -way[:, 0]], axis=1) / np.linalg.norm(way, axis=1)[:, None]
        middle, normal = np.zeros((len(side), 3)), np.zeros((len(side), 3))
        for place in range(2):
            middle[:, self.axes[place]] = ends[:, 1, place]
            normal[:, self.axes[place]] = out[:, place]
        middle[:, self.axes[2]] = (self.layers[layer] + self.layers[layer + 1]) / 2
        return owner, which, layer, middle, normal

    def side_mass(
        self, chosen: BoolArray, low: FloatArray | None = None, high: FloatArray | None = None
    ) -> scipy.sparse.csr_array:
        """The integral of N_i N_j over some of `sides`, or over what of them lies between two
        corners (3,) of the room.
        """
        owner, which, layer = (part[chosen] for part in self.sides[:3])
        nodes = self.mesh.side_nodes(owner, which)
        ends = self.mesh.points[nodes]
        way = ends[:, 2] - ends[:, 0]
        lengths, thick = np.linalg.norm(way, axis=1), np.diff(self.layers)[layer]
        if low is None or high is None:
            values = _products(line_mass(lengths), line_mass(thick))
            return self._summed(self._lattice(nodes, layer), values)
        begin, end = np.zeros(len(way)), np.ones(len(way))
        for place in range(2):
            axis, moves = self.axes[place], np.abs(way[:, place]) > _TOUCHES
            step = np.where(moves, way[:, place], 1.0)
            shares = np.stack([(v[axis] - ends[:, 0, place]) / step for v in (low, high)])
            begin = np.where(moves, np.maximum(begin, shares.min(axis=0)), begin)
            end = np.where(moves, np.minimum(end, shares.max(axis=0)), end)
        start, axis = self.layers[layer], self.axes[2]
        bottom, top = (np.clip((v[axis] - start) / thick, 0.0, 1.0) for v in (low, high))
        flat = part_mass(lengths, begin, np.maximum(end, begin))
        values = _products(flat, part_mass(thick, bottom, top))
        return self._summed(self._lattice(nodes, layer), values)

    @cached_property
    def ends(self) -> tuple[IntArray, IntArray, IntArray, FloatArray, FloatArray]:
        """Faces at a layer's ends with no used wedge behind: triangle, layer, 0 or 1 for the end,
        middle and outward unit normal.
        """
        found = []
        for which, step in ((0, -1), (1, 1)):
            behind = np.roll(self.used, -step, axis=1)
            behind[:, -which] = False
            rows, columns = np.nonzero(self.used & ~behind)
            found.append((rows, columns, np.full(rows.size, which)))
        triangle, layer, end = (np.concatenate([part[k] for part in found]) for k in range(3))
        middle, normal = np.zeros((triangle.size, 3)), np.zeros((triangle.size, 3))
        for place in range(2):
            middle[:, self.axes[place]] = self.mesh.middles[triangle, place]
        middle[:, self.axes[2]] = self.layers[layer + end]
        normal[:, self.axes[2]] = 2 * end - 1
        return triangle, layer, end, middle, normal

    def end_mass(self, chosen: BoolArray) -> scipy.sparse.csr_array:
        """The integral of N_i N_j over some of `ends`."""
        triangle, layer, end = (part[chosen] for part in self.ends[:3])
        nodes = self.mesh.nodes[triangle]
        lattice = nodes * self._levels + (2 * (layer + end))[:, None]
        return self._summed(lattice, self.mesh.masses[triangle])

    def at(self, points: FloatArray) -> scipy.sparse.csr_array:
        """What interpolates a field at points (points, 3), (points, unknowns).

        Raises ValueError for a point that lies in no used wedge.
        """
        wedges, missing = self._found(points)
        if np.any(missing):
            raise ValueError("A point lies in what is left out of the grid.")
        section, along = points[:, list(self.axes[:2])], points[:, self.axes[2]]
        start = self.layers[wedges[:, 1]]
        t = (along - start) / (self.layers[wedges[:, 1] + 1] - start)
        flat = shapes(self.mesh.barycentric(wedges[:, 0], section))
        values = (flat[:, :, None] * line_shapes(t)[:, None, :]).reshape(len(points), -1)
        columns = self._numbers[self._nodes_of(wedges)]
        rows = np.repeat(np.arange(len(points)), columns.shape[1])
        entries = (values.ravel(), (rows, columns.ravel()))
        return scipy.sparse.csr_array(
            scipy.sparse.coo_array(entries, shape=(len(points), self.unknowns))
        )

    def missing(self, points: FloatArray) -> BoolArray:
        """Which points lie in no used wedge."""
        return self._found(points)[1]

    def nodes(self) -> FloatArray:
        """Where each unknown lies, (unknowns, 3)."""
        fine = np.interp(np.arange(self._levels) / 2, np.arange(self.layers.size), self.layers)
        kept = np.flatnonzero(self._numbers >= 0)
        found = np.empty((kept.size, 3))
        for place in range(2):
            found[:, self.axes[place]] = self.mesh.points[kept // self._levels, place]
        found[:, self.axes[2]] = fine[kept % self._levels]
        return found

    def _found(self, points: FloatArray) -> tuple[IntArray, BoolArray]:
        """The wedge of each point, of one on a border whichever is used; and where none is."""
        section, along = points[:, list(self.axes[:2])], points[:, self.axes[2]]
        chosen = np.zeros((len(points), 2), dtype=int)
        found = np.zeros(len(points), dtype=bool)
        for du, dv, dw in np.ndindex(2, 2, 2):
            moved = section + (np.array([du, dv]) * 2 - 1) * _TOUCHES
            layer = np.searchsorted(self.layers, along + (2 * dw - 1) * _TOUCHES, "right") - 1
            reached = (along >= self.layers[0] - _TOUCHES) & (along <= self.layers[-1] + _TOUCHES)
            layer = np.clip(layer, 0, self.layers.size - 2)
            for triangle in self.mesh.candidates(moved).T:
                open_ = ~found & reached & (triangle >= 0)
                if not np.any(open_):
                    continue
                where = np.flatnonzero(open_)
                b = self.mesh.barycentric(triangle[where], section[where])
                slack = 1e-5
                good = np.all(b >= -slack, axis=1) & (b.sum(axis=1) <= 1 + slack)
                good &= self.used[triangle[where], layer[where]]
                hit = where[good]
                chosen[hit, 0], chosen[hit, 1] = triangle[hit], layer[hit]
                found[hit] = True
        return chosen, ~found

    def _nodes_of(self, wedges: IntArray) -> IntArray:
        """Where in the lattice the 18 nodes of each wedge are."""
        return self._lattice(self.mesh.nodes[wedges[:, 0]], wedges[:, 1])

    def _lattice(self, nodes: IntArray, layer: IntArray) -> IntArray:
        levels = 2 * layer[:, None] + np.arange(3)
        whole = nodes[:, :, None] * self._levels + levels[:, None, :]
        return np.asarray(whole.reshape(len(nodes), -1))

    def _assembled(
        self, flat: FloatArray, line: FloatArray, wedges: IntArray | None = None
    ) -> scipy.sparse.csr_array:
        lattice = self._nodes_of(self._wedges if wedges is None else wedges)
        return self._summed(lattice, _products(flat, line))

    def _summed(self, lattice: IntArray, values: FloatArray) -> scipy.sparse.csr_array:
        numbers = self._numbers[lattice]
        size = numbers.shape[1]
        rows, columns = np.repeat(numbers, size, axis=1), np.tile(numbers, (1, size))
        entries = (values.ravel(), (rows.ravel(), columns.ravel()))
        return scipy.sparse.csr_array(
            scipy.sparse.coo_array(entries, shape=(self.unknowns, self.unknowns))
        )


def _products(one: FloatArray, other: FloatArray) -> FloatArray:
    """Kronecker product of each pair, (n, a b, a b)."""
    size = one.shape[1] * other.shape[1]
    whole = np.einsum("cij,ckl->cikjl", one, other)
    return np.asarray(whole.reshape(len(one), size, size))
