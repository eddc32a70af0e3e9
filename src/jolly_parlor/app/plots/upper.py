"""The less certain range above 300 Hz: a thin line on tinted ground, never filled."""

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QStyleOptionGraphicsItem, QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.plots.hills import BOTTOM_DB, HIGH_HZ, TOP_DB, UPPER_HZ, pixel_polygon
from jolly_parlor.placement.upper import UpperCurve


class UpperItem(pg.GraphicsObject):
    """Direct sound and first reflections; x is log10 of frequency."""

    def __init__(self) -> None:
        super().__init__()
        self._curve: UpperCurve | None = None

    def show_curve(self, curve: UpperCurve | None) -> None:
        """Draw this curve, or only the ground."""
        self._curve = curve
        self.update()

    def boundingRect(self) -> QRectF:
        """From 300 Hz to the end."""
        left = np.log10(HIGH_HZ)
        return QRectF(left, BOTTOM_DB, np.log10(UPPER_HZ) - left, TOP_DB - BOTTOM_DB)

    def paint(
        self,
        painter: QPainter | None,
        option: QStyleOptionGraphicsItem | None,
        widget: QWidget | None = None,
    ) -> None:
        """Ground, words, and the line, in pixels."""
        assert painter is not None
        to_pixels = painter.worldTransform()
        t = theme.current()
        painter.save()
        ground = to_pixels.mapRect(self.boundingRect())
        painter.resetTransform()
        painter.fillRect(ground, t.colour("band"))
        painter.setFont(theme.sans(8.5))
        painter.setPen(t.colour("soft"))
        flags = Qt.AlignmentFlag.AlignHCenter | Qt.AlignmentFlag.AlignBottom
        words = "less certain:\ndirect sound, first reflections" if self._curve else "not judged"
        painter.drawText(ground.adjusted(2, 2, -2, -4), flags, words)
        if self._curve is not None:
            even = to_pixels.map(QPointF(0.0, 0.0)).y()
            painter.setPen(QPen(t.colour("rule"), 1.0))
            painter.drawLine(QPointF(ground.left(), even), QPointF(ground.right(), even))
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.setPen(QPen(t.colour("soft"), 1.0, Qt.PenStyle.DashLine))
            x = np.log10(self._curve.frequencies_hz)
            d = np.clip(self._curve.deviation_db, BOTTOM_DB, TOP_DB)
            painter.drawPolyline(pixel_polygon(to_pixels, x, d))
        painter.restore()
