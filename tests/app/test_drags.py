"""What happens while something is dragged: what follows, what gives way, what keeps still."""

import threading
from collections.abc import Callable, Iterator

import numpy as np
import pytest
from PyQt6.QtCore import QEvent, QObject, QPoint, Qt
from PyQt6.QtTest import QTest
from pytestqt.qtbot import QtBot

from helpers_app import PATIENCE_MS, drag_on_plan, settled
from jolly_parlor.acoustics.array_cache import EVERYTHING
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.app.calculator import Calculator, Models
from jolly_parlor.app.questions import FINDINGS, TINT, Question
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import LEFT
from jolly_parlor.project.document import Document


@pytest.fixture
def calculator(qtbot: QtBot) -> Iterator[Calculator]:
    """A thread for one kind that follows drags and one that does not."""
    made = Calculator()
    yield made
    made.stop()


class Many:
    """A long calculation over places of the demo's left monitor; counts how far it came."""

    def __init__(self, kiln: Document) -> None:
        self.begun, self.starts, self.done = threading.Event(), 0, 0
        self.kiln = kiln

    def __call__(self, models: Models) -> str:
        self.starts += 1
        a = self.kiln.arrangements[0]
        for number in range(200_000):
            models.forecaster.transfer(a.left, a.seats["desk"])
            self.begun.set()
            self.done = number + 1
        return "all of it"


def test_other_work_gives_way_to_a_drag_and_is_done_afterwards(
    qtbot: QtBot, kiln: Document, calculator: Calculator
) -> None:
    answers: list[object] = []
    long = Many(kiln)
    calculator.ask(Question(FINDINGS, kiln.room, kiln.gear, long, answers.append))
    assert long.begun.wait(60)
    calculator.hold(True)
    calculator.ask(Question(TINT, kiln.room, kiln.gear, lambda models: "followed", answers.append))
    qtbot.waitUntil(lambda: answers == ["followed"], timeout=PATIENCE_MS)
    assert long.done < 200_000
    qtbot.waitUntil(lambda: not calculator.busy, timeout=PATIENCE_MS)
    assert long.starts == 1
    calculator.hold(False)
    qtbot.waitUntil(lambda: "all of it" in answers, timeout=PATIENCE_MS)
    assert long.starts == 2


def test_a_newer_question_ends_the_stale_work_half_done(
    qtbot: QtBot, kiln: Document, calculator: Calculator
) -> None:
    answers: list[object] = []
    long = Many(kiln)
    calculator.ask(Question(FINDINGS, kiln.room, kiln.gear, long, answers.append))
    assert long.begun.wait(60)
    calculator.ask(Question(FINDINGS, kiln.room, kiln.gear, lambda models: "newer", answers.append))
    qtbot.waitUntil(lambda: answers == ["newer"], timeout=PATIENCE_MS)
    assert long.done < 200_000
    assert long.starts == 1


def test_in_a_drag_moves_faster_than_answers_do_not_starve_them(
    qtbot: QtBot, kiln: Document, calculator: Calculator
) -> None:
    answers: list[object] = []
    begun, go_on = threading.Event(), threading.Event()

    def first(models: Models) -> str:
        begun.set()
        assert go_on.wait(60)
        return "first"

    calculator.ask(Question(TINT, kiln.room, kiln.gear, first, answers.append, in_drag=True))
    assert begun.wait(60)
    for number in range(5):
        calculator.ask(
            Question(
                TINT, kiln.room, kiln.gear, lambda models, n=number: n, answers.append, in_drag=True
            )
        )
    go_on.set()
    qtbot.waitUntil(lambda: answers == ["first", 4], timeout=PATIENCE_MS)


def test_a_new_room_is_warmed_up_step_by_step_once_somebody_reaches_for_it(
    qtbot: QtBot, kiln: Document
) -> None:
    steps: list[Models] = []
    warm = Calculator(when_idle=lambda models: steps.append(models) or len(steps) < 3)
    try:
        answered: list[object] = []
        warm.ask(Question(TINT, kiln.room, kiln.gear, lambda models: None, answered.append))
        qtbot.waitUntil(lambda: bool(answered) and not warm.busy, timeout=PATIENCE_MS)
        assert not steps
        warm.reach()
        qtbot.waitUntil(lambda: len(steps) == 3, timeout=PATIENCE_MS)
        warm.ask(Question(TINT, kiln.room, kiln.gear, lambda models: None, print))
        qtbot.waitUntil(lambda: not warm.busy, timeout=PATIENCE_MS)
        assert len(steps) == 3
    finally:
        warm.stop()


class Resizes(QObject):
    """Counts how often a widget was given another size."""

    def __init__(self, watched: QObject) -> None:
        super().__init__()
        self.count = 0
        watched.installEventFilter(self)

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        """Qt's hook."""
        self.count += event is not None and event.type() == QEvent.Type.Resize
        return False


@pytest.mark.real_field
def test_verdict_and_curve_follow_while_the_page_keeps_still(
    qtbot: QtBot, window: MainWindow
) -> None:
    window.session.show_mix("both")
    window.go("forecast")
    settled(qtbot, window)
    station, plan = window.forecast, window.plan
    before, drawn = station.verdict.text(), station.response.grab().toImage()
    a = window.session.arrangement
    at = plan.unfolded.on_plan(a.left.x, a.left.y).toPoint()
    resized = Resizes(station.response)
    QTest.mousePress(plan, Qt.MouseButton.LeftButton, pos=at)
    said = set()
    for move in range(1, 7):
        QTest.mouseMove(plan, at + QPoint(0, 4 * move))
        settled(qtbot, window)
        said.add(station.verdict.text())
    assert len(said) > 2
    assert before not in said
    assert station.verdict.minimumSize() == station.verdict.maximumSize()
    assert resized.count == 0
    assert station.response.grab().toImage() != drawn
    QTest.mouseRelease(plan, Qt.MouseButton.LeftButton, pos=at + QPoint(0, 24))
    settled(qtbot, window)
    assert station.verdict.minimumSize() != station.verdict.maximumSize()


def test_zone_strips_follow_a_drag(qtbot: QtBot, window: MainWindow) -> None:
    near, session, plan = window.session.neighbourhood, window.session, window.plan
    session.show_arrangement("Tight to the wall")
    settled(qtbot, window)
    first = {strip.axis: strip for strip in near.strips}
    a = session.arrangement
    at = plan.unfolded.on_plan(a.left.x, a.left.y).toPoint()
    before = window.strips.grab().toImage()
    QTest.mousePress(plan, Qt.MouseButton.LeftButton, pos=at)
    QTest.mouseMove(plan, at + QPoint(0, 30))
    settled(qtbot, window)
    after = {strip.axis: strip for strip in near.strips}
    assert after["y"].now == session.arrangement.left.y > first["y"].now
    # Moved along the room, it is elsewhere that it is calm across; not so along its own way.
    assert not np.allclose(after["x"].figures_db, first["x"].figures_db, equal_nan=True)
    np.testing.assert_allclose(after["y"].figures_db, first["y"].figures_db)
    assert window.strips.grab().toImage() != before
    QTest.keyClick(plan, Qt.Key.Key_Escape)
    settled(qtbot, window)
    assert near.strips[0].now == first["y"].now


def test_findings_wait_for_the_end_of_the_drag(qtbot: QtBot, window: MainWindow) -> None:
    window.go("forecast")
    settled(qtbot, window)
    session, plan = window.session, window.plan
    a = session.arrangement
    at = plan.unfolded.on_plan(a.left.x, a.left.y).toPoint()
    told = session.findings
    QTest.mousePress(plan, Qt.MouseButton.LeftButton, pos=at)
    QTest.mouseMove(plan, at + QPoint(0, 10))
    settled(qtbot, window)
    assert session.findings is told
    QTest.mouseRelease(plan, Qt.MouseButton.LeftButton, pos=at + QPoint(0, 10))
    settled(qtbot, window)
    assert session.findings is not None
    assert session.findings is not told


def test_a_drag_while_all_is_being_worked_out_leaves_nothing_unanswered(
    qtbot: QtBot, window: MainWindow
) -> None:
    window.go("compare")  # a comparison is asked for
    window.go("forecast")
    a = window.session.arrangement
    drag_on_plan(window, window.plan.unfolded.on_plan(a.left.x, a.left.y), QPoint(0, 12))
    window.go("compare")
    settled(qtbot, window)
    assert window.session.comparison is not None
    assert window.session.findings is not None
    assert window.session.neighbourhood.strips


@pytest.mark.real_field
def test_a_window_that_rests_lets_tables_go_and_drags_as_before(
    qtbot: QtBot, window: MainWindow
) -> None:
    window.session.reach()
    settled(qtbot, window)
    qtbot.waitUntil(lambda: not window.session.live._cold, timeout=PATIENCE_MS)
    assert EVERYTHING.held > 15_000_000
    window.session.resting.rest()
    assert EVERYTHING.held <= 12_000_000
    before = window.session.shown.forecast
    session, a = window.session, window.session.arrangement
    session.drag(LEFT, Point(a.left.x + 0.2, a.left.y, a.left.z))
    settled(qtbot, window)
    assert session.shown.forecast is not before
    session.abandon_drag()
    settled(qtbot, window)
    assert np.allclose(session.shown.forecast.deviation_db, before.deviation_db, atol=1e-6)


def test_what_nobody_looks_at_is_not_worked_out(
    qtbot: QtBot, open_window: Callable[..., MainWindow], demo: Document
) -> None:
    window = open_window(demo)
    window.go("gear")
    window.session.show_next(1)
    settled(qtbot, window)
    told = window.session.findings
    window.session.show_next(1)
    settled(qtbot, window)
    assert window.session.findings is told
    window.go("forecast")
    settled(qtbot, window)
    assert window.session.findings is not told
