"""The search on a thread of its own, with progress and a way to stop it."""

import threading

from PyQt6.QtCore import QObject, QThread, pyqtSignal

from jolly_parlor.acoustics.eigenvalues import EigenvalueError
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.rivals import first_beats, rivals_words
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.forecast import lowest_corner_hz
from jolly_parlor.placement.search.search import Found, search
from jolly_parlor.project.document import Document


class SearchRun(QThread):
    """One search of a document's room; emits what it found, or why it could not."""

    progressed = pyqtSignal(int, float)
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
        """With a fit: whether the first proposal can be told from the others."""
        self._document, self._present = document, present
        self._stop = threading.Event()

    def cancel(self) -> None:
        """Stop soon; what was weighed so far is still judged."""
        self._stop.set()

    def run(self) -> None:
        """The thread's body."""
        try:
            result = search(
                self._document.room,
                self._document.gear,
                self._present,
                self._document.wishes,
                progress=self.progressed.emit,
                cancelled=self._stop.is_set,
            )
        except (ValueError, EigenvalueError) as error:
            self.refused.emit(str(error))
        else:
            self.rivals = self._rivals(result)
            self.found.emit(result)

    def _rivals(self, result: Found) -> str:
        same = [p.arrangement for p in result.proposals if p.turns == 0]
        if self._fit is None or len(same) < 2 or result.proposals[0].turns:
            return ""
        gear = self._document.gear
        low = lowest_corner_hz(gear, "both")
        names = [f"proposal {n}" for n in range(1, len(same) + 1)]
        return rivals_words(names, first_beats(self._fit, same, gear.seats[0].name, low))
