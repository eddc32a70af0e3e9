"""Where monitors and seat may stand at all, beyond what makes a triangle: the wishes of use."""

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.frame import Frame
from jolly_parlor.acoustics.room import KeepOut, Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.words import tr

HALF_SHARE = 0.05
_WAY_METRES = 0.9
AT_DESK_METRES = (0.12, 0.31)
"""From the desk's near edge to an ear, of one who works at it."""
STAYS_METRES = 0.03
WAY = tr("way to the door")


def monitors_may_stand(
    wishes: Wishes, gear: Gear, frame: Frame, fronts: FloatArray, here: FloatArray | None
) -> NDArray[np.bool_]:
    """Which distances from the wall faced (metres) monitors may have. here: where left, right and
    the main ear are now, (3, 3) from the wall faced, or None.
    """
    keep = fronts <= wishes.farthest_monitors + 1e-6
    if wishes.off_half:
        keep &= np.abs(fronts / frame.depth - 0.5) >= HALF_SHARE
    if wishes.desk_at_wall and gear.desk is not None:
        keep &= fronts <= gear.desk.depth + 1e-6
    if wishes.keep_monitors and here is not None:
        keep &= np.abs(fronts - here[:2, 1].mean()) <= STAYS_METRES
    return np.asarray(keep)


def seat_may_stand(
    wishes: Wishes, gear: Gear, frame: Frame, ears: FloatArray, here: FloatArray | None
) -> NDArray[np.bool_]:
    """Which distances from the wall faced (metres) the main ear may have."""
    keep = ears <= wishes.farthest_seat + 1e-6
    if wishes.off_half:
        keep &= np.abs(ears / frame.depth - 0.5) >= HALF_SHARE
    if wishes.desk_at_wall and gear.desk is not None:
        near, far = AT_DESK_METRES
        keep &= (ears >= gear.desk.depth + near) & (ears <= gear.desk.depth + far)
    if wishes.keep_seat and here is not None:
        keep &= np.abs(ears - here[2, 1]) <= STAYS_METRES
    return np.asarray(keep)


def spacings_may_be(
    wishes: Wishes, sides: FloatArray, here: FloatArray | None
) -> NDArray[np.bool_]:
    """Which spacings the pair may have."""
    if wishes.keep_monitors and here is not None:
        return np.asarray(np.abs(sides - abs(here[1, 0] - here[0, 0])) <= STAYS_METRES)
    return np.ones(sides.shape, dtype=bool)


def with_clear_ways(room: Room, wishes: Wishes) -> Room:
    """The room with the floor before each door kept free, where that is wished."""
    if not wishes.clear_way:
        return room
    ways = []
    for opening in room.openings:
        if opening.kind == "window":
            continue
        (x0, y0), (x1, y1) = room.span_of(opening)
        low, high = (min(x0, x1), min(y0, y1)), (max(x0, x1), max(y0, y1))
        way = room.direction_of(room.side_of(opening))
        if way in ("front", "back"):
            y = low[1] if way == "front" else low[1] - _WAY_METRES
            ways.append(KeepOut(WAY, low[0], max(y, 0.0), high[0] - low[0], _WAY_METRES))
        else:
            x = low[0] if way == "left" else low[0] - _WAY_METRES
            ways.append(KeepOut(WAY, max(x, 0.0), low[1], _WAY_METRES, high[1] - low[1]))
    return replace(room, keep_outs=(*room.keep_outs, *ways))


def standing_now(present: Arrangement | None, seat: str, frame: Frame) -> FloatArray | None:
    """Left, right and the main ear, (3, 3), y from the wall faced."""
    if present is None or seat not in present.seats:
        return None
    at = np.array([p.array() for p in (present.left, present.right, present.seats[seat])])
    return np.asarray(at - [0.0, frame.front, 0.0])
