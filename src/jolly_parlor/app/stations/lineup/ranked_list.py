"""Line-up's one list: what is lined up, found by search and proposed by schools, by figure."""

from collections.abc import Callable
from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.acoustics.geometry.turned_room import turned_often
from jolly_parlor.app import jobs
from jolly_parlor.app.plan.small_plan import SmallPlan
from jolly_parlor.app.plots.place_strip import PlaceStrip
from jolly_parlor.app.questions import LINED_UP, Question
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.lineup.offers import Offer
from jolly_parlor.app.widgets.entries import label, tip
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.pointed import PointedButton
from jolly_parlor.app.widgets.still import WhenLeft, held, pointed_at
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import HIGHEST_HZ, Deviation, evenness
from jolly_parlor.project.edits import line_up, remove_arrangement
from jolly_parlor.units import format_length
from jolly_parlor.words import tr

_MIDDLE = Qt.AlignmentFlag.AlignVCenter


class RankedList:
    """Rows, most even first; each is shown or lined up by its button. `frame` is the widget."""

    def __init__(
        self, session: Workbench, offered: Callable[[], list[Offer]], changed: Callable[[], None]
    ) -> None:
        """offered: what search and schools propose at present; changed: told when a figure came."""
        self.session = session
        self._offered, self._changed = offered, changed
        self._known: dict[str, tuple[Arrangement, Deviation]] = {}
        self._of: tuple[object, ...] | None = None
        self._offers: dict[str, Offer] = {}
        self.frame: QFrame
        self.frame, layout = card()
        self.head = label(tr("Most even first"), "head")
        layout.addWidget(self.head)
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("list-words")
        layout.addWidget(self.words)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(12)
        grid.setVerticalSpacing(6)
        grid.setColumnStretch(2, 1)
        layout.addLayout(grid)
        self.rows = Kept(grid, session.home)
        WhenLeft(self.frame, changed)
        self.foot = QVBoxLayout()
        """For what is said and done below the rows."""
        layout.addLayout(self.foot)

    def refresh(self) -> None:
        """Show what there is; ask for the figures of what is lined up where they are not known."""
        self._ask()
        seat = self.session.document.gear.seats[0].name
        self.words.setText(
            tr(
                "Forecast of all that plays at the {seat}, in dB from even; point at one to see it "
                "on the plan.",
                seat=seat,
            )
        )
        offers = sorted([*self._lined_up(), *self._offered()], key=lambda one: one.rank)
        now = {one.key: one for one in offers}
        # What is pointed at is not moved away from under the pointer: the list is sorted later,
        # unless a search has come to what was asked for.
        found = {key for key, one in now.items() if one.found} - set(self._offers)
        keys = held(list(now), list(self._offers), pointed_at(self.frame) and not found)
        self._offers = {key: now[key] for key in keys}
        with self.rows as kept:
            for row, one in enumerate(self._offers.values()):
                self._row(kept, row, one)
        self.frame.setVisible(bool(offers))

    @property
    def best(self) -> Offer | None:
        """The most even of those weighed."""
        offers = self._offers.values()
        weighed = [one for one in offers if one.figure_db is not None and not one.figure]
        return min(weighed, key=lambda one: one.rank, default=None)

    def _lined_up(self) -> list[Offer]:
        found = []
        chosen = self.session.document.chosen
        for row, a in enumerate(self.session.document.arrangements):
            told = brief(self.session, a)
            if a.name == chosen:
                told = tr("Picked; {told}", told=told)
            of, curve = self._known.get(a.name, (None, None))
            figure = None if curve is None else evenness(curve).value_db
            # One that has moved keeps its row until it is weighed anew, but not its figure.
            said = "" if of in (a, None) else "…"
            found.append(
                Offer(
                    f"candidate {row}",
                    a.name,
                    told,
                    a,
                    figure_db=figure,
                    figure=said,
                    curve=None if said else curve,
                    lined_up=True,
                )
            )
        return found

    def _row(self, kept: Kept, row: int, one: Offer) -> None:
        session = self.session
        room, gear, a = session.document.room, session.document.gear, one.arrangement
        said = one.figure or ("" if one.figure_db is None else tr("{db:.1f} dB", db=one.figure_db))
        figure = kept.put(f"figure {one.key}", partial(label, "", "head", wrap=True), row, 0)
        figure.setText(said)
        figure.setObjectName(f"figure-{one.key}")
        turned = turned_often(room, one.turns)
        plan = kept.put(
            f"plan {one.key}", partial(SmallPlan, turned, gear, a), row, 1, align=_MIDDLE
        )
        plan.show_plan(turned, gear, a)
        with kept.column(f"words {one.key}", row, 2, align=_MIDDLE) as words:
            words.words(one.name, role="strong", wrap=True)
            words.words(one.told, wrap=True)
        if one.curve is not None:
            make = partial(PlaceStrip, one.name, one.curve, HIGHEST_HZ)
            strip = kept.put(f"strip {one.key}", make, row, 3, align=_MIDDLE)
            strip.show_curve(one.name, one.curve)
        with kept.row(f"deeds {one.key}", row, 4, align=_MIDDLE) as deeds:
            self._deeds(deeds, one)

    def _deeds(self, deeds: Kept, one: Offer) -> None:
        now = self.session.arrangement
        if one.lined_up:
            on = now is not None and now.name == one.name
            show = partial(self.session.show_arrangement, one.name)
            button = deeds.button(tr("Show"), "show", show, called=f"candidate-{one.name}", on=on)
            button.setAccessibleName(tr("Show {name}", name=one.name))
            gone = partial(self._remove, one.name)
            button = deeds.button(tr("Remove"), "remove", gone, called=f"remove {one.key}")
            button.setAccessibleName(tr("Remove {name}", name=one.name))
            return
        taken = deeds.put("take", partial(self._new_taking, one.key))
        taken.setAccessibleName(tr("Line up {name}", name=one.name))
        taken.setAccessibleDescription(one.tip)
        taken.setToolTip(tip(one.tip))

    def _new_taking(self, key: str) -> PointedButton:
        made = PointedButton(tr("Line up"))
        made.setObjectName(key)
        made.clicked.connect(partial(self._take, key))
        made.pointed.connect(partial(self._point, key))
        return made

    def _take(self, key: str, _down: bool) -> None:
        one = self._offers[key]
        take_offer(self.session, one.arrangement, one.turns)

    def _point(self, key: str, on: bool) -> None:
        one = self._offers.get(key)
        self.session.show_ghost(one.arrangement if on and one and not one.turns else None)

    def _remove(self, name: str) -> None:
        self.session.do(tr("Remove {name}", name=name), lambda d: remove_arrangement(d, name))

    def _ask(self) -> None:
        document = self.session.believed
        of = document.room, document.gear, document.arrangements
        if of == self._of:
            return
        if self._of is not None and of[:2] != self._of[:2]:
            self._known = {}
        self._of = of
        if not document.arrangements or self.session.provisional:
            self._of = None
            return
        job = partial(jobs.lined_up, document)
        take = partial(self._show_figures, of)
        self.session.slow.ask(Question(LINED_UP, document.room, document.gear, job, take))

    def _show_figures(self, of: tuple[object, ...], found: dict[str, Deviation]) -> None:
        if of == self._of:
            self._known = {
                a.name: (a, found[a.name])
                for a in self.session.document.arrangements
                if a.name in found
            }
            self._changed()


def take_offer(session: Workbench, a: Arrangement, turns: int) -> None:
    """Line it up; the room is turned first where the proposal faces another wall."""
    session.show_ghost(None)
    if session.do(tr("Line up {name}", name=a.name), lambda d: line_up(d, a, turns)):
        session.show_arrangement(session.document.arrangements[-1].name)


def brief(session: Workbench, a: Arrangement) -> str:
    """Where the triangle stands, in a line."""
    units = session.settings.values.units
    ear = a.seats[session.document.gear.seats[0].name]
    front = session.document.room.frame.front
    return tr(
        "monitors {y} and seat {y2} out, {distance} apart",
        y=format_length(a.left.y - front, units),
        y2=format_length(ear.y - front, units),
        distance=format_length(a.left.distance(a.right), units),
    )
