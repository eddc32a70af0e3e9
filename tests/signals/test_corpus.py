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


@pytest.mark.parametrize("name", sorted(FILES))
def test_a_file_is_read_as_meant_or_refused(name: str) -> None:
    path, meant = FOLDER / name, FILES[name]
    if "refused" in meant:
        with pytest.raises(ResponseFileError) as caught:
            read_take(path)
        words = str(caught.value)
        assert meant["refused"] in words and words.startswith(name) and words.endswith(".")
        return
    if "several" in meant:
        with pytest.raises(SeveralCurves) as several:
            read_take(path)
        assert list(several.value.names) == meant["several"]
        assert "line" in str(several.value)
    read = read_take(path, curve=meant.get("pick")).response
    columns = {key: np.array(EXPECTED[key], dtype=float) for key in "FLP"}
    wanted = [eval(part, {"round": np.round}, columns) for part in meant["curve"].split()]
    assert read.frequencies_hz == pytest.approx(wanted[0], rel=1e-6)
    assert read.level_db == pytest.approx(wanted[1], abs=1e-4)
    if len(wanted) == 3:
        assert read.phase_deg is not None
        turned = np.exp(1j * np.radians(read.phase_deg - wanted[2]))
        assert np.allclose(turned, 1.0, atol=1e-5)
    else:
        assert read.phase_deg is None


def test_what_was_understood_is_told(tmp_path: Path) -> None:
    read = read_take(FOLDER / "phase_radians.csv")
    assert read.understood is not None
    assert read.understood.columns[2] == "“Phase (rad)”: phase in radians"
    assert read.understood.first_lines[0].startswith("Frequency (Hz),Level (dB)")
    assert any("radians" in note for note in read.notes)
