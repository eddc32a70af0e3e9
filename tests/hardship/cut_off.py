"""A save cut off at every one of its calls to the system, and the power lost there: what was
written but not brought onto the disk is gone, and so may be a name that was not.
"""

import os
import signal
from collections.abc import Callable
from pathlib import Path

from hardship.saving import ended, forked, named, number_of
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import FileRefused, open_document, open_project, save_project

CALLS = ("open", "fsync", "replace", "unlink", "chmod", "chown", "close")


class Disk:
    """Counts what a process asks of the system, ends it at a given call, and leaves on the disk
    what would be there then.
    """

    def __init__(self, end_at: int, power_lost: bool, names_lost: bool) -> None:
        self._end_at, self._power, self._names = end_at, power_lost, names_lost
        self.count = 0
        self._real = {name: getattr(os, name) for name in CALLS}
        self._unsynced: set[str] = set()
        self._replaced: dict[str, bytes | None] = {}
        self._opened: dict[int, str] = {}

    def begin(self) -> None:
        for name in CALLS:
            setattr(os, name, self._counted(name))
        real_write = Path.write_bytes

        def write_bytes(path: Path, data: bytes) -> int:
            self._unsynced.add(str(path))
            real_write(path, data[: len(data) // 2])
            self._passed()
            written = real_write(path, data)
            self._passed()
            return written

        Path.write_bytes = write_bytes  # type: ignore[method-assign]

    def _counted(self, name: str) -> Callable[..., object]:
        def call(*words: object, **more: object) -> object:
            self._passed()
            if name == "replace":
                place = Path(str(words[1]))
                self._replaced[str(place)] = place.read_bytes() if place.exists() else None
                self._unsynced = {
                    str(place) if one == str(words[0]) else one for one in self._unsynced
                }
            made = self._real[name](*words, **more)
            if name == "open":
                self._opened[made] = str(words[0])
            if name == "fsync":
                self._synced(words[0])
            return made

        return call

    def _synced(self, what: object) -> None:
        place = self._opened.get(what) if isinstance(what, int) else None
        number = what if isinstance(what, int) else what.fileno()  # type: ignore[attr-defined]
        place = place or os.readlink(f"/proc/self/fd/{number}")
        self._unsynced.discard(place)
        if Path(place).is_dir():
            self._replaced.clear()  # the names of the folder are on the disk

    def _passed(self) -> None:
        self.count += 1
        if self.count != self._end_at:
            return
        if self._power:
            for place in self._unsynced:
                if Path(place).exists():
                    with open(place, "r+b") as file:
                        file.truncate(0)
        if self._names:
            for place, before in self._replaced.items():
                with open(place, "wb") as file:
                    file.write(before or b"")
        os.kill(os.getpid(), signal.SIGKILL)


def cut_off_everywhere(document: Document, folder: Path) -> tuple[int, list[str]]:
    """How many calls a save makes, and what went wrong where it was cut off: after each the file
    opens, as it was or as it was to be.
    """
    wrong: list[str] = []
    path = folder / "room.parlor"
    for power, names in ((False, False), (True, False), (True, True)):
        at, done = 1, False
        while not done:
            path.unlink(missing_ok=True)
            opened = named(document, 1)
            save_project(_project(opened), path)

            def save(at: int = at, power: bool = power, names: bool = names) -> None:
                before = open_project(path)
                Disk(at, power, names).begin()
                changed = before.project.after(named(before.project.document, 2))
                save_project(changed, path, before.fingerprint)

            done = ended(forked(save)) == 0
            try:
                if (found := number_of(open_document(path))) not in (1, 2) or (done and found != 2):
                    wrong.append(f"call {at}: room {found}")
            except FileRefused as error:
                wrong.append(f"call {at}, power lost {power}, names lost {names}: {error}")
            at += 1
    return at - 1, wrong


def _project(document: Document):  # type: ignore[no-untyped-def]
    from jolly_parlor.project.history import Project

    return Project(document)
