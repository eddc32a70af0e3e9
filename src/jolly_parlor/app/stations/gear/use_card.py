"""The card that says what the room is for: ready-made wishes for where things may stand."""

from functools import partial

from PyQt6.QtWidgets import QFrame, QHBoxLayout, QPushButton

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.fields import label
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.search.wishes import READY_MADE
from jolly_parlor.project.edits import set_wishes

_WORDS = {
    "anywhere": "whatever fits may be proposed, in mid-room too",
    None: "limits of your own, at Line-up under Wishes",
}


class UseCard:
    """Two sets of limits on places, or none. `frame` is the widget, made anew with the page."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.frame: QFrame
        self.frame, layout = card()
        row = QHBoxLayout()
        row.addWidget(label("Used as", "head"))
        chosen = session.document.wishes.use
        for name in (*READY_MADE, "anywhere"):
            button = QPushButton(name)
            button.setObjectName(f"use-{name}")
            button.setCheckable(True)
            button.setChecked(name == chosen)
            button.clicked.connect(partial(self._set, name))
            row.addWidget(button)
        words = _WORDS.get(chosen, "where the search may put monitors and seat")
        row.addWidget(label(words, "soft"))
        row.addStretch(1)
        layout.addLayout(row)

    def _set(self, name: str, _: bool = False) -> None:
        wished = self.session.document.wishes.used_as(name)
        self.session.do(f"Used as: {name}", lambda d: set_wishes(d, wished))
