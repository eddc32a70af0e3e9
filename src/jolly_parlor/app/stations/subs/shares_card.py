"""The card that shows what each subwoofer does alone, and its share of the work."""

from PyQt6.QtWidgets import QFrame, QPushButton

from jolly_parlor.analysis.subwoofers import SubReport
from jolly_parlor.app import jobs
from jolly_parlor.app.plots.share_posts import SharesPlot
from jolly_parlor.app.questions import FURTHER, SHARES
from jolly_parlor.app.stations.asked import Asked
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.search.further_subs import Further, further_words
from jolly_parlor.words import tr

_MORE = tr("Subwoofers of the same model, none to four, each where it and its settings serve best.")


class SharesCard:
    """By seat. `frame` is the widget; hidden without a subwoofer."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self._asked: Asked[SubReport] = Asked(session, SHARES, self._show)
        self._more: Asked[list[Further]] = Asked(session, FURTHER, self._show)
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Who does the work"), "head"))
        self.seat = ChoiceBox()
        self.seat.setObjectName("shares seat")
        self.seat.setAccessibleName(tr("seat of the shares"))
        self.seat.activated.connect(self._show)
        row.addWidget(self.seat)
        self.words = label(tr("Each subwoofer alone at the seat, 10 to 125 Hz."), "soft", wrap=True)
        self.words.setObjectName("shares-words")
        row.addWidget(self.words, 1)
        self.ask = QPushButton(tr("Weigh them"))
        self.ask.setObjectName("weigh-subs")
        on_click(self.ask, self._ask)
        row.addWidget(self.ask)
        self.places = QPushButton(tr("Tint its places"))
        self.places.setObjectName("tint-sub-places")
        on_click(self.places, self._tint)
        row.addWidget(self.places)
        layout.addLayout(row)
        self.plot = SharesPlot()
        layout.addWidget(self.plot)
        self.plot.hide()
        self.aligned = label("", wrap=True)
        self.aligned.setObjectName("aligned-words")
        layout.addWidget(self.aligned)
        row = FlowRow()
        self.more = label(_MORE, "soft", wrap=True)
        self.more.setObjectName("further-words")
        row.addWidget(self.more, 1)
        self.further = QPushButton(tr("What would more buy?"))
        self.further.setObjectName("further-subs")
        on_click(self.further, self._ask_further)
        row.addWidget(self.further)
        layout.addLayout(row)

    def refresh(self) -> None:
        """What was found for other settings or places is found no more."""
        a = self.session.arrangement
        self.frame.setVisible(a is not None and bool(self.session.document.gear.subwoofers))
        self._asked.refresh()
        self._more.refresh()
        seats = list(a.seats) if a is not None else []
        if [self.seat.itemText(n) for n in range(self.seat.count())] != seats:
            self.seat.clear()
            self.seat.addItems(seats)
        self._show()

    def _show(self) -> None:
        found, more = self._asked.found, self._more.found
        self.more.setText("\n".join(further_words(more)) if more else _MORE)
        self.plot.setVisible(found is not None)
        self.aligned.setVisible(found is not None)
        if found is None:
            self.words.setText(tr("Each subwoofer alone at the seat, 10 to 125 Hz."))
            return
        self.plot.show_shares(found.at_seats[self.seat.currentText()])
        by = {"measured": tr("By takes."), "forecast": tr("Forecast.")}
        words = [by[found.sources[self.seat.currentText()]], *found.words]
        if found.seat_variance_db2 is not None:
            spread = found.seat_variance_db2**0.5
            words.append(
                tr(
                    "Between the seats levels differ by {spread:.1f} dB (10 to 125 Hz).",
                    spread=spread,
                )
            )
        self.words.setText(" ".join(words))
        lines = [one.words for one in found.alignments]
        self.aligned.setText("\n".join(f"{line} ({found.aligned_by})" for line in lines))

    def _ask(self) -> None:
        self._asked.ask(self.ask, jobs.sub_shares)

    def _tint(self) -> None:
        """The plan shows how even the seat would hear with the subwoofer at each place."""
        session, subs = self.session, self.session.document.gear.subwoofers
        if not subs:
            return
        chosen = next((s.id for s in subs if loudspeaker(s.id) == session.selected), subs[0].id)
        session.select(loudspeaker(chosen))
        session.show_mix("both+sub")
        if session.tints.kind != "source":
            session.tints.choose("source")

    def _ask_further(self) -> None:
        self.more.setText(tr("Trying none to four, each where it serves best: half a minute …"))
        self._more.ask(self.further, jobs.further_subs)
