"""What stands still on the plan while monitors are dragged: painted once and copied."""

from __future__ import annotations

from typing import NamedTuple

from PyQt6.QtCore import QSize
from PyQt6.QtGui import QPainter, QPixmap

from jolly_parlor.app import theme
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.app.plan.painted_once import KeptPicture
from jolly_parlor.app.plan.painting import PlanPainter
from jolly_parlor.app.plan.tint_painter import TintPainter
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.items import DESK, Item
from jolly_parlor.placement.maps import EvennessMap, PressureMap
from jolly_parlor.units import UnitSystem

Tint = EvennessMap | PressureMap


class Look(NamedTuple):
    """How a plan is drawn, whatever stands on it."""

    size: QSize
    ratio: float
    view: Unfolded
    gear: Gear
    units: UnitSystem
    theme: theme.Theme

    def painter(self, painter: QPainter) -> PlanPainter:
        return PlanPainter(painter, self.view, self.gear, self.units)


class Ground:
    """Pictures of what a drag of the monitors leaves alone; kept until it changes."""

    def __init__(self) -> None:
        self._shell, self._under, self._over = KeptPicture(), KeptPicture(), KeptPicture()

    def under(
        self, look: Look, lit: str, tint: Tint | None, a: Arrangement | None, selected: Item
    ) -> QPixmap:
        """Room, tint and desk: what everything else stands on. One boundary may be lit."""
        shell = (*look, lit)
        if not self._shell.holds(shell):
            with self._shell.begin(shell, look.size, look.ratio) as painter:
                look.painter(painter).room_shell(lit)
        if a is None:
            return self._shell.picture
        key = (*shell, tint, a.desk, selected == DESK)
        if not self._under.holds(key):
            with self._under.begin(key, look.size, look.ratio) as painter:
                painter.drawPixmap(0, 0, self._shell.picture)
                tinting = TintPainter(painter, look.view)
                if tint is not None:
                    tinting.colours(tint)
                look.painter(painter).desk(a, selected == DESK)
                if tint is not None:
                    tinting.words(tint)
        return self._under.picture

    def over(self, look: Look, a: Arrangement, seat: str, selected: Item, focused: bool) -> QPixmap:
        """All but the pair: other loudspeakers and seats."""
        beside = {one.id: a.places[one.id] for one in look.gear.beside_the_pair}
        shown = beside, a.seats, seat, a.turns
        key = (*look, *shown, selected, focused)
        if not self._over.holds(key):
            with self._over.begin(key, look.size, look.ratio, clear=True) as painter:
                look.painter(painter).others(a, seat, selected, focused)
        return self._over.picture
