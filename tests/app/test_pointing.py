"""Linked highlighting: lanes, hollows, walls, findings light up together."""

import numpy as np
import pytest
from PyQt6.QtCore import QPoint, QPointF, Qt
from PyQt6.QtTest import QTest
from pytestqt.qtbot import QtBot

from helpers_app import settled
from jolly_parlor.app.plots.lanes import lane_height
from jolly_parlor.app.stations.forecast.forecast_page import FindingCard
from jolly_parlor.app.window import MainWindow

pytestmark = pytest.mark.usefixtures("at_forecast")


def _point_at(window: MainWindow, plot: object, x: float, y: float) -> None:
    """Move the mouse over a place in a plot's own coordinates."""
    response = window.forecast.response
    scene = plot.getViewBox().mapViewToScene(QPointF(x, y))  # type: ignore[attr-defined]
    at = response.graphics.mapFromScene(scene)
    viewport = response.graphics.viewport()
    QTest.mouseMove(viewport, QPoint(2, 2))
    QTest.mouseMove(viewport, at)


def _cards(window: MainWindow) -> list[FindingCard]:
    return window.forecast.findChildren(FindingCard)


def test_pointing_at_a_mark_lights_lane_path_and_card(qtbot: QtBot, window: MainWindow) -> None:
    response = window.forecast.response
    mark = next(m for m in window.session.shown.marks if m.lane == "ceiling")
    x, y = np.log10(mark.frequency_hz), lane_height("ceiling")
    _point_at(window, response.lane_plot, x, y)
    highlight = window.session.highlight
    assert highlight.lane == "ceiling"
    assert highlight.mark == mark
    assert highlight.reflection is not None
    assert highlight.reflection.boundary == "ceiling"
    lit = [card for card in _cards(window) if card.property("lit")]
    assert lit == [card for card in _cards(window) if card.lane == "ceiling"]
    assert response.cursors[0].isVisible()
    assert f"{mark.frequency_hz:.0f} Hz" in response.flag.textItem.toPlainText()


def test_pointing_at_a_hollow_lights_its_cause(qtbot: QtBot, window: MainWindow) -> None:
    response = window.forecast.response
    finding = next(f for f in window.session.findings if f.causes)
    _point_at(window, response.plot, np.log10(finding.feature.frequency_hz), -6)
    assert window.session.highlight.lane == finding.causes[0].mark.lane


def test_pointing_at_a_wall_lights_its_lane(qtbot: QtBot, window: MainWindow) -> None:
    plan = window.plan
    rect = plan.unfolded.plan_rect()
    QTest.mouseMove(plan, QPoint(5, 5))
    QTest.mouseMove(plan, QPointF(rect.left(), rect.bottom() - 60).toPoint())
    assert window.session.highlight.lane == "side walls"
    QTest.mouseMove(plan, QPointF(rect.center().x(), rect.bottom()).toPoint())
    assert window.session.highlight.lane == "back wall"
    QTest.mouseMove(plan, QPointF(rect.center().x(), rect.bottom() - 90).toPoint())
    assert window.session.highlight.lane is None


def test_a_card_pointed_at_lights_its_mark(qtbot: QtBot, window: MainWindow) -> None:
    card = next(c for c in _cards(window) if c.finding.causes)
    card.enterEvent(None)
    assert window.session.highlight.mark == card.finding.causes[0].mark
    card.leaveEvent(None)
    assert window.session.highlight.mark is None


def test_the_cursor_walks_by_keyboard(qtbot: QtBot, window: MainWindow) -> None:
    response = window.forecast.response
    response.setFocus()
    for _ in range(5):
        QTest.keyClick(response, Qt.Key.Key_Right)
    first = response.flag.textItem.toPlainText()
    QTest.keyClick(response, Qt.Key.Key_Left)
    assert response.flag.textItem.toPlainText() != first
    QTest.keyClick(response, Qt.Key.Key_Escape)
    assert not response.flag.isVisible()


def test_a_cursor_put_away_by_key_stays_away_until_the_mouse_moves(window: MainWindow) -> None:
    """Qt tells of a resting mouse again wherever what lies under it is painted anew."""
    response = window.forecast.response
    _point_at(window, response.plot, np.log10(80.0), 2.0)
    scene = response.plot.getViewBox().mapViewToScene(QPointF(np.log10(80.0), 2.0))
    resting = QPointF(response.graphics.mapFromScene(scene))
    response.graphics.scene().sigMouseMoved.emit(resting)
    assert response.flag.isVisible()
    response.setFocus()
    QTest.keyClick(response, Qt.Key.Key_Escape)
    response.graphics.scene().sigMouseMoved.emit(resting)
    assert not response.flag.isVisible()
    response.graphics.scene().sigMouseMoved.emit(resting + QPointF(3.0, 0.0))
    assert response.flag.isVisible()


def test_the_measured_layer_swaps_with_the_forecast(qtbot: QtBot, window: MainWindow) -> None:
    station = window.forecast
    before = station.verdict.text()
    QTest.keyClick(window, Qt.Key.Key_M, Qt.KeyboardModifier.AltModifier)
    settled(qtbot, window)
    assert "measured" in station.verdict.text()
    figure = window.session.shown.figure("measured")
    assert f"{figure.value_db:.1f} dB" in station.verdict.text()
    assert all(f.measured for f in window.session.findings)
    QTest.keyClick(window, Qt.Key.Key_M, Qt.KeyboardModifier.AltModifier)
    settled(qtbot, window)
    assert station.verdict.text() == before


def test_the_second_seat_has_its_own_curve(qtbot: QtBot, window: MainWindow) -> None:
    before = window.forecast.verdict.text()
    QTest.keyClick(window, Qt.Key.Key_S, Qt.KeyboardModifier.AltModifier)
    settled(qtbot, window)
    assert "at the sofa" in window.forecast.verdict.text()
    assert window.forecast.verdict.text() != before
