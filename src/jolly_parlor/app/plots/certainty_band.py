"""How sure the forecast is: the band that holds four fifths of what would be measured."""

import numpy as np
from PyQt6.QtCore import Qt
from PyQt6.QtGui import QPainter, QPen, QTransform

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app import theme
from jolly_parlor.app.plots.hills import BOTTOM_DB, JUDGED, TOP_DB
from jolly_parlor.app.plots.pixels import PixelItem, pixel_polygon
from jolly_parlor.fitting.evidence import FIT_HZ
from jolly_parlor.placement.evenness import Deviation


class BandItem(PixelItem):
    """Two thin lines with a tint between them; x is log10 of frequency."""

    def __init__(self) -> None:
        super().__init__(JUDGED)
        self._curve: Deviation | None = None
        self._away: FloatArray | None = None

    def show_band(self, curve: Deviation | None, away_db: FloatArray | None) -> None:
        """Draw a band around a curve, or nothing. away_db: either side, at FIT_HZ."""
        if self._away is not away_db or away_db is not None:
            self._curve, self._away = curve, away_db
            self.update()

    def draw(self, painter: QPainter, to_pixels: QTransform) -> None:
        if self._curve is None or self._away is None:
            return
        t = theme.current()
        middle = np.interp(FIT_HZ, self._curve.frequencies_hz, self._curve.deviation_db)
        low, high = (np.clip(middle + sign * self._away, BOTTOM_DB, TOP_DB) for sign in (-1.0, 1.0))
        x = np.log10(FIT_HZ)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(t.colour("ink", 34))
        around = pixel_polygon(
            to_pixels, np.concatenate([x, x[::-1]]), np.concatenate([low, high[::-1]])
        )
        painter.drawPolygon(around)
        painter.setPen(QPen(t.colour("soft", 170), 1.0))
        for edge in (low, high):
            painter.drawPolyline(pixel_polygon(to_pixels, x, edge))
