"""A project as the bytes of a .parlor file, a ZIP of project.json and takes/, and back.

Nothing is believed of a file: sizes are looked at before anything is unpacked, and whatever goes
wrong while reading is one refusal.
"""

import csv
import io
import json
import re
import zipfile
from dataclasses import replace
from typing import Any
from weakref import WeakKeyDictionary

import numpy as np
from pydantic import ValidationError

from jolly_parlor import __version__
from jolly_parlor.desktop.desktop_files import MIME_TYPE
from jolly_parlor.project.document import Document, Take, TakeInfo, problems
from jolly_parlor.project.history import Project
from jolly_parlor.project.migrations import migrated_project
from jolly_parlor.project.schema import PROJECT, PROJECT_VERSION, ProjectFile
from jolly_parlor.project.takes import stamps_with_names
from jolly_parlor.refused import Refused
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.wav import read_wav, wav_bytes
from jolly_parlor.validity import in_words
from jolly_parlor.words import tr

_MB = 1024 * 1024
_LARGEST = {".json": 64 * _MB, ".csv": 8 * _MB, ".wav": 64 * _MB}
_LARGEST_WHOLE, _MOST_MEMBERS = 128 * _MB, 25_000
_DEEPEST = 60
"""Brackets within brackets; a document has a dozen."""
_MOST_BRACKETS, _MOST_VALUES = 2_000_000, 6_000_000
"""Fifty thousand edits have a third of it."""
_SQUEEZED = 3
"""A twentieth larger than at its usual level, and saved in half the time."""


class FileRefused(Refused):
    """A file that was not read, or not written; the message says why and what to do."""


def pack(project: Project) -> bytes:
    """The bytes of a .parlor file."""
    buffer = io.BytesIO()
    with zipfile.ZipFile(buffer, "w", zipfile.ZIP_DEFLATED, compresslevel=_SQUEEZED) as archive:
        # First and not compressed, so that a system knows a document by its bytes, as it does
        # those of offices; reading does not ask for it.
        archive.writestr("mimetype", MIME_TYPE, zipfile.ZIP_STORED)
        archive.writestr("project.json", project_json(project, None))
        for take in project.document.takes:
            archive.writestr(f"takes/{take.info.id}.csv", _written(take.response))
            if take.impulse is not None:
                wav = wav_bytes(take.impulse.samples, take.impulse.sample_rate)
                archive.writestr(f"takes/{take.info.id}.wav", wav, zipfile.ZIP_STORED)
    return buffer.getvalue()


def unpack(data: bytes, file_name: str) -> Project:
    """The project in the bytes of a .parlor file. Raises FileRefused with one sentence."""
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as archive:
            return _unpacked(archive, file_name)
    except FileRefused:
        raise
    except Refused as error:
        raise FileRefused(
            tr("{file_name} was left untouched: {error}", file_name=file_name, error=error)
        ) from None
    except Exception:  # a hostile archive can raise anything; none of it is a reason to crash
        raise FileRefused(
            tr(
                "{file_name} is damaged or cut off and was left untouched; open an "
                "earlier copy of it.",
                file_name=file_name,
            )
        ) from None


def version_of(data: bytes) -> int | None:
    """The schema version that the bytes of a .parlor file claim; None where they claim none."""
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as archive:
            found = _json(_member(archive, "project.json")).get("schema_version")
    except Exception:  # as in `unpack`
        return None
    return found if isinstance(found, int) else None


def project_json(project: Project, indent: int | None = 2) -> str:
    """project.json, to be read by people; in a document, where every edit has its entry, without
    the blanks that would double it.
    """
    document = project.document
    written = ProjectFile(
        PROJECT_VERSION,
        tr("Jolly Parlor {version}", version=__version__),
        document.room,
        document.gear,
        document.arrangements,
        tuple(take.info for take in document.takes),
        document.chosen,
        (*project.ledger, *document.noted),
        document.wishes,
        document.by_ear,
        document.signing,
        document.fit,
    )
    return PROJECT.dump_json(written, indent=indent).decode("utf-8")


def response_csv(response: Response) -> str:
    """Comma-separated with a header: frequency_hz, level_db and, where known, phase_deg; every
    number so that it reads back the same.
    """
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    has_phase = response.phase_deg is not None
    writer.writerow(["frequency_hz", "level_db", *(["phase_deg"] if has_phase else [])])
    columns = [response.frequencies_hz, response.level_db]
    if response.phase_deg is not None:
        columns.append(response.phase_deg)
    writer.writerows(zip(*(map(repr, column.tolist()) for column in columns), strict=True))
    return out.getvalue()


_KNOWN: WeakKeyDictionary[Response, str] = WeakKeyDictionary()


def _written(response: Response) -> str:
    """`response_csv` of a take, kept: takes never change, and every save writes all of them."""
    found = _KNOWN.get(response)
    if found is None:
        found = _KNOWN[response] = response_csv(response)
    return found


def differences(one: Project, other: Project) -> list[str]:
    """In what two projects differ, by part; empty where they are the same."""
    a, b = one.document, other.document
    found = [
        part
        for part, left, right in (
            ("room", a.room, b.room),
            ("gear", a.gear, b.gear),
            ("arrangements", a.arrangements, b.arrangements),
            ("takes", [t.info for t in a.takes], [t.info for t in b.takes]),
            ("choice", a.chosen, b.chosen),
            ("wishes", a.wishes, b.wishes),
            (tr("what was heard"), a.by_ear, b.by_ear),
            (tr("what Sign-off keeps"), a.signing, b.signing),
            (tr("what the takes have taught"), a.fit, b.fit),
            (tr("Ledger"), (*one.ledger, *a.noted), (*other.ledger, *b.noted)),
        )
        if left != right
    ]
    for left, right in zip(a.takes, b.takes, strict=False):
        if not _same_curves(left, right):
            found.append(tr("curves of {id}", id=left.info.id))
    return found


def _same_curves(a: Take, b: Take) -> bool:
    pairs: list[tuple[Any, Any]] = [
        (a.response.frequencies_hz, b.response.frequencies_hz),
        (a.response.level_db, b.response.level_db),
        (a.response.phase_deg, b.response.phase_deg),
    ]
    if (a.impulse is None) != (b.impulse is None):
        return False
    if a.impulse is not None and b.impulse is not None:
        pairs.append((a.impulse.samples, b.impulse.samples))
        if (a.impulse.sample_rate, a.impulse.start_seconds) != (
            b.impulse.sample_rate,
            b.impulse.start_seconds,
        ):
            return False
    return all(
        x is y is None or (x is not None and y is not None and np.array_equal(x, y))
        for x, y in pairs
    )


def _unpacked(archive: zipfile.ZipFile, file_name: str) -> Project:
    members = archive.infolist()
    if len(members) > _MOST_MEMBERS or sum(m.file_size for m in members) > _LARGEST_WHOLE:
        raise FileRefused(
            tr(
                "{file_name} claims more content than any room has and was left untouched.",
                file_name=file_name,
            )
        )
    names = [member.filename for member in members]
    if len(set(names)) < len(names):
        raise FileRefused(
            tr(
                "{file_name} holds two parts of one name and was left untouched.",
                file_name=file_name,
            )
        )
    data = _json(_member(archive, "project.json"))
    version = checked_version(data, "schema_version", PROJECT_VERSION, file_name)
    waves = {n[len("takes/") : -len(".wav")] for n in names if n.endswith(".wav")}
    try:
        read = PROJECT.validate_python(migrated_project(data, version, waves), strict=False)
    except ValidationError as error:
        raise FileRefused(
            tr(
                "{file_name} was left untouched; its project.json has faults: {in_words}",
                file_name=file_name,
                in_words=in_words(error),
            )
        ) from None
    takes = tuple(_take(archive, info, file_name) for info in read.takes)
    document = Document(
        read.room,
        read.gear,
        read.arrangements,
        takes,
        read.chosen,
        read.wishes,
        read.by_ear,
        read.signing,
        read.fit,
    )
    if found := problems(document):
        raise FileRefused(f"{file_name}: {' '.join(found[:3])}")
    if version < 2:  # it did not write down what its takes measured: held to be as it stands
        document = replace(document, takes=tuple(map(document.stamped, takes)))
    elif version < 5:  # its fingerprints knew names
        then = stamps_with_names(document.room, document.gear)
        again = tuple(take.carried(then, document.stamps) for take in document.takes)
        document = replace(document, takes=again)
    return Project(document, read.ledger)


def checked_version(data: object, key: str, known: int, file_name: str) -> int:
    """The version a file says it has. Raises FileRefused without one or for a newer one."""
    version = data.get(key) if isinstance(data, dict) else None
    if not isinstance(version, int) or isinstance(version, bool) or version < 1:
        raise FileRefused(
            tr(
                "{file_name} does not say its {key}, so it was not read.",
                file_name=file_name,
                key=key,
            )
        )
    if version > known:
        raise FileRefused(
            tr(
                "{file_name} was written by a newer Jolly Parlor ({key} "
                "{version!s:.12}; this one reads up to {known}) and was left "
                "untouched; update the program to open it.",
                file_name=file_name,
                key=key,
                version=version,
                known=known,
            )
        )
    return version


def _json(raw: bytes) -> dict[str, Any]:
    check_json(raw)
    data = json.loads(raw.decode("utf-8"))
    if not isinstance(data, dict):
        raise ValueError("no object")
    return data


def check_json(raw: bytes) -> None:
    """Raises ValueError for more than could be a document: what it would hold in memory is a
    hundred times its bytes where it is nothing but brackets.
    """
    brackets = raw.count(b"[") + raw.count(b"{")
    if brackets > _MOST_BRACKETS or raw.count(b",") > _MOST_VALUES or depth_of(raw) > _DEEPEST:
        raise ValueError("nests too deep or counts too far")


def depth_of(raw: bytes) -> int:
    """How many brackets stand within one another in JSON, its strings left aside."""
    brackets = re.sub(rb'"(?:[^"\\]|\\.)*"|[^][}{]+', b"", raw)
    steps = np.where(np.isin(np.frombuffer(brackets, np.uint8), list(b"[{")), 1, -1)
    return int(np.max(np.cumsum(steps), initial=0))


def _take(archive: zipfile.ZipFile, info: TakeInfo, file_name: str) -> Take:
    curve = _member(archive, f"takes/{info.id}.csv").decode("utf-8")
    try:
        rows = np.loadtxt(io.StringIO(curve), delimiter=",", skiprows=1, ndmin=2)
        phase = rows[:, 2].copy() if rows.shape[1] > 2 else None
        response = Response(rows[:, 0].copy(), rows[:, 1].copy(), phase)
    except (ValueError, IndexError):
        raise FileRefused(
            tr(
                "{file_name}: the curve of take {id} is damaged; the file was left untouched.",
                file_name=file_name,
                id=info.id,
            )
        ) from None
    impulse = None
    if info.impulse_start_seconds is not None:
        name = f"takes/{info.id}.wav"
        samples, rate = read_wav(io.BytesIO(_member(archive, name)), name)
        impulse = ImpulseResponse(samples[:, 0].copy(), rate, info.impulse_start_seconds)
    return Take(info, response, impulse)


def _member(archive: zipfile.ZipFile, name: str) -> bytes:
    """The bytes of one part, no more than its kind may have, whatever it claims."""
    most = _LARGEST[name[name.rindex(".") :]]
    if archive.getinfo(name).file_size > most:
        raise zipfile.BadZipFile(name)
    with archive.open(name) as part:
        data = part.read(most + 1)
    if len(data) > most:
        raise zipfile.BadZipFile(name)
    return data
