"""What reaches a listener from one place to hear at: the room's modes below, direct sound and first
reflections above, the direct sound alone at the top.

Up to 300 Hz this is the forecast itself, on frequencies evenly spaced, so that it can become an
impulse response; from there on images (`acoustics.early_images`). From 2 kHz the reflections fade,
since loudspeakers beam there and no survey holds what scatters; their power is given to the direct
sound, so that the balance stays. Below 20 Hz all fades.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache

import numpy as np

from jolly_parlor.acoustics.array_cache import Kept
from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.early_images import (
    JOIN_FROM_HZ,
    JOIN_TO_HZ,
    Arrivals,
    Images,
    SeenImages,
    faded_in,
)
from jolly_parlor.acoustics.fields.field_of_room import RoomField, room_field
from jolly_parlor.acoustics.fields.plated_field import PlatedFields
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.rigid_sphere import Sphere, ear_directions, ear_points
from jolly_parlor.placement.evenness import GRID_HZ

RATE_HZ = 48_000
SECONDS = 2.0
"""How long an impulse response is: at 1 s the slowest modes would go on at its beginning, and fill
hollows there by a tenth of a decibel and more.
"""
BINS_HZ: FloatArray = np.asarray(
    np.arange(round(SECONDS * RATE_HZ) // 2 + 1) / SECONDS, dtype=np.float64
)
"""The frequencies that an impulse response is made from."""
EARLY_SECONDS = 0.4
"""Of direct sound and first reflections."""
LEAD_SECONDS = 0.25
"""Ahead of the moment of playing: for what a fade over frequency rings before its time."""
FADE_LOW_HZ = (10.0, 19.0)
FADE_REFLECTIONS_HZ = (2000.0, 4000.0)
FADE_TOP_HZ = (20_000.0, 22_500.0)
_BALANCE_HZ = (700.0, 2000.0)
_LEVEL_HZ = (200.0, 300.0)
"""Where modes and images are held against each other."""
_MOST_LOW_BYTES, _MOST_HIGH_BYTES = 8_000_000, 24_000_000
_FIELDS = 4
_HEAD_HZ: FloatArray = np.asarray(np.arange(0.0, RATE_HZ / 2 + 50.0, 50.0), dtype=np.float64)


@dataclass(frozen=True)
class Reception:
    """Where it is heard: two ears on a head, or a microphone's one point at its middle."""

    ears: bool

    def points(self, middle: Point, room: Room) -> tuple[Point, ...]:
        """Where the modal field is asked. An ear beyond a wall or in a thing hears what the middle
        of the head does.
        """
        if not self.ears:
            return (middle,)
        return tuple(p if room.has_air_at(p) else middle for p in ear_points(middle))


EARS, POINT = Reception(True), Reception(False)


class Transfers:
    """Of one room, from any source to any head, (ears, bins) per unit source."""

    def __init__(self, room: Room) -> None:
        self.room = room
        step = 1 / SECONDS
        first = int(np.ceil(FADE_LOW_HZ[0] / step))
        self.low_bins = np.arange(first, int(JOIN_TO_HZ / step) + 1)
        self.low_hz = np.asarray(self.low_bins * step, dtype=np.float64)
        bins = np.arange(round(RATE_HZ * EARLY_SECONDS) // 2 + 1, dtype=float)
        self.high_hz = np.asarray(bins / EARLY_SECONDS, dtype=np.float64)
        f = self.high_hz
        self._imaged = np.flatnonzero(f < FADE_REFLECTIONS_HZ[1])
        self._field: RoomField | None = None
        self._images: Images | SeenImages | None = None
        self._plated: PlatedFields | None = None
        self._low: Kept[tuple[Point, Point, tuple[Plate, ...]]] = Kept(_MOST_LOW_BYTES)
        self._high: Kept[tuple[Point, Point, bool]] = Kept(_MOST_HIGH_BYTES)

    def expect(self, heads: Sequence[Point], reception: Reception) -> None:
        """Heads that will be asked for: their field may be worked out together."""
        points = [p for head in heads for p in reception.points(head, self.room)]
        if points:
            self._modal.expect(np.array([p.array() for p in points]))

    def low(
        self, source: Point, head: Point, reception: Reception, plates: tuple[Plate, ...] = ()
    ) -> ComplexArray:
        """The room's field at `low_hz`, with plates in it. Raises Refused for places it cannot
        compute.
        """
        points = reception.points(head, self.room)
        return np.array([self._low.of((source, p, plates), self._worked_out) for p in points])

    def high(self, source: Point, head: Point, reception: Reception) -> ComplexArray:
        """Images and direct sound at `high_hz`. Raises Refused as `low`."""
        return self._high.of((source, head, reception.ears), self._arrivals)

    @property
    def _modal(self) -> RoomField:
        if self._field is None:
            # On the modes of the forecast, so that both are the same up to its end.
            top = float(GRID_HZ[-1])
            self._field = room_field(self.room, self.low_hz, modes_to_hz=top, spare=True)
        return self._field

    def _worked_out(self, asked: tuple[Point, Point, tuple[Plate, ...]]) -> ComplexArray:
        source, point, plates = asked
        if self._plated is None:
            self._plated = PlatedFields(self._modal, _FIELDS)
        return self._plated.among(plates).transfer(source.array(), point.array())

    def _arrivals(self, asked: tuple[Point, Point, bool]) -> ComplexArray:
        source, head, ears = asked
        if self._images is None:
            f = np.maximum(self.high_hz[self._imaged], 1.0)  # a table has no 0 Hz
            box = self.room.is_empty_box
            self._images = Images(self.room, f) if box else SeenImages(self.room, f)
        arrivals = self._images.each(source, head)
        heard = ear_directions() if ears else np.zeros((1, 3))
        return np.array([self._at(ear, arrivals, source.distance(head)) for ear in heard])

    def _at(self, ear: FloatArray, arrivals: Arrivals, metres: float) -> ComplexArray:
        """One ear, or a point, in no direction, at all of `high_hz`; below the join too, so that
        what becomes of it in time is short.
        """
        f, imaged = self.high_hz, self._imaged
        loss = np.abs(arrivals.pressure[0, 0]) * metres  # an edge in the way takes some of it
        wave = loss * np.exp(-2j * np.pi * f * metres / self.room.speed_of_sound) / metres
        first = self._at_ear(ear, arrivals.towards[:1], f)[0] * wave
        around = self._at_ear(ear, arrivals.towards[1:], f[imaged])
        later = np.sum(around * arrivals.pressure[1:], axis=0)
        share = 1 - faded_in(f[imaged], *FADE_REFLECTIONS_HZ)
        whole = first * self._balance(later, first, share)
        whole[imaged] += later * share
        return np.asarray(whole)

    def _balance(self, later: ComplexArray, first: ComplexArray, share: FloatArray) -> FloatArray:
        """By how much the direct sound grows as the reflections fade, so that the power stays."""
        f = self.high_hz[self._imaged]
        here = (f >= _BALANCE_HZ[0]) & (f < _BALANCE_HZ[1])
        direct = first[: f.size]
        power = np.mean(np.abs(direct + later)[here] ** 2) / np.mean(np.abs(direct[here]) ** 2)
        more = max(float(power) - 1.0, 0.0)
        faded = np.ones(first.size)
        faded[: f.size] = 1 - share**2
        return np.asarray(np.sqrt(1 + more * faded))

    def _at_ear(self, ear: FloatArray, towards: FloatArray, f: FloatArray) -> ComplexArray:
        """The head's own part, (arrivals, frequencies); 1 for a point."""
        if not np.any(ear):
            return np.ones((len(towards), f.size), np.complex128)
        coarse = _head(self.room.speed_of_sound).at(towards @ ear)
        return np.array(
            [np.interp(f, _HEAD_HZ, c.real) + 1j * np.interp(f, _HEAD_HZ, c.imag) for c in coarse]
        )


@lru_cache(maxsize=4)
def _head(speed_of_sound: float) -> Sphere:
    """Of the same air it is the same in every room, and a tenth of a second's work."""
    return Sphere(_HEAD_HZ, speed_of_sound)


def share_of_modes(frequencies_hz: FloatArray) -> FloatArray:
    """What the modes count, (frequencies,): nothing below 10 and above 345 Hz."""
    above = faded_in(frequencies_hz, JOIN_FROM_HZ, JOIN_TO_HZ)
    return np.asarray(faded_in(frequencies_hz, *FADE_LOW_HZ) * (1 - above))


def share_of_images(frequencies_hz: FloatArray) -> FloatArray:
    """What the images count, (frequencies,): nothing below 300 Hz."""
    above = faded_in(frequencies_hz, JOIN_FROM_HZ, JOIN_TO_HZ)
    return np.asarray(above * (1 - faded_in(frequencies_hz, *FADE_TOP_HZ)))


def power_between(frequencies_hz: FloatArray, pressure: ComplexArray) -> float:
    """Mean square of (..., frequencies) over the range where modes and images are compared."""
    here = (frequencies_hz >= _LEVEL_HZ[0]) & (frequencies_hz < _LEVEL_HZ[1])
    return float(np.mean(np.abs(pressure[..., here]) ** 2))
