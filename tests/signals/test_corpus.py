"""A corpus of hand-made response files: each read rightly, asked about, or refused with the reason.

All hold one invented curve in a different dress; `expected.json` says which curve, and what of it.
"""

import json
from pathlib import Path
from typing import Any

import numpy as np
import pytest

from jolly_parlor.signals.importing import read_take
from jolly_parlor.signals.reading import ResponseFileError, SeveralCurves
from places import DATA

FOLDER = DATA / "responses"
EXPECTED = json.loads((FOLDER / "expected.json").read_text("utf-8"))
FILES: dict[str, dict[str, Any]] = EXPECTED["files"]


def test_the_corpus_is_whole() -> None:
    names = {path.name for path in FOLDER.iterdir()} - {"expected.json"}
    assert names == set(FILES) and len(names) >= 60


def those(what: str, wanted: bool = True) -> list[str]:
    """Files of which something is said in `expected.json`, or is not."""
    return sorted(name for name, meant in FILES.items() if (what in meant) == wanted)


@pytest.mark.parametrize("name", those("refused"))
def test_a_file_that_could_mean_two_things_is_refused_with_the_reason(name: str) -> None:
    with pytest.raises(ResponseFileError) as caught:
        read_take(FOLDER / name)
    words = str(caught.value)
    assert FILES[name]["refused"] in words and words.startswith(name) and words.endswith(".")


@pytest.mark.parametrize("name", those("several"))
def test_which_of_several_curves_is_asked(name: str) -> None:
    with pytest.raises(SeveralCurves, match="line") as several:
        read_take(FOLDER / name)
    assert list(several.value.names) == FILES[name]["several"]


@pytest.mark.parametrize("name", those("refused", False))
def test_a_file_is_read_as_meant(name: str) -> None:
    path, meant = FOLDER / name, FILES[name]
    read = read_take(path, curve=meant.get("pick")).response
    columns = {key: np.array(EXPECTED[key], dtype=float) for key in "FLP"}
    wanted = [eval(part, {"round": np.round}, columns) for part in meant["curve"].split()]
    assert read.frequencies_hz == pytest.approx(wanted[0], rel=1e-6)
    assert read.level_db == pytest.approx(wanted[1], abs=1e-4)
    assert (read.phase_deg is not None) == (len(wanted) == 3)
    gap = 0.0 if read.phase_deg is None else read.phase_deg - wanted[2]
    assert np.allclose(np.exp(1j * np.radians(gap)), 1.0, atol=1e-5)


def test_what_was_understood_is_told(tmp_path: Path) -> None:
    read = read_take(FOLDER / "phase_radians.csv")
    assert read.understood is not None
    assert read.understood.columns[2] == "“Phase (rad)”: phase in radians"
    assert read.understood.first_lines[0].startswith("Frequency (Hz),Level (dB)")
    assert any("radians" in note for note in read.notes)
