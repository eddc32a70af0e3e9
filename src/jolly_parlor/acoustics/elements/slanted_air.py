"""The air of a room with slanted walls or a sloped ceiling as wedges, and which of their faces is
what.

Slanted walls: the plan in triangles, layers of height. A sloped ceiling: the section across the
ridge in triangles, layers along it; its plan must be rectilinear then.
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
import scipy

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray
from jolly_parlor.acoustics.elements.enclosure_parts import CEILING, FLOOR, Block, Roof, wall_key
from jolly_parlor.acoustics.elements.rectilinear import grid_lines
from jolly_parlor.acoustics.elements.triangles import TriangleMesh
from jolly_parlor.acoustics.elements.wedges import WedgeGrid
from jolly_parlor.acoustics.geometry.plan import Polygon, distance_to, edges, inside

_OFF = 1e-4
_FINER = 0.8
"""A quadratic triangle is less exact than a square: its sides are shorter."""
_UPRIGHT = 0.2
"""A face whose normal leans no more than this is a wall's."""


def wedge_grid(
    plan: Polygon,
    height: float,
    roofs: Sequence[Roof],
    blocks: Sequence[Block],
    solids: Sequence[Block],
    patches: Sequence[Block],
    spacing: float,
) -> WedgeGrid:
    """The wedges of the air. blocks: things that lines must meet; solids: those that take air away;
    patches: met where they lie on a gable.
    """
    axes = (0, 1, 2)
    section: Polygon = plan
    if roofs:
        along = 1 if roofs[0].axis == 0 else 0  # the ridge runs square to where the roof rises
        axes = (roofs[0].axis, 2, along)
        section = roof_section(plan, height, roofs)
    met = [*blocks, *(p for p in patches if p.high[axes[2]] - p.low[axes[2]] < _OFF)]
    corners = np.array([corner for block in met for corner in (block.low, block.high)])
    corners = corners.reshape(-1, 3)
    wanted: list[list[float]] = [list(corners[:, axis]) for axis in axes]
    ends = [max(c[0] for c in plan), max(c[1] for c in plan), height]
    if roofs:
        for place, axis in enumerate(axes):
            if axis != 2:
                wanted[place] += [corner[axis] for corner in plan]
    mesh = TriangleMesh(section, wanted[0], wanted[1], _FINER * spacing)
    last = ends[axes[2]]
    layers = grid_lines([0.0, last, *(v for v in wanted[2] if 0.0 < v < last)], spacing)
    used = np.ones((len(mesh.nodes), layers.size - 1), dtype=bool)
    grid = WedgeGrid(mesh, layers, used, axes)
    middles = grid.middles()
    if roofs:
        used &= inside(plan, middles[..., 0], middles[..., 1])
    for solid in solids:
        used &= ~solid.holds(middles)
    return WedgeGrid(mesh, layers, used, axes)


def roof_section(plan: Polygon, height: float, roofs: Sequence[Roof]) -> Polygon:
    """The section across the ridge: from the floor up to the lowest of the roof's planes."""
    axis = roofs[0].axis
    width = max(corner[axis] for corner in plan)
    breaks = {0.0, width}
    for roof in roofs:
        breaks |= {v for v in (roof.at + roof.way * roof.reach,) if 0.0 < v < width}
    if len(roofs) == 2:
        one, other = roofs
        slopes = [(height - r.knee) / r.reach * r.way for r in roofs]
        if slopes[0] != slopes[1]:
            starts = [r.knee - s * r.at for r, s in zip((one, other), slopes, strict=True)]
            meet = (starts[1] - starts[0]) / (slopes[0] - slopes[1])
            if 0.0 < meet < width:
                breaks.add(meet)
    tops = []
    for v in sorted(breaks, reverse=True):
        risen = [r.knee + (height - r.knee) * (v - r.at) * r.way / r.reach for r in roofs]
        tops.append((v, round(min([height, *risen]), 9)))
    return ((0.0, 0.0), (width, 0.0), *tops)


def surface_masses(
    grid: WedgeGrid,
    plan: Polygon,
    surfaces: Sequence[str],
    solids: Sequence[Block],
    patches: Sequence[Block],
) -> dict[str, scipy.sparse.csr_array]:
    """The integral of N_i N_j over each piece of boundary, (unknowns, unknowns)."""
    empty = scipy.sparse.csr_array((grid.unknowns, grid.unknowns))
    found = dict.fromkeys(surfaces, empty)
    middle, normal = grid.ends[3:]
    names = _names(plan, solids, middle, normal)
    for patch in patches:  # lines meet these
        names[_holds(patch, middle)] = patch.name
    for name in np.unique(names):
        found[name] = found[name] + grid.end_mass(names == name)
    middle, normal = grid.sides[3:]
    names = _names(plan, solids, middle, normal)
    for name in np.unique(names):
        found[name] = found[name] + grid.side_mass(names == name)
    walls = np.array([name.startswith("wall") for name in names], dtype=bool)
    for patch in patches:
        near = walls & _beside(patch, grid, plan)
        for name in np.unique(names[near]):
            low, high = np.array(patch.low), np.array(patch.high)
            share = grid.side_mass(near & (names == name), low, high)
            found[name] = found[name] - share
            found[patch.name] = found[patch.name] + share
    return found


def _names(
    plan: Polygon, solids: Sequence[Block], middle: FloatArray, normal: FloatArray
) -> np.ndarray:
    names = np.full(len(middle), "", dtype=object)
    upright = np.abs(normal[:, 2]) < _UPRIGHT
    names[~upright & (normal[:, 2] > 0)] = CEILING
    names[~upright & (normal[:, 2] < 0)] = FLOOR
    for n in np.flatnonzero(upright).tolist():
        x, y = middle[n, :2]
        names[n] = wall_key(int(np.argmin([distance_to(e, (x, y)) for e in edges(plan)])))
    for solid in solids:
        names[solid.holds(middle + _OFF * normal)] = solid.name
    return names


def _holds(patch: Block, middle: FloatArray) -> BoolArray:
    low, high = np.array(patch.low) - _OFF, np.array(patch.high) + _OFF
    return np.asarray(np.all((middle >= low) & (middle <= high), axis=1))


def _beside(patch: Block, grid: WedgeGrid, plan: Polygon) -> BoolArray:
    """Which of the sides lie on the wall of a patch: the one both its ends are on."""
    ends = (patch.low, patch.high), ((patch.low[0], patch.high[1]), (patch.high[0], patch.low[1]))
    for edge in edges(plan):
        for one, other in ends:
            if all(distance_to(edge, (p[0], p[1])) < _OFF for p in (one, other)):
                return np.array(
                    [distance_to(edge, (x, y)) < _OFF for x, y in grid.sides[3][:, :2]], dtype=bool
                )
    return np.zeros(len(grid.sides[0]), dtype=bool)
