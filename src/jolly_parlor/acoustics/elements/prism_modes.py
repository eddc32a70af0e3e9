"""The modes of an empty prism: those of its plan times those of its height, on its own elements.

Its matrices are sums of products, K = K_plan x M_height + M_plan x K_height, so the products of the
two sets of modes are its modes exactly, and finding them takes a fraction of a second.
"""

from __future__ import annotations

import numpy as np
import scipy

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.elements.rectilinear import RectilinearGrid
from jolly_parlor.acoustics.elements.wedges import WedgeGrid


def prism_modes(
    grid: RectilinearGrid | WedgeGrid, limit: float
) -> tuple[FloatArray, FloatArray] | None:
    """Eigenvalues below a limit, 1/m^2, ascending, and modes with a mass of 1, (unknowns, modes);
    None where the grid is no whole prism.
    """
    if isinstance(grid, WedgeGrid):
        if grid.axes != (0, 1, 2) or not np.all(grid.used):
            return None
        plan = grid.mesh.summed_stiffness(), grid.mesh.summed_mass()
        layers = grid.layers
    else:
        column = np.asarray(grid.used.any(axis=2))
        if np.any(grid.used != column[:, :, None]):
            return None
        flat = RectilinearGrid(grid.lines[:2], column)
        plan = flat.stiffness, flat.mass
        layers = grid.lines[2]
    line = RectilinearGrid([layers], np.ones(layers.size - 1, dtype=bool))
    across, up = _lowest(*plan, limit), _lowest(line.stiffness, line.mass, limit)
    total = across[0][:, None] + up[0][None, :]
    i, j = np.nonzero(total < limit)
    order = np.argsort(total[i, j], kind="stable")
    i, j = i[order], j[order]
    shapes = across[1][:, None, i] * up[1][None, :, j]
    return total[i, j], np.ascontiguousarray(shapes.reshape(-1, i.size))


def _lowest(
    stiffness: scipy.sparse.csr_array, mass: scipy.sparse.csr_array, limit: float
) -> tuple[FloatArray, FloatArray]:
    """All modes of a small problem below a limit, densely."""
    values, shapes = scipy.linalg.eigh(
        stiffness.toarray(), mass.toarray(), subset_by_value=(-1.0, limit)
    )
    return values, shapes
