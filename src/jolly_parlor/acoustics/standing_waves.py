"""The standing waves of a surveyed room, for explanation: of an empty box by formula, of any other
room by finite elements with rigid walls, each named by the way it runs and where it lives.
"""

from collections.abc import Sequence
from dataclasses import dataclass, field
from math import pi, sqrt
from threading import RLock

import numpy as np
from cachetools import LRUCache

from jolly_parlor.acoustics.air_of_room import enclosure_of
from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.enclosure import Enclosure
from jolly_parlor.acoustics.fitted import surveyed_room
from jolly_parlor.acoustics.modal_solver import MODE_LIMIT, ModalBasis
from jolly_parlor.acoustics.modes import ModeKind, Modes, modes, ordinal
from jolly_parlor.acoustics.plan import Point
from jolly_parlor.acoustics.plan_parts import plan_parts
from jolly_parlor.acoustics.room import Room

_SPACING, _HIGHEST_HZ = 0.8, 210.0
"""Coarser than a forecast: frequencies within half a per cent."""
_OF_ONE_WAY, _MOSTLY = 0.85, 0.6
"""What share of its energy one axis must hold for a mode to be called after it, or mostly so."""
_LIVES_IN, _CROWDED = 0.9, 1.35
"""A mode lives in a part that holds so much of its energy, or so much more than by its size."""
_KEPT: LRUCache[Enclosure, ModalBasis] = LRUCache(4)
_LOCK = RLock()


@dataclass(frozen=True)
class RoomMode:
    """One standing wave of an odd or furnished room."""

    frequency_hz: float
    kind: ModeKind
    name: str
    number: int
    basis: ModalBasis = field(compare=False, repr=False)
    loudest: float = field(compare=False, repr=False)

    @property
    def label(self) -> str:
        """The name, for a list."""
        return self.name.replace(" mode", "", 1)

    def shape(self, point: Point) -> float:
        """Pressure at a point, -1 to 1; 0 inside a thing."""
        return float(shapes_at(self.basis, [point])[0, self.number] / self.loudest)

    def over(self, points: Sequence[Point]) -> FloatArray:
        """The same at many points, (points,); NaN where there is no air."""
        missing = self.basis.enclosure.grid.missing(np.array([p.array() for p in points]))
        found = shapes_at(self.basis, points)[:, self.number] / self.loudest
        return np.where(missing, np.nan, found)


class RoomModes(Modes):
    """Those of one room, ascending."""

    def at(self, points: Sequence[Point]) -> FloatArray:
        """Their pressure at points, (points, modes)."""
        if not self:
            return np.zeros((len(points), 0))
        numbers = [mode.number for mode in self]  # type: ignore[attr-defined]
        loudest = np.array([mode.loudest for mode in self])  # type: ignore[attr-defined]
        return shapes_at(self[0].basis, points)[:, numbers] / loudest  # type: ignore[attr-defined, no-any-return]


def room_modes(room: Room, up_to_hz: float) -> Modes:
    """The standing waves of a surveyed room above 0 Hz, ascending; of one that is no empty box up
    to 210 Hz.
    """
    if room.is_box and not room.things:
        return modes(room.dimensions, room.speed_of_sound, up_to_hz)
    basis = _basis(surveyed_room(room), room.speed_of_sound)
    stretch = np.array(room.dimensions) / np.array(surveyed_room(room).dimensions)
    ways = np.array([np.diag(part) for part in basis.stiffness]) / stretch[:, None] ** 2
    values = ways.sum(axis=0)
    found = []
    for n in np.argsort(values).tolist():
        frequency = room.speed_of_sound * sqrt(max(values[n], 0.0)) / (2 * pi)
        if 1.0 < frequency <= min(up_to_hz, _HIGHEST_HZ):
            kind, name = _named(room, basis, n, ways[:, n])
            loudest = float(np.max(np.abs(basis.shapes[:, n])))
            found.append(RoomMode(frequency, kind, name, n, basis, loudest))
    return RoomModes(found)  # type: ignore[arg-type]


def shapes_at(basis: ModalBasis, points: Sequence[Point]) -> FloatArray:
    """Of every mode of a basis at points, (points, modes); 0 where there is no air."""
    places = np.array([point.array() for point in points])
    missing = basis.enclosure.grid.missing(places)
    found = np.zeros((len(points), basis.eigenvalues.size))
    if not np.all(missing):
        found[~missing] = basis.enclosure.grid.at(places[~missing]) @ basis.shapes
    return found


def _basis(room: Room, speed: float) -> ModalBasis:
    enclosure = enclosure_of(room, _SPACING)
    with _LOCK:
        found = _KEPT.get(enclosure)
        if found is None:
            # A basis reaches a quarter beyond the frequency it is made for.
            found = _KEPT[enclosure] = ModalBasis(
                enclosure, 2 * pi * _HIGHEST_HZ / MODE_LIMIT / speed
            )
        return found


def _named(room: Room, basis: ModalBasis, number: int, ways: FloatArray) -> tuple[ModeKind, str]:
    """Its kind by the axis most of its energy runs along, and its name with where it lives."""
    shares = ways / max(float(ways.sum()), 1e-12)
    axis = int(np.argmax(shares))
    kinds: tuple[ModeKind, ...] = ("width", "length", "height")
    where = _home(room, basis, number)
    if shares[axis] < _MOSTLY:
        return "mixed", f"mixed mode{where}"
    kind = kinds[axis]
    if shares[axis] < _OF_ONE_WAY:
        return kind, f"mostly {kind} mode{where}"
    order = max(round(sqrt(max(float(ways[axis]), 0.0)) * room.dimensions[axis] / pi), 1)
    return kind, f"{ordinal(order)} {kind} mode{where}"


def _home(room: Room, basis: ModalBasis, number: int) -> str:
    """In which part of the plan a mode lives, in words; empty where it fills the room."""
    shape, mass = basis.shapes[:, number], basis.enclosure.grid.mass
    energy, size = shape * (mass @ shape), mass @ np.ones(shape.size)
    nodes = basis.enclosure.grid.nodes()
    best, words = _CROWDED, ""
    parts = plan_parts(surveyed_room(room).plan)
    if parts and not any("arm" in part.name for part in parts):
        parts = parts[1:]  # most modes live in the main part; only those of a recess are news
    for part in parts:
        within = part.holds(nodes[:, 0], nodes[:, 1])
        share = float(energy[within].sum() / energy.sum())
        if share >= _LIVES_IN:
            return f" in the {part.name}"
        crowding = share / float(size[within].sum() / size.sum())
        if crowding > best:
            best, words = crowding, f", strongest in the {part.name}"
    return words
