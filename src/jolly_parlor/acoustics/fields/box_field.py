"""The field of an empty box as a RoomField: the model of record, with its own fast paths.

One pair far enough apart along the room, and many pairs at once, share tables (`pairs`); others
are summed plainly (`field`). Maps go through the separable form (`separable`).
"""

from collections.abc import Mapping
from threading import Lock

import numpy as np
from cachetools import LRUCache

from jolly_parlor.acoustics.array_cache import ASIDE, EVERYTHING, Together
from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, IntArray
from jolly_parlor.acoustics.fields.impedance_box import BoxField
from jolly_parlor.acoustics.fields.many_pairs import NEAREST_ALONG_METRES, PairField
from jolly_parlor.acoustics.fields.plate_in_box import BoxLines, PlateInBox
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.fields.rigid_modes import Mode, Modes, modes
from jolly_parlor.acoustics.fields.separable import HorizontalField, section
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Room
from jolly_parlor.acoustics.geometry.room_admittance import surface_admittance

_MAP_LIMIT_HZ = 700.0
_MOST_PLANES = 8
_SIZES = ("width", "length", "height")


class BoxRoomField:
    """An empty box with a locally reacting surface on each side."""

    def __init__(
        self,
        box: BoxField,
        together: Together = EVERYTHING,
        sides: Mapping[str, str] | None = None,
    ) -> None:
        """sides: where the box stands for a room of another shape, which of its sides stands for
        each of that room's surfaces.
        """
        self.box, self._together, self._sides = box, together, sides or {}
        self.frequencies_hz, self.speed_of_sound = box.frequencies_hz, box.speed_of_sound
        self._pairs = PairField(box, together)
        self._planes: LRUCache[tuple[float, float], HorizontalField] = LRUCache(_MOST_PLANES)
        self._lock = Lock()  # of the planes: several calculators share a field
        self._lines: dict[int, BoxLines] = {}
        self._grid: tuple[bytes, ComplexArray, ComplexArray] | None = None
        self._row: tuple[bytes, BoxRoomField] | None = None

    @property
    def parameters(self) -> tuple[str, ...]:
        return (*_SIZES, *SURFACE_NAMES)

    @property
    def seconds_per_pair(self) -> float:
        """On one core of a small machine."""
        return 0.003

    def transfer(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair, (frequencies,)."""
        apart = abs(source[1] - receiver[1])
        inside = np.all(source >= 0) and np.all(source <= self.box.dimensions)
        if apart >= NEAREST_ALONG_METRES and inside:
            # The same sum, with what drags and searches have in common kept between calls.
            return np.asarray(self._pairs.pressures(source[None, :], receiver[None, :])[0])
        return self.box.pressure(source, receiver)

    def unquantised(self, source: FloatArray, receiver: FloatArray) -> ComplexArray:
        """One pair by the plain sum; the tables of pairs know tenths of a millimetre only."""
        return self.box.pressure(source, receiver)

    def transfers(self, sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        """Many pairs, (pairs, frequencies)."""
        far = np.abs(sources[:, 1] - receivers[:, 1]) >= NEAREST_ALONG_METRES
        result = np.empty((len(sources), self.frequencies_hz.size), dtype=np.complex128)
        result[far] = self._pairs.pressures(sources[far], receivers[far])
        for index in np.flatnonzero(~far):
            result[index] = self.box.pressure(sources[index], receivers[index])
        return result

    def spread(
        self, source: FloatArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """(frequencies, ys, xs). Sources of one height share what hangs on it."""
        plane = self._plane(float(source[2]), height)
        key = xs.tobytes() + ys.tobytes()
        grid = self._grid
        if grid is None or grid[0] != key:
            across = np.ascontiguousarray(plane.across(xs).transpose(0, 2, 1))
            grid = self._grid = key, plane.along(ys), across
        _, along, across = grid
        coupling = plane.coupled_with(float(source[0]), float(source[1]))
        return np.asarray(np.matmul(np.matmul(along, coupling.transpose(0, 2, 1)), across))

    def section(self, source: FloatArray, y: float, xs: FloatArray, zs: FloatArray) -> ComplexArray:
        """(frequencies, zs, xs)."""
        return section(self.box, source, y, xs, zs, _MAP_LIMIT_HZ)

    def plane(self, source_z: float, receiver_z: float, limit_hz: float) -> HorizontalField:
        """The separable form between two heights."""
        return HorizontalField(self.box, source_z, receiver_z, limit_hz)

    def _plane(self, source_z: float, height: float) -> HorizontalField:
        with self._lock:
            found = self._planes.get((source_z, height))
        if found is None:
            found = self.plane(source_z, height, _MAP_LIMIT_HZ)
            with self._lock:
                self._planes[source_z, height] = found
        return found

    def modes(self, up_to_hz: float) -> Modes:
        width, length, height = (float(size) for size in self.box.dimensions)
        return modes((width, length, height), self.speed_of_sound, up_to_hz)

    def of_mode(self, mode: Mode, source: FloatArray, receiver: FloatArray) -> ComplexArray | None:
        """One term of the sum; None for a mode of another room that the box stands for."""
        order = getattr(mode, "order", None)
        return None if order is None else self.box.of_mode(order, source, receiver)

    def absorbing(self, surface: str) -> "BoxRoomField":
        """One side with admittance 1."""
        at = SURFACE_NAMES.index(self._sides.get(surface, surface))
        return BoxRoomField(self.box.with_admittance(at, 1.0), ASIDE, self._sides)

    def scaled(self, factor: float) -> "BoxRoomField":
        box = self.box
        wrong = box.admittances * factor
        return BoxRoomField(
            BoxField(box.dimensions, wrong, box.frequencies_hz, box.speed_of_sound),
            ASIDE,
            self._sides,
        )

    def perturbed(self, room: Room, parameter: str) -> "BoxRoomField":
        """One axis moved: that of a size, or of the ends of which one absorbs otherwise."""
        if parameter in _SIZES:
            axis = _SIZES.index(parameter)
        else:
            axis = SURFACE_NAMES.index(parameter) // 2
        ends = SURFACE_NAMES[2 * axis : 2 * axis + 2]
        beta = np.array([surface_admittance(room, name, self.frequencies_hz) for name in ends])
        return BoxRoomField(
            self.box.perturbed(axis, room.dimensions[axis], beta), ASIDE, self._sides
        )

    def decimated(self, step: int) -> "BoxRoomField":
        return BoxRoomField(self.box.decimated(step), self._together, self._sides)

    def at_rows(self, rows: IntArray) -> "BoxRoomField":
        """At some frequencies; the last asked for is kept, since drags ask for it again."""
        key = np.asarray(rows).tobytes()
        row = self._row
        if row is None or row[0] != key:
            row = self._row = key, BoxRoomField(self.box.at_rows(rows), self._together, self._sides)
        return row[1]

    def scattered_by(self, plate: Plate) -> PlateInBox:
        """A plate; what plates across one axis have in common is kept."""
        with self._lock:
            if plate.axis not in self._lines:
                self._lines[plate.axis] = BoxLines(self.box, plate.axis)
            return PlateInBox(self._lines[plate.axis], plate)

    def expect(self, places: FloatArray) -> None:
        """Nothing to do: each is as quick alone."""

    def prepare(self) -> bool:
        return self._pairs.prepare()
