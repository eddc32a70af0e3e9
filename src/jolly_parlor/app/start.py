"""Start the program with a window."""

import sys
from pathlib import Path

import pyqtgraph as pg
from PyQt6.QtGui import QIcon
from PyQt6.QtWidgets import QApplication

from jolly_parlor.app import theme
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.window import MainWindow
from jolly_parlor.assets import ICONS
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.files import FileRefused, open_document


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


def run(file: Path | None) -> int:
    """Open the window, with a document if one is given; the exit code."""
    app = application()
    settings = SettingsStore()
    theme.apply(app, theme.THEMES[settings.values.theme])
    document, path, refusal = blank_document(), None, ""
    if file is not None:
        try:
            document, path = open_document(file), file
        except FileRefused as error:
            refusal = str(error)
    window = MainWindow(document, path, settings)
    window.show()
    if refusal:
        window.say(refusal)
    window.offer_recovery()
    return app.exec()
