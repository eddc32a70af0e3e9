"""What is read is an ordinary file, and bounded before the work is done: in bytes, seconds,
channels, lines, depth and memory.
"""

import io
import json
import os
import sys
import zipfile
from collections.abc import Callable
from pathlib import Path

import numpy as np
import pytest
import soundfile

from jolly_parlor.inputs import TooLarge, regular, regular_bytes
from jolly_parlor.project.files import open_document, read_survey
from jolly_parlor.project.judging_edits import read_target
from jolly_parlor.refused import Refused
from jolly_parlor.signals.calibration import read_calibration
from jolly_parlor.signals.importing import read_take
from jolly_parlor.signals.own_piece import read_piece
from jolly_parlor.signals.reading import read_response
from jolly_parlor.signals.recorded_sweeps import Played, looks_recorded, read_recording
from jolly_parlor.signals.wav import MOST_FRAMES
from places import EXAMPLES
from processes import ran

READERS: dict[str, Callable[[Path], object]] = {
    "a.parlor": open_document,
    "a.json": read_survey,
    "a.txt": read_response,
    "b.txt": read_calibration,
    "c.txt": read_target,
    "a.wav": read_take,
    "b.wav": lambda path: read_recording(path, Played()),
    "c.wav": lambda path: read_piece(path, 48_000),
}
MOST_MB, MOST_SECONDS = 500, 30.0  # 5 s, on a machine that is busy with six other things


@pytest.mark.parametrize("name", READERS)
def test_a_pipe_is_refused_and_not_waited_for(tmp_path: Path, name: str) -> None:
    os.mkfifo(tmp_path / name)
    with pytest.raises(Refused, match="no ordinary file"):
        READERS[name](tmp_path / name)
    assert not looks_recorded(tmp_path / name) or name == ""


@pytest.mark.parametrize("name", READERS)
def test_a_folder_and_nothing_are_refused(tmp_path: Path, name: str) -> None:
    with pytest.raises(Refused):
        READERS[name](tmp_path / name)
    (tmp_path / name).mkdir()
    with pytest.raises(Refused, match="folder"):
        READERS[name](tmp_path / name)


def test_a_file_that_is_too_large_is_not_read(tmp_path: Path) -> None:
    path = tmp_path / "large.txt"
    with path.open("wb") as file:
        file.truncate(9_000_000_000)  # a hole: nothing on the disk
    with pytest.raises(TooLarge, match="9000 MB; 1 MB can be read"):
        regular(path, 1_000_000)
    with pytest.raises(Refused, match="can be read"):
        read_response(path)
    small = tmp_path / "small"
    small.write_bytes(b"12345")
    assert regular_bytes(small, 5) == b"12345"
    with pytest.raises(TooLarge):
        regular_bytes(small, 4)


_MEASURE = """
import resource, sys, time
from pathlib import Path
from jolly_parlor.refused import Refused
from jolly_parlor.project.files import open_document, read_survey
from jolly_parlor.signals.importing import read_take
from jolly_parlor.signals.reading import read_response
from jolly_parlor.signals.recorded_sweeps import Played, read_recording
import scipy.fft, soundfile

def recording(path):
    return read_recording(path, Played(seconds=20.0))

before = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss
for name, place in zip(sys.argv[1::2], sys.argv[2::2]):
    begun = time.process_time()
    try:
        globals()[name](Path(place))
        told = "read"
    except Refused as error:
        told = str(error)
    peak = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss
    print(int((peak - before) / 1024), round(time.process_time() - begun, 1), told)
"""


def measured(*works: tuple[str, Path]) -> list[str]:
    """What came of each, read one after the other in one process; none may take more than so many
    megabytes, nor so many seconds of processor.
    """
    done = ran([sys.executable, "-c", _MEASURE, *(word for work in works for word in work)])
    assert done.returncode == 0, done.stderr
    told = []
    for line in done.stdout.splitlines():
        size, seconds, words = line.split(" ", 2)
        assert int(size) < MOST_MB and float(seconds) < MOST_SECONDS, line
        told.append(words)
    assert len(told) == len(works)
    return told


def sound(path: Path, frames: int, channels: int = 1) -> Path:
    rng = np.random.default_rng(1)
    samples = np.zeros((frames, channels), dtype=np.float32)
    samples[1000:3000] = rng.normal(size=(2000, channels)) * 0.1
    soundfile.write(path, samples, 48_000, subtype="FLOAT")
    return path


def test_the_longest_sounds_are_read_in_bounded_memory_and_longer_ones_refused(
    tmp_path: Path,
) -> None:
    path = sound(tmp_path / "long.wav", MOST_FRAMES)
    longer = sound(tmp_path / "longer.wav", MOST_FRAMES + 1)
    many = sound(tmp_path / "many.wav", 300_000, 60)
    told = measured(
        ("read_take", longer), ("read_take", many), ("read_take", path), ("recording", path)
    )
    assert "at 48000 samples a second 83 s can be read" in told[0]
    assert "60 channels" in told[1] and told[2] == "read"
    read = read_take(path)
    assert read.impulse is not None and read.impulse.samples.size <= 9 * 48_000 + 1
    assert any("are kept" in note for note in read.notes)


def test_the_longest_texts_are_read_in_bounded_memory_and_time(tmp_path: Path) -> None:
    f = np.geomspace(10.0, 20_000.0, 250_000)
    plain, odd, odder = (tmp_path / f"{name}.txt" for name in ("plain", "odd", "odder"))
    plain.write_text("\n".join(f"{a:.6f}\t{b:.3f}" for a, b in zip(f, 70 + f % 9, strict=True)))
    rows = [f"{a:.3f} Hz; {b:.3f} dB" for a, b in zip(f[::7], 70 + f[::7] % 9, strict=True)]
    odd.write_text("\n".join(rows))
    odder.write_text("\n".join([*rows, *rows]))
    told = measured(*(("read_response", path) for path in (plain, odd, odder)))
    assert told[:2] == ["read", "read"] and "such lines can be read" in told[2]


def document(path: Path, project: bytes, **more: bytes) -> Path:
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr("project.json", project)
        for name, data in more.items():
            archive.writestr(f"takes/{name}", data)
    path.write_bytes(out.getvalue())
    return path


def test_documents_of_brackets_are_refused_at_once(tmp_path: Path) -> None:
    works = []
    for n, project in enumerate(
        (
            b"[" * 20_000_000,
            b"[" * 5_000_000 + b"]" * 5_000_000,
            b'{"a":' * 3_000_000 + b"1" + b"}" * 3_000_000,
            b"[" + b"[]," * 6_000_000 + b"1]",
            b"[" + b"1," * 9_000_000 + b"1]",
            b'{"schema_version": 4, "room": [' + b"{}," * 400_000 + b"{}]}",
        )
    ):
        works.append(("open_document", document(tmp_path / f"{n}.parlor", project)))
        survey = tmp_path / f"{n}.json"
        survey.write_bytes(project[:2_000_000])
        works.append(("read_survey", survey))
    assert "read" not in measured(*works)


def test_a_document_of_silence_that_unpacks_to_gigabytes_is_refused(tmp_path: Path) -> None:
    with zipfile.ZipFile(EXAMPLES / "kiln-room.parlor") as archive:
        project = json.loads(archive.read("project.json"))
        curve = archive.read(f"takes/{project['takes'][0]['id']}.csv")
    wav = io.BytesIO()
    soundfile.write(wav, np.zeros(MOST_FRAMES, dtype=np.float32), 48_000, "FLOAT", format="WAV")
    takes, parts = [], {}
    for n in range(12):
        name = f"take-{n:04d}"
        takes.append(project["takes"][0] | {"id": name, "impulse_start_seconds": 0.0})
        parts |= {f"{name}.csv": curve, f"{name}.wav": wav.getvalue()}
    whole = json.dumps(project | {"takes": takes}).encode()
    path = document(tmp_path / "bomb.parlor", whole, **parts)
    assert path.stat().st_size < 3_000_000
    (told,) = measured(("open_document", path))
    assert "more content" in told
