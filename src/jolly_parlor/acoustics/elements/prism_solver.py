"""The field of a room of any rectilinear plan, walls upright, with nothing in it.

Impedance modes of the height, as in a box; for each of them the plan is a two-dimensional problem,
solved in the rigid modes of the plan, which the walls couple:

    p = 4 pi sum_n Z_n(zs) Z_n(zr) / N_n  psi(r)^T [Lambda - (k^2 - u_n) + j k sum_w beta_w B_w]^-1
        psi(s),

B_w the integral of psi_i psi_j along wall w. What the plan modes left out would add changes slowly
with frequency: it is taken from the plan's Green function at a shift s of its eigenvalues, solved
in the finite elements (the static residue), in the first terms of

    1 / (lambda - q) = 1 / (lambda + s) + (q + s) / (lambda + s)^2 + ...,  q = k^2 - u_n.

Unit: a source in the free field gives exp(-jkr)/r. Time factor exp(+jwt).
"""

from __future__ import annotations

from functools import cached_property
from math import pi

import numpy as np
import scipy

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.eigenvalues import AxisModes, axis_modes
from jolly_parlor.acoustics.elements.plan_grid import on_wall, plan_grid
from jolly_parlor.acoustics.elements.rectilinear import RectilinearGrid
from jolly_parlor.acoustics.geometry.plan import Polygon, edges

_SPACING = 0.2

_PLAN_LIMIT, _HEIGHT_LIMIT_HZ = 1.3, 1100.0
"""Plan modes up to so many times the highest frequency; height modes up to this."""


class PrismSolver:
    """Transfers of one empty prism on one frequency grid.

    plan: metres, rectilinear. admittances: (walls, frequencies), each wall's along the polygon;
    floor, ceiling: (frequencies,).
    """

    def __init__(
        self,
        plan: Polygon,
        height: float,
        admittances: FloatArray,
        floor: FloatArray,
        ceiling: FloatArray,
        frequencies_hz: FloatArray,
        speed_of_sound: float,
        spacing: float = _SPACING,
    ) -> None:
        self.frequencies_hz, self.speed_of_sound = frequencies_hz, speed_of_sound
        self.wavenumbers = 2 * pi * frequencies_hz / speed_of_sound
        self._plan, self._height, self._spacing = plan, height, spacing
        self._admittances, self._floor, self._ceiling = admittances, floor, ceiling

    @cached_property
    def grid(self) -> RectilinearGrid:
        return plan_grid(self._plan, self._spacing)

    @cached_property
    def _modes(self) -> tuple[FloatArray, FloatArray]:
        """Eigenvalues of the rigid plan, and modes at its unknowns, (unknowns, modes)."""
        k = _PLAN_LIMIT * float(self.wavenumbers[-1])
        return plan_modes(self.grid, k**2)

    @cached_property
    def _walls(self) -> ComplexArray:
        """sum_w beta_w B_w, (frequencies, modes, modes)."""
        _, shapes = self._modes
        total = np.zeros((self.wavenumbers.size, *(shapes.shape[1],) * 2), dtype=np.complex128)
        for beta, mass in zip(self._admittances, wall_masses(self.grid, self._plan), strict=True):
            total += beta[:, None, None] * (shapes.T @ (mass @ shapes))
        return total

    @cached_property
    def height_modes(self) -> AxisModes:
        count = int(np.ceil(2 * self._height * _HEIGHT_LIMIT_HZ / self.speed_of_sound)) + 1
        k = self.wavenumbers
        return axis_modes(self._height, k, self._floor, self._ceiling, count)

    @cached_property
    def _shifts(self) -> FloatArray:
        """s of each height mode: where it decays, about what it does; else a little."""
        middle = self.wavenumbers.size // 2
        q = np.real(self.height_modes.u - self.wavenumbers[:, None] ** 2)
        least = (0.5 * float(self.wavenumbers[-1])) ** 2
        return np.asarray(np.maximum(q[middle], least))

    @cached_property
    def _factored(self) -> list[scipy.sparse.linalg.SuperLU]:
        grid = self.grid
        return [
            scipy.sparse.linalg.splu((grid.stiffness + s * grid.mass).tocsc()) for s in self._shifts
        ]

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """From every source to every receiver, (receivers, sources, frequencies).

        sources, receivers: (places, 3) metres. Raises ValueError for a place outside the plan.
        """
        at_s, at_r = self.grid.at(sources[:, :2]), self.grid.at(receivers[:, :2])
        eigenvalues, shapes = self._modes
        psi_s, psi_r = at_s @ shapes, at_r @ shapes
        vertical = self.height_modes
        up_s, up_r = vertical.shapes(sources[:, 2]), vertical.shapes(receivers[:, 2])
        k2 = self.wavenumbers**2
        coupled = 1j * self.wavenumbers[:, None, None] * self._walls
        total = np.zeros((len(receivers), len(sources), k2.size), dtype=np.complex128)
        for n, shift in enumerate(self._shifts):
            q = k2 - vertical.u[:, n]
            top = _PLAN_LIMIT**2 * k2[-1] - shift  # evanescent ones need no plan modes
            m = int(np.searchsorted(eigenvalues, top))
            matrix = coupled[:, :m, :m].copy()
            diagonal = np.arange(m)
            matrix[:, diagonal, diagonal] += eigenvalues[:m] - q[:, None]
            wanted = np.broadcast_to(psi_s[:, :m].T, (k2.size, m, len(sources)))
            found = np.linalg.solve(matrix, wanted)
            plane = np.einsum("rm,fms->rsf", psi_r[:, :m], found)
            plane += self._residue(n, q + shift, at_s, at_r, psi_s[:, :m], psi_r[:, :m])
            weight = up_r[:, :, n].T[:, None] * up_s[:, :, n].T[None] / vertical.norm[:, n]
            total += weight * plane
        return np.asarray(4 * pi * total)

    def _residue(
        self,
        n: int,
        offset: ComplexArray,
        at_s: scipy.sparse.csr_array,
        at_r: scipy.sparse.csr_array,
        psi_s: FloatArray,
        psi_r: FloatArray,
    ) -> ComplexArray:
        """What the plan modes left out add, (receivers, sources, frequencies)."""
        eigenvalues = self._modes[0][: psi_s.shape[1]]
        lu, mass = self._factored[n], self.grid.mass
        g_s = lu.solve(at_s.toarray().T)
        g_r = lu.solve(at_r.toarray().T)
        known = 1 / (eigenvalues + self._shifts[n])
        first = at_r @ g_s - (psi_r * known) @ psi_s.T
        second = g_r.T @ (mass @ g_s) - (psi_r * known**2) @ psi_s.T
        return np.asarray(first[:, :, None] + second[:, :, None] * offset)


def plan_modes(grid: RectilinearGrid, limit: float) -> tuple[FloatArray, FloatArray]:
    """Eigenvalues below a limit, 1/m^2, and modes with a mass of 1, (unknowns, modes)."""
    area = float(grid.mass.sum())
    count = int(area * limit / (4 * pi) + 2 * np.sqrt(area * limit) / pi + 12)
    count = min(count, grid.unknowns - 2)
    values, shapes = scipy.sparse.linalg.eigsh(grid.stiffness, count, grid.mass, sigma=-1.0)
    order = np.argsort(values)
    order = order[values[order] < limit]
    return values[order], shapes[:, order]


def wall_masses(grid: RectilinearGrid, plan: Polygon) -> list[scipy.sparse.csr_array]:
    """The integral of N_i N_j along each wall of a rectilinear plan, (unknowns, unknowns)."""
    sides = grid.faces()
    found = []
    for wall in edges(plan):
        shares = [grid.surface_mass(faces, on_wall(wall, faces)) for faces in sides]
        found.append(sum(shares[1:], start=shares[0]))
    return found
