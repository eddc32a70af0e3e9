"""Every picture and table can be taken along: copied, saved, told in words, its figures as a table.

A picture is any widget that says so by `is_picture`; what it shows is its accessible description,
and it may have `figures()`, rows of which the first are headings. A table is a card with a grid of
words in it, named by its headline.
"""

from __future__ import annotations

import csv
import io
from collections.abc import Callable, Sequence
from pathlib import Path

from PyQt6.QtCore import QMimeData, QPoint, QRect
from PyQt6.QtGui import QGuiApplication, QPainter, QPixmap
from PyQt6.QtWidgets import (
    QAbstractButton,
    QComboBox,
    QLabel,
    QLayout,
    QLayoutItem,
    QLineEdit,
    QMenu,
    QTableWidget,
    QWidget,
)

from jolly_parlor.app import dialogs, theme
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.widgets.entries import plain
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.outputs import as_text, output, told_place
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

Rows = Sequence[Sequence[object]]
_SHARP = 2.0


class Taken:
    """Something on the page that can be taken along."""

    def __init__(self, widget: QWidget) -> None:
        self.widget = widget
        self.is_picture = bool(getattr(widget, "is_picture", False))
        self.name = widget.accessibleName() or _headline(widget)

    @property
    def words(self) -> str:
        widget = self.widget
        return widget.accessibleDescription() or widget.toolTip() or widget.accessibleName()

    def rows(self) -> Rows:
        """Its figures; nothing for a picture that has none."""
        figures: Callable[[], Rows] | None = getattr(self.widget, "figures", None)
        if figures is not None:
            return figures()
        if isinstance(self.widget, QTableWidget):
            return _rows_of_table(self.widget)
        if self.is_picture:
            return ()
        return [row for grid in _grids(self.widget.layout()) for row in _rows_of_grid(grid)]

    def pixmap(self) -> QPixmap:
        """As it is seen, twice as sharp."""
        widget = self.widget
        made = QPixmap(widget.size() * _SHARP)
        made.setDevicePixelRatio(_SHARP)
        made.fill(theme.current().colour("paper"))
        widget.render(made)
        return made

    def svg(self, path: Path) -> None:
        """Drawn anew as lines; what the window keeps painted stays a picture within it."""
        from PyQt6.QtSvg import QSvgGenerator

        made, size = QSvgGenerator(), self.widget.size()
        made.setFileName(str(path))
        made.setSize(size)
        made.setViewBox(QRect(0, 0, size.width(), size.height()))
        made.setTitle(self.name)
        made.setDescription(self.words)
        painter = QPainter(made)
        painter.fillRect(QRect(0, 0, size.width(), size.height()), theme.current().colour("paper"))
        self.widget.render(painter)
        painter.end()


class Pictures:
    """What of a window can be taken along, and the menus that do it."""

    def __init__(
        self, window: QWidget, settings: SettingsStore, say: Callable[[str], object]
    ) -> None:
        """say: tells the user a sentence."""
        self._window, self._settings, self._say = window, settings, say

    def seen(self) -> list[Taken]:
        """All that is visible, from left to right and down."""
        every = [
            Taken(widget)
            for widget in self._window.findChildren(QWidget)
            if _takes(widget) and widget.isVisible() and self._in_sight(widget)
        ]
        every.sort(key=lambda one: _corner(one.widget, self._window))
        return [one for one in every if one.is_picture or one.rows()]

    def _in_sight(self, widget: QWidget) -> bool:
        """Whether any of it is, what is scrolled away left out."""
        rect, on = widget.rect(), widget
        while on is not self._window and (parent := on.parentWidget()) is not None:
            rect = rect.translated(on.pos()).intersected(parent.rect())
            on = parent
        return not rect.isEmpty()

    def under(self, widget: QWidget | None) -> Taken | None:
        """The picture or table that a widget is, or is in."""
        while widget is not None and widget is not self._window:
            if _takes(widget):
                return Taken(widget)
            widget = widget.parentWidget()
        return None

    def fill(self, menu: QMenu) -> None:
        """A submenu for each that is seen."""
        menu.clear()
        for one in self.seen():
            inner = menu.addMenu(plain(one.name))
            assert inner is not None
            self.offer(one, inner)
        if menu.isEmpty():
            nothing = menu.addAction(tr("Nothing on this page"))
            assert nothing is not None
            nothing.setEnabled(False)

    def offer(self, one: Taken, menu: QMenu) -> None:
        """What can be done with one."""
        if one.is_picture:
            menu.addAction(tr("Copy the picture"), lambda: _clip(image=one.pixmap()))
            menu.addAction(tr("Save the picture …"), lambda: self.save_picture(one))
            if one.words:
                menu.addAction(tr("Copy it in words"), lambda: _clip(f"{one.name}\n{one.words}"))
        if one.rows():
            menu.addAction(tr("Copy the figures"), lambda: _clip(_text_of(one.rows())))
            menu.addAction(tr("Save the figures …"), lambda: self.save_figures(one))

    def save_picture(self, one: Taken) -> None:
        """As PNG or SVG, whole or not at all."""
        path = dialogs.ask_picture(self._window, self._settings, f"{_stem(one.name)}.png")
        if path is None:
            return

        def write(temporary: Path) -> None:
            if path.suffix.lower() == ".svg":
                one.svg(temporary)
            elif not one.pixmap().save(str(temporary), "PNG"):
                raise OSError(0, tr("the picture could not be written"))

        self._put(path, path.suffix.lower(), write)

    def save_figures(self, one: Taken) -> None:
        """As CSV, whole or not at all."""
        path = dialogs.ask_table(self._window, self._settings, f"{_stem(one.name)}.csv")
        if path is not None:
            text = _csv_of(one.rows())
            self._put(path, ".csv", lambda temporary: temporary.write_text(text, "utf-8"))

    def _put(self, path: Path, kind: str, write: Callable[[Path], object]) -> None:
        try:
            with output(path, kind, replace=True) as temporary:
                write(temporary)
        except Refused as error:
            self._say(str(error))
            return
        self._say(tr("Saved as {name}.", name=told_place(path)))


def _takes(widget: QWidget) -> bool:
    return (
        bool(getattr(widget, "is_picture", False))
        or isinstance(widget, QTableWidget)
        or (widget.objectName() == "card" and bool(_grids(widget.layout())))
    )


def _grids(layout: QLayout | None) -> list[WrappedGrid]:
    """In a layout and those within it, but not in cards of their own."""
    if layout is None:
        return []
    if isinstance(layout, WrappedGrid):
        return [layout]
    items = [layout.itemAt(n) for n in range(layout.count())]
    return [grid for item in items if item is not None for grid in _grids(item.layout())]


def _headline(widget: QWidget) -> str:
    told = [one for one in widget.findChildren(QLabel) if one.text().strip()]
    heads = [one for one in told if one.property("role") == "head"]
    return (heads or told)[0].text().strip().splitlines()[0][:60] if told else tr("Table")


def _corner(widget: QWidget, window: QWidget) -> tuple[bool, int, int]:
    at = widget.mapTo(window, QPoint(0, 0))
    return at.x() > window.width() / 4, at.y(), at.x()


def _clip(text: str = "", image: QPixmap | None = None) -> None:
    clipboard = QGuiApplication.clipboard()
    assert clipboard is not None
    made = QMimeData()
    if image is not None:
        made.setImageData(image.toImage())
    if text:
        made.setText(text)
    clipboard.setMimeData(made)


def _rows_of_grid(grid: WrappedGrid) -> Rows:
    rows = []
    for row in range(grid.rowCount()):
        cells = []
        for column in range(grid.columnCount()):
            item = grid.itemAtPosition(row, column)
            cells.append(_text_of_item(item) if item is not None else "")
        if sum(map(bool, cells)) > 1:
            rows.append(cells)
    return rows


def _rows_of_table(table: QTableWidget) -> Rows:
    heads = [table.horizontalHeaderItem(n) for n in range(table.columnCount())]
    rows = [[head.text() if head is not None else "" for head in heads]]
    for row in range(table.rowCount()):
        items = [table.item(row, column) for column in range(table.columnCount())]
        rows.append([item.text() if item is not None else "" for item in items])
    return rows if len(rows) > 1 else ()


def _text_of_item(item: QLayoutItem) -> str:
    inner = item.layout()
    if inner is None:
        return _text_in(item.widget())
    items = [inner.itemAt(n) for n in range(inner.count())]
    return " ".join(filter(None, (_text_of_item(one) for one in items if one is not None)))


def _text_in(widget: QWidget | None) -> str:
    if isinstance(widget, QLabel | QLineEdit):
        return widget.text()
    if isinstance(widget, QComboBox):
        return widget.currentText()
    if isinstance(widget, QAbstractButton) and widget.isCheckable():
        return widget.text()
    return ""


def _csv_of(rows: Rows) -> str:
    out = io.StringIO()
    told = [[as_text(c) if isinstance(c, str) else c for c in row] for row in rows]
    csv.writer(out, lineterminator="\n").writerows(told)
    return out.getvalue()


def _text_of(rows: Rows) -> str:
    return "\n".join("\t".join(str(cell) for cell in row) for row in rows)


def _stem(name: str) -> str:
    kept = "".join(c if c.isalnum() else "-" for c in name.lower())
    return "-".join(part for part in kept.split("-") if part)[:60] or "picture"
