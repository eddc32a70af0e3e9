"""A window that rests holds little: tables nobody has asked for go, and their memory with them."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QObject, QTimer

from jolly_parlor.app.memory import give_back

RESTS_AFTER_MS = 20_000
_HELD_BYTES = 12_000_000
"""What is looked at just now, and what a nudge of it needs."""


class Resting(QObject):
    """Waits until nothing has been worked out for a while."""

    def __init__(
        self, parent: QObject, busy: Callable[[], bool], cool: Callable[[], object]
    ) -> None:
        """busy: whether anything is being worked out. cool: tells who has to work ahead again."""
        super().__init__(parent)
        self._busy, self._cool = busy, cool
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(RESTS_AFTER_MS)
        self._timer.timeout.connect(self.rest)

    def wake(self) -> None:
        self._timer.start()

    def rest(self) -> None:
        """Let go of what can be worked out again in a moment."""
        from jolly_parlor.acoustics.array_cache import EVERYTHING

        if self._busy():
            self.wake()
            return
        EVERYTHING.let_go(_HELD_BYTES)
        self._cool()
        give_back()
