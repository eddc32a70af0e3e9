"""What plays for a listening test: quiet first, one at a time, silenced by one key anywhere."""

import time
from collections.abc import Callable, Mapping

import numpy as np
import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QLineEdit, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import press, settled
from jolly_parlor.app.player import LOUDEST_DB, QUIET_DB, STEP_DB
from jolly_parlor.app.stations.takes.equipment import Equipment
from jolly_parlor.app.window import MainWindow


class Loud:
    """A card that plays until it is silenced."""

    name, simulated, sample_rate = "card", False, 8000

    def __init__(self) -> None:
        self.sounds: Mapping[str, np.ndarray] = {}
        self.levels: list[float] = []

    def play(
        self,
        sounds: Mapping[str, np.ndarray],
        output_db: Callable[[], float],
        again: bool,
        told: Callable[[float], None],
        cancelled: Callable[[], bool],
    ) -> None:
        self.sounds = sounds
        begun = time.monotonic()
        while not cancelled() and time.monotonic() - begun < 30:
            self.levels.append(output_db())
            told(time.monotonic() - begun)
            time.sleep(0.01)


@pytest.fixture
def card(monkeypatch: pytest.MonkeyPatch, window: MainWindow) -> Loud:
    made = Loud()
    monkeypatch.setattr(Equipment, "is_card", property(lambda self: True))
    monkeypatch.setattr(Equipment, "studio", lambda self: made)
    window.go("finetune")
    press(window, "finetune-page-tests")
    window.finetune.refresh()
    return made


def button(window: MainWindow, name: str) -> QPushButton:
    found = [b for b in window.findChildren(QPushButton, name) if b.isVisible()]
    assert len(found) == 1
    return found[0]


def test_it_begins_quiet_gets_louder_by_steps_and_never_beyond_the_limit(
    qtbot: QtBot, window: MainWindow, card: Loud
) -> None:
    button(window, "play").click()
    qtbot.waitUntil(lambda: len(card.levels) > 3)
    assert set(card.sounds) == {"sub"} and card.levels[0] == QUIET_DB
    button(window, "play-louder").click()
    qtbot.waitUntil(lambda: card.levels[-1] == QUIET_DB + STEP_DB)
    for _ in range(40):
        window.finetune.player.louder(1)
    qtbot.waitUntil(lambda: card.levels[-1] == LOUDEST_DB)
    assert not button(window, "play-louder").isEnabled()
    assert not button(window, "play").isEnabled()
    button(window, "play-stop").click()
    qtbot.waitUntil(lambda: not window.finetune.player.playing)


def test_escape_silences_it_from_any_station_and_any_field(
    qtbot: QtBot, window: MainWindow, card: Loud
) -> None:
    press(window, "finetune-test-sweep")
    button(window, "play").click()
    qtbot.waitUntil(lambda: len(card.levels) > 3)
    assert set(card.sounds) == {"left", "right"}
    qtbot.waitUntil(lambda: "Hz," in window.finetune.sweep.now.text())
    window.go("survey")
    settled(qtbot, window)
    field = window.findChild(QLineEdit, "room-name")
    assert field is not None
    field.setFocus()
    QTest.keyClick(field, Qt.Key.Key_Escape)
    qtbot.waitUntil(lambda: not window.finetune.player.playing)
    count = len(card.levels)
    QTest.keyClick(field, Qt.Key.Key_Escape)  # nothing plays: the key is the field's again
    assert len(card.levels) == count


def test_a_card_that_fails_says_so(
    qtbot: QtBot, window: MainWindow, card: Loud, monkeypatch: pytest.MonkeyPatch
) -> None:
    from jolly_parlor.studio.device import DeviceFailed

    def fails(*_: object) -> None:
        raise DeviceFailed("The card was pulled out.")

    monkeypatch.setattr(card, "play", fails)
    button(window, "play").click()
    # Both are told, in whichever order they come.
    qtbot.waitUntil(lambda: "pulled out" in window.notice_text.text())
    qtbot.waitUntil(lambda: not window.finetune.player.playing)
    assert "pulled out" in window.notice_text.text()


def test_a_window_closed_while_it_plays_takes_no_more_keys(
    qtbot: QtBot, window: MainWindow, card: Loud, open_window: Callable[..., MainWindow]
) -> None:
    """Regression: what played went on taking Escape away from every other window."""
    button(window, "play").click()
    qtbot.waitUntil(lambda: len(card.levels) > 3)
    window.session.history.saved()
    window.close()
    assert not window.finetune.player.sounds
    other = open_window(window.session.document)
    heard: list[int] = []
    line = QLineEdit(other)
    line.keyPressEvent = lambda event: heard.append(event.key())  # type: ignore[method-assign]
    QTest.keyClick(line, Qt.Key.Key_Escape)
    assert heard == [Qt.Key.Key_Escape]
