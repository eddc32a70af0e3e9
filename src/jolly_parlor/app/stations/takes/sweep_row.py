"""The row that says how a take is measured: sweeps, their length and span, the level."""

from collections.abc import Callable
from dataclasses import replace

from PyQt6.QtWidgets import QPushButton, QSpinBox

from jolly_parlor.app import theme
from jolly_parlor.app.stations.takes.equipment import Equipment
from jolly_parlor.app.widgets.entries import CheckedField, label, number_field, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import CountBox
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.levelling import HIGHEST_OUTPUT_DB, LOWEST_OUTPUT_DB
from jolly_parlor.studio.one_take import Settings
from jolly_parlor.words import tr


class SweepRow:
    """`row` is the layout."""

    def __init__(
        self, session: Workbench, equipment: Equipment, check_level: Callable[[], None]
    ) -> None:
        self._session, self._equipment = session, equipment
        self.row = FlowRow()
        defaults, settings = Settings(), session.settings
        self.output = number_field(tr("output level"), "dB", 0)
        self.seconds = number_field(tr("sweep length"), "s", 0)
        self.output.set_value(min(defaults.output_db, settings.values.card.loudest_db))
        self.seconds.set_value(defaults.sweep.seconds)
        self.loudest = number_field(tr("loudest output"), "dB", 0)
        self.loudest.setToolTip(
            tr(
                "Below full scale: neither the level check nor a sweep is played above it, however "
                "quiet it is at the seat."
            )
        )
        self.loudest.set_value(settings.values.card.loudest_db)
        self.loudest.committed.connect(self._set_loudest)
        self.output.committed.connect(
            lambda v: self._keep(self.output, v, LOWEST_OUTPUT_DB, self.loudest.value)
        )
        self.seconds.committed.connect(lambda v: self._keep(self.seconds, v, 0.5, 60.0))
        self.sweeps = CountBox()
        self.sweeps.setRange(1, 8)
        self.sweeps.setValue(defaults.sweeps)
        self.sweeps.setAccessibleName(tr("sweeps averaged"))
        self.sweeps.setButtonSymbols(QSpinBox.ButtonSymbols.NoButtons)
        self.mishaps = number_field("mishaps", "%", 0)
        self.mishaps.setToolTip(
            tr("How often somebody slams a door or talks in the simulated studio")
        )
        self.mishaps.set_value(0)
        self.mishaps.committed.connect(self._set_mishaps)
        self.low = number_field(tr("sweep from"), tr("Hz"), 0)
        self.high = number_field(tr("sweep to"), tr("Hz"), 0)
        self.low.set_value(defaults.sweep.low_hz)
        self.high.set_value(defaults.sweep.high_hz)
        self.low.committed.connect(lambda v: self._keep(self.low, v, 5.0, 1000.0))
        self.high.committed.connect(lambda v: self._keep(self.high, v, 200.0, 48000.0))
        self.level_button = QPushButton(tr("Check the level"))
        self.level_button.setObjectName("check-level")
        on_click(self.level_button, check_level)
        for title, widget in (
            ("sweeps", self.sweeps),
            ("each", self.seconds),
            ("from", self.low),
            ("to", self.high),
            ("at", self.output),
            (tr("never above"), self.loudest),
            ("mishaps", self.mishaps),
        ):
            words = label(title, "soft")
            self.row.addWidget(words)
            self.row.addWidget(widget)
            if widget is self.mishaps:
                self._only_simulated = words, widget
        self.row.addWidget(self.level_button)
        self.row.addStretch(1)
        for field in (self.output, self.loudest, self.seconds, self.low, self.high, self.mishaps):
            theme.keep_width(field, most=64)
            field.failed.connect(self._session.refused.emit)

    def refresh(self) -> None:
        """Doors slam in the simulated studio only."""
        for widget in self._only_simulated:
            widget.setVisible(not self._equipment.is_card)

    def settings(self, sample_rate: int) -> Settings:
        sweep = Sweep(self.low.value, self.high.value, self.seconds.value, sample_rate)
        return Settings(sweep, self.sweeps.value(), self.output.value)

    def _set_mishaps(self, percent: float) -> None:
        self._keep(self.mishaps, percent, 0.0, 100.0)
        self._equipment.mishap_rate = self.mishaps.value / 100

    def _set_loudest(self, output_db: float) -> None:
        self._keep(self.loudest, output_db, LOWEST_OUTPUT_DB, HIGHEST_OUTPUT_DB)
        settings, loudest = self._session.settings, self.loudest.value
        settings.change(card=replace(settings.values.card, loudest_db=loudest))
        if self.output.value > loudest:
            self.output.set_value(loudest)

    def _keep(self, field: CheckedField, value: float, low: float, high: float) -> None:
        if low <= value <= high:
            field.keep(value)
            return
        name = field.objectName()
        self._session.refused.emit(
            tr(
                "The {name} goes from {low:g} to {high:g}; it stays as it was.",
                name=name,
                low=low,
                high=high,
            )
        )
        field.reset()
