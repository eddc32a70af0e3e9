"""A disk that fails at one of a save's calls, once or from then on as one that was pulled out."""

import errno
import os
from collections.abc import Callable
from pathlib import Path

from hardship.cut_off import CALLS
from hardship.saving import ended, forked, named, number_of
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import FileRefused, open_document, open_project, save_project
from jolly_parlor.project.history import Project

REFUSED = 3
"""How a process ends whose save was refused in a sentence."""


class Ailing:
    """Counts what a process asks of the system, and says that it cannot at a given call."""

    def __init__(self, fail_at: int, gone: bool) -> None:
        self._fail_at, self._gone, self.count = fail_at, gone, 0

    def begin(self) -> None:
        for name in CALLS:
            setattr(os, name, self._counted(getattr(os, name), name))
        real = Path.write_bytes

        def write_bytes(path: Path, data: bytes) -> int:
            real(path, data[: len(data) // 2])
            self._passed()
            return real(path, data)

        Path.write_bytes = write_bytes  # type: ignore[method-assign]

    def _counted(self, real: Callable[..., object], name: str) -> Callable[..., object]:
        def call(*words: object, **more: object) -> object:
            if name == "close":  # a descriptor is let go, whatever the disk says
                return real(*words, **more)
            self._passed()
            return real(*words, **more)

        return call

    def _passed(self) -> None:
        self.count += 1
        if self.count == self._fail_at or (self._gone and self.count > self._fail_at):
            failure = errno.ENODEV if self._gone else errno.EIO
            raise OSError(failure, os.strerror(failure))


def ailing_everywhere(document: Document, folder: Path) -> tuple[int, list[str]]:
    """How many calls a save makes, and what went wrong where the disk failed at one: it is saved,
    or refused in a sentence, and the file opens as the one or the other.
    """
    wrong: list[str] = []
    path = folder / "room.parlor"
    for gone in (False, True):
        at, passed = 1, False
        while not passed:
            path.unlink(missing_ok=True)
            save_project(Project(named(document, 1)), path)

            def save(at: int = at, gone: bool = gone) -> None:
                before = open_project(path)
                disk = Ailing(at, gone)
                disk.begin()
                changed = before.project.after(named(before.project.document, 2))
                try:
                    save_project(changed, path, before.fingerprint)
                except FileRefused as refused:
                    os._exit(REFUSED if str(refused).endswith(".") else 4)
                os._exit(0 if disk.count >= at else 5)  # 5: it had no such call any more

            code = ended(forked(save))
            passed = code == 5
            found = number_of(open_document(path))
            if code not in (0, REFUSED, 5) or found not in (1, 2):
                wrong.append(f"call {at}, gone {gone}: ended with {code}, room {found}")
            if code in (0, 5) and found != 2:
                wrong.append(f"call {at}, gone {gone}: said to be saved, and is not")
            at += 1
    return at - 2, wrong
