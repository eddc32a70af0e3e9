"""Pictures of each main view of the demo, 1280 by 800, made without a screen."""

import os
import tempfile
from dataclasses import replace
from pathlib import Path

from PyQt6.QtCore import QEventLoop, QTimer
from PyQt6.QtGui import QColor, QPainter

from jolly_parlor.app import theme
from jolly_parlor.app.commands import DEMO
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.import_preview import ImportPreview
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.files import open_project
from jolly_parlor.project.history import Project
from jolly_parlor.refused import Refused
from jolly_parlor.signals.importing import read_take

_PATIENCE_MS = 60_000
_STATIONS = {
    "survey": "survey",
    "gear": "gear",
    "lineup": "line-up",
    "takes": "takes",
    "compare": "compare",
    "signoff": "sign-off",
}


def take_all(folder: Path) -> list[Path]:
    """Render every main view into a folder; the files made. Raises Refused in words."""
    if not os.environ.get("DISPLAY") and not os.environ.get("WAYLAND_DISPLAY"):
        os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    app = application()  # kept: Qt goes when nobody holds it
    theme.apply(app, theme.DAY)
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise Refused(f"{folder} cannot be written: {error.strerror}.") from None
    with tempfile.TemporaryDirectory() as scratch:
        settings = SettingsStore(Path(scratch) / "settings.json")
        demo = open_project(DEMO).project
        window = MainWindow(demo, DEMO, settings, Path(scratch))
        window.resize(1280, 800)
        window.show()
        _settle(window)
        try:
            return _Pictures(window, folder).take()
        finally:
            window.session.history.saved()
            window.close()


class _Pictures:
    """Walks a window through its views."""

    def __init__(self, window: MainWindow, folder: Path) -> None:
        self.window, self.folder = window, folder
        self.made: list[Path] = []

    def take(self) -> list[Path]:
        """All of them, in the order of the walk's importance."""
        window, session = self.window, self.window.session
        self._point_at_the_worst()
        self._keep("forecast")
        session.point_at(Highlight())
        session.show_mix("both+sub")
        session.show_layer("measured")
        self._keep("forecast-measured")
        session.show_layer("forecast")
        session.show_mix("both")
        for station, name in _STATIONS.items():
            window.go(station)
            self._keep(name)
        session.tints.choose("seat")
        window.go("forecast")
        self._keep("seat-map")
        session.tints.choose("pressure")
        window.forecast.response.point_at_frequency(61.0)
        self._keep("pressure")
        session.tints.choose("")
        window.forecast.reading.buttons["paths"].click()
        self._keep("paths")
        window.forecast.reading.buttons["findings"].click()
        self._preview()
        self._search()
        self._measure()
        window.toggle_theme()
        self._point_at_the_worst()
        self._keep("evening")
        window.toggle_theme()
        session.load(Project(blank_document()), None)
        window.go("lineup")
        self._keep("empty")
        return self.made

    def _preview(self) -> None:
        """A file as it is looked at before it is taken."""
        path = DEMO.parent / "kiln-room-takes" / "a-third_left_desk.txt"
        where = "left at the desk in “A third”"
        preview = ImportPreview(
            self.window, path.name, where, lambda curve: read_take(path, curve=curve)
        )
        preview.show()
        _settle(self.window)
        picture, dialog = self.window.grab(), preview.grab()
        with QPainter(picture) as painter:
            at = picture.rect().center() - dialog.rect().center()
            painter.fillRect(picture.rect(), QColor(0, 0, 0, 90))
            painter.drawPixmap(at, dialog)
        picture.save(str(self.folder / "import.png"))
        self.made.append(self.folder / "import.png")
        preview.close()

    def _search(self) -> None:
        """What a search brings, scrolled to."""
        self.window.go("lineup")
        lineup = self.window.lineup
        lineup.search.toggle()
        while lineup.search.searching:
            _settle(self.window)
        lineup.scroll_area.ensureWidgetVisible(lineup.search.frame)
        bar = lineup.scroll_area.verticalScrollBar()
        assert bar is not None
        bar.setValue(lineup.search.frame.y() - 4)
        self._keep("search")

    def _measure(self) -> None:
        """One take in the simulated studio, and what it tells."""
        session = self.window.session
        session.load(Project(replace(session.document, takes=())), None)
        self.window.go("takes")
        takes = self.window.takes
        takes.measure.measure_next()
        while takes.measure.measuring:
            _settle(self.window)
        bar = takes.scroll_area.verticalScrollBar()
        assert bar is not None
        bar.setValue(bar.maximum())
        self._keep("take")
        session.load(open_project(DEMO).project, DEMO)
        _settle(self.window)
        takes.fit.go.click()
        _settle(self.window)
        bar.setValue(takes.fit.frame.y() - 4)
        self._keep("learn")

    def _point_at_the_worst(self) -> None:
        self.window.go("forecast")
        _settle(self.window)
        for finding in self.window.session.findings or ():
            if finding.causes:
                mark = finding.causes[0].mark
                self.window.session.point_at(Highlight(mark.lane, mark))
                return

    def _keep(self, name: str) -> None:
        _settle(self.window)
        path = self.folder / f"{name}.png"
        if not self.window.grab().save(str(path)):
            raise Refused(f"{path} could not be written.")
        self.made.append(path)


def _settle(window: MainWindow) -> None:
    """Run the event loop until nothing is being worked out and all is painted."""
    loop, timer, waited = QEventLoop(), QTimer(), 0

    def look() -> None:
        nonlocal waited
        waited += timer.interval()
        if not window.session.calculating or waited > _PATIENCE_MS:
            timer.stop()
            QTimer.singleShot(80, loop.quit)

    timer.setInterval(40)
    timer.timeout.connect(look)
    timer.start()
    loop.exec()
