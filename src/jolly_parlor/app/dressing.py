"""The one application object, with its name, icon and typefaces; little is loaded for it."""

import sys

from PyQt6.QtCore import QLibraryInfo, QLocale, QTranslator
from PyQt6.QtGui import QIcon
from PyQt6.QtWidgets import QApplication

from jolly_parlor.app import theme
from jolly_parlor.assets import ICONS
from jolly_parlor.words import ENGLISH, PSEUDO, language


def dressed() -> QApplication:
    """The one application object, with its name, icon and typefaces."""
    existing = QApplication.instance()
    made = existing if isinstance(existing, QApplication) else QApplication(sys.argv[:1])
    made.setApplicationName("Jolly Parlor")
    made.setDesktopFileName("jolly-parlor")
    made.setWindowIcon(QIcon(str(ICONS / "jolly-parlor.svg")))
    theme.load_fonts()
    _speak(made)
    return made


def _speak(application: QApplication) -> None:
    """Qt's own words and numbers, in the language of all others."""
    if language() in (ENGLISH, PSEUDO) or application.findChild(QTranslator) is not None:
        return
    QLocale.setDefault(QLocale(language()))
    theirs = QTranslator(application)
    folder = QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)
    if theirs.load(f"qtbase_{language()}", folder):
        application.installTranslator(theirs)
