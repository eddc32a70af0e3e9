"""The input's level while something is recorded."""

from PyQt6.QtCore import QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent
from PyQt6.QtWidgets import QWidget

from jolly_parlor.app import theme
from jolly_parlor.words import tr

_DROWNING_DB, _CLIPPING_DB = -60.0, -6.0


class Meter(QWidget):
    """The input's peak between drowning and clipping."""

    def __init__(self) -> None:
        super().__init__()
        self._peak = -120.0
        self.setAccessibleName(tr("Input level"))

    def sizeHint(self) -> QSize:
        return QSize(150, 16)

    def show_level(self, peak_db: float) -> None:
        self._peak = peak_db
        self.setToolTip(tr("{peak_db:.0f} dB below full scale", peak_db=peak_db))
        self.update()

    def paintEvent(self, event: QPaintEvent | None) -> None:
        """Calm between the two ends, wine where it would clip."""
        t = theme.current()
        with QPainter(self) as p:
            rect = QRectF(0, 3, self.width(), self.height() - 6)
            p.fillRect(rect, t.colour("band"))
            share = min(max((self._peak - _DROWNING_DB) / -_DROWNING_DB, 0.0), 1.0)
            hot = self._peak > _CLIPPING_DB
            filled = QRectF(0, 3, rect.width() * share, rect.height())
            p.fillRect(filled, t.colour("wine" if hot else "teal"))
            p.setPen(t.colour("soft"))
            edge = rect.width() * (1 + _CLIPPING_DB / -_DROWNING_DB)
            p.drawLine(int(edge), 1, int(edge), self.height() - 1)
            p.setBrush(Qt.BrushStyle.NoBrush)
