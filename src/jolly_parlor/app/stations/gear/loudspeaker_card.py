"""The card of one loudspeaker beside the pair: what it is, its model, and how it is set."""

import re
from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.app import theme
from jolly_parlor.app.plan.turn_grip import can_turn
from jolly_parlor.app.stations.gear.controls_panel import ControlsPanel
from jolly_parlor.app.stations.gear.shared_entries import (
    corner_fields,
    driver_field,
    fresh_name,
    kind_row,
    radiating_fields,
)
from jolly_parlor.app.widgets.entries import tip
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.cautions import EQUALISING, MOUNTING
from jolly_parlor.placement.chains import Crossover
from jolly_parlor.placement.common_models import MONITORS, SUBWOOFERS
from jolly_parlor.placement.gear import PAIR, Gear
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
    """`frame` is the widget; shows whichever it was told last."""

    def __init__(
        self,
        session: Workbench,
        change: ChangeGear,
        set_model: Callable[..., None],
        be: Callable[[Model], None],
    ) -> None:
        """be: let a model be as one that has its id."""
        self.session, self._change, self._change_model, self._be = session, change, set_model, be
        self._everywhere = True
        self.frame = QFrame()
        layout = QVBoxLayout(self.frame)
        layout.setContentsMargins(0, 0, 0, 0)
        self.kept = Kept(layout, session.home)

    def refresh(self, speaker: Loudspeaker) -> None:
        """Show that one."""
        gear = self.session.document.gear
        self._speaker, self._model = speaker, gear.model_of(speaker.id)
        edit = partial(self._change_model, self._model.id)
        with self.kept as sheet:
            with sheet.row("head") as row:
                self._head(row, gear)
            with sheet.row("kinds") as row:
                kinds = SUBWOOFERS if speaker.is_subwoofer else MONITORS
                kind_row(row, self._model, speaker.id, kinds, self._be)
            with sheet.grid("sheet", rest=6, in_blocks=True) as grid:
                self._sheet(grid, edit)
            panel = sheet.other("controls", partial(ControlsPanel, self.session))
            panel.refresh(self._model, speaker.id, edit)
            with sheet.grid("settings", rest=6, in_blocks=True) as grid:
                self._settings(grid)
            if speaker.is_subwoofer:
                with sheet.row("mounts") as row:
                    self._mounts(row, edit)
                if self._model.mounts != ("floor",):
                    sheet.words(MOUNTING, wrap=True)
                sheet.words(EQUALISING, wrap=True)
            else:
                known = gear.layout.of(speaker.id)
                placed = (
                    tr("a search puts it within its angles")
                    if known and known.movable
                    else (tr("schools and search leave it where it stands"))
                )
                words = tr("Forecast, measured and compared in any mix; {placed}.", placed=placed)
                sheet.words(words, wrap=True)

    def _again(self) -> None:
        self.refresh(self._speaker)

    def _sheet(self, grid: Kept, edit: Callable[..., None]) -> None:
        who, model = self._speaker.id, self._model
        name = grid.line("name", who, self._rename, 0, 0, called=f"{who} name")
        theme.keep_width(name, 190, 190)
        grid.words("called", 1, 0)
        for column, (what, title) in enumerate(_SIZES, start=1):
            do = partial(edit, what)
            grid.length(what, getattr(model, what), do, 0, column, called=f"{who} {what}")
            grid.words(title, 1, column)
        corner_fields(grid, model, who, edit)
        if not self._speaker.is_subwoofer or model.driver in ("front", "up"):
            radiating_fields(grid, model, who, edit)
        if self._speaker.is_subwoofer:
            driver_field(grid, model, who, edit)

    def _head(self, row: Kept, gear: Gear) -> None:
        who = self._speaker.id
        roles = [(spoken(w), value) for value, w in ROLES.items() if value not in PAIR]
        role = row.choice("role", roles, self._speaker.role, self._set_role, called=f"{who} role")
        role.setAccessibleName(tr("role of {id}", id=who))
        models: list[tuple[str, object]] = [(known.name, known.id) for known in gear.models]
        users = [one.id for one in gear.loudspeakers if one.model == self._model.id]
        if len(users) > 1:
            models.append((_OWN, ""))
        model = row.choice("model", models, self._model.id, self._set_model, called=f"{who} model")
        model.setAccessibleName(tr("model of {id}", id=who))
        if len(users) > 1:
            row.words(tr("one model: {users}", users=", ".join(users)))
        row.gap()
        row.button(tr("Remove"), "remove", self._remove, called=f"remove-{who}")

    def _mounts(self, row: Kept, edit: Callable[[str, object], None]) -> None:
        """Where the search may put one of this model."""
        own = self._model.mounts

        def change(mount: Mount, on: bool) -> None:
            chosen = tuple(m for m in MOUNTS if (m in own and m != mount) or (on and m == mount))
            if chosen:
                edit("mounts", chosen)
                return
            self.session.refused.emit(tr("It must go somewhere: leave one ticked."))
            self._again()

        row.words(tr("may be put"))
        for mount, words in MOUNTS.items():
            name = f"{self._speaker.id} mount {mount}"
            row.box(words, mount, mount in own, partial(change, mount), called=name)
        row.gap()

    def _settings(self, grid: Kept) -> None:
        """How it is set in the arrangement shown, or in all of them."""
        name, a = self._speaker.id, self.session.arrangement
        if a is None:
            text = tr("Rough in an arrangement to set it: settings belong to the arrangement.")
            grid.words(text, 0, 0, 1, 6)
            return
        chain = a.chain(name)
        grid.words(tr("Set in “{name}”", name=a.name), 0, 0)
        everywhere = tr("in every arrangement")
        called, on = f"{name} everywhere", self._everywhere
        grid.box(everywhere, "everywhere", on, self._set_everywhere, 1, 0, called=called)
        column = 1
        if self._speaker.is_subwoofer:
            low = chain.low_pass or Crossover()
            called, at = f"{name} crossover_hz", low.frequency_hz
            grid.number("crossover", tr("Hz"), at, self._cross, 0, column, called=called)
            grid.words(tr("crossover, {short}", short=low.filter.short), 1, column)
            column += 1
        for what, unit, title in (("gain_db", "dB", "gain"), ("delay_ms", "ms", "delay")):
            do, value = partial(self._set, what), getattr(chain, what)
            grid.number(what, unit, value, do, 0, column, called=f"{name} {what}")
            grid.words(title, 1, column)
            column += 1
        ways = [(spoken("normal"), False), (spoken("reversed"), True)]
        called, do = f"{name} polarity", partial(self._set, "inverted")
        grid.choice("polarity", ways, chain.inverted, do, 0, column, called=called)
        grid.words("polarity", 1, column)
        if can_turn(self.session.document.gear, a, loudspeaker(name)):
            self._looks(grid, a, column + 1)
            grid.words(tr("looks"), 1, column + 1)

    def _looks(self, grid: Kept, a: Arrangement, column: int) -> None:
        """Which way it looks in the arrangement shown."""
        name, turn = self._speaker.id, a.turns.get(self._speaker.id)
        ways: list[tuple[str, object]] = [(tr("away from its wall"), None)]
        ways += [(words, degrees) for degrees, words in _WAYS.items()]
        if turn is not None and turn not in _WAYS:
            ways.append((tr("{turn:.0f}° from the back", turn=turn), turn))
        box = grid.choice("looks", ways, turn, self._turn, 0, column, called=f"{name} looks")
        box.setAccessibleName(tr("which way {name} looks", name=name))
        box.setToolTip(tip(tr("Of “{name}” alone; the plan turns it to any angle.", name=a.name)))

    def _set_everywhere(self, on: bool) -> None:
        self._everywhere = on

    def _turn(self, degrees: float | None) -> None:
        a = self.session.arrangement
        assert a is not None
        turned = a.turned_to(self._speaker.id, degrees)
        self._do(partial(replace_arrangement, arrangement=turned))

    @property
    def _where(self) -> str | None:
        a = self.session.arrangement
        return None if self._everywhere or a is None else a.name

    def _set(self, what: str, value: object) -> None:
        name, where = self._speaker.id, self._where
        self._do(lambda d: set_chain(d, name, where, **{what: value}))

    def _cross(self, frequency_hz: float) -> None:
        name, where = self._speaker.id, self._where
        self._do(lambda d: set_crossover(d, name, frequency_hz, where))

    def _do(self, edit: Callable[[Document], Document]) -> None:
        if not self.session.do(tr("Set {id}", id=self._speaker.id), edit):
            self._again()

    def _rename(self, to: str) -> None:
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
