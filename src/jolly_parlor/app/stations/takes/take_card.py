"""What a measured take tells: level, phase, delay, the sound over time, ringing, fading."""

from functools import partial

from jolly_parlor.acoustics.fields.standing_waves import room_modes
from jolly_parlor.app import theme
from jolly_parlor.app.plots.analysis_view import VIEWS, TellingPlot
from jolly_parlor.app.questions import TAKE, Models, Question
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import Choice, label, number_field
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.around_head import around
from jolly_parlor.project.document import Take
from jolly_parlor.signals.analysis import SMOOTHINGS, Look, Telling, telling
from jolly_parlor.signals.gating import CYCLES, Gates
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.ringing import Ring
from jolly_parlor.studio.one_take import DISTORTION_HZ
from jolly_parlor.units import with_minus
from jolly_parlor.words import spoken, tr

_SAME_MODE = 0.025
"""Share of its frequency by which a resonance may miss the mode it is named after."""


class TakeCard:
    """A plot in six views and a sentence for the take chosen. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.told: Telling | None = None
        self.look = Look()
        self._shown: tuple[Take, Look] | None = None
        self.frame, layout = card()
        head = FlowRow()
        head.addWidget(label(tr("What a take tells"), "head"))
        self.choice = ChoiceBox()
        self.choice.setObjectName("take-told")
        self.choice.setAccessibleName(tr("Take"))
        self.choice.currentIndexChanged.connect(lambda _: self._ask())
        head.addWidget(self.choice)
        head.addStretch(1)
        self.view = "level"
        self.views = Choice(list(VIEWS), "take-view")
        self.views.show_value(self.view)
        self.views.chosen.connect(self.show_view)
        head.addWidget(self.views)
        layout.addLayout(head)
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("take-words")
        layout.addWidget(self.words)
        layout.addLayout(self._gates())
        self.plot = TellingPlot()
        layout.addWidget(self.plot)
        self.key = label("", "soft", wrap=True)
        self.key.setObjectName("take-key")
        layout.addWidget(self.key)
        self.frame.hide()

    def _gates(self) -> FlowRow:
        row = FlowRow()
        self.left = number_field(tr("gate before the arrival"), "ms", 0)
        self.right = number_field(tr("gate after the arrival"), "ms", 0)
        self.cycles = number_field("window", "cycles", 0)
        self.cycles.setToolTip(
            tr(
                "The same number of cycles at every frequency, {cycles:g} to "
                "{cycles2:g}; 0 keeps all that the gates let through.",
                cycles=CYCLES[0],
                cycles2=CYCLES[1],
            )
        )
        self.smooth = ChoiceBox()
        self.smooth.setObjectName("take-smoothing")
        self.smooth.setAccessibleName(spoken("smoothing"))
        for part in SMOOTHINGS:
            self.smooth.addItem(
                tr("1/{part} octave", part=part) if part > 1 else tr("1 octave"), part
            )
        self.left.set_value(self.look.gates.left_ms)
        self.right.set_value(self.look.gates.right_ms)
        self.cycles.set_value(0)
        self.smooth.setCurrentIndex(SMOOTHINGS.index(self.look.per_octave))
        for field, title in (
            (self.left, tr("Gates: before the arrival")),
            (self.right, tr("after it")),
            (self.cycles, "window"),
        ):
            row.addWidget(label(title, "soft"))
            row.addWidget(field)
            theme.keep_width(field, most=76)
            field.committed.connect(partial(self._look_again, field))
            field.failed.connect(self.session.refused.emit)
        row.addWidget(label("smoothed", "soft"))
        row.addWidget(self.smooth)
        self.smooth.currentIndexChanged.connect(lambda _: self._look_again())
        row.addStretch(1)
        return row

    def _look_again(self, field: object = None, value: float = 0.0) -> None:
        """Take the gates as entered, or say why they cannot be."""
        entered = {f: (value if f is field else f.value) for f in self._fields}
        cycles = entered[self.cycles]
        gates = Gates(entered[self.left], entered[self.right], cycles if cycles else None)
        if gates.problem:
            self.session.refused.emit(tr("{problem} It stays as it was.", problem=gates.problem))
            for one in self._fields:
                one.reset()
            return
        for one, number in entered.items():
            one.keep(number)
            one.reset()
        self.look = Look(gates, self.smooth.currentData())
        self._ask()

    @property
    def _fields(self):  # type: ignore[no-untyped-def]
        return (self.left, self.right, self.cycles)

    def show_view(self, kind: str) -> None:
        self.view = kind
        self.views.show_value(kind)
        self._draw()

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
        self._draw()

    def _ask(self) -> None:
        take = self.choice.currentData()
        if take is None or (take, self.look) == self._shown:
            return
        self._shown = (take, self.look)
        self.words.setText(tr("Working it out …"))
        document = self.session.document
        job = partial(_tell, take.impulse, self.look)
        asked = Question(TAKE, document.room, document.gear, job, self._take, self.words.setText)
        self.session.beside.ask(asked)

    def _take(self, told: Telling) -> None:
        self.told = told
        self._draw()

    def _spread(self, take: Take) -> str:
        """How far the takes around this head differ."""
        document, a = self.session.document, self.session.arrangement
        if a is None:
            return ""
        takes = document.takes_around(a, take.info.source, take.info.seat)
        if len(takes) < 2:
            return ""
        spread = around([t.response for t in takes.values()])
        low = document.gear.monitor.low_corner_hz
        return tr(
            " Over {takes} points around the head the level spreads by {spread_between:.1f} dB.",
            takes=len(takes),
            spread_between=spread.spread_between(low),
        )

    def _draw(self) -> None:
        told = self.told
        if told is None or self._shown is None:
            return
        take = self._shown[0]
        speed = self.session.document.room.speed_of_sound
        known = [d for d in told.decays if d.seconds is not None]
        low = next((d for d in known if d.midband_hz < 120), None)
        unknown = len(told.decays) - len(known)
        heard = (
            tr(" {words} is the lowest band that can be told.", words=low.words)
            if low is not None
            else ""
        )
        lost = (
            tr(" {unknown} bands do not rise far enough above the noise.", unknown=unknown)
            if unknown
            else ""
        )
        how = take.info.measured
        bent = tr(" No distortion near 125 Hz stands above the noise.") if how is not None else ""
        if how is not None and how.distortion_db:
            each = ", ".join(
                tr("{n} at {minus} dB", n=n, minus=_minus(db))
                for n, db in how.distortion_db.items()
            )
            bent = tr(
                " Distortion near {distortion_hz:.0f} Hz by order: {each}.",
                distortion_hz=DISTORTION_HZ,
                each=each,
            )
        self.words.setText(
            tr(
                "The sound arrives after {arrival_seconds:.1f} ms, "
                "{arrival_seconds2:.2f} m away.{heard}{lost}{bent}{spread}",
                arrival_seconds=told.arrival_seconds * 1000,
                arrival_seconds2=told.arrival_seconds * speed,
                heard=heard,
                lost=lost,
                bent=bent,
                spread=self._spread(take),
            )
        )
        key = self.plot.show_view(self.view, told)
        lowest = told.look.gates.lowest_hz
        if self.view in ("level", "phase", "delay") and lowest > 20:
            key += tr(
                " Below {lowest:.0f} Hz the gate is shorter than one cycle and tells nothing.",
                lowest=lowest,
            )
        if self.view == "ringing":
            key += f" {self._ring_words(told.rings)}"
        self.key.setText(key)

    def _ring_words(self, rings: tuple[Ring, ...]) -> str:
        """The longest resonances, named after the modes of the surveyed room where they fit."""
        if not rings:
            return tr("No single resonance stands far enough above the rest.")
        room = self.session.document.room
        every = room_modes(room, 170.0)
        words = []
        for ring in sorted(rings, key=lambda r: -r.seconds)[:4]:
            near = min(every, key=lambda mode: abs(mode.frequency_hz - ring.frequency_hz))
            fits = abs(near.frequency_hz / ring.frequency_hz - 1) < _SAME_MODE
            name = f" ({near.name})" if fits else ""
            words.append(
                tr(
                    "{frequency_hz:.1f} Hz{name} {seconds:.2f} s, told over {range_db:.0f} dB",
                    frequency_hz=ring.frequency_hz,
                    name=name,
                    seconds=ring.seconds,
                    range_db=ring.range_db,
                )
            )
        return tr("Longest: {words}.", words="; ".join(words))


def _name(take: Take) -> str:
    point = (
        ""
        if take.info.point == "centre"
        else tr(", {point} of the head's centre", point=take.info.point)
    )
    return tr(
        "{source} at the {seat}{point}, {file_name}",
        source=take.info.source,
        seat=take.info.seat,
        point=point,
        file_name=take.info.file_name,
    )


def _minus(db: float) -> str:
    return with_minus(f"{db:.0f}")


def _tell(impulse: ImpulseResponse, look: Look, models: Models) -> Telling:
    return telling(impulse, look)
