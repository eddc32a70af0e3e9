"""The search as the user meets it: wishes, a region drawn on the plan, proposals, trades."""

import threading
from dataclasses import replace

import pytest
from PyQt6.QtCore import QEvent, QPoint, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QCheckBox, QComboBox, QLabel, QLineEdit, QPushButton, QSlider
from pytestqt.qtbot import QtBot

from helpers_app import PATIENCE_MS, drag_on_plan, press, settled
from jolly_parlor.app import search_run
from jolly_parlor.app.stations.lineup import search_card
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.search.prices import Price
from jolly_parlor.project.gear_edits import set_gear
from quick_field import quick_search
from rooms import without_controls


@pytest.fixture
def search(window: MainWindow):
    """Its card, with gear that has no controls: settling them is most of what a search takes."""
    window.session.do("Gear", lambda d: set_gear(d, without_controls(d.gear)))
    window.go("lineup")
    card = window.lineup.search
    window.findChild(QPushButton, "show-wishes").click()
    assert card.wishes.isVisible()
    return card


def _enter(window: MainWindow, name: str, text: str) -> None:
    field = window.findChild(QLineEdit, name)
    field.setFocus()
    field.selectAll()
    QTest.keyClicks(field, text)
    QTest.keyClick(field, Qt.Key.Key_Return)


def _narrow(window: MainWindow) -> None:
    """Wishes that leave little to weigh."""
    _enter(window, "wish height_change", "0")
    _enter(window, "wish equilateral_tolerance", "2 %")
    _enter(window, "wish furthest", "1.2")


def test_wishes_are_kept_in_the_document_and_undone(
    qtbot: QtBot, window: MainWindow, search
) -> None:
    _enter(window, "wish furthest", "180 cm")
    assert window.session.document.wishes.furthest == 1.8
    slider = window.findChild(QSlider, "wish-deep")
    slider.setFocus()
    QTest.keyClick(slider, Qt.Key.Key_Right)
    assert window.session.document.wishes.deep == pytest.approx(0.1)
    window.undo()
    assert window.session.document.wishes.deep == 0.0
    assert slider.value() == 0
    _enter(window, "wish nearest", "3 m")
    assert "must be below the furthest" in window.notice_text.text()
    assert window.session.document.wishes.nearest == 0.8
    assert window.findChild(QLineEdit, "wish nearest").text() == "0.80 m"
    window.findChild(QComboBox, "wish-facing").activated.emit(4)
    assert window.session.document.wishes.facing == "any"


def test_a_region_is_drawn_and_the_sub_found_within_it(
    qtbot: QtBot, window: MainWindow, search
) -> None:
    before = window.session.arrangement
    search.wishes.draw.click()
    assert "Drag a rectangle on the plan" in window.notice_text.text()
    start = window.plan.unfolded.on_plan(2.2, 2.2)
    drag_on_plan(window, start, QPoint(4, 4))
    assert "smaller than 20 cm" in window.notice_text.text()
    drag_on_plan(window, start, QPoint(80, 90))
    region = window.session.document.wishes.region
    assert region is not None and window.session.document.wishes.subwoofers == "region"
    assert region.x == pytest.approx(2.2, abs=0.05)
    assert window.session.arrangement == before  # nothing was dragged along
    _narrow(window)
    search.button.click()
    qtbot.waitUntil(lambda: not search.searching, timeout=120_000)
    for proposal in search._found.proposals:
        at = proposal.arrangement.places["sub"]
        assert region.contains(at.x, at.y)


def test_escape_puts_the_pencil_away(qtbot: QtBot, window: MainWindow, search) -> None:
    search.wishes.draw.click()
    window.plan.setFocus()
    QTest.keyClick(window.plan, Qt.Key.Key_Escape)
    assert window.session.wanted_region is None


@pytest.mark.real_search
def test_trades_are_shown_told_and_lined_up(qtbot: QtBot, window: MainWindow, search) -> None:
    _narrow(window)
    search.button.click()
    qtbot.waitUntil(lambda: not search.searching, timeout=120_000)
    settled(qtbot, window)
    assert search.trades.isVisible()
    assert "What moving buys" in search.trades_words.text()
    trade = search._found.trades[-1]
    spot = next(p for p in search.trades.stones.points() if p.data() is trade)
    window.lineup.scroll_area.ensureWidgetVisible(search.trades)
    at = search.trades.mapFromScene(search.trades.plotItem.vb.mapViewToScene(spot.pos()))
    QTest.mouseMove(search.trades.viewport(), at)
    qtbot.waitUntil(lambda: "moves up to" in search.trades_words.text(), timeout=5000)
    session = window.session
    assert session.ghost is trade.arrangement
    search.trades.leaveEvent(QEvent(QEvent.Type.Leave))
    assert session.ghost is None, "nobody points at a stone any more"
    # By key: along the stones and back, and nothing is left on the plan when the focus goes.
    search.trades.setFocus(Qt.FocusReason.TabFocusReason)
    first = search._found.trades[0]
    qtbot.waitUntil(lambda: session.ghost is not None, timeout=5000)
    QTest.keyClick(search.trades, Qt.Key.Key_End)
    last = session.ghost
    QTest.keyClick(search.trades, Qt.Key.Key_Home)
    assert session.ghost is not last and session.ghost.left == first.arrangement.left
    search.button.setFocus()
    assert session.ghost is None
    QTest.mouseClick(search.trades.viewport(), Qt.MouseButton.LeftButton, pos=at)
    assert window.session.arrangement.left == trade.arrangement.left
    assert window.session.arrangement.name.startswith("Search, ")


def test_a_proposal_facing_another_wall_turns_the_room(
    qtbot: QtBot, window: MainWindow, search
) -> None:
    _narrow(window)
    window.findChild(QComboBox, "wish-facing").activated.emit(1)
    width = window.session.document.room.width
    search.button.click()
    qtbot.waitUntil(lambda: not search.searching, timeout=120_000)
    proposal = search._found.proposals[0]
    assert proposal.turns == 1
    count = len(window.session.document.arrangements)
    window.findChild(QPushButton, "line-up-0").click()
    document = window.session.document
    assert document.room.length == width
    assert len(document.arrangements) == count + 1
    assert window.session.arrangement.left == proposal.arrangement.left
    settled(qtbot, window)
    assert window.session.problem == ""
    window.undo()
    assert window.session.document.room.width == width


def test_the_best_school_is_offered_while_the_search_goes_on(
    qtbot: QtBot, window: MainWindow, search, monkeypatch: pytest.MonkeyPatch
) -> None:
    go_on = threading.Event()

    def later(*asked: object, **words: object) -> object:
        assert go_on.wait(60.0)
        return quick_search(*asked, **words)

    monkeypatch.setattr(search_run, "search_apart", later)
    search.button.click()
    qtbot.waitUntil(lambda: bool(search.offers), timeout=60_000)
    texts = [label.text() for label in window.lineup.list.frame.findChildren(QLabel)]
    assert any(text.startswith("The most even of the schools, ") for text in texts)
    count = len(window.session.document.arrangements)
    window.findChild(QPushButton, "line-up-0").click()
    added = window.session.document.arrangements[-1]
    assert len(window.session.document.arrangements) == count + 1 and added.school
    search.button.click()
    go_on.set()
    qtbot.waitUntil(lambda: not search.searching, timeout=120_000)
    settled(qtbot, window)


def test_while_it_goes_on_the_best_so_far_is_offered(
    qtbot: QtBot, window: MainWindow, search
) -> None:
    _narrow(window)
    search.button.click()
    seen: list[str] = []
    assert search._run is not None
    search._run.told.connect(
        lambda best: seen.append(
            " ".join(x.text() for x in window.lineup.list.frame.findChildren(QLabel))
        )
    )
    qtbot.waitUntil(lambda: not search.searching, timeout=120_000)
    assert any("the search goes on" in told for told in seen)
    assert any("sub " in told and "from the left" in told for told in seen)
    assert not any("goes on" in x.text() for x in window.lineup.list.frame.findChildren(QLabel))


def test_schools_are_judged_at_their_own_settings_and_as_they_come(
    qtbot: QtBot, window: MainWindow
) -> None:
    window.go("lineup")
    settled(qtbot, window)
    box = window.findChild(QCheckBox, "schools-trimmed")
    assert box is not None and not box.isVisible()
    press(window, "judge-schools")
    settled(qtbot, window)
    assert box.isVisible() and box.isChecked()
    figure = lambda: float(window.findChild(QLabel, "figure-school-small_gap").text().split()[0])  # noqa: E731
    trimmed, said = figure(), window.findChild(QLabel, "schools-words")
    assert "each at its own best settings" in said.text()
    box.click()
    untrimmed = figure()
    assert untrimmed > trimmed + 0.5
    assert "untrimmed" in said.text()
    window.findChild(QPushButton, "school-small_gap").click()
    as_it_comes = window.session.document.arrangements[-1]
    box.click()
    window.findChild(QPushButton, "school-small_gap").click()
    at_its_best = window.session.document.arrangements[-1]
    assert at_its_best.left == as_it_comes.left
    assert at_its_best.chains != as_it_comes.chains


def test_what_is_lined_up_found_or_a_school_is_one_list_by_figure(
    qtbot: QtBot, window: MainWindow, search
) -> None:
    _narrow(window)
    settled(qtbot, window)
    QTest.mouseMove(window, QPoint(3, 3))  # on nothing of the list
    search.button.click()
    qtbot.waitUntil(lambda: not search.searching, timeout=120_000)
    settled(qtbot, window)
    rows = window.lineup.list.rows.widgets
    told = [one.text() for one in rows if one.objectName().startswith("figure-")]
    figures = [float(text.split()[0]) for text in told]
    assert figures == sorted(figures) and len(figures) > 6
    names = [one.objectName() for one in rows if one.objectName().startswith("figure-")]
    assert {name.split("-")[1].split()[0] for name in names} == {"line", "candidate", "school"}
    document = window.session.document
    shown = window.findChild(QLabel, "figure-candidate 0").text()
    window.session.show_arrangement(document.arrangements[0].name)
    settled(qtbot, window)
    assert shown.removesuffix(" dB") in window._live_words()
    assert f"{figures[0]:.1f} dB" in window.lineup.verdict.text()


def test_the_use_chosen_at_gear_sets_the_limits_and_their_price_is_told(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    window.go("gear")
    settled(qtbot, window)
    window.findChild(QPushButton, "use-desk studio").click()
    settled(qtbot, window)
    wishes = window.session.document.wishes
    assert wishes.use == "desk studio" and wishes.desk_at_wall and wishes.off_half
    assert window.findChildren(QPushButton, "use-desk studio")[-1].isChecked()
    window.go("lineup")
    window.findChild(QPushButton, "show-wishes").click()
    tick = window.findChild(QCheckBox, "wish-desk_at_wall")
    assert tick is not None and tick.isChecked()
    tick.click()
    assert not window.session.document.wishes.desk_at_wall
    assert window.session.document.wishes.use is None
    _enter(window, "wish farthest_monitors", "0.6")
    _enter(window, "wish equilateral_tolerance", "2 %")
    words = window.findChild(QLabel, "prices-words")
    assert words is not None and not words.isVisible()
    # What a price is, is tested with the search (`placement/test_limits`); here, how it is told.
    monkeypatch.setattr(search_card, "prices", lambda *asked: [Price("farthest_monitors", 1.3)])
    window.findChild(QPushButton, "price-wishes").click()
    qtbot.waitUntil(lambda: " costs " in words.text(), timeout=120_000)
    assert "The monitors no farther out costs 1.3 dB" in words.text()
    _enter(window, "wish farthest_monitors", "0.7")
    assert not words.isVisible()  # of other wishes
    window.undo()


def test_what_was_searched_for_other_seats_is_no_proposal(
    qtbot: QtBot, window: MainWindow, search
) -> None:
    _narrow(window)
    window.search_room()
    gear = window.session.document.gear
    seats = (replace(gear.seats[0], name="couch"), *gear.seats[1:])
    window.session.do(
        "Rename", lambda d: set_gear(d, replace(gear, seats=seats), {gear.seats[0].name: "couch"})
    )
    qtbot.waitUntil(lambda: search._run is None, timeout=PATIENCE_MS)
    settled(qtbot, window)
    assert not search.offers
    assert "weighed" not in search.words.text()
