"""A row that plays one signal: play, silence, quieter, louder."""

from collections.abc import Callable, Sequence

from PyQt6.QtWidgets import QComboBox, QVBoxLayout, QWidget

from jolly_parlor.app import dialogs
from jolly_parlor.app.player import Player
from jolly_parlor.app.widgets.entries import choice_field, label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.outputs import told_place, write_output
from jolly_parlor.placement.cautions import LISTENING
from jolly_parlor.refused import Refused
from jolly_parlor.signals.programme import PROGRAMMES, programme
from jolly_parlor.signals.wav import wav_to_hear
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

RATE_HZ = 48000
"""Of a signal written as a file."""


class PlayBar(QWidget):
    """Of a few programmes one is chosen; what plays is the player's, of which there is one."""

    def __init__(
        self,
        player: Player,
        programmes: Sequence[str],
        sources: Callable[[], Sequence[str]],
        again: bool = True,
    ) -> None:
        super().__init__()
        self.player, self._sources, self._again = player, sources, again
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(2)
        row = FlowRow()
        row.setSpacing(8)
        self.what: QComboBox = choice_field("programme", ())
        row.addWidget(self.what)
        self.go = named_button(tr("Play"), "play", self._play)
        self.silence = named_button(tr("Silence (Esc)"), "play-stop", player.stop)
        self.quieter = named_button(tr("Quieter"), "play-quieter", lambda: player.louder(-1))
        self.louder = named_button(tr("Louder"), "play-louder", lambda: player.louder(1))
        self.level = label("", "soft")
        for widget in (self.go, self.silence, self.quieter, self.level, self.louder):
            row.addWidget(widget)
        row.addStretch(1)
        row.addWidget(named_button(tr("As WAV …"), "play-wav", self._save))
        layout.addLayout(row)
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("play-words")
        layout.addWidget(self.words)
        self.offer(programmes)
        player.changed.connect(self.refresh)

    @property
    def programme(self) -> str:
        """The id of the one chosen."""
        return str(self.what.currentData() or "")

    def offer(self, programmes: Sequence[str]) -> None:
        """These can be played here."""
        self.what.clear()
        for name in programmes:
            self.what.addItem(PROGRAMMES[name].name, name)
        if not programmes or self.parent() is not None:  # without one it would be a window
            self.setVisible(bool(programmes))
        self.refresh()

    def refresh(self) -> None:
        """What can be pressed, and how loud it is."""
        player = self.player
        plays = bool(player.playing)
        self.go.setEnabled(not plays)
        self.silence.setEnabled(plays)
        self.quieter.setEnabled(not player.simulated)
        self.louder.setEnabled(not player.simulated and player.output_db < player.loudest_db)
        self.level.setText(with_minus(tr("{output_db:.0f} dB", output_db=player.output_db)))
        if plays:
            self.words.setText(
                tr("{name} plays. Esc silences it at once.", name=programme(player.playing).name)
            )
        else:
            self.words.setText(player.said or LISTENING)

    def _save(self) -> None:
        """The signal as a file, for whatever else plays it."""
        session = self.player.session
        path = dialogs.ask_sound(self, session.settings, f"{self.programme}.wav")
        if path is None:
            return
        try:
            data = wav_to_hear(programme(self.programme).samples(RATE_HZ), RATE_HZ)
            write_output(path, data, ".wav", replace=True)
        except Refused as error:
            session.refused.emit(str(error))
            return
        told = told_place(path)
        session.told.emit(tr("{name} written. Start quiet wherever you play it.", name=told))

    def _play(self) -> None:
        if self.programme:
            self.player.play(self.programme, self._sources(), self._again)
