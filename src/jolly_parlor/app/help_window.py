"""The guide beside the window: F1 opens the page of the station one is at."""

from __future__ import annotations

import re
from pathlib import Path

from PyQt6.QtCore import Qt, QUrl
from PyQt6.QtGui import QKeySequence, QShortcut, QTextCharFormat, QTextCursor, QTextDocument
from PyQt6.QtWidgets import (
    QDialog,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QSplitter,
    QTextBrowser,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.app import theme
from jolly_parlor.app.widgets.entries import label, named_button, text_field
from jolly_parlor.assets import HELP
from jolly_parlor.words import language, tr

ORDER = (
    "index",
    "tutorial",
    "survey",
    "gear",
    "lineup",
    "forecast",
    "takes",
    "compare",
    "hear",
    "finetune",
    "subs",
    "signoff",
    "evenness",
    "measuring",
    "how-sure",
    "glossary",
    "cautions",
)
"""Pages as the list has them; a station's page is named by its id."""


class HelpWindow(QDialog):
    """Pages at the left, the page at the right; links lead from one to the other."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("The guide"))
        self.setObjectName("guide")
        self.setWindowFlag(Qt.WindowType.WindowMaximizeButtonHint)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(12, 10, 12, 12)
        row = QHBoxLayout()
        self.back = named_button("‹ Back", "guide-back", lambda: self.page.backward())
        self.ahead = named_button(tr("Ahead ›"), "guide-ahead", lambda: self.page.forward())
        self.wanted = text_field()
        self.wanted.setObjectName("guide-find")
        self.wanted.setAccessibleName(tr("Find in the guide"))
        self.wanted.setPlaceholderText(tr("Find in the guide"))
        self.wanted.returnPressed.connect(self._find)
        self.told: QLabel = label("", "soft")
        for widget in (self.back, self.ahead, self.wanted, self.told):
            row.addWidget(widget, int(widget is self.wanted))
        layout.addLayout(row)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Pages of the guide"))
        self.list.setMaximumWidth(220)
        for name in ORDER:
            item = QListWidgetItem(_title(name))
            item.setData(Qt.ItemDataRole.UserRole, name)
            self.list.addItem(item)
        self.page = QTextBrowser()
        self.page.setObjectName("guide-page")
        self.page.setAccessibleName(tr("Page of the guide"))
        self.page.setOpenExternalLinks(False)
        self.page.document().setDefaultFont(theme.sans(11))  # type: ignore[union-attr]
        self.page.setSearchPaths([str(_pages()), str(HELP)])
        self.page.sourceChanged.connect(self._came)
        split = QSplitter()
        split.addWidget(self.list)
        split.addWidget(self.page)
        split.setStretchFactor(1, 1)
        split.setSizes([210, 880])
        layout.addWidget(split, 1)
        self.list.currentItemChanged.connect(lambda item, _: self._chosen(item))
        self.page.backwardAvailable.connect(self.back.setEnabled)
        self.page.forwardAvailable.connect(self.ahead.setEnabled)
        for button in (self.back, self.ahead):
            button.setEnabled(False)
            button.setAutoDefault(False)
        find = QShortcut(QKeySequence.StandardKey.Find, self)
        find.activated.connect(self.wanted.setFocus)
        self.resize(1120, 760)

    def show_page(self, name: str) -> None:
        wanted = name if name in ORDER else "index"
        self.page.setSource(QUrl(f"{wanted}.md"), QTextDocument.ResourceType.MarkdownResource)
        self.show()
        self.raise_()
        self.activateWindow()
        self.page.setFocus(Qt.FocusReason.OtherFocusReason)

    def _chosen(self, item: QListWidgetItem | None) -> None:
        if item is not None:
            name = str(item.data(Qt.ItemDataRole.UserRole))
            if self.page.source().fileName() != f"{name}.md":
                kind = QTextDocument.ResourceType.MarkdownResource
                self.page.setSource(QUrl(f"{name}.md"), kind)

    def _came(self, source: QUrl) -> None:
        name = Path(source.fileName()).stem
        if name in ORDER:
            self.list.setCurrentRow(ORDER.index(name))
        self._dress()

    def _dress(self) -> None:
        """Headings in the typeface of names and verdicts."""
        document = self.page.document()
        assert document is not None
        block = document.begin()
        while block.isValid():
            level = block.blockFormat().headingLevel()
            if level:
                dressed = QTextCharFormat()
                dressed.setFont(theme.serif(19 if level == 1 else 14))
                dressed.setForeground(theme.current().colour("wine"))
                cursor = QTextCursor(block)
                cursor.select(QTextCursor.SelectionType.BlockUnderCursor)
                cursor.mergeCharFormat(dressed)
            block = block.next()

    def _find(self) -> None:
        """On this page from the cursor on, then on the pages after it, round and round."""
        text = self.wanted.text().strip()
        if not text or self.page.find(text):
            self.told.setText("")
            return
        here = ORDER.index(Path(self.page.source().fileName()).stem)
        for step in range(1, len(ORDER) + 1):
            name = ORDER[(here + step) % len(ORDER)]
            if text.casefold() in _plain_text(name).casefold():
                kind = QTextDocument.ResourceType.MarkdownResource
                self.page.setSource(QUrl(f"{name}.md"), kind)
                if self.page.find(text):
                    self.told.setText("")
                    return
        self.told.setText(tr("Not in the guide."))


def _pages() -> Path:
    """The folder of the pages in the language in force; in English where there are none."""
    own = HELP / language()
    return own if own.is_dir() else HELP


def _title(name: str) -> str:
    return (_pages() / f"{name}.md").read_text("utf-8").partition("\n")[0].removeprefix("# ")


def _plain_text(name: str) -> str:
    """As it is read: without links' targets and stars."""
    text = (_pages() / f"{name}.md").read_text("utf-8")
    return re.sub(r"\]\([^)]*\)|[*\[\]]", "", text).replace("\n", " ")
