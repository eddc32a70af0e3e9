"""How soon plan, curve and lanes follow a drag, and the plan's tint.

Run from the repository: `.venv/bin/python benchmarks/dragging.py [kiln|loft]`. Opens the demo's
window (or a lived-in sample's, whose room is worked out first) without a screen (or on the one
DISPLAY names), drags a monitor at about 60 moves a second and prints how long after each move
everything that shows it had been painted, and how much processor time all threads had taken by
then, which a busy machine stretches less. Moves do not wait for tints. Plain Python's own speed at
the moment is printed too. Asserts nothing.
"""

import os
import sys
import tempfile
import time
from dataclasses import replace
from pathlib import Path

if not os.environ.get("DISPLAY"):
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

import numpy as np
from PyQt6.QtCore import QEvent, QEventLoop, QObject, QPoint, Qt, QTimer
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication

from jolly_parlor.app import theme
from jolly_parlor.app.questions import TINT, AnyQuestion, Models
from jolly_parlor.app.samples import DEMO, SAMPLES
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.files import open_project

MOVES = 200
FRAME_SECONDS = 1 / 60


class Paints(QObject):
    """Notes when widgets have last been painted."""

    def __init__(self) -> None:
        super().__init__()
        self.last: dict[str, float] = {}

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        """Qt's hook."""
        if event is not None and watched is not None and event.type() == QEvent.Type.Paint:
            self.last[watched.objectName()] = time.perf_counter()
        return False


def settle(window: MainWindow) -> None:
    """Run until nothing is being worked out, and a second more: nobody drags at once."""
    until = time.perf_counter() + 60
    while window.session.calculating and time.perf_counter() < until:
        QApplication.processEvents()
        time.sleep(0.005)
    until = time.perf_counter() + 1
    while time.perf_counter() < until:
        QApplication.processEvents()
        time.sleep(0.005)


def drag(window: MainWindow, turn: float) -> tuple[dict[str, list[float]], list[float]]:
    """Seconds from each move to what it changed being painted; processor seconds to the curve.

    turn: where along its way the drag starts, so that none follows in the steps of another.
    """
    plan, session = window.plan, window.session
    arrived: dict[str, list[float]] = {"plan": [], "curve and lanes": [], "tint": []}
    waiting: set[str] = set()
    moves: list[float] = []
    worked: list[float] = []
    paints = Paints()
    plan.installEventFilter(paints)
    viewport = window.forecast.response.graphics.viewport()
    viewport.setObjectName("curve")
    viewport.installEventFilter(paints)
    session.shown_changed.connect(lambda: waiting.add("curve and lanes"))
    tints = Tinted(window)
    frame = QTimer()
    frame.setSingleShot(True)
    assert session.arrangement is not None
    start = plan.unfolded.on_plan(session.arrangement.left.x, session.arrangement.left.y)
    at = start.toPoint()
    QTest.mousePress(plan, Qt.MouseButton.LeftButton, pos=at)
    for move in range(MOVES):
        across, down = 14 * np.sin(move / 9 + turn), 18 * np.sin(move / 13 + turn)
        to = at + QPoint(round(across), 20 + round(down))
        waiting.clear()
        begun, busy = time.perf_counter(), time.process_time()
        tints.move = begun
        moves.append(begun)
        QTest.mouseMove(plan, to)
        seen: set[str] = set()
        frame.start(round(1000 * FRAME_SECONDS))
        while time.perf_counter() - begun < 0.25:
            QApplication.processEvents(QEventLoop.ProcessEventsFlag.WaitForMoreEvents)
            now = time.perf_counter()
            if "plan" not in seen and paints.last.get("plan", 0) > begun:
                seen.add("plan")
                arrived["plan"].append(now - begun)
            if "curve and lanes" in waiting - seen and paints.last.get("curve", 0) > begun:
                seen.add("curve and lanes")
                arrived["curve and lanes"].append(now - begun)
                worked.append(time.process_time() - busy)
            if tints.come and paints.last.get("plan", 0) > tints.come[0][1]:
                # It serves its own move and all before it that none has served yet.
                of_move = tints.come.pop(0)[0]
                arrived["tint"] += [now - unserved for unserved in moves if unserved <= of_move]
                moves = [unserved for unserved in moves if unserved > of_move]
            if seen >= {"plan", "curve and lanes"} and now - begun > FRAME_SECONDS:
                break
            if not frame.isActive():
                frame.start(2)  # later than a frame: look again soon
    QTest.mouseRelease(plan, Qt.MouseButton.LeftButton, pos=at)
    tints.stop()
    return arrived, worked


class Tinted:
    """Notes for which move each new tint was worked out, and when it came. Moves do not wait."""

    def __init__(self, window: MainWindow) -> None:
        self.move = 0.0
        self.come: list[tuple[float, float]] = []
        self._begun: list[float] = []
        self._session = window.session
        self._ask = window.session.beside.ask
        window.session.beside.ask = self._asked  # type: ignore[method-assign]
        window.session.tints.changed.connect(self._changed)

    def stop(self) -> None:
        """Listen no more."""
        self._session.beside.ask = self._ask  # type: ignore[method-assign]
        self._session.tints.changed.disconnect(self._changed)

    def _asked(self, question: AnyQuestion) -> None:
        move, job = self.move, question.job

        def noted(models: Models) -> object:
            if question.kind == TINT:
                self._begun.append(move)
            return job(models)

        self._ask(replace(question, job=noted))

    def _changed(self) -> None:
        if self._begun:
            self.come.append((self._begun.pop(0), time.perf_counter()))


def pace() -> float:
    """Milliseconds for a million plain additions: how fast this machine runs Python right now."""
    best = 1.0
    for _ in range(3):
        begun, total = time.perf_counter(), 0
        for number in range(1_000_000):
            total += number
        best = min(best, time.perf_counter() - begun)
    return 1000 * best


def main(sample: Path) -> None:
    """Without and with a tint."""
    app = application()
    theme.apply(app, theme.DAY)
    with tempfile.TemporaryDirectory() as scratch:
        settings = SettingsStore(Path(scratch) / "settings.json")
        project = open_project(sample).project
        window = MainWindow(project, None, settings, Path(scratch) / "unsaved")
        window.resize(1280, 800)
        window.show()
        window.go("forecast")
        window.session.fields.join()
        for turn, kind in enumerate(("", "seat", "source", "pressure")):
            if kind:
                window.session.tints.choose(kind)
            settle(window)
            print(f"tint: {kind or 'none'} (a million additions take {pace():.0f} ms)")
            arrived, worked = drag(window, turn)
            arrived["processor time"] = worked
            for what, seconds in arrived.items():
                if seconds:
                    middle, late = (1000 * np.percentile(seconds, p) for p in (50, 99))
                    print(f"  {what:16} {middle:5.1f} ms median, {late:5.1f} ms 99th percentile")
            settle(window)
            while window.session.history.undo_label is not None:
                window.session.undo()  # each drag starts where the demo's monitor stands
            settle(window)
        window.session.history.saved()
        window.close()
    app.processEvents()


if __name__ == "__main__":
    main(SAMPLES[sys.argv[1]] if len(sys.argv) > 1 else DEMO)
