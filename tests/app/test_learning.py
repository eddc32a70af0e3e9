"""The room fitted in the window, used, and compared with."""

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from threading import Event
from types import SimpleNamespace

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QLabel, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import delete_what_was_let_go, settled
from jolly_parlor.acoustics.geometry.room import Thing
from jolly_parlor.analysis import room_fit
from jolly_parlor.app import dialogs, fit_state
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.window import MainWindow
from jolly_parlor.fitting.missing import Missing
from jolly_parlor.placement.judging import Judging, Target
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.document import Document
from jolly_parlor.project.history import Project
from jolly_parlor.project.judging_edits import set_judging


def _few_takes(window: MainWindow) -> None:
    """The demo with the takes of left and right at the desk only: a quicker fit."""
    session = window.session
    kept = tuple(
        t
        for t in session.document.takes
        if t.info.source in ("left", "right") and t.info.placed.name != "A third"
    )
    session.load(Project(replace(session.document, takes=kept[:3])), None)


@pytest.mark.real_field
def test_fit_use_and_go_back(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    _few_takes(window)
    window.go("takes")
    settled(qtbot, window)
    card = window.takes.fit
    assert not card.which.isVisible()
    assert "agrees with what was measured" in card.words.text()
    window.findChild(QPushButton, "fit-room").click()
    assert "Fitting" in card.words.text() and not card.go.isEnabled()
    settled(qtbot, window)
    assert "Fitted to 3 takes:" in card.words.text()
    assert "give or take" in card.words.text()
    assert "→" in card.each.text() and "Not shown by these takes:" in card.each.text()
    assert "probability" in card.next.text()
    told: list[str] = []
    monkeypatch.setattr(dialogs, "show_text", lambda *words: told.append(words[-1]))
    window.findChild(QPushButton, "every-figure").click()
    assert "length:" in told[0] and "low corner of left" in told[0] and "not shown" in told[0]
    session = window.session
    session.show_mix("both")
    window.go("forecast")
    settled(qtbot, window)
    as_surveyed = session.shown.forecast.deviation_db.copy()
    assert session.fitted.band is None
    window.go("takes")
    window.findChild(QPushButton, "room-used-fitted").click()
    window.go("forecast")
    settled(qtbot, window)
    assert abs(session.shown.forecast.deviation_db - as_surveyed).max() > 0.3
    assert session.fitted.band is not None and session.fitted.band.min() > 0.2
    assert "forecast as fitted" in window.forecast.verdict.text()
    window.go("takes")
    window.findChild(QPushButton, "room-used-survey").click()
    window.go("forecast")
    settled(qtbot, window)
    assert session.shown.forecast.deviation_db == pytest.approx(as_surveyed)
    assert session.fitted.band is None
    # Another survey: what was learnt holds no more.
    session.do("taller", lambda d: replace(d, room=replace(d.room, height=d.room.height + 0.2)))
    assert session.fitted.fit is None and not session.fitted.in_use


def test_what_is_measured_counts_at_once_while_the_fit_is_in_use(
    qtbot: QtBot, window: MainWindow
) -> None:
    more = window.session.document.takes
    _few_takes(window)
    session = window.session
    session.fitted.learn()
    settled(qtbot, window)
    first = session.fitted.fit
    taken = next(t for t in more if t.info.id not in {k.info.id for k in session.document.takes})
    # Not in use: it is said, and nothing is worked out behind the user's back.
    session.do("measured", lambda d: replace(d, takes=(*d.takes, taken)))
    settled(qtbot, window)
    assert session.fitted.stale and session.fitted.fit is first
    session.undo()
    session.fitted.use(True)
    window.go("takes")
    settled(qtbot, window)
    session.do("measured", lambda d: replace(d, takes=(*d.takes, taken)))
    assert session.fitted.busy and "fitting again" in window.takes.fit.words.text()
    settled(qtbot, window)
    again = session.fitted.fit
    assert first is not None and again is not None and session.fitted.in_use
    assert len(again.takes) == len(first.takes) + 1 and not session.fitted.stale
    assert session.fitted.band is not None
    # Judging otherwise teaches nothing new of the room.
    session.do("judged", lambda d: set_judging(d, Judging(target=Target(-1.0))))
    settled(qtbot, window)
    assert session.fitted.fit is again and session.fitted.in_use


def test_a_third_take_teaches_by_itself_and_the_document_keeps_it(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(fit_state, "_BEGINS_WITH", 3)
    monkeypatch.setattr(room_fit, "deserves", lambda fit: len(fit.takes) == 3)
    _few_takes(window)
    session = window.session
    every = session.document.takes
    session.load(Project(replace(session.document, takes=every[:2])), None)
    settled(qtbot, window)
    assert session.fitted.fit is None and session.document.fit is None
    told: list[str] = []
    session.told.connect(told.append)
    session.do("measured", lambda d: replace(d, takes=every))
    assert session.fitted.busy
    settled(qtbot, window)
    assert session.fitted.in_use and session.document.fit is not None
    assert any("go by what they taught" in one for one in told)
    figure = session.shown.figure("forecast").value_db
    assert f"forecast as fitted: {figure:.1f} dB." in window.live.text()
    # Opened again it is there, in use, with the same figure.
    again, shown = session.document, session.arrangement.name
    session.load(Project(blank_document()), None)
    settled(qtbot, window)
    assert session.fitted.fit is None and not session.fitted.in_use
    session.load(Project(again), None)
    session.show_arrangement(shown)
    settled(qtbot, window)
    assert session.fitted.in_use
    assert session.shown.figure("forecast").value_db == pytest.approx(figure, abs=1e-3)
    # An undone step leaves it; a room that is another ends it until that is taken back.
    session.do("taller", lambda d: replace(d, room=replace(d.room, height=d.room.height + 0.2)))
    assert not session.fitted.in_use
    session.undo()
    settled(qtbot, window)
    assert session.fitted.in_use


def test_the_fitted_room_ranks_what_was_not_measured_and_says_so(
    qtbot: QtBot, window: MainWindow
) -> None:
    _few_takes(window)
    session = window.session
    session.fitted.learn()
    settled(qtbot, window)
    session.fitted.use(True)
    session.show_mix("left")
    window.go("compare")
    settled(qtbot, window)
    compare = window.compare
    assert "by takes where there are any (2 of 3)" in compare.under.text()
    assert "elow 200 Hz" in compare.under.text()
    kinds = {row.row.basis_of("each") for row in compare.rows}
    assert kinds == {"measured", "forecast"}


def test_one_against_the_other_and_flipped(qtbot: QtBot, window: MainWindow) -> None:
    window.session.show_mix("both")
    window.go("compare")
    settled(qtbot, window)
    compare, session = window.compare, window.session
    card = compare.difference
    assert "louder" in card.words.text() or "quieter" in card.words.text()
    card.other.setCurrentIndex(card.one.currentIndex())
    assert card.words.text() == "Choose two."
    names = [row.row.arrangement.name for row in compare.rows]
    session.show_arrangement(names[0])
    session.show_arrangement(names[2])
    QTest.keyClick(window, Qt.Key.Key_F3)
    assert session.arrangement.name == names[0]
    QTest.keyClick(window, Qt.Key.Key_F3)
    assert session.arrangement.name == names[2]
    assert all("bass to" in " ".join(row.row.facts) for row in compare.rows)


def test_something_missing_is_looked_for_and_put_in(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    block = Thing("missing", "solid", 2.6, 5.0, 0.0, 1.2, 0.6, 2.0)

    def found(fit: object, takes: object, progress: object) -> list[Missing]:
        other = replace(block, x=0.0, y=0.0)
        return [
            Missing(block, 2.4, 1.1, "in the back right corner"),
            Missing(other, 2.4, 1.9, "in the front left corner"),
        ]

    monkeypatch.setattr("jolly_parlor.app.stations.takes.missing_card.SUSPICIOUS_DB", 0.0)
    monkeypatch.setattr("jolly_parlor.app.stations.takes.missing_card.missing_things", found)
    _few_takes(window)
    window.go("takes")
    card = window.takes.missing
    assert not card.frame.isVisible()
    window.findChild(QPushButton, "fit-room").click()
    settled(qtbot, window)
    qtbot.waitUntil(lambda: not card.looking, timeout=60_000)
    settled(qtbot, window)
    assert card.frame.isVisible() and "Blocks are tried along the walls" in card.words.text()
    told = [x.text() for x in card.frame.findChildren(QLabel)]
    assert any("1.2 m wide and 2 m high in the back right corner" in words for words in told)
    assert any("something tall in the front left corner?" in words for words in told)
    window.findChild(QPushButton, "not-missing-2").click()
    settled(qtbot, window)
    seen = [x.text() for x in card.frame.findChildren(QLabel) if x.isVisible()]
    assert not any("front left" in words for words in seen), "it was said not to be there"
    window.findChild(QPushButton, "put-missing-1").click()
    settled(qtbot, window)
    assert window.session.document.room.things[-1] == block
    assert not window.session.document.doubtful_takes()  # they heard it
    assert window.session.fitted.fit is None and not card.frame.isVisible()
    window.undo()
    assert window.session.document.room.things == ()


def test_the_window_may_be_closed_while_it_looks_for_what_is_missing(
    qtbot: QtBot,
    qapp: object,
    demo: Document,
    tmp_path: Path,
    monkeypatch: pytest.MonkeyPatch,
) -> None:
    """Regression: how far it was arrived at a page that was no more."""
    far = Event()

    def found(fit: object, takes: object, progress: Callable[[float], None]) -> list[Missing]:
        progress(0.1)
        progress(0.2)
        far.set()
        return []

    monkeypatch.setattr("jolly_parlor.app.stations.takes.missing_card.SUSPICIOUS_DB", 0.0)
    monkeypatch.setattr("jolly_parlor.app.stations.takes.missing_card.missing_things", found)
    window = MainWindow(Project(demo), None, SettingsStore(tmp_path / "s.json"), tmp_path / "u")
    window.show()
    window.go("takes")
    settled(qtbot, window)
    card = window.takes.missing
    window.session.fitted.fit = SimpleNamespace(residual_db=2.0)
    card.refresh()
    assert far.wait(60)
    window.session.history.saved()
    window.close()
    assert not card.looking
    window.deleteLater()
    delete_what_was_let_go()
