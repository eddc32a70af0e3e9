"""From nothing to a first proposal: nine answers, their keys and clicks counted."""

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QAbstractButton, QApplication, QComboBox, QLineEdit, QWidget
from pytestqt.qtbot import QtBot

from helpers_app import settled
from jolly_parlor.acoustics.geometry.clashes import (
    openings_over_one_another,
    things_in_one_another,
)
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.common_models import MONITORS
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.checked_edit import EditRefused
from jolly_parlor.project.first_room import WALLS, FirstAnswers, with_first_room

MOST_ACTIONS = 40


class User:
    """Counts each key and each click."""

    def __init__(self, window: MainWindow) -> None:
        self.window, self.actions = window, 0

    def find(self, kind: type[QWidget], name: str) -> QWidget:
        found = self.window.stack.currentWidget().findChild(kind, name)  # type: ignore[union-attr]
        assert found is not None and found.isVisible(), name
        return found

    def click(self, name: str) -> None:
        QTest.mouseClick(self.find(QAbstractButton, name), Qt.MouseButton.LeftButton)
        self.actions += 1

    def key(self, key: Qt.Key) -> None:
        held = QApplication.focusWidget()
        assert held is not None
        QTest.keyClick(held, key)
        self.actions += 1

    def type(self, text: str) -> None:
        held = QApplication.focusWidget()
        assert isinstance(held, QLineEdit)
        QTest.keyClicks(held, text)
        self.actions += len(text)


@pytest.fixture
def user(open_window, qtbot: QtBot) -> User:  # type: ignore[no-untyped-def]
    window = open_window(blank_document())
    window.stack.setCurrentWidget(window.start_page)
    return User(window)


def test_a_furnished_bedroom_is_searched_within_forty_keys_and_clicks(
    user: User, qtbot: QtBot
) -> None:
    window = user.window
    user.click("start-new")
    for size in ("3.4", "4.3", "2.45"):
        user.type(size)
        user.key(Qt.Key.Key_Tab)
    user.key(Qt.Key.Key_Tab)  # plasterboard is right
    held = QApplication.focusWidget()
    assert isinstance(held, QComboBox) and held.objectName() == "first window"
    user.key(Qt.Key.Key_Up)  # in front of you
    user.click("first bed")
    user.click("first wardrobe")
    user.click("first subwoofer")
    room = window.session.document.room
    assert room.dimensions == pytest.approx((3.4, 4.3, 2.45))
    assert [(o.kind, o.wall) for o in room.openings] == [("door", "back"), ("window", "front")]
    assert [thing.name for thing in room.things] == ["bed", "wardrobe"]
    assert [sub.id for sub in window.session.document.gear.subwoofers] == ["sub"]
    user.click("first-go")
    assert window.station == "lineup" and window.lineup.search.searching

    def offered() -> bool:
        found = window.lineup.findChild(QAbstractButton, "line-up-0")
        return found is not None and found.isVisible()

    qtbot.waitUntil(offered, timeout=90_000)
    user.click("line-up-0")
    assert len(window.session.document.arrangements) == 1
    assert user.actions <= MOST_ACTIONS, user.actions
    window.lineup.search.stop()
    settled(qtbot, window)


def test_all_answers_are_one_step_to_undo_and_the_focus_stays(user: User, qtbot: QtBot) -> None:
    window = user.window
    user.click("start-new")
    before = window.session.document
    user.type("3.1")
    user.key(Qt.Key.Key_Tab)
    held = QApplication.focusWidget()
    assert held is not None and held.objectName() == "first length"
    user.type("4.0")
    user.key(Qt.Key.Key_Tab)
    assert window.session.document.room.width == pytest.approx(3.1)
    window.session.undo()
    assert window.session.document.room == before.room


def test_what_cannot_be_is_told_and_the_field_shows_what_holds(user: User, qtbot: QtBot) -> None:
    user.click("start-new")
    user.type("0.2")
    user.key(Qt.Key.Key_Tab)
    assert user.window.notice.isVisible()
    assert user.find(QLineEdit, "first width").text() == "3.50 m"  # type: ignore[attr-defined]


@pytest.mark.parametrize("size", [(2.2, 2.6, 2.2), (3.1, 4.2, 2.45), (7.0, 9.0, 3.4)])
@pytest.mark.parametrize("wall", WALLS)
def test_every_answer_makes_a_room_in_which_nothing_stands_in_another(
    size: tuple[float, float, float], wall: str
) -> None:
    things = ("bed", "wardrobe") if size[0] > 3 else ("wardrobe",)
    for monitors in MONITORS:
        answers = FirstAnswers(*size, "brick", wall, "back", things, "listening room", monitors)
        made = with_first_room(blank_document(), answers)
        room = made.room
        assert things_in_one_another(room) == [] and openings_over_one_another(room) == []
        door = room.kept_free[0]
        for thing in room.things:
            apart = (
                thing.x >= door.x + door.width - 1e-6
                or thing.x + thing.width <= door.x + 1e-6
                or thing.y >= door.y + door.depth - 1e-6
                or thing.y + thing.depth <= door.y + 1e-6
            )
            assert apart, thing.name
        assert made.gear.desk is None and made.wishes.use == "listening room"


def test_answers_that_cannot_be_are_refused_in_a_sentence() -> None:
    with pytest.raises(EditRefused):
        with_first_room(blank_document(), FirstAnswers(width=0.1))
