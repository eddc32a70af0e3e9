"""What is dropped on the window, wherever: a document opens, a sound at Hear is played, anything
else is a response.
"""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import QEvent, QMimeData, QObject
from PyQt6.QtGui import QDropEvent

from jolly_parlor.app.parts import WindowParts
from jolly_parlor.project.files import SUFFIX
from jolly_parlor.words import plural


class Drops(QObject):
    """Stands before the window: its pages and their fields take no files themselves."""

    def __init__(self, window: WindowParts) -> None:
        super().__init__(window)
        self._window = window
        window.setAcceptDrops(True)
        window.installEventFilter(self)

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        """Files are taken; what else is dragged is no affair of the window's."""
        if isinstance(event, QDropEvent) and event.type() in (
            QEvent.Type.DragEnter,
            QEvent.Type.Drop,
        ):
            paths = _files(event.mimeData())
            if paths:
                event.acceptProposedAction()
                if event.type() == QEvent.Type.Drop:
                    self.take(paths)
                return True
        return super().eventFilter(watched, event)

    def take(self, paths: list[Path]) -> None:
        """Each to where it belongs."""
        window = self._window
        documents = [path for path in paths if path.suffix.lower() == SUFFIX]
        if documents:
            if len(paths) > 1:
                window.say(
                    plural(
                        len(paths) - 1,
                        "A window holds one room: {name} is opened, the other one dropped with it "
                        "is not.",
                        "A window holds one room: {name} is opened, the other {count} dropped with "
                        "it are not.",
                        name=documents[0].name,
                    )
                )
            window.open_dropped(documents[0])
        elif window.station == "hear" and len(paths) == 1 and paths[0].suffix.lower() == ".wav":
            window.hear.heard.use_piece(paths[0])
        else:
            window.go("takes")
            window.takes.take_files(paths)


def _files(mime: QMimeData | None) -> list[Path]:
    urls = mime.urls() if mime is not None and mime.hasUrls() else []
    return [Path(url.toLocalFile()) for url in urls if url.isLocalFile()]
