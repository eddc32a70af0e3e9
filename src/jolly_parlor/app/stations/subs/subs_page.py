"""Subs: how everything that plays is set, what would be most even, and who does the work."""

from jolly_parlor.analysis.tuning import Tuned
from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.stations.base import Station
from jolly_parlor.app.stations.subs.align_card import AlignCard
from jolly_parlor.app.stations.subs.set_card import SetCard
from jolly_parlor.app.stations.subs.settings_card import SettingsCard
from jolly_parlor.app.stations.subs.shares_card import SharesCard
from jolly_parlor.app.stations.subs.trade_card import TradeCard
from jolly_parlor.app.stations.subs.walk_card import WalkCard
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.cautions import EQUALISING
from jolly_parlor.words import tr


class SubsStation(Station):
    """Settings of the arrangement shown. What takes long is asked for by a button."""

    id = "subs"
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
        for made in self._cards:
            self.body.addWidget(made.frame)
        self.body.addStretch(1)
        self.best.changed.connect(self._tell)
        self.listen(session.document_changed, session.view_changed)

    def restyle(self) -> None:
        self.trade.plot.restyle()
        self.refresh()

    def refresh(self) -> None:
        """Show how the arrangement is set."""
        for shown in self._cards:
            shown.refresh()
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
        self.under.setText(
            tr(
                "Settings belong to the arrangement: another place asks for others. {equalising}",
                equalising=EQUALISING,
            )
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
