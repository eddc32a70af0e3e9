"""Gear has common kinds of loudspeakers to start from."""

import pytest
from PyQt6.QtWidgets import QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import press, settled, type_into
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.common_models import MONITORS, SUBWOOFERS, kind_of, like


def test_a_common_kind_is_a_start_and_one_step_to_undo(qtbot: QtBot, window: MainWindow) -> None:
    window.go("gear")
    before = window.session.document.gear
    press(window, "monitor like large")
    settled(qtbot, window)
    sheet = window.session.document.gear.monitor
    assert (sheet.height, sheet.low_corner_hz, sheet.name) == (1.05, 38.0, "three-way")
    assert sheet.controls == before.monitor.controls
    large = window.findChild(QPushButton, "monitor like large")
    assert large is not None and large.isChecked()
    type_into(window, "monitor height", "0.95")
    assert not large.isChecked()
    press(window, "sub like small")
    assert window.session.document.gear.model_of("sub").low_corner_hz == 36.0
    for _ in range(3):
        window.undo()
    assert window.session.document.gear == before


@pytest.mark.parametrize("kinds", [MONITORS, SUBWOOFERS])
def test_each_kind_is_told_from_the_others(kinds: dict) -> None:
    models = [kind.model for kind in kinds.values()]
    assert [kind_of(like(models[0], one), kinds) for one in models] == list(kinds)
    corners = [one.low_corner_hz for one in models]
    assert corners == sorted(corners, reverse=True), "the larger, the lower"
