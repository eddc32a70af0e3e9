"""Heavy work off the interface thread: questions in, answers out, stale ones dropped."""

from __future__ import annotations

import threading
from collections.abc import Callable
from dataclasses import dataclass
from time import monotonic

from cachetools import LRUCache
from PyQt6.QtCore import QObject, QThread, pyqtSignal

from jolly_parlor import defects
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.app.known_fields import ROOMS_KEPT, KnownFields
from jolly_parlor.app.memory import give_back
from jolly_parlor.app.questions import AnyQuestion, Kind, Models
from jolly_parlor.app.waits import Waits
from jolly_parlor.placement.gear import Gear
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_IDLE_SECONDS = 2.0
"""Without a question for so long, what was freed goes back to the system."""


class _GaveWay(Exception):
    """The work at hand is stale, or has to wait."""


@dataclass(frozen=True)
class _Request:
    number: int
    question: AnyQuestion


@dataclass(frozen=True)
class _Outcome:
    request: _Request
    answer: object
    why: str


@dataclass(frozen=True)
class AtWork:
    """What a calculator is busy with, for how long, and how long it took the last time."""

    kind: Kind
    seconds: float
    took: float | None


class Calculator(QObject):
    """One thread; only the newest question of each kind counts, sooner ones by rank.

    `when_idle` works ahead for a new room once somebody reaches for what it makes quick, step by
    step so that no question waits long for it, until it answers False. Stale work gives way half
    done. So does, while something is dragged, all that does not follow the drag, and what follows
    it gives way to a lower rank; it is taken up again afterwards.
    """

    failed = pyqtSignal(str)
    """A defect, in words for the user; the question is refused as well."""
    settled = pyqtSignal()
    """A question has been answered or refused."""
    _came = pyqtSignal(object)

    def __init__(
        self,
        parent: QObject | None = None,
        when_idle: Callable[[Models], bool] = lambda models: False,
        fields: KnownFields | None = None,
        waits: Waits | None = None,
    ) -> None:
        super().__init__(parent)
        self._waits = waits or Waits()
        self._fields = fields or KnownFields()
        self._when_idle = when_idle
        self._lock = threading.Condition()
        self._waiting: dict[Kind, _Request] = {}
        self._newest: dict[Kind, int] = {}
        self._least: dict[Kind, int] = {}
        self._working = False
        self._held = False
        self._worked = False
        self._cold = self._reached = False
        self._stopping = False
        self._now: _Request | None = None
        self._began = 0.0
        self._models: LRUCache[tuple[int, int], tuple[Room, Gear, Models]] = LRUCache(ROOMS_KEPT)
        self._latest: Models | None = None
        self._came.connect(self._deliver)
        self._thread = _Loop(self._run)
        self._thread.start()

    def ask(self, question: AnyQuestion) -> None:
        """Replace the waiting question of its kind, and forget any answer on its way; but not in a
        drag.
        """
        kind = question.kind
        with self._lock:
            number = self._newest[kind] = self._newest.get(kind, 0) + 1
            if not question.in_drag:
                self._least[kind] = number
            self._waiting[kind] = _Request(number, question)
            self._lock.notify()

    def drop(self, kind: Kind) -> None:
        """Forget the question of a kind and any answer on its way."""
        with self._lock:
            self._newest[kind] = self._newest.get(kind, 0) + 1
            self._least[kind] = self._newest[kind]
            self._waiting.pop(kind, None)

    def reach(self) -> None:
        """Somebody is about to ask often: what makes that quick is worked out, once for a room."""
        with self._lock:
            self._reached = True
            self._lock.notify()

    def cool(self) -> None:
        """Tables were let go: they are worked out ahead again when somebody reaches."""
        with self._lock:
            self._cold, self._reached = self._latest is not None, False

    def hold(self, held: bool) -> None:
        """Put off all that does not follow drags, or go on with it."""
        if held != self._held:
            with self._lock:
                self._held = held
                self._lock.notify()

    def look_again(self) -> None:
        """A room has been worked out: what waited for it goes on."""
        with self._lock:
            self._lock.notify()

    @property
    def busy(self) -> bool:
        """Whether a question is worked on, or waits and may be."""
        with self._lock:
            return self._working or self._next() is not None

    @property
    def at_work(self) -> AtWork | None:
        """What somebody waits for just now."""
        with self._lock:
            if not self._working or self._now is None or self._stale_now(self._now):
                return None
            kind = self._now.question.kind
            return AtWork(kind, monotonic() - self._began, self._waits.last(kind))

    def stop_current(self, kind: Kind) -> None:
        """Nobody waits for it any more: it gives way soon, and whoever asked is told. What has
        taken its place since goes on.
        """
        with self._lock:
            now = self._now
            if not self._working or now is None or self._stale_now(now):
                return
            if now.question.kind != kind:
                return
        self.drop(kind)
        now.question.refused(tr("You stopped it; any change begins it anew."))
        self.settled.emit()

    def stop(self) -> None:
        """End the thread; call before the window goes."""
        with self._lock:
            self._stopping = True
            self._waiting.clear()
            self._lock.notify()
        self._thread.wait()
        self._models.clear()  # tables that nobody asks for any more
        self._fields.clear()
        self._latest = None

    def _run(self) -> None:
        while True:
            rested = False
            with self._lock:
                self._working = False
                while (kind := self._next()) is None and not self._stopping:
                    if self._cold and self._reached and not self._held:
                        break
                    if not self._lock.wait(_IDLE_SECONDS if self._worked else None):
                        rested = True
                        break
                if self._stopping:
                    return
                request = self._taken(kind)
            self._worked = not rested
            if request is not None:
                self._work_on(request)
            elif rested:
                give_back()
            elif self._latest is not None:
                self._cold = self._ahead(self._latest)

    def take_turn(self) -> None:
        """Work on the next question here and now; for who lets all work by turns, without threads,
        so that a play repeats itself.
        """
        with self._lock:
            request = self._taken(self._next())
        if request is not None:
            self._work_on(request)
        with self._lock:
            self._working = False

    @property
    def waits(self) -> bool:
        """Whether a question may be taken up."""
        with self._lock:
            return self._next() is not None

    def _taken(self, kind: Kind | None) -> _Request | None:
        """What is worked on from now on; call with the lock held."""
        request = self._waiting.pop(kind) if kind is not None else None
        self._working, self._now = request is not None, request
        self._began = monotonic()
        return request

    def _ahead(self, models: Models) -> bool:
        try:
            return self._when_idle(models)
        except Exception as error:
            if not isinstance(error, Refused | _GaveWay):
                self.failed.emit(defects.sentence(error, tr("working ahead")))
            return False  # who asks for it will be told why

    def _work_on(self, request: _Request) -> None:
        question = request.question
        try:
            models = self._models_of(question.room, question.gear)
            if question.kind.decides and self._fields.at_work(question.room):
                raise _GaveWay  # until the room is known as it is
            answer, why = question.job(models), ""
        except _GaveWay:
            with self._lock:
                if request.number == self._newest[question.kind]:
                    self._waiting[question.kind] = request
            return
        except Exception as error:
            answer, why = (
                None,
                defects.sentence(error, tr("working out {name}", name=question.kind.name)),
            )
            if not isinstance(error, Refused):
                self.failed.emit(why)
        else:
            self._waits.note(question.kind, monotonic() - self._began)
        if not self._stale(request):
            self._came.emit(_Outcome(request, answer, why))

    def _deliver(self, outcome: _Outcome) -> None:
        """On the window's thread: to whoever asked, unless it has become stale on its way."""
        if self._stale(outcome.request):
            return
        question = outcome.request.question
        if outcome.why:
            question.refused(outcome.why)
        else:
            question.answered(outcome.answer)
        self.settled.emit()

    def _stale(self, request: _Request) -> bool:
        with self._lock:
            return self._stale_now(request)

    def _stale_now(self, request: _Request) -> bool:
        least = self._least.get(request.question.kind, 0)
        return request.number < least or self._stopping

    def _next(self) -> Kind | None:
        """The kind to take up next; call with the lock held."""
        able = (
            kind
            for kind, request in self._waiting.items()
            if (not self._held or kind.follows_drags)
            and not (kind.decides and self._fields.at_work(request.question.room))
        )
        return min(able, key=lambda kind: kind.rank, default=None)

    def _give_way(self) -> None:
        if self._stopping:
            raise _GaveWay
        now = self._now
        if now is None:
            return
        kind = now.question.kind
        if kind.follows_drags:
            put_off = any(sooner.rank < kind.rank for sooner in list(self._waiting))
        else:
            put_off = self._held
        if put_off or now.number < self._least.get(kind, 0):
            raise _GaveWay

    def _models_of(self, room: Room, gear: Gear) -> Models:
        from jolly_parlor.diagnosis.interventions import Anechoic
        from jolly_parlor.placement.forecast import Forecaster

        field = self._fields.of(room)
        known = next(
            (
                k
                for k in self._models.values()
                if k[0] == room and k[1] == gear and k[2].forecaster.field is field
            ),
            None,
        )
        if known is None:
            forecaster = Forecaster(room, gear, field, self._give_way)
            known = room, gear, Models(forecaster, Anechoic(forecaster))
            self._cold = True
        self._models[id(known[0]), id(known[1])] = known
        self._latest = known[2]
        return known[2]


class _Loop(QThread):
    def __init__(self, run: Callable[[], None]) -> None:
        super().__init__()
        self._body = run

    def run(self) -> None:
        """The thread's body."""
        self._body()
