"""The stations as stepping stones, in the order of the work."""

from functools import lru_cache

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import (
    QFont,
    QFontMetricsF,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPolygonF,
)
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.widgets.entries import tip
from jolly_parlor.words import spoken, tr

_STONE = 30
"""The height that is a stone's, without its name."""


@lru_cache(16)
def _longest(names: tuple[str, ...], font: str) -> int:
    """Of these names in that font, given as its words: layouts ask for it all the time."""
    letters = QFont()
    letters.fromString(font)
    metrics = QFontMetricsF(letters)
    return round(max(metrics.horizontalAdvance(name) for name in names))


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
        policy = QSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Minimum)
        policy.setHeightForWidth(True)
        self.setSizePolicy(policy)
        self._say()

    @property
    def step(self) -> int:
        """The least from stone to stone: its name, and a gap."""
        return _longest(tuple(self.names), theme.sans(10, bold=True).toString()) + 7

    @property
    def one_line(self) -> int:
        """So wide they are in one line, close together."""
        return self.step * len(self.names)

    def sizeHint(self) -> QSize:
        """In one line, with air between them where names are short."""
        return QSize(max(self.one_line, 96 * len(self.names)), self._high)

    def minimumSizeHint(self) -> QSize:
        return QSize(self.step * -(-len(self.names) // 3), self._high)

    def hasHeightForWidth(self) -> bool:
        return True

    def heightForWidth(self, a0: int) -> int:
        return self._high * -(-len(self.names) // self._in_line(a0))

    @property
    def _high(self) -> int:
        """Of one line: the stone, and its name under it."""
        return _STONE + round(22 * theme.scale())

    def _in_line(self, wide: int) -> int:
        """How many stones each line has, all of them about alike."""
        most = max(wide // self.step, 1)
        lines = -(-len(self.names) // most)
        return -(-len(self.names) // lines)

    def show_states(self, states: list[str], current: int) -> None:
        if (states, current) == (self.states, self.current):
            return
        self.states, self.current = states, current
        self._say()
        self.update()

    def stone(self, index: int) -> QPointF:
        """The middle of a stone."""
        line, at = divmod(index, self._in_line(self.width()))
        step = self.width() / self._in_line(self.width())
        return QPointF(step * (at + 0.5), 17 + line * self._high)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        t = theme.current()
        each = self._in_line(self.width())
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setPen(QPen(t.colour("soft"), 1))
            for first in range(0, len(self.names), each):
                last = min(first + each, len(self.names)) - 1
                p.drawLine(self.stone(first), self.stone(last))
            for index, name in enumerate(self.names):
                here = index == self.current
                self._draw_stone(p, t, self.stone(index), self.states[index], here)
                font = theme.sans(10, bold=here)
                p.setFont(font)
                p.setPen(t.colour("ink" if here else "soft"))
                wide = QFontMetricsF(font).horizontalAdvance(name) + 4
                box = QRectF(0, 0, wide, self._high - _STONE)
                box.moveCenter(self.stone(index))
                box.moveTop(self.stone(index).y() + 12)
                p.drawText(box, Qt.AlignmentFlag.AlignCenter, name)
                if here and self.hasFocus():
                    p.setPen(QPen(t.colour("wine"), 2))
                    p.setBrush(Qt.BrushStyle.NoBrush)
                    p.drawRoundedRect(box.adjusted(-3, 0, 3, 0), 4, 4)

    def _draw_stone(self, p: QPainter, t: theme.Theme, at: QPointF, state: str, here: bool) -> None:
        size = 9.5 if here else 7.0
        main = t.colour("wine") if here else t.colour("teal")
        p.setPen(QPen(t.colour("soft") if state == "untouched" and not here else main, 2))
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
        assert event is not None
        each = self._in_line(self.width())
        at = int(event.position().x() / (self.width() / each))
        line = int(event.position().y() / self._high)
        index = line * each + min(max(at, 0), each - 1)
        if index < len(self.names):
            self.stepped.emit(index)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        assert event is not None
        step = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}.get(Qt.Key(event.key()), 0)
        if step and 0 <= self.current + step < len(self.names):
            self.stepped.emit(self.current + step)
        elif not step:
            super().keyPressEvent(event)

    def _say(self) -> None:
        words = [f"{n}: {spoken(s)}" for n, s in zip(self.names, self.states, strict=True)]
        self.setAccessibleName(tr("Stations"))
        self.setAccessibleDescription(", ".join(words))
        self.setToolTip(tip("\n".join(words)))
