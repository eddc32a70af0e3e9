"""Each boundary by itself: what its reflection does at the ear, and what its nearness does at the
source.
"""

from dataclasses import dataclass

from jolly_parlor.acoustics.geometry.image_sources import (
    Reflection,
    board_reflection,
    first_cancellation_at_source_hz,
    first_reflections,
)
from jolly_parlor.diagnosis.marks import taped_metres
from jolly_parlor.placement.items import Item
from jolly_parlor.placement.radiating import heard_from
from jolly_parlor.placement.setup import Setup

LOW_HZ, TOP_HZ = 20.0, 700.0


@dataclass(frozen=True)
class Path:
    """One boundary and one source: the path at the ear, and the distance at the source."""

    boundary: str
    reflection: Reflection
    cancellations_hz: tuple[float, ...]
    """At the ear: the excess path is an odd number of half waves; 20 to 700 Hz."""
    reinforcements_hz: tuple[float, ...]
    """At the ear: the excess path is a whole number of waves; 20 to 700 Hz."""
    distance_metres: float
    """From the cabinet's face to the boundary, as a tape has it."""
    heard_metres: float
    """From where it is heard from at low frequencies to the boundary."""
    source_cancellation_hz: float | None
    """c / 4d, d from where it is heard from: where a boundary behind the source first cancels for a
    listener straight ahead, and from where down it loads the source for everyone. None for a source
    on the boundary.
    """


def paths(setup: Setup, source: Item, seat: str) -> list[Path]:
    """Every boundary and the desk, where its reflection exists, shortest excess path first.

    source: a loudspeaker. Raises Refused for one there is not.
    """
    room, arrangement = setup.room, setup.arrangement
    ear, c = arrangement.seats[seat], room.speed_of_sound
    place = heard_from(setup, source.id)
    found = list(first_reflections(room, place, ear))
    at_face = first_reflections(room, arrangement.position(source), ear)
    taped = taped_metres(at_face)
    board = arrangement.board(setup.gear.desk)
    desk = board_reflection(board, place, ear, c) if board else None
    if desk is not None:
        found.append(desk)
    rows = []
    for reflection in found:
        d = reflection.wall_metres
        rows.append(
            Path(
                reflection.boundary,
                reflection,
                tuple(reflection.cancellations_hz(LOW_HZ, TOP_HZ)),
                tuple(reflection.reinforcements_hz(LOW_HZ, TOP_HZ)),
                taped.get(reflection.boundary, d),
                d,
                first_cancellation_at_source_hz(d, c) if d > 0.01 else None,
            )
        )
    return sorted(rows, key=lambda row: row.reflection.excess_metres)
