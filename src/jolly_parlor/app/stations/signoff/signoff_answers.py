"""What Sign-off says, worked out beside the window whenever a page that shows it is looked at."""

from functools import partial

from PyQt6.QtCore import QObject, pyqtSignal

from jolly_parlor.analysis.signing_off import SignedOff
from jolly_parlor.app import jobs
from jolly_parlor.app.questions import SIGNING, Question
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.words import tr


class Signed(QObject):
    """Verdict, check list and hand-over of the arrangement shown; None until they have come."""

    changed = pyqtSignal()

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.session = session
        self.found: SignedOff | None = None
        self.why = ""
        """Why there is none, in a sentence."""
        self._of: tuple[object, ...] | None = None
        self._asked: tuple[object, ...] | None = None

    def refresh(self, looked_at: bool) -> None:
        """Forget what no longer holds; ask anew while it is looked at."""
        now = self._key()
        if self._of is None or now[1:] != self._of[1:]:  # a tick changes little: kept till then
            self.found, self.why = None, ""
        a = self.session.arrangement
        if not looked_at or a is None or now in (self._of, self._asked):
            return
        if self.session.problem:
            self._of, self.why = now, self.session.problem
            return
        if self.session.provisional:
            self._of = now
            self.why = tr("The room is being worked out as it is; until then nothing is decided.")
            return
        self._asked = now
        session, believed = self.session, self.session.believed
        units = session.settings.values.units
        job = partial(jobs.signed_off, session.document, believed, a.name, session.fit_used, units)
        take, refuse = partial(self._take, now), partial(self._refuse, now)
        session.slow.ask(Question(SIGNING, believed.room, believed.gear, job, take, refuse))

    def _key(self) -> tuple[object, ...]:
        document, session = self.session.document, self.session
        return (
            document.signing.ticked,
            session.believed.room,
            document.gear,
            document.arrangements,
            document.takes,
            document.by_ear.review,
            document.chosen,
            session.arrangement,
            session.settings.values.units,
            session.provisional,
        )

    def _take(self, of: tuple[object, ...], found: SignedOff) -> None:
        self._asked = None
        if of == self._key():
            self.found, self._of, self.why = found, of, ""
        self.changed.emit()

    def _refuse(self, of: tuple[object, ...], why: str) -> None:
        self._asked = None
        if of == self._key():
            self.found, self._of, self.why = None, of, why
        self.changed.emit()
