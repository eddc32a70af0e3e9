"""The card on Takes that looks for something solid the survey forgot, and puts it in."""

from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QFrame

from jolly_parlor.analysis.room_fit import evidence_of
from jolly_parlor.app.plan.small_plan import SmallPlan
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.task import Task
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.kept import Align, Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.missing import SUSPICIOUS_DB, Missing, missing_things
from jolly_parlor.project.survey_edits import put_thing
from jolly_parlor.words import tr

_NONE = tr(
    "No block along the walls would explain much of it: look for an "
    "opening, a corner of the plan, or a take that is wrong."
)


class MissingCard:
    """Shown with a fit that leaves much unexplained; looks by itself. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self._run: Task | None = None
        self._of: Fit | None = None
        self.frame: QFrame
        self.frame, layout = card()
        layout.addWidget(label(tr("Is something missing?"), "head"))
        self.words = label("", wrap=True)
        self.words.setObjectName("missing-words")
        layout.addWidget(self.words)
        grid = WrappedGrid()
        grid.setColumnStretch(1, 1)
        grid.setHorizontalSpacing(12)
        layout.addLayout(grid)
        self.rows = Kept(grid, session.home)
        self._likely: list[Missing] = []
        session.fitted.changed.connect(self.refresh)
        session.closing.connect(self.close)

    @property
    def looking(self) -> bool:
        """Whether it is still at it."""
        return self._run is not None

    def refresh(self) -> None:
        """Look anew for a new fit."""
        fit = self.session.fitted.fit
        wanted = fit is not None and fit.residual_db >= SUSPICIOUS_DB
        self.frame.setVisible(wanted)
        if fit is self._of:
            return
        self.close()
        self._of = fit
        self._offer([])
        if fit is None or not wanted:
            return
        self.words.setText(self._opening(fit))
        takes = evidence_of(self.session.document)
        self._run = Task(
            tr("looking for what is missing"),
            lambda token: missing_things(fit, takes, token.go_on),
        )
        self._run.progressed.connect(partial(self._progress, fit))
        self._run.found.connect(partial(self._show, fit))
        self._run.refused.connect(self.words.setText)
        self._run.finished.connect(self._finish)
        self._run.start()

    def close(self) -> None:
        """End the thread."""
        run, self._run = self._run, None
        if run is not None:
            run.end()

    @staticmethod
    def _opening(fit: Fit) -> str:
        return tr(
            "The fit leaves {residual_db:.1f} dB unexplained: more than walls "
            "and tape do. Blocks are tried along the walls",
            residual_db=fit.residual_db,
        )

    def _progress(self, fit: Fit, share: float, _: float = 0.0) -> None:
        if fit is self._of:
            self.words.setText(
                tr("{opening}, {share:.0f} % …", opening=self._opening(fit), share=100 * share)
            )

    def _finish(self) -> None:
        self._run = None

    def _show(self, fit: Fit, found: list[Missing]) -> None:
        if fit is not self._of:
            return
        self.words.setText(
            tr("{opening}. Likeliest:", opening=self._opening(fit))
            if found
            else f"{self._opening(fit)}. {_NONE}"
        )
        self._offer(found)

    def _offer(self, likely: list[Missing]) -> None:
        self._likely = likely
        with self.rows as kept:
            for line, one in enumerate(likely, start=1):
                self._ask(kept, line, one)

    def _ask(self, kept: Kept, line: int, one: Missing) -> None:
        """Whether it is there: on a small plan and in words, with a click for yes and for no."""
        a = self.session.arrangement
        if a is not None:
            room, gear = self.session.document.room, self.session.document.gear
            having = replace(room, things=(*room.things, one.thing))
            plan = kept.put(f"plan {line}", partial(SmallPlan, having, gear, a), line, 0)
            plan.show_plan(having, gear, a)
        with kept.column(f"words {line}", line, 1, align=Align.AlignVCenter) as told:
            question = tr("Is there something tall {where}?", where=one.where)
            told.words(question, role="strong", wrap=True)
            told.words(one.words, wrap=True)
        with kept.row(f"deeds {line}", line, 2, align=Align.AlignVCenter) as deeds:
            called = f"put-missing-{line}"
            deeds.button(tr("Yes, put it in"), "yes", partial(self._put, one), called=called)
            rest = [other for other in self._likely if other is not one]
            no = partial(self._offer, rest)
            deeds.button(tr("No, nothing"), "no", no, called=f"not-missing-{line}")

    def _put(self, one: Missing) -> None:
        if self.session.do(tr("Put in what was missing"), lambda d: put_thing(d, one.thing)):
            self.session.told.emit(
                tr(
                    "It is in the survey as “missing”: name and measure it there, say "
                    "at Takes that they still hold, and fit again."
                )
            )
