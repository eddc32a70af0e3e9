"""The field of a room seen with another wall in front: the same air, other coordinates."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, IntArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField
from jolly_parlor.acoustics.fields.plates import Plate, Scattering
from jolly_parlor.acoustics.fields.rigid_modes import Mode, Modes
from jolly_parlor.acoustics.fields.standing_waves import room_modes
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.turned_room import turned


class TurnedField:
    """A RoomField of `turned(room)` by the field of the room itself, so that nothing is worked out
    twice. x' = L - y and y' = x, as in `turning`.
    """

    def __init__(self, base: RoomField, room: Room) -> None:
        """room: the one before the turn, whose field `base` is."""
        self._base, self._room = base, room
        self.frequencies_hz, self.speed_of_sound = base.frequencies_hz, base.speed_of_sound

    @property
    def seconds_per_pair(self) -> float:
        return self._base.seconds_per_pair

    @property
    def parameters(self) -> tuple[str, ...]:
        """None: a fit is made in the room as surveyed."""
        return ()

    def transfer(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        return self._base.transfer(self._back(source), self._back(receiver))

    def unquantised(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        return self._base.unquantised(self._back(source), self._back(receiver))

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """Many pairs, (pairs, frequencies)."""
        return self._base.transfers(self._back(sources), self._back(receivers))

    def spread(
        self, source: FloatArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """(frequencies, ys, xs)."""
        seen = self._base.spread(self._back(source), height, ys, self._room.length - xs)
        return np.asarray(np.swapaxes(seen, 1, 2))

    def section(self, source: FloatArray, y: float, xs: FloatArray, zs: FloatArray) -> ComplexArray:
        """(frequencies, zs, xs), place by place."""
        x, z = np.meshgrid(xs, zs)
        places = np.stack([x.ravel(), np.full(x.size, y), z.ravel()], axis=1)
        heard = self.transfers(np.broadcast_to(source, places.shape), places)
        return np.asarray(heard.T.reshape(-1, *x.shape))

    def of_mode(self, mode: Mode, source: FloatArray, receiver: FloatArray) -> None:
        """Modes are of the room before the turn."""
        return

    def plane(self, source_z: float, receiver_z: float, limit_hz: float) -> None:
        return

    def modes(self, up_to_hz: float) -> Modes:
        return room_modes(turned(self._room), up_to_hz)

    def absorbing(self, surface: str) -> TurnedField:
        """The surface by its name before the turn."""
        return TurnedField(self._base.absorbing(surface), self._room)

    def scaled(self, factor: float) -> TurnedField:
        return TurnedField(self._base.scaled(factor), self._room)

    def perturbed(self, room: Room, parameter: str) -> TurnedField:
        """Not offered. Raises ValueError."""
        raise ValueError("A fit is made in the room as surveyed, not in one turned.")

    def decimated(self, step: int) -> TurnedField:
        return TurnedField(self._base.decimated(step), self._room)

    def at_rows(self, rows: IntArray) -> TurnedField:
        return TurnedField(self._base.at_rows(rows), self._room)

    def scattered_by(self, plate: Plate) -> TurnedPlate:
        """The plate as the base has it."""
        low, size = np.array(plate.corner), np.zeros(3)
        size[list(plate.along)] = plate.sizes
        ends = self._back(np.array([low, low + size]))
        corner, far = ends.min(axis=0), ends.max(axis=0)
        axis = {0: 1, 1: 0, 2: 2}[plate.axis]
        sizes = [float(far[a] - corner[a]) for a in range(3) if a != axis]
        place = float(corner[0]), float(corner[1]), float(corner[2])
        turned_plate = Plate(place, (sizes[0], sizes[1]), axis, plate.thickness)
        return TurnedPlate(self._base.scattered_by(turned_plate), self._back, self._room.length)

    def expect(self, places: FloatArray) -> None:
        self._base.expect(self._back(places))

    def prepare(self) -> bool:
        return self._base.prepare()

    def _back(self, places: FloatArray) -> FloatArray:
        """Places (..., 3) as the base has them."""
        x, y, z = places[..., 0], places[..., 1], places[..., 2]
        return np.stack([y, self._room.length - x, z], axis=-1)


class TurnedPlate:
    """A `Scattering` seen after the turn. Its functions are the base's."""

    def __init__(
        self, base: Scattering, back: Callable[[FloatArray], FloatArray], length: float
    ) -> None:
        self._base, self._back, self._length = base, back, length

    @property
    def action(self) -> ComplexArray:
        """(frequencies, functions, functions)."""
        return self._base.action

    def towards(self, places: FloatArray) -> ComplexArray:
        """(places, frequencies, functions); across the plate is the same way or the other for
        all of them, which is all one.
        """
        return self._base.towards(self._back(places))

    def spread(
        self, strengths: ComplexArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """(frequencies, ys, xs)."""
        seen = self._base.spread(strengths, height, ys, self._length - xs)
        return np.asarray(np.swapaxes(seen, 1, 2))

    def section(
        self, strengths: ComplexArray, y: float, xs: FloatArray, zs: FloatArray
    ) -> ComplexArray:
        """(frequencies, zs, xs), place by place."""
        x, z = np.meshgrid(xs, zs)
        places = np.stack([x.ravel(), np.full(x.size, y), z.ravel()], axis=1)
        heard = np.einsum("nfp,fp->fn", self.towards(places), strengths)
        return np.asarray(heard.reshape(-1, *x.shape))
