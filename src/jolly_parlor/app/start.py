"""Start the program with a window."""

from __future__ import annotations

import sys
from collections.abc import Callable
from contextlib import suppress
from pathlib import Path
from types import TracebackType

import pyqtgraph as pg
from PyQt6.QtWidgets import QApplication, QWidget

from jolly_parlor import defects
from jolly_parlor.app import theme
from jolly_parlor.app.collecting import collect_here
from jolly_parlor.app.command_methods import is_demo
from jolly_parlor.app.dressing import dressed
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.history import Project
from jolly_parlor.words import tr


def application() -> QApplication:
    """The one application object, dressed and ready for the window."""
    made = dressed()
    pg.setConfigOptions(antialias=True)
    collect_here(made)
    # Threads hand over ten times as often as Python's usual: a drag waits less for a calculation.
    sys.setswitchinterval(0.0005)
    return made


def catch_defects(say: Callable[[str], None], keep: Callable[[], object]) -> None:
    """The net under Qt: a defect in the window is logged and told, and the safety copy written; the
    window goes on. keep: writes the copy.
    """

    def caught(
        kind: type[BaseException], error: BaseException, trace: TracebackType | None
    ) -> None:
        if issubclass(kind, KeyboardInterrupt):
            sys.__excepthook__(kind, error, trace)
            return
        say(defects.sentence(error, tr("in the window")))
        with suppress(Exception):  # what fails twice must not fail for ever
            keep()

    sys.excepthook = caught


def run(file: Path | None, card: QWidget | None = None) -> int:
    """Open the window, with a document if one is given; the exit code. card: what is seen until
    the window is.
    """
    # Here: the opening card is seen before all this is loaded.
    from jolly_parlor.project.files import FileRefused, Opened, open_project

    app = application()
    settings = SettingsStore()
    theme.scale_text(settings.values.text_percent)
    theme.apply(app, theme.wanted(settings.values.theme))
    opened, path, refusal = Opened(Project(blank_document()), ""), None, ""
    if file is not None:
        try:
            opened = open_project(file)
            path = None if is_demo(file) else file
        except FileRefused as error:
            refusal = str(error)
    window = MainWindow(opened.project, path, settings)
    window.session.fingerprint = opened.fingerprint
    catch_defects(window.say, window.safety.write)
    ended_badly = defects.watch_for_crashes()
    window.take_place()
    if path is None and file is None:
        window.stack.setCurrentWidget(window.start_page)
    window.show()
    if card is not None:
        card.close()
    if refusal:
        window.say(refusal)
    if ended_badly is not None:
        window.say(
            tr(
                "The program ended by itself the last time. What was not saved is "
                "offered, if there was anything; {ended_badly} says where it "
                "ended: please send it to the makers.",
                ended_badly=ended_badly,
            )
        )
    window.offer_recovery()
    return app.exec()
