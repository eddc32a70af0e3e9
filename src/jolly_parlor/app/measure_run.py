"""Measuring on a thread of its own, with progress, a meter and a way to silence it at once."""

import threading
from collections.abc import Callable

from PyQt6.QtCore import QObject, QThread, pyqtSignal

from jolly_parlor import defects
from jolly_parlor.studio.one_take import Cancelled
from jolly_parlor.words import tr

Work = Callable[[Callable[[float, float], None], Callable[[], bool]], object]


class MeasureRun(QThread):
    """One piece of work with a device: a take or a level check."""

    progressed = pyqtSignal(float, float)
    waiting = pyqtSignal(str)
    """What for, in a sentence."""
    done = pyqtSignal(object)
    refused = pyqtSignal(str)

    def __init__(self, work: Work, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._work = work
        self._stop = threading.Event()

    def cancel(self) -> None:
        self._stop.set()

    def run(self) -> None:
        """The thread's body."""
        try:
            result = self._work(self.progressed.emit, self._stop.is_set)
        except Cancelled:
            self.refused.emit(tr("Stopped; nothing was kept."))
        except Exception as error:
            self.refused.emit(defects.sentence(error, "measuring"))
        else:
            self.done.emit(result)
