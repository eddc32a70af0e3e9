"""The less certain range above 300 Hz: a thin line on tinted ground, never filled."""

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QStyleOptionGraphicsItem, QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.plots.hills import BOTTOM_DB, HIGH_HZ, TOP_DB, UPPER_HZ, pixel_polygon
from jolly_parlor.placement.upper import UpperCurve

_LEFT = float(np.log10(HIGH_HZ))
_GROUND = QRectF(_LEFT, BOTTOM_DB, float(np.log10(UPPER_HZ)) - _LEFT, TOP_DB - BOTTOM_DB)


class UpperGround(pg.GraphicsObject):
    """What the range is; painted once, then copied while the curve moves."""

    def __init__(self) -> None:
        super().__init__()
        self.setCacheMode(pg.GraphicsObject.CacheMode.DeviceCoordinateCache)
        self._known = False

    def show_known(self, known: bool) -> None:
        """Whether there is a curve here."""
        if known != self._known:
            self._known = known
            self.update()

    def boundingRect(self) -> QRectF:
        """From 300 Hz to the end."""
        return _GROUND

    def paint(
        self,
        painter: QPainter | None,
        option: QStyleOptionGraphicsItem | None,
        widget: QWidget | None = None,
    ) -> None:
        """Ground, the line of even, and words, in pixels."""
        assert painter is not None
        to_pixels = painter.worldTransform()
        t = theme.current()
        painter.save()
        ground = to_pixels.mapRect(_GROUND)
        painter.resetTransform()
        painter.fillRect(ground, t.colour("band"))
        painter.setFont(theme.sans(8.5))
        painter.setPen(t.colour("soft"))
        flags = Qt.AlignmentFlag.AlignHCenter | Qt.AlignmentFlag.AlignBottom
        words = "less certain:\ndirect sound, first reflections" if self._known else "not judged"
        painter.drawText(ground.adjusted(2, 2, -2, -4), flags, words)
        if self._known:
            even = to_pixels.map(QPointF(0.0, 0.0)).y()
            painter.setPen(QPen(t.colour("rule"), 1.0))
            painter.drawLine(QPointF(ground.left(), even), QPointF(ground.right(), even))
        painter.restore()


class UpperItem(pg.GraphicsObject):
    """Direct sound and first reflections; x is log10 of frequency."""

    def __init__(self) -> None:
        super().__init__()
        self._curve: UpperCurve | None = None

    def show_curve(self, curve: UpperCurve | None) -> None:
        """Draw this curve, or nothing."""
        self._curve = curve
        self.update()

    def boundingRect(self) -> QRectF:
        """From 300 Hz to the end."""
        return _GROUND

    def paint(
        self,
        painter: QPainter | None,
        option: QStyleOptionGraphicsItem | None,
        widget: QWidget | None = None,
    ) -> None:
        """The line, in pixels."""
        assert painter is not None
        if self._curve is None:
            return
        to_pixels = painter.worldTransform()
        painter.save()
        painter.resetTransform()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(QPen(theme.current().colour("soft"), 1.0, Qt.PenStyle.DashLine))
        x = np.log10(self._curve.frequencies_hz)
        d = np.clip(self._curve.deviation_db, BOTTOM_DB, TOP_DB)
        painter.drawPolyline(pixel_polygon(to_pixels, x, d))
        painter.restore()
