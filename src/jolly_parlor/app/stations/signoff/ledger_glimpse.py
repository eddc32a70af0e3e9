"""The Ledger at Sign-off: the newest first, and the way to all of it."""

from PyQt6.QtWidgets import QFrame, QPlainTextEdit

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.words import tr


class LedgerGlimpse:
    """`frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.frame: QFrame
        self.frame, layout = card()
        head = FlowRow()
        head.addWidget(label(tr("Ledger"), "head"))
        head.addStretch(1)
        head.addWidget(named_button(tr("All of it"), "open-ledger", session.ledger_wanted.emit))
        layout.addLayout(head)
        self.text = QPlainTextEdit()
        self.text.setReadOnly(True)
        self.text.setObjectName("ledger")
        self.text.setAccessibleName(tr("Ledger"))
        self.text.setMinimumHeight(150)
        layout.addWidget(self.text)

    def refresh(self) -> None:
        """Show what has been noted."""
        newest = reversed(self.session.history.ledger)
        lines = [f"{entry.when[:16].replace('T', ' ')}  {entry.text}" for entry in newest]
        empty = tr("Moves, takes and choices are written here as they happen.")
        self.text.setPlainText("\n".join(lines) or empty)
