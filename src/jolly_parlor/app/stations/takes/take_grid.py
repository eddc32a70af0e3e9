"""The takes of an arrangement at a glance: a chip for each source and seat, and below them the one
that is open, with what comes next as its first button.
"""

from collections.abc import Callable
from dataclasses import dataclass
from functools import partial

from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtGui import QAction
from PyQt6.QtWidgets import QGridLayout, QMenu

from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.stations.takes.arrangement_tiles import ArrangementTiles
from jolly_parlor.app.stations.takes.head_points import point_words
from jolly_parlor.app.stations.takes.take_chip import STATE_WORDS, TakeChip
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.mixes import BOTH_AS_SET, WITH_SUBWOOFERS
from jolly_parlor.project.take_edits import insist_on_take, remove_take
from jolly_parlor.project.take_states import TakeState, sources_shown, take_state
from jolly_parlor.project.takes import HeadPoint, Take
from jolly_parlor.studio.moving_microphone import PER_OCTAVE
from jolly_parlor.words import capital, tr

_MARKS = {"good": tr("✓ good"), "doubtful": tr("? doubtful"), "bad": tr("✗ bad, left out")}
Where = tuple[str, str]


@dataclass(frozen=True)
class _Deed:
    """What may be done with a take or where there is none."""

    name: str
    words: str
    do: Callable[[], object]
    only_in_menu: bool = False


def _chosen(deed: _Deed, _: bool) -> None:
    deed.do()


class TakeGrid:
    """`frame` is the widget. measure, measure_moving and choose_file: what begins a
    take, and asks for a file."""

    def __init__(
        self,
        session: Workbench,
        measure: Callable[[str, str], None],
        measure_moving: Callable[[str, str, int], None],
        choose_file: Callable[[str, str], None],
        point: Callable[[], HeadPoint],
    ) -> None:
        self.session, self._measure, self._choose_file = session, measure, choose_file
        self._measure_moving, self._point = measure_moving, point
        self.frame, layout = card()
        self.tiles = ArrangementTiles(session)
        layout.addLayout(self.tiles.row)
        self.title = label("", "head")
        layout.addWidget(self.title)
        self.grid = QGridLayout()
        self.grid.setHorizontalSpacing(14)
        self.grid.setVerticalSpacing(6)
        layout.addLayout(self.grid)
        self.details = label("", "soft", wrap=True)
        self.details.setObjectName("take-details")
        layout.addWidget(self.details)
        deeds = FlowRow()
        layout.addLayout(deeds)
        self.deeds = Kept(deeds, session.home)
        self.chips: dict[Where, TakeChip] = {}
        self._around: dict[Where, list[HeadPoint]] = {}
        self._opened: Where | None = None
        self._laid_out: tuple[object, ...] = ()

    def refresh(self) -> None:
        """The chips as things stand, kept as long as sources and seats stay."""
        document, a = self.session.document, self.session.arrangement
        self.tiles.refresh()
        if a is None:
            self._lay_out((), ())
            self.title.setText(tr("Rough in an arrangement first; takes belong to one."))
            self._open(None)
            return
        point = self._point()
        where = "" if point == "centre" else f", {point_words(point)}"
        self.title.setText(f"{a.name}{where}")
        seats = tuple(seat.name for seat in document.gear.seats)
        self._lay_out(tuple(sources_shown(document, a)), seats)
        for (source, seat), chip in self.chips.items():
            state = take_state(document, a, source, seat, point)
            around = [p for p in document.takes_around(a, source, seat) if p != point]
            chip.show_state(state, _all_words(state, source, seat), len(around))
            self._around[source, seat] = around
        self._open(self._opened if self._opened in self.chips else None)

    def open(self, source: str, seat: str) -> None:
        """Show all there is to say of one, and what may be done."""
        self._open((source, seat))

    def _lay_out(self, sources: tuple[str, ...], seats: tuple[str, ...]) -> None:
        if self._laid_out == (sources, seats):
            return
        self._laid_out = sources, seats
        clear(self.grid)
        self.chips = {}
        for column, seat in enumerate(seats, start=1):
            self.grid.addWidget(label(tr("at the {seat}", seat=seat), "soft"), 0, column)
        for row, source in enumerate(sources, start=1):
            self.grid.addWidget(label(_source_words(source)), row, 0)
            for column, seat in enumerate(seats, start=1):
                chip = TakeChip(source, seat, self._pressed)
                on_click(chip, partial(self._open, (source, seat)))
                chip.setContextMenuPolicy(Qt.ContextMenuPolicy.CustomContextMenu)
                chip.customContextMenuRequested.connect(partial(self._offer, chip))
                self.chips[source, seat] = chip
                self.grid.addWidget(chip, row, column)
        self.grid.setColumnStretch(len(seats) + 1, 1)

    def _open(self, where: Where | None) -> None:
        self._opened = where
        for at, chip in self.chips.items():
            chip.setChecked(at == where)
        if where is None:
            self.deeds.empty()
            self.details.setText(
                tr("Choose one to see what it is, or to measure or import it.")
                if self.chips
                else ""
            )
            return
        state = self.chips[where].state
        self.details.setText(_all_words(state, *where) + _around_words(self._around[where]))
        with self.deeds as kept:
            for deed in self._deeds(where, state):
                if not deed.only_in_menu:
                    called = f"{deed.name}-{where[0]}-{where[1]}"
                    kept.button(deed.words, called, deed.do)
            kept.gap()

    def _deeds(self, where: Where, state: TakeState) -> list[_Deed]:
        """What comes next first."""
        take = state.take
        measure = partial(self._measure, *where)
        moving = [
            _Deed(
                f"moving-{parts}",
                tr("By a moving microphone, 1/{parts} octave", parts=parts),
                partial(self._measure_moving, *where, parts),
                only_in_menu=parts != PER_OCTAVE[0],
            )
            for parts in PER_OCTAVE
        ]
        if take is None:
            return [
                _Deed("measure", tr("Measure"), measure),
                _Deed("import", tr("Import…"), partial(self._choose_file, *where)),
                *moving,
            ]
        deeds = [
            _Deed("again", tr("Measure again"), measure),
            _Deed("import", tr("Import another…"), partial(self._choose_file, *where)),
            *moving,
            _Deed("remove", tr("Remove"), partial(self._remove, take)),
        ]
        if state.state == "bad":
            deeds.insert(1, _Deed("insist", tr("Use it anyway"), partial(self._insist, take)))
        return deeds

    def _offer(self, chip: TakeChip, at: QPoint) -> None:
        self.menu_of(chip).popup(chip.mapToGlobal(at))

    def menu_of(self, chip: TakeChip) -> QMenu:
        """The same as a menu."""
        menu = QMenu(chip)
        for deed in self._deeds((chip.source, chip.seat), chip.state):
            action = QAction(deed.words, menu)
            action.triggered.connect(partial(_chosen, deed))
            menu.addAction(action)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        return menu

    def _pressed(self, chip: TakeChip, key: int) -> bool:
        """Arrows go from chip to chip; M measures, I imports, Delete removes."""
        names = {Qt.Key.Key_M: ("measure", "again"), Qt.Key.Key_I: ("import",)}
        names[Qt.Key.Key_Delete] = ("remove",)
        step = {
            Qt.Key.Key_Left: (0, -1),
            Qt.Key.Key_Right: (0, 1),
            Qt.Key.Key_Up: (-1, 0),
            Qt.Key.Key_Down: (1, 0),
        }.get(Qt.Key(key))
        if step is not None:
            self._walk(chip, *step)
            return True
        wanted = names.get(Qt.Key(key), ())
        for deed in self._deeds((chip.source, chip.seat), chip.state):
            if deed.name in wanted:
                deed.do()
                return True
        return False

    def _walk(self, chip: TakeChip, down: int, right: int) -> None:
        sources = list(dict.fromkeys(source for source, _ in self.chips))
        seats = list(dict.fromkeys(seat for _, seat in self.chips))
        row = min(max(sources.index(chip.source) + down, 0), len(sources) - 1)
        column = min(max(seats.index(chip.seat) + right, 0), len(seats) - 1)
        self.chips[sources[row], seats[column]].setFocus()

    def _insist(self, take: Take) -> None:
        name = take.info.id
        self.session.do(tr("Use {take_id} anyway", take_id=name), lambda d: insist_on_take(d, name))

    def _remove(self, take: Take) -> None:
        self.session.do(
            tr("Remove {name}", name=take.info.file_name),
            lambda d: remove_take(d, take.info.id),
        )


def _source_words(source: str) -> str:
    if source == WITH_SUBWOOFERS:
        return tr("{source}, as set", source=source)
    return tr("both, as set") if source == BOTH_AS_SET.id else source


def _around_words(points: list[HeadPoint]) -> str:
    """At which other points of the head there are takes of it."""
    if not points:
        return ""
    where = "; ".join(point_words(point) for point in points)
    return "\n" + tr("At other points of the head: {where}.", where=where)


def _all_words(state: TakeState, source: str, seat: str) -> str:
    """All there is to say of a take, a line each."""
    take = state.take
    name = tr("{source} at the {seat}", source=_source_words(source), seat=seat)
    first = f"{capital(name)}: {STATE_WORDS[state.state]}"
    if take is None:
        return f"{first}."
    f, how = take.response.frequencies_hz, take.info.measured
    phase = "" if take.response.phase_deg is not None else tr(", no phase")
    lines = [
        first,
        tr(
            "{file_name}: {size} points, {f:.0f} to {f2:.0f} Hz{phase}",
            file_name=take.info.file_name,
            size=f.size,
            f=f[0],
            f2=f[-1],
            phase=phase,
        ),
    ]
    lines += take.info.notes
    if how is not None:
        loud = "" if how.level_db_spl is None else tr(", {db:.0f} dB SPL", db=how.level_db_spl)
        lines.append(
            tr("{marks}; {device}{loud}", marks=_MARKS[how.mark], device=how.device, loud=loud)
        )
        lines += how.words
    return "\n".join(lines)
