"""What takes longer than a moment says how far it is and what it will still take, and can be
stopped.
"""

import os
from pathlib import Path
from threading import Event

import pytest
from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QProgressDialog, QPushButton
from pytestqt.qtbot import QtBot

from jolly_parlor.app import errands, task
from jolly_parlor.app.errands import ErrandStopped, Told, watched
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.files import open_document
from jolly_parlor.refused import Refused


class Steps:
    """Twenty steps, each as long as the test says; the next when the window has looked."""

    def __init__(self, patch: pytest.MonkeyPatch, seconds: float) -> None:
        self._each, self._now, self._looked = seconds / 20, 0.0, Event()
        patch.setattr(task, "monotonic", lambda: self._now)

    def looked(self) -> None:
        """So that the next step may be done."""
        self._looked.set()

    def __call__(self, told: Told) -> str:
        for step in range(20):
            told(step / 20)
            self._now += self._each
            assert self._looked.wait(60)
            self._looked.clear()
        return "done"


def _panel(window: MainWindow) -> QProgressDialog | None:
    panels = window.findChildren(QProgressDialog, "waiting")
    return next((panel for panel in panels if panel.isVisible()), None)


def test_a_moment_is_waited_for_in_silence(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    steps, seen = Steps(monkeypatch, 0.6), []

    def look() -> None:
        seen.append(_panel(window))
        steps.looked()

    timer = QTimer()
    timer.timeout.connect(look)
    timer.start(20)
    assert watched(steps, "Counting …", window) == "done"
    timer.stop()
    assert len(seen) >= 20 and not any(seen)


def test_what_takes_longer_tells_the_time_left(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    steps, told = Steps(monkeypatch, 20.0), []

    def look() -> None:
        if panel := _panel(window):
            told.append((panel.labelText(), panel.value()))
        steps.looked()

    timer = QTimer()
    timer.timeout.connect(look)
    timer.start(60)
    assert watched(steps, "Counting …", window) == "done"
    timer.stop()
    assert told and told[0][0].startswith("Counting …") and "s left" in told[-1][0]
    assert told[-1][1] > told[0][1]
    qtbot.waitUntil(lambda: _panel(window) is None)


def test_it_can_be_stopped(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    steps, looks = Steps(monkeypatch, 20.0), []

    def stop() -> None:
        looks.append(_panel(window))
        if panel := looks[-1]:
            panel.findChild(QPushButton).click()
        steps.looked()

    timer = QTimer()
    timer.timeout.connect(stop)
    timer.start(50)
    with pytest.raises(ErrandStopped):
        watched(steps, "Counting …", window)
    timer.stop()
    assert any(looks) and len(looks) < 20  # long before it would have ended


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


def test_a_slow_disk_holds_up_nothing_but_the_save(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    """The window goes on painting while a disk takes its time, and what is saved is whole."""
    window.session.path = tmp_path / "slow.parlor"
    real, go_on, painted = os.fsync, Event(), []

    def slow(handle: int) -> None:
        assert go_on.wait(60)
        real(handle)

    monkeypatch.setattr(os, "fsync", slow)

    def look() -> None:
        window.plan.update()
        painted.append(not window.session.path.exists())
        if len(painted) >= 5:
            go_on.set()
        else:
            QTimer.singleShot(20, look)

    QTimer.singleShot(20, look)
    assert window.save()
    assert painted == [True] * 5
    assert open_document(tmp_path / "slow.parlor").room == window.session.document.room
    assert not window.session.history.changed
