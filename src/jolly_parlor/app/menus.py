"""Menus and shortcuts from the table of actions."""

from __future__ import annotations

from functools import partial
from pathlib import Path

from PyQt6.QtGui import QAction, QKeySequence

from jolly_parlor.app.actions import ACTIONS, MENUS, Action
from jolly_parlor.app.parts import WindowParts
from jolly_parlor.app.widgets.entries import plain, tip
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.words import tr


class Menus:
    """One QAction for each row of the table."""

    def __init__(self, window: WindowParts, session: Workbench) -> None:
        self._window, self._session = window, session
        self.made: dict[str, QAction] = {}
        bar = window.menuBar()
        assert bar is not None
        menus = {title: bar.addMenu(key) for title, key in MENUS.items()}
        for row in ACTIONS:
            action = QAction(row.title, window)
            action.setObjectName(f"action-{row.id}")
            if row.shortcut:
                action.setShortcut(QKeySequence(row.shortcut))
            action.setCheckable(row.checked is not None)
            action.triggered.connect(partial(self._run, row))
            menu = menus[row.menu]
            assert menu is not None
            menu.addAction(action)
            self.made[row.id] = action
            if row.id == "feet":
                taken = menu.addMenu(tr("Copy or save what this page shows"))
                assert taken is not None
                taken.aboutToShow.connect(partial(window.pictures.fill, taken))
            if row.id == "open":
                self._recent = menu.addMenu(tr("Recent rooms"))
        assert self._recent is not None
        self._recent.aboutToShow.connect(self._fill_recent)
        self.refresh()

    def refresh(self) -> None:
        """Enable, check and name them as things stand."""
        history = self._session.history
        for row in ACTIONS:
            action = self.made[row.id]
            action.setEnabled(row.enabled(self._session))
            if row.checked is not None:
                action.setChecked(row.checked(self._session))
        undo = (
            tr("Undo: {undo_label}", undo_label=history.undo_label)
            if history.undo_label
            else tr("Undo")
        )
        self.made["undo"].setText(plain(undo))
        redo = (
            tr("Redo: {redo_label}", redo_label=history.redo_label)
            if history.redo_label
            else tr("Redo")
        )
        self.made["redo"].setText(plain(redo))

    def _fill_recent(self) -> None:
        """The documents of late, by name; of two alike the folder is told too."""
        assert self._recent is not None
        self._recent.clear()
        paths = [Path(one.path) for one in self._session.settings.values.recent]
        names = [path.stem for path in paths]
        for path in paths:
            alike = names.count(path.stem) > 1
            action = self._recent.addAction(
                plain(
                    tr("{stem}, in {name}", stem=path.stem, name=path.parent.name)
                    if alike
                    else path.stem
                )
            )
            assert action is not None
            action.setToolTip(tip(str(path)))
            action.triggered.connect(partial(self._window.open_dropped, path))
        if not paths:
            nothing = self._recent.addAction(tr("None yet"))
            assert nothing is not None
            nothing.setEnabled(False)

    def _run(self, row: Action) -> None:
        method = getattr(self._window, row.method)
        if row.argument is None:
            method()
        else:
            method(row.argument)
