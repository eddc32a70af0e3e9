"""One press moves by a step; the move sheet says what the tape has to read."""

from functools import partial

from PyQt6.QtWidgets import QComboBox, QFrame, QPushButton

from jolly_parlor.analysis.ledger_steps import same_places, steps_of, stood_before
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import Choice, choice_field, label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.fold import Fold
from jolly_parlor.app.widgets.kept import Align, Kept
from jolly_parlor.app.widgets.letting_go import let_go
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.by_ear.steps import MOVES, STEPS, move_sheet, moved, step_words
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.corners import CORNERS
from jolly_parlor.project.document import Document
from jolly_parlor.project.ear_edits import measure_from
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.words import tr

_GROUPS = (
    (
        tr("Both monitors"),
        "both",
        (("back", "away", "narrower", "wider"), ("down", "up", "aim_in", "aim_out")),
    ),
    (tr("Seat"), "seat", (("seat_forward", "seat_back", "seat_down", "seat_up"),)),
    (tr("Sub"), "sub", (("sub_near", "sub_away", "sub_left", "sub_right"),)),
)


_AIM = tr("no forecast knows aim: loudspeakers are taken to send alike in every direction")


class MovesCard:
    """Of the arrangement shown. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self._before: Arrangement | None = None
        self._after: Arrangement | None = None
        self.frame: QFrame
        self.frame, layout = card()
        head = FlowRow()
        head.addWidget(label(tr("Move by"), "head"))
        self._steps_at = head.count()
        self.steps: Choice | None = None
        self._head = head
        head.addStretch(1)
        head.addWidget(label(tr("tape at the"), "soft"))
        self.corner: QComboBox = choice_field(
            tr("measured corner"), [tr("{c} corner", c=c) for c in CORNERS]
        )
        self.corner.activated.connect(lambda n: self._measure_from(n))
        head.addWidget(self.corner)
        layout.addLayout(head)
        self.step = STEPS["metric"][0]
        self._units = ""
        self.which: QComboBox = choice_field(tr("moved sub"), ())
        self.buttons: dict[str, QPushButton] = {}
        self.groups = {name: self._group(title, name, rows) for title, name, rows in _GROUPS}
        said = tr("With the plan's arrows, or:")
        layout.addWidget(label(said, "soft", wrap=True))
        for fold in self.groups.values():
            layout.addWidget(fold)
        self.remembered = label("", "strong", wrap=True)
        self.remembered.setObjectName("stood-before")
        layout.addWidget(self.remembered)
        self.what = label("", wrap=True)
        self.what.setObjectName("last-move")
        layout.addWidget(self.what)
        sheet = WrappedGrid()
        sheet.setHorizontalSpacing(14)
        sheet.setVerticalSpacing(1)
        sheet.setColumnStretch(4, 1)
        layout.addLayout(sheet)
        self.sheet = Kept(sheet, session.home)

    def _group(self, title: str, name: str, rows: tuple[tuple[str, ...], ...]) -> Fold:
        made, grid = Fold(title, f"moves-{name}"), WrappedGrid()
        grid.setHorizontalSpacing(6)
        grid.setVerticalSpacing(4)
        grid.setColumnStretch(6, 1)
        for row, moves in enumerate(rows):
            for column, move in enumerate(moves):
                button = named_button(MOVES[move].words, f"move-{move}", partial(self.go, move))
                self.buttons[move] = button
                grid.addWidget(button, row, column)
        if name == "sub":
            grid.addWidget(self.which, 0, 5)
        made.body.addLayout(grid)
        return made

    def refresh(self) -> None:
        """Show the sheet of the last move, or the readings as they are."""
        document, a = self.session.document, self.session.arrangement
        self._offer_steps()
        corner = document.by_ear.corner
        self.corner.setCurrentIndex(CORNERS.index(corner))
        subs = [sub.id for sub in document.gear.subwoofers]
        if [self.which.itemText(n) for n in range(self.which.count())] != subs:
            self.which.clear()
            self.which.addItems(subs)
        self.which.setVisible(len(subs) > 1)
        self.groups["sub"].setVisible(bool(subs))
        for button in self.buttons.values():
            button.setEnabled(a is not None)
        if a is None:
            self.sheet.empty()
            self.what.setText(tr("Rough in an arrangement at Line-up first."))
            self.remembered.hide()
            return
        steps = steps_of(document, self.session.history.ledger)
        said = stood_before(steps, a)
        self.remembered.setText(said)
        self.remembered.setVisible(bool(said))
        before = a
        if self._before is not None and self._after is not None and a.name == self._after.name:
            if same_places(self._after, a):
                before = self._before
        self._fill(before, a)

    def go(self, move: str, metres: float | None = None) -> None:
        """One step of a move, of the length chosen unless another is given; one undoable change."""
        a = self.session.arrangement
        if a is None:
            return
        document, step = self.session.document, self.step if metres is None else metres

        def edit(d: Document) -> Document:
            after = moved(d.setup(a), move, step, self.session.seat, self.which.currentText())
            return replace_arrangement(d, after)

        words = MOVES[move].words
        by = tr(" by {step_words}", step_words=step_words(step, self.session.settings.values.units))
        if self.session.do(words if move.startswith("aim") else words + by, edit):
            self._before, self._after = a, self.session.arrangement
            if document is not self.session.document:
                self.refresh()

    def go_on_plan(self, move: str, what: str) -> None:
        """By an arrow on the plan; what: the id of what is selected there."""
        if self.which.findText(what) >= 0:
            self.which.setCurrentText(what)
        self.go(move)

    def _fill(self, before: Arrangement, a: Arrangement) -> None:
        document, units = self.session.document, self.session.settings.values.units
        made = move_sheet(
            document.setup(before),
            a,
            self.session.seat,
            document.by_ear.corner,
            units,
        )
        changed = [line for line in made if line.changed]
        if before is a or not changed:
            self.what.setText(tr("As it stands, the tape reads:"))
        else:
            aimed = before.aim_degrees != a.aim_degrees
            self.what.setText(
                tr("Set these with the tape, the same corner on both sides:")
                + (f" ({_AIM})" if aimed else "")
            )
        with self.sheet as kept:
            for row, line in enumerate(changed or made):
                kept.words(line.what, row, 0)
                if line.changed:
                    kept.words(line.before, row, 1)
                    kept.words("→", row, 2)
                kept.words(line.after, row, 3, role="strong", align=Align.AlignLeft)

    def _offer_steps(self) -> None:
        units = self.session.settings.values.units
        if units == self._units:
            return
        self._units = units
        if self.steps is not None:
            self._head.removeWidget(self.steps)
            let_go(self.steps)
        offered = {f"{step:g}": step for step in STEPS[units]}
        self.steps = Choice([(key, step_words(v, units)) for key, v in offered.items()], "step")
        self.steps.chosen.connect(lambda key: self._choose(offered[key]))
        self._head.insertWidget(self._steps_at, self.steps)
        self._choose(STEPS[units][0])

    def _choose(self, step: float) -> None:
        self.step = step
        if self.steps is not None:
            self.steps.show_value(f"{step:g}")

    def _measure_from(self, index: int) -> None:
        corner = CORNERS[index]
        self.session.do(tr("Measure from another corner"), lambda d: measure_from(d, corner))
