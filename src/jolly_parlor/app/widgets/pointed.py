"""A button that tells when it is pointed at, or reached by key, and when no more."""

from PyQt6.QtCore import QEvent, pyqtSignal
from PyQt6.QtGui import QEnterEvent, QFocusEvent
from PyQt6.QtWidgets import QPushButton


class PointedButton(QPushButton):
    """`pointed` is emitted with whether it is."""

    pointed = pyqtSignal(bool)

    def enterEvent(self, event: QEnterEvent | None) -> None:
        """Pointed at."""
        super().enterEvent(event)
        self.pointed.emit(True)

    def leaveEvent(self, event: QEvent | None) -> None:
        """Not any more."""
        super().leaveEvent(event)
        self.pointed.emit(False)

    def focusInEvent(self, event: QFocusEvent | None) -> None:
        """Reached by key."""
        super().focusInEvent(event)
        self.pointed.emit(True)

    def focusOutEvent(self, event: QFocusEvent | None) -> None:
        """Left by key."""
        super().focusOutEvent(event)
        self.pointed.emit(False)
