"""Turning the room, the calm zone, schools and checks, as the user meets them."""

import pytest
from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QLineEdit, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import settled
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import LEFT, RIGHT
from jolly_parlor.placement.schools import school
from jolly_parlor.project.edits import propose


def _enter(window: MainWindow, name: str, text: str) -> None:
    field = window.stack.currentWidget().findChild(QLineEdit, name)
    field.setFocus()
    field.selectAll()
    QTest.keyClicks(field, text)
    QTest.keyClick(field, Qt.Key.Key_Return)


def test_both_walls_are_scored_and_the_room_turns(qtbot: QtBot, window: MainWindow) -> None:
    window.go("survey")
    settled(qtbot, window)
    facing = window.survey.facing.text()
    assert "This way: " in facing
    assert "the left wall: " in facing
    width, before = window.session.document.room.width, window.session.document
    window.findChild(QPushButton, "turn-room").click()
    assert window.session.document.room.length == width
    settled(qtbot, window)
    assert window.session.problem == ""
    window.undo()
    assert window.session.document is before


def test_four_distances_make_a_calm_zone(qtbot: QtBot, window: MainWindow) -> None:
    window.go("survey")
    for name, text in (("front_near", "75 cm"), ("front_far", "1.05"), ("side_near", "1.0")):
        _enter(window, f"calm zone {name}", text)
    assert window.session.document.room.calm_zone is None
    assert not window.session.history.changed
    _enter(window, "calm zone side_far", "1.3")
    zone = window.session.document.room.calm_zone
    assert zone is not None
    assert (zone.front_near, zone.side_far) == (0.75, 1.3)
    window.rough_in("calm_zone")
    assert window.session.arrangement.name == "Calm zone"
    window.go("survey")
    _enter(window, "calm zone side_far", "0")
    assert window.session.document.room.calm_zone is None


def test_a_school_tells_its_rule_and_shows_its_places_when_pointed_at(
    qtbot: QtBot, window: MainWindow
) -> None:
    window.go("lineup")
    settled(qtbot, window)
    button = window.findChild(QPushButton, "school-unequal")
    QTest.mouseMove(window, QPoint(3, 3))
    button.setFocus()
    assert "Allison 1974" in button.toolTip()
    assert window.session.ghost is not None and window.session.ghost.name == "Unequal distances"
    assert "geometric mean" in button.accessibleDescription()


def test_a_school_lined_up_from_the_list_is_set_as_the_others_are(
    qtbot: QtBot, window: MainWindow
) -> None:
    """Regression: the list's own button left out what is usual, as the menu did not."""
    window.go("lineup")
    settled(qtbot, window)
    window.findChild(QPushButton, "school-clear").click()
    by_list = window.session.arrangement
    window.undo()
    window.rough_in("clear")
    assert window.session.arrangement.chains == by_list.chains
    document = window.session.document
    assert by_list.chains == propose(document, school("clear")).arrangements[-1].chains


def test_checks_follow_the_arrangement(qtbot: QtBot, window: MainWindow) -> None:
    window.go("lineup")
    station = window.lineup
    assert "Side wall and floor are equally far" in station.checks.text()
    for item in (LEFT, RIGHT):
        _enter(window, f"{item} z", "0.95")
    assert "equally far from the monitors" not in station.checks.text()


@pytest.mark.real_search
def test_the_room_is_searched_and_a_proposal_lined_up(qtbot: QtBot, window: MainWindow) -> None:
    QTest.keyClick(window, Qt.Key.Key_F, Qt.KeyboardModifier.ControlModifier)
    search = window.lineup.search
    assert search.searching
    assert search.button.text() == "Stop"
    qtbot.waitUntil(lambda: "weighed, best so far" in search.words.text(), timeout=90_000)
    search.button.click()
    qtbot.waitUntil(lambda: not search.searching, timeout=120_000)
    assert search.words.text().startswith(("Stopped: ", "318,"))
    assert search.button.text() == "Search"
    button = window.findChild(QPushButton, "line-up-0")
    button.click()
    assert window.session.arrangement.name.startswith("Search, ")
    assert window.session.arrangement.rule.startswith("Found by weighing")
    window.undo()
    # Another room: the proposals are gone.
    window.go("survey")
    _enter(window, "height", "2.6")
    assert search.words.text().startswith("Weighs every place on a grid")
    assert (
        window.findChild(QPushButton, "line-up-1") is None
        or not window.findChild(QPushButton, "line-up-1").isVisible()
    )
