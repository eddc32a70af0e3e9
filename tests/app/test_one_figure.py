"""Every page, the report and the commands tell one figure, or say in what theirs differs."""

import json
import re
from collections.abc import Callable
from pathlib import Path

import pytest
from PyQt6.QtWidgets import QLabel
from pytestqt.qtbot import QtBot

from certain import some
from helpers_app import open_all, settled
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.units import with_minus
from places import EXAMPLES
from processes import ran_here

FIGURE = re.compile(r"(\d+\.\d) dB from even")


def told(window: MainWindow, station: str, qtbot: QtBot) -> list[str]:
    """All that a page and the line under the plan say."""
    window.go(station)
    settled(qtbot, window)
    open_all(window)
    page = window.stack.currentWidget()
    labels = [one for one in page.findChildren(QLabel) if one.isVisible()]
    return [one.text() for one in labels] + [window.live.text()]


def collected(window: MainWindow, qtbot: QtBot, order: tuple[str, ...]) -> dict[str, str]:
    """What each page says of the arrangement shown, by page."""
    found = {}
    for station in order:
        every = "\n".join(told(window, station, qtbot))
        if station == "compare":
            name = window.session.arrangement.name
            [row] = [r for r in window.compare.rows if r.row.arrangement.name == name]
            figures = [one.text() for one in row.findChildren(QLabel)]
            found[station] = next(t for t in figures if re.fullmatch(r"\d+\.\d dB", t))
            found["rank"] = next(t for t in figures if t.endswith(name))[0]
        elif station == "signoff":
            found[station] = FIGURE.findall(every)[0] + " dB"
            place = re.search(r"(The most even|Number (\d)) of \d", every)
            assert place is not None
            found["place"] = place[2] or "1"
        elif station == "forecast":
            found[station] = FIGURE.findall(every)[0] + " dB"
        live = re.search(r"forecast: (\d+\.\d dB)", window.live.text())
        assert live is not None
        found[f"live at {station}"] = live[1]
    return found


ORDERS = ("forecast", "compare", "signoff"), ("signoff", "compare", "forecast")


@pytest.mark.parametrize("room", ["kiln-room", "kiln-furnished", "harbour-loft"])
def test_the_walk_tells_one_figure_in_any_order_and_after_opening(
    room: str, qtbot: QtBot, open_window: Callable[..., MainWindow], tmp_path: Path
) -> None:
    window, walks = open_window(open_document(EXAMPLES / f"{room}.parlor")), []
    for name in some([a.name for a in window.session.document.arrangements]):
        window.session.show_arrangement(name)
        by_order = [collected(window, qtbot, order) for order in ORDERS]
        assert by_order[0] == by_order[1]
        one = by_order[0]
        assert one["compare"] == one["signoff"] and one["rank"] == one["place"]
        assert one["forecast"] == one["live at forecast"] == one["live at signoff"]
        walks.append(one)
    save_document(window.session.document, tmp_path / "again.parlor")
    again = open_window(open_document(tmp_path / "again.parlor"))
    for name, one in zip([a.name for a in again.session.document.arrangements], walks, strict=True):
        again.session.show_arrangement(name)
        assert collected(again, qtbot, ORDERS[0]) == one


@pytest.mark.parametrize("room", ["kiln-room", "kiln-furnished", "harbour-loft"])
def test_no_station_tells_another_figure_without_saying_of_what(
    room: str, qtbot: QtBot, open_window: Callable[..., MainWindow]
) -> None:
    """Every station's figures are those of Compare's rows, by takes or forecast, or name what else
    they are of.
    """
    window = open_window(open_document(EXAMPLES / f"{room}.parlor"))
    told(window, "compare", qtbot)
    found = window.session.comparison
    assert found is not None
    both = [f for row in found.rows for f in (row.measured_evenness, row.forecast_evenness)]
    known = {f"{figure.value_db:.1f}" for figure in both if figure is not None}
    seen = [line for station in WALK for line in told(window, station, qtbot)]
    lines = [line for line in dict.fromkeys(seen) if FIGURE.search(line)]
    assert len(lines) > 2
    other = [line for line in lines if not set(FIGURE.findall(line)) <= known]
    assert [line for line in other if not re.search("both monitors at|→", line)] == []


def test_commands_and_report_tell_it_too(
    qtbot: QtBot, window: MainWindow, demo: Document, tmp_path: Path
) -> None:
    place, page = tmp_path / "room.parlor", tmp_path / "report.html"
    save_document(demo, place)
    told(window, "compare", qtbot)
    shown = {
        row.row.arrangement.name: row.row.figure(window.session.comparison.basis).value_db
        for row in window.compare.rows
    }
    done = ran_here(["compare", place, "--json"])
    ranking = json.loads(done.stdout)["ranking"]
    assert {row["arrangement"]: row["evenness_db"] for row in ranking} == pytest.approx(
        shown, abs=0.006
    )
    assert list(shown) == [row["arrangement"] for row in ranking]
    first = ranking[0]
    done = ran_here(["report", place, page, "--full", "--arrangement", first["arrangement"]])
    assert done.returncode == 0, done.stderr
    text = re.sub(r"<[^>]+>", " ", page.read_text())
    assert f"{first['evenness_db']:.1f} dB from even" in text
    assert "The most even of 3" in text


def test_the_line_under_the_plan_says_what_it_is_of(qtbot: QtBot, window: MainWindow) -> None:
    assert window.live.text().startswith("Both and sub at the desk, forecast: ")
    window.session.show_mix("left")
    window.session.show_seat("sofa")
    settled(qtbot, window)
    assert window.live.text().startswith("Left at the sofa, forecast: ")
    assert with_minus(window.live.text()) == window.live.text()
