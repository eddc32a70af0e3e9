"""What stands still on the plan: walls, openings, keep-outs, the tint. Painted once and copied."""

from PyQt6.QtCore import QSize
from PyQt6.QtGui import QPixmap

from jolly_parlor.app import theme
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.app.plan.kept import KeptPicture
from jolly_parlor.app.plan.painting import PlanPainter
from jolly_parlor.app.plan.tinting import TintPainter
from jolly_parlor.app.tints import Tints
from jolly_parlor.placement.gear import Gear
from jolly_parlor.units import UnitSystem


class Ground:
    """One picture under everything that can be dragged; kept until something about it changes."""

    def __init__(self) -> None:
        self._shell = KeptPicture()
        self._tinted = KeptPicture()

    def picture(
        self,
        size: QSize,
        ratio: float,
        view: Unfolded,
        gear: Gear,
        units: UnitSystem,
        lit: str,
        tints: Tints | None,
    ) -> QPixmap:
        """The ground of a plan of that size in pixels, with one boundary lit, tinted or not."""
        key = (view, size, ratio, lit, theme.current(), units)
        if not self._shell.holds(key):
            with self._shell.begin(key, size, ratio) as painter:
                PlanPainter(painter, view, gear, units).room_shell(lit)
        if tints is None or tints.shown is None:
            return self._shell.picture
        if not self._tinted.holds((*key, tints.shown)):
            with self._tinted.begin((*key, tints.shown), size, ratio) as painter:
                painter.drawPixmap(0, 0, self._shell.picture)
                TintPainter(painter, view).draw(tints.shown)
        return self._tinted.picture
