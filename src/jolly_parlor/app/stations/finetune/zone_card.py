"""The calm zone, guided: the voice walk step by step, from the wall behind and from the side."""

from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QFrame, QLabel, QPushButton

from jolly_parlor.app import jobs, theme
from jolly_parlor.app.questions import ZONE, Question
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import (
    CheckedField,
    Choice,
    label,
    length_field,
    named_button,
)
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.by_ear.steps import STEPS, step_words
from jolly_parlor.by_ear.voice_walk import (
    STAGES,
    StageId,
    WallWalked,
    answer_of_studio,
    lift_words,
    on_plan,
    width_words,
)
from jolly_parlor.placement.schools import school
from jolly_parlor.project.ear_edits import note_walk, walk_anew
from jolly_parlor.project.edits import propose
from jolly_parlor.units import format_length
from jolly_parlor.words import tr

_WALLS: tuple[tuple[WallWalked, str], ...] = (
    ("behind", tr("From the wall behind the monitors")),
    ("beside", tr("From a side wall")),
)
_WHERE = {
    "behind": tr(
        "Where the monitors will stand, your back to the wall they will have behind them."
    ),
    "beside": tr("Now the same with your back to the side wall, as far from the front."),
}


class ZoneCard:
    """`frame` is the walk, `found` what it comes to."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.wall: WallWalked = "behind"
        self._said = ""
        self._of: object = None
        self.frame: QFrame
        self.frame, layout = card()
        head = FlowRow()
        head.addWidget(label(tr("The voice walk"), "head"))
        self.walls = Choice([*_WALLS], "walk-wall")
        self.walls.chosen.connect(self._choose)
        head.addWidget(self.walls)
        head.addStretch(1)
        self.anew = named_button(tr("Walk it anew"), "walk-anew", self._anew)
        head.addWidget(self.anew)
        layout.addLayout(head)
        self.where = label("", "soft", wrap=True)
        layout.addWidget(self.where)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(12)
        grid.setVerticalSpacing(8)
        grid.setColumnStretch(1, 1)
        self.fields: dict[StageId, CheckedField] = {}
        self.titles: dict[StageId, QLabel] = {}
        for line, stage in enumerate(STAGES):
            title = label(f"{line + 1}  {stage.title}", "strong")
            self.titles[stage.id] = title
            grid.addWidget(title, line, 0, alignment=Qt.AlignmentFlag.AlignTop)
            grid.addWidget(label(f"{stage.do} {stage.listen}", wrap=True), line, 1)
            field = length_field(
                tr("walk {id}", id=stage.id), lambda: session.settings.values.units
            )
            field.setPlaceholderText(tr("cm out"))
            theme.keep_width(field, most=96)
            field.committed.connect(partial(self._note, stage.id))
            field.failed.connect(session.refused.emit)
            self.fields[stage.id] = field
            grid.addWidget(field, line, 2, alignment=Qt.AlignmentFlag.AlignTop)
        layout.addLayout(grid)
        row = FlowRow()
        row.addWidget(
            label(tr("No voice at hand? The simulated listener walks it for you."), "soft"), 1
        )
        self.ask = named_button(tr("Ask the simulated listener"), "walk-simulated", self._simulated)
        row.addWidget(self.ask)
        layout.addLayout(row)
        self._build_found()

    def _build_found(self) -> None:
        self.found: QFrame
        self.found, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Where the two cross"), "head"))
        row.addStretch(1)
        self.begin: QPushButton = named_button(tr("Begin there"), "zone-begin", self._begin)
        self.begin.setProperty("strong", True)
        row.addWidget(self.begin)
        layout.addLayout(row)
        self.verdict = label("", wrap=True)
        self.verdict.setObjectName("zone-verdict")
        layout.addWidget(self.verdict)
        self.forecast = label("", "soft", wrap=True)
        self.forecast.setObjectName("zone-forecast")
        layout.addWidget(self.forecast)

    def refresh(self) -> None:
        """Show the walk as far as it went, and what it comes to."""
        document, units = self.session.document, self.session.settings.values.units
        self.walls.show_value(self.wall)
        self.where.setText(_WHERE[self.wall])
        walk = getattr(document.by_ear, self.wall)
        awaited = True
        for stage in STAGES:
            value, field = getattr(walk, stage.id), self.fields[stage.id]
            if value is not None:
                field.set_value(value)
            elif not field.isModified():
                field.clear()
            due = awaited and value is None
            self.titles[stage.id].setProperty("role", "warning" if due else "strong")
            awaited = awaited and value is not None
            style = self.titles[stage.id].style()
            if style is not None:
                style.unpolish(self.titles[stage.id])
                style.polish(self.titles[stage.id])
        zone = document.room.calm_zone
        self.begin.setEnabled(zone is not None)
        if zone is None:
            words = tr(
                "Both walks, each with where it becomes just a voice and where "
                "that ends, cross in a rectangle: there the monitors begin."
            )
            if walk.lift_ends is not None and (odd := lift_words(walk.lift_ends)):
                words = f"{odd} {words}"
            self.verdict.setText(words)
            self.forecast.setText("")
            self._of = None
            return
        drawn = on_plan(document.room, zone, STEPS[units][0])
        frame, (x, y) = document.room.frame, drawn.start[0]
        out = format_length(y - frame.front, units)
        self.verdict.setText(
            tr(
                "Out from the wall behind: {width_words}. In from the side: "
                "{width_words2}. The plan shows it in steps of {step_words}. Begin "
                "two thirds of the way forward, the acoustic centres {out} from "
                "the wall behind and {x} from the side, and use the same corner of "
                "both cabinets from then on. The bracket on the strips under the "
                "plan is the zone.",
                width_words=width_words(zone.front_near, zone.front_far),
                width_words2=width_words(zone.side_near, zone.side_far),
                step_words=step_words(drawn.step, units),
                out=out,
                x=format_length(x - frame.left, units),
            )
        )
        self._ask_forecast()

    def _choose(self, wall: str) -> None:
        self.wall = "beside" if wall == "beside" else "behind"
        self.refresh()

    def _note(self, stage: StageId, metres: float) -> None:
        wall, field = self.wall, self.fields[stage]
        title = next(s.title for s in STAGES if s.id == stage)
        if self.session.do(
            tr("Voice walk: {title}", title=title), lambda d: note_walk(d, wall, stage, metres)
        ):
            done = getattr(self.session.document.by_ear, wall)
            if wall == "behind" and done.ends is not None and stage == "ends":
                self._choose("beside")
        else:
            field.reset()
            self.refresh()

    def _anew(self) -> None:
        wall = self.wall
        self.session.do(tr("Walk anew"), lambda d: walk_anew(d, wall))

    def _simulated(self) -> None:
        walk, wall = answer_of_studio(self.session.document.room), self.wall
        self.session.do(tr("Walk anew"), lambda d: walk_anew(d, wall))
        for stage in STAGES:
            metres = getattr(walk, stage.id)
            if metres is not None and self.wall == wall:
                self._note(stage.id, metres)

    def _begin(self) -> None:
        if self.session.do(tr("Begin in the calm zone"), lambda d: propose(d, school("calm_zone"))):
            self.session.show_arrangement(self.session.document.arrangements[-1].name)

    def _ask_forecast(self) -> None:
        a, document = self.session.arrangement, self.session.believed
        view = (document.room, document.gear, a, self.session.seat, self.session.mix)
        if a is None:
            self.forecast.setText("")
            return
        if view == self._of:
            self.forecast.setText(self._said)
            return
        self._of, self._said = view, ""
        self.forecast.setText(tr("Held against the forecast …"))
        job = partial(jobs.zone, self.session.listening_to(a))
        take = partial(self._take, view)
        self.session.slow.ask(Question(ZONE, document.room, document.gear, job, take, take))

    def _take(self, view: object, said: str) -> None:
        if view == self._of:
            self._said = said
            self.forecast.setText(said)
