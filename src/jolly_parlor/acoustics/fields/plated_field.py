"""The field of a room with thin plates in it that move with an arrangement: desk top, chair.

With g what a plate's functions take of each place and T what answers them with a jump,

    p(s, r) = p_room(s, r) + 4 pi g(r)^T T g(s),

the same whichever end is the source. Plates do not hear what others scatter: the second bounce
between a desk and the back of a chair is left out.
"""

from __future__ import annotations

from collections.abc import Sequence
from threading import RLock

import numpy as np
from cachetools import LRUCache

from jolly_parlor.acoustics.array_cache import Kept, Together
from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, IntArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField
from jolly_parlor.acoustics.fields.plates import Plate, Scattering, solved
from jolly_parlor.acoustics.fields.rigid_modes import Mode, Modes
from jolly_parlor.acoustics.geometry.room import Room

PLATES = Together(60_000_000)
"""What is known of places by all plates together, some 10 kB a place."""
_HEARD_BYTES = 24_000_000
_DECIMALS = 4


class _Answer:
    """One plate in one field."""

    def __init__(self, scattering: Scattering) -> None:
        self.scattering, self._turned = scattering, solved(scattering.action)
        self._known: Kept[bytes] = Kept(_HEARD_BYTES, PLATES)

    def between(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """What it adds, (pairs, frequencies)."""
        (there, which), (here, which_here) = self._heard(sources), self._heard(receivers)
        # Many pairs have few places.
        jumps = np.ascontiguousarray(self._jumps(there))[which]
        return np.asarray(np.einsum("nfp,nfp->nf", here[which_here], jumps))

    def jumps(self, source: FloatArray) -> ComplexArray:
        """Strengths of its functions for one source, (frequencies, functions)."""
        found: ComplexArray = self._jumps(self._heard(source[None, :])[0])[0]
        return found

    def _jumps(self, there: ComplexArray) -> ComplexArray:
        """(sources, frequencies, functions)."""
        found = np.matmul(self._turned, there.transpose(1, 2, 0))
        return np.asarray(4 * np.pi * found.transpose(2, 0, 1))

    def _heard(self, places: FloatArray) -> tuple[ComplexArray, IntArray]:
        """What the functions take of each place there is, (places, frequencies, functions), and
        which of them each is.
        """
        rounded = np.round(places, _DECIMALS)
        every, which = np.unique(rounded, axis=0, return_inverse=True)
        keys = [place.tobytes() for place in every]
        new = [n for n, key in enumerate(keys) if key not in self._known]
        made: dict[bytes, ComplexArray] = {}
        if new:  # together, which is quicker by far than one by one
            rows = self.scattering.towards(every[new])
            made = {keys[n]: row for n, row in zip(new, rows, strict=True)}
        found = [self._known.of(key, lambda key: self._towards(key, made)) for key in keys]
        return np.array(found), which.ravel()

    def _towards(self, place: bytes, made: dict[bytes, ComplexArray]) -> ComplexArray:
        if place in made:
            return made[place].copy()  # of its own, or the whole batch would be kept
        # It was known a moment ago and had to go meanwhile.
        found: ComplexArray = self.scattering.towards(np.frombuffer(place)[None, :])[0]
        return found


class PlatedField:
    """A RoomField with plates in it."""

    def __init__(self, base: RoomField, plates: Sequence[Plate]) -> None:
        self.base, self.plates = base, tuple(plates)
        self.frequencies_hz, self.speed_of_sound = base.frequencies_hz, base.speed_of_sound
        self._made: list[_Answer] | None = None
        self._lock = RLock()

    @property
    def _answers(self) -> list[_Answer]:
        with self._lock:
            if self._made is None:
                self._made = [_Answer(self.base.scattered_by(plate)) for plate in self.plates]
            return self._made

    @property
    def parameters(self) -> tuple[str, ...]:
        return self.base.parameters

    @property
    def seconds_per_pair(self) -> float:
        return self.base.seconds_per_pair

    def transfer(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        return self.base.transfer(source, receiver) + self._added_to(source, receiver)

    def unquantised(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        return self.base.unquantised(source, receiver) + self._added_to(source, receiver)

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """Many pairs, (pairs, frequencies)."""
        return self.base.transfers(sources, receivers) + self.added(sources, receivers)

    def added(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """What the plates add to many pairs, (pairs, frequencies)."""
        found = np.zeros((len(sources), self.frequencies_hz.size), dtype=np.complex128)
        for answer in self._answers:
            found += answer.between(sources, receivers)
        return found

    def spread(
        self, source: FloatArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """(frequencies, ys, xs)."""
        found = self.base.spread(source, height, xs, ys)
        for answer in self._answers:
            found = found + answer.scattering.spread(answer.jumps(source), height, xs, ys)
        return found

    def section(self, source: FloatArray, y: float, xs: FloatArray, zs: FloatArray) -> ComplexArray:
        """(frequencies, zs, xs)."""
        found = self.base.section(source, y, xs, zs)
        for answer in self._answers:
            found = found + answer.scattering.section(answer.jumps(source), y, xs, zs)
        return found

    def plane(self, source_z: float, receiver_z: float, limit_hz: float) -> None:
        return

    def modes(self, up_to_hz: float) -> Modes:
        """Of the room without plates."""
        return self.base.modes(up_to_hz)

    def of_mode(self, mode: Mode, source: FloatArray, receiver: FloatArray) -> ComplexArray | None:
        """As in the room without plates, which change little below their own size."""
        return self.base.of_mode(mode, source, receiver)

    def absorbing(self, surface: str) -> PlatedField:
        return PlatedField(self.base.absorbing(surface), self.plates)

    def scaled(self, factor: float) -> PlatedField:
        return PlatedField(self.base.scaled(factor), self.plates)

    def perturbed(self, room: Room, parameter: str) -> PlatedField:
        """A room a little different, the plates in it."""
        return PlatedField(self.base.perturbed(room, parameter), self.plates)

    def decimated(self, step: int) -> PlatedField:
        return PlatedField(self.base.decimated(step), self.plates)

    def at_rows(self, rows: IntArray) -> PlatedField:
        return PlatedField(self.base.at_rows(rows), self.plates)

    def scattered_by(self, plate: Plate) -> Scattering:
        """One more plate: of the room without the others."""
        return self.base.scattered_by(plate)

    def expect(self, places: FloatArray) -> None:
        self.base.expect(places)

    def prepare(self) -> bool:
        return self.base.prepare()

    def _added_to(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        found: ComplexArray = self.added(source[None, :], receiver[None, :])[0]
        return found


class PlatedFields:
    """One room's field with any plates in it; the last few are kept."""

    def __init__(self, base: RoomField, most: int) -> None:
        self._base, self._lock = base, RLock()
        self._made: LRUCache[tuple[Plate, ...], PlatedField] = LRUCache(most)

    def among(self, plates: tuple[Plate, ...]) -> RoomField:
        """The field with these; the room's own without any."""
        if not plates:
            return self._base
        with self._lock:
            found = self._made.get(plates)
            if found is None:
                found = self._made[plates] = PlatedField(self._base, plates)
            return found
