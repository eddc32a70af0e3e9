"""How sure the forecast is: the band that holds four fifths of what would be measured."""

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QStyleOptionGraphicsItem, QWidget

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app import theme
from jolly_parlor.app.plots.hills import BOTTOM_DB, HIGH_HZ, LOW_HZ, TOP_DB, pixel_polygon
from jolly_parlor.fitting.evidence import FIT_HZ
from jolly_parlor.placement.evenness import Deviation


class BandItem(pg.GraphicsObject):
    """Two thin lines with a tint between them; x is log10 of frequency."""

    def __init__(self) -> None:
        super().__init__()
        self._curve: Deviation | None = None
        self._away: FloatArray | None = None

    def show_band(self, curve: Deviation | None, away_db: FloatArray | None) -> None:
        """Draw a band around a curve, or nothing. away_db: either side, at FIT_HZ."""
        if self._away is not away_db or away_db is not None:
            self._curve, self._away = curve, away_db
            self.update()

    def boundingRect(self) -> QRectF:
        """As the hills'."""
        return QRectF(np.log10(LOW_HZ), BOTTOM_DB, np.log10(HIGH_HZ / LOW_HZ), TOP_DB - BOTTOM_DB)

    def paint(
        self,
        painter: QPainter | None,
        option: QStyleOptionGraphicsItem | None,
        widget: QWidget | None = None,
    ) -> None:
        """In pixels."""
        assert painter is not None
        if self._curve is None or self._away is None:
            return
        to_pixels = painter.worldTransform()
        t = theme.current()
        middle = np.interp(FIT_HZ, self._curve.frequencies_hz, self._curve.deviation_db)
        low, high = (np.clip(middle + sign * self._away, BOTTOM_DB, TOP_DB) for sign in (-1.0, 1.0))
        x = np.log10(FIT_HZ)
        painter.save()
        painter.resetTransform()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(t.colour("ink", 34))
        around = pixel_polygon(
            to_pixels, np.concatenate([x, x[::-1]]), np.concatenate([low, high[::-1]])
        )
        painter.drawPolygon(around)
        painter.setPen(QPen(t.colour("soft", 170), 1.0))
        for edge in (low, high):
            painter.drawPolyline(pixel_polygon(to_pixels, x, edge))
        painter.restore()
