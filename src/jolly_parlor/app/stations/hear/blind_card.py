"""Blind: which of two is X, which is liked better; the guesser's chance, into the Ledger."""

from functools import partial

from PyQt6.QtWidgets import QFrame, QPushButton, QVBoxLayout

from jolly_parlor.app import sound_dialogs
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.hear.auditioned import Auditioned
from jolly_parlor.app.stations.hear.sound_files import write_sounds
from jolly_parlor.app.widgets.entries import Choice, choice_field, label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.trial_beads import TrialBeads
from jolly_parlor.audition.blind import TRIALS, Ranking, WhichIsX
from jolly_parlor.audition.piece_heard import PIECES
from jolly_parlor.audition.transfers import RATE_HZ
from jolly_parlor.project.ledger import entry
from jolly_parlor.signals.programme import PROGRAMMES
from jolly_parlor.words import tr

Test = WhichIsX | Ranking
_KINDS = [("which", tr("Which is X?")), ("better", tr("Which is better?"))]
_ASK = {
    "which": tr(
        "A and B are known, X is one of them, drawn anew {trials} times. "
        "Listen as long and as often as you like, then say which. How it "
        "goes is told at the end.",
        trials=TRIALS,
    ),
    "better": tr(
        "Two at a time, drawn anew, none of them named: say which you "
        "would keep. Every pair comes again, so that chance shows."
    ),
}


class BlindCard:
    """`frame` is the widget."""

    def __init__(self, heard: Auditioned) -> None:
        self.heard, self.session = heard, heard.session
        self.kind = "which"
        self.seed: int | None = None
        """For tests: what would be drawn at random."""
        self.test: Test | None = None
        self._sounds: dict[str, int] = {}
        """Which of the sounds each button plays."""
        self._of: object = None
        self._playing = ""
        self.frame: QFrame
        self.frame, layout = card()
        self._build_asked(layout)
        self._build_test(layout)
        self.verdict = label("", "strong", wrap=True)
        self.verdict.setObjectName("blind-verdict")
        layout.addWidget(self.verdict)
        heard.changed.connect(self._due)
        heard.player.changed.connect(self._due)

    def _build_asked(self, layout: QVBoxLayout) -> None:
        row = FlowRow()
        row.setSpacing(8)
        row.addWidget(label(tr("Blind"), "head"))
        self.kinds = Choice(_KINDS, "blind-kind")
        self.kinds.chosen.connect(self.choose)
        self.piece = choice_field(tr("blind piece"), ())
        for name in PIECES:
            self.piece.addItem(PROGRAMMES[name].name, name)
        self.piece.activated.connect(self._choose_piece)
        self.one, self.other = (
            choice_field(tr("blind one"), ()),
            choice_field(tr("blind other"), ()),
        )
        row.addWidget(self.kinds)
        row.addStretch(1)
        row.addWidget(self.piece)
        row.addWidget(self.one)
        self.against = label("against", "soft")
        row.addWidget(self.against)
        row.addWidget(self.other)
        self.begin = named_button(tr("Begin"), "blind-begin", self.start)
        self.begin.setProperty("strong", True)
        row.addWidget(self.begin)
        layout.addLayout(row)
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("blind-words")
        layout.addWidget(self.words)

    def _build_test(self, layout: QVBoxLayout) -> None:
        self.beads = TrialBeads("blind-beads")
        layout.addWidget(self.beads)
        row = FlowRow()
        row.setSpacing(8)
        self.hears: dict[str, QPushButton] = {}
        for name in ("A", "B", "X", "1", "2"):
            button = named_button(
                tr("Hear {name}", name=name), f"blind-hear-{name}", partial(self.hear, name)
            )
            button.setCheckable(True)
            self.hears[name] = button
            row.addWidget(button)
        row.addSpacing(18)
        self.answers = [
            named_button("", f"blind-answer-{n}", partial(self.answer, n)) for n in (0, 1)
        ]
        for button in self.answers:
            row.addWidget(button)
        row.addStretch(1)
        self.files = named_button(tr("As WAV …"), "blind-wav", self.save)
        self.leave = named_button(tr("Give up"), "blind-leave", self.give_up)
        row.addWidget(self.files)
        row.addWidget(self.leave)
        layout.addLayout(row)

    def choose(self, kind: str) -> None:
        """One of the two tests."""
        self.kind, self.test = kind, None
        self.refresh()

    def refresh(self) -> None:
        """What can be tested, or how far a test has come."""
        self.heard.refresh()
        if self.test is not None and not self.test.finished and self._of is not self.heard.found:
            self.test = None
            self.verdict.setText(
                tr("What was heard has changed, so the test ended without a result.")
            )
        self._show()

    def start(self) -> None:
        """A new test of what is chosen."""
        found = self.heard.found
        if found is None:
            return
        names = found.audition.names
        self._of = found
        if self.kind == "which":
            one, other = self.one.currentText(), self.other.currentText()
            self.test = WhichIsX.begun(one, other, self.seed)
        else:
            self.test = Ranking.begun(names, self.seed)
        self.verdict.setText("")
        self._take_sounds()
        self.hear("A" if self.kind == "which" else "1")

    def hear(self, which: str) -> None:
        """Switch to one of them."""
        found = self.heard.found
        if found is None or which not in self._sounds:
            return
        sounds = found.played.matched.sounds
        weights = tuple(float(n == self._sounds[which]) for n in range(len(sounds)))
        self._playing = which
        player = self.heard.player
        if player.plays_for(self):
            player.weigh(self, weights)
        else:
            player.offer(self, sounds, weights, RATE_HZ)
        self._show()

    def answer(self, which: int) -> None:
        """X is A (0) or B (1); or the first or second is better."""
        test = self.test
        if test is None or test.finished:
            return
        self.test = test.answered(which)
        if self.test.finished:
            self._finish(self.test)
            return
        self._take_sounds()
        self.hear("X" if self.kind == "which" else "1")

    def give_up(self) -> None:
        """End it without a result; that is no entry."""
        self.test = None
        self.heard.player.stop()
        self.verdict.setText(tr("Given up: nothing is kept."))
        self._show()

    def save(self) -> None:
        """What can be heard now, for whatever else plays it."""
        found, test = self.heard.found, self.test
        folder = sound_dialogs.ask_folder(self.frame, self.session.settings)
        if found is None or test is None or folder is None:
            return
        trial = len(test.answers) + 1
        sounds = found.played.matched.sounds
        made = {
            f"{name}"
            if name in "AB"
            else tr("{name} of trial {trial}", name=name, trial=trial): sounds[at]
            for name, at in self._sounds.items()
        }
        write_sounds(self.session, folder, made)

    def _finish(self, test: Test) -> None:
        self.heard.player.stop()
        piece = self.heard.piece_name
        known = {a.name: a for a in self.session.document.arrangements}
        first = test.names[test.order[0]] if isinstance(test, Ranking) else test.names[0]
        text = tr(
            "{words} Piece: {piece}; {basis}, {through}.",
            words=test.words,
            piece=piece,
            basis=self.heard.basis,
            through=self.heard.through,
        )
        self.session.note(entry("note", text, known.get(first)))
        self.verdict.setText(tr("{words} Kept in the Ledger.", words=test.words))
        self._show()

    def _take_sounds(self) -> None:
        """Which sound each button plays in this trial."""
        found, test = self.heard.found, self.test
        assert found is not None
        if isinstance(test, WhichIsX):
            a, b = (found.audition.names.index(name) for name in test.names)
            self._sounds = {"A": a, "B": b, "X": (a, b)[test.x]}
        elif test is not None:
            self._sounds = {"1": test.pair[0], "2": test.pair[1]}

    def _choose_piece(self, index: int) -> None:
        self.heard.piece = str(self.piece.itemData(index))
        self.refresh()

    def _due(self) -> None:
        if self.frame.isVisible():
            self.refresh()

    def _show(self) -> None:
        heard, test = self.heard, self.test
        self.kinds.show_value(self.kind)
        self._offer()
        running = test is not None and not test.finished
        two = len(heard.found.audition.names) >= 2 if heard.found is not None else False
        self.begin.setEnabled(two and not running)
        which = self.kind == "which"
        for widget in (self.one, self.against, self.other):
            widget.setVisible(which)
        for field in (self.one, self.other, self.piece):
            field.setEnabled(not running)
        for button in self.kinds.buttons.values():
            button.setEnabled(not running)
        for name, button in self.hears.items():
            button.setVisible(running and name in self._sounds)
            button.setChecked(heard.player.plays_for(self) and name == self._playing)
        for button, text in zip(
            self.answers,
            (tr("X is A"), tr("X is B")) if which else (tr("1 is better"), tr("2 is better")),
            strict=True,
        ):
            button.setText(text)
            button.setVisible(running)
        for button in (self.files, self.leave):
            button.setVisible(running)
        self.beads.setVisible(test is not None)
        if test is not None:
            self.beads.show_trials(test.trials, _marks(test))
        self.words.setText(self._said(two))

    def _said(self, two: bool) -> str:
        heard, test = self.heard, self.test
        if heard.found is None:
            return heard.why
        if not two:
            return tr(
                "It takes two arrangements: let another take part at “One against the other”."
            )
        if test is None:
            return _ASK[self.kind]
        if test.finished:
            return tr("All {trials} trials answered.", trials=test.trials)
        return tr("Trial {answers} of {trials}", answers=len(test.answers) + 1, trials=test.trials)

    def _offer(self) -> None:
        found = self.heard.found
        own = self.piece.findData("own")
        if self.heard.own is not None and own < 0:
            self.piece.addItem(self.heard.own.name, "own")
        elif self.heard.own is not None:
            self.piece.setItemText(own, self.heard.own.name)
        self.piece.setCurrentIndex(self.piece.findData(self.heard.piece))
        names = list(found.audition.names) if found is not None else []
        if [self.one.itemText(n) for n in range(self.one.count())] == names:
            return
        for field, first in ((self.one, 0), (self.other, 1)):
            field.clear()
            field.addItems(names)
            field.setCurrentIndex(min(first, len(names) - 1))


def _marks(test: Test) -> list[str]:
    """What the beads show: that a trial was answered, and at the end whether rightly."""
    if not isinstance(test, WhichIsX) or not test.finished:
        return ["answered"] * len(test.answers)
    pairs = zip(test.answers, test.hidden, strict=True)
    return ["right" if answer == hidden else "wrong" for answer, hidden in pairs]
