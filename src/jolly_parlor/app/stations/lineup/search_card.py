"""The card on Line-up that searches the room and offers what it finds."""

from collections.abc import Callable
from functools import partial

from PyQt6.QtWidgets import QFrame, QPushButton, QVBoxLayout

from jolly_parlor.acoustics.geometry.turned_room import turned_often
from jolly_parlor.app import jobs
from jolly_parlor.app.plots.trades import TradesPlot
from jolly_parlor.app.questions import FIRST, Question
from jolly_parlor.app.search_run import Weighed, searched
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.lineup.offers import Offer
from jolly_parlor.app.stations.lineup.ranked_list import take_offer
from jolly_parlor.app.stations.lineup.wishes_card import WishesPanel
from jolly_parlor.app.task import Task, Token
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.mounting import mount_words
from jolly_parlor.placement.search.prices import Price, prices
from jolly_parlor.placement.search.proposals import Proposal, Trade, agreeing_words
from jolly_parlor.placement.search.search import FACINGS, Found, SoFar
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.document import Document
from jolly_parlor.units import format_length
from jolly_parlor.words import tr


class SearchCard:
    """Wishes, search, progress, stop; `offers` is what it found, for the list. `frame` is the
    widget, `trades_frame` the picture of what moving buys.
    """

    def __init__(
        self, session: Workbench, changed: Callable[[], None], ended: Callable[[], None]
    ) -> None:
        """changed: told when the offers are others; ended: when a search has come to proposals."""
        self.session = session
        self._changed, self._ended = changed, ended
        self.offers: list[Offer] = []
        self._run: Task | None = None
        self._rivals = ""
        self._pricing: Task | None = None
        self._priced: tuple[object, ...] | None = None
        self._found: Found | None = None
        self._best_so_far = float("inf")
        self._present = ""
        self._searched: tuple[object, ...] | None = None
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Search the room"), "head"))
        self.words = label(_INVITATION, "soft", wrap=True)
        self.words.setObjectName("search-words")
        row.addWidget(self.words, 1)
        self.wishes_button = QPushButton(tr("Wishes …"))
        self.wishes_button.setObjectName("show-wishes")
        self.wishes_button.setCheckable(True)
        row.addWidget(self.wishes_button)
        self.price = QPushButton(tr("What do they cost?"))
        self.price.setObjectName("price-wishes")
        self.price.setToolTip(tr("Searches again without each of the wishes, the monitors alone"))
        on_click(self.price, self._ask_prices)
        row.addWidget(self.price)
        self.button = QPushButton(tr("Search"))
        self.button.setObjectName("search")
        on_click(self.button, self.toggle)
        row.addWidget(self.button)
        layout.addLayout(row)
        self.wishes = WishesPanel(session)
        self.wishes.hide()
        self.wishes_button.toggled.connect(self.wishes.setVisible)
        self.wishes_button.toggled.connect(self.price.setVisible)
        self.price.hide()
        layout.addWidget(self.wishes)
        self.prices = label("", wrap=True)
        self.prices.setObjectName("prices-words")
        self.prices.hide()
        layout.addWidget(self.prices)
        self.trades_frame: QFrame
        self.trades_frame, below = card()
        self._build_trades(below)
        session.document_changed.connect(self._check)
        session.closing.connect(self.stop)

    @property
    def searching(self) -> bool:
        return self._run is not None

    def toggle(self) -> None:
        """Begin, or stop and keep what was found."""
        if self._run is not None:
            self._run.cancel()
            self.button.setEnabled(False)
            return
        document = self.session.document
        self._searched = self._question()
        present = self.session.arrangement
        self._present = present.name if present is not None else ""
        learning = self.session.fitted
        fit = learning.fit if learning.in_use else None
        work = partial(searched, learning.believed(document), present, fit)
        self._run = Task("searching", work)
        self._run.told.connect(self._told)
        self._run.found.connect(self._show)
        self._run.refused.connect(self._refuse)
        self._run.finished.connect(self._finish)
        self.button.setText(tr("Stop"))
        self.words.setText(tr("Weighing …"))
        self._clear()
        self._found, self._best_so_far = None, float("inf")
        self._run.start()
        believed = learning.believed(document)
        job = partial(jobs.first_proposal, believed)
        asked = Question(FIRST, believed.room, believed.gear, job, self._show_first)
        self.session.slow.ask(asked)

    def stop(self) -> None:
        """End the thread before the window goes."""
        for run in (self._run, self._pricing):
            if run is not None:
                run.end()

    def _ask_prices(self) -> None:
        session, wishes = self.session, self.session.document.wishes
        document, present = session.believed, session.arrangement
        work = partial(_prices, document, present, wishes)
        self._pricing = Task(tr("pricing the wishes"), work)
        self._pricing.found.connect(partial(self._show_prices, self._question()))
        self._pricing.refused.connect(session.refused.emit)
        self._pricing.finished.connect(lambda: self.price.setEnabled(True))
        self.price.setEnabled(False)
        self._priced = self._question()
        self._say_prices(tr("Searching without each of them …"))
        self._pricing.start()

    def _show_prices(self, of: tuple[object, ...], found: list[Price]) -> None:
        if of != self._question():
            return
        told = "; ".join(price.words for price in found)
        self._say_prices(f"{told}." if found else tr("Your wishes limit nothing."))

    def _say_prices(self, words: str) -> None:
        self.prices.setText(words)
        self.prices.setVisible(bool(words))

    def restyle(self) -> None:
        """Units and colours may have changed."""
        self.wishes.restyle()
        self.trades.restyle()
        if self._found is not None:
            self._show((self._found, self._rivals))

    def _build_trades(self, layout: QVBoxLayout) -> None:
        self.trades_words = label("", "soft", wrap=True)
        self.trades_words.setObjectName("trades-words")
        self.trades = TradesPlot()
        self.trades.pointed.connect(self._tell_trade)
        self.trades.taken.connect(self._take_trade)
        layout.addWidget(self.trades_words)
        layout.addWidget(self.trades)
        self._clear()

    def _question(self) -> tuple[object, ...]:
        document = self.session.document
        return document.room, document.gear, document.wishes

    def _clear(self) -> None:
        self.session.show_ghost(None)
        self.trades_frame.hide()
        self._offer([])

    def _offer(self, offers: list[Offer]) -> None:
        self.offers = offers
        self._changed()

    def _told(self, something: Weighed | SoFar) -> None:
        if isinstance(something, SoFar):
            self._show_so_far(something)
        elif not self._stale:
            self.words.setText(
                tr(
                    "{count:,} arrangements weighed, best so far {best:.1f} dB.",
                    count=something.count,
                    best=something.best_db,
                )
            )

    def _refuse(self, why: str) -> None:
        self.words.setText(_INVITATION)
        self._clear()
        self.session.refused.emit(why)

    def _finish(self) -> None:
        self._run = None
        self.button.setText(tr("Search"))
        self.button.setEnabled(True)
        self._check()

    def _check(self) -> None:
        """Proposals for another room, other gear or other wishes are no proposals any more."""
        if self._priced not in (None, self._question()):
            self._priced = None
            self._say_prices("")
        if self._searched not in (None, self._question()):
            if self._run is not None:
                self._run.cancel()
            self._found = self._searched = None
            self._clear()
            self.words.setText(_INVITATION)

    @property
    def _stale(self) -> bool:
        """Whether what is searched for is another room, other gear or other wishes than now."""
        return self._searched != self._question()

    def _show_first(self, first: tuple[Arrangement, float]) -> None:
        """While nothing has been found: the best of the schools."""
        if self._run is None or self._stale or self._found is not None or self.offers:
            return
        a, figure = first
        self._best_so_far = figure
        told = tr(
            "The most even of the schools, {name}, at its settings; the search goes on.",
            name=a.name,
        )
        self._offer([self._passing(a, 0, figure, told, self._where(a, 0))])

    def _passing(self, a: Arrangement, turns: int, db: float, told: str, where: str) -> Offer:
        figure, where = tr("{db:.1f} dB", db=db), tr("Over the head. {where}", where=where)
        key = "line-up-0"
        return Offer(key, told, where, a, turns, figure=figure, tip=where, found=True, passing=True)

    def _show_so_far(self, best: SoFar) -> None:
        """In the first's place, where it is better; until there are proposals."""
        if self._run is None or self._stale or self._found is not None:
            return
        if best.figure_db >= self._best_so_far:
            return
        self._best_so_far = best.figure_db
        a, turns = best.arrangement, best.turns
        where = self._where(a, turns, self._found_subs(a, turns))
        told = tr("The best so far; the search goes on.")
        self._offer([self._passing(a, turns, best.figure_db, told, where)])

    def _show(self, told: tuple[Found, str]) -> None:
        found, rivals = told
        self._rivals = rivals
        if self._stale:
            self._check()
            return
        self._found = found
        self._clear()
        stopped = tr("Stopped: ") if found.cancelled else ""
        now = (
            tr(
                " Now, {present}: {present_db:.1f} dB over the head.",
                present=self._present,
                present_db=found.present_db,
            )
            if found.present_db is not None
            else ""
        )
        subs = tr(", and both with the sub,") if self.session.document.gear.subwoofers else ""
        self.words.setText(
            tr(
                "{stopped}{evaluated:,} arrangements weighed in {seconds:.0f} s; "
                "left, right and both{subs} over the head volume, by which they are ranked.{now}",
                stopped=stopped,
                evaluated=found.evaluated,
                seconds=found.seconds,
                subs=subs,
                now=now,
            )
            + (f" {rivals}" if rivals else "")
        )
        self._offer([self._offered(index, one) for index, one in enumerate(found.proposals)])
        if found.trades:
            self.trades_words.setText(_TRADES)
            self.trades.show_trades(found.trades)
            self.trades_frame.show()
        self._ended()

    def _offered(self, index: int, proposal: Proposal) -> Offer:
        a, turns = proposal.arrangement, proposal.turns
        share = proposal.agreeing
        agreed = f"{agreeing_words(share)}. " if share is not None else ""
        over_head = tr("Over the head, each side too: {db:.1f} dB.", db=proposal.figure_db)
        where = self._where(a, turns, self._found_subs(a, turns))
        return Offer(
            f"line-up-{index}",
            a.name,
            f"{agreed}{proposal.trade}",
            a,
            turns,
            proposal.evenness_db,
            curve=proposal.curve,
            tip=f"{where} {over_head} {proposal.words}",
            found=True,
        )

    def _where(self, a: Arrangement, turns: int, subs: str = "") -> str:
        units = self.session.settings.values.units
        ear = a.seats[self.session.document.gear.seats[0].name]
        front = turned_often(self.session.document.room, turns).frame.front
        monitors, seat = a.left.y - front, ear.y - front
        facing = tr("Facing the {facings} wall: m", facings=FACINGS[turns]) if turns else "M"
        return tr(
            "{facing}onitors {monitors}, seat {seat} from the wall faced, "
            "{distance} apart, {z} high{subs}.",
            facing=facing,
            monitors=format_length(monitors, units),
            seat=format_length(seat, units),
            distance=format_length(a.left.distance(a.right), units),
            z=format_length(a.left.z, units),
            subs=subs,
        )

    def _found_subs(self, a: Arrangement, turns: int) -> str:
        units = self.session.settings.values.units
        beside = self.session.document.gear.subwoofers
        room = turned_often(self.session.document.room, turns)
        frame = room.frame
        told = []
        for sub in beside:
            p = a.places[sub.id]
            across, along = (
                format_length(metres, units) for metres in (p.x - frame.left, p.y - frame.front)
            )
            model = self.session.document.gear.model_of(sub.id)
            held = mount_words(room, model, p, units)
            told.append(
                tr(
                    "; {id} {across} from the left, {along} from the front",
                    id=sub.id,
                    across=across,
                    along=along,
                )
            )
            told.append(f", {held}" if held else "")
        return "".join(told)

    def _tell_trade(self, trade: Trade | None) -> None:
        self.session.show_ghost(None if trade is None or trade.turns else trade.arrangement)
        if trade is None:
            return
        moved = format_length(trade.moved_metres, self.session.settings.values.units)
        self.trades_words.setText(
            tr(
                "{figure_db:.1f} dB, bass to {reach_hz:.0f} Hz, moves up to "
                "{moved}. {where} Click to line it up.",
                figure_db=trade.figure_db,
                reach_hz=trade.reach_hz,
                moved=moved,
                where=self._where(trade.arrangement, trade.turns),
            )
        )

    def _take_trade(self, trade: Trade) -> None:
        take_offer(self.session, trade.arrangement, trade.turns)


def _prices(
    document: Document,
    present: Arrangement | None,
    wishes: Wishes,
    token: Token,
) -> list[Price]:
    found = prices(document.room, document.gear, present, wishes, token.stopped)
    token.must_go_on()
    return found


_INVITATION = tr("Weighs every place on a grid of 2.5 cm within your wishes.")
_TRADES = tr(
    "What moving buys: each stone is a place that none betters in "
    "evenness, distance and bass reach at once; large stones reach "
    "lower. Point at one to read it, click to line it up; or walk "
    "along them with the arrow keys and press Enter."
)
