"""The window in its desktop: opened, come back, found again, and what is dropped on it."""

import json
import os
import subprocess
import sys
import threading
import traceback
from collections.abc import Callable
from pathlib import Path

import pytest
from PyQt6.QtCore import QEvent, QMimeData, QObject, QPoint, QPointF, Qt, QUrl
from PyQt6.QtGui import QDragEnterEvent, QDropEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QCheckBox, QPushButton, QWidget
from pytestqt.qtbot import QtBot

from helpers_app import press, settled
from jolly_parlor.app import dialogs, theme
from jolly_parlor.app.one_window import bring_forward
from jolly_parlor.app.opening import OpeningCard
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import save_document
from processes import ran, ran_here


class _Windows(QObject):
    """Notes every window that is shown beside those known, and what called for it."""

    def __init__(self, known: QWidget) -> None:
        super().__init__()
        self._known = known
        self.seen: list[str] = []

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        shown = event is not None and event.type() == QEvent.Type.Show
        if shown and isinstance(watched, QWidget) and watched.isWindow():
            if watched is not self._known:
                inside = [type(child).__name__ for child in watched.children()]
                called = "".join(traceback.format_stack(limit=12))
                self.seen.append(f"{watched.metaObject().className()} with {inside}\n{called}")
        return False


def test_no_other_window_flashes_up_while_stations_are_made(
    qtbot: QtBot, window: MainWindow
) -> None:
    noted = _Windows(window)
    application = QApplication.instance()
    application.installEventFilter(noted)
    for station in WALK:
        window.go(station)
        settled(qtbot, window)
    application.removeEventFilter(noted)
    assert noted.seen == []


def test_no_window_flashes_up_where_controls_are_opened(
    qtbot: QtBot, open_window: Callable[..., MainWindow], demo: Document
) -> None:
    window = open_window(demo)
    noted = _Windows(window)
    application = QApplication.instance()
    application.installEventFilter(noted)
    window.go("gear")
    settled(qtbot, window)
    press(window, "sub controls")
    settled(qtbot, window)
    application.removeEventFilter(noted)
    again = window.gear.findChild(QPushButton, "sub controls")
    assert again.isChecked() and window.gear.findChild(QCheckBox, "sub has gain_db").isVisible()
    assert noted.seen == []


def test_a_station_is_not_made_before_somebody_goes_there(
    open_window: Callable[..., MainWindow], demo: Document
) -> None:
    window = open_window(demo)
    assert [station.id for station in window.stations.made] == ["gear"]
    window.go("forecast")
    assert [station.id for station in window.stations.made] == ["gear", "forecast"]


def test_the_opening_card_says_what_is_opened_before_the_calculation_is_loaded() -> None:
    code = (
        "import sys; from jolly_parlor.app import opening; app = opening.dressed(); "
        "card = opening.OpeningCard('kiln room', opening.theme.DAY); card.show(); card.grab(); "
        "print(card.accessibleName(), [m for m in sys.modules if m in "
        "('numpy', 'scipy', 'pyqtgraph', 'pydantic', 'jolly_parlor.project.document')])"
    )
    done = ran(
        [sys.executable, "-c", code], environment=os.environ | {"QT_QPA_PLATFORM": "minimal"}
    )
    assert done.stdout.strip() == "Opening kiln room … []", done.stderr


def test_the_opening_card_is_painted_in_both_themes(qtbot: QtBot, qapp: object) -> None:
    for colours in (theme.DAY, theme.EVENING):
        card = OpeningCard("kiln room", colours)
        qtbot.addWidget(card)
        picture = card.grab().toImage()
        assert picture.pixelColor(8, 8) == colours.colour("paper")


def test_place_splitter_station_and_recent_rooms_come_back(
    qtbot: QtBot, open_window: Callable[..., MainWindow], demo: Document, tmp_path: Path
) -> None:
    path = tmp_path / "attic.parlor"
    save_document(demo, path)
    first = open_window(demo, path)
    first.take_place()
    first.resize(1, 700)  # no wider than the screen of the tests
    handle = first.place._split.handle(1)
    QTest.mousePress(handle, Qt.MouseButton.LeftButton, pos=QPoint(1, 20))
    QTest.mouseMove(handle, QPoint(31, 20))
    QTest.mouseRelease(handle, Qt.MouseButton.LeftButton, pos=QPoint(31, 20))
    first.go("takes")
    settled(qtbot, first)
    wide, size = first.plan.width(), first.size()
    first.close()
    again = open_window(demo, path)
    again.take_place()
    qtbot.waitUntil(lambda: again.size() == size)
    assert again.station == "takes" and abs(again.plan.width() - wide) < 12
    again.menus._fill_recent()
    assert [action.text() for action in again.menus._recent.actions()] == ["attic"]
    again.open_demo()
    settled(qtbot, again)
    assert again.session.path is None
    again.menus._recent.actions()[0].trigger()
    settled(qtbot, again)
    assert again.session.path == path and again.station == "takes"


def test_two_recent_rooms_of_one_name_tell_their_folders(
    open_window: Callable[..., MainWindow], demo: Document, tmp_path: Path
) -> None:
    window = open_window(demo)
    window.menus._fill_recent()
    assert [a.text() for a in window.menus._recent.actions()] == ["None yet"]
    for folder in ("old", "new"):
        (tmp_path / folder).mkdir()
        window.settings.visited(tmp_path / folder / "attic.parlor")
    window.menus._fill_recent()
    assert [a.text() for a in window.menus._recent.actions()] == ["attic, in new", "attic, in old"]


def test_a_document_opened_twice_brings_its_window_forward(
    qtbot: QtBot, open_window: Callable[..., MainWindow], demo: Document, tmp_path: Path
) -> None:
    path = tmp_path / "attic.parlor"
    save_document(demo, path)
    window = open_window(demo, path)
    window.take_place()
    window.showMinimized()
    code = (
        "import sys; from pathlib import Path; from jolly_parlor.app import opening; "
        "sys.exit(opening.run(Path(sys.argv[1])))"
    )
    (tmp_path / "link.parlor").symlink_to(path)
    came = []
    asked = threading.Thread(
        target=lambda: came.append(ran([sys.executable, "-c", code, tmp_path / "link.parlor"]))
    )
    asked.start()
    qtbot.waitUntil(lambda: not asked.is_alive(), timeout=20_000)
    assert came[0].returncode == 0
    assert not window.isMinimized()
    window.close()
    assert not bring_forward(path)  # nobody answers for it any more


def _dropped(window: MainWindow, on: QWidget, paths: list[Path]) -> bool:
    mime = QMimeData()
    mime.setUrls([QUrl.fromLocalFile(str(path)) for path in paths])
    mime.setText(str(paths[0]))  # as file managers do beside it
    at, keys = QPoint(5, 5), Qt.KeyboardModifier.NoModifier
    enter = QDragEnterEvent(at, Qt.DropAction.CopyAction, mime, Qt.MouseButton.LeftButton, keys)
    # The desktop hands a drop to the nearest parent that takes drops.
    taker = on
    while not taker.acceptDrops() and taker.parentWidget() is not None:
        taker = taker.parentWidget()
    QApplication.sendEvent(taker, enter)
    if not enter.isAccepted():
        return False
    drop = QDropEvent(QPointF(at), Qt.DropAction.CopyAction, mime, Qt.MouseButton.LeftButton, keys)
    QApplication.sendEvent(taker, drop)
    return drop.isAccepted()


def test_whatever_is_dropped_anywhere_goes_where_it_belongs(
    qtbot: QtBot,
    window: MainWindow,
    demo: Document,
    tmp_path: Path,
    monkeypatch: pytest.MonkeyPatch,
) -> None:
    response = tmp_path / "left.txt"
    response.write_text("20 80\n200 82\n", "utf-8")
    asked = []
    monkeypatch.setattr(dialogs, "ask_where", lambda parent, name, document: asked.append(name))
    assert _dropped(window, window.plan, [response])
    assert asked == ["left.txt"] and window.station == "takes"
    window.go("survey")
    assert _dropped(window, window.survey.title, [response])  # fields take no files themselves
    assert asked == ["left.txt"] * 2
    window.go("hear")
    settled(qtbot, window)
    piece = tmp_path / "song.wav"
    assert ran_here(["signal", "steps", piece]).returncode == 0
    assert _dropped(window, window.hear, [piece])
    assert window.hear.heard.own is not None and asked == ["left.txt"] * 2
    path = tmp_path / "attic.parlor"
    save_document(demo, path)
    assert _dropped(window, window.stones, [path, response])
    settled(qtbot, window)
    assert window.session.path == path


def test_words_dragged_about_are_no_files(window: MainWindow) -> None:
    mime = QMimeData()
    mime.setText("20 80")
    enter = QDragEnterEvent(
        QPoint(5, 5),
        Qt.DropAction.CopyAction,
        mime,
        Qt.MouseButton.LeftButton,
        Qt.KeyboardModifier.NoModifier,
    )
    enter.ignore()
    QApplication.sendEvent(window, enter)
    assert not enter.isAccepted()


def test_settings_that_make_no_sense_do_not_stop_the_opening(tmp_path: Path) -> None:
    folder = tmp_path / "jolly-parlor"
    folder.mkdir()
    for text in ("[]", "{", json.dumps({"theme": 7})):
        (folder / "settings.json").write_text(text, "utf-8")
        code = "from jolly_parlor.app import opening; print(repr(opening.preferred('theme')))"
        done = subprocess.run(
            [sys.executable, "-c", code],
            env=os.environ | {"XDG_CONFIG_HOME": str(tmp_path)},
            capture_output=True,
            text=True,
            check=True,
        )
        assert done.stdout.strip() in ("''", "'7'")
