"""The card on Takes that measures: level check, meter, progress, what to measure next."""

from dataclasses import replace
from functools import partial
from pathlib import Path

from PyQt6.QtWidgets import (
    QComboBox,
    QFrame,
    QHBoxLayout,
    QProgressBar,
    QPushButton,
    QSpinBox,
    QWidget,
)

from jolly_parlor.app import dialogs
from jolly_parlor.app.measuring import MeasureRun, Work
from jolly_parlor.app.session import Session
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.fields import CheckedField, label, number_field
from jolly_parlor.app.widgets.meter import Meter
from jolly_parlor.placement.cautions import SWEEPS
from jolly_parlor.placement.forecast import HEAD_SHIFTS
from jolly_parlor.project.document import HeadPoint
from jolly_parlor.project.edits import add_measured
from jolly_parlor.project.staging import siblings_of, stage_of
from jolly_parlor.signals.calibration import Calibration, read_calibration
from jolly_parlor.signals.reading import ResponseFileError
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.device import Device, DeviceFailed
from jolly_parlor.studio.levelling import Level, find_level
from jolly_parlor.studio.measuring import Measurement, Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio
from jolly_parlor.studio.soundcard import Channels, SoundCard, sound_cards
from jolly_parlor.units import format_length

_WHO = {"both": "both monitors", "left": "the left monitor", "right": "the right monitor"}


class MeasureCard:
    """Measures in the simulated studio. `frame` is the widget."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self._run: MeasureRun | None = None
        self._studio: tuple[object, SimulatedStudio] | None = None
        self._next: tuple[str, str] | None = None
        self._calibration: Calibration | None = None
        self.frame: QFrame
        self.frame, layout = card()
        head = QHBoxLayout()
        head.addWidget(label("Measure", "head"))
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("measure-words")
        head.addWidget(self.words, 1)
        self.go = QPushButton("Measure it")
        self.go.setObjectName("measure-next")
        self.go.clicked.connect(self.measure_next)
        head.addWidget(self.go)
        layout.addLayout(head)
        layout.addLayout(self._equipment())
        layout.addLayout(self._settings())
        row = QHBoxLayout()
        self.meter = Meter()
        row.addWidget(self.meter)
        self.bar = QProgressBar()
        self.bar.setRange(0, 100)
        self.bar.setTextVisible(False)
        self.bar.setAccessibleName("Progress of the take")
        row.addWidget(self.bar, 1)
        self.stop_button = QPushButton("Silence")
        self.stop_button.setObjectName("silence")
        self.stop_button.clicked.connect(self.stop)
        row.addWidget(self.stop_button)
        self.running = QWidget()
        self.running.setLayout(row)
        self.running.hide()
        layout.addWidget(self.running)
        self.result = label("", wrap=True)
        self.result.setObjectName("measure-result")
        layout.addWidget(self.result)
        session.closing.connect(self.close)

    @property
    def measuring(self) -> bool:
        """Whether something plays."""
        return self._run is not None

    @property
    def simulated(self) -> SimulatedStudio:
        """The simulated studio, made anew for another survey."""
        room = self.session.document.room
        if self._studio is None or self._studio[0] != room:
            self._studio = (room, SimulatedStudio(room))
        return self._studio[1]

    def studio(self) -> Device:
        """The device chosen. Raises DeviceFailed where it cannot be used."""
        if self.device.currentIndex() <= 0:
            self.simulated.mishap_rate = self.mishaps.value / 100
            return self.simulated
        subs = [sub.name for sub in self.session.document.gear.subwoofers]
        outputs = {name: n for n, name in enumerate(["left", "right", *subs], start=1)}
        return SoundCard(self.device.currentText(), Channels(outputs))

    @property
    def microphone(self) -> Calibration | None:
        """The calibration in use: the one loaded, else the simulated microphone's own."""
        if self._calibration is not None or self.device.currentIndex() > 0:
            return self._calibration
        return self.simulated.calibration()

    def find_cards(self) -> None:
        """List the sound cards beside the simulated studio."""
        try:
            names = sound_cards()
        except DeviceFailed as error:
            self.session.refused.emit(str(error))
            return
        while self.device.count() > 1:
            self.device.removeItem(1)
        self.device.addItems(names)
        self.session.told.emit(
            f"{len(names)} sound card{'s' * (len(names) != 1)} found. Left goes to output 1, right "
            "to 2, subwoofers to the next; the microphone to input 1."
        )

    def load_calibration(self) -> None:
        """Ask for the microphone's file."""
        path = dialogs.choose_response(self.frame, self.session.settings)
        if path is not None:
            self.use_calibration(path)

    def use_calibration(self, path: Path) -> None:
        """Take a calibration file, or say why not."""
        try:
            self._calibration = read_calibration(path)
        except ResponseFileError as error:
            self.session.refused.emit(str(error))
            return
        self.mic_button.setText(self._calibration.name)
        self.session.told.emit(
            f"{self._calibration.name} is taken away from every take. Is it the file for the "
            f"direction the microphone points? {self._calibration.sensitivity}".strip()
        )

    @property
    def settings(self) -> Settings:
        """As entered."""
        sweep = Sweep(seconds=self.seconds.value)
        return Settings(sweep, self.sweeps.value(), self.output.value)

    def _equipment(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.device = QComboBox()
        self.device.addItem(SimulatedStudio.name)
        self.device.setObjectName("device")
        self.device.setAccessibleName("Measuring device")
        self.device.currentIndexChanged.connect(lambda _: self.refresh())
        look = QPushButton("Look for sound cards")
        look.setObjectName("find-cards")
        look.clicked.connect(self.find_cards)
        self.mic_button = QPushButton("Microphone file …")
        self.mic_button.setObjectName("load-calibration")
        self.mic_button.clicked.connect(self.load_calibration)
        self.point = QComboBox()
        self.point.setObjectName("head-point")
        self.point.setAccessibleName("Where around the head")
        for name, (dx, dy, dz) in HEAD_SHIFTS.items():
            self.point.addItem(_point_words(name, dx, dy, dz), name)
        self.point.currentIndexChanged.connect(lambda _: self.refresh())
        row.addWidget(label("at", "soft"))
        row.addWidget(self.point)
        row.addWidget(label("with", "soft"))
        row.addWidget(self.device)
        row.addWidget(look)
        row.addWidget(self.mic_button)
        row.addStretch(1)
        return row

    def _settings(self) -> QHBoxLayout:
        row = QHBoxLayout()
        defaults = Settings()
        self.output = number_field("output level", "dB", 0)
        self.seconds = number_field("sweep length", "s", 0)
        self.output.set_value(defaults.output_db)
        self.seconds.set_value(defaults.sweep.seconds)
        self.output.committed.connect(lambda v: self._keep(self.output, v, -80.0, 0.0))
        self.seconds.committed.connect(lambda v: self._keep(self.seconds, v, 0.5, 60.0))
        self.sweeps = QSpinBox()
        self.sweeps.setRange(1, 8)
        self.sweeps.setValue(defaults.sweeps)
        self.sweeps.setAccessibleName("sweeps averaged")
        self.sweeps.setButtonSymbols(QSpinBox.ButtonSymbols.NoButtons)
        self.mishaps = number_field("mishaps", "%", 0)
        self.mishaps.setToolTip("How often somebody slams a door or talks in the simulated studio")
        self.mishaps.set_value(0)
        self.mishaps.committed.connect(lambda v: self._keep(self.mishaps, v, 0.0, 100.0))
        self.level_button = QPushButton("Check the level")
        self.level_button.setObjectName("check-level")
        self.level_button.clicked.connect(self.check_level)
        for title, widget in (
            ("sweeps", self.sweeps),
            ("each", self.seconds),
            ("at", self.output),
            ("mishaps", self.mishaps),
        ):
            row.addWidget(label(title, "soft"))
            row.addWidget(widget)
        row.addWidget(self.level_button)
        row.addWidget(label(SWEEPS, "soft", wrap=True), 1)
        for field in (self.output, self.seconds, self.mishaps):
            field.setMaximumWidth(64)
            field.failed.connect(self.session.refused.emit)
        return row

    def _keep(self, field: CheckedField, value: float, low: float, high: float) -> None:
        if low <= value <= high:
            field.keep(value)
            return
        name = field.objectName()
        self.session.refused.emit(f"The {name} goes from {low:g} to {high:g}; it stays as it was.")
        field.reset()

    def refresh(self) -> None:
        """Say what comes next."""
        self._next = self._missing()
        a = self.session.arrangement
        able = a is not None and self._run is None
        self.go.setEnabled(able and self._next is not None)
        self.level_button.setEnabled(able)
        if a is None:
            self.words.setText("Rough in an arrangement first.")
        elif self._next is None:
            self.words.setText(f"Everything of “{a.name}” is measured.")
        else:
            source, seat = self._next
            units = self.session.settings.values.units
            dx, dy, dz = HEAD_SHIFTS[self.point.currentData()]
            head = a.seats[seat]
            ear = replace(head, x=head.x + dx, y=head.y + dy, z=head.z + dz)
            self.words.setText(
                f"Next: {_WHO.get(source, source)} at the {seat}; microphone "
                f"{format_length(ear.y, units)} from the front wall, "
                f"{format_length(ear.x, units)} from the left, {format_length(ear.z, units)} high. "
                f"{self._about_device()}"
            )

    def _about_device(self) -> str:
        if self.device.currentIndex() > 0:
            return "Quiet while it plays; check the level first."
        room = self.session.document.room.name
        return f"{SimulatedStudio.name}: a made-up room much like {room}; it is silent."

    def measure_next(self) -> None:
        """The first take that is missing here."""
        if self._next is not None:
            self.measure(*self._next)

    def measure(self, source: str, seat: str) -> None:
        """Measure one take; good or bad, it is kept."""
        document, a = self.session.document, self.session.arrangement
        if a is None or self._run is not None:
            return
        try:
            point = self.point.currentData()
            stage = stage_of(document, a, seat, point)
            settings, studio = self.settings, self.studio()
            settings.sweep.samples()
        except (ValueError, DeviceFailed) as error:
            self.session.refused.emit(str(error))
            return
        calibration = self.microphone
        others = siblings_of(document, a, source, seat) if point == "centre" else {}

        def work(progress, cancelled):  # type: ignore[no-untyped-def]
            return measure(
                studio, settings, source, stage, calibration, others, progress, cancelled
            )

        name = calibration.name if calibration else ""
        taken = partial(self._taken, studio, settings, name, a.name, source, seat, point)
        self._start(work, taken, f"{source} at the {seat}")

    def check_level(self) -> None:
        """Find the output level with the first source at the seat looked at."""
        document, a = self.session.document, self.session.arrangement
        if a is None or self._run is not None:
            return
        source, seat = self._next or ("left", document.gear.seats[0].name)
        try:
            stage, studio = stage_of(document, a, seat), self.studio()
        except (ValueError, DeviceFailed) as error:
            self.session.refused.emit(str(error))
            return
        name = "left" if source == "both" else source

        def work(progress, cancelled):  # type: ignore[no-untyped-def]
            return find_level(studio, name, stage, progress, cancelled)

        self._start(work, self._levelled, "level check")

    def stop(self) -> None:
        """Silence at once."""
        if self._run is not None:
            self._run.cancel()

    def close(self) -> None:
        """End the thread before the window goes."""
        if self._run is not None:
            self._run.cancel()
            self._run.wait()

    def _missing(self) -> tuple[str, str] | None:
        """Source and seat of the next take worth making: the main seat first."""
        document, a = self.session.document, self.session.arrangement
        if a is None:
            return None
        subs = [sub.name for sub in document.gear.subwoofers]
        for index, seat in enumerate(document.gear.seats):
            wanted = ["left", "right", "both", *subs] if index == 0 else ["both"]
            for source in wanted:
                if self.point.currentData() not in document.takes_around(a, source, seat.name):
                    return source, seat.name
        return None

    def _start(self, work: Work, done: object, what: str) -> None:
        self._run = MeasureRun(work)
        self._run.progressed.connect(self._progress)
        self._run.done.connect(done)
        self._run.refused.connect(self._refuse)
        self._run.finished.connect(self._finish)
        self.running.show()
        self.bar.setValue(0)
        self.result.setText(f"Playing and listening: {what} …")
        self.refresh()
        self._run.start()

    def _progress(self, share: float, peak_db: float) -> None:
        self.bar.setValue(round(100 * share))
        self.meter.show_level(peak_db)

    def _refuse(self, why: str) -> None:
        self.result.setText(why)

    def _finish(self) -> None:
        self._run = None
        self.running.hide()
        self.refresh()

    def _levelled(self, found: Level) -> None:
        if found.good:
            self.output.set_value(round(found.output_db))
        self.result.setText(found.words)

    def _taken(
        self,
        device: Device,
        settings: Settings,
        calibration: str,
        arrangement: str,
        source: str,
        seat: str,
        point: HeadPoint,
        found: Measurement,
    ) -> None:
        self.session.do(
            f"Measure {source} at the {seat}",
            lambda d: add_measured(
                d, found, device, settings, calibration, arrangement, source, seat, point
            ),
        )
        mark = found.verdict.mark
        opening = {
            "good": "A good take.",
            "doubtful": "A doubtful take:",
            "bad": "A bad take, kept but left out of every ranking:",
        }[mark]
        loud = f" {found.level_db_spl:.0f} dB SPL at the seat." if found.level_db_spl else ""
        self.result.setText(" ".join([opening, *found.verdict.words]) + loud)


def _point_words(name: str, dx: float, dy: float, dz: float) -> str:
    if name == "centre":
        return "the head's centre"
    parts = ((dx, "left", "right"), (dy, "forward", "back"), (dz, "down", "up"))
    words = [f"{abs(d) * 100:.0f} cm {low if d < 0 else high}" for d, low, high in parts if d]
    return ", ".join(words)
