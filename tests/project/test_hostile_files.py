"""Whatever a file holds, it is read whole or refused in a sentence, in bounded time and memory."""

import io
import json
import time
import tracemalloc
import zipfile
from collections.abc import Callable
from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.project.files import FileRefused, open_document, read_survey
from jolly_parlor.project.packing import unpack
from jolly_parlor.project.schema import PROJECT_VERSION
from jolly_parlor.signals.importing import read_take
from jolly_parlor.signals.reading import ResponseFileError
from jolly_parlor.signals.wav import wav_bytes
from places import EXAMPLES

PROJECT = "project.json"
VERSION = f'"schema_version":{PROJECT_VERSION}'


def demo_parts() -> dict[str, bytes]:
    """The parts of the demo's file."""
    with zipfile.ZipFile(EXAMPLES / "kiln-room.parlor") as archive:
        return {name: archive.read(name) for name in archive.namelist()}


def packed(parts: dict[str, bytes], method: int = zipfile.ZIP_DEFLATED) -> bytes:
    """As a file."""
    buffer = io.BytesIO()
    with zipfile.ZipFile(buffer, "w", method) as archive:
        for name, data in parts.items():
            archive.writestr(name, data)
    return buffer.getvalue()


def changed(change: Callable[[dict], None]) -> bytes:  # type: ignore[type-arg]
    """The demo with its project.json changed."""
    parts = demo_parts()
    project = json.loads(parts[PROJECT])
    change(project)
    parts[PROJECT] = json.dumps(project).encode()
    return packed(parts)


def text(replacing: str, by: str) -> bytes:
    """The demo with the text of its project.json changed once."""
    parts = demo_parts()
    old = parts[PROJECT].decode()
    assert replacing in old
    parts[PROJECT] = old.replace(replacing, by, 1).encode()
    return packed(parts)


def twice_the_same_part() -> bytes:
    """A ZIP with two members of one name."""
    buffer = io.BytesIO(packed(demo_parts()))
    with zipfile.ZipFile(buffer, "a") as archive, pytest.warns(UserWarning, match="Duplicate"):
        archive.writestr(PROJECT, demo_parts()[PROJECT])
    return buffer.getvalue()


def broken_lzma() -> bytes:
    """An LZMA member whose stream is cut short inside."""
    raw = bytearray(packed(demo_parts(), zipfile.ZIP_LZMA))
    raw[60:200] = b"\xff" * 140
    return bytes(raw)


def curve(rows: str) -> bytes:
    """The demo with its first take's curve replaced."""
    parts = demo_parts()
    name = next(n for n in parts if n.endswith(".csv"))
    parts[name] = rows.encode()
    return packed(parts)


def claims_an_impulse(wave: bytes) -> bytes:
    """The demo with an impulse response for its first take."""
    parts = demo_parts()
    project = json.loads(parts[PROJECT])
    project["takes"][0]["impulse_start_seconds"] = 0.0
    parts[PROJECT] = json.dumps(project).encode()
    if wave:
        parts[f"takes/{project['takes'][0]['id']}.wav"] = wave
    return packed(parts)


def odd_rate(rate: int) -> bytes:
    """A WAV that claims a rate."""
    raw = bytearray(wav_bytes(np.zeros(100), 48000))
    raw[24:28] = rate.to_bytes(4, "little")
    return bytes(raw)


HOSTILE: dict[str, Callable[[], bytes]] = {
    "nothing": lambda: b"",
    "no zip": lambda: b"PK\x03\x04" + b"\0" * 100,
    "lzma": broken_lzma,
    "huge integer": lambda: text(VERSION, '"schema_version": ' + "9" * 5000),
    "deep": lambda: packed({PROJECT: b"[" * 200_000}),
    "deep inside": lambda: text(VERSION, '"x": ' + "[" * 5000 + "]" * 5000),
    "not text": lambda: packed({PROJECT: b"\xff\xfe\x00"}),
    "a list": lambda: packed({PROJECT: b"[]"}),
    "no project": lambda: packed({"other.json": b"{}"}),
    "true as version": lambda: text(VERSION, '"schema_version": true'),
    "NaN": lambda: changed(lambda p: p["arrangements"][0]["seats"]["desk"].update(x=float("nan"))),
    "far away": lambda: changed(lambda p: p["arrangements"][0]["seats"]["desk"].update(x=1e308)),
    "huge room": lambda: changed(lambda p: p["room"].update(height=1e300)),
    "unknown key": lambda: changed(lambda p: p.update(colour="red")),
    "two takes of one id": lambda: changed(lambda p: p["takes"].append(p["takes"][0])),
    "id with a path": lambda: changed(lambda p: p["takes"][0].update(id="../../x")),
    "long name": lambda: changed(lambda p: p["arrangements"][0].update(name="x" * 61)),
    "two parts of a name": twice_the_same_part,
    "curve of NaN": lambda: curve("frequency_hz,level_db\n20,nan\n30,60\n40,50\n"),
    "curve of inf": lambda: curve("frequency_hz,level_db\n20,inf\n30,60\n40,50\n"),
    "curve backwards": lambda: curve("frequency_hz,level_db\n40,1\n30,60\n20,50\n"),
    "empty curve": lambda: curve("frequency_hz,level_db\n"),
    "no impulse": lambda: claims_an_impulse(b""),
    "no wave": lambda: claims_an_impulse(b"RIFF1234WAVE"),
    "rate of nought": lambda: claims_an_impulse(odd_rate(0)),
    "rate of a billion": lambda: claims_an_impulse(odd_rate(10**9)),
}


@pytest.mark.parametrize("name", HOSTILE)
def test_a_hostile_file_is_refused_in_a_sentence(tmp_path: Path, name: str) -> None:
    path = tmp_path / "odd.parlor"
    path.write_bytes(HOSTILE[name]())
    before, begin = path.read_bytes(), time.monotonic()
    with pytest.raises(FileRefused) as caught:
        open_document(path)
    assert str(caught.value).startswith("odd.parlor")
    assert "\n" not in str(caught.value)
    assert time.monotonic() - begin < 5
    assert path.read_bytes() == before


def test_what_a_bomb_claims_is_never_unpacked() -> None:
    parts = demo_parts()
    name = next(n for n in parts if n.endswith(".csv"))
    parts[name] = b"0" * (200 * 1024 * 1024)
    data = packed(parts)
    del parts
    assert len(data) < 1_000_000
    tracemalloc.start()
    with pytest.raises(FileRefused):
        unpack(data, "bomb.parlor")
    _, peak = tracemalloc.get_traced_memory()
    tracemalloc.stop()
    assert peak < 60 * 1024 * 1024


@pytest.mark.parametrize(
    "survey",
    [
        b"\xff\xfe",
        b"[" * 200_000,
        b'{"survey_version": ' + b"9" * 5000 + b"}",
        b'{"survey_version": 1, "room": {"width": 1e999}}',
        b'{"survey_version": 2, "room": NaN}',
    ],
    ids=["not text", "deep", "huge integer", "infinite", "NaN"],
)
def test_a_hostile_survey_is_refused_in_a_sentence(tmp_path: Path, survey: bytes) -> None:
    path = tmp_path / "odd.json"
    path.write_bytes(survey)
    with pytest.raises(FileRefused, match=r"^odd\.json"):
        read_survey(path)


@pytest.mark.parametrize("rate", [0, 1, 10**9])
def test_a_wave_of_an_impossible_rate_is_refused(tmp_path: Path, rate: int) -> None:
    path = tmp_path / "odd.wav"
    path.write_bytes(odd_rate(rate))
    with pytest.raises(ResponseFileError, match=r"^odd\.wav"):
        read_take(path)


def test_a_folder_in_place_of_a_file_is_refused(tmp_path: Path) -> None:
    folder = tmp_path / "room.parlor"
    folder.mkdir()
    with pytest.raises(FileRefused, match=r"room\.parlor could not be read: it is a folder"):
        open_document(folder)
