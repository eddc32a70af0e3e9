"""A table whose columns go on below where there is no room for all of them side by side.

As a `QGridLayout` while all columns fit. Where text is large or the window narrow, the last columns
of every row are put under the first of that row, a little to the right, and in line with each
other; the heads of the columns as those of any other row.
"""

from __future__ import annotations

from dataclasses import dataclass

from PyQt6.QtCore import QRect, QSize, Qt
from PyQt6.QtWidgets import QLayout, QLayoutItem, QWidget, QWidgetItem

from jolly_parlor.app.widgets.breaking import BreakingLayout, Cell

_NO_ALIGNMENT = Qt.AlignmentFlag(0)
_INDENT = 12
"""So much further right begins what goes on below."""


@dataclass
class _Placed(Cell):
    row: int = 0
    column: int = 0
    rows: int = 1
    columns: int = 1

    @property
    def end(self) -> int:
        return self.column + self.columns


@dataclass
class _Band:
    """Columns side by side: their numbers, where each begins, and how wide it is."""

    columns: list[int]
    starts: dict[int, int]
    widths: dict[int, int]


@dataclass
class _Column:
    least: int = 0
    hint: int = 0
    expands: bool = False


class WrappedGrid(BreakingLayout):
    """Rows and columns, and fewer columns with more rows where it is narrow."""

    def __init__(self, parent: QWidget | None = None, in_blocks: bool = False) -> None:
        """in_blocks: what goes below goes below all rows, for fields with captions under them."""
        self._in_blocks = in_blocks
        self._stretches: dict[int, int] = {}
        self._between, self._under = 6, 6
        self._known: dict[int, list[tuple[_Placed, QRect]]] = {}
        self._found: dict[int, _Column] | None = None
        self._visible: list[_Placed] | None = None
        super().__init__(parent)

    # What QGridLayout has and QLayout has not.

    def addWidget(
        self,
        w: QWidget | None,
        row: int = 0,
        column: int = 0,
        rows: int = 1,
        columns: int = 1,
        *,
        alignment: Qt.AlignmentFlag = _NO_ALIGNMENT,
    ) -> None:
        assert w is not None
        self.addChildWidget(w)
        item = QWidgetItem(w)
        item.setAlignment(alignment)
        self._put(_Placed(item, row=row, column=column, rows=rows, columns=columns))

    def addLayout(
        self, inner: QLayout, row: int, column: int, rows: int = 1, columns: int = 1
    ) -> None:
        self.addChildLayout(inner)
        self._put(_Placed(inner, row=row, column=column, rows=rows, columns=columns))

    def setColumnStretch(self, column: int, stretch: int) -> None:
        """What that column takes of the room that is left."""
        self._stretches[column] = stretch
        self.invalidate()

    def setHorizontalSpacing(self, spacing: int) -> None:
        self._between = spacing
        self.invalidate()

    def setVerticalSpacing(self, spacing: int) -> None:
        self._under = spacing
        self.invalidate()

    def setSpacing(self, a0: int) -> None:
        self._between = self._under = a0
        self.invalidate()

    def rowCount(self) -> int:
        """Up to the last row that has something."""
        return max((c.row + c.rows for c in self._placed_cells()), default=0)

    def columnCount(self) -> int:
        """Up to the last column that has something."""
        return max((c.end for c in self._placed_cells()), default=0)

    def itemAtPosition(self, row: int, column: int) -> QLayoutItem | None:
        for c in self._placed_cells():
            if c.row <= row < c.row + c.rows and c.column <= column < c.end:
                return c.item
        return None

    def as_read(self) -> list[QLayoutItem]:
        """What it holds, row by row."""
        return [c.item for c in sorted(self._placed_cells(), key=lambda c: (c.row, c.column))]

    # Qt's hooks.

    def addItem(self, a0: QLayoutItem | None) -> None:
        assert a0 is not None
        self._put(_Placed(a0, row=self.rowCount()))

    def invalidate(self) -> None:
        """Something became larger or smaller."""
        self._known, self._found = {}, None
        self._visible = None
        super().invalidate()

    def heightForWidth(self, a0: int) -> int:
        rects = [rect for _, rect in self._laid(self._inner_width(a0))]
        high = max((rect.y() + rect.height() for rect in rects), default=0)
        return self._with_margins(QSize(0, high)).height()

    def _wanted(self) -> QSize:
        columns = self._columns()
        wide = sum(c.hint for c in columns.values()) + self._between * max(len(columns) - 1, 0)
        rects = [rect for _, rect in self._laid(wide)]
        return self._with_margins(
            QSize(wide, max((rect.y() + rect.height() for rect in rects), default=0))
        )

    def _needed(self) -> QSize:
        wide, seen = 0, self._seen()
        first = {c.row: min(d.column for d in seen if d.row == c.row) for c in seen}
        for c in seen:
            # What has something before it in its row can go below.
            wide = max(wide, c.least + (_INDENT if c.column > first[c.row] else 0))
        high = max((c.item.minimumSize().height() for c in seen), default=0)
        return self._with_margins(QSize(wide, high))

    def setGeometry(self, a0: QRect) -> None:
        super().setGeometry(a0)
        inner = self._inner(a0)
        for cell, rect in self._laid(inner.width()):
            cell.item.setGeometry(rect.translated(inner.topLeft()))

    # How rows are made.

    def _put(self, cell: _Placed) -> None:
        self._cells.append(cell)
        self.invalidate()

    def _placed_cells(self) -> list[_Placed]:
        return [c for c in self._cells if isinstance(c, _Placed)]

    def _seen(self) -> list[_Placed]:
        if self._visible is None:
            self._visible = [c for c in self._placed_cells() if not c.item.isEmpty()]
        return self._visible

    def _columns(self) -> dict[int, _Column]:
        if self._found is None:
            self._found = self._measured()
        return self._found

    def _measured(self) -> dict[int, _Column]:
        seen = self._seen()
        found: dict[int, _Column] = {}
        for c in seen:
            if c.columns == 1:
                column = found.setdefault(c.column, _Column())
                column.least = max(column.least, c.needed if c.wraps else c.least)
                column.hint = max(column.hint, c.fair)
                column.expands = column.expands or c.expands
        for c in seen:
            if c.columns > 1 and not any(n in found for n in range(c.column, c.end)):
                found[c.column] = _Column(c.least, c.least)
        return dict(sorted(found.items()))

    def _laid(self, wide: int) -> list[tuple[_Placed, QRect]]:
        """Where each cell is, in a grid so wide, from its top left corner."""
        if wide not in self._known:
            self._known[wide] = self._lay(wide)
        return self._known[wide]

    def _lay(self, wide: int) -> list[tuple[_Placed, QRect]]:
        bands = self._bands(wide)
        rows: dict[int, list[_Placed]] = {}
        for c in self._seen():
            rows.setdefault(c.row, []).append(c)
        laid: list[tuple[_Placed, QRect]] = []
        y, several = 0, len(bands) > 1
        lines = [(row, n) for row in sorted(rows) for n in range(len(bands))]
        if self._in_blocks:
            lines.sort(key=lambda line: line[1])
        for row, number in lines:
            band, here = bands[number], rows[row]
            if several:
                here = [c for c in here if _starts_in(c, band, number, bands)]
                if not here:
                    continue
            places = [self._across(c, band, bands, wide) for c in here]
            heights = [c.height(w) for c, (_, w) in zip(here, places, strict=True)]
            # What spans rows may reach below this one, unless columns go on there or nothing is.
            ending = [
                h
                for c, h in zip(here, heights, strict=True)
                if several or not any(r in rows for r in range(row + 1, row + c.rows))
            ]
            high = max(ending or heights)
            for c, (x, w), h in zip(here, places, heights, strict=True):
                laid.append((c, QRect(x, y, w, max(high, h))))
            y += high + self._under
        return laid

    def _across(self, cell: _Placed, band: _Band, bands: list[_Band], wide: int) -> tuple[int, int]:
        """Where a cell begins and how wide it is."""
        if cell.columns == 1 and cell.column in band.starts:
            return band.starts[cell.column], band.widths[cell.column]
        within = [n for n in band.columns if cell.column <= n < cell.end]
        if not within:
            begin = _INDENT if band is not bands[0] else 0
            return begin, wide - begin
        x, last = band.starts[within[0]], within[-1]
        whole = last == band.columns[-1]
        return x, (wide if whole else band.starts[last] + band.widths[last]) - x

    def _bands(self, wide: int) -> list[_Band]:
        columns = self._columns()
        groups: list[list[int]] = [[]]
        used = 0
        for number, column in columns.items():
            gap = self._between if groups[-1] else 0
            if groups[-1] and used + gap + column.least > wide:
                groups.append([])
                used, gap = _INDENT, 0
            groups[-1].append(number)
            used += gap + column.least
        return [
            self._band(group, {n: columns[n] for n in group}, wide, _INDENT if at else 0)
            for at, group in enumerate(groups)
        ]

    def _band(self, group: list[int], columns: dict[int, _Column], wide: int, begin: int) -> _Band:
        room = wide - begin - self._between * max(len(group) - 1, 0)
        widths = self._shared(columns, room)
        starts, x = {}, begin
        for number in group:
            starts[number] = x
            x += widths[number] + self._between
        return _Band(group, starts, widths)

    def _shared(self, columns: dict[int, _Column], room: int) -> dict[int, int]:
        """Widths: first what is needed, then what is wanted, then the room that is left."""
        widths = {n: min(c.least, room) for n, c in columns.items()}
        left = room - sum(widths.values())
        more = {n: max(c.hint - widths[n], 0) for n, c in columns.items()}
        if 0 < left < sum(more.values()):
            return {n: w + left * more[n] // sum(more.values()) for n, w in widths.items()}
        if left <= 0:
            return widths
        widths = {n: w + more[n] for n, w in widths.items()}
        left = room - sum(widths.values())
        shares = {n: self._stretches.get(n, 0) for n in columns}
        if not any(shares.values()):
            some = any(c.expands for c in columns.values())
            shares = {n: int(c.expands or not some) for n, c in columns.items()}
        return _filled(widths, shares, left)


def _filled(widths: dict[int, int], shares: dict[int, int], left: int) -> dict[int, int]:
    """What is left goes to those that have a share, so that they come out as their shares are."""
    takers = [n for n, share in shares.items() if share]
    room = left + sum(widths[n] for n in takers)
    for n in sorted(takers, key=lambda n: widths[n] / shares[n], reverse=True):
        total = sum(shares[m] for m in takers)
        given = max(widths[n], room * shares[n] // total)
        widths[n], room = given, room - given
        takers = [m for m in takers if m != n]
    return widths


def _starts_in(cell: _Placed, band: _Band, number: int, bands: list[_Band]) -> bool:
    """Whether a cell belongs to a band: to the first that has a column of it."""
    if any(cell.column <= n < cell.end for n in band.columns):
        earlier = bands[:number]
        return not any(cell.column <= n < cell.end for b in earlier for n in b.columns)
    known = any(cell.column <= n < cell.end for b in bands for n in b.columns)
    return not known and number == 0
