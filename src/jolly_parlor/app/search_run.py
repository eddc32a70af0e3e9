"""The search as a task of the window: what it found, and how many rooms agree with it."""

from dataclasses import dataclass

from jolly_parlor.analysis.room_fit import MOST_UNDER_DOUBT, agreement, with_doubt
from jolly_parlor.app.task import Token
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.search.apart import search_apart
from jolly_parlor.placement.search.search import Found
from jolly_parlor.project.document import Document

MOST = 5
"""Proposals that a search brings, where no fit asks for more."""


@dataclass(frozen=True)
class Weighed:
    """How many arrangements so far, and the figure of the best of them."""

    count: int
    best_db: float


def searched(
    document: Document, present: Arrangement | None, fit: Fit | None, token: Token
) -> tuple[Found, str]:
    """What a search of a document's room found, also where it was stopped; and with a fit, how many
    of the rooms that fit the takes agree with the first proposal. Tells the best so far, and how
    many are `Weighed`.
    """
    found = search_apart(
        document.room,
        document.gear,
        present,
        document.wishes,
        progress=lambda count, best_db: token.tell(Weighed(count, best_db)),
        cancelled=token.stopped,
        glimpse=token.tell,
        most=MOST if fit is None else MOST_UNDER_DOUBT,
    )
    found = with_doubt(fit, found, document.gear)
    return found, agreement(found)
