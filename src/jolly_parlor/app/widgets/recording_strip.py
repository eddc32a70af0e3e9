"""The picture of a recording while it runs: how loud the microphone hears each moment."""

from PyQt6.QtCore import QRectF, QSize
from PyQt6.QtGui import QPainter, QPaintEvent
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.app import theme
from jolly_parlor.words import tr

_FLOOR_DB, _CLIPPING_DB = -80.0, -1.0


class RecordingStrip(QWidget):
    """Peaks from left to right as they are heard; what is still to come stays empty."""

    def __init__(self) -> None:
        super().__init__()
        self.heard: list[tuple[float, float]] = []
        self.setAccessibleName(tr("The recording so far"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(400, 40)

    def begin(self) -> None:
        self.heard = []
        self.update()

    def add(self, share: float, peak_db: float) -> None:
        """The share done, 0 to 1, and the peak heard last, dB below full scale."""
        self.heard.append((min(max(share, 0.0), 1.0), peak_db))
        self.update()

    def paintEvent(self, event: QPaintEvent | None) -> None:
        """A block for each moment, wine where it clips."""
        t = theme.current()
        with QPainter(self) as p:
            whole = QRectF(0, 0, self.width(), self.height())
            p.fillRect(whole, t.colour("band"))
            at = 0.0
            for share, peak in self.heard:
                if share <= at:
                    at = 0.0 if share < at - 0.5 else share  # a level check starts again
                    continue
                tall = min(max(1 - peak / _FLOOR_DB, 0.0), 1.0) * whole.height()
                name = "wine" if peak > _CLIPPING_DB else "teal"
                left, right = at * whole.width(), share * whole.width()
                p.fillRect(
                    QRectF(left, whole.height() - tall, max(right - left - 1, 1.0), tall),
                    t.colour(name),
                )
                at = share
