"""What to build from: distances by tape, settings, how to fix and carry, cautions."""

from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.kept import Align, Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.cautions import cautions
from jolly_parlor.placement.fixing import fixing_advice
from jolly_parlor.placement.settings.as_set import settings_lines
from jolly_parlor.placement.tape import tape_distances
from jolly_parlor.project.document import Document
from jolly_parlor.units import feet_inches, format_length
from jolly_parlor.words import tr


class TapeCard:
    """Of the arrangement shown. `frames` are the widgets, in order."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        tape: QFrame
        tape, layout = card()
        layout.addWidget(label(tr("With the tape"), "head"))
        grid = WrappedGrid()
        grid.setHorizontalSpacing(14)
        grid.setVerticalSpacing(1)
        layout.addLayout(grid)
        self.grid = Kept(grid, session.home)
        settings, layout = card()
        layout.addWidget(label(tr("Set like this"), "head"))
        grid = WrappedGrid()
        grid.setColumnStretch(1, 1)
        grid.setHorizontalSpacing(14)
        layout.addLayout(grid)
        self.settings = Kept(grid, session.home)
        fixing, layout = card()
        layout.addWidget(label(tr("Fixing and carrying"), "head"))
        lines = QVBoxLayout()
        layout.addLayout(lines)
        self.fixing = Kept(lines, session.home)
        warned, layout = card()
        layout.addWidget(label(tr("Cautions"), "head"))
        self.cautions = label("", wrap=True)
        layout.addWidget(self.cautions)
        self.frames = (tape, settings, fixing, warned)

    def refresh(self) -> None:
        """Show the distances of the arrangement shown."""
        document, a = self.session.document, self.session.arrangement
        for frame in self.frames:
            frame.setVisible(a is not None)
        if a is None:
            return
        with self.settings as kept:
            for line, (who, words) in enumerate(settings_lines(document.gear, a)):
                kept.words(who, line, 0, role="strong", align=Align.AlignTop)
                kept.words(words, line, 1, role="", wrap=True)
        with self.grid as kept:
            self._fill(kept, document, a)
        with self.fixing as kept:
            for one in fixing_advice(document.setup(a)):
                kept.words(f"{one.what}: {one.words} {one.caution}".strip(), role="", wrap=True)
        told_of = cautions(document.setup(a))
        self.cautions.setText("\n".join(f"· {text}" for text in told_of))

    def _fill(self, kept: Kept, document: Document, a: Arrangement) -> None:
        last, row = "", 0
        found = tape_distances(document.setup(a), document.by_ear.corner)
        half = (len(found) + 1) // 2
        for index, distance in enumerate(found):
            if index == half:
                last, row = "", 0
            column = 5 * (index >= half)
            if distance.item != last:
                kept.words(distance.item, row, column, role="strong")
            last = distance.item
            kept.words(distance.what, row, column + 1)
            kept.words(format_length(distance.metres), row, column + 2, role="")
            kept.words(feet_inches(distance.metres), row, column + 3, role="")
            row += 1
