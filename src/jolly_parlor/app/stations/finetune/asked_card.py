"""A test led by questions: placing in two steps, and centring."""

import time
from collections.abc import Callable
from functools import partial

from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.player import Player
from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.stations.finetune.listener import Listener
from jolly_parlor.app.stations.finetune.moves_card import MovesCard
from jolly_parlor.app.stations.finetune.play_bar import PlayBar
from jolly_parlor.app.widgets.entries import Choice, label, length_field, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.by_ear.ear_record import Trial
from jolly_parlor.by_ear.led_tests import (
    COMB,
    TESTS,
    Asked,
    centring_verdict,
    placing_verdict,
)
from jolly_parlor.by_ear.simulated_ear import Centred, centre_heard
from jolly_parlor.by_ear.steps import MOVES
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.project.ear_edits import keep_test
from jolly_parlor.words import tr

_LEANS_DB = 1.0


class AskedCard:
    """One of the tests, question by question. `frame` is the widget."""

    def __init__(self, test: str, measure: MeasuringDesk, player: Player, moves: MovesCard) -> None:
        self.session, self._moves = measure.session, moves
        self._player = player
        self.test = test
        self.title, self.asked = TESTS[test]
        self.at = 0
        self.answers: dict[str, str] = {}
        self._begun = time.monotonic()
        self._begun_db: float | None = None
        self._listener = Listener(measure)
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(self.title, "head"))
        row.addStretch(1)
        self.count = label("", "soft")
        row.addWidget(self.count)
        layout.addLayout(row)
        self.step = label("", "strong")
        self.step.setObjectName(f"{test}-step")
        self.do, self.listen = label("", wrap=True), label("", wrap=True)
        for words in (self.step, self.do, self.listen):
            layout.addWidget(words)
        self.play = PlayBar(player, (), lambda: PAIR)
        layout.addWidget(self.play)
        self.choices = QVBoxLayout()
        layout.addLayout(self.choices)
        row = FlowRow()
        self.back = named_button(tr("Before"), f"{test}-back", lambda: self._go(-1))
        self.ahead = named_button(tr("Next"), f"{test}-next", lambda: self._go(1))
        self.ahead.setProperty("strong", True)
        self.ask = named_button(
            tr("Ask the simulated listener"), f"{test}-simulated", self._simulated
        )
        for button in (self.back, self.ahead, self.ask):
            row.addWidget(button)
        row.addStretch(1)
        self.anew = named_button(tr("Begin anew"), f"{test}-anew", self._anew)
        row.addWidget(self.anew)
        layout.addLayout(row)
        self.verdict = label("", "strong", wrap=True)
        self.verdict.setObjectName(f"{test}-verdict")
        layout.addWidget(self.verdict)
        self._show()

    def refresh(self) -> None:
        """The last verdict kept, while none is being worked for."""
        self.ask.setVisible(self._player.simulated and self.test == "centring")
        kept = [t for t in self.session.document.by_ear.tests if t.test == self.test]
        if self.at == 0 and not self.answers and kept:
            last = kept[-1]
            when = last.when[:16].replace("T", " ")
            self.verdict.setText(
                tr(
                    "Last, {when}, “{arrangement}”: {verdict}",
                    when=when,
                    arrangement=last.arrangement,
                    verdict=last.verdict,
                )
            )
        elif not kept and self.at < len(self.asked):
            self.verdict.setText("")

    @property
    def listening(self) -> bool:
        """Whether the simulated listener is at it."""
        return self._listener.asked

    @property
    def over(self) -> bool:
        """Whether every question was asked."""
        return self.at >= len(self.asked)

    def _show(self) -> None:
        clear(self.choices)
        self.back.setEnabled(self.at > 0)
        self.ahead.setVisible(not self.over)
        if self.over:
            self.count.setText("done")
            self.step.setText(tr("What it comes to"))
            self.do.setText(self._verdict())
            self.listen.setText(tr("Kept in the Ledger."))
            self.play.offer(())
            return
        asked = self.asked[self.at]
        self.count.setText(tr("step {at} of {asked}", at=self.at + 1, asked=len(self.asked)))
        self.step.setText(asked.title)
        self.do.setText(asked.do)
        self.listen.setText(asked.listen)
        self.play.offer((asked.programme,) if asked.programme else ())
        last = self.at == len(self.asked) - 1
        self.ahead.setText(tr("Finish") if last else tr("Next"))
        self._offer(asked)

    def _offer(self, asked: Asked) -> None:
        row = FlowRow()
        if asked.choices:
            choice = Choice([(words, words) for words in asked.choices], f"{asked.id}-answer")
            choice.show_value(self.answers.get(asked.id, ""))
            choice.chosen.connect(partial(self._answer, asked.id, choice))
            row.addWidget(choice)
        for move in asked.moves:
            go = named_button(MOVES[move].words, f"ask-{move}", partial(self._moves.go, move))
            row.addWidget(go)
        if asked.id == "comb":
            field = length_field(COMB, lambda: self.session.settings.values.units)
            if COMB in self.answers:
                field.set_value(float(self.answers[COMB]))
            field.committed.connect(partial(self._comb, field.keep))
            field.failed.connect(self.session.refused.emit)
            row.addWidget(field)
            row.addWidget(label(tr("to the right of the seat's middle; a minus is left"), "soft"))
        row.addStretch(1)
        self.choices.addLayout(row)

    def _answer(self, question: str, choice: Choice, words: str) -> None:
        self.answers[question] = words
        choice.show_value(words)

    def _comb(self, keep: Callable[[float], None], metres: float) -> None:
        if abs(metres) > 1.0:
            self.session.refused.emit(
                tr("Further than a metre from the middle is no middle: try again.")
            )
            return
        keep(metres)
        self.answers[COMB] = f"{metres:.3f}"

    def _go(self, step: int) -> None:
        if step > 0 and not self.over:
            asked = self.asked[self.at]
            if asked.choices and asked.id not in self.answers:
                self.session.refused.emit(
                    tr("“{title}”: choose what you hear first.", title=asked.title)
                )
                return
        if self.at == 0 and step > 0:
            self._begin()
        self.at = max(self.at + step, 0)
        if self.over and step > 0:
            self._keep()
        self._show()

    def _begin(self) -> None:
        figure = self.session.shown.figure("forecast")
        self._begun = time.monotonic()
        self._begun_db = figure.value_db if figure is not None else None

    def _anew(self) -> None:
        self.at, self.answers = 0, {}
        self._show()
        self.refresh()

    def _verdict(self) -> str:
        a = self.session.arrangement
        if a is None:
            return ""
        if self.test == "centring":
            return centring_verdict(a, self.session.seat, self.answers)
        said = placing_verdict(self.answers, (time.monotonic() - self._begun) / 60)
        figure = self.session.shown.figure("forecast")
        if figure is None:
            return said
        begun = "" if self._begun_db is None else f"{self._begun_db:.1f} → "
        return tr(
            "{said} By the forecast {begun}{value_db:.1f} dB from even.",
            said=said,
            begun=begun,
            value_db=figure.value_db,
        )

    def _keep(self) -> None:
        a, verdict = self.session.arrangement, self._verdict()
        if a is None:
            return
        kept = Trial(self.test, a.name, answers=self.answers, verdict=verdict[:400])  # type: ignore[arg-type]
        self.session.do(tr("Keep: {title}", title=self.title), lambda d: keep_test(d, kept))

    def _simulated(self) -> None:
        a = self.session.arrangement
        if a is not None:
            apart = a.left.distance(a.right)
            self._listener.ask(lambda studio, stage: centre_heard(studio, stage, apart), self._told)

    def _told(self, heard: Centred) -> None:
        lean = "in the middle"
        if abs(heard.louder_right_db) > _LEANS_DB:
            lean = "leans right" if heard.louder_right_db > 0 else "leans left"
        narrow = abs(heard.right_metres) < 0.05 and lean == "in the middle"
        self.answers = {
            "mono": tr("as narrow") if narrow else "wider or hollow",
            COMB: f"{heard.right_metres:.3f}",
            "polarity": tr("reversed sounds wrong"),
            "level": lean,
        }
        self.at = len(self.asked)
        self._keep()
        self._show()
