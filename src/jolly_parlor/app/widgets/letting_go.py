"""Letting a widget go that something else takes the place of."""

from PyQt6.QtWidgets import QWidget


def let_go(widget: QWidget) -> None:
    """Hidden and no part of the page at once, freed by Qt when that is safe.

    Only `deleteLater` would leave it on the page until Qt comes to it, still to be clicked, while
    Python has collected what its slots need.
    """
    widget.hide()
    widget.setParent(None)
    widget.deleteLater()
