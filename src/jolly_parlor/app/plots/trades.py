"""What a metre of moving buys: evenness against distance, bass reach by size; lower left is best.

Each stone is a place that no other betters in all three at once.
"""

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import Qt, pyqtSignal

from jolly_parlor.app import theme
from jolly_parlor.placement.search.proposals import Trade

_SMALL, _LARGE = 9.0, 24.0


class TradesPlot(pg.PlotWidget):
    """The trades as stones; pointing tells one, clicking lines it up."""

    pointed = pyqtSignal(object)
    taken = pyqtSignal(object)

    def __init__(self) -> None:
        left, bottom = pg.AxisItem("left"), pg.AxisItem("bottom")
        super().__init__(axisItems={"left": left, "bottom": bottom})
        self.setObjectName("trades")
        self.setAccessibleName("Evenness against distance moved")
        self.setFixedHeight(190)
        self._axes = (left, bottom)
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
        self._trades: tuple[Trade, ...] = ()
        self.restyle()

    def restyle(self) -> None:
        """Take the colours of the theme in force."""
        t = theme.current()
        self.setBackground(t.sheet)
        for axis in self._axes:
            axis.setPen(pg.mkPen(t.rule))
            axis.setTextPen(pg.mkPen(t.soft))
            axis.setStyle(tickFont=theme.sans(9), tickLength=-4)
        self._axes[0].setLabel("dB from even, monitors", color=t.soft)
        self._axes[1].setLabel("metres that the farthest thing moves", color=t.soft)
        self.show_trades(self._trades)

    def show_trades(self, trades: tuple[Trade, ...]) -> None:
        """Draw these."""
        self._trades = trades
        t = theme.current()
        if not trades:
            self.stones.setData([], [])
            self.line.setData([], [])
            return
        x = np.array([trade.moved_metres for trade in trades])
        y = np.array([trade.figure_db for trade in trades])
        depth = np.log2([1 / trade.reach_hz for trade in trades])
        share = (depth - depth.min()) / max(float(np.ptp(depth)), 0.3)
        best = np.minimum.accumulate(y)
        self.line.setData(x, best, pen=pg.mkPen(t.rule, width=1.5, style=Qt.PenStyle.DotLine))
        self.stones.setData(
            x,
            y,
            size=_SMALL + (_LARGE - _SMALL) * share,
            data=list(trades),
            pen=pg.mkPen(t.ink, width=1),
            brush=[
                pg.mkBrush(theme.calm_to_rough(s, 210))
                for s in (y - y.min()) / max(float(np.ptp(y)), 0.1)
            ],
            hoverPen=pg.mkPen(t.wine, width=2.5),
        )
        pad = 0.15 * max(float(np.ptp(y)), 0.5)
        self.setYRange(float(y.min()) - pad, float(y.max()) + pad, padding=0)
        self.setXRange(0.0, float(x.max()) * 1.06 + 0.05, padding=0)

    def _hovered(self, _item: object, points: list[pg.SpotItem]) -> None:
        if len(points):
            self.pointed.emit(points[0].data())

    def _clicked(self, _item: object, points: list[pg.SpotItem]) -> None:
        if len(points):
            self.taken.emit(points[0].data())
