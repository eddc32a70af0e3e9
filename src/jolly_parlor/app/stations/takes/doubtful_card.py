"""Takes that may no longer hold, because room, gear or settings have changed: still valid?"""

from functools import partial

from PyQt6.QtWidgets import QFrame

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.project.document import Take
from jolly_parlor.project.take_edits import hold_takes_valid, remove_takes
from jolly_parlor.words import tr

_SHOWN = 6


class DoubtfulCard:
    """Hidden while there is nothing to ask. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self._session = session
        self.frame: QFrame
        self.frame, layout = card()
        layout.addWidget(label(tr("Still valid?"), "head"))
        words = tr(
            "Left out until you say: something that was so when they were taken has changed."
        )
        layout.addWidget(label(words, "soft", wrap=True))
        grid = WrappedGrid()
        grid.setColumnStretch(0, 1)
        layout.addLayout(grid)
        self._rows = Kept(grid, session.home)

    def refresh(self) -> None:
        """List them, each with the reason; all at once where there are many."""
        document = self._session.document
        takes = document.doubtful_takes()
        self.frame.setVisible(bool(takes))
        with self._rows as kept:
            if len(takes) > 1:
                self._row(kept, 0, tr("All {takes} of them", takes=len(takes)), takes, "all")
            for row, take in enumerate(takes[:_SHOWN], start=1):
                info = take.info
                reasons = "; ".join(document.doubts(take))
                where = tr(
                    "{source} at the {seat} in “{name}”",
                    source=info.source,
                    seat=info.seat,
                    name=info.placed.name,
                )
                words = f"{info.file_name}, {where}: {reasons}."
                self._row(kept, row, words, [take], info.id)
            if len(takes) > _SHOWN:
                more = tr("and {takes} more", takes=len(takes) - _SHOWN)
                kept.words(more, _SHOWN + 1, 0)

    def _row(self, kept: Kept, row: int, words: str, takes: list[Take], name: str) -> None:
        ids = frozenset(take.info.id for take in takes)
        kept.words(words, row, 0, role="", wrap=True)
        kept.button(tr("Still valid"), f"valid-{name}", partial(self._hold, ids), row, 1)
        kept.button(tr("Remove"), f"remove-{name}", partial(self._remove, ids), row, 2)

    def _hold(self, ids: frozenset[str]) -> None:
        self._session.do(tr("Hold takes valid"), lambda d: hold_takes_valid(d, ids))

    def _remove(self, ids: frozenset[str]) -> None:
        self._session.do(tr("Remove takes that may not hold"), lambda d: remove_takes(d, ids))
