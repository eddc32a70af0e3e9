"""Subs: how everything that plays is set, what would be most even, and who does the work."""

from jolly_parlor.analysis.tuning import Tuned
from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.stations.base import Station, stacked
from jolly_parlor.app.stations.subs.align_card import AlignCard
from jolly_parlor.app.stations.subs.set_card import SetCard
from jolly_parlor.app.stations.subs.settings_card import SettingsCard
from jolly_parlor.app.stations.subs.shares_card import SharesCard
from jolly_parlor.app.stations.subs.trade_card import TradeCard
from jolly_parlor.app.stations.subs.walk_card import WalkCard
from jolly_parlor.app.widgets.entries import Choice
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.fold import Fold
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.cautions import EQUALISING
from jolly_parlor.placement.settings.as_set import settings_lines
from jolly_parlor.words import tr

_PAGES = [
    ("set", tr("1  Set")),
    ("verify", tr("2  Verify by measuring")),
    ("refine", tr("3  Refine")),
]


class SubsStation(Station):
    """Settings of the arrangement shown. What takes long is asked for by a button."""

    id = "subs"
    question = tr("How should everything be set?")
    figures = True

    def __init__(self, session: Workbench, measure: MeasuringDesk) -> None:
        super().__init__(session)
        self.best = SettingsCard(session)
        self.set_card = SetCard(session)
        self.shares = SharesCard(session)
        self.walk = WalkCard(session, measure)
        self.align = AlignCard(session, measure)
        self.trade = TradeCard(session)
        self._cards = (
            self.best,
            self.set_card,
            self.shares,
            self.walk,
            self.align,
            self.trade,
        )
        self.pages = Choice(_PAGES, "subs-page")
        self.pages.chosen.connect(self.show_page)
        row = FlowRow()
        row.addWidget(self.pages)
        row.addStretch(1)
        self.body.addLayout(row)
        self.as_set = Fold(tr("As set, to be typed over"), "as-set", self.set_card.frame)
        self.sheets = {
            "set": stacked(self.best.frame, self.as_set),
            "verify": stacked(self.align.frame, self.shares.frame),
            "refine": stacked(self.walk.frame, self.trade.frame),
        }
        for page in self.sheets.values():
            self.body.addWidget(page)
        self.body.addStretch(1)
        self.show_page("set")
        self.best.changed.connect(self._tell)
        self.listen(session.document_changed, session.view_changed)

    def restyle(self) -> None:
        self.trade.plot.restyle()
        self.refresh()

    def show_page(self, page: str) -> None:
        """One of the three, in the order in which they are done."""
        self.page = page
        self.pages.show_value(page)
        for name, widget in self.sheets.items():
            widget.setVisible(name == page)

    def refresh(self) -> None:
        """Show how the arrangement is set."""
        for shown in self._cards:
            shown.refresh()
        a = self.session.arrangement
        lines = settings_lines(self.session.document.gear, a) if a is not None else []
        self.as_set.setVisible(a is not None)
        told = "; ".join(f"{who}: {words}" for who, words in lines)
        self.as_set.say(tr("As set, to be typed over"), told)
        self._tell()

    def _tell(self) -> None:
        a, found = self.session.arrangement, self.best.found
        if a is None:
            self.verdict.setText(tr("Nothing to set yet"))
            self.under.setText(
                tr("Rough in an arrangement at Line-up; its settings are found here.")
            )
            return
        subs = self.session.document.gear.subwoofers
        what = (
            tr("monitors and subs")
            if len(subs) > 1
            else tr("monitors and sub")
            if subs
            else "monitors"
        )
        if found is None:
            self.verdict.setText(tr("{name}: how {what} are set", name=a.name, what=what))
        else:
            self.verdict.setText(_verdict(found))
        self.under.setText(EQUALISING)
        self.under.setToolTip(
            tr("Settings belong to the arrangement: another place asks for others.")
        )


def _verdict(found: Tuned) -> str:
    seat = found.seats[0]
    before, after = found.before_db[seat], found.after_db[seat]
    if not found.worths:
        return tr(
            "{name} is set as well as its controls allow: {after:.1f} dB",
            name=found.arrangement.name,
            after=after,
        )
    return tr(
        "{name}: {before:.1f} → {after:.1f} dB from even by its settings",
        name=found.arrangement.name,
        before=before,
        after=after,
    )
