"""Pages keep still: what is typed arrives, the focus stays, nothing is made anew under a hand."""

import itertools
from dataclasses import replace

import pytest
from PyQt6.QtCore import QPoint, QPointF, Qt
from PyQt6.QtGui import QWheelEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QComboBox, QLineEdit, QSlider, QSpinBox, QWidget
from pytestqt.qtbot import QtBot

from certain import some
from helpers_app import open_all, press, reveal, settled, type_into
from jolly_parlor.acoustics.geometry.room import KeepOut, Opening
from jolly_parlor.acoustics.geometry.usual_things import usual_thing
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.widgets.entries import CheckedField
from jolly_parlor.app.widgets.reading_order import in_reading_order
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import set_room
from jolly_parlor.project.gear_edits import set_gear

FORMS = ("survey", "gear", "lineup", "subs")


@pytest.fixture
def furnished(open_window, demo: Document, qtbot: QtBot) -> MainWindow:  # type: ignore[no-untyped-def]
    """The demo with an opening, a thing and a keep-out area more, at Gear."""
    room = demo.room
    thing = replace(usual_thing(room, "wardrobe"), x=0.3, y=0.3, width=0.6, depth=0.5)
    wall = room.walls[0].name
    more = replace(
        room,
        openings=(*room.openings, Opening("window", wall, 0.4, 0.6, 0.9, 0.8, "window")),
        keep_outs=(KeepOut("stove", 0.1, 0.1, 0.4, 0.4),),
        things=(thing,),
    )
    return open_window(set_room(demo, more))


def page_of(window: MainWindow) -> QWidget:
    page = window.stack.currentWidget()
    assert page is not None
    return page


def lines_of(window: MainWindow) -> list[CheckedField]:
    """Number fields of the page shown, as they are read."""
    every = in_reading_order(page_of(window))
    return [w for w in every if isinstance(w, CheckedField) and w.isVisible() and w.isEnabled()]


@pytest.mark.parametrize("station", FORMS)
def test_tab_goes_as_one_reads(furnished: MainWindow, qtbot: QtBot, station: str) -> None:
    furnished.go(station)
    settled(qtbot, furnished)
    open_all(furnished)
    every = [w for w in in_reading_order(page_of(furnished)) if w.isVisible() and w.isEnabled()]
    assert len(every) > 5
    every[0].setFocus()
    for here, after in itertools.pairwise(every):
        assert QApplication.focusWidget() is here
        QTest.keyClick(here, Qt.Key.Key_Tab)
        assert QApplication.focusWidget() is after, f"{here.objectName()} → {after.objectName()}"


@pytest.mark.parametrize("station", FORMS)
def test_everything_typed_along_a_form_arrives(
    furnished: MainWindow, qtbot: QtBot, station: str
) -> None:
    furnished.go(station)
    settled(qtbot, furnished)
    open_all(furnished)
    fields = [f for f in lines_of(furnished) if f.text() and f.value and not f.isReadOnly()]
    some(fields)
    for field in fields:
        field.setFocus()
        field.selectAll()
        before, wanted = field.text(), f"{field.value * 1.002:.3f}"
        QTest.keyClicks(field, wanted)
        QTest.keyClick(field, Qt.Key.Key_Tab)
        assert field.isVisible(), f"{field.objectName()} was made anew"
        now = QApplication.focusWidget()
        last = field is fields[-1]  # after which the page is left
        assert last or (now and page_of(furnished).isAncestorOf(now)), field.objectName()
        shown_or_refused = field.value == pytest.approx(float(wanted), rel=2e-3)
        assert shown_or_refused or field.text() == before, field.objectName()


def test_values_typed_into_a_row_of_things_by_keys_alone(
    furnished: MainWindow, qtbot: QtBot
) -> None:
    furnished.go("survey")
    settled(qtbot, furnished)
    first = page_of(furnished).findChild(QLineEdit, "thing 1 x")
    assert first is not None
    reveal(first)
    first.setFocus()
    first.selectAll()
    for value in ("0.5", "0.6", "0.0", "0.7", "0.4", "1.9"):
        held = QApplication.focusWidget()
        assert isinstance(held, CheckedField)
        QTest.keyClicks(held, value)
        QTest.keyClick(held, Qt.Key.Key_Tab)
    thing = furnished.session.document.room.things[0]
    sizes = (thing.x, thing.y, thing.z, thing.width, thing.depth, thing.height)
    assert sizes == pytest.approx((0.5, 0.6, 0.0, 0.7, 0.4, 1.9))


@pytest.mark.parametrize("station", FORMS)
def test_what_has_the_focus_is_never_made_anew(
    furnished: MainWindow, qtbot: QtBot, station: str
) -> None:
    furnished.go(station)
    settled(qtbot, furnished)
    open_all(furnished)
    session = furnished.session
    edits = [
        lambda d: set_room(d, replace(d.room, height=d.room.height - 0.01)),
        lambda d: set_gear(
            d, replace(d.gear, seats=(replace(d.gear.seats[0], ear_height=1.21), *d.gear.seats[1:]))
        ),
        lambda d: set_room(d, replace(d.room, temperature_celsius=21.5)),
    ]
    held = some([w for w in in_reading_order(page_of(furnished)) if w.isVisible()])
    for number, widget in enumerate(held[:: max(len(held) // 6, 1)]):
        widget.setFocus()
        if QApplication.focusWidget() is not widget:
            continue
        session.do("edit", edits[number % len(edits)])
        settled(qtbot, furnished)
        assert QApplication.focusWidget() is widget, widget.objectName()
        session.undo()
        settled(qtbot, furnished)


def test_the_wheel_is_left_to_the_page(furnished: MainWindow, qtbot: QtBot) -> None:
    """A box that ignores it: Qt gives a real turn to what is around it then, which scrolls."""
    kinds = (QComboBox, QSlider, QSpinBox)
    document, left = furnished.session.document, set()
    for station in WALK:
        furnished.go(station)
        settled(qtbot, furnished)
        for box in page_of(furnished).findChildren(kinds):
            at = QPointF(box.rect().center())
            for turned in (-120, 120):
                event = QWheelEvent(
                    at,
                    box.mapToGlobal(at),
                    QPoint(),
                    QPoint(0, turned),
                    Qt.MouseButton.NoButton,
                    Qt.KeyboardModifier.NoModifier,
                    Qt.ScrollPhase.NoScrollPhase,
                    False,
                )
                QApplication.sendEvent(box, event)
                left.add((type(box).__name__, event.isAccepted()))
    assert left == {("ChoiceBox", False), ("SteadySlider", False), ("CountBox", False)}
    assert furnished.session.document is document


def test_undo_from_a_field_first_takes_back_its_typing(furnished: MainWindow, qtbot: QtBot) -> None:
    furnished.go("survey")
    settled(qtbot, furnished)
    before = furnished.session.document.room.height
    field = type_into(furnished, "height", "2.45")
    settled(qtbot, furnished)
    assert furnished.session.document.room.height == 2.45
    field.setFocus()
    QTest.keyClicks(field, "9")
    QTest.keyClick(field, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    assert "9" not in field.text() and furnished.session.document.room.height == 2.45
    field.setModified(False)
    QTest.keyClick(field, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    settled(qtbot, furnished)
    assert furnished.session.document.room.height == before
    assert QApplication.focusWidget() is field


def test_a_message_moves_nothing(furnished: MainWindow, qtbot: QtBot) -> None:
    furnished.go("survey")
    settled(qtbot, furnished)
    qtbot.wait(100)  # what has come last is laid out by now
    places = {w: w.mapToGlobal(QPoint(0, 0)) for w in lines_of(furnished)}
    furnished.say("A sentence about something that cannot be, long enough to be seen.")
    qtbot.wait(30)
    assert furnished.notice.isVisible()
    moved = {
        w.objectName(): (at, now)
        for w, at in places.items()
        if at != (now := w.mapToGlobal(QPoint(0, 0)))
    }
    assert not moved


def test_the_focus_goes_to_a_neighbour_where_its_row_is_removed(
    furnished: MainWindow, qtbot: QtBot
) -> None:
    furnished.go("survey")
    settled(qtbot, furnished)
    button = page_of(furnished).findChild(QWidget, "remove keep_outs 1")
    assert button is not None
    button.setFocus()
    press(furnished, "remove keep_outs 1")
    settled(qtbot, furnished)
    held = QApplication.focusWidget()
    assert held is not None and page_of(furnished).isAncestorOf(held)


def test_picking_at_compare_keeps_the_focus(window: MainWindow, qtbot: QtBot) -> None:
    window.go("compare")
    settled(qtbot, window)
    name = f"pick-{window.compare.rows[1].row.arrangement.name}"
    pick = page_of(window).findChild(QWidget, name)
    assert pick is not None
    pick.setFocus()
    press(window, name)
    settled(qtbot, window)
    assert QApplication.focusWidget() is pick
