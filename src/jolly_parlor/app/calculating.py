"""Heavy work off the interface thread: numbered requests in, answers out, stale ones dropped."""

import threading
from collections.abc import Callable
from dataclasses import dataclass
from functools import cached_property
from typing import Any

from PyQt6.QtCore import QObject, QThread, pyqtSignal

from jolly_parlor.acoustics.eigenvalues import EigenvalueError
from jolly_parlor.acoustics.room import Room
from jolly_parlor.diagnosis.causes import Anechoic
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.upper import UpperForecaster


@dataclass(frozen=True)
class Models:
    """The room's models, kept from one request to the next while the room stays the same."""

    forecaster: Forecaster
    anechoic: Anechoic

    @cached_property
    def upper(self) -> UpperForecaster:
        """The less certain range above; made when first asked for."""
        return UpperForecaster(self.forecaster.room, self.forecaster.gear)


Job = Callable[[Models], Any]


class Calculator(QObject):
    """One thread; only the newest request of each kind counts. Kinds run in the order given."""

    answered = pyqtSignal(str, object)
    refused = pyqtSignal(str, str)
    idle = pyqtSignal()

    def __init__(self, kinds: tuple[str, ...], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._kinds = kinds
        self._lock = threading.Condition()
        self._waiting: dict[str, tuple[int, Room, Gear, Job]] = {}
        self._newest = dict.fromkeys(kinds, 0)
        self._working = False
        self._stopping = False
        self._models: tuple[Room, Gear, Models] | None = None
        self._thread = _Loop(self._run)
        self._thread.start()

    def ask(self, kind: str, room: Room, gear: Gear, job: Job) -> None:
        """Replace the waiting request of a kind."""
        with self._lock:
            self._newest[kind] += 1
            self._waiting[kind] = (self._newest[kind], room, gear, job)
            self._lock.notify()

    def drop(self, kind: str) -> None:
        """Forget the request of a kind and any answer on its way."""
        with self._lock:
            self._newest[kind] += 1
            self._waiting.pop(kind, None)

    @property
    def busy(self) -> bool:
        """Whether a request waits or runs."""
        with self._lock:
            return self._working or bool(self._waiting)

    def stop(self) -> None:
        """End the thread; call before the window goes."""
        with self._lock:
            self._stopping = True
            self._waiting.clear()
            self._lock.notify()
        self._thread.wait()
        self._models = None  # hundreds of megabytes of tables; nobody asks any more

    def _run(self) -> None:
        while True:
            with self._lock:
                self._working = False
                if not self._waiting and not self._stopping:
                    self.idle.emit()
                while not self._waiting and not self._stopping:
                    self._lock.wait()
                if self._stopping:
                    return
                kind = next(kind for kind in self._kinds if kind in self._waiting)
                number, room, gear, job = self._waiting.pop(kind)
                self._working = True
            try:
                answer, why = job(self._models_of(room, gear)), ""
            except (ValueError, EigenvalueError) as error:
                answer, why = None, str(error)
            with self._lock:
                stale = number != self._newest[kind] or self._stopping
            if stale:
                continue
            if why:
                self.refused.emit(kind, why)
            else:
                self.answered.emit(kind, answer)

    def _models_of(self, room: Room, gear: Gear) -> Models:
        if self._models is None or (room, gear) != self._models[:2]:
            known = self._models
            field = known[2].forecaster.field if known and known[0] == room else None
            forecaster = Forecaster(room, gear, field)
            self._models = (room, gear, Models(forecaster, Anechoic(forecaster)))
        return self._models[2]


class _Loop(QThread):
    def __init__(self, run: Callable[[], None]) -> None:
        super().__init__()
        self._body = run

    def run(self) -> None:
        """The thread's body."""
        self._body()
