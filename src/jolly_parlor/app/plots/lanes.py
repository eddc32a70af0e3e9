"""Cause lanes: under the response, one lane a cause, marks where each acts."""

from functools import lru_cache
from math import log10

import numpy as np
from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen, QPixmap, QTransform

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app import theme
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.plots.hills import LOW_HZ, UPPER_HZ
from jolly_parlor.app.plots.pixels import PixelItem
from jolly_parlor.diagnosis.marks import LANES, Lane, Mark
from jolly_parlor.words import tr


def lane_height(lane: Lane) -> float:
    """The y of a lane's middle: the first lane on top."""
    return len(LANES) - LANES.index(lane) - 0.5


def lane_at(y: float) -> Lane | None:
    """The lane at a y, or none."""
    index = int(len(LANES) - y)
    return LANES[index] if 0 <= y < len(LANES) and 0 <= index < len(LANES) else None


_STEPS = 24  # of strength: the stamps kept serve while a drag changes strengths
_ALL = QRectF(log10(LOW_HZ), 0, log10(UPPER_HZ / LOW_HZ), len(LANES))


class LanesGround(PixelItem):
    """The lanes themselves; painted once, then copied while marks move."""

    def __init__(self) -> None:
        super().__init__(_ALL, still=True)
        self._lit: str | None = None

    def show_lit(self, lane: str | None) -> None:
        """Light that lane, or none."""
        if lane != self._lit:
            self._lit = lane
            self.update()

    def draw(self, painter: QPainter, to_pixels: QTransform) -> None:
        """Lane by lane, in pixels."""
        t = theme.current()
        for number, lane in enumerate(LANES):
            name = "blush" if lane == self._lit else ("band" if number % 2 else "sheet")
            painter.fillRect(_lane_rect(to_pixels, lane), t.colour(name))


class LanesItem(PixelItem):
    """Mounds for modes that lift, cups for what hollows; stronger is larger."""

    def __init__(self) -> None:
        super().__init__(_ALL)
        self._marks: tuple[Mark, ...] = ()
        self._found: tuple[FloatArray, list[int]] | None = None
        self._beyond: dict[Lane, float] = {}
        self._highlight = Highlight()

    def show_marks(
        self, marks: tuple[Mark, ...], beyond: dict[Lane, float], highlight: Highlight
    ) -> None:
        if marks is not self._marks:
            self._marks, self._found = marks, None
        self._beyond, self._highlight = beyond, highlight
        self.update()

    def draw(self, painter: QPainter, to_pixels: QTransform) -> None:
        """Paint in pixels: marks keep their size."""
        painter.setFont(theme.sans(8.5))
        painter.setPen(theme.current().colour("soft"))
        right_side = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter
        for lane, first_hz in self._beyond.items():
            words = tr("first at {first_hz:.0f} Hz, beyond this range  ", first_hz=first_hz)
            painter.drawText(_lane_rect(to_pixels, lane), right_side, words)
        device = painter.device()
        ratio = device.devicePixelRatioF() if device is not None else 1.0
        self._draw_marks(painter, to_pixels, ratio)

    def _draw_marks(self, painter: QPainter, to_pixels: QTransform, ratio: float) -> None:
        step = abs(to_pixels.m22())
        ground = {
            lane: (_lane_rect(to_pixels, lane).center().y() - 0.30 * step, 0.64 * step)
            for lane in LANES
        }
        lane, lit_mark = self._highlight.lane, self._highlight.mark
        look = int(2 * step), theme.current().name, ratio
        drawn: set[tuple[Lane, int, int, bool]] = set()
        for mark, x, steps in zip(self._marks, *self._where(to_pixels), strict=True):
            lit = lit_mark is not None and mark == lit_mark
            key = mark.lane, x, steps, lit
            if key in drawn:  # left and right alike
                continue
            drawn.add(key)
            hill = mark.kind == "hill"
            stamp, left, up = _stamp(steps, hill, lit, lane not in (None, mark.lane), *look)
            top, further = ground[mark.lane]
            y = top + further if hill else top
            painter.drawPixmap(x - left, round(y) - up, stamp)

    def _where(self, to_pixels: QTransform) -> tuple[list[int], list[int]]:
        """The pixel of each mark along the axis and its strength in steps, in bulk: a drag paints
        dozens of them a frame.
        """
        if self._found is None:
            f = np.log10([mark.frequency_hz for mark in self._marks])
            strengths = np.array([mark.strength for mark in self._marks])
            self._found = f, np.rint(_STEPS * strengths).astype(int).tolist()
        x, steps = self._found
        return np.rint(to_pixels.m11() * x + to_pixels.dx()).astype(int).tolist(), steps


def _lane_rect(to_pixels: QTransform, lane: Lane) -> QRectF:
    whole = QRectF(_ALL.left(), lane_height(lane) - 0.5, _ALL.width(), 1.0)
    return to_pixels.mapRect(whole)


@lru_cache(maxsize=1024)
def _stamp(
    steps: int, hill: bool, lit: bool, faint: bool, lane_half_pixels: int, named: str, ratio: float
) -> tuple[QPixmap, int, int]:
    """The picture of a mark, and how far its foot lies from the left and from the top; kept."""
    t, alpha, strength = theme.THEMES[named], 90 if faint else 255, steps / _STEPS
    half = (4.0 + 6.0 * strength) * (1.25 if lit else 1.0)
    height = lane_half_pixels / 2 * 0.62 * (0.45 + 0.55 * strength)
    left, up = int(half) + 4, int(height) + 4
    stamp = QPixmap(round(2 * left * ratio), round(2 * up * ratio))
    stamp.setDevicePixelRatio(ratio)
    stamp.fill(Qt.GlobalColor.transparent)
    with QPainter(stamp) as painter:
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.translate(left, up)
        if hill:
            arc = _arc(half, -height)
            painter.fillPath(arc, t.colour("ochre", alpha))
            painter.strokePath(arc, QPen(t.colour("ochre_edge", alpha), 2.0 if lit else 1.0))
        else:
            colour = t.colour("wine" if lit else "teal", alpha)
            painter.strokePath(_arc(half, height), QPen(colour, 2.6 if lit else 1.8))
    return stamp, left, up


def _arc(half: float, height: float) -> QPainterPath:
    """An arc over (or, with height above zero, under) the ground at zero."""
    path = QPainterPath()
    path.moveTo(-half, 0)
    path.cubicTo(-half * 0.6, height * 1.3, half * 0.6, height * 1.3, half, 0)
    if height < 0:
        path.closeSubpath()
    return path
