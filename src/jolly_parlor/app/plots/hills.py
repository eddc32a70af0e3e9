"""Hills and hollows: a response as deviation from even; shape tells as much as colour."""

from functools import lru_cache
from typing import Any

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QBrush, QPainter, QPen, QPixmap, QTransform

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app import theme
from jolly_parlor.app.plots.pixels import PixelItem, pixel_polygon
from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.words import spoken, tr

TOP_DB, BOTTOM_DB = 18.0, -24.0
LOW_HZ, HIGH_HZ, UPPER_HZ = 20.0, 300.0, 700.0
_HATCH_PIXELS = 64  # a multiple of the pattern's own pitch
_THICK = (QPointF(0.0, -0.4), QPointF(-0.35, 0.2), QPointF(0.35, 0.2))
JUDGED = QRectF(
    float(np.log10(LOW_HZ)), BOTTOM_DB, float(np.log10(HIGH_HZ / LOW_HZ)), TOP_DB - BOTTOM_DB
)
EDGE = 0.03  # in log10 of frequency: room for the labels at both ends
TICKS_HZ = (20, 30, 40, 50, 60, 80, 100, 150, 200, 300, 400, 500, 700)
_FEW_HZ, _LABEL_WIDE = (20, 50, 100, 200, 500), 24


class HillsItem(PixelItem):
    """Filled hills above even, hatched hollows below; x is log10 of frequency."""

    def __init__(self) -> None:
        super().__init__(JUDGED)
        self._x: FloatArray = np.zeros(0)
        self._d: FloatArray = np.zeros(0)
        self._closed = self._x, self._d
        self._band = (np.log10(LOW_HZ), np.log10(HIGH_HZ))

    def show_curve(self, curve: Deviation | None) -> None:
        """Draw this curve, or nothing."""
        if curve is None:
            self._x = self._d = np.zeros(0)
        else:
            x = np.log10(curve.frequencies_hz)
            d = np.clip(curve.deviation_db, BOTTOM_DB, TOP_DB)
            self._x, self._d = _with_crossings(x, d)
            ends = self._x[:1], self._x, self._x[-1:]
            self._closed = np.concatenate(ends), np.concatenate([[0.0], self._d, [0.0]])
            self._band = (float(np.log10(curve.low_hz)), float(np.log10(curve.high_hz)))
        self.update()

    def draw(self, painter: QPainter, to_pixels: QTransform) -> None:
        """Fills, then the line that covers their edges."""
        if self._x.size < 2:
            return
        t = theme.current()
        even_from = to_pixels.map(QPointF(self._x[0], 0.0))
        even_to = to_pixels.map(QPointF(self._x[-1], 0.0))
        x, d = self._closed

        # The line covers the edges of the fills, which need no smoothing of their own.
        painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(t.colour("ochre"))
        painter.drawPolygon(pixel_polygon(to_pixels, x, np.maximum(d, 0)))
        painter.setBrush(_hatching(t))
        painter.drawPolygon(pixel_polygon(to_pixels, x, np.minimum(d, 0)))
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(QPen(t.colour("ink"), 1.0))
        line = pixel_polygon(to_pixels, self._x, self._d)
        for aside in _THICK:  # three thin lines are drawn four times as fast as one thick
            painter.drawPolyline(line.translated(aside))
        painter.setPen(QPen(t.colour("ink"), 1.0))
        painter.drawLine(even_from, even_to)
        self._dim_outside(painter, to_pixels.mapRect(self.area), to_pixels)

    def _dim_outside(self, painter: QPainter, rect: QRectF, to_pixels: QTransform) -> None:
        """Veil what lies below the judged band: the sources do not reach there."""
        edge = to_pixels.map(QPointF(self._band[0], 0.0)).x()
        if edge > rect.left() + 1:
            veil = QRectF(rect.left(), rect.top(), edge - rect.left(), rect.height())
            painter.fillRect(veil, theme.current().colour("sheet", 175))
            painter.setPen(QPen(theme.current().colour("soft"), 1, Qt.PenStyle.DotLine))
            painter.drawLine(QPointF(edge, rect.top()), QPointF(edge, rect.bottom()))


class HertzAxis(pg.AxisItem):
    """Frequencies people know, on a log axis; fewer of them where it is narrow."""

    def __init__(self, labelled: bool = True) -> None:
        self._labelled = labelled
        super().__init__("bottom")
        self._put(roomy=True)

    def resizeEvent(self, ev: Any = None) -> None:
        """Labels that would lie over each other are left out."""
        super().resizeEvent(ev)
        wide = self.size().width()
        self._put(roomy=wide >= _LABEL_WIDE * theme.scale() * len(TICKS_HZ))

    def _put(self, roomy: bool) -> None:
        told = TICKS_HZ if roomy else _FEW_HZ
        ticks = []
        for f in TICKS_HZ:
            words = tr("{f} Hz", f=f) if f == TICKS_HZ[0] else str(f)
            ticks.append((float(np.log10(f)), words if self._labelled and f in told else ""))
        self.setTicks([ticks])


def dress(plot: pg.PlotItem, left: pg.AxisItem, bottom: pg.AxisItem) -> None:
    """The look that all plots share."""
    t = theme.current()
    for axis in (left, bottom):
        # Axes stand still while curves move: painted once, then copied.
        axis.setCacheMode(pg.GraphicsObject.CacheMode.DeviceCoordinateCache)
        axis.setPen(pg.mkPen(t.rule))
        axis.setTextPen(pg.mkPen(t.soft))
        axis.setStyle(tickFont=theme.sans(9), tickLength=-4, autoExpandTextSpace=False)
    plot.getViewBox().setBackgroundColor(t.sheet)


def decibel_axis() -> pg.AxisItem:
    """`even` in the middle, steps of 6 dB."""
    axis = pg.AxisItem("left")
    axis.setTicks(
        [[(12, "+12"), (6, "+6"), (0, spoken("even")), (-6, "−6"), (-12, "−12"), (-18, "−18")]]
    )
    axis.setLabel("dB")
    return axis


@lru_cache(maxsize=4)
def _hatching(t: theme.Theme) -> QBrush:
    """Hollow ground with its hatching in one brush, so that one polygon does; kept, for drags."""
    tile = QPixmap(_HATCH_PIXELS, _HATCH_PIXELS)
    tile.fill(t.colour("hollow"))
    with QPainter(tile) as painter:
        painter.fillRect(tile.rect(), QBrush(t.colour("teal", 150), Qt.BrushStyle.BDiagPattern))
    return QBrush(tile)


def _with_crossings(x: FloatArray, d: FloatArray) -> tuple[FloatArray, FloatArray]:
    """Insert the points where the curve crosses even, so that fills meet there."""
    cross = np.nonzero(d[:-1] * d[1:] < 0)[0]
    share = d[cross] / (d[cross] - d[cross + 1])
    at = x[cross] + share * (x[cross + 1] - x[cross])
    return np.insert(x, cross + 1, at), np.insert(d, cross + 1, 0.0)
