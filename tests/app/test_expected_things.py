"""What people expect on their desktop: preferences, steps to look at, paper, exports."""

from pathlib import Path

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtGui import QImage, QPainter
from PyQt6.QtPrintSupport import QPrinter
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QComboBox, QDialog, QListWidget, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import in_dialog, settled
from jolly_parlor import defects
from jolly_parlor.app import dialogs, printing, theme
from jolly_parlor.app.printing import Printed
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import catch_defects
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.files import open_project


def _prefer(window: MainWindow, name: str, words: str) -> None:
    def do(dialog: QDialog) -> None:
        box = dialog.findChild(QComboBox, f"prefer-{name}")
        box.setFocus()
        while box.currentText() != words:
            before = box.currentIndex()
            QTest.keyClick(box, Qt.Key.Key_Down)
            assert box.currentIndex() != before, f"no {words}"

    in_dialog(do)
    window.show_preferences()


def test_preferences_count_at_once_and_outlive_the_session(
    qtbot: QtBot, window: MainWindow, tmp_path: Path
) -> None:
    _prefer(window, "theme", "Evening")
    qtbot.wait(1)
    assert theme.current() is theme.EVENING
    _prefer(window, "units", "Feet and inches")
    assert window.settings.values.usual_paper == "letter"
    _prefer(window, "paper", "A4")
    _prefer(window, "level_limit_db", "−24 dB full scale")
    window.go("finetune")
    settled(qtbot, window)
    player = window.finetune.player
    player.louder(20)
    assert player.output_db == -24.0
    again = SettingsStore(tmp_path / "settings.json").values
    assert (again.theme, again.units, again.paper) == ("evening", "imperial", "a4")
    assert again.level_limit_db == -24.0


def test_takes_measured_are_kept_where_one_wishes(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    folder = tmp_path / "takes"
    monkeypatch.setattr(dialogs, "ask_folder", lambda *_: folder)
    in_dialog(lambda d: d.findChild(QPushButton, "prefer-takes").click())
    window.show_preferences()
    assert window.settings.values.takes_folder == str(folder)
    window.takes.measure._also_keep()  # as after each take
    assert {path.suffix for path in folder.iterdir()} >= {".csv", ".txt"}
    folder.chmod(0o755)
    window.settings.change(takes_folder=str(tmp_path / "takes" / next(folder.iterdir()).name))
    window.takes.measure._also_keep()
    assert "in the document only" in window.notice_text.text()


def test_steps_are_looked_at_and_gone_to(qtbot: QtBot, window: MainWindow) -> None:
    session = window.session
    before = session.document
    window.copy()
    window.pick()
    after = session.document
    seen: list[str] = []

    def back(dialog: QDialog) -> None:
        steps = dialog.findChild(QListWidget)
        seen.extend(steps.item(n).text() for n in range(steps.count()))
        assert steps.currentRow() == 2
        steps.setCurrentRow(0)
        press_in(dialog, "go-there")

    in_dialog(back)
    window.show_steps()
    assert seen[0] == "As opened" and seen[1].startswith("Copy") and seen[2].startswith("Pick")
    assert session.document.arrangements == before.arrangements

    def ahead(dialog: QDialog) -> None:
        steps = dialog.findChild(QListWidget)
        assert steps.currentRow() == 0 and steps.item(2).font().italic()
        steps.setCurrentRow(2)
        QTest.keyClick(steps, Qt.Key.Key_Return)

    in_dialog(ahead)
    window.show_steps()
    assert session.document.chosen == after.chosen
    assert len(session.document.arrangements) == len(after.arrangements)


def press_in(dialog: QDialog, name: str) -> None:
    button = dialog.findChild(QPushButton, name)
    QTest.mouseClick(button, Qt.MouseButton.LeftButton)


def test_all_takes_are_exported_from_the_window(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(dialogs, "ask_folder", lambda *_: tmp_path / "out")
    window.export_takes()
    made = list((tmp_path / "out").iterdir())
    assert len(made) > 2 * len(window.session.document.takes)
    assert f"{len(made)} files written into out" in window.notice_text.text()


def test_the_card_is_seen_before_it_is_printed(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    shown: list[Printed] = []
    monkeypatch.setattr(printing.Printed, "preview", lambda self, parent: shown.append(self))
    window.print_card()
    printed = shown[0]
    assert printed.document.pageCount() >= 1
    printer = printed.printer()
    printer.setOutputFormat(QPrinter.OutputFormat.PdfFormat)
    printer.setOutputFileName(str(tmp_path / "out.pdf"))
    printed.paint(printer)
    again = Printed(tmp_path / "out.pdf", "a4")
    assert again.document.pageCount() == printed.document.pageCount()
    size = again.document.pagePointSize(0)
    assert (round(size.width()), round(size.height())) == (595, 842)
    page = again.document.render(0, size.toSize())
    paper = QImage(page.size(), QImage.Format.Format_RGB32)
    paper.fill(Qt.GlobalColor.white)
    painter = QPainter(paper)
    painter.drawImage(0, 0, page)
    painter.end()
    dark = sum(
        paper.pixelColor(x, y).lightness() < 128
        for x in range(0, paper.width(), 3)
        for y in range(0, paper.height(), 3)
    )
    assert dark > 100


def test_a_defect_in_the_window_is_logged_told_and_loses_nothing(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    import sys

    monkeypatch.setattr(defects, "log_path", lambda: tmp_path / "defects.log")
    monkeypatch.setattr(sys, "excepthook", sys.excepthook)
    catch_defects(window.say, window.safety.write)
    window.pick()
    try:
        raise ZeroDivisionError("a defect")
    except ZeroDivisionError as error:
        sys.excepthook(type(error), error, error.__traceback__)
    assert "ZeroDivisionError" in (tmp_path / "defects.log").read_text("utf-8")
    assert str(tmp_path / "defects.log") in window.notice_text.text()
    assert open_project(window.safety.path).project.document.chosen is not None


def test_a_crash_writes_where_it_was_and_is_told_the_next_time(tmp_path: Path) -> None:
    import subprocess
    import sys

    log = tmp_path / "state" / "crash.log"
    code = (
        "import ctypes, sys; from pathlib import Path; from jolly_parlor import defects; "
        "print(defects.watch_for_crashes(Path(sys.argv[1])), flush=True); "
        "len(sys.argv) > 2 and ctypes.string_at(0)"
    )

    def run(*words: object) -> str:
        done = subprocess.run(
            [sys.executable, "-c", code, *map(str, words)],
            capture_output=True,
            text=True,
            timeout=60,
            check=False,
        )
        return done.stdout.strip()

    assert run(log) == "None"
    assert run(log, "crash") == "None"
    assert run(log) == str(log.with_name("crash-before.log"))
    assert "string_at" in log.with_name("crash-before.log").read_text("utf-8")
    assert run(log) == "None"
