"""Walks the window in the pseudo-language and prints every word that no translation reaches.

Run as a program of its own: the language is settled before anything is loaded.
"""

import os
import re
import sys
from pathlib import Path

os.environ["JOLLY_PARLOR_LANGUAGE"] = "pseudo"
sys.path.insert(0, str(Path(__file__).resolve().parent.parent))

from collections.abc import Iterator

import pytest
from PyQt6.QtGui import QAction
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import (
    QAbstractButton,
    QComboBox,
    QLabel,
    QLineEdit,
    QTabBar,
    QTableWidget,
    QWidget,
)

from jolly_parlor.app import theme
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.widgets.entries import Choice
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document
from jolly_parlor.project.history import Project
from jolly_parlor.words import spoken
from places import EXAMPLES
from quick_field import use_quick_fields
from short_pieces import use_short_pieces

_TRANSLATED = re.compile(r"⟦[^⟦⟧]*⟧")
_MARKUP = re.compile(r"<[^>]+>|&\w+;")
_WORD = re.compile(r"[A-Za-zäöüß]{2,}")
_NO_LANGUAGE = re.compile(
    r"\b(dB|ms|cm|Jolly|Parlor|Hz|kHz|Ctrl|Shift|Alt|Esc|Enter|Return|Del|Linkwitz|Butterworth|NIOSH|WAV|"
    r"CSV|PDF|FLAC|Levitt|ITU|EBU|Tech|Eyring|SPL|json|JSON|Fraunces|Source Sans|Waterhouse|"
    r"Allison|Schroeder|dBA|Page Up|Page Down|Up|Down)\b"
)


def names_of(document: Document) -> list[str]:
    """What the user has named, longest first."""
    gear = document.gear
    names = {document.room.name, *(w.name for w in document.room.walls)}
    names |= {a.name for a in document.arrangements} | {a.rule for a in document.arrangements}
    names |= {seat.name for seat in gear.seats} | {one.id for one in gear.loudspeakers}
    names |= {model.name for model in gear.models}
    names |= {take.info.file_name for take in document.takes}
    names |= {note for take in document.takes for note in take.info.notes}
    names |= {k.name for k in document.room.keep_outs} | {t.name for t in document.room.things}
    return sorted((name for name in names if name), key=len, reverse=True)


def english_in(text: str, names: list[str]) -> str:
    """What is left of a text once all that may stay is taken out."""
    left = text
    while (shorter := _TRANSLATED.sub(" ", left)) != left:
        left = shorter
    left = _MARKUP.sub(" ", left)
    for name in names:
        left = left.replace(name, " ")
    left = _NO_LANGUAGE.sub(" ", left)
    words = [word for word in _WORD.findall(left) if spoken(word) == word]
    return " ".join(words)


def texts_of(window: MainWindow) -> Iterator[tuple[str, str]]:
    """All that is seen, pointed at or read aloud, with where it is."""
    for widget in window.findChildren(QWidget):
        where = f"{type(widget).__name__} {widget.objectName()}"
        if isinstance(widget, QLabel | QAbstractButton):
            yield where, widget.text()
        if isinstance(widget, QComboBox):
            yield from ((where, widget.itemText(n)) for n in range(widget.count()))
        if isinstance(widget, QLineEdit):
            yield where, widget.placeholderText()
        if isinstance(widget, QTabBar):
            yield from ((where, widget.tabText(n)) for n in range(widget.count()))
        if isinstance(widget, QTableWidget):
            for column in range(widget.columnCount()):
                head = widget.horizontalHeaderItem(column)
                yield where, head.text() if head is not None else ""
        yield f"tip of {where}", widget.toolTip()
        if not widget.objectName() or widget.objectName() != widget.accessibleName():
            yield f"name of {where}", widget.accessibleName()
        yield f"description of {where}", widget.accessibleDescription()
    for action in window.findChildren(QAction):
        if action.objectName():  # the plotting library has one of its own that is never shown
            yield f"action {action.objectName()}", action.text()


def main() -> None:
    """Walk, look, print."""
    app = application()
    theme.apply(app, theme.DAY)
    patch = pytest.MonkeyPatch()
    use_quick_fields(patch)  # words are the same in any field, of any length
    use_short_pieces(patch)
    document = open_document(EXAMPLES / sys.argv[2])
    folder = Path(sys.argv[1])
    window = MainWindow(
        Project(document), None, SettingsStore(folder / "s.json"), folder / "unsaved"
    )
    window.show()
    names = names_of(document)
    found: dict[str, str] = {}
    read: set[str] = set()

    def look() -> None:
        for _ in range(4):
            while window.session.calculating:
                QTest.qWait(5)
            app.processEvents()
        for where, text in texts_of(window):
            if text in read:
                continue
            read.add(text)
            if left := english_in(text, names):
                found.setdefault(left, f"{where}: {text[:90]}")

    for station in WALK:
        window.go(station)
        look()
        page = window.stack.currentWidget()
        for choice in page.findChildren(Choice) if page is not None else []:
            if choice.objectName().endswith("-page"):
                for button in choice.buttons.values():
                    if button.isVisible() and button.isEnabled():
                        button.click()
                        look()
    for left, where in sorted(found.items()):
        sys.stdout.write(f"{left!r} in {where!r}\n")
    window.session.history.saved()
    window.close()


if __name__ == "__main__":
    main()
