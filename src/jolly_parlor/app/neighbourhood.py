"""The zone strips of what is selected: where it would be calm."""

from __future__ import annotations

from typing import TYPE_CHECKING

from jolly_parlor.app import jobs
from jolly_parlor.app.following import Follower
from jolly_parlor.app.questions import STRIPS, Question
from jolly_parlor.app.session import Session
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.items import DESK, Item

if TYPE_CHECKING:
    from jolly_parlor.placement.strips import Strip


class Neighbourhood(Follower):
    """The newest strips; they follow drags."""

    pause_ms = 200

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.strips: list[Strip] = []
        self.why_not = ""
        """Why there are none, where there are none."""
        self._asked: tuple[object, ...] = ()

    def ask(self) -> None:
        """Ask for the strips as things stand, unless they have been asked for."""
        session, a = self._session, self._session.arrangement
        believed, view = session.believed, (session.seat, session.mix, session.alike)
        asked = believed.room, believed.gear, a, session.selected, *view
        if asked == self._asked:
            return
        self._asked = asked
        if a is None or not _can_slide(a, session.selected):
            session.beside.drop(STRIPS)
            self._take([])
            return
        job = jobs.Strips(session.listening_to(a), session.selected, session.alike)
        in_drag = session.draft is not None
        session.beside.ask(
            Question(
                STRIPS,
                believed.room,
                believed.gear,
                job,
                self._take,
                lambda why: self._take([], why),
                in_drag,
            )
        )

    def _take(self, found: list[Strip], why_not: str = "") -> None:
        self.strips, self.why_not = found, why_not
        self.changed.emit()


def _can_slide(a: Arrangement, item: Item) -> bool:
    return item in a.items or (item == DESK and a.desk is not None)
