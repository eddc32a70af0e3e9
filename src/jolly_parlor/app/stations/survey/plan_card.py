"""The card on Survey where the plan is made: walls, their lengths, what juts out, the ceiling."""

from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import (
    QPushButton,
    QVBoxLayout,
)

from jolly_parlor.acoustics.geometry.plan import edge_length, edges
from jolly_parlor.acoustics.geometry.room import Opening, Room, Slope
from jolly_parlor.acoustics.geometry.shaping import (
    RECESSES,
    Shaped,
    wall_number,
    with_corner_cut,
    with_recess,
    with_wall_length,
    with_wall_split,
    without_corner,
)
from jolly_parlor.app import theme
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import (
    CheckedField,
    add_words,
    label,
    length_field,
    on_click,
    text_field,
)
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.project.survey_edits import face_wall
from jolly_parlor.words import spoken, tr

_CUT, _TAKEN, _SPLIT = tr("corner cut off"), tr("corner taken out"), "split"
_ADDED = (*RECESSES, _CUT, _TAKEN, _SPLIT)
_WORDS = {
    _CUT: (tr("along it"), tr("along the next")),
    _TAKEN: (tr("along it"), tr("along the next")),
}
_STARTS = {"start": 1.0, "width": 1.4, "depth": 0.6}
_HINT = tr(
    "On the plan: drag a wall, a corner or a thing; keys W and arrows "
    "do the same. A wall that is open to another room counts as a "
    "passage: how much that takes away is an assumption."
)


class PlanCard:
    """One wall in hand at a time, the one lit on the plan."""

    def __init__(self, session: Workbench) -> None:
        self._session, self._shaping = session, session.shaping
        self.frame, layout = card()
        self._build_wall(layout)
        self._build_adding(layout)
        self._build_ceiling(layout)
        layout.addWidget(label(_HINT, "soft", wrap=True))
        session.shaping.changed.connect(self.refresh)

    def _field(self, name: str) -> CheckedField:
        field = length_field(name, lambda: self._session.settings.values.units)
        field.failed.connect(self._session.refused.emit)
        theme.keep_width(field, most=78)
        return field

    def _build_wall(self, layout: QVBoxLayout) -> None:
        row = FlowRow()
        row.addWidget(label(tr("Plan"), "head"))
        self.wall = ChoiceBox()
        self.wall.setObjectName("plan-wall")
        self.wall.setAccessibleName(tr("wall in hand"))
        self.wall.textActivated.connect(self._shaping.choose)
        row.addWidget(self.wall, 1)
        row.addWidget(label("called", "soft"))
        self.name = text_field()
        self.name.setObjectName("wall-name")
        self.name.setAccessibleName(tr("name of the wall"))
        self.name.editingFinished.connect(self._rename)
        row.addWidget(self.name, 1)
        self.length = self._field(tr("wall length"))
        self.length.committed.connect(self._set_length)
        row.addWidget(self.length)
        row.addWidget(label("long", "soft"))
        layout.addLayout(row)

    def _build_adding(self, layout: QVBoxLayout) -> None:
        row = FlowRow()
        row.addWidget(label(tr("Add to this wall"), "soft"))
        self.kind = ChoiceBox()
        self.kind.setObjectName("plan-kind")
        self.kind.setAccessibleName(tr("what to add to the wall"))
        add_words(self.kind, _ADDED)
        self.kind.currentIndexChanged.connect(lambda _: self._show_kind(self.kind.currentData()))
        row.addWidget(self.kind)
        self.numbers: dict[str, CheckedField] = {}
        self.titles = {}
        for name, value in _STARTS.items():
            field = self._field(tr("recess {name}", name=name))
            field.set_value(value)
            field.committed.connect(partial(self._keep, name))
            self.numbers[name] = field
            self.titles[name] = label("", "soft")
            row.addWidget(field)
            row.addWidget(self.titles[name])
        self.add = QPushButton(tr("Add"))
        self.add.setObjectName("add-recess")
        on_click(self.add, self._add)
        row.addWidget(self.add)
        row.addStretch(1)
        layout.addLayout(row)
        row = FlowRow()
        self.straighten = QPushButton(tr("Take its first corner away"))
        self.straighten.setObjectName("without-corner")
        on_click(self.straighten, self._straighten)
        row.addWidget(self.straighten)
        self.open = QPushButton(tr("Open this wall"))
        self.open.setObjectName("open-wall")
        self.open.setToolTip(tr("The whole wall is open to another space, as a passage."))
        on_click(self.open, self._open)
        row.addWidget(self.open)
        self.face = QPushButton(tr("Face this wall"))
        self.face.setObjectName("face-wall")
        self.face.setToolTip(tr("Turns the survey if need be; everything keeps its real place."))
        on_click(self.face, self._face)
        row.addWidget(self.face)
        row.addStretch(1)
        self.square = WrappedCheckBox(tr("right angles held"))
        self.square.setObjectName("right-angles")
        self.square.clicked.connect(self._shaping.hold_square)
        row.addWidget(self.square)
        layout.addLayout(row)
        self._show_kind(self.kind.currentData())

    def _build_ceiling(self, layout: QVBoxLayout) -> None:
        row = FlowRow()
        row.addWidget(label(tr("Ceiling"), "soft"))
        self.ceiling = label("")
        self.ceiling.setObjectName("ceiling-words")
        row.addWidget(self.ceiling, 1)
        self.knee, self.reach = self._field(tr("knee height")), self._field(tr("slope reach"))
        self.knee.set_value(1.2)
        self.reach.set_value(1.5)
        for field, title in ((self.knee, tr("at this wall, full height")), (self.reach, "on")):
            field.committed.connect(field.keep)
            row.addWidget(field)
            row.addWidget(label(title, "soft"))
        self.slope = QPushButton(tr("Slope it here"))
        self.slope.setObjectName("add-slope")
        on_click(self.slope, self._slope)
        row.addWidget(self.slope)
        self.flat = QPushButton(tr("Make it flat"))
        self.flat.setObjectName("flat-ceiling")
        on_click(self.flat, self._flatten)
        row.addWidget(self.flat)
        layout.addLayout(row)

    def refresh(self) -> None:
        """Show the wall in hand and the ceiling."""
        room, wall = self._session.document.room, self._shaping.wall
        names = [w.name for w in room.walls]
        self.wall.blockSignals(True)
        if [self.wall.itemText(n) for n in range(self.wall.count())] != names:
            self.wall.clear()
            self.wall.addItems(names)
        self.wall.setCurrentText(wall)
        self.wall.blockSignals(False)
        if not self.name.isModified():
            self.name.setText(wall)
        self.length.set_value(edge_length(edges(room.plan)[wall_number(room, wall)]))
        self.square.setChecked(self._shaping.square)
        self.straighten.setEnabled(len(room.plan) > 4)
        slopes = [tr("{knee:.2f} m high at {wall}", knee=s.knee, wall=s.wall) for s in room.slopes]
        kinds = {0: "flat", 1: tr("one slope"), 2: tr("a ridge")}
        kind = kinds.get(len(slopes), "sloped")
        self.ceiling.setText(f"{spoken(kind)}: {', '.join(slopes)}" if slopes else spoken(kind))
        self.flat.setEnabled(bool(slopes))

    def _show_kind(self, kind: str) -> None:
        cut = kind in (_CUT, _TAKEN)
        wide, deep = _WORDS.get(kind, ("wide", "deep"))
        for name, title in (("start", tr("from its end")), ("width", wide), ("depth", deep)):
            shown = name != "start" if cut else kind != _SPLIT or name == "start"
            self.titles[name].setText(spoken(title))
            self.titles[name].setVisible(shown)
            self.numbers[name].setVisible(shown)

    def _keep(self, name: str, value: float) -> None:
        self.numbers[name].keep(value)

    def _add(self) -> None:
        wall, kind = self._shaping.wall, self.kind.currentData()
        start, width, depth = (self.numbers[name].value for name in _STARTS)

        def shape(room: Room) -> Shaped:
            if kind in (_CUT, _TAKEN):
                return with_corner_cut(room, wall, width, depth, square=kind == _TAKEN)
            if kind == _SPLIT:
                return with_wall_split(room, wall, start)
            return with_recess(room, wall, kind, start, width, depth)

        if kind == _CUT:
            self._shaping.hold_square(False)
        self._shaping.apply(tr("Add to the wall {wall}: {kind}", wall=wall, kind=kind), shape)

    def _set_length(self, length: float) -> None:
        wall, square = self._shaping.wall, self._shaping.square
        if not self._shaping.apply(
            tr("The wall {wall} is {length:.2f} m long", wall=wall, length=length),
            lambda room: with_wall_length(room, wall, length, square),
        ):
            self.length.reset()

    def _rename(self) -> None:
        if not self.name.isModified():
            return
        self.name.setModified(False)
        wall, to = self._shaping.wall, self.name.text().strip()
        if not to or to == wall or not self._shaping.rename(wall, to):
            self.refresh()

    def _straighten(self) -> None:
        wall = self._shaping.wall
        self._shaping.apply(
            tr("Take away the corner where {wall} begins", wall=wall),
            lambda room: without_corner(room, wall_number(room, wall)),
        )

    def _open(self) -> None:
        wall = self._shaping.wall

        def edit(room: Room) -> Room:
            length = edge_length(edges(room.plan)[wall_number(room, wall)])
            made = Opening("passage", wall, 0.0, length, 0.0, room.height, "opening")
            kept = tuple(o for o in room.openings if o.wall != wall)
            return replace(room, openings=(*kept, made))

        self._shaping.line(tr("The wall {wall} is open", wall=wall), edit)

    def _face(self) -> None:
        wall = self._shaping.wall
        self._session.do(
            tr("Face the wall {wall}", wall=wall), lambda document: face_wall(document, wall)
        )

    def _slope(self) -> None:
        wall, knee, reach = self._shaping.wall, self.knee.value, self.reach.value

        def edit(room: Room) -> Room:
            kept = tuple(s for s in room.slopes if s.wall != wall)
            return replace(room, slopes=(*kept, Slope(wall, knee, reach)))

        self._shaping.line(tr("The ceiling slopes to {wall}", wall=wall), edit)

    def _flatten(self) -> None:
        self._shaping.line(tr("The ceiling is flat"), lambda room: replace(room, slopes=()))
