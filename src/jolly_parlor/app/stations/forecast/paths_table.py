"""Paths one by one: a row for each boundary, what it does at the ear and at the source."""

from functools import partial

from PyQt6.QtCore import QEvent, Qt
from PyQt6.QtWidgets import QFrame, QLabel, QVBoxLayout, QWidget

from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.diagnosis.paths import Path, paths
from jolly_parlor.units import format_length, with_minus
from jolly_parlor.words import tr

_TITLES = (
    "boundary",
    tr("longer by"),
    tr("later by"),
    "level",
    tr("cancels at the ear"),
    tr("adds at the ear"),
)
_MOST_SHOWN = 4


class PathsTable(QWidget):
    """Of the selected source, or of the left monitor."""

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.session = session
        self.setObjectName("paths")
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 6, 0)
        self.head = label("", "soft", wrap=True)
        layout.addWidget(self.head)
        frame = QFrame()
        frame.setObjectName("card")
        grid = WrappedGrid(frame)
        grid.setHorizontalSpacing(14)
        grid.setVerticalSpacing(2)
        grid.setColumnStretch(4, 1)
        grid.setColumnStretch(5, 1)
        self.rows = Kept(grid, session.home)
        layout.addWidget(frame)
        layout.addStretch(1)

    def refresh(self) -> None:
        session, a = self.session, self.session.arrangement
        if a is None:
            self.head.setText("")
            self.rows.empty()
            return
        source = session.tints.item()
        who = source.words
        self.head.setText(
            tr(
                "From the {who} to the {seat}: every surface by itself, up to 700 "
                "Hz. This explains; the forecast adds all of them and the modes.",
                who=who,
                seat=session.seat,
            )
        )
        found = paths(session.document.setup(a), source, session.seat)
        with self.rows as kept:
            for column, title in enumerate((*_TITLES, tr("at the source"))):
                kept.words(title, 0, column)
            for row, path in enumerate(found, start=1):
                for column, text in enumerate(self._texts(path)):
                    make = partial(_Cell, session, strong=column == 0)
                    kept.put(f"{row} {column}", make, row, column).show_path(text, path)

    def _texts(self, path: Path) -> list[str]:
        units, reflection = self.session.settings.values.units, path.reflection
        at_source = tr("on it")
        if path.source_cancellation_hz is not None:
            at_source = tr(
                "{face}, heard from {heard}: first at {source_cancellation_hz:.0f} Hz",
                face=format_length(path.distance_metres, units),
                heard=format_length(path.heard_metres, units),
                source_cancellation_hz=path.source_cancellation_hz,
            )
        return [
            path.boundary,
            format_length(reflection.excess_metres, units),
            tr("{delay_seconds:.1f} ms", delay_seconds=reflection.delay_seconds * 1000),
            with_minus(tr("{level_db:.0f} dB", level_db=reflection.level_db)),
            _hertz(path.cancellations_hz),
            _hertz(path.reinforcements_hz),
            at_source,
        ]


class _Cell(QLabel):
    """Pointing at a cell lights its boundary on the plan."""

    def __init__(self, session: Workbench, strong: bool) -> None:
        super().__init__()
        self.setTextFormat(Qt.TextFormat.PlainText)
        self._session = session
        if strong:
            self.setProperty("role", "strong")

    def show_path(self, text: str, path: Path) -> None:
        """Show one figure of that path."""
        self._path = path
        self.setText(text)

    def enterEvent(self, event: QEvent | None) -> None:
        """Light it, with its path where a mark has one."""
        mark = next(
            (
                m
                for m in self._session.shown.marks
                if m.reflection is not None
                and m.reflection.boundary == self._path.boundary
                and m.reflection.source == self._path.reflection.source
            ),
            None,
        )
        if mark is not None:
            self._session.point_at(Highlight(mark.lane, mark))
        elif self._path.boundary != "desk":
            self._session.point_at(Highlight(None, None, self._path.boundary))

    def leaveEvent(self, event: QEvent | None) -> None:
        self._session.point_at(Highlight())


def _hertz(frequencies: tuple[float, ...]) -> str:
    if not frequencies:
        return tr("none below 700 Hz")
    shown = ", ".join(f"{f:.0f}" for f in frequencies[:_MOST_SHOWN])
    return tr(
        "{shown}{frequencies} Hz",
        shown=shown,
        frequencies=" …" if len(frequencies) > _MOST_SHOWN else "",
    )
