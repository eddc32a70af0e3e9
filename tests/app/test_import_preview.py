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


def choose(preview: ImportPreview, column: int, words: str) -> None:
    """As somebody does who opens the list and takes one."""
    box = preview.columns[column]
    at = box.findText(words)
    box.setCurrentIndex(at)
    box.activated.emit(at)


def test_what_could_mean_two_things_is_asked_column_by_column(
    window: MainWindow, qtbot: QtBot, tmp_path: Path
) -> None:
    path = tmp_path / "counted.txt"
    f = np.geomspace(20.0, 400.0, 60)
    path.write_text("\n".join(f"{n}\t{a:.3f}\t{70 + n % 7}" for n, a in enumerate(f, start=1)))
    said: list[str] = []

    def look(preview: QDialog) -> None:
        assert isinstance(preview, ImportPreview)
        said.append(preview.taken.text())
        assert not preview.take.isEnabled()
        for column, words in enumerate(("not used", "frequency in Hz", "level in dB")):
            choose(preview, column, words)
        assert preview.take.isEnabled()
        _press(preview, "Take it")

    in_dialog(look)
    assert window.takes.import_file(path, "left", "desk")
    assert "counts the lines" in said[0]
    taken = window.session.document.takes[-1].response
    assert taken.frequencies_hz == pytest.approx(f, rel=1e-3)


def test_a_unit_that_was_read_wrongly_is_changed(
    window: MainWindow, qtbot: QtBot, tmp_path: Path
) -> None:
    path = tmp_path / "pressure.txt"
    path.write_text("Hz\tPa\n" + "\n".join(f"{f}\t{200 + f % 9}" for f in range(20, 400, 3)))

    def look(preview: QDialog) -> None:
        assert isinstance(preview, ImportPreview)
        assert [box.currentText() for box in preview.columns] == ["frequency in Hz", "level in Pa"]
        choose(preview, 1, "level in mPa")
        _press(preview, "Take it")

    in_dialog(look)
    assert window.takes.import_file(path, "left", "desk")
    level = window.session.document.takes[-1].response.level_db
    assert 79 < level.min() < level.max() < 81


def test_what_is_time_is_no_response_whatever_it_is_called(
    window: MainWindow, qtbot: QtBot, tmp_path: Path
) -> None:
    path = tmp_path / "time.txt"
    path.write_text("Hz\tdB\n" + "\n".join(f"{f}\t{60 + f % 9}" for f in range(20, 400, 3)))

    def look(preview: QDialog) -> None:
        assert isinstance(preview, ImportPreview)
        choose(preview, 0, "time")
        assert "impulse response as text" in preview.taken.text()
        assert not preview.take.isEnabled()
        choose(preview, 0, "frequency in Hz")
        assert preview.take.isEnabled()
        _press(preview, "Leave it")

    in_dialog(look)
    assert not window.takes.import_file(path, "left", "desk")
