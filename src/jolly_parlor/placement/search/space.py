"""What is searched: the grid of arrangements and the limits they keep."""

from dataclasses import dataclass
from math import ceil, sqrt

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.room import Room
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.schools import back_to_wall_distance


@dataclass(frozen=True)
class Limits:
    """What an arrangement must keep. Common practice, no source; metres."""

    nearest: float = 0.8
    furthest: float = 2.2
    """Listening distance, monitor to ear."""
    equilateral_tolerance: float = 0.10
    """How far the spacing may differ from the listening distance, as a share of it."""
    side_gap: float = 0.25
    """From a cabinet's edge to the side wall."""
    behind_head: float = 0.5
    height_change: float = 0.10
    """How far above and below the ear the stands let the monitors go."""


@dataclass(frozen=True, eq=False)
class Space:
    """The grid: fronts (monitors from the front wall) by depths (monitors to ear along the room)
    by sides (spacing) by heights. A spacing is only paired with depths that make a triangle.
    """

    room: Room
    gear: Gear
    limits: Limits
    step: float
    fronts: FloatArray
    depths: FloatArray
    heights: tuple[float, ...]

    @classmethod
    def of(cls, room: Room, gear: Gear, limits: Limits, step: float) -> "Space":
        """The grid of a room at a step in metres. Raises ValueError when nothing fits."""
        if not 0.002 <= step <= 0.2:
            raise ValueError(f"A search step of {step:g} m makes no sense; give 0.005 to 0.2.")
        start = back_to_wall_distance(gear)
        shallowest = limits.nearest * sqrt(1 - 0.25 * (1 + limits.equilateral_tolerance) ** 2)
        last_seat = room.length - limits.behind_head
        fronts = np.arange(start, last_seat - shallowest, step)
        deepest = limits.furthest * sqrt(1 - 0.25 * (1 - limits.equilateral_tolerance) ** 2)
        depths = np.arange(ceil(shallowest / step) * step, deepest + 1e-9, step)
        ear = gear.seats[0].ear_height
        change = limits.height_change
        heights = tuple(z for z in (ear - change, ear, ear + change) if 0.3 < z < room.height - 0.2)
        space = cls(room, gear, limits, step, fronts, depths, heights)
        if fronts.size == 0 or not any(space.sides(d).size for d in depths):
            raise ValueError("No triangle of monitors and seat fits into this room.")
        return space

    def sides(self, depth: float) -> FloatArray:
        """The spacings that make a triangle of that depth within the limits."""
        tolerance, limits = self.limits.equilateral_tolerance, self.limits
        widest = self.room.width - self.gear.monitor.width - 2 * limits.side_gap
        every = np.arange(self.step * ceil(0.5 / self.step), widest + 1e-9, self.step)
        away = np.sqrt(depth**2 + (every / 2) ** 2)
        keep = np.abs(every / away - 1) <= tolerance + 1e-9
        keep &= (away >= limits.nearest) & (away <= limits.furthest)
        return np.asarray(every[keep])

    def fronts_for(self, depth: float) -> FloatArray:
        """The monitor distances that leave the head its room behind."""
        return np.asarray(self.fronts[self.fronts + depth <= self.room.length - 0.5 + 1e-9])

    @property
    def count(self) -> int:
        """How many arrangements the grid holds."""
        each = (self.sides(d).size * self.fronts_for(d).size for d in self.depths)
        return sum(each) * len(self.heights)
