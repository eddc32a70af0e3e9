"""The card of what seats can trade: settings between one seat perfect and all alike."""

from functools import partial

from PyQt6.QtWidgets import QFrame, QPushButton

from jolly_parlor.analysis.tuning import SeatTrade, has_controls, set_chains
from jolly_parlor.app import jobs
from jolly_parlor.app.plots.seat_trades import SeatTradesPlot
from jolly_parlor.app.questions import TRADES
from jolly_parlor.app.stations.asked import Asked
from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
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
        self.rows = WrappedGrid()
        self.rows.setHorizontalSpacing(18)
        layout.addLayout(self.rows)

    def refresh(self) -> None:
        """What was found for other settings or places is found no more."""
        a, gear = self.session.arrangement, self.session.document.gear
        self.frame.setVisible(a is not None and len(gear.seats) > 1 and has_controls(gear))
        self._asked.refresh()
        self._show()

    def _show(self) -> None:
        clear(self.rows)
        found = self._asked.found
        self.plot.setVisible(bool(found) and len(found or ()) > 1)
        if not found:
            self.words.setText(_ASK)
            return
        self.plot.show_trades(found)
        self.words.setText(
            tr(
                "From even at each ear, dB; what another betters is left out. "
                "Click a point, or the button of a row."
            )
        )
        seats = list(found[0].by_seat_db)
        for column, seat in enumerate(seats, start=1):
            self.rows.addWidget(label(seat, "soft"), 0, column)
        self.rows.addWidget(label(tr("seats differ by"), "soft"), 0, len(seats) + 1)
        self.rows.setColumnStretch(len(seats) + 3, 1)
        for line, trade in enumerate(found, start=1):
            self.rows.addWidget(label(_weight_words(trade.weight)), line, 0)
            for column, seat in enumerate(seats, start=1):
                self.rows.addWidget(
                    label(tr("{by_seat_db:.1f} dB", by_seat_db=trade.by_seat_db[seat])),
                    line,
                    column,
                )
            self.rows.addWidget(
                label(tr("{spread_db:.1f} dB", spread_db=trade.spread_db)), line, len(seats) + 1
            )
            if trade.weight is not None:
                take = QPushButton(tr("Set this"))
                take.setObjectName(f"take-trade-{line - 1}")
                on_click(take, partial(self._set, trade))
                self.rows.addWidget(take, line, len(seats) + 2)

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
