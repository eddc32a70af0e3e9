"""A response small enough for a row of the comparison."""

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import QSize, Qt

from jolly_parlor.app import theme
from jolly_parlor.app.plots.curve_rows import curve_rows
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
from jolly_parlor.placement.in_words import curve_words
from jolly_parlor.words import spoken, tr


class RowPlot(pg.PlotWidget):
    """Hills and hollows on the axes all rows share; `against` is drawn as a dotted line."""

    is_picture = True

    def sizeHint(self) -> QSize:
        """The least that reads well: a row gives it all the room that is left."""
        return QSize(190, round(98 + 20 * theme.scale()))

    def __init__(self, curve: Deviation | None, against: Deviation | None, name: str) -> None:
        left, bottom = decibel_axis(), HertzAxis()
        super().__init__(axisItems={"left": left, "bottom": bottom}, enableMenu=False)
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.setBackground(theme.current().sheet)
        left.setTicks([[(12, "+12"), (0, spoken("even")), (-12, "−12")]])
        left.setLabel("")
        left.setWidth(round(40 * theme.scale()))
        bottom.setHeight(round(20 * theme.scale()))
        plot = self.getPlotItem()
        plot.hideButtons()
        plot.setMouseEnabled(False, False)
        plot.showGrid(x=False, y=True, alpha=0.18)
        plot.setXRange(np.log10(LOW_HZ) - 2.2 * EDGE, np.log10(HIGH_HZ) + 2.2 * EDGE, padding=0)
        plot.setYRange(BOTTOM_DB, TOP_DB, padding=0)
        dress(plot, left, bottom)
        self.hills = HillsItem()
        plot.addItem(self.hills)
        pen = pg.mkPen(theme.current().wine, width=1.8, style=Qt.PenStyle.DotLine)
        self._dotted = plot.plot([], [], pen=pen)
        self.show_curves(curve, against, name)

    def show_curves(self, curve: Deviation | None, against: Deviation | None, name: str) -> None:
        """Show these in place of those before."""
        self.setAccessibleName(tr("Response, {name}", name=name))
        self.setAccessibleDescription(curve_words(curve) if curve is not None else tr("No curve."))
        self._curves = curve, against
        self.hills.show_curve(curve)
        if against is None:
            self._dotted.setData([], [])
            return
        d = against.deviation_db if curve is None else beside(against, curve)
        self._dotted.setData(np.log10(against.frequencies_hz), np.clip(d, BOTTOM_DB, TOP_DB))

    def figures(self) -> list[list[object]]:
        return curve_rows(
            [(tr("dB from even"), self._curves[0]), (tr("dotted, dB"), self._curves[1])]
        )
