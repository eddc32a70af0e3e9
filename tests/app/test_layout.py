"""Every page of the walk in small windows and with large text: nothing is scrolled sideways, and no
words are cut.

The sizes are those of WCAG 2.2, 1.4.4 (text at 200 %) and 1.4.10 (reflow), carried over to a
desktop: 150 % of scale on a screen of 1280x800 leaves 853x533 to a window, on one of 1024x700
683x467.
"""

from collections.abc import Callable, Iterator

import pytest
from PyQt6.QtCore import QPoint, QRect, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import (
    QAbstractButton,
    QAbstractScrollArea,
    QCheckBox,
    QComboBox,
    QDialog,
    QFrame,
    QLabel,
    QLineEdit,
    QPushButton,
    QRadioButton,
    QTabBar,
    QWidget,
)
from pytestqt.qtbot import QtBot

from helpers_app import in_dialog, settled
from jolly_parlor.app import theme
from jolly_parlor.app.start import application
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document

SIZES = {
    100: [(1024, 700), (853, 533), (683, 467)],
    200: [(1280, 800), (1024, 700)],
}
"""Of the window, by how large its text is in per cent."""


@pytest.fixture(autouse=True)
def usual_text() -> Iterator[None]:
    """Whatever is tried, the text is of its usual size for what comes after."""
    yield
    theme.scale_text(100)
    theme.apply(application(), theme.DAY)


def what_is_wrong(window: MainWindow) -> list[str]:
    """What does not fit, of all that is seen of the window."""
    wrong = []
    for widget in window.findChildren(QWidget):
        if widget.isVisible() and not widget.visibleRegion().isEmpty():
            wrong += [f"{words} [{_where(widget)}]" for words in _complaints(widget)]
    return [*wrong, *_overlaps(window)]


def _overlaps(window: MainWindow) -> Iterator[str]:
    """Words that lie over other words of the same parent."""
    told = [
        one
        for one in window.findChildren(QWidget)
        if _words(one) and one.isVisible() and not one.visibleRegion().isEmpty()
    ]
    for n, one in enumerate(told):
        for other in told[n + 1 :]:
            if one.parentWidget() is not other.parentWidget():
                continue
            common = one.geometry().intersected(other.geometry())
            if common.width() > 3 and common.height() > 3:
                yield f"{_words(one)!r} lies over {_words(other)!r} [{_where(one)}]"


def _complaints(widget: QWidget) -> Iterator[str]:
    if isinstance(widget, QAbstractScrollArea):
        bar = widget.horizontalScrollBar()
        if bar is not None and bar.maximum() > 0:
            yield f"scrolls {bar.maximum()} px sideways"
    needs = _needs(widget)
    if needs is not None and widget.width() < needs:
        yield f"{widget.width()} of {needs} px for {_words(widget)!r}"
    if isinstance(widget, QLabel) and widget.wordWrap() and widget.text():
        high = widget.heightForWidth(widget.width())
        if widget.height() < high - 1:
            yield f"{widget.height()} of {high} px of height for {_words(widget)!r}"
    if _words(widget):
        about = _frame_of(widget)
        if about is not None and not about.adjusted(-1, -1, 1, 1).contains(widget.geometry()):
            if about.left() > widget.x() + 1 or about.right() < widget.geometry().right() - 1:
                yield f"{widget.geometry().getRect()} juts out of {about.getRect()}"


def _frame_of(widget: QWidget) -> QRect | None:
    above = widget.parentWidget()
    return None if above is None else above.rect()


def _needs(widget: QWidget) -> int | None:
    if isinstance(widget, QLabel):
        if not widget.text() or widget.pixmap().width():
            return None
        return widget.minimumSizeHint().width()
    if isinstance(widget, QPushButton | QCheckBox | QRadioButton):
        return widget.sizeHint().width() if widget.text() else None
    if isinstance(widget, QComboBox):
        return widget.minimumSizeHint().width()
    return None


def _words(widget: QWidget) -> str:
    if isinstance(widget, QLabel | QAbstractButton):
        return widget.text()[:60]
    return widget.currentText() if isinstance(widget, QComboBox) else ""


def _where(widget: QWidget) -> str:
    names = []
    above: QWidget | None = widget
    while above is not None and len(names) < 5:
        names.append(above.objectName() or type(above).__name__)
        above = above.parentWidget()
    return " < ".join(names)


def every_page(qtbot: QtBot, window: MainWindow) -> Iterator[str]:
    """Each station, and each page of those that have several, as they come into sight."""
    for station in WALK:
        window.go(station)
        settled(qtbot, window)
        bars = [bar for bar in window.findChildren(QTabBar) if bar.isVisible()]
        for bar in bars:
            for at in range(bar.count()):
                bar.setCurrentIndex(at)
                settled(qtbot, window)
                yield f"{station}, {bar.tabText(at)}"
        if not bars:
            yield station


@pytest.mark.parametrize("percent", SIZES)
def test_every_page_fits(
    qtbot: QtBot, open_window: Callable[..., MainWindow], demo: Document, percent: int
) -> None:
    theme.scale_text(percent)
    theme.apply(application(), theme.DAY)
    window = open_window(demo)
    wrong = []
    for page in every_page(qtbot, window):
        for wide, high in SIZES[percent]:
            window.resize(wide, high)
            qtbot.wait(30)
            if (window.width(), window.height()) != (wide, high):
                wrong.append(f"{page}: needs {window.width()} by {window.height()}")
            wrong += [f"{page} at {wide}x{high}: {words}" for words in what_is_wrong(window)]
    assert not wrong, "\n".join(wrong)


def test_text_made_larger_in_preferences_fits_at_once(
    qtbot: QtBot, open_window: Callable[..., MainWindow], demo: Document
) -> None:
    window = open_window(demo)
    window.resize(1280, 800)
    window.go("gear")
    settled(qtbot, window)

    def choose(dialog: QDialog) -> None:
        box = dialog.findChild(QComboBox, "prefer-text_percent")
        box.setCurrentIndex(box.findText("Twice as large"))
        box.activated.emit(box.currentIndex())
        qtbot.wait(50)
        dialog.accept()

    field = window.gear.findChild(QLineEdit, "monitor width")
    usual = field.maximumWidth()
    in_dialog(choose)
    window.show_preferences()
    settled(qtbot, window)
    qtbot.wait(50)
    assert window.settings.values.text_percent == 200
    field = window.gear.findChild(QLineEdit, "monitor width")
    assert field.maximumWidth() == 2 * usual
    assert what_is_wrong(window) == []


def test_a_headline_that_would_leave_little_is_scrolled_along(
    qtbot: QtBot, open_window: Callable[..., MainWindow], demo: Document
) -> None:
    theme.scale_text(200)
    theme.apply(application(), theme.DAY)
    window = open_window(demo)
    window.go("compare")
    settled(qtbot, window)
    page = window.stations["compare"]
    for size, along in (((1024, 700), True), ((1280, 900), False), ((1024, 700), True)):
        window.resize(*size)
        qtbot.wait(50)
        assert page.scroll_area.isAncestorOf(page.verdict) == along
        assert page.verdict.isVisible()
        assert page.scroll_area.height() > (0.8 if along else 0.4) * page.height()
    before = page.hear.mapTo(window, QPoint(0, 0)).y()
    page.hear.setFocus()
    window.resize(1280, 900)
    qtbot.wait(50)
    assert page.hear.hasFocus() and page.hear.mapTo(window, QPoint(0, 0)).y() != before


@pytest.mark.parametrize("columns", [(60, 60, 60), (100, 40, 20)])
def test_a_grid_breaks_its_columns_and_keeps_them_in_line(
    qtbot: QtBot, qapp: object, columns: tuple[int, ...]
) -> None:
    holder = QWidget()
    qtbot.addWidget(holder)
    grid = WrappedGrid(holder)
    grid.setSpacing(10)
    cells = []
    for row in range(2):
        for column, wide in enumerate(columns):
            cell = QFrame()
            cell.setFixedSize(wide, 20)
            grid.addWidget(cell, row, column)
            cells.append(cell)
    holder.resize(400, 200)
    holder.show()
    assert [cell.y() for cell in cells] == [0, 0, 0, 30, 30, 30]
    assert grid.heightForWidth(400) == 50
    narrow = columns[0] + columns[1] + 10
    holder.resize(narrow, 200)
    qtbot.wait(10)
    assert [cell.y() for cell in cells] == [0, 0, 30, 60, 60, 90]
    assert cells[2].x() == cells[5].x() and cells[1].x() == cells[4].x() == columns[0] + 10
    assert grid.heightForWidth(narrow) == 110
    assert grid.itemAtPosition(1, 2).widget() is cells[5]


def test_a_box_with_many_words_wraps_them_and_is_ticked_on_any(qtbot: QtBot, qapp: object) -> None:
    box = WrappedCheckBox("Microphone where the middle of the head will be; tape on the floor")
    qtbot.addWidget(box)
    one_line = box.heightForWidth(2000)
    box.resize(160, box.heightForWidth(160))
    box.show()
    assert box.height() > 2 * one_line and box.minimumSizeHint().width() < 200
    QTest.mouseClick(box, Qt.MouseButton.LeftButton, pos=QPoint(100, box.height() - 6))
    assert box.isChecked()
