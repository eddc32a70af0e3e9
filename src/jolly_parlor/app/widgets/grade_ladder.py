"""A mark from 1 to 5 with plus and minus, set on a ladder of rungs by mouse or keys."""

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QFocusEvent, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.app import theme
from jolly_parlor.placement.grading import MARKS, Mark, shown
from jolly_parlor.words import spoken, tr

_EDGE = 14.0
_MARK: dict[str, Mark] = {mark: mark for mark in MARKS}


class GradeLadder(QWidget):
    """Thirteen rungs; the earlier mark stays as a ring. Delete takes the mark away."""

    graded = pyqtSignal()

    def __init__(self, name: str, words: str, hint: str) -> None:
        super().__init__()
        self.setObjectName(name)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setToolTip(hint)
        self._words, self._hint = words, hint
        self.mark: Mark | None = None
        self.earlier: Mark | None = None
        self._say()

    def sizeHint(self) -> QSize:
        """Wide enough for a rung to be hit."""
        return QSize(300, 30)

    def minimumSizeHint(self) -> QSize:
        return QSize(200, 30)

    def show_mark(self, mark: Mark | None, earlier: Mark | None) -> None:
        """Set from outside, without a signal."""
        if (mark, earlier) != (self.mark, self.earlier):
            self.mark, self.earlier = mark, earlier
            self._say()
            self.update()

    def rung(self, mark: Mark) -> QPointF:
        step = (self.width() - 2 * _EDGE) / (len(MARKS) - 1)
        return QPointF(_EDGE + step * MARKS.index(mark), 11.0)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        """The line, the rungs, the numerals, the mark and the earlier one."""
        t = theme.current()
        mark, earlier = self.mark, self.earlier
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setPen(QPen(t.colour("soft"), 1.2))
            p.drawLine(self.rung("1"), self.rung("5"))
            p.setFont(theme.sans(8.5))
            for rung in MARKS:
                at, whole = self.rung(rung), len(rung) == 1
                half = 5.0 if whole else 2.5
                p.setPen(QPen(t.colour("soft"), 1.2))
                p.drawLine(at - QPointF(0, half), at + QPointF(0, half))
                if whole:
                    box = QRectF(at.x() - 12, 17, 24, 13)
                    p.drawText(box, Qt.AlignmentFlag.AlignCenter, rung)
            if earlier is not None:
                p.setPen(QPen(t.colour("teal"), 1.8))
                p.setBrush(Qt.BrushStyle.NoBrush)
                p.drawEllipse(self.rung(earlier), 7.5, 7.5)
            if mark is not None:
                p.setPen(QPen(t.colour("sheet"), 1))
                p.setBrush(t.colour("wine"))
                p.drawEllipse(self.rung(mark), 6.0, 6.0)
            if self.hasFocus():
                p.setPen(QPen(t.colour("wine"), 1, Qt.PenStyle.DashLine))
                p.setBrush(Qt.BrushStyle.NoBrush)
                p.drawRoundedRect(QRectF(self.rect()).adjusted(0.5, 0.5, -0.5, -0.5), 4, 4)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is not None and event.button() == Qt.MouseButton.LeftButton:
            x = event.position().x()
            nearest: Mark = min(MARKS, key=lambda mark: abs(self.rung(mark).x() - x))
            self.set_mark(nearest)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        """Arrows by a third, digits a whole mark, plus and minus beside it, Delete none."""
        assert event is not None
        at = MARKS.index(self.mark) if self.mark is not None else None
        if event.key() in (Qt.Key.Key_Left, Qt.Key.Key_Right):
            step = 1 if event.key() == Qt.Key.Key_Right else -1
            start = MARKS.index("3") - step if at is None else at
            self.set_mark(MARKS[min(max(start + step, 0), len(MARKS) - 1)])
        elif event.text() in _MARK:
            self.set_mark(_MARK[event.text()])
        elif event.text() in ("+", "-") and self.mark is not None:
            self.set_mark(_MARK.get(self.mark[0] + event.text(), self.mark))
        elif event.key() in (Qt.Key.Key_Delete, Qt.Key.Key_Backspace):
            self.set_mark(None)
        else:
            super().keyPressEvent(event)

    def focusInEvent(self, event: QFocusEvent | None) -> None:
        self.update()

    def focusOutEvent(self, event: QFocusEvent | None) -> None:
        self.update()

    def set_mark(self, mark: Mark | None) -> None:
        """As if it had been clicked."""
        if mark != self.mark:
            self.mark = mark
            self._say()
            self.update()
            self.graded.emit()

    def _say(self) -> None:
        value = shown(self.mark) if self.mark else tr("no mark")
        before = tr(", before {shown}", shown=shown(self.earlier)) if self.earlier else ""
        self.setAccessibleName(f"{spoken(self._words)}: {value}{before}")
        self.setAccessibleDescription(self._hint)
