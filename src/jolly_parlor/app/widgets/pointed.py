"""A button that tells when it is pointed at, or reached by key, and when no more."""

from PyQt6.QtCore import QEvent, pyqtSignal
from PyQt6.QtGui import QEnterEvent, QFocusEvent
from PyQt6.QtWidgets import QPushButton


class PointedButton(QPushButton):
    """`pointed` is emitted with whether it is."""

    pointed = pyqtSignal(bool)

    def enterEvent(self, event: QEnterEvent | None) -> None:
        super().enterEvent(event)
        self.pointed.emit(True)

    def leaveEvent(self, event: QEvent | None) -> None:
        super().leaveEvent(event)
        self.pointed.emit(False)

    def focusInEvent(self, event: QFocusEvent | None) -> None:
        super().focusInEvent(event)
        self.pointed.emit(True)

    def focusOutEvent(self, event: QFocusEvent | None) -> None:
        super().focusOutEvent(event)
        self.pointed.emit(False)
