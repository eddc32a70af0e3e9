"""The first thing seen: a card that says what is being opened, painted before the program itself is
loaded. Or nothing, where another window has the document already and comes to the front.
"""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QGuiApplication, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.dressing import dressed
from jolly_parlor.app.one_window import bring_forward
from jolly_parlor.words import preferred, tr

_WIDE, _HIGH = 460, 190


def run(file: Path | None) -> int:
    """Open the window, with a document if one is given; the exit code."""
    app = dressed()
    if file is not None and bring_forward(file):
        return 0
    colours = theme.wanted(preferred("theme"))
    card = OpeningCard(file.stem.replace("-", " ") if file is not None else "", colours)
    card.show()
    app.processEvents()
    from jolly_parlor.app.start import run as run_window  # what takes a second to load

    return run_window(file, card)


class OpeningCard(QWidget):
    """Wordmark, a length of tape, and what is being opened."""

    def __init__(self, opened: str, colours: theme.Theme) -> None:
        super().__init__(None, Qt.WindowType.SplashScreen | Qt.WindowType.FramelessWindowHint)
        self._opened, self._colours = opened, colours
        self.setFixedSize(_WIDE, _HIGH)
        self.setAccessibleName(self._words())
        screen = QGuiApplication.primaryScreen()
        if screen is not None:
            self.move(screen.availableGeometry().center() - self.rect().center())

    def paintEvent(self, event: QPaintEvent | None) -> None:
        colours, p = self._colours, QPainter(self)
        p.setRenderHint(QPainter.RenderHint.Antialiasing)
        p.fillRect(self.rect(), colours.colour("paper"))
        p.setPen(QPen(colours.colour("wall"), 2.0))
        p.drawRect(QRectF(self.rect()).adjusted(1, 1, -1, -1))
        p.setPen(colours.colour("wine"))
        p.setFont(theme.serif(30))
        p.drawText(QRectF(0, 34, _WIDE, 56), Qt.AlignmentFlag.AlignCenter, tr("Jolly Parlor"))
        p.setPen(QPen(colours.colour("ochre_edge"), 1.4))
        left, right, y = 90.0, _WIDE - 90.0, 106.0
        p.drawLine(QPointF(left, y), QPointF(right, y))
        for mark in range(29):
            x = left + (right - left) * mark / 28
            p.drawLine(QPointF(x, y), QPointF(x, y + (9 if mark % 7 == 0 else 5)))
        p.setPen(colours.colour("ink"))
        p.setFont(theme.sans(11))
        below = QRectF(16, 124, _WIDE - 32, 40)
        p.drawText(below, Qt.AlignmentFlag.AlignCenter, self._words())
        p.end()

    def _words(self) -> str:
        return tr("Opening {opened} …", opened=self._opened) if self._opened else tr("Opening …")
