"""What the takes have taught: the fitted room, what to measure next, and whether it is in use."""

from __future__ import annotations

from dataclasses import replace
from functools import partial
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject, pyqtSignal

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.app import jobs
from jolly_parlor.app.questions import ADVICE, BAND, FIT, Question
from jolly_parlor.app.session import Session
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.judging import USUAL_JUDGING
from jolly_parlor.project.document import Document
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.fitting.fit import Fit
    from jolly_parlor.fitting.next_take import Advice
    from jolly_parlor.project.kept_fit import KeptFit


_BEGINS_WITH = 3
"""Takes; with fewer nothing is learnt before somebody asks."""


class FitState(QObject):
    """The newest fit of the document's takes, and whether it is in use. The document keeps both."""

    changed = pyqtSignal()
    band_changed = pyqtSignal()

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self._session = session
        self.fit: Fit | None = None
        self.advice: Advice | None = None
        self.busy = False
        self.problem = ""
        self._of: tuple[object, ...] = ()
        """Room, gear and what was kept, that `fit` belongs to."""
        self._asked: Document | None = None
        self._advised: Fit | None = None
        """Of which what to measure next was asked for."""
        self._believed: tuple[Document, Fit, Document] | None = None
        self.band: FloatArray | None = None
        """Either side of the forecast, dB at FIT_HZ."""
        self._takes, self._history = len(session.document.takes), session.history
        self._restore()
        for signal in (session.drafted, session.document_changed, session.view_changed):
            signal.connect(self.ask_band)
        session.document_changed.connect(self._look_again)

    @property
    def in_use(self) -> bool:
        """Whether forecasts, search and comparison stand on the fit."""
        known = self._session.document.fit
        return self.fit is not None and known is not None and known.in_use

    @property
    def stale(self) -> bool:
        """Whether takes have come or gone since the fit."""
        return self.fit is not None and self._session.document.fit_is_stale

    @property
    def fit_used(self) -> Fit | None:
        """The fit, where it is in use."""
        return self.fit if self.in_use else None

    def learn(self) -> None:
        """Fit the room to the takes."""
        document = self._session.document
        self.busy, self.problem = True, ""
        self._asked = document
        job = partial(jobs.learn, document, self._session.seat)
        asked = Question(FIT, document.room, document.gear, job, self._take_fit, self._refuse)
        self._session.slow.ask(asked)
        self.changed.emit()

    def want_advice(self) -> None:
        """What to measure next, where a fit was opened with the document; while somebody looks."""
        session, fit = self._session, self.fit
        if fit is None or self.advice is not None or self.busy or self._advised is fit:
            return
        self._advised = fit
        document = session.document
        job = partial(jobs.advise, document, fit, session.seat)
        asked = Question(ADVICE, document.room, document.gear, job, self._take_advice)
        session.slow.ask(asked)

    def use(self, wanted: bool) -> None:
        """Let forecasts, search and comparison take the fitted room, or the survey again."""
        known = self._session.document.fit
        if self.fit is not None and known is not None and wanted != known.in_use:
            self._keep(replace(known, in_use=wanted))

    def believed(self, document: Document) -> Document:
        """The document to calculate with."""
        fit = self.fit
        if not self.in_use or fit is None:
            return document
        from jolly_parlor.analysis.room_fit import as_fitted

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
        """A fit of another room or other gear says nothing any more; undoing brings it back."""
        was_used = self.in_use
        had = self.fit
        self._restore()
        if had is not None and self.fit is None and self._session.document.fit is not None:
            self._session.told.emit(tr("The survey or the gear has changed: fit the room again."))
        elif self._should_learn(was_used) and not self.busy:
            self.learn()  # what was measured counts at once: fit, band and ranking
            return
        self.changed.emit()

    def _should_learn(self, was_used: bool) -> bool:
        """Whether takes came that teach something: to a fit in use, or enough for a first one."""
        document, history = self._session.document, self._session.history
        before, self._takes = self._takes, len(document.takes)
        if history is not self._history:  # another document
            self._history = history
            return False
        if self.fit is not None:
            return was_used and self.stale
        return document.fit is None and before < self._takes >= _BEGINS_WITH

    def _restore(self) -> None:
        """The fit that the document keeps, where it is still one of its room."""
        document = self._session.document
        of = *_basis(document), document.fit
        if of == self._of:
            return
        self._of = of
        if document.fit is None:
            self.fit = self.advice = None
            return
        from jolly_parlor.analysis.room_fit import restored

        self.fit, self.advice = restored(document), None

    def _keep(self, kept: KeptFit) -> None:
        self._of = *_basis(self._session.document), kept
        self._session.history.keep_fit(kept)
        self.changed.emit()
        self._session.view_changed.emit()

    def _take_advice(self, advice: Advice | None) -> None:
        if self.fit is self._advised:
            self.advice = advice
            self.changed.emit()

    def _take_band(self, band: FloatArray) -> None:
        self.band = band if self.in_use else None
        self.band_changed.emit()

    def _take_fit(self, found: tuple[Fit, Advice | None]) -> None:
        from jolly_parlor.analysis.room_fit import deserves, kept_fit

        asked, before = self._asked, self._session.document.fit
        self.busy = False
        if asked is None or _basis(asked) != _basis(self._session.document):
            self.changed.emit()  # the room is another by now
            return
        fit, self.advice = found
        self.fit = self._advised = fit
        in_use = before.in_use if before is not None else deserves(fit)
        self._keep(kept_fit(asked, fit, in_use))
        self._session.told.emit(_told(fit, before, in_use))
        if in_use:
            self._look_again()  # takes may have come while it was being fitted

    def _refuse(self, why: str) -> None:
        self.busy, self.problem = False, why
        self.changed.emit()


def _basis(document: Document) -> tuple[Room, Gear]:
    """What a fit is of; how it is judged changes nothing of it."""
    return document.room, replace(document.gear, judging=USUAL_JUDGING)


def _told(fit: Fit, before: KeptFit | None, in_use: bool) -> str:
    """What a fit has changed, in a sentence."""
    count = len(fit.takes)
    if before is not None:
        return tr(
            "Fitted again, to {count} takes: {left:.1f} dB stay unexplained (before {was:.1f}).",
            count=count,
            left=fit.residual_db,
            was=before.residual_db,
        )
    if in_use:
        return tr(
            "Fitted to {count} takes: forecasts, search and comparison now go by what they taught. "
            "Takes has the way back.",
            count=count,
        )
    return tr(
        "Fitted to {count} takes; too little is explained to go by it at once: look at Takes.",
        count=count,
    )
