"""A room as takes have taught it: other sizes, other absorption."""

from collections.abc import Mapping
from dataclasses import dataclass, field, fields

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.room import Room, SurfaceName

KNOTS_HZ = (40.0, 125.0)
"""Where a fit says by how much a surface's admittance differs from the table."""


@dataclass(frozen=True)
class FittedRoom(Room):
    """A surveyed room with fitted sizes; `factors` multiply its surfaces' admittances at
    KNOTS_HZ, straight over log frequency between them and constant beyond.
    """

    factors: Mapping[str, tuple[float, ...]] = field(default_factory=dict)
    surveyed: Room | None = None
    """The room as the tape has it."""

    def admittance_factor(self, name: SurfaceName, frequencies_hz: FloatArray) -> FloatArray:
        """(frequencies,)."""
        at, knots = np.log(frequencies_hz), np.log(KNOTS_HZ)
        return np.exp(np.interp(at, knots, np.log(self.factors.get(name, (1.0,) * knots.size))))


def fitted_room(
    room: Room,
    dimensions: FloatArray,
    factors: Mapping[str, tuple[float, ...]],
    taped: Room | None = None,
) -> FittedRoom:
    """A room with other sizes (width, length, height) and factors on its admittances. taped: the
    room as surveyed, where `room` differs from it.
    """
    width, length, height = (float(v) for v in dimensions)
    sized = room.resized(width, length, height)
    known = {f.name: getattr(sized, f.name) for f in fields(Room)}
    surveyed = surveyed_room(taped or room)
    return FittedRoom(**known, factors=dict(factors), surveyed=surveyed)


def surveyed_room(room: Room) -> Room:
    """The room as the tape has it, whether or not a fit has changed it."""
    return room.surveyed if isinstance(room, FittedRoom) and room.surveyed else room
