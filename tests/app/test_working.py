"""An answer that takes long says so, and can be stopped. What time it is, the tests say."""

from collections.abc import Callable, Iterator
from threading import Event

import pytest
from PyQt6.QtWidgets import QLabel, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import settled
from jolly_parlor.app import calculator
from jolly_parlor.app.calculator import Calculator
from jolly_parlor.app.questions import Kind, Models, Question
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document

_KIND, _OTHER = Kind("the answer to everything", 1), Kind("the answer to something", 1)


class Clock:
    """The calculators' own; it goes on when it is told to."""

    def __init__(self) -> None:
        self.seconds = 0.0

    def __call__(self) -> float:
        return self.seconds


@pytest.fixture
def clock(monkeypatch: pytest.MonkeyPatch) -> Clock:
    made = Clock()
    monkeypatch.setattr(calculator, "monotonic", made)
    return made


class Asked:
    """A question that is answered when the test says so."""

    def __init__(
        self, window: MainWindow, kind: Kind = _KIND, by: Calculator | None = None
    ) -> None:
        self.said: list[str] = []
        self._begun, self._may = Event(), Event()
        room, gear = window.session.document.room, window.session.document.gear
        question = Question(kind, room, gear, self._job, self.said.append, self.said.append)
        (by or window.session.slow).ask(question)

    def _job(self, models: Models) -> str:
        self._begun.set()
        assert self._may.wait(60)
        return "42"

    def begun(self) -> None:
        """Somebody works on it."""
        assert self._begun.wait(60)

    def answer(self) -> None:
        """It may be answered now."""
        self._may.set()


@pytest.fixture
def ask(window: MainWindow) -> Iterator[Callable[..., Asked]]:
    asked: list[Asked] = []

    def one(*words: object) -> Asked:
        asked.append(Asked(window, *words))
        asked[-1].begun()
        return asked[-1]

    yield one
    for every in asked:
        every.answer()


def _looked(qtbot: QtBot, window: MainWindow) -> None:
    """The line has looked once more at what is worked out."""
    with qtbot.waitSignal(window.working._timer.timeout, timeout=10_000):
        pass


def _names(window: MainWindow, kind: Kind) -> bool:
    words = window.findChild(QLabel, "working-words").text()
    return window.working.isVisible() and kind.name in words


def test_a_long_answer_says_what_it_is_and_then_how_long_yet(
    qtbot: QtBot, clock: Clock, window: MainWindow, ask: Callable[..., Asked]
) -> None:
    words = window.findChild(QLabel, "working-words")
    short = ask()
    clock.seconds += 0.9
    _looked(qtbot, window)
    assert not window.working.isVisible()
    short.answer()
    qtbot.waitUntil(lambda: short.said == ["42"])
    long = ask()
    clock.seconds += 4.0
    qtbot.waitUntil(lambda: _names(window, _KIND), timeout=10_000)
    assert words.text() == "Working out the answer to everything, for 4 s"
    assert window.working.geometry().right() < window.centralWidget().width()
    long.answer()
    qtbot.waitUntil(lambda: long.said == ["42"])
    qtbot.waitUntil(lambda: not window.working.isVisible())
    again = ask()
    clock.seconds += 1.5
    qtbot.waitUntil(lambda: _names(window, _KIND), timeout=10_000)
    assert words.text() == "Working out the answer to everything, about 2 s left"
    again.answer()
    settled(qtbot, window)


def test_it_is_stopped_and_whoever_asked_is_told(
    qtbot: QtBot, clock: Clock, window: MainWindow, ask: Callable[..., Asked]
) -> None:
    asked = ask()
    clock.seconds += 3.0
    qtbot.waitUntil(lambda: _names(window, _KIND), timeout=10_000)
    window.findChild(QPushButton, "working-stop").click()
    assert asked.said == ["You stopped it; any change begins it anew."]
    assert not window.working.isVisible()
    asked.answer()
    settled(qtbot, window)
    assert len(asked.said) == 1


def test_stop_stops_what_the_line_names_and_nothing_else(
    qtbot: QtBot, clock: Clock, window: MainWindow, ask: Callable[..., Asked]
) -> None:
    first = ask()
    clock.seconds += 0.3
    other = ask(_OTHER, window.session.beside)
    clock.seconds += 2.0
    qtbot.waitUntil(lambda: _names(window, _KIND), timeout=10_000)
    _looked(qtbot, window)
    assert _names(window, _KIND)
    window.findChild(QPushButton, "working-stop").click()
    assert first.said == ["You stopped it; any change begins it anew."]
    assert other.said == []
    qtbot.waitUntil(lambda: _names(window, _OTHER), timeout=10_000)
    other.answer()
    qtbot.waitUntil(lambda: other.said == ["42"])
    first.answer()
    settled(qtbot, window)
    assert len(first.said) == 1


def test_how_long_an_answer_takes_is_known_from_the_session_before(
    qtbot: QtBot, clock: Clock, open_window: Callable[..., MainWindow], demo: Document
) -> None:
    first = open_window(demo)
    asked = Asked(first)
    asked.begun()
    clock.seconds += 4.0
    asked.answer()
    qtbot.waitUntil(lambda: asked.said == ["42"], timeout=10_000)
    first.session.history.saved()
    first.close()
    second = open_window(demo)
    asked = Asked(second)
    asked.begun()
    clock.seconds += 2.0
    qtbot.waitUntil(lambda: _names(second, _KIND), timeout=10_000)
    assert "about 2 s left" in second.findChild(QLabel, "working-words").text()
    asked.answer()
    settled(qtbot, second)
