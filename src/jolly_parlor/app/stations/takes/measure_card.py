"""The card on Takes that measures: level check, meter, progress, what to measure next."""

from collections.abc import Callable
from datetime import datetime
from functools import partial
from pathlib import Path

from PyQt6.QtWidgets import (
    QFrame,
    QPushButton,
    QWidget,
)

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.takes.before_measuring import Checklist
from jolly_parlor.app.stations.takes.equipment import Equipment
from jolly_parlor.app.stations.takes.in_one_go import InOneGo
from jolly_parlor.app.stations.takes.known_level import KnownLevel
from jolly_parlor.app.stations.takes.sweep_row import SweepRow
from jolly_parlor.app.task import Task, Token, Work
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.fold import Fold
from jolly_parlor.app.widgets.meter import Meter
from jolly_parlor.app.widgets.recording_strip import RecordingStrip
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.cautions import SWEEPS
from jolly_parlor.placement.floor_places import FloorPlace
from jolly_parlor.placement.forecast import head_point
from jolly_parlor.placement.mixes import BOTH_AS_SET, WITH_SUBWOOFERS
from jolly_parlor.project.document import HeadPoint
from jolly_parlor.project.staging import siblings_of, stage_of, tried_stage
from jolly_parlor.project.take_edits import add_measured
from jolly_parlor.project.wanted_takes import Wanted, missing
from jolly_parlor.refused import Refused
from jolly_parlor.signals.chime import called
from jolly_parlor.signals.quality import Mark
from jolly_parlor.signals.weighting import exposure_words
from jolly_parlor.studio.device import Device
from jolly_parlor.studio.levelling import Level, find_level
from jolly_parlor.studio.moving_microphone import measure_moving
from jolly_parlor.studio.one_take import Measurement, Settings, measure, seconds_of_take
from jolly_parlor.studio.quiet import Quiet
from jolly_parlor.units import format_length
from jolly_parlor.words import tr

_WHO = {
    "both": tr("both monitors"),
    "left": tr("the left monitor"),
    "right": tr("the right monitor"),
    WITH_SUBWOOFERS: tr("all that plays, as it is set"),
    BOTH_AS_SET.id: tr("both monitors, as they are set"),
}


class MeasureCard:
    """Measures in the simulated studio. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self._run: Task | None = None
        self._next: Wanted | None = None
        self._outcome: Mark | None = None
        self._makes_take = False
        self.checks = Checklist()
        self.frame: QFrame
        self.frame, layout = card()
        head = FlowRow()
        head.addWidget(label(tr("Measure"), "head"))
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("measure-words")
        head.addWidget(self.words, 1)
        self.go = QPushButton(tr("Measure it"))
        self.go.setObjectName("measure-next")
        on_click(self.go, self.measure_next)
        head.addWidget(self.go)
        layout.addLayout(head)
        self.in_one_go = InOneGo(session, self, lambda: not self.equipment.is_card)
        layout.addLayout(self.in_one_go.row)
        self.equipment = Equipment(session, self.refresh, self.calibrate)
        self.how = Fold(tr("Equipment and sweep"), "sweep")
        self.how.body.addLayout(self.equipment.row)
        self.sweep = SweepRow(session, self.equipment, self.check_level)
        self.sweeps, self.output = self.sweep.sweeps, self.sweep.output
        self.how.body.addLayout(self.sweep.row)
        self.how.body.addWidget(label(SWEEPS, "soft", wrap=True))
        layout.addWidget(self.how)
        row = FlowRow()
        self.meter = Meter()
        row.addWidget(self.meter)
        self.strip = RecordingStrip()
        row.addWidget(self.strip, 1)
        self.stop_button = QPushButton(tr("Silence"))
        self.stop_button.setObjectName("silence")
        on_click(self.stop_button, self.stop)
        row.addWidget(self.stop_button)
        self.running = QWidget()
        self.running.setLayout(row)
        self.running.hide()
        layout.addWidget(self.running)
        self.result = label("", wrap=True)
        self.result.setObjectName("measure-result")
        self.result.hide()
        layout.addWidget(self.result)
        self.known_level = KnownLevel(
            session, self.equipment, self._start, self._say, lambda: self.output.value
        )
        session.closing.connect(self.close)
        for box in self.checks.boxes:
            box.toggled.connect(lambda _: self.refresh())

    @property
    def measuring(self) -> bool:
        return self._run is not None

    @property
    def settings(self) -> Settings:
        rate = self.equipment.setup.sample_rate if self.equipment.is_card else 48000
        return self.sweep.settings(rate)

    def refresh(self) -> None:
        missing_here = self.missing()
        self._next = next(iter(missing_here), None)
        a = self.session.arrangement
        able = a is not None and self._run is None
        self.go.setEnabled(able and self._next is not None and not self.in_one_go.on)
        self.in_one_go.refresh(able, len(missing_here))
        self.sweep.refresh()
        self.how.say(tr("Equipment and sweep"), self.equipment.device.currentText())
        self.sweep.level_button.setEnabled(able)
        if a is None:
            self.words.setText(tr("Rough in an arrangement first."))
        elif self._next is None:
            self.words.setText(tr("Everything of “{name}” is measured.", name=a.name))
        else:
            source, seat = self._next
            units = self.session.settings.values.units
            ear = head_point(a.seats[seat], self.equipment.point.currentData())
            bare, room = "", self.session.document.room
            frame = room.frame
            if not room.is_box and not self.equipment.is_card:
                bare = tr("Above 260 Hz it sounds like the box around your room. ")
            self.words.setText(
                tr(
                    "Next: {source} at the {seat}; microphone {y} from the front wall, "
                    "{x} from the left, {z} high. {about} {bare}{is_card}",
                    source=_WHO.get(source, source),
                    seat=seat,
                    y=format_length(ear.y - frame.front, units),
                    x=format_length(ear.x - frame.left, units),
                    z=format_length(ear.z, units),
                    about=self.equipment.about(),
                    bare=bare,
                    is_card=self.checks.words if self.equipment.is_card else "",
                )
            )

    def measure_next(self) -> None:
        """The first take that is missing here."""
        if self._next is not None:
            self.measure(*self._next)

    def measure(self, source: str, seat: str) -> None:
        """Measure one take; good or bad, it is kept."""
        self._measure(source, seat, None, False)

    def measure_moving(self, source: str, seat: str, per_octave: int) -> None:
        """The same while the microphone is led round the seat: a level without phase, in parts of
        an octave.
        """
        self._measure(source, seat, None, False, per_octave)

    def try_place(self, sub: str, seat: str, tried: FloorPlace, swapped: bool) -> None:
        """The same of a subwoofer at a floor place; swapped: it stands at the head and the
        microphone there.
        """
        self._measure(sub, seat, tried, swapped)

    def _measure(
        self,
        source: str,
        seat: str,
        tried: FloorPlace | None,
        swapped: bool,
        moving: int | None = None,
    ) -> None:
        document, a = self.session.document, self.session.arrangement
        if a is None or self._run is not None:
            return
        try:
            point: HeadPoint = "centre" if tried else self.equipment.point.currentData()
            if tried is None:
                stage = stage_of(document, a, seat, point)
            else:
                stage = tried_stage(document, a, seat, source, tried.at, swapped)
            settings, studio = self.settings, self.equipment.studio()
            if wrong := settings.problem():
                raise Refused(wrong)
        except Refused as error:
            self.session.refused.emit(str(error))
            return
        calibration = self.equipment.microphone
        quiet = self.in_one_go.quiet if self.in_one_go.on else Quiet()
        others = siblings_of(document, a, source, seat) if point == "centre" else {}

        def work(token: Token) -> Measurement:
            if moving is not None:
                level = settings.output_db
                return measure_moving(
                    studio,
                    level,
                    source,
                    stage,
                    calibration,
                    per_octave=moving,
                    progress=token.share,
                    cancelled=token.stopped,
                )
            return measure(
                studio,
                settings,
                source,
                stage,
                calibration,
                others,
                token.share,
                token.stopped,
                quiet,
                token.tell,
            )

        name = calibration.name if calibration else ""
        where = (a.name, source, seat, point, tried, swapped)
        taken = partial(self._taken, studio, settings, name, where)
        self._start(work, taken, tr("{source} at the {seat}", source=source, seat=seat), True)

    def check_level(self) -> None:
        """Find the output level with the first source at the seat looked at."""
        document, a = self.session.document, self.session.arrangement
        if a is None or self._run is not None:
            return
        source, seat = self._next or ("left", document.gear.seats[0].name)
        try:
            stage, studio = stage_of(document, a, seat), self.equipment.studio()
        except Refused as error:
            self.session.refused.emit(str(error))
            return
        name = "left" if source == "both" else source
        loudest = self.sweep.loudest.value

        def work(token: Token) -> Level:
            return find_level(studio, name, stage, loudest, token.share, token.stopped)

        self._start(work, self._levelled, tr("level check"))

    def calibrate(self) -> None:
        """Find out how loud full scale is."""
        if self._run is None:
            self.known_level.ask()

    def stop(self) -> None:
        if self._run is not None:
            self._run.cancel()

    def close(self) -> None:
        """End the thread before the window goes."""
        if self._run is not None:
            self._run.end()

    def missing(self) -> list[Wanted]:
        """The takes of the arrangement shown that are worth making, the main seat first."""
        a = self.session.arrangement
        if a is None:
            return []
        return missing(self.session.document, a, self.equipment.point.currentData())

    def seconds_of(self, count: int) -> float:
        """How long so many takes play."""
        return count * seconds_of_take(self.settings, self.equipment.two_devices)

    def call(self) -> None:
        """Two rising notes, so that whoever moves the microphone can stay in the room."""
        level, source = self.output.value, "left"
        try:
            studio = self.equipment.studio()
        except Refused as error:
            self.session.refused.emit(str(error))
            return

        def work(token: Token) -> None:
            notes = {source: called(studio.sample_rate)}
            studio.play(notes, lambda: level, False, lambda at: None, token.stopped)

        self._start(work, lambda _: None, tr("the call for the next place"))

    def _start(
        self, work: Work, done: Callable[..., None], what: str, makes_take: bool = False
    ) -> None:
        self._makes_take = makes_take
        self._outcome = None
        self._run = Task("measuring", work)
        self._run.told.connect(self._say)
        self._run.progressed.connect(self._progress)
        self._run.found.connect(done)
        self._run.refused.connect(self._refuse)
        self._run.halted.connect(self._halted)
        self._run.finished.connect(self._finish)
        self.running.show()
        self.strip.begin()
        self._say(tr("Playing and listening: {what} …", what=what))
        self.refresh()
        self._run.start()

    def _progress(self, share: float, peak_db: float) -> None:
        self.strip.add(share, peak_db)
        self.meter.show_level(peak_db)

    def _say(self, words: str) -> None:
        self.result.setText(words)
        self.result.setVisible(bool(words))

    def _halted(self) -> None:
        self._refuse(tr("Stopped; nothing was kept."))

    def _refuse(self, why: str) -> None:
        self._say(why)
        if not self.frame.isVisible():
            self.session.refused.emit(why)

    def _finish(self) -> None:
        self._run, outcome, takes = None, self._outcome, self._makes_take
        self.running.hide()
        self.refresh()
        if takes:
            self.in_one_go.made(outcome)

    def _levelled(self, found: Level) -> None:
        if found.good:
            self.output.set_value(round(found.output_db))
        self._say(found.words)

    def _also_keep(self) -> None:
        """The newest take as files, where the user wants that; a folder that is gone is told."""
        from jolly_parlor.project.exporting import export_take

        folder, takes = self.session.settings.values.takes_folder, self.session.document.takes
        if not folder or not takes:
            return
        name = f"{datetime.now():%Y-%m-%d %H-%M-%S} {self.session.document.room.name}"
        try:
            export_take(takes[-1], Path(folder), name)
        except Refused as error:
            self.session.told.emit(tr("The take is in the document only: {error}", error=error))

    def _taken(
        self,
        device: Device,
        settings: Settings,
        calibration: str,
        where: tuple[str, str, str, HeadPoint, FloorPlace | None, bool],
        found: Measurement,
    ) -> None:
        self.session.do(
            tr("Measure {where} at the {where2}", where=where[1], where2=where[2]),
            lambda d: add_measured(d, found, device, settings, calibration, *where),
        )
        self._also_keep()
        self._outcome = mark = found.verdict.mark
        opening = {
            "good": tr("A good take."),
            "doubtful": tr("A doubtful take:"),
            "bad": tr("A bad take, kept but left out of every ranking:"),
        }[mark]
        loud = ""
        if found.level_db_spl is not None:
            loud = tr(" {level_db_spl:.0f} dB SPL at the seat.", level_db_spl=found.level_db_spl)
            if found.level_dba is not None:
                loud += f" {exposure_words(found.level_dba)}"
        words = " ".join([opening, *found.verdict.words]) + loud
        self._say(words)
        if not self.frame.isVisible():  # asked for at another station
            self.session.told.emit(words)
