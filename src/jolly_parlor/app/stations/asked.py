"""Answers that take a while and belong to the arrangement as it stands and is set."""

from collections.abc import Callable
from functools import partial
from typing import Generic, TypeVar

from PyQt6.QtWidgets import QPushButton

from jolly_parlor.app.questions import Kind, Models, Question
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.project.document import Document

Answer = TypeVar("Answer")


class Asked(Generic[Answer]):
    """One kind of question, asked by a button; the answer goes when what it is of changes."""

    def __init__(self, session: Workbench, kind: Kind, show: Callable[[], None]) -> None:
        """show: called when an answer has come, gone or been refused."""
        self._session, self._kind, self._show = session, kind, show
        self.found: Answer | None = None
        self._of: tuple[object, ...] | None = None

    def refresh(self) -> None:
        """Forget what was found for other settings, places or takes."""
        now = self._question()
        if now != self._of:
            self._of, self.found = now, None

    def ask(self, button: QPushButton, job: Callable[[Document, str, Models], Answer]) -> None:
        """Of the arrangement shown; the button is not enabled until the answer is there."""
        session, a = self._session, self._session.arrangement
        if a is None:
            return
        document = session.believed
        button.setEnabled(False)
        work = partial(job, document, a.name)
        answered, refused = partial(self._take, a, button), partial(self._cannot, button)
        session.slow.ask(
            Question(self._kind, document.room, document.gear, work, answered, refused)
        )

    def keep(self, found: Answer) -> None:
        """Hold on to an answer that still serves, although what it was asked of has changed."""
        self.found, self._of = found, self._question()

    def _question(self) -> tuple[object, ...]:
        document = self._session.believed
        return document.room, document.gear, self._session.arrangement, len(document.takes)

    def _take(self, of: Arrangement, button: QPushButton, found: Answer) -> None:
        button.setEnabled(True)
        if of == self._session.arrangement:
            self.found, self._of = found, self._question()
        self._show()

    def _cannot(self, button: QPushButton, why: str) -> None:
        button.setEnabled(True)
        self._show()
        self._session.refused.emit(why)
