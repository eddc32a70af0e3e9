"""What is being worked out while somebody waits: what, for how long yet, and a way to stop it."""

from __future__ import annotations

from collections.abc import Sequence

from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QFrame, QHBoxLayout, QWidget

from jolly_parlor.app.calculator import AtWork, Calculator
from jolly_parlor.app.questions import Kind
from jolly_parlor.app.widgets.entries import label, named_button
from jolly_parlor.words import tr

_PATIENCE_SECONDS, _LOOK_MS, _AWAY = 1.0, 250, 14


class WorkingLine(QFrame):
    """Lies over the lower right corner of what it is in, only while an answer takes long."""

    def __init__(self, within: QWidget, calculators: Sequence[Calculator]) -> None:
        super().__init__(within)
        self.setObjectName("working")
        self._within, self._calculators = within, calculators
        self._named: tuple[Calculator, Kind] | None = None
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 4, 6, 4)
        self.told = label("", "soft")
        self.told.setObjectName("working-words")
        row.addWidget(self.told)
        row.addWidget(named_button(tr("Stop"), "working-stop", self._stop))
        self._timer = QTimer(self)
        self._timer.timeout.connect(self._look)
        self._timer.start(_LOOK_MS)
        self.hide()

    def _long(self) -> list[tuple[Calculator, AtWork]]:
        """Those that somebody has waited a while for, the longest first."""
        found = [(one, one.at_work) for one in self._calculators]
        late = [
            (one, work)
            for one, work in found
            if work is not None
            and work.seconds >= _PATIENCE_SECONDS
            and not work.kind.follows_drags
        ]
        return sorted(late, key=lambda pair: -pair[1].seconds)

    def _look(self) -> None:
        late = self._long()
        if not late:
            self._named = None
            self.hide()
            return
        calculator, work = late[0]
        self._named = calculator, work.kind
        left = work.took - work.seconds if work.took is not None else 0.0
        if left >= 1.0:
            words = tr(
                "Working out {name}, about {left:.0f} s left", name=work.kind.name, left=left
            )
        else:
            words = tr(
                "Working out {name}, for {seconds:.0f} s", name=work.kind.name, seconds=work.seconds
            )
        self.told.setText(words)
        self.adjustSize()
        corner = self._within.rect().bottomRight()
        self.move(corner.x() - self.width() - _AWAY, corner.y() - self.height() - _AWAY)
        self.show()
        self.raise_()

    def _stop(self) -> None:
        """What the line names is stopped, not what has taken its place since."""
        if self._named is not None:
            calculator, kind = self._named
            calculator.stop_current(kind)
        self._look()
