"""How far down the staircase a listener has come: a flight of steps into a cellar, a step a trial;
the deeper, the smaller the thing that is still heard.
"""

from collections.abc import Sequence

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.app import theme
from jolly_parlor.words import tr

_LEFT, _RIGHT, _TOP, _FOOT = 150.0, 14.0, 10.0, 10.0
_LEAST_TRIALS = 24


class StaircasePlot(QWidget):
    """Sizes of the trials in order, whether each was right, and where the listener settled."""

    is_picture = True

    def __init__(self) -> None:
        super().__init__()
        self._steps: list[tuple[float, bool]] = []
        self._ends, self._words = (1.0, 0.0), ("", "")
        self._settled: float | None = None
        self.setObjectName("cellar")
        self.setAccessibleName(tr("Trials, from plain at the top to small at the bottom"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(400, 116)

    def show_steps(
        self,
        steps: Sequence[tuple[float, bool]],
        ends: tuple[float, float],
        words: tuple[str, str],
        settled: float | None,
    ) -> None:
        """steps: size and whether right. ends: the plainest and the smallest size, words for
        them. settled: where it ended.
        """
        self._steps, self._ends, self._words = list(steps), ends, words
        self._settled = settled
        right = sum(good for _, good in steps)
        self.setAccessibleDescription(
            tr("{steps} trials, {right} right", steps=len(steps), right=right)
        )
        self.update()

    def paintEvent(self, event: QPaintEvent | None) -> None:
        t = theme.current()
        ground = QRectF(_LEFT, _TOP, self.width() - _LEFT - _RIGHT, self.height() - _TOP - _FOOT)
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setFont(theme.sans(9))
            p.fillRect(ground, t.colour("band"))
            p.setPen(t.colour("soft"))
            aligned = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter
            for y, text in zip((ground.top(), ground.bottom()), self._words, strict=True):
                p.drawText(QRectF(0, y - 8, _LEFT - 8, 16), aligned, text)
            if self._settled is not None:
                y = self._y(self._settled, ground)
                p.setPen(QPen(t.colour("wine"), 1.5, Qt.PenStyle.DashLine))
                p.drawLine(QPointF(ground.left(), y), QPointF(ground.right(), y))
            self._flight(p, t, ground)

    def _flight(self, p: QPainter, t: theme.Theme, ground: QRectF) -> None:
        wide = ground.width() / max(len(self._steps) + 1, _LEAST_TRIALS)
        tread: list[QPointF] = []
        for n, (size, _) in enumerate(self._steps):
            y = self._y(size, ground)
            left = ground.left() + wide * n
            tread += [QPointF(left, y), QPointF(left + wide, y)]
        p.setPen(QPen(t.colour("wall"), 2))
        p.drawPolyline(QPolygonF(tread))
        for n, (size, right) in enumerate(self._steps):
            at = QPointF(ground.left() + wide * (n + 0.5), self._y(size, ground))
            p.setPen(QPen(t.colour("teal" if right else "ochre_edge"), 1.8))
            p.setBrush(t.colour("teal") if right else t.colour("sheet"))
            if right:
                p.drawEllipse(at, 3.6, 3.6)
            else:
                up = [QPointF(0, -5), QPointF(4.5, 3.5), QPointF(-4.5, 3.5)]
                p.drawPolygon(QPolygonF([at + corner for corner in up]))

    def _y(self, size: float, ground: QRectF) -> float:
        most, least = self._ends
        top, bottom, at = np.sqrt([most, least, np.clip(size, least, most)])
        share = (top - at) / max(top - bottom, 1e-9)  # small steps stay apart near the bottom
        return float(ground.top() + share * ground.height())
