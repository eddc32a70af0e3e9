"""Takes that may no longer hold, because room, gear or settings have changed: still valid?"""

from functools import partial

from PyQt6.QtWidgets import QFrame, QPushButton

from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.widgets.entries import label, on_click
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
        self._grid = WrappedGrid()
        self._grid.setColumnStretch(0, 1)
        layout.addLayout(self._grid)

    def refresh(self) -> None:
        """List them, each with the reason; all at once where there are many."""
        clear(self._grid)
        document = self._session.document
        takes = document.doubtful_takes()
        self.frame.setVisible(bool(takes))
        if len(takes) > 1:
            self._row(0, tr("All {takes} of them", takes=len(takes)), takes, "all")
        for row, take in enumerate(takes[:_SHOWN], start=1):
            info = take.info
            reasons = "; ".join(document.doubts(take))
            where = tr(
                "{source} at the {seat} in “{name}”",
                source=info.source,
                seat=info.seat,
                name=info.placed.name,
            )
            self._row(row, f"{info.file_name}, {where}: {reasons}.", [take], info.id)
        if len(takes) > _SHOWN:
            more = label(tr("and {takes} more", takes=len(takes) - _SHOWN), "soft")
            self._grid.addWidget(more, _SHOWN + 1, 0)

    def _row(self, row: int, words: str, takes: list[Take], name: str) -> None:
        ids = frozenset(take.info.id for take in takes)
        self._grid.addWidget(label(words, wrap=True), row, 0)
        for column, (title, kind, do) in enumerate(
            ((tr("Still valid"), "valid", self._hold), (tr("Remove"), "remove", self._remove)),
            start=1,
        ):
            button = QPushButton(title)
            button.setObjectName(f"{kind}-{name}")
            on_click(button, partial(do, ids))
            self._grid.addWidget(button, row, column)

    def _hold(self, ids: frozenset[str]) -> None:
        self._session.do(tr("Hold takes valid"), lambda d: hold_takes_valid(d, ids))

    def _remove(self, ids: frozenset[str]) -> None:
        self._session.do(tr("Remove takes that may not hold"), lambda d: remove_takes(d, ids))
