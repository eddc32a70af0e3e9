"""Hear through a virtual sound card: what the window plays is recorded again."""

from pathlib import Path
from threading import Event, Thread

import numpy as np
import pytest
from pytestqt.qtbot import QtBot

from helpers_app import press, settled
from jolly_parlor.app.window import MainWindow
from virtual_card import pulse_card

RATE = 48_000


def test_what_is_switched_in_the_window_comes_out_of_the_card(
    qtbot: QtBot, window: MainWindow, tmp_path_factory: pytest.TempPathFactory
) -> None:
    home: Path = tmp_path_factory.mktemp("pulse")
    with pulse_card(home):
        import sounddevice

        window.go("hear")
        settled(qtbot, window)
        qtbot.waitUntil(lambda: window.hear.heard.found is not None, timeout=30_000)
        press(window, "hear-outputs")
        assert window.hear.bar.where.count() > 1
        heard: list[np.ndarray] = []
        done = Event()

        def record() -> None:
            with sounddevice.InputStream(
                samplerate=RATE,
                channels=2,
                dtype="float32",
                device="default",
                callback=lambda data, *_: heard.append(data.copy()),
            ):
                done.wait(30)

        ear = Thread(target=record)
        ear.start()
        try:
            press(window, "hear-0")
            qtbot.wait(1800)
            press(window, "hear-1")
            qtbot.wait(1200)
            press(window, "hear-stop")
            qtbot.waitUntil(lambda: not window.hear.player.sounds, timeout=5000)
        finally:
            done.set()
            ear.join(timeout=10)
        sound = np.concatenate(heard)
        sounds = window.hear.heard.found.played.matched.sounds
        loudest = max(np.abs(one).max() for one in sounds) * 10 ** (-24 / 20)
        assert 0.05 * loudest < np.abs(sound).max() <= 1.02 * loudest
