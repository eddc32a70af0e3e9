"""One side of the room drawn to scale on the page, as it stands in the report."""

import re

from PyQt6.QtCore import QByteArray, QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent
from PyQt6.QtSvg import QSvgRenderer
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.app import theme

_HIGH = 250
_STYLE = re.compile(r'style="([^"]*)"')
_CLIP = re.compile(r"<clipPath.*?</clipPath>|clip-path: url\(#clip\)", re.DOTALL)
_SHARES = re.compile(r"rgb\((\d+)%,(\d+)%,(\d+)%\)")


def as_qt_reads_it(svg: str) -> str:
    """The same with styles as attributes, colours as hexadecimal numbers, the window's font and no
    clipping: Qt's reader knows no others.
    """

    def attributes(style: re.Match[str]) -> str:
        parts = (part.split(":", 1) for part in style[1].split(";") if ":" in part)
        return " ".join(f'{name.strip()}="{value.strip()}"' for name, value in parts)

    def hexadecimal(colour: re.Match[str]) -> str:
        return "#" + "".join(f"{round(int(share) * 2.55):02x}" for share in colour.groups())

    lettered = _CLIP.sub("", svg).replace("SourceSans3", theme.SANS)
    return _SHARES.sub(hexadecimal, _STYLE.sub(attributes, lettered))


class ElevationView(QWidget):
    """Shows a drawing given as SVG, as large as fits, on a sheet of paper in either theme."""

    is_picture = True

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("elevation")
        self._drawing = QSvgRenderer(self)
        self.setMinimumHeight(_HIGH)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def show_svg(self, svg: str, words: str) -> None:
        """Draw this; `words` say what it is to whoever cannot see it."""
        self.setAccessibleName(words)
        self._drawing.load(QByteArray(as_qt_reads_it(svg).encode()))
        self.update()

    def sizeHint(self) -> QSize:
        """As wide as a page of the report."""
        return QSize(560, _HIGH)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        """The drawing in the middle of its sheet."""
        size = self._drawing.defaultSize()
        if size.isEmpty():
            return
        scale = min(self.width() / size.width(), self.height() / size.height())
        wide, high = size.width() * scale, size.height() * scale
        target = QRectF((self.width() - wide) / 2, (self.height() - high) / 2, wide, high)
        with QPainter(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.fillRect(target, Qt.GlobalColor.white)
            self._drawing.render(painter, target)
