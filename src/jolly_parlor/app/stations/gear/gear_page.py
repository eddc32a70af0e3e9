"""Gear: the pair, other loudspeakers, seats, desk."""

from collections.abc import Callable
from dataclasses import replace
from functools import partial

from jolly_parlor.app import theme
from jolly_parlor.app.stations.base import Station, changed_item
from jolly_parlor.app.stations.gear.controls_panel import ControlsPanel
from jolly_parlor.app.stations.gear.handover_row import HandoverRow
from jolly_parlor.app.stations.gear.layout_card import LayoutCard
from jolly_parlor.app.stations.gear.loudspeaker_card import LoudspeakerCard
from jolly_parlor.app.stations.gear.shared_entries import (
    corner_fields,
    fresh_name,
    kind_row,
    radiating_fields,
)
from jolly_parlor.app.stations.gear.use_card import UseCard
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.common_models import MONITORS, SUBWOOFERS
from jolly_parlor.placement.gear import Desk, Gear, Seat
from jolly_parlor.placement.loudspeakers import ROLES, Loudspeaker, Model, Role
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.units import format_length
from jolly_parlor.words import plural, spoken, tr

_MONITOR_SIZES = (
    ("width", "wide"),
    ("depth", "deep"),
    ("height", "high"),
    ("acoustic_centre_height", tr("base to acoustic centre")),
)


_DESK_SIZES = (
    ("width", "wide"),
    ("depth", "deep"),
    ("height", tr("top above the floor")),
    ("thickness", tr("thick")),
)


class GearStation(Station):
    """What it is used as, and what is placed."""

    id = "gear"
    question = tr("What plays in it, and who listens?")

    def __init__(self, session: Workbench) -> None:
        super().__init__(session)
        self.cards = Kept(self.body, session.home)
        self.under.setText(
            tr("Sizes over all; the low corner is where the level has fallen by 3 dB.")
        )
        self.listen(session.document_changed, session.view_changed)

    def refresh(self) -> None:
        gear = self.session.document.gear
        self.verdict.setText(_summary(gear))
        with self.cards as page:
            page.other("used as", partial(UseCard, self.session)).refresh()
            with page.card("gear") as sheet:
                self._monitors(sheet, gear.monitor)
                for index, speaker in enumerate((*gear.subwoofers, *gear.others)):
                    told = f"{_role_words(speaker)}; {self._size_words(gear.model_of(speaker.id))}"
                    called = f"loudspeaker {index + 1}"
                    with sheet.fold(called, speaker.id, told, called=speaker.id) as fold:
                        changes = self._change, self._set_model, self._be
                        made = partial(LoudspeakerCard, self.session, *changes)
                        fold.other("card", made).refresh(speaker)
                self._offer_more(sheet, gear)
            if gear.subwoofers:
                page.other("handover", partial(HandoverRow, self.session)).refresh()
            with page.card("listeners") as sheet:
                self._seats(sheet, gear)
                self._desk(sheet, gear.desk)
            told = tr("{count} directions", count=len(gear.layout.directions))
            with page.fold(
                "around", tr("Around the seat"), told if gear.layout.directions else ""
            ) as fold:
                fold.other("layout", partial(LayoutCard, self.session)).refresh()
            page.gap()

    def _change(self, what: str, edit: Callable[[Gear], Gear]) -> bool:
        done = self.session.do(what, lambda document: set_gear(document, edit(document.gear)))
        if not done:
            self.refresh()
        return done

    def _monitors(self, sheet: Kept, model: Model) -> None:
        change = partial(self._set_model, model.id)
        told = f"{model.name}; {self._size_words(model)}"
        with sheet.fold("monitors", tr("Monitors, a pair alike"), told) as fold:
            with fold.row("kinds") as row:
                kind_row(row, model, "monitor", MONITORS, self._be)
            with fold.grid("sizes", rest=6, in_blocks=True) as grid:
                name = grid.line("monitor name", model.name, partial(change, "name"), 0, 0)
                theme.keep_width(name, 190, 190)
                for column, (what, title) in enumerate(_MONITOR_SIZES, start=1):
                    known = getattr(model, what)
                    value = model.centre_height if known is None else known
                    grid.length(f"monitor {what}", value, partial(change, what), 0, column)
                    grid.words(title, 1, column)
                corner_fields(grid, model, "monitor", change)
                radiating_fields(grid, model, "monitor", change)
            panel = fold.other("controls", partial(ControlsPanel, self.session))
            panel.refresh(model, "monitor", change)

    def _size_words(self, model: Model) -> str:
        units = self.session.settings.values.units
        sizes = (format_length(size, units) for size in (model.width, model.depth, model.height))
        return tr(
            "{sizes}, down to {hertz:.0f} Hz", sizes=" × ".join(sizes), hertz=model.low_corner_hz
        )

    def _offer_more(self, sheet: Kept, gear: Gear) -> None:
        none = tr("No subwoofer yet; other loudspeakers can be added too.")
        with sheet.row("more") as row:
            row.words("" if gear.beside_the_pair else none, 1, wrap=True)
            row.button(tr("Add a subwoofer"), "add-sub", self._add_sub)
            row.button(tr("Add a loudspeaker"), "add-loudspeaker", self._add_other)

    def _seats(self, sheet: Kept, gear: Gear) -> None:
        units = self.session.settings.values.units
        for index, seat in enumerate(gear.seats):
            change, called = partial(self._set_seat, index), f"seat {index + 1}"
            which = tr("the main seat") if index == 0 else tr("a seat")
            told = tr(
                "{which}, ear {high} above the floor",
                which=which,
                high=format_length(seat.ear_height, units),
            )
            with sheet.fold(called, seat.name, told) as fold, fold.row("fields") as line:
                name = line.line(f"{called} name", seat.name, partial(change, "name"))
                theme.keep_width(name, 190, 190)
                line.length(f"{called} ear", seat.ear_height, partial(change, "ear_height"))
                line.words(tr("ear above the floor"))
                words, do = tr("chair with a high back"), partial(change, "high_back")
                line.box(words, f"{called} high back", seat.high_back, do)
                line.gap()
                if len(gear.seats) > 1:
                    gone = partial(self._remove_seat, index)
                    line.button(tr("Remove"), f"remove-seat {index + 1}", gone)
        with sheet.row("more seats") as row:
            row.gap()
            row.button(tr("Add a seat"), "add-seat", self._add_seat)

    def _desk(self, sheet: Kept, desk: Desk | None) -> None:
        units = self.session.settings.values.units
        if desk is None:
            with sheet.row("no desk") as row:
                row.words(tr("No desk."))
                row.gap()
                row.button(tr("Add a desk"), "add-desk", self._add_desk)
            return
        told = " × ".join(format_length(size, units) for size in (desk.width, desk.depth))
        with sheet.fold("desk", tr("Desk"), told) as fold:
            with fold.grid("sizes", rest=4, in_blocks=True) as grid:
                for column, (name, title) in enumerate(_DESK_SIZES):
                    do = partial(self._set_desk, name)
                    grid.length(f"desk {name}", getattr(desk, name), do, 0, column)
                    grid.words(title, 1, column)
                gone = partial(self._change, tr("Remove the desk"), lambda g: replace(g, desk=None))
                grid.button(tr("Remove"), "remove-desk", gone, 0, len(_DESK_SIZES))
            words = tr(
                "Its top scatters sound in every forecast; its height, depth and near edge count."
            )
            fold.words(words, wrap=True)

    def _set_model(self, model_id: str, name: str, value: object) -> None:
        def edit(gear: Gear) -> Gear:
            return gear.with_model(model_id, **{name: value})

        self._set("loudspeaker", name, value, edit)

    def _be(self, model: Model) -> None:
        what = tr("Start from {name}", name=model.name)
        self._change(what, lambda gear: gear.with_model(model.id, **vars(model)))

    def _set_seat(self, index: int, name: str, value: object) -> None:
        self._set("seat", name, value, changed_item("seats", index, name, value))

    def _set_desk(self, name: str, value: float) -> None:
        def edit(gear: Gear) -> Gear:
            assert gear.desk is not None
            return replace(gear, desk=replace(gear.desk, **{name: value}))

        self._set("desk", name, value, edit)

    def _set(self, what: str, name: str, value: object, edit: Callable[[Gear], Gear]) -> None:
        low, high = _LIMITS.get(name, (float("-inf"), float("inf")))
        if isinstance(value, float) and not low <= value <= high:
            words = name.replace("_", " ")
            self.session.refused.emit(
                tr(
                    "A {what}'s {words} of {value:g} cannot be; give one from {low:g} to {high:g}.",
                    what=what,
                    words=words,
                    value=value,
                    low=low,
                    high=high,
                )
            )
            self.refresh()
            return
        self._change(tr("Change the {what}", what=what), edit)

    def _add_sub(self) -> None:
        self._add("sub", "subwoofer", SUBWOOFERS["middle"].model, tr("Add a subwoofer"))

    def _add_other(self) -> None:
        like = self.session.document.gear.monitor
        self._add(
            "centre", "centre", replace(like, id="centre", name="centre"), tr("Add a loudspeaker")
        )

    def _add(self, name: str, role: Role, sheet: Model, what: str) -> None:
        """Another one; of the same model as the first of its role, else with a sheet of its own."""

        def edit(gear: Gear) -> Gear:
            taken = {one.id for one in gear.loudspeakers}
            fresh = fresh_name(name, taken)
            alike = [one.model for one in gear.loudspeakers if one.role == role]
            if alike:
                return replace(
                    gear, loudspeakers=(*gear.loudspeakers, Loudspeaker(fresh, role, alike[0]))
                )
            known = {model.id for model in gear.models}
            own = replace(sheet, id=fresh_name(name, known))
            return replace(
                gear,
                models=(*gear.models, own),
                loudspeakers=(*gear.loudspeakers, Loudspeaker(fresh, role, own.id)),
            )

        if self._change(what, edit):
            gear = self.session.document.gear
            self.cards.within("gear").open(f"loudspeaker {len(gear.loudspeakers) - 2}")

    def _add_seat(self) -> None:
        names = {seat.name for seat in self.session.document.gear.seats}
        name = next(tr("seat {n}", n=n) for n in range(2, 99) if f"seat {n}" not in names)
        self._change(tr("Add a seat"), lambda g: replace(g, seats=(*g.seats, Seat(name))))

    def _remove_seat(self, index: int) -> None:
        def edit(gear: Gear) -> Gear:
            return replace(gear, seats=tuple(s for i, s in enumerate(gear.seats) if i != index))

        self._change(tr("Remove the seat"), edit)

    def _add_desk(self) -> None:
        self._change(tr("Add a desk"), lambda g: replace(g, desk=Desk(1.5, 0.75, 0.74)))


_LIMITS = {
    "width": (0.05, 10.0),
    "depth": (0.05, 10.0),
    "height": (0.05, 10.0),
    "acoustic_centre_height": (0.0, 10.0),
    "acoustic_centre_ahead": (0.0, 1.0),
    "thickness": (0.0, 0.2),
    "low_corner_hz": (5.0, 500.0),
    "ear_height": (0.21, 3.0),
}


def _role_words(speaker: Loudspeaker) -> str:
    return spoken(ROLES[speaker.role])


def _summary(gear: Gear) -> str:
    parts = [
        tr("Two monitors down to {low_corner_hz:.0f} Hz", low_corner_hz=gear.monitor.low_corner_hz)
    ]
    for what, some in (("subwoofer", gear.subwoofers), (tr("more loudspeaker"), gear.others)):
        if some:
            lowest = min(gear.model_of(one.id).low_corner_hz for one in some)
            how_many = "one" if len(some) == 1 else str(len(some))
            parts.append(
                plural(
                    len(some),
                    "{how_many} {what} down to {lowest:.0f} Hz",
                    "{how_many} {what}s down to {lowest:.0f} Hz",
                    how_many=how_many,
                    what=what,
                    lowest=lowest,
                )
            )
    count = len(gear.seats)
    parts.append(plural(count, "{count} seat", "{count} seats"))
    return ", ".join(parts)
