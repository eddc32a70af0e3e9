"""How soon plan, curve and lanes follow a drag, and the plan's tint.

Run from the repository: `.venv/bin/python benchmarks/dragging.py`. Opens the demo's window without
a screen (or on the one DISPLAY names), drags a monitor at about 60 moves a second and prints how
long after each move everything that shows it had been painted, and how much processor time all
threads had taken by then, which a busy machine stretches less. Asserts nothing.
"""

import os
import sys
import tempfile
import time
from pathlib import Path

if not os.environ.get("DISPLAY"):
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

import numpy as np
from PyQt6.QtCore import QEvent, QObject, QPoint, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication

from jolly_parlor.app.commands import DEMO
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.files import open_document

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
    """Run until nothing is being worked out."""
    until = time.perf_counter() + 60
    while window.session.calculating and time.perf_counter() < until:
        QApplication.processEvents()
        time.sleep(0.005)
    QApplication.processEvents()


def drag(window: MainWindow) -> tuple[dict[str, list[float]], list[float]]:
    """Seconds from each move to what it changed being painted; processor seconds to the curve."""
    plan, session = window.plan, window.session
    arrived: dict[str, list[float]] = {"plan": [], "curve and lanes": [], "tint": []}
    waiting: dict[str, float] = {}
    worked: list[float] = []
    paints = Paints()
    plan.installEventFilter(paints)
    viewport = window.stations[3].response.graphics.viewport()
    viewport.setObjectName("curve")
    viewport.installEventFilter(paints)
    session.shown_changed.connect(lambda: waiting.setdefault("curve and lanes", 0))
    session.tints.changed.connect(lambda: waiting.setdefault("tint", 0))
    start = plan.unfolded.on_plan(session.arrangement.left.x, session.arrangement.left.y)
    at = start.toPoint()
    QTest.mousePress(plan, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, at)
    for move in range(MOVES):
        to = at + QPoint(round(14 * np.sin(move / 9)), 20 + round(18 * np.sin(move / 13)))
        waiting.clear()
        begun, busy = time.perf_counter(), time.process_time()
        QTest.mouseMove(plan, to)
        seen: set[str] = set()
        while time.perf_counter() - begun < 0.25:
            QApplication.processEvents()
            now = time.perf_counter()
            if "plan" not in seen and paints.last.get("plan", 0) > begun:
                seen.add("plan")
                arrived["plan"].append(now - begun)
            if "curve and lanes" in waiting and paints.last.get("curve", 0) > begun:
                if "curve and lanes" not in seen:
                    seen.add("curve and lanes")
                    arrived["curve and lanes"].append(now - begun)
                    worked.append(time.process_time() - busy)
            if "tint" in waiting and "tint" not in seen:
                seen.add("tint")
                arrived["tint"].append(now - begun)
            done = {"plan", "curve and lanes"} | ({"tint"} if session.tints.kind else set())
            if seen >= done and now - begun > FRAME_SECONDS:
                break
            time.sleep(0.0003)
    QTest.mouseRelease(plan, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, at)
    return arrived, worked


def main() -> None:
    """Without and with a tint."""
    app = application()
    with tempfile.TemporaryDirectory() as scratch:
        settings = SettingsStore(Path(scratch) / "settings.json")
        window = MainWindow(open_document(DEMO), DEMO, settings, Path(scratch) / "unsaved.parlor")
        window.resize(1280, 800)
        window.show()
        window.go(3)
        for kind in ("", "seat", "source", "pressure"):
            if kind:
                window.session.tints.choose(kind)
            settle(window)
            print(f"tint: {kind or 'none'}")
            arrived, worked = drag(window)
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
    sys.exit(main())
