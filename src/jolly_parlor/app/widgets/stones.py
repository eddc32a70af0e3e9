"""The stations as stepping stones, in the order of the work."""

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QWidget

from jolly_parlor.app import theme


class SteppingStones(QWidget):
    """One stone a station; the shape on it tells its state, not colour alone."""

    stepped = pyqtSignal(int)

    def __init__(self, names: list[str]) -> None:
        super().__init__()
        self.setObjectName("stones")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.names = names
        self.states = ["untouched"] * len(names)
        self.current = 0
        self._say()

    def sizeHint(self) -> QSize:
        """About a hundred pixels a stone."""
        return QSize(96 * len(self.names), 52)

    def show_states(self, states: list[str], current: int) -> None:
        """Draw these."""
        if (states, current) == (self.states, self.current):
            return
        self.states, self.current = states, current
        self._say()
        self.update()

    def stone(self, index: int) -> QPointF:
        """The middle of a stone."""
        step = self.width() / len(self.names)
        return QPointF(step * (index + 0.5), 17)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        """Line, stones, names."""
        t = theme.current()
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setPen(QPen(t.colour("rule"), 2))
            p.drawLine(self.stone(0), self.stone(len(self.names) - 1))
            for index, name in enumerate(self.names):
                here = index == self.current
                self._draw_stone(p, t, self.stone(index), self.states[index], here)
                p.setFont(theme.sans(10, bold=here))
                p.setPen(t.colour("ink" if here else "soft"))
                box = QRectF(self.stone(index).x() - 60, 30, 120, 20)
                p.drawText(box, Qt.AlignmentFlag.AlignCenter, name)
                if here and self.hasFocus():
                    p.setPen(QPen(t.colour("wine"), 1, Qt.PenStyle.DashLine))
                    p.setBrush(Qt.BrushStyle.NoBrush)
                    p.drawRoundedRect(box.adjusted(26, 0, -26, 1), 4, 4)

    def _draw_stone(self, p: QPainter, t: theme.Theme, at: QPointF, state: str, here: bool) -> None:
        size = 9.5 if here else 7.0
        main = t.colour("wine") if here else t.colour("teal")
        p.setPen(QPen(t.colour("rule") if state == "untouched" and not here else main, 2))
        p.setBrush(main if here or state == "done" else t.colour("sheet"))
        if state == "needs attention":
            p.setPen(QPen(t.colour("wine"), 2))
            p.setBrush(t.colour("wine") if here else t.colour("sheet"))
            up = QPointF(0, -size - 1)
            p.drawPolygon(
                QPolygonF([at + up, at + QPointF(size, size - 1), at + QPointF(-size, size - 1)])
            )
        else:
            p.drawEllipse(at, size, size * 0.86)
        mark = t.colour("on_wine" if here else "sheet")
        if state == "done":
            p.setPen(QPen(mark, 2))
            p.setBrush(Qt.BrushStyle.NoBrush)
            p.drawPolyline(QPolygonF([at + QPointF(*q) for q in ((-3, 0), (-1, 2.5), (3.5, -2.5))]))
        elif state == "in progress":
            p.setPen(Qt.PenStyle.NoPen)
            p.setBrush(mark if here else main)
            p.drawEllipse(at, 2.6, 2.6)
        elif state == "needs attention":
            p.setPen(QPen(mark if here else t.colour("wine"), 2))
            p.drawLine(at + QPointF(0, -3), at + QPointF(0, 2))
            p.drawPoint(at + QPointF(0, 5))

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        """Step on a stone."""
        assert event is not None
        index = int(event.position().x() / (self.width() / len(self.names)))
        self.stepped.emit(min(max(index, 0), len(self.names) - 1))

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        """Left and right walk."""
        assert event is not None
        step = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}.get(Qt.Key(event.key()), 0)
        if step and 0 <= self.current + step < len(self.names):
            self.stepped.emit(self.current + step)
        elif not step:
            super().keyPressEvent(event)

    def _say(self) -> None:
        words = [f"{n}: {s}" for n, s in zip(self.names, self.states, strict=True)]
        self.setAccessibleName("Stations")
        self.setAccessibleDescription(", ".join(words))
        self.setToolTip("\n".join(words))
