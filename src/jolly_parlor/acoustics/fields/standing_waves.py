"""The standing waves of a surveyed room, for explanation: of an empty box by formula, of any other
room by finite elements with rigid walls, each named by the way it runs and where it lives.
"""

from collections.abc import Sequence
from dataclasses import dataclass, field
from math import pi, sqrt
from threading import RLock

import numpy as np
from cachetools import LRUCache

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.elements.air_of_room import enclosure_of
from jolly_parlor.acoustics.elements.enclosure import Enclosure
from jolly_parlor.acoustics.elements.modal_solver import MODE_LIMIT, ModalBasis
from jolly_parlor.acoustics.fields.rigid_modes import ModeKind, Modes, modes, ordinal
from jolly_parlor.acoustics.geometry.fitted_room import surveyed_room
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.plan_parts import plan_parts
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.words import tr

_SPACING, _HIGHEST_HZ = 0.8, 210.0
"""Coarser than a forecast: frequencies within half a per cent."""
_OF_ONE_WAY, _MOSTLY = 0.85, 0.6
"""What share of its energy one axis must hold for a mode to be called after it, or mostly so."""
_LIVES_IN, _CROWDED = 0.9, 1.35
"""A mode lives in a part that holds so much of its energy, or so much more than by its size."""
_KEPT: LRUCache[Enclosure, ModalBasis] = LRUCache(4)
_NAMED: "LRUCache[tuple[Enclosure, tuple[float, float, float], float], RoomModes]" = LRUCache(8)
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
    if room.is_empty_box:
        return modes(room.dimensions, room.speed_of_sound, up_to_hz)
    taped = surveyed_room(room)
    key = enclosure_of(taped, _SPACING), room.dimensions, room.speed_of_sound
    with _LOCK:  # a drag asks at each move
        every = _NAMED.get(key)
        if every is None:
            every = _NAMED[key] = _named_modes(room, _basis(key[0], room.speed_of_sound))
    return RoomModes([mode for mode in every if mode.frequency_hz <= up_to_hz])


def _named_modes(room: Room, basis: ModalBasis) -> RoomModes:
    """All of them up to 210 Hz."""
    stretch = np.array(room.dimensions) / np.array(surveyed_room(room).dimensions)
    ways = np.array([np.diag(part) for part in basis.stiffness]) / stretch[:, None] ** 2
    values = ways.sum(axis=0)
    homes = _Homes(room, basis)
    found = []
    for n in np.argsort(values).tolist():
        frequency = room.speed_of_sound * sqrt(max(values[n], 0.0)) / (2 * pi)
        if 1.0 < frequency <= _HIGHEST_HZ:
            kind, name = _named(room, ways[:, n], homes.words(n))
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


def _basis(enclosure: Enclosure, speed: float) -> ModalBasis:
    """Call with the lock held."""
    found = _KEPT.get(enclosure)
    if found is None:
        # A basis reaches a quarter beyond the frequency it is made for.
        found = _KEPT[enclosure] = ModalBasis(enclosure, 2 * pi * _HIGHEST_HZ / MODE_LIMIT / speed)
    return found


def _named(room: Room, ways: FloatArray, where: str) -> tuple[ModeKind, str]:
    """Its kind by the axis most of its energy runs along, and its name with where it lives."""
    shares = ways / max(float(ways.sum()), 1e-12)
    axis = int(np.argmax(shares))
    kinds: tuple[ModeKind, ...] = ("width", "length", "height")
    if shares[axis] < _MOSTLY:
        return "mixed", tr("mixed mode{where}", where=where)
    kind = kinds[axis]
    if shares[axis] < _OF_ONE_WAY:
        return kind, tr("mostly {kind} mode{where}", kind=kind, where=where)
    order = max(round(sqrt(max(float(ways[axis]), 0.0)) * room.dimensions[axis] / pi), 1)
    return kind, tr("{ordinal} {kind} mode{where}", ordinal=ordinal(order), kind=kind, where=where)


class _Homes:
    """In which part of the plan each mode of a basis lives."""

    def __init__(self, room: Room, basis: ModalBasis) -> None:
        self._shapes, self._mass = basis.shapes, basis.enclosure.grid.mass
        parts = plan_parts(surveyed_room(room).plan)
        if parts and not any("arm" in part.name for part in parts):
            parts = parts[1:]  # most modes live in the main part; only those of a recess are news
        nodes = basis.enclosure.grid.nodes()
        size = self._mass @ np.ones(len(nodes))
        self._parts = [
            (part.name, within, float(size[within].sum() / size.sum()))
            for part in parts
            for within in (part.holds(nodes[:, 0], nodes[:, 1]),)
        ]

    def words(self, number: int) -> str:
        """Of one mode; empty where it fills the room."""
        shape = self._shapes[:, number]
        energy = shape * (self._mass @ shape)
        best, words = _CROWDED, ""
        for name, within, size in self._parts:
            share = float(energy[within].sum() / energy.sum())
            if share >= _LIVES_IN:
                return tr(" in the {name}", name=name)
            if share / size > best:
                best, words = share / size, tr(", strongest in the {name}", name=name)
        return words
