"""What every field of the window does alike: the wheel scrolls the page and changes nothing, and
Undo in a field without typing of its own is the document's.
"""

from PyQt6.QtCore import QEvent, QObject
from PyQt6.QtGui import QKeyEvent, QKeySequence
from PyQt6.QtWidgets import (
    QAbstractSpinBox,
    QApplication,
    QComboBox,
    QLineEdit,
    QScrollArea,
    QSlider,
)

_TURNED = (QComboBox, QAbstractSpinBox, QSlider)


class FieldHabits(QObject):
    """Watches all events of the application while its window lives."""

    def __init__(self, parent: QObject, application: QApplication) -> None:
        super().__init__(parent)
        application.installEventFilter(self)

    def eventFilter(self, a0: QObject | None, a1: QEvent | None) -> bool:
        """Whether the event ends here."""
        if a1 is None:
            return False
        if a1.type() == QEvent.Type.Wheel and isinstance(a0, _TURNED):
            _scroll_instead(a0, a1)
            return True
        if a1.type() == QEvent.Type.ShortcutOverride and isinstance(a0, QLineEdit):
            return _leaves_undo(a0, a1)
        return False


def _scroll_instead(turned: QComboBox | QAbstractSpinBox | QSlider, event: QEvent) -> None:
    above = turned.parentWidget()
    while above is not None and not isinstance(above, QScrollArea):
        above = above.parentWidget()
    viewport = above.viewport() if above is not None else None
    if viewport is not None:
        QApplication.sendEvent(viewport, event)


def _leaves_undo(field: QLineEdit, event: QEvent) -> bool:
    """Whether Undo or Redo is for the document, as nothing was typed into the field."""
    assert isinstance(event, QKeyEvent)
    keys = (QKeySequence.StandardKey.Undo, QKeySequence.StandardKey.Redo)
    if field.isModified() or not any(event.matches(key) for key in keys):
        return False
    event.ignore()
    return True
