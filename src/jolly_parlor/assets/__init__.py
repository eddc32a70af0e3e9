"""Fonts and icons, each with its licence beside it, and samples: what ships with the program."""

from pathlib import Path

FOLDER = Path(__file__).resolve().parent
FONTS = FOLDER / "fonts"
ICONS = FOLDER / "icons"
HELP = FOLDER / "help"
LANGUAGES = FOLDER / "languages"
