"""The search on a thread of its own, with progress and a way to stop it."""

import threading

from PyQt6.QtCore import QObject, QThread, pyqtSignal

from jolly_parlor import defects
from jolly_parlor.analysis.room_fit import MOST_UNDER_DOUBT, agreement, with_doubt
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.search.apart import search_apart
from jolly_parlor.project.document import Document

MOST = 5
"""Proposals that a search brings, where no fit asks for more."""


class SearchRun(QThread):
    """One search of a document's room; emits what it found, or why it could not."""

    progressed = pyqtSignal(int, float)
    glimpsed = pyqtSignal(object)
    """The best so far."""
    found = pyqtSignal(object)
    refused = pyqtSignal(str)

    def __init__(
        self,
        document: Document,
        present: Arrangement | None,
        fit: Fit | None = None,
        parent: QObject | None = None,
    ) -> None:
        super().__init__(parent)
        self._fit = fit
        self.rivals = ""
        """With a fit: how many of the rooms that fit the takes agree with the first proposal."""
        self._document, self._present = document, present
        self._stop = threading.Event()

    def cancel(self) -> None:
        """Stop soon; what was weighed so far is still judged."""
        self._stop.set()

    def run(self) -> None:
        """The thread's body."""
        try:
            result = search_apart(
                self._document.room,
                self._document.gear,
                self._present,
                self._document.wishes,
                progress=self.progressed.emit,
                cancelled=self._stop.is_set,
                glimpse=self.glimpsed.emit,
                most=MOST if self._fit is None else MOST_UNDER_DOUBT,
            )
            result = with_doubt(self._fit, result, self._document.gear)
            self.rivals = agreement(result)
        except Exception as error:
            self.refused.emit(defects.sentence(error, "searching"))
        else:
            self.found.emit(result)
