"""The card with everything that is set, one row a loudspeaker, to be typed over."""

from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QFrame, QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.widgets.entries import choice_field, label, number_field
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.chains import CONTROLS, KINDS, USUAL_CROSSOVER_HZ, Chain, Crossover
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.loudspeakers import Model
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.project.gear_edits import set_chain
from jolly_parlor.words import tr

_NUMBERS = [name for name, control in CONTROLS.items() if not control.is_corner]
_FIELD_PIXELS = 74


class SetCard:
    """Of the arrangement shown. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self._shown: tuple[object, ...] | None = None
        self.frame: QFrame
        self.frame, layout = card()
        layout.addWidget(label(tr("As set"), "head"))
        self.grid = WrappedGrid()
        self.grid.setHorizontalSpacing(8)
        self.grid.setVerticalSpacing(2)
        layout.addLayout(self.grid)

    def refresh(self) -> None:
        """Show what is set; only what can be set, or is."""
        gear, a = self.session.document.gear, self.session.arrangement
        self.frame.setVisible(a is not None)
        shown = gear, a.name if a else None, a.chains if a else None
        if shown == self._shown:
            return
        self._shown = shown
        clear(self.grid)
        if a is None:
            return
        names = with_subwoofers(gear).loudspeakers
        columns = [
            what
            for what in _NUMBERS
            if any(_has(gear.model_of(n), a.chain(n), what) for n in names)
        ]
        crossed = bool(gear.subwoofers)
        titles = [CONTROLS[what].title for what in columns] + ["polarity"] * crossed
        titles += [tr("hands over at"), "by"] * crossed
        for column, title in enumerate(titles, start=1):
            self.grid.addWidget(label(title, "soft"), 0, column)
        self.grid.setColumnStretch(len(titles) + 1, 1)
        for row, name in enumerate(names, start=1):
            chain, model = a.chain(name), gear.model_of(name)
            self.grid.addWidget(label(name, "strong"), row, 0)
            column = 1
            for what in columns:
                if _has(model, chain, what):
                    self.grid.addWidget(self._number(name, what, chain), row, column)
                column += 1
            if crossed:
                cells = [self._polarity(name, chain)]
                if name not in PAIR or gear.hands_over or chain.high_pass is not None:
                    cells += self._crossing(name, chain)
                else:
                    cells.append(label(tr("full range"), "soft"))
                for at, cell in enumerate(cells, start=column):
                    self.grid.addWidget(cell, row, at)

    def _number(self, name: str, what: str, chain: Chain) -> QWidget:
        value, unit = float(getattr(chain, what)), CONTROLS[what].unit
        return self._field(
            tr("{name} set {what}", name=name, what=what),
            unit,
            value,
            partial(self._set, name, what),
        )

    def _polarity(self, name: str, chain: Chain) -> QWidget:
        polarity = choice_field(tr("{name} set polarity", name=name), ("normal", "reversed"))
        polarity.setCurrentIndex(int(chain.inverted))
        polarity.activated.connect(lambda at: self._set(name, "inverted", bool(at)))
        return polarity

    def _crossing(self, name: str, chain: Chain) -> tuple[QWidget, ...]:
        sub = self.session.document.gear.loudspeaker(name).is_subwoofer
        side = "low_pass" if sub else "high_pass"
        now: Crossover | None = getattr(chain, side)
        at = now.frequency_hz if now is not None else USUAL_CROSSOVER_HZ
        corner = self._field(
            tr("{name} set {side}_hz", name=name, side=side),
            tr("Hz"),
            at,
            partial(self._cross, name, side, now),
        )
        kinds = choice_field(
            tr("{name} set {side}_kind", name=name, side=side),
            (*(k.short for k in KINDS), tr("full range")),
        )
        kinds.setCurrentIndex(KINDS.index(now.filter) if now is not None else len(KINDS))
        kinds.activated.connect(lambda n: self._switch(name, side, at, n))
        return corner, kinds

    def _field(self, name: str, unit: str, value: float, do: Callable[[float], None]) -> QWidget:
        field = number_field(name, unit)
        theme.keep_width(field, most=_FIELD_PIXELS)
        field.set_value(value)
        field.committed.connect(do)
        field.failed.connect(self.session.refused.emit)
        return field

    def _cross(self, name: str, side: str, now: Crossover | None, hertz: float) -> None:
        self._set(name, side, replace(now or Crossover(), frequency_hz=hertz))

    def _switch(self, name: str, side: str, hertz: float, choice: int) -> None:
        self._set(name, side, KINDS[choice].at(hertz) if choice < len(KINDS) else None)

    def _set(self, name: str, what: str, value: object) -> None:
        a = self.session.arrangement
        if a is None:
            return
        where = a.name
        if not self.session.do(
            tr("Set {name}", name=name), lambda d: set_chain(d, name, where, **{what: value})
        ):
            self._shown = None
            self.refresh()


def _has(model: Model, chain: Chain, what: str) -> bool:
    """Whether there is such a control, or something is set all the same."""
    return model.controls.span(what) is not None or bool(getattr(chain, what))
