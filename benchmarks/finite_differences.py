"""A box room in the time domain by finite volumes: the truth that the benchmark's rooms have.

Nothing of the forecast's model is in it: the wave equation on a grid of cells, each surface with a
locally reacting real admittance at the cells' outer faces (the lossy seven-point scheme,
Botteldooren 1995; Bilbao, Hamilton, Botts & Savioja 2016). By reciprocity one run from an ear gives
the transfer to every place a source may stand.
"""

import numba
import numpy as np

from jolly_parlor.studio.voxels import spectra

_CELL_METRES = 0.07
_COURANT = 0.98


@numba.njit(cache=True, parallel=True, fastmath=True)
def _step(new, now, old, ratio2, loss, inverse):  # type: ignore[no-untyped-def]
    nx, ny, nz = now.shape
    for i in numba.prange(nx):
        for j in range(ny):
            for k in range(nz):
                here = now[i, j, k]
                total = 0.0
                if i > 0:
                    total += ratio2[0] * (now[i - 1, j, k] - here)
                if i < nx - 1:
                    total += ratio2[0] * (now[i + 1, j, k] - here)
                if j > 0:
                    total += ratio2[1] * (now[i, j - 1, k] - here)
                if j < ny - 1:
                    total += ratio2[1] * (now[i, j + 1, k] - here)
                if k > 0:
                    total += ratio2[2] * (now[i, j, k - 1] - here)
                if k < nz - 1:
                    total += ratio2[2] * (now[i, j, k + 1] - here)
                drag = loss[i, j, k]
                new[i, j, k] = (2 * here - (1 - drag) * old[i, j, k] + total) * inverse[i, j, k]


class GridRoom:
    """One box: dimensions in metres, six real admittances (x=0, x=W, y=0, y=L, z=0, z=H)."""

    def __init__(
        self, dimensions: np.ndarray, admittances: np.ndarray, speed_of_sound: float, seconds: float
    ) -> None:
        self.cells = np.maximum(np.round(np.asarray(dimensions) / _CELL_METRES), 8).astype(int)
        self.pitch = np.asarray(dimensions) / self.cells
        self.dt = _COURANT / (speed_of_sound * np.sqrt(np.sum(1 / self.pitch**2)))
        self.steps = round(seconds / self.dt)
        ratio = speed_of_sound * self.dt / self.pitch
        self._ratio2 = ratio**2
        loss = np.zeros(self.cells)
        for axis in range(3):
            for end in (0, 1):
                face = [slice(None)] * 3
                face[axis] = -end
                loss[tuple(face)] += ratio[axis] * admittances[2 * axis + end] / 2
        self._loss, self._inverse = loss, 1 / (1 + loss)

    def transfers(
        self, ear: np.ndarray, places: np.ndarray, frequencies_hz: np.ndarray
    ) -> np.ndarray:
        """Pressure at the ear from each place (places, frequencies), but for one factor."""
        at, share = self._around(ear)
        heard_at, heard_share = zip(*(self._around(p) for p in places), strict=True)
        rows, weights = np.array(heard_at), np.array(heard_share)
        old, now, new = (np.zeros(self.cells) for _ in range(3))
        heard = np.zeros((len(places), self.steps))
        pulse = self._pulse()
        for n in range(self.steps):
            _step(new, now, old, self._ratio2, self._loss, self._inverse)
            if n < pulse.size:
                new[at[:, 0], at[:, 1], at[:, 2]] += (
                    pulse[n] * share * self._inverse[at[:, 0], at[:, 1], at[:, 2]]
                )
            old, now, new = now, new, old
            heard[:, n] = np.sum(now[rows[..., 0], rows[..., 1], rows[..., 2]] * weights, axis=1)
        return spectra(heard, pulse, self.dt, frequencies_hz)

    def _pulse(self) -> np.ndarray:
        """Short and smooth: next to nothing above 1 kHz, where the grid is too coarse."""
        width = 0.0006
        count = int(8 * width / self.dt)
        t = (np.arange(count) - count / 2) * self.dt
        return np.exp(-((t / width) ** 2) / 2)

    def _around(self, place: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        """The eight cells around a place and their shares."""
        x = np.clip(place / self.pitch - 0.5, 0, self.cells - 1.000001)
        low, part = np.floor(x).astype(int), x - np.floor(x)
        corners = np.array([[i, j, k] for i in (0, 1) for j in (0, 1) for k in (0, 1)])
        at = np.minimum(low + corners, self.cells - 1)
        return at, np.prod(np.where(corners == 1, part, 1 - part), axis=1)
