"""One window for one document: opened a second time, the window that has it comes to the front.

A window listens on a local socket named after its document's path; whoever opens that document
knocks there first. Only the user's own processes may.
"""

from __future__ import annotations

import hashlib
import os
from collections.abc import Callable
from pathlib import Path

from PyQt6.QtCore import QObject
from PyQt6.QtNetwork import QLocalServer, QLocalSocket

_PATIENCE_MS = 400
_KNOCK, _HEARD = b"come forward\n", b"coming\n"


def bring_forward(file: Path) -> bool:
    """Whether another window has that document; it has come to the front then."""
    socket = QLocalSocket()
    socket.connectToServer(_name_of(file))
    if not socket.waitForConnected(_PATIENCE_MS):
        return False
    socket.write(_KNOCK)
    socket.flush()
    heard = socket.waitForReadyRead(_PATIENCE_MS) and bytes(socket.readAll().data()) == _HEARD
    socket.disconnectFromServer()
    return heard


class SingleInstance(QObject):
    """Listens for those who open what this window has."""

    def __init__(self, parent: QObject, come: Callable[[], object]) -> None:
        super().__init__(parent)
        self._come = come
        self._server: QLocalServer | None = None
        self._path: Path | None = None

    def hang(self, path: Path | None) -> None:
        """At the document of that path; nowhere for one without a name."""
        if path == self._path:
            return
        self.take_down()
        self._path = path
        if path is None:
            return
        server = QLocalServer(self)
        server.setSocketOptions(QLocalServer.SocketOption.UserAccessOption)
        name = _name_of(path)
        if not server.listen(name):
            QLocalServer.removeServer(name)  # what a program that was killed left behind
            server.listen(name)
        server.newConnection.connect(self._answer)
        self._server = server

    def take_down(self) -> None:
        """Nobody is to knock any more."""
        if self._server is not None:
            self._server.close()
            self._server.deleteLater()
        self._server = self._path = None

    def _answer(self) -> None:
        socket = self._server.nextPendingConnection() if self._server is not None else None
        if socket is None:
            return
        if socket.bytesAvailable() or socket.waitForReadyRead(_PATIENCE_MS):
            if bytes(socket.readAll().data()) == _KNOCK:
                socket.write(_HEARD)
                socket.flush()
                self._come()
        socket.disconnected.connect(socket.deleteLater)
        socket.disconnectFromServer()


def _name_of(file: Path) -> str:
    """Of the socket, the same for every way to write the path."""
    kept = hashlib.sha256(os.fsencode(file.resolve())).hexdigest()[:24]
    name = f"jolly-parlor-{os.getuid()}-{kept}"
    folder = os.environ.get("XDG_RUNTIME_DIR", "")
    return f"{folder}/{name}" if folder and Path(folder).is_dir() else name
