"""What the takes have taught: the fitted room, what to measure next, and whether it is in use."""

from __future__ import annotations

from dataclasses import replace
from functools import partial
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject, pyqtSignal

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app import jobs
from jolly_parlor.app.questions import BAND, FIT, Question
from jolly_parlor.app.session import Session
from jolly_parlor.placement.judging import USUAL_JUDGING
from jolly_parlor.project.document import Document
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.fitting.fit import Fit
    from jolly_parlor.fitting.next_take import Advice


class FitState(QObject):
    """The newest fit of the document's takes; an older one is kept until its room changes."""

    changed = pyqtSignal()
    band_changed = pyqtSignal()

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self._session = session
        self.fit: Fit | None = None
        self.advice: Advice | None = None
        self.in_use = False
        self.busy = False
        self.problem = ""
        self._from: tuple[object, ...] = ()
        self._asked: tuple[object, ...] = ()
        self._believed: tuple[Document, Fit, Document] | None = None
        self.band: FloatArray | None = None
        """Either side of the forecast, dB at FIT_HZ."""
        for signal in (session.drafted, session.document_changed, session.view_changed):
            signal.connect(self.ask_band)
        session.document_changed.connect(self._look_again)

    @property
    def stale(self) -> bool:
        """Whether takes have come or gone since the fit."""
        return self.fit is not None and self._from != _basis(self._session.document)

    @property
    def fit_used(self) -> Fit | None:
        """The fit, where it is in use."""
        return self.fit if self.in_use else None

    def learn(self) -> None:
        """Fit the room to the takes."""
        document = self._session.document
        self.busy, self.problem = True, ""
        self._asked = _basis(document)
        job = partial(jobs.learn, document, self._session.seat)
        asked = Question(FIT, document.room, document.gear, job, self._take_fit, self._refuse)
        self._session.slow.ask(asked)
        self.changed.emit()

    def use(self, wanted: bool) -> None:
        """Let forecasts, search and comparison take the fitted room, or the survey again."""
        wanted = wanted and self.fit is not None
        if wanted != self.in_use:
            self.in_use = wanted
            self.changed.emit()
            self._session.view_changed.emit()

    def believed(self, document: Document) -> Document:
        """The document to calculate with."""
        fit = self.fit
        if not self.in_use or fit is None:
            return document
        from jolly_parlor.project.room_fit import as_fitted

        known = self._believed
        if known is None or known[0] is not document or known[1] is not fit:
            known = self._believed = (document, fit, as_fitted(document, fit))
        return known[2]

    def ask_band(self) -> None:
        """How sure the forecast is; while something is dragged nobody can say."""
        session = self._session
        fit, a = self.fit_used, session.arrangement
        if self.band is not None:
            self.band = None
            self.band_changed.emit()
        if fit is None:
            return
        session.beside.drop(BAND)
        if a is not None and session.draft is None and not session.problem:
            job = partial(jobs.band, session.listening_to(a), fit)
            believed = self.believed(session.document)
            asked = Question(BAND, believed.room, believed.gear, job, self._take_band)
            session.beside.ask(asked)

    def _look_again(self) -> None:
        """A fit of another room or other gear says nothing any more."""
        document = self._session.document
        if self.fit is not None and self._from[:2] != _basis(document)[:2]:
            self.fit = self.advice = None
            self.in_use = False
            self._session.told.emit(tr("The survey or the gear has changed: fit the room again."))
        elif self.in_use and self.stale and not self.busy:
            self.learn()  # what was measured counts at once: fit, band and ranking
            return
        self.changed.emit()

    def _take_band(self, band: FloatArray) -> None:
        self.band = band if self.in_use else None
        self.band_changed.emit()

    def _take_fit(self, found: tuple[Fit, Advice | None]) -> None:
        self.fit, self.advice = found
        self.busy, self._from = False, self._asked
        self.changed.emit()
        if self.in_use:
            self._session.view_changed.emit()
            self._look_again()  # takes may have come while it was being fitted

    def _refuse(self, why: str) -> None:
        self.busy, self.problem = False, why
        self.changed.emit()


def _basis(document: Document) -> tuple[object, ...]:
    """What a fit was made from; how it is judged changes nothing of it."""
    gear = replace(document.gear, judging=USUAL_JUDGING)
    return document.room, gear, tuple(take.info.id for take in document.takes)
