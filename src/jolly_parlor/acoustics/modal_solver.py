"""The field of a room with things in it, by its rigid modes.

Finite elements (`enclosure`) give the modes of the air with rigid walls; what surfaces and soft
things do couples them, one small matrix for each frequency:

    [Lambda - k^2 + j k sum_s beta_s B_s + j k sum_q (loss_q / c) V_q] a = 4 pi psi(source),
    p = psi(receiver)^T a + residue,

B_s the integral of psi_m psi_n over a surface, V_q over a soft thing. The residue is what the modes
left out add, from the Green function of the elements at a shift, as in `prism_solver`. Unit: a
source in the free field gives exp(-jkr)/r. Time factor exp(+jwt).
"""

from collections.abc import Callable, Mapping
from functools import cached_property
from math import pi

import numpy as np
from scipy.sparse.linalg import SuperLU, splu

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.enclosure import Enclosure
from jolly_parlor.acoustics.ritz import lowest_modes

MODE_LIMIT = 1.25
"""Modes are taken up to so many times the highest frequency."""


class ModalBasis:
    """The modes of one enclosure up to a frequency; hangs on no material."""

    def __init__(
        self,
        enclosure: Enclosure,
        highest_wavenumber: float,
        progress: Callable[[float], None] = lambda share: None,
    ) -> None:
        self.enclosure = enclosure
        grid = enclosure.grid
        self.shift = (0.5 * highest_wavenumber) ** 2
        self.lu: SuperLU = splu(
            (grid.stiffness + self.shift * grid.mass).tocsc(),
            permc_spec="MMD_AT_PLUS_A",
            diag_pivot_thresh=0.0,
            options={"SymmetricMode": True},
        )
        progress(0.1)
        count = min(_mode_count(enclosure, MODE_LIMIT * highest_wavenumber), grid.unknowns // 3)
        self.eigenvalues, self.shapes = lowest_modes(
            grid.stiffness, grid.mass, self.lu, count, lambda part: progress(0.1 + 0.85 * part)
        )
        below = self.eigenvalues < (MODE_LIMIT * highest_wavenumber) ** 2
        self.eigenvalues, self.shapes = self.eigenvalues[below], self.shapes[:, below]

    @cached_property
    def surfaces(self) -> dict[str, FloatArray]:
        """B of each surface, (modes, modes)."""
        masses = self.enclosure.surface_masses
        return {name: self.shapes.T @ (mass @ self.shapes) for name, mass in masses.items()}

    @cached_property
    def softs(self) -> list[FloatArray]:
        """V of each soft thing, (modes, modes)."""
        return [self.shapes.T @ (mass @ self.shapes) for mass in self.enclosure.soft_masses()]

    def at(self, places: FloatArray) -> tuple[FloatArray, FloatArray]:
        """Mode shapes at places, (places, modes), and the static field of a source at each over
        the unknowns, (unknowns, places).
        """
        rows = self.enclosure.grid.at(places)
        return rows @ self.shapes, self.lu.solve(rows.toarray().T)


class ModalSolver:
    """Transfers of one room on one frequency grid.

    admittances: of each surface of the enclosure, (frequencies,); losses: of each soft thing, 1/s.
    """

    def __init__(
        self,
        basis: ModalBasis,
        admittances: Mapping[str, FloatArray],
        losses: tuple[float, ...],
        frequencies_hz: FloatArray,
        speed_of_sound: float,
    ) -> None:
        self.basis, self.frequencies_hz = basis, frequencies_hz
        self.speed_of_sound = speed_of_sound
        self.wavenumbers = 2 * pi * frequencies_hz / speed_of_sound
        self._admittances, self._losses = admittances, losses

    def matrices(self) -> ComplexArray:
        """The matrix of each frequency, (frequencies, modes, modes)."""
        basis, k = self.basis, self.wavenumbers
        size = basis.eigenvalues.size
        total = np.zeros((k.size, size, size), dtype=np.complex128)
        for name, surface in basis.surfaces.items():
            total += self._admittances[name][:, None, None] * surface
        for loss, soft in zip(self._losses, basis.softs, strict=True):
            total += loss / self.speed_of_sound * soft
        total *= 1j * k[:, None, None]
        diagonal = np.arange(size)
        total[:, diagonal, diagonal] += basis.eigenvalues - k[:, None] ** 2
        return total

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """From every source to every receiver, (receivers, sources, frequencies).

        Raises ValueError for a place that is not in the air.
        """
        basis, k2 = self.basis, self.wavenumbers**2
        psi_s, static_s = basis.at(sources)
        psi_r, static_r = basis.at(receivers)
        wanted = np.broadcast_to(psi_s.T, (k2.size, *psi_s.T.shape))
        found = np.linalg.solve(self.matrices(), wanted)
        total = np.einsum("rm,fms->rsf", psi_r, found)
        known = 1 / (basis.eigenvalues + basis.shift)
        grid = basis.enclosure.grid
        first = grid.at(receivers) @ static_s - (psi_r * known) @ psi_s.T
        second = static_r.T @ (grid.mass @ static_s) - (psi_r * known**2) @ psi_s.T
        total += first[:, :, None] + second[:, :, None] * (k2 + basis.shift)
        return np.asarray(4 * pi * total)


def _mode_count(enclosure: Enclosure, wavenumber: float) -> int:
    """About how many modes lie below, a few more (Kuttruff, Room Acoustics: volume, surface and
    edge terms of a box of the same size).
    """
    plan = np.array(enclosure.plan)
    volume = float(enclosure.grid.mass.sum())
    width, length = np.ptp(plan, axis=0)
    height = enclosure.height
    surface = 2 * (width * length + width * height + length * height)
    edges = 4 * (width + length + height)
    whole = volume * wavenumber**3 / (6 * pi**2)
    return int(whole + surface * wavenumber**2 / (16 * pi) + edges * wavenumber / (16 * pi) + 12)
