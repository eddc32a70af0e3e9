"""Two coherent signals under two sliders, their sum seen and heard."""

from functools import lru_cache

import numpy as np
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.app import theme
from jolly_parlor.app.loop_player import LoopPlayer
from jolly_parlor.app.plots.two_arrows import TwoArrows
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import choice_field, label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import SteadySlider
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.audition.transfers import RATE_HZ
from jolly_parlor.signals.looping import Sound
from jolly_parlor.training.adding import SOFTEST_DB, Two
from jolly_parlor.units import format_length, with_minus
from jolly_parlor.words import tr

_TONES_HZ = (55, 110, 220)
_AMPLITUDE = 0.08
"""Of the first signal alone: the sum of two is about as loud as the pieces are."""


class AddingCard:
    """`frame` is the widget."""

    def __init__(self, session: Workbench, player: LoopPlayer) -> None:
        self.session, self.player = session, player
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.setSpacing(8)
        row.addWidget(label(tr("Two signals that know each other"), "head"))
        row.addStretch(1)
        self.tone = choice_field(
            tr("adding tone"), tuple(tr("{hertz} Hz", hertz=hertz) for hertz in _TONES_HZ)
        )
        self.tone.setCurrentIndex(1)
        self.tone.activated.connect(lambda _: self._retune())
        self.go = named_button(tr("Play the sum"), "adding-play", self.play)
        self.first = named_button(tr("Play the first alone"), "adding-first", self.play_first)
        for widget in (self.tone, self.go, self.first):
            row.addWidget(widget)
        layout.addLayout(row)
        layout.addWidget(
            label(
                tr(
                    "A loudspeaker and its echo from a wall, two loudspeakers, a sub "
                    "and the pair: the same sound twice. What becomes of it hangs on "
                    "level and phase, and on both."
                ),
                wrap=True,
            )
        )
        self.picture = TwoArrows()
        layout.addWidget(self.picture)
        self._build_sliders(layout)
        self.words = label("", wrap=True)
        self.words.setObjectName("adding-words")
        layout.addWidget(self.words)
        player.changed.connect(self._show_buttons)
        self._alone = False
        self.refresh()

    def _build_sliders(self, layout: QVBoxLayout) -> None:
        row = FlowRow()
        self.level, self.phase = (SteadySlider(Qt.Orientation.Horizontal) for _ in range(2))
        self.level.setObjectName("adding-level")
        self.level.setAccessibleName(tr("Level of the second signal, dB"))
        self.level.setRange(round(SOFTEST_DB), 0)
        self.level.setValue(0)
        self.phase.setObjectName("adding-phase")
        self.phase.setAccessibleName(tr("Phase of the second signal, degrees"))
        self.phase.setRange(0, 180)
        self.phase.setPageStep(15)
        self.phase.setValue(0)
        self.level_words, self.phase_words = label("", "strong"), label("", "strong")
        self.sum_words = label("", "large")
        self.sum_words.setObjectName("adding-sum")
        theme.keep_width(self.sum_words, least=150)
        for title, slider, told in (
            (tr("Second softer by"), self.level, self.level_words),
            (tr("and later by"), self.phase, self.phase_words),
        ):
            slider.valueChanged.connect(lambda _: self.refresh())
            row.addWidget(label(title))
            row.addWidget(slider, 1)
            theme.keep_width(told, least=70)
            row.addWidget(told)
        row.addWidget(self.sum_words)
        layout.addLayout(row)

    @property
    def two(self) -> Two:
        return Two(float(self.level.value()), float(self.phase.value()))

    @property
    def hertz(self) -> int:
        return _TONES_HZ[self.tone.currentIndex()]

    def refresh(self) -> None:
        """Picture, figures, and what is heard."""
        two = self.two
        self.picture.show_two(two)
        self.level_words.setText(with_minus(tr("{level_db:.0f} dB", level_db=two.level_db)))
        self.phase_words.setText(f"{two.phase_degrees:.0f}°")
        total = two.sum_db
        told = tr("{total:+.1f} dB", total=total) if np.isfinite(total) else tr("nothing left")
        self.sum_words.setText(with_minus(told))
        seconds = two.phase_degrees / 360 / self.hertz
        metres = seconds * self.session.document.room.speed_of_sound
        units = self.session.settings.values.units
        way = format_length(metres, units)
        self.words.setText(
            tr(
                "{words} At {hertz} Hz {phase_degrees:.0f}° are {seconds:.1f} ms, "
                "or {way} of way more.",
                words=two.words,
                hertz=self.hertz,
                phase_degrees=two.phase_degrees,
                seconds=1000 * seconds,
                way=way,
            )
        )
        self.player.weigh(self, self._weights)
        self._show_buttons()

    def play(self) -> None:
        """The sum, as the sliders move."""
        self._alone = False
        self._sound()

    def play_first(self) -> None:
        """What the sum is held against."""
        self._alone = True
        self._sound()

    @property
    def _weights(self) -> tuple[float, float]:
        return (1.0, 0.0) if self._alone else self.two.weights

    def _sound(self) -> None:
        if self.player.plays_for(self):
            self.player.weigh(self, self._weights)
        else:
            self.player.offer(self, _quadrature(self.hertz), self._weights, RATE_HZ)
        self._show_buttons()

    def _retune(self) -> None:
        self.player.instead(self, _quadrature(self.hertz), self._weights)
        self.refresh()

    def _show_buttons(self) -> None:
        plays = self.player.plays_for(self)
        for button, alone in ((self.go, False), (self.first, True)):
            button.setCheckable(True)
            button.setChecked(plays and self._alone == alone)


@lru_cache(maxsize=3)
def _quadrature(hertz: int) -> tuple[Sound, Sound]:
    """A second of sine and of cosine: their weighted sum is a tone of any phase."""
    t = np.arange(RATE_HZ) / RATE_HZ
    parts = (np.sin(2 * np.pi * hertz * t), np.cos(2 * np.pi * hertz * t))
    sine, cosine = (
        np.ascontiguousarray(np.stack([_AMPLITUDE * part] * 2, axis=1), dtype=np.float32)
        for part in parts
    )
    return sine, cosine
