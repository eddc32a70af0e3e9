"""The whole of Subs in the simulated studio: each alone, settings, places, null, verifying take."""

from dataclasses import replace

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QLabel, QPushButton, QSlider
from pytestqt.qtbot import QtBot

from helpers_app import press, reveal, settled, type_into
from jolly_parlor.analysis.measured import measured_deviation, measured_response
from jolly_parlor.app.plots.place_strip import PlaceStrip
from jolly_parlor.app.widgets.null_well import NullWell
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.project.history import Project

PATIENCE_MS = 90_000


def told(window: MainWindow, name: str) -> str:
    found = window.findChild(QLabel, name)
    assert found is not None
    reveal(found)
    assert found.isVisibleTo(window)
    return found.text()


def taken(qtbot: QtBot, window: MainWindow) -> None:
    qtbot.waitUntil(lambda: not window.takes.measure.measuring, timeout=PATIENCE_MS)
    settled(qtbot, window)


@pytest.fixture
def bare(window: MainWindow, qtbot: QtBot) -> MainWindow:
    """The demo without takes, short sweeps, at Takes."""
    document = replace(window.session.document, takes=())
    window.session.load(Project(document), None)
    window.session.show_arrangement("A third")
    window.go("takes")
    window.takes.measure.sweeps.setValue(1)
    type_into(window, "sweep length", "1")
    settled(qtbot, window)
    return window


def test_from_each_alone_to_the_verifying_take(bare: MainWindow, qtbot: QtBot) -> None:
    window, session = bare, bare.session
    for source in ("left", "right", "sub"):
        press(window, f"take-{source}-desk")
        press(window, f"measure-{source}-desk")
        taken(qtbot, window)
    window.go("subs")
    settled(qtbot, window)

    press(window, "weigh-subs")
    settled(qtbot, window)
    assert told(window, "shares-words").startswith("By takes.")
    assert "(measured)" in told(window, "aligned-words")

    press(window, "find-settings")
    settled(qtbot, window)
    assert told(window, "settings-words").startswith("Takes of each, summed")
    press(window, "set-settings")
    settled(qtbot, window)

    _walk(window, qtbot)
    _align(window, qtbot)

    press(window, "verify-all")
    taken(qtbot, window)
    last = session.document.takes[-1]
    assert last.info.source == "both+sub" and last.usable
    a = session.arrangement
    assert a is not None
    mix = with_subwoofers(session.document.gear)
    heard = measured_response(session.document, session.document.case(a, "desk", mix))
    assert heard is last.response  # it is the measured sum that counts now, not the sum of parts
    assert measured_deviation(session.document, session.document.case(a, "desk", mix)) is not None
    assert "both+sub at desk" in session.history.ledger[-1].text
    window.go("takes")
    settled(qtbot, window)
    texts = [label.text() for label in window.takes.findChildren(QLabel)]
    assert "both+sub, as set" in texts


def _walk(window: MainWindow, qtbot: QtBot) -> None:
    """Two places measured with the microphone walking, and one looked at standing there."""
    press(window, "walk-round")
    settled(qtbot, window)
    assert "where it stands" in told(window, "walk-words")  # measured already: the take alone
    for place in ("front left corner", "right wall, middle"):
        press(window, f"walk-measure-{place}")
        taken(qtbot, window)
    takes = window.session.document.takes[-2:]
    assert [t.info.floor_place for t in takes] == ["front left corner", "right wall, middle"]
    assert all(t.info.swapped for t in takes)
    words = told(window, "walk-words")
    assert words.startswith("Measured, sub alone is most even from: ")
    assert "The mean of the 3 places is" in words and "The forecast" in words
    qtbot.waitUntil(lambda: len(_strips(window)) >= 6, timeout=PATIENCE_MS)
    assert all("deepest" in strip.accessibleDescription() for strip in _strips(window))
    assert not window.session.document.stale_takes(window.session.arrangement)
    press(window, "walk-stand-front left corner")
    settled(qtbot, window)
    a = window.session.arrangement
    assert a is not None and a.places["sub"].x < 0.3
    assert window.session.document.take_of(a, "sub", "desk") is takes[0]  # it answers from there
    window.session.undo()
    settled(qtbot, window)


def _strips(window: MainWindow) -> list[PlaceStrip]:
    return [s for s in window.subs.walk.frame.findChildren(PlaceStrip) if s.isVisible()]


def _align(window: MainWindow, qtbot: QtBot) -> None:
    """Listened, turned by hand, warmer or colder, checked, kept, with the note in the Ledger."""
    card = window.subs.align
    press(window, "listen-null")
    qtbot.waitUntil(lambda: len(card.readings) >= 2, timeout=PATIENCE_MS)
    slider = window.findChild(QSlider, "turn sub phase_degrees")
    assert slider is not None
    slider.setFocus()
    for _ in range(6):
        QTest.keyClick(slider, Qt.Key.Key_PageUp)
    turned = card.trial["sub"].phase_degrees
    assert turned != window.session.arrangement.chain("sub").phase_degrees
    qtbot.waitUntil(
        lambda: card.readings[-1].chains["sub"].phase_degrees == turned, timeout=PATIENCE_MS
    )
    words = told(window, "null-words")
    assert "dB" in words and ("warmer" in words or "colder" in words or "as before" in words)
    well = window.findChild(NullWell, "null-well")
    assert well is not None and "deepest" in well.accessibleDescription()
    button = window.findChild(QPushButton, "listen-null")
    assert button is not None and button.text() == "Silence"
    press(window, "listen-null")
    qtbot.waitUntil(lambda: not card.listening, timeout=PATIENCE_MS)
    settled(qtbot, window)
    assert "Calculated from the takes" in told(window, "null-words")
    press(window, "to-calculated")
    press(window, "check-sum")
    qtbot.waitUntil(lambda: not card.listening, timeout=PATIENCE_MS)
    assert "Polarity restored" in told(window, "null-words")
    # Together they bring more than without phase, and what is left of it is said.
    words = told(window, "null-words")
    assert "the two together stand +" in words
    assert "They add up" in words or "more to be had" in words
    before = window.session.arrangement.chain("sub")
    press(window, "keep-aligned")
    settled(qtbot, window)
    assert window.session.arrangement.chain("sub") != before
    assert "aligned by the null" in window.session.history.ledger[-1].text


def test_the_walk_is_by_forecast_until_something_is_measured(
    bare: MainWindow, qtbot: QtBot
) -> None:
    bare.go("subs")
    settled(qtbot, bare)
    press(bare, "walk-round")
    settled(qtbot, bare)
    assert "By forecast sub alone is most even from" in told(bare, "walk-words")
    bare.subs.walk.swap.click()
    press(bare, "walk-measure-back right corner")
    taken(qtbot, bare)
    last = bare.session.document.takes[-1]
    assert not last.info.swapped and last.info.placed.places["sub"].y > 5.0
