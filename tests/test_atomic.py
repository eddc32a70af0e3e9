"""Files are put in their place whole, as their owner had them, and nothing is left behind."""

import os
import time
from pathlib import Path

import pytest

from jolly_parlor.atomic import replacing


def _put(path: Path, text: str) -> None:
    with replacing(path) as temporary:
        temporary.write_text(text)


@pytest.mark.parametrize(("mask", "mode"), [(0o022, 0o644), (0o077, 0o600)])
def test_a_new_file_has_what_the_umask_grants(tmp_path: Path, mask: int, mode: int) -> None:
    old = os.umask(mask)
    try:
        _put(tmp_path / "room", "a")
    finally:
        os.umask(old)
    assert (tmp_path / "room").stat().st_mode & 0o777 == mode


def test_an_old_file_keeps_its_permissions(tmp_path: Path) -> None:
    path = tmp_path / "room"
    path.write_text("a")
    path.chmod(0o640)
    _put(path, "b")
    assert (path.read_text(), path.stat().st_mode & 0o777) == ("b", 0o640)


def test_a_link_stays_a_link(tmp_path: Path) -> None:
    (tmp_path / "shelf").mkdir()
    real, link = tmp_path / "shelf" / "room", tmp_path / "room"
    real.write_text("a")
    link.symlink_to(real)
    _put(link, "b")
    assert link.is_symlink()
    assert real.read_text() == "b"
    assert os.listdir(tmp_path / "shelf") == ["room"]


def test_a_write_protected_file_is_not_replaced(tmp_path: Path) -> None:
    path = tmp_path / "room"
    path.write_text("a")
    path.chmod(0o444)
    with pytest.raises(PermissionError):
        _put(path, "b")
    assert path.read_text() == "a"


def test_what_a_crash_left_is_swept_up_after_an_hour(tmp_path: Path) -> None:
    stale, fresh = tmp_path / ".room[1]-00.part", tmp_path / ".room[1]-11.part"
    other = tmp_path / ".rooms-22.part"
    for path in (stale, fresh, other):
        path.write_text("x")
    for path in (stale, other):
        os.utime(path, (time.time() - 7200,) * 2)
    _put(tmp_path / "room[1]", "b")
    assert sorted(os.listdir(tmp_path)) == [".room[1]-11.part", ".rooms-22.part", "room[1]"]


def test_what_is_being_written_is_open_to_nobody_whom_it_is_not_meant_for(tmp_path: Path) -> None:
    private, fresh = tmp_path / "private", tmp_path / "fresh"
    private.write_text("a")
    private.chmod(0o600)
    before = os.umask(0o022)
    try:
        for place, mode in ((private, None), (fresh, 0o600)):
            with replacing(place, mode) as temporary:
                assert temporary.stat().st_mode & 0o077 == 0
                temporary.write_text("b")
            assert place.stat().st_mode & 0o777 == 0o600
    finally:
        os.umask(before)
