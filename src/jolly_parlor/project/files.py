"""Opening and saving .parlor files, and reading surveys.

A file that could not be read whole is never overwritten; what is written is read back from its
bytes before it replaces anything; a change behind one's back is noticed.
"""

import hashlib
import json
from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path

from pydantic import ValidationError

from jolly_parlor.atomic import alone_in, replacing
from jolly_parlor.inputs import regular_bytes
from jolly_parlor.placement.schools import school
from jolly_parlor.placement.search.wishes import usual_wishes
from jolly_parlor.project.document import Document, problems
from jolly_parlor.project.edits import propose
from jolly_parlor.project.history import Project
from jolly_parlor.project.migrations import migrated_survey
from jolly_parlor.project.packing import (
    FileRefused,
    check_json,
    checked_version,
    differences,
    pack,
    project_json,
    response_csv,
    unpack,
    version_of,
)
from jolly_parlor.project.schema import PROJECT_VERSION, SURVEY, SURVEY_VERSION
from jolly_parlor.refused import Refused
from jolly_parlor.validity import in_words
from jolly_parlor.words import tr

__all__ = ["FileRefused", "open_document", "project_json", "response_csv", "save_document"]

SUFFIX = ".parlor"
_LARGEST_FILE = 130 * 1024**2
_LARGEST_SURVEY = 2 * 1024**2


class ChangedBehind(FileRefused):
    """The file is no longer what was opened: somebody else has saved it since."""


@dataclass(frozen=True)
class Opened:
    """A project as read, and the fingerprint of the bytes it was read from."""

    project: Project
    fingerprint: str


def open_project(path: Path) -> Opened:
    """Read a .parlor file whole. Raises FileRefused and leaves the file untouched."""
    data = _bytes(path, _LARGEST_FILE)
    return Opened(unpack(data, path.name), _fingerprint(data))


def open_document(path: Path) -> Document:
    """The document of a .parlor file. Raises as `open_project`."""
    return open_project(path).project.document


def save_project(project: Project, path: Path, known: str | None = None) -> str:
    """Write a .parlor file beside its place, then put it there in one step; its fingerprint.

    known: the fingerprint of what was opened from there or saved there last; None to replace
    whatever project stands there. Raises FileRefused where the place holds a file that cannot be
    read whole (damaged, newer, or not ours), where it cannot be written, or where what was
    written could not be read back; ChangedBehind where the file is no longer the known one.
    """
    data = _packed(project, path)
    with alone_in(path):
        return _put(data, path, known)


def _put(data: bytes, path: Path, known: str | None) -> str:
    """Look at what stands there, and write; nobody else of this program writes there meanwhile."""
    present = None
    if path.exists():
        try:
            present = _bytes(path, _LARGEST_FILE)
            changed = _fingerprint(present) != known
            if changed:  # what was opened from there, or put there, has been read whole
                unpack(present, path.name)
        except FileRefused:
            raise FileRefused(
                tr(
                    "{name} holds something this program could not read whole, so it "
                    "was not overwritten; save under another name.",
                    name=path.name,
                )
            ) from None
        if known is not None and changed:
            raise ChangedBehind(
                tr(
                    "{name} was changed by another window or program since it was "
                    "opened and was not overwritten; save under another name, or open "
                    "it again.",
                    name=path.name,
                )
            )
    if present is not None and (version_of(present) or PROJECT_VERSION) < PROJECT_VERSION:
        _keep_old_version(path, present)
    _write(data, path)
    return _fingerprint(data)


def save_document(document: Document, path: Path) -> None:
    """Save a document that has no record yet. Raises as `save_project`."""
    save_project(Project(document).after(document), path)


def write_project(project: Project, path: Path) -> None:
    """Save without looking at what stands there, for nobody else to read; for places of the
    program's own.
    """
    _write(_packed(project, path), path, 0o600)


def keep_copy(path: Path, kept: Path) -> None:
    """The bytes of a file under another name, open to whoever the file is. Raises FileRefused."""
    _write(_bytes(path, _LARGEST_FILE), kept, path.stat().st_mode & 0o777)


def edit_file(path: Path, edit: Callable[[Document], Document]) -> Document:
    """Open, edit, save; the document as saved. Raises FileRefused and whatever the edit raises."""
    opened = open_project(path)
    project = opened.project.after(edit(opened.project.document))
    save_project(project, path, opened.fingerprint)
    return project.document


def read_survey(path: Path) -> Document:
    """A new document from a survey file. Raises FileRefused with one sentence."""
    data = _survey_data(path)
    version = checked_version(data, "survey_version", SURVEY_VERSION, path.name)
    try:
        survey = SURVEY.validate_python(migrated_survey(data, version))
    except ValidationError as error:
        raise FileRefused(f"{path.name}: {in_words(error)}") from None
    wishes = usual_wishes(survey.gear)
    document = Document(survey.room, survey.gear, survey.arrangements, wishes=wishes)
    if found := problems(document):
        raise FileRefused(f"{path.name}: {' '.join(found[:3])}")
    try:
        for name in survey.schools:
            document = propose(document, school(name), survey.chains or None)
    except Refused as error:
        raise FileRefused(f"{path.name}: {error}") from None
    return document


def _survey_data(path: Path) -> dict[str, object]:
    try:
        raw = _bytes(path, _LARGEST_SURVEY)
        check_json(raw)
        data = json.loads(raw.decode("utf-8"))
    except json.JSONDecodeError as error:
        raise FileRefused(
            tr(
                "{name}, line {lineno}: not valid JSON ({msg}).",
                name=path.name,
                lineno=error.lineno,
                msg=error.msg,
            )
        ) from None
    except UnicodeDecodeError:
        raise FileRefused(tr("{name} could not be read: it is not text.", name=path.name)) from None
    except (RecursionError, ValueError):
        raise FileRefused(
            tr("{name} is no survey: it nests too deep or counts too far.", name=path.name)
        ) from None
    return data if isinstance(data, dict) else {}


def _packed(project: Project, path: Path) -> bytes:
    """Bytes that are known to read back as what they were made of."""
    try:
        data = pack(project)
        again = unpack(data, path.name)
    except (ValueError, TypeError, Refused) as error:
        raise FileRefused(
            tr(
                "{name} was not saved, because it could not be read back: {error}",
                name=path.name,
                error=error,
            )
        ) from None
    if found := differences(project, again):
        raise FileRefused(
            tr(
                "{name} was not saved, because it would read back otherwise: {found}.",
                name=path.name,
                found=", ".join(found[:3]),
            )
        )
    return data


def _write(data: bytes, path: Path, mode: int | None = None) -> None:
    try:
        with replacing(path, mode) as temporary:
            temporary.write_bytes(data)
    except OSError as error:
        raise FileRefused(
            tr("{name} could not be saved: {reason}.", name=path.name, reason=_reason(error))
        ) from None


def _keep_old_version(path: Path, data: bytes) -> None:
    """The file of an earlier version stays beside the new one, once."""
    kept = path.with_name(f"{path.name}.v{version_of(data)}")
    if not kept.exists():
        _write(data, kept, path.stat().st_mode & 0o777)


def _bytes(path: Path, most: int) -> bytes:
    """All of an ordinary file. Raises FileRefused."""
    try:
        return regular_bytes(path, most)
    except OSError as error:
        raise FileRefused(
            tr("{name} could not be read: {reason}.", name=path.name, reason=_reason(error))
        ) from None


def _fingerprint(data: bytes) -> str:
    return hashlib.sha256(data).hexdigest()


def _reason(error: OSError) -> str:
    return (error.strerror or tr("it cannot be opened")).lower()
