"""The field of a room: what every kind of room must offer, and which kind a survey gets.

Nothing above this module may know which kind it talks to. A new kind is one class with these
methods and one line in `room_field`; `tests/rigid_field.py` is the smallest.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING, Protocol

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, IntArray
from jolly_parlor.acoustics.fields.box_field import BoxRoomField
from jolly_parlor.acoustics.fields.impedance_box import BoxField
from jolly_parlor.acoustics.fields.plates import Plate, Scattering
from jolly_parlor.acoustics.geometry.box_around import box_around
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Room
from jolly_parlor.acoustics.geometry.room_admittance import surface_admittance

if TYPE_CHECKING:
    from jolly_parlor.acoustics.fields.rigid_modes import Mode, Modes

_WORKED_TO_HZ, _WORKED_CUBIC_METRES = 300.0, 95.0


class SeparablePlane(Protocol):
    """A field between two heights in which x and y stand apart:
    p = sum_lm A_lm X_l(xs) X_l(xr) Y_m(ys) Y_m(yr).
    """

    @property
    def coupling(self) -> ComplexArray:
        """A, (frequencies, width modes, length modes)."""
        ...

    def across(self, xs: FloatArray) -> ComplexArray:
        """X, (frequencies, places, width modes)."""
        ...

    def along(self, ys: FloatArray) -> ComplexArray:
        """Y, (frequencies, places, length modes)."""
        ...


class RoomField(Protocol):
    """Transfers of one room on one frequency grid, 0 dB at 1 m in the free field; positions in
    metres inside the room, each (3,) or (pairs, 3).
    """

    frequencies_hz: FloatArray
    speed_of_sound: float

    def transfer(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """Complex pressure of one pair, (frequencies,). Raises Refused for a place outside, or
        where the two are too close.
        """
        ...

    def unquantised(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """As `transfer`, where that rounds places to be quick: for differences over a hair."""
        ...

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """Of many pairs at once, (pairs, frequencies)."""
        ...

    def spread(
        self, source: FloatArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """From one source to a grid of places at a height, (frequencies, ys, xs); for maps, so
        that it may fade out fine detail.
        """
        ...

    def section(self, source: FloatArray, y: float, xs: FloatArray, zs: FloatArray) -> ComplexArray:
        """From one source to an upright grid across the room at a depth, (frequencies, zs, xs)."""
        ...

    def plane(self, source_z: float, receiver_z: float, limit_hz: float) -> SeparablePlane | None:
        """The separable form between two heights; None where the room has none, and whoever
        weighs millions of places has to do with fewer.
        """
        ...

    def modes(self, up_to_hz: float) -> Modes:
        """The room's standing waves, for explanation."""
        ...

    def of_mode(self, mode: Mode, source: FloatArray, receiver: FloatArray) -> ComplexArray | None:
        """What one of the standing waves brings to a transfer, (frequencies,); None where the
        field cannot tell it apart.
        """
        ...

    def absorbing(self, surface: str) -> RoomField:
        """The same room with one surface absorbing all sound at normal incidence."""
        ...

    def scaled(self, factor: float) -> RoomField:
        """The same room with every admittance multiplied: what if the guess at it is wrong."""
        ...

    def perturbed(self, room: Room, parameter: str) -> RoomField:
        """The field of a room that differs in one of `parameters` a little: what is known of this
        one is used. For derivatives.
        """
        ...

    @property
    def parameters(self) -> tuple[str, ...]:
        """What a fit may change: sizes and surfaces by name."""
        ...

    def decimated(self, step: int) -> RoomField:
        """The same room on every step-th frequency, first and last kept."""
        ...

    def at_rows(self, rows: IntArray) -> RoomField:
        """The same room at some of its frequencies only, given by index."""
        ...

    def scattered_by(self, plate: Plate) -> Scattering:
        """A thin rigid plate in the room, as it acts on the air there."""
        ...

    def expect(self, places: FloatArray) -> None:
        """Places (n, 3) that will be asked for as sources: they may be worked out together."""
        ...

    def prepare(self) -> bool:
        """Work out ahead a part of what first transfers take long for; False with all done."""
        ...

    @property
    def seconds_per_pair(self) -> float:
        """About what a transfer of a new pair takes, so that callers know what may be asked in a
        drag.
        """
        ...


def room_field(
    room: Room,
    frequencies_hz: FloatArray,
    progress: Callable[[float], None] = lambda share: None,
    modes_to_hz: float | None = None,
    spare: bool = False,
) -> RoomField:
    """The field of a surveyed room.

    Of any other room than an empty box it takes some seconds, while progress is told the share done
    and may raise to give up; `bare_field` answers at once. modes_to_hz: work with the modes of a
    field that ends there, although this one goes on; what lies beyond is less exact. spare: of few
    places, each worked out by itself; many would be quicker, and take a gigabyte.
    """
    from jolly_parlor.acoustics.fields.joined_field import JoinedField
    from jolly_parlor.acoustics.fields.modal_field import ModalField

    if not needs_working_out(room):
        return bare_field(room, frequencies_hz)
    top = modes_to_hz or float(frequencies_hz[-1])
    if top <= workable_hz(room):
        return ModalField(room, frequencies_hz, None, progress, spare, modes_to_hz)
    count = int(np.sum(frequencies_hz <= workable_hz(room)))
    if count < 2:
        return bare_field(room, frequencies_hz)
    # One basis whatever the grid.
    below = ModalField(room, frequencies_hz[:count], None, progress, spare, workable_hz(room))
    return JoinedField(below, _box_for(room, frequencies_hz[count:]))


def workable_hz(room: Room) -> float:
    """Up to where a room can be worked out within a minute: modes grow with volume and the cube of
    frequency, work with the square of their number. From a 95 m3 room, which takes half of it.
    """
    return float(_WORKED_TO_HZ * (_WORKED_CUBIC_METRES / room.volume) ** (1 / 3))


def bare_field(room: Room, frequencies_hz: FloatArray) -> RoomField:
    """The field of the empty box, of a room of another shape the one around it."""
    return _box_for(room, frequencies_hz)


def _box_for(room: Room, frequencies_hz: FloatArray) -> BoxRoomField:
    sides = {name: room.direction_of(name) for name in room.surface_names}
    return BoxRoomField(box_field(room, frequencies_hz), sides=sides)


def box_field(room: Room, frequencies_hz: FloatArray) -> BoxField:
    box = room if room.is_box else box_around(room)
    beta = np.array([surface_admittance(box, name, frequencies_hz) for name in SURFACE_NAMES])
    return BoxField(box.dimensions, beta, frequencies_hz, room.speed_of_sound)


def needs_working_out(room: Room) -> bool:
    """Whether the room's own field takes a while, so that the box answers meanwhile."""
    return not room.is_empty_box
