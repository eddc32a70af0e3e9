"""Gear: the pair, other loudspeakers, seats, desk."""

from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QPushButton

from jolly_parlor.app.stations.base import Station, card, changed_item, clear
from jolly_parlor.app.stations.gear.controls_panel import ControlsPanel
from jolly_parlor.app.stations.gear.handover_row import HandoverRow
from jolly_parlor.app.stations.gear.layout_card import LayoutCard
from jolly_parlor.app.stations.gear.loudspeaker_card import LoudspeakerCard
from jolly_parlor.app.stations.gear.shared_entries import (
    corner_fields,
    fresh_name,
    name_field,
    radiating_fields,
    size_field,
)
from jolly_parlor.app.stations.gear.use_card import UseCard
from jolly_parlor.app.widgets.entries import label, length_field, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.gear import Desk, Gear, Seat
from jolly_parlor.placement.loudspeakers import Loudspeaker, Model, Role
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.words import plural, tr

_MONITOR_SIZES = (
    ("width", "wide"),
    ("depth", "deep"),
    ("height", "high"),
    ("acoustic_centre_height", tr("base to acoustic centre")),
)


class GearStation(Station):
    """What is placed. The cards are rebuilt when the document changes elsewhere."""

    id = "gear"

    def __init__(self, session: Workbench) -> None:
        super().__init__(session)
        self._shown: tuple[object, ...] | None = None
        self.listen(session.document_changed, session.view_changed)

    def restyle(self) -> None:
        """Units may have changed: rebuild."""
        self._shown = None
        self.refresh()

    def refresh(self) -> None:
        gear = self.session.document.gear
        self.verdict.setText(_summary(gear))
        self.under.setText(
            tr("Sizes over all; the low corner is where the level has fallen by 3 dB.")
        )
        a = self.session.arrangement
        wishes = self.session.document.wishes
        shown = gear, wishes, (a.name, a.chains) if a is not None else None
        if shown == self._shown:
            return
        self._shown = shown
        clear(self.body)
        self._monitor_card(gear.monitor)
        self.body.addWidget(LayoutCard(self.session).frame)
        for speaker in (*gear.subwoofers, *gear.others):
            made = LoudspeakerCard(
                self.session, speaker, self._change, self._set_model, self._again
            )
            self.body.addWidget(made.frame)
        if gear.subwoofers:
            self.body.addWidget(HandoverRow(self.session, self._again).frame)
        self._offer_more(gear)
        self._seat_card(gear)
        if gear.desk is not None:
            self._desk_card(gear.desk)
        else:
            self._offer(tr("No desk."), tr("Add a desk"), "add-desk", self._add_desk)
        self.body.addWidget(UseCard(self.session).frame)
        self.body.addStretch(1)

    def _change(self, what: str, edit: Callable[[Gear], Gear]) -> bool:
        done = self.session.do(what, lambda document: set_gear(document, edit(document.gear)))
        if not done:
            self._again()
        return done

    def _again(self) -> None:
        self._shown = None
        self.refresh()

    def _monitor_card(self, model: Model) -> None:
        frame, layout = card()
        layout.addWidget(label(tr("Monitors, a pair alike"), "head"))
        grid = WrappedGrid(in_blocks=True)
        layout.addLayout(grid)
        grid.setColumnStretch(6, 1)
        change = partial(self._set_model, model.id)
        grid.addWidget(name_field(tr("monitor name"), model.name, change), 0, 0)
        for column, (name, title) in enumerate(_MONITOR_SIZES, start=1):
            known = getattr(model, name)
            value = model.centre_height if known is None else known
            field = size_field(
                self.session, tr("monitor {name}", name=name), value, partial(change, name)
            )
            grid.addWidget(field, 0, column)
            grid.addWidget(label(title, "soft"), 1, column)
        corner_fields(self.session, grid, model, "monitor", change)
        radiating_fields(self.session, grid, model, "monitor", change)
        layout.addLayout(ControlsPanel(self.session, model, "monitor", change).layout)
        self.body.addWidget(frame)

    def _offer_more(self, gear: Gear) -> None:
        frame, layout = card()
        row = FlowRow()
        none = tr("No subwoofer yet; other loudspeakers can be added too.")
        some = tr("More subwoofers and loudspeakers can be added.")
        row.addWidget(label(some if gear.beside_the_pair else none, "soft", wrap=True), 1)
        for title, name, do in (
            (tr("Add a subwoofer"), "add-sub", self._add_sub),
            (tr("Add a loudspeaker"), "add-loudspeaker", self._add_other),
        ):
            button = QPushButton(title)
            button.setObjectName(name)
            on_click(button, do)
            row.addWidget(button)
        layout.addLayout(row)
        self.body.addWidget(frame)

    def _seat_card(self, gear: Gear) -> None:
        frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Seats"), "head"))
        row.addWidget(label(tr("the first is the main one"), "soft"))
        row.addStretch(1)
        add = QPushButton(tr("Add a seat"))
        add.setObjectName("add-seat")
        on_click(add, self._add_seat)
        row.addWidget(add)
        layout.addLayout(row)
        for index, seat in enumerate(gear.seats):
            line = FlowRow()
            line.addWidget(
                name_field(
                    tr("seat {index} name", index=index + 1),
                    seat.name,
                    partial(self._set_seat, index),
                )
            )
            field = length_field(
                tr("seat {index} ear", index=index + 1), lambda: self.session.settings.values.units
            )
            field.set_value(seat.ear_height)
            field.committed.connect(partial(self._set_seat, index, "ear_height"))
            field.failed.connect(self.session.refused.emit)
            line.addWidget(field)
            line.addWidget(label(tr("ear above the floor"), "soft"))
            high = WrappedCheckBox(tr("chair with a high back"))
            high.setObjectName(f"seat {index + 1} high back")
            high.setChecked(seat.high_back)
            high.clicked.connect(partial(self._set_seat, index, "high_back"))
            line.addWidget(high)
            line.addStretch(1)
            if len(gear.seats) > 1:
                remove = QPushButton(tr("Remove"))
                on_click(remove, partial(self._remove_seat, index))
                line.addWidget(remove)
            layout.addLayout(line)
        self.body.addWidget(frame)

    def _desk_card(self, desk: Desk) -> None:
        frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Desk"), "head"))
        row.addStretch(1)
        remove = QPushButton(tr("Remove"))
        remove.setObjectName("remove-desk")
        on_click(
            remove, lambda: self._change(tr("Remove the desk"), lambda g: replace(g, desk=None))
        )
        row.addWidget(remove)
        layout.addLayout(row)
        grid = WrappedGrid(in_blocks=True)
        for column, (name, title) in enumerate(
            (
                ("width", "wide"),
                ("depth", "deep"),
                ("height", tr("top above the floor")),
                ("thickness", tr("thick")),
            )
        ):
            change = partial(self._set_desk, name)
            grid.addWidget(
                size_field(self.session, tr("desk {name}", name=name), getattr(desk, name), change),
                0,
                column,
            )
            grid.addWidget(label(title, "soft"), 1, column)
        grid.setColumnStretch(4, 1)
        layout.addLayout(grid)
        words = tr(
            "Its top scatters sound in every forecast; its height, depth and near edge count."
        )
        layout.addWidget(label(words, "soft", wrap=True))
        self.body.addWidget(frame)

    def _offer(self, text: str, action: str, name: str, do: Callable[[], None]) -> None:
        frame, layout = card()
        row = FlowRow()
        row.addWidget(label(text, "soft"))
        row.addStretch(1)
        button = QPushButton(action)
        button.setObjectName(name)
        on_click(button, do)
        row.addWidget(button)
        layout.addLayout(row)
        self.body.addWidget(frame)

    def _set_model(self, model_id: str, name: str, value: object) -> None:
        def edit(gear: Gear) -> Gear:
            return gear.with_model(model_id, **{name: value})

        self._set("loudspeaker", name, value, edit)

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
            self._shown = None
            self.refresh()
            return
        self._change(tr("Change the {what}", what=what), edit)

    def _add_sub(self) -> None:
        sheet = Model("sub", "subwoofer", 0.34, 0.38, 0.36, 28.0)
        self._add("sub", "subwoofer", sheet, tr("Add a subwoofer"))

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

        self._change(what, edit)

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
