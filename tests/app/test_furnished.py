"""A room with a wardrobe in it: the empty box answers until it is worked out, and says so."""

from collections.abc import Callable

import numpy as np
import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QLabel, QLineEdit
from pytestqt.qtbot import QtBot

from helpers_app import press
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.maps import PressureMap
from jolly_parlor.project.document import Document
from rooms import shrunk

pytestmark = pytest.mark.real_field


def words_of(window: MainWindow) -> str:
    return " ".join(label.text() for label in window.forecast.findChildren(QLabel))


def test_the_box_answers_until_the_furnished_room_is_worked_out(
    open_window: Callable[..., MainWindow], kiln: Document, qtbot: QtBot
) -> None:
    window = open_window(shrunk(kiln))
    session = window.session
    bare = session.shown.forecast.deviation_db.copy()
    window.go("survey")
    press(window, "add-thing")
    [thing] = session.document.room.things
    assert (thing.name, thing.kind) == ("wardrobe", "solid")
    depth = window.findChild(QLineEdit, "thing 1 depth")
    assert depth is not None
    depth.selectAll()
    QTest.keyClicks(depth, "0.55")
    QTest.keyClick(depth, Qt.Key.Key_Return)
    assert session.document.room.things[0].depth == 0.55
    window.go("forecast")
    room = session.believed.room
    assert session.fields.working_out(room)
    assert "Empty box until the room is worked out" in words_of(window)
    # What the empty box says ranks nothing and decides nothing.
    window.go("compare")
    assert window.compare.verdict.text() == "Not ranked yet" and not window.compare.rows
    assert "ranks nothing" in window.compare.under.text() and session.comparison is None
    window.go("survey")
    assert window.survey.facing.text() == "Scoring both …"
    window.go("forecast")
    qtbot.waitUntil(lambda: not session.fields.working_out(room), timeout=240_000)
    qtbot.waitUntil(lambda: "Empty box" not in words_of(window), timeout=60_000)
    qtbot.waitUntil(
        lambda: np.max(np.abs(session.shown.forecast.deviation_db - bare)) > 0.5, timeout=60_000
    )
    window.go("survey")
    qtbot.waitUntil(
        lambda: "both monitors at the desk" in window.survey.facing.text(), timeout=60_000
    )
    window.go("compare")
    qtbot.waitUntil(lambda: len(window.compare.rows) > 1, timeout=120_000)
    window.go("forecast")
    # The tints know it too: nothing is heard inside the wardrobe.
    session.tints.choose("pressure")
    qtbot.waitUntil(lambda: isinstance(session.tints.shown, PressureMap), timeout=60_000)
    shown = session.tints.shown
    thing = session.document.room.things[0]
    x, y = thing.x + thing.width / 2, thing.y + thing.depth / 2
    inside, before = (
        shown.plan_db[np.argmin(np.abs(shown.ys - at)), np.argmin(np.abs(shown.xs - x))]
        for at in (y, y - 1.1)
    )
    assert np.isnan(inside)
    assert np.isfinite(before)
    window.go("takes")
    assert "furnished, with walls that give way" in window.takes.measure.words.text()
