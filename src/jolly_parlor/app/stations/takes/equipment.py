"""What a take is measured with: the simulated studio or a sound card, and the microphone's file."""

from collections.abc import Callable
from pathlib import Path

from PyQt6.QtWidgets import QComboBox, QWidget

from jolly_parlor.app import dialogs
from jolly_parlor.app.widgets.fields import label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.forecast import HEAD_SHIFTS
from jolly_parlor.signals.calibration import Calibration, read_calibration
from jolly_parlor.signals.cells import ResponseFileError
from jolly_parlor.studio.device import Device, DeviceFailed
from jolly_parlor.studio.simulated import SimulatedStudio
from jolly_parlor.studio.soundcard import SoundCard, sound_cards
from jolly_parlor.words import plural, tr


class Equipment:
    """A row: where around the head, with which device and microphone. `row` is the layout."""

    def __init__(
        self, session: Workbench, changed: Callable[[], None], calibrate: Callable[[], None]
    ) -> None:
        self.session = session
        self._changed = changed
        self._studio: tuple[object, SimulatedStudio] | None = None
        self.calibration: Calibration | None = None
        self.mishap_rate = 0.0
        self.row = FlowRow()
        self.device = QComboBox()
        self.device.addItem(SimulatedStudio.name)
        self.device.setObjectName("device")
        self.device.setAccessibleName(tr("Measuring device"))
        self.device.currentIndexChanged.connect(lambda _: self._choose())
        look = named_button(tr("Look for sound cards"), "find-cards", self.find_cards)
        self.setup_button = named_button(tr("Channels …"), "card-setup", self.set_up)
        self.calibrate = named_button(tr("Calibrate …"), "calibrate", calibrate)
        self.mic_button = named_button(
            tr("Microphone file …"), "load-calibration", self.load_calibration
        )
        self.point = QComboBox()
        self.point.setObjectName("head-point")
        self.point.setAccessibleName(tr("Where around the head"))
        for name, (dx, dy, dz) in HEAD_SHIFTS.items():
            self.point.addItem(_point_words(name, dx, dy, dz), name)
        self.point.currentIndexChanged.connect(lambda _: changed())
        widgets: tuple[QWidget, ...] = (
            label("at", "soft"),
            self.point,
            label("with", "soft"),
            self.device,
            look,
            self.setup_button,
            self.calibrate,
            self.mic_button,
        )
        for widget in widgets:
            self.row.addWidget(widget)
        self.row.addStretch(1)
        self._offer()

    @property
    def is_card(self) -> bool:
        """Whether a sound card is chosen."""
        return self.device.currentIndex() > 0

    @property
    def simulated(self) -> SimulatedStudio:
        """The simulated studio, made anew for another survey."""
        room = self.session.document.room
        if self._studio is None or self._studio[0] != room:
            self._studio = (room, SimulatedStudio(room))
        return self._studio[1]

    def studio(self) -> Device:
        """The device chosen. Raises DeviceFailed where it cannot be used."""
        if not self.is_card:
            self.simulated.mishap_rate = self.mishap_rate
            return self.simulated
        setup = self.session.settings.values.card
        sources = self._sources()
        if not set(sources) <= set(setup.channels.outputs):
            setup = setup.reaching(sources)
        name = self.device.currentText()
        return SoundCard(name, setup.channels, setup.sample_rate, setup.full_scale_db_spl)

    @property
    def microphone(self) -> Calibration | None:
        """The calibration in use: the one loaded, else the simulated microphone's own."""
        if self.calibration is not None or self.is_card:
            return self.calibration
        return self.simulated.calibration()

    def about(self) -> str:
        """What to know of the device."""
        if not self.is_card:
            room = self.session.document.room.name
            return tr(
                "{name}: a made-up room much like {room}, furnished, with walls "
                "that give way and a thing or two the survey lacks; it is silent.",
                name=SimulatedStudio.name,
                room=room,
            )
        setup = self.session.settings.values.card
        wanting = []
        if setup.channels.loopback_input is None:
            wanting.append(tr("no loopback, so no timing reference"))
        if setup.full_scale_db_spl is None:
            wanting.append(tr("level not calibrated"))
        said = tr("Set up with {wanting}. ", wanting=tr(" and ").join(wanting)) if wanting else ""
        return tr("{said}Quiet while it plays; check the level first.", said=said)

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
        count = len(names)
        self.session.told.emit(
            plural(
                count,
                "{count} sound card found. Choose it, then say at "
                "“Channels …” where each source and the microphone are plugged in.",
                "{count} sound cards found. Choose one, then say at "
                "“Channels …” where each source and the microphone are plugged in.",
            )
        )

    def set_up(self) -> None:
        """Ask which channel is what."""
        settings = self.session.settings
        setup = settings.values.card.reaching(self._sources())
        chosen = dialogs.ask_card_setup(self.device, setup, self._sources())
        if chosen is not None:
            settings.change(card=chosen)
            self._changed()

    def load_calibration(self) -> None:
        """Ask for the microphone's file."""
        path = dialogs.choose_response(self.device, self.session.settings)
        if path is not None:
            self.use_calibration(path)

    def use_calibration(self, path: Path) -> None:
        """Take a calibration file, or say why not."""
        try:
            self.calibration = read_calibration(path)
        except ResponseFileError as error:
            self.session.refused.emit(str(error))
            return
        self.mic_button.setText(self.calibration.name)
        self.session.told.emit(
            f"{self.calibration.name} is taken away from every take. Is it the file for the "
            f"direction the microphone points? {self.calibration.sensitivity}".strip()
        )

    def _sources(self) -> list[str]:
        return [one.id for one in self.session.document.gear.loudspeakers]

    def _choose(self) -> None:
        self._offer()
        self._changed()

    def _offer(self) -> None:
        """Wiring and calibrating are for a sound card."""
        self.setup_button.setVisible(self.is_card)
        self.calibrate.setVisible(self.is_card)


def _point_words(name: str, dx: float, dy: float, dz: float) -> str:
    if name == "centre":
        return tr("the head's centre")
    parts = ((dx, "left", "right"), (dy, "forward", "back"), (dz, "down", "up"))
    words = [
        tr("{d:.0f} cm {d2}", d=abs(d) * 100, d2=low if d < 0 else high)
        for d, low, high in parts
        if d
    ]
    return ", ".join(words)
