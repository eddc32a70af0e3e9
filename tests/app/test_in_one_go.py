"""All that is missing of an arrangement, measured in one go."""

from collections.abc import Callable
from dataclasses import replace

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from pytestqt.qtbot import QtBot

from helpers_app import press, type_into
from jolly_parlor.app.stations.takes.measure_card import MeasureCard
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.history import Project
from jolly_parlor.project.wanted_takes import missing
from jolly_parlor.signals.quality import Remark, Verdict
from jolly_parlor.studio import one_take as measuring
from jolly_parlor.studio.one_take import Settings, seconds_of_take

EVERY = [
    ("left", "desk"),
    ("right", "desk"),
    ("both", "desk"),
    ("sub", "desk"),
    ("both+sub", "desk"),
    ("both", "sofa"),
    ("both+sub", "sofa"),
]


@pytest.fixture
def card(window: MainWindow) -> MeasureCard:
    window.session.load(Project(replace(window.session.document, takes=())), None)
    window.go("takes")
    type_into(window, "sweep length", "1")
    window.takes.measure.sweeps.setValue(1)
    return window.takes.measure


def made(window: MainWindow) -> list[tuple[str, str]]:
    return [(take.info.source, take.info.seat) for take in window.session.document.takes]


def test_one_click_makes_them_all(qtbot: QtBot, window: MainWindow, card: MeasureCard) -> None:
    assert "7 takes" in card.in_one_go.begin_button.toolTip()
    press(window, "measure-all")
    assert not card.go.isEnabled(), "one thing plays at a time"
    qtbot.waitUntil(lambda: not card.in_one_go.on, timeout=120_000)
    assert made(window) == EVERY
    assert card.in_one_go.words.text() == "All of it is measured: 7 takes."
    assert missing(window.session.document, window.session.arrangement) == []
    assert not card.in_one_go.begin_button.isEnabled()


def test_the_microphone_is_waited_for_and_the_plan_shows_where(
    qtbot: QtBot, window: MainWindow, card: MeasureCard
) -> None:
    go = card.in_one_go
    go._by_itself = lambda: False  # as with a sound card
    press(window, "measure-all")
    qtbot.waitUntil(lambda: go.go_on_button.isVisible(), timeout=120_000)
    assert made(window) == EVERY[:5]
    assert (
        go.words.text() == "Put the microphone at the sofa, as the plan shows it: 2 takes to come."
    )
    assert window.session.seat == "sofa" and window.session.selected.id == "sofa"
    qtbot.waitUntil(lambda: not card.measuring, timeout=20_000)  # the call has sounded
    go.go_on_button.setFocus()
    QTest.keyClick(go.go_on_button, Qt.Key.Key_Space)
    qtbot.waitUntil(lambda: not go.on, timeout=60_000)
    assert made(window) == EVERY


def test_any_key_silences_it(qtbot: QtBot, window: MainWindow, card: MeasureCard) -> None:
    press(window, "measure-all")
    qtbot.waitUntil(lambda: len(made(window)) == 1, timeout=60_000)
    qtbot.waitUntil(lambda: card.measuring, timeout=20_000)
    QTest.keyClick(window, Qt.Key.Key_X)
    qtbot.waitUntil(lambda: not card.in_one_go.on, timeout=20_000)
    count = len(made(window))
    assert card.in_one_go.words.text().startswith("Stopped after ") and count < 7
    assert not card.measuring and card.in_one_go.begin_button.isVisible()


@pytest.fixture
def spoilt(monkeypatch: pytest.MonkeyPatch) -> Callable[[int], None]:
    """Call it to have so many takes spoilt."""

    def spoil(count: int) -> None:
        left = [count]

        def measure(*words: object, **more: object) -> object:
            found = measuring.measure(*words, **more)
            left[0] -= 1
            bad = Verdict((Remark("bad", "A door slammed."),))
            return replace(found, verdict=bad) if left[0] >= 0 else found

        monkeypatch.setattr("jolly_parlor.app.stations.takes.measure_card.measure", measure)

    return spoil


def test_what_is_spoilt_is_made_once_more(
    qtbot: QtBot, window: MainWindow, card: MeasureCard, spoilt: Callable[[int], None]
) -> None:
    spoilt(1)
    press(window, "measure-all")
    qtbot.waitUntil(lambda: not card.in_one_go.on, timeout=120_000)
    assert made(window) == [EVERY[0], *EVERY]


def test_and_given_up_after_three(
    qtbot: QtBot, window: MainWindow, card: MeasureCard, spoilt: Callable[[int], None]
) -> None:
    spoilt(99)
    press(window, "measure-all")
    qtbot.waitUntil(lambda: not card.in_one_go.on, timeout=120_000)
    assert made(window) == [EVERY[0]] * 3
    assert "3 were spoilt one after the other" in card.in_one_go.words.text()


def test_a_full_set_at_two_seats_takes_less_than_ninety_seconds(card: MeasureCard) -> None:
    """A pair, a sub and both, at two seats, with a microphone on a clock of its own."""
    one = Settings(sweeps=1)
    assert 8 * seconds_of_take(one, two_devices=True) < 90
    assert card.seconds_of(8) == pytest.approx(8 * (1 + 1 + 1.2))  # of a second, on one clock
