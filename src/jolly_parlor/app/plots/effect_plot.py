"""What a lesson does to a sound: its level over frequency against the sound without it, as hills
and hollows; wider than the judged band, since combs live above it.
"""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QBrush, QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app import theme
from jolly_parlor.words import tr

EFFECT_HZ: FloatArray = np.asarray(np.geomspace(20.0, 8000.0, 900), dtype=np.float64)
_TOP_DB, _BOTTOM_DB = 15.0, -24.0
_LEFT, _RIGHT, _TOP, _FOOT = 44.0, 10.0, 6.0, 18.0
_TICKS_HZ = (20, 50, 100, 200, 500, 1000, 2000, 5000)
_TICKS_DB = ((12, "+12"), (0, tr("as is")), (-12, "−12"), (-24, "−24"))


class EffectPlot(QWidget):
    """Drawn, not interactive; its description says where it is highest and lowest."""

    is_picture = True

    def __init__(self) -> None:
        super().__init__()
        self._level: FloatArray | None = None
        self.setObjectName("effect-plot")
        self.setAccessibleName(tr("What it does to both channels together, by frequency"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(400, 132)

    def show_level(self, level_db: FloatArray | None) -> None:
        """At EFFECT_HZ; None for nothing."""
        self._level = level_db
        told = ""
        if level_db is not None:
            high, low = int(np.argmax(level_db)), int(np.argmin(level_db))
            told = tr(
                "highest {level_db:+.1f} dB at {effect_hz:.0f} Hz, lowest "
                "{level_db2:+.1f} dB at {effect_hz2:.0f} Hz",
                level_db=level_db[high],
                effect_hz=EFFECT_HZ[high],
                level_db2=max(level_db[low], -60),
                effect_hz2=EFFECT_HZ[low],
            )
        self.setAccessibleDescription(told)
        self.update()

    def paintEvent(self, event: QPaintEvent | None) -> None:
        t = theme.current()
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setFont(theme.sans(9))
            self._axes(p, t)
            if self._level is None:
                return
            points = [
                QPointF(self._x(float(f)), self._y(float(db)))
                for f, db in zip(EFFECT_HZ, self._level, strict=True)
            ]
            self._fill(p, points, t)
            p.setPen(QPen(t.colour("ink"), 1.4))
            p.setBrush(Qt.BrushStyle.NoBrush)
            p.drawPolyline(QPolygonF(points))

    def _fill(self, p: QPainter, points: list[QPointF], t: theme.Theme) -> None:
        """Above and below apart: shape and hatching tell them as well as colour."""
        even = self._y(0.0)
        closed = [QPointF(points[0].x(), even), *points, QPointF(points[-1].x(), even)]
        ground = self._ground
        above = QRectF(ground.left(), ground.top(), ground.width(), even - ground.top() - 0.5)
        below = QRectF(ground.left(), even + 0.5, ground.width(), ground.bottom() - even)
        p.setPen(Qt.PenStyle.NoPen)
        for part, brush in (
            (above, QBrush(t.colour("ochre"))),
            (below, QBrush(t.colour("hollow"))),
            (below, QBrush(t.colour("teal"), Qt.BrushStyle.FDiagPattern)),
        ):
            p.save()
            p.setClipRect(part)
            p.setBrush(brush)
            p.drawPolygon(QPolygonF(closed))
            p.restore()

    def _axes(self, p: QPainter, t: theme.Theme) -> None:
        ground = self._ground
        for db, text in _TICKS_DB:
            y = self._y(db)
            p.setPen(QPen(t.colour("soft" if db == 0 else "rule"), 1))
            p.drawLine(QPointF(ground.left(), y), QPointF(ground.right(), y))
            p.setPen(t.colour("soft"))
            side = QRectF(0, y - 8, _LEFT - 6, 16)
            p.drawText(side, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, text)
        for hertz in _TICKS_HZ:
            x = self._x(hertz)
            p.setPen(QPen(t.colour("rule"), 1))
            p.drawLine(QPointF(x, ground.bottom()), QPointF(x, ground.bottom() + 3))
            p.setPen(t.colour("soft"))
            text = f"{hertz // 1000} k" if hertz >= 1000 else f"{hertz}"
            foot = QRectF(x - 24, ground.bottom() + 2, 48, _FOOT - 2)
            unit = tr(" Hz") if hertz == _TICKS_HZ[0] else ""
            p.drawText(foot, Qt.AlignmentFlag.AlignCenter, f"{text}{unit}")

    @property
    def _ground(self) -> QRectF:
        return QRectF(_LEFT, _TOP, self.width() - _LEFT - _RIGHT, self.height() - _TOP - _FOOT)

    def _x(self, hertz: float) -> float:
        share = np.log(hertz / EFFECT_HZ[0]) / np.log(EFFECT_HZ[-1] / EFFECT_HZ[0])
        return float(self._ground.left() + share * self._ground.width())

    def _y(self, db: float) -> float:
        share = (_TOP_DB - np.clip(db, _BOTTOM_DB, _TOP_DB)) / (_TOP_DB - _BOTTOM_DB)
        return float(self._ground.top() + share * self._ground.height())
