"""What the figure is, and judging otherwise, through the window."""

from collections.abc import Callable
from pathlib import Path

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QDialog, QLineEdit, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import in_dialog, settled
from jolly_parlor.app import dialogs
from jolly_parlor.app.judging_dialog import JudgingDialog
from jolly_parlor.app.window import MainWindow

pytestmark = pytest.mark.real_field


def _typed(dialog: QDialog, name: str, text: str) -> None:
    field = dialog.findChild(QLineEdit, name)
    assert field is not None
    field.setFocus()
    field.selectAll()
    QTest.keyClicks(field, text)
    QTest.keyClick(field, Qt.Key.Key_Return)


def _pressed(dialog: QDialog, name: str) -> None:
    button = dialog.findChild(QPushButton, name)
    assert button is not None
    QTest.mouseClick(button, Qt.MouseButton.LeftButton)


@pytest.mark.usefixtures("at_forecast")
def test_the_figure_is_explained_and_set_beside_itself(
    qtbot: QtBot,
    window: MainWindow,
    tmp_path: Path,
    monkeypatch: pytest.MonkeyPatch,
) -> None:
    page = window.stack.currentWidget()
    assert page is not None
    button = page.findChild(QPushButton, "what-is-this-figure")
    assert button is not None and button.isVisible()
    before = page.verdict.text()  # type: ignore[attr-defined]
    house = tmp_path / "house.txt"
    house.write_text("20 5\n200 0\n700 -2\n")
    monkeypatch.setattr(dialogs, "choose_response", lambda *_: house)
    said = []

    def set_it(dialog: QDialog) -> None:
        assert isinstance(dialog, JudgingDialog)
        said.append(dialog.now.text())
        _typed(dialog, "judged-from", "200")
        said.append(dialog.why.text())
        _typed(dialog, "judged-from", "40")
        _typed(dialog, "target-slope", "-1.5")
        _pressed(dialog, "target-file")
        said.append(dialog.now.text())
        _pressed(dialog, "judged-trade")
        said.append(dialog.now.text())
        _pressed(dialog, "judging-close")

    in_dialog(set_it)
    QTest.mouseClick(button, Qt.MouseButton.LeftButton)
    settled(qtbot, window)
    assert said[0] == "Both: judged 48 to 300 Hz, against flat."
    assert said[1]
    against = "the curve “house.txt” with a slope of −1.5 dB per octave"
    assert said[2] == f"Both: judged 40 to 300 Hz, against {against}."
    assert said[3] == f"Both: judged 30 to 300 Hz, takes to 700 Hz, against {against}."
    assert page.verdict.text() != before  # type: ignore[attr-defined]
    assert f"Judged 30 to 300 Hz, smoothed 1/12 octave, against {against}." in page.under.text()  # type: ignore[attr-defined]
    window.session.show_layer("measured")
    settled(qtbot, window)
    assert "Judged 30 to 700 Hz" in page.under.text()  # type: ignore[attr-defined]
    for _ in range(4):
        window.session.undo()
    settled(qtbot, window)
    window.session.show_layer("forecast")
    assert page.verdict.text() == before  # type: ignore[attr-defined]


def test_compare_says_over_which_band_it_ranks(
    qtbot: QtBot, window: MainWindow, open_window: Callable[..., MainWindow]
) -> None:
    window.go("compare")
    settled(qtbot, window)
    page = window.stack.currentWidget()
    assert page is not None
    assert "judged" not in page.under.text()  # type: ignore[attr-defined]
    in_dialog(lambda d: (_pressed(d, "judged-trade"), _pressed(d, "judging-close")))
    button = page.findChild(QPushButton, "what-is-this-figure")
    assert button is not None
    QTest.mouseClick(button, Qt.MouseButton.LeftButton)
    settled(qtbot, window)
    assert "judged 30 to 700 Hz against flat" in page.under.text()  # type: ignore[attr-defined]
