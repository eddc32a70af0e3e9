"""One take looked at in one of several ways, on one plot."""

from collections.abc import Sequence
from typing import Final

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import Qt

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray
from jolly_parlor.app import theme
from jolly_parlor.signals.analysis import Telling
from jolly_parlor.signals.fading import FALLS_DB
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

VIEWS: Final = (
    ("level", tr("Level")),
    ("phase", tr("Phase")),
    ("delay", tr("Delay")),
    ("time", tr("Over time")),
    ("ringing", tr("Ringing")),
    ("fading", tr("Fading")),
)
_KEYS: Final = {
    "level": tr("Level of what the gates let through."),
    "phase": tr(
        "Line: phase with the arrival's delay taken out. Dotted: excess "
        "phase, what no equaliser can undo."
    ),
    "delay": tr("Group delay beyond the arrival."),
    "time": tr("Sound after the arrival, loudest in each moment."),
    "ringing": tr("Blocks: third-octave bands. Dots: single resonances told apart below 160 Hz."),
    "fading": tr("How long each frequency takes to fall by 10, 20 and 30 dB; gaps are noise."),
}
_FLOOR_DB, _SPAN_DB, _MOST_LATE_MS = -60.0, 48.0, 200.0
_WIDE: Final = (20, 50, 100, 200, 500, 1000, 2000, 5000, 10000, 20000)
_LOW: Final = (20, 30, 40, 50, 60, 80, 100, 150, 200, 300, 400, 500)
_RINGS: Final = (31, 40, 50, 63, 80, 100, 125, 160, 250, 500, 1000, 2000, 4000)


class TellingPlot(pg.PlotWidget):
    """Draws a `Telling`."""

    is_picture = True

    def __init__(self) -> None:
        super().__init__(enableMenu=False)
        self.setFixedHeight(210)
        self.setObjectName("take-plot")
        plot = self.getPlotItem()
        plot.hideButtons()
        plot.setMouseEnabled(False, False)

    def show_view(self, kind: str, told: Telling) -> str:
        """Draw one view; the sentence that says what is drawn."""
        self.clear()
        t = theme.current()
        self.setBackground(t.sheet)
        self.enableAutoRange()
        for side in ("left", "bottom"):
            axis = self.getPlotItem().getAxis(side)
            axis.setPen(pg.mkPen(t.rule))
            axis.setTextPen(pg.mkPen(t.soft))
            axis.setStyle(tickFont=theme.sans(9), tickLength=-4)
            axis.setTicks(None)
            axis.tickStrings = _figures
        getattr(self, f"_{kind}")(told, t)
        self.setAccessibleName(_KEYS[kind])
        return _KEYS[kind]

    def _level(self, told: Telling, t: theme.Theme) -> None:
        self.plot(np.log10(told.level_hz), told.level_db, pen=pg.mkPen(t.ink, width=1))
        top = float(np.ceil(told.level_db.max() / 6) * 6)
        self.setYRange(top - _SPAN_DB, top, padding=0)
        self._hertz(_WIDE)
        self._left("dB")

    def _phase(self, told: Telling, t: theme.Theme) -> None:
        x = np.log10(told.delay_hz)
        self.plot(x, _unjoined(told.phase_deg), pen=pg.mkPen(t.ink, width=1.2), connect="finite")
        dotted = pg.mkPen(t.wine, width=1.6, style=Qt.PenStyle.DotLine)
        self.plot(x, _unjoined(told.excess_phase_deg), pen=dotted, connect="finite")
        self.setYRange(-180, 180, padding=0.02)
        ticks = [(v, with_minus(f"{v}")) for v in (-180, -90, 0, 90, 180)]
        self.getPlotItem().getAxis("left").setTicks([ticks])
        self._hertz(_LOW)
        self._left("degrees")

    def _delay(self, told: Telling, t: theme.Theme) -> None:
        late = np.clip(told.delay_seconds * 1000, -_MOST_LATE_MS, _MOST_LATE_MS)
        self.plot(np.log10(told.delay_hz), late, pen=pg.mkPen(t.teal, width=1.5))
        self._hertz(_LOW)
        self._left("milliseconds")

    def _time(self, told: Telling, t: theme.Theme) -> None:
        level = np.maximum(told.level_over_time_db, _FLOOR_DB)
        brush, pen = pg.mkBrush(t.colour("ochre", 150)), pg.mkPen(t.ink, width=1)
        self.plot(told.times * 1000, level, fillLevel=_FLOOR_DB, brush=brush, pen=pen)
        self.setYRange(_FLOOR_DB, 2, padding=0)
        self.getPlotItem().setLabel("bottom", tr("milliseconds after the arrival"))
        self._left(tr("dB below the peak"))

    def _ringing(self, told: Telling, t: theme.Theme) -> None:
        known = [d for d in told.decays if d.seconds is not None]
        self.addItem(
            pg.BarGraphItem(
                x=np.log10([d.midband_hz for d in known]),
                height=[d.seconds for d in known],
                width=0.07,
                brush=pg.mkBrush(t.colour("ochre", 170)),
                pen=pg.mkPen(t.ochre_edge),
            )
        )
        dots = pg.ScatterPlotItem(
            x=np.log10([r.frequency_hz for r in told.rings]),
            y=[r.seconds for r in told.rings],
            size=8,
            brush=pg.mkBrush(t.wine),
            pen=pg.mkPen(t.sheet),
        )
        self.addItem(dots)
        tallest = max([d.seconds or 0 for d in known] + [r.seconds for r in told.rings] + [0.2])
        self.setYRange(0, 1.08 * tallest, padding=0)
        self._hertz(_RINGS)
        self._left(tr("seconds to −60 dB"))

    def _fading(self, told: Telling, t: theme.Theme) -> None:
        x = np.log10(told.fading.frequencies_hz)
        for row in reversed(range(len(FALLS_DB))):
            ms = told.fading.seconds[row] * 1000
            for run in _runs(np.isfinite(ms)):
                brush = pg.mkBrush(t.colour("ochre", 70 + 60 * (2 - row)))
                pen = pg.mkPen(t.ochre_edge, width=1)
                self.plot(x[run], ms[run], pen=pen, fillLevel=0, brush=brush)
                if run.stop - run.start > 5:
                    name = pg.TextItem(
                        tr("{falls_db:.0f} dB", falls_db=FALLS_DB[row]), t.ink, anchor=(0.5, 0.8)
                    )
                    name.setFont(theme.sans(8.5))
                    name.setPos(x[run.stop - 3], ms[run.stop - 3])
                    self.addItem(name)
        tallest = np.nanmax(told.fading.seconds, initial=0.1) * 1000
        self.setYRange(0, 1.05 * tallest, padding=0)
        self._hertz(_LOW)
        self._left("milliseconds")

    def _hertz(self, named: Sequence[int]) -> None:
        ticks = [(float(np.log10(f)), f"{f // 1000}k" if f >= 1000 else str(f)) for f in named]
        self.getPlotItem().getAxis("bottom").setTicks([ticks])
        self.getPlotItem().setLabel("bottom", tr("Hz"))
        self.setXRange(ticks[0][0], ticks[-1][0], padding=0.02)

    def _left(self, words: str) -> None:
        self.getPlotItem().setLabel("left", words)


def _figures(values: Sequence[float], scale: float, spacing: float) -> list[str]:
    """Axis figures with a true minus sign."""
    return [with_minus(f"{value * scale:g}") for value in values]


def _runs(good: BoolArray) -> list[slice]:
    edges = np.flatnonzero(np.diff(np.concatenate([[0], good.astype(int), [0]])))
    return [slice(int(a), int(b)) for a, b in edges.reshape(-1, 2)]


def _unjoined(degrees: FloatArray) -> FloatArray:
    """With gaps where the phase turns over, so that no line runs from top to bottom."""
    shown = degrees.copy()
    shown[1:][np.abs(np.diff(degrees)) > 180] = np.nan
    return shown
