"""Quadratic triangles over a polygon: a grid of lines through all that must be met, cells cut by
slanted edges clipped, every cell in triangles.

Shape functions and the six-point rule from Zienkiewicz & Taylor, The Finite Element Method, and
Dunavant 1985 (degree 4).
"""

from __future__ import annotations

from collections.abc import Sequence
from functools import cached_property
from itertools import product

import numpy as np
import scipy

from jolly_parlor.acoustics.arrays import FloatArray, IntArray
from jolly_parlor.acoustics.elements.rectilinear import grid_lines
from jolly_parlor.acoustics.geometry.plan import Polygon, edges, inside

_A, _B = 0.445948490915965, 0.091576213509771
_POINTS = np.array(
    [[_A, _A], [1 - 2 * _A, _A], [_A, 1 - 2 * _A], [_B, _B], [1 - 2 * _B, _B], [_B, 1 - 2 * _B]]
)
_WEIGHTS = np.repeat([0.223381589678011, 0.109951743655322], 3)
_SAME, _LEAST_AREA = 1e-7, 1e-9
_SIDES = ((0, 1, 3), (1, 2, 4), (2, 0, 5))
"""Of each side of a triangle, its two corners and its middle node."""


class TriangleMesh:
    """Triangles of six nodes each: corners, then the middles of the sides 01, 12, 20."""

    def __init__(
        self, polygon: Polygon, us: Sequence[float], vs: Sequence[float], spacing: float
    ) -> None:
        """us, vs: further coordinates that the lines must meet."""
        self.lines = tuple(
            _lines(polygon, axis, more, spacing) for axis, more in ((0, us), (1, vs))
        )
        corners, cells = _triangles(polygon, *self.lines)
        self.points, self.nodes = _numbered(corners)
        self._cells = cells
        """Of each triangle, its cell between the lines, (triangles, 2)."""

    @cached_property
    def corners(self) -> FloatArray:
        """(triangles, 3, 2), metres."""
        return np.asarray(self.points[self.nodes[:, :3]])

    @cached_property
    def middles(self) -> FloatArray:
        """(triangles, 2)."""
        return np.asarray(self.corners.mean(axis=1))

    @cached_property
    def _sides(self) -> FloatArray:
        """The two sides from the first corner, (triangles, 2, 2)."""
        return self.corners[:, 1:] - self.corners[:, :1]

    @cached_property
    def areas(self) -> FloatArray:
        """(triangles,)."""
        return np.asarray(np.linalg.det(self._sides) / 2)

    @cached_property
    def masses(self) -> FloatArray:
        """The integral of N_i N_j over each, (triangles, 6, 6)."""
        values = shapes(_POINTS)
        one = np.einsum("gi,gj,g->ij", values, values, _WEIGHTS)
        return np.asarray(self.areas[:, None, None] * one)

    def stiffnesses(self, axis: int) -> FloatArray:
        """The integral of the slopes along one axis, N_i' N_j', (triangles, 6, 6)."""
        inverse = np.linalg.inv(self._sides)[:, axis]
        slopes = np.einsum("gik,tk->tgi", _slopes(_POINTS), inverse)
        return np.asarray(
            np.einsum("tgi,tgj,g->tij", slopes, slopes, _WEIGHTS) * self.areas[:, None, None]
        )

    def summed_mass(self) -> scipy.sparse.csr_array:
        """The integral of N_i N_j over all of them, (nodes, nodes)."""
        return self._summed(self.masses)

    def summed_stiffness(self) -> scipy.sparse.csr_array:
        """The integral of grad N_i . grad N_j, (nodes, nodes)."""
        return self._summed(self.stiffnesses(0) + self.stiffnesses(1))

    def _summed(self, values: FloatArray) -> scipy.sparse.csr_array:
        rows, columns = np.repeat(self.nodes, 6, axis=1), np.tile(self.nodes, (1, 6))
        entries = (values.ravel(), (rows.ravel(), columns.ravel()))
        return scipy.sparse.csr_array(
            scipy.sparse.coo_array(entries, shape=(len(self.points),) * 2)
        )

    @cached_property
    def borders(self) -> tuple[IntArray, IntArray, IntArray]:
        """Sides of triangles: whose, which of its three, which triangle lies behind; -1: none."""
        size = len(self.nodes)
        owner, which = np.repeat(np.arange(size), 3), np.tile(np.arange(3), size)
        middle = self.nodes[:, 3:].ravel()
        behind = np.full(owner.size, -1)
        order = np.argsort(middle, kind="stable")
        twins = np.flatnonzero(middle[order[:-1]] == middle[order[1:]])
        one, other = order[twins], order[twins + 1]
        behind[one], behind[other] = owner[other], owner[one]
        return owner, which, behind

    def side_nodes(self, owner: IntArray, which: IntArray) -> IntArray:
        """First corner, middle and second corner of sides, (sides, 3)."""
        first, last, middle = (np.array([side[k] for side in _SIDES])[which] for k in range(3))
        return np.stack([self.nodes[owner, n] for n in (first, middle, last)], axis=1)

    def candidates(self, points: FloatArray) -> IntArray:
        """The triangles of the cell each point lies in, (points, most); -1: no more."""
        at = [
            np.clip(np.searchsorted(line, points[:, axis], "right") - 1, 0, line.size - 2)
            for axis, line in enumerate(self.lines)
        ]
        return np.asarray(self._by_cell[at[0], at[1]])

    @cached_property
    def _by_cell(self) -> IntArray:
        counts = np.zeros([line.size - 1 for line in self.lines], dtype=int)
        places = []
        for cell in self._cells:
            places.append(counts[tuple(cell)])
            counts[tuple(cell)] += 1
        table = np.full((*counts.shape, max(int(counts.max()), 1)), -1)
        table[self._cells[:, 0], self._cells[:, 1], places] = np.arange(len(self._cells))
        return table

    def barycentric(self, triangles: IntArray, points: FloatArray) -> FloatArray:
        """The two coordinates of points in triangles, (points, 2): both and their sum within 0 to 1
        inside.
        """
        inverse = np.linalg.inv(self._sides)[triangles]
        away = points - self.corners[triangles, 0]
        return np.asarray(np.einsum("pk,pkl->pl", away, inverse))


def shapes(at: FloatArray) -> FloatArray:
    """The six quadratic shape functions at barycentric places (..., 2), (..., 6)."""
    b, c = at[..., 0], at[..., 1]
    a = 1 - b - c
    parts = (a * (2 * a - 1), b * (2 * b - 1), c * (2 * c - 1), 4 * a * b, 4 * b * c, 4 * c * a)
    return np.stack(parts, axis=-1)


def _slopes(at: FloatArray) -> FloatArray:
    """Their derivatives by the two coordinates, (..., 6, 2)."""
    b, c = at[..., 0], at[..., 1]
    a, zero = 1 - b - c, np.zeros(at.shape[:-1])
    by_b = (1 - 4 * a, 4 * b - 1, zero, 4 * (a - b), 4 * c, -4 * c)
    by_c = (1 - 4 * a, zero, 4 * c - 1, -4 * b, 4 * b, 4 * (a - c))
    return np.stack([np.stack(by_b, axis=-1), np.stack(by_c, axis=-1)], axis=-1)


def _lines(polygon: Polygon, axis: int, more: Sequence[float], spacing: float) -> FloatArray:
    """Through every corner; a slanted edge is divided alike in both axes, so that where nothing
    else is in the way its cells are halved corner to corner.
    """
    needed = [corner[axis] for corner in polygon]
    low, high = min(needed), max(needed)
    for a, b in edges(polygon):
        dx, dy = abs(b[0] - a[0]), abs(b[1] - a[1])
        if min(dx, dy) > 1e-9:
            parts = int(np.ceil(max(dx, dy) / spacing))
            needed += np.linspace(a[axis], b[axis], parts + 1).tolist()
    needed += [value for value in more if low < value < high]
    return grid_lines(needed, spacing)


def _triangles(polygon: Polygon, us: FloatArray, vs: FloatArray) -> tuple[FloatArray, IntArray]:
    """Corners (triangles, 3, 2), counter-clockwise, and the cell of each."""
    found, cells = [], []
    for i, j in product(range(us.size - 1), range(vs.size - 1)):
        for corners in _of_cell(polygon, us[i : i + 2], vs[j : j + 2]):
            found.append(corners)
            cells.append((i, j))
    return np.array(found), np.array(cells)


def _of_cell(polygon: Polygon, us: FloatArray, vs: FloatArray) -> list[FloatArray]:
    cell = np.array([(us[0], vs[0]), (us[1], vs[0]), (us[1], vs[1]), (us[0], vs[1])])
    near = 1e-6
    mid = cell.mean(axis=0)
    tested = mid + (cell - mid) * (1 - near)
    within = inside(polygon, tested[:, 0], tested[:, 1])
    if np.all(within):
        return [cell[[0, 1, 2]], cell[[0, 2, 3]]]
    corners = _clipped(np.array(polygon), us, vs)
    if len(corners) < 3:
        return []
    found = []
    whole = np.arange(3)[None] if len(corners) == 3 else scipy.spatial.Delaunay(corners).simplices
    for simplex in whole:
        triangle = corners[simplex]
        area = float(np.linalg.det(triangle[1:] - triangle[:1])) / 2
        middle = triangle.mean(axis=0)
        if abs(area) > _LEAST_AREA and inside(polygon, middle[:1], middle[1:])[0]:
            found.append(triangle if area > 0 else triangle[::-1])
    return found


def _clipped(polygon: FloatArray, us: FloatArray, vs: FloatArray) -> FloatArray:
    """The corners of what a cell holds of a polygon (Sutherland & Hodgman 1974), each once."""
    corners = polygon
    for axis, at, sign in ((0, us[0], 1), (0, us[1], -1), (1, vs[0], 1), (1, vs[1], -1)):
        if len(corners) == 0:
            return corners
        kept = []
        for one, other in zip(corners, np.roll(corners, -1, axis=0), strict=True):
            here, there = sign * (one[axis] - at), sign * (other[axis] - at)
            if here >= 0:
                kept.append(one)
            if here * there < 0:
                kept.append(one + (other - one) * here / (here - there))
        corners = np.array(kept).reshape(-1, 2)
    if len(corners) == 0:
        return corners
    _, first = np.unique(np.round(corners / _SAME / 10), axis=0, return_index=True)
    return np.asarray(corners[np.sort(first)])


def _numbered(corners: FloatArray) -> tuple[FloatArray, IntArray]:
    """Every node once, and the six of each triangle."""
    middles = (corners + np.roll(corners, -1, axis=1)) / 2
    every = np.concatenate([corners, middles], axis=1).reshape(-1, 2)
    # Lines lie on whole micrometres and middles on halves, so neither falls on a limit of these.
    keys = np.floor(every * 1e6 + 0.17)
    _, first, number = np.unique(keys, axis=0, return_index=True, return_inverse=True)
    return every[first], np.asarray(number).reshape(-1, 6)
