"""An answer that takes long says so, and can be stopped."""

import time
from collections.abc import Callable

import pytest
from PyQt6.QtWidgets import QLabel, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import settled
from jolly_parlor.app.calculator import Calculator
from jolly_parlor.app.questions import Kind, Models, Question
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document

pytestmark = pytest.mark.real_field

_KIND, _OTHER = Kind("the answer to everything", 1), Kind("the answer to something", 1)


def _ask(
    window: MainWindow,
    seconds: float,
    said: list[str],
    kind: Kind = _KIND,
    by: Calculator | None = None,
) -> None:
    def job(models: Models) -> str:
        time.sleep(seconds)
        return "42"

    room, gear = window.session.document.room, window.session.document.gear
    question = Question(kind, room, gear, job, said.append, said.append)
    (by or window.session.slow).ask(question)


def _names(window: MainWindow, kind: Kind) -> bool:
    words = window.findChild(QLabel, "working-words").text()
    return window.working.isVisible() and kind.name in words


def test_a_long_answer_says_what_it_is_and_then_how_long_yet(
    qtbot: QtBot, window: MainWindow
) -> None:
    said: list[str] = []
    words = window.findChild(QLabel, "working-words")
    settled(qtbot, window)  # what the page itself asks for may take long as well
    _ask(window, 0.3, said)
    qtbot.waitUntil(lambda: said == ["42"])
    assert not window.working.isVisible()
    _ask(window, 4.0, said)
    qtbot.waitUntil(lambda: _names(window, _KIND), timeout=10_000)
    assert words.text().startswith("Working out the answer to everything, for ")
    assert window.working.geometry().right() < window.centralWidget().width()
    qtbot.waitUntil(lambda: len(said) == 2, timeout=6_000)
    qtbot.waitUntil(lambda: not window.working.isVisible())
    _ask(window, 4.0, said)
    qtbot.waitUntil(lambda: _names(window, _KIND), timeout=10_000)
    assert "s left" in words.text()
    settled(qtbot, window)


def test_it_is_stopped_and_whoever_asked_is_told(qtbot: QtBot, window: MainWindow) -> None:
    said: list[str] = []
    settled(qtbot, window)
    _ask(window, 3.0, said)
    qtbot.waitUntil(lambda: _names(window, _KIND), timeout=10_000)
    window.findChild(QPushButton, "working-stop").click()
    assert said == ["You stopped it; any change begins it anew."]
    assert not window.working.isVisible()
    settled(qtbot, window)
    assert len(said) == 1


def test_stop_stops_what_the_line_names_and_nothing_else(qtbot: QtBot, window: MainWindow) -> None:
    said: list[str] = []
    other: list[str] = []
    settled(qtbot, window)
    _ask(window, 8.0, said)
    qtbot.wait(300)
    _ask(window, 3.0, other, _OTHER, window.session.beside)
    qtbot.waitUntil(lambda: _names(window, _KIND), timeout=10_000)
    qtbot.wait(1_200)
    assert _names(window, _KIND)
    window.findChild(QPushButton, "working-stop").click()
    assert said == ["You stopped it; any change begins it anew."]
    assert other == []
    qtbot.waitUntil(lambda: _names(window, _OTHER), timeout=1_500)
    qtbot.waitUntil(lambda: other == ["42"], timeout=5_000)
    settled(qtbot, window)
    assert len(said) == 1


def test_how_long_an_answer_takes_is_known_from_the_session_before(
    qtbot: QtBot, open_window: Callable[..., MainWindow], demo: Document
) -> None:
    first = open_window(demo)
    said: list[str] = []
    settled(qtbot, first)
    _ask(first, 4.0, said)
    qtbot.waitUntil(lambda: said == ["42"], timeout=10_000)
    first.session.history.saved()
    first.close()
    second = open_window(demo)
    settled(qtbot, second)
    _ask(second, 4.0, said)
    qtbot.waitUntil(lambda: _names(second, _KIND), timeout=10_000)
    assert "s left" in second.findChild(QLabel, "working-words").text()
    settled(qtbot, second)
