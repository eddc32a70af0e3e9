"""What a page has put something else in the place of is hidden, and pressing it does nothing."""

from dataclasses import replace

import pytest
from PyQt6 import sip
from PyQt6.QtCore import QEvent, Qt
from PyQt6.QtGui import QFocusEvent, QKeyEvent
from PyQt6.QtWidgets import QAbstractButton, QApplication, QComboBox, QLineEdit, QWidget
from pytestqt.qtbot import QtBot

from helpers_app import settled
from jolly_parlor.app.actions import ACTIONS
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.edits import rename_arrangement, set_room
from jolly_parlor.project.gear_edits import set_gear

STATIONS = [action.argument for action in ACTIONS if action.method == "go"]
_PRESSED = (QAbstractButton, QComboBox, QLineEdit)


def pressable(window: MainWindow) -> list[QWidget]:
    page = window.stack.currentWidget()
    return [one for kind in _PRESSED for one in page.findChildren(kind) if one.isVisible()]


def change_everything(window: MainWindow, qtbot: QtBot) -> None:
    """Edits after which every page has something else to show."""
    session = window.session
    names = [a.name for a in session.document.arrangements]
    session.do("name", lambda d: rename_arrangement(d, names[0], "Renamed"))
    seats = session.document.gear.seats
    other = tuple(replace(seat, name=f"{seat.name} two") for seat in seats)
    session.do("name", lambda d: set_gear(d, replace(d.gear, seats=other)))
    session.do("room", lambda d: set_room(d, replace(d.room, height=d.room.height + 0.01)))
    window.toggle_units()
    settled(qtbot, window)


@pytest.mark.parametrize("station", STATIONS)
def test_pressing_what_was_replaced_does_nothing(
    window: MainWindow, qtbot: QtBot, station: str
) -> None:
    window.go(station)
    settled(qtbot, window)
    before = pressable(window)
    assert before
    change_everything(window, qtbot)
    gone = [one for one in before if not sip.isdeleted(one) and one.window() is not window]
    assert not any(one.isVisible() for one in gone)
    document, page = window.session.document, window.stack.currentWidget()
    for one in gone:  # not yet freed by Qt: as somebody does who presses at that very moment
        if isinstance(one, QAbstractButton):
            one.click()
        elif isinstance(one, QLineEdit):
            one.setText("7")
            for event in (
                QFocusEvent(QEvent.Type.FocusOut),
                QKeyEvent(QEvent.Type.KeyPress, Qt.Key.Key_Return, Qt.KeyboardModifier.NoModifier),
            ):
                QApplication.sendEvent(one, event)
        elif isinstance(one, QComboBox) and one.count() > 1:
            one.setCurrentIndex((one.currentIndex() + 1) % one.count())
    settled(qtbot, window)
    assert window.session.document is document
    assert window.stack.currentWidget() is page
