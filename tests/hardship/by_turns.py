"""Everything that works beside the window works by turns instead, on the window's own thread, when
it is told to: so what is answered, and when, is as much a part of a play as what is pressed.
"""

import random
import time
from collections.abc import Callable
from contextlib import AbstractContextManager
from threading import Lock
from types import SimpleNamespace
from typing import Any

import pytest
from PyQt6.QtCore import QObject, pyqtSignal

from jolly_parlor.app import calculator, errands, following, known_fields, resting, safety
from jolly_parlor.app.calculator import Calculator
from jolly_parlor.app.plan import view
from jolly_parlor.app.stations.subs import align_card
from jolly_parlor.app.task import Stopped, Task
from jolly_parlor.app.widgets import working_line


class Turns(AbstractContextManager["Turns"]):
    """While it is entered, calculators, runs and threads wait for `take`; timers too."""

    def __init__(self) -> None:
        self._patch = pytest.MonkeyPatch()
        self._calculators: list[Calculator] = []
        self._runs: list[tuple[object, Callable[[], object]]] = []
        self._timers: list[_Timer] = []
        self._running: Any = None

    def take(self, chance: random.Random) -> str:
        """One of those that have something to do does it; its name, empty where none has."""
        able: list[tuple[str, Callable[[], object]]] = [
            (f"answer of calculator {at}", one.take_turn)
            for at, one in enumerate(self._calculators)
            if one.waits
        ]
        able += [(f"run {getattr(who, 'what', '')}", do) for who, do in self._runs]
        able += [(f"timer {at}", one.fire) for at, one in enumerate(self._timers) if one.due]
        if not able:
            return ""
        name, do = chance.choice(able)
        do()
        return name

    def take_all(self, most: int = 1000) -> None:
        """Until nobody has anything to do; timers that begin again by themselves are left out."""
        for timer in self._timers:
            timer.stop()
        taken: list[str] = []
        while len(taken) < most:
            taken.append(self.take(random.Random(len(taken))))
            if not taken[-1]:
                return
        raise AssertionError(f"still at work after {most} turns, the last of them {taken[-6:]}")

    def __enter__(self) -> "Turns":
        put = self._patch.setattr
        put(calculator._Loop, "start", lambda loop: self._join(loop._body.__self__))
        put(calculator._Loop, "wait", lambda loop: True)
        put(Task, "start", lambda run: self._runs.append((run, lambda: self._do(run))))
        put(Task, "wait", lambda run: self._drop(run))
        put(errands, "_waited", _at_once)
        put(known_fields, "threading", SimpleNamespace(Lock=Lock, Thread=self._thread))
        # Listening goes on until somebody stops it; here somebody does at its first pause.
        put(align_card, "time", SimpleNamespace(monotonic=time.monotonic, sleep=self._pause))
        for module in (following, resting, safety, working_line, view):
            put(module, "QTimer", self._timer)
        return self

    def __exit__(self, *_: object) -> None:
        self._patch.undo()

    def _join(self, one: Calculator) -> None:
        self._calculators.append(one)

    def _pause(self, seconds: float) -> None:
        if self._running is not None:
            self._running.cancel()

    def _do(self, run: Any) -> None:
        self._drop(run)
        self._running = run
        run.run()
        self._running = None
        run.finished.emit()

    def _drop(self, run: object) -> bool:
        self._runs = [one for one in self._runs if one[0] is not run]
        return True

    def _thread(self, target: Callable[..., object], args: tuple[object, ...], daemon: bool) -> Any:
        made = SimpleNamespace(join=lambda: None, is_alive=lambda: False)

        def run() -> None:
            self._drop(made)
            target(*args)

        made.start = lambda: self._runs.append((made, run))
        return made

    def _timer(self, parent: QObject | None = None) -> "_Timer":
        made = _Timer(parent)
        self._timers.append(made)
        return made


class _Timer(QObject):
    """What of QTimer the window uses, without a clock."""

    timeout = pyqtSignal()

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.due = self._once = False
        if parent is not None:
            parent.destroyed.connect(self._gone)

    def setSingleShot(self, once: bool) -> None:
        self._once = once

    def setInterval(self, milliseconds: int) -> None:
        """No clock: when it fires is the turns' affair."""

    def start(self, milliseconds: int = 0) -> None:
        self.due = True

    def stop(self) -> None:
        self.due = False

    def isActive(self) -> bool:
        return self.due

    def remainingTime(self) -> int:
        return 0 if self.due else -1

    def fire(self) -> None:
        """Its time has come."""
        self.due = not self._once
        self.timeout.emit()

    def _gone(self, parent: QObject) -> None:
        self.due = False


def _at_once(errand: Any, panel: Any) -> object:
    errand.run()
    if panel is not None:
        panel.deleteLater()
    if isinstance(errand.error, Stopped):
        raise errands.ErrandStopped("Stopped.")
    if errand.error is not None:
        raise errand.error
    return errand.result
