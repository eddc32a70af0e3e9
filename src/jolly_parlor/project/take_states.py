"""How it stands with a take of something at a seat: there or not, and how good."""

from dataclasses import dataclass
from typing import Literal

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.mixes import BOTH_AS_SET
from jolly_parlor.project.document import Document
from jolly_parlor.project.takes import HeadPoint, Take
from jolly_parlor.project.wanted_takes import wanted

State = Literal["none", "measured", "imported", "doubtful", "bad", "asked", "moved"]
"""asked: something was changed since, and it is asked whether the take still holds; moved: what it
heard has been moved since.
"""
IN_HAND = ("measured", "imported", "doubtful")


@dataclass(frozen=True, eq=False)
class TakeState:
    """The newest take that says anything of it; None where there is none."""

    state: State
    take: Take | None = None


def take_state(
    document: Document, a: Arrangement, source: str, seat: str, point: HeadPoint = "centre"
) -> TakeState:
    """Of one mix at one point of a seat's head: what holds comes first, then what was left out,
    last what is over.
    """
    if (take := document.takes_around(a, source, seat).get(point)) is not None:
        how = take.info.measured
        if how is None:
            return TakeState("imported", take)
        return TakeState("measured" if how.mark == "good" else "doubtful", take)
    if (take := document.bad_take_of(a, source, seat, point)) is not None:
        return TakeState("bad", take)
    for take in reversed(document.takes):
        info = take.info
        if (info.placed.name, info.source, info.seat) != (a.name, source, seat):
            continue
        if info.point != point:
            continue
        if not take.applies_to(a):
            return TakeState("moved", take)
        if document.doubts(take):
            return TakeState("asked", take)
    return TakeState("none")


def sources_shown(document: Document, a: Arrangement) -> list[str]:
    """What can be measured and says something of its own: of a pair that is not set, both do."""
    taken = any(take.info.source == BOTH_AS_SET.id for take in document.takes)
    told = taken or not all(a.chain(side).flat_alone for side in PAIR)
    return [name for name in document.source_names if told or name != BOTH_AS_SET.id]


def progress(document: Document, a: Arrangement) -> tuple[int, int]:
    """How many of the takes worth making are in hand, and how many those are."""
    states = [take_state(document, a, source, seat).state for source, seat in wanted(document)]
    return sum(state in IN_HAND for state in states), len(states)
