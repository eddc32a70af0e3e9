"""A slow sweep by ear: booming and missing notes, named against what is known of them."""

from functools import partial

from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.app import jobs, theme
from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.player import Player
from jolly_parlor.app.questions import TONES, Question
from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.stations.finetune.listener import Listener
from jolly_parlor.app.stations.finetune.play_bar import PlayBar
from jolly_parlor.app.widgets.entries import label, named_button, number_field
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.by_ear.ear_record import ToneHeard, ToneMark, ToneSweep
from jolly_parlor.by_ear.simulated_ear import notes_heard
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.project.ear_edits import begin_sweep, mark_tone
from jolly_parlor.project.ledger import now
from jolly_parlor.signals.programme import SLOW_SWEEP
from jolly_parlor.signals.tones import note_name
from jolly_parlor.studio.device import Stage
from jolly_parlor.studio.simulated import SimulatedStudio
from jolly_parlor.words import tr

_SAID: tuple[tuple[ToneHeard, str], ...] = (
    ("booms", tr("It booms")),
    ("missing", tr("It is missing")),
)
_REACTION_SECONDS = 0.35
"""Between hearing and pressing."""


class SweepCard:
    """At the seat looked at, both monitors. `frame` is the widget."""

    def __init__(self, measure: MeasuringDesk, player: Player) -> None:
        self.session, self._player = measure.session, player
        self._listener = Listener(measure)
        self._of: object = None
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Slow sweep by ear"), "head"))
        row.addStretch(1)
        self.ask = named_button(
            tr("Ask the simulated listener"), "sweep-simulated", self._simulated
        )
        row.addWidget(self.ask)
        layout.addLayout(row)
        layout.addWidget(
            label(
                tr(
                    "Sit where you listen and let the tone rise. Press where a note "
                    "swells, and where one sinks away, or type a frequency."
                ),
                wrap=True,
            )
        )
        self.play = PlayBar(player, ("sweep",), lambda: PAIR, again=False)
        layout.addWidget(self.play)
        row = FlowRow()
        self.now = label("–", "large")
        self.now.setObjectName("sweep-now")
        theme.keep_width(self.now, least=150)
        row.addWidget(self.now)
        self.hertz = number_field(tr("sweep hertz"), tr("Hz"), 1)
        self.hertz.set_value(SLOW_SWEEP.low_hz)
        self.hertz.committed.connect(self._typed)
        self.hertz.failed.connect(self.session.refused.emit)
        row.addWidget(self.hertz)
        for heard, words in _SAID:
            row.addWidget(named_button(words, f"sweep-{heard}", partial(self._press, heard)))
        row.addStretch(1)
        layout.addLayout(row)
        self.rows = QVBoxLayout()
        self.rows.setSpacing(4)
        layout.addLayout(self.rows)
        player.reached.connect(self._reached)

    @property
    def sweep(self) -> ToneSweep | None:
        """The newest of the arrangement and seat looked at."""
        a, seat = self.session.arrangement, self.session.seat
        every = self.session.document.by_ear.sweeps
        last = every[-1] if every else None
        if last is None or a is None or (last.arrangement, last.seat) != (a.name, seat):
            return None
        return last

    @property
    def listening(self) -> bool:
        """Whether the simulated listener is at it."""
        return self._listener.asked

    def refresh(self) -> None:
        """Show what was marked, and what is known of it."""
        self.ask.setVisible(self._player.simulated)
        sweep = self.sweep
        if sweep is None or not sweep.marks:
            self._of = None
            clear(self.rows)
            self.rows.addWidget(label(tr("Nothing is marked yet."), "soft"))
            return
        self._ask_models(sweep.marks)

    def _reached(self, second: float) -> None:
        if self._player.playing == "sweep":
            hertz = SLOW_SWEEP.hertz_at(max(second - _REACTION_SECONDS, 0.0))
            self.hertz.set_value(hertz)
            self._say(hertz)

    def _typed(self, hertz: float) -> None:
        self.hertz.keep(hertz)
        if 10.0 < hertz <= 2000.0:
            self._say(hertz)

    def _say(self, hertz: float) -> None:
        self.now.setText(tr("{hertz:.0f} Hz, {note_name}", hertz=hertz, note_name=note_name(hertz)))

    def _press(self, heard: ToneHeard) -> None:
        self._mark([ToneMark(self.hertz.value, heard)] if 10 < self.hertz.value <= 2000 else [])

    def _mark(self, marks: list[ToneMark]) -> None:
        a = self.session.arrangement
        if a is None:
            return
        if not marks:
            self.session.refused.emit(tr("No note to mark: give a frequency from 10 to 2000 Hz."))
            return
        if self.sweep is None:
            made = ToneSweep(a.name, self.session.seat, BOTH.id, now())
            self.session.do(tr("Begin a slow sweep"), lambda d: begin_sweep(d, made))
        for mark in marks:
            self.session.do(
                tr("{hertz:.0f} Hz {heard}", hertz=mark.hertz, heard=mark.heard),
                lambda d, m=mark: mark_tone(d, m.hertz, m.heard),  # type: ignore[misc]
            )

    def _simulated(self) -> None:
        def listen(studio: SimulatedStudio, stage: Stage) -> list[ToneMark]:
            return list(notes_heard(studio, "both", stage).marks)

        if self._listener.ask(listen, self._told):
            self.now.setText(tr("listens …"))

    def _told(self, marks: list[ToneMark]) -> None:
        self.now.setText("–")
        if marks:
            self._mark(marks)
        else:
            self.session.told.emit(tr("The simulated listener hears no note stand out."))

    def _ask_models(self, marks: tuple[ToneMark, ...]) -> None:
        document, a = self.session.believed, self.session.arrangement
        assert a is not None
        view = (document, a, self.session.seat, marks)
        if view == self._of:
            return
        self._of = view
        heard = document.case(a, self.session.seat, BOTH)
        job = partial(jobs.tones, document, heard, marks)
        take = partial(self._take, view)
        self.session.slow.ask(Question(TONES, document.room, document.gear, job, take))

    def _take(self, view: object, told: list[str]) -> None:
        if view != self._of:
            return
        clear(self.rows)
        for words in told:
            self.rows.addWidget(label(words, wrap=True))
