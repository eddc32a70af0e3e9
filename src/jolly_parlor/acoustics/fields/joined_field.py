"""A room too large to be worked out all the way up: its modes below a frequency, the empty box of
its size above it.
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, IntArray, decimated_rows
from jolly_parlor.acoustics.fields.box_field import BoxRoomField
from jolly_parlor.acoustics.fields.modal_field import ModalField
from jolly_parlor.acoustics.fields.plates import Plate, Scattering
from jolly_parlor.acoustics.fields.rigid_modes import Mode, Modes
from jolly_parlor.acoustics.geometry.room import Room

_Part = ModalField | BoxRoomField


class JoinedField:
    """A RoomField of two; `below` has the lower frequencies, `above` the rest."""

    def __init__(self, below: ModalField, above: BoxRoomField) -> None:
        self._parts: tuple[_Part, _Part] = (below, above)
        self.frequencies_hz = np.concatenate([below.frequencies_hz, above.frequencies_hz])
        self.speed_of_sound = below.speed_of_sound

    @property
    def parameters(self) -> tuple[str, ...]:
        """Those of the lower part."""
        return self._parts[0].parameters

    @property
    def seconds_per_pair(self) -> float:
        return self._parts[0].seconds_per_pair

    def transfer(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        return np.concatenate([part.transfer(source, receiver) for part in self._parts])

    def unquantised(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        return np.concatenate([part.unquantised(source, receiver) for part in self._parts])

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """Many pairs, (pairs, frequencies)."""
        found = [part.transfers(sources, receivers) for part in self._parts]
        return np.concatenate(found, axis=1)

    def spread(
        self, source: FloatArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """(frequencies, ys, xs); NaN where there is no air."""
        return _where_there_is_air(*(p.spread(source, height, xs, ys) for p in self._parts))

    def section(self, source: FloatArray, y: float, xs: FloatArray, zs: FloatArray) -> ComplexArray:
        """(frequencies, zs, xs); NaN where there is no air."""
        return _where_there_is_air(*(p.section(source, y, xs, zs) for p in self._parts))

    def plane(self, source_z: float, receiver_z: float, limit_hz: float) -> None:
        return

    def modes(self, up_to_hz: float) -> Modes:
        return self._parts[0].modes(up_to_hz)

    def of_mode(self, mode: Mode, source: FloatArray, receiver: FloatArray) -> ComplexArray | None:
        """Of the lower part; above it no mode stands alone."""
        below, above = self._parts
        found = below.of_mode(mode, source, receiver)
        if found is None:
            return None
        return np.concatenate([found, np.zeros(above.frequencies_hz.size, dtype=np.complex128)])

    def absorbing(self, surface: str) -> JoinedField:
        below, above = self._parts
        return JoinedField(below.absorbing(surface), above.absorbing(surface))  # type: ignore[arg-type]

    def scaled(self, factor: float) -> JoinedField:
        below, above = self._parts
        return JoinedField(below.scaled(factor), above.scaled(factor))  # type: ignore[arg-type]

    def perturbed(self, room: Room, parameter: str) -> JoinedField:
        """The lower part near another; the upper one, which no fit may lean on, as it is."""
        below, above = self._parts
        return JoinedField(below.perturbed(room, parameter), above)  # type: ignore[arg-type]

    def decimated(self, step: int) -> JoinedField:
        """On every step-th frequency, first and last kept."""
        return self.at_rows(decimated_rows(self.frequencies_hz.size, step))

    def at_rows(self, rows: IntArray) -> JoinedField:
        """At some frequencies, ascending."""
        below, above = self._parts
        count = below.frequencies_hz.size
        low, high = rows[rows < count], rows[rows >= count] - count
        return JoinedField(below.at_rows(low), above.at_rows(high))  # type: ignore[arg-type]

    def scattered_by(self, plate: Plate) -> JoinedPlate:
        """The plate in both parts."""
        return JoinedPlate([part.scattered_by(plate) for part in self._parts])

    def expect(self, places: FloatArray) -> None:
        if self._parts[0].frequencies_hz.size:
            self._parts[0].expect(places)

    def prepare(self) -> bool:
        more = [part.prepare() for part in self._parts if part.frequencies_hz.size]
        return any(more)


class JoinedPlate:
    """A `Scattering` of two, the lower frequencies first."""

    def __init__(self, parts: Sequence[Scattering]) -> None:
        self._parts = parts

    @property
    def action(self) -> ComplexArray:
        """(frequencies, functions, functions)."""
        return np.concatenate([part.action for part in self._parts])

    def towards(self, places: FloatArray) -> ComplexArray:
        """(places, frequencies, functions)."""
        return np.concatenate([part.towards(places) for part in self._parts], axis=1)

    def spread(
        self, strengths: ComplexArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """(frequencies, ys, xs)."""
        parts = zip(self._parts, self._split(strengths), strict=True)
        return _where_there_is_air(*(part.spread(some, height, xs, ys) for part, some in parts))

    def section(
        self, strengths: ComplexArray, y: float, xs: FloatArray, zs: FloatArray
    ) -> ComplexArray:
        """(frequencies, zs, xs)."""
        parts = zip(self._parts, self._split(strengths), strict=True)
        return _where_there_is_air(*(part.section(some, y, xs, zs) for part, some in parts))

    def _split(self, strengths: ComplexArray) -> tuple[ComplexArray, ComplexArray]:
        count = len(self._parts[0].action)
        return strengths[:count], strengths[count:]


def _where_there_is_air(below: ComplexArray, above: ComplexArray) -> ComplexArray:
    """Both, the box's part only where the room's own has a value."""
    if len(below):
        above = np.where(np.isnan(below[:1].real), np.nan, above)
    return np.concatenate([below, above])
