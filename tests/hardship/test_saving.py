"""Nothing that was saved is ever lost, whatever happens to the one who saves."""

import os
from dataclasses import replace
from pathlib import Path

import pytest

from hardship.ailing import ailing_everywhere
from hardship.cut_off import Disk, cut_off_everywhere
from hardship.saving import (
    killed_while_saving,
    two_at_once,
    where_nobody_may_write,
    with_little_room,
)
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document, save_document

pytestmark = pytest.mark.filterwarnings("ignore:This process .* is multi-threaded")


def _litter(folder: Path) -> list[str]:
    return [name for name in os.listdir(folder) if name not in ("room.parlor", "done")]


def test_a_kill_while_saving_loses_no_document(kiln: Document, tmp_path: Path) -> None:
    assert killed_while_saving(kiln, tmp_path, 25, seed=7) == []


@pytest.mark.parametrize("share", [0.0, 0.3, 0.9])
def test_a_full_disk_leaves_the_old_file_and_no_litter(
    kiln: Document, tmp_path: Path, share: float
) -> None:
    save_document(kiln, tmp_path / "room.parlor")
    before = (tmp_path / "room.parlor").read_bytes()
    other = replace(kiln, room=replace(kiln.room, name="Another"))
    assert with_little_room(other, tmp_path, int(len(before) * share)) == 0
    assert (tmp_path / "room.parlor").read_bytes() == before
    assert _litter(tmp_path) == []
    # With room again it is saved.
    assert with_little_room(other, tmp_path, 4 * len(before)) == 0
    assert open_document(tmp_path / "room.parlor").room.name == "Another"


def test_a_folder_nobody_may_write_to_is_refused_in_words(kiln: Document, tmp_path: Path) -> None:
    folder = tmp_path / "locked"
    folder.mkdir()
    for parent in tmp_path.parents:  # another user must come as far as this
        if parent.stat().st_uid == os.getuid() and parent != Path("/"):
            parent.chmod(parent.stat().st_mode | 0o011)
    tmp_path.chmod(0o755)
    save_document(kiln, folder / "room.parlor")
    before = (folder / "room.parlor").read_bytes()
    folder.chmod(0o555)
    try:
        assert where_nobody_may_write(kiln, folder) == 0
    finally:
        folder.chmod(0o755)
    assert (folder / "room.parlor").read_bytes() == before
    assert _litter(folder) == []


def test_two_processes_that_save_at_once_lose_nothing(kiln: Document, tmp_path: Path) -> None:
    saved, counted = two_at_once(kiln, tmp_path, 15)
    assert saved == 30
    assert counted == saved  # each saved on what the other had saved


def test_a_save_cut_off_at_any_call_leaves_the_one_or_the_other(
    kiln: Document, tmp_path: Path
) -> None:
    calls, wrong = cut_off_everywhere(kiln, tmp_path)
    assert wrong == []
    assert calls > 10


def test_what_is_not_synced_before_its_name_is_would_be_found(
    kiln: Document, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """The campaign itself: a save that leaves out `fsync` loses its file with the power."""
    monkeypatch.setattr(os, "fsync", lambda handle: None)
    real = Disk._counted
    monkeypatch.setattr(
        Disk,
        "_counted",
        lambda self, name: getattr(os, name) if name == "fsync" else real(self, name),
    )
    assert cut_off_everywhere(kiln, tmp_path)[1]


def test_a_disk_that_fails_or_is_pulled_out_loses_nothing(kiln: Document, tmp_path: Path) -> None:
    calls, wrong = ailing_everywhere(kiln, tmp_path)
    assert wrong == []
    assert calls > 5
