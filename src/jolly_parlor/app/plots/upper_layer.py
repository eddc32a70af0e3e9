"""The less certain range above 300 Hz: a thin line on tinted ground, never filled."""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen, QTransform

from jolly_parlor.app import theme
from jolly_parlor.app.plots.hills import BOTTOM_DB, HIGH_HZ, TOP_DB, UPPER_HZ
from jolly_parlor.app.plots.pixels import PixelItem, pixel_polygon
from jolly_parlor.placement.upper_range import UpperCurve
from jolly_parlor.words import tr

_LEFT = float(np.log10(HIGH_HZ))
_GROUND = QRectF(_LEFT, BOTTOM_DB, float(np.log10(UPPER_HZ)) - _LEFT, TOP_DB - BOTTOM_DB)


class UpperGround(PixelItem):
    """What the range is; painted once, then copied while the curve moves."""

    def __init__(self) -> None:
        super().__init__(_GROUND, still=True)
        self._known = False

    def show_known(self, known: bool) -> None:
        """Whether there is a curve here."""
        if known != self._known:
            self._known = known
            self.update()

    def draw(self, painter: QPainter, to_pixels: QTransform) -> None:
        """Ground, the line of even, and words, in pixels."""
        t = theme.current()
        ground = to_pixels.mapRect(self.area)
        painter.fillRect(ground, t.colour("band"))
        painter.setFont(theme.sans(8.5))
        painter.setPen(t.colour("soft"))
        flags = Qt.AlignmentFlag.AlignHCenter | Qt.AlignmentFlag.AlignBottom
        flags |= Qt.TextFlag.TextWordWrap
        words = (
            tr("less certain:\ndirect sound, first reflections")
            if self._known
            else tr("not judged")
        )
        painter.drawText(ground.adjusted(2, 2, -2, -4), int(flags), words)
        if self._known:
            even = to_pixels.map(QPointF(0.0, 0.0)).y()
            painter.setPen(QPen(t.colour("rule"), 1.0))
            painter.drawLine(QPointF(ground.left(), even), QPointF(ground.right(), even))


class UpperItem(PixelItem):
    """Direct sound and first reflections; x is log10 of frequency."""

    def __init__(self) -> None:
        super().__init__(_GROUND)
        self._curve: UpperCurve | None = None

    def show_curve(self, curve: UpperCurve | None) -> None:
        """Draw this curve, or nothing."""
        self._curve = curve
        self.update()

    def draw(self, painter: QPainter, to_pixels: QTransform) -> None:
        if self._curve is None:
            return
        painter.setPen(QPen(theme.current().colour("soft"), 1.0, Qt.PenStyle.DashLine))
        x = np.log10(self._curve.frequencies_hz)
        d = np.clip(self._curve.deviation_db, BOTTOM_DB, TOP_DB)
        painter.drawPolyline(pixel_polygon(to_pixels, x, d))
