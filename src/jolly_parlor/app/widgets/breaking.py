"""What layouts that break their lines have in common: cells, and the width that words need."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field

from PyQt6.QtCore import QRect, QSize, Qt
from PyQt6.QtWidgets import QLabel, QLayout, QLayoutItem, QWidget

_LEAST_OF_WORDS = 11
"""A label that wraps is never made narrower than so many letters m, if its words are wider."""

_FAIR_OF_WORDS = 24
"""So many of them in a line read well, where there is room."""


@dataclass
class Cell:
    """One thing in a layout, and what it takes of room that is left. Its sizes are asked for once,
    until `forget`.
    """

    item: QLayoutItem
    stretch: int = 0
    _sizes: dict[str, int] = field(default_factory=dict)
    _heights: dict[int, int] = field(default_factory=dict)

    def forget(self) -> None:
        """Something became larger or smaller."""
        self._sizes.clear()
        self._heights.clear()

    @property
    def is_gap(self) -> bool:
        """Whether it is only there to push others aside."""
        return self.item.spacerItem() is not None

    @property
    def wraps(self) -> bool:
        """Whether it is words that may go over several lines."""
        return bool(self._kept("wraps", lambda: self._wrapping is not None))

    @property
    def _wrapping(self) -> QLabel | None:
        widget = self.item.widget()
        return widget if isinstance(widget, QLabel) and widget.wordWrap() else None

    @property
    def expands(self) -> bool:
        """Whether it likes to be wide."""
        return bool(self.item.expandingDirections() & Qt.Orientation.Horizontal)

    @property
    def least(self) -> int:
        return self._kept("least", lambda: self.item.minimumSize().width())

    @property
    def hint(self) -> int:
        """As wide as it says it wants to be."""
        return self._kept("hint", lambda: self.item.sizeHint().width())

    @property
    def needed(self) -> int:
        """Where there is less, the line is broken before it."""
        return self._kept("needed", self._needs)

    @property
    def fair(self) -> int:
        """As wide as it says it wants to be; words that wrap, as wide as reads well."""
        return self._kept("fair", self._reads)

    @property
    def wanted(self) -> int:
        """On one line, so that no word of it goes into a second."""
        return self._kept("wanted", self._wants)

    def height(self, wide: int) -> int:
        high = self._heights.get(wide)
        if high is None:
            high = self._heights[wide] = self._high(wide)
        return high

    def _kept(self, name: str, make: Callable[[], int]) -> int:
        if name not in self._sizes:
            self._sizes[name] = make()
        return self._sizes[name]

    def _needs(self) -> int:
        words = self._wrapping
        if words is None:
            return max(self.hint, self.least)
        few = _LEAST_OF_WORDS * words.fontMetrics().horizontalAdvance("m")
        return min(self.wanted, max(few, self.least))

    def _reads(self) -> int:
        words = self._wrapping
        if words is None:
            return self.hint
        some = _FAIR_OF_WORDS * words.fontMetrics().horizontalAdvance("m")
        return max(min(self.wanted, some), self.needed)

    def _wants(self) -> int:
        words = self._wrapping
        if words is None:
            return self.hint
        margins = words.contentsMargins()
        long = words.fontMetrics().horizontalAdvance(words.text())
        return long + margins.left() + margins.right() + 4

    def _high(self, wide: int) -> int:
        high = self.item.heightForWidth(wide) if self.item.hasHeightForWidth() else -1
        return high if high >= 0 else self.item.sizeHint().height()


class BreakingLayout(QLayout):
    """Cells in the order in which they came; how they are broken is the layout's own."""

    def __init__(self, parent: QWidget | None = None) -> None:
        self._cells: list[Cell] = []
        self._hint: QSize | None = None
        self._least: QSize | None = None
        super().__init__(parent)
        self.setContentsMargins(0, 0, 0, 0)

    def addItem(self, a0: QLayoutItem | None) -> None:
        assert a0 is not None
        self._cells.append(Cell(a0))
        self.invalidate()

    def count(self) -> int:
        return len(self._cells)

    def itemAt(self, index: int) -> QLayoutItem | None:
        """None beyond the last."""
        return self._cells[index].item if 0 <= index < len(self._cells) else None

    def takeAt(self, index: int) -> QLayoutItem | None:
        if not 0 <= index < len(self._cells):
            return None
        item = self._cells.pop(index).item
        self.invalidate()
        return item

    def invalidate(self) -> None:
        """Something became larger or smaller."""
        for cell in self._cells:
            cell.forget()
        self._hint = self._least = None
        super().invalidate()

    def sizeHint(self) -> QSize:
        """As `_wanted` says, asked once until something changes: Qt asks for each over and over."""
        if self._hint is None:
            self._hint = self._wanted()
        return self._hint

    def minimumSize(self) -> QSize:
        """As `_needed` says, asked once until something changes."""
        if self._least is None:
            self._least = self._needed()
        return self._least

    def _wanted(self) -> QSize:
        raise NotImplementedError

    def _needed(self) -> QSize:
        raise NotImplementedError

    def expandingDirections(self) -> Qt.Orientation:
        return Qt.Orientation.Horizontal

    def hasHeightForWidth(self) -> bool:
        return True

    def _inner(self, rect: QRect) -> QRect:
        return rect.marginsRemoved(self.contentsMargins())

    def _inner_width(self, wide: int) -> int:
        margins = self.contentsMargins()
        return wide - margins.left() - margins.right()

    def _with_margins(self, size: QSize) -> QSize:
        return size.grownBy(self.contentsMargins())
