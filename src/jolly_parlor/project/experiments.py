"""Takes of a document that differ from one another in one thing only."""

from jolly_parlor.diagnosis.moves import Experiment, experiments
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import GRID_HZ, Deviation, deviation
from jolly_parlor.placement.forecast import Combination, lowest_corner_hz
from jolly_parlor.project.comparison import measured_deviation
from jolly_parlor.project.document import Document


def experiments_of(
    document: Document, arrangement: Arrangement, seat: str, combination: Combination
) -> list[Experiment]:
    """Experiments that an arrangement's take at a seat is part of: against takes of other
    arrangements, and against takes of its own from before something was moved.
    """
    others = []
    for other in document.arrangements:
        if other.name != arrangement.name and seat in other.seats:
            measured = measured_deviation(document, other, seat, combination)
            if measured is not None:
                others.append((other, measured))
    others += _earlier(document, arrangement, seat, combination)
    return experiments(arrangement, seat, combination, others)


def _earlier(
    document: Document, arrangement: Arrangement, seat: str, combination: Combination
) -> list[tuple[Arrangement, Deviation]]:
    """Single takes of the same arrangement that no longer apply."""
    low = lowest_corner_hz(document.gear, combination)
    found = []
    for take in document.takes:
        same = take.info.placed.name == arrangement.name and take.info.seat == seat
        if not same or take.info.source != combination or take.applies_to(arrangement):
            continue
        if take.usable and take.response.covers(low, float(GRID_HZ[-1])):
            found.append((take.info.placed, deviation(take.response, low)))
    return found
