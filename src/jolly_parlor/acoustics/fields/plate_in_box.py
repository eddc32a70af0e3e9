"""A thin plate in the field of a box: modes along the plate, closed form across it.

With the modes' real shapes along the plate (those of rigid walls) and, across it, the line between
its two ends as in `field`,

    d2g / dn dn' = kappa / 2j (1 - R0 e(2 h)) (1 - R1 e(2 (L - h))) / (1 - R0 R1 e(2 L)),

h where the plate lies. Less the same of slow flow it fades as the square of the frequency over
that of the mode, so that modes to 900 Hz do; what is static in it is exact (`plates`). Side walls
damp through their eigenvalues; that they also bend the shapes a little is left out.
"""

from __future__ import annotations

from math import pi

import numpy as np

from jolly_parlor.acoustics.array_cache import Kept
from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, exp_j
from jolly_parlor.acoustics.fields.impedance_box import BoxField
from jolly_parlor.acoustics.fields.plates import Layer, Plate, axes_along

LIMIT_HZ = 900.0
_LINES_BYTES = 8_000_000
"""Tables of heights that are kept, a megabyte each."""


class BoxLines:
    """What plates across one axis of a box have in common; kept between plates."""

    def __init__(self, box: BoxField, axis: int, limit_hz: float = LIMIT_HZ) -> None:
        self.box, self.axis = box, axis
        first, second = self.along = axes_along(axis)
        modes = box.axis_modes(first, limit_hz), box.axis_modes(second, limit_hz)
        self.m, self.n = box.pairs_below(*modes, limit_hz)
        sizes = [float(box.dimensions[a]) for a in self.along]
        self.steps = tuple(
            pi / size * np.arange(mode.u.shape[1]) for size, mode in zip(sizes, modes, strict=True)
        )
        norms = [
            np.where(pick == 0, size, size / 2)
            for pick, size in zip((self.m, self.n), sizes, strict=True)
        ]
        self.norms: FloatArray = np.asarray(norms[0] * norms[1])
        u = modes[0].u[:, self.m] + modes[1].u[:, self.n]
        k = box.wavenumbers[:, None]
        self._kappa: ComplexArray = np.asarray(-1j * np.sqrt(u - k**2))
        ends = box.admittances[2 * axis : 2 * axis + 2]
        self._low, self._high = (
            np.asarray((self._kappa - k * beta[:, None]) / (self._kappa + k * beta[:, None]))
            for beta in ends
        )
        self._length = float(box.dimensions[axis])
        self._closed = 1 - self._low * self._high * self._e(2 * self._length)
        self._known: Kept[tuple[float, ...]] = Kept(_LINES_BYTES)

    def across(self, h: float) -> ComplexArray:
        """d2g / dn dn' at the plate less the static one, over the norms, (frequencies, pairs)."""
        return self._known.of((h,), self._across)

    def towards(self, h: float, z: float) -> ComplexArray:
        """dg / dn' at the plate for places that lie at z on the plate's axis, over the norms,
        (frequencies, pairs).
        """
        return self._known.of((h, z), self._towards)

    def _across(self, key: tuple[float, ...]) -> ComplexArray:
        h = key[0]
        kappa, far = self._kappa, self._length - h
        line = kappa / 2j * (1 - self._low * self._e(2 * h)) * (1 - self._high * self._e(2 * far))
        q = np.hypot(self.steps[0][self.m], self.steps[1][self.n])
        open_ = (1 - np.exp(-2 * q * h)) * (1 - np.exp(-2 * q * far))
        with np.errstate(invalid="ignore"):  # all the same along the plate: no slow flow
            still = np.where(q > 0, -q / 2 * open_ / (1 - np.exp(-2 * q * self._length)), 0.0)
        return np.asarray((line / self._closed - still) / self.norms)

    def _towards(self, key: tuple[float, ...]) -> ComplexArray:
        h, z = key
        if z >= h:
            shaped = (1 - self._low * self._e(2 * h)) * (
                1 + self._high * self._e(2 * (self._length - z))
            )
            line = shaped * self._e(z - h) / 2
        else:
            shaped = (1 + self._low * self._e(2 * z)) * (
                1 - self._high * self._e(2 * (self._length - h))
            )
            line = -shaped * self._e(h - z) / 2
        return np.asarray(line / self._closed / self.norms)

    def shapes(self, axis: int, at: FloatArray) -> FloatArray:
        """Of every mode along one of the two axes (0, 1), (places, modes)."""
        return np.cos(np.outer(at, self.steps[axis]))

    def _e(self, metres: float) -> ComplexArray:
        return exp_j(-metres * self._kappa)


class PlateInBox:
    """A `Scattering` in a box."""

    def __init__(self, lines: BoxLines, plate: Plate) -> None:
        size = np.asarray(lines.box.dimensions)
        self._lines, self._h = lines, plate.at
        self._layer = layer = Layer(plate, np.zeros(3), size)
        along = [
            lines.shapes(n, line.middles) * np.sinc(lines.steps[n] * line.size / (2 * pi))
            for n, line in enumerate(layer.lines)
        ]
        shaped = layer.functions.T.reshape(-1, along[0].shape[0], along[1].shape[0])
        every = np.einsum("pij,im->pmj", shaped, along[0]) @ along[1]
        self._modes: FloatArray = np.ascontiguousarray(every[:, lines.m, lines.n])
        """Of each function, its part of every pair of modes, (functions, pairs)."""

    @property
    def action(self) -> ComplexArray:
        """(frequencies, functions, functions)."""
        one, other = np.triu_indices(len(self._modes))
        products = self._modes[one] * self._modes[other]
        table = self._lines.across(self._h)
        each = _real_times(products, table)
        found = np.empty((table.shape[0], *(len(self._modes),) * 2), dtype=np.complex128)
        found[:, one, other] = found[:, other, one] = each
        return np.asarray(found + self._layer.static)

    def towards(self, places: FloatArray) -> ComplexArray:
        """(places, frequencies, functions)."""
        lines, (first, second) = self._lines, self._lines.along
        weights = lines.shapes(0, places[:, first])[:, lines.m]
        weights = weights * lines.shapes(1, places[:, second])[:, lines.n]
        levels, which = np.unique(np.round(places[:, lines.axis], 4), return_inverse=True)
        count = len(self._modes)
        found = np.empty((len(places), lines.box.frequencies_hz.size, count), dtype=np.complex128)
        for number, z in enumerate(levels):
            here = np.flatnonzero(which == number)
            rows = (weights[here, None, :] * self._modes).reshape(here.size * count, -1)
            heard = _real_times(rows, lines.towards(self._h, float(z)))
            found[here] = heard.reshape(-1, here.size, count).transpose(1, 0, 2)
        return found

    def spread(
        self, strengths: ComplexArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """(frequencies, ys, xs)."""
        if self._lines.axis != 2:
            return self._one_by_one(strengths, *_flat(height, xs, ys))
        weights = self._radiated(strengths, height)
        across, along = self._lines.shapes(0, xs), self._lines.shapes(1, ys)
        return np.asarray(np.matmul(along @ weights.transpose(0, 2, 1), across.T))

    def section(
        self, strengths: ComplexArray, y: float, xs: FloatArray, zs: FloatArray
    ) -> ComplexArray:
        """(frequencies, zs, xs)."""
        if self._lines.axis != 2:
            return self._one_by_one(strengths, *_upright(y, xs, zs))
        across, along = self._lines.shapes(0, xs), self._lines.shapes(1, np.array([y]))[0]
        rows = [self._radiated(strengths, float(z)) @ along for z in zs]
        return np.asarray(np.array(rows).transpose(1, 0, 2) @ across.T)

    def _radiated(self, strengths: ComplexArray, z: float) -> ComplexArray:
        """What the modes get, (frequencies, modes of the first axis, of the second)."""
        lines = self._lines
        found = np.zeros((len(strengths), lines.steps[0].size, lines.steps[1].size), complex)
        table = lines.towards(self._h, round(z, 4))
        found[:, lines.m, lines.n] = table * (strengths @ self._modes)
        return found

    def _one_by_one(
        self, strengths: ComplexArray, places: FloatArray, shape: tuple[int, int]
    ) -> ComplexArray:
        heard = np.einsum("nfp,fp->fn", self.towards(places), strengths)
        return np.asarray(heard.reshape(-1, *shape))


def _real_times(real: FloatArray, table: ComplexArray) -> ComplexArray:
    """(rows, pairs) times a table of (frequencies, pairs), as (frequencies, rows): real products,
    since half of a complex one would be for nothing.
    """
    parts = np.stack([table.real, table.imag]) @ real.T
    return np.asarray(parts[0] + 1j * parts[1])


def _flat(height: float, xs: FloatArray, ys: FloatArray) -> tuple[FloatArray, tuple[int, int]]:
    x, y = np.meshgrid(xs, ys)
    places = np.stack([x.ravel(), y.ravel(), np.full(x.size, height)], axis=1)
    return places, (ys.size, xs.size)


def _upright(y: float, xs: FloatArray, zs: FloatArray) -> tuple[FloatArray, tuple[int, int]]:
    x, z = np.meshgrid(xs, zs)
    places = np.stack([x.ravel(), np.full(x.size, y), z.ravel()], axis=1)
    return places, (zs.size, xs.size)
