"""Hear through a virtual sound card: what the window plays is heard."""

from pathlib import Path

import numpy as np
import pytest
from pytestqt.qtbot import QtBot

from helpers_app import press, settled
from jolly_parlor.app.window import MainWindow
from virtual_card import virtual_sound_card

RATE = 48_000


def test_what_is_switched_in_the_window_comes_out_of_the_card(
    qtbot: QtBot, window: MainWindow, tmp_path_factory: pytest.TempPathFactory
) -> None:
    home: Path = tmp_path_factory.mktemp("card")
    with virtual_sound_card(home) as card:
        window.go("hear")
        settled(qtbot, window)
        qtbot.waitUntil(lambda: window.hear.heard.found is not None, timeout=30_000)
        press(window, "hear-outputs")
        assert window.hear.bar.where.count() > 1
        heard: list[np.ndarray] = []

        def more(seconds: float) -> bool:
            heard.append(card.heard())
            return sum(map(len, heard)) >= seconds * RATE

        press(window, "hear-0")
        qtbot.waitUntil(lambda: more(3.0), timeout=30_000)
        press(window, "hear-1")
        switched = sum(map(len, heard))
        qtbot.waitUntil(lambda: more(switched / RATE + 3.0), timeout=30_000)
        press(window, "hear-stop")
        qtbot.waitUntil(
            lambda: more(0.0) and not window.hear.player.sounds, timeout=30_000
        )  # what is played is listened to until it ends
        qtbot.waitUntil(lambda: more(0.0) and not len(heard[-1]), timeout=30_000)
        sound = np.concatenate(heard)
        sounds = window.hear.heard.found.played.matched.sounds
    loudest = max(np.abs(one).max() for one in sounds) * 10 ** (-24 / 20)
    assert 0.05 * loudest < np.abs(sound).max() <= 1.02 * loudest
    # No click anywhere: nothing steps more than the pieces do, nor where one takes over.
    steepest = max(np.abs(np.diff(one, axis=0)).max() for one in sounds) * 10 ** (-24 / 20)
    assert np.abs(np.diff(sound, axis=0)).max() <= 1.1 * steepest
    assert not np.any(sound[-10:]) or np.abs(sound[-10:]).max() < 0.01 * loudest
