"""Sign-off: the decision, every tape-measure distance, the cautions, and the placement card."""

from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QGridLayout, QHBoxLayout, QPlainTextEdit, QPushButton

from jolly_parlor.app.review_dialog import ReviewCard
from jolly_parlor.app.stations.base import Station, card, clear
from jolly_parlor.app.stations.signoff.handover_card import HandoverCard
from jolly_parlor.app.widgets.fields import label, named_button
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.cautions import cautions
from jolly_parlor.placement.settings.as_set import settings_lines
from jolly_parlor.placement.tape import tape_distances
from jolly_parlor.project.edits import choose
from jolly_parlor.units import feet_inches, format_length


class SignoffStation(Station):
    """What to build from, and the record of how it came about."""

    id, name = "signoff", "Sign-off"

    def __init__(self, session: Workbench) -> None:
        super().__init__(session)
        self.pick = QPushButton("Pick this one")
        self.pick.setObjectName("pick-current")
        self.pick.clicked.connect(self._pick)
        self.save = QPushButton("Save placement card…")
        self.save.setObjectName("save-card")
        self.save.setProperty("strong", True)
        self.head.addWidget(self.pick)
        self.head.addWidget(self.save)
        frame, layout = card()
        layout.addWidget(label("With the tape", "head"))
        self.grid = QGridLayout()
        self.grid.setHorizontalSpacing(14)
        self.grid.setVerticalSpacing(1)
        layout.addLayout(self.grid)
        self.body.addWidget(frame)
        frame, layout = card()
        layout.addWidget(label("Set like this", "head"))
        self.settings = QGridLayout()
        self.settings.setColumnStretch(1, 1)
        self.settings.setHorizontalSpacing(14)
        layout.addLayout(self.settings)
        self.body.addWidget(frame)
        row = QHBoxLayout()
        frame, layout = card()
        layout.addWidget(label("Cautions", "head"))
        self.cautions = label("", wrap=True)
        layout.addWidget(self.cautions)
        layout.addStretch(1)
        row.addWidget(frame, 1)
        frame, layout = card()
        head = QHBoxLayout()
        head.addWidget(label("Ledger", "head"))
        head.addStretch(1)
        head.addWidget(named_button("All of it", "open-ledger", self._open_ledger))
        layout.addLayout(head)
        self.ledger = QPlainTextEdit()
        self.ledger.setReadOnly(True)
        self.ledger.setObjectName("ledger")
        self.ledger.setAccessibleName("Ledger")
        self.ledger.setMinimumHeight(150)
        layout.addWidget(self.ledger)
        row.addWidget(frame, 1)
        self.body.addLayout(row)
        self.handover = HandoverCard(session)
        self.body.addWidget(self.handover.frame)
        self.review = ReviewCard(session, "signoff")
        self.body.addWidget(self.review.frame)
        self.body.addStretch(1)
        self.listen(session.document_changed, session.view_changed)

    def state(self) -> str:
        """Done once one is picked."""
        return "done" if self.session.document.chosen is not None else "untouched"

    def refresh(self) -> None:
        """Show the distances of the current arrangement."""
        clear(self.grid)
        clear(self.settings)
        self.handover.refresh()
        self.review.refresh()
        document, a = self.session.document, self.session.arrangement
        self.pick.setEnabled(a is not None and document.chosen != a.name)
        self.save.setEnabled(a is not None)
        newest = reversed(self.session.history.ledger)
        lines = [f"{entry.when[:16].replace('T', ' ')}  {entry.text}" for entry in newest]
        empty = "Moves, takes and choices are written here as they happen."
        self.ledger.setPlainText("\n".join(lines) or empty)
        if a is None:
            self.verdict.setText("Nothing to sign off yet")
            self.under.setText("Rough in an arrangement at Line-up, compare, and pick one.")
            self.cautions.setText("")
            return
        picked = document.chosen == a.name
        self.verdict.setText(f"{a.name}, picked" if picked else f"{a.name}, not picked yet")
        self.under.setText(
            "Monitors are measured at the acoustic centre on their front, and at the corner chosen "
            "at Fine-tune; set them to 1 or 2 cm."
        )
        self.cautions.setText(
            "\n".join(f"· {text}" for text in cautions(document.room, document.gear, a))
        )
        self._fill()

    def _fill(self) -> None:
        document, a = self.session.document, self.session.arrangement
        assert a is not None
        for line, (who, words) in enumerate(settings_lines(document.gear, a)):
            self.settings.addWidget(label(who, "strong"), line, 0, Qt.AlignmentFlag.AlignTop)
            self.settings.addWidget(label(words, wrap=True), line, 1)
        last, row = "", 0
        found = tape_distances(document.room, document.gear, a, document.by_ear.corner)
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

    def _open_ledger(self) -> None:
        self.session.ledger_wanted.emit()

    def _pick(self) -> None:
        a = self.session.arrangement
        if a is not None:
            self.session.do(f"Pick {a.name}", partial(choose, name=a.name, reason="At Sign-off."))
