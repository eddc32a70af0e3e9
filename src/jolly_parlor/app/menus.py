"""Menus and shortcuts from the table of actions."""

from functools import partial

from PyQt6.QtGui import QAction, QKeySequence
from PyQt6.QtWidgets import QMainWindow

from jolly_parlor.app.actions import ACTIONS, MENUS, Action
from jolly_parlor.app.widgets.fields import plain
from jolly_parlor.app.workbench import Workbench


class Menus:
    """One QAction for each row of the table."""

    def __init__(self, window: QMainWindow, session: Workbench) -> None:
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
        self.refresh()

    def refresh(self) -> None:
        """Enable, check and name them as things stand."""
        history = self._session.history
        for row in ACTIONS:
            action = self.made[row.id]
            action.setEnabled(row.enabled(self._session))
            if row.checked is not None:
                action.setChecked(row.checked(self._session))
        undo = f"Undo: {history.undo_label}" if history.undo_label else "Undo"
        self.made["undo"].setText(plain(undo))
        redo = f"Redo: {history.redo_label}" if history.redo_label else "Redo"
        self.made["redo"].setText(plain(redo))

    def _run(self, row: Action) -> None:
        method = getattr(self._window, row.method)
        if row.argument is None:
            method()
        else:
            method(row.argument)
