"""Sign-off: the verdict, the check list, the equaliser, the loudspeakers around the seat, the
hand-over and what to build from.
"""

from functools import partial
from typing import Literal, Protocol

from PyQt6.QtGui import QHideEvent, QShowEvent
from PyQt6.QtWidgets import QPushButton

from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.review_dialog import ReviewCard
from jolly_parlor.app.stations.base import Station, stacked
from jolly_parlor.app.stations.signoff.around_card import AroundCard
from jolly_parlor.app.stations.signoff.build_card import TapeCard
from jolly_parlor.app.stations.signoff.checklist_card import ChecklistCard
from jolly_parlor.app.stations.signoff.equaliser_card import EqualiserCard
from jolly_parlor.app.stations.signoff.handover_card import HandoverCard
from jolly_parlor.app.stations.signoff.ledger_glimpse import LedgerGlimpse
from jolly_parlor.app.stations.signoff.signoff_answers import Signed
from jolly_parlor.app.stations.signoff.verdict_card import VerdictCard
from jolly_parlor.app.widgets.entries import Choice, choice_field, named_button, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.project.edits import choose
from jolly_parlor.words import tr

_PAGES = [
    ("verdict", tr("Verdict")),
    ("checks", tr("Check list")),
    ("equaliser", tr("Equaliser")),
    ("around", tr("Around the seat")),
    ("handover", tr("Hand-over")),
    ("build", tr("To build from")),
]
_SIGNED = ("verdict", "checks", "handover")
_UNDER = {
    "verdict": tr("What was chosen, why, how sure it is, and what it would take to do better."),
    "checks": tr("What is open before anybody treats the room, and what leaving it open costs."),
    "equaliser": tr("Last, and only for what is left: it cuts hills, it fills nothing."),
    "around": tr("All heard alike at the main seat: moved first, then set."),
    "handover": tr("What is left for whoever treats the room. Nothing is treated here."),
    "build": tr(
        "Monitors are measured at the acoustic centre on their front, and "
        "at the corner chosen at Fine-tune; set them to 1 or 2 cm."
    ),
}


class _Card(Protocol):
    """What a page is made of."""

    def refresh(self) -> None:
        """Show the document as it is."""


class SignoffStation(Station):
    """Good enough? What to build from, what to hand over, and the record of how it came about."""

    id = "signoff"
    question = tr("Is it finished?")
    figures = True

    def __init__(self, session: Workbench, measure: MeasuringDesk) -> None:
        super().__init__(session)
        self.page = "verdict"
        self._make_head()
        self.pages = Choice(_PAGES, "signoff-page")
        self.pages.chosen.connect(self.show_page)
        row = FlowRow()
        row.addWidget(self.pages)
        row.addStretch(1)
        self.body.addLayout(row)
        self.signed = Signed(session)
        self.verdict_card, self.checks = VerdictCard(self.signed), ChecklistCard(self.signed)
        self.equaliser, self.around = EqualiserCard(measure), AroundCard(session)
        self.handover, self.tape = HandoverCard(self.signed), TapeCard(session)
        self.review, self.ledger_glimpse = ReviewCard(session, "signoff"), LedgerGlimpse(session)
        self.sheets = {
            "verdict": stacked(self.verdict_card.frame, self.ledger_glimpse.frame),
            "checks": stacked(self.checks.frame, self.review.frame),
            "equaliser": stacked(*self.equaliser.frames),
            "around": stacked(self.around.frame),
            "handover": stacked(*self.handover.frames),
            "build": stacked(*self.tape.frames),
        }
        for page in self.sheets.values():
            self.body.addWidget(page)
        self.body.addStretch(1)
        self.signed.changed.connect(self.refresh)
        self.listen(session.document_changed, session.view_changed)
        self.show_page("verdict")

    def _make_head(self) -> None:
        self.pick = QPushButton(tr("Pick this one"))
        self.pick.setObjectName("pick-current")
        on_click(self.pick, self._pick)
        self.paper = choice_field(tr("report paper"), ("A4", tr("Letter")))
        self.paper.setCurrentIndex(int(self.session.settings.values.usual_paper == "letter"))
        self.report = named_button(tr("Save report…"), "save-report", lambda: None)
        self.save = QPushButton(tr("Save placement card…"))
        self.save.setObjectName("save-card")
        self.save.setProperty("strong", True)
        for widget in (self.pick, self.paper, self.report, self.save):
            self.head.addWidget(widget)

    @property
    def chosen_paper(self) -> Literal["a4", "letter"]:
        """What card and report are written for."""
        return "letter" if self.paper.currentIndex() else "a4"

    def show_page(self, page: str) -> None:
        self.page = page
        self.pages.show_value(page)
        for name, widget in self.sheets.items():
            widget.setVisible(name == page)
        self._draw_on_plan()
        self.refresh()

    def refresh(self) -> None:
        """Show what the page is of."""
        document, a = self.session.document, self.session.arrangement
        gear = document.gear
        several = bool(gear.others or gear.layout.directions)
        self.pages.buttons["around"].setVisible(several)
        if self.page == "around" and not several:
            self.show_page("verdict")
            return
        self.pick.setEnabled(a is not None and document.chosen != a.name)
        self.save.setEnabled(a is not None)
        self.report.setEnabled(a is not None and not self.session.problem)
        for name, widget in self.sheets.items():
            widget.setVisible(name == self.page and (a is not None or name == "verdict"))
        self.verdict_card.frame.setVisible(a is not None)
        self.signed.refresh(self.isVisible() and self.page in _SIGNED)
        if a is None:
            self.verdict.setText(tr("Nothing to sign off yet"))
            self.under.setText(tr("Rough in an arrangement at Line-up, compare, and pick one."))
            self.ledger_glimpse.refresh()
            return
        picked = document.chosen == a.name
        self.verdict.setText(
            tr("{name}, picked", name=a.name)
            if picked
            else tr("{name}, not picked yet", name=a.name)
        )
        self.under.setText(_UNDER[self.page])
        shown: dict[str, tuple[_Card, ...]] = {
            "verdict": (self.verdict_card, self.ledger_glimpse),
            "checks": (self.checks, self.review),
            "equaliser": (self.equaliser,),
            "around": (self.around,),
            "handover": (self.handover,),
            "build": (self.tape,),
        }
        for made in shown[self.page]:
            made.refresh()

    def showEvent(self, event: QShowEvent | None) -> None:
        super().showEvent(event)
        self.signed.refresh(self.page in _SIGNED)
        self._draw_on_plan()

    def hideEvent(self, event: QHideEvent | None) -> None:
        if self.lives:
            self.session.show_heard("")

    def _draw_on_plan(self) -> None:
        if self.isVisible():
            self.session.show_heard("reflections" if self.page == "handover" else "")

    def _pick(self) -> None:
        a = self.session.arrangement
        if a is not None:
            self.session.do(
                tr("Pick {name}", name=a.name),
                partial(choose, name=a.name, reason=tr("At Sign-off.")),
            )
