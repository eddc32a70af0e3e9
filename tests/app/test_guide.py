"""The guide: opened where one is, led on by links, found in; and as its sources say."""

import re
import sys

import pytest
from PyQt6.QtCore import Qt, QUrl
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QDialog, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import in_dialog, settled
from jolly_parlor.app.help_window import ORDER, HelpWindow
from jolly_parlor.app.judging_dialog import JudgingDialog
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.window import MainWindow
from jolly_parlor.assets import HELP
from places import ROOT
from processes import ran


def _text(guide: HelpWindow) -> str:
    return guide.page.toPlainText()


def test_f1_opens_the_page_of_the_station(qtbot: QtBot, window: MainWindow) -> None:
    for station in WALK:
        window.go(station)
        settled(qtbot, window)
        window.activateWindow()
        qtbot.waitUntil(window.isActiveWindow)
        QTest.keyClick(window, Qt.Key.Key_F1)
        assert window.guide is not None and window.guide.isVisible()
        assert _text(window.guide).startswith(WALK[station].name), station
        row = window.guide.list.currentRow()
        assert ORDER[row] == station
        window.guide.close()


def test_every_page_is_read_with_its_pictures_and_links(qtbot: QtBot, window: MainWindow) -> None:
    guide = HelpWindow(window)
    qtbot.addWidget(guide)
    pictures = 0
    for name in ORDER:
        guide.show_page(name)
        assert len(_text(guide)) > 100, name
        text = (HELP / f"{name}.md").read_text("utf-8")
        for part in text.split("](")[1:]:
            target = part.partition(")")[0]
            assert (HELP / target).is_file(), f"{name} leads to {target}"
        for picture in re.findall(r"\]\(([^)]+\.png)\)", text):
            kind = guide.page.document().ResourceType.ImageResource.value
            assert guide.page.loadResource(kind, QUrl(picture)) is not None
            pictures += 1
        assert "{" not in text, name
    assert pictures > 5


def test_links_back_and_ahead(qtbot: QtBot, window: MainWindow) -> None:
    guide = HelpWindow(window)
    qtbot.addWidget(guide)
    guide.show_page("index")
    guide.page.anchorClicked.emit(QUrl("evenness.md"))
    guide.page.setSource(QUrl("evenness.md"), guide.page.document().ResourceType.MarkdownResource)
    assert ORDER[guide.list.currentRow()] == "evenness"
    QTest.mouseClick(guide.back, Qt.MouseButton.LeftButton)
    assert ORDER[guide.list.currentRow()] == "index"
    QTest.mouseClick(guide.ahead, Qt.MouseButton.LeftButton)
    assert ORDER[guide.list.currentRow()] == "evenness"
    guide.list.setCurrentRow(ORDER.index("cautions"))
    assert _text(guide).startswith("Cautions")


def test_words_are_found_from_page_to_page(qtbot: QtBot, window: MainWindow) -> None:
    guide = HelpWindow(window)
    qtbot.addWidget(guide)
    guide.show_page("index")
    QTest.keyClicks(guide.wanted, "loop-back")
    QTest.keyClick(guide.wanted, Qt.Key.Key_Return)
    assert ORDER[guide.list.currentRow()] == "measuring"
    assert guide.page.textCursor().selectedText().lower() == "loop-back"
    guide.wanted.setText("zzyzx")
    QTest.keyClick(guide.wanted, Qt.Key.Key_Return)
    assert guide.told.text() == "Not in the guide."


def test_what_is_this_figure_leads_to_the_worked_example(qtbot: QtBot, window: MainWindow) -> None:
    def do(dialog: QDialog) -> None:
        button = dialog.findChild(QPushButton, "judging-example")
        QTest.mouseClick(button, Qt.MouseButton.LeftButton)

    in_dialog(do)
    JudgingDialog(window, window.session).exec()
    assert window.guide is not None
    assert "√(105.0 / 6) = 4.18 dB" in _text(window.guide)


def test_pages_figures_and_site_are_as_their_script_makes_them() -> None:
    done = ran([sys.executable, ROOT / "scripts" / "make_help.py", "--check"])
    assert done.returncode == 0, done.stderr


@pytest.mark.parametrize("name", ["index", "evenness", "tutorial"])
def test_the_site_is_the_same_in_a_browser(name: str) -> None:
    page = (ROOT / "docs" / "guide" / f"{name}.html").read_text("utf-8")
    assert "<h1>" in page and ".md" not in page and "http" not in page
    for part in page.split('src="')[1:]:
        assert (ROOT / "docs" / "guide" / part.partition('"')[0]).resolve().is_file()
