"""Errands: work that takes a moment, done beside the window while somebody waits for it."""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from PyQt6.QtCore import QEventLoop, Qt, QTimer
from PyQt6.QtWidgets import QApplication, QProgressDialog, QWidget

from jolly_parlor.app.task import Stopped, Task
from jolly_parlor.app.widgets.letting_go import let_go
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

Result = TypeVar("Result")
Told = Callable[[float], None]
_PATIENCE_MS, _TICK_MS = 700, 150
_STEPS = 1000


class ErrandStopped(Refused):
    """Somebody would not wait any longer."""


def waited_for(work: Callable[[], Result]) -> Result:
    """What the work brings, or raises. The window goes on painting but takes no input meanwhile."""
    return _waited(Task("waiting", lambda token: work()), None)  # type: ignore[return-value]


def watched(work: Callable[[Told], Result], what: str, window: QWidget) -> Result:
    """What the work brings, or raises. Where it takes longer than a moment, how far it is and what
    it will still take are shown, and it can be stopped: then this raises ErrandStopped.

    Args:
        work: calls what it is given with the share that is done, often; that raises to stop it.
        what: a sentence that says what is being done.
    """
    task = Task(what, lambda token: work(token.go_on))
    return _waited(task, _panel(what, window))  # type: ignore[return-value]


def _waited(errand: Task, panel: QProgressDialog | None) -> object:
    loop = QEventLoop()
    errand.finished.connect(loop.quit)
    ticking = QTimer()
    if panel is not None:
        words = panel.labelText()
        panel.canceled.connect(lambda: errand.cancel())
        ticking.timeout.connect(lambda: _tick(panel, words, errand))
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
    if isinstance(errand.error, Stopped):
        raise ErrandStopped(tr("Stopped."))
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


def _tick(panel: QProgressDialog, what: str, errand: Task) -> None:
    if errand.stopping.is_set():
        panel.setLabelText(tr("Stopping …"))
        return
    if errand.seconds * 1000 < _PATIENCE_MS:
        return
    told = what
    if (left := errand.left_seconds) is not None:
        told = tr("{what}\nAbout {left:.0f} s left.", what=what, left=max(left, 1.0))
    panel.setLabelText(told)
    panel.setValue(min(round(errand.done_share * _STEPS), _STEPS - 1))
    if not panel.isVisible():
        panel.show()
