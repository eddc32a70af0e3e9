"""The card on Line-up that roughs in from schools, and judges them all in this room."""

from functools import partial

from PyQt6.QtWidgets import QFrame, QLabel, QPushButton

from jolly_parlor.app import jobs
from jolly_parlor.app.questions import SCHOOLS as JUDGED
from jolly_parlor.app.questions import Question
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.pointed import PointedButton
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.schools import SCHOOLS, School, SchoolCannotBeMet
from jolly_parlor.placement.search.judged_schools import JudgedSchool
from jolly_parlor.project.edits import add_arrangement, propose
from jolly_parlor.words import tr

_COLUMNS = 5
_POINT = tr("Point at a school to read its rule.")


class SchoolsCard:
    """A button for each school, its figure below it once asked for. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self._judged: list[JudgedSchool] = []
        self._of: tuple[object, ...] | None = None
        self._figures: dict[str, QLabel] = {}
        self.frame: QFrame
        self.frame, layout = card()
        head = FlowRow()
        head.addWidget(label(tr("Rough in from a school"), "head"))
        head.addStretch(1)
        self.trimmed = WrappedCheckBox(tr("at their best settings"))
        self.trimmed.setObjectName("schools-trimmed")
        self.trimmed.setChecked(True)
        self.trimmed.setToolTip(tr("Unticked: as they come, nothing trimmed for the place"))
        self.trimmed.toggled.connect(lambda _: self._show())
        head.addWidget(self.trimmed)
        self.ask = QPushButton(tr("Judge them here"))
        self.ask.setObjectName("judge-schools")
        on_click(self.ask, self._ask)
        head.addWidget(self.ask)
        layout.addLayout(head)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(10)
        grid.setVerticalSpacing(2)
        for index, school in enumerate(SCHOOLS):
            row, column = 2 * (index // _COLUMNS), index % _COLUMNS
            button = PointedButton(school.name)
            button.setObjectName(f"school-{school.id}")
            button.setAccessibleDescription(school.rule)
            on_click(button, partial(self.rough_in, school.id))
            button.pointed.connect(partial(self._tell_rule, school))
            grid.addWidget(button, row, column)
            figure = self._figures[school.id] = label("", "soft")
            figure.setObjectName(f"figure-{school.id}")
            figure.hide()
            grid.addWidget(figure, row + 1, column)
        layout.addLayout(grid)
        self.rule = label(_POINT, "soft", wrap=True)
        self.rule.setObjectName("school-rule")
        self.rule.setMinimumHeight(40)
        layout.addWidget(self.rule)

    def refresh(self) -> None:
        """Figures of another room, gear or wishes are none any more."""
        if self._of not in (None, self._question()):
            self._of, self._judged = None, []
        self.trimmed.setVisible(bool(self._judged))
        self._show()

    def rough_in(self, school_id: str) -> None:
        """Add a school's arrangement, at its best settings where these are shown; or say why it
        cannot be met.
        """
        school = next(s for s in SCHOOLS if s.id == school_id)
        document = self.session.document
        try:
            school.propose(document.room, document.gear)
        except SchoolCannotBeMet as error:
            self.session.refused.emit(str(error))
            return
        judged = next((one for one in self._judged if one.school is school), None)
        if judged is not None and self.trimmed.isChecked():
            done = self.session.do(
                tr("Rough in {name}", name=school.name),
                lambda d: add_arrangement(d, judged.arrangement),
            )
        else:
            done = self.session.do(
                tr("Rough in {name}", name=school.name), lambda d: propose(d, school)
            )
        if done:
            self.session.show_arrangement(self.session.document.arrangements[-1].name)

    def _question(self) -> tuple[object, ...]:
        document = self.session.believed
        return document.room, document.gear, document.wishes

    def _ask(self) -> None:
        document = self.session.believed
        self.ask.setEnabled(False)
        self.ask.setText(tr("Judging …"))
        asked = self._question()
        self.session.slow.ask(
            Question(
                JUDGED,
                document.room,
                document.gear,
                partial(jobs.schools, document),
                partial(self._take, asked),
                self._cannot,
            )
        )

    def _take(self, asked: tuple[object, ...], found: list[JudgedSchool]) -> None:
        self._again()
        if asked == self._question():
            self._of, self._judged = asked, found
        self.refresh()

    def _cannot(self, why: str) -> None:
        self._again()
        self.session.refused.emit(why)

    def _again(self) -> None:
        self.ask.setEnabled(True)
        self.ask.setText(tr("Judge them here"))

    def _show(self) -> None:
        trimmed = self.trimmed.isChecked()
        figures = {one.school.id: one.at(trimmed) for one in self._judged}
        best = min(figures, key=lambda name: figures[name], default="")
        for name, shown in self._figures.items():
            shown.setVisible(bool(figures))
            figure = figures.get(name)
            told = tr("cannot be met") if figure is None else tr("{figure:.1f} dB", figure=figure)
            shown.setText(tr("{told}, most even", told=told) if name == best else told)
        if self._judged:
            self.rule.setText(self._verdict(best, trimmed))

    def _verdict(self, best: str, trimmed: bool) -> str:
        one = next(j for j in self._judged if j.school.id == best)
        gained = max(self._judged, key=lambda j: j.untrimmed_db - j.figure_db)
        how = tr("each at its own best settings") if trimmed else tr("untrimmed, as they come")
        return tr(
            "All that plays over the head volume, {how}: {name} is the most "
            "even, {at:.1f} dB. Settings help {name2} most: {untrimmed_db:.1f} "
            "→ {figure_db:.1f} dB. A click roughs one in ",
            how=how,
            name=one.school.name,
            at=one.at(trimmed),
            name2=gained.school.name,
            untrimmed_db=gained.untrimmed_db,
            figure_db=gained.figure_db,
        ) + (tr("with these settings.") if trimmed else tr("as it comes."))

    def _tell_rule(self, school: School, pointed: bool) -> None:
        if not pointed:  # the rule stays to be read
            return
        self.rule.setText(f"{school.rule} ({school.source[0].upper()}{school.source[1:]}.)")
