"""Trials as beads on a string: open, answered, and at the end right or wrong, by shape too."""

from collections.abc import Sequence

from PyQt6.QtCore import QPointF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.app import theme
from jolly_parlor.words import tr

_STEP, _SIZE, _LEFT = 26.0, 7.0, 9.0


class TrialBeads(QWidget):
    """Drawn, not pressed; what it shows is in its description."""

    def __init__(self, name: str) -> None:
        super().__init__()
        self.setObjectName(name)
        self.setAccessibleName(tr("Trials"))
        self._count, self._marks = 0, list[str]()
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(300, 26)

    def show_trials(self, count: int, marks: Sequence[str]) -> None:
        """marks: `answered`, `right` or `wrong`, of those answered so far."""
        self._count, self._marks = count, list(marks)
        told = tr("{marks} of {count} answered", marks=len(self._marks), count=count)
        if "right" in marks or "wrong" in marks:
            told += tr(", {count} right", count=self._marks.count("right"))
        self.setAccessibleDescription(told)
        self.update()

    def paintEvent(self, event: QPaintEvent | None) -> None:
        t = theme.current()
        if not self._count:
            return
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            step = min(_STEP, (self.width() - 2 * _LEFT) / self._count)
            middle = self.height() / 2
            p.setPen(QPen(t.colour("soft"), 1))
            p.drawLine(QPointF(_LEFT, middle), QPointF(_LEFT + step * (self._count - 1), middle))
            for n in range(self._count):
                self._bead(p, t, QPointF(_LEFT + step * n, middle), n)

    def _bead(self, p: QPainter, t: theme.Theme, at: QPointF, n: int) -> None:
        mark = self._marks[n] if n < len(self._marks) else ""
        now = n == len(self._marks)
        colour = {"right": "teal", "wrong": "ochre_edge"}.get(mark, "wine" if now else "soft")
        p.setPen(QPen(t.colour(colour), 2))
        p.setBrush(t.colour(colour) if mark in ("answered", "right") else t.colour("sheet"))
        p.drawEllipse(at, _SIZE, _SIZE * 0.86)
        if mark == "wrong":
            p.setBrush(Qt.BrushStyle.NoBrush)
            p.drawLine(at + QPointF(-3, -3), at + QPointF(3, 3))
            p.drawLine(at + QPointF(-3, 3), at + QPointF(3, -3))
