"""A walk through the window in a bent, furnished room: its plan drawn, its things set, judged."""

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from PyQt6.QtCore import QPoint, QPointF, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QComboBox, QLabel, QLineEdit
from pytestqt.qtbot import QtBot

from helpers_app import drag_on_plan, press, settled
from jolly_parlor.acoustics.geometry.changed_room import resized
from jolly_parlor.app import dialogs
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document

pytestmark = pytest.mark.real_field

PATIENCE = 240_000


def small() -> Document:
    """An empty room that is worked out in a few seconds once it is bent."""
    document = blank_document()
    return replace(document, room=resized(document.room, 3.0, 3.6, 2.3))


def field(window: MainWindow, name: str) -> QLineEdit:
    found = window.stack.currentWidget().findChild(QLineEdit, name)
    assert found is not None, f"no field {name}"
    return found


def type_into(window: MainWindow, name: str, text: str) -> None:
    line = field(window, name)
    line.setFocus()
    line.selectAll()
    QTest.keyClicks(line, text)
    QTest.keyClick(line, Qt.Key.Key_Return)


def choose(window: MainWindow, name: str, text: str) -> None:
    box = window.findChild(QComboBox, name)
    assert box is not None
    box.setCurrentText(text)
    box.textActivated.emit(text)


def add_to_front(window: MainWindow, kind: str, **metres: str) -> None:
    choose(window, "plan-wall", "front")
    choose(window, "plan-kind", kind)
    for name, text in metres.items():
        type_into(window, f"recess {name}", text)
    press(window, "add-recess")


def test_a_bent_furnished_room_from_plan_to_card(
    qtbot: QtBot,
    open_window: Callable[..., MainWindow],
    monkeypatch: pytest.MonkeyPatch,
    tmp_path: Path,
) -> None:
    window = open_window(small())
    session = window.session
    window.go("survey")
    # A corner is taken out: an L, whose walls get lengths, linings and names of their own.
    add_to_front(window, "corner taken out", width="1.0", depth="1,2")
    room = session.document.room
    assert len(room.plan) == 6
    assert room.floor_area == pytest.approx(3.0 * 3.6 - 1.2)
    choose(window, "plan-wall", "corner 2")
    type_into(window, "wall-name", "step")
    assert "step" in [wall.name for wall in session.document.room.walls]
    lining = window.findChild(QComboBox, "surface-step")
    assert lining is not None
    lining.setCurrentIndex(lining.findData("brick"))
    assert session.document.room.surfaces["step"].material == "brick"
    # A wall is dragged outward, a corner by keys, and taken back.
    plan = window.plan
    back = plan.unfolded.on_plan(0.7, 3.6)
    drag_on_plan(window, back, QPoint(0, round(0.3 * plan.unfolded.scale)))
    assert session.document.room.length == pytest.approx(3.9, abs=0.03)
    session.undo()
    assert session.document.room.length == pytest.approx(3.6)
    plan.setFocus()
    QTest.keyClick(plan, Qt.Key.Key_W)
    QTest.keyClick(plan, Qt.Key.Key_Down, Qt.KeyboardModifier.ShiftModifier)
    assert session.document.room != room
    session.undo()
    # What cannot be is refused in a sentence, and nothing is lost.
    choose(window, "plan-wall", "corner")
    type_into(window, "wall length", "4.5")
    assert "cross each other; move one of them" in window.notice_text.text()
    assert session.document.room.floor_area == pytest.approx(3.0 * 3.6 - 1.2)
    # A wardrobe is picked, dragged and measured.
    window.findChild(QComboBox, "thing-kind").setCurrentText("wardrobe")
    press(window, "add-thing")
    [thing] = session.document.room.things
    here = plan.unfolded.on_plan(thing.x + thing.width / 2, thing.y + thing.depth / 2)
    drag_on_plan(window, here, QPoint(round(0.4 * plan.unfolded.scale), 0))
    assert session.document.room.things[0].x == pytest.approx(thing.x + 0.4, abs=0.03)
    # One wall is open to the stairs.
    choose(window, "plan-wall", "left")
    press(window, "open-wall")
    assert session.document.room.openings[0].kind == "passage"
    # Line-up: schools before the wall faced, or their reason.
    window.go("lineup")
    press(window, "school-third")
    a = session.arrangement
    assert a is not None
    assert (a.left.x + a.right.x) / 2 == pytest.approx(session.document.room.frame.middle)
    window.go("forecast")
    room = session.believed.room
    qtbot.waitUntil(lambda: not session.fields.working_out(room), timeout=PATIENCE)
    settled(qtbot, window)
    assert session.shown.forecast is not None
    lanes = {mark.lane for mark in session.shown.marks}
    assert {"front wall", "side walls", "floor"} <= lanes
    named = [mark.mode.name for mark in session.shown.marks if mark.mode is not None]
    assert named
    # Where is it even? Nowhere in the wardrobe nor beyond the step.
    session.tints.choose("seat")
    qtbot.waitUntil(lambda: session.tints.shown is not None, timeout=PATIENCE)
    shown = session.tints.shown
    beyond = shown.figures_db[np.argmin(np.abs(shown.ys - 0.4)), np.argmin(np.abs(shown.xs - 2.6))]
    assert np.isnan(beyond)
    # The card is written, and the document opens again as it was.
    monkeypatch.setattr(dialogs, "ask_card", lambda *_: tmp_path / "card.pdf")
    window.go("signoff")
    window.save_card()
    assert (tmp_path / "card.pdf").read_bytes().startswith(b"%PDF")
    path = tmp_path / "bent.parlor"
    monkeypatch.setattr(dialogs, "ask_save", lambda *_: path)
    window.save()
    qtbot.waitUntil(path.exists, timeout=10_000)
    assert open_document(path).room == session.document.room


def test_the_wall_pointed_at_lights_and_things_drag_in_the_wall_view(
    qtbot: QtBot, open_window: Callable[..., MainWindow]
) -> None:
    window = open_window(small())
    session = window.session
    window.go("survey")
    window.findChild(QComboBox, "thing-kind").setCurrentText("shelf")
    press(window, "add-thing")
    [shelf] = session.document.room.things
    view = window.plan.unfolded
    at = view.on_wall(shelf.x + shelf.width / 2, shelf.z + shelf.height / 2)
    drag_on_plan(window, at, QPoint(0, round(0.3 * view.scale)))
    assert session.document.room.things[0].z == pytest.approx(shelf.z - 0.3, abs=0.03)
    QTest.mouseMove(window.plan, view.on_plan(0.0, 1.0).toPoint())
    assert session.highlight.boundary == "left"
    corner: QPointF = view.on_plan(3.0, 3.6)
    drag_on_plan(window, corner, QPoint(round(-0.2 * view.scale), 0))
    assert session.document.room.width == pytest.approx(2.8, abs=0.03)
    assert session.document.room.is_box  # right angles are held


def test_the_tape_check_tells_what_is_wrong(
    qtbot: QtBot, open_window: Callable[..., MainWindow]
) -> None:
    window = open_window(small())
    window.go("survey")
    type_into(window, "diagonal", f"{np.hypot(3.0, 3.6):.2f}")
    words = window.findChild(QLabel, "tape-words")
    assert words is not None
    assert words.text() == "All lengths agree with the plan."
    type_into(window, "diagonal", f"{np.hypot(3.0, 4.6):.2f}")  # a metre misread
    assert "3.60 m, misread by a metre" in words.text()
    assert WALK["survey"].state(window.session) == "needs attention"


def test_another_wall_is_faced_and_a_mode_paints_its_shape(
    qtbot: QtBot, open_window: Callable[..., MainWindow]
) -> None:
    window = open_window(small())
    session = window.session
    window.go("survey")
    add_to_front(window, "bay", start="0.8", width="1.4", depth="0.5")
    assert session.document.room.walls[session.document.room.frame.wall].name == "bay"
    choose(window, "plan-wall", "right")
    press(window, "face-wall")
    room = session.document.room
    assert room.frame.front == 0.0
    assert room.width == pytest.approx(4.1)
    assert room.faced == "front"  # what was called right before the turns
    window.go("lineup")
    press(window, "school-tight")
    window.go("forecast")
    qtbot.waitUntil(lambda: not session.fields.working_out(session.believed.room), timeout=PATIENCE)
    settled(qtbot, window)
    marks = [mark for mark in session.shown.marks if mark.mode is not None]
    before = window.plan.grab().toImage()
    session.point_at(Highlight(marks[0].lane, marks[0]))
    after = window.plan.grab().toImage()
    middle = window.plan.unfolded.on_plan(room.frame.middle, 2.6).toPoint()
    assert before.pixelColor(middle) != after.pixelColor(middle)
