"""A row that goes on in a second line where there is no room for it in one.

As a `QHBoxLayout` while all of it fits: stretches push aside, and what has a stretch factor or
wants to expand gets what is left. Where text is large or the window narrow, lines are broken as in
a paragraph.
"""

from __future__ import annotations

from dataclasses import dataclass

from PyQt6.QtCore import QRect, QSize, Qt
from PyQt6.QtWidgets import (
    QLabel,
    QLayout,
    QLayoutItem,
    QLineEdit,
    QSizePolicy,
    QSpacerItem,
    QWidget,
    QWidgetItem,
)

from jolly_parlor.app.widgets.breaking import BreakingLayout, Cell

_NO_ALIGNMENT = Qt.AlignmentFlag(0)


@dataclass(frozen=True)
class _Line:
    """Cells with their x and width, and how high the line is."""

    placed: list[tuple[Cell, int, int]]
    high: int


class FlowRow(BreakingLayout):
    """Left to right, then down."""

    def __init__(self, parent: QWidget | None = None) -> None:
        self._known: dict[int, list[_Line]] = {}
        self._visible: list[Cell] | None = None
        super().__init__(parent)
        self.setSpacing(6)

    # What QBoxLayout has and QLayout has not.

    def addWidget(
        self, w: QWidget | None, stretch: int = 0, alignment: Qt.AlignmentFlag = _NO_ALIGNMENT
    ) -> None:
        self.insertWidget(len(self._cells), w, stretch, alignment)

    def insertWidget(
        self,
        index: int,
        w: QWidget | None,
        stretch: int = 0,
        alignment: Qt.AlignmentFlag = _NO_ALIGNMENT,
    ) -> None:
        """Before the one of that index."""
        assert w is not None
        self.addChildWidget(w)
        item = QWidgetItem(w)
        item.setAlignment(alignment)
        self._cells.insert(index, Cell(item, stretch))
        self.invalidate()

    def addLayout(self, inner: QLayout, stretch: int = 0) -> None:
        self.addChildLayout(inner)
        self._put(inner, stretch)

    def addStretch(self, stretch: int = 0) -> None:
        """What comes after is pushed aside; to the right where it is in one line with it."""
        gap = QSpacerItem(0, 0, QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Minimum)
        self._put(gap, max(stretch, 1))

    def addSpacing(self, pixels: int) -> None:
        gap = QSpacerItem(pixels, 0, QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Minimum)
        self._put(gap, 0)

    # Qt's hooks.

    def invalidate(self) -> None:
        """Something became larger or smaller."""
        self._known = {}
        self._visible = None
        super().invalidate()

    def heightForWidth(self, a0: int) -> int:
        lines = self._laid(self._inner_width(a0))
        high = sum(line.high for line in lines) + self.spacing() * max(len(lines) - 1, 0)
        return self._with_margins(QSize(0, high)).height()

    def _wanted(self) -> QSize:
        seen = self._seen()
        wide = sum(_wanted(cell) for cell in seen) + self.spacing() * max(len(seen) - 1, 0)
        high = max((cell.item.sizeHint().height() for cell in seen), default=0)
        return self._with_margins(QSize(wide, high))

    def _needed(self) -> QSize:
        seen = self._seen()
        wide = max((cell.least for cell in seen), default=0)
        high = max((cell.item.minimumSize().height() for cell in seen), default=0)
        return self._with_margins(QSize(wide, high))

    def setGeometry(self, a0: QRect) -> None:
        super().setGeometry(a0)
        inner = self._inner(a0)
        y = inner.top()
        for line in self._laid(inner.width()):
            for cell, x, wide in line.placed:
                if not cell.is_gap:
                    cell.item.setGeometry(QRect(inner.left() + x, y, wide, line.high))
            y += line.high + self.spacing()

    # How lines are made.

    def _laid(self, wide: int) -> list[_Line]:
        if wide not in self._known:
            placed = [self._placed(line, wide) for line in self._lines(wide)]
            self._known[wide] = [_Line(line, _height(line)) for line in placed]
        return self._known[wide]

    def _put(self, item: QLayoutItem, stretch: int) -> None:
        self._cells.append(Cell(item, stretch))
        self.invalidate()

    def _seen(self) -> list[Cell]:
        if self._visible is None:
            seen = [cell for cell in self._cells if cell.is_gap or not cell.item.isEmpty()]
            self._visible = seen
        return self._visible

    def _lines(self, wide: int) -> list[list[Cell]]:
        lines: list[list[Cell]] = [[]]
        used = 0
        seen = self._seen()
        for at, cell in enumerate(seen):
            needs = _needed(cell)
            if at + 1 < len(seen) and _belong(cell, seen[at + 1]):
                needs += self.spacing() + _needed(seen[at + 1])
            gap = self.spacing() if lines[-1] else 0
            after = lines[-1][-1] if lines[-1] else None
            if after and not (cell.is_gap or _belong(after, cell)) and used + gap + needs > wide:
                lines.append([])
                used = gap = 0
            lines[-1].append(cell)
            used += gap + _needed(cell)
        return [line for line in lines if line]

    def _placed(self, line: list[Cell], wide: int) -> list[tuple[Cell, int, int]]:
        """Each cell's x and width within its line."""
        needs = [min(_needed(cell), wide) for cell in line]
        left = max(wide - sum(needs) - self.spacing() * (len(line) - 1), 0)
        # Words that wrap come first: they may be as wide as they want to be.
        for at, cell in enumerate(line):
            more = min(max(_wanted(cell) - needs[at], 0), left)
            needs[at], left = needs[at] + more, left - more
        takers = [at for at, cell in enumerate(line) if cell.stretch]
        shares = [line[at].stretch for at in takers]
        if not takers:
            takers = [at for at, cell in enumerate(line) if cell.expands]
            shares = [1] * len(takers)
        for number, at in enumerate(takers):
            share = left * shares[number] // sum(shares[number:])
            given = min(share, max(line[at].item.maximumSize().width() - needs[at], 0))
            needs[at], left = needs[at] + given, left - given
        placed, x = [], 0
        for cell, width in zip(line, needs, strict=True):
            placed.append((cell, x, width))
            x += width + self.spacing()
        return placed


def _belong(cell: Cell, after: Cell) -> bool:
    """Whether the second says what is in the first: the unit or the caption of a field."""
    words = after.item.widget()
    return (
        isinstance(cell.item.widget(), QLineEdit)
        and isinstance(words, QLabel)
        and words.property("role") == "soft"
        and not after.wraps
    )


def _height(placed: list[tuple[Cell, int, int]]) -> int:
    return max((cell.height(wide) for cell, _, wide in placed), default=0)


def _wanted(cell: Cell) -> int:
    return cell.wanted if cell.stretch else cell.hint


def _needed(cell: Cell) -> int:
    return min(cell.needed, max(_wanted(cell), cell.least)) if cell.wraps else cell.needed
