"""Line-up: rough in arrangements from schools, and put them where you want them."""

from functools import partial

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.app.stations.base import Station, card
from jolly_parlor.app.stations.lineup.offers import Offer
from jolly_parlor.app.stations.lineup.ranked_list import RankedList
from jolly_parlor.app.stations.lineup.schools_offered import SchoolsOffered
from jolly_parlor.app.stations.lineup.search_card import SearchCard
from jolly_parlor.app.widgets.entries import CheckedField, label
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.fold import Fold
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.cautions import cautions
from jolly_parlor.placement.checks import geometry_checks
from jolly_parlor.placement.items import Item
from jolly_parlor.placement.loudspeakers import ROLES
from jolly_parlor.placement.tape import tape_distances
from jolly_parlor.units import format_length
from jolly_parlor.words import spoken, tr

_AXES = (
    ("y", tr("from the front wall")),
    ("x", tr("from the left wall")),
    ("z", tr("above the floor")),
)


class LineupStation(Station):
    """Search above, the list of what could stand where below it, places in figures last."""

    id = "lineup"
    question = tr("Where could everything stand?")
    figures = True

    def __init__(self, session: Workbench) -> None:
        super().__init__(session)
        self.fields: dict[tuple[Item, str], CheckedField] = {}
        self._items: list[Item] = []
        self.list = RankedList(session, self._offered, self._list_again)
        self.schools = SchoolsOffered(session, self._list_again)
        self.search = SearchCard(session, self._list_again, self.schools.weigh)
        self.body.addWidget(self.search.frame)
        self.list.foot.addLayout(self.schools.row)
        self.positions_card, self.positions_layout = card()
        self.positions_title = label("", "head")
        self.positions_layout.addWidget(self.positions_title)
        self.rule = label("", "soft", wrap=True)
        self.positions_layout.addWidget(self.rule)
        places = WrappedGrid()
        self.positions = Kept(places, session.home)
        row = FlowRow()
        row.setSpacing(18)
        row.addLayout(places)
        self.checks = label("", wrap=True)
        self.checks.setObjectName("checks")
        row.addWidget(self.checks, 1)
        self.positions_layout.addLayout(row)
        self.tape = label("", "", wrap=True)
        self.tape.setObjectName("tape")
        self.positions_layout.addWidget(self.tape)
        self.cautions = label("", "soft", wrap=True)
        self.positions_layout.addWidget(self.cautions)
        self.places_fold = Fold(tr("Places in figures"), "places", self.positions_card)
        self.body.addWidget(self.places_fold)
        self.body.addWidget(self.list.frame)
        self.body.addWidget(self.search.trades_frame)
        self.body.addStretch(1)
        self.listen(session.document_changed, session.view_changed)
        session.drafted.connect(self._refresh_numbers)

    def restyle(self) -> None:
        self._items = []
        self.search.restyle()
        self.refresh()

    def refresh(self) -> None:
        self._list()
        a = self.session.arrangement
        self.places_fold.setVisible(a is not None)
        if a is None:
            return
        items = self._movable()
        if items != self._items:
            self._build_positions(items)
        self._refresh_numbers()

    def _offered(self) -> list[Offer]:
        return [*self.search.offers, *self.schools.offers()]

    def _list_again(self) -> None:
        if self.isVisible():
            self._list()

    def _list(self) -> None:
        self.schools.refresh()
        self.list.refresh()
        self._tell()

    def _tell(self) -> None:
        best, count = self.list.best, len(self.session.document.arrangements)
        if best is not None:
            self.verdict.setText(
                tr(
                    "{name}: forecast {db:.1f} dB, the most even so far",
                    name=best.name,
                    db=best.figure_db,
                )
            )
        else:
            self.verdict.setText(
                tr("{count} lined up, not weighed yet", count=count)
                if count
                else tr("Nothing is lined up yet")
            )
        self.under.setText(
            "" if count else tr("Search, or line up a school; then drag on the plan or type.")
        )

    @property
    def _origin(self) -> dict[str, float]:
        return self.session.document.room.frame.origin

    def _movable(self) -> list[Item]:
        a = self.session.arrangement
        assert a is not None
        return a.items

    def _build_positions(self, items: list[Item]) -> None:
        self.fields.clear()
        self._items = items
        with self.positions as kept:
            for column, (_, title) in enumerate(_AXES, start=1):
                kept.words(title, 0, column)
            for row, item in enumerate(items, start=1):
                title = tr("{id}, seat", id=item.id) if item.kind == "seat" else self._title(item)
                kept.words(title, row, 0, role="")
                for column, (axis, what) in enumerate(_AXES, start=1):
                    do = partial(self._move, item, axis)
                    field = kept.length(f"{item} {axis}", 0.0, do, row, column)
                    field.setAccessibleName(f"{title}, {spoken(what)}")
                    self.fields[item, axis] = field

    def _title(self, item: Item) -> str:
        role = self.session.document.gear.loudspeaker(item.id).role
        return item.words if item.of_pair else f"{item.id}, {spoken(ROLES[role])}"

    def _refresh_numbers(self) -> None:
        a = self.session.arrangement
        if a is None or not self.isVisible() or self._movable() != self._items:
            return
        self.positions_title.setText(a.name)
        looked_at = geometry_checks(self.session.document.setup(a))
        against = sum(not check.holds for check in looked_at)
        self.places_fold.summary.setText(
            tr(
                "{good} rules for, {against} against",
                good=len(looked_at) - against,
                against=against,
            )
        )
        self.rule.setText(a.rule)
        for (item, axis), field in self.fields.items():
            field.set_value(getattr(a.position(item), axis) - self._origin[axis])
        document = self.session.document
        units = self.session.settings.values.units
        wanted = (tr("one to the other"), tr("from the left monitor"), tr("from the right monitor"))
        main = document.gear.seats[0].name
        found = [
            f"{spoken(d.item)} {d.what} {format_length(d.metres, units)}"
            for d in tape_distances(document.setup(a))
            if d.what in wanted and d.item in ("monitors", tr("ear at {name}", name=main))
        ]
        toe = a.toe_in_degrees("left", main)
        self.tape.setText(tr("{found}; turned in by {toe:.0f}°.", found="; ".join(found), toe=toe))
        self.checks.setText("\n".join(f"{'+' if c.holds else '−'}  {c.text}" for c in looked_at))
        self.cautions.setText(" ".join(cautions(document.setup(a))[:2]))

    def _move(self, item: Item, axis: str, value: float) -> None:
        a = self.session.arrangement
        if a is None:
            return
        old, start = a.position(item), self._origin[axis]
        parts = {"x": old.x, "y": old.y, "z": old.z, axis: start + value}
        size = dict(zip("xyz", self.session.document.room.dimensions, strict=True))[axis]
        if not -1e-9 <= start + value <= size:
            self.session.refused.emit(
                tr(
                    "{value:.2f} m is outside the room; give a length from {start:.2f} "
                    "to {size:.2f} m.",
                    value=value,
                    start=0 - start,
                    size=size - start,
                )
            )
            self.fields[item, axis].reset()
            return
        self.session.drag(item, Point(**parts))
        self.session.drop()
