"""The empty box around a room: what answers until a room of another shape is worked out."""

import numpy as np

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Room, Surface


def box_around(room: Room) -> Room:
    """The box that just holds the room, with nothing in it. Its walls absorb as those of the room
    do that stand in their direction, weighted by area, with what is set into them.
    """
    lined = {name: Surface("mean", _absorption(room, name)) for name in SURFACE_NAMES}
    width, length, height = room.dimensions
    temperature = room.temperature_celsius
    return box_room(room.name, width, length, height, lined, temperature_celsius=temperature)


def _absorption(room: Room, side: str) -> tuple[float, ...]:
    total, area = np.zeros(7), 0.0
    for name in room.surface_names:
        if room.direction_of(name) != side:
            continue
        for size, bands in room.pieces_of(name):
            total += size * bands
        area += room.surface_area(name)
    if area == 0.0:  # no wall in this direction: as its opposite number's neighbours on the whole
        every = [room.surfaces[key].octave_absorption() for key in room.wall_keys]
        return tuple(float(v) for v in np.mean(every, axis=0))
    return tuple(float(v) for v in np.clip(total / area, 0.0, 1.0))
