"""Looking for something solid that the survey forgot, on a thread of its own."""

import threading
from collections.abc import Sequence

from PyQt6.QtCore import QObject, QThread, pyqtSignal

from jolly_parlor import defects
from jolly_parlor.fitting.evidence import Evidence
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.missing import missing_things


class _Stopped(Exception):
    """Nobody waits for it any more."""


class MissingRun(QThread):
    """One look; emits what it found."""

    progressed = pyqtSignal(float)
    found = pyqtSignal(object)
    refused = pyqtSignal(str)

    def __init__(self, fit: Fit, takes: Sequence[Evidence], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._fit, self._takes = fit, takes
        self._stop = threading.Event()

    def cancel(self) -> None:
        """Stop soon."""
        self._stop.set()

    def run(self) -> None:
        """The thread's body."""
        try:
            found = missing_things(self._fit, self._takes, self._progress)
        except _Stopped:
            return
        except Exception as error:
            self.refused.emit(defects.sentence(error, "looking for what is missing"))
        else:
            self.found.emit(found)

    def _progress(self, share: float) -> None:
        if self._stop.is_set():
            raise _Stopped
        self.progressed.emit(share)
