"""A rectilinear plan on a grid: which cells lie inside it, which of their sides are which wall."""

import numpy as np

from jolly_parlor.acoustics.arrays import BoolArray
from jolly_parlor.acoustics.elements.rectilinear import (
    Faces,
    RectilinearGrid,
    cell_middles,
    grid_lines,
)
from jolly_parlor.acoustics.geometry.plan import Corner, Polygon, inside

_SAME = 1e-6


def plan_grid(plan: Polygon, spacing: float) -> RectilinearGrid:
    """Elements over a rectilinear polygon, in two dimensions."""
    lines = [grid_lines([corner[axis] for corner in plan], spacing) for axis in (0, 1)]
    middles = cell_middles(lines)
    return RectilinearGrid(lines, inside(plan, middles[..., 0], middles[..., 1]))


def on_wall(wall: tuple[Corner, Corner], faces: Faces) -> BoolArray:
    """Which faces lie on a wall along an axis, the room to the left of its direction."""
    (x0, y0), (x1, y1) = wall
    along = 0 if y0 == y1 else 1
    side = (0 if x1 > x0 else 1) if along == 0 else (1 if y1 > y0 else 0)
    if faces.axis != 1 - along or faces.side != side:
        return np.zeros(len(faces.centres), dtype=bool)
    low, high = sorted(((x0, y0)[along], (x1, y1)[along]))
    across, here = faces.centres[:, 1 - along], faces.centres[:, along]
    flush = np.abs(across - (x0, y0)[1 - along]) < _SAME
    return np.asarray(flush & (here > low) & (here < high))
