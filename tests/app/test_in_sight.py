"""At 1280x800 a page shows unasked no more than can be taken in: controls and sentences counted."""

import pytest
from pytestqt.qtbot import QtBot

from helpers_app import settled
from in_sight import controls, prose_lines
from jolly_parlor.app.window import MainWindow

MOST = {
    "survey": (15, 10),
    "gear": (15, 10),
    "lineup": (15, 8),
    "forecast": (15, 8),
    "takes": (17, 8),
    "hear": (25, 12),
    "finetune": (15, 8),
    "subs": (15, 8),
    "signoff": (15, 8),
}
"""Of each station; 15 and 8 are wanted. Compare shows its reasons, which is what it is for."""


@pytest.mark.parametrize("station", MOST)
def test_a_page_shows_no_more_than_can_be_taken_in(
    window: MainWindow, qtbot: QtBot, station: str
) -> None:
    window.resize(1280, 800)
    window.go(station)
    settled(qtbot, window)
    page = window.stack.currentWidget()
    assert page is not None
    most_controls, most_lines = MOST[station]
    names = [w.objectName() or w.accessibleName() for w in controls(page)]
    assert len(names) <= most_controls, names
    assert prose_lines(page) <= most_lines
