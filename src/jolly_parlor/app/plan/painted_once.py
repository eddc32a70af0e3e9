"""A picture painted once and copied until what it shows changes: drags paint it every frame."""

from __future__ import annotations

from PyQt6.QtCore import QSize, Qt
from PyQt6.QtGui import QPainter, QPixmap

from jolly_parlor.app import theme


class KeptPicture:
    """A picture and what it shows."""

    def __init__(self) -> None:
        self.picture = QPixmap()
        self._key: tuple[object, ...] = ()

    def holds(self, key: tuple[object, ...]) -> bool:
        return key == self._key

    def begin(
        self, key: tuple[object, ...], size: QSize, ratio: float, clear: bool = False
    ) -> QPainter:
        """A painter on a new sheet of paper, or on a clear one, which takes longer to copy."""
        self._key = key
        self.picture = QPixmap(size * ratio)
        self.picture.setDevicePixelRatio(ratio)
        paper = theme.current().colour("paper")
        self.picture.fill(Qt.GlobalColor.transparent if clear else paper)
        painter = QPainter(self.picture)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        return painter
