"""What is open and what of it is looked at: the document with its history, the arrangement shown,
what is selected, what is drafted while it is dragged.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject, pyqtSignal

from jolly_parlor import defects
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.items import DESK, LEFT, Item
from jolly_parlor.project import takes_aside
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.project.history import History, Project
from jolly_parlor.project.ledger import Entry
from jolly_parlor.project.renaming import renames_between
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.placement.search.wishes import Region
    from jolly_parlor.placement.strips import Axis


class Selection(QObject):
    """Widgets listen to its signals and call its methods; `Session` adds what is worked out."""

    document_changed = pyqtSignal()
    view_changed = pyqtSignal()
    drafted = pyqtSignal()
    selection_changed = pyqtSignal()
    highlighted = pyqtSignal()
    closing = pyqtSignal()
    walked = pyqtSignal(str)
    """To the station of that id."""
    ledger_wanted = pyqtSignal()
    guide_wanted = pyqtSignal(str)
    """At the page of that name."""
    moves_offered = pyqtSignal()
    refused = pyqtSignal(str)
    told = pyqtSignal(str)

    def __init__(self, project: Project, path: Path | None) -> None:
        super().__init__()
        self.history = History(project)
        self.path = path
        self.fingerprint: str | None = None
        """Of the file at `path`, as opened or saved last."""
        self.alike = True
        self.layer = "forecast"
        self.selected: Item = LEFT
        self.highlight = Highlight()
        self.ghost: Arrangement | None = None
        """What is looked at on the plan beside what stands there."""
        self.moves: Callable[[str, str], object] | None = None
        self.wanted_region: Callable[[Region], object] | None = None
        self.wanted_place: Callable[[float, float], object] | None = None
        """Who wants to know where on the plan is clicked next, and after that."""
        self.heard_on_plan = ""
        """What of the ear is drawn on the plan: `zone`, `hunt`, or nothing."""
        self.draft: Arrangement | None = None
        self._name: str | None = None
        self._before: str | None = None
        self._seat = ""
        self._follows_best = project.document.chosen is None

    @property
    def document(self) -> Document:
        return self.history.document

    @property
    def believed(self) -> Document:
        """The document to calculate with."""
        return self.document

    @property
    def arrangement(self) -> Arrangement | None:
        """The current one, as dragged."""
        if self.draft is not None:
            return self.draft
        every = self.document.arrangements
        return next((a for a in every if a.name == self._name), every[0] if every else None)

    @property
    def seat(self) -> str:
        names = [seat.name for seat in self.document.gear.seats]
        return self._seat if self._seat in names else names[0]

    def do(self, label: str, edit: Callable[[Document], Document], series: str = "") -> bool:
        """One undoable change; a refusal is told in words and changes nothing. Changes of one
        series, one right after the other, are one step, and the edit is made on what was before.
        """
        try:
            changed = edit(self.history.before(series))
        except Exception as error:
            self.refused.emit(defects.sentence(error, tr("at “{label}”", label=label)))
            return False
        now, before = self.arrangement, self.document
        self.history.do(label, changed, now.name if now is not None else None, series)
        self._follow(before)
        self.draft = None
        self.document_changed.emit()
        if words := takes_aside.told(before, self.document):
            self.told.emit(words)
        return True

    def note(self, noted: Entry) -> None:
        """Write into the Ledger what changes nothing else; no undo takes it away."""
        self.history.note(noted)
        self.document_changed.emit()

    def undo(self) -> None:
        """Take the last change back."""
        self._step(self.history.undo)

    def redo(self) -> None:
        self._step(self.history.redo)

    def load(self, project: Project, path: Path | None, fingerprint: str | None = None) -> None:
        """Start over with another document."""
        self.history = History(project)
        chosen = project.document.chosen
        self.path, self.draft, self._name = path, None, chosen
        self.fingerprint = fingerprint
        self.layer = "forecast"
        self.selected, self.highlight = LEFT, Highlight()
        self._follows_best = chosen is None
        self.document_changed.emit()

    def show_arrangement(self, name: str) -> None:
        """Make it the current one."""
        self._follows_best = False
        if self._name != name:
            self._before, self._name, self.draft = self._name, name, None
            self.view_changed.emit()

    def flip(self) -> None:
        """Back to the arrangement shown before this one."""
        names = [a.name for a in self.document.arrangements]
        if self._before in names:
            self.show_arrangement(self._before or "")
        else:
            self.show_next(1)

    def show_next(self, step: int) -> None:
        """The arrangement after (or before) the current one."""
        every = [a.name for a in self.document.arrangements]
        now = self.arrangement
        if now is not None:
            self.show_arrangement(every[(every.index(now.name) + step) % len(every)])

    def show_seat(self, name: str) -> None:
        self._seat = name
        self.view_changed.emit()

    def show_layer(self, layer: str) -> None:
        """`forecast` or `measured`."""
        self.layer = layer
        self.view_changed.emit()

    def draw_region(self, then: Callable[[Region], object]) -> None:
        """Let the next drag on the plan draw a rectangle of floor."""
        self.wanted_region = then

    def show_heard(self, what: str, place: Callable[[float, float], object] | None = None) -> None:
        """Draw the calm zone or a hunt on the plan; clicks go to `place` while it is given."""
        if (what, place) != (self.heard_on_plan, self.wanted_place):
            self.heard_on_plan, self.wanted_place = what, place
            self.highlighted.emit()

    def select(self, item: Item) -> None:
        """Select what arrow keys move."""
        if item != self.selected:
            self.selected = item
            self.selection_changed.emit()

    def keep_alike(self, alike: bool) -> None:
        """Whether moving one monitor moves its twin."""
        self.alike = alike
        self.selection_changed.emit()

    def point_at(self, highlight: Highlight) -> None:
        """Light up a cause everywhere."""
        if highlight != self.highlight:
            self.highlight = highlight
            self.highlighted.emit()

    def show_ghost(self, arrangement: Arrangement | None) -> None:
        """Show where an arrangement would have things, without taking it."""
        if arrangement is not self.ghost:
            self.ghost = arrangement
            self.highlighted.emit()

    def offer_moves(self, go: Callable[[str, str], object] | None) -> None:
        """Offer moves by a step on the plan, by their id and what they move; None for none."""
        self.moves = go
        self.moves_offered.emit()

    def drag(self, item: Item, to: Point) -> None:
        """Move an item without committing; forecast and numbers follow."""
        base = self.arrangement
        if base is None:
            return
        if item.of_pair and self.alike:
            self.draft = base.mirrored_move(item, to, self.document.room)
        else:
            self.draft = base.moved(item, to)
        self.drafted.emit()

    def turn(self, item: Item, degrees: float | None) -> None:
        """Turn a subwoofer without committing; None lets it look away from its wall again."""
        base = self.arrangement
        if base is not None:
            self.draft = base.turned_to(item.id, degrees)
            self.drafted.emit()

    def slide(self, item: Item, axis: Axis, to: float) -> None:
        """Move one item along one axis and commit it; one undoable step."""
        base = self.arrangement
        if base is None:
            return
        if item == DESK:
            self._slide_desk(base, axis, to)
            return
        self.drag(item, replace(base.position(item), **{axis: to}))
        self.drop()

    def _slide_desk(self, base: Arrangement, axis: Axis, to: float) -> None:
        """Along the room in this arrangement; its height is the desk's own."""
        desk = self.document.gear.desk
        if desk is None or base.desk is None:
            return
        if axis == "z":
            changed = replace(self.document.gear, desk=replace(desk, height=to))
            self.do(tr("Change the desk"), lambda d: set_gear(d, changed))
            return
        self.drag(DESK, Point(base.desk.x, to, 0.0))
        self.drop()

    def drop(self, series: str = "") -> None:
        """Commit what was dragged as one undoable move, or as more of the last one's series."""
        draft = self.draft
        if draft is None:
            return
        at = [a.name for a in self.document.arrangements].index(draft.name)

        def edit(d: Document) -> Document:
            # The moves before this one in its series may have given it another name.
            return replace_arrangement(d, replace(draft, name=d.arrangements[at].name))

        if not self.do(tr("Move in {name}", name=draft.name), edit, series):
            self.abandon_drag()

    def abandon_drag(self) -> None:
        """Put back what was dragged."""
        self.draft = None
        self.drafted.emit()

    def _step(self, step: Callable[[str | None], None]) -> None:
        now = self.arrangement
        before = self.document
        step(now.name if now is not None else None)
        self._follow(before)
        self.draft = None
        self.document_changed.emit()

    def _follow(self, before: Document) -> None:
        """Go on showing what a change calls otherwise."""
        old, new = ([a.name for a in d.arrangements] for d in (before, self.document))
        names = renames_between(old, new)
        self._name = names.get(self._name or "", self._name)
        self._before = names.get(self._before or "", self._before)
