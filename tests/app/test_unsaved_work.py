"""Nobody's work goes without a word: safety copies, the demo, two windows on one file."""

import os
import time
from collections.abc import Callable
from pathlib import Path

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from pytestqt.qtbot import QtBot

from helpers_app import in_dialog
from jolly_parlor.app import dialogs
from jolly_parlor.app.safety import KEPT_DAYS, SafetyCopy
from jolly_parlor.app.samples import DEMO
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project import edits
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import choose
from jolly_parlor.project.files import open_document, open_project, save_document
from jolly_parlor.project.ledger import entry


@pytest.fixture
def crashed(open_window: Callable[..., MainWindow], demo: Document, tmp_path: Path) -> Path:
    """The folder of safety copies with the work of a window that is gone."""
    window = open_window(demo)
    window.copy()
    window.safety.write()
    [copy] = (tmp_path / "unsaved").glob("*.parlor")
    data = copy.read_bytes()
    window.session.history.saved()
    window.safety.forget()
    assert not copy.exists(), "what is saved needs no safety copy"
    copy.write_bytes(data)
    return tmp_path / "unsaved"


def copies(folder: Path) -> list[Path]:
    """Safety copies that lie there."""
    return sorted(folder.glob("*.parlor"))


def test_each_window_has_a_copy_of_its_own_and_leaves_the_others_alone(
    open_window: Callable[..., MainWindow], demo: Document, tmp_path: Path
) -> None:
    one, other = open_window(demo), open_window(demo)
    one.copy()
    one.safety.write()
    other.copy()
    other.safety.write()
    assert len(copies(tmp_path / "unsaved")) == 2
    assert other.safety.left_behind() == [], "a running window's copy is its own"
    other.offer_recovery()
    other.safety.forget()
    assert copies(tmp_path / "unsaved") == [one.safety.path]
    assert len(open_document(one.safety.path).arrangements) == 4


def test_asking_later_keeps_the_copy_and_asks_again(
    crashed: Path,
    open_window: Callable[..., MainWindow],
    monkeypatch: pytest.MonkeyPatch,
) -> None:
    asked = []
    monkeypatch.setattr(dialogs, "ask_recover", lambda *w: asked.append(w[1:]) or "later")
    window = open_window(blank_document())
    window.offer_recovery()
    window.offer_recovery()
    assert [name for name, _ in asked] == ["The Kiln Room"] * 2
    assert len(copies(crashed)) == 1


def test_escape_answers_later(qtbot: QtBot, window: MainWindow) -> None:
    in_dialog(lambda box: QTest.keyClick(box, Qt.Key.Key_Escape))
    answer = dialogs._choose(
        window, "t", "Work was not saved.", (("take", "Take"), ("discard", "No"), ("later", "x"))
    )
    assert answer == "later"


def test_work_taken_up_is_unsaved_until_it_is_saved(
    crashed: Path, open_window: Callable[..., MainWindow], monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(dialogs, "ask_recover", lambda *_: "take")
    window = open_window(blank_document())
    window.offer_recovery()
    assert len(window.session.document.arrangements) == 4
    assert window.session.history.changed
    assert window.session.path is None
    assert copies(crashed) == [window.safety.path], "its own copy first, then the old one goes"


def test_what_is_discarded_is_kept_for_a_week(
    crashed: Path, open_window: Callable[..., MainWindow], monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(dialogs, "ask_recover", lambda *_: "discard")
    window = open_window(blank_document())
    window.offer_recovery()
    assert copies(crashed) == []
    [kept] = copies(crashed / "discarded")
    assert len(open_document(kept).arrangements) == 4
    old = time.time() - (KEPT_DAYS + 0.1) * 86_400
    os.utime(kept, (old, old))
    window.safety.left_behind()
    assert copies(crashed / "discarded") == []


def test_a_copy_that_cannot_be_read_is_kept_and_said(
    crashed: Path, open_window: Callable[..., MainWindow]
) -> None:
    [copy] = copies(crashed)
    copy.write_bytes(copy.read_bytes()[:500])
    window = open_window(blank_document())
    window.offer_recovery()
    assert "cannot be read. It is kept as" in window.notice_text.text()
    assert str(copy) in window.notice_text.text()
    assert copy.exists()


def test_changes_given_up_on_leaving_are_set_aside(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    window.copy()
    monkeypatch.setattr(dialogs, "ask_unsaved", lambda *_: "discard")
    assert window.may_leave()
    [kept] = copies(tmp_path / "unsaved" / "discarded")
    assert len(open_document(kept).arrangements) == 4


def test_a_crash_loses_no_entry_of_the_ledger(window: MainWindow, tmp_path: Path) -> None:
    session = window.session
    session.do("Pick", lambda d: choose(d, d.arrangements[0].name, "for the crash"))
    session.undo()
    session.note(entry("note", "just before the lights went out"))
    window.safety.write()
    saved = open_project(window.safety.path).project
    assert [e.kind for e in saved.ledger[-3:]] == ["choice", "undo", "note"]
    assert saved.ledger == session.history.ledger


def test_a_safety_copy_that_cannot_be_written_is_told(window: MainWindow, tmp_path: Path) -> None:
    blocked = tmp_path / "file"
    blocked.write_text("no folder")
    safety = SafetyCopy(window.session, blocked)
    window.copy()
    safety.write()
    assert "The safety copy could not be written" in window.notice_text.text()


def test_the_demo_opens_as_a_copy_without_a_name(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    before = DEMO.read_bytes()
    window.open_demo()
    assert window.session.path is None
    window.copy()
    monkeypatch.setattr(dialogs, "ask_save", lambda *_: DEMO)
    assert not window.save()
    assert "stays as it is" in window.notice_text.text()
    assert DEMO.read_bytes() == before


@pytest.mark.parametrize(
    ("answer", "counts", "saved_as"),
    [
        ("stay", {"room.parlor": 2}, "room.parlor"),
        ("replace", {"other": 2, "room.parlor": 4}, "room.parlor"),
        ("elsewhere", {"room.parlor": 2, "second.parlor": 4}, "second.parlor"),
    ],
)
def test_a_change_behind_ones_back_is_a_choice(
    open_window: Callable[..., MainWindow],
    demo: Document,
    monkeypatch: pytest.MonkeyPatch,
    tmp_path: Path,
    answer: str,
    counts: dict[str, int],
    saved_as: str,
) -> None:
    path, second = tmp_path / "room.parlor", tmp_path / "second.parlor"
    save_document(demo, path)
    window = open_window(blank_document())
    window.open_path(path)
    theirs = edits.remove_arrangement(demo, "A third")
    save_document(theirs, path)
    window.copy()
    monkeypatch.setattr(dialogs, "ask_changed", lambda *_: answer)
    monkeypatch.setattr(dialogs, "ask_save", lambda *_: second)
    assert window.save() == (answer != "stay")
    found = {p.name: len(open_document(p).arrangements) for p in tmp_path.glob("*.parlor")}
    assert {"other" if "other" in name else name: n for name, n in found.items()} == counts
    assert window.session.path == tmp_path / saved_as
    assert ("the other version is kept" in window.notice_text.text()) == (answer == "replace")
