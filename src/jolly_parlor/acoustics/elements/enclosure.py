"""The air of a room as a solver needs it: a plan, a height or a roof, blocks that stand in it.

Every piece of boundary has a name: each wall by its number along the plan (`wall 0`), floor,
ceiling, each solid thing, each patch (a window, a door) that takes its place on a wall.
"""

from __future__ import annotations

from dataclasses import dataclass, field
from functools import cached_property

import numpy as np
import scipy

from jolly_parlor.acoustics.elements import slanted_air
from jolly_parlor.acoustics.elements.enclosure_parts import CEILING, FLOOR, Block, Roof, wall_key
from jolly_parlor.acoustics.elements.plan_grid import on_wall
from jolly_parlor.acoustics.elements.rectilinear import (
    Faces,
    RectilinearGrid,
    cell_middles,
    grid_lines,
)
from jolly_parlor.acoustics.elements.wedges import WedgeGrid
from jolly_parlor.acoustics.geometry.plan import Polygon, edges, inside, is_rectilinear

__all__ = ["CEILING", "FLOOR", "Block", "Enclosure", "Roof"]


@dataclass(frozen=True)
class Enclosure:
    """Plan and height in metres; solid blocks take air away, soft ones take sound from it."""

    plan: Polygon
    height: float
    solids: tuple[Block, ...] = ()
    softs: tuple[Block, ...] = ()
    patches: tuple[Block, ...] = ()
    """Flat blocks in the plane of a wall, floor or ceiling; of a slanted wall, what bounds them."""
    roofs: tuple[Roof, ...] = ()
    """Planes of a ceiling that is not flat, one or two, along one axis."""
    spacing: float = field(default=0.45)
    """Metres between the grid's lines at most."""

    @property
    def is_rectilinear(self) -> bool:
        """Whether every edge runs along an axis."""
        return is_rectilinear(self.plan) and not self.roofs

    @cached_property
    def grid(self) -> RectilinearGrid | WedgeGrid:
        """Elements through every edge of plan and things."""
        return self._cells if self.is_rectilinear else self._wedges

    @cached_property
    def _wedges(self) -> WedgeGrid:
        things = (*self.solids, *self.softs), self.solids, self.patches
        return slanted_air.wedge_grid(self.plan, self.height, self.roofs, *things, self.spacing)

    @cached_property
    def _cells(self) -> RectilinearGrid:
        corners = np.array([c for b in (*self.solids, *self.softs) for c in (b.low, b.high)])
        plan = np.array(self.plan)
        needed = [[*plan[:, 0]], [*plan[:, 1]], [0.0, self.height]]
        if corners.size:
            ends = [plan[:, 0].max(), plan[:, 1].max(), self.height]
            for axis, more in enumerate(needed):
                more += list(np.clip(corners[:, axis], 0.0, ends[axis]))
        lines = [grid_lines(coordinates, self.spacing) for coordinates in needed]
        middles = cell_middles(lines)
        used = inside(self.plan, middles[..., 0], middles[..., 1])
        for solid in self.solids:
            used &= ~solid.holds(middles)
        return RectilinearGrid(lines, used)

    @property
    def surfaces(self) -> tuple[str, ...]:
        """The names of all pieces of boundary."""
        walls = [wall_key(number) for number in range(len(self.plan))]
        things = [block.name for block in (*self.solids, *self.patches)]
        return (*walls, FLOOR, CEILING, *things)

    def normal_axis(self, surface: str) -> int | None:
        """The axis a surface stands across; None of a solid, which has sides on all, and of what is
        slanted.
        """
        if surface == FLOOR or (surface == CEILING and not self.roofs):
            return 2
        for number, ((x0, y0), (x1, y1)) in enumerate(edges(self.plan)):
            if surface == wall_key(number):
                return 1 if y0 == y1 else 0 if x0 == x1 else None
        for patch in self.patches:
            if surface == patch.name:
                return int(np.argmin(np.subtract(patch.high, patch.low)))
        return None

    @cached_property
    def surface_masses(self) -> dict[str, scipy.sparse.csr_array]:
        """The integral of N_i N_j over each piece of boundary, (unknowns, unknowns)."""
        if not self.is_rectilinear:
            parts = self.surfaces, self.solids, self.patches
            return slanted_air.surface_masses(self._wedges, self.plan, *parts)
        grid = self._cells
        empty = scipy.sparse.csr_array((grid.unknowns, grid.unknowns))
        found = dict.fromkeys(self.surfaces, empty)
        for faces in grid.faces():
            names = self._names(faces)
            for name in np.unique(names):
                found[name] = found[name] + grid.surface_mass(faces, names == name)
            for patch in self.patches:
                self._put(patch, faces, names, found)
        return found

    def soft_masses(self) -> list[scipy.sparse.csr_array]:
        """The integral of N_i N_j over each soft block."""
        grid = self.grid
        middles = grid.middles()
        return [grid.mass_of(soft.holds(middles)) for soft in self.softs]

    def _put(
        self,
        patch: Block,
        faces: Faces,
        names: np.ndarray,
        found: dict[str, scipy.sparse.csr_array],
    ) -> None:
        axis = faces.axis
        if patch.high[axis] - patch.low[axis] > 1e-9:
            return
        flush = np.abs(faces.centres[:, axis] - patch.low[axis]) < 1e-6
        clip = list(zip(patch.low, patch.high, strict=True))
        for name in np.unique(names[flush]):
            share = self._cells.surface_mass(faces, flush & (names == name), clip)
            found[name] = found[name] - share
            found[patch.name] = found[patch.name] + share

    def _names(self, faces: Faces) -> np.ndarray:
        outward = np.zeros(3)
        outward[faces.axis] = 1e-4 if faces.side else -1e-4
        behind = faces.centres + outward
        names = np.full(len(behind), "", dtype=object)
        if faces.axis == 2:
            names[:] = CEILING if faces.side else FLOOR
        else:
            for number, wall in enumerate(edges(self.plan)):
                names[on_wall(wall, faces)] = wall_key(number)
        for solid in self.solids:
            names[solid.holds(behind)] = solid.name
        return names
