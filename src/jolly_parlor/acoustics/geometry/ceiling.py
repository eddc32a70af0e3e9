"""The ceiling of a room: flat, or with slopes that rise from walls."""

from collections.abc import Mapping
from functools import cached_property

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.plan import Corner, Polygon, direction, inside, inward
from jolly_parlor.acoustics.geometry.room_parts import KeepOut, Slope
from jolly_parlor.words import tr

LOW = tr("the sloped ceiling")
"""What floor under a ceiling too low is called."""
_SAMPLES = 240


class Ceiling:
    """walls: the stretch of the plan of each by name. Metres."""

    def __init__(
        self,
        plan: Polygon,
        height: float,
        slopes: tuple[Slope, ...],
        walls: Mapping[str, tuple[Corner, Corner]],
    ) -> None:
        self._plan, self._height, self._slopes, self._walls = plan, height, slopes, walls
        self._width, self._length = (max(corner[axis] for corner in plan) for axis in (0, 1))

    def at(self, x: FloatArray, y: FloatArray) -> FloatArray:
        """Its height over places of the plan."""
        height = np.full(np.shape(x), self._height)
        for slope in self._slopes:
            edge = self._walls[slope.wall]
            (x0, y0), (in_x, in_y) = edge[0], inward(edge)
            away = np.abs((x - x0) * in_x + (y - y0) * in_y)
            risen = slope.knee + (self._height - slope.knee) * away / slope.reach
            height = np.minimum(height, risen)
        return height

    @cached_property
    def samples(self) -> tuple[FloatArray, FloatArray]:
        """Its height, and its area over the floor's, over an even sample of the plan."""
        sizes = (self._width, self._length)
        x, y = np.meshgrid(*((np.arange(_SAMPLES) + 0.5) / _SAMPLES * size for size in sizes))
        height = self.at(x, y)
        down, across = np.gradient(height, self._length / _SAMPLES, self._width / _SAMPLES)
        within = inside(self._plan, x, y)
        return height[within], np.sqrt(1 + down**2 + across**2)[within]

    def lower_than(self, high: float) -> tuple[KeepOut, ...]:
        """Floor over which it is lower than a height; slopes from walls along an axis."""
        found = []
        for slope in self._slopes:
            if slope.knee >= high:
                continue
            edge = self._walls[slope.wall]
            rise = self._height - slope.knee
            deep = slope.reach * min((high - slope.knee) / rise, 1.0) if rise > 0 else slope.reach
            across = min(deep, self._width), min(deep, self._length)
            x0, y0 = edge[0]
            found.append(
                {
                    "left": KeepOut(LOW, x0, 0.0, across[0], self._length),
                    "right": KeepOut(LOW, max(x0 - deep, 0.0), 0.0, across[0], self._length),
                    "front": KeepOut(LOW, 0.0, y0, self._width, across[1]),
                    "back": KeepOut(LOW, 0.0, max(y0 - deep, 0.0), self._width, across[1]),
                }[direction(edge)]
            )
        return tuple(found)
