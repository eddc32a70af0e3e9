"""The card of one loudspeaker beside the pair: what it is, its model, and how it is set."""

import re
from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QCheckBox, QComboBox, QFrame, QPushButton

from jolly_parlor.app.plan.turn_grip import can_turn
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.gear.controls_panel import ControlsPanel
from jolly_parlor.app.stations.gear.shared_entries import (
    corner_fields,
    driver_field,
    fresh_name,
    name_field,
    radiating_fields,
    size_field,
)
from jolly_parlor.app.widgets.entries import add_words, label, number_field, on_click, tip
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.cautions import EQUALISING, MOUNTING
from jolly_parlor.placement.chains import Crossover
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.loudspeakers import MOUNTS, ROLES, Loudspeaker, Model, Mount, Role
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.project.gear_edits import set_chain, set_crossover
from jolly_parlor.words import spoken, tr

_SIZES = (("width", "wide"), ("depth", "deep"), ("height", "high"))
_WAYS = {0.0: tr("to the back"), 90.0: tr("to the right"), -90.0: tr("to the left")}
_WAYS[-180.0] = tr("to the front")
"""As in `Arrangement.turns`."""
_OWN = tr("a model of its own")
ROLE_NAMES: dict[Role, str] = {"subwoofer": "sub", "other": "loudspeaker"}
"""What a new one of a role is called, where not as its role."""
ChangeGear = Callable[[str, Callable[[Gear], Gear]], bool]


class LoudspeakerCard:
    """Made anew for each change of the gear. `frame` is the widget."""

    def __init__(
        self,
        session: Workbench,
        speaker: Loudspeaker,
        change: ChangeGear,
        set_model: Callable[..., None],
        again: Callable[[], None],
    ) -> None:
        """again: shows everything as it is, after something was refused."""
        self._again = again
        self.session, self._speaker, self._change = session, speaker, change
        gear = session.document.gear
        self._model = gear.model_of(speaker.id)
        self.frame: QFrame
        self.frame, layout = card()
        layout.addLayout(self._head(gear))
        grid = WrappedGrid(in_blocks=True)
        grid.setColumnStretch(6, 1)
        layout.addLayout(grid)
        grid.addWidget(name_field(tr("{id} name", id=speaker.id), speaker.id, self._rename), 0, 0)
        grid.addWidget(label("called", "soft"), 1, 0)
        edit = partial(set_model, self._model.id)
        for column, (name, title) in enumerate(_SIZES, start=1):
            value = getattr(self._model, name)
            field = size_field(session, f"{speaker.id} {name}", value, partial(edit, name))
            grid.addWidget(field, 0, column)
            grid.addWidget(label(title, "soft"), 1, column)
        corner_fields(session, grid, self._model, speaker.id, edit)
        if not speaker.is_subwoofer or self._model.driver in ("front", "up"):
            radiating_fields(session, grid, self._model, speaker.id, edit)
        if speaker.is_subwoofer:
            driver_field(grid, self._model, speaker.id, edit)
        layout.addLayout(ControlsPanel(session, self._model, speaker.id, edit).layout)
        layout.addLayout(self._settings())
        if speaker.is_subwoofer:
            layout.addLayout(self._mounts(edit))
            if self._model.mounts != ("floor",):
                layout.addWidget(label(MOUNTING, "soft", wrap=True))
            layout.addWidget(label(EQUALISING, "soft", wrap=True))
        else:
            known = gear.layout.of(speaker.id)
            placed = (
                tr("a search puts it within its angles")
                if known and known.movable
                else (tr("schools and search leave it where it stands"))
            )
            words = tr("Forecast, measured and compared in any mix; {placed}.", placed=placed)
            layout.addWidget(label(words, "soft", wrap=True))

    def _head(self, gear: Gear) -> FlowRow:
        row = FlowRow()
        title = tr("Subwoofer") if self._speaker.is_subwoofer else tr("Loudspeaker")
        row.addWidget(label(title, "head"))
        role = QComboBox()
        role.setObjectName(f"{self._speaker.id} role")
        role.setAccessibleName(tr("role of {id}", id=self._speaker.id))
        for value, words in ROLES.items():
            if value not in ("left", "right"):
                role.addItem(spoken(words), value)
        role.setCurrentIndex(role.findData(self._speaker.role))
        role.activated.connect(lambda at: self._set_role(role.itemData(at)))
        row.addWidget(role)
        model = QComboBox()
        model.setObjectName(f"{self._speaker.id} model")
        model.setAccessibleName(tr("model of {id}", id=self._speaker.id))
        for known in gear.models:
            model.addItem(known.name, known.id)
        users = [one.id for one in gear.loudspeakers if one.model == self._model.id]
        if len(users) > 1:
            model.addItem(_OWN, "")
        model.setCurrentIndex(model.findData(self._model.id))
        model.activated.connect(lambda at: self._set_model(model.itemData(at)))
        row.addWidget(model)
        if len(users) > 1:
            row.addWidget(label(tr("one model: {users}", users=", ".join(users)), "soft"))
        row.addStretch(1)
        remove = QPushButton(tr("Remove"))
        remove.setObjectName(f"remove-{self._speaker.id}")
        on_click(remove, self._remove)
        row.addWidget(remove)
        return row

    def _mounts(self, edit: Callable[[str, object], None]) -> FlowRow:
        """Where the search may put one of this model."""
        row = FlowRow()
        row.addWidget(label(tr("may be put"), "soft"))
        boxes: dict[Mount, QCheckBox] = {}

        def change() -> None:
            chosen = tuple(mount for mount, box in boxes.items() if box.isChecked())
            if chosen:
                edit("mounts", chosen)
                return
            self.session.refused.emit(tr("It must go somewhere: leave one ticked."))
            self._again()

        for mount, words in MOUNTS.items():
            box = WrappedCheckBox(words)
            box.setObjectName(f"{self._speaker.id} mount {mount}")
            box.setChecked(mount in self._model.mounts)
            box.clicked.connect(lambda _: change())
            boxes[mount] = box
            row.addWidget(box)
        row.addStretch(1)
        return row

    def _settings(self) -> WrappedGrid:
        """How it is set in the arrangement shown, or in all of them."""
        name, a = self._speaker.id, self.session.arrangement
        grid = WrappedGrid(in_blocks=True)
        grid.setColumnStretch(6, 1)
        if a is None:
            text = tr("Rough in an arrangement to set it: settings belong to the arrangement.")
            grid.addWidget(label(text, "soft"), 0, 0, 1, 6)
            return grid
        chain = a.chain(name)
        self._everywhere = WrappedCheckBox(tr("in every arrangement"))
        self._everywhere.setObjectName(f"{name} everywhere")
        self._everywhere.setChecked(True)
        grid.addWidget(label(tr("Set in “{name}”", name=a.name), "soft"), 0, 0)
        grid.addWidget(self._everywhere, 1, 0)
        column = 1
        if self._speaker.is_subwoofer:
            low = chain.low_pass or Crossover()
            field = number_field(tr("{name} crossover_hz", name=name), tr("Hz"))
            field.set_value(low.frequency_hz)
            field.committed.connect(self._cross)
            field.failed.connect(self.session.refused.emit)
            grid.addWidget(field, 0, column)
            grid.addWidget(
                label(tr("crossover, {short}", short=low.filter.short), "soft"), 1, column
            )
            column += 1
        for what, unit, title in (("gain_db", "dB", "gain"), ("delay_ms", "ms", "delay")):
            field = number_field(f"{name} {what}", unit)
            field.set_value(getattr(chain, what))
            field.committed.connect(partial(self._set, what))
            field.failed.connect(self.session.refused.emit)
            grid.addWidget(field, 0, column)
            grid.addWidget(label(title, "soft"), 1, column)
            column += 1
        polarity = QComboBox()
        polarity.setObjectName(f"{name} polarity")
        polarity.setAccessibleName(tr("{name} polarity", name=name))
        add_words(polarity, ["normal", "reversed"])
        polarity.setCurrentIndex(int(chain.inverted))
        polarity.activated.connect(lambda at: self._set("inverted", bool(at)))
        grid.addWidget(polarity, 0, column)
        grid.addWidget(label("polarity", "soft"), 1, column)
        if can_turn(self.session.document.gear, a, loudspeaker(name)):
            grid.addWidget(self._looks(a), 0, column + 1)
            grid.addWidget(label(tr("looks"), "soft"), 1, column + 1)
        return grid

    def _looks(self, a: Arrangement) -> QComboBox:
        """Which way it looks in the arrangement shown."""
        name, box = self._speaker.id, QComboBox()
        box.setObjectName(f"{name} looks")
        box.setAccessibleName(tr("which way {name} looks", name=name))
        words = tr("Of “{name}” alone; the plan turns it to any angle.", name=a.name)
        box.setToolTip(tip(words))
        box.addItem(tr("away from its wall"), None)
        for degrees, words in _WAYS.items():
            box.addItem(words, degrees)
        turn = a.turns.get(name)
        if turn is not None and turn not in _WAYS:
            box.addItem(tr("{turn:.0f}° from the back", turn=turn), turn)
        box.setCurrentIndex(box.findData(turn))
        box.activated.connect(lambda at: self._turn(box.itemData(at)))
        return box

    def _turn(self, degrees: float | None) -> None:
        a = self.session.arrangement
        assert a is not None
        turned = a.turned_to(self._speaker.id, degrees)
        self._do(partial(replace_arrangement, arrangement=turned))

    @property
    def _where(self) -> str | None:
        a = self.session.arrangement
        return None if self._everywhere.isChecked() or a is None else a.name

    def _set(self, what: str, value: object) -> None:
        name, where = self._speaker.id, self._where
        self._do(lambda d: set_chain(d, name, where, **{what: value}))

    def _cross(self, frequency_hz: float) -> None:
        name, where = self._speaker.id, self._where
        self._do(lambda d: set_crossover(d, name, frequency_hz, where))

    def _do(self, edit: Callable[[Document], Document]) -> None:
        if not self.session.do(tr("Set {id}", id=self._speaker.id), edit):
            self._again()

    def _rename(self, _: str, to: str) -> None:
        self._replace(id=to)

    def _set_role(self, role: Role) -> None:
        """The name follows, where it was given by the role."""
        name, old = self._speaker.id, self._speaker.role
        taken = {one.id for one in self.session.document.gear.loudspeakers}
        if re.fullmatch(rf"({old}|sub)( \d+)?", name):
            self._replace(role=role, id=fresh_name(ROLE_NAMES.get(role, role), taken - {name}))
        else:
            self._replace(role=role)

    def _replace(self, **what: str) -> None:
        name = self._speaker.id

        def edit(gear: Gear) -> Gear:
            speakers = tuple(
                replace(one, **what) if one.id == name else one  # type: ignore[arg-type]
                for one in gear.loudspeakers
            )
            return replace(gear, loudspeakers=speakers)

        self._change(tr("Change {name}", name=name), edit)

    def _set_model(self, model_id: str) -> None:
        if model_id:
            self._replace(model=model_id)
            return
        name, known = self._speaker.id, self._model

        def edit(gear: Gear) -> Gear:
            taken = {model.id for model in gear.models}
            fresh = fresh_name(name, taken)
            own: Model = replace(known, id=fresh, name=fresh)
            speakers = tuple(
                replace(one, model=fresh) if one.id == name else one for one in gear.loudspeakers
            )
            return replace(gear, models=(*gear.models, own), loudspeakers=speakers)

        self._change(tr("Change {name}", name=name), edit)

    def _remove(self) -> None:
        name = self._speaker.id

        def edit(gear: Gear) -> Gear:
            left = tuple(one for one in gear.loudspeakers if one.id != name)
            used = {one.model for one in left}
            models = tuple(model for model in gear.models if model.id in used)
            return replace(gear, loudspeakers=left, models=models)

        self._change(tr("Remove {name}", name=name), edit)
