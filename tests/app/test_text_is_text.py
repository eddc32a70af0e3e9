"""What a document says is text: no markup in it is followed, wherever it is shown."""

from collections.abc import Callable
from dataclasses import replace

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtGui import QAction, QTextDocument
from PyQt6.QtWidgets import QLabel, QWidget
from pytestqt.qtbot import QtBot

from helpers_app import settled
from jolly_parlor.app.actions import ACTIONS
from jolly_parlor.app.widgets.entries import tip
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import rename_arrangement, set_room
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.report.card import build_card
from jolly_parlor.report.card_file import card_html

WILD = "<b>B</b><a href='http://x'>l</a>"
STATIONS = [action.argument for action in ACTIONS if action.method == "go"]


@pytest.fixture
def wild(demo: Document) -> Document:
    """Everything that has a name is called by markup."""
    d = set_room(demo, replace(demo.room, name=WILD, notes=WILD))
    for n, a in enumerate(demo.arrangements):
        d = rename_arrangement(d, a.name, f"{WILD}{n}")
    seats = tuple(replace(s, name=f"{WILD}{n}") for n, s in enumerate(d.gear.seats))
    d = set_gear(d, replace(d.gear, seats=seats))
    every = tuple(
        one if one.id in ("left", "right") else replace(one, id=f"{WILD}{n}")
        for n, one in enumerate(d.gear.loudspeakers)
    )
    return set_gear(d, replace(d.gear, loudspeakers=every))


def is_followed(label: QLabel) -> bool:
    rich = label.textFormat() == Qt.TextFormat.RichText
    guessed = label.textFormat() == Qt.TextFormat.AutoText and Qt.mightBeRichText(label.text())
    return rich or guessed


@pytest.mark.parametrize("station", STATIONS)
def test_no_label_follows_markup_of_a_document(
    open_window: Callable[..., MainWindow], wild: Document, qtbot: QtBot, station: str
) -> None:
    window = open_window(wild)
    window.go(station)
    settled(qtbot, window)
    told = [one for one in window.findChildren(QLabel) if "<b>B</b>" in one.text()]
    assert not [one.text() for one in told if is_followed(one)]
    tips = [one.toolTip() for one in window.findChildren(QWidget)]
    tips += [one.toolTip() for one in window.findChildren(QAction)]
    assert not [one for one in tips if "<b>B</b>" in one]
    assert told or station in ("gear", "hear", "takes", "survey", "signoff", "finetune")


def test_a_tip_is_shown_as_it_is_written() -> None:
    shown = QTextDocument()
    shown.setHtml(tip(f"{WILD}\nmore"))
    assert shown.toPlainText() == f"{WILD}\nmore"


def test_card_and_report_hold_names_as_text(wild: Document) -> None:
    page = card_html(build_card(wild, wild.arrangements[0].name))
    assert "<b>B</b>" not in page and "<a href" not in page
    assert "&lt;b&gt;B" in page
