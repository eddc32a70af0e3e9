"""What to build from: distances by tape, settings, how to fix and carry, cautions."""

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.cautions import cautions
from jolly_parlor.placement.fixing import fixing_advice
from jolly_parlor.placement.settings.as_set import settings_lines
from jolly_parlor.placement.tape import tape_distances
from jolly_parlor.units import feet_inches, format_length
from jolly_parlor.words import tr


class TapeCard:
    """Of the arrangement shown. `frames` are the widgets, in order."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        tape: QFrame
        tape, layout = card()
        layout.addWidget(label(tr("With the tape"), "head"))
        self.grid = WrappedGrid()
        self.grid.setHorizontalSpacing(14)
        self.grid.setVerticalSpacing(1)
        layout.addLayout(self.grid)
        settings, layout = card()
        layout.addWidget(label(tr("Set like this"), "head"))
        self.settings = WrappedGrid()
        self.settings.setColumnStretch(1, 1)
        self.settings.setHorizontalSpacing(14)
        layout.addLayout(self.settings)
        fixing, layout = card()
        layout.addWidget(label(tr("Fixing and carrying"), "head"))
        self.fixing = QVBoxLayout()
        layout.addLayout(self.fixing)
        warned, layout = card()
        layout.addWidget(label(tr("Cautions"), "head"))
        self.cautions = label("", wrap=True)
        layout.addWidget(self.cautions)
        self.frames = (tape, settings, fixing, warned)

    def refresh(self) -> None:
        """Show the distances of the arrangement shown."""
        for layout in (self.grid, self.settings, self.fixing):
            clear(layout)
        document, a = self.session.document, self.session.arrangement
        for frame in self.frames:
            frame.setVisible(a is not None)
        if a is None:
            return
        for line, (who, words) in enumerate(settings_lines(document.gear, a)):
            self.settings.addWidget(label(who, "strong"), line, 0, Qt.AlignmentFlag.AlignTop)
            self.settings.addWidget(label(words, wrap=True), line, 1)
        self._fill()
        for one in fixing_advice(document.setup(a)):
            told = f"{one.what}: {one.words} {one.caution}".strip()
            self.fixing.addWidget(label(told, wrap=True))
        told_of = cautions(document.setup(a))
        self.cautions.setText("\n".join(f"· {text}" for text in told_of))

    def _fill(self) -> None:
        document, a = self.session.document, self.session.arrangement
        assert a is not None
        last, row = "", 0
        found = tape_distances(document.setup(a), document.by_ear.corner)
        half = (len(found) + 1) // 2
        for index, distance in enumerate(found):
            if index == half:
                last, row = "", 0
            column = 5 * (index >= half)
            if distance.item != last:
                self.grid.addWidget(label(distance.item, "strong"), row, column)
            last = distance.item
            self.grid.addWidget(label(distance.what, "soft"), row, column + 1)
            self.grid.addWidget(label(format_length(distance.metres)), row, column + 2)
            self.grid.addWidget(label(feet_inches(distance.metres)), row, column + 3)
            row += 1
