"""The card that says what the room is for: ready-made wishes for where things may stand."""

from functools import partial

from PyQt6.QtWidgets import QFrame, QPushButton

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.search.wishes import READY_MADE
from jolly_parlor.project.edits import set_wishes
from jolly_parlor.words import spoken, tr

_WORDS = {
    "anywhere": tr("whatever fits may be proposed, in mid-room too"),
    None: tr("limits of your own, at Line-up under Wishes"),
}


class UseCard:
    """Two sets of limits on places, or none. `frame` is the widget, made anew with the page."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Used as"), "head"))
        chosen = session.document.wishes.use
        for name in (*READY_MADE, "anywhere"):
            button = QPushButton(spoken(name))
            button.setObjectName(f"use-{name}")
            button.setCheckable(True)
            button.setChecked(name == chosen)
            button.clicked.connect(partial(self._set, name))
            row.addWidget(button)
        words = _WORDS.get(chosen, tr("where the search may put monitors and seat"))
        row.addWidget(label(words, "soft", wrap=True), 1)
        layout.addLayout(row)

    def _set(self, name: str, _: bool = False) -> None:
        wished = self.session.document.wishes.used_as(name)
        self.session.do(tr("Used as: {name}", name=name), lambda d: set_wishes(d, wished))
