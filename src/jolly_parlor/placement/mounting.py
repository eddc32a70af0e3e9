"""Where a subwoofer may be put besides the floor: on a wall, or hung under the ceiling."""

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.floor_space import filled_between
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.loudspeakers import MOUNTS, Model, Mount
from jolly_parlor.units import UnitSystem, format_length
from jolly_parlor.words import tr

_LOWEST_METRES, _STEP_METRES, _HUNG_STEP_METRES = 0.6, 0.5, 0.45
_NEAR_METRES, _STAND_METRES = 0.02, 0.3


def hung_height(room: Room, sub: Model, x: FloatArray, y: FloatArray) -> FloatArray:
    """Of a subwoofer's middle right under the ceiling."""
    return np.asarray(room.ceiling_at(x, y) - (sub.height - sub.centre_height))


def wall_heights(room: Room, sub: Model) -> FloatArray:
    """Heights of its middle at which it is tried on a wall, (n,), half a metre apart."""
    low = max(_LOWEST_METRES, sub.height / 2)
    high = room.height - sub.height / 2 - _NEAR_METRES
    return np.arange(low, high, _STEP_METRES)


def thinned(places: FloatArray) -> FloatArray:
    """Floor places (n, 2) about `_HUNG_STEP_METRES` apart: a ceiling is wide."""
    cells = np.round(places / _HUNG_STEP_METRES).astype(int)
    _, first = np.unique(cells, axis=0, return_index=True)
    return places[np.sort(first)]


def clear_of_things(room: Room, sub: Model, places: FloatArray) -> NDArray[np.bool_]:
    """Which middles (n, 3) leave a cabinet clear of things, slopes and what is kept free."""
    half = np.array([sub.width, sub.depth]) / 2
    free = np.ones(len(places), dtype=bool)
    for z in np.unique(places[:, 2]):
        low = z - sub.centre_height
        here = places[:, 2] == z
        for area in filled_between(room, low, low + sub.height - _NEAR_METRES):
            corner = np.array([area.x, area.y])
            beyond = corner + np.array([area.width, area.depth])
            off = (places[:, :2] + half <= corner) | (places[:, :2] - half >= beyond)
            free &= ~here | np.any(off, axis=1)
    return free


def mount_of(room: Room, sub: Model, at: Point) -> Mount:
    """How it is held where its middle is there; a hand's breadth up it stands on something."""
    if at.z < sub.centre_height + _STAND_METRES:
        return "floor"
    hung = float(hung_height(room, sub, np.array(at.x), np.array(at.y)))
    return "ceiling" if abs(at.z - hung) < _NEAR_METRES else "wall"


def mount_words(room: Room, sub: Model, at: Point, units: UnitSystem) -> str:
    """Nothing for one on the floor; else how it is held, and how high its middle is."""
    mount = mount_of(room, sub, at)
    return (
        ""
        if mount == "floor"
        else tr("{mounts}, {z} high", mounts=MOUNTS[mount], z=format_length(at.z, units))
    )
