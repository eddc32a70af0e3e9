"""The layout: which loudspeakers there are around the seat, and from where each should come."""

from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.app import theme
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import (
    CheckedField,
    choice_field,
    label,
    named_button,
    number_field,
)
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.layouts import PRESETS, Direction, LayoutId, direction_at
from jolly_parlor.project.layout_edits import choose_layout, set_direction, without_direction
from jolly_parlor.words import tr

_HOW = tr(
    "Degrees from straight ahead to the left, minus to the right, seen "
    "from the main seat; Sign-off says which are off, moves those that "
    "may, and matches them."
)
_ANGLES = (
    ("azimuth_degrees", "wanted"),
    ("azimuth_from", "from"),
    ("azimuth_to", "to"),
    ("elevation_degrees", tr("up, wanted")),
    ("elevation_from", "from"),
    ("elevation_to", "to"),
)
_PIXELS = 78


class LayoutCard:
    """One list, and a row for each direction. `frame` is the widget, made anew with the page."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        layout = session.document.gear.layout
        self.frame: QFrame
        self.frame, body = card()
        row = FlowRow()
        row.addWidget(label(tr("Around the seat"), "head"))
        names = [preset.name for preset in PRESETS.values()]
        own = layout.id == "own"
        self.which = choice_field("layout", (*names, *([tr("one's own")] if own else [])))
        ids: list[LayoutId] = [*PRESETS, "own"]
        self.which.setCurrentIndex(ids.index(layout.id))
        self.which.activated.connect(lambda at: self._choose(ids[at]))
        row.addWidget(self.which)
        source = PRESETS[layout.id].source if layout.id in PRESETS else ""
        told = tr("{source}, from memory.", source=source) if source else tr("The pair alone.")
        row.addWidget(label(told if not own else tr("Angles of your own."), "soft"))
        row.addStretch(1)
        body.addLayout(row)
        if layout.directions:
            body.addWidget(label(_HOW, "soft", wrap=True))
            body.addLayout(self._rows(layout.directions))
        self._offer_angles(body)

    def _rows(self, directions: tuple[Direction, ...]) -> WrappedGrid:
        grid = WrappedGrid()
        grid.setHorizontalSpacing(8)
        grid.setVerticalSpacing(2)
        for column, (_, title) in enumerate(_ANGLES, start=1):
            grid.addWidget(label(title, "soft"), 0, column)
        for line, one in enumerate(directions, start=1):
            grid.addWidget(label(one.loudspeaker, "strong"), line, 0)
            for column, (what, title) in enumerate(_ANGLES, start=1):
                grid.addWidget(self._angle(one, what, title), line, column)
            moves = WrappedCheckBox(tr("may be moved"))
            moves.setObjectName(f"{one.loudspeaker} movable")
            moves.setChecked(one.movable)
            moves.toggled.connect(partial(self._set, one, "movable"))
            grid.addWidget(moves, line, len(_ANGLES) + 1)
            gone = partial(self._free, one.loudspeaker)
            anywhere = named_button(
                tr("from anywhere"), tr("{loudspeaker} anywhere", loudspeaker=one.loudspeaker), gone
            )
            grid.addWidget(anywhere, line, len(_ANGLES) + 2)
        grid.setColumnStretch(len(_ANGLES) + 3, 1)
        return grid

    def _offer_angles(self, body: QVBoxLayout) -> None:
        """Of others that stand somewhere but belong nowhere yet: the angles they have now."""
        gear, a = self.session.document.gear, self.session.arrangement
        free = [one.id for one in gear.others if gear.layout.of(one.id) is None]
        if not free or a is None:
            return
        row = FlowRow()
        for name in free:
            here = partial(self._give, name)
            row.addWidget(
                named_button(
                    tr("{name} belongs where it stands", name=name),
                    tr("{name} angles", name=name),
                    here,
                )
            )
        row.addStretch(1)
        body.addLayout(row)

    def _give(self, name: str) -> None:
        document, a = self.session.document, self.session.arrangement
        if a is None:
            return
        ear = a.seats[document.gear.seats[0].name]
        direction = direction_at(name, ear, a.places[name])
        words = tr("Where {name} belongs", name=name)
        self.session.do(words, partial(set_direction, direction=direction))

    def _free(self, name: str) -> None:
        words = tr("{name} from anywhere", name=name)
        self.session.do(words, partial(without_direction, loudspeaker=name))

    def _angle(self, one: Direction, what: str, title: str) -> CheckedField:
        field = number_field(f"{one.loudspeaker} {what}", "°", 0)
        field.setAccessibleName(f"{one.loudspeaker}: {title}")
        theme.keep_width(field, most=_PIXELS)
        field.set_value(float(getattr(one, what)))
        field.committed.connect(partial(self._typed, one, what, field))
        field.failed.connect(self.session.refused.emit)
        return field

    def _typed(self, one: Direction, what: str, field: CheckedField, value: float) -> None:
        if not self._set(one, what, value):
            field.reset()

    def _choose(self, layout_id: LayoutId) -> None:
        self.session.do(tr("Choose a layout"), partial(choose_layout, layout_id=layout_id))

    def _set(self, one: Direction, what: str, value: object) -> bool:
        changed = replace(one, **{what: value})  # type: ignore[arg-type]
        words = tr("Where {loudspeaker} belongs", loudspeaker=one.loudspeaker)
        return self.session.do(words, partial(set_direction, direction=changed))
