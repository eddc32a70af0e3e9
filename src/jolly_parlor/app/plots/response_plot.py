"""The response with its cause lanes, on one frequency axis, lit together."""

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import QEvent, QPointF, Qt
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QVBoxLayout, QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.plots.certainty_band import BandItem
from jolly_parlor.app.plots.curve_rows import curve_rows
from jolly_parlor.app.plots.hills import (
    BOTTOM_DB,
    EDGE,
    HIGH_HZ,
    LOW_HZ,
    TOP_DB,
    UPPER_HZ,
    HertzAxis,
    HillsItem,
    decibel_axis,
    dress,
)
from jolly_parlor.app.plots.lanes import LanesGround, LanesItem, lane_at, lane_height
from jolly_parlor.app.plots.upper_layer import UpperGround, UpperItem
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.diagnosis.marks import LANES, Mark
from jolly_parlor.placement.evenness import Deviation, beside
from jolly_parlor.placement.in_words import curve_words
from jolly_parlor.units import with_minus
from jolly_parlor.words import spoken, tr

_LEFT_WIDTH = 92
_MARK_REACH = 0.035  # in log10 of frequency: about an eighth of an octave


class ResponseView(QWidget):
    """Hills and hollows above, lanes below, one cursor through both."""

    is_picture = True

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.session = session
        self.setObjectName("response")
        self.setAccessibleName(tr("Response and cause lanes"))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setToolTip(tr("Point at a hollow or a lane. Keys: left and right move the cursor."))
        self.graphics = pg.GraphicsLayoutWidget()
        self.graphics.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.graphics.ci.layout.setContentsMargins(0, 0, 8, 0)
        self.graphics.ci.layout.setSpacing(0)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.addWidget(self.graphics)
        self.hills = HillsItem()
        self._other: Deviation | None = None
        self._against: Deviation | None = None
        self.other = pg.PlotCurveItem(antialias=True)
        # It stands still while the other curve moves: painted once, then copied.
        self.other.setCacheMode(pg.GraphicsObject.CacheMode.DeviceCoordinateCache)
        self.lanes, self.lanes_ground = LanesItem(), LanesGround()
        self._axes: list[tuple[pg.PlotItem, pg.AxisItem, pg.AxisItem]] = []
        self.plot = self._add_plot(0, decibel_axis(), HertzAxis(), (BOTTOM_DB, TOP_DB))
        self.lane_plot = self._add_plot(1, pg.AxisItem("left"), HertzAxis(False), (0, len(LANES)))
        self.graphics.ci.layout.setRowStretchFactor(0, 5)
        self.graphics.ci.layout.setRowStretchFactor(1, 4)
        self.upper, self.upper_ground = UpperItem(), UpperGround()
        self.band = BandItem()
        self.plot.addItem(self.upper_ground)
        self.plot.addItem(self.upper)
        self.plot.addItem(self.hills)
        self.plot.addItem(self.band)
        self.plot.addItem(self.other)
        self.lane_plot.addItem(self.lanes_ground)
        self.lane_plot.addItem(self.lanes)
        self._axes[1][1].setTicks([[(lane_height(lane), spoken(lane)) for lane in LANES]])
        self.cursors = [pg.InfiniteLine(angle=90, movable=False) for _ in range(2)]
        for plot, cursor in zip((self.plot, self.lane_plot), self.cursors, strict=True):
            plot.addItem(cursor, ignoreBounds=True)
            cursor.hide()
        self.flag = pg.TextItem(anchor=(0, 1))
        self.plot.addItem(self.flag, ignoreBounds=True)
        self.flag.hide()
        self._frequency = 0.0
        self._pointing = False
        self._pointer: QPointF | None = None
        self._put_away_from: QPointF | None = None
        """Where the mouse was when a key put the cursor away."""
        self.graphics.scene().sigMouseMoved.connect(self._pointed)
        session.shown_changed.connect(self.refresh)
        session.shown_changed.connect(self._tell)
        session.highlighted.connect(self.refresh_lanes)
        session.fitted.band_changed.connect(self.refresh)
        self.restyle()
        self._tell()  # a page may be made after its forecast has come

    def figures(self) -> list[list[object]]:
        """Forecast and measured, by frequency."""
        shown = self.session.shown
        return curve_rows(
            [(tr("forecast, dB from even"), shown.forecast), (tr("measured, dB"), shown.measured)]
        )

    def _tell(self) -> None:
        """In words what is drawn; while something is dragged they wait."""
        if self.session.draft is not None:
            return
        shown, layer = self.session.shown, self.session.layer
        curve, figure = shown.curve(layer), shown.figure(layer)
        if curve is None or figure is None:
            self.setAccessibleDescription(tr("No curve."))
            return
        mix = self.session.mix.name
        self.setAccessibleDescription(
            tr(
                "{mix} at the {seat}, {layer}: {value_db:.1f} dB from even. {curve_words}",
                mix=mix,
                seat=self.session.seat,
                layer=self.session.layer_words,
                value_db=figure.value_db,
                curve_words=curve_words(curve),
            )
        )

    def _add_plot(
        self, row: int, left: pg.AxisItem, bottom: pg.AxisItem, span: tuple[float, float]
    ) -> pg.PlotItem:
        axes = {"left": left, "bottom": bottom}
        plot = self.graphics.addPlot(row, 0, axisItems=axes, enableMenu=False)
        plot.hideButtons()
        plot.setMouseEnabled(False, False)
        plot.setXRange(np.log10(LOW_HZ) - EDGE, np.log10(UPPER_HZ) + EDGE, padding=0)
        plot.setYRange(*span, padding=0)
        left.setWidth(round(_LEFT_WIDTH * theme.scale()))
        if row == 0:
            plot.showGrid(x=False, y=True, alpha=0.18)
            bottom.setHeight(round(24 * theme.scale()))
        else:
            bottom.setHeight(6)
        self._axes.append((plot, left, bottom))
        return plot

    def restyle(self) -> None:
        """Take the colours of the theme in force."""
        t = theme.current()
        self.graphics.setBackground(t.paper)
        for plot, left, bottom in self._axes:
            dress(plot, left, bottom)
        for cursor in self.cursors:
            cursor.setPen(pg.mkPen(t.wine, width=1.4, style=Qt.PenStyle.DashLine))
        self.flag.fill = pg.mkBrush(t.wine)
        self.other.setPen(pg.mkPen(t.wine, width=2.2, style=Qt.PenStyle.DotLine))
        self.upper_ground.update()
        self.lanes_ground.update()
        self.refresh()

    def refresh(self) -> None:
        """Draw what the session shows."""
        shown, layer = self.session.shown, self.session.layer
        curve = shown.curve(layer)
        self.hills.show_curve(curve)
        rest = shown.curve("forecast" if layer == "measured" else "measured")
        self._show_other(curve, rest)
        self.band.show_band(shown.forecast, self.session.fitted.band)
        upper = shown.upper if layer == "forecast" else None
        self.upper.show_curve(upper)
        self.upper_ground.show_known(upper is not None)
        self.upper_ground.setVisible(curve is None or curve.high_hz <= HIGH_HZ)
        self.refresh_lanes()

    def refresh_lanes(self) -> None:
        """Lanes and their names, the lit one in wine."""
        highlight = self.session.highlight
        shown = self.session.shown
        self.lanes_ground.show_lit(highlight.lane)
        self.lanes.show_marks(shown.marks, shown.beyond, highlight)
        if highlight.mark is not None:
            self._place_cursor(highlight.mark.frequency_hz)
        elif not self._pointing:
            self._put_away()

    def _show_other(self, curve: Deviation | None, other: Deviation | None) -> None:
        if curve is None:
            other = None
        band = (curve.low_hz, curve.high_hz) if curve is not None else None
        same = other is None or (other.low_hz, other.high_hz) == band
        against = None if same else curve
        if other is self._other and against is self._against:
            return  # as in a drag: nothing to take in, nothing to paint again
        self._other, self._against = other, against
        if other is None:
            self.other.setData([], [])
            return
        assert curve is not None
        d = np.clip(beside(other, curve), BOTTOM_DB, TOP_DB)
        self.other.setData(np.log10(other.frequencies_hz), d)

    def _pointed(self, position: QPointF) -> None:
        if position == self._put_away_from:
            return  # Qt tells of a resting mouse again where what lies under it changes
        self._pointer, self._put_away_from = position, None
        for plot in (self.plot, self.lane_plot):
            box = plot.getViewBox()
            if not box.sceneBoundingRect().contains(position):
                continue
            self._pointing = True
            at = box.mapSceneToView(position)
            if plot is self.lane_plot:
                lane = lane_at(at.y())
                mark = self._nearest(at.x(), lane)
                self.session.point_at(Highlight(lane, mark))
            self._place_cursor(float(10 ** at.x()))
            if plot is self.plot:
                self._light_cause(float(10 ** at.x()))
            return
        self._hide_cursor()

    def _nearest(self, x: float, lane: str | None) -> Mark | None:
        near = [
            (abs(np.log10(mark.frequency_hz) - x), index)
            for index, mark in enumerate(self.session.shown.marks)
            if mark.lane == lane
        ]
        if not near or min(near)[0] > _MARK_REACH:
            return None
        return self.session.shown.marks[min(near)[1]]

    def _light_cause(self, frequency_hz: float) -> None:
        """Over a hill or hollow with a finding, light its cause."""
        for finding in self.session.findings or ():
            gap = abs(np.log2(finding.feature.frequency_hz / frequency_hz))
            if gap < 1 / 8 and finding.causes:
                mark = finding.causes[0].mark
                self.session.point_at(Highlight(mark.lane, mark))
                self._place_cursor(frequency_hz)
                return
        self.session.point_at(Highlight())

    def point_at_frequency(self, frequency_hz: float) -> None:
        """As when pointing at the curve there."""
        self._place_cursor(frequency_hz)

    def _place_cursor(self, frequency_hz: float) -> None:
        curve = self.session.shown.curve(self.session.layer)
        self._frequency = min(max(frequency_hz, LOW_HZ), UPPER_HZ)
        self.session.tints.point(min(self._frequency, HIGH_HZ))
        x = float(np.log10(self._frequency))
        for cursor in self.cursors:
            cursor.setPos(x)
            cursor.show()
        if curve is None:
            return
        upper = self.session.shown.upper
        words = tr(" {frequency:.0f} Hz ", frequency=self._frequency)
        if self._frequency <= max(HIGH_HZ, curve.high_hz):
            level = float(np.interp(self._frequency, curve.frequencies_hz, curve.deviation_db))
            words += tr(" {level:+.0f} dB ", level=level)
        elif upper is not None and self.session.layer == "forecast":
            level = float(np.interp(self._frequency, upper.frequencies_hz, upper.deviation_db))
            words += tr(" about {level:+.0f} dB ", level=level)
        self.flag.setText(with_minus(words), theme.current().on_wine)
        self.flag.setAnchor((1, 0) if self._frequency > 150 else (0, 0))
        self.flag.setPos(x, TOP_DB - 0.6)
        self.flag.show()

    def _hide_cursor(self) -> None:
        self._pointing = False
        self._put_away()
        self.session.point_at(Highlight())

    def _put_away(self) -> None:
        for cursor in self.cursors:
            cursor.hide()
        self.flag.hide()

    def leaveEvent(self, event: QEvent | None) -> None:
        self._hide_cursor()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        """Left and right walk the cursor along the curve; Escape puts it away."""
        assert event is not None
        steps = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}
        if event.key() in steps:
            start = self._frequency or 60.0
            self._pointing = True
            frequency = start * 2 ** (steps[Qt.Key(event.key())] / 24)
            self._light_cause(frequency)
            self._place_cursor(frequency)
        elif event.key() == Qt.Key.Key_Escape:
            self._put_away_from = self._pointer
            self._hide_cursor()
        else:
            super().keyPressEvent(event)
