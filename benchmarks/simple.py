"""The simplest gear and arrangement there are, a pair and a seat, and how people err with them."""

from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.geometry.room import Point
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear, Seat
from jolly_parlor.placement.loudspeakers import Loudspeaker, Model, Slope
from jolly_parlor.signals.response import Response

PLACE_METRES, LEVEL_DB = 0.01, 0.5


def pair(low_corner_hz: float, slope: Slope = 24, ear: float = 1.2) -> Gear:
    """Small monitors that radiate from points at their faces, as in these benchmarks' truths."""
    model = Model(
        "pair", "m", 0.2, 0.25, 0.33, low_corner_hz, slope, 0.2, acoustic_centre_ahead=0.0
    )
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


def within(level_db: np.ndarray, low_db: np.ndarray, high_db: np.ndarray) -> np.ndarray:
    """Which points lie in a band, each curve (the last axis) held against its own mean."""
    lift = np.mean((low_db + high_db) / 2 - level_db, axis=-1, keepdims=True)
    return (level_db + lift >= low_db) & (level_db + lift <= high_db)


def put_into_page(mark: str, text: str) -> None:
    """Between the two marks of docs/accuracy.md."""
    page = Path(__file__).parents[1] / "docs" / "accuracy.md"
    head, _, rest = page.read_text("utf-8").partition(mark)
    tail = rest.partition(mark)[2]
    page.write_text(f"{head}{mark}\n{text}{mark}{tail}", "utf-8")
