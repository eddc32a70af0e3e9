"""What stands where while a take is measured, as the devices want to be told."""

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.forecast import head_point
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.project.document import Document, HeadPoint
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.studio.device import Stage, StagedSource


def stage_of(
    document: Document, arrangement: Arrangement, seat: str, point: HeadPoint = "centre"
) -> Stage:
    """All sources of an arrangement and a microphone at a point of the head at a seat.

    Raises Refused for a seat there is not.
    """
    gear = document.gear
    gear.seat(seat)
    sources = {}
    for speaker in gear.loudspeakers:
        model = gear.model_of(speaker.id)
        sources[speaker.id] = StagedSource(
            arrangement.places[speaker.id], model.low_corner_hz, model.low_slope_db_per_octave
        )
    board = arrangement.board(gear.desk)
    microphone = head_point(arrangement.seats[seat], point)
    if not document.room.has_air_at(microphone):
        raise Refused(
            f"The point “{point}” of the head at the {seat} lies beyond a wall or in a thing."
        )
    return Stage(document.room, sources, microphone, board)


def siblings_of(
    document: Document, arrangement: Arrangement, source: str, seat: str
) -> dict[str, Response]:
    """Takes at the same seat of single monitors, to compare a new one with. Only a monitor has
    siblings: a subwoofer, and both together, are rightly of another level.
    """
    if source not in PAIR:
        return {}
    other = loudspeaker(source).twin.id
    take = document.take_of(arrangement, other, seat)
    if take is None or take.info.measured is None:
        return {}
    return {other: take.response}
