"""The zone strips of what is selected: where it would be calm."""

from typing import TYPE_CHECKING

from jolly_parlor.app import jobs
from jolly_parlor.app.following import Follower
from jolly_parlor.placement.strips import Strip

if TYPE_CHECKING:
    from jolly_parlor.app.session import Session


class Neighbourhood(Follower):
    """The newest strips; they follow drags."""

    pause_ms = 200

    def __init__(self, session: "Session") -> None:
        super().__init__(session)
        self.strips: list[Strip] = []
        self._asked: tuple[object, ...] = ()
        session.beside.answered.connect(self._take)
        session.beside.refused.connect(self._refuse)

    def ask(self) -> None:
        """Ask for the strips as things stand, unless they have been asked for."""
        session, a = self._session, self._session.arrangement
        believed, view = session.believed, (session.seat, session.combination, session.alike)
        asked = believed.room, believed.gear, a, session.selected, *view
        if asked == self._asked:
            return
        self._asked = asked
        if a is None or session.selected not in a.items:
            session.beside.drop("strips")
            self._take("strips", [])
            return
        job, in_drag = jobs.Strips(a, session.selected, *view), session.draft is not None
        session.beside.ask("strips", believed.room, believed.gear, job, in_drag=in_drag)

    def _take(self, kind: str, answer: object) -> None:
        if kind == "strips":
            assert isinstance(answer, list)
            self.strips = answer
            self.changed.emit()

    def _refuse(self, kind: str, why: str) -> None:
        """A thing without room to slide has no strips."""
        self._take(kind, [])
