"""Pictures of each main view of the demo, 1280 by 800, made without a screen."""

import os
import tempfile
from collections.abc import Callable
from dataclasses import replace
from functools import partial
from pathlib import Path

import numpy as np
from PyQt6.QtCore import QEventLoop, QTimer

from jolly_parlor.app import theme
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.samples import DEMO, SAMPLES
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.grading import Mark, Quality
from jolly_parlor.project.files import open_project
from jolly_parlor.project.history import Project
from jolly_parlor.refused import Refused
from jolly_parlor.training.course import Course

_PATIENCE_MS = 60_000
_STATIONS = {
    "survey": "survey",
    "gear": "gear",
    "lineup": "line-up",
    "takes": "takes",
    "compare": "compare",
    "signoff": "sign-off",
}


def take_all(folder: Path, only: frozenset[str] = frozenset()) -> list[Path]:
    """Render every main view, or only those named; the files made. Raises Refused in words."""
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
            return _Pictures(window, folder, only).take()
        finally:
            window.session.history.saved()
            window.close()


class _Pictures:
    """Walks a window through its views."""

    def __init__(self, window: MainWindow, folder: Path, only: frozenset[str]) -> None:
        self.window, self.folder, self.only = window, folder, only
        self.made: list[Path] = []
        self._undo: Callable[[], object] = _nothing

    def take(self) -> list[Path]:
        """Those asked for, in the order of the walk's importance. Raises Refused in words."""
        steps = self._steps()
        for name in sorted(self.only - steps.keys()):
            raise Refused(f"There is no picture “{name}”; there are {', '.join(steps)}.")
        for name, show in steps.items():
            if not self.only or name in self.only:
                show()
                self._keep(name)
        return self.made

    def _steps(self) -> dict[str, Callable[[], None]]:
        """What brings each view up, whatever was up before."""
        stations = {name: partial(self._station, at) for at, name in _STATIONS.items()}
        return {
            "forecast": self._point_at_the_worst,
            **stations,
            "hear": self._hear,
            "lesson": self._lesson,
            "subs": self._subs,
            "loft": self._loft,
            "fine-tune": self._by_ear,
            "ledger": self._ledger,
            "search": self._search,
            "take": self._take,
            "learn": self._learn,
            "equaliser": self._equaliser,
            "hand-over": self._hand_over,
            "evening": self._evening,
        }

    def _station(self, station: str) -> None:
        self.window.session.point_at(Highlight())
        self.window.go(station)

    def _subs(self) -> None:
        self._station("subs")
        self.window.subs.best.find.click()
        _settle(self.window)

    def _hear(self) -> None:
        """One arrangement against the one that stands there."""
        session = self.window.session
        session.show_mix("both+sub")
        self._station("hear")
        _settle(self.window)
        heard = self.window.hear.heard
        heard.heard = next(name for name in heard.names if name != heard.now)
        self.window.hear.refresh()
        self._then(lambda: session.show_mix("both"))

    def _lesson(self) -> None:
        """A lesson taken to its end by a listener made up; nothing is kept of it."""
        self._station("hear")
        hear = self.window.hear
        hear.show_page("lessons")
        _settle(self.window)
        lessons = hear.lessons
        course = Course.begun(lessons.lesson.scale, 3)
        rng = np.random.default_rng(5)
        while not course.finished:
            hears = course.size > 5.0 or rng.random() < 0.5
            course = course.answered(course.hidden if hears else 1 - course.hidden)
        lessons.course = course
        hear.refresh()
        self._then(lambda: hear.show_page("audition"))

    def _equaliser(self) -> None:
        """Trims and sections, found from the demo's takes."""
        self._station("signoff")
        signoff = self.window.signoff
        signoff.show_page("equaliser")
        signoff.equaliser.find.click()
        self._then(lambda: signoff.show_page("verdict"))

    def _hand_over(self) -> None:
        self._station("signoff")
        self.window.signoff.show_page("handover")
        self._then(lambda: self.window.signoff.show_page("verdict"))

    def _evening(self) -> None:
        self.window.toggle_theme()
        self._point_at_the_worst()
        self._then(self.window.toggle_theme)

    def _by_ear(self) -> None:
        """Two gradings with a step between them, as the demo's owner might note them."""
        tuning = self.window.finetune
        self._station("finetune")
        tuning.show_page("moves")
        heard: tuple[tuple[dict[Quality, Mark], str], ...] = (
            ({"deep_bass": "4", "upper_bass": "2+", "centre": "4-", "space": "3-"}, "heavy"),
            ({"deep_bass": "4-", "upper_bass": "3-", "centre": "4-", "space": "3"}, "clearer"),
        )
        for marks, words in heard:
            for quality, mark in marks.items():
                tuning.grades.ladders[quality].set_mark(mark)
            tuning.grades.piece.setText("Low tide, chamber folk")
            tuning.grades.words.setText(words)
            tuning.grades.note()
            if words == "heavy":
                tuning.moves.go("away")
            _settle(self.window)

    def _ledger(self) -> None:
        self._by_ear()
        self.window.show_ledger()
        _settle(self.window)
        card = self.window.finetune.ledger
        card.table.selectRow(0)
        self._then(lambda: self.window.finetune.show_page("moves"))

    def _search(self) -> None:
        self.window.go("lineup")
        lineup = self.window.lineup
        lineup.search.toggle()
        while lineup.search.searching:
            _settle(self.window)
        lineup.scroll_area.ensureWidgetVisible(lineup.search.frame)
        bar = lineup.scroll_area.verticalScrollBar()
        assert bar is not None
        bar.setValue(lineup.search.frame.y() - 4)

    def _take(self) -> None:
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
        self._then(lambda: session.load(open_project(DEMO).project, DEMO))

    def _loft(self) -> None:
        """A lived-in room, worked out as it is: the pressure at its deepest hollow."""
        session = self.window.session
        session.load(open_project(SAMPLES["loft"]).project, None)
        self._point_at_the_worst()
        session.fields.join()
        session.tints.choose("pressure")
        session.tints.point(70.0)
        self._point_at_the_worst()

        def undo() -> None:
            session.tints.choose("")
            session.load(open_project(DEMO).project, DEMO)

        self._then(undo)

    def _learn(self) -> None:
        self._station("takes")
        takes = self.window.takes
        bar = takes.scroll_area.verticalScrollBar()
        assert bar is not None
        takes.fit.go.click()
        _settle(self.window)
        bar.setValue(takes.fit.frame.y() - 4)

    def _point_at_the_worst(self) -> None:
        self.window.go("forecast")
        _settle(self.window)
        for finding in self.window.session.findings or ():
            if finding.causes:
                mark = finding.causes[0].mark
                self.window.session.point_at(Highlight(mark.lane, mark))
                return

    def _then(self, undo: Callable[[], object]) -> None:
        """What is to be taken back when the picture is made."""
        self._undo = undo

    def _keep(self, name: str) -> None:
        _settle(self.window)
        path = self.folder / f"{name}.png"
        picture = self.window.grab()
        if not picture.save(str(path)):
            raise Refused(f"{path} could not be written.")
        self.made.append(path)
        self._undo()
        self._undo = _nothing
        _settle(self.window)


def _nothing() -> None:
    """Nothing to take back."""


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
