"""The question what keeps the bass from the monitors; settings and search count on the answer."""

from functools import partial

from PyQt6.QtWidgets import QFrame

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.chains import USUAL_CROSSOVER_HZ
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.settings.handing_over import impossible_words
from jolly_parlor.project.gear_edits import set_handover
from jolly_parlor.words import tr


class HandoverRow:
    """Shown while there is a subwoofer. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.frame: QFrame
        self.frame, layout = card()
        self.rows = Kept(layout, session.home)

    def refresh(self) -> None:
        """Show what was answered, and what follows."""
        gear, a = self.session.document.gear, self.session.arrangement
        impossible = impossible_words(gear, a.chains) if a is not None else ""
        with self.rows as kept:
            kept.words(tr("Does anything keep the bass from the monitors?"), role="head", wrap=True)
            with kept.row("answers") as row:
                for name, title, yes in (
                    ("handover-no", tr("No, nothing"), False),
                    ("handover-yes", tr("Yes, something"), True),
                ):
                    on = gear.hands_over == yes and not impossible
                    row.button(title, name, partial(self._answer, yes), on=on)
                role = "warning" if impossible else "soft"
                row.words(impossible or _words(gear), 1, role=role, wrap=True)

    def _answer(self, yes: bool) -> None:
        what = tr("What keeps the bass from the monitors")
        self.session.do(what, lambda d: set_handover(d, yes))
        self.refresh()


def _words(gear: Gear) -> str:
    own = gear.monitor.controls.span("high_pass_hz")
    if not gear.hands_over:
        return tr(
            "They play their full range: no outputs of the subwoofer, no interface and no switch "
            "keep it from them. Subs tells what that would bring."
        )
    if own is None or own.low == own.high:
        at = own.low if own is not None else USUAL_CROSSOVER_HZ
        return tr("At {at:.0f} Hz; where it can be turned, say so under their Controls.", at=at)
    return tr("From {low:.0f} to {high:.0f} Hz, under their Controls.", low=own.low, high=own.high)
