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
_Request = tuple[int, Room, Gear, Job]


IN_DRAGS = ("forecast", "tint", "strips")
"""Kinds that follow a drag."""


class _GaveWay(Exception):
    """The work at hand is stale, or has to wait."""


class Calculator(QObject):
    """One thread; only the newest request of each kind counts. Kinds run in the order given.

    `when_idle` works ahead for a new room, step by step so that no request waits long for it, until
    it answers False. Stale work gives way half done. So does, while something is dragged, all that
    does not follow the drag, and what follows it gives way to a kind named before; it is taken up
    again afterwards.
    """

    answered = pyqtSignal(str, object)
    refused = pyqtSignal(str, str)

    def __init__(
        self,
        kinds: tuple[str, ...],
        parent: QObject | None = None,
        when_idle: Callable[[Models], bool] = lambda models: False,
    ) -> None:
        super().__init__(parent)
        self._kinds, self._when_idle = kinds, when_idle
        self._lock = threading.Condition()
        self._waiting: dict[str, _Request] = {}
        self._newest = dict.fromkeys(kinds, 0)
        self._least = dict.fromkeys(kinds, 0)
        self._working = False
        self._held = False
        self._cold = False
        self._stopping = False
        self._now = ("", 0)
        self._models: tuple[Room, Gear, Models] | None = None
        self._thread = _Loop(self._run)
        self._thread.start()

    def ask(self, kind: str, room: Room, gear: Gear, job: Job, *, in_drag: bool = False) -> None:
        """Replace the waiting request of a kind, and forget any answer on its way; but not in a
        drag, where moves can come faster than answers and each is better than none.
        """
        with self._lock:
            number = self._newest[kind] = self._newest[kind] + 1
            if not in_drag:
                self._least[kind] = number
            self._waiting[kind] = (number, room, gear, job)
            self._lock.notify()

    def drop(self, kind: str) -> None:
        """Forget the request of a kind and any answer on its way."""
        with self._lock:
            self._newest[kind] += 1
            self._least[kind] = self._newest[kind]
            self._waiting.pop(kind, None)

    def hold(self, held: bool) -> None:
        """Put off all but IN_DRAGS, or go on with it."""
        if held != self._held:
            with self._lock:
                self._held = held
                self._lock.notify()

    @property
    def busy(self) -> bool:
        """Whether a request runs, or waits and may run."""
        with self._lock:
            return self._working or self._next() is not None

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
                while (kind := self._next()) is None and not self._stopping:
                    if self._cold and not self._held:
                        break
                    self._lock.wait()
                if self._stopping:
                    return
                request = self._waiting.pop(kind) if kind else None
                if kind and request:
                    self._working, self._now = True, (kind, request[0])
            if kind and request:
                self._answer(kind, request)
            elif self._models is not None:
                self._cold = self._ahead(self._models[2])

    def _ahead(self, models: Models) -> bool:
        try:
            return self._when_idle(models)
        except (ValueError, EigenvalueError):
            return False  # who asks for it will be told why

    def _answer(self, kind: str, request: _Request) -> None:
        number, room, gear, job = request
        try:
            answer, why = job(self._models_of(room, gear)), ""
        except _GaveWay:
            with self._lock:
                if number == self._newest[kind]:
                    self._waiting[kind] = request
            return
        except (ValueError, EigenvalueError) as error:
            answer, why = None, str(error)
        with self._lock:
            stale = number < self._least[kind] or self._stopping
        if stale:
            return
        if why:
            self.refused.emit(kind, why)
        else:
            self.answered.emit(kind, answer)

    def _next(self) -> str | None:
        """The kind to take up next; call with the lock held."""
        able = (kind for kind in self._kinds if not self._held or kind in IN_DRAGS)
        return next((kind for kind in able if kind in self._waiting), None)

    def _give_way(self) -> None:
        kind, number = self._now
        if kind in IN_DRAGS:
            put_off = any(
                sooner in self._waiting for sooner in self._kinds[: self._kinds.index(kind)]
            )
        else:
            put_off = self._held
        if put_off or number < self._least[kind]:
            raise _GaveWay

    def _models_of(self, room: Room, gear: Gear) -> Models:
        if self._models is None or (room, gear) != self._models[:2]:
            known = self._models
            field = known[2].forecaster.field if known and known[0] == room else None
            forecaster = Forecaster(room, gear, field, self._give_way)
            self._models = (room, gear, Models(forecaster, Anechoic(forecaster)))
            self._cold = True
        return self._models[2]


class _Loop(QThread):
    def __init__(self, run: Callable[[], None]) -> None:
        super().__init__()
        self._body = run

    def run(self) -> None:
        """The thread's body."""
        self._body()
