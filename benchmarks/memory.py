"""What the window holds in memory after long use.

Run from the repository: `.venv/bin/python benchmarks/memory.py [ROUNDS]`. Each round does what some
minutes of work do: every arrangement and mix looked at, drags, tints, the fitted room switched to
and back; the first also searches and fits. Prints megabytes resident; asserts nothing.
"""

import os
import sys
import tempfile
import time
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from PyQt6.QtWidgets import QApplication

from jolly_parlor.acoustics.geometry.room import Point
from jolly_parlor.app import theme
from jolly_parlor.app.samples import DEMO
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import LEFT
from jolly_parlor.project.files import open_project


def megabytes() -> float:
    """Resident, when the window has rested for a moment."""
    until = time.monotonic() + 4.0
    while time.monotonic() < until:
        QApplication.processEvents()
        time.sleep(0.01)
    text = Path("/proc/self/statm").read_text().split()[1]
    return int(text) * os.sysconf("SC_PAGE_SIZE") / 1e6


def settle(window: MainWindow, seconds: float = 60.0) -> None:
    """Until nothing is being worked out."""
    until = time.monotonic() + seconds
    while window.session.calculating and time.monotonic() < until:
        QApplication.processEvents()
        time.sleep(0.002)
    QApplication.processEvents()


def drag(window: MainWindow, moves: int) -> None:
    """A monitor dragged about and dropped."""
    session = window.session
    a = session.arrangement
    assert a is not None
    session.select(LEFT)
    for move in range(moves):
        place = Point(a.left.x + 0.003 * (move % 40), a.left.y + 0.002 * (move % 90), a.left.z)
        session.drag(LEFT, place)
        QApplication.processEvents()
    session.drop()
    settle(window)


def work(window: MainWindow) -> None:
    """One round."""
    session = window.session
    for a in session.document.arrangements:
        session.show_arrangement(a.name)
        for station in ("survey", "gear", "lineup", "forecast", "takes", "compare", "signoff"):
            window.go(station)
            settle(window)
        window.go("forecast")
        for mix in ("left", "both", "both+sub"):
            session.show_mix(mix)
            settle(window)
        for kind in ("seat", "source", "pressure", ""):
            session.tints.choose(kind)
            settle(window)
        drag(window, 150)
    if session.fitted.fit is not None:
        for used in (True, False):
            session.fitted.use(used)
            settle(window)


def main() -> None:
    """Rounds."""
    rounds = int(sys.argv[1]) if len(sys.argv) > 1 else 6
    app = application()
    theme.apply(app, theme.DAY)
    with tempfile.TemporaryDirectory() as scratch:
        folder = Path(scratch)
        settings = SettingsStore(folder / "settings.json")
        window = MainWindow(open_project(DEMO).project, None, settings, folder / "unsaved")
        window.resize(1280, 800)
        window.show()
        settle(window)
        print(f"opened: {megabytes():.0f} MB", flush=True)
        for number in range(1, rounds + 1):
            work(window)
            print(f"round {number}: {megabytes():.0f} MB", flush=True)
            if number == 1:
                window.go("lineup")
                window.lineup.search.toggle()
                while window.lineup.search.searching:
                    QApplication.processEvents()
                    time.sleep(0.002)
                print(f"searched: {megabytes():.0f} MB", flush=True)
                window.session.fitted.learn()
                settle(window, 120)
                print(f"fitted: {megabytes():.0f} MB", flush=True)
        window.session.history.saved()
        window.close()


if __name__ == "__main__":
    main()
