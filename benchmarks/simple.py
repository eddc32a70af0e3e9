"""The simplest gear and arrangement there are, a pair and a seat, and how people err with them."""

import numpy as np

from jolly_parlor.acoustics.room import Point
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear, Seat
from jolly_parlor.placement.loudspeakers import Loudspeaker, Model, Slope
from jolly_parlor.signals.response import Response

PLACE_METRES, LEVEL_DB = 0.01, 0.5


def pair(low_corner_hz: float, slope: Slope = 24, ear: float = 1.2) -> Gear:
    """Small monitors."""
    model = Model("pair", "m", 0.2, 0.25, 0.33, low_corner_hz, slope, 0.2)
    both = (Loudspeaker("left", "left", "pair"), Loudspeaker("right", "right", "pair"))
    return Gear((model,), both, (Seat("seat", ear),))


def triangle(left: Point, right: Point, ear: Point) -> Arrangement:
    """Where they stand."""
    return Arrangement("triangle", {"left": left, "right": right}, {"seat": ear})


def misplaced(point: Point, rng: np.random.Generator) -> Point:
    """About a centimetre off."""
    return Point(*(float(v) for v in point.array() + rng.normal(0, PLACE_METRES / np.sqrt(3), 3)))


def with_error(hz: np.ndarray, pressure: np.ndarray, rng: np.random.Generator) -> Response:
    """Through a microphone that is half a decibel off, slowly over frequency."""
    octaves = np.log2(hz / hz[0])
    off = np.interp(octaves, np.linspace(0, octaves[-1], 9), rng.normal(0, LEVEL_DB, 9))
    return Response(hz, 20 * np.log10(np.abs(pressure)) + off)
