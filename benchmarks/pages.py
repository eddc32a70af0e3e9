"""How soon pages answer: shown, a key echoed, a change committed; how long the window stood still.

Run from the repository: `.venv/bin/python benchmarks/pages.py [BUSY]`, BUSY being how many
processes keep the processor busy meanwhile. Opens the demo without a screen, goes to each station,
types a key into its first field, and moves a monitor by a centimetre five times. Printed are
milliseconds, and the longest time the window's thread answered no timer of 2 ms in all of it.
Asserts nothing.
"""

import multiprocessing
import os
import sys
import tempfile
import time
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from dragging import settle
from PyQt6.QtCore import QTimer
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QLineEdit

from jolly_parlor.app import theme
from jolly_parlor.app.samples import DEMO
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import LEFT
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.project.files import open_project

CHANGES = 5


class Beat:
    """The longest time between two beats of a timer."""

    def __init__(self) -> None:
        self.longest = 0.0
        self._last = time.perf_counter()
        self._timer = QTimer()
        self._timer.timeout.connect(self._beat)
        self._timer.start(2)

    def begin(self) -> None:
        self.longest, self._last = 0.0, time.perf_counter()

    def _beat(self) -> None:
        now = time.perf_counter()
        self.longest, self._last = max(self.longest, now - self._last), now


def took(done: Callable[[], object]) -> float:
    """Milliseconds from now until everything asked to be painted is painted."""
    start = time.perf_counter()
    done()
    QApplication.processEvents()
    return 1000 * (time.perf_counter() - start)


def nearer(document: Document) -> Document:
    a = document.arrangements[0]
    at = replace(a.left, y=a.left.y + 0.01)
    return replace_arrangement(document, a.mirrored_move(LEFT, at, document.room))


def spin() -> None:
    while True:
        sum(range(10_000))


def measure(window: MainWindow, beat: Beat) -> None:
    print("station      shown    key  commit  longest still")
    for station in WALK:
        settle(window)
        beat.begin()
        shown = took(lambda: window.go(station))  # noqa: B023
        settle(window)
        key = float("nan")
        fields = [f for f in window.stack.currentWidget().findChildren(QLineEdit) if f.isVisible()]
        if fields:
            fields[0].setFocus()
            key = took(lambda: QTest.keyClicks(fields[0], "1"))  # noqa: B023
            fields[0].clearFocus()
            window.session.refused.emit("")
        commits = []
        for _ in range(CHANGES):
            commits.append(took(lambda: window.session.do("nearer", nearer)))
            settle(window)
        print(
            f"{station:10} {shown:7.0f} {key:6.1f} {sorted(commits)[CHANGES // 2]:7.1f} "
            f"{1000 * beat.longest:14.1f}"
        )


def main() -> None:
    """Print the table."""
    busy = [
        multiprocessing.Process(target=spin, daemon=True)
        for _ in range(int(sys.argv[1]) if len(sys.argv) > 1 else 0)
    ]
    app = application()
    theme.apply(app, theme.DAY)
    with tempfile.TemporaryDirectory() as folder:
        place = Path(folder)
        window = MainWindow(
            open_project(DEMO).project,
            DEMO,
            SettingsStore(place / "settings.json"),
            place / "unsaved",
        )
        window.resize(1280, 800)
        window.show()
        settle(window)
        for one in busy:
            one.start()
        measure(window, Beat())
        for one in busy:
            one.terminate()
        window.session.history.saved()
        window.close()


if __name__ == "__main__":
    main()
