"""The history of a job: Evenness and grades over its steps, with the moves named."""

from collections.abc import Sequence

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import (
    QFontMetricsF,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPolygonF,
)
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.analysis.ledger_steps import Step
from jolly_parlor.app import theme
from jolly_parlor.words import tr

_LEFT, _RIGHT, _TOP, _GAP, _FOOT = 46.0, 14.0, 26.0, 34.0, 18.0
_GRADES_SHARE = 0.30
_REACH = 14.0


class HistoryPlot(QWidget):
    """Above, dB from even (measured filled, forecast open); below, the mean of each grading."""

    is_picture = True

    pointed = pyqtSignal(int)
    """The number of the step that is meant."""

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("history")
        self.setAccessibleName(tr("Evenness and grades over the steps of the Ledger"))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setFixedHeight(226)
        self.steps: list[Step] = []
        self._places: dict[int, int] = {}
        """By number, the how-manieth of those drawn."""
        self.at: int | None = None

    def sizeHint(self) -> QSize:
        return QSize(600, 226)

    def show_steps(self, steps: Sequence[Step]) -> None:
        """Draw those that have a figure or grades."""
        self.steps = [s for s in steps if self._figure(s) is not None or s.grading is not None]
        self._places = {s.number: n for n, s in enumerate(self.steps)}
        if self.at not in self._places:
            self.at = None
        self._say()
        self.update()

    def point(self, number: int | None) -> None:
        self.at = number if number in self._places else None
        self._say()
        self.update()

    def place(self, step: Step) -> QPointF | None:
        """Where a step's figure is drawn, else where its grade is."""
        figure = self._figure(step)
        if figure is not None:
            return QPointF(self._x(step), self._y(figure))
        value = step.grading.value if step.grading is not None else None
        return None if value is None else QPointF(self._x(step), self._grade_y(value))

    def paintEvent(self, event: QPaintEvent | None) -> None:
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setFont(theme.sans(8.5))
            if not self.steps:
                p.setPen(theme.current().colour("soft"))
                middle = QRectF(self.rect())
                p.drawText(middle, Qt.AlignmentFlag.AlignCenter, tr("Nothing has a figure yet."))
                return
            self._axes(p)
            self._line(p)
            self._marks(p)
            self._names(p)
            if self.hasFocus():
                p.setPen(QPen(theme.current().colour("wine"), 1, Qt.PenStyle.DashLine))
                p.setBrush(Qt.BrushStyle.NoBrush)
                p.drawRoundedRect(QRectF(self.rect()).adjusted(0.5, 0.5, -0.5, -0.5), 4, 4)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is None or not self.steps:
            return
        x = event.position().x()
        nearest = min(self.steps, key=lambda step: abs(self._x(step) - x))
        if abs(self._x(nearest) - x) < max(_REACH, self._apart):
            self._mean(nearest.number)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        assert event is not None
        way = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}.get(Qt.Key(event.key()))
        if way is None or not self.steps:
            super().keyPressEvent(event)
            return
        numbers = [step.number for step in self.steps]
        now = numbers.index(self.at) if self.at in numbers else (-1 if way > 0 else len(numbers))
        self._mean(numbers[min(max(now + way, 0), len(numbers) - 1)])

    def _mean(self, number: int) -> None:
        self.point(number)
        self.pointed.emit(number)

    @staticmethod
    def _figure(step: Step) -> float | None:
        return step.measured_db if step.measured_db is not None else step.forecast_db

    @property
    def _upper(self) -> QRectF:
        high = (self.height() - _TOP - _GAP - _FOOT) * (1 - _GRADES_SHARE)
        return QRectF(_LEFT, _TOP, self.width() - _LEFT - _RIGHT, high)

    @property
    def _lower(self) -> QRectF:
        top = self._upper.bottom() + _GAP
        return QRectF(_LEFT, top, self._upper.width(), self.height() - _FOOT - top)

    @property
    def _apart(self) -> float:
        return self._upper.width() / max(len(self.steps), 1)

    def _x(self, step: Step) -> float:
        return self._upper.left() + (self._places[step.number] + 0.5) * self._apart

    @property
    def _range(self) -> tuple[float, float]:
        known = [f for s in self.steps if (f := self._figure(s)) is not None]
        if not known:
            return 0.0, 1.0
        low, high = float(np.floor(min(known))), float(np.ceil(max(known)))
        return low, max(high, low + 1.0)

    def _y(self, figure: float) -> float:
        low, high = self._range
        return self._upper.bottom() - (figure - low) / (high - low) * self._upper.height()

    def _grade_y(self, value: float) -> float:
        return self._lower.bottom() - (value - 1) / 4 * self._lower.height()

    def _axes(self, p: QPainter) -> None:
        t = theme.current()
        low, high = self._range
        step = 1 if high - low <= 4 else 2 if high - low <= 8 else 4
        for value in np.arange(low, high + 0.1, step):
            self._rule(p, self._y(float(value)), f"{value:.0f}")
        for value in (1, 3, 5):
            self._rule(p, self._grade_y(value), str(value))
        p.setPen(t.colour("soft"))
        p.drawText(QPointF(4, _TOP - 13), tr("dB from even: lower is better"))
        p.drawText(QPointF(4, self._lower.top() - 12), tr("grade by ear: higher is better"))

    def _rule(self, p: QPainter, y: float, words: str) -> None:
        t = theme.current()
        p.setPen(QPen(t.colour("rule"), 1))
        p.drawLine(QPointF(_LEFT, y), QPointF(self.width() - _RIGHT, y))
        p.setPen(t.colour("soft"))
        box = QRectF(0, y - 8, _LEFT - 8, 16)
        p.drawText(box, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, words)

    def _line(self, p: QPainter) -> None:
        """What each arrangement came to, one line for each."""
        t = theme.current()
        names = dict.fromkeys(s.stood.name for s in self.steps if s.stood is not None)
        p.setPen(QPen(t.colour("soft"), 1.2, Qt.PenStyle.DotLine))
        p.setBrush(Qt.BrushStyle.NoBrush)
        for name in names:
            points = [
                QPointF(self._x(s), self._y(f))
                for s in self.steps
                if s.stood is not None
                and s.stood.name == name
                and (f := self._figure(s)) is not None
            ]
            if len(points) > 1:
                p.drawPolyline(QPolygonF(points))

    def _marks(self, p: QPainter) -> None:
        t = theme.current()
        for step in self.steps:
            figure, value = self._figure(step), None
            if step.grading is not None:
                value = step.grading.value
            lit = step.number == self.at
            if figure is not None:
                at = QPointF(self._x(step), self._y(figure))
                p.setPen(QPen(t.colour("wine" if lit else "teal"), 2.4 if lit else 1.6))
                p.setBrush(t.colour("teal" if step.measured_db is not None else "sheet"))
                p.drawEllipse(at, 5.0, 5.0)
            if value is not None:
                foot, top = self._grade_y(1), self._grade_y(value)
                p.setPen(QPen(t.colour("wine" if lit else "ochre_edge"), 1.6))
                p.setBrush(t.colour("ochre"))
                p.drawRect(QRectF(self._x(step) - 4, top, 8, max(foot - top, 1.0)))

    def _names(self, p: QPainter) -> None:
        """Numbers under the steps, and the moves by name where there is room."""
        t, metrics = theme.current(), QFontMetricsF(p.font())
        free = 0.0
        for step in self.steps:
            x, lit = self._x(step), step.number == self.at
            p.setPen(t.colour("wine" if lit else "soft"))
            words = str(step.number)
            if lit or x - metrics.horizontalAdvance(words) / 2 > free:
                box = QRectF(x - 20, self.height() - _FOOT + 2, 40, 14)
                p.drawText(box, Qt.AlignmentFlag.AlignCenter, words)
                free = x + metrics.horizontalAdvance(words) / 2 + 6
        free = 0.0
        for step in self.steps:
            figure = self._figure(step)
            if step.entry.kind != "move" or figure is None:
                continue
            room = max(self._apart * 1.6, 130.0)
            name = metrics.elidedText(short_move(step), Qt.TextElideMode.ElideRight, room)
            wide, x = metrics.horizontalAdvance(name), self._x(step)
            left = min(max(x - wide / 2, _LEFT), self.width() - _RIGHT - wide)
            if left > free:
                p.setPen(t.colour("ink"))
                above = self._y(figure) - 9
                p.drawText(QPointF(left, above if above > _TOP + 8 else above + 26), name)
                free = left + wide + 10

    def _say(self) -> None:
        step = next((s for s in self.steps if s.number == self.at), None)
        self.setAccessibleDescription(
            ""
            if step is None
            else tr("Step {number}: {what}", number=step.number, what=step.entry.text)
        )


def short_move(step: Step) -> str:
    """A move's own words, without what goes without saying."""
    text = step.entry.text
    words = text.split("”: ", 1)[1].rstrip(".") if "”: " in text else text
    for usual, short in (
        (tr("both monitors "), ""),
        (tr(" from the front wall"), ""),
        (tr(" the front"), " the"),
    ):
        words = words.replace(usual, short)
    return words
