"""Gear: monitors, subwoofer, seats, desk."""

from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QComboBox, QGridLayout, QHBoxLayout, QLineEdit, QPushButton, QWidget

from jolly_parlor.app.session import Session
from jolly_parlor.app.stations.base import Station, card, changed_item, clear
from jolly_parlor.app.widgets.fields import CheckedField, label, length_field, number_field
from jolly_parlor.placement.cautions import EQUALISING
from jolly_parlor.placement.gear import Desk, Gear, Monitor, Seat, Subwoofer
from jolly_parlor.project.edits import set_gear

_MONITOR_SIZES = (
    ("width", "wide"),
    ("depth", "deep"),
    ("height", "high"),
    ("acoustic_centre_height", "base to acoustic centre"),
)
_SIZES = _MONITOR_SIZES[:3]
_SLOPES = (12, 18, 24)


class GearStation(Station):
    """What is placed. The cards are rebuilt when the document changes elsewhere."""

    name = "Gear"

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self._shown: Gear | None = None
        self.listen(session.document_changed)

    def state(self) -> str:
        """Done once something is placed with it."""
        return "done" if self.session.document.arrangements else "in progress"

    def restyle(self) -> None:
        """Units may have changed: rebuild."""
        self._shown = None
        self.refresh()

    def refresh(self) -> None:
        """Show the gear."""
        gear = self.session.document.gear
        self.verdict.setText(_summary(gear))
        self.under.setText("Sizes over all; the low corner is where the level has fallen by 3 dB.")
        if gear == self._shown:
            return
        self._shown = gear
        clear(self.body)
        self._monitor_card(gear.monitor)
        for index, sub in enumerate(gear.subwoofers):
            self._sub_card(index, sub)
        if not gear.subwoofers:
            self._offer("No subwoofer yet.", "Add a subwoofer", "add-sub", self._add_sub)
        self._seat_card(gear)
        if gear.desk is not None:
            self._desk_card(gear.desk)
        else:
            self._offer("No desk.", "Add a desk", "add-desk", self._add_desk)
        self.body.addStretch(1)

    def _change(self, what: str, edit: Callable[[Gear], Gear]) -> bool:
        done = self.session.do(what, lambda document: set_gear(document, edit(document.gear)))
        if not done:
            self._shown = None
            self.refresh()
        return done

    def _monitor_card(self, monitor: Monitor) -> None:
        frame, layout = card()
        layout.addWidget(label("Monitors, a pair alike", "head"))
        grid = QGridLayout()
        layout.addLayout(grid)
        grid.setColumnStretch(6, 1)
        grid.addWidget(self._name("monitor name", monitor.name, self._set_monitor), 0, 0)
        column = 1
        for name, title in _MONITOR_SIZES:
            self._length(
                grid,
                column,
                f"monitor {name}",
                title,
                getattr(monitor, name),
                partial(self._set_monitor, name),
            )
            column += 1
        self._corner(grid, monitor, "monitor", self._set_monitor)
        self.body.addWidget(frame)

    def _sub_card(self, index: int, sub: Subwoofer) -> None:
        frame, layout = card()
        row = QHBoxLayout()
        row.addWidget(label("Subwoofer", "head"))
        row.addStretch(1)
        remove = QPushButton("Remove")
        remove.setObjectName("remove-sub")
        remove.clicked.connect(partial(self._remove_sub, index))
        row.addWidget(remove)
        layout.addLayout(row)
        grid = QGridLayout()
        layout.addLayout(grid)
        change = partial(self._set_sub, index)
        grid.setColumnStretch(6, 1)
        grid.addWidget(self._name("sub name", sub.name, change), 0, 0)
        for column, (name, title) in enumerate(_SIZES, start=1):
            self._length(
                grid, column, f"sub {name}", title, getattr(sub, name), partial(change, name)
            )
        self._corner(grid, sub, "sub", change)
        numbers = (
            ("crossover_hz", "Hz", "crossover, fourth order"),
            ("gain_db", "dB", "gain on one monitor"),
            ("delay_ms", "ms", "delay"),
        )
        for column, (name, unit, title) in enumerate(numbers, start=1):
            field = number_field(f"sub {name}", unit)
            field.set_value(getattr(sub, name))
            field.committed.connect(partial(change, name))
            field.failed.connect(self.session.refused.emit)
            grid.addWidget(field, 4, column)
            grid.addWidget(label(title, "soft"), 5, column)
        polarity = QComboBox()
        polarity.setAccessibleName("sub polarity")
        polarity.addItems(["as marked", "reversed"])
        polarity.setCurrentIndex(int(sub.inverted))
        polarity.currentIndexChanged.connect(lambda at: change("inverted", bool(at)))
        grid.addWidget(polarity, 4, 4)
        grid.addWidget(label("polarity", "soft"), 5, 4)
        layout.addWidget(label(EQUALISING, "soft", wrap=True))
        self.body.addWidget(frame)

    def _seat_card(self, gear: Gear) -> None:
        frame, layout = card()
        row = QHBoxLayout()
        row.addWidget(label("Seats", "head"))
        row.addWidget(label("the first is the main one", "soft"))
        row.addStretch(1)
        add = QPushButton("Add a seat")
        add.setObjectName("add-seat")
        add.clicked.connect(self._add_seat)
        row.addWidget(add)
        layout.addLayout(row)
        for index, seat in enumerate(gear.seats):
            line = QHBoxLayout()
            line.addWidget(
                self._name(f"seat {index + 1} name", seat.name, partial(self._set_seat, index))
            )
            field = length_field(f"seat {index + 1} ear", self._units)
            field.set_value(seat.ear_height)
            field.committed.connect(partial(self._set_seat, index, "ear_height"))
            field.failed.connect(self.session.refused.emit)
            line.addWidget(field)
            line.addWidget(label("ear above the floor", "soft"))
            line.addStretch(1)
            if len(gear.seats) > 1:
                remove = QPushButton("Remove")
                remove.clicked.connect(partial(self._remove_seat, index))
                line.addWidget(remove)
            layout.addLayout(line)
        self.body.addWidget(frame)

    def _desk_card(self, desk: Desk) -> None:
        frame, layout = card()
        row = QHBoxLayout()
        row.addWidget(label("Desk", "head"))
        row.addStretch(1)
        remove = QPushButton("Remove")
        remove.setObjectName("remove-desk")
        remove.clicked.connect(
            lambda: self._change("Remove the desk", lambda g: replace(g, desk=None))
        )
        row.addWidget(remove)
        layout.addLayout(row)
        grid = QGridLayout()
        for column, (name, title) in enumerate(
            (("width", "wide"), ("depth", "deep"), ("height", "top above the floor"))
        ):
            self._length(
                grid,
                column,
                f"desk {name}",
                title,
                getattr(desk, name),
                partial(self._set_desk, name),
            )
        grid.setColumnStretch(3, 1)
        layout.addLayout(grid)
        self.body.addWidget(frame)

    def _offer(self, text: str, action: str, name: str, do: Callable[[], None]) -> None:
        frame, layout = card()
        row = QHBoxLayout()
        row.addWidget(label(text, "soft"))
        row.addStretch(1)
        button = QPushButton(action)
        button.setObjectName(name)
        button.clicked.connect(do)
        row.addWidget(button)
        layout.addLayout(row)
        self.body.addWidget(frame)

    def _units(self) -> str:
        return self.session.settings.values.units

    def _length(
        self,
        grid: QGridLayout,
        column: int,
        name: str,
        title: str,
        value: float,
        change: Callable[[float], None],
    ) -> None:
        field: CheckedField = length_field(name, self._units)  # type: ignore[arg-type]
        field.set_value(value)
        field.committed.connect(change)
        field.failed.connect(self.session.refused.emit)
        grid.addWidget(field, 0, column)
        grid.addWidget(label(title, "soft"), 1, column)

    def _corner(
        self, grid: QGridLayout, source: Monitor | Subwoofer, who: str, change: Callable[..., None]
    ) -> None:
        corner = number_field(f"{who} low_corner_hz", "Hz")
        corner.set_value(source.low_corner_hz)
        corner.committed.connect(partial(change, "low_corner_hz"))
        corner.failed.connect(self.session.refused.emit)
        grid.addWidget(corner, 2, 1)
        grid.addWidget(label("low corner", "soft"), 3, 1)
        slope = QComboBox()
        slope.setAccessibleName(f"{who} slope")
        for value in _SLOPES:
            slope.addItem(f"{value} dB/octave", value)
        slope.setCurrentIndex(_SLOPES.index(source.low_slope_db_per_octave))
        slope.currentIndexChanged.connect(lambda at: change("low_slope_db_per_octave", _SLOPES[at]))
        grid.addWidget(slope, 2, 2)
        grid.addWidget(label("falls below it by", "soft"), 3, 2)

    def _name(self, name: str, value: str, change: Callable[..., None]) -> QWidget:
        field = QLineEdit(value)
        field.setObjectName(name)
        field.setAccessibleName(name)
        field.setFixedWidth(190)

        def finish() -> None:
            text = field.text().strip()
            if field.isModified() and text:
                field.setModified(False)
                change("name", text)
            elif not text:
                field.setText(value)

        field.editingFinished.connect(finish)
        return field

    def _set_monitor(self, name: str, value: object) -> None:
        self._set(
            "monitor",
            name,
            value,
            lambda g: replace(
                g,
                monitor=replace(g.monitor, **{name: value}),  # type: ignore[arg-type]
            ),
        )

    def _set_sub(self, index: int, name: str, value: object) -> None:
        self._set("subwoofer", name, value, changed_item("subwoofers", index, name, value))

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
                f"A {what}'s {words} of {value:g} cannot be; give one from {low:g} to {high:g}."
            )
            self._shown = None
            self.refresh()
            return
        self._change(f"Change the {what}", edit)

    def _add_sub(self) -> None:
        sub = Subwoofer("sub", 0.34, 0.38, 0.36, 28.0)
        self._change("Add a subwoofer", lambda g: replace(g, subwoofers=(*g.subwoofers, sub)))

    def _remove_sub(self, index: int) -> None:
        def edit(gear: Gear) -> Gear:
            left = tuple(s for i, s in enumerate(gear.subwoofers) if i != index)
            return replace(gear, subwoofers=left)

        self._change("Remove the subwoofer", edit)

    def _add_seat(self) -> None:
        names = {seat.name for seat in self.session.document.gear.seats}
        name = next(f"seat {n}" for n in range(2, 99) if f"seat {n}" not in names)
        self._change("Add a seat", lambda g: replace(g, seats=(*g.seats, Seat(name))))

    def _remove_seat(self, index: int) -> None:
        def edit(gear: Gear) -> Gear:
            return replace(gear, seats=tuple(s for i, s in enumerate(gear.seats) if i != index))

        self._change("Remove the seat", edit)

    def _add_desk(self) -> None:
        self._change("Add a desk", lambda g: replace(g, desk=Desk(1.5, 0.75, 0.74)))


_LIMITS = {
    "width": (0.05, 10.0),
    "depth": (0.05, 10.0),
    "height": (0.05, 10.0),
    "acoustic_centre_height": (0.0, 10.0),
    "low_corner_hz": (5.0, 500.0),
    "crossover_hz": (30.0, 200.0),
    "gain_db": (-40.0, 40.0),
    "delay_ms": (0.0, 100.0),
    "ear_height": (0.21, 3.0),
}


def _summary(gear: Gear) -> str:
    parts = [f"Two monitors down to {gear.monitor.low_corner_hz:.0f} Hz"]
    for sub in gear.subwoofers:
        parts.append(f"{sub.name} down to {sub.low_corner_hz:.0f} Hz")
    count = len(gear.seats)
    parts.append(f"{count} seat{'s' * (count > 1)}")
    return ", ".join(parts)
