"""The card on Survey that lists the room's modes and how the present places meet them."""

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.mode_facts import listed_modes, meetings, spacing_words
from jolly_parlor.words import tr

_ROWS, _ROWS_OF_NAMES = 7, 14
"""In three columns, or in one where modes have longer names."""


class ModesCard:
    """Modes column by column; `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.frame, layout = card()
        layout.addWidget(label(tr("Modes"), "head"))
        self.words = label("", wrap=True)
        self.words.setObjectName("mode-words")
        layout.addWidget(self.words)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(10)
        grid.setVerticalSpacing(1)
        for column in (2, 5, 8):
            grid.setColumnStretch(column, 1)
        layout.addLayout(grid)
        self.rows = Kept(grid, session.home)
        self.under = label("", "soft", wrap=True)
        layout.addWidget(self.under)

    def refresh(self) -> None:
        """Show the room's modes; with an arrangement, how its main seat and monitors meet them."""
        room, a = self.session.document.room, self.session.arrangement
        self.words.setText(" ".join(spacing_words(room)))
        met: list[str] = []
        if a is not None and not self.session.problem:
            seat = self.session.document.gear.seats[0].name
            met = [m.words for m in meetings(room, a, seat)]
            self.under.setText(
                tr(
                    "Beside each: how {name} meets it at the {seat}, both monitors "
                    "playing. Rigid walls assumed; real ones shift a mode by a few per "
                    "cent.",
                    name=a.name,
                    seat=seat,
                )
            )
        else:
            self.under.setText(tr("With an arrangement, each says how seat and monitors meet it."))
        rows = _ROWS if room.is_empty_box else _ROWS_OF_NAMES
        listed = listed_modes(room)[: 3 * _ROWS if rows == _ROWS else rows]
        with self.rows as kept:
            for index, mode in enumerate(listed):
                row, column = index % rows, 3 * (index // rows)
                hertz = tr("{frequency_hz:.0f} Hz", frequency_hz=mode.frequency_hz)
                kept.words(hertz, row, column, role="strong")
                kept.words(mode.label, row, column + 1)
                words = met[index].partition(":")[0] if met else ""
                kept.words(words, row, column + 2, role="")
