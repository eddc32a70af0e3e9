"""Work that takes a while and that nothing waits for, on a thread of its own."""

import threading
from collections.abc import Callable
from contextlib import suppress
from typing import Protocol

from PyQt6.QtCore import QObject, QThread, pyqtSignal

from jolly_parlor import defects

Work = Callable[[Callable[[float], None], Callable[[], bool]], object]
"""Told a way to say the share done, which gives up where it is no longer wanted, and one to ask."""


class _Stopped(Exception):
    """Nobody waits for it any more."""


class Stoppable(Protocol):
    """A thread with signals of its own that may be asked to stop."""

    def cancel(self) -> None:
        """Stop soon."""
        ...

    def wait(self) -> bool:
        """Until it has stopped."""
        ...


def end(run: Stoppable) -> None:
    """Stop a thread, wait for it, and hear no more of it: before what it tells goes. What it said
    last is still on its way then, and would reach a page that is no more.
    """
    run.cancel()
    run.wait()
    own = [name for name, value in vars(type(run)).items() if isinstance(value, pyqtSignal)]
    for name in (*own, "finished"):
        with suppress(TypeError):  # nobody listens to it
            getattr(run, name).disconnect()


class Background(QThread):
    """One piece of work; emits what it found, unless it was cancelled."""

    progressed = pyqtSignal(float)
    found = pyqtSignal(object)
    refused = pyqtSignal(str)

    def __init__(self, work: Work, what: str, parent: QObject | None = None) -> None:
        """what: as a sentence goes on, such as `looking for what is missing`."""
        super().__init__(parent)
        self._work, self._what = work, what
        self._stop = threading.Event()

    def cancel(self) -> None:
        self._stop.set()

    def run(self) -> None:
        """The thread's body."""
        try:
            found = self._work(self._progress, self._stop.is_set)
        except _Stopped:
            return
        except Exception as error:
            self.refused.emit(defects.sentence(error, self._what))
        else:
            if not self._stop.is_set():
                self.found.emit(found)

    def _progress(self, share: float) -> None:
        if self._stop.is_set():
            raise _Stopped
        self.progressed.emit(share)
