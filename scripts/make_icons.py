"""Render the program's icon into the sizes a desktop asks for.

Run from the repository after the drawing has changed: `.venv/bin/python scripts/make_icons.py`.
"""

import os
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QGuiApplication, QImage, QPainter
from PyQt6.QtSvg import QSvgRenderer

from jolly_parlor.assets import ICONS
from jolly_parlor.desktop.desktop_files import SIZES


def main() -> None:
    """All of them."""
    app = QGuiApplication([])  # noqa: F841 - Qt goes when nobody holds it
    drawing = QSvgRenderer(str(ICONS / "jolly-parlor.svg"))
    for size in SIZES:
        image = QImage(size, size, QImage.Format.Format_ARGB32)
        image.fill(Qt.GlobalColor.transparent)
        painter = QPainter(image)
        drawing.render(painter)
        painter.end()
        path = Path(ICONS / "sizes" / f"{size}.png")
        image.save(str(path))


if __name__ == "__main__":
    main()
