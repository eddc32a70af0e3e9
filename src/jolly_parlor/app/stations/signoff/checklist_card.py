"""The check list: filled in by the product where it can, the rest to tick."""

from functools import partial

from PyQt6.QtWidgets import QFrame

from jolly_parlor.analysis.checklist import CheckPoint, ticked
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.signoff.signoff_answers import Signed
from jolly_parlor.app.stations.signoff.verdict_card import WORKING
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.kept import Align, Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.words import tr

_STATES = {"holds": "holds", "open": "open", "unknown": tr("not known")}


class ChecklistCard:
    """Of the arrangement shown. `frame` is the widget."""

    def __init__(self, signed: Signed) -> None:
        self._signed, self.session = signed, signed.session
        self.frame: QFrame
        self.frame, layout = card()
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("checklist-words")
        layout.addWidget(self.words)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(14)
        grid.setVerticalSpacing(4)
        grid.setColumnStretch(2, 1)
        layout.addLayout(grid)
        self.rows = Kept(grid, self.session.home)

    def refresh(self) -> None:
        """A row a point: open ones first, then what is not known, what is to tick, what holds."""
        found = self._signed.found
        with self.rows as kept:
            if found is None:
                self.words.setText(self._signed.why or WORKING)
                return
            order = ("open", "unknown", "yours", "ticked", "holds")
            points = sorted(found.points, key=lambda p: order.index(p.state))
            count = sum(p.state == "open" for p in points)
            self.words.setText(
                tr(
                    "{count} open. What can be measured or placed fills itself in; the rest is "
                    "yours.",
                    count=count,
                )
            )
            for row, point in enumerate(points):
                self._state(kept, point, row)
                strong = "strong" if point.state == "open" else ""
                kept.words(point.title, row, 1, role=strong, align=Align.AlignTop)
                words = kept.words(f"{point.words} {point.costs}".strip(), row, 2, wrap=True)
                words.setObjectName(f"point-{point.id}")

    def _state(self, kept: Kept, point: CheckPoint, row: int) -> None:
        if point.state not in ("yours", "ticked"):
            role = {"open": "warning", "holds": ""}.get(point.state, "soft")
            kept.words(_STATES[point.state], row, 0, role=role, align=Align.AlignTop)
            return
        on = point.id in self.session.document.signing.ticked
        tick = partial(self._tick, point.id)
        box = kept.box("", f"tick-{point.id}", on, tick, row, 0)
        box.setAccessibleName(point.title)

    def _tick(self, point_id: str, on: bool) -> None:
        self.session.do(tr("Tick the check list"), lambda d: ticked(d, point_id, on))
