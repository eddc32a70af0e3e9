"""What the window knows: what is open and looked at, and what was calculated of it."""

from __future__ import annotations

from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import pyqtSignal

from jolly_parlor.analysis.measured import usual_mix
from jolly_parlor.app import jobs
from jolly_parlor.app.calculators import Calculators
from jolly_parlor.app.jobs import Shown
from jolly_parlor.app.known_fields import KnownFields
from jolly_parlor.app.questions import COMPARISON, FACING, FINDINGS, FORECAST, NEXT_TRY, Question
from jolly_parlor.app.resting import Resting
from jolly_parlor.app.selection import Selection
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.waits import Waits
from jolly_parlor.app.widgets.kept import Home
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.mixes import Mix, mixes
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.project.document import Document
from jolly_parlor.project.history import Project
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.analysis.comparison import Comparison
    from jolly_parlor.diagnosis.findings import Finding
    from jolly_parlor.diagnosis.remedies import Remedy
    from jolly_parlor.fitting.fit import Fit
    from jolly_parlor.placement.facing import Facing


class Session(Selection):
    """The state behind the window, with what the calculators answer.

    What follows it at a distance (the fit, tints, strips) is added by the `Workbench`.
    """

    _worked_out, worked_further = pyqtSignal(), pyqtSignal()
    shown_changed = pyqtSignal()
    findings_changed = pyqtSignal()
    comparison_changed = pyqtSignal()
    next_changed = pyqtSignal()
    facings_changed = pyqtSignal()

    def __init__(self, project: Project, path: Path | None, settings: SettingsStore) -> None:
        super().__init__(project, path)
        self.settings = settings
        self.shown = Shown(None, None, ())
        self.findings: list[Finding] | None = None
        self.comparison: Comparison | None = None
        self.next_try: Remedy | None = None
        self.facings: list[Facing] | None = None
        self.problem = ""
        self._mix = ""
        self._usual: tuple[Document, Mix] | None = None
        self._wants_comparison = self._wants_findings = self._at_best = self._closed = False
        self._first: tuple[tuple[object, ...], str] | None = None
        """Who came first in the last comparison, and of what it was."""
        self._asked: dict[str, tuple[object, ...]] = {}
        self.fields = KnownFields(self._worked_out.emit, self.worked_further.emit)
        self._worked_out.connect(self._look_again)
        self._at_work = work = Calculators(self, self.fields, Waits(settings))
        self.live, self.slow, self.beside, self.ear = work.live, work.slow, work.beside, work.ear
        self.resting = Resting(self, lambda: self.calculating, self.live.cool)
        work.failed.connect(self.told)
        work.settled.connect(self.resting.wake)
        self.drafted.connect(self._give_way)
        for signal in (self.document_changed, self.view_changed):
            signal.connect(self._give_way)
            signal.connect(self.recalculate)
        self.drafted.connect(self._ask_forecast)

    @property
    def home(self) -> Home:
        """What fields on pages ask of the window."""
        return Home(lambda: self.settings.values.units, self.refused.emit)

    def load(self, project: Project, path: Path | None, fingerprint: str | None = None) -> None:
        """Start over with another document."""
        self.findings = self.comparison = self._first = None
        super().load(project, path, fingerprint)

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

    def show_mix(self, mix_id: str) -> None:
        self._mix = mix_id
        self.view_changed.emit()

    def reach(self) -> None:
        """Somebody is about to drag: the first move is to be as quick as those after it."""
        self.live.reach()

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
        return self._at_work.busy

    def close(self) -> None:
        self._closed = True
        self.closing.emit()
        self._at_work.stop()

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
        self._at_work.look_again()

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
        self._at_work.hold(self.draft is not None)

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
        of = document.room, document.gear, job
        self.slow.ask(
            Question(FINDINGS, *of, self._take_findings, lambda why: self._take_findings([]))
        )

    def _ask_comparison(self) -> None:
        document = self.believed
        if not self._wants_comparison:
            return
        of_what = document.room, document.gear, document.arrangements, document.takes
        how = self.seat, self.mix, self._at_best, self.fit_used, document.wishes
        if not self._new_question("comparison", (*of_what, *how)):
            return  # picked, ticked, noted: that ranks nothing anew
        self.comparison = self.next_try = None
        self.slow.drop(NEXT_TRY)
        self.comparison_changed.emit()
        if not document.arrangements or self.provisional:
            self.slow.drop(COMPARISON)
            return
        of = document, self.seat, self.mix, self.fit_used, self._at_best
        job = partial(jobs.comparison, *of)
        take = partial(self._take_comparison, document)
        asked = Question(COMPARISON, document.room, document.gear, job, take, self.told.emit)
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

    def _take_comparison(self, document: Document, found: Comparison) -> None:
        self.comparison = found
        self.comparison_changed.emit()
        self._tell_turned(found)
        self._show_best()
        best = found.rows[0]
        # What to try next from the winner, where it is still as it was compared.
        if not best.problem and document is self.believed:
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
