"""Fonts and icons that ship with the program, each with its licence beside it."""

from pathlib import Path

FOLDER = Path(__file__).resolve().parent
FONTS = FOLDER / "fonts"
ICONS = FOLDER / "icons"
