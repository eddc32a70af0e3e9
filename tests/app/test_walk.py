"""The whole walk through the real window: clicks, drags, keys, and what the user sees."""

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from PyQt6.QtCore import QPoint, QPointF, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QComboBox, QLabel, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import drag_on_plan, press, settled, type_into
from jolly_parlor.app import dialogs
from jolly_parlor.app.command_methods import first_station
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.evenness import evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.items import LEFT, RIGHT, loudspeaker, seat
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document
from places import EXAMPLES


def test_from_an_empty_room_to_a_saved_card(
    qtbot: QtBot,
    open_window: Callable[..., MainWindow],
    monkeypatch: pytest.MonkeyPatch,
    tmp_path: Path,
) -> None:
    window = open_window(blank_document())
    session = window.session
    # Survey, with units as people write them.
    QTest.keyClick(window, Qt.Key.Key_1, Qt.KeyboardModifier.ControlModifier)
    assert window.stones.current == 0
    type_into(window, "width", "387 cm")
    type_into(window, "length", "18' 6\"")
    type_into(window, "height", "2,52")
    assert session.document.room.width == pytest.approx(3.87)
    assert session.document.room.length == pytest.approx(5.6388)
    assert "55.0 m³" in window.survey.verdict.text()
    front = window.findChild(QComboBox, "surface-front")
    front.setCurrentIndex(front.findData("brick"))
    assert session.document.room.surfaces["front"].material == "brick"
    for name in ("add-window", "add-door", "add-keep-out"):
        press(window, name)
    assert [o.kind for o in session.document.room.openings] == ["window", "door"]
    assert len(session.document.room.keep_outs) == 1
    # Gear: a subwoofer is added.
    window.go("gear")
    press(window, "add-sub")
    type_into(window, "monitor low_corner_hz", "48")
    assert session.document.gear.monitor.low_corner_hz == 48.0
    # Line-up: three schools.
    window.go("lineup")
    for school in ("third", "thirty_eight", "tight"):
        press(window, f"school-{school}")
    names = [a.name for a in session.document.arrangements]
    assert names == ["A third", "Thirty-eight", "Tight to the wall"]
    # Forecast: every combination shows its own figure.
    window.go("forecast")
    settled(qtbot, window)
    seen = set()
    for playing in ("left", "right", "both", "both+sub"):
        press(window, f"playing-{playing}")
        settled(qtbot, window)
        seen.add(window.forecast.verdict.text())
    assert len(seen) == 4
    press(window, "playing-both")
    # Takes: one file for each arrangement.
    window.go("takes")
    for name, stem in zip(names, ("a-third", "thirty-eight", "tight-to-the-wall"), strict=True):
        session.show_arrangement(name)
        path = EXAMPLES / "kiln-room-takes" / f"{stem}_both_desk.txt"
        monkeypatch.setattr(dialogs, "choose_response", lambda *_, p=path: p)
        press(window, "take-both-desk")
        press(window, "import-both-desk")
    assert len(session.document.takes) == 3
    # Compare: ranked by takes, the verdict names the first row.
    window.go("compare")
    settled(qtbot, window)
    station = window.compare
    assert "Ranked by takes" in station.under.text()
    first = station.rows[0].row.arrangement.name
    assert station.verdict.text().startswith(first)
    figures = [row.row.measured_evenness.value_db for row in station.rows]
    assert figures == sorted(figures)
    press(window, f"pick-{first}")
    assert session.document.chosen == first
    # Sign-off, card, save, reopen.
    window.go("signoff")
    card = tmp_path / "card.pdf"
    monkeypatch.setattr(dialogs, "ask_card", lambda *_: card)
    press(window, "save-card")
    assert card.read_bytes().startswith(b"%PDF")
    room = tmp_path / "room.parlor"
    monkeypatch.setattr(dialogs, "ask_save", lambda *_: room)
    QTest.keyClick(window, Qt.Key.Key_S, Qt.KeyboardModifier.ControlModifier)
    assert "Saved as room.parlor" in window.notice_text.text()
    assert "*" not in window.windowTitle()
    again = open_document(room)
    assert again.chosen == first
    assert len(again.takes) == 3


@pytest.mark.usefixtures("at_forecast")
def test_dragging_a_monitor_moves_numbers_and_curve_and_undoes(
    qtbot: QtBot, window: MainWindow
) -> None:
    session = window.session
    before, curve = session.arrangement, session.shown.forecast.deviation_db.copy()
    verdict = window.forecast.verdict.text()
    view = window.plan.unfolded
    start = view.on_plan(before.left.x, before.left.y)
    drag_on_plan(window, start, QPoint(0, round(0.30 * view.scale)))
    settled(qtbot, window)
    after = session.arrangement
    assert after.left.y == pytest.approx(before.left.y + 0.30, abs=0.02)
    assert after.left.x == pytest.approx(before.left.x, abs=0.005)
    assert after.right.y == after.left.y, "left and right are kept alike"
    assert after.right.x == pytest.approx(window.session.document.room.width - after.left.x)
    assert abs(session.shown.forecast.deviation_db - curve).max() > 1.0
    assert window.forecast.verdict.text() != verdict
    # What is shown is what the core says for that place.
    core = Forecaster(session.document.room, session.document.gear)
    figure = evenness(core.at_seat(after, "desk").deviation(BOTH)).value_db
    assert f"{figure:.1f} dB" in window.forecast.verdict.text()
    assert window.menus.made["undo"].text().startswith("Undo: Move in")
    QTest.keyClick(window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    settled(qtbot, window)
    assert session.arrangement == before
    assert window.forecast.verdict.text() == verdict
    window.menus.made["redo"].trigger()
    assert session.arrangement == after


def test_numbers_follow_while_the_button_is_still_down(qtbot: QtBot, window: MainWindow) -> None:
    window.go("lineup")
    session, plan = window.session, window.plan
    start = plan.unfolded.on_plan(session.arrangement.left.x, session.arrangement.left.y).toPoint()
    field = window.lineup.fields[LEFT, "y"]
    before, live = field.text(), window.live.text()
    QTest.mousePress(plan, Qt.MouseButton.LeftButton, pos=start)
    QTest.mouseMove(plan, start + QPoint(0, 40))
    settled(qtbot, window)
    assert field.text() != before
    assert window.live.text() != live
    assert not session.history.changed, "nothing is committed yet"
    QTest.keyClick(plan, Qt.Key.Key_Escape)
    settled(qtbot, window)
    assert field.text() == before


def test_height_is_dragged_on_the_wall_view(qtbot: QtBot, window: MainWindow) -> None:
    before, view = window.session.arrangement, window.plan.unfolded
    start = view.on_wall(before.right.x, before.right.z)
    drag_on_plan(window, start, QPoint(0, -round(0.25 * view.scale)))
    after = window.session.arrangement
    assert after.right.z == pytest.approx(before.right.z + 0.25, abs=0.02)
    assert after.left.z == after.right.z
    assert after.right.y == pytest.approx(before.right.y, abs=0.001)


def test_the_plan_by_keyboard_alone(qtbot: QtBot, window: MainWindow) -> None:
    window.focus_plan()
    plan, session = window.plan, window.session
    before = session.arrangement
    QTest.keyClick(plan, Qt.Key.Key_Down)
    assert session.arrangement.left.y == pytest.approx(before.left.y + 0.01, abs=0.001)
    for _ in range(2):
        QTest.keyClick(plan, Qt.Key.Key_N)
    assert session.selected == seat("desk")
    QTest.keyClick(plan, Qt.Key.Key_Up, Qt.KeyboardModifier.ShiftModifier)
    assert session.arrangement.seats["desk"].y == pytest.approx(
        before.seats["desk"].y - 0.10, abs=0.001
    )
    QTest.keyClick(plan, Qt.Key.Key_PageUp)
    assert session.arrangement.seats["desk"].z == pytest.approx(
        before.seats["desk"].z + 0.01, abs=0.001
    )
    for _ in range(3):
        window.undo()
    assert session.arrangement == before


def test_nothing_can_be_dragged_out_of_the_room(qtbot: QtBot, window: MainWindow) -> None:
    window.session.alike = False
    a, view = window.session.arrangement, window.plan.unfolded
    start = view.on_plan(a.seats["sofa"].x, a.seats["sofa"].y)
    drag_on_plan(window, start, QPoint(4000, 4000))
    room, sofa = window.session.document.room, window.session.arrangement.seats["sofa"]
    assert room.contains(sofa)
    assert sofa.x > room.width - 0.05


def test_a_sub_in_the_keep_out_is_said_and_not_forecast(qtbot: QtBot, window: MainWindow) -> None:
    a, view = window.session.arrangement, window.plan.unfolded
    start = view.on_plan(a.places["sub"].x, a.places["sub"].y)
    to = view.on_plan(0.7, 5.2)
    drag_on_plan(window, start, (to - start).toPoint())
    settled(qtbot, window)
    assert "door swing" in window.live.text()
    assert window.stones.states[3] == "needs attention"
    assert window.session.shown.forecast is None


@pytest.mark.usefixtures("at_forecast")
def test_try_it_adds_what_the_finding_promises(qtbot: QtBot, window: MainWindow) -> None:
    session = window.session
    session.show_arrangement("Tight to the wall")
    settled(qtbot, window)
    offered = [f for f in session.findings if f.remedy is not None and f.remedy.move.gear is None]
    finding = offered[0]
    count = len(session.document.arrangements)
    press(window, "try-it")
    settled(qtbot, window)
    assert len(session.document.arrangements) == count + 1
    assert session.arrangement.name == finding.remedy.arrangement.name
    assert f"{finding.remedy.evenness_after_db:.1f} dB" in window.forecast.verdict.text()
    window.undo()
    assert len(session.document.arrangements) == count


def test_the_demo_opens_with_the_best_on_the_plan(
    qtbot: QtBot,
    open_window: Callable[..., MainWindow],
    demo: Document,
    monkeypatch: pytest.MonkeyPatch,
) -> None:
    monkeypatch.setattr("jolly_parlor.app.window.first_station", first_station)
    window = open_window(demo)
    assert window.stones.current == 5
    best = window.compare.rows[0].row.arrangement.name
    assert window.arrangement_name.text() == best
    assert window.compare.verdict.text().startswith(best)
    press(window, "try-next")
    assert len(window.session.document.arrangements) == 4


def test_a_document_of_one_arrangement_opens_with_its_strips(
    open_window: Callable[..., MainWindow], kiln: Document
) -> None:
    window = open_window(replace(kiln, arrangements=kiln.arrangements[:1]))
    assert [s.axis for s, _ in window.strips.strip_rects()] == ["y", "x", "z"]


def test_a_strip_shows_the_calm_and_moves_there(qtbot: QtBot, window: MainWindow) -> None:
    settled(qtbot, window)
    strips = window.strips.strip_rects()
    assert [s.axis for s, _ in strips] == ["y", "x", "z"]
    strip, rect = strips[0]
    share = (strip.calmest - strip.metres[0]) / (strip.metres[-1] - strip.metres[0])
    at = QPoint(round(rect.left() + share * rect.width()), round(rect.center().y()))
    before = window.session.arrangement
    QTest.mouseClick(window.strips, Qt.MouseButton.LeftButton, pos=at)
    after = window.session.arrangement
    assert after.left.y == pytest.approx(strip.calmest, abs=0.05)
    assert after.right.y == after.left.y
    window.undo()
    assert window.session.arrangement == before
    window.session.select(loudspeaker("sub"))
    window.session.show_mix("both")
    settled(qtbot, window)
    assert window.session.neighbourhood.strips == []
    assert "“Both” plays without the sub" in window.session.neighbourhood.why_not
    window.session.show_mix("both+sub")
    settled(qtbot, window)
    assert [s.item for s in window.session.neighbourhood.strips] == [
        loudspeaker("sub"),
        loudspeaker("sub"),
    ]


def test_the_seat_map_tints_the_plan_and_follows_a_drag(qtbot: QtBot, window: MainWindow) -> None:
    tints = window.session.tints
    assert tints.shown is None
    plain = window.plan.grab().toImage()
    QTest.keyClick(window, Qt.Key.Key_P, Qt.KeyboardModifier.AltModifier)
    settled(qtbot, window)
    first = tints.shown
    assert first is not None and first.item == seat("desk")
    calm = window.plan.unfolded.on_plan(3.0, 4.4).toPoint()
    assert window.plan.grab().toImage().pixel(calm) != plain.pixel(calm)
    a = window.session.arrangement
    window.session.drag(LEFT, replace(a.left, y=a.left.y + 0.3))
    settled(qtbot, window)
    assert tints.shown is not first
    window.session.abandon_drag()
    QTest.keyClick(window, Qt.Key.Key_P, Qt.KeyboardModifier.AltModifier)
    settled(qtbot, window)
    assert tints.shown is None


def test_the_source_map_is_for_what_is_selected(qtbot: QtBot, window: MainWindow) -> None:
    window.listen("both+sub")
    QTest.keyClick(window, Qt.Key.Key_O, Qt.KeyboardModifier.AltModifier)
    settled(qtbot, window)
    assert window.session.tints.shown.item == LEFT
    window.session.select(loudspeaker("sub"))
    settled(qtbot, window)
    assert window.session.tints.shown.item == loudspeaker("sub")
    window.session.select(seat("desk"))
    settled(qtbot, window)
    assert window.session.tints.shown.item == LEFT


def test_pointing_at_the_curve_chooses_the_frequency_of_the_pressure(
    qtbot: QtBot, window: MainWindow
) -> None:
    window.go("forecast")
    QTest.keyClick(window, Qt.Key.Key_G, Qt.KeyboardModifier.AltModifier)
    settled(qtbot, window)
    response = window.forecast.response
    scene = response.plot.getViewBox().mapViewToScene(QPointF(np.log10(71.0), 3.0))
    QTest.mouseMove(response.graphics.viewport(), response.graphics.mapFromScene(scene))
    qtbot.waitUntil(
        lambda: abs(window.session.tints.shown.frequency_hz - 71.0) < 2.0, timeout=60_000
    )
    wall = window.plan.unfolded.on_wall(0.5, 1.8).toPoint()
    tinted = window.plan.grab().toImage().pixel(wall)
    window.tint("pressure")
    settled(qtbot, window)
    assert window.plan.grab().toImage().pixel(wall) != tinted


def test_above_300_hz_the_curve_goes_on_less_certain(qtbot: QtBot, window: MainWindow) -> None:
    window.session.show_mix("both")
    window.go("forecast")
    settled(qtbot, window)
    shown, response = window.session.shown, window.forecast.response
    assert shown.upper is not None and shown.upper.frequencies_hz[-1] > 690
    response._place_cursor(500.0)
    assert "about" in response.flag.toPlainText()
    response._place_cursor(100.0)
    assert "about" not in response.flag.toPlainText()
    assert any(mark.frequency_hz > 300 for mark in shown.marks)
    findings = window.session.findings
    assert all(found.certain == (found.feature.frequency_hz <= 300) for found in findings)
    assert any(found.certain for found in findings)


def test_each_path_can_be_read_and_lights_its_wall(qtbot: QtBot, window: MainWindow) -> None:
    window.go("forecast")
    settled(qtbot, window)
    window.findChild(QPushButton, "reading-paths").click()
    table = window.forecast.paths
    settled(qtbot, window)
    assert table.isVisible() and "From the left monitor to the desk" in table.head.text()
    cells = {c.text(): c for c in table.findChildren(QLabel) if c.isVisible()}
    assert {"front", "back", "left", "right", "floor", "ceiling"} <= set(cells)
    QTest.mouseMove(window, QPoint(3, 3))
    cells["floor"].enterEvent(None)
    assert window.session.highlight.lane == "floor"
    window.session.select(RIGHT)
    assert "From the right monitor" in table.head.text()


def test_alike_or_not_changes_the_strips_at_once(qtbot: QtBot, window: MainWindow) -> None:
    settled(qtbot, window)
    first = window.session.neighbourhood.strips
    assert first
    window.toggle_alike()
    settled(qtbot, window)
    assert window.session.neighbourhood.strips is not first
    along = next(s for s in window.session.neighbourhood.strips if s.axis == "x")
    assert along.metres[-1] > window.session.document.room.width / 2
