"""The Tab key goes as one reads: along the layouts, line by line, whenever each widget was made."""

from collections.abc import Iterator
from functools import partial
from itertools import pairwise

from PyQt6 import sip
from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtWidgets import QLayout, QLayoutItem, QScrollArea, QStackedWidget, QTabWidget, QWidget

from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid

_WAITS = "waits to be put in order"


def order_soon(within: QWidget) -> None:
    """Once everything that changes at once has changed, put the whole page in order."""
    page = within
    while (above := page.parentWidget()) is not None and not isinstance(above, QStackedWidget):
        page = above
    if not page.property(_WAITS):
        page.setProperty(_WAITS, True)
        QTimer.singleShot(0, partial(_order_now, page))


def _order_now(page: QWidget) -> None:
    if not sip.isdeleted(page):
        page.setProperty(_WAITS, False)
        order(page)


def order(page: QWidget) -> None:
    """Put the Tab order of a page's widgets as they are read."""
    found = list(in_reading_order(page))
    for one, after in pairwise(found):
        QWidget.setTabOrder(one, after)


def in_reading_order(widget: QWidget) -> Iterator[QWidget]:
    """What takes the keys within it, hidden ones too, as one reads."""
    if Qt.FocusPolicy.TabFocus.value & widget.focusPolicy().value:
        yield widget
    inner = widget.widget() if isinstance(widget, QScrollArea) else None
    if inner is not None:
        yield from in_reading_order(inner)
        return
    if isinstance(widget, QStackedWidget | QTabWidget):
        for n in range(widget.count()):
            page = widget.widget(n)
            if page is not None:
                yield from in_reading_order(page)
        return
    layout = widget.layout()
    if layout is not None:
        yield from _along(layout)


def _along(layout: QLayout) -> Iterator[QWidget]:
    items = layout.as_read() if isinstance(layout, WrappedGrid) else _items(layout)
    for item in items:
        if (widget := item.widget()) is not None:
            yield from in_reading_order(widget)
        elif (inner := item.layout()) is not None:
            yield from _along(inner)


def _items(layout: QLayout) -> Iterator[QLayoutItem]:
    for n in range(layout.count()):
        item = layout.itemAt(n)
        if item is not None:
            yield item
