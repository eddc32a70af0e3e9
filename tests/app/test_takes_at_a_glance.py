"""Takes at a glance: chips whose shape says how it stands, opened by a click, worked by keys."""

from dataclasses import replace

import pytest
from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QImage, QPainter
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import press, settled
from jolly_parlor.app import dialogs, theme
from jolly_parlor.app.stations.takes.take_chip import STATE_WORDS, draw_mark
from jolly_parlor.app.stations.takes.take_grid import TakeGrid
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import LEFT
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.project.room_fit import evidence_of
from jolly_parlor.project.take_states import progress

AGAIN = ["Measure again", "Import another…", "By a moving microphone", "Remove"]


@pytest.fixture
def grid(window: MainWindow) -> TakeGrid:
    window.session.show_arrangement("A third")
    window.go("takes")
    return window.takes.takes


def deeds(grid: TakeGrid) -> list[str]:
    row = grid.deeds
    found = [row.itemAt(i).widget() for i in range(row.count())]
    return [one.text() for one in found if isinstance(one, QPushButton)]


def test_each_state_has_a_shape_of_its_own() -> None:
    shapes = set()
    black = replace(theme.DAY, teal="#000", soft="#000", wine="#000", ochre_edge="#000")
    for state in STATE_WORDS:
        image = QImage(24, 24, QImage.Format.Format_Grayscale8)
        image.fill(255)
        with QPainter(image) as p:
            draw_mark(p, black, state, QPointF(12, 12))
        shapes.add(bytes(image.constBits().asarray(image.sizeInBytes())))
    assert len(shapes) == len(STATE_WORDS)


def test_a_chip_opens_with_what_comes_next_first(window: MainWindow, grid: TakeGrid) -> None:
    assert "Choose one" in grid.details.text() and deeds(grid) == []
    press(window, "take-left-desk")
    assert grid.details.text().startswith("Left at the desk: imported\na-third_left_desk.txt: ")
    assert deeds(grid) == AGAIN
    press(window, "take-left-sofa")
    assert grid.details.text() == "Left at the sofa: not measured yet."
    assert deeds(grid) == ["Measure", "Import…", "By a moving microphone"]
    assert grid.chips["left", "sofa"].isChecked() and not grid.chips["left", "desk"].isChecked()
    assert grid.chips["left", "desk"].accessibleName() == "left at the desk: imported"


def test_chips_stay_while_their_takes_come_and_go(
    qtbot: QtBot, window: MainWindow, grid: TakeGrid
) -> None:
    chip = grid.chips["left", "desk"]
    chip.setFocus()
    QTest.keyClick(chip, Qt.Key.Key_Delete)
    assert grid.chips["left", "desk"] is chip and chip.hasFocus()
    assert chip.state.state == "none"
    window.undo()
    assert chip.state.state == "imported"
    a = window.session.arrangement
    moved = a.moved(LEFT, replace(a.left, y=a.left.y + 0.1))
    window.session.do("Move", lambda d: replace_arrangement(d, moved))
    assert chip.state.state == "moved" and "moved since" in chip.toolTip()
    assert grid.chips["right", "desk"].state.state == "imported"


def test_keys_walk_measure_and_import(
    qtbot: QtBot, window: MainWindow, grid: TakeGrid, monkeypatch: pytest.MonkeyPatch
) -> None:
    asked = []
    monkeypatch.setattr(grid, "_measure", lambda *where: asked.append(where))
    monkeypatch.setattr(grid, "_choose_file", lambda *where: asked.append(("file", *where)))
    chip = grid.chips["left", "desk"]
    chip.setFocus()
    for key in (Qt.Key.Key_Right, Qt.Key.Key_Down):
        QTest.keyClick(QApplication.focusWidget(), key)
    assert QApplication.focusWidget() is grid.chips["right", "sofa"]
    for key in (Qt.Key.Key_M, Qt.Key.Key_I, Qt.Key.Key_Space):
        QTest.keyClick(QApplication.focusWidget(), key)
    assert asked == [("right", "sofa"), ("file", "right", "sofa")]
    assert grid.details.text().startswith("Right at the sofa")


def test_the_menu_offers_the_same(window: MainWindow, grid: TakeGrid) -> None:
    menu = grid.menu_of(grid.chips["left", "desk"])
    assert [a.text() for a in menu.actions()] == AGAIN
    count = len(window.session.document.takes)
    menu.actions()[3].trigger()
    assert len(window.session.document.takes) == count - 1
    menu.deleteLater()


def test_each_arrangement_shows_how_much_of_it_is_measured(
    qtbot: QtBot, window: MainWindow, grid: TakeGrid
) -> None:
    document = window.session.document
    names = [a.name for a in document.arrangements]
    for a in document.arrangements:
        made, wanted = progress(document, a)
        assert (made, wanted) == (5, 7)
    press(window, f"tile-{names[2]}")
    settled(qtbot, window)
    assert window.session.arrangement.name == names[2] and grid.title.text() == names[2]


def test_a_file_goes_where_its_chip_is(
    qtbot: QtBot, window: MainWindow, grid: TakeGrid, monkeypatch: pytest.MonkeyPatch
) -> None:
    told = []
    monkeypatch.setattr(dialogs, "choose_response", lambda *_: told.append(1))
    press(window, "take-both+sub-desk")
    press(window, "import-both+sub-desk")
    assert told == [1]


def test_a_moving_microphone_brings_a_level_without_phase(
    qtbot: QtBot, window: MainWindow, grid: TakeGrid
) -> None:
    before = len(evidence_of(window.session.document))
    press(window, "take-both-sofa")
    press(window, "moving-both-sofa")
    qtbot.waitUntil(lambda: not window.takes.measure.measuring, timeout=60_000)
    take = window.session.document.takes[-1]
    assert take.info.measured.moving and take.response.phase_deg is None and take.impulse is None
    assert "a level without phase" in grid.details.text()
    assert len(evidence_of(window.session.document)) <= before, "it tells of no one place"
