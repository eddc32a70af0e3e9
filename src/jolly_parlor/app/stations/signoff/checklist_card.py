"""The check list: filled in by the product where it can, the rest to tick."""

from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QCheckBox, QFrame, QWidget

from jolly_parlor.analysis.checklist import CheckPoint, ticked
from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.stations.signoff.signoff_answers import Signed
from jolly_parlor.app.stations.signoff.verdict_card import WORKING
from jolly_parlor.app.widgets.entries import label
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
        self.rows = WrappedGrid()
        self.rows.setHorizontalSpacing(14)
        self.rows.setVerticalSpacing(4)
        self.rows.setColumnStretch(2, 1)
        layout.addLayout(self.rows)

    def refresh(self) -> None:
        """A row a point: open ones first, then what is not known, what is to tick, what holds."""
        clear(self.rows)
        found = self._signed.found
        if found is None:
            self.words.setText(self._signed.why or WORKING)
            return
        order = ("open", "unknown", "yours", "ticked", "holds")
        points = sorted(found.points, key=lambda p: order.index(p.state))
        count = sum(p.state == "open" for p in points)
        self.words.setText(
            tr(
                "{count} open. What can be measured or placed fills itself in; the rest is yours.",
                count=count,
            )
        )
        for row, point in enumerate(points):
            top = Qt.AlignmentFlag.AlignTop
            self.rows.addWidget(self._state(point), row, 0, top)
            strong = "strong" if point.state == "open" else ""
            self.rows.addWidget(label(point.title, strong), row, 1, top)
            words = label(f"{point.words} {point.costs}".strip(), "soft", wrap=True)
            words.setObjectName(f"point-{point.id}")
            self.rows.addWidget(words, row, 2)

    def _state(self, point: CheckPoint) -> QWidget:
        if point.state not in ("yours", "ticked"):
            role = {"open": "warning", "holds": ""}.get(point.state, "soft")
            return label(_STATES[point.state], role)
        box = QCheckBox()
        box.setObjectName(f"tick-{point.id}")
        box.setAccessibleName(point.title)
        box.setChecked(point.id in self.session.document.signing.ticked)
        box.toggled.connect(partial(self._tick, point.id))
        return box

    def _tick(self, point_id: str, on: bool) -> None:
        self.session.do(tr("Tick the check list"), lambda d: ticked(d, point_id, on))
