"""Choices as stones on a sheet with two axes; pointing tells one, clicking takes it."""

from collections.abc import Sequence

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import Qt, pyqtSignal

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app import theme

_HEIGHT = 190


class StonesPlot(pg.PlotWidget):
    """Lower left is best. A dotted line joins what nothing betters."""

    pointed = pyqtSignal(object)
    taken = pyqtSignal(object)

    def __init__(self, name: str, about: str, across: str, up: str) -> None:
        left, bottom = pg.AxisItem("left"), pg.AxisItem("bottom")
        super().__init__(axisItems={"left": left, "bottom": bottom})
        self.setObjectName(name)
        self.setAccessibleName(about)
        self.setFixedHeight(_HEIGHT)
        self._axes, self._labels = (left, bottom), (up, across)
        plot = self.getPlotItem()
        plot.setMenuEnabled(False)
        plot.hideButtons()
        plot.setMouseEnabled(False, False)
        self.stones = pg.ScatterPlotItem(hoverable=True, hoverSize=-1)
        self.stones.sigHovered.connect(self._hovered)
        self.stones.sigClicked.connect(self._clicked)
        self.line = pg.PlotCurveItem()
        plot.addItem(self.line)
        plot.addItem(self.stones)
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

    def _hovered(self, _item: object, points: list[pg.SpotItem]) -> None:
        if len(points):
            self.pointed.emit(points[0].data())

    def _clicked(self, _item: object, points: list[pg.SpotItem]) -> None:
        if len(points):
            self.taken.emit(points[0].data())
