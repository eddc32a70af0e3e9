"""Garbage is collected in the thread that draws.

Python collects in whichever thread happens to allocate next. What it frees there may be a widget
that was let go, and a widget destroyed beside the thread that draws takes the program with it, at
some other place and moment. So collecting by itself is off, and a timer of the window's thread
does it, by Python's own thresholds.
"""

import gc

from PyQt6.QtCore import QObject, QTimer

_EVERY_MS, _NAME = 200, "collecting"


def collect_here(owner: QObject) -> None:
    """From now on in this thread, which must have the event loop, for as long as the owner is. What
    is there by now (the libraries) stays, and is not gone through each time.
    """
    if owner.findChild(QTimer, _NAME) is not None:
        return
    gc.disable()
    gc.freeze()
    timer = QTimer(owner)
    timer.setObjectName(_NAME)
    timer.timeout.connect(_collect)
    timer.start(_EVERY_MS)


def _collect() -> None:
    """The oldest generation that is due, as Python would."""
    for generation in (2, 1, 0):
        if gc.get_count()[generation] > gc.get_threshold()[generation]:
            gc.collect(generation)
            return
