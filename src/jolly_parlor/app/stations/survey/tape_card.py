"""The card on Survey that checks the plan with lengths taken across the room."""

from dataclasses import replace
from functools import partial

from jolly_parlor.acoustics.geometry.room import Diagonal, Room
from jolly_parlor.acoustics.geometry.tape_check import corner_words, drawn_metres, tape_problems
from jolly_parlor.app import theme
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label, length_field
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.units import format_length
from jolly_parlor.words import tr

_HINT = tr(
    "A diagonal tells what two wall lengths cannot: whether they are true and the corners square."
)


class TapeCard:
    """Two corners, what the tape says between them, and what follows."""

    def __init__(self, session: Workbench) -> None:
        self._session = session
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Check with the tape"), "head"))
        self.ends = [ChoiceBox(), ChoiceBox()]
        for number, (box, title) in enumerate(
            zip(self.ends, (tr("from the"), tr("to the")), strict=True)
        ):
            box.setObjectName(f"diagonal-{number}")
            box.setAccessibleName(tr("{title} corner", title=title))
            row.addWidget(label(title, "soft"))
            row.addWidget(box, 1)
        self.metres = length_field("diagonal", lambda: session.settings.values.units)
        theme.keep_width(self.metres, most=78)
        self.metres.committed.connect(self._add)
        self.metres.failed.connect(session.refused.emit)
        row.addWidget(self.metres)
        layout.addLayout(row)
        self.words = label(_HINT, "soft", wrap=True)
        self.words.setObjectName("tape-words")
        layout.addWidget(self.words)
        grid = WrappedGrid()
        grid.setColumnStretch(0, 1)
        layout.addLayout(grid)
        self.rows = Kept(grid, session.home)

    def refresh(self) -> None:
        """Show the corners and what was measured."""
        room = self._session.document.room
        names = [
            corner_words(room, n).removeprefix(tr("corner of ")) for n in range(len(room.plan))
        ]
        for number, box in enumerate(self.ends):
            if [box.itemText(n) for n in range(box.count())] != names:
                box.clear()
                box.addItems(names)
                box.setCurrentIndex(0 if number == 0 else len(names) // 2)
        units = self._session.settings.values.units
        with self.rows as kept:
            for row, diagonal in enumerate(room.diagonals):
                drawn = drawn_metres(room, diagonal)
                told = tr("a wall is gone") if drawn is None else format_length(drawn, units)
                ends = tr("{start} to {end}", start=diagonal.start, end=diagonal.end)
                taped = format_length(diagonal.metres, units)
                kept.words(
                    tr("{ends}: tape {taped}, plan {told}", ends=ends, taped=taped, told=told),
                    row,
                    0,
                )
                gone = partial(self._remove, row)
                remove = kept.button(tr("Remove"), f"remove diagonal {row + 1}", gone, row, 1)
                remove.setAccessibleName(tr("remove the length from {ends}", ends=ends))
        problems = tape_problems(room)
        fine = tr("All lengths agree with the plan.") if room.diagonals else _HINT
        self.words.setText(" ".join(problems) if problems else fine)

    def _add(self, metres: float) -> None:
        one, other = (box.currentIndex() for box in self.ends)
        self.metres.keep(0.0)
        if one == other:
            self._session.refused.emit(tr("Choose two different corners to measure between."))
            return

        def edit(room: Room) -> Room:
            start, end = room.walls[one].name, room.walls[other].name
            kept = [d for d in room.diagonals if {d.start, d.end} != {start, end}]
            return replace(room, diagonals=(*kept, Diagonal(start, end, metres)))

        self._session.shaping.line(tr("A length across the room"), edit)

    def _remove(self, index: int) -> None:
        self._session.shaping.line(
            tr("Forget a length across the room"),
            lambda room: replace(
                room, diagonals=tuple(d for n, d in enumerate(room.diagonals) if n != index)
            ),
        )
