"""Safety copies of unsaved work: a crash loses at most half a minute, and nothing is deleted that
nobody has asked to discard.

Each window writes a copy of its own, held by a lock for as long as it runs. A copy without a
running owner was left behind by a crash and is offered at the next start. What is discarded is set
aside for a week.
"""

from __future__ import annotations

import fcntl
import os
import secrets
import time
from contextlib import suppress
from dataclasses import dataclass
from datetime import datetime
from pathlib import Path

from platformdirs import user_state_path
from PyQt6.QtCore import QObject, QTimer

from jolly_parlor.app.session import Session
from jolly_parlor.project.history import Project
from jolly_parlor.words import tr

_EVERY_MS = 30_000
KEPT_DAYS = 7
_DAY_SECONDS = 86_400.0


@dataclass(frozen=True, eq=False)
class LeftBehind:
    """A copy whose window is gone."""

    path: Path
    when: str
    project: Project | None
    """None where it cannot be read."""


class SafetyCopy(QObject):
    """Writes the project every half minute while it has unsaved changes."""

    def __init__(self, session: Session, folder: Path | None = None) -> None:
        from jolly_parlor.project.files import SUFFIX

        super().__init__(session)
        self.session = session
        self.folder = folder or user_state_path("jolly-parlor") / "unsaved"
        self.path = self.folder / f"{os.getpid()}-{secrets.token_hex(4)}{SUFFIX}"
        self._lock: int | None = None
        self._written: Project | None = None
        self._timer = QTimer(self)
        self._timer.setInterval(_EVERY_MS)
        self._timer.timeout.connect(self.write)
        self._timer.start()

    @property
    def discarded(self) -> Path:
        """Where what is discarded is kept for a week."""
        return self.folder / "discarded"

    def write(self) -> None:
        """Keep the project as it stands, if it is not saved."""
        from jolly_parlor.project.files import FileRefused, write_project

        project = self.session.history.project
        if not self.session.history.changed or project is self._written:
            return
        try:
            self._hold()
            write_project(project, self.path)
            self._written = project
        except (OSError, FileRefused) as error:
            self.session.told.emit(tr("The safety copy could not be written: {error}", error=error))

    def forget(self) -> None:
        """The work is saved: the copy is no longer needed."""
        with suppress(OSError):
            self.path.unlink(missing_ok=True)
            _lock_of(self.path).unlink(missing_ok=True)
        if self._lock is not None:
            os.close(self._lock)
            self._lock = None
        self._written = None

    def discard(self) -> None:
        """The user gives the unsaved changes up: they are set aside."""
        self.write()
        if self.path.exists():
            self._set_aside(self.path)
        self.forget()

    def left_behind(self) -> list[LeftBehind]:
        """Unsaved work of earlier runs, newest first; that of running windows is theirs."""
        from jolly_parlor.project.files import SUFFIX

        self._clean()
        # Earlier versions wrote one file for all.
        paths = [*self.folder.glob(f"*{SUFFIX}"), self.folder.with_name(f"unsaved{SUFFIX}")]
        found = []
        for path in paths:
            if path == self.path or not path.is_file() or _held(path):
                continue
            with suppress(OSError):
                when = datetime.fromtimestamp(path.stat().st_mtime)
                found.append((when, path))
        return [
            LeftBehind(path, f"{when:%d %B, %H:%M}", _read(path))
            for when, path in sorted(found, reverse=True)
        ]

    def take_up(self, copy: LeftBehind) -> None:
        """The session has a left-behind project now: it is written as its own before that goes."""
        self.write()
        if self._written is self.session.history.project:
            with suppress(OSError):
                copy.path.unlink(missing_ok=True)
                _lock_of(copy.path).unlink(missing_ok=True)

    def discard_copy(self, copy: LeftBehind) -> None:
        """The user has said to discard it: set aside for a week."""
        self._set_aside(copy.path)

    def _set_aside(self, path: Path) -> None:
        from jolly_parlor.project.files import SUFFIX

        name = f"{datetime.now():%Y-%m-%d %H-%M-%S} {secrets.token_hex(2)}{SUFFIX}"
        with suppress(OSError):
            self.discarded.mkdir(0o700, parents=True, exist_ok=True)
            os.utime(path)  # the week begins now
            os.replace(path, self.discarded / name)
            _lock_of(path).unlink(missing_ok=True)

    def _clean(self) -> None:
        """Let go of what was discarded more than a week ago."""
        from jolly_parlor.project.files import SUFFIX

        for path in self.discarded.glob(f"*{SUFFIX}"):
            with suppress(OSError):
                if time.time() - path.stat().st_mtime > KEPT_DAYS * _DAY_SECONDS:
                    path.unlink()

    def _hold(self) -> None:
        if self._lock is None:
            self.folder.mkdir(0o700, parents=True, exist_ok=True)
            self._lock = os.open(_lock_of(self.path), os.O_CREAT | os.O_RDWR, 0o600)
            fcntl.flock(self._lock, fcntl.LOCK_EX | fcntl.LOCK_NB)


def _lock_of(path: Path) -> Path:
    return path.with_suffix(".lock")


def _held(path: Path) -> bool:
    """Whether a running window owns a copy."""
    try:
        handle = os.open(_lock_of(path), os.O_RDWR)
    except OSError:
        return False
    try:
        fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
    except OSError:
        return True
    finally:
        os.close(handle)
    return False


def _read(path: Path) -> Project | None:
    from jolly_parlor.project.files import FileRefused, open_project

    try:
        return open_project(path).project
    except FileRefused:
        return None
