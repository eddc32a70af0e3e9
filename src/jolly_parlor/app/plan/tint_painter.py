"""Tints the plan from calm to rough or from quiet to loud, and says what the tint means."""

from __future__ import annotations

from typing import TYPE_CHECKING

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QImage, QPainter, QPen

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app import theme
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.placement.maps import EvennessMap, PressureMap

_QUIET_DB, _LOUD_DB = -12.0, 6.0
_ALPHA = 190


class TintPainter:
    """One painting of a tint."""

    def __init__(self, painter: QPainter, view: Unfolded) -> None:
        self.p, self.view = painter, view

    def colours(self, found: EvennessMap | PressureMap) -> None:
        """Calm to rough over the plan, or quiet to loud at one frequency: over the plan at ear
        height and across the room at the seat.
        """
        from jolly_parlor.placement.maps import EvennessMap

        cells = self._plan_cells(found.xs, found.ys)
        if isinstance(found, EvennessMap):
            calm_end, rough_end = np.nanpercentile(found.figures_db, (3, 97))
            shares = (found.figures_db - calm_end) / max(rough_end - calm_end, 0.1)
            self.p.drawImage(cells, picture_of(shares))
            return
        span = _LOUD_DB - _QUIET_DB
        self.p.drawImage(cells, picture_of((found.plan_db - _QUIET_DB) / span))
        half_x, half_z = (float(v[1] - v[0]) / 2 for v in (found.xs, found.zs))
        top = self.view.on_wall(found.xs[0] - half_x, found.zs[-1] + half_z)
        end = self.view.on_wall(found.xs[-1] + half_x, found.zs[0] - half_z)
        section = (found.section_db[::-1] - _QUIET_DB) / span
        self.p.drawImage(QRectF(top, end), picture_of(section))

    def words(self, found: EvennessMap | PressureMap) -> None:
        from jolly_parlor.placement.maps import EvennessMap

        if isinstance(found, EvennessMap):
            self._calmest(found)
        else:
            self._levels(found)

    def _calmest(self, found: EvennessMap) -> None:
        calm, low = found.calmest, np.nanmin(found.figures_db)
        at = self.view.on_plan(calm.x, calm.y)
        t = theme.current()
        self.p.setPen(QPen(t.colour("sheet"), 2))
        self.p.setBrush(t.colour("teal"))
        self.p.drawEllipse(at, 5.0, 5.0)
        what = "seat" if found.item.kind == "seat" else found.item.words
        self._words(
            at + QPointF(0, 14), tr("calmest for the {what}, {low:.1f} dB", what=what, low=low)
        )

    def _levels(self, found: PressureMap) -> None:
        ear = self.view.on_plan(found.ear.x, found.ear.y)
        at = QPointF(self.view.plan_rect().center().x(), self.view.plan_rect().bottom() - 12)
        self._words(
            at,
            tr(
                "{frequency_hz:.0f} Hz: teal −{quiet_db:.0f} dB, ochre +{loud_db:.0f} dB",
                frequency_hz=found.frequency_hz,
                quiet_db=-_QUIET_DB,
                loud_db=_LOUD_DB,
            ),
        )
        t = theme.current()
        self.p.setPen(QPen(t.colour("soft"), 1, Qt.PenStyle.DashLine))
        rect = self.view.plan_rect()
        self.p.drawLine(QPointF(rect.left(), ear.y()), QPointF(rect.right(), ear.y()))
        wall = self.view.wall_rect()
        self._words(QPointF(wall.center().x(), wall.top() + 10), tr("section through the seat"))

    def _plan_cells(self, xs: FloatArray, ys: FloatArray) -> QRectF:
        half_x, half_y = (float(v[1] - v[0]) / 2 for v in (xs, ys))
        start = self.view.on_plan(xs[0] - half_x, ys[0] - half_y)
        return QRectF(start, self.view.on_plan(xs[-1] + half_x, ys[-1] + half_y))

    def _words(self, at: QPointF, text: str) -> None:
        t = theme.current()
        self.p.setFont(theme.sans(8.5))
        box = QRectF(self.p.fontMetrics().boundingRect(text)).adjusted(-4, -2, 4, 2)
        box.moveCenter(at)
        plan = self.view.plan_rect()
        box.moveLeft(min(max(box.left(), plan.left()), plan.right() - box.width()))
        self.p.fillRect(box, t.colour("sheet", 230))
        self.p.setPen(t.colour("ink"))
        self.p.drawText(box, Qt.AlignmentFlag.AlignCenter, text)


def picture_of(shares: FloatArray) -> QImage:
    """Shares of 0 to 1 as colours; NaN stays clear."""
    rows, columns = shares.shape
    ends = [np.array(theme.calm_to_rough(end).getRgb()[:3]) for end in (0.0, 1.0)]
    clear = np.isnan(shares)
    share = np.clip(np.nan_to_num(shares), 0.0, 1.0)[:, :, None]
    pixels = np.zeros((rows, columns, 4), dtype=np.uint8)
    pixels[:, :, :3] = np.round(ends[0] + (ends[1] - ends[0]) * share)
    pixels[:, :, 3] = np.where(clear, 0, _ALPHA)
    data = pixels.tobytes()
    image = QImage(data, columns, rows, 4 * columns, QImage.Format.Format_RGBA8888)
    return image.convertToFormat(QImage.Format.Format_ARGB32_Premultiplied)  # drawn far quicker
