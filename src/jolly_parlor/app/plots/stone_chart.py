"""Choices as stones on a sheet with two axes; pointing tells one, clicking takes it. By key: arrows
walk along them, Return takes one.
"""

from collections.abc import Sequence

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import QEvent, Qt, pyqtSignal
from PyQt6.QtGui import QFocusEvent, QKeyEvent

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app import theme

_HEIGHT = 190
_STEPS: dict[int, int] = {
    Qt.Key.Key_Left: -1,
    Qt.Key.Key_Up: -1,
    Qt.Key.Key_Right: 1,
    Qt.Key.Key_Down: 1,
    Qt.Key.Key_Home: -10_000,
    Qt.Key.Key_End: 10_000,
}
_TAKES = (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Space)
_BY_KEY = (Qt.FocusReason.TabFocusReason, Qt.FocusReason.BacktabFocusReason)


class StonesPlot(pg.PlotWidget):
    """Lower left is best. A dotted line joins what nothing betters."""

    is_picture = True

    pointed = pyqtSignal(object)
    """What the stone pointed at stands for, or None where none is any more."""
    taken = pyqtSignal(object)

    def __init__(self, name: str, about: str, across: str, up: str) -> None:
        left, bottom = pg.AxisItem("left"), pg.AxisItem("bottom")
        super().__init__(axisItems={"left": left, "bottom": bottom}, enableMenu=False)
        self.setObjectName(name)
        self.setAccessibleName(about)
        self.setFixedHeight(_HEIGHT)
        self._axes, self._labels = (left, bottom), (up, across)
        plot = self.getPlotItem()
        plot.hideButtons()
        plot.setMouseEnabled(False, False)
        self.stones = pg.ScatterPlotItem(hoverable=True, hoverSize=-1)
        self.stones.sigHovered.connect(self._hovered)
        self.stones.sigClicked.connect(self._clicked)
        self.line = pg.PlotCurveItem()
        plot.addItem(self.line)
        plot.addItem(self.stones)
        self.ring = pg.ScatterPlotItem()
        plot.addItem(self.ring)
        self._laid: list[tuple[float, float, float, object]] = []
        self._at: int | None = None
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.dress()

    def dress(self) -> None:
        """Axes and ground in the colours of the theme in force."""
        t = theme.current()
        self.setBackground(t.sheet)
        for axis, words in zip(self._axes, self._labels, strict=True):
            axis.setPen(pg.mkPen(t.rule))
            axis.setTextPen(pg.mkPen(t.soft))
            axis.setStyle(tickFont=theme.sans(9), tickLength=-4)
            axis.setLabel(words, color=t.soft)

    def lay(
        self,
        x: FloatArray,
        y: FloatArray,
        line: tuple[FloatArray, FloatArray],
        sizes: FloatArray,
        data: Sequence[object],
        from_zero: bool,
    ) -> None:
        """Draw stones (n,) with what each stands for, and a line; tinted by y, calm to rough."""
        t = theme.current()
        stones = zip(x.tolist(), y.tolist(), sizes.tolist(), data, strict=True)
        self._laid = sorted(stones, key=lambda stone: stone[:2])
        self._put(None)
        if not len(data):
            self.stones.setData([], [])
            self.line.setData([], [])
            return
        self.line.setData(*line, pen=pg.mkPen(t.rule, width=1.5, style=Qt.PenStyle.DotLine))
        self.stones.setData(
            x,
            y,
            size=sizes,
            data=list(data),
            pen=pg.mkPen(t.ink, width=1),
            brush=[
                pg.mkBrush(theme.calm_to_rough(s, 210))
                for s in (y - y.min()) / max(float(np.ptp(y)), 0.1)
            ],
            hoverPen=pg.mkPen(t.wine, width=2.5),
        )
        pad = 0.15 * max(float(np.ptp(y)), 0.5)
        self.setYRange(float(y.min()) - pad, float(y.max()) + pad, padding=0)
        aside = 0.06 * max(float(np.ptp(x)), 0.5)
        low = 0.0 if from_zero else float(x.min()) - 2 * aside
        self.setXRange(low, float(x.max()) + 2 * aside, padding=0)

    def figures(self) -> list[list[object]]:
        """A row for each stone."""
        rows: list[list[object]] = [[self._labels[1], self._labels[0]]]
        for x, y, _, _ in self._laid:
            rows.append([f"{x:.2f}", f"{y:.2f}"])
        return rows

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        step = _STEPS.get(event.key()) if event is not None else None
        if event is None or not self._laid:
            super().keyPressEvent(event)
        elif step is not None:
            start = self._at if self._at is not None else (-1 if step > 0 else len(self._laid))
            self._put(int(np.clip(start + step, 0, len(self._laid) - 1)))
            self.pointed.emit(self._laid[self._at or 0][3])
        elif event.key() in _TAKES and self._at is not None:
            self.taken.emit(self._laid[self._at][3])
        else:
            super().keyPressEvent(event)

    def focusInEvent(self, event: QFocusEvent | None) -> None:
        """By key the first one is told at once."""
        super().focusInEvent(event)
        if self._laid and event is not None and event.reason() in _BY_KEY:
            self._put(0)
            self.pointed.emit(self._laid[0][3])

    def focusOutEvent(self, event: QFocusEvent | None) -> None:
        super().focusOutEvent(event)
        self._put(None)
        self.pointed.emit(None)

    def leaveEvent(self, event: QEvent | None) -> None:
        super().leaveEvent(event)
        self.pointed.emit(None)

    def _put(self, at: int | None) -> None:
        self._at = at
        if at is None:
            self.ring.setData([], [])
            return
        x, y, size, _ = self._laid[at]
        pen = pg.mkPen(theme.current().wine, width=2.5)
        self.ring.setData([x], [y], size=size + 8, pen=pen, brush=pg.mkBrush(None))

    def _hovered(self, _item: object, points: list[pg.SpotItem]) -> None:
        if len(points):
            self.pointed.emit(points[0].data())

    def _clicked(self, _item: object, points: list[pg.SpotItem]) -> None:
        if len(points):
            self.taken.emit(points[0].data())
