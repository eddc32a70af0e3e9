"""Takes at a glance: chips whose shape says how it stands, opened by a click, worked by keys."""

from dataclasses import replace

import numpy as np
import pytest
from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QImage, QPainter
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import press, settled, type_into
from jolly_parlor.analysis.room_fit import evidence_of
from jolly_parlor.app import dialogs, theme
from jolly_parlor.app.stations.takes.take_chip import STATE_WORDS, draw_mark
from jolly_parlor.app.stations.takes.take_grid import TakeGrid
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import LEFT
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.project.take_states import progress
from jolly_parlor.studio.simulated import SimulatedStudio

MOVING = "By a moving microphone, 1/6 octave"
AGAIN = ["Measure again", "Import another…", MOVING, "Remove"]


@pytest.fixture
def grid(window: MainWindow) -> TakeGrid:
    window.session.show_arrangement("A third")
    window.go("takes")
    return window.takes.takes


def deeds(grid: TakeGrid) -> list[str]:
    row = grid.deeds.layout
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
    assert deeds(grid) == ["Measure", "Import…", MOVING]
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
    third = MOVING.replace("1/6", "1/3")
    assert [a.text() for a in menu.actions()] == [*AGAIN[:3], third, *AGAIN[3:]]
    count = len(window.session.document.takes)
    menu.actions()[-1].trigger()
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
    press(window, "moving-6-both-sofa")
    qtbot.waitUntil(lambda: not window.takes.measure.measuring, timeout=60_000)
    take = window.session.document.takes[-1]
    assert take.info.measured.moving and take.response.phase_deg is None and take.impulse is None
    assert "a level without phase" in grid.details.text()
    assert len(evidence_of(window.session.document)) <= before, "it tells of no one place"


def test_the_chips_are_of_the_point_of_the_head_that_is_chosen(
    qtbot: QtBot, window: MainWindow, grid: TakeGrid
) -> None:
    point = window.takes.measure.equipment.point
    point.setCurrentIndex(point.findData("left"))
    assert grid.title.text() == "A third, 10 cm left"
    press(window, "take-left-desk")
    assert grid.details.text().startswith("Left at the desk: not measured yet.")
    assert "At other points of the head: the head's centre." in grid.details.text()
    press(window, "measure-left-desk")
    qtbot.waitUntil(lambda: not window.takes.measure.measuring, timeout=60_000)
    assert window.session.document.takes[-1].info.point == "left"
    assert grid.chips["left", "desk"].state.take is window.session.document.takes[-1]
    point.setCurrentIndex(point.findData("centre"))
    assert grid.chips["left", "desk"].state.take is window.session.document.takes[0]
    assert "At other points of the head: 10 cm left." in grid.details.text()


def test_nothing_is_played_above_the_limit_that_is_typed(
    window: MainWindow, grid: TakeGrid
) -> None:
    row = window.takes.measure.sweep
    type_into(window, row.loudest.objectName(), "-40")
    assert row.output.value == -40 and window.session.settings.values.card.loudest_db == -40
    type_into(window, row.output.objectName(), "-20")
    assert row.output.value == -40, "above the limit"
    type_into(window, row.output.objectName(), "-45")
    assert row.settings(48000).output_db == -45


def test_waiting_for_quiet_is_said(
    qtbot: QtBot, window: MainWindow, grid: TakeGrid, monkeypatch: pytest.MonkeyPatch
) -> None:
    said: list[str] = []
    measuring = window.takes.measure
    shown = measuring._say
    monkeypatch.setattr(measuring, "_say", lambda words: (said.append(words), shown(words)))
    silences: list[int] = []
    real = SimulatedStudio.record

    def record(self, sound, source, *rest):  # type: ignore[no-untyped-def]
        heard = real(self, sound, source, *rest)
        if source or len(silences) > 1:
            return heard
        silences.append(1)
        late = np.where(np.arange(heard.samples.size) > 30_000, 0.05, 0.0)
        noise = np.random.default_rng(1).standard_normal(late.size)
        return replace(heard, samples=heard.samples + late * noise)

    monkeypatch.setattr(SimulatedStudio, "record", record)
    press(window, "take-left-sofa")
    press(window, "measure-left-sofa")
    qtbot.waitUntil(lambda: not measuring.measuring, timeout=60_000)
    assert sum("Waiting for quiet" in words for words in said) == 2
    assert said[-1].startswith(("A good take", "A doubtful take"))
