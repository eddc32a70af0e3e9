"""Errands: work that takes a moment, done beside the window while somebody waits for it."""

from collections.abc import Callable
from typing import TypeVar

from PyQt6.QtCore import QEventLoop, Qt, QThread
from PyQt6.QtWidgets import QApplication

Result = TypeVar("Result")


class _Errand(QThread):
    def __init__(self, work: Callable[[], object]) -> None:
        super().__init__()
        self._work = work
        self.result: object = None
        self.error: Exception | None = None

    def run(self) -> None:
        """The thread's body."""
        try:
            self.result = self._work()
        except Exception as error:
            self.error = error


def waited_for(work: Callable[[], Result]) -> Result:
    """What the work brings, or raises. The window goes on painting but takes no input meanwhile."""
    errand = _Errand(work)
    loop = QEventLoop()
    errand.finished.connect(loop.quit)
    QApplication.setOverrideCursor(Qt.CursorShape.BusyCursor)
    try:
        errand.start()
        loop.exec(QEventLoop.ProcessEventsFlag.ExcludeUserInputEvents)
        errand.wait()
    finally:
        QApplication.restoreOverrideCursor()
    if errand.error is not None:
        raise errand.error
    return errand.result  # type: ignore[return-value]
