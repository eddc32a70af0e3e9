"""Dips whose cause is known by construction: only one surface reflects. Is it named first?"""

import numpy as np
from simple import pair, triangle

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.image_sources import mirror
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Surface
from jolly_parlor.diagnosis.findings import findings_of_take
from jolly_parlor.placement.evenness import deviation
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import LEFT_ALONE
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.signals.response import Response

_HZ = np.geomspace(18.0, 320.0, 300)
_DEEP_DB = -6.0
_ROOMS = 60


def share_named(seed: int) -> list[str]:
    """A row of the table: how many of the dips deeper than 6 dB have their surface named first."""
    right = total = 0
    for number in range(_ROOMS):
        rng = np.random.default_rng([seed, 9, number])
        surface = SURFACE_NAMES[number % 6]
        good, count = _one(rng, surface)
        right, total = right + good, total + count
    share = 100 * right / max(total, 1)
    return [
        f"| Dips deeper than 6 dB, one surface reflecting: right cause first ({total} dips) "
        f"| 85 % | {share:.0f} % |"
    ]


def _one(rng: np.random.Generator, surface: str) -> tuple[int, int]:
    """One room with one hard surface; the sound is the direct one and that surface's image."""
    size = rng.uniform([3.4, 4.4, 2.4], [5.2, 7.0, 3.0])
    surfaces = {n: Surface("own", ((0.03 if n == surface else 0.95),) * 7) for n in SURFACE_NAMES}
    room = box_room("one wall", *map(float, size), surfaces)
    gear = pair(40.0)
    speaker = Point(*(float(v) for v in rng.uniform([0.6, 0.4, 0.9], [1.4, 1.6, 1.4])))
    ear = Point(*(float(v) for v in rng.uniform([1.4, 2.4, 1.1], [2.4, 3.4, 1.3])))
    other = Point(room.width - speaker.x, speaker.y, speaker.z)
    forecaster = Forecaster(room, gear)
    here = forecaster.case(triangle(speaker, other, ear), "seat", LEFT_ALONE)
    k = 2 * np.pi * _HZ / room.speed_of_sound
    image = mirror(room, surface, speaker)
    direct, bounced = speaker.distance(ear), image.distance(ear)
    pressure = np.exp(-1j * k * direct) / direct + 0.98 * np.exp(-1j * k * bounced) / bounced
    judged = deviation(Response.from_pressure(_HZ, pressure), 40.0)
    found = findings_of_take(judged, forecaster, here, Wishes())
    deep = [f for f in found if f.feature.kind == "hollow" and f.feature.level_db < _DEEP_DB]
    lanes = {
        "front": "front wall",
        "back": "back wall",
        "left": "side walls",
        "right": "side walls",
    }
    wanted = lanes.get(surface, surface)
    right = sum(bool(f.causes) and f.causes[0].mark.lane == wanted for f in deep)
    return right, len(deep)
