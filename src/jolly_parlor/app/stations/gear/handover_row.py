"""The question what keeps the bass from the monitors; settings and search count on the answer."""

from collections.abc import Callable
from functools import partial

from PyQt6.QtWidgets import QFrame, QPushButton

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.chains import USUAL_CROSSOVER_HZ
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.settings.handing_over import impossible_words
from jolly_parlor.project.gear_edits import set_handover
from jolly_parlor.words import tr


class HandoverRow:
    """Shown while there is a subwoofer. `frame` is the widget, made anew with the page."""

    def __init__(self, session: Workbench, again: Callable[[], None]) -> None:
        """again: shows everything as it is."""
        self.session, self._again = session, again
        self.frame: QFrame
        self.frame, layout = card()
        gear, a = session.document.gear, session.arrangement
        question = tr("Does anything keep the bass from the monitors?")
        layout.addWidget(label(question, "head", wrap=True))
        row = FlowRow()
        impossible = impossible_words(gear, a.chains) if a is not None else ""
        for name, title, yes in (
            ("handover-no", tr("No, nothing"), False),
            ("handover-yes", tr("Yes, something"), True),
        ):
            button = QPushButton(title)
            button.setObjectName(name)
            button.setCheckable(True)
            button.setChecked(gear.hands_over == yes and not impossible)
            on_click(button, partial(self._answer, yes))
            row.addWidget(button)
        words = impossible or _words(gear)
        row.addWidget(label(words, "warning" if impossible else "soft", wrap=True), 1)
        layout.addLayout(row)

    def _answer(self, yes: bool) -> None:
        what = tr("What keeps the bass from the monitors")
        self.session.do(what, lambda d: set_handover(d, yes))
        self._again()


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
