"""Fine-tune: moves of a step, grades, clues; the calm zone; listening tests; the Ledger."""

from PyQt6.QtGui import QHideEvent, QShowEvent
from PyQt6.QtWidgets import QVBoxLayout, QWidget

from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.player import Player
from jolly_parlor.app.stations.base import Station, stacked
from jolly_parlor.app.stations.finetune.asked_card import AskedCard
from jolly_parlor.app.stations.finetune.clues_card import CluesCard
from jolly_parlor.app.stations.finetune.grades_card import GradesCard
from jolly_parlor.app.stations.finetune.hunt_card import HuntCard
from jolly_parlor.app.stations.finetune.ledger_card import LedgerCard
from jolly_parlor.app.stations.finetune.moves_card import MovesCard
from jolly_parlor.app.stations.finetune.sweep_card import SweepCard
from jolly_parlor.app.stations.finetune.zone_card import ZoneCard
from jolly_parlor.app.widgets.entries import Choice
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.grading import Grading
from jolly_parlor.placement.items import LEFT
from jolly_parlor.words import tr

_PAGES = [
    ("moves", tr("Moves and grades")),
    ("zone", tr("Calm zone")),
    ("tests", tr("Listening tests")),
    ("ledger", tr("Ledger")),
]
_TESTS = [
    ("hunt", tr("Bass hunt")),
    ("placing", tr("Placing in two steps")),
    ("centring", tr("Centring")),
    ("sweep", tr("Slow sweep")),
]


class FinetuneStation(Station):
    """By ear, with a record."""

    id = "finetune"
    question = tr("Does the ear agree?")

    def __init__(self, session: Workbench, measure: MeasuringDesk) -> None:
        super().__init__(session)
        self.player = Player(measure)
        self.page, self.test = "moves", "hunt"
        self.pages = Choice(_PAGES, "finetune-page")
        self.pages.chosen.connect(self.show_page)
        self.tests = Choice(_TESTS, "finetune-test")
        self.tests.chosen.connect(self.show_test)
        row = FlowRow()
        row.addWidget(self.pages)
        row.addStretch(1)
        self.body.addLayout(row)
        self.moves = MovesCard(session)
        self.grades = GradesCard(session)
        self.clues = CluesCard(session, self.moves)
        self.zone = ZoneCard(session)
        self.hunt = HuntCard(measure, self.player)
        self.sweep = SweepCard(measure, self.player)
        self.placing = AskedCard("placing", measure, self.player, self.moves)
        self.centring = AskedCard("centring", measure, self.player, self.moves)
        self.ledger = LedgerCard(session)
        self.sheets = {
            "moves": self._moves_page(),
            "zone": stacked(self.zone.frame, self.zone.found),
            "tests": self._tests_page(),
            "ledger": stacked(self.ledger.picture, self.ledger.frame),
        }
        for page in self.sheets.values():
            self.body.addWidget(page)
        self.body.addStretch(1)
        self.listen(session.document_changed, session.view_changed)
        self.show_page("moves")

    def show_page(self, page: str) -> None:
        self.page = page
        self.pages.show_value(page)
        for name, widget in self.sheets.items():
            widget.setVisible(name == page)
        self._offer_moves()
        self._draw_on_plan()
        self.refresh()

    def show_test(self, test: str) -> None:
        """One of the listening tests."""
        self.test = test
        self.tests.show_value(test)
        for name, made in self._tests.items():
            made.frame.setVisible(name == test)
        self._draw_on_plan()
        self.refresh()

    def refresh(self) -> None:
        """Show what the page is of."""
        a = self.session.arrangement
        if a is None:
            self.verdict.setText(tr("Nothing to tune yet"))
            self.under.setText(tr("Rough in an arrangement at Line-up, compare, and pick one."))
        else:
            given = a.grading or Grading()
            self.verdict.setText(tr("{name}: {short} by ear", name=a.name, short=given.short))
            self.under.setText(
                tr(
                    "A step at a time, both sides alike, the same piece, a note at "
                    "once. The Ledger keeps every step; undo erases none."
                )
            )
        shown = {
            "moves": (self.moves, self.grades, self.clues),
            "zone": (self.zone,),
            "tests": (self._tests[self.test],),
            "ledger": (self.ledger,),
        }[self.page]
        for made in shown:
            made.refresh()
        self._tint()

    def restyle(self) -> None:
        self.ledger.history.update()
        self.refresh()

    def showEvent(self, event: QShowEvent | None) -> None:
        super().showEvent(event)
        self._offer_moves()
        self._draw_on_plan()

    def hideEvent(self, event: QHideEvent | None) -> None:
        if self.lives:
            self.session.offer_moves(None)
            self.session.show_heard("")
            self._tint()

    def _offer_moves(self) -> None:
        on = self.page == "moves" and self.isVisible()
        self.session.offer_moves(self.moves.go_on_plan if on else None)

    def _moves_page(self) -> QWidget:
        page = QWidget()
        layout = QVBoxLayout(page)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(8)
        layout.addWidget(self.moves.frame)
        row = FlowRow()
        row.setSpacing(8)
        row.addWidget(self.grades.frame, 11)
        row.addWidget(self.clues.frame, 9)
        layout.addLayout(row)
        return page

    def _tests_page(self) -> QWidget:
        self._tests: dict[str, HuntCard | SweepCard | AskedCard] = {
            "hunt": self.hunt,
            "placing": self.placing,
            "centring": self.centring,
            "sweep": self.sweep,
        }
        page = QWidget()
        layout = QVBoxLayout(page)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(8)
        row = FlowRow()
        row.addWidget(self.tests)
        row.addStretch(1)
        layout.addLayout(row)
        for name, made in self._tests.items():
            layout.addWidget(made.frame)
            made.frame.setVisible(name == self.test)
        self.tests.show_value(self.test)
        return page

    def _draw_on_plan(self) -> None:
        if not self.isVisible():
            return
        if self.page == "zone":
            self.session.show_heard("zone")
            self.session.select(LEFT)
        elif self.page == "tests" and self.test == "hunt":
            self.session.show_heard("hunt", self.hunt.clicked)
        else:
            self.session.show_heard("")
        self._tint()

    def _tint(self) -> None:
        """The plan is tinted by the hunt while one goes on, and only then."""
        tints = self.session.tints
        wanted = self.session.heard_on_plan == "hunt" and bool(self.session.document.by_ear.hunts)
        if wanted and tints.kind != "hunt":
            tints.choose("hunt")
        elif not wanted and tints.kind == "hunt":
            tints.choose("")
