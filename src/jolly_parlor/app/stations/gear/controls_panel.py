"""What the knobs and switches of a model can do: a line in words, opened to be typed."""

from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QFrame, QMenu, QPushButton, QVBoxLayout

from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.chains import CONTROLS, KINDS, Filter
from jolly_parlor.placement.controls import Control, Span
from jolly_parlor.placement.loudspeakers import Controls, Model
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

_FIELD_PIXELS, _USUAL_DB_SPL = 66, 105.0


class ControlsPanel:
    """Of the model it was told last. `frame` goes into its card."""

    def __init__(self, session: Workbench) -> None:
        self._opened = False
        self.frame = QFrame()
        layout = QVBoxLayout(self.frame)
        layout.setContentsMargins(0, 0, 0, 0)
        self.kept = Kept(layout, session.home)

    def refresh(self, model: Model, who: str, change: Callable[..., None]) -> None:
        """Show that model; change: sets a field of it by name."""
        self._model, self._who, self._change = model, who, change
        with self.kept as sheet:
            with sheet.row("head") as row:
                title = tr("Controls …")
                on = self._opened
                row.button(title, "open", self._open, called=f"{who} controls", on=on)
                words = row.words(controls_words(model), 1, wrap=True)
                words.setObjectName(f"{who} controls words")
            if self._opened:  # its forty fields are most of what the page has
                with sheet.grid("spans", rest=13) as grid:
                    self._fill(grid)

    def _open(self) -> None:
        self._opened = not self._opened
        self.refresh(self._model, self._who, self._change)

    def _fill(self, grid: Kept) -> None:
        for number, control in enumerate(CONTROLS.values()):
            self._span(grid, number // 2, 7 * (number % 2), control)
        with grid.row("switches", (len(CONTROLS) + 1) // 2, 0, 1, 14) as line:
            self._switches(line)

    def _span(self, grid: Kept, row: int, column: int, control: Control) -> None:
        name, own = control.name, self._model.controls.span(control.name)
        called = f"{self._who} has {name}"
        has = partial(self._has, control)
        grid.box(control.title, f"has {name}", own is not None, has, row, column, called=called)
        if own is None:
            return
        parts = (
            ("low", own.low, ""),
            ("high", own.high, "to"),
            ("step", own.step, tr("in steps of")),
        )
        for place, (end, value, before) in enumerate(parts):
            if before:
                grid.words(before, row, column + 2 * place)
            grid.number(
                f"{name} {end}",
                control.unit,
                value,
                partial(self._set_end, name, own, end),
                row,
                column + 2 * place + 1,
                called=f"{self._who} {name} {end}",
                most=_FIELD_PIXELS,
            )

    def _switches(self, line: Kept) -> None:
        controls, who = self._model.controls, self._who
        turn = partial(self._set, "polarity")
        called = f"{who} has polarity"
        line.box("polarity", "polarity", controls.polarity, turn, called=called)
        for side in ("low_pass", "high_pass"):
            own = getattr(controls, f"{side}_kinds")
            title = side.replace("_", "-")
            words = tr("{title} kinds: {own}", title=title, own=len(own) or tr("as set"))
            made = line.put(side, partial(self._with_menu, side))
            made.setObjectName(f"{who} {side} kinds")
            made.setText(words)
        known = self._model.maximum_level_db_spl
        called = f"{who} has maximum level"
        line.box(tr("loudest at 1 m"), "loudest", known is not None, self._loudest, called=called)
        if known is not None:
            called, do = f"{who} maximum level", partial(self._change, "maximum_level_db_spl")
            line.number("maximum level", tr("dB SPL"), known, do, called=called, most=100)
        line.gap()

    def _has(self, control: Control, on: bool) -> None:
        self._set(control.name, control.usual if on else None)

    def _loudest(self, on: bool) -> None:
        self._change("maximum_level_db_spl", _USUAL_DB_SPL if on else None)

    def _with_menu(self, side: str) -> QPushButton:
        made = QPushButton()
        menu = QMenu(made)
        menu.aboutToShow.connect(partial(self._offer, menu, side))
        made.setMenu(menu)
        return made

    def _offer(self, menu: QMenu, side: str) -> None:
        own = getattr(self._model.controls, f"{side}_kinds")
        menu.clear()
        for kind in KINDS:
            action = menu.addAction(kind.words)
            assert action is not None
            action.setCheckable(True)
            action.setChecked(kind in own)
            action.triggered.connect(partial(self._turn_kind, side, own, kind))

    def _turn_kind(self, side: str, own: tuple[Filter, ...], kind: Filter, on: bool) -> None:
        kinds = tuple(k for k in KINDS if (k in own and k != kind) or (on and k == kind))
        self._set(f"{side}_kinds", kinds)

    def _set_end(self, name: str, own: Span, end: str, value: float) -> None:
        self._set(name, replace(own, **{end: value}))

    def _set(self, name: str, value: object) -> None:
        changed = replace(self._model.controls, **{name: value})  # type: ignore[arg-type]
        self._change("controls", changed)


def controls_words(model: Model) -> str:
    """What can be set, in a line."""
    own: Controls = model.controls
    parts = []
    for kind in CONTROLS.values():
        span = own.span(kind.name)
        if span is not None:
            gap = "" if kind.unit == "°" else " "
            parts.append(
                with_minus(
                    tr(
                        "{title} {low:g} to {high:g}{gap}{unit}",
                        title=kind.title,
                        low=span.low,
                        high=span.high,
                        gap=gap,
                        unit=kind.unit,
                    )
                )
            )
    if own.polarity:
        parts.append("polarity")
    if model.maximum_level_db_spl is not None:
        parts.append(
            tr(
                "at most {maximum_level_db_spl:g} dB SPL at 1 m",
                maximum_level_db_spl=model.maximum_level_db_spl,
            )
        )
    return ", ".join(parts) or tr("No knobs or switches named: nothing of it can be set.")
