"""What somebody asked to have written: the one way out for commands and dialogs.

Nothing is written onto what was read, onto a document, or onto what is no ordinary file; a pipe and
the streams a process was started with are written to as such. A file that is there is replaced
only where that was asked.
"""

import os
import re
import shutil
import stat
import sys
import zipfile
from collections.abc import Iterable, Iterator
from contextlib import contextmanager
from itertools import count
from pathlib import Path
from tempfile import TemporaryDirectory

from jolly_parlor.atomic import replacing
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_STREAMS = {"/dev/stdout": 1, "/dev/stderr": 2}
_STREAM_FOLDERS = ("/dev/fd", "/proc/self/fd")
_KINDS = (".csv", ".tsv", ".txt", ".json", ".wav", ".pdf", ".html", ".png", ".svg", ".parlor")
"""Endings that mean a kind of content; any other, or none, is nobody's."""
_DANGEROUS = ("=", "+", "-", "@")
_NUMBER = re.compile(r"[+-]?\d+(\.\d+)?")


class AlreadyThere(Refused):
    """A file stands there that nobody said to replace."""


@contextmanager
def output(
    path: Path, kind: str = "", *, replace: bool = False, inputs: Iterable[Path] = ()
) -> Iterator[Path]:
    """A temporary file to write to, which goes where it was asked when all went well.

    Args:
        path: where; a link is followed to the file it names.
        kind: the ending that the content has, such as `.csv`; one that means another is refused.
        replace: whether a file that is there may be replaced, as whoever asked has said.
        inputs: what was read to make it; none of these is ever replaced.

    Raises Refused with one sentence.
    """
    _check_ending(path, kind)
    try:
        stream = _stream(path)
        if stream is not None:
            with TemporaryDirectory() as folder:
                temporary = Path(folder) / f"output{kind}"
                yield temporary
                _pour(temporary, stream)
            return
        check_place(path, replace=replace, inputs=inputs)
        with replacing(path) as temporary:
            yield temporary
    except OSError as error:
        reason = (error.strerror or tr("the place cannot be written")).lower()
        raise Refused(
            tr("{path} could not be written: {reason}.", path=path, reason=reason)
        ) from None


def write_output(
    path: Path,
    data: bytes,
    kind: str = "",
    *,
    replace: bool = False,
    inputs: Iterable[Path] = (),
) -> None:
    """All of it, as `output`."""
    with output(path, kind, replace=replace, inputs=inputs) as temporary:
        temporary.write_bytes(data)


def told_place(path: Path) -> str:
    """The name as it is said after writing: with the file that a link means."""
    if not path.is_symlink():
        return path.name
    return tr("{name}, which is {place}", name=path.name, place=os.path.realpath(path))


def as_text(cell: str) -> str:
    """A name as a cell of a table: a spreadsheet would take what begins so for a formula. A number
    stays one, also below 0.
    """
    if _NUMBER.fullmatch(cell):
        return cell
    return f"'{cell}" if cell.startswith(_DANGEROUS) or (cell[:1] and cell[0] < " ") else cell


def file_name(name: str) -> str:
    """A name that every file system takes."""
    return re.sub(r'[\\/:*?"<>|\x00-\x1f]', "_", name).strip(" .")[:120] or "file"


def names_apart(names: Iterable[str]) -> list[str]:
    """File names for all of these, each its own, also where capitals do not count."""
    found: list[str] = []
    taken: set[str] = set()
    for name in names:
        stem = file_name(name)
        own = next(
            tried
            for n in count(1)
            if (tried := stem if n == 1 else f"{stem}-{n}").casefold() not in taken
        )
        taken.add(own.casefold())
        found.append(own)
    return found


def is_document(path: Path) -> bool:
    """Whether a document stands there, by its name or by what is in it."""
    if path.suffix.lower() == ".parlor":
        return True
    if not path.is_file():  # a device would be read for ever
        return False
    try:
        with zipfile.ZipFile(path) as archive:
            return "project.json" in archive.namelist()
    except (OSError, zipfile.BadZipFile, ValueError, NotImplementedError):
        return False


def _check_ending(path: Path, kind: str) -> None:
    ending = path.suffix.lower()
    if kind and ending in _KINDS and ending != kind:
        raise Refused(
            tr(
                "{path} would hold {kind} content: give it that ending.",
                path=path,
                kind=kind,
            )
        )


def _stream(path: Path) -> int | Path | None:
    """The descriptor or the pipe that a path means; None for a place in the file system."""
    name = str(path)
    if name in _STREAMS:
        return _STREAMS[name]
    if str(path.parent) in _STREAM_FOLDERS and path.name.isdigit():
        return int(path.name)
    if path.exists() and stat.S_ISFIFO(path.stat().st_mode):
        return path
    return None


def _pour(temporary: Path, stream: int | Path) -> None:
    sys.stdout.flush()  # what was said before comes before
    # A pipe opened by name waits for its reader, as a shell would.
    with temporary.open("rb") as whole, open(stream, "wb", closefd=stream not in (1, 2)) as into:
        shutil.copyfileobj(whole, into)


def check_place(
    path: Path, *, replace: bool, inputs: Iterable[Path] = (), document: bool = False
) -> None:
    """Raises Refused where `output` would, for the place that the path names. document: whether
    it is a document that will be written there.
    """
    stream = _stream(path)
    if stream is not None and not document:
        return
    place = Path(os.path.realpath(path))
    if not place.exists():
        if place.suffix.lower() == ".parlor" and not document:
            raise Refused(tr("{path} is the name of a document: give another ending.", path=path))
        return
    if place.is_dir():
        raise Refused(tr("{path} is a folder: name a file in it.", path=path))
    if stream is not None or not place.is_file():
        raise Refused(tr("{path} is no ordinary file, so nothing was written.", path=path))
    if any(_same(place, read) for read in inputs):
        raise Refused(
            tr("{path} is what was read, so it was not overwritten: name another.", path=path)
        )
    if is_document(place) and not (document and replace):
        raise Refused(
            tr("{path} is a document, so it was not overwritten: name another.", path=path)
        )
    if not replace:
        raise AlreadyThere(tr("{path} is there already: name another.", path=path))


def _same(place: Path, other: Path) -> bool:
    try:
        return os.path.samefile(place, other)
    except OSError:
        return False
