"""The bass hunt: one loudspeaker plays, the listener walks or crawls and marks the plan."""

from functools import partial

from PyQt6.QtWidgets import QComboBox, QFrame

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.app import jobs, theme
from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.player import Player
from jolly_parlor.app.questions import HUNT, Question
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.finetune.listener import Listener
from jolly_parlor.app.stations.finetune.play_bar import PlayBar
from jolly_parlor.app.widgets.entries import (
    CheckedField,
    Choice,
    choice_field,
    label,
    length_field,
    named_button,
)
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.by_ear.compared import HuntSaid
from jolly_parlor.by_ear.ear_record import Heard, Hunt
from jolly_parlor.by_ear.simulated_ear import heard_at
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.project.ear_edits import begin_hunt, mark_hunt
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.project.ledger import now
from jolly_parlor.studio.device import Stage
from jolly_parlor.studio.simulated import SimulatedStudio
from jolly_parlor.units import format_length
from jolly_parlor.words import capital, tr

_CRAWL_METRES, _OFF_WALL = 0.3, 0.05
_WAYS = [
    ("corner", tr("in a corner: find a seat")),
    ("seat", tr("at the seat: find the sub's place")),
]
_SHAPES = tr(
    "On the plan a dot is even, a peak booms, a hollow is thin; its tint is the forecast's."
)
_HEARD: list[tuple[str, str]] = [("even", "even"), ("boomy", "booms"), ("thin", "thin")]
_LEADS = {
    "corner": (
        tr(
            "Take away what stands where you will listen. The loudspeaker in a "
            "corner excites every mode there is: walk the room with your head "
            "at ear height, and click on the plan where you stand. Where the "
            "line is even, crisp and clear, there you sit."
        )
    ),
    "seat": (
        tr(
            "By reciprocity a sub at the seat shows every place for a sub at "
            "once: put it on the chair, crawl along the walls with your ear "
            "where its middle would be, and click on the plan where you are. "
            "Where the line is even, there the sub goes."
        )
    ),
}


class HuntCard:
    """`frame` is the widget. Seen only while the hunt is chosen."""

    def __init__(self, measure: MeasuringDesk, player: Player) -> None:
        self.session, self._measure = measure.session, measure
        self._listener = Listener(measure)
        self.said: HuntSaid | None = None
        self._of: object = None
        self.way = "corner"
        self.heard: Heard = "even"
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Bass hunt"), "head"))
        self.which: QComboBox = choice_field(tr("hunted loudspeaker"), ())
        row.addWidget(self.which)
        self.ways = Choice(_WAYS, "hunt-way")
        self.ways.chosen.connect(self._choose_way)
        row.addWidget(self.ways)
        row.addStretch(1)
        self.start = named_button(tr("Begin"), "hunt-begin", self._begin)
        row.addWidget(self.start)
        layout.addLayout(row)
        self.lead = label("", wrap=True)
        layout.addWidget(self.lead)
        self.play = PlayBar(player, ("bass", "steps"), self._sources)
        layout.addWidget(self.play)
        row = FlowRow()
        row.addWidget(label(tr("It sounds")))
        self.sounds = Choice(_HEARD, "hunt-heard")
        self.sounds.chosen.connect(self._choose_heard)
        row.addWidget(self.sounds)
        row.addWidget(label(tr("here: click on the plan, or"), "soft"))
        self.across, self.along = (
            self._field(tr("hunt from left")),
            self._field(tr("hunt from front")),
        )
        for field, words in (
            (self.across, tr("from the left,")),
            (self.along, tr("from the front")),
        ):
            row.addWidget(field)
            row.addWidget(label(words, "soft"))
        self.put = named_button(tr("Mark it"), "hunt-mark", self._mark_typed)
        row.addWidget(self.put)
        row.addStretch(1)
        layout.addLayout(row)
        self.words = label("", "strong", wrap=True)
        self.words.setObjectName("hunt-words")
        layout.addWidget(self.words)
        row = FlowRow()
        self.settle = named_button("", "hunt-settle", self._settle)
        self.settle.setProperty("strong", True)
        row.addWidget(self.settle)
        row.addStretch(1)
        layout.addLayout(row)

    def _field(self, name: str) -> CheckedField:
        field = length_field(name, lambda: self.session.settings.values.units)
        theme.keep_width(field, most=80)
        field.failed.connect(self.session.refused.emit)
        field.committed.connect(field.keep)
        return field

    @property
    def hunt(self) -> Hunt | None:
        hunts = self.session.document.by_ear.hunts
        return hunts[-1] if hunts else None

    def refresh(self) -> None:
        """Show how far it has come."""
        document, a = self.session.document, self.session.arrangement
        able = [sub.id for sub in document.gear.subwoofers] + ["left", "right"]
        if [self.which.itemText(n) for n in range(self.which.count())] != able:
            self.which.clear()
            self.which.addItems(able)
        hunt = self.hunt
        self.ways.show_value(self.way)
        self.sounds.show_value(self.heard)
        self.lead.setText(f"{_LEADS[self.way]} {_SHAPES}")
        self.start.setText(tr("Begin anew") if hunt else tr("Begin"))
        self.start.setEnabled(a is not None)
        under_way = hunt is not None and a is not None
        for widget in (self.put, self.across, self.along, self.sounds):
            widget.setEnabled(under_way)
        self.settle.setVisible(under_way)
        if hunt is not None:
            what = tr("Sit there") if hunt.wanted == "seat" else tr("Stand the sub there")
            self.settle.setText(what)
            self.settle.setEnabled(bool(hunt.even))
        if not under_way:
            self.words.setText(tr("Choose what plays and from where, and begin."))
            return
        assert hunt is not None and a is not None
        self._ask(a, hunt)

    def clicked(self, x: float, y: float) -> None:
        """A place on the plan was clicked."""
        if self.hunt is None:
            self.session.refused.emit(tr("Begin the hunt first: choose what plays and from where."))
            return
        if self._measure.equipment.is_card:
            self._mark(x, y, self.heard)
        else:
            self._ask_studio(x, y)

    def _sources(self) -> tuple[str, ...]:
        hunt = self.hunt
        return (hunt.loudspeaker if hunt else self.which.currentText(),)

    def _choose_way(self, way: str) -> None:
        self.way = way
        self.refresh()

    def _choose_heard(self, heard: str) -> None:
        self.heard = heard  # type: ignore[assignment]
        self.sounds.show_value(heard)

    def _begin(self) -> None:
        a, document = self.session.arrangement, self.session.document
        name = self.which.currentText()
        if a is None or not name:
            return
        model, room = document.gear.model_of(name), document.room
        ear = a.seats[self.session.seat]
        if self.way == "corner":
            at = Point(
                room.frame.left + model.width / 2 + _OFF_WALL,
                room.frame.front + model.depth / 2 + _OFF_WALL,
                model.centre_height,
            )
            hunt = Hunt(name, at, "seat", ear.z, now())
        else:
            hunt = Hunt(name, ear, "subwoofer", max(model.centre_height, _CRAWL_METRES), now())
        self.session.do(tr("Begin a bass hunt"), lambda d: begin_hunt(d, hunt))

    def _mark_typed(self) -> None:
        frame = self.session.document.room.frame
        x, y = frame.left + self.across.value, frame.front + self.along.value
        self._mark(x, y, self.heard)

    def _mark(self, x: float, y: float, heard: Heard) -> None:
        self.session.do(tr("Hunt: {heard}", heard=heard), lambda d: mark_hunt(d, x, y, heard))

    def _ask_studio(self, x: float, y: float) -> None:
        hunt = self.hunt
        if hunt is None:
            return
        if not self.session.document.room.has_air_at(Point(x, y, hunt.ear_height)):
            self._mark(x, y, "even")  # refused in the edit's own words
            return

        def listen(studio: SimulatedStudio, stage: Stage) -> tuple[float, float, Heard]:
            return x, y, heard_at(studio, stage, hunt, x, y)

        if self._listener.ask(listen, lambda told: self._mark(*told)):
            self.words.setText(tr("The simulated listener walks there …"))

    @property
    def listening(self) -> bool:
        """Whether the simulated listener is on his way."""
        return self._listener.asked

    def _ask(self, a: Arrangement, hunt: Hunt) -> None:
        document, units = self.session.believed, self.session.settings.values.units
        view = (document.room, document.gear, a, hunt, self.session.seat, units)
        if view == self._of:
            return
        self._of, self.said = view, None
        self.words.setText(tr("Held against the forecast …"))
        job = partial(jobs.hunt, a, hunt, self.session.seat, units)
        take, refuse = partial(self._take, view), self.words.setText
        self.session.slow.ask(Question(HUNT, document.room, document.gear, job, take, refuse))

    def _take(self, view: object, said: HuntSaid) -> None:
        if view == self._of:
            self.said = said
            self.words.setText(said.words)

    def _settle(self) -> None:
        """Stand there what was hunted for: at the even mark the forecast likes best."""
        a, hunt = self.session.arrangement, self.hunt
        if a is None or hunt is None or not hunt.even:
            return
        best = self.said.best if self.said is not None else None
        mark = best or hunt.even[-1]
        units = self.session.settings.values.units
        if hunt.wanted == "seat":
            item, height = seat_item(self.session.seat), a.seats[self.session.seat].z
        else:
            item = loudspeaker(hunt.loudspeaker)
            height = a.places[hunt.loudspeaker].z
        moved = a.moved(item, Point(mark.x, mark.y, height))
        where = f"{format_length(mark.x, units)}, {format_length(mark.y, units)}"
        if self.session.do(
            tr("By the hunt: {where}", where=where), lambda d: replace_arrangement(d, moved)
        ):
            left = (
                tr("build the triangle round it")
                if hunt.wanted == "seat"
                else tr("measure it there")
            )
            self.session.told.emit(
                tr("{words} stands there now: {left}.", words=capital(item.words), left=left)
            )
