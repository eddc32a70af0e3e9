"""What is asked of a search: limits, weights, which wall to face, where the sub may stand."""

from dataclasses import replace
from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QHBoxLayout,
    QPushButton,
    QSlider,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.app import theme
from jolly_parlor.app.widgets.entries import (
    CheckedField,
    label,
    length_field,
    number_field,
    on_click,
)
from jolly_parlor.app.widgets.steady import ChoiceBox, SteadySlider
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.edits import set_wishes
from jolly_parlor.words import tr

_LENGTHS = (
    ("nearest", tr("Listen from no nearer than")),
    ("furthest", tr("and no farther than")),
    ("behind_head", tr("Behind the head, at least")),
    ("front_gap", tr("Cabinets off the front wall, at least")),
    ("side_gap", tr("and off the side walls, at least")),
    ("height_change", tr("Stands reach above and below the ear by")),
    ("farthest_seat", tr("The seat from the wall faced, at most")),
    ("farthest_monitors", tr("and the monitors, at most")),
)
_TICKS = (
    ("off_half", tr("Keep off half of the length")),
    ("desk_at_wall", tr("The desk stays at the wall")),
    ("clear_way", tr("A clear way to each door")),
    ("keep_seat", tr("The seat stays where it is")),
    ("keep_monitors", tr("The monitors stay where they are")),
)
_FACINGS = {
    "front": tr("the front wall"),
    "left": tr("the left wall"),
    "back": tr("the back wall"),
    "right": tr("the right wall"),
    "any": tr("whichever wall is best"),
}
_SUBS = {
    "stay": tr("stays where it is"),
    "walls": tr("along walls and in corners"),
    "region": tr("within the region drawn"),
    "near": tr("close behind the main seat"),
}


class WishesPanel(QWidget):
    """Reads and writes the document's wishes; every change is one undoable step."""

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.session = session
        self.setObjectName("wishes")
        self.fields: dict[str, CheckedField] = {}
        layout = QHBoxLayout(self)
        layout.setContentsMargins(0, 4, 0, 4)
        layout.setSpacing(24)
        layout.addLayout(self._limits())
        layout.addLayout(self._choices(), 1)
        session.document_changed.connect(self.refresh)
        self.refresh()

    @property
    def wishes(self) -> Wishes:
        """As the document has them."""
        return self.session.document.wishes

    def refresh(self) -> None:
        """Show the wishes as they are."""
        wishes, gear = self.wishes, self.session.document.gear
        for name, field in self.fields.items():
            value = getattr(wishes, name)
            field.set_value(value * 100 if name == "equilateral_tolerance" else value)
        self.middle.setChecked(wishes.middle_line)
        for name, tick in self.ticks.items():
            tick.setChecked(getattr(wishes, name))
        self.ticks["desk_at_wall"].setEnabled(gear.desk is not None or wishes.desk_at_wall)
        self.facing.setCurrentIndex(list(_FACINGS).index(wishes.facing))
        self.subs.setCurrentIndex(list(_SUBS).index(wishes.subwoofers))
        self.subs.setEnabled(bool(gear.subwoofers))
        self.pairs.setChecked(wishes.sub_pairs)
        self.pairs.setVisible(len(gear.subwoofers) > 1)
        self.draw.setEnabled(bool(gear.subwoofers))
        self.draw.setText(tr("Draw it anew") if wishes.region else tr("Draw a region"))
        self.deep.setValue(round(wishes.deep * 10))
        self.seats.setValue(round(wishes.other_seats * 10))
        self.seats.setEnabled(len(gear.seats) > 1)

    def restyle(self) -> None:
        self.refresh()

    def _limits(self) -> QVBoxLayout:
        column, grid = QVBoxLayout(), WrappedGrid()
        column.addLayout(grid)
        column.addStretch(1)
        grid.setHorizontalSpacing(8)
        grid.setVerticalSpacing(0)
        for row, (name, title) in enumerate(_LENGTHS):
            field = length_field(
                tr("wish {name}", name=name), lambda: self.session.settings.values.units
            )
            self._add_field(grid, row, name, title, field)
        share = number_field(tr("wish equilateral_tolerance"), "%", 0)
        self._add_field(
            grid, len(_LENGTHS), "equilateral_tolerance", tr("Triangle equilateral within"), share
        )
        return column

    def _add_field(
        self, grid: WrappedGrid, row: int, name: str, title: str, field: CheckedField
    ) -> None:
        words = label(title, "soft")
        words.setBuddy(field)
        grid.addWidget(words, row, 0)
        grid.addWidget(field, row, 1)
        field.setAccessibleName(title)
        scale = 0.01 if name == "equilateral_tolerance" else 1.0
        field.committed.connect(lambda value: self._set_number(name, value * scale))
        field.failed.connect(self.session.refused.emit)
        self.fields[name] = field

    def _choices(self) -> QVBoxLayout:
        layout = QVBoxLayout()
        layout.setSpacing(4)
        grid = WrappedGrid()
        self.facing = self._combo(grid, 0, tr("Face"), list(_FACINGS.values()), "wish-facing")
        self.facing.activated.connect(lambda i: self._set(facing=list(_FACINGS)[i]))
        self.subs = self._combo(grid, 1, tr("The subwoofer"), list(_SUBS.values()), "wish-subs")
        self.subs.activated.connect(lambda i: self._set_subs(list(_SUBS)[i]))
        self.draw = QPushButton(tr("Draw a region"))
        self.draw.setObjectName("draw-region")
        on_click(self.draw, self._draw)
        grid.addWidget(self.draw, 1, 2)
        self.seats = self._slider(
            grid, 2, tr("One seat perfect"), tr("all seats good"), "wish-seats", "other_seats"
        )
        self.deep = self._slider(grid, 3, tr("Even"), "deep", "wish-deep", "deep")
        layout.addLayout(grid)
        self.middle = WrappedCheckBox(tr("Stay on the room's middle line"))
        self.middle.setObjectName("wish-middle")
        self.middle.clicked.connect(lambda on: self._set(middle_line=on))
        layout.addWidget(self.middle)
        self.ticks: dict[str, QCheckBox] = {}
        for name, words in _TICKS:
            tick = self.ticks[name] = WrappedCheckBox(words)
            tick.setObjectName(f"wish-{name}")
            tick.clicked.connect(partial(self._tick, name))
            layout.addWidget(tick)
        self.pairs = WrappedCheckBox(tr("Two subwoofers stand alike, left and right of it"))
        self.pairs.setObjectName("wish-sub-pairs")
        self.pairs.clicked.connect(lambda on: self._set(sub_pairs=on))
        layout.addWidget(self.pairs)
        layout.addStretch(1)
        return layout

    def _combo(
        self, grid: WrappedGrid, row: int, title: str, options: list[str], name: str
    ) -> QComboBox:
        grid.addWidget(label(title, "soft"), row, 0)
        made = ChoiceBox()
        made.addItems(options)
        made.setObjectName(name)
        made.setAccessibleName(title)
        grid.addWidget(made, row, 1)
        return made

    def _slider(
        self, grid: WrappedGrid, row: int, low: str, high: str, name: str, wish: str
    ) -> QSlider:
        grid.addWidget(label(low, "soft"), row, 0)
        slider = SteadySlider(Qt.Orientation.Horizontal)
        slider.setRange(0, 10)
        slider.setPageStep(2)
        slider.setObjectName(name)
        slider.setAccessibleName(tr("{low}, or {high}", low=low, high=high))
        theme.keep_width(slider, least=150)
        slider.valueChanged.connect(partial(self._slid, slider, wish))
        slider.sliderReleased.connect(lambda: self._slid(slider, wish))
        grid.addWidget(slider, row, 1)
        grid.addWidget(label(high), row, 2)
        return slider

    def _slid(self, slider: QSlider, wish: str, _value: int = 0) -> None:
        """One step once the slider rests; a key press rests at once."""
        if not slider.isSliderDown():
            self._set(**{wish: slider.value() / 10})

    def _tick(self, name: str, on: bool) -> None:
        self._set(**{name: on})

    def _set_subs(self, value: str) -> None:
        if value == "region" and self.wishes.region is None:
            self._draw()
            self.refresh()
            return
        self._set(subwoofers=value)

    def _draw(self) -> None:
        self.session.told.emit(
            tr("Drag a rectangle on the plan: the subwoofer will be searched within it.")
        )
        self.session.draw_region(lambda region: self._set(region=region, subwoofers="region"))

    def _set_number(self, name: str, value: float) -> None:
        if not self._set(**{name: value}):
            self.fields[name].reset()

    def _set(self, **changes: object) -> bool:
        wished = replace(self.wishes, **changes)  # type: ignore[arg-type]
        if wished == self.wishes:
            return True
        done = self.session.do(tr("Wishes for the search"), lambda d: set_wishes(d, wished))
        if not done:
            self.refresh()
        return done
