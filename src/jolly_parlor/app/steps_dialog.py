"""The steps that can be taken back and done again, to look at and to go to."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QFont
from PyQt6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from jolly_parlor.app.session import Session
from jolly_parlor.app.widgets.entries import label, named_button
from jolly_parlor.words import tr


class StepsDialog(QDialog):
    """Oldest first; what would be done again stands below where the document is, in italics."""

    def __init__(self, parent: QWidget, session: Session) -> None:
        super().__init__(parent)
        self._session = session
        self.setWindowTitle(tr("Steps back and forth"))
        self.setObjectName("steps")
        layout = QVBoxLayout(self)
        layout.setContentsMargins(22, 16, 22, 14)
        words = tr(
            "A step that is chosen is the last that counts. Going back is noted in the Ledger."
        )
        layout.addWidget(label(words, "soft", wrap=True))
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Steps"))
        self.list.itemActivated.connect(lambda item: self._go(self.list.row(item)))
        layout.addWidget(self.list)
        row = QHBoxLayout()
        row.addWidget(named_button(tr("Go there"), "go-there", self._go_chosen))
        row.addStretch(1)
        row.addWidget(named_button(tr("Close"), "steps-close", self.accept))
        layout.addLayout(row)
        self.resize(480, 420)
        self._fill()

    def _fill(self) -> None:
        past, future = self._session.history.labels
        self.list.clear()
        for number, text in enumerate((tr("As opened"), *past, *future)):
            item = QListWidgetItem(text)
            font = QFont(self.list.font())
            font.setItalic(number > len(past))
            font.setBold(number == len(past))
            item.setFont(font)
            self.list.addItem(item)
        self.list.setCurrentRow(len(past))
        self.list.setFocus(Qt.FocusReason.OtherFocusReason)

    def _go_chosen(self) -> None:
        self._go(self.list.currentRow())

    def _go(self, row: int) -> None:
        past, _ = self._session.history.labels
        for _ in range(len(past) - row):
            self._session.undo()
        for _ in range(row - len(past)):
            self._session.redo()
        self._fill()
