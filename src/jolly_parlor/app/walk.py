"""The stations in the order of the walk, and how far each has come; no page is needed to tell."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import TYPE_CHECKING

from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.app.workbench import Workbench


@dataclass(frozen=True)
class Stop:
    """A station as the stepping stones show it. `state` answers one of the stones' states."""

    name: str
    state: Callable[[Workbench], str]


def _survey(session: Workbench) -> str:
    from jolly_parlor.acoustics.geometry.proportions import room_warnings
    from jolly_parlor.acoustics.geometry.tape_check import tape_problems

    room = session.document.room
    if room_warnings(room) or tape_problems(room):
        return "needs attention"
    return "done" if session.document.arrangements else "in progress"


def _gear(session: Workbench) -> str:
    return "done" if session.document.arrangements else "in progress"


def _lineup(session: Workbench) -> str:
    if session.problem:
        return "needs attention"
    count = len(session.document.arrangements)
    return "done" if count > 1 else "in progress" if count else "untouched"


def _forecast(session: Workbench) -> str:
    if session.problem:
        return "needs attention"
    return "done" if session.shown.forecast is not None else "untouched"


def _takes(session: Workbench) -> str:
    """Done when both monitors are measured at the main seat of every arrangement."""
    document = session.document
    seat = document.gear.seats[0].name
    have = [document.take_of(a, "both", seat) is not None for a in document.arrangements]
    if document.doubtful_takes() or any(map(document.stale_takes, document.arrangements)):
        return "needs attention"
    if have and all(have):
        return "done"
    return "in progress" if document.takes else "untouched"


def _compare(session: Workbench) -> str:
    document = session.document
    if document.chosen is not None:
        return "done"
    return "in progress" if len(document.arrangements) > 1 else "untouched"


def _hear(session: Workbench) -> str:
    entries = session.history.project.ledger
    blind = any(one.kind == "note" and one.text.startswith("Blind") for one in entries)
    return "in progress" if blind else "untouched"


def _finetune(session: Workbench) -> str:
    """In progress once something was graded or a test kept."""
    document = session.document
    graded = any(a.grading is not None for a in document.arrangements)
    heard = document.by_ear
    if graded or heard.hunts or heard.sweeps or heard.tests or document.room.calm_zone:
        return "in progress"
    return "untouched"


def _subs(session: Workbench) -> str:
    """In progress once the arrangement shown is set otherwise than flat."""
    a = session.arrangement
    return "in progress" if a is not None and a.chains else "untouched"


def _signoff(session: Workbench) -> str:
    return "done" if session.document.chosen is not None else "untouched"


WALK = {
    "survey": Stop(tr("Survey"), _survey),
    "gear": Stop(tr("Gear"), _gear),
    "lineup": Stop(tr("Line-up"), _lineup),
    "forecast": Stop(tr("Forecast"), _forecast),
    "takes": Stop(tr("Takes"), _takes),
    "compare": Stop(tr("Compare"), _compare),
    "hear": Stop(tr("Hear"), _hear),
    "finetune": Stop(tr("Fine-tune"), _finetune),
    "subs": Stop(tr("Subs"), _subs),
    "signoff": Stop(tr("Sign-off"), _signoff),
}


def next_stop(station: str) -> str | None:
    """The one after it; None after the last."""
    ids = list(WALK)
    at = ids.index(station) + 1
    return ids[at] if at < len(ids) else None
