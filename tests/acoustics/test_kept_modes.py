"""Modes on disk: read back as they were, and never believed when they are not whole."""

from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.acoustics.elements.enclosure import Block, Enclosure
from jolly_parlor.acoustics.elements.kept_modes import keep_on_disk, modes_on_disk
from jolly_parlor.acoustics.elements.modal_solver import ModalBasis

ROOM = Enclosure(
    ((0.0, 0.0), (2.0, 0.0), (2.0, 2.5), (0.0, 2.5)),
    2.0,
    solids=(Block("thing 0", (0.0, 0.0, 0.0), (0.5, 0.5, 1.0)),),
    spacing=0.6,
)
K = 1.5


@pytest.fixture
def folder(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Path:
    monkeypatch.setenv("XDG_CACHE_HOME", str(tmp_path))
    return tmp_path / "jolly-parlor" / "modes"


def test_modes_come_back_as_they_were(folder: Path) -> None:
    assert modes_on_disk(ROOM, K) is None
    made = ModalBasis(ROOM, K)
    keep_on_disk(ROOM, K, made.eigenvalues, made.shapes)
    values, shapes = modes_on_disk(ROOM, K) or (None, None)
    assert values == pytest.approx(made.eigenvalues)
    assert np.allclose(shapes, made.shapes, atol=1e-5)
    assert modes_on_disk(ROOM, K + 0.1) is None


def test_a_damaged_file_is_as_none(folder: Path) -> None:
    made = ModalBasis(ROOM, K)
    keep_on_disk(ROOM, K, made.eigenvalues, made.shapes)
    [kept] = folder.glob("*.npz")
    kept.write_bytes(kept.read_bytes()[:-200])
    assert modes_on_disk(ROOM, K) is None
    keep_on_disk(ROOM, K, made.eigenvalues, made.shapes[:-1])
    assert modes_on_disk(ROOM, K) is None
    shapes = made.shapes.copy()
    shapes[0, 0] = np.nan
    keep_on_disk(ROOM, K, made.eigenvalues, shapes)
    assert modes_on_disk(ROOM, K) is None


def test_a_folder_nobody_may_write_is_no_harm(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    (tmp_path / "file").write_text("in the way")
    monkeypatch.setenv("XDG_CACHE_HOME", str(tmp_path / "file"))
    made = ModalBasis(ROOM, K)
    keep_on_disk(ROOM, K, made.eigenvalues, made.shapes)
    assert modes_on_disk(ROOM, K) is None


def test_only_the_newest_dozen_is_kept(folder: Path) -> None:
    made = ModalBasis(ROOM, K)
    for n in range(15):
        keep_on_disk(ROOM, K + n / 10, made.eigenvalues, made.shapes)
    assert len(list(folder.glob("*.npz"))) == 12
