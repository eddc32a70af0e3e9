"""Everything as a folder that any program can read: CSV, three-column text and WAV."""

import re
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.atomic import replacing
from jolly_parlor.project.around import around
from jolly_parlor.project.document import Document, Take
from jolly_parlor.project.history import Project
from jolly_parlor.project.packing import FileRefused, project_json, response_csv
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.wav import wav_bytes
from jolly_parlor.words import tr


def export_project(project: Project, folder: Path) -> list[Path]:
    """Write each take, the mean of each source over its seats, and project.json; the files made.

    Raises FileRefused where the folder cannot be written.
    """
    document = project.document
    made: list[Path] = []
    try:
        folder.mkdir(parents=True, exist_ok=True)
        made.append(_write(folder / "project.json", project_json(project).encode()))
        for take in document.takes:
            made += _files_of(take, folder, take.info.id)
        for name, mean in averages(document).items():
            made += _curves(folder / _safe(tr("mean {name}", name=name)), mean)
    except OSError as error:
        reason = (error.strerror or tr("the place cannot be written")).lower()
        raise FileRefused(
            tr("{folder} could not be written: {reason}.", folder=folder, reason=reason)
        ) from None
    return made


def export_take(take: Take, folder: Path, name: str) -> list[Path]:
    """Write one take, under a name of the caller's; the files made. Raises as `export_project`."""
    try:
        folder.mkdir(parents=True, exist_ok=True)
        return _files_of(take, folder, name)
    except OSError as error:
        reason = (error.strerror or tr("the place cannot be written")).lower()
        raise FileRefused(
            tr("{folder} could not be written: {reason}.", folder=folder, reason=reason)
        ) from None


def _files_of(take: Take, folder: Path, name: str) -> list[Path]:
    stem = folder / _safe(f"{name} {take.info.placed.name} {_what(take)}")
    made = _curves(stem, take.response)
    if take.impulse is not None:
        wav = wav_bytes(take.impulse.samples, take.impulse.sample_rate)
        made.append(_write(stem.with_name(stem.name + ".wav"), wav))
    return made


def averages(document: Document) -> dict[str, Response]:
    """The mean on power of each source: over the points of each head, and over the seats."""
    found: dict[str, Response] = {}
    for a in document.arrangements:
        for source in document.source_names:
            heads = {seat: document.takes_around(a, source, seat) for seat in a.seats}
            for seat, takes in heads.items():
                if len(takes) > 1:
                    responses = [take.response for take in takes.values()]
                    found[f"{a.name} {source} around {seat}"] = around(responses).mean
            centres = [takes["centre"].response for takes in heads.values() if "centre" in takes]
            if len(centres) > 1:
                found[f"{a.name} {source}"] = around(centres).mean
    return found


def _text(response: Response) -> str:
    """Tab-separated columns after comment lines."""
    lines = ["* frequency Hz, level dB, phase degrees"]
    lines += ["\t".join(f"{value:.6g}" for value in row) for row in _rows(response)]
    return "\n".join(lines) + "\n"


def _rows(response: Response) -> FloatArray:
    columns = [response.frequencies_hz, response.level_db]
    if response.phase_deg is not None:
        columns.append(response.phase_deg)
    return np.column_stack(columns)


def _curves(stem: Path, response: Response) -> list[Path]:
    return [
        _write(stem.with_name(stem.name + ".csv"), response_csv(response).encode()),
        _write(stem.with_name(stem.name + ".txt"), _text(response).encode()),
    ]


def _what(take: Take) -> str:
    return tr("{source} at {seat}", source=take.info.source, seat=take.info.seat)


def _safe(name: str) -> str:
    return re.sub(r"[^\w.-]+", "-", name).strip("-")


def _write(path: Path, data: bytes) -> Path:
    with replacing(path) as temporary:
        temporary.write_bytes(data)
    return path
