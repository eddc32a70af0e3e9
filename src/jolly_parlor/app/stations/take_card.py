"""What a measured take tells: the sound over time, how long each band rings, and group delay."""

from functools import partial

import numpy as np
import pyqtgraph as pg
from PyQt6.QtWidgets import QComboBox, QHBoxLayout

from jolly_parlor.app import theme
from jolly_parlor.app.calculating import Models
from jolly_parlor.app.session import Session
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.fields import label
from jolly_parlor.project.around import around
from jolly_parlor.project.document import Take
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.telling import Telling, telling
from jolly_parlor.studio.measuring import DISTORTION_HZ

_FLOOR_DB, _MOST_LATE_MS = -60.0, 200.0
_HZ = (20, 50, 100, 200, 500)


class TakeCard:
    """Three small plots and a sentence for the take chosen. `frame` is the widget."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self.told: Telling | None = None
        self._shown: Take | None = None
        self.frame, layout = card()
        head = QHBoxLayout()
        head.addWidget(label("What a take tells", "head"))
        self.choice = QComboBox()
        self.choice.setObjectName("take-told")
        self.choice.setAccessibleName("Take")
        self.choice.currentIndexChanged.connect(lambda _: self._ask())
        head.addWidget(self.choice)
        head.addStretch(1)
        layout.addLayout(head)
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("take-words")
        layout.addWidget(self.words)
        row = QHBoxLayout()
        self.time = _plot("milliseconds after the arrival", "dB below the peak")
        self.ring = _plot("Hz", "seconds to −60 dB")
        row.addWidget(self.time)
        row.addWidget(self.ring)
        self.lag = _plot("Hz", "group delay, ms")
        row.addWidget(self.lag)
        layout.addLayout(row)
        session.beside.answered.connect(self._take)
        self.frame.hide()

    def refresh(self) -> None:
        """List the takes of this arrangement that have a sound of their own."""
        a = self.session.arrangement
        takes = [
            take
            for take in self.session.document.takes
            if a is not None and take.impulse is not None and take.applies_to(a)
        ]
        self.frame.setVisible(bool(takes))
        names = [_name(t) for t in takes]
        if names != [self.choice.itemText(i) for i in range(self.choice.count())]:
            self.choice.blockSignals(True)
            self.choice.clear()
            for name, take in zip(names, takes, strict=True):
                self.choice.addItem(name, take)
            self.choice.setCurrentIndex(len(takes) - 1)
            self.choice.blockSignals(False)
            self._ask()

    def restyle(self) -> None:
        """Take the colours of the theme in force."""
        for plot in (self.time, self.ring, self.lag):
            _dress(plot)
        self._draw()

    def _ask(self) -> None:
        take = self.choice.currentData()
        if take is None or take is self._shown:
            return
        self._shown = take
        self.words.setText("Working it out …")
        document = self.session.document
        job = partial(_tell, take.impulse)
        self.session.beside.ask("take", document.room, document.gear, job)

    def _take(self, kind: str, answer: object) -> None:
        if kind == "take":
            assert isinstance(answer, Telling)
            self.told = answer
            self._draw()

    def _spread(self) -> str:
        """How far the takes around this head differ."""
        document, a, take = self.session.document, self.session.arrangement, self._shown
        if a is None or take is None:
            return ""
        takes = document.takes_around(a, take.info.source, take.info.seat)
        if len(takes) < 2:
            return ""
        spread = around([t.response for t in takes.values()])
        low = document.gear.monitor.low_corner_hz
        return (
            f" Over {len(takes)} points around the head the level spreads by "
            f"{spread.spread_between(low):.1f} dB."
        )

    def _draw(self) -> None:
        told, t = self.told, theme.current()
        if told is None or self._shown is None:
            return
        speed = self.session.document.room.speed_of_sound
        known = [d for d in told.decays if d.seconds is not None]
        low = next((d for d in known if d.midband_hz < 120), None)
        unknown = len(told.decays) - len(known)
        rings = f" {low.words} is the lowest that can be told." if low is not None else ""
        lost = f" {unknown} bands do not rise far enough above the noise." if unknown else ""
        how = self._shown.info.measured
        bent = " No distortion near 125 Hz stands above the noise." if how is not None else ""
        if how is not None and how.distortion_db:
            each = ", ".join(f"{n} at {_minus(db)} dB" for n, db in how.distortion_db.items())
            bent = f" Distortion near {DISTORTION_HZ:.0f} Hz by order: {each}."
        self.words.setText(
            f"The sound arrives after {told.arrival_seconds * 1000:.1f} ms, "
            f"{told.arrival_seconds * speed:.2f} m away.{rings}{lost}{bent}{self._spread()}"
        )
        self.time.clear()
        level = np.maximum(told.level_db, _FLOOR_DB)
        brush = pg.mkBrush(t.colour("ochre", 150))
        pen = pg.mkPen(t.ink, width=1)
        self.time.plot(told.times * 1000, level, fillLevel=_FLOOR_DB, brush=brush, pen=pen)
        self.time.setYRange(_FLOOR_DB, 2, padding=0)
        self.ring.clear()
        at = np.log10([d.midband_hz for d in known])
        bars = pg.BarGraphItem(
            x=at,
            height=[d.seconds for d in known],
            width=0.07,
            brush=pg.mkBrush(t.colour("ochre")),
            pen=pg.mkPen(t.ochre_edge),
        )
        self.ring.addItem(bars)
        self.lag.clear()
        late = np.clip(told.delay_seconds * 1000, -_MOST_LATE_MS, _MOST_LATE_MS)
        self.lag.plot(np.log10(told.delay_hz), late, pen=pg.mkPen(t.teal, width=1.5))
        for plot, named in ((self.ring, (31, 63, 125, 250, 500, 1000, 4000)), (self.lag, _HZ)):
            ticks = [(float(np.log10(f)), str(f)) for f in named]
            plot.getPlotItem().getAxis("bottom").setTicks([ticks])


def _name(take: Take) -> str:
    point = "" if take.info.point == "centre" else f", {take.info.point} of the head's centre"
    return f"{take.info.source} at the {take.info.seat}{point}, {take.info.file_name}"


def _minus(db: float) -> str:
    return f"{db:.0f}".replace("-", "−")


def _tell(impulse: ImpulseResponse, models: Models) -> Telling:
    return telling(impulse)


def _plot(bottom: str, left: str) -> pg.PlotWidget:
    made = pg.PlotWidget()
    made.setFixedHeight(170)
    made.setAccessibleName(left)
    plot = made.getPlotItem()
    plot.setMenuEnabled(False)
    plot.hideButtons()
    plot.setMouseEnabled(False, False)
    plot.setLabel("bottom", bottom)
    plot.setLabel("left", left)
    _dress(made)
    return made


def _dress(made: pg.PlotWidget) -> None:
    t = theme.current()
    made.setBackground(t.sheet)
    for side in ("left", "bottom"):
        axis = made.getPlotItem().getAxis(side)
        axis.setPen(pg.mkPen(t.rule))
        axis.setTextPen(pg.mkPen(t.soft))
        axis.setStyle(tickFont=theme.sans(9), tickLength=-4)
