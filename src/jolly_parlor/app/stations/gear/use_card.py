"""The card that says what the room is for: ready-made wishes for where things may stand."""

from functools import partial

from PyQt6.QtWidgets import QFrame

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.search.wishes import READY_MADE
from jolly_parlor.project.edits import set_wishes
from jolly_parlor.words import tr

_WORDS = {
    "anywhere": tr("whatever fits may be proposed, in mid-room too"),
    None: tr("limits of your own, at Line-up under Wishes"),
}


class UseCard:
    """Two sets of limits on places, or none. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.frame: QFrame
        self.frame, layout = card()
        self.rows = Kept(layout, session.home)

    def refresh(self) -> None:
        """Show which is in force."""
        chosen = self.session.document.wishes.use
        with self.rows as kept, kept.row("uses") as row:
            row.words(tr("Used as"), role="head")
            for name in (*READY_MADE, "anywhere"):
                row.button(name, f"use-{name}", partial(self._set, name), on=name == chosen)
            words = _WORDS.get(chosen, tr("where the search may put monitors and seat"))
            row.words(words, 1, wrap=True)

    def _set(self, name: str) -> None:
        wished = self.session.document.wishes.used_as(name)
        self.session.do(tr("Used as: {name}", name=name), lambda d: set_wishes(d, wished))
        self.refresh()
