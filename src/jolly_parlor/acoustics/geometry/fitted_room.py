"""A room as takes have taught it: other sizes, other absorption."""

from collections.abc import Mapping
from dataclasses import dataclass, field, fields, replace

import numpy as np

from jolly_parlor.acoustics.arrays import AdmittanceArray, FloatArray
from jolly_parlor.acoustics.geometry.changed_room import resized
from jolly_parlor.acoustics.geometry.room import Room, SurfaceName, Thing

KNOTS_HZ = (35.0, 75.0, 160.0)
"""Where a fit says by how much a surface's admittance differs from the table."""


def knot_shares(frequencies_hz: FloatArray) -> FloatArray:
    """How much each of KNOTS_HZ counts at frequencies, (knots, frequencies): straight over log
    frequency between them and constant beyond.
    """
    at, knots = np.log(frequencies_hz), np.log(KNOTS_HZ)
    return np.array([np.interp(at, knots, row) for row in np.eye(knots.size)])


@dataclass(frozen=True)
class FittedRoom(Room):
    """A surveyed room with fitted sizes; `factors` multiply its surfaces' admittances at
    KNOTS_HZ, and `reactances` say how far each pushes back: its imaginary part over the real one.
    A panel on studs is a spring below its resonance and a mass above it.
    """

    factors: Mapping[str, tuple[float, ...]] = field(default_factory=dict, hash=False)
    reactances: Mapping[str, tuple[float, ...]] = field(default_factory=dict, hash=False)
    surveyed: Room | None = None
    """The room as the tape has it."""

    def admittance_factor(self, name: SurfaceName, frequencies_hz: FloatArray) -> AdmittanceArray:
        """(frequencies,); real where the surface does not push back."""
        shares = knot_shares(frequencies_hz)
        size = np.exp(np.log(self.factors.get(name, (1.0,) * len(KNOTS_HZ))) @ shares)
        back = np.array(self.reactances.get(name, (0.0,) * len(KNOTS_HZ)))
        return size * (1 + 1j * (back @ shares)) if np.any(back) else size


def fitted_room(
    room: Room,
    dimensions: FloatArray,
    factors: Mapping[str, tuple[float, ...]],
    taped: Room | None = None,
    reactances: Mapping[str, tuple[float, ...]] | None = None,
) -> FittedRoom:
    """A room with other sizes (width, length, height), and factors and reactances of its
    admittances. taped: the room as surveyed, where `room` differs from it.
    """
    width, length, height = (float(v) for v in dimensions)
    sized = resized(room, width, length, height)
    wide, long, high = dimensions / np.array(room.dimensions)
    # Its field is that of the surveyed modes, stretched; what stands among them goes along.
    things = tuple(_stretched(thing, wide, long, high) for thing in sized.things)
    known = {f.name: getattr(sized, f.name) for f in fields(Room)} | {"things": things}
    surveyed = surveyed_room(taped or room)
    return FittedRoom(
        **known, factors=dict(factors), reactances=dict(reactances or {}), surveyed=surveyed
    )


def _stretched(thing: Thing, wide: float, long: float, high: float) -> Thing:
    x, y, z = thing.x * wide, thing.y * long, thing.z * high
    across, deep, tall = thing.width * wide, thing.depth * long, thing.height * high
    return replace(thing, x=x, y=y, z=z, width=across, depth=deep, height=tall)


def surveyed_room(room: Room) -> Room:
    """The room as the tape has it, whether or not a fit has changed it."""
    return room.surveyed if isinstance(room, FittedRoom) and room.surveyed else room
