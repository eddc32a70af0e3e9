"""A response in the space of a line of text: hills and hollows of a subwoofer's own band."""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QBrush, QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.plots.curve_rows import curve_rows
from jolly_parlor.placement.evenness import Deviation, evenness
from jolly_parlor.words import tr

_SPAN_DB = 15.0
_LOW_HZ, _SUB_HZ = 20.0, 120.0


class PlaceStrip(QWidget):
    """From 20 to 120 Hz or further, 15 dB either side of even; described in figures."""

    is_picture = True

    def __init__(self, name: str, curve: Deviation, high_hz: float = _SUB_HZ) -> None:
        super().__init__()
        self._high_hz = high_hz
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Fixed)
        self.show_curve(name, curve)

    def show_curve(self, name: str, curve: Deviation) -> None:
        """Show that one."""
        self._curve = curve
        self.setAccessibleName(tr("response, {name}", name=name))
        figure = evenness(curve)
        told = tr(
            "deepest {deepest_db:.0f} dB at {deepest_hz:.0f} Hz",
            deepest_db=figure.deepest_db,
            deepest_hz=figure.deepest_hz,
        )
        self.setAccessibleDescription(told)
        self.setToolTip(
            tr(
                "{told}, highest {highest_db:+.0f} at {highest_hz:.0f} Hz",
                told=told,
                highest_db=figure.highest_db,
                highest_hz=figure.highest_hz,
            )
        )
        self.update()

    def figures(self) -> list[list[object]]:
        return curve_rows([(tr("dB from even"), self._curve)])

    def sizeHint(self) -> QSize:
        return QSize(136, 28)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        t, curve = theme.current(), self._curve
        inside = (curve.frequencies_hz >= _LOW_HZ) & (curve.frequencies_hz <= self._high_hz)
        f, d = curve.frequencies_hz[inside], curve.deviation_db[inside]
        if f.size < 2:
            return
        span = np.log(self._high_hz / _LOW_HZ)
        x = np.log(f / _LOW_HZ) / span * self.width()
        middle = self.height() / 2
        y = middle - np.clip(d, -_SPAN_DB, _SPAN_DB) / _SPAN_DB * middle
        points = [QPointF(a, b) for a, b in zip(x.tolist(), y.tolist(), strict=True)]
        ends = [QPointF(float(x[-1]), middle), QPointF(float(x[0]), middle)]
        line, area = QPolygonF(points), QPolygonF([*points, *ends])
        with QPainter(self) as p:
            p.fillRect(QRectF(self.rect()), t.colour("band"))
            p.setPen(Qt.PenStyle.NoPen)
            for half, brush in (
                (QRectF(0, 0, self.width(), middle), t.colour("ochre")),
                (QRectF(0, middle, self.width(), middle), t.colour("hollow")),
            ):
                p.setClipRect(half)
                p.setBrush(brush)
                p.drawPolygon(area)
            p.setBrush(QBrush(t.colour("teal", 150), Qt.BrushStyle.BDiagPattern))
            p.drawPolygon(area)
            p.setClipping(False)
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setPen(QPen(t.colour("ink"), 1.1))
            p.drawPolyline(line)
            p.setPen(QPen(t.colour("soft"), 0.8))
            p.drawLine(QPointF(0, middle), QPointF(self.width(), middle))
