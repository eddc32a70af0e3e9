"""Survey: the room's size, surfaces, openings and keep-out areas."""

from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QFrame, QPushButton, QVBoxLayout

from jolly_parlor.acoustics.geometry.changed_room import resized
from jolly_parlor.acoustics.geometry.clashes import free_opening
from jolly_parlor.acoustics.geometry.proportions import room_warnings
from jolly_parlor.acoustics.geometry.room import CalmZone, KeepOut, Opening, Room
from jolly_parlor.acoustics.geometry.room_admittance import reverberation_time, schroeder_hz
from jolly_parlor.acoustics.geometry.tape_check import tape_problems
from jolly_parlor.acoustics.materials.admittances import DOWNWARD_ASSUMPTION
from jolly_parlor.acoustics.materials.coefficients import material
from jolly_parlor.app import theme
from jolly_parlor.app.review_dialog import ReviewCard
from jolly_parlor.app.stations.base import Station, card, changed_item
from jolly_parlor.app.stations.survey.modes_card import ModesCard
from jolly_parlor.app.stations.survey.plan_card import PlanCard
from jolly_parlor.app.stations.survey.surfaces_card import SurfacesCard
from jolly_parlor.app.stations.survey.tape_card import TapeCard
from jolly_parlor.app.stations.survey.things_card import ThingsCard
from jolly_parlor.app.widgets.entries import (
    CheckedField,
    label,
    length_field,
    number_field,
    on_click,
    text_field,
)
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.fold import Fold
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.facing import Facing
from jolly_parlor.project.edits import set_room, turn_room
from jolly_parlor.units import format_length
from jolly_parlor.words import spoken, tr

_ZONE = (
    ("front_near", "to"),
    ("front_far", tr("from the front wall,")),
    ("side_near", "to"),
    ("side_far", tr("from a side wall")),
)
_OPENING = (
    ("start", tr("from its end")),
    ("width", "wide"),
    ("sill", "sill"),
    ("height", "high"),
)
_AREA = (("x", tr("from left")), ("y", tr("from front")), ("width", "wide"), ("depth", "deep"))
_MORE = tr("areas to keep free, the tape's checks, a voice's calm zone, the room by eye, its modes")
_NEW_OPENINGS = {
    "window": ("window", 0.90, 1.20, "window"),
    "door": ("door", 0.0, 2.00, "door_solid"),
    "passage": ("passage", 0.0, 2.10, "opening"),
}


class SurveyStation(Station):
    """Dimensions with units, the plan, surfaces, openings, things, keep-outs."""

    id = "survey"
    question = tr("What is the room like?")

    def __init__(self, session: Workbench) -> None:
        super().__init__(session)
        self.fields: dict[str, CheckedField] = {}
        self.title = text_field()
        self.title.setObjectName("room-name")
        self.title.setAccessibleName(tr("Room name"))
        self.title.editingFinished.connect(self._rename)
        self._build_size()
        self.openings = self._build_list(tr("Windows, doors and passages"), tuple(_NEW_OPENINGS))
        self.things = ThingsCard(session, self._change)
        self.body.addWidget(self.things.frame)
        self._build_facing()
        self.plan = PlanCard(session)
        self.surfaces_card = SurfacesCard(session, self._change)
        self.built = Fold(
            tr("Surfaces and shape"), "built", self.surfaces_card.frame, self.plan.frame
        )
        self.body.addWidget(self.built)
        self.more = Fold(tr("More"), "more")
        self.body.addWidget(self.more)
        zone = self._build_zone()
        self.keep_outs = self._build_list(tr("Keep-out areas"), ("keep-out",), self.more)
        self.tape = TapeCard(session)
        self.review = ReviewCard(session, "survey")
        self.modes = ModesCard(session)
        for frame in (self.tape.frame, zone, self.review.frame, self.modes.frame):
            self.more.body.addWidget(frame)
        self.body.addStretch(1)
        self.listen(session.document_changed, session.view_changed)
        session.facings_changed.connect(self._show_facings)

    def refresh(self) -> None:
        room = self.session.document.room
        if not self.title.isModified():
            self.title.setText(room.name)
        for name, field in self.fields.items():
            field.set_value(getattr(room, name))
        for name in ("width", "length"):
            self.fields[name].setEnabled(room.is_box)
            self.fields[name].setToolTip(
                "" if room.is_box else tr("Type the walls' lengths at Plan.")
            )
        self.plan.refresh()
        self.surfaces_card.refresh()
        self.surfaces = self.surfaces_card.boxes
        self.built.say(tr("Surfaces and shape"), _built_words(room))
        self.more.say(tr("More"), _MORE)
        schroeder = schroeder_hz(room)
        self.verdict.setText(
            tr(
                "{volume:.1f} m³; single modes rule up to {schroeder:.0f} Hz",
                volume=room.volume,
                schroeder=schroeder,
            )
        )
        time = reverberation_time(room, 125.0)
        words = tr("Rings about {time:.2f} s at 125 Hz, by Eyring's formula.", time=time)
        self.under.setText(words)
        self.under.setToolTip(DOWNWARD_ASSUMPTION)
        warnings = room_warnings(room)
        warnings += tape_problems(room)
        self.warning.setText(" ".join(warnings))
        self.warning.setVisible(bool(self.warning.text()))
        self._fill_openings(room)
        self._fill_keep_outs(room)
        self.things.refresh()
        self.tape.refresh()
        for name, field in self.zone_fields.items():
            field.set_value(getattr(room.calm_zone, name) if room.calm_zone else field.value)
        self.modes.refresh()
        self.review.refresh()
        self.session.want_facings()

    def _build_air(self) -> FlowRow:
        row = FlowRow()
        row.addWidget(label(tr("The air has"), "soft"))
        temperature = number_field("temperature_celsius", "°C")
        theme.keep_width(temperature, most=76)
        row.addWidget(temperature)
        row.addStretch(1)
        self._listen("temperature_celsius", temperature)
        return row

    def _build_size(self) -> None:
        frame, layout = card()
        row = FlowRow()
        row.addWidget(label("Room"))
        row.addWidget(self.title, 2)
        units = lambda: self.session.settings.values.units  # noqa: E731
        for name, title in (("width", "wide"), ("length", "long"), ("height", "high")):
            field = length_field(name, units)
            row.addWidget(field, 1)
            row.addWidget(label(title, "soft"))
            self._listen(name, field)
        layout.addLayout(row)
        self.warning = label("", "warning", wrap=True)
        layout.addWidget(self.warning)
        self.body.addWidget(frame)

    def _listen(self, name: str, field: CheckedField) -> None:
        self.fields[name] = field
        field.committed.connect(partial(self._set, name, field))
        field.failed.connect(self.session.refused.emit)

    def _set(self, name: str, field: CheckedField, value: float) -> None:
        limits = {"temperature_celsius": (-20.0, 50.0)}.get(name, (0.51, 60.0))
        if not limits[0] <= value <= limits[1]:
            what = "temperature" if name == "temperature_celsius" else name
            self.session.refused.emit(
                tr(
                    "A {what} of {value:g} cannot be; give one between {limits:g} and {limits2:g}.",
                    what=what,
                    value=value,
                    limits=limits[0],
                    limits2=limits[1],
                )
            )
            field.reset()
            return

        def edit(room: Room) -> Room:
            if name == "temperature_celsius":
                return replace(room, temperature_celsius=value)
            sizes = dict(zip(("width", "length", "height"), room.dimensions, strict=True))
            return resized(room, **{**sizes, name: value})

        if not self._change(tr("Set {name}", name=name), edit):
            field.reset()

    def _change(self, what: str, edit: Callable[[Room], Room]) -> bool:
        return self.session.do(what, lambda document: set_room(document, edit(document.room)))

    def _rename(self) -> None:
        if self.title.isModified():
            self.title.setModified(False)
            name = self.title.text().strip()
            if name:
                self._change(tr("Name the room"), lambda room: replace(room, name=name))
            else:
                self.refresh()

    def _build_facing(self) -> None:
        """Which wall to face, and the calm zone found by voice."""
        frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Which wall to face"), "head"))
        self.facing = label("", wrap=True)
        self.facing.setObjectName("facing")
        row.addWidget(self.facing, 1)
        turn = QPushButton(tr("Face the left wall"))
        turn.setObjectName("turn-room")
        turn.setToolTip(tr("Turns the whole survey; everything keeps its place in the real room."))
        on_click(turn, lambda: self.session.do(tr("Face the left wall"), turn_room))
        row.addWidget(turn)
        layout.addLayout(row)
        self.body.addWidget(frame)

    def _build_zone(self) -> QFrame:
        frame, layout = card()
        layout.addLayout(self._build_air())
        row = FlowRow()
        row.addWidget(label(tr("Calm zone by voice"), "soft"))
        self.zone_fields: dict[str, CheckedField] = {}
        for name, words in _ZONE:
            field = length_field(
                tr("calm zone {name}", name=name), lambda: self.session.settings.values.units
            )
            theme.keep_width(field, most=84)
            field.committed.connect(partial(self._set_zone, name))
            field.failed.connect(self.session.refused.emit)
            self.zone_fields[name] = field
            row.addWidget(field)
            row.addWidget(label(words, "soft"))
        row.addStretch(1)
        layout.addLayout(row)
        layout.addWidget(
            label(
                tr(
                    "Fine-tune leads the walk step by step; who has walked it writes "
                    "the four distances here. Together they make the school “Calm "
                    "zone”."
                ),
                "soft",
                wrap=True,
            )
        )
        return frame

    def _show_facings(self) -> None:
        found = self.session.facings
        if found is None:
            self.facing.setText(tr("Scoring both …"))
            return
        ours, other = (next((f for f in found if f.wall == w), None) for w in ("front", "left"))

        def words(what: str, f: Facing | None) -> str:
            if f is None:
                return tr("{what}: no school can be met", what=what)
            return tr(
                "{what}: {evenness_db:.1f} dB from even at best ({school})",
                what=what,
                evenness_db=f.evenness_db,
                school=f.school,
            )

        self.facing.setText(
            tr(
                "{this_way}; {the_left_wall}. Forecast of the surveyed room for both monitors at "
                "the {seat}.",
                this_way=words(tr("This way"), ours),
                the_left_wall=words(tr("the left wall"), other),
                seat=self.session.document.gear.seats[0].name,
            )
        )

    def _set_zone(self, name: str, value: float) -> None:
        """All four make a zone; one set back to 0 takes it away."""
        self.zone_fields[name].keep(value)
        known = {n: f.value for n, f in self.zone_fields.items()}
        zone = CalmZone(**known) if all(v > 0 for v in known.values()) else None
        if zone != self.session.document.room.calm_zone:
            self._change(tr("Set the calm zone"), lambda room: replace(room, calm_zone=zone))

    def _build_list(self, title: str, kinds: tuple[str, ...], within: Fold | None = None) -> Kept:
        frame, layout = card()
        row = FlowRow()
        row.addWidget(label(title, "head"))
        row.addStretch(1)
        for kind in kinds:
            button = QPushButton(tr("Add {kind}", kind=kind))
            button.setObjectName(f"add-{kind}")
            on_click(button, partial(self._add, kind))
            row.addWidget(button)
        layout.addLayout(row)
        rows = QVBoxLayout()
        rows.setSpacing(2)
        layout.addLayout(rows)
        (self.body if within is None else within.body).addWidget(frame)
        return Kept(rows, self.session.home)

    def _add(self, kind: str) -> None:
        if kind == "keep-out":

            def edit(room: Room) -> Room:
                number = len(room.keep_outs) + 1
                size = min(0.8, room.width / 2, room.length / 2)
                area = KeepOut(
                    tr("keep-out {number}", number=number), 0.0, room.length - size, size, size
                )
                return replace(room, keep_outs=(*room.keep_outs, area))
        else:
            name, sill, height, stuff = _NEW_OPENINGS[kind]

            def edit(room: Room) -> Room:
                tall = min(height, room.height - sill)
                wall = self.session.shaping.wall_for_openings
                made = Opening(name, wall, 0.3, 0.9, sill, tall, stuff)  # type: ignore[arg-type]
                return replace(room, openings=(*room.openings, free_opening(room, made)))

        if self._change(tr("Add {kind}", kind=kind), edit):
            room = self.session.document.room
            self.openings.open(f"opening {len(room.openings)}")
            self.keep_outs.open(f"keep-out {len(room.keep_outs)}")

    def _fill_openings(self, room: Room) -> None:
        walls = [(wall.name, wall.name) for wall in room.walls]
        with self.openings as kept:
            if not room.openings:
                kept.words(
                    tr("None yet. Glass and doors let bass through: add them where they are."),
                    wrap=True,
                )
            for index, opening in enumerate(room.openings):
                put = partial(self._set_item, "openings", index)
                called = f"opening {index + 1}"
                told = self._opening_words(opening)
                with (
                    kept.fold(called, opening.kind, told) as fold,
                    fold.grid("fields", rest=7) as grid,
                ):
                    wall = f"wall of {opening.kind} {index + 1}"
                    grid.choice(wall, walls, opening.wall, partial(put, "wall"), 0, 0)
                    grid.words("wall", 1, 0)
                    for column, (name, title) in enumerate(_OPENING, start=1):
                        value, do = getattr(opening, name), partial(put, name)
                        grid.length(f"{called} {name}", value, do, 0, column, most=84)
                        grid.words(title, 1, column)
                    if opening.kind == "door":
                        words, do = tr("opens into the room"), partial(put, "swings_in")
                        grid.box(words, f"{called} swings in", opening.swings_in, do, 0, 5)
                    self._remove_button(grid, "openings", index, 0, 6)

    def _opening_words(self, opening: Opening) -> str:
        units = self.session.settings.values.units
        return tr(
            "{wall} wall, {start} from its end, {width} wide",
            wall=spoken(opening.wall),
            start=format_length(opening.start, units),
            width=format_length(opening.width, units),
        )

    def _fill_keep_outs(self, room: Room) -> None:
        units = self.session.settings.values.units
        with self.keep_outs as kept:
            if not room.keep_outs:
                kept.words(
                    tr("None yet. Mark a stove, a shelf, a way out: nothing will be put there."),
                    wrap=True,
                )
            for index, area in enumerate(room.keep_outs):
                put = partial(self._set_item, "keep_outs", index)
                called = f"keep-out {index + 1}"
                told = tr(
                    "{width} by {depth}",
                    width=format_length(area.width, units),
                    depth=format_length(area.depth, units),
                )
                with (
                    kept.fold(called, area.name, told) as fold,
                    fold.grid("fields", rest=7) as grid,
                ):
                    for column, (name, title) in enumerate(_AREA):
                        value, do = getattr(area, name), partial(put, name)
                        grid.length(f"{called} {name}", value, do, 0, column, most=84)
                        grid.words(title, 1, column)
                    self._remove_button(grid, "keep_outs", index, 0, len(_AREA))

    def _remove_button(self, kept: Kept, which: str, index: int, *place: int) -> None:
        def edit(room: Room) -> Room:
            left = tuple(x for i, x in enumerate(getattr(room, which)) if i != index)
            return replace(room, **{which: left})  # type: ignore[arg-type]

        remove = partial(self._change, tr("Remove"), edit)
        kept.button(tr("Remove"), f"remove {which} {index + 1}", remove, *place)

    def _set_item(self, which: str, index: int, name: str, value: object) -> None:
        if not self._change(tr("Set {name}", name=name), changed_item(which, index, name, value)):
            self.refresh()


def _built_words(room: Room) -> str:
    """What lines the room, and its shape, in a few words."""
    linings = dict.fromkeys(spoken(material(s.material).name) for s in room.surfaces.values())
    shape = tr("a box") if room.is_box else tr("{walls} walls", walls=len(room.walls))
    ceiling = tr("sloped ceiling") if room.slopes else tr("flat ceiling")
    return f"{', '.join(name.lower() for name in linings)}; {shape}, {ceiling}"
