"""Files, refusals, unsaved work, settings."""

import gc
import json
import weakref
from collections.abc import Callable
from pathlib import Path

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtGui import QCloseEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QLineEdit, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import delete_what_was_let_go, settled
from jolly_parlor.app import dialogs, theme
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import LEFT
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.project.history import Project
from rooms import rebuilt


def test_unsaved_changes_are_asked_about(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    window.copy()
    assert window.windowTitle().startswith("The Kiln Room *")
    answers = iter(["stay", "save", "discard"])
    monkeypatch.setattr(dialogs, "ask_unsaved", lambda *_: next(answers))
    event = QCloseEvent()
    window.closeEvent(event)
    assert not event.isAccepted()
    room = tmp_path / "kept.parlor"
    monkeypatch.setattr(dialogs, "ask_save", lambda *_: room)
    assert window.may_leave()
    assert len(open_document(room).arrangements) == 4
    window.remove()
    window.new_document()
    assert window.session.document.room.name == "New room"
    assert window.stones.current == 0


def test_saving_cancelled_keeps_the_document_open(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    window.copy()
    monkeypatch.setattr(dialogs, "ask_unsaved", lambda *_: "save")
    monkeypatch.setattr(dialogs, "ask_save", lambda *_: None)
    assert not window.may_leave()
    assert window.session.history.changed


def test_a_damaged_file_is_refused_in_words_and_nothing_is_lost(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    bad = tmp_path / "bad.parlor"
    bad.write_bytes(b"PK\x03\x04 not really")
    before = window.session.document
    monkeypatch.setattr(dialogs, "ask_open", lambda *_: bad)
    QTest.keyClick(window, Qt.Key.Key_O, Qt.KeyboardModifier.ControlModifier)
    assert window.notice.isVisible()
    assert "bad.parlor is damaged or cut off" in window.notice_text.text()
    assert window.session.document is before
    monkeypatch.setattr(dialogs, "ask_save", lambda *_: bad)
    window.save_as()
    assert "not overwritten" in window.notice_text.text()
    assert bad.read_bytes() == b"PK\x03\x04 not really"


def test_a_refused_response_names_the_line_and_changes_nothing(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    bad = tmp_path / "sweep.txt"
    bad.write_text("Hz dB\n20 60\n30 loud\n")
    before = window.session.document
    monkeypatch.setattr(dialogs, "choose_response", lambda *_: bad)
    monkeypatch.setattr(dialogs, "ask_where", lambda *_: ("left", "sofa"))
    QTest.keyClick(window, Qt.Key.Key_I, Qt.KeyboardModifier.ControlModifier)
    assert window.notice_text.text() == "sweep.txt, line 3: the level “loud” is not a number."
    assert window.session.document is before
    assert window.stones.current == 4


@pytest.mark.parametrize(
    ("station", "field", "text", "says"),
    [
        ("survey", "width", "wide", "“wide” is not a length"),
        ("survey", "width", "0.2", "A width of 0.2 cannot be"),
        ("survey", "width", "1.0", "reaches beyond the room"),
        ("survey", "temperature_celsius", "80", "between -20 and 50"),
        ("gear", "monitor low_corner_hz", "deep", "“deep” is not a number"),
        ("gear", "monitor low_corner_hz", "5000", "give one from 5 to 500"),
        ("lineup", "left y", "9 m", "outside the room"),
    ],
)
def test_bad_entries_get_a_sentence_and_change_nothing(
    window: MainWindow, station: str, field: str, text: str, says: str
) -> None:
    window.go(station)
    before = window.session.document
    entry = window.stack.currentWidget().findChild(QLineEdit, field)
    entry.setFocus()
    entry.selectAll()
    QTest.keyClicks(entry, text)
    QTest.keyClick(entry, Qt.Key.Key_Return)
    assert says in window.notice_text.text()
    assert window.notice.isVisible()
    assert window.session.document is before


def test_themes_and_units_swap_and_are_remembered(
    qtbot: QtBot, window: MainWindow, tmp_path: Path
) -> None:
    QTest.keyClick(window, Qt.Key.Key_E, Qt.KeyboardModifier.ControlModifier)
    assert theme.current() is theme.EVENING
    window.go("lineup")
    QTest.keyClick(window, Qt.Key.Key_U, Qt.KeyboardModifier.ControlModifier)
    assert "'" in window.lineup.fields[LEFT, "z"].text()
    kept = SettingsStore(tmp_path / "settings.json").values
    assert (kept.theme, kept.units) == ("evening", "imperial")


def test_a_settings_file_that_makes_no_sense_is_set_aside(tmp_path: Path) -> None:
    path = tmp_path / "settings.json"
    path.write_text(json.dumps({"theme": "neon"}))
    assert SettingsStore(path).values.theme == "desktop"
    assert "neon" in path.with_suffix(".unreadable").read_text()


def test_a_moved_monitor_makes_its_takes_stale_and_says_so(
    qtbot: QtBot, window: MainWindow
) -> None:
    window.focus_plan()
    window.session.select(LEFT)
    QTest.keyClick(window.plan, Qt.Key.Key_Down, Qt.KeyboardModifier.ShiftModifier)
    window.go("takes")
    settled(qtbot, window)
    assert window.stones.states[4] == "needs attention"
    assert window.takes.stale_card.isVisible()
    assert "_left_desk.txt" in window.takes.stale.text()
    window.go("compare")
    settled(qtbot, window)
    assert "Ranked by forecast; 2 of 3 have takes" in window.compare.under.text()
    window.go("takes")
    window.takes.findChild(QPushButton, "remove-stale").click()
    assert not window.takes.stale_card.isVisible()


def test_a_school_that_cannot_be_met_says_why(
    open_window: Callable[..., MainWindow], kiln: Document
) -> None:
    from dataclasses import replace

    room = rebuilt(kiln.room, width=1.9, openings=(), keep_outs=())
    window = open_window(replace(kiln, room=room, arrangements=()))
    window.rough_in("third")
    assert "needs 1.45 m between the monitors" in window.notice_text.text()
    assert window.session.document.arrangements == ()


def test_renaming_follows_everywhere(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(dialogs, "ask_name", lambda *_: "Brick side")
    window.rename()
    assert window.arrangement_name.text() == "Brick side"
    monkeypatch.setattr(dialogs, "ask_name", lambda *_: "Thirty-eight")
    window.rename()
    assert "already an arrangement" in window.notice_text.text()


def test_files_saved_elsewhere_open_in_the_window(
    qtbot: QtBot, window: MainWindow, demo: Document, tmp_path: Path
) -> None:
    path = tmp_path / "again.parlor"
    save_document(demo, path)
    window.open_path(path)
    settled(qtbot, window)
    assert window.session.path == path
    assert not window.session.history.changed
    QApplication.processEvents()


def test_a_window_that_was_closed_is_let_go(
    qtbot: QtBot, qapp: object, demo: Document, tmp_path: Path
) -> None:
    """Regression: the desktop's hints held it through a lambda, and all of its pages with it."""
    window = MainWindow(Project(demo), None, SettingsStore(tmp_path / "s.json"), tmp_path / "u")
    window.show()
    settled(qtbot, window)
    window.session.history.saved()
    window.close()
    window.deleteLater()
    delete_what_was_let_go()
    let_go = weakref.ref(window)
    del window
    gc.collect()
    assert let_go() is None
