"""The card with everything that is set, one row a loudspeaker, to be typed over."""

from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QFrame

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.chains import (
    CONTROLS,
    KINDS,
    USUAL_CROSSOVER_HZ,
    Chain,
    Crossover,
    Filter,
)
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.loudspeakers import Model
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.project.gear_edits import set_chain
from jolly_parlor.words import spoken, tr

_NUMBERS = [name for name, control in CONTROLS.items() if not control.is_corner]
_FIELD_PIXELS = 74


class SetCard:
    """Of the arrangement shown. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.frame: QFrame
        self.frame, layout = card()
        grid = WrappedGrid()
        grid.setHorizontalSpacing(8)
        grid.setVerticalSpacing(2)
        layout.addLayout(grid)
        self.rows = Kept(grid, session.home)

    def refresh(self) -> None:
        """Show what is set; only what can be set, or is."""
        gear, a = self.session.document.gear, self.session.arrangement
        self.frame.setVisible(a is not None)
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
        with self.rows as kept:
            for column, title in enumerate(titles, start=1):
                kept.words(title, 0, column)
            for row, name in enumerate(names, start=1):
                chain, model = a.chain(name), gear.model_of(name)
                kept.words(name, row, 0, role="strong")
                for column, what in enumerate(columns, start=1):
                    if _has(model, chain, what):
                        self._number(kept, name, what, chain, row, column)
                column = len(columns) + 1
                if crossed:
                    self._polarity(kept, name, chain, row, column)
                    if name not in PAIR or gear.hands_over or chain.high_pass is not None:
                        self._crossing(kept, name, chain, row, column + 1)
                    else:
                        kept.words(tr("full range"), row, column + 1)

    def _number(self, kept: Kept, name: str, what: str, chain: Chain, *place: int) -> None:
        value, unit = float(getattr(chain, what)), CONTROLS[what].unit
        do = partial(self._set, name, what)
        kept.number(f"{name} set {what}", unit, value, do, *place, most=_FIELD_PIXELS)

    def _polarity(self, kept: Kept, name: str, chain: Chain, *place: int) -> None:
        ways = [(spoken("normal"), False), (spoken("reversed"), True)]
        do = partial(self._set, name, "inverted")
        kept.choice(f"{name} set polarity", ways, chain.inverted, do, *place)

    def _crossing(self, kept: Kept, name: str, chain: Chain, row: int, column: int) -> None:
        sub = self.session.document.gear.loudspeaker(name).is_subwoofer
        side = "low_pass" if sub else "high_pass"
        now: Crossover | None = getattr(chain, side)
        at = now.frequency_hz if now is not None else USUAL_CROSSOVER_HZ
        called, do = f"{name} set {side}_hz", partial(self._cross, name, side, now)
        kept.number(called, tr("Hz"), at, do, row, column, most=_FIELD_PIXELS)
        kinds: list[tuple[str, object]] = [(spoken(kind.short), kind) for kind in KINDS]
        kinds.append((tr("full range"), None))
        called, own = f"{name} set {side}_kind", now.filter if now is not None else None
        kept.choice(called, kinds, own, partial(self._switch, name, side, at), row, column + 1)

    def _cross(self, name: str, side: str, now: Crossover | None, hertz: float) -> None:
        self._set(name, side, replace(now or Crossover(), frequency_hz=hertz))

    def _switch(self, name: str, side: str, hertz: float, kind: Filter | None) -> None:
        self._set(name, side, kind.at(hertz) if kind is not None else None)

    def _set(self, name: str, what: str, value: object) -> None:
        a = self.session.arrangement
        if a is None:
            return
        where, words = a.name, tr("Set {name}", name=name)
        if not self.session.do(words, lambda d: set_chain(d, name, where, **{what: value})):
            self.refresh()


def _has(model: Model, chain: Chain, what: str) -> bool:
    """Whether there is such a control, or something is set all the same."""
    return model.controls.span(what) is not None or bool(getattr(chain, what))
