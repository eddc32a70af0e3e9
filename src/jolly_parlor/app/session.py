"""What the window knows: the document with its history, what is selected, what was calculated."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject, pyqtSignal

from jolly_parlor import defects
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.analysis.measured import usual_mix
from jolly_parlor.app import jobs
from jolly_parlor.app.calculator import Calculator
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.jobs import Shown
from jolly_parlor.app.known_fields import KnownFields
from jolly_parlor.app.questions import COMPARISON, FACING, FINDINGS, FORECAST, NEXT_TRY, Question
from jolly_parlor.app.resting import Resting
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.waits import Waits
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.items import DESK, LEFT, Item
from jolly_parlor.placement.mixes import Mix, mixes
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.project import takes_aside
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.project.history import History, Project
from jolly_parlor.project.ledger import Entry
from jolly_parlor.project.renaming import renames_between
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.analysis.comparison import Comparison
    from jolly_parlor.diagnosis.findings import Finding
    from jolly_parlor.diagnosis.remedies import Remedy
    from jolly_parlor.fitting.fit import Fit
    from jolly_parlor.placement.facing import Facing
    from jolly_parlor.placement.search.wishes import Region
    from jolly_parlor.placement.strips import Axis


class Session(QObject):
    """The state behind the window. Widgets listen to its signals and call its methods.

    What follows it at a distance (the fit, tints, strips) is added by the `Workbench`.
    """

    document_changed = pyqtSignal()
    view_changed = pyqtSignal()
    drafted = pyqtSignal()
    _worked_out, worked_further = pyqtSignal(), pyqtSignal()
    shown_changed = pyqtSignal()
    findings_changed = pyqtSignal()
    comparison_changed = pyqtSignal()
    next_changed = pyqtSignal()
    facings_changed = pyqtSignal()
    selection_changed = pyqtSignal()
    closing = pyqtSignal()
    highlighted = pyqtSignal()
    refused = pyqtSignal(str)
    told = pyqtSignal(str)
    walked = pyqtSignal(str)
    """To the station of that id."""
    ledger_wanted = pyqtSignal()
    guide_wanted = pyqtSignal(str)
    """At the page of that name."""

    def __init__(self, project: Project, path: Path | None, settings: SettingsStore) -> None:
        super().__init__()
        self.history = History(project)
        self.path = path
        self.fingerprint: str | None = None
        """Of the file at `path`, as opened or saved last."""
        self.settings = settings
        self.alike = True
        self.layer = "forecast"
        self.selected: Item = LEFT
        self.highlight = Highlight()
        self.ghost: Arrangement | None = None
        """What is looked at on the plan beside what stands there."""
        self.wanted_region: Callable[[Region], object] | None = None
        self.wanted_place: Callable[[float, float], object] | None = None
        """Who wants to know where on the plan is clicked next, and after that."""
        self.heard_on_plan = ""
        """What of the ear is drawn on the plan: `zone`, `hunt`, or nothing."""
        self.draft: Arrangement | None = None
        self.shown = Shown(None, None, ())
        self.findings: list[Finding] | None = None
        self.comparison: Comparison | None = None
        self.next_try: Remedy | None = None
        self.facings: list[Facing] | None = None
        self.problem = ""
        self._name: str | None = None
        self._before: str | None = None
        self._seat = ""
        self._mix = ""
        self._usual: tuple[Document, Mix] | None = None
        self._wants_comparison = self._wants_findings = self._at_best = self._closed = False
        self._follows_best = project.document.chosen is None
        self._first: tuple[tuple[object, ...], str] | None = None
        """Who came first in the last comparison, and of what it was."""
        self._asked: dict[str, tuple[object, ...]] = {}
        self.fields = fields = KnownFields(self._worked_out.emit, self.worked_further.emit)
        self._worked_out.connect(self._look_again)
        self._waits = waits = Waits(settings)
        self.live = Calculator(self, jobs.warm_up, fields, waits)
        self.slow = Calculator(self, fields=fields, waits=waits)
        self.beside = Calculator(self, fields=fields, waits=waits)
        self.ear = Calculator(self, fields=fields, waits=waits)
        self._calculators = (self.live, self.slow, self.beside, self.ear)
        self.resting = Resting(self, lambda: self.calculating, self.live.cool)
        for calculator in self._calculators:
            calculator.failed.connect(self.told)
            calculator.settled.connect(self.resting.wake)
        self.drafted.connect(self._give_way)
        for signal in (self.document_changed, self.view_changed):
            signal.connect(self._give_way)
            signal.connect(self.recalculate)
        self.drafted.connect(self._ask_forecast)

    @property
    def document(self) -> Document:
        return self.history.document

    @property
    def believed(self) -> Document:
        """The document to calculate with."""
        return self.document

    @property
    def provisional(self) -> bool:
        """Whether the empty box still answers for a room that is being worked out: what it says is
        no verdict, and ranks nothing.
        """
        return self.fields.working_out(self.believed.room)

    @property
    def fit_used(self) -> Fit | None:
        """The fit that forecasts stand on, where there is one."""
        return None

    @property
    def forecast_words(self) -> str:
        """What forecasts stand on, as it is said wherever a figure is one."""
        return tr("forecast as fitted") if self.fit_used is not None else tr("forecast")

    @property
    def layer_words(self) -> str:
        """What the figures of the layer shown stand on."""
        return tr("measured") if self.layer == "measured" else self.forecast_words

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

    @property
    def mix(self) -> Mix:
        """What plays: all that will be heard, unless another was chosen."""
        document = self.document
        for mix in mixes(document.gear) if self._mix else ():
            if mix.id == self._mix:
                return mix
        if self._usual is None or self._usual[0] is not document:
            self._usual = document, usual_mix(document)
        return self._usual[1]

    def listening_to(self, arrangement: Arrangement) -> Case:
        """What is looked at, of an arrangement."""
        return self.believed.case(arrangement, self.seat, self.mix)

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
        self.findings = self.comparison = self._first = None
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

    def show_mix(self, mix_id: str) -> None:
        self._mix = mix_id
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

    def reach(self) -> None:
        """Somebody is about to drag: the first move is to be as quick as those after it."""
        self.live.reach()

    def abandon_drag(self) -> None:
        """Put back what was dragged."""
        self.draft = None
        self.drafted.emit()

    def want_findings(self, wanted: bool) -> None:
        """What stands out is only explained while somebody looks at it."""
        self._wants_findings = wanted
        self._ask_findings()

    def want_comparison(self, wanted: bool) -> None:
        """The comparison is only calculated while somebody looks at it."""
        self._wants_comparison = wanted
        self._ask_comparison()

    def compare_at_best(self, wanted: bool) -> None:
        """Compare each arrangement at its best settings, or as it is set."""
        self._at_best = wanted
        self._ask_comparison()

    def want_facings(self) -> None:
        """Score both ways of facing the room, once for each survey and gear."""
        document = self.document
        if self._new_question("facing", (document.room, document.gear)):
            self._take_facings(None)
            job = partial(jobs.facings, document)
            asked = Question(FACING, document.room, document.gear, job, self._take_facings)
            self.slow.ask(asked)

    @property
    def calculating(self) -> bool:
        """Whether anything is still being worked out."""
        return any(calculator.busy for calculator in self._calculators)

    def close(self) -> None:
        self._closed = True
        self.closing.emit()
        for calculator in self._calculators:
            calculator.stop()
        self._waits.keep()

    def recalculate(self) -> None:
        """Ask for everything that shows."""
        self._ask_forecast()
        self._ask_findings()
        self._ask_comparison()

    def _look_again(self) -> None:
        """The room has been worked out with its things: whatever is shown is asked for anew."""
        if self._closed:  # worked out too late: the window is gone
            return
        self._asked.clear()
        self.view_changed.emit()
        for calculator in self._calculators:
            calculator.look_again()

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

    def _fits(self, arrangement: Arrangement | None) -> bool:
        document = self.document
        self.problem = ""
        if arrangement is not None:
            found = fit_problems(document.setup(arrangement))
            self.problem = " ".join(found[:2])
        return arrangement is not None and not self.problem

    def _ask_forecast(self) -> None:
        document, arrangement = self.believed, self.arrangement
        if arrangement is None or not self._fits(arrangement):
            self.live.drop(FORECAST)
            self._take_shown(Shown(None, None, ()))
            return
        self.live.ask(
            Question(
                FORECAST,
                document.room,
                document.gear,
                partial(jobs.shown, document, self.listening_to(arrangement)),
                self._take_shown,
                self._refuse_forecast,
                in_drag=self.draft is not None,
            )
        )

    def _give_way(self) -> None:
        """While something is dragged, only what follows the drag is worked out."""
        for calculator in self._calculators:
            calculator.hold(self.draft is not None)

    def _ask_findings(self) -> None:
        document, arrangement = self.believed, self.arrangement
        if not self._wants_findings:
            return
        view = (document, arrangement, self.seat, self.mix, self.layer)
        if not self._new_question("findings", view):
            return
        self._take_findings(None)
        if arrangement is None or not self._fits(arrangement):
            self.slow.drop(FINDINGS)
            return
        heard = self.listening_to(arrangement)
        job = partial(jobs.findings, document, heard, self.layer)
        self.slow.ask(
            Question(
                FINDINGS,
                document.room,
                document.gear,
                job,
                self._take_findings,
                lambda why: self._take_findings([]),
            )
        )

    def _ask_comparison(self) -> None:
        document = self.believed
        if not self._wants_comparison:
            return
        if not self._new_question("comparison", (document, self.seat, self.mix, self._at_best)):
            return
        self.comparison = self.next_try = None
        self.slow.drop(NEXT_TRY)
        self.comparison_changed.emit()
        if not document.arrangements or self.provisional:
            self.slow.drop(COMPARISON)
            return
        of = document, self.seat, self.mix, self.fit_used, self._at_best
        job = partial(jobs.comparison, *of)
        asked = Question(
            COMPARISON, document.room, document.gear, job, self._take_comparison, self.told.emit
        )
        self.slow.ask(asked)

    def _take_shown(self, shown: Shown) -> None:
        self.shown = shown
        self.shown_changed.emit()

    def _refuse_forecast(self, why: str) -> None:
        self.problem = why
        self._take_shown(Shown(None, None, ()))

    def _take_findings(self, found: list[Finding] | None) -> None:
        self.findings = found
        self.findings_changed.emit()

    def _take_facings(self, found: list[Facing] | None) -> None:
        self.facings = found
        self.facings_changed.emit()

    def _take_comparison(self, found: Comparison) -> None:
        self.comparison = found
        self.comparison_changed.emit()
        self._tell_turned(found)
        self._show_best()
        best = found.rows[0]
        if not best.problem:  # what to try next from the winner
            document = self.believed
            heard = document.case(best.arrangement, found.seat, found.mix)
            job = partial(jobs.next_try, heard, document.wishes)
            asked = Question(NEXT_TRY, document.room, document.gear, job, self._take_next_try)
            self.slow.ask(asked)

    def _tell_turned(self, found: Comparison) -> None:
        """A ranking that has turned over is not passed over in silence."""
        asked = found.seat, found.mix, self._at_best
        first = found.rows[0].arrangement.name
        before, self._first = self._first, (asked, first)
        names = {row.arrangement.name for row in found.rows}
        if before is not None and before[0] == asked and before[1] in names - {first}:
            self.told.emit(
                tr("“{first}” now comes first, before “{was}”.", first=first, was=before[1])
            )

    def _take_next_try(self, found: Remedy | None) -> None:
        self.next_try = found
        self.next_changed.emit()

    def _new_question(self, kind: str, view: tuple[object, ...]) -> bool:
        """Whether this differs from what was last asked; documents compare by identity."""
        if self._asked.get(kind) == view:
            return False
        self._asked[kind] = view
        return True

    def _show_best(self) -> None:
        """After opening, the plan shows the best until the user chooses another."""
        if self._follows_best and self.comparison is not None and self.comparison.rows:
            self.show_arrangement(self.comparison.rows[0].arrangement.name)
