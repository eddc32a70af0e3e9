"""A take at a glance: its curve in miniature, and how it stands with it by the shape of a mark."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QKeyEvent, QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QAbstractButton, QSizePolicy

from jolly_parlor.app import theme
from jolly_parlor.app.widgets.entries import tip
from jolly_parlor.project.take_states import State, TakeState
from jolly_parlor.signals.response import Response
from jolly_parlor.words import tr

_WIDE, _NARROW, _TALL, _EDGE = 132, 60, 46, 7.0
_LOW_HZ, _HIGH_HZ, _REACH_DB, _POINTS = 20.0, 300.0, 18.0, 90
STATE_WORDS: dict[State, str] = {
    "none": tr("not measured yet"),
    "measured": tr("measured"),
    "imported": tr("imported"),
    "doubtful": tr("doubtful"),
    "bad": tr("bad, left out"),
    "asked": tr("does it still hold?"),
    "moved": tr("moved since"),
}
_COLOURS: dict[State, str] = {
    "none": "soft",
    "measured": "teal",
    "imported": "teal",
    "doubtful": "ochre_edge",
    "bad": "wine",
    "asked": "ochre_edge",
    "moved": "soft",
}


class TakeChip(QAbstractButton):
    """One mix at one seat. Its click opens it; `keys` answers some keys with what they do."""

    is_picture = True

    def __init__(self, source: str, seat: str, keys: Callable[[TakeChip, int], bool]) -> None:
        super().__init__()
        self.source, self.seat, self._keys = source, seat, keys
        self.state = TakeState("none")
        self._curve: QPolygonF | None = None
        self._around = 0
        self.setObjectName(f"take-{source}-{seat}")
        self.setCheckable(True)
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_state(self, state: TakeState, told: str, around: int = 0) -> None:
        """told: all there is to say of it, for tooltip and screen readers; around: how many other
        points of the head have a take of it.
        """
        name = tr("{source} at the {seat}", source=self.source, seat=self.seat)
        self.setAccessibleName(f"{name}: {STATE_WORDS[state.state]}")
        self.setAccessibleDescription(told)
        self.setToolTip(tip(told))
        if state.take is not self.state.take or self._curve is None:
            self._curve = None if state.take is None else _points(state.take.response)
        self.state, self._around = state, around
        self.update()

    def sizeHint(self) -> QSize:
        scale = theme.scale()
        return QSize(round(_WIDE * scale), round(_TALL * scale))

    def minimumSizeHint(self) -> QSize:
        """Where room is short the curve is narrower."""
        return QSize(round(_NARROW * theme.scale()), self.sizeHint().height())

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        """What the keys mean here; else as every button."""
        if event is None or not self._keys(self, event.key()):
            super().keyPressEvent(event)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        """Frame, mark, curve; where there is no take, what may be done."""
        t, state = theme.current(), self.state.state
        box = QRectF(self.rect()).adjusted(1.5, 1.5, -1.5, -1.5)
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            chosen = self.isChecked() or self.hasFocus()
            edge = t.colour("wine" if chosen else "rule")
            dashed = Qt.PenStyle.DashLine if state == "none" else Qt.PenStyle.SolidLine
            p.setPen(QPen(edge, 2.0 if chosen else 1.0, dashed))
            p.setBrush(t.colour("sheet"))
            p.drawRoundedRect(box, 8, 8)
            mark = QPointF(box.left() + 15, box.center().y())
            draw_mark(p, t, state, mark)
            p.setPen(Qt.PenStyle.NoPen)
            p.setBrush(t.colour("teal"))
            for n in range(self._around):  # as the points lie: beside one another
                p.drawEllipse(QPointF(box.left() + 9 + 5 * n, box.bottom() - 6), 1.6, 1.6)
            inner = box.adjusted(30, _EDGE, -_EDGE, -_EDGE)
            if self._curve is None:
                p.setPen(t.colour("soft"))
                p.setFont(theme.sans(9.5))
                p.drawText(inner, Qt.AlignmentFlag.AlignVCenter, tr("no take"))
                return
            p.setPen(QPen(t.colour("rule"), 1.0))
            middle = inner.center().y()
            p.drawLine(QPointF(inner.left(), middle), QPointF(inner.right(), middle))
            pen = QPen(t.colour(_COLOURS[state]), 1.6)
            if state in ("moved", "bad", "asked"):
                pen.setStyle(Qt.PenStyle.DotLine)
            p.translate(inner.topLeft())
            p.scale(inner.width(), inner.height())
            pen.setCosmetic(True)
            p.setPen(pen)
            p.drawPolyline(self._curve)


def draw_mark(p: QPainter, t: theme.Theme, state: State, at: QPointF) -> None:
    """A shape of its own for each state, so that colour alone says nothing."""
    colour = t.colour(_COLOURS[state])
    p.setPen(QPen(colour, 1.8))
    p.setBrush(colour)
    x, y, r = at.x(), at.y(), 5.0
    if state == "measured":
        p.drawEllipse(at, r, r)
    elif state == "imported":
        p.drawRect(QRectF(x - r + 0.5, y - r + 0.5, 2 * r - 1, 2 * r - 1))
    elif state == "doubtful":
        p.drawPolygon(QPolygonF([QPointF(x, y - r), QPointF(x + r, y + r), QPointF(x - r, y + r)]))
    elif state == "bad":
        p.drawLine(QPointF(x - r, y - r), QPointF(x + r, y + r))
        p.drawLine(QPointF(x - r, y + r), QPointF(x + r, y - r))
    elif state == "none":
        p.drawLine(QPointF(x - r, y), QPointF(x + r, y))
        p.drawLine(QPointF(x, y - r), QPointF(x, y + r))
    else:  # asked, and moved with the way it went
        p.setBrush(Qt.BrushStyle.NoBrush)
        p.drawEllipse(at, r, r)
        if state == "moved":
            p.drawLine(QPointF(x + r, y - r), QPointF(x + r + 4, y - r - 3))


def _points(response: Response) -> QPolygonF:
    """The curve in a square of one by one, its mean in the middle."""
    f, level = response.frequencies_hz, response.level_db
    at = np.geomspace(max(_LOW_HZ, f[0]), min(_HIGH_HZ, f[-1]), _POINTS)
    if at[0] >= at[-1]:
        return QPolygonF()
    curve = np.interp(np.log(at), np.log(f), level)
    x = np.log(at / _LOW_HZ) / np.log(_HIGH_HZ / _LOW_HZ)
    y = 0.5 - np.clip((curve - np.mean(curve)) / (2 * _REACH_DB), -0.5, 0.5)
    return QPolygonF([QPointF(a, b) for a, b in zip(x.tolist(), y.tolist(), strict=True)])
