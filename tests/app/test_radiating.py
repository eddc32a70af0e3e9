"""How cabinets radiate, in Gear and on the plan."""

from collections.abc import Callable

import pytest
from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QCheckBox, QComboBox
from pytestqt.qtbot import QtBot

from helpers_app import drag_on_plan, press, settled, type_into
from jolly_parlor.app.plan.turn_grip import grip_of
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import DESK, LEFT, loudspeaker
from jolly_parlor.placement.radiating import way_on_plan
from jolly_parlor.project.document import Document

SUB = loudspeaker("sub")


def choose(window: MainWindow, name: str, at: int) -> None:
    box = window.stack.currentWidget().findChild(QComboBox, name)  # type: ignore[union-attr]
    assert box is not None, name
    box.setCurrentIndex(at)
    box.activated.emit(at)


def shown_way(window: MainWindow) -> tuple[float, float, float]:
    session = window.session
    assert session.arrangement is not None
    document = session.document
    return way_on_plan(document.setup(session.arrangement), "sub")


def test_the_acoustic_centre_is_given_and_taken_back(window: MainWindow, qtbot: QtBot) -> None:
    before = window.session.shown.forecast
    type_into(window, "monitor acoustic_centre_ahead", "0.05")
    assert window.session.document.gear.monitor.acoustic_centre_ahead == pytest.approx(0.05)
    settled(qtbot, window)
    after = window.session.shown.forecast
    assert before is not None and after is not None
    assert abs(before.deviation_db - after.deviation_db).max() > 0.2, "the forecast follows"
    press(window, "monitor ahead by size")
    assert window.session.document.gear.monitor.acoustic_centre_ahead is None


def test_an_acoustic_centre_out_of_reach_is_refused(window: MainWindow) -> None:
    told: list[str] = []
    window.session.refused.connect(told.append)
    type_into(window, "monitor acoustic_centre_ahead", "1.5")
    assert told and "give one from 0 to 1" in told[-1]
    assert window.session.document.gear.monitor.acoustic_centre_ahead is None


def test_a_subwoofer_says_where_its_driver_is_and_which_way_it_looks(window: MainWindow) -> None:
    choose(window, "sub looks", 2)
    assert shown_way(window) == pytest.approx((1.0, 0.0, 0.0), abs=1e-9)
    choose(window, "sub looks", 0)
    assert window.session.arrangement is not None
    assert window.session.arrangement.turns == {}
    choose(window, "sub driver", 2)
    model = window.session.document.gear.model_of("sub")
    assert model.driver == "down"
    page = window.stack.currentWidget()
    assert page is not None
    assert page.findChild(QComboBox, "sub looks") is None, "under the floor it looks nowhere"


def test_a_chair_with_a_high_back_is_asked_for_at_the_seat(window: MainWindow) -> None:
    page = window.stack.currentWidget()
    assert page is not None
    box = page.findChild(QCheckBox, "seat 1 high back")
    assert box is not None and not box.isChecked()
    box.click()
    assert window.session.document.gear.seats[0].high_back


def test_keys_turn_a_subwoofer_on_the_plan_and_undo_takes_it_back(window: MainWindow) -> None:
    session = window.session
    session.select(SUB)
    first = shown_way(window)
    window.plan.setFocus()
    for _ in range(6):
        QTest.keyClick(window.plan, Qt.Key.Key_BracketLeft)
    x, y, _ = shown_way(window)
    assert (x, y) == pytest.approx((first[1], -first[0]), abs=1e-6), "a quarter turn"
    session.undo()
    assert shown_way(window) == pytest.approx(first)
    QTest.keyClick(window.plan, Qt.Key.Key_BracketRight)
    QTest.keyClick(window.plan, Qt.Key.Key_Backspace)
    assert session.arrangement is not None and session.arrangement.turns == {}


def test_the_mouse_turns_a_subwoofer_by_its_grip(window: MainWindow) -> None:
    session = window.session
    session.select(SUB)
    document, a, view = session.document, session.arrangement, window.plan.unfolded
    assert a is not None
    grip = grip_of(view, document.room, document.gear, a, SUB)
    assert grip is not None
    at = a.places["sub"]
    wanted = view.on_plan(at.x + 0.8, at.y)
    drag_on_plan(window, grip, (wanted - grip).toPoint())
    assert shown_way(window) == pytest.approx((1.0, 0.0, 0.0), abs=0.05)
    now = session.arrangement
    assert now is not None and now.places == a.places, "it turned where it stands"
    assert grip_of(view, document.room, document.gear, a, LEFT) is None


def test_what_stands_on_the_plan_is_drawn_with_its_grip(window: MainWindow) -> None:
    plain = window.plan.grab().toImage()
    window.session.select(SUB)
    assert window.plan.grab().toImage() != plain


def test_a_selected_desk_has_strips_and_a_click_moves_it(
    open_window: Callable[..., MainWindow], demo: Document, qtbot: QtBot
) -> None:
    window = open_window(demo)
    session = window.session
    session.select(DESK)
    settled(qtbot, window)
    strips = session.neighbourhood.strips
    assert [one.axis for one in strips] == ["y", "z"]
    rects = window.strips.strip_rects()
    before = session.document.gear.desk
    assert before is not None
    (_, along), (_, up) = rects
    QTest.mouseClick(
        window.strips,
        Qt.MouseButton.LeftButton,
        pos=QPoint(round(up.center().x()), round(up.center().y())),
    )
    after = session.document.gear.desk
    assert after is not None and after.height != before.height
    a = session.arrangement
    assert a is not None and a.desk is not None
    was = a.desk.y
    QTest.mouseClick(
        window.strips,
        Qt.MouseButton.LeftButton,
        pos=QPoint(round(along.left() + 0.3 * along.width()), round(along.center().y())),
    )
    a = session.arrangement
    assert a is not None and a.desk is not None and a.desk.y != was
