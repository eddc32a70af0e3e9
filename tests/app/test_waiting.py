"""What takes longer than a moment says how far it is and what it will still take, and can be
stopped.
"""

import time
from pathlib import Path

import pytest
from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QProgressDialog, QPushButton
from pytestqt.qtbot import QtBot

from jolly_parlor.app import errands
from jolly_parlor.app.errands import ErrandStopped, Told, watched
from jolly_parlor.app.window import MainWindow
from jolly_parlor.refused import Refused

pytestmark = pytest.mark.real_field


def _steps(seconds: float, told: Told) -> str:
    for step in range(20):
        told(step / 20)
        time.sleep(seconds / 20)
    return "done"


def _panel(window: MainWindow) -> QProgressDialog | None:
    panels = window.findChildren(QProgressDialog, "waiting")
    return next((panel for panel in panels if panel.isVisible()), None)


def test_a_moment_is_waited_for_in_silence(qtbot: QtBot, window: MainWindow) -> None:
    seen = []
    timer = QTimer()
    timer.timeout.connect(lambda: seen.append(_panel(window)))
    timer.start(20)
    assert watched(lambda told: _steps(0.2, told), "Counting …", window) == "done"
    timer.stop()
    assert not any(seen)


def test_what_takes_longer_tells_the_time_left(qtbot: QtBot, window: MainWindow) -> None:
    told: list[tuple[str, int]] = []

    def look() -> None:
        if panel := _panel(window):
            told.append((panel.labelText(), panel.value()))

    timer = QTimer()
    timer.timeout.connect(look)
    timer.start(50)
    assert watched(lambda share: _steps(2.0, share), "Counting …", window) == "done"
    timer.stop()
    assert told and told[0][0].startswith("Counting …") and "s left" in told[-1][0]
    assert told[-1][1] > told[0][1]
    qtbot.waitUntil(lambda: _panel(window) is None)


def test_it_can_be_stopped(qtbot: QtBot, window: MainWindow) -> None:
    def stop() -> None:
        if panel := _panel(window):
            panel.findChild(QPushButton).click()

    timer = QTimer()
    timer.timeout.connect(stop)
    timer.start(50)
    began = time.monotonic()
    with pytest.raises(ErrandStopped):
        watched(lambda told: _steps(20.0, told), "Counting …", window)
    timer.stop()
    assert time.monotonic() - began < 5.0


def test_what_goes_wrong_is_raised_where_it_is_waited_for(window: MainWindow) -> None:
    def wrong(_: Told) -> None:
        raise Refused("No.")

    with pytest.raises(Refused, match=r"No\."):
        watched(wrong, "Counting …", window)


def test_a_stopped_report_leaves_no_file(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(errands, "_PATIENCE_MS", 0)
    monkeypatch.setattr(errands, "_TICK_MS", 5)

    def stop() -> None:
        if panel := _panel(window):
            panel.findChild(QPushButton).click()

    timer = QTimer()
    timer.timeout.connect(stop)
    timer.start(5)
    window.write_report_to(tmp_path / "report.pdf")
    timer.stop()
    assert window.notice_text.text() == "Stopped."
    assert list(tmp_path.glob("*.pdf")) == []
