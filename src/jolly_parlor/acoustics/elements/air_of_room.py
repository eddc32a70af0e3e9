"""What a surveyed room gives a finite-element solver: its enclosure, admittances and losses."""

import numpy as np

from jolly_parlor.acoustics.arrays import AdmittanceArray, FloatArray
from jolly_parlor.acoustics.elements.enclosure import Block, Enclosure, Roof
from jolly_parlor.acoustics.elements.enclosure_parts import opening_key, thing_key, wall_key
from jolly_parlor.acoustics.geometry.room import Opening, Room, Surface, Thing
from jolly_parlor.acoustics.geometry.room_admittance import capped
from jolly_parlor.acoustics.materials.admittances import (
    absorption_at,
    admittance_from_random_incidence,
)

_LOSS, _LOSS_OF_A_SOFA = 300.0, 260.0
"""1/s, of a bed and of a sofa; from trials, no source."""


def enclosure_of(room: Room, spacing: float = Enclosure.spacing) -> Enclosure:
    """Its plan, with every thing as a block and every opening as a patch of its wall."""
    solids: list[Block] = []
    softs: list[Block] = []
    for number, thing in enumerate(room.things):
        (solids if thing.kind == "solid" else softs).append(_block(number, thing))
    patches = tuple(_patch(room, n, opening) for n, opening in enumerate(room.openings))
    return Enclosure(
        room.plan, room.height, tuple(solids), tuple(softs), patches, _roofs(room), spacing
    )


def admittances_of(room: Room, frequencies_hz: FloatArray) -> dict[str, AdmittanceArray]:
    """Of every surface of its enclosure, (frequencies,)."""
    found = {
        wall_key(n): _admittance(room, wall.surface, key, frequencies_hz)
        for n, (key, wall) in enumerate(room.sides.items())
    }
    for name, surface in (("floor", room.floor), ("ceiling", room.ceiling)):
        factor = room.admittance_factor(name, frequencies_hz)
        found[name] = _limited(factor, surface, frequencies_hz)
    for n, opening in enumerate(room.openings):
        lining = Surface(opening.material, opening.absorption)
        found[opening_key(n)] = _admittance(room, lining, room.side_of(opening), frequencies_hz)
    for n, thing in enumerate(room.things):
        if thing.kind == "solid":
            plain = np.ones_like(frequencies_hz)
            found[thing_key(n)] = _limited(plain, thing.lining, frequencies_hz)
    return found


def parts_of(room: Room, surface: str) -> list[str]:
    """The pieces of boundary that make one surface: the wall and what is set into it."""
    if surface in ("floor", "ceiling"):
        return [surface]
    wall, at = room.sides[surface], room.wall_keys.index(surface)
    set_in = [opening_key(n) for n, o in enumerate(room.openings) if o.wall == wall.name]
    return [wall_key(at), *set_in]


def losses_of(room: Room) -> tuple[float, ...]:
    """Of every soft thing, 1/s."""
    return tuple(loss_of(thing) for thing in room.things if thing.kind == "soft")


def loss_of(thing: Thing) -> float:
    """Its own, or by what it is called, 1/s."""
    usual = _LOSS_OF_A_SOFA if "sofa" in thing.name.casefold() else _LOSS
    return thing.loss_per_second or usual


def _admittance(room: Room, lining: Surface, side: str, f: FloatArray) -> AdmittanceArray:
    return _limited(room.admittance_factor(side, f), lining, f)


def _limited(factor: AdmittanceArray, lining: Surface, f: FloatArray) -> AdmittanceArray:
    return capped(
        admittance_from_random_incidence(absorption_at(f, lining.octave_absorption())), factor
    )


def _roofs(room: Room) -> tuple[Roof, ...]:
    found = []
    for slope in room.slopes:
        key = room.key_of(slope.wall)
        (x0, y0), _ = room.edge_of(key)
        way = room.direction_of(key)
        axis = 0 if way in ("left", "right") else 1
        towards = 1 if way in ("left", "front") else -1
        found.append(Roof(axis, (x0, y0)[axis], towards, slope.knee, slope.reach))
    return tuple(found)


def _block(number: int, thing: Thing) -> Block:
    low = (thing.x, thing.y, thing.z)
    high = (thing.x + thing.width, thing.y + thing.depth, thing.z + thing.height)
    return Block(thing_key(number), low, high)


def _patch(room: Room, number: int, opening: Opening) -> Block:
    start, end = room.span_of(opening)
    low, high = np.minimum(start, end), np.maximum(start, end)
    bottom, top = opening.sill, min(opening.sill + opening.height, room.height)
    return Block(
        opening_key(number),
        (float(low[0]), float(low[1]), bottom),
        (float(high[0]), float(high[1]), top),
    )
