"""Where the window was, what it held, and how it is found again."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PyQt6.QtCore import QByteArray, Qt
from PyQt6.QtWidgets import QMainWindow, QSplitter

from jolly_parlor.app.one_window import SingleInstance
from jolly_parlor.app.settings import SettingsStore

LEAST_PLAN, _MOST_PLAN, _SHARE = 230, 384, 0.3
"""Of the plan: pixels, and its share of a window."""


class WindowPlace:
    """Size, place and splitter are kept for the next start; for each document, its station."""

    def __init__(
        self,
        window: QMainWindow,
        split: QSplitter,
        settings: SettingsStore,
        at: Callable[[], tuple[Path | None, str]],
    ) -> None:
        """at: the document's path, and the station somebody is at."""
        self._window, self._split, self._settings, self._at = window, split, settings, at
        self._by_hand = False
        split.splitterMoved.connect(self._moved)
        self._instance = SingleInstance(window, self.come_forward)

    def restore(self) -> None:
        """As it was left; where a screen is gone, Qt finds the nearest place."""
        kept = self._settings.values
        if kept.geometry:
            self._window.restoreGeometry(_bytes(kept.geometry))
        if kept.split:
            self._split.restoreState(_bytes(kept.split))
            self._by_hand = True

    def share(self, wide: int) -> None:
        """Plan and page of a window so wide, unless somebody has moved what is between them."""
        if not self._by_hand:
            plan = round(min(max(wide * _SHARE, LEAST_PLAN), _MOST_PLAN))
            self._split.setSizes([plan, max(wide - plan, 1)])

    def _moved(self, at: int, index: int) -> None:
        self._by_hand = True

    def keep(self) -> None:
        self._settings.change(
            geometry=_text(self._window.saveGeometry()),
            split=_text(self._split.saveState()) if self._by_hand else "",
        )
        self.remember()
        self._instance.take_down()

    def remember(self) -> None:
        """The document is a recent one, with the station somebody is at; and can be knocked at."""
        path, station = self._at()
        self._instance.hang(path)
        if path is not None:
            self._settings.visited(path, station)

    def come_forward(self) -> None:
        """Somebody opens what this window has."""
        window = self._window
        window.setWindowState(window.windowState() & ~Qt.WindowState.WindowMinimized)
        window.raise_()
        window.activateWindow()


def _text(kept: QByteArray) -> str:
    return bytes(kept.toBase64().data()).decode("ascii")


def _bytes(text: str) -> QByteArray:
    return QByteArray.fromBase64(text.encode("ascii", "replace"))
