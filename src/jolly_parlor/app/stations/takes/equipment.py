"""What a take is measured with: the simulated studio or a sound card, and the microphone's file."""

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

from PyQt6.QtCore import QFileSystemWatcher, QTimer
from PyQt6.QtWidgets import QWidget

from jolly_parlor.app import dialogs
from jolly_parlor.app.stations.takes.head_points import point_words
from jolly_parlor.app.widgets.entries import label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.forecast import HEAD_SHIFTS
from jolly_parlor.signals.calibration import Calibration, read_calibration
from jolly_parlor.signals.cells import ResponseFileError
from jolly_parlor.studio.device import Device, DeviceFailed
from jolly_parlor.studio.simulated import SimulatedStudio
from jolly_parlor.studio.soundcard import (
    CardSetup,
    SoundCard,
    inputs,
    look_again,
    outputs,
    shown_name,
)
from jolly_parlor.studio.two_devices import TwoDevices
from jolly_parlor.words import plural, tr

_WHERE_CARDS_APPEAR = "/dev/snd"
_SETTLES_MS = 800
"""A device that is plugged in appears part by part."""


class Equipment:
    """A row: where around the head, with which devices and microphone. `row` is the layout."""

    def __init__(
        self,
        session: Workbench,
        changed: Callable[[], None],
        calibrate: Callable[[], None],
    ) -> None:
        self.session = session
        self._changed = changed
        self._studio: tuple[object, SimulatedStudio] | None = None
        self.calibration: Calibration | None = None
        self.mishap_rate = 0.0
        self.row = FlowRow()
        self.device = ChoiceBox()
        self.device.addItem(SimulatedStudio.name, "")
        self.device.setObjectName("device")
        self.device.setAccessibleName(tr("Device that plays"))
        self.device.activated.connect(lambda _: self._choose())
        self.hears = ChoiceBox()
        self.hears.setObjectName("microphone-device")
        self.hears.setAccessibleName(tr("Device of the microphone"))
        self.hears.activated.connect(lambda _: self._choose())
        self.marks = ChoiceBox()
        self.marks.setObjectName("marks")
        self.marks.setAccessibleName(tr("Loudspeaker that plays the markers"))
        self.marks.setToolTip(
            tr(
                "Two devices have two clocks. A short marker before and after each sweep brings "
                "them together; it comes from this loudspeaker, which must not move meanwhile."
            )
        )
        self.marks.activated.connect(lambda _: self._choose())
        self._hears_words = label(tr("hears"), "soft")
        self._marks_words = label(tr("markers from"), "soft")
        self._plugged = QFileSystemWatcher(self.device)
        self._plugged.directoryChanged.connect(lambda _: self._soon.start())
        self._soon = QTimer(self.device)
        self._soon.setSingleShot(True)
        self._soon.setInterval(_SETTLES_MS)
        self._soon.timeout.connect(self._plugged_in)
        look = named_button(tr("Look for sound cards"), "find-cards", self.find_cards)
        self.setup_button = named_button(tr("Channels …"), "card-setup", self.set_up)
        self.calibrate = named_button(tr("Calibrate …"), "calibrate", calibrate)
        self.mic_button = named_button(
            tr("Microphone file …"), "load-calibration", self.load_calibration
        )
        self.point = ChoiceBox()
        self.point.setObjectName("head-point")
        self.point.setAccessibleName(tr("Where around the head"))
        for name in HEAD_SHIFTS:
            self.point.addItem(point_words(name), name)
        self.point.currentIndexChanged.connect(lambda _: changed())
        widgets: tuple[QWidget, ...] = (
            label("at", "soft"),
            self.point,
            label(tr("plays"), "soft"),
            self.device,
            self._hears_words,
            self.hears,
            self._marks_words,
            self.marks,
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
        return bool(self.device.currentData())

    @property
    def two_devices(self) -> bool:
        """Whether the microphone has a device, and so a clock, of its own."""
        return self.is_card and self.setup.two_devices

    @property
    def setup(self) -> CardSetup:
        """How sound cards are wired, as the settings keep it."""
        return self.session.settings.values.card

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
        setup = self.setup
        sources = self._sources()
        if not set(sources) <= set(setup.channels.outputs):
            setup = setup.reaching(sources)
        rest = setup.sample_rate, setup.full_scale_db_spl
        if setup.two_devices:
            channels = replace(setup.channels, loopback_output=None, loopback_input=None)
            return TwoDevices(setup.plays, setup.hears, channels, *rest, self._marking())
        return SoundCard(setup.plays, setup.channels, *rest)

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
        setup = self.setup
        wanting = []
        if not setup.two_devices and setup.channels.loopback_input is None:
            wanting.append(tr("no loopback, so no timing reference"))
        if setup.full_scale_db_spl is None:
            wanting.append(tr("level not calibrated"))
        said = tr("Set up with {wanting}. ", wanting=tr(" and ").join(wanting)) if wanting else ""
        return tr("{said}Quiet while it plays; check the level first.", said=said)

    def find_cards(self) -> None:
        """List the sound cards beside the simulated studio."""
        try:
            look_again()
            found = self._list()
        except DeviceFailed as error:
            self.session.refused.emit(str(error))
            return
        if not self._plugged.directories():
            self._plugged.addPath(_WHERE_CARDS_APPEAR)
        self.session.told.emit(
            tr(
                "{outputs} can play, {inputs} can hear. Choose what plays and what hears; at "
                "“Channels …” say where each source and the microphone are plugged in.",
                outputs=plural(len(found[0]), "{count} device", "{count} devices"),
                inputs=plural(len(found[1]), "{count} device", "{count} devices"),
            )
        )

    def _list(self) -> tuple[list[str], list[str]]:
        """Fill both lists with what there is now; what was chosen stays chosen, there or not."""
        setup = self.setup
        able = outputs(), inputs()
        for box, first, names, chosen in (
            (self.device, SimulatedStudio.name, able[0], setup.plays),
            (self.hears, tr("the same device"), able[1], setup.hears),
        ):
            box.clear()
            box.addItem(first, "")
            for name in [*names, *([chosen] if chosen and chosen not in names else [])]:
                away = "" if name in names else tr(" (not there)")
                box.addItem(shown_name(name) + away, name)
            box.setCurrentIndex(max(box.findData(chosen), 0))
        self._offer()
        return able

    def _plugged_in(self) -> None:
        """Something was plugged in or out; what plays meanwhile plays on."""
        before = {self.device.itemData(i) for i in range(self.device.count())}
        before |= {self.hears.itemData(i) for i in range(self.hears.count())}
        try:
            look_again()
            found = self._list()
        except DeviceFailed:
            return  # asked for by nobody: who measures is told
        new = [name for name in {*found[0], *found[1]} if name not in before]
        if new:
            self.session.told.emit(tr("{name} is there now.", name=shown_name(new[0])))
        self._changed()

    def set_up(self) -> None:
        """Ask which channel is what."""
        settings = self.session.settings
        setup = self.setup.reaching(self._sources())
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
        settings = self.session.settings
        chosen = replace(
            self.setup,
            plays=self.device.currentData(),
            hears=self.hears.currentData() or "",
            marks=self.marks.currentData() or self.setup.marks,
        )
        settings.change(card=chosen)
        self._offer()
        self._changed()

    def _marking(self) -> str:
        """The loudspeaker that plays the markers: the one chosen, where there is one like it."""
        wanted, there = self.setup.marks, self._sources()
        return wanted if wanted in there else there[0]

    def _offer(self) -> None:
        """Wiring and calibrating are for a sound card, markers for two devices."""
        two = self.two_devices
        for widget, shown in (
            (self.setup_button, self.is_card),
            (self.calibrate, self.is_card),
            (self._hears_words, self.is_card),
            (self.hears, self.is_card),
            (self._marks_words, two),
            (self.marks, two),
        ):
            widget.setVisible(shown)
        self.marks.clear()
        for name in self._sources():
            self.marks.addItem(name, name)
        self.marks.setCurrentIndex(max(self.marks.findData(self._marking()), 0))
