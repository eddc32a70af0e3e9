"""Errands: work that takes a moment, done beside the window while somebody waits for it."""

from __future__ import annotations

import threading
from collections.abc import Callable
from time import monotonic
from typing import TypeVar

from PyQt6.QtCore import QEventLoop, Qt, QThread, QTimer
from PyQt6.QtWidgets import QApplication, QProgressDialog, QWidget

from jolly_parlor.app.widgets.letting_go import let_go
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

Result = TypeVar("Result")
Told = Callable[[float], None]
_PATIENCE_MS, _TICK_MS = 700, 150
_STEPS = 1000


class ErrandStopped(Refused):
    """Somebody would not wait any longer."""


class _Errand(QThread):
    def __init__(self, work: Callable[[Told], object]) -> None:
        super().__init__()
        self._work = work
        self.result: object = None
        self.error: Exception | None = None
        self.share = 0.0
        self.stopped = threading.Event()

    def run(self) -> None:
        """The thread's body."""
        try:
            self.result = self._work(self._told)
        except Exception as error:
            self.error = error

    def _told(self, share: float) -> None:
        if self.stopped.is_set():
            raise ErrandStopped(tr("Stopped."))
        self.share = share


def waited_for(work: Callable[[], Result]) -> Result:
    """What the work brings, or raises. The window goes on painting but takes no input meanwhile."""
    return _waited(_Errand(lambda told: work()), None)  # type: ignore[return-value]


def watched(work: Callable[[Told], Result], what: str, window: QWidget) -> Result:
    """What the work brings, or raises. Where it takes longer than a moment, how far it is and what
    it will still take are shown, and it can be stopped: then this raises ErrandStopped.

    Args:
        work: calls what it is given with the share that is done, often; that raises to stop it.
        what: a sentence that says what is being done.
    """
    return _waited(_Errand(work), _panel(what, window))  # type: ignore[return-value]


def _waited(errand: _Errand, panel: QProgressDialog | None) -> object:
    loop = QEventLoop()
    errand.finished.connect(loop.quit)
    ticking = QTimer()
    began = monotonic()
    if panel is not None:
        words = panel.labelText()
        panel.canceled.connect(lambda: errand.stopped.set())
        ticking.timeout.connect(lambda: _tick(panel, words, errand, monotonic() - began))
        ticking.start(_TICK_MS)
    QApplication.setOverrideCursor(Qt.CursorShape.BusyCursor)
    try:
        errand.start()
        # A panel that is shown takes all input; before it is, and without one, there is none.
        while not errand.isFinished():
            seen = panel is not None and panel.isVisible()
            everything = QEventLoop.ProcessEventsFlag.AllEvents
            none = QEventLoop.ProcessEventsFlag.ExcludeUserInputEvents
            wait = QEventLoop.ProcessEventsFlag.WaitForMoreEvents
            loop.processEvents((everything if seen else none) | wait)
        errand.wait()
    finally:
        ticking.stop()
        QApplication.restoreOverrideCursor()
        if panel is not None:
            let_go(panel)
    if errand.error is not None:
        raise errand.error
    return errand.result


def _panel(what: str, window: QWidget) -> QProgressDialog:
    made = QProgressDialog(what, tr("Stop"), 0, _STEPS, window)
    made.setObjectName("waiting")
    made.setWindowTitle("Jolly Parlor")
    made.setWindowModality(Qt.WindowModality.WindowModal)
    made.setAutoReset(False)
    made.setAutoClose(False)
    made.setMinimumDuration(10**7)  # shown by `_tick`, not by Qt's own guess
    made.reset()
    return made


def _tick(panel: QProgressDialog, what: str, errand: _Errand, seconds: float) -> None:
    if errand.stopped.is_set():
        panel.setLabelText(tr("Stopping …"))
        return
    if seconds * 1000 < _PATIENCE_MS:
        return
    told = what
    if errand.share > 0.02:
        left = seconds / errand.share * (1.0 - errand.share)
        told = tr("{what}\nAbout {left:.0f} s left.", what=what, left=max(left, 1.0))
    panel.setLabelText(told)
    panel.setValue(min(round(errand.share * _STEPS), _STEPS - 1))
    if not panel.isVisible():
        panel.show()
