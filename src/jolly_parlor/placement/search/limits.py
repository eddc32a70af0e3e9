"""Where monitors and seat may stand at all, beyond what makes a triangle: the wishes of use."""

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.frame import Frame
from jolly_parlor.acoustics.geometry.room import KeepOut, Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.words import tr

_HALF_SHARE = 0.05
_WAY_METRES = 0.9
_AT_DESK_METRES = (0.12, 0.31)
"""From the desk's near edge to an ear, of one who works at it."""
STAYS_METRES = 0.03
SLACK = 0.011
"""A centimetre's rounding, of places that were set to the half centimetre."""
_ROUNDED = 1e-6
WAY = tr("way to the door")


def monitors_missed(
    wishes: Wishes, gear: Gear, frame: Frame, fronts: FloatArray
) -> dict[str, FloatArray]:
    """By how many metres distances of the monitors from the wall faced (metres) miss each limit
    there is, by its field; nothing or less where it is kept.
    """
    found = {"farthest_monitors": fronts - wishes.farthest_monitors}
    if wishes.off_half:
        found["off_half"] = _within_half(frame, fronts)
    if wishes.desk_at_wall and gear.desk is not None:
        found["desk_at_wall"] = fronts - gear.desk.depth
    return found


def seat_missed(
    wishes: Wishes, gear: Gear, frame: Frame, ears: FloatArray
) -> dict[str, FloatArray]:
    """The same of distances of the main ear."""
    found = {"farthest_seat": ears - wishes.farthest_seat}
    if wishes.off_half:
        found["off_half"] = _within_half(frame, ears)
    if wishes.desk_at_wall and gear.desk is not None:
        near, far = (gear.desk.depth + reach for reach in _AT_DESK_METRES)
        found["desk_at_wall"] = np.maximum(near - ears, ears - far)
    return found


def monitors_may_stand(
    wishes: Wishes, gear: Gear, frame: Frame, fronts: FloatArray, here: FloatArray | None
) -> NDArray[np.bool_]:
    """Which distances from the wall faced (metres) monitors may have. here: where left, right and
    the main ear are now, (3, 3) from the wall faced, or None.
    """
    keep = _kept(monitors_missed(wishes, gear, frame, fronts))
    if wishes.keep_monitors and here is not None:
        keep &= np.abs(fronts - here[:2, 1].mean()) <= STAYS_METRES
    return keep


def seat_may_stand(
    wishes: Wishes, gear: Gear, frame: Frame, ears: FloatArray, here: FloatArray | None
) -> NDArray[np.bool_]:
    """Which distances from the wall faced (metres) the main ear may have."""
    keep = _kept(seat_missed(wishes, gear, frame, ears))
    if wishes.keep_seat and here is not None:
        keep &= np.abs(ears - here[2, 1]) <= STAYS_METRES
    return keep


def _within_half(frame: Frame, along: FloatArray) -> FloatArray:
    """How far within the strip about half the length, metres."""
    return np.asarray((_HALF_SHARE - np.abs(along / frame.depth - 0.5)) * frame.depth)


def _kept(missed: dict[str, FloatArray]) -> NDArray[np.bool_]:
    return np.asarray(np.all([by <= _ROUNDED for by in missed.values()], axis=0))


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
