"""The window for everybody: contrast computed from the theme (WCAG 2.2 AA, the formulas of relative
luminance and contrast ratio from memory of the recommendation), focus, names, and the keyboard.
"""

from dataclasses import replace

import pytest
from PyQt6.QtCore import QPoint, QRect, Qt
from PyQt6.QtGui import QColor, QGuiApplication, QPainter, QPixmap
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import (
    QAbstractButton,
    QAbstractScrollArea,
    QAbstractSpinBox,
    QCheckBox,
    QComboBox,
    QHBoxLayout,
    QPushButton,
    QScrollArea,
    QSplitter,
    QToolButton,
    QWidget,
)
from pytestqt.qtbot import QtBot

from certain import some
from helpers_app import settled
from jolly_parlor.app import theme
from jolly_parlor.app.plan.painting import PlanPainter
from jolly_parlor.app.start import application
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.widgets.entries import Choice, choice_field, text_field
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import RIGHT
from jolly_parlor.placement.names import named
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.edits import add_arrangement


def luminance(colour: QColor) -> float:
    parts = (colour.redF(), colour.greenF(), colour.blueF())
    red, green, blue = (c / 12.92 if c <= 0.04045 else ((c + 0.055) / 1.055) ** 2.4 for c in parts)
    return 0.2126 * red + 0.7152 * green + 0.0722 * blue


def contrast(one: QColor, other: QColor) -> float:
    light, dark = sorted((luminance(one), luminance(other)), reverse=True)
    return (light + 0.05) / (dark + 0.05)


def test_the_formula_gives_the_ratios_that_are_known() -> None:
    # Black on white is 21; #767676 is the lightest grey that passes on white (well known).
    assert contrast(QColor("black"), QColor("white")) == pytest.approx(21.0)
    assert contrast(QColor("#767676"), QColor("white")) == pytest.approx(4.54, abs=0.01)
    assert contrast(QColor("#777777"), QColor("white")) < 4.5


@pytest.mark.parametrize("colours", theme.THEMES.values(), ids=lambda t: t.name)
@pytest.mark.parametrize(
    ("pairs", "least"), [(theme.TEXT_ON, 4.5), (theme.MARKS_ON, 3.0)], ids=["text", "marks"]
)
def test_what_is_written_and_drawn_stands_out(colours, pairs, least: float) -> None:
    for what, grounds in some(pairs.items()):
        for ground in some(grounds):
            found = contrast(colours.colour(what), colours.colour(ground))
            assert found >= least, f"{what} on {ground}: {found:.2f}"


@pytest.fixture(params=theme.THEMES)
def dressed(request: pytest.FixtureRequest, qapp: object):
    theme.apply(application(), theme.THEMES[request.param])
    yield theme.THEMES[request.param]
    theme.apply(application(), theme.DAY)


def _kinds() -> dict[str, QWidget]:
    plain, strong, quiet = QPushButton("Search"), QPushButton("Search"), QPushButton("Search")
    strong.setProperty("strong", True)
    quiet.setProperty("quiet", True)
    chosen = Choice([("a", "One"), ("b", "Other")], "choice")
    chosen.show_value("a")
    tool = QToolButton()
    tool.setText("‹")
    return {
        "plain": plain,
        "strong": strong,
        "quiet": quiet,
        "chosen": chosen.buttons["a"],
        "not chosen": chosen.buttons["b"],
        "field": text_field("3.42 m"),
        "choice": choice_field("kind", ["One", "Other"]),
        "box": QCheckBox("Keep alike"),
        "tool": tool,
    }


@pytest.mark.parametrize(
    "name",
    ["plain", "strong", "quiet", "chosen", "not chosen", "field", "choice", "box", "tool"],
)
def test_focus_is_seen(qtbot: QtBot, dressed: theme.Theme, name: str) -> None:
    page = QWidget()
    page.setObjectName("page")
    row = QHBoxLayout(page)
    first = QPushButton("First")
    row.addWidget(first)
    kinds = _kinds()
    widget = kinds[name]
    row.addWidget(widget.parentWidget() or widget)
    qtbot.addWidget(page)
    page.show()
    page.activateWindow()
    qtbot.waitUntil(page.isActiveWindow)
    first.setFocus()
    at = QRect(widget.mapTo(page, QPoint(0, 0)), widget.size())
    before = page.grab(at).toImage()
    widget.setFocus(Qt.FocusReason.TabFocusReason)
    after = page.grab(at).toImage()
    changed = sum(
        contrast(before.pixelColor(x, y), after.pixelColor(x, y)) >= 3.0
        for x in range(after.width())
        for y in range(after.height())
    )
    # As much as a line one pixel thick along its shorter side, twice over.
    assert changed >= 2 * min(after.width(), after.height()), f"{changed} pixels change"


def test_the_desktop_turning_dark_is_followed(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    assert theme.current() is theme.DAY
    hints = QGuiApplication.styleHints()
    monkeypatch.setattr(theme, "desktop_is_dark", lambda: True)
    hints.colorSchemeChanged.emit(Qt.ColorScheme.Dark)
    assert theme.current() is theme.EVENING
    window.toggle_theme()  # what somebody chooses stands
    assert theme.current() is theme.DAY
    hints.colorSchemeChanged.emit(Qt.ColorScheme.Dark)
    assert theme.current() is theme.DAY


def test_nudges_in_a_row_are_one_step_back_and_one_entry(qtbot: QtBot, window: MainWindow) -> None:
    session, plan = window.session, window.plan
    plan.setFocus()
    session.select(RIGHT)
    session.keep_alike(False)
    before, entries = session.document, len(session.history.ledger)
    for _ in range(5):
        QTest.keyClick(plan, Qt.Key.Key_Right)
    a = session.arrangement
    assert a.right.x == pytest.approx(before.arrangements[0].right.x + 0.05, abs=6e-4)
    assert len(session.history.ledger) == entries + 1
    assert "5 cm" in session.history.ledger[-1].text
    plan._nudged -= 2.0  # a pause
    QTest.keyClick(plan, Qt.Key.Key_Down)
    assert len(session.history.ledger) == entries + 2
    window.undo()
    assert session.document.arrangements[0] == a
    window.undo()
    assert session.document is before
    # What comes between ends a series.
    QTest.keyClick(plan, Qt.Key.Key_Right)
    window.pick()
    QTest.keyClick(plan, Qt.Key.Key_Right)
    window.undo()
    assert session.document.chosen is not None


def test_a_found_one_is_called_by_where_it_goes_while_it_is_nudged(
    qtbot: QtBot, window: MainWindow
) -> None:
    session, plan = window.session, window.plan
    found = replace(session.document.arrangements[0], school="search", grading=None)
    room, gear = session.document.room, session.document.gear
    assert session.do("Add", lambda d: add_arrangement(d, named(Setup(room, gear, found))))
    session.show_arrangement(session.document.arrangements[-1].name)
    before = session.arrangement
    plan.setFocus()
    session.select(RIGHT)
    names = set()
    for _ in range(3):  # of one series, each with another name
        QTest.keyClick(plan, Qt.Key.Key_Down)
        where = session.arrangement.left.y - room.frame.front
        assert session.arrangement.name == f"Search, moved, monitors {where:.2f} m"
        assert window.arrangement_name.text() == session.arrangement.name
        names.add(session.arrangement.name)
    assert len(names) == 3
    window.undo()
    assert session.arrangement == before
    window.redo()
    assert session.arrangement.name.startswith("Search, moved, ")


def test_the_right_monitor_is_not_behind_its_own_number(qtbot: QtBot, window: MainWindow) -> None:
    session, plan = window.session, window.plan
    for name in some(a.name for a in session.document.arrangements):
        session.show_arrangement(name)
        settled(qtbot, window)
        ground = QPixmap(plan.size())
        with QPainter(ground) as painter:
            gear = session.document.gear
            drawn = PlanPainter(painter, plan.unfolded, gear, "metric")
            x = drawn.beside_right(session.arrangement)
        model, scale = gear.model_of("right"), plan.unfolded.scale
        away = abs(x - session.arrangement.right.x) * scale
        assert away >= 23 + max(model.width, model.depth) * scale / 2, name


def test_every_control_has_a_name(qtbot: QtBot, window: MainWindow) -> None:
    nameless = []
    for station in WALK:
        window.go(station)
        settled(qtbot, window)
        page = window.stations[station]
        for part in getattr(page, "sheets", {"": None}):
            if part:
                page.show_page(part)
            nameless += [
                f"{station} {part}: {type(w).__name__} {w.objectName()}"
                for w in window.findChildren(QWidget)
                if w.isVisible() and w.focusPolicy() != Qt.FocusPolicy.NoFocus and not _named(w)
            ]
    assert nameless == []


def _named(widget: QWidget) -> bool:
    """Whether a screen reader has a name to say; parts of another control speak through it."""
    if isinstance(widget, QScrollArea | QSplitter) or widget.parent() is None:
        return True
    if isinstance(widget.parent(), QAbstractSpinBox | QAbstractScrollArea | QComboBox):
        return True
    text = widget.text() if isinstance(widget, QAbstractButton) else ""
    return bool(widget.accessibleName().strip() or text.strip())
