"""Qt's fields with two habits left out: the wheel over them scrolls the page instead of changing
them, and Undo in a line without typing of its own is the document's.
"""

from typing import cast

from PyQt6.QtCore import QEvent
from PyQt6.QtGui import QKeyEvent, QKeySequence, QWheelEvent
from PyQt6.QtWidgets import QComboBox, QLineEdit, QSlider, QSpinBox

_KEYS = (QKeySequence.StandardKey.Undo, QKeySequence.StandardKey.Redo)


class ChoiceBox(QComboBox):
    """Left to the page by the wheel."""

    def wheelEvent(self, e: QWheelEvent | None) -> None:
        if e is not None:
            e.ignore()


class SteadySlider(QSlider):
    """Left to the page by the wheel."""

    def wheelEvent(self, e: QWheelEvent | None) -> None:
        if e is not None:
            e.ignore()


class CountBox(QSpinBox):
    """Left to the page by the wheel."""

    def wheelEvent(self, e: QWheelEvent | None) -> None:
        if e is not None:
            e.ignore()


class Line(QLineEdit):
    """Takes Undo and Redo while there is typing of its own to take back."""

    def event(self, a0: QEvent | None) -> bool:
        if a0 is not None and a0.type() == QEvent.Type.ShortcutOverride and not self.isModified():
            pressed = cast(QKeyEvent, a0)
            if any(pressed.matches(key) for key in _KEYS):
                pressed.ignore()
                return True
        return super().event(a0)
