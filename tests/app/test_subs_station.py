"""Subs, driven as a user does: settings found, explained, set, typed over; who does the work."""

from dataclasses import replace

import pytest
from PyQt6.QtWidgets import QCheckBox, QComboBox, QLabel, QLineEdit, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import open_all, press, reveal, settled, type_into
from jolly_parlor.app.plots.share_posts import SharesPlot
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.chains import Filter
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.project.gear_edits import set_gear


def words(window: MainWindow, name: str) -> str:
    for label in window.findChildren(QLabel, name):
        reveal(label)
    found = [label for label in window.findChildren(QLabel, name) if label.isVisible()]
    assert found, f"no words {name}"
    return found[0].text()


@pytest.fixture
def subs(window: MainWindow, qtbot: QtBot) -> MainWindow:
    window.go("subs")
    settled(qtbot, window)
    return window


def test_settings_are_found_explained_set_and_undone(subs: MainWindow, qtbot: QtBot) -> None:
    session = subs.session
    a = session.arrangement
    assert a is not None
    before = a.chains
    assert f"{a.name}: how monitors and sub are set" in subs.subs.verdict.text()
    press(subs, "find-settings")
    settled(qtbot, subs)
    assert "→" in subs.subs.verdict.text() and "by its settings" in subs.subs.verdict.text()
    told = [label.text() for label in subs.subs.best.frame.findChildren(QLabel)]
    assert "sub: low-pass" in told and "lost without it" in told
    assert "gives out first" in words(subs, "settings-notes")
    press(subs, "set-settings")
    settled(qtbot, subs)
    now = session.arrangement
    assert now is not None and now.chains != before
    assert "dB from even" in session.history.ledger[-1].text
    assert not subs.subs.best.apply.isVisible()  # what is set is no news
    subs.go("signoff")
    settled(qtbot, subs)
    lines = [label.text() for label in subs.signoff.findChildren(QLabel)]
    assert any("low-pass" in line and "Hz (" in line for line in lines)
    session.undo()
    undone = session.arrangement
    assert undone is not None and undone.chains == before


def test_every_seat_counts_where_chosen(subs: MainWindow, qtbot: QtBot) -> None:
    assert subs.subs.best.source.currentText() == "takes"  # which win where there are all
    subs.subs.best.source.setCurrentIndex(0)
    subs.subs.best.seats.setCurrentIndex(1)
    press(subs, "find-settings")
    settled(qtbot, subs)
    told = words(subs, "settings-words")
    assert "desk" in told and "sofa" in told


def test_what_is_set_can_be_typed_over(subs: MainWindow, qtbot: QtBot) -> None:
    type_into(subs, "sub set gain_db", "3.5")
    a = subs.session.arrangement
    assert a is not None and a.chain("sub").gain_db == 3.5
    assert subs.session.history.ledger[-1].text.startswith(f"“{a.name}”: sub set")
    type_into(subs, "sub set low_pass_hz", "65")
    kinds = subs.findChild(QComboBox, "sub set low_pass_kind")
    assert kinds is not None
    kinds.setCurrentIndex(kinds.findText("Butterworth 18"))
    kinds.activated.emit(kinds.currentIndex())
    a = subs.session.arrangement
    assert a is not None and a.chain("sub").low_pass is not None
    assert a.chain("sub").low_pass.frequency_hz == 65.0
    assert a.chain("sub").low_pass.filter == Filter(18, "butterworth")
    subs.go("gear")
    settled(qtbot, subs)
    open_all(subs)
    told = [label.text() for label in subs.gear.findChildren(QLabel) if label.isVisible()]
    assert "crossover, Butterworth 18" in told  # Gear says the same of it
    subs.go("subs")
    field = type_into(subs, "sub set gain_db", "99")  # beyond what a chain takes
    assert subs.session.arrangement.chain("sub").gain_db == 3.5
    assert field is not None
    shown = subs.findChild(QLineEdit, "sub set gain_db")
    assert shown is not None and shown.text().startswith("3.5")


def test_who_does_the_work_is_shown_by_seat(subs: MainWindow, qtbot: QtBot) -> None:
    press(subs, "weigh-subs")
    settled(qtbot, subs)
    plot = subs.findChild(SharesPlot, "shares-plot")
    assert plot is not None
    reveal(plot)
    assert plot.isVisible()
    assert "31.5 Hz 100 %" in plot.accessibleDescription()
    assert "Between the seats levels differ by" in words(subs, "shares-words")
    type_into(subs, "sub set gain_db", "1")
    settled(qtbot, subs)
    reveal(plot)
    assert not plot.isVisible()  # of other settings


def test_controls_are_named_in_gear_and_bad_ranges_refused(
    window: MainWindow, qtbot: QtBot
) -> None:
    window.go("gear")
    settled(qtbot, window)
    press(window, "sub controls")
    tick = window.findChild(QCheckBox, "sub has delay_ms")
    assert tick is not None and not tick.isChecked()
    tick.click()
    own = window.session.document.gear.model_of("sub").controls
    assert own.delay_ms == Span(0.0, 15.0, 0.1)
    settled(qtbot, window)
    assert "delay 0 to 15 ms" in words(window, "sub controls words")
    refusals: list[str] = []
    window.session.refused.connect(refusals.append)
    type_into(window, "sub delay_ms high", "-3")
    assert refusals and "The delay control goes from 0 to -3" in refusals[-1]
    assert window.session.document.gear.model_of("sub").controls == own
    type_into(window, "sub delay_ms high", "8")
    span = window.session.document.gear.model_of("sub").controls.delay_ms
    assert span is not None and span.high == 8.0


def test_without_controls_it_says_where_to_name_them(window: MainWindow, qtbot: QtBot) -> None:
    window.go("gear")
    settled(qtbot, window)
    for name in ("monitor", "sub"):
        press(window, f"{name} controls")
        for what in ("gain_db", "low_shelf_db", "low_mid_db", "high_pass_hz", "phase_degrees",
                     "low_pass_hz", "polarity"):  # fmt: skip
            tick = window.findChild(QCheckBox, f"{name} has {what}")
            if tick is not None and tick.isChecked():
                tick.click()
    for side, name in (("low_pass", "sub"), ("high_pass", "monitor")):
        menu = window.findChildren(QPushButton, f"{name} {side} kinds")[-1].menu()
        assert menu is not None
        menu.aboutToShow.emit()
        for words_of_kind in [a.text() for a in menu.actions() if a.isChecked()]:
            now = window.findChildren(QPushButton, f"{name} {side} kinds")[-1].menu()
            assert now is not None
            now.aboutToShow.emit()
            next(a for a in now.actions() if a.text() == words_of_kind).trigger()
            settled(qtbot, window)
    window.go("subs")
    settled(qtbot, window)
    assert "Say in Gear what their knobs" in words(window, "settings-words")
    assert not window.subs.best.find.isEnabled()


def test_what_more_subwoofers_buy_is_told(
    subs: MainWindow, qtbot: QtBot, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr("jolly_parlor.placement.search.further_subs.MOST", 1)
    press(subs, "further-subs")
    assert "half a minute" in words(subs, "further-words")
    settled(qtbot, subs)
    told = words(subs, "further-words")
    assert told.startswith("No sub: ") and "One: " in told and "over all seats" in told


def test_seats_trade_by_settings_and_one_is_set(subs: MainWindow, qtbot: QtBot) -> None:
    press(subs, "trade-seats")
    settled(qtbot, subs)
    figures = [label.text() for label in subs.subs.trade.frame.findChildren(QLabel)]
    assert "sofa" in figures and any(text.startswith("the ") for text in figures)
    assert subs.session.arrangement is not None
    before = subs.session.arrangement.chains
    press(subs, "take-trade-1")
    now = subs.session.arrangement
    assert now is not None and now.chains != before
    assert "set for the " in subs.session.history.ledger[-1].text


def test_the_plan_is_tinted_by_places_of_the_subwoofer(subs: MainWindow, qtbot: QtBot) -> None:
    press(subs, "tint-sub-places")
    settled(qtbot, subs)
    session = subs.session
    assert str(session.selected) == "sub" and session.mix.id == "both+sub"
    assert session.tints.kind == "source" and session.tints.shown is not None


def test_where_a_subwoofer_may_be_put_is_ticked_in_gear(window: MainWindow, qtbot: QtBot) -> None:
    window.go("gear")
    settled(qtbot, window)

    def tick(mount: str) -> None:
        box = window.findChildren(QCheckBox, f"sub mount {mount}")[-1]
        reveal(box)
        box.click()
        settled(qtbot, window)

    tick("ceiling")
    assert window.session.document.gear.model_of("sub").mounts == ("floor", "ceiling")
    told = [label.text() for label in window.gear.findChildren(QLabel) if label.isVisible()]
    assert any("licensed trade" in text for text in told)
    tick("floor")
    assert window.session.document.gear.model_of("sub").mounts == ("ceiling",)
    refusals: list[str] = []
    window.session.refused.connect(refusals.append)
    tick("ceiling")
    assert refusals == ["It must go somewhere: leave one ticked."]
    assert window.session.document.gear.model_of("sub").mounts == ("ceiling",)


def test_two_subwoofers_in_one_place_are_told(window: MainWindow, qtbot: QtBot) -> None:
    window.go("gear")
    press(window, "add-sub")
    settled(qtbot, window)
    session = window.session
    a = session.arrangement
    assert a is not None
    same = a.moved(loudspeaker("sub 2"), a.places["sub"])
    session.do("Put them there", lambda d: replace_arrangement(d, same))
    settled(qtbot, window)
    assert "“sub” and “sub 2” stand in the same place" in session.problem


def test_pairs_of_subwoofers_are_wished_for_where_there_are_two(
    window: MainWindow, qtbot: QtBot
) -> None:
    window.go("lineup")
    press(window, "show-wishes")
    pairs = window.lineup.search.wishes.pairs
    assert not pairs.isVisible()  # one subwoofer
    window.go("gear")
    press(window, "add-sub")
    window.go("lineup")
    settled(qtbot, window)
    assert pairs.isVisible() and not pairs.isChecked()
    pairs.click()
    assert window.session.document.wishes.sub_pairs
    window.session.undo()
    assert not pairs.isChecked()


def test_a_subwoofer_taken_away_elsewhere_is_not_asked_for(subs: MainWindow, qtbot: QtBot) -> None:
    gear = subs.session.document.gear
    subs.go("gear")
    pair = tuple(one for one in gear.loudspeakers if one.id in ("left", "right"))
    subs.session.do("No sub", lambda d: set_gear(d, replace(gear, loudspeakers=pair)))
    subs.subs.align._show()  # as an answer does that comes late
    assert not subs.subs.align.over.isVisible()
