"""What of a page is in sight unasked: what can be pressed or typed into, and lines of prose."""

from PyQt6.QtCore import QRect
from PyQt6.QtWidgets import (
    QAbstractButton,
    QAbstractSpinBox,
    QComboBox,
    QLabel,
    QLineEdit,
    QSlider,
    QWidget,
)

_CONTROLS = (QAbstractButton, QComboBox, QLineEdit, QSlider, QAbstractSpinBox)
_SENTENCE = 6
"""Words from which on a label is read rather than seen."""


def _seen(widget: QWidget) -> bool:
    return widget.isVisible() and not widget.visibleRegion().isEmpty()


def controls(page: QWidget) -> list[QWidget]:
    """Each that takes a click or keys, those within another one counted with it."""
    found = [w for kind in _CONTROLS for w in page.findChildren(kind) if _seen(w)]
    return [w for w in found if not isinstance(w.parentWidget(), _CONTROLS)]


def prose_lines(page: QWidget) -> int:
    """Lines of sentences in sight, as they are broken."""
    return sum(_lines(label) for label in page.findChildren(QLabel) if _seen(label))


def _lines(label: QLabel) -> int:
    text = label.text()
    if len(text.split()) < _SENTENCE:
        return 0
    metrics = label.fontMetrics()
    whole = metrics.boundingRect(QRect(0, 0, max(label.width(), 1), 10_000), 0x1000, text)
    lines = max(round(whole.height() / metrics.lineSpacing()), 1)
    share = label.visibleRegion().boundingRect().height() / max(label.height(), 1)
    return round(lines * share)
