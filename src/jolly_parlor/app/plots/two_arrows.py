"""Two signals added: as arrows head to tail with their sum, and the sum's level over all phases."""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.app import theme
from jolly_parlor.training.adding import Two, sums_db
from jolly_parlor.words import tr

_TALL, _TOP_DB, _BOTTOM_DB = 210, 8.0, -26.0
_FOOT, _SIDE = 22.0, 46.0
_TICKS_DB = ((6, "+6"), (0, "0"), (-6, "−6"), (-12, "−12"), (-24, "−24"))


class TwoArrows(QWidget):
    """Drawn, not interactive; the figures stand beside it."""

    is_picture = True

    def __init__(self) -> None:
        super().__init__()
        self._two = Two(0.0, 0.0)
        self.setObjectName("two-arrows")
        self.setAccessibleName(tr("The first signal, the second and their sum"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(500, _TALL)

    def show_two(self, two: Two) -> None:
        self._two = two
        self.setAccessibleDescription(
            tr(
                "second {level_db:.0f} dB at {phase_degrees:.0f} degrees: sum {sum_db:+.1f} dB",
                level_db=two.level_db,
                phase_degrees=two.phase_degrees,
                sum_db=two.sum_db,
            )
        )
        self.update()

    def paintEvent(self, event: QPaintEvent | None) -> None:
        t = theme.current()
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setFont(theme.sans(9.5))
            half = min(0.42 * self.width(), 360.0)
            self._arrows(p, t, QRectF(0, 0, half, self.height()))
            self._curve(p, t, QRectF(half, 0, self.width() - half, self.height()))

    def _arrows(self, p: QPainter, t: theme.Theme, box: QRectF) -> None:
        unit = box.width() / 2.35
        start = QPointF(box.left() + 0.1 * unit, box.bottom() - _FOOT - 6)
        turned = np.radians(self._two.phase_degrees)
        first = start + QPointF(unit, 0)
        gain = self._two.gain * unit
        last = first + QPointF(gain * float(np.cos(turned)), -gain * float(np.sin(turned)))
        _arrow(p, QPen(t.colour("wall"), 3), start, first)
        _arrow(p, QPen(t.colour("teal"), 3), first, last)
        _arrow(p, QPen(t.colour("wine"), 4), start, last)
        p.setPen(t.colour("soft"))
        under = QRectF(start.x(), start.y() + 4, unit, _FOOT)
        p.drawText(under, Qt.AlignmentFlag.AlignCenter, "first")
        p.setPen(t.colour("teal"))
        p.drawText((first + last) / 2 + QPointF(8, 4), "second")
        p.setPen(t.colour("wine"))
        p.drawText((start + last) / 2 + QPointF(-34, -6), "sum")

    def _curve(self, p: QPainter, t: theme.Theme, box: QRectF) -> None:
        ground = QRectF(box.left() + _SIDE, 8, box.width() - _SIDE - 12, box.height() - 8 - _FOOT)

        def at(degrees: float, db: float) -> QPointF:
            share = (_TOP_DB - np.clip(db, _BOTTOM_DB, _TOP_DB)) / (_TOP_DB - _BOTTOM_DB)
            x = ground.left() + degrees / 180 * ground.width()
            return QPointF(float(x), float(ground.top() + share * ground.height()))

        for db, text in _TICKS_DB:
            p.setPen(QPen(t.colour("soft" if db == 0 else "rule"), 1))
            p.drawLine(at(0, db), at(180, db))
            p.setPen(t.colour("soft"))
            side = QRectF(box.left(), at(0, db).y() - 8, _SIDE - 6, 16)
            unit = " dB" if db == 0 else ""
            aligned = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter
            p.drawText(side, aligned, f"{text}{unit}")
        for degrees in (0, 90, 120, 180):
            p.setPen(QPen(t.colour("rule"), 1))
            p.drawLine(at(degrees, _TOP_DB), at(degrees, _BOTTOM_DB))
            p.setPen(t.colour("soft"))
            foot = QRectF(at(degrees, 0).x() - 24, ground.bottom() + 2, 48, _FOOT - 4)
            p.drawText(foot, Qt.AlignmentFlag.AlignCenter, f"{degrees}°")
        phases = np.linspace(0, 180, 181)
        for gain, pen in (
            (1.0, QPen(t.colour("soft"), 1.2, Qt.PenStyle.DotLine)),
            (self._two.gain, QPen(t.colour("wine"), 2.2)),
        ):
            points = zip(phases, sums_db(gain, phases), strict=True)
            p.setPen(pen)
            p.drawPolyline(QPolygonF([at(float(x), float(y)) for x, y in points]))
        p.setBrush(t.colour("wine"))
        p.drawEllipse(at(self._two.phase_degrees, self._two.sum_db), 6, 6)


def _arrow(p: QPainter, pen: QPen, start: QPointF, end: QPointF) -> None:
    p.setPen(pen)
    p.drawLine(start, end)
    way = end - start
    length = float(np.hypot(way.x(), way.y()))
    if length < 8:
        return
    ahead = way / length
    side = QPointF(-ahead.y(), ahead.x())
    p.setBrush(pen.color())
    p.drawPolygon(QPolygonF([end, end - ahead * 11 + side * 5, end - ahead * 11 - side * 5]))
