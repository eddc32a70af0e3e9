"""Words on the plan, kept as stamps: a drag paints all of them in every frame, and changes two."""

from __future__ import annotations

from functools import lru_cache
from math import ceil

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QColor, QFont, QFontMetricsF, QPainter, QPixmap

from jolly_parlor.app import theme


class Lettering:
    def __init__(self, painter: QPainter, legible: bool = True) -> None:
        """legible: False where words would lie over each other, and are left out."""
        self.p, self.t, self._legible = painter, theme.current(), legible

    def words(
        self,
        at: QPointF,
        text: str,
        colour: str,
        points: float,
        ground: str = "",
        italic: bool = False,
    ) -> None:
        """Words around a point, level."""
        if not self._legible:
            return
        ratio = device.devicePixelRatioF() if (device := self.p.device()) else 1.0
        look = colour, points, ground, italic, self.t.name, ratio
        stamp, across, up = _stamp(text, *look)
        self.p.drawPixmap(round(at.x() - across), round(at.y() - up), stamp)

    def turned(self, at: QPointF, text: str, points: float, degrees: float = -90.0) -> None:
        """Words around a point, turned."""
        if not self._legible:
            return
        self.p.save()
        self.p.translate(at)
        self.p.rotate(degrees)
        _write(self.p, QPointF(0, 0), text, self.t.colour("soft"), points, False)
        self.p.restore()


@lru_cache(maxsize=512)
def _stamp(
    text: str, colour: str, points: float, ground: str, italic: bool, named: str, ratio: float
) -> tuple[QPixmap, float, float]:
    """The picture of a label, and how far its middle lies from the left and the top; kept: a drag
    paints all of them in every frame, and changes two.
    """
    t = theme.THEMES[named]
    metrics = QFontMetricsF(_font(points, italic))
    width, height = ceil(metrics.horizontalAdvance(text)) + 8, ceil(metrics.height())
    stamp = QPixmap(round(width * ratio), round(height * ratio))
    stamp.setDevicePixelRatio(ratio)
    stamp.fill(Qt.GlobalColor.transparent)
    with QPainter(stamp) as painter:
        if ground:
            painter.fillRect(QRectF(0, 1, width, height - 2), t.colour(ground))
        _write(painter, QPointF(width / 2, height / 2), text, t.colour(colour), points, italic)
    return stamp, width / 2, height / 2


def _write(
    painter: QPainter, at: QPointF, text: str, colour: QColor, points: float, italic: bool
) -> None:
    painter.setFont(_font(points, italic))
    painter.setPen(colour)
    box = QRectF(painter.fontMetrics().boundingRect(text)).adjusted(-4, -2, 4, 2)
    box.moveCenter(at)
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)


def _font(points: float, italic: bool) -> QFont:
    return theme.serif(points, italic=True) if italic else theme.sans(points)
