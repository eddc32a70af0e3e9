"""The smallest other kind of field: damped modes of a rigid box, which knows no surface apart."""

from collections.abc import Callable
from functools import lru_cache

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, IntArray
from jolly_parlor.acoustics.fields.plates import Layer, Plate
from jolly_parlor.acoustics.fields.rigid_modes import Mode, Modes, modes
from jolly_parlor.acoustics.geometry.room import Room

_TO_HZ = 600.0
_CLOSEST_METRES = 0.1


@lru_cache(64)
def _all_modes(
    dimensions: tuple[float, float, float], speed_of_sound: float, to_hz: float
) -> tuple[FloatArray, FloatArray]:
    """Orders (modes, 3) and frequencies; the pressure that is the same everywhere comes first."""
    found = modes(dimensions, speed_of_sound, to_hz)
    orders = np.concatenate([np.zeros((1, 3)), found.orders])
    return orders, np.array([0.0, *(m.frequency_hz for m in found)])


class RigidField:
    """p = 4 pi sum_n psi_n(s) psi_n(r) / (V Lambda_n (k_n^2 (1 + j eta) - k^2)), 0 dB at 1 m in the
    free field; Lambda_n is 1 with 1/2 for each order above 0 (Kuttruff, Room Acoustics).

    Without a separable form, and without fast paths.
    """

    parameters: tuple[str, ...] = ("loss",)
    seconds_per_pair = 0.0005

    def __init__(
        self, room: Room, frequencies_hz: FloatArray, loss: float = 0.06, to_hz: float = _TO_HZ
    ) -> None:
        self.room, self.frequencies_hz, self.loss = room, frequencies_hz, loss
        self.speed_of_sound, self._to_hz = room.speed_of_sound, to_hz
        self._orders, own_hz = _all_modes(room.dimensions, self.speed_of_sound, to_hz)
        own = 2 * np.pi * own_hz / self.speed_of_sound
        k = 2 * np.pi * frequencies_hz / self.speed_of_sound
        norm = np.prod(room.dimensions) * np.prod(np.where(self._orders > 0, 0.5, 1.0), axis=1)
        apart = own**2 * (1 + 1j * loss) - (k**2)[:, None] + 1j * loss * (k**2)[:, None] * 0.1
        self._gain = 4 * np.pi / (norm * apart)  # (frequencies, modes)

    def _shapes(self, places: FloatArray) -> FloatArray:
        made = np.ones((*places.shape[:-1], len(self._orders)))
        for axis, size in enumerate(self.room.dimensions):
            orders = self._orders[:, axis].astype(int)
            steps = np.pi / size * np.arange(orders.max() + 1)
            made *= np.cos(places[..., axis, None] * steps)[..., orders]
        return made

    def transfer(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair."""
        return self.transfers(source[None, :], receiver[None, :])[0]

    unquantised = transfer

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """Many pairs."""
        return np.asarray((self._shapes(sources) * self._shapes(receivers)) @ self._gain.T)

    def spread(
        self, source: FloatArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """To a grid at a height."""
        y, x = np.meshgrid(ys, xs, indexing="ij")
        return self._to_grid(source, np.stack([x, y, np.full_like(x, height)], axis=-1))

    def section(self, source: FloatArray, y: float, xs: FloatArray, zs: FloatArray) -> ComplexArray:
        """To an upright grid."""
        z, x = np.meshgrid(zs, xs, indexing="ij")
        return self._to_grid(source, np.stack([x, np.full_like(x, y), z], axis=-1))

    def _to_grid(self, source: FloatArray, places: FloatArray) -> ComplexArray:
        shaped = self._shapes(places) * self._shapes(source)
        return np.asarray(np.moveaxis(shaped @ self._gain.T, -1, 0))

    def plane(self, source_z: float, receiver_z: float, limit_hz: float) -> None:
        """None: it has none."""
        return None

    def modes(self, up_to_hz: float) -> Modes:
        """Its own."""
        return modes(self.room.dimensions, self.room.speed_of_sound, up_to_hz)

    def _other(self, loss: float, frequencies_hz: FloatArray | None = None) -> "RigidField":
        f = self.frequencies_hz if frequencies_hz is None else frequencies_hz
        return RigidField(self.room, f, loss, self._to_hz)

    def of_mode(self, mode: Mode, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One term."""
        at = int(np.flatnonzero(np.all(self._orders == mode.order, axis=1))[0])
        shapes = self._shapes(source) * self._shapes(receiver)
        return np.asarray(shapes[at] * self._gain[:, at])

    def absorbing(self, surface: str) -> "RigidField":
        """More loss: it knows no surface apart."""
        return self._other(self.loss * 4)

    def scaled(self, factor: float) -> "RigidField":
        """More or less loss."""
        return self._other(self.loss * factor)

    def perturbed(self, room: Room, parameter: str) -> "RigidField":
        """Another room."""
        return RigidField(room, self.frequencies_hz, self.loss, self._to_hz)

    def decimated(self, step: int) -> "RigidField":
        """On fewer frequencies, the last kept."""
        at = np.unique(np.append(np.arange(0, self.frequencies_hz.size, step), -1 % self._size))
        return self._other(self.loss, self.frequencies_hz[at])

    @property
    def _size(self) -> int:
        return int(self.frequencies_hz.size)

    def at_rows(self, rows: IntArray) -> "RigidField":
        """At some frequencies."""
        return self._other(self.loss, self.frequencies_hz[rows])

    def scattered_by(self, plate: Plate) -> "RigidPlate":
        """By its modes' gradients."""
        return RigidPlate(self, plate)

    def expect(self, places: FloatArray) -> None:
        """Nothing to do."""

    def prepare(self) -> bool:
        """Nothing to prepare."""
        return False


class RigidPlate:
    """A plate in it: static part by images, the rest by modes (coarse: few of them)."""

    def __init__(self, field: RigidField, plate: Plate) -> None:
        self._field = field
        sizes = np.array(field.room.dimensions)
        self._layer = layer = Layer(plate, np.zeros(3), sizes)
        step = np.zeros(3)
        step[plate.axis] = 0.02
        above, below = field._shapes(layer.points + step), field._shapes(layer.points - step)
        self._modes = layer.functions.T @ (above - below) / 0.04
        still = 1 / np.maximum(np.sum((field._orders * np.pi / sizes) ** 2, axis=1), 1e-9)
        norm = np.prod(sizes) * np.prod(np.where(field._orders > 0, 0.5, 1.0), axis=1)
        self._moved = field._gain / (4 * np.pi) - still / norm

    @property
    def action(self) -> ComplexArray:
        """(frequencies, functions, functions)."""
        b = self._modes
        return np.einsum("pn,qn,fn->fpq", b, b, self._moved, optimize=True) + self._layer.static

    def towards(self, places: FloatArray) -> ComplexArray:
        """(places, frequencies, functions)."""
        field = self._field
        shaped = field._shapes(places)[:, None, :] * (field._gain / (4 * np.pi))
        return np.asarray(shaped @ self._modes.T)

    def spread(self, strengths, height, xs, ys):
        """On a plan."""
        y, x = np.meshgrid(ys, xs, indexing="ij")
        return self._over(strengths, np.stack([x, y, np.full_like(x, height)], axis=-1))

    def section(self, strengths, y, xs, zs):
        """Upright."""
        z, x = np.meshgrid(zs, xs, indexing="ij")
        return self._over(strengths, np.stack([x, np.full_like(x, y), z], axis=-1))

    def _over(self, strengths, places):
        heard = np.einsum("nfp,fp->fn", self.towards(places.reshape(-1, 3)), strengths)
        return heard.reshape(-1, *places.shape[:2])


MAKE: Callable[[Room, FloatArray], RigidField] = RigidField
