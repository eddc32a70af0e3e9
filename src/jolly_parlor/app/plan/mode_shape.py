"""The shape of the standing wave that is pointed at, over the plan at ear height: teal where it is
quiet, ochre where it is loud.
"""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QRectF
from PyQt6.QtGui import QImage, QPainter

from jolly_parlor.acoustics.fields.rigid_modes import Mode
from jolly_parlor.acoustics.geometry.plan import Point, holds
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.app.plan.tint_painter import picture_of

_CELL_METRES = 0.15


class ModeShape:
    """Paints one; the last picture is kept."""

    def __init__(self) -> None:
        self._key: tuple[object, ...] = ()
        self._image = QImage()

    def paint(self, painter: QPainter, view: Unfolded, mode: Mode, height: float) -> None:
        key = (view.room, mode, height)
        if key != self._key:
            self._key, self._image = key, self._made(view, mode, height)
        room = view.room
        corner = view.on_plan(room.width, room.length)
        painter.drawImage(QRectF(view.on_plan(0.0, 0.0), corner), self._image)

    def _made(self, view: Unfolded, mode: Mode, height: float) -> QImage:
        room = view.room
        count = [max(int(size / _CELL_METRES), 8) for size in (room.width, room.length)]
        xs, ys = (
            (np.arange(n) + 0.5) * size / n
            for n, size in zip(count, (room.width, room.length), strict=True)
        )
        points = [Point(float(x), float(y), height) for y in ys for x in xs]
        level = np.abs(mode.over(points))
        outside = np.array([not holds(room.plan, p.x, p.y) for p in points])
        level[outside] = np.nan
        return picture_of(level.reshape(ys.size, xs.size))
