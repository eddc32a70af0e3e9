"""What is seen without a document: what the program does, and the ways in; and the nine questions
that make a first room.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from functools import partial

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QHBoxLayout, QLineEdit, QScrollArea, QVBoxLayout, QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.common_models import MONITORS
from jolly_parlor.placement.search.wishes import READY_MADE
from jolly_parlor.project.first_room import LININGS, WALLS, FirstAnswers, with_first_room
from jolly_parlor.words import spoken, tr

_DOES = (
    ("survey", tr("You measure the room with a tape.")),
    ("forecast", tr("It tells what is heard where, before anything is lifted.")),
    ("compare", tr("It ranks the places, and says why.")),
)
_SIZES = (("width", "wide"), ("length", "long"), ("height", "high"))
_THINGS = ("bed", "wardrobe", "bookcase", "sofa", "table top")
_WALL_WORDS = {
    "front": tr("in front of you"),
    "right": tr("at your right"),
    "back": tr("behind you"),
    "left": tr("at your left"),
}


class StartPage(QWidget):
    """Three pictures and three ways in."""

    new_wanted, open_wanted, demo_wanted = pyqtSignal(), pyqtSignal(), pyqtSignal()

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("page")
        layout = QVBoxLayout(self)
        layout.setContentsMargins(8, 24, 16, 16)
        layout.setSpacing(14)
        layout.addWidget(label(tr("What would you like to do?"), "question"))
        layout.addWidget(
            label(
                tr("Find where monitors, subs and seat belong, before you lift them"),
                "verdict",
                wrap=True,
            )
        )
        row = QHBoxLayout()
        row.setSpacing(12)
        for kind, words in _DOES:
            frame, inner = card()
            inner.addWidget(_Picture(kind))
            inner.addWidget(label(words, wrap=True))
            row.addWidget(frame, 1)
        layout.addLayout(row)
        ways = FlowRow()
        self.new = named_button(tr("A new room …"), "start-new", self.new_wanted.emit)
        self.new.setProperty("strong", True)
        ways.addWidget(self.new)
        ways.addWidget(named_button(tr("Open a room …"), "start-open", self.open_wanted.emit))
        ways.addWidget(named_button(tr("Look at the demo"), "start-demo", self.demo_wanted.emit))
        ways.addStretch(1)
        layout.addLayout(ways)
        layout.addWidget(
            label(tr("A new room takes nine answers; a first proposal follows."), "soft", wrap=True)
        )
        layout.addStretch(1)


class FirstRoomPage(QWidget):
    """Nine questions on one sheet, each with a usual answer."""

    answered = pyqtSignal()

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.setObjectName("page")
        self.answers = FirstAnswers()
        self.session = session
        layout = QVBoxLayout(self)
        layout.setContentsMargins(8, 10, 16, 8)
        layout.addWidget(label(tr("What is the room like, and what plays in it?"), "question"))
        holder = QWidget()
        inner = QVBoxLayout(holder)
        inner.setContentsMargins(0, 6, 8, 0)
        self._rows = Kept(inner, session.home)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setWidget(holder)
        layout.addWidget(scroll, 1)
        self.refresh()

    def begin(self) -> None:
        """Anew, with the first question under the keys."""
        self.answers = FirstAnswers()
        self.refresh()
        first = self.findChild(QLineEdit, "first width")
        if first is not None:
            first.setFocus()
            first.selectAll()

    def refresh(self) -> None:
        """Show the answers as they are."""
        answers = self.answers
        walls: list[tuple[str, object]] = [(_WALL_WORDS[wall], wall) for wall in WALLS]
        with self._rows as page:
            with page.card("room") as sheet, sheet.grid("asked", rest=1, between=14) as grid:
                grid.words(tr("1–3  The room is"), 0, 0, role="strong")
                with grid.row("size", 0, 1) as row:
                    for name, title in _SIZES:
                        do = partial(self._set, name)
                        row.length(f"first {name}", getattr(answers, name), do, most=84)
                        row.words(title)
                linings = [(spoken(words), key) for key, words in LININGS.items()]
                self._ask(grid, 1, tr("4  Its walls are of"), "lining", linings)
                nowhere = tr("nowhere"), None
                self._ask(grid, 2, tr("5  A window is"), "window", [*walls, nowhere])
                self._ask(grid, 3, tr("6  The door is"), "door", [*walls, (tr("left out"), None)])
                grid.words(tr("7  In it stand"), 4, 0, role="strong")
                with grid.row("things", 4, 1) as row:
                    for thing in _THINGS:
                        on = thing in answers.things
                        row.box(thing, f"first {thing}", on, partial(self._stand, thing))
            with page.card("gear") as sheet, sheet.grid("asked", rest=1, between=14) as grid:
                uses = [(spoken(use), use) for use in READY_MADE]
                self._ask(grid, 0, tr("8  It is used as a"), "use", uses)
                grid.words(tr("9  The monitors are"), 1, 0, role="strong")
                with grid.row("monitors", 1, 1) as row:
                    sizes = [(spoken(kind.words), key) for key, kind in MONITORS.items()]
                    do = partial(self._set, "monitors")
                    row.choice("first monitors", sizes, answers.monitors, do)
                    do = partial(self._set, "subwoofer")
                    row.box(tr("with a subwoofer"), "first subwoofer", answers.subwoofer, do)
                    row.gap()
            with page.row("go") as row:
                row.words(tr("All of it can be corrected later with the tape."), 1, wrap=True)
                go = row.button(tr("Show me where things belong"), "first-go", self._go)
                go.setProperty("strong", True)
            page.gap()

    def _ask(
        self, grid: Kept, line: int, words: str, name: str, options: Sequence[tuple[str, object]]
    ) -> None:
        grid.words(words, line, 0, role="strong")
        with grid.row(name, line, 1) as row:
            do = partial(self._set, name)
            row.choice(f"first {name}", options, getattr(self.answers, name), do)
            row.gap()

    def _stand(self, thing: str, on: bool) -> None:
        kept = tuple(
            t for t in _THINGS if (t in self.answers.things and t != thing) or (on and t == thing)
        )
        self._set("things", kept)

    def _set(self, name: str, value: object) -> None:
        answers = replace(self.answers, **{name: value})  # type: ignore[arg-type]
        if self._tell(answers):
            self.answers = answers
        self.refresh()

    def _tell(self, answers: FirstAnswers) -> bool:
        """The plan shows it at once; all of it is one step to undo."""
        what = tr("A room from nine answers")
        return self.session.do(what, lambda d: with_first_room(d, answers), series="first room")

    def _go(self) -> None:
        if self._tell(self.answers):
            self.answered.emit()


class _Picture(QWidget):
    """What one step of the walk looks like, in a few lines."""

    def __init__(self, kind: str) -> None:
        super().__init__()
        self._draw: Callable[[QPainter, QRectF], None] = {
            "survey": _plan,
            "forecast": _curve,
            "compare": _ranks,
        }[kind]
        self.setMinimumHeight(130)

    def sizeHint(self) -> QSize:
        return QSize(180, 130)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            self._draw(p, QRectF(self.rect()).adjusted(8, 8, -8, -8))


def _plan(p: QPainter, box: QRectF) -> None:
    t = theme.current()
    wide = min(box.width(), box.height() * 1.3)
    room = QRectF(box.center().x() - wide / 2, box.top(), wide, box.height())
    p.setPen(QPen(t.colour("wall"), 3))
    p.drawRect(room)
    seat = QPointF(room.center().x(), room.top() + 0.62 * room.height())
    pair = [QPointF(room.left() + s * room.width(), room.top() + 16) for s in (0.32, 0.68)]
    p.setPen(QPen(t.colour("soft"), 1.2, Qt.PenStyle.DashLine))
    p.drawPolygon(QPolygonF([*pair, seat]))
    p.setPen(QPen(t.colour("ink"), 1.2))
    p.setBrush(t.colour("band"))
    for at in pair:
        p.drawRect(QRectF(at.x() - 8, at.y() - 8, 16, 16))
    p.setBrush(t.colour("blush"))
    p.setPen(QPen(t.colour("wine"), 1.6))
    p.drawEllipse(seat, 9.0, 9.0)


def _curve(p: QPainter, box: QRectF) -> None:
    """Drawn, not calculated: a hill and a hollow about even."""
    t, middle = theme.current(), box.center().y()
    shape = (0, 0.1, 0.7, 0.9, 0.4, -0.1, -0.6, -0.9, -0.5, 0, 0.25, 0.1, -0.15, 0.05, 0)
    step = box.width() / (len(shape) - 1)
    points = [
        QPointF(box.left() + n * step, middle - 0.45 * y * box.height())
        for n, y in enumerate(shape)
    ]
    area = QPolygonF([*points, QPointF(box.right(), middle), QPointF(box.left(), middle)])
    for half, colour in (
        (QRectF(box.left(), box.top(), box.width(), box.height() / 2), "ochre"),
        (QRectF(box.left(), middle, box.width(), box.height() / 2), "hollow"),
    ):
        p.setClipRect(half)
        p.setPen(Qt.PenStyle.NoPen)
        p.setBrush(t.colour(colour))
        p.drawPolygon(area)
    p.setClipping(False)
    p.setPen(QPen(t.colour("ink"), 1.6))
    p.drawPolyline(QPolygonF(points))
    p.setPen(QPen(t.colour("soft"), 1))
    p.drawLine(QPointF(box.left(), middle), QPointF(box.right(), middle))


def _ranks(p: QPainter, box: QRectF) -> None:
    t, high = theme.current(), box.height() / 3
    for n, share in enumerate((0.42, 0.62, 0.88)):
        line = QRectF(
            box.left() + 26, box.top() + n * high + 6, share * (box.width() - 30), high - 14
        )
        p.setPen(Qt.PenStyle.NoPen)
        p.setBrush(t.colour("teal" if n == 0 else "rule"))
        p.drawRoundedRect(line, 4, 4)
        p.setPen(t.colour("ink"))
        p.setFont(theme.serif(13))
        p.drawText(
            QRectF(box.left(), line.top(), 22, line.height()),
            Qt.AlignmentFlag.AlignCenter,
            str(n + 1),
        )
