"""What follows a drag at a distance: worked out after its curve is painted, not every time."""

from PyQt6.QtCore import QObject, QTimer, pyqtSignal

from jolly_parlor.app.session import Session


class Follower(QObject):
    """Asks anew when document, view or selection change, and a few frames after a drag's curve:
    both want the processor. Subclasses say in `ask` what is wanted as things stand.
    """

    changed = pyqtSignal()
    pause_ms = 60
    """Between a drag's curve and the question."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self._session = session
        self._drafted = False
        self._soon = QTimer(self)
        self._soon.setSingleShot(True)
        self._soon.setInterval(self.pause_ms)
        self._soon.timeout.connect(self.ask)
        for signal in (session.document_changed, session.view_changed, session.selection_changed):
            signal.connect(self.ask)
        session.drafted.connect(self._note_draft)
        session.shown_changed.connect(self._follow_draft)

    @property
    def due(self) -> bool:
        """Whether a drag will ask in a moment."""
        return self._soon.isActive()

    def ask(self) -> None:
        """Ask for what is wanted as things stand."""
        raise NotImplementedError

    def _note_draft(self) -> None:
        self._drafted = True

    def _follow_draft(self) -> None:
        if self._drafted and not self._soon.isActive():
            self._drafted = False
            self._soon.start()
