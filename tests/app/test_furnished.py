"""A room with a wardrobe in it: the empty box answers until it is worked out, and says so."""

from collections.abc import Callable
from dataclasses import replace

import numpy as np
from PyQt6.QtWidgets import QLabel
from pytestqt.qtbot import QtBot

from helpers_app import settled
from jolly_parlor.acoustics.room import Thing
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document

WARDROBE = Thing("wardrobe", "solid", 0.0, 4.6, 0.0, 1.4, 0.6, 2.1, "door_solid")


def words_of(window: MainWindow) -> str:
    return " ".join(label.text() for label in window.forecast.findChildren(QLabel))


def test_the_box_answers_until_the_furnished_room_is_worked_out(
    open_window: Callable[..., MainWindow], kiln: Document, qtbot: QtBot
) -> None:
    furnished = replace(kiln, room=replace(kiln.room, things=(WARDROBE,)))
    window = open_window(furnished)
    session = window.session
    window.go("forecast")
    room = session.believed.room
    bare = session.shown.forecast.deviation_db.copy()
    assert session.fields.working_out(room)
    assert "Empty box until the room is worked out" in words_of(window)
    qtbot.waitUntil(lambda: not session.fields.working_out(room), timeout=240_000)
    settled(qtbot, window)
    assert "Empty box" not in words_of(window)
    assert np.max(np.abs(session.shown.forecast.deviation_db - bare)) > 0.5
    # The tints know it too: nothing is heard inside the wardrobe.
    session.tints.choose("pressure")
    settled(qtbot, window)
    shown = session.tints.shown
    inside, before = (
        shown.plan_db[np.argmin(np.abs(shown.ys - y)), np.argmin(np.abs(shown.xs - 0.7))]
        for y in (4.9, 4.0)
    )
    assert np.isnan(inside)
    assert np.isfinite(before)
    window.go("survey")
    assert "In the room: wardrobe." in window.stations["survey"].warning.text()
