"""What every station is: a page beside the plan, with a name and a state."""

from collections.abc import Callable
from dataclasses import replace
from typing import Any

from PyQt6 import sip
from PyQt6.QtCore import Qt
from PyQt6.QtGui import QShowEvent
from PyQt6.QtWidgets import QFrame, QHBoxLayout, QLayout, QScrollArea, QVBoxLayout, QWidget

from jolly_parlor.app.judging_dialog import figure_button
from jolly_parlor.app.widgets.fields import LiveLabel, label
from jolly_parlor.app.workbench import Workbench


class Station(QWidget):
    """A page of the walk. Subclasses fill `self.body` and override `refresh` and `state`."""

    id, name = "", ""
    figures = False
    """Whether its headline holds a figure of Evenness, which is explained beside it."""

    def __init__(self, session: Workbench, scrolls: bool = True) -> None:
        super().__init__()
        self.session = session
        self._late = True
        self.setObjectName("page")
        outer = QVBoxLayout(self)
        outer.setContentsMargins(8, 10, 16, 8)
        outer.setSpacing(6)
        head = QHBoxLayout()
        head.setSpacing(10)
        self.verdict = LiveLabel("verdict")
        self.verdict.setObjectName(f"verdict-{self.name}")
        head.addWidget(self.verdict, 1)
        self.head = head
        outer.addLayout(head)
        self.under = label("", "soft", wrap=True)
        below = QHBoxLayout()
        below.addWidget(self.under, 1)
        if self.figures:
            below.addWidget(figure_button(session, self), 0, Qt.AlignmentFlag.AlignTop)
        outer.addLayout(below)
        self.body = QVBoxLayout()
        self.body.setSpacing(8)
        if scrolls:
            holder = QWidget()
            holder.setLayout(self.body)
            self.body.setContentsMargins(0, 2, 8, 0)
            self.scroll_area = QScrollArea()
            self.scroll_area.setWidgetResizable(True)
            self.scroll_area.setWidget(holder)
            outer.addWidget(self.scroll_area, 1)
        else:
            outer.addLayout(self.body, 1)

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
        """Catch up with what changed unseen."""
        if self._late:
            self._late = False
            self.refresh()

    def refresh(self) -> None:
        """Show the document as it is."""

    def restyle(self) -> None:
        """Take the colours of the theme in force."""
        self.refresh()

    def state(self) -> str:
        """One of the stepping stones' states."""
        return "untouched"


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
    """Take every widget out of a layout, and out of the layouts in it."""
    while layout.count():
        item = layout.takeAt(0)
        assert item is not None
        widget, inner = item.widget(), item.layout()
        if widget is not None:
            widget.hide()
            widget.setParent(None)  # at once no part of the page; Qt frees it when it is safe
            widget.deleteLater()
        elif inner is not None:
            clear(inner)


def changed_item(which: str, index: int, name: str, value: object) -> Callable[[Any], Any]:
    """An edit that sets one field of one item in a tuple of a frozen dataclass."""

    def edit(whole: Any) -> Any:
        items = list(getattr(whole, which))
        items[index] = replace(items[index], **{name: value})
        return replace(whole, **{which: tuple(items)})

    return edit
