"""The .parlor file: a ZIP of project.json and takes/*.csv, saved atomically.

A file that could not be read whole is never overwritten.
"""

import csv
import io
import json
import zipfile
import zlib
from pathlib import Path

import numpy as np
from pydantic import ValidationError

from jolly_parlor import __version__
from jolly_parlor.atomic import replacing
from jolly_parlor.placement.schools import SchoolCannotBeMet, school
from jolly_parlor.project.document import Document, Take, TakeInfo, problems
from jolly_parlor.project.edits import EditRefused, propose
from jolly_parlor.project.schema import (
    PROJECT,
    PROJECT_VERSION,
    SURVEY,
    SURVEY_VERSION,
    ProjectFile,
    in_words,
)
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.wav import WavRefused, read_wav, wav_bytes

SUFFIX = ".parlor"
_LARGEST_MEMBER = 256 * 1024 * 1024
_UNREADABLE = (
    zipfile.BadZipFile,
    zlib.error,
    EOFError,
    KeyError,
    NotImplementedError,
    RuntimeError,
)


class FileRefused(ValueError):
    """A file that was not read, or not written; the message says why and what to do."""


def open_document(path: Path) -> Document:
    """Read a .parlor file whole. Raises FileRefused and leaves the file untouched."""
    try:
        with zipfile.ZipFile(path) as archive:
            text = _member(archive, "project.json")
            project = _project(text, path.name)
            takes = tuple(
                Take(
                    info,
                    _curve(_member(archive, f"takes/{info.id}.csv"), path.name, info.id),
                    _impulse(archive, info),
                )
                for info in project.takes
            )
    except _UNREADABLE:
        raise FileRefused(
            f"{path.name} is damaged or cut off and was left untouched; open an earlier copy of it."
        ) from None
    except OSError as error:
        raise FileRefused(f"{path.name} could not be read: {_reason(error)}.") from None
    document = Document(
        project.room,
        project.gear,
        project.arrangements,
        takes,
        project.chosen,
        project.ledger,
        project.wishes,
    )
    _refuse_problems(document, path.name)
    return document


def save_document(document: Document, path: Path) -> None:
    """Write a .parlor file beside its place, then put it there in one step.

    Raises FileRefused where the place holds a file that cannot be read whole (damaged, newer, or
    not ours), or cannot be written.
    """
    if path.exists():
        try:
            open_document(path)
        except FileRefused:
            raise FileRefused(
                f"{path.name} holds something this program could not read whole, so it was not "
                "overwritten; save under another name."
            ) from None
    write_document(document, path)


def write_document(document: Document, path: Path) -> None:
    """The same without looking at what stands there; for places of the program's own."""
    data = _pack(document)
    try:
        with replacing(path) as temporary:
            temporary.write_bytes(data)
    except OSError as error:
        raise FileRefused(f"{path.name} could not be saved: {_reason(error)}.") from None


def read_survey(path: Path) -> Document:
    """A new document from a survey file. Raises FileRefused with one sentence."""
    try:
        data = json.loads(path.read_text("utf-8"))
    except json.JSONDecodeError as error:
        raise FileRefused(
            f"{path.name}, line {error.lineno}: not valid JSON ({error.msg})."
        ) from None
    except (OSError, UnicodeDecodeError) as error:
        raise FileRefused(f"{path.name} could not be read: {_reason(error)}.") from None
    _refuse_newer(data, "survey_version", SURVEY_VERSION, path.name)
    try:
        survey = SURVEY.validate_python(data)
    except ValidationError as error:
        raise FileRefused(f"{path.name}: {in_words(error)}") from None
    document = Document(survey.room, survey.gear, survey.arrangements)
    _refuse_problems(document, path.name)
    try:
        for name in survey.schools:
            document = propose(document, school(name))
    except (SchoolCannotBeMet, EditRefused, ValueError) as error:
        raise FileRefused(f"{path.name}: {error}") from None
    return document


def project_json(document: Document) -> str:
    """project.json as written."""
    project = ProjectFile(
        PROJECT_VERSION,
        f"Jolly Parlor {__version__}",
        document.room,
        document.gear,
        document.arrangements,
        tuple(take.info for take in document.takes),
        document.chosen,
        document.ledger,
        document.wishes,
    )
    return PROJECT.dump_json(project, indent=2).decode("utf-8")


def _pack(document: Document) -> bytes:
    buffer = io.BytesIO()
    with zipfile.ZipFile(buffer, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr("project.json", project_json(document))
        for take in document.takes:
            archive.writestr(f"takes/{take.info.id}.csv", response_csv(take.response))
            if take.impulse is not None:
                wav = wav_bytes(take.impulse.samples, take.impulse.sample_rate)
                archive.writestr(f"takes/{take.info.id}.wav", wav, zipfile.ZIP_STORED)
    return buffer.getvalue()


def response_csv(response: Response) -> str:
    """Comma-separated with a header: frequency_hz, level_db and, where known, phase_deg."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    has_phase = response.phase_deg is not None
    writer.writerow(["frequency_hz", "level_db", *(["phase_deg"] if has_phase else [])])
    columns = [response.frequencies_hz, response.level_db]
    if response.phase_deg is not None:
        columns.append(response.phase_deg)
    writer.writerows(zip(*([f"{v:.9g}" for v in column] for column in columns), strict=True))
    return out.getvalue()


def _curve(text: str, file_name: str, take_id: str) -> Response:
    try:
        rows = np.loadtxt(io.StringIO(text), delimiter=",", skiprows=1, ndmin=2)
        phase = rows[:, 2] if rows.shape[1] > 2 else None
        return Response(rows[:, 0], rows[:, 1], phase)
    except (ValueError, IndexError):
        raise FileRefused(
            f"{file_name}: the curve of take {take_id} is damaged; the file was left untouched."
        ) from None


def _impulse(archive: zipfile.ZipFile, info: TakeInfo) -> ImpulseResponse | None:
    """The impulse response of a take this program measured; None for an imported curve."""
    if info.measured is None:
        return None
    name = f"takes/{info.id}.wav"
    if archive.getinfo(name).file_size > _LARGEST_MEMBER:
        raise zipfile.BadZipFile(name)
    try:
        samples, rate = read_wav(io.BytesIO(archive.read(name)), name)
    except WavRefused:
        raise zipfile.BadZipFile(name) from None
    return ImpulseResponse(samples[:, 0], rate, info.measured.impulse_start_seconds)


def _member(archive: zipfile.ZipFile, name: str) -> str:
    if archive.getinfo(name).file_size > _LARGEST_MEMBER:
        raise zipfile.BadZipFile(name)
    try:
        return archive.read(name).decode("utf-8")
    except UnicodeDecodeError:
        raise zipfile.BadZipFile(name) from None


def _project(text: str, file_name: str) -> ProjectFile:
    try:
        data = json.loads(text)
    except json.JSONDecodeError as error:
        raise zipfile.BadZipFile(str(error)) from None
    _refuse_newer(data, "schema_version", PROJECT_VERSION, file_name)
    try:
        return PROJECT.validate_json(text)
    except ValidationError as error:
        raise FileRefused(
            f"{file_name} was left untouched; its project.json has faults: {in_words(error)}"
        ) from None


def _refuse_newer(data: object, key: str, known: int, file_name: str) -> None:
    version = data.get(key) if isinstance(data, dict) else None
    if not isinstance(version, int) or isinstance(version, bool):
        raise FileRefused(f"{file_name} does not say its {key}, so it was not read.")
    if version > known:
        raise FileRefused(
            f"{file_name} was written by a newer Jolly Parlor ({key} {version}; this one reads "
            f"up to {known}) and was left untouched; update the program to open it."
        )


def _refuse_problems(document: Document, file_name: str) -> None:
    found = problems(document)
    if found:
        raise FileRefused(f"{file_name}: {' '.join(found[:3])}")


def _reason(error: Exception) -> str:
    if isinstance(error, OSError) and error.strerror:
        return error.strerror.lower()
    return "it is not text"
