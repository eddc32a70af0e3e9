"""A response small enough for a row of the comparison."""

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import Qt

from jolly_parlor.app import theme
from jolly_parlor.app.plots.hills import (
    BOTTOM_DB,
    EDGE,
    HIGH_HZ,
    LOW_HZ,
    TOP_DB,
    HertzAxis,
    HillsItem,
    decibel_axis,
    dress,
)
from jolly_parlor.placement.evenness import Deviation, beside


class RowPlot(pg.PlotWidget):
    """Hills and hollows on the axes all rows share; `against` is drawn as a dotted line."""

    def __init__(self, curve: Deviation | None, against: Deviation | None) -> None:
        left, bottom = decibel_axis(), HertzAxis()
        super().__init__(axisItems={"left": left, "bottom": bottom})
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.setBackground(theme.current().sheet)
        left.setTicks([[(12, "+12"), (0, "even"), (-12, "−12")]])
        left.setLabel("")
        left.setWidth(40)
        bottom.setHeight(20)
        plot = self.getPlotItem()
        plot.setMenuEnabled(False)
        plot.hideButtons()
        plot.setMouseEnabled(False, False)
        plot.showGrid(x=False, y=True, alpha=0.18)
        plot.setXRange(np.log10(LOW_HZ) - 2.2 * EDGE, np.log10(HIGH_HZ) + 2.2 * EDGE, padding=0)
        plot.setYRange(BOTTOM_DB, TOP_DB, padding=0)
        dress(plot, left, bottom)
        self.hills = HillsItem()
        plot.addItem(self.hills)
        self.hills.show_curve(curve)
        if against is not None:
            pen = pg.mkPen(theme.current().wine, width=1.8, style=Qt.PenStyle.DotLine)
            d = against.deviation_db if curve is None else beside(against, curve)
            d = np.clip(d, BOTTOM_DB, TOP_DB)
            plot.plot(np.log10(against.frequencies_hz), d, pen=pen)
