"""The simplest gear and arrangement there are: a pair and a seat."""

from jolly_parlor.acoustics.room import Point
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear, Seat
from jolly_parlor.placement.loudspeakers import Loudspeaker, Model, Slope


def pair(low_corner_hz: float, slope: Slope = 24, ear: float = 1.2) -> Gear:
    """Small monitors."""
    model = Model("pair", "m", 0.2, 0.25, 0.33, low_corner_hz, slope, 0.2)
    both = (Loudspeaker("left", "left", "pair"), Loudspeaker("right", "right", "pair"))
    return Gear((model,), both, (Seat("seat", ear),))


def triangle(left: Point, right: Point, ear: Point) -> Arrangement:
    """Where they stand."""
    return Arrangement("triangle", {"left": left, "right": right}, {"seat": ear})
