"""What every station is: a page beside the plan, with a name and a state."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial
from typing import Any

from PyQt6 import sip
from PyQt6.QtCore import QCoreApplication, QEvent, Qt, QTimer
from PyQt6.QtGui import QShowEvent
from PyQt6.QtWidgets import QFrame, QLayout, QScrollArea, QVBoxLayout, QWidget

from jolly_parlor.app.walk import WALK, next_stop
from jolly_parlor.app.widgets.entries import LiveLabel, label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.letting_go import let_go
from jolly_parlor.app.widgets.still import StaysStill
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.words import spoken, tr

_MOST_OF_PAGE = 0.6
"""Of a page's height, that its headline takes before it is scrolled along."""


class Station(QWidget):
    """A page of the walk. Subclasses fill `self.body` and override `refresh`."""

    id = ""
    """Its key in `WALK`, which has its name and state."""
    question = ""
    """What the page answers, as its user would ask it."""
    figures = False
    """Whether its headline holds a figure of Evenness, which is explained beside it."""

    def __init__(self, session: Workbench) -> None:
        from jolly_parlor.app.judging_dialog import figure_button

        super().__init__()
        self.session = session
        self._late = True
        self.name = WALK[self.id].name
        self.setObjectName("page")
        self._outer = outer = QVBoxLayout(self)
        outer.setContentsMargins(8, 10, 16, 8)
        outer.setSpacing(6)
        self._top = QWidget()
        top = QVBoxLayout(self._top)
        top.setContentsMargins(0, 0, 0, 0)
        top.setSpacing(6)
        outer.addWidget(self._top)
        asked = FlowRow()
        asked.addWidget(label(self.question, "question"), 1)
        self.onward = named_button("", "onward", self.go_on)
        asked.addWidget(self.onward)
        top.addLayout(asked)
        self._say_onward()
        head = FlowRow()
        head.setSpacing(10)
        self.verdict = LiveLabel("verdict")
        self.verdict.setObjectName(f"verdict-{self.name}")
        head.addWidget(self.verdict, 1)
        self.head = head
        top.addLayout(head)
        self.under = label("", "soft", wrap=True)
        below = FlowRow()
        below.addWidget(self.under, 1)
        if self.figures:
            below.addWidget(figure_button(session, self), 0, Qt.AlignmentFlag.AlignTop)
        top.addLayout(below)
        self.body = QVBoxLayout()
        self.body.setSpacing(8)
        holder = QWidget()
        self._scrolled = QVBoxLayout(holder)
        self._scrolled.setContentsMargins(0, 2, 8, 0)
        self._scrolled.addLayout(self.body, 1)
        self.scroll_area = QScrollArea()
        self.scroll_area.setWidgetResizable(True)
        self.scroll_area.setWidget(holder)
        outer.addWidget(self.scroll_area, 1)
        self.still = StaysStill(self.scroll_area)

    def _say_onward(self) -> None:
        after = next_stop(self.id)
        self.onward.setVisible(after is not None)
        if after is not None:
            self.onward.setText(tr("On to {station}", station=spoken(WALK[after].name)))

    def go_on(self) -> None:
        """What comes next: the next station."""
        after = next_stop(self.id)
        if after is not None:
            self.session.walked.emit(after)

    @property
    def lives(self) -> bool:
        """Whether its session does: Qt hides pages of a window that Python has let go already."""
        session = vars(self).get("session")
        return session is not None and not sip.isdeleted(session)

    def listen(self, *signals: Any) -> None:
        """Refresh on these signals: at once when seen, else when next shown."""
        for signal in signals:
            signal.connect(self._due)

    def _due(self) -> None:
        if self.isVisible():
            self.refresh()
        else:
            self._late = True

    def showEvent(self, event: QShowEvent | None) -> None:
        if self._late:
            self._late = False
            self.refresh()

    def event(self, event: QEvent | None) -> bool:
        """The headline stands above what is scrolled, or goes along where it would leave little."""
        if event is not None and event.type() in (QEvent.Type.Resize, QEvent.Type.LayoutRequest):
            self._place_top()
        return super().event(event)

    def _place_top(self) -> None:
        high = self._top.heightForWidth(self._outer.contentsRect().width())
        place = self._scrolled if high > _MOST_OF_PAGE * self.height() else self._outer
        if place.indexOf(self._top) >= 0:
            return
        focused = self._top.focusWidget()
        had_focus = focused is not None and focused.hasFocus()
        place.insertWidget(0, self._top)
        if focused is not None and had_focus:
            focused.setFocus()

    def refresh(self) -> None:
        """Show the document as it is."""

    def restyle(self) -> None:
        """Take the colours of the theme in force."""
        self.refresh()


def restyled(widget: QWidget) -> None:
    """Take the look of its properties, which have changed."""
    style = widget.style()
    if style is not None:
        style.unpolish(widget)
        style.polish(widget)


def card() -> tuple[QFrame, QVBoxLayout]:
    """A sheet of paper on the page."""
    frame = QFrame()
    frame.setObjectName("card")
    layout = QVBoxLayout(frame)
    layout.setContentsMargins(14, 10, 14, 10)
    layout.setSpacing(6)
    return frame, layout


def stacked(*frames: QWidget) -> QWidget:
    """Cards one under another, as a page of a station that has several."""
    page = QWidget()
    layout = QVBoxLayout(page)
    layout.setContentsMargins(0, 0, 0, 0)
    layout.setSpacing(8)
    for frame in frames:
        layout.addWidget(frame)
    return page


def clear(layout: QLayout) -> None:
    """Take every widget out of a layout, and out of the layouts in it.

    What is put in instead is shown by Qt a moment later, and its height is not asked again then: a
    page could stay as high as it was empty, all lines on it squeezed. So it is laid out once more.
    """
    _emptied(layout)
    QTimer.singleShot(0, partial(_lay_again, layout))


def _lay_again(layout: QLayout) -> None:
    if sip.isdeleted(layout):
        return
    layout.invalidate()
    above = layout.parentWidget()
    while above is not None and not above.isWindow():
        inner = above.layout()
        if inner is not None:
            inner.invalidate()
        QCoreApplication.postEvent(above, QEvent(QEvent.Type.LayoutRequest))
        above = above.parentWidget()


def _emptied(layout: QLayout) -> None:
    while layout.count():
        item = layout.takeAt(0)
        assert item is not None
        widget, inner = item.widget(), item.layout()
        if widget is not None:
            let_go(widget)
        elif inner is not None:
            _emptied(inner)


def changed_item(which: str, index: int, name: str, value: object) -> Callable[[Any], Any]:
    """An edit that sets one field of one item in a tuple of a frozen dataclass."""

    def edit(whole: Any) -> Any:
        items = list(getattr(whole, which))
        items[index] = replace(items[index], **{name: value})
        return replace(whole, **{which: tuple(items)})

    return edit
