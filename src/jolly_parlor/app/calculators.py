"""The window's calculators: the curve under the hand, what takes longer, what is asked beside, and
what is heard; each a thread of its own, with the room's field shared.
"""

from PyQt6.QtCore import QObject, pyqtSignal

from jolly_parlor.app import jobs
from jolly_parlor.app.calculator import Calculator
from jolly_parlor.app.known_fields import KnownFields
from jolly_parlor.app.waits import Waits


class Calculators(QObject):
    """All of them at once."""

    failed = pyqtSignal(str)
    settled = pyqtSignal()

    def __init__(self, parent: QObject, fields: KnownFields, waits: Waits) -> None:
        """waits: how long answers took, kept between sessions."""
        super().__init__(parent)
        self._waits = waits
        self.live = Calculator(parent, jobs.warm_up, fields, waits)
        self.slow, self.beside, self.ear = (
            Calculator(parent, fields=fields, waits=waits) for _ in range(3)
        )
        self._all = (self.live, self.slow, self.beside, self.ear)
        for one in self._all:
            one.failed.connect(self.failed)
            one.settled.connect(self.settled)

    @property
    def busy(self) -> bool:
        """Whether anything is still being worked out."""
        return any(one.busy for one in self._all)

    def hold(self, dragging: bool) -> None:
        """While something is dragged, only what follows the drag is worked out."""
        for one in self._all:
            one.hold(dragging)

    def look_again(self) -> None:
        """A room has been worked out: what waits for it is asked anew."""
        for one in self._all:
            one.look_again()

    def stop(self) -> None:
        """End the threads, and keep how long their answers took."""
        for one in self._all:
            one.stop()
        self._waits.keep()
