"""The card that aligns a subwoofer by the null: heard live while its knobs are turned."""

import time
from collections.abc import Callable, Mapping
from dataclasses import replace

from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtWidgets import QFrame, QPushButton, QVBoxLayout

from jolly_parlor.analysis.null_meter import NullMeter, NullReading, SumReading
from jolly_parlor.analysis.subwoofers import Aligned
from jolly_parlor.analysis.tuning import set_chains
from jolly_parlor.app import jobs
from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.questions import ALIGNMENT
from jolly_parlor.app.stations.asked import Asked
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.subs.knob_rows import KnobRows
from jolly_parlor.app.task import Task, Token, Work
from jolly_parlor.app.widgets.entries import choice_field, label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.null_well import NullWell
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.mixes import WITH_SUBWOOFERS, with_subwoofers
from jolly_parlor.placement.settings.alignment import Alignment
from jolly_parlor.placement.settings.knobs import Knob, panel_of
from jolly_parlor.project.staging import stage_of
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_PACE_SECONDS = 0.35
"""Between readings of the simulated studio, which answers at once."""
_HOW = tr(
    "The sub plays with its polarity reversed: where the dip at the "
    "crossover is deepest, the two add up best once it is restored. "
    "Turn a knob and watch."
)
_SEVERAL = tr(" Of several, match levels, align time, then judge the sum of all.")
_ALIKE_DB = 3.0
_TURNED = ("phase_degrees", "delay_ms", "low_pass_hz", "gain_db")


class AlignCard(QObject):
    """Of the arrangement shown, at the main seat. `frame` is the widget; hidden without a
    subwoofer.
    """

    heard = pyqtSignal(object)
    """A NullReading, from the thread that measures."""

    def __init__(self, session: Workbench, measure: MeasuringDesk) -> None:
        super().__init__()
        self.session, self._measure = session, measure
        self._asked: Asked[Aligned] = Asked(session, ALIGNMENT, self._show)
        self._run: Task | None = None
        self._of: tuple[object, ...] | None = None
        self.trial: dict[str, Chain] = {}
        """How all is set for trying; kept by `Keep these`. The thread that measures reads it."""
        self.readings: list[NullReading] = []
        self._sum: SumReading | None = None
        self.frame: QFrame
        self.frame, layout = card()
        self._build(layout)
        self.heard.connect(self._take)
        session.closing.connect(self.close)

    def _build(self, layout: QVBoxLayout) -> None:
        head = FlowRow()
        head.addWidget(label(tr("Align by the null"), "head"))
        self.which = choice_field(tr("align sub"), ())
        self.which.activated.connect(self._other)
        head.addWidget(self.which)
        self.words = label(_HOW, "soft", wrap=True)
        self.words.setObjectName("align-words")
        head.addWidget(self.words, 1)
        layout.addLayout(head)
        self.well = NullWell()
        layout.addWidget(self.well)
        self.knobs = KnobRows(self.session.home, self._turn)
        layout.addLayout(self.knobs.grid)
        self.told = label("", wrap=True)
        self.told.setObjectName("null-words")
        layout.addWidget(self.told)
        row = FlowRow()
        self.listen = _button(row, tr("Listen for the null"), "listen-null", self._listen)
        self.deepest = _button(row, tr("To the deepest heard"), "to-deepest", self._to_deepest)
        self.calculated = _button(
            row, tr("To the calculated"), "to-calculated", self._to_calculated
        )
        self.over = _button(row, tr("Polarity over"), "polarity-over", self._turn_over)
        row.addStretch(1)
        layout.addLayout(row)
        row = FlowRow()
        self.check = _button(row, tr("Check the sum"), "check-sum", self._check)
        self.check.setToolTip(tr("Restores the polarity and hears whether the two add up"))
        self.keep = _button(row, tr("Keep these"), "keep-aligned", self._keep)
        self.verify = _button(row, tr("Take of all that plays"), "verify-all", self._verify)
        self.listen.setProperty("strong", True)
        row.addStretch(1)
        layout.addLayout(row)

    @property
    def listening(self) -> bool:
        return self._run is not None

    @property
    def sub(self) -> str:
        """The one that is aligned."""
        return self.which.currentText()

    def refresh(self) -> None:
        """What was heard of other places or settings is heard no more."""
        gear, a = self.session.document.gear, self.session.arrangement
        subs = [one.id for one in gear.subwoofers]
        self.frame.setVisible(a is not None and bool(subs))
        if [self.which.itemText(n) for n in range(self.which.count())] != subs:
            self.which.clear()
            self.which.addItems(subs)
        self.which.setVisible(len(subs) > 1)
        self.words.setText(_HOW + _SEVERAL * (len(subs) > 1))
        now = (gear, a, self.session.document.room)
        if now != self._of:
            self._of = now
            self._begin_again()
        self._asked.refresh()
        self._show()

    def close(self) -> None:
        """End the thread before the window goes."""
        if self._run is not None:
            self._run.end()

    def _begin_again(self) -> None:
        if self._run is not None:
            self._run.cancel()
        a, gear = self.session.arrangement, self.session.document.gear
        self.readings, self._sum = [], None
        self.well.begin()
        names = with_subwoofers(gear).loudspeakers
        self.trial = {} if a is None else {name: a.chain(name) for name in names}
        self.knobs.show(self._knobs(), self.trial)

    def _other(self) -> None:
        self._begin_again()
        self._show()

    def _knobs(self) -> list[Knob]:
        """What can be turned for the null: the subwoofer's own, and a delay of the pair."""
        gear = self.session.document.gear
        knobs = panel_of(gear, with_subwoofers(gear)).knobs
        own = [k for what in _TURNED for k in knobs if k.what == what and k.names == (self.sub,)]
        return own + [k for k in knobs if k.what == "delay_ms" and len(k.names) > 1]

    def _turn(self, knob: Knob, value: float) -> None:
        self.trial = knob.turned(self.trial, value)
        self._sum = None
        self._show()

    def _show(self) -> None:
        found = self._asked.found
        alignment = found.of(self.sub) if found is not None else None
        self.well.calculate(alignment.null.deepest_db if alignment is not None else None)
        busy = self.listening
        self.well.setVisible(busy or bool(self.readings))
        self.listen.setText(tr("Silence") if busy else tr("Listen for the null"))
        self.deepest.setEnabled(len(self.readings) > 1)
        polarity = self.trial[self.sub].inverted if self.sub in self.trial else False
        self.over.setText(
            tr("Polarity {polarity}: turn over", polarity="reversed" if polarity else "normal")
        )
        self.over.setVisible(self._has_polarity())
        self.calculated.setEnabled(alignment is not None and alignment.null.knob is not None)
        self.check.setEnabled(not busy)
        self.keep.setEnabled(not busy and self._changed())
        self.verify.setEnabled(not busy and not self._changed())
        self.told.setText("\n".join(self._sentences(found, alignment)))
        self.told.setVisible(bool(self.told.text()))

    def _has_polarity(self) -> bool:
        gear = self.session.document.gear  # which may have lost it while nobody looked
        there = self.sub in {one.id for one in gear.subwoofers}
        return there and gear.model_of(self.sub).controls.polarity

    def _changed(self) -> bool:
        a = self.session.arrangement
        return a is not None and any(a.chain(name) != chain for name, chain in self.trial.items())

    def _sentences(self, found: Aligned | None, alignment: Alignment | None) -> list[str]:
        told = []
        over_db = self._over_db(alignment)
        if self.readings:
            before = self.readings[-2] if len(self.readings) > 1 else None
            told.append(self.readings[-1].words(before, over_db))
        if self._sum is not None:
            told.append(self._sum.words(over_db))
        if alignment is not None and found is not None:
            told.append(tr("Calculated {by}: {words}", by=_BY[found.source], words=alignment.words))
            told += found.notes
        best = max(self.readings, key=lambda r: r.depth_db, default=None)
        if best is not None and alignment is not None:
            told += _disagreement(best, alignment)
        return told

    def _over_db(self, alignment: Alignment | None) -> float | None:
        """What turning the polarity over costs the whole, while it stands as was worked out."""
        a = self.session.arrangement
        if alignment is None or a is None or self.sub not in self.trial:
            return None
        as_set = a.chain(self.sub).inverted == self.trial[self.sub].inverted
        return alignment.over_db if as_set else -alignment.over_db

    def _listen(self) -> None:
        if self._run is not None:
            self._run.cancel()
            return
        meter = self._meter()
        if meter is None:
            return
        pace = _PACE_SECONDS if not self._measure.equipment.is_card else 0.0

        def work(token: Token) -> None:
            while not token.stopped():
                self.heard.emit(meter.read(self.trial, token.share, token.stopped))
                until = time.monotonic() + pace
                while time.monotonic() < until and not token.stopped():
                    time.sleep(0.02)

        self._start(work, lambda _: None)
        if self._asked.found is None:
            self._asked.ask(self.listen, jobs.alignment)
            self.listen.setEnabled(True)

    def _check(self) -> None:
        meter = self._meter()
        if meter is not None:
            trial = self.trial
            self._start(lambda token: meter.check(trial, token.share, token.stopped), self._summed)

    def _meter(self) -> NullMeter | None:
        """None, with the reason told, where nothing can be measured."""
        a, seat = self.session.arrangement, self.session.document.gear.seats[0].name
        if a is None or self._measure.measuring:
            return None
        try:
            stage = stage_of(self.session.document, a, seat)
            device = self._measure.equipment.studio()
        except Refused as error:
            self.session.refused.emit(str(error))
            return None
        return NullMeter(device, stage, self.sub, self._measure.settings.output_db)

    def _start(self, work: Work, done: Callable[[SumReading], None]) -> None:
        self._run = Task("measuring", work)
        self._run.found.connect(done)
        self._run.refused.connect(self.session.refused)
        self._run.finished.connect(self._finish)
        self._run.start()
        self._show()

    def _take(self, reading: NullReading) -> None:
        if self._run is None:
            return
        self.readings.append(reading)
        self.well.add(reading.depth_db)
        self._show()

    def _summed(self, found: SumReading) -> None:
        self._sum = found
        self._show()

    def _finish(self) -> None:
        self._run = None
        self._show()

    def _to_deepest(self) -> None:
        best = max(self.readings, key=lambda r: r.depth_db)
        self._set(best.chains)

    def _to_calculated(self) -> None:
        found = self._asked.found
        alignment = found.of(self.sub) if found is not None else None
        if alignment is not None and alignment.null.knob is not None:
            self._set(alignment.null.at_deepest(self.trial))

    def _turn_over(self) -> None:
        chain = self.trial[self.sub]
        self._set({**self.trial, self.sub: replace(chain, inverted=not chain.inverted)})

    def _set(self, chains: Mapping[str, Chain]) -> None:
        self.trial, self._sum = dict(chains), None
        self.knobs.show(self._knobs(), self.trial)
        self._show()

    def _keep(self) -> None:
        a = self.session.arrangement
        if a is None:
            return
        why = tr("{sub} aligned by the null", sub=self.sub)
        same = [r for r in self.readings if r.chains == self.trial]
        if same:
            why += tr(", {depth_db:.1f} dB deep", depth_db=same[-1].depth_db)
        if self._sum is not None:
            why += tr(
                "; the sum {over_parts_db:+.1f} of {most_db:+.1f} dB",
                over_parts_db=self._sum.over_parts_db,
                most_db=self._sum.most_db,
            )
        name, chains = a.name, {n: c for n, c in self.trial.items() if c != a.chain(n)}
        self.session.do(tr("Keep as aligned"), lambda d: set_chains(d, name, chains, f"{why}."))

    def _verify(self) -> None:
        seat = self.session.document.gear.seats[0].name
        self._measure.measure(WITH_SUBWOOFERS, seat)
        self.session.told.emit(
            tr("Measuring all that plays, as it is set; it is kept under Takes.")
        )


_BY = {"measured": tr("from the takes"), "forecast": tr("by forecast")}


def _disagreement(heard: NullReading, calculated: Alignment) -> list[str]:
    """A sentence where what was heard and what was calculated lie apart."""
    null = calculated.null
    if null.knob is None:
        return []
    at = null.knob.value(heard.chains)
    gap = abs(at - null.value)
    same = heard.chains[null.knob.names[0]].inverted == null.inverted
    near = same and gap <= 2 * null.knob.step
    if near or heard.depth_db < max(null.deepest_db - _ALIKE_DB, _ALIKE_DB):
        return []
    return [
        tr(
            "The deepest heard stands at {words}, the calculation at "
            "{told_at}: trust what is heard.",
            words=null.knob.words(at),
            told_at=null.told_at(heard.chains),
        )
    ]


def _button(row: FlowRow, title: str, name: str, do: Callable[[], None]) -> QPushButton:
    made = named_button(title, name, do)
    row.addWidget(made)
    return made
