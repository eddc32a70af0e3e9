"""Driving the window as a user does."""

from collections.abc import Callable

from PyQt6.QtCore import QCoreApplication, QEvent, QPoint, QPointF, Qt, QTimer
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QAbstractButton, QApplication, QDialog, QLineEdit, QWidget
from pytestqt.qtbot import QtBot

from jolly_parlor.app.start import application
from jolly_parlor.app.stations.subs.subs_page import SubsStation
from jolly_parlor.app.widgets.fold import Fold
from jolly_parlor.app.window import MainWindow

PATIENCE_MS = 90_000


def settled(qtbot: QtBot, window: MainWindow) -> None:
    """Wait until nothing is being worked out, and no answer on its way asks for more."""
    for _ in range(6):
        qtbot.waitUntil(lambda: not window.session.calculating, timeout=PATIENCE_MS)
        application().processEvents()
        if not window.session.calculating:
            application().processEvents()  # what the last answer put onto a page is shown by now
            return


def delete_what_was_let_go() -> None:
    """What Qt was asked to delete later; what that was connected through goes a turn after it."""
    for _ in range(2):
        QCoreApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
        application().processEvents()


def drag_on_plan(window: MainWindow, start: QPointF, by: QPoint, steps: int = 5) -> None:
    """A real drag with the mouse, in steps, and let go."""
    plan, at = window.plan, start.toPoint()
    QTest.mousePress(plan, Qt.MouseButton.LeftButton, pos=at)
    for step in range(1, steps + 1):
        QTest.mouseMove(plan, at + by * step / steps)
    QTest.mouseRelease(plan, Qt.MouseButton.LeftButton, pos=at + by)


def reveal(widget: QWidget) -> None:
    """Open what it is folded into, and the page of Subs it is on, as somebody who looks for it."""
    above = widget.parentWidget()
    while above is not None:
        if isinstance(above, Fold) and not above.is_open and above.line is not widget:
            above.line.click()
        if isinstance(above, SubsStation):
            for name, page in above.sheets.items():
                if page.isAncestorOf(widget) and above.page != name:
                    above.pages.buttons[name].click()
        above = above.parentWidget()


def open_all(window: MainWindow) -> None:
    """Open every fold of the page shown, those within others too."""
    page = window.stack.currentWidget()
    assert page is not None
    for fold in page.findChildren(Fold):
        fold.open()
    application().processEvents()


def type_into(window: MainWindow, name: str, text: str) -> QLineEdit:
    """Type over the field of that name on the page shown, and commit it."""
    page = window.stack.currentWidget()
    field = page.findChild(QLineEdit, name) if page is not None else None
    assert field is not None, f"no field {name}"
    reveal(field)
    field.setFocus()
    field.selectAll()
    QTest.keyClicks(field, text)
    QTest.keyClick(field, Qt.Key.Key_Return)
    return field


def press(window: MainWindow, name: str) -> None:
    """Click the button of that name, which must be there and enabled."""
    button = window.findChild(QAbstractButton, name)
    assert button is not None, f"no button {name}"
    reveal(button)
    assert button.isEnabled()
    QTest.mouseClick(button, Qt.MouseButton.LeftButton)


def in_dialog(do: Callable[[QDialog], None]) -> None:
    """Do something in the next dialog, whenever it opens; it never stays open after that."""
    timer = QTimer(application())

    def look() -> None:
        found = QApplication.activeModalWidget()
        if not isinstance(found, QDialog) or not found.isVisible():
            return
        timer.stop()
        try:
            do(found)
        finally:
            if found.isVisible():
                found.reject()

    timer.timeout.connect(look)
    timer.start(30)
