"""Cause lanes: under the response, one lane a cause, marks where each acts."""

from functools import lru_cache
from math import log10

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPainterPathStroker, QTransform
from PyQt6.QtWidgets import QStyleOptionGraphicsItem, QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.plots.hills import LOW_HZ, UPPER_HZ
from jolly_parlor.diagnosis.marks import LANES, Lane, Mark


def lane_height(lane: Lane) -> float:
    """The y of a lane's middle: the first lane on top."""
    return len(LANES) - LANES.index(lane) - 0.5


def lane_at(y: float) -> Lane | None:
    """The lane at a y, or none."""
    index = int(len(LANES) - y)
    return LANES[index] if 0 <= y < len(LANES) and 0 <= index < len(LANES) else None


class LanesItem(pg.GraphicsObject):
    """Mounds for modes that lift, cups for what hollows; stronger is larger."""

    def __init__(self) -> None:
        super().__init__()
        self._marks: tuple[Mark, ...] = ()
        self._beyond: dict[Lane, float] = {}
        self._highlight = Highlight()

    def show_marks(
        self, marks: tuple[Mark, ...], beyond: dict[Lane, float], highlight: Highlight
    ) -> None:
        """Draw these."""
        self._marks, self._beyond, self._highlight = marks, beyond, highlight
        self.update()

    def boundingRect(self) -> QRectF:
        """All lanes."""
        return QRectF(np.log10(LOW_HZ), 0, np.log10(UPPER_HZ / LOW_HZ), len(LANES))

    def paint(
        self,
        painter: QPainter | None,
        option: QStyleOptionGraphicsItem | None,
        widget: QWidget | None = None,
    ) -> None:
        """Paint in pixels: marks keep their size."""
        assert painter is not None
        to_pixels = painter.worldTransform()
        painter.save()
        painter.resetTransform()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        t = theme.current()
        step = abs(to_pixels.map(QPointF(0, 1)).y() - to_pixels.map(QPointF(0, 0)).y())
        left = to_pixels.map(QPointF(np.log10(LOW_HZ), 0)).x()
        right = to_pixels.map(QPointF(np.log10(UPPER_HZ), 0)).x()
        for number, lane in enumerate(LANES):
            middle = to_pixels.map(QPointF(0, lane_height(lane))).y()
            lit = lane == self._highlight.lane
            name = "blush" if lit else ("band" if number % 2 else "sheet")
            band = QRectF(left, middle - step / 2, right - left, step)
            painter.fillRect(band, t.colour(name))
            if lane in self._beyond:
                painter.setFont(theme.sans(8.5))
                painter.setPen(t.colour("soft"))
                words = f"first at {self._beyond[lane]:.0f} Hz, beyond this range  "
                right_side = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter
                painter.drawText(band, right_side, words)
        self._draw_marks(painter, to_pixels, step, t)
        painter.restore()

    def _draw_marks(
        self, painter: QPainter, to_pixels: QTransform, step: float, t: theme.Theme
    ) -> None:
        middles = {lane: to_pixels.map(QPointF(0, lane_height(lane))).y() for lane in LANES}
        lane, lit_mark = self._highlight.lane, self._highlight.mark
        painter.setPen(Qt.PenStyle.NoPen)
        drawn: set[tuple[Lane, bool, bool, int, float]] = set()
        for mark in self._marks:
            hill = mark.kind == "hill"
            lit = lit_mark is not None and mark == lit_mark
            # To half a pixel, so that the shapes kept serve while a drag changes strengths.
            half = round(2 * (4.0 + 6.0 * mark.strength) * (1.25 if lit else 1.0)) / 2
            height = round(2 * step * 0.62 * (0.45 + 0.55 * mark.strength)) / 2
            alpha = 90 if lane is not None and mark.lane != lane else 255
            x = to_pixels.m11() * log10(mark.frequency_hz) + to_pixels.dx()
            y = middles[mark.lane] + step * (0.34 if hill else -0.30)
            look = mark.lane, hill, lit, round(x), half
            if look in drawn:  # left and right alike
                continue
            drawn.add(look)
            painter.translate(x, y)
            if hill:
                painter.setBrush(t.colour("ochre", alpha))
                painter.drawPath(_mound(half, -height))
                painter.setBrush(t.colour("ochre_edge", alpha))
                painter.drawPath(_edge(half, -height, 2.0 if lit else 1.0))
            else:
                painter.setBrush(t.colour("wine" if lit else "teal", alpha))
                painter.drawPath(_edge(half, height, 2.6 if lit else 1.8))
            painter.translate(-x, -y)


@lru_cache(maxsize=512)
def _mound(half: float, height: float) -> QPainterPath:
    """An arc over (or, with height above zero, under) the ground at zero; kept, for drags."""
    path = QPainterPath()
    path.moveTo(-half, 0)
    path.cubicTo(-half * 0.6, height * 1.3, half * 0.6, height * 1.3, half, 0)
    if height < 0:
        path.closeSubpath()
    return path


@lru_cache(maxsize=1024)
def _edge(half: float, height: float, width: float) -> QPainterPath:
    """The line along an arc as a shape to fill: three times as quick as drawing with a pen."""
    stroker = QPainterPathStroker()
    stroker.setWidth(width)
    return stroker.createStroke(_mound(half, height)).simplified()
