"""Letting a widget go that something else takes the place of."""

from PyQt6.QtWidgets import QWidget


def let_go(widget: QWidget) -> None:
    """Hidden, no part of the page and deaf to every press at once; freed by Qt when that is safe.

    Only `deleteLater` would leave it on the page until Qt comes to it, still to be clicked, while
    Python has collected what its slots need. What is under way to it, such as the release of a
    press, arrives after it was let go: nothing in it may act on that.
    """
    widget.hide()
    widget.setParent(None)
    for one in (widget, *widget.findChildren(QWidget)):
        one.blockSignals(True)
    widget.deleteLater()
