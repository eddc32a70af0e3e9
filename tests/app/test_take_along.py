"""What a page shows can be copied, saved, and told in words."""

import csv
from pathlib import Path

import numpy as np
import pytest
from PyQt6.QtGui import QGuiApplication, QImage
from PyQt6.QtSvg import QSvgRenderer
from PyQt6.QtWidgets import QApplication, QMenu, QWidget
from pytestqt.qtbot import QtBot

from helpers_app import open_all, settled
from jolly_parlor.app import dialogs
from jolly_parlor.app.pictures import Taken
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.placement.in_words import curve_words, extremes


def _taken(window: MainWindow, name: str) -> Taken:
    return next(one for one in window.pictures.seen() if name in one.name)


def _do(window: MainWindow, name: str, what: str) -> None:
    menu = QMenu(window)
    window.pictures.offer(_taken(window, name), menu)
    next(action for action in menu.actions() if action.text() == what).trigger()


def test_every_picture_of_every_station_has_a_name_and_words(
    qtbot: QtBot, window: MainWindow
) -> None:
    silent, seen = [], set()
    for station in WALK:
        window.go(station)
        settled(qtbot, window)
        page = window.stations[station]
        for part in getattr(page, "sheets", {"": None}):
            if part:
                page.show_page(part)
                settled(qtbot, window)
            for one in window.pictures.seen():
                seen.add(type(one.widget).__name__)
                if one.name in ("", "Table") or (one.is_picture and not one.words):
                    silent.append(f"{station} {part}: {type(one.widget).__name__} {one.name}")
    assert silent == []
    assert {"PlanView", "ResponseView", "ZoneStrips", "RowPlot", "ElevationView"} <= seen


def test_the_plan_says_what_stands_where_and_follows(qtbot: QtBot, window: MainWindow) -> None:
    told = window.plan.accessibleDescription()
    a = window.session.arrangement
    assert "The Kiln Room: 3.87 m wide, 5.64 m long, 2.52 m high." in told
    assert f"from the front wall, {a.left.z:.2f} m high" in told
    assert "Window in the right wall" in told and "Ear at the sofa" in told
    window.session.show_next(1)
    assert window.plan.accessibleDescription() != told


@pytest.mark.usefixtures("at_forecast")
def test_the_response_says_its_largest_hills_and_hollows(qtbot: QtBot, window: MainWindow) -> None:
    told = window.forecast.response.accessibleDescription()
    curve = window.session.shown.forecast
    band = curve.in_band
    deepest = int(np.argmin(np.where(band, curve.deviation_db, 0.0)))
    assert f"at {curve.frequencies_hz[deepest]:.0f} Hz" in told.split("Hollows:")[1]
    assert told.startswith("Both at the desk, forecast:")


def test_hills_and_hollows_are_told_apart_by_hand() -> None:
    f = np.array([50.0, 60, 70, 80, 90, 100, 110])
    d = np.array([0.5, 3.0, 2.0, -4.0, -6.0, 5.0, -0.4])
    hills, hollows = extremes(f, d)
    assert hills == [(100.0, 5.0), (60.0, 3.0)] and hollows == [(90.0, -6.0)]
    flat = Deviation(f, np.zeros(7), 50.0, 110.0, 80.0)
    assert curve_words(flat) == "Judged 50 to 110 Hz. No hills over 1 dB. No hollows over 1 dB."


def test_a_picture_is_copied_saved_and_told(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    clipboard = QGuiApplication.clipboard()
    _do(window, "Plan of the room", "Copy the picture")
    image = clipboard.image()
    assert image.width() == 2 * window.plan.width()
    _do(window, "Plan of the room", "Copy it in words")
    assert "Ear at the desk" in clipboard.text()
    for name in ("plan.png", "plan.svg"):
        monkeypatch.setattr(dialogs, "ask_picture", lambda *_, n=name: tmp_path / n)
        _do(window, "Plan of the room", "Save the picture …")
        assert f"Saved as {name}." in window.notice_text.text()
    assert QImage(str(tmp_path / "plan.png")).size() == image.size()
    drawn = QSvgRenderer(str(tmp_path / "plan.svg"))
    assert drawn.isValid() and drawn.defaultSize().width() > 0
    monkeypatch.setattr(dialogs, "ask_picture", lambda *_: tmp_path / "nowhere" / "plan.png")
    _do(window, "Plan of the room", "Save the picture …")
    assert "could not be written" in window.notice_text.text()


@pytest.mark.usefixtures("at_forecast")
def test_the_figures_of_a_curve_are_a_table(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(dialogs, "ask_table", lambda *_: tmp_path / "curve.csv")
    _do(window, "Response and cause lanes", "Save the figures …")
    rows = list(csv.reader((tmp_path / "curve.csv").read_text("utf-8").splitlines()))
    curve = window.session.shown.forecast
    assert rows[0] == ["Hz", "forecast, dB from even", "measured, dB"]
    assert len(rows) == 1 + curve.frequencies_hz.size
    assert float(rows[40][1]) == pytest.approx(curve.deviation_db[39], abs=0.006)
    _do(window, "Response and cause lanes", "Copy the figures")
    assert QGuiApplication.clipboard().text().splitlines()[0] == "\t".join(rows[0])


def test_a_card_of_words_is_a_table(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    window.go("survey")
    open_all(window)
    window.resize(1280, 3000)
    settled(qtbot, window)
    monkeypatch.setattr(dialogs, "ask_table", lambda *_: tmp_path / "modes.csv")
    _do(window, "Modes", "Save the figures …")
    text = (tmp_path / "modes.csv").read_text("utf-8")
    assert "Hz" in text and "length" in text


@pytest.mark.usefixtures("at_forecast")
def test_pointing_and_the_menu_offer_the_same(qtbot: QtBot, window: MainWindow) -> None:
    menu = QMenu()
    window.pictures.fill(menu)
    names = [action.text() for action in menu.actions()]
    assert names[0] == "Plan of the room" and "Response and cause lanes" in names
    found = window.pictures.under(window.forecast.response.graphics.viewport())
    assert found is not None and found.widget is window.forecast.response
    assert window.pictures.under(window.stones) is None
    outside = QWidget()
    assert window.pictures.under(outside) is None
    assert QApplication.activePopupWidget() is None
