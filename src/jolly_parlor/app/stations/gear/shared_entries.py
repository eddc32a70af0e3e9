"""Fields that the cards of Gear share."""

from collections.abc import Callable, Collection
from functools import partial

from PyQt6.QtWidgets import QComboBox, QLineEdit, QPushButton

from jolly_parlor.app import theme
from jolly_parlor.app.widgets.entries import (
    CheckedField,
    label,
    length_field,
    number_field,
    on_click,
    text_field,
)
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.loudspeakers import DRIVERS, Model
from jolly_parlor.words import spoken, tr

_SLOPES = (12, 18, 24)


def size_field(
    session: Workbench, name: str, value: float, change: Callable[[float], None]
) -> CheckedField:
    field = length_field(name, lambda: session.settings.values.units)
    field.set_value(value)
    field.committed.connect(change)
    field.failed.connect(session.refused.emit)
    return field


def corner_fields(
    session: Workbench, grid: WrappedGrid, model: Model, who: str, change: Callable[..., None]
) -> None:
    """Low corner and slope, in the grid's third row."""
    corner = number_field(tr("{who} low_corner_hz", who=who), tr("Hz"))
    corner.set_value(model.low_corner_hz)
    corner.committed.connect(partial(change, "low_corner_hz"))
    corner.failed.connect(session.refused.emit)
    grid.addWidget(corner, 2, 1)
    grid.addWidget(label(tr("low corner"), "soft"), 3, 1)
    slope = QComboBox()
    slope.setAccessibleName(tr("{who} slope", who=who))
    for value in _SLOPES:
        slope.addItem(tr("{value} dB/octave", value=value), value)
    slope.setCurrentIndex(_SLOPES.index(model.low_slope_db_per_octave))
    slope.activated.connect(lambda at: change("low_slope_db_per_octave", _SLOPES[at]))
    grid.addWidget(slope, 2, 2)
    grid.addWidget(label(tr("falls below it by"), "soft"), 3, 2)


def radiating_fields(
    session: Workbench, grid: WrappedGrid, model: Model, who: str, change: Callable[..., None]
) -> None:
    """How far ahead of its face it is heard from, in the grid's third row."""
    name = tr("{who} acoustic_centre_ahead", who=who)
    ahead = model.ahead_upwards() if model.driver == "up" else model.ahead()
    field = size_field(session, name, ahead, partial(change, "acoustic_centre_ahead"))
    own = model.acoustic_centre_ahead is not None
    field.setToolTip(
        tr(
            "At low frequencies a cabinet is heard from a point ahead of its face. By its size "
            "that is 0.39 times the root of width times height; give it if you know better."
        )
    )
    grid.addWidget(field, 2, 3)
    if not own:
        grid.addWidget(label(tr("bass ahead of its face"), "soft"), 3, 3)
        return
    back = QPushButton(tr("By its size"))
    back.setObjectName(f"{who} ahead by size")
    on_click(back, lambda: change("acoustic_centre_ahead", None))
    grid.addWidget(label(tr("bass ahead of its face"), "soft"), 3, 3)
    grid.addWidget(back, 2, 4)


def driver_field(grid: WrappedGrid, model: Model, who: str, change: Callable[..., None]) -> None:
    """Where a subwoofer has its driver, in the grid's third row."""
    box = QComboBox()
    box.setObjectName(f"{who} driver")
    box.setAccessibleName(tr("{who} driver", who=who))
    for value, words in DRIVERS.items():
        box.addItem(spoken(words), value)
    box.setCurrentIndex(box.findData(model.driver))
    box.activated.connect(lambda at: change("driver", box.itemData(at)))
    grid.addWidget(box, 2, 5)
    grid.addWidget(label(tr("driver"), "soft"), 3, 5)


def name_field(name: str, value: str, change: Callable[[str, str], None]) -> QLineEdit:
    """A name; an empty one goes back to what it was."""
    field = text_field(value)
    field.setObjectName(name)
    field.setAccessibleName(name)
    theme.keep_width(field, 190, 190)

    def finish() -> None:
        text = field.text().strip()
        if field.isModified() and text:
            field.setModified(False)
            change("name", text)
        elif not text:
            field.setText(value)

    field.editingFinished.connect(finish)
    return field


def fresh_name(name: str, taken: Collection[str]) -> str:
    """The name, with a number if it is taken."""
    return next(n for n in (name, *(f"{name} {n}" for n in range(2, 99))) if n not in taken)
