"""Start the program with a window."""

import sys
from collections.abc import Callable
from pathlib import Path
from types import TracebackType

import pyqtgraph as pg
from PyQt6.QtGui import QIcon
from PyQt6.QtWidgets import QApplication

from jolly_parlor import defects
from jolly_parlor.app import theme
from jolly_parlor.app.commands import is_demo
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.window import MainWindow
from jolly_parlor.assets import ICONS
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.files import FileRefused, Opened, open_project
from jolly_parlor.project.history import Project


def application() -> QApplication:
    """The one application object, dressed."""
    existing = QApplication.instance()
    made = existing if isinstance(existing, QApplication) else QApplication(sys.argv[:1])
    made.setApplicationName("Jolly Parlor")
    made.setDesktopFileName("jolly-parlor")
    made.setWindowIcon(QIcon(str(ICONS / "jolly-parlor.svg")))
    pg.setConfigOptions(antialias=True)
    # Threads hand over ten times as often as Python's usual: a drag waits less for a calculation.
    sys.setswitchinterval(0.0005)
    theme.load_fonts()
    return made


def catch_defects(say: Callable[[str], None]) -> None:
    """The net under Qt: a defect in the window is logged and told; the window goes on."""

    def caught(
        kind: type[BaseException], error: BaseException, trace: TracebackType | None
    ) -> None:
        if issubclass(kind, KeyboardInterrupt):
            sys.__excepthook__(kind, error, trace)
            return
        say(defects.sentence(error, "in the window"))

    sys.excepthook = caught


def run(file: Path | None) -> int:
    """Open the window, with a document if one is given; the exit code."""
    app = application()
    settings = SettingsStore()
    theme.apply(app, theme.THEMES[settings.values.theme])
    opened, path, refusal = Opened(Project(blank_document()), ""), None, ""
    if file is not None:
        try:
            opened = open_project(file)
            path = None if is_demo(file) else file
        except FileRefused as error:
            refusal = str(error)
    window = MainWindow(opened.project, path, settings)
    window.session.fingerprint = opened.fingerprint
    catch_defects(window.say)
    window.show()
    if refusal:
        window.say(refusal)
    window.offer_recovery()
    return app.exec()
