"""What the knobs and switches of a model can do: a line in words, opened to be typed."""

from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import (
    QCheckBox,
    QMenu,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.app import theme
from jolly_parlor.app.widgets.entries import CheckedField, label, number_field
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.chains import CONTROLS, KINDS, Filter
from jolly_parlor.placement.controls import Control, Span
from jolly_parlor.placement.loudspeakers import Controls, Model
from jolly_parlor.units import with_minus
from jolly_parlor.words import spoken, tr

_FIELD_PIXELS, _USUAL_DB_SPL = 66, 105.0
_opened: set[str] = set()
"""Models whose panel is open: cards are made anew with each change."""


class ControlsPanel:
    """Of one model. `layout` goes into its card."""

    def __init__(
        self, session: Workbench, model: Model, who: str, change: Callable[..., None]
    ) -> None:
        """change: sets a field of the model by name."""
        self._session, self._model, self._who, self._change = session, model, who, change
        self.layout = QVBoxLayout()
        row = FlowRow()
        self.button = QPushButton(tr("Controls …"))
        self.button.setObjectName(f"{who} controls")
        self.button.setCheckable(True)
        row.addWidget(self.button)
        words = label(controls_words(model), "soft", wrap=True)
        words.setObjectName(f"{who} controls words")
        row.addWidget(words, 1)
        self.layout.addLayout(row)
        self.panel = QWidget()
        self.layout.addWidget(self.panel)
        if model.id in _opened:
            self._fill()
        else:  # shown by its card: it has none yet, and would be a window
            self.panel.hide()
        self.button.setChecked(model.id in _opened)
        # Through a lambda: nobody else holds this panel before it is filled.
        self.button.toggled.connect(lambda shown: self._open(shown))

    def _fill(self) -> None:
        """Not before somebody looks: its forty fields are most of what the page has."""
        grid = WrappedGrid(self.panel)
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setHorizontalSpacing(6)
        grid.setColumnStretch(13, 1)
        for number, control in enumerate(CONTROLS.values()):
            self._span(grid, number // 2, 7 * (number % 2), control)
        self._switches(grid, (len(CONTROLS) + 1) // 2)

    def _open(self, shown: bool) -> None:
        (_opened.add if shown else _opened.discard)(self._model.id)
        if shown and self.panel.layout() is None:
            self._fill()
        self.panel.setVisible(shown)

    def _span(self, grid: WrappedGrid, row: int, column: int, control: Control) -> None:
        name, own = control.name, self._model.controls.span(control.name)
        tick = QCheckBox(spoken(control.title))
        tick.setObjectName(f"{self._who} has {name}")
        tick.setChecked(own is not None)
        tick.clicked.connect(lambda on: self._set(name, control.usual if on else None))
        grid.addWidget(tick, row, column)
        if own is None:
            return
        parts = (
            ("low", own.low, ""),
            ("high", own.high, "to"),
            ("step", own.step, tr("in steps of")),
        )
        for place, (end, value, before) in enumerate(parts):
            if before:
                grid.addWidget(label(before, "soft"), row, column + 2 * place)
            field = self._field(f"{self._who} {name} {end}", control.unit, value)
            field.committed.connect(partial(self._set_end, name, own, end))
            grid.addWidget(field, row, column + 2 * place + 1)

    def _switches(self, grid: WrappedGrid, row: int) -> None:
        controls = self._model.controls
        line = FlowRow()
        polarity = QCheckBox(spoken("polarity"))
        polarity.setObjectName(f"{self._who} has polarity")
        polarity.setChecked(controls.polarity)
        polarity.clicked.connect(lambda on: self._set("polarity", on))
        line.addWidget(polarity)
        for side in ("low_pass", "high_pass"):
            line.addWidget(self._kinds(side, getattr(controls, f"{side}_kinds")))
        loudest = QCheckBox(tr("loudest at 1 m"))
        loudest.setObjectName(f"{self._who} has maximum level")
        known = self._model.maximum_level_db_spl
        loudest.setChecked(known is not None)
        loudest.clicked.connect(
            lambda on: self._change("maximum_level_db_spl", _USUAL_DB_SPL if on else None)
        )
        line.addWidget(loudest)
        if known is not None:
            field = self._field(tr("{who} maximum level", who=self._who), tr("dB SPL"), known)
            theme.keep_width(field, most=100)
            field.committed.connect(partial(self._change, "maximum_level_db_spl"))
            line.addWidget(field)
        line.addStretch(1)
        grid.addLayout(line, row, 0, 1, 14)

    def _kinds(self, side: str, own: tuple[Filter, ...]) -> QPushButton:
        title = side.replace("_", "-")
        made = QPushButton(tr("{title} kinds: {own}", title=title, own=len(own) or tr("as set")))
        made.setObjectName(f"{self._who} {side} kinds")
        menu = QMenu(made)
        for kind in KINDS:
            action = menu.addAction(kind.words)
            assert action is not None
            action.setCheckable(True)
            action.setChecked(kind in own)
            action.triggered.connect(partial(self._turn_kind, side, own, kind))
        made.setMenu(menu)
        return made

    def _turn_kind(self, side: str, own: tuple[Filter, ...], kind: Filter, on: bool) -> None:
        kinds = tuple(k for k in KINDS if (k in own and k != kind) or (on and k == kind))
        self._set(f"{side}_kinds", kinds)

    def _field(self, name: str, unit: str, value: float) -> CheckedField:
        field = number_field(name, unit)
        theme.keep_width(field, most=_FIELD_PIXELS)
        field.set_value(value)
        field.failed.connect(self._session.refused.emit)
        return field

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
