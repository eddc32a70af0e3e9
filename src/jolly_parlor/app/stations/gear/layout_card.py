"""The layout: which loudspeakers there are around the seat, and from where each should come."""

from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QFrame

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.layouts import PRESETS, Direction, LayoutId, direction_at
from jolly_parlor.project.layout_edits import choose_layout, set_direction, without_direction
from jolly_parlor.words import spoken, tr

_HOW = tr(
    "Degrees from straight ahead to the left, minus to the right, seen "
    "from the main seat; Sign-off says which are off, moves those that "
    "may, and matches them."
)
_ANGLES = (
    ("azimuth_degrees", "wanted"),
    ("azimuth_from", "from"),
    ("azimuth_to", "to"),
    ("elevation_degrees", tr("up, wanted")),
    ("elevation_from", "from"),
    ("elevation_to", "to"),
)
_PIXELS = 78


class LayoutCard:
    """One list, and a row for each direction. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.frame: QFrame
        self.frame, layout = card()
        self.kept = Kept(layout, session.home)

    def refresh(self) -> None:
        """Show the layout in force and its angles."""
        layout = self.session.document.gear.layout
        own = layout.id == "own"
        names = [(spoken(preset.name), name) for name, preset in PRESETS.items()]
        source = PRESETS[layout.id].source if layout.id in PRESETS else ""
        told = tr("{source}, from memory.", source=source) if source else tr("The pair alone.")
        with self.kept as sheet:
            with sheet.row("which") as row:
                options = [*names, *([(tr("one's own"), "own")] if own else [])]
                row.choice("layout", options, layout.id, self._choose)
                row.words(told if not own else tr("Angles of your own."))
                row.gap()
            if layout.directions:
                sheet.words(_HOW, wrap=True)
                with sheet.grid("angles", rest=len(_ANGLES) + 3, between=8) as grid:
                    self._rows(grid, layout.directions)
            self._offer_angles(sheet)

    def _rows(self, grid: Kept, directions: tuple[Direction, ...]) -> None:
        for column, (_, title) in enumerate(_ANGLES, start=1):
            grid.words(title, 0, column)
        for line, one in enumerate(directions, start=1):
            who = one.loudspeaker
            grid.words(who, line, 0, role="strong")
            for column, (what, title) in enumerate(_ANGLES, start=1):
                field = grid.number(
                    f"{who} {what}",
                    "°",
                    float(getattr(one, what)),
                    partial(self._set, one, what),
                    line,
                    column,
                    digits=0,
                    most=_PIXELS,
                )
                field.setAccessibleName(f"{who}: {spoken(title)}")
            moves = partial(self._set, one, "movable")
            after = len(_ANGLES) + 1
            grid.box(tr("may be moved"), f"{who} movable", one.movable, moves, line, after)
            gone = partial(self._free, who)
            grid.button(tr("from anywhere"), f"{who} anywhere", gone, line, after + 1)

    def _offer_angles(self, sheet: Kept) -> None:
        """Of others that stand somewhere but belong nowhere yet: the angles they have now."""
        gear, a = self.session.document.gear, self.session.arrangement
        free = [one.id for one in gear.others if gear.layout.of(one.id) is None]
        if not free or a is None:
            return
        with sheet.row("free") as row:
            for name in free:
                words = tr("{name} belongs where it stands", name=name)
                row.button(words, f"{name} angles", partial(self._give, name))
            row.gap()

    def _give(self, name: str) -> None:
        document, a = self.session.document, self.session.arrangement
        if a is None:
            return
        ear = a.seats[document.gear.seats[0].name]
        direction = direction_at(name, ear, a.places[name])
        words = tr("Where {name} belongs", name=name)
        self.session.do(words, partial(set_direction, direction=direction))

    def _free(self, name: str) -> None:
        words = tr("{name} from anywhere", name=name)
        self.session.do(words, partial(without_direction, loudspeaker=name))

    def _choose(self, layout_id: LayoutId) -> None:
        self.session.do(tr("Choose a layout"), partial(choose_layout, layout_id=layout_id))
        self.refresh()

    def _set(self, one: Direction, what: str, value: object) -> None:
        changed = replace(one, **{what: value})  # type: ignore[arg-type]
        words = tr("Where {loudspeaker} belongs", loudspeaker=one.loudspeaker)
        if not self.session.do(words, partial(set_direction, direction=changed)):
            self.refresh()
