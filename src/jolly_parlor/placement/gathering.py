"""Where pressure gathers in a room at one frequency, for whoever treats what is left: every corner
of the plan, at floor and ceiling, and the middles of the walls, as the loudspeakers drive it.
"""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import mixed
from jolly_parlor.words import tr

_INSET = 0.06
_MOST = 3


@dataclass(frozen=True)
class Gathering:
    """One place where much gathers."""

    where: str
    at: Point
    over_ear_db: float
    """Above what is heard at the ear, at that frequency."""


def candidates(room: Room) -> list[tuple[str, Point]]:
    """Corners of the plan, low and high, and the middles of walls, low: each a little inside."""
    keys, found = room.wall_keys, []
    edges = [np.array(room.edge_of(key)) for key in keys]
    inwards = [_inward(room, edge) for edge in edges]
    for n, key in enumerate(keys):
        corner = edges[n][1]
        after = (n + 1) % len(keys)
        inner = corner + _INSET * (inwards[n] + inwards[after])
        words = tr(
            "corner of {words_of} and {words_of2}",
            words_of=room.words_of(key),
            words_of2=room.words_of(keys[after]),
        )
        lid = float(room.ceiling_at(np.array(inner[0]), np.array(inner[1])))
        for level, z in (("floor", _INSET), ("ceiling", lid - _INSET)):
            found.append(
                (
                    tr("{words}, at the {level}", words=words, level=level),
                    Point(float(inner[0]), float(inner[1]), z),
                )
            )
        middle = edges[n].mean(axis=0) + _INSET * inwards[n]
        found.append(
            (
                tr("middle of {words_of}", words_of=room.words_of(key)),
                Point(float(middle[0]), float(middle[1]), _INSET),
            )
        )
    return [(words, at) for words, at in found if room.has_air_at(at)]


def _inward(room: Room, edge: FloatArray) -> FloatArray:
    """Across a wall into the room, a unit step."""
    along = edge[1] - edge[0]
    across = np.array([-along[1], along[0]]) / np.hypot(*along)
    middle = edge.mean(axis=0) + _INSET * across
    inside = room.contains(Point(float(middle[0]), float(middle[1]), 0.5))
    return np.asarray(across if inside else -across)


def gathers(
    forecaster: Forecaster, case: Case, frequency_hz: float, most: int = _MOST
) -> list[Gathering]:
    """The places with most pressure, loudest first."""
    at = int(np.argmin(np.abs(forecaster.frequencies_hz - frequency_hz)))
    tried = candidates(forecaster.room)
    points = np.array([p.array() for _, p in tried] + [case.ear.array()])
    forecaster.field.expect(points)
    f = forecaster.frequencies_hz
    names, owner = case.mix.loudspeakers, np.zeros(len(points), dtype=np.intp)
    heard = forecaster.from_arrangements(names, [case.arrangement], owner, points)
    sources = {name: p * forecaster.drive_of(name) for name, p in heard.items()}
    total = np.abs(mixed(case.mix, case.arrangement.chains, f, sources)[:, at])
    level = 20 * np.log10(np.maximum(total, 1e-12))
    order = np.argsort(-level[:-1])[:most]
    return [
        Gathering(tried[n][0], tried[n][1], float(level[n] - level[-1])) for n in map(int, order)
    ]
