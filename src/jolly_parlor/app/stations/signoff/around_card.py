"""Loudspeakers around the seat: what is off of each, what to move, what to set."""

from functools import partial

from PyQt6.QtCore import QObject
from PyQt6.QtWidgets import QFrame, QPushButton

from jolly_parlor.analysis.loudspeakers_alike import matched
from jolly_parlor.app import jobs
from jolly_parlor.app.questions import AROUND
from jolly_parlor.app.stations.asked import Asked
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label, named_button, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Align, Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.around_seat import Settled
from jolly_parlor.placement.layouts import side_words
from jolly_parlor.placement.matching import Match, match_words
from jolly_parlor.project.document import Document
from jolly_parlor.project.layout_edits import move_to
from jolly_parlor.units import format_length, with_minus
from jolly_parlor.words import tr

_ASK = tr(
    "Every loudspeaker at the same level, time and curve at the main "
    "seat: from takes of each alone at up to six points of the head, "
    "else by forecast. Turn each to the ear. Those that may move are "
    "moved before anything is set."
)
Moved = tuple[Document, tuple[Settled, ...]]


class AroundCard(QObject):
    """Of the arrangement shown. `frame` is the widget; hidden where only the pair plays."""

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.session = session
        self._asked: Asked[list[Match]] = Asked(session, AROUND, self._came)
        self._moving: Asked[Moved] = Asked(session, AROUND, self._move_came)
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Around the seat"), "head"))
        row.addStretch(1)
        self.find = QPushButton(tr("See what is off"))
        self.find.setObjectName("match-around")
        on_click(self.find, self._ask)
        self.move = QPushButton(tr("Move those that may"))
        self.move.setObjectName("move-around")
        on_click(self.move, self._ask_move)
        self.set = named_button(tr("Set levels and times"), "set-around", self._set)
        for button in (self.find, self.move, self.set):
            row.addWidget(button)
        layout.addLayout(row)
        self.words = label(_ASK, "soft", wrap=True)
        self.words.setObjectName("around-words")
        layout.addWidget(self.words)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(14)
        grid.setVerticalSpacing(3)
        grid.setColumnStretch(5, 1)
        layout.addLayout(grid)
        self.rows = Kept(grid, session.home)

    @property
    def found(self) -> list[Match] | None:
        """What was found for the places and settings shown."""
        return self._asked.found

    def refresh(self) -> None:
        """What was found of other places is found no more."""
        self._asked.refresh()
        self._moving.refresh()
        self._show()

    def _show(self) -> None:
        gear, found = self.session.document.gear, self.found
        able = self.session.arrangement is not None and not self.session.problem
        self.find.setEnabled(able)
        movable = any(d.movable for d in gear.layout.directions)
        self.move.setEnabled(able and movable)
        off = found is not None and any(not m.stands and m.movable for m in found)
        self.set.setEnabled(found is not None)
        self.set.setProperty("strong", found is not None and not off)
        if found is None:
            self.words.setText(_ASK)
            self.rows.empty()
            return
        points = min(m.points for m in found)
        how = tr("Measured") if found[0].measured else tr("Forecast")
        last = tr(" Move first, then set.") if off else ""
        self.words.setText(
            tr(
                "{how}, mean on power over {points} points of the head.{last}",
                how=how,
                points=points,
                last=last,
            )
        )
        with self.rows as kept:
            self._list(kept, found)

    def _list(self, kept: Kept, found: list[Match]) -> None:
        gear, units = self.session.document.gear, self.session.settings.values.units
        for column, title in enumerate(("", "from", "up", "distance", "level", "")):
            kept.words(title, 0, column)
        for line, match in enumerate(found, start=1):
            cells = (
                match.loudspeaker,
                side_words(match.azimuth),
                with_minus(f"{match.elevation:.0f}°"),
                format_length(match.metres, units),
                with_minus(tr("{level_db:+.1f} dB", level_db=round(match.level_db, 1) + 0.0)),
                " ".join(match_words(match, gear, units)),
            )
            for column, words in enumerate(cells):
                role = "strong" if column == 0 and not match.matched else ""
                last = column == 5
                told = "soft" if last else role
                kept.words(words, line, column, role=told, wrap=last, align=Align.AlignTop)

    def _ask(self) -> None:
        document = self.session.document
        self._asked.ask(self.find, lambda _, name, models: jobs.around_seat(document, name, models))

    def _came(self) -> None:
        self._show()

    def _ask_move(self) -> None:
        document = self.session.document
        self._moving.ask(
            self.move, lambda _, name, models: jobs.moved_around(document, name, models)
        )

    def _move_came(self) -> None:
        moved, a = self._moving.found, self.session.arrangement
        if moved is None or a is None:
            return
        document, told = moved
        placed = document.arrangement(a.name)
        self._moving.found = None
        if self.session.do(
            tr("Move around the seat"), partial(move_to, name=a.name, placed=placed, told=told)
        ):
            self._ask()

    def _set(self) -> None:
        a, found = self.session.arrangement, self.found
        if a is not None and found is not None:
            self.session.do(tr("Set levels and times"), partial(matched, name=a.name, found=found))
