"""The one way to do something beside the window's thread: it says what it is, how far it is and
what it still takes, and can be stopped. (Questions that go on being asked anew are the
calculators'.)
"""

from __future__ import annotations

import threading
from collections.abc import Callable
from contextlib import suppress
from time import monotonic

from PyQt6.QtCore import QObject, QThread, pyqtSignal

from jolly_parlor import defects
from jolly_parlor.studio.one_take import Cancelled

_TELLING_SHARE = 0.02
"""Before so much is done, nothing can be said of what it still takes."""


class Stopped(Exception):
    """Somebody would not wait any longer; nothing came of it."""


class Token:
    """What the work says and asks, on its own thread."""

    def __init__(self, task: Task) -> None:
        self._task = task

    def share(self, done: float, beside: float = 0.0) -> None:
        """So much of it is done, 0 to 1; beside: a figure of the work's own, such as a level."""
        self._task.done_share = done
        self._task.progressed.emit(done, beside)

    def go_on(self, done: float) -> None:
        """The same; raises Stopped where it is to stop."""
        self.must_go_on()
        self.share(done)

    def must_go_on(self) -> None:
        """Raises Stopped where it is to stop."""
        if self.stopped():
            raise Stopped

    def stopped(self) -> bool:
        """Whether it is to stop."""
        return self._task.stopping.is_set()

    def tell(self, something: object) -> None:
        """What has come so far, or what is waited for."""
        self._task.told.emit(something)


Work = Callable[[Token], object]


class Task(QThread):
    """One piece of work. `found` has what it brings, also where it was stopped and returned all the
    same; `halted` comes where it was stopped and nothing came of it; `refused` says why it failed.
    """

    progressed = pyqtSignal(float, float)
    told = pyqtSignal(object)
    found = pyqtSignal(object)
    halted = pyqtSignal()
    refused = pyqtSignal(str)

    def __init__(self, what: str, work: Work, parent: QObject | None = None) -> None:
        """what: as a sentence goes on, such as `looking for what is missing`."""
        super().__init__(parent)
        self.what, self._work = what, work
        self.done_share = 0.0
        self.result: object = None
        self.error: Exception | None = None
        self.stopping = threading.Event()
        self._begun = monotonic()

    @property
    def seconds(self) -> float:
        """Since it was begun."""
        return monotonic() - self._begun

    @property
    def left_seconds(self) -> float | None:
        """What it still takes; None while that cannot be said."""
        if self.done_share <= _TELLING_SHARE:
            return None
        return self.seconds / self.done_share * (1.0 - self.done_share)

    def cancel(self) -> None:
        """Stop soon."""
        self.stopping.set()

    def end(self) -> None:
        """Stop, wait for it, and hear no more of it: before what it tells goes. What it said last
        is still on its way then, and would reach a page that is no more.
        """
        self.cancel()
        self.wait()
        for signal in (self.progressed, self.told, self.found, self.halted, self.refused):
            with suppress(TypeError):  # nobody listens to it
                signal.disconnect()
        with suppress(TypeError):
            self.finished.disconnect()

    def run(self) -> None:
        self._begun = monotonic()
        try:
            self.result = self._work(Token(self))
        except (Stopped, Cancelled) as stopped:
            self.error = stopped
            self.halted.emit()
        except Exception as error:
            self.error = error
            if self.receivers(self.refused):  # else whoever waits for it raises it
                self.refused.emit(defects.sentence(error, self.what))
        else:
            self.found.emit(self.result)
