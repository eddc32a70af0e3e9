"""What sounds: on a thread of its own, begun quietly, never beyond a limit, silenced by one key
from anywhere.
"""

import numpy as np
from PyQt6.QtCore import QEvent, QObject, Qt, pyqtSignal
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QApplication

from jolly_parlor.app.session import Session
from jolly_parlor.app.task import Task, Work

QUIET_DB, LOUDEST_DB, STEP_DB = -42.0, -12.0, 3.0
"""Below full scale: where every session of listening begins, the limit, and a press of a button."""
_QUIETEST_DB = -60.0


class Sounding(QObject):
    """One sound at a time."""

    changed = pyqtSignal()
    """Something began, ended, or became louder or quieter."""
    reached = pyqtSignal(float)
    """At which second of its programme it is."""

    def __init__(
        self, session: Session, quiet_db: float = QUIET_DB, loudest_db: float = LOUDEST_DB
    ) -> None:
        super().__init__()
        self.session = session
        self._loudest_db = loudest_db
        self.output_db = min(quiet_db, self.loudest_db)
        self.said = ""
        """Why nothing is heard, where nothing is."""
        self._run: Task | None = None
        self._fades = False
        session.closing.connect(self.close)

    @property
    def loudest_db(self) -> float:
        """The limit: this page's, or the user's where that is lower."""
        return min(self._loudest_db, self.session.settings.values.level_limit_db)

    @property
    def sounds(self) -> bool:
        return self._run is not None

    @property
    def fades(self) -> bool:
        """Whether what is heard is on its way out."""
        return self._run is not None and self._fades

    def stop(self) -> None:
        if self._run is not None:
            self._fades = True
            self._run.cancel()

    def close(self) -> None:
        """End the thread before the window goes."""
        if self._run is not None:
            self._run.end()
            self._gone()

    def louder(self, steps: int) -> None:
        """So many steps up, or down; never beyond the limit."""
        wanted = self.output_db + steps * STEP_DB
        self.output_db = float(np.clip(wanted, _QUIETEST_DB, self.loudest_db))
        self.changed.emit()

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        """While something plays, Escape silences it, wherever the keys go."""
        if isinstance(event, QKeyEvent) and event.type() in (
            QEvent.Type.KeyPress,
            QEvent.Type.ShortcutOverride,
        ):
            if event.key() == Qt.Key.Key_Escape and self._run is not None:
                self.stop()
                event.accept()
                return True
        return False

    def _begin(self, work: Work) -> None:
        """work: plays until it is told to stop, and says at which second it is."""
        self.said, self._fades = "", False
        self._run = Task("playing", work)
        self._run.progressed.connect(lambda second, _: self.reached.emit(second))
        self._run.refused.connect(self._refuse)
        self._run.finished.connect(self._finish)
        application = QApplication.instance()
        assert application is not None
        application.installEventFilter(self)
        self._run.start()
        self.changed.emit()

    def _refuse(self, why: str) -> None:
        self.said = why
        self.session.refused.emit(why)

    def _finish(self) -> None:
        self._gone()
        self.changed.emit()

    def _gone(self) -> None:
        application = QApplication.instance()
        if application is not None:
            application.removeEventFilter(self)
        self._run = None
