"""A copy of unsaved work beside the settings: a crash loses at most half a minute."""

from datetime import datetime
from pathlib import Path

from platformdirs import user_state_path
from PyQt6.QtCore import QObject, QTimer

from jolly_parlor.app.session import Session
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import FileRefused, open_document, write_document

_EVERY_MS = 30_000


class Autosave(QObject):
    """Writes the document every half minute while it has unsaved changes."""

    def __init__(self, session: Session, path: Path | None = None) -> None:
        super().__init__(session)
        self.session = session
        self.path = path or user_state_path("jolly-parlor") / "unsaved.parlor"
        self._written: Document | None = None
        self._timer = QTimer(self)
        self._timer.setInterval(_EVERY_MS)
        self._timer.timeout.connect(self.write)
        self._timer.start()

    def write(self) -> None:
        """Keep the document as it stands, if it is not saved."""
        document = self.session.document
        if not self.session.history.changed or document is self._written:
            return
        try:
            self.path.parent.mkdir(parents=True, exist_ok=True)
            write_document(document, self.path)
            self._written = document
        except (OSError, FileRefused) as error:
            self.session.told.emit(f"The safety copy could not be written: {error}")

    def forget(self) -> None:
        """The work is saved or given up: the copy is no longer needed."""
        self.path.unlink(missing_ok=True)
        self._written = None

    def left_behind(self) -> tuple[Document, str] | None:
        """Unsaved work of an earlier run, and when it was written."""
        try:
            when = datetime.fromtimestamp(self.path.stat().st_mtime)
            return open_document(self.path), f"{when:%d %B, %H:%M}"
        except (OSError, FileRefused):
            return None
