"""How long until something is seen, until the room is, and what the window holds while it rests.

Run from the repository: `.venv/bin/python benchmarks/start.py [ROUNDS] [SECONDS]`. Each round
starts a bare window (PyQt6 and a plot of three points) and the program with the demo, one after the
other, from a new process; printed are the medians, and their ratios. Then each station of the demo
rests for SECONDS: megabytes resident, and processor seconds spent in the second half of it. Asserts
nothing.
"""

import json
import os
import statistics
import subprocess
import sys
import tempfile
import time
from pathlib import Path
from typing import Any

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

DEMO = Path(__file__).parents[1] / "examples" / "kiln-room.parlor"

_WATCH = """
import json, os, sys, time
from PyQt6.QtCore import QEvent, QObject, QTimer
began = float(sys.argv[1])
seen = {}
class Watch(QObject):
    def eventFilter(self, watched, event):
        if event.type() == QEvent.Type.Paint and watched.isWidgetType():
            kind = type(watched.window()).__name__
            if kind not in seen:
                QTimer.singleShot(0, lambda: seen.setdefault(kind, time.monotonic() - began))
        return False
def tell():
    print(json.dumps(seen), flush=True)
    os._exit(0)
"""
_BARE = (
    _WATCH
    + """
from PyQt6.QtWidgets import QApplication, QMainWindow
import pyqtgraph
app = QApplication([])
watch = Watch(); app.installEventFilter(watch)
window = QMainWindow()
plot = pyqtgraph.PlotWidget(); plot.plot([1, 2, 3], [1, 3, 2])
window.setCentralWidget(plot); window.resize(1280, 800); window.show()
QTimer.singleShot(500, tell)
app.exec()
"""
)
_OURS = (
    _WATCH
    + """
from pathlib import Path
from jolly_parlor.app import opening
app = opening.dressed()
watch = Watch(); app.installEventFilter(watch)
timer = QTimer(); timer.timeout.connect(lambda: "MainWindow" in seen and tell()); timer.start(20)
opening.run(Path(sys.argv[2]))
"""
)
_REST = """
import json, os, sys, time
from pathlib import Path
from PyQt6.QtWidgets import QApplication
from jolly_parlor.app import theme
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.files import open_project
document, station, seconds, folder = sys.argv[1:]
def megabytes():
    pages = int(Path("/proc/self/statm").read_text().split()[1])
    return pages * os.sysconf("SC_PAGE_SIZE") / 1e6
def rest(seconds):
    until = time.monotonic() + seconds
    while time.monotonic() < until:
        app.processEvents()
        time.sleep(0.02)
app = application()
theme.apply(app, theme.DAY)
settings = SettingsStore(Path(folder) / "settings.json")
window = MainWindow(open_project(Path(document)).project, None, settings, Path(folder) / "unsaved")
window.show()
if station:
    window.go(station)
rest(float(seconds) / 2)
before = time.process_time()
rest(float(seconds) / 2)
print(json.dumps([megabytes(), time.process_time() - before]), flush=True)
os._exit(0)
"""


def started(script: str, *words: object) -> dict[str, float]:
    """Seconds from before the process to the end of each kind of window's first painting."""
    found: dict[str, float] = told(script, time.monotonic(), *words)
    return found


def told(script: str, *words: object) -> Any:
    """What a script run by itself prints last."""
    done = subprocess.run(
        [sys.executable, "-c", script, *map(str, words)],
        capture_output=True,
        text=True,
        check=True,
        timeout=600,
    )
    return json.loads(done.stdout.splitlines()[-1])


def main() -> None:
    """Print both tables."""
    rounds = int(sys.argv[1]) if len(sys.argv) > 1 else 5
    seconds = float(sys.argv[2]) if len(sys.argv) > 2 else 60.0
    bare, card, room = [], [], []
    with tempfile.TemporaryDirectory() as home:
        os.environ["XDG_CONFIG_HOME"] = os.environ["XDG_STATE_HOME"] = home
        for _ in range(rounds):
            bare.append(started(_BARE)["QMainWindow"])
            ours = started(_OURS, DEMO)
            card.append(ours["OpeningCard"])
            room.append(ours["MainWindow"])
    middle = statistics.median(bare)
    print(f"{rounds} rounds; medians in seconds, and times the bare window")
    for name, found in (("bare window", bare), ("first paint", card), ("the room seen", room)):
        print(
            f"  {name:<14} {statistics.median(found):6.2f} {statistics.median(found) / middle:6.2f}"
        )
    print(f"resting {seconds:.0f} s: megabytes, processor seconds of the second half")
    for station in ("", "survey", "forecast", "compare", "takes", "signoff"):
        with tempfile.TemporaryDirectory() as folder:
            size, busy = told(_REST, DEMO, station, seconds, folder)
            print(f"  {station or 'as opened':<14} {size:6.0f} {busy:6.2f}", flush=True)


if __name__ == "__main__":
    main()
