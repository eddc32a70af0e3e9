"""The table of actions, the stepping stones, the calculator, and the real display."""

import os
import shutil
import sys
import threading
from functools import partial
from pathlib import Path

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtGui import QImage, QKeySequence
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QAbstractButton, QComboBox, QLineEdit
from pytestqt.qtbot import QtBot

from certain import some
from jolly_parlor.app import dialogs
from jolly_parlor.app.actions import ACTIONS, MENUS
from jolly_parlor.app.calculator import Calculator
from jolly_parlor.app.questions import FORECAST, Question
from jolly_parlor.app.theme import DAY, EVENING, Theme
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from processes import ran


def test_ids_and_shortcuts_are_unique_and_methods_exist() -> None:
    ids = [action.id for action in ACTIONS]
    keys = [QKeySequence(a.shortcut).toString() for a in ACTIONS if a.shortcut]
    assert len(ids) == len(set(ids))
    assert len(keys) == len(set(keys))
    assert all(keys)
    for action in ACTIONS:
        assert action.menu in MENUS
        assert callable(getattr(MainWindow, action.method))


def test_every_action_but_leaving_is_in_the_menus(window: MainWindow) -> None:
    shown = {a.objectName() for menu in window.menuBar().actions() for a in menu.menu().actions()}
    assert shown - {""} == {f"action-{a.id}" for a in ACTIONS}


def test_the_keys_page_lists_every_shortcut(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    pages = []
    monkeypatch.setattr(dialogs, "show_text", lambda *words: pages.append(words[2]))
    QTest.keyClick(window, Qt.Key.Key_F1, Qt.KeyboardModifier.ControlModifier)
    for action in ACTIONS:
        assert not action.shortcut or action.shortcut in pages[0]
    window.show_about()
    assert "GNU General Public License" in pages[1]
    assert "Open Font License" in pages[1]


@pytest.mark.usefixtures("at_forecast")
def test_the_stones_are_walked_by_keyboard_and_tell_their_state(window: MainWindow) -> None:
    window.stones.setFocus()
    QTest.keyClick(window.stones, Qt.Key.Key_Right)
    assert window.station == "takes"
    QTest.keyClick(window.stones, Qt.Key.Key_Left)
    assert window.station == "forecast"
    QTest.mouseClick(window.stones, Qt.MouseButton.LeftButton, pos=window.stones.stone(0).toPoint())
    assert window.station == "survey"
    assert "Takes: done" in window.stones.accessibleDescription()
    assert "Sign-off: untouched" in window.stones.accessibleDescription()


def test_everything_that_takes_input_can_be_reached_by_tab(window: MainWindow) -> None:
    reached, missed = 0, []
    for index in window.stations:
        window.go(index)
        page = window.stack.currentWidget()
        for kind in (QAbstractButton, QLineEdit, QComboBox):
            for widget in page.findChildren(kind):
                if widget.isVisible() and widget.isEnabled() and widget.parent() is not None:
                    inner = isinstance(widget.parent(), QComboBox)
                    if inner or widget.focusPolicy() & Qt.FocusPolicy.TabFocus:
                        reached += 1
                    else:
                        missed.append(widget.objectName())
    assert missed == [] and reached > 100


def _contrast(one: str, two: str) -> float:
    """Contrast ratio of WCAG 2.1."""

    def luminance(colour: str) -> float:
        parts = [int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5)]
        line = [p / 12.92 if p <= 0.03928 else ((p + 0.055) / 1.055) ** 2.4 for p in parts]
        return 0.2126 * line[0] + 0.7152 * line[1] + 0.0722 * line[2]

    high, low = sorted((luminance(one), luminance(two)), reverse=True)
    return (high + 0.05) / (low + 0.05)


@pytest.mark.parametrize("theme", [DAY, EVENING], ids=lambda t: t.name)
def test_text_is_legible_in_both_themes(theme: Theme) -> None:
    for ground in (theme.paper, theme.sheet, theme.band, theme.blush):
        for ink in (theme.ink, theme.soft, theme.wine):
            assert _contrast(ink, ground) >= 4.5, (theme.name, ink, ground)
    assert _contrast(theme.on_wine, theme.wine) >= 4.5
    for ink in (theme.teal, theme.ochre_edge):
        assert _contrast(ink, theme.sheet) >= 4.5


def test_only_the_newest_question_is_answered(qtbot: QtBot, kiln: Document) -> None:
    calculator = Calculator()
    answers: list[object] = []
    hold, begun = threading.Event(), threading.Event()

    def slow(models: object) -> str:
        begun.set()
        assert hold.wait(20)
        return "stale"

    try:
        calculator.ask(Question(FORECAST, kiln.room, kiln.gear, slow, answers.append))
        assert begun.wait(20)
        for number in range(20):
            asked = partial(lambda models, n: n, n=number)
            calculator.ask(Question(FORECAST, kiln.room, kiln.gear, asked, answers.append))
        hold.set()
        qtbot.waitUntil(lambda: not calculator.busy, timeout=20_000)
        qtbot.waitUntil(lambda: bool(answers), timeout=5_000)
    finally:
        hold.set()
        calculator.stop()
    assert answers == [19]


def test_a_refusal_of_the_core_reaches_the_window_as_words(qtbot: QtBot, kiln: Document) -> None:
    calculator = Calculator()
    said: list[str] = []

    def refuse(models: object) -> None:
        raise Refused("The seat is in the wall.")

    try:
        calculator.ask(Question(FORECAST, kiln.room, kiln.gear, refuse, print, said.append))
        qtbot.waitUntil(lambda: bool(said), timeout=20_000)
    finally:
        calculator.stop()
    assert said == ["The seat is in the wall."]


def test_every_station_fits_at_1280_by_800(window: MainWindow) -> None:
    window.resize(1280, 800)
    for index in some(window.stations):
        window.go(index)
        assert window.minimumSizeHint().width() <= 1280
        scroll = window.stations[index].scroll_area
        assert scroll.horizontalScrollBar().maximum() == 0, window.stations[index].name


def test_screenshots_on_a_real_display(tmp_path: Path) -> None:
    # The same window under an X server without a monitor.
    assert shutil.which("xvfb-run"), "scripts/setup.sh dev installs xvfb"
    environment = {**os.environ, "QT_QPA_PLATFORM": "xcb", "XDG_CONFIG_HOME": str(tmp_path)}
    names = ["forecast", "survey", "line-up", "takes"]  # with plots, a table, the plan
    only = [word for name in names for word in ("--only", name)]
    command = ["xvfb-run", "-a", "-s", "-screen 0 1400x900x24", sys.executable, "-m"]
    command += ["jolly_parlor", "screenshots", str(tmp_path / "shots"), *only]
    done = ran(command, 240, environment)
    assert done.returncode == 0, done.stderr
    pictures = sorted((tmp_path / "shots").glob("*.png"))
    assert {p.stem for p in pictures} == set(names)
    for path in pictures:
        image = QImage(str(path))
        assert (image.width(), image.height()) == (1280, 800)
        colours = {image.pixel(x, y) for x in range(0, 1280, 16) for y in range(0, 800, 16)}
        assert len(colours) > 8, f"{path.name} is blank"
