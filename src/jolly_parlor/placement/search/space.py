"""What is searched: the grid of arrangements and the limits they keep."""

from dataclasses import dataclass
from functools import cached_property
from math import ceil, sqrt

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.floor_space import filled_between, solids_between
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.schools import back_to_wall_distance
from jolly_parlor.placement.search.limits import (
    monitors_may_stand,
    seat_may_stand,
    spacings_may_be,
)
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.standing import clear_of_desk, monitor_footprint
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

HEAD_SHIFT = 0.15
"""Metres that a head moves forward and back; the grid's step divides it (see `fitting_step`)."""


_LAP_METRES, _CROWN_METRES = 0.9, 0.15
"""What is solid between the lap (a desk is lower) and 15 cm above the ear leaves no seat."""
_BESIDE = 0.20  # metres between the lines tried beside the middle


def fitting_step(step: float) -> float:
    """The nearest step that divides the head's 15 cm, so that its points fall on the grid.

    Raises Refused for a step that makes no sense.
    """
    if not 0.002 <= step <= 0.2:
        raise Refused(
            tr("A search step of {step:g} m makes no sense; give 0.005 to 0.2.", step=step)
        )
    return HEAD_SHIFT / max(round(HEAD_SHIFT / step), 1)


@dataclass(frozen=True, eq=False)
class Space:
    """The grid: fronts (monitors from the front wall) by depths (monitors to ear along the room)
    by sides (spacing) by heights. A spacing is only paired with depths that make a triangle.
    """

    room: Room
    gear: Gear
    wishes: Wishes
    step: float
    fronts: FloatArray
    depths: FloatArray
    heights: tuple[float, ...]
    off_middle: float = 0.0
    """How far the triangle stands to the right of the room's middle line."""
    here: FloatArray | None = None
    """Where left, right and the main ear are now, (3, 3) from the wall faced."""

    @classmethod
    def of(
        cls,
        room: Room,
        gear: Gear,
        wishes: Wishes,
        step: float,
        off_middle: float = 0.0,
        here: FloatArray | None = None,
    ) -> "Space":
        """The grid of a room at about that step in metres. Raises Refused when nothing fits."""
        step = fitting_step(step)
        if problem := wishes.problem():
            raise Refused(problem)
        start = back_to_wall_distance(gear) + wishes.front_gap
        widest = 1 + wishes.equilateral_tolerance
        shallowest = wishes.nearest * sqrt(max(1 - 0.25 * widest**2, 0.0))
        last_seat = room.frame.depth - wishes.behind_head
        fronts = np.arange(start, max(last_seat - shallowest, start), step)
        deepest = wishes.furthest * sqrt(1 - 0.25 * (1 - wishes.equilateral_tolerance) ** 2)
        depths = np.arange(max(ceil(shallowest / step), 1) * step, deepest + 1e-9, step)
        ear, change = gear.seats[0].ear_height, wishes.height_change
        every = sorted({ear - change, ear, ear + change})
        heights = tuple(z for z in every if 0.3 < z < room.height - 0.2)
        space = cls(room, gear, wishes, step, fronts, depths, heights, off_middle, here)
        if fronts.size == 0 or space.count == 0:
            raise Refused(
                tr(
                    "No triangle of monitors and seat fits into this room within these "
                    "limits; loosen a limit or take away a keep-out area."
                )
            )
        return space

    @property
    def middle(self) -> float:
        """The triangle's own middle line, x on the plan."""
        return self.room.frame.middle + self.off_middle

    @property
    def ahead(self) -> tuple[float, float]:
        """From a monitor to where it is heard from: back into the room and inwards, metres; as in
        a triangle of equal sides, whatever its shape, since others turn it by little.
        """
        metres = self.gear.monitor.ahead()
        return metres * sqrt(3) / 2, metres / 2

    @property
    def front(self) -> float:
        """The wall faced, y on the plan; `fronts` count from it."""
        return self.room.frame.front

    @cached_property
    def all_sides(self) -> FloatArray:
        """Every spacing that any depth takes, metres, evenly stepped."""
        room = self.room.frame.width - 2 * abs(self.off_middle)
        widest = room - self.gear.monitor.width - 2 * self.wishes.side_gap
        return np.arange(self.step * ceil(0.5 / self.step), widest + 1e-9, self.step)

    def columns(self, depth: float) -> slice:
        """Which of `all_sides` make a triangle of that depth within the limits."""
        wishes, every = self.wishes, self.all_sides
        away = np.sqrt(depth**2 + (every / 2) ** 2)
        keep = np.abs(every / away - 1) <= wishes.equilateral_tolerance + 1e-9
        keep &= (away >= wishes.nearest - 1e-9) & (away <= wishes.furthest + 1e-9)
        where = np.flatnonzero(keep)
        # Spacing over distance grows with spacing, so what is kept is one stretch.
        return slice(int(where[0]), int(where[-1]) + 1) if where.size else slice(0, 0)

    def fronts_for(self, depth: float) -> int:
        """How many of the fronts leave the head its room behind."""
        last = self.room.frame.depth - self.wishes.behind_head
        return int(np.sum(self.fronts + depth <= last + 1e-9))

    def allowed(self, depth: float, height: float) -> NDArray[np.bool_]:
        """Which pairs (fronts_for, columns) of that depth may stand: nothing in a keep-out area or
        a door's swing, no cabinet inside the desk.
        """
        count, columns = self.fronts_for(depth), self.columns(depth)
        return np.asarray(
            self._monitors_fit[:count, columns]
            & self._seat_fits(self.fronts[:count] + depth)[:, None]
            & clear_of_desk(self.gear, self.fronts[:count], depth, height)[:, None]
        )

    @cached_property
    def count(self) -> int:
        """How many arrangements the grid holds."""
        return sum(
            int(np.sum(self.allowed(float(d), z))) for z in self.heights for d in self.depths
        )

    @cached_property
    def _monitors_fit(self) -> NDArray[np.bool_]:
        """Which pairs of front and spacing keep both cabinets out of kept-free floor."""
        middle, ys = self.middle, self.front + self.fronts
        may = monitors_may_stand(self.wishes, self.gear, self.room.frame, self.fronts, self.here)
        fits = may[:, None] & spacings_may_be(self.wishes, self.all_sides, self.here)[None, :]
        lowest = min(self.heights) - self.gear.monitor.centre_height
        highest = max(self.heights) - self.gear.monitor.centre_height + self.gear.monitor.height
        for area in filled_between(self.room, lowest, highest):
            for sign in (-1, 1):
                xs = middle + sign * self.all_sides / 2
                x0, y0, x1, y1 = monitor_footprint(self.gear, xs[None, :], ys[:, None])
                fits &= ~(
                    (x1 > area.x)
                    & (x0 < area.x + area.width)
                    & (y1 > area.y)
                    & (y0 < area.y + area.depth)
                )
        return fits

    def _seat_fits(self, ys: FloatArray) -> NDArray[np.bool_]:
        fits = seat_may_stand(self.wishes, self.gear, self.room.frame, ys, self.here)
        middle, ys = self.middle, self.front + ys
        head, room = self.gear.seats[0].ear_height, self.room
        in_the_way = (*solids_between(room, _LAP_METRES, head + _CROWN_METRES), *room.outside)
        for area in (*self.room.keep_outs, *in_the_way):
            if area.x <= middle <= area.x + area.width:
                fits &= ~((ys >= area.y) & (ys <= area.y + area.depth))
        return fits


def spaces(
    room: Room, gear: Gear, wishes: Wishes, step: float, here: FloatArray | None = None
) -> list[Space]:
    """The grids to search: one on the middle line, and more beside it where that is wished. here:
    as of a Space.

    Raises Refused when nothing fits on any.
    """
    offsets = [0.0]
    if not wishes.middle_line:
        reach = room.frame.width / 2 - 0.4
        offsets += [s * d for d in np.arange(_BESIDE, reach, _BESIDE).tolist() for s in (-1, 1)]
    found, why = [], ""
    for offset in offsets:
        try:
            found.append(Space.of(room, gear, wishes, step, offset, here))
        except Refused as error:
            why = why or str(error)
    if not found:
        raise Refused(why)
    return found
