"""Nothing under a resting pointer moves by a pixel when something else is changed."""

import random
from collections.abc import Callable
from dataclasses import replace
from functools import partial

import pytest
from PyQt6 import sip
from PyQt6.QtCore import QPoint
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication
from pytestqt.qtbot import QtBot

from helpers_app import settled
from in_sight import controls
from jolly_parlor.app.stations.base import Station
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import LEFT, seat
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import replace_arrangement, set_room
from jolly_parlor.project.gear_edits import set_chain

EDITS_AT_EACH = 20
"""Ten stations make 200."""


def _nudge(document: Document, which: int, metres: float) -> Document:
    a = document.arrangements[which]
    at = a.left
    return replace_arrangement(
        document, a.mirrored_move(LEFT, replace(at, y=at.y + metres), document.room)
    )


def _lean(document: Document, which: int, metres: float) -> Document:
    a = document.arrangements[which]
    ear = a.seats["desk"]
    return replace_arrangement(document, a.moved(seat("desk"), replace(ear, y=ear.y + metres)))


def _louder(document: Document, which: int, gain_db: float) -> Document:
    return set_chain(document, "sub", document.arrangements[which].name, gain_db=gain_db)


def _higher(document: Document, which: int, metres: float) -> Document:
    return set_room(document, replace(document.room, name=f"Room {which} {metres:.3f}"))


def random_edit(lot: random.Random) -> Callable[[Document], Document]:
    kind = lot.choice((_nudge, _lean, _louder, _higher))
    amount = lot.uniform(-6, 0) if kind is _louder else lot.uniform(0.005, 0.02)
    return partial(kind, which=lot.randrange(3), **{_AMOUNT[kind]: amount})


_AMOUNT = {_nudge: "metres", _lean: "metres", _louder: "gain_db", _higher: "metres"}


def laid_out(qtbot: QtBot, window: MainWindow, page: Station) -> None:
    """Answers have come, and whatever was put off to a next turn of the loop is done."""
    settled(qtbot, window)
    for _ in range(5):  # left → sorted → laid out → scrolled, each a turn
        QApplication.processEvents()
    qtbot.waitUntil(lambda: page.still.at_rest)


@pytest.mark.parametrize("station", WALK)
def test_what_is_pointed_at_stays(window: MainWindow, qtbot: QtBot, station: str) -> None:
    lot = random.Random(station)
    window.resize(1280, 800)
    window.go(station)
    settled(qtbot, window)
    page = window.stack.currentWidget()
    assert isinstance(page, Station)
    moved = []
    for step in range(EDITS_AT_EACH):
        # From nothing: what waited for the pointer to leave is done before anything is pointed at.
        QTest.mouseMove(window, QPoint(3, 3))
        laid_out(qtbot, window, page)
        pointed = lot.choice(controls(page))
        at = pointed.visibleRegion().boundingRect().center()
        QTest.mouseMove(pointed, at)
        before = pointed.mapToGlobal(at)
        called = pointed.objectName() or pointed.accessibleName()
        edit = random_edit(lot)
        window.session.do(f"edit {step}", edit)
        laid_out(qtbot, window, page)
        if called == "try-it":  # the move that a finding advised may be another after an edit
            continue
        gone = sip.isdeleted(pointed) or not pointed.isVisible()
        if gone or pointed.mapToGlobal(at) != before:
            now = None if gone else pointed.mapToGlobal(at).y() - before.y()
            moved.append(f"{step}, {edit.func.__name__}: {called} by {now}")
    assert not moved, moved
