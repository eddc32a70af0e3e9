"""How deep the null is, reading by reading: posts that hang from what both bring without phase."""

from math import ceil

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.app import theme
from jolly_parlor.words import tr

_LEAST_DB, _STEPS_DB = 12.0, 6.0
"""How far down the ground goes at least, and by what it grows with a deeper null."""
_KEPT, _NEAR_DB = 48, 5.0
_LEFT, _TOP, _RIGHT, _FOOT = 52.0, 8.0, 190.0, 8.0


class NullWell(QWidget):
    """The last readings, the deepest of them, and how deep it is calculated to go."""

    is_picture = True

    def __init__(self) -> None:
        super().__init__()
        self.depths: list[float] = []
        self._calculated: float | None = None
        self.setObjectName("null-well")
        self.setAccessibleName(tr("Depth of the null by reading"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(400, 112)

    def begin(self) -> None:
        self.depths = []
        self._describe()

    def add(self, depth_db: float) -> None:
        self.depths = [*self.depths[1 - _KEPT :], depth_db]
        self._describe()

    def calculate(self, depth_db: float | None) -> None:
        """How deep the calculation goes; None where there is none."""
        self._calculated = depth_db
        self._describe()

    def _describe(self) -> None:
        told = [tr("{depth:.1f} dB", depth=depth) for depth in self.depths[-1:]]
        if self.depths:
            told.append(tr("deepest {depths:.1f} dB", depths=max(self.depths)))
        if self._calculated is not None:
            told.append(tr("calculated {calculated:.1f} dB", calculated=self._calculated))
        self.setAccessibleDescription(", ".join(told))
        self.update()

    def paintEvent(self, event: QPaintEvent | None) -> None:
        t = theme.current()
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setFont(theme.sans(9))
            ground = QRectF(
                _LEFT, _TOP, self.width() - _LEFT - _RIGHT, self.height() - _TOP - _FOOT
            )
            p.fillRect(ground, t.colour("band"))
            every = 3 if self._floor <= 18 else 6
            for depth in range(0, int(self._floor) + 1, every):
                y = self._y(ground, depth)
                p.setPen(QPen(t.colour("rule"), 1))
                p.drawLine(QPointF(ground.left(), y), QPointF(ground.right(), y))
                p.setPen(t.colour("soft"))
                text = tr("−{depth} dB", depth=depth) if depth else tr("no null")
                box = QRectF(0, y - 9, _LEFT - 6, 18)
                p.drawText(box, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, text)
            self._posts(p, ground)
            if self._calculated is not None:
                pen = QPen(t.colour("ink"), 1.4, Qt.PenStyle.DashLine)
                self._mark(p, ground, self._calculated, pen, "calculated")

    def _posts(self, p: QPainter, ground: QRectF) -> None:
        if not self.depths:
            return
        t, wide = theme.current(), ground.width() / _KEPT
        deepest = max(self.depths)
        for number, depth in enumerate(self.depths):
            bottom = self._y(ground, max(depth, 0.4))
            post = QRectF(ground.left() + number * wide + 1, ground.top(), wide - 2, 0)
            post.setBottom(bottom)
            p.fillRect(post, t.colour("wine" if depth == deepest else "teal"))
        if deepest > 0:
            self._mark(p, ground, deepest, QPen(t.colour("wine"), 1.4), tr("deepest heard"))

    def _mark(self, p: QPainter, ground: QRectF, depth: float, pen: QPen, name: str) -> None:
        """A line across with its name beside; names that would overlap give way to each other."""
        y = self._y(ground, depth)
        p.setPen(pen)
        p.drawLine(QPointF(ground.left(), y), QPointF(ground.right() + 6, y))
        calculated = self._calculated
        y = min(max(y, ground.top() + 6), ground.bottom() - 4)
        heard = max(self.depths, default=0.0)
        if calculated is not None and heard > 0 and abs(heard - calculated) < _NEAR_DB:
            own, other = (calculated, heard) if name == "calculated" else (heard, calculated)
            below = own > other or (own == other and name == "calculated")
            middle = (self._y(ground, heard) + self._y(ground, calculated)) / 2
            middle = min(max(middle, ground.top() + 14), ground.bottom() - 12)
            y = middle + (8 if below else -8)
        box = QRectF(ground.right() + 10, y - 9, _RIGHT - 12, 18)
        p.drawText(
            box,
            Qt.AlignmentFlag.AlignVCenter,
            tr("{name}: {depth:.1f} dB", name=name, depth=max(depth, 0.0)),
        )

    @property
    def _floor(self) -> float:
        deepest = max([*self.depths, self._calculated or 0.0])
        return max(_LEAST_DB, _STEPS_DB * float(ceil((deepest + 1) / _STEPS_DB)))

    def _y(self, ground: QRectF, depth: float) -> float:
        share = min(max(depth / self._floor, 0.0), 1.0)
        return float(ground.top() + share * ground.height())
