"""The row that every page of Hear ends with: silence, level, where it plays, the caution."""

from PyQt6.QtWidgets import QComboBox, QFrame

from jolly_parlor.app import theme
from jolly_parlor.app.loop_player import LoopPlayer
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import choice_field, label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.placement.cautions import LISTENING
from jolly_parlor.refused import Refused
from jolly_parlor.studio.listening_out import USUAL, outputs
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

_USUAL_NAME = tr("the system's output")


class ListeningBar:
    """`frame` is the widget."""

    def __init__(self, player: LoopPlayer) -> None:
        self.player = player
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.setSpacing(8)
        self.silence = named_button(tr("Silence (Esc)"), "hear-stop", player.stop)
        self.quieter = named_button(tr("Quieter"), "hear-quieter", lambda: player.louder(-1))
        self.louder = named_button(tr("Louder"), "hear-louder", lambda: player.louder(1))
        self.level = label("", "strong")
        self.level.setObjectName("hear-level")
        theme.keep_width(self.level, least=52)
        self.where: QComboBox = choice_field(tr("hear output"), (_USUAL_NAME,))
        theme.keep_width(self.where, most=230)
        self.where.activated.connect(self._choose)
        look = named_button(tr("Look for outputs"), "hear-outputs", self.look)
        for widget in (self.silence, self.quieter, self.level, self.louder):
            row.addWidget(widget)
        row.addStretch(1)
        row.addWidget(label("through", "soft"))
        row.addWidget(self.where)
        row.addWidget(look)
        layout.addLayout(row)
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("hear-words")
        layout.addWidget(self.words)
        kept = player.output
        if kept:
            self.where.addItem(kept)
            self.where.setCurrentIndex(1)
        player.changed.connect(self.refresh)
        self.refresh()

    def look(self) -> None:
        """List the outputs there are now."""
        try:
            names = outputs()
        except Refused as error:
            self.player.session.refused.emit(str(error))
            return
        now = self.player.output
        self.where.clear()
        self.where.addItems([_USUAL_NAME, *names])
        self.where.setCurrentIndex(1 + names.index(now) if now in names else 0)
        if not names:
            self.player.session.told.emit(
                tr("No output is found: plug in headphones, or write what you want to hear as WAV.")
            )

    def refresh(self) -> None:
        """What can be pressed, and how loud it is."""
        player = self.player
        self.silence.setEnabled(player.sounds)
        self.louder.setEnabled(player.output_db < player.loudest_db)
        self.level.setText(with_minus(tr("{output_db:.0f} dB", output_db=player.output_db)))
        self.words.setText(player.said or LISTENING)

    def _choose(self, index: int) -> None:
        name = USUAL if index == 0 else self.where.currentText()
        self.player.session.settings.change(listen_to=name)
        self.player.stop()
