"""A file is looked at before it is taken: its first lines, how it was read, the curve."""

from pathlib import Path

import numpy as np
import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QDialog, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import in_dialog
from jolly_parlor.app import dialogs
from jolly_parlor.app.import_preview import ImportPreview
from jolly_parlor.app.window import MainWindow

ASK = dialogs.ask_import
"""The real one: elsewhere the tests' windows take what would be shown."""
TWO = "\n".join(
    ["Hz\tLeft dB\tRight dB", *(f"{f}\t{70 + f % 7}\t{60 + f % 5}" for f in range(20, 400, 4))]
)


@pytest.fixture(autouse=True)
def real_preview(no_dialog_waits: None, monkeypatch: pytest.MonkeyPatch) -> None:
    """Ask as the program does."""
    monkeypatch.setattr(dialogs, "ask_import", ASK)


def _press(preview: QDialog, words: str) -> None:
    assert isinstance(preview, ImportPreview)
    [button] = [b for b in preview.findChildren(QPushButton) if b.text() == words]
    button.click()


def test_shows_the_lines_the_reading_and_the_curve_before_it_is_taken(
    window: MainWindow, qtbot: QtBot, tmp_path: Path
) -> None:
    path = tmp_path / "hall.txt"
    lines = ["Frequency (kHz), Level (dB)", *(f"{f / 1000}, {60 + f % 9}" for f in range(20, 400))]
    path.write_text("\n".join(lines))
    before = len(window.session.document.takes)
    seen: dict[str, object] = {}

    def look(preview: QDialog) -> None:
        assert isinstance(preview, ImportPreview)
        seen["lines"], seen["taken"] = preview.lines.text(), preview.taken.text()
        seen["x"] = preview.curve.getData()[0]
        _press(preview, "Leave it")

    in_dialog(look)
    assert not window.takes.import_file(path, "left", "desk")
    assert "Frequency (kHz), Level (dB)" in str(seen["lines"])
    assert "kHz" in str(seen["taken"])
    assert "20 to 399 Hz" in str(seen["taken"])
    assert np.min(seen["x"]) == pytest.approx(np.log10(20.0))
    assert len(window.session.document.takes) == before
    in_dialog(lambda preview: _press(preview, "Take it"))
    assert window.takes.import_file(path, "left", "desk")
    assert len(window.session.document.takes) == before + 1


def test_of_several_curves_the_one_chosen_is_taken(
    window: MainWindow, qtbot: QtBot, tmp_path: Path
) -> None:
    path = tmp_path / "two.txt"
    path.write_text(TWO)

    def choose(preview: QDialog) -> None:
        assert isinstance(preview, ImportPreview)
        assert [preview.curves.itemText(i) for i in range(2)] == ["Left dB", "Right dB"]
        qtbot.keyClick(preview.curves, Qt.Key.Key_Down)
        _press(preview, "Take it")

    in_dialog(choose)
    assert window.takes.import_file(path, "right", "desk")
    take = window.session.document.takes[-1]
    assert take.response.level_db.max() < 66


def test_a_file_that_cannot_be_read_is_refused_without_a_preview(
    window: MainWindow, tmp_path: Path
) -> None:
    path = tmp_path / "bad.txt"
    path.write_text("nothing here")
    assert not window.takes.import_file(path, "left", "desk")
    assert "bad.txt holds no line of numbers" in window.notice_text.text()
