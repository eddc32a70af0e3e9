"""Everything as a folder that any program can read: CSV, three-column text and WAV."""

import re
from collections.abc import Mapping
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.outputs import check_place, file_name, names_apart, write_output
from jolly_parlor.placement.around_head import around
from jolly_parlor.project.document import Document, Take
from jolly_parlor.project.history import Project
from jolly_parlor.project.packing import FileRefused, project_json, response_csv
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.wav import wav_bytes
from jolly_parlor.words import tr


def export_project(project: Project, folder: Path, replace: bool = False) -> list[Path]:
    """Write each take, the mean of each source over its seats, and project.json; the files made,
    each under a name of its own.

    replace: whether files that are there may be replaced. Raises Refused before anything is
    written, AlreadyThere where they may not; FileRefused where the folder cannot be written.
    """
    document = project.document
    contents = {"project.json": project_json(project).encode()}
    stems = [f"{take.info.id} {take.info.placed.name} {_what(take)}" for take in document.takes]
    means = averages(document)
    names = names_apart(
        _plain(stem) for stem in (*stems, *(tr("mean {name}", name=name) for name in means))
    )
    for name, take in zip(names, document.takes, strict=False):
        contents |= _files_of(take, name)
    for name, mean in zip(names[len(stems) :], means.values(), strict=True):
        contents |= _curves(name, mean)
    return _all_written(folder, contents, replace)


def export_take(take: Take, folder: Path, name: str) -> list[Path]:
    """Write one take, under a name of the caller's; the files made. Raises as `export_project`."""
    stem = file_name(_plain(f"{name} {take.info.placed.name} {_what(take)}"))
    return _all_written(folder, _files_of(take, stem), replace=False)


def _all_written(folder: Path, contents: Mapping[str, bytes], replace: bool) -> list[Path]:
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        reason = (error.strerror or tr("the place cannot be written")).lower()
        raise FileRefused(
            tr("{folder} could not be written: {reason}.", folder=folder, reason=reason)
        ) from None
    made = {folder / name: data for name, data in contents.items()}
    for path in made:
        check_place(path, replace=replace)
    for path, data in made.items():
        write_output(path, data, path.suffix, replace=replace)
    return list(made)


def _files_of(take: Take, stem: str) -> dict[str, bytes]:
    made = _curves(stem, take.response)
    if take.impulse is not None:
        made[f"{stem}.wav"] = wav_bytes(take.impulse.samples, take.impulse.sample_rate)
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
    lines = ["* frequency Hz, level dB, phase degrees"]
    lines += ["\t".join(f"{value:.6g}" for value in row) for row in _rows(response)]
    return "\n".join(lines) + "\n"


def _rows(response: Response) -> FloatArray:
    columns = [response.frequencies_hz, response.level_db]
    if response.phase_deg is not None:
        columns.append(response.phase_deg)
    return np.column_stack(columns)


def _curves(stem: str, response: Response) -> dict[str, bytes]:
    return {
        f"{stem}.csv": response_csv(response).encode(),
        f"{stem}.txt": _text(response).encode(),
    }


def _what(take: Take) -> str:
    return tr("{source} at {seat}", source=take.info.source, seat=take.info.seat)


def _plain(name: str) -> str:
    return re.sub(r"[^\w.-]+", "-", name).strip("-")
