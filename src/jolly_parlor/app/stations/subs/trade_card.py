"""The card of what seats can trade: settings between one seat perfect and all alike."""

from collections.abc import Sequence
from functools import partial

from PyQt6.QtWidgets import QFrame, QPushButton

from jolly_parlor.analysis.tuning import SeatTrade, has_controls, set_chains
from jolly_parlor.app import jobs
from jolly_parlor.app.plots.seat_trades import SeatTradesPlot
from jolly_parlor.app.questions import TRADES
from jolly_parlor.app.stations.asked import Asked
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.words import tr

_ASK = tr("What the main seat would give up for the others, by settings alone.")


class TradeCard:
    """Of the arrangement shown. `frame` is the widget; hidden with one seat."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self._asked: Asked[list[SeatTrade]] = Asked(session, TRADES, self._show)
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Between seats"), "head"))
        self.words = label(_ASK, "soft", wrap=True)
        self.words.setObjectName("trade-words")
        row.addWidget(self.words, 1)
        self.ask = QPushButton(tr("Show the trade"))
        self.ask.setObjectName("trade-seats")
        on_click(self.ask, self._ask)
        row.addWidget(self.ask)
        layout.addLayout(row)
        self.plot = SeatTradesPlot()
        self.plot.taken.connect(self._set)
        layout.addWidget(self.plot)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(18)
        layout.addLayout(grid)
        self.rows = Kept(grid, session.home)

    def refresh(self) -> None:
        """What was found for other settings or places is found no more."""
        a, gear = self.session.arrangement, self.session.document.gear
        self.frame.setVisible(a is not None and len(gear.seats) > 1 and has_controls(gear))
        self._asked.refresh()
        self._show()

    def _show(self) -> None:
        found = self._asked.found
        self.plot.setVisible(bool(found) and len(found or ()) > 1)
        if not found:
            self.words.setText(_ASK)
            self.rows.empty()
            return
        self.plot.show_trades(found)
        self.words.setText(
            tr(
                "From even at each ear, dB; what another betters is left out. "
                "Click a point, or the button of a row."
            )
        )
        with self.rows as kept:
            self._list(kept, found)

    def _list(self, kept: Kept, found: Sequence[SeatTrade]) -> None:
        seats = list(found[0].by_seat_db)
        for column, title in enumerate((*seats, tr("seats differ by")), start=1):
            kept.words(title, 0, column)
        for line, trade in enumerate(found, start=1):
            kept.words(_weight_words(trade.weight), line, 0, role="")
            figures = (*(trade.by_seat_db[seat] for seat in seats), trade.spread_db)
            for column, figure in enumerate(figures, start=1):
                kept.words(tr("{db:.1f} dB", db=figure), line, column, role="")
            if trade.weight is not None:
                do, name = partial(self._set, trade), f"take-trade-{line - 1}"
                kept.button(tr("Set this"), name, do, line, len(seats) + 2)

    def _ask(self) -> None:
        self.words.setText(tr("Turning knobs for each seat …"))
        self._asked.ask(self.ask, jobs.trades)

    def _set(self, trade: SeatTrade) -> None:
        a = self.session.arrangement
        if a is None or trade.weight is None:
            return
        name, why = a.name, tr("set for {weight_words}.", weight_words=_weight_words(trade.weight))
        self.session.do(tr("Set as traded"), lambda d: set_chains(d, name, trade.chains, why))


def _weight_words(weight: float | None) -> str:
    if weight is None:
        return tr("as it is set")
    if weight == 0:
        return tr("the main seat alone")
    if weight == 1:
        return tr("the others as much as the main one")
    return (
        tr("the others {weight:g} times the main one", weight=weight)
        if weight > 1
        else (tr("the others {weight:.0f} % of the main one", weight=100 * weight))
    )
