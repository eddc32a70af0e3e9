"""Three subwoofers and five loudspeakers: entered, placed, dragged, forecast, measured, saved."""

from collections.abc import Callable
from pathlib import Path

import numpy as np
import pytest
from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QComboBox, QLabel, QPushButton
from pytestqt.qtbot import QtBot

from certain import some
from helpers_app import drag_on_plan, press, settled
from jolly_parlor.app import dialogs
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.project import edits
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document
from places import EXAMPLES


def choose(window: MainWindow, name: str, value: str) -> None:
    box = window.findChild(QComboBox, name)
    assert box is not None, f"no choice {name}"
    at = box.findData(value)
    assert at >= 0
    box.setCurrentIndex(at)
    box.activated.emit(at)


@pytest.fixture
def full(window: MainWindow, qtbot: QtBot) -> MainWindow:
    """The demo with two more subwoofers, a centre, a surround and one overhead."""
    window.go("gear")
    for name in ("add-sub", "add-sub", "add-loudspeaker"):
        press(window, name)
    press(window, "add-loudspeaker")
    choose(window, "centre 2 role", "surround")
    press(window, "add-loudspeaker")
    choose(window, "centre 2 role", "height")
    settled(qtbot, window)
    return window


def test_the_walk_with_eight(
    full: MainWindow, qtbot: QtBot, monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    window, session = full, full.session
    ids = [one.id for one in session.document.gear.loudspeakers]
    assert ids == ["left", "right", "sub", "sub 2", "sub 3", "centre", "surround", "height"]
    a = session.arrangement
    assert a is not None
    assert set(a.places) == set(ids)
    apart = [a.places[x].distance(a.places[y]) for x in ids for y in ids if x < y]
    assert min(apart) > 0.25, "none stands in another"
    assert a.places["height"].z > 2.2
    # Dragged on the plan.
    window.go("forecast")
    session.select(loudspeaker("sub 3"))
    settled(qtbot, window)
    view = window.plan.unfolded
    start = view.on_plan(a.places["sub 3"].x, a.places["sub 3"].y)
    drag_on_plan(window, start, QPoint(round(-0.4 * view.scale), 0))
    settled(qtbot, window)
    moved = session.arrangement
    assert moved is not None
    assert moved.places["sub 3"].x == pytest.approx(a.places["sub 3"].x - 0.4, abs=0.03)
    # Forecast alone and in every mix: each its own curve.
    curves = {}
    for mix in ("both", "both+sub", "subs", "all", "sub 2", "centre", "height"):
        session.show_mix(mix)
        settled(qtbot, window)
        curves[mix] = session.shown.forecast.deviation_db.copy()
    names = list(curves)
    for i, one in enumerate(names):
        for other in names[i + 1 :]:
            a_curve, b_curve = curves[one], curves[other]
            assert a_curve.shape != b_curve.shape or np.abs(a_curve - b_curve).max() > 0.5
    # What cannot be judged says so.
    session.show_mix("centre")
    session.select(loudspeaker("sub 2"))
    settled(qtbot, window)
    assert "plays without the sub 2" in session.neighbourhood.why_not
    # Measured: a file for the second subwoofer.
    window.go("takes")
    path = EXAMPLES / "kiln-room-takes" / "a-third_sub_desk.txt"
    monkeypatch.setattr(dialogs, "choose_response", lambda *_: path)
    press(window, "take-sub 2-desk")
    press(window, "import-sub 2-desk")
    assert session.document.take_of(session.document.arrangement(moved.name), "sub 2", "desk")
    # Compared with all that play.
    window.go("compare")
    session.show_mix("all")
    settled(qtbot, window)
    assert len(window.compare.rows) == 3
    # Saved and opened.
    room = tmp_path / "eight.parlor"
    monkeypatch.setattr(dialogs, "ask_save", lambda *_: room)
    window.activateWindow()  # on a busy machine it may not be yet, and keys reach active windows
    qtbot.waitUntil(window.isActiveWindow)
    QTest.keyClick(window, Qt.Key.Key_S, Qt.KeyboardModifier.ControlModifier)
    again = open_document(room)
    assert again.gear == session.document.gear
    assert again.arrangements == session.document.arrangements
    card = tmp_path / "card.html"
    monkeypatch.setattr(dialogs, "ask_card", lambda *_: card)
    window.go("signoff")
    window.save_card()
    assert "sub 3" in card.read_text()
    assert "height" in card.read_text()


def test_takes_are_asked_about_when_the_gear_changes(
    open_window: Callable[..., MainWindow], demo: Document, qtbot: QtBot
) -> None:
    window = open_window(demo)
    window.go("takes")
    assert not window.takes.doubtful.frame.isVisible()
    window.go("gear")
    field = window.stack.currentWidget().findChild(object, "monitor low_corner_hz")
    field.setFocus()
    field.selectAll()
    QTest.keyClicks(field, "55")
    QTest.keyClick(field, Qt.Key.Key_Return)
    window.go("takes")
    settled(qtbot, window)
    card = window.takes.doubtful.frame
    assert card.isVisible()
    assert window.stones.states[4] == "needs attention"
    words = " ".join(one.text() for one in card.findChildren(QLabel))
    assert "the model of left" in words
    before = len(window.session.document.doubtful_takes())
    assert before == 12
    press(window, "remove-take-0001")
    assert len(window.session.document.doubtful_takes()) == before - 1
    press(window, "valid-all")
    assert window.session.document.doubtful_takes() == []
    assert not window.takes.doubtful.frame.isVisible()


def test_markup_in_names_is_shown_as_text(window: MainWindow, qtbot: QtBot) -> None:
    name = "<b>Mine</b> & yours"
    assert window.session.do("Rename", lambda d: edits.rename_arrangement(d, "A third", name))
    window.session.show_arrangement(name)
    buttons: list[str] = []
    for station in WALK:
        window.go(station)
        settled(qtbot, window)
        labels = [one for one in window.findChildren(QLabel) if "Mine" in one.text()]
        for one in some(labels):
            assert one.textFormat() == Qt.TextFormat.PlainText or "&lt;b&gt;" in one.text()
        buttons += [one.text() for one in window.findChildren(QPushButton) if "Mine" in one.text()]
    assert all("&&" in text for text in some(buttons)), "an ampersand is no shortcut"
