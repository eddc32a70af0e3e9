"""The air of a room as a solver needs it: a rectilinear plan, a height, blocks that stand in it.

Every piece of boundary has a name: each wall by its number along the plan (`wall 0`), floor,
ceiling, each solid thing, each patch (a window, a door) that takes its place on a wall.
"""

from dataclasses import dataclass, field
from functools import cached_property

import numpy as np
from scipy.sparse import csr_array

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray
from jolly_parlor.acoustics.plan import Polygon, edges
from jolly_parlor.acoustics.plan_grid import inside, on_wall
from jolly_parlor.acoustics.rectilinear import Faces, RectilinearGrid, cell_middles, grid_lines

FLOOR, CEILING = "floor", "ceiling"
Corner3 = tuple[float, float, float]


@dataclass(frozen=True)
class Block:
    """An upright box between two corners, metres."""

    name: str
    low: Corner3
    high: Corner3

    def holds(self, points: FloatArray) -> BoolArray:
        """Which places lie inside, borders included; (..., 3)."""
        above = points >= np.array(self.low) - 1e-9
        below = points <= np.array(self.high) + 1e-9
        return np.asarray(np.all(above & below, axis=-1))


@dataclass(frozen=True)
class Enclosure:
    """Plan and height in metres; solid blocks take air away, soft ones take sound from it."""

    plan: Polygon
    height: float
    solids: tuple[Block, ...] = ()
    softs: tuple[Block, ...] = ()
    patches: tuple[Block, ...] = ()
    """Flat blocks in the plane of a wall, floor or ceiling."""
    spacing: float = field(default=0.45)
    """Metres between the grid's lines at most."""

    @cached_property
    def grid(self) -> RectilinearGrid:
        """Elements through every edge of plan and things."""
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
        walls = [f"wall {number}" for number in range(len(self.plan))]
        things = [block.name for block in (*self.solids, *self.patches)]
        return (*walls, FLOOR, CEILING, *things)

    def normal_axis(self, surface: str) -> int | None:
        """The axis a surface stands across; None of a solid, which has sides on all."""
        if surface in (FLOOR, CEILING):
            return 2
        for number, ((_, y0), (_, y1)) in enumerate(edges(self.plan)):
            if surface == f"wall {number}":
                return 1 if y0 == y1 else 0
        for patch in self.patches:
            if surface == patch.name:
                return int(np.argmin(np.subtract(patch.high, patch.low)))
        return None

    @cached_property
    def surface_masses(self) -> dict[str, csr_array]:
        """The integral of N_i N_j over each piece of boundary, (unknowns, unknowns)."""
        grid = self.grid
        empty = csr_array((grid.unknowns, grid.unknowns))
        found = dict.fromkeys(self.surfaces, empty)
        for faces in grid.faces():
            names = self._names(faces)
            for name in np.unique(names):
                found[name] = found[name] + grid.surface_mass(faces, names == name)
            for patch in self.patches:
                self._put(patch, faces, names, found)
        return found

    def soft_masses(self) -> list[csr_array]:
        """The integral of N_i N_j over each soft block."""
        grid = self.grid
        middles = cell_middles(grid.lines)
        return [grid.mass_of(soft.holds(middles)) for soft in self.softs]

    def _put(
        self, patch: Block, faces: Faces, names: np.ndarray, found: dict[str, csr_array]
    ) -> None:
        """Give a patch what lies behind it."""
        axis = faces.axis
        if patch.high[axis] - patch.low[axis] > 1e-9:
            return
        flush = np.abs(faces.centres[:, axis] - patch.low[axis]) < 1e-6
        clip = list(zip(patch.low, patch.high, strict=True))
        for name in np.unique(names[flush]):
            share = self.grid.surface_mass(faces, flush & (names == name), clip)
            found[name] = found[name] - share
            found[patch.name] = found[patch.name] + share

    def _names(self, faces: Faces) -> np.ndarray:
        """What each face belongs to."""
        outward = np.zeros(3)
        outward[faces.axis] = 1e-4 if faces.side else -1e-4
        behind = faces.centres + outward
        names = np.full(len(behind), "", dtype=object)
        if faces.axis == 2:
            names[:] = CEILING if faces.side else FLOOR
        else:
            for number, wall in enumerate(edges(self.plan)):
                names[on_wall(wall, faces)] = f"wall {number}"
        for solid in self.solids:
            names[solid.holds(behind)] = solid.name
        return names
