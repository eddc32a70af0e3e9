"""Files put in their place whole or not at all."""

import fcntl
import os
import secrets
import time
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path

from jolly_parlor.words import tr

_STALE_SECONDS = 3600.0
_PATIENCE_SECONDS = 10.0
_PART = ".part"


@contextmanager
def replacing(path: Path, mode: int | None = None) -> Iterator[Path]:
    """A temporary file beside `path` to write to; it takes the place of `path` when all went well.

    A link is followed to the file it names. What was written is on the disk before it takes the
    place, and so is the folder's entry afterwards; the old file's permissions and owner are kept,
    a new one has those of `mode`, or else those the user's umask grants; what is being written is
    never open to more people than what it becomes. After any failure the old file stands untouched
    and nothing is left behind; what a crash left behind is swept up an hour later. Raises OSError,
    also for a file that nobody may write.
    """
    place = Path(os.path.realpath(path))
    old = place.stat() if place.exists() else None
    if old is not None and not old.st_mode & 0o222:
        raise PermissionError(13, tr("it is write-protected"), str(path))
    _sweep(place)
    temporary = place.with_name(f".{place.name}-{secrets.token_hex(6)}{_PART}")
    rights = mode if old is None else old.st_mode & 0o777
    first = 0o666 if rights is None else rights & 0o600
    os.close(os.open(temporary, os.O_CREAT | os.O_EXCL | os.O_WRONLY, first))
    try:
        yield temporary
        with temporary.open("rb") as written:
            os.fsync(written.fileno())
        if old is not None:
            if (old.st_uid, old.st_gid) != (os.getuid(), os.getgid()):
                with suppress(OSError):  # only root may give files away; the content matters more
                    os.chown(temporary, old.st_uid, old.st_gid)
        if rights is not None:
            temporary.chmod(rights)
        os.replace(temporary, place)
        _sync_folder(place.parent)
    finally:
        temporary.unlink(missing_ok=True)


@contextmanager
def alone_in(path: Path) -> Iterator[None]:
    """Where several processes look at a file and then replace it, one after the other does. The
    lock is on the folder, so nothing is left behind, and a process that ends lets it go. Where
    folders cannot be locked, nobody waits.
    """
    handle = None
    with suppress(OSError):
        handle = os.open(Path(os.path.realpath(path)).parent, os.O_RDONLY | os.O_DIRECTORY)
    try:
        if handle is not None:
            _lock(handle)
        yield
    finally:
        if handle is not None:
            os.close(handle)


def _lock(handle: int) -> None:
    """Wait for it, but not for ever: a process that hangs must not stop all others from saving."""
    until = time.monotonic() + _PATIENCE_SECONDS
    while time.monotonic() < until:
        try:
            fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except BlockingIOError:
            time.sleep(0.005)
        except OSError:
            return  # some file systems lock no folders
        else:
            return


def _sync_folder(folder: Path) -> None:
    with suppress(OSError):  # some file systems cannot sync a folder
        handle = os.open(folder, os.O_RDONLY | os.O_DIRECTORY)
        try:
            os.fsync(handle)
        finally:
            os.close(handle)


def _sweep(place: Path) -> None:
    """Remove temporary files of this name that no running save can still be writing."""
    for left in place.parent.glob(f".{_escaped(place.name)}-*{_PART}"):
        with suppress(OSError):
            if time.time() - left.stat().st_mtime > _STALE_SECONDS:
                left.unlink()


def _escaped(name: str) -> str:
    return "".join(f"[{c}]" if c in "*?[" else c for c in name)
