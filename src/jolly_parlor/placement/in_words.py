"""What a picture shows, in words, for whoever cannot see it: what stands where, and where a curve
is far from even.
"""

from collections.abc import Sequence

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.units import UnitSystem, format_length, with_minus
from jolly_parlor.words import capital, spoken, tr

_LEAST_DB = 1.0
"""Nearer to even than that is no hill."""


def extremes(
    frequencies_hz: FloatArray, deviation_db: FloatArray, most: int = 3
) -> tuple[list[tuple[float, float]], list[tuple[float, float]]]:
    """The largest hills and hollows, each (Hz, dB), farthest from even first: between two crossings
    of even there is one, at its farthest.
    """
    above = np.sign(deviation_db)
    starts = np.flatnonzero(np.diff(above, prepend=2.0))
    hills: list[tuple[float, float]] = []
    hollows: list[tuple[float, float]] = []
    for start, end in zip(starts, [*starts[1:], len(above)], strict=True):
        at = start + int(np.argmax(np.abs(deviation_db[start:end])))
        found = float(frequencies_hz[at]), float(deviation_db[at])
        if abs(found[1]) >= _LEAST_DB:
            (hills if found[1] > 0 else hollows).append(found)
    hills.sort(key=lambda one: -one[1])
    hollows.sort(key=lambda one: one[1])
    return hills[:most], hollows[:most]


def curve_words(of: Deviation, most: int = 3) -> str:
    """Hills and hollows of the judged band."""
    band = of.in_band
    hills, hollows = extremes(of.frequencies_hz[band], of.deviation_db[band], most)
    told = [tr("Judged {low_hz:.0f} to {high_hz:.0f} Hz.", low_hz=of.low_hz, high_hz=of.high_hz)]
    for name, some in ((tr("Hills"), hills), (tr("Hollows"), hollows)):
        told.append(
            f"{name}: {_listed(some)}." if some else tr("No {name} over 1 dB.", name=name.lower())
        )
    return " ".join(told)


def place_words(room: Room, at: Point, units: UnitSystem) -> str:
    """Where something stands, from the walls as the listener faces them."""
    frame = room.frame
    return tr(
        "{x} from the left wall, {y} from the front wall, {z} high",
        x=format_length(at.x - frame.left, units),
        y=format_length(at.y - frame.front, units),
        z=format_length(at.z, units),
    )


def plan_words(room: Room, gear: Gear, a: Arrangement | None, units: UnitSystem) -> list[str]:
    """What stands where, a line each: room, loudspeakers, seats, desk, openings, things."""
    sizes = [format_length(size, units) for size in (room.width, room.length, room.height)]
    told = [
        tr(
            "{name}: {sizes} wide, {sizes2} long, {sizes3} high.",
            name=room.name,
            sizes=sizes[0],
            sizes2=sizes[1],
            sizes3=sizes[2],
        )
    ]
    if a is not None:
        told.append(tr("Arrangement: {name}.", name=a.name))
        for one in gear.loudspeakers:
            words = loudspeaker(one.id).words
            told.append(f"{capital(spoken(words))}: {place_words(room, a.places[one.id], units)}.")
        told += [
            tr(
                "Ear at the {name}: {place_words}.",
                name=name,
                place_words=place_words(room, at, units),
            )
            for name, at in a.seats.items()
        ]
        if a.desk is not None and gear.desk is not None:
            told.append(
                tr(
                    "Desk: its front left corner {x} from the left wall, {y} from the front wall.",
                    x=format_length(a.desk.x - room.frame.left, units),
                    y=format_length(a.desk.y - room.frame.front, units),
                )
            )
    for opening in room.openings:
        told.append(
            tr(
                "{capital} in the {wall} wall: {start} from its end, {width} wide.",
                capital=capital(spoken(opening.kind)),
                wall=opening.wall,
                start=format_length(opening.start, units),
                width=format_length(opening.width, units),
            )
        )
    for thing in room.things:
        told.append(
            tr(
                "{capital}: {width} by {depth}, corner {place_words}.",
                capital=capital(thing.name),
                width=format_length(thing.width, units),
                depth=format_length(thing.depth, units),
                place_words=place_words(room, Point(thing.x, thing.y, thing.z), units),
            )
        )
    return told


def _listed(some: Sequence[tuple[float, float]]) -> str:
    return ", ".join(
        with_minus(tr("{level:+.1f} dB at {hertz:.0f} Hz", level=level, hertz=hertz))
        for hertz, level in some
    )
