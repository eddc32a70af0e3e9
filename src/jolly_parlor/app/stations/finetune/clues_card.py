"""What the grades point to, what the forecast expects of it, and when to stop."""

from functools import partial

from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.app import jobs
from jolly_parlor.app.questions import CLUES, Question
from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.stations.finetune.moves_card import MovesCard
from jolly_parlor.app.widgets.entries import label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.by_ear.clues import (
    Clue,
    Expected,
    agrees,
    clues,
    contradiction,
    together,
)
from jolly_parlor.by_ear.steps import MOVES, STEPS, step_words
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.grading import Grading
from jolly_parlor.words import tr

_NONE_YET = tr(
    "Grade what you hear, or write it in a few words: what is heavy, "
    "thin, narrow or loose points to the next move."
)
_SAYS_NOTHING = tr(
    "Nothing here points one way. After a change some qualities get "
    "better and others worse, until most come together: try a step, "
    "and grade again."
)


class CluesCard:
    """Of the grades the arrangement has. `frame` is the widget."""

    def __init__(self, session: Workbench, moves: MovesCard) -> None:
        self.session, self._moves = session, moves
        self._of: object = None
        self._found: list[Clue] = []
        self.frame: QFrame
        self.frame, layout = card()
        layout.addWidget(label(tr("Where it points"), "head"))
        self.stop = label("", "strong", wrap=True)
        self.stop.setObjectName("stop-here")
        layout.addWidget(self.stop)
        self.torn = label("", "warning", wrap=True)
        self.torn.setObjectName("contradiction")
        layout.addWidget(self.torn)
        self.rows = QVBoxLayout()
        self.rows.setSpacing(6)
        layout.addLayout(self.rows)
        layout.addStretch(1)

    def refresh(self) -> None:
        """Read the grades, and ask the forecast about each clue."""
        a = self.session.arrangement
        grading = a.grading if a is not None else None
        given = grading or Grading()
        self._found = clues(given, self._moves.step, self._small())
        for words, where in (
            (together(given) if grading else "", self.stop),
            (contradiction(self._found), self.torn),
        ):
            where.setText(words)
            where.setVisible(bool(words))
        view = (a, self.session.seat, self.session.mix, self.session.believed, self._moves.step)
        self._show([None] * len(self._found), grading is not None)
        if a is not None and any(clue.sign.move for clue in self._found):
            self._ask(a, view)
        self._of = view

    def _small(self) -> float:
        return STEPS[self.session.settings.values.units][1]

    def _ask(self, a: Arrangement, view: object) -> None:
        document = self.session.believed
        heard = self.session.listening_to(a)
        job = partial(jobs.clue_moves, heard, tuple(self._found))
        answered = partial(self._take, view)
        self.session.slow.ask(Question(CLUES, document.room, document.gear, job, answered))

    def _take(self, view: object, told: list[Expected | None]) -> None:
        if view == self._of and len(told) == len(self._found):
            self._show(told, True)

    def _show(self, told: list[Expected | None], graded: bool) -> None:
        clear(self.rows)
        if not self._found:
            words = _SAYS_NOTHING if graded and not self.stop.text() else _NONE_YET
            self.rows.addWidget(label("" if self.stop.text() else words, "soft", wrap=True))
            return
        for clue, expected in zip(self._found, told, strict=True):
            self._row(clue, expected)

    def _row(self, clue: Clue, expected: Expected | None) -> None:
        units = self.session.settings.values.units
        sign = clue.sign
        says = f"{sign.says[0].upper()}{sign.says[1:]}"
        self.rows.addWidget(label(says, "strong", wrap=True))
        self.rows.addWidget(
            label(
                tr("From {because}: {why}.", because=clue.because, why=sign.why), "soft", wrap=True
            )
        )
        if not sign.move:
            return
        row = FlowRow()
        way = MOVES[sign.move].words.lower()
        row.addWidget(
            label(
                tr(
                    "{step_words} {way}, both alike",
                    step_words=step_words(clue.metres, units),
                    way=way,
                ),
                wrap=True,
            ),
            1,
        )
        go = named_button(
            tr("Make this move"), f"clue-{sign.id}", partial(self._moves.go, sign.move, clue.metres)
        )
        row.addWidget(go)
        self.rows.addLayout(row)
        if expected is not None:
            agreed = agrees(sign, expected)
            words = f"The forecast expects: {expected.words}. {agreed}".strip()
            self.rows.addWidget(label(words, "soft", wrap=True))
