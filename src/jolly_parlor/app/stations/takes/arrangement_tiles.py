"""The arrangements as small plans in a row, each with how much of it is measured."""

from functools import partial

from PyQt6.QtCore import QRectF, QSize, Qt
from PyQt6.QtGui import QFontMetricsF, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QAbstractButton, QSizePolicy

from jolly_parlor.app import theme
from jolly_parlor.app.plan.small_plan import draw_small_plan
from jolly_parlor.app.widgets.entries import on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.project.document import Document
from jolly_parlor.project.take_states import progress
from jolly_parlor.words import tr

_WIDE, _TALL, _PLAN = 206, 76, 62


class ArrangementTile(QAbstractButton):
    """One of them; its click shows it."""

    is_picture = True

    def __init__(self) -> None:
        super().__init__()
        self.setCheckable(True)
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Fixed)

    def show_tile(self, document: Document, a: Arrangement, shown: bool) -> None:
        """Show that arrangement; shown: whether it is on the plan."""
        self._document, self._a = document, a
        self.made, self.wanted = progress(document, a)
        self.setObjectName(f"tile-{a.name}")
        self.setChecked(shown)
        self._told = tr("{made} of {wanted} takes", made=self.made, wanted=self.wanted)
        self.setAccessibleName(f"{a.name}: {self._told}")
        self.setToolTip(self._told)
        self.update()

    def sizeHint(self) -> QSize:
        """A small plan and two lines beside it."""
        scale = theme.scale()
        return QSize(round(_WIDE * scale), round(_TALL * scale))

    def paintEvent(self, event: QPaintEvent | None) -> None:
        """Plan, name, how many, and a bar of it."""
        t, box = theme.current(), QRectF(self.rect()).adjusted(1.5, 1.5, -1.5, -1.5)
        chosen = self.isChecked() or self.hasFocus()
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setPen(QPen(t.colour("wine" if chosen else "rule"), 2.0 if chosen else 1.0))
            p.setBrush(t.colour("sheet"))
            p.drawRoundedRect(box, 8, 8)
            wide = _PLAN * theme.scale()
            plan = QRectF(box.left() + 2, box.top() + 2, wide, box.height() - 4)
            draw_small_plan(p, plan, self._document.room, self._document.gear, self._a)
            text = QRectF(plan.right() + 6, box.top() + 8, box.right() - plan.right() - 14, 0)
            font = theme.sans(10, bold=True)
            line = QFontMetricsF(font).height()
            p.setFont(font)
            p.setPen(t.colour("ink"))
            name = QFontMetricsF(font).elidedText(
                self._a.name, Qt.TextElideMode.ElideRight, text.width()
            )
            p.drawText(QRectF(text.left(), text.top(), text.width(), line), 0, name)
            p.setFont(theme.sans(9.5))
            p.setPen(t.colour("soft"))
            p.drawText(QRectF(text.left(), text.top() + line, text.width(), line), 0, self._told)
            bar = QRectF(text.left(), box.bottom() - 14, text.width(), 5)
            p.setPen(QPen(t.colour("soft"), 1))
            p.setBrush(Qt.BrushStyle.NoBrush)
            p.drawRoundedRect(bar, 2.5, 2.5)
            bar.setWidth(bar.width() * self.made / max(self.wanted, 1))
            p.setBrush(t.colour("teal"))
            p.drawRoundedRect(bar, 2.5, 2.5)


class ArrangementTiles:
    """`row` is the layout."""

    def __init__(self, session: Workbench) -> None:
        self._session = session
        self.row = FlowRow()
        self._kept = Kept(self.row, session.home)

    def refresh(self) -> None:
        """One for each, where there are some to choose among."""
        document, a = self._session.document, self._session.arrangement
        several = document.arrangements if len(document.arrangements) > 1 else ()
        with self._kept as kept:
            for one in several:
                tile = kept.put(one.name, partial(self._new, one.name))
                tile.show_tile(document, one, a is not None and one.name == a.name)
            kept.gap()

    def _new(self, name: str) -> ArrangementTile:
        made = ArrangementTile()
        on_click(made, partial(self._session.show_arrangement, name))
        return made
