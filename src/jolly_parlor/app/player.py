"""Plays signals to listen to: one at a time, begun quietly, stopped by one key from anywhere."""

from collections.abc import Callable, Sequence
from functools import lru_cache

import numpy as np
from PyQt6.QtCore import QEvent, QObject, Qt, pyqtSignal
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QApplication

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app.measure_run import MeasureRun
from jolly_parlor.app.stations.takes.measure_card import MeasureCard
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.refused import Refused
from jolly_parlor.signals.programme import programme

QUIET_DB, LOUDEST_DB, STEP_DB = -42.0, -12.0, 3.0
"""Below full scale: where every session of listening begins, the limit, and a press of a button."""


class Player(QObject):
    """What is heard while a test is led."""

    changed = pyqtSignal()
    """Something began, ended, or became louder or quieter."""
    reached = pyqtSignal(float)
    """At which second of its programme it is."""

    def __init__(self, measure: MeasureCard) -> None:
        super().__init__()
        self.session = measure.session
        self._measure = measure
        self.playing = ""
        self.output_db = QUIET_DB
        self.said = ""
        """Why nothing is heard, where nothing is."""
        self._run: MeasureRun | None = None
        self.session.closing.connect(self.close)

    @property
    def simulated(self) -> bool:
        """Whether what would play is the simulated studio."""
        return not self._measure.equipment.is_card

    def play(self, name: str, sources: Sequence[str] = PAIR, again: bool = True) -> None:
        """Play a programme from loudspeakers: left and right get their own channel, others both
        halved.
        """
        if self._run is not None or self._measure.measuring:
            self.said = "Something plays already: silence it first."
            self.changed.emit()
            return
        try:
            studio = self._measure.equipment.studio()
        except Refused as error:
            self.session.refused.emit(str(error))
            return
        if studio.simulated:
            self.said = "The simulated studio is silent; ask its listener."
            self.changed.emit()
            return
        sounds = _channels(name, studio.sample_rate, tuple(sources))

        def work(progress: Callable[[float, float], None], stop: Callable[[], bool]) -> None:
            studio.play(sounds, lambda: self.output_db, again, lambda s: progress(s, 0.0), stop)

        self.playing, self.said = name, ""
        self._run = MeasureRun(work)
        self._run.progressed.connect(lambda second, _: self.reached.emit(second))
        self._run.refused.connect(self._refuse)
        self._run.finished.connect(self._finish)
        application = QApplication.instance()
        assert application is not None
        application.installEventFilter(self)
        self._run.start()
        self.changed.emit()

    def stop(self) -> None:
        """Fade out."""
        if self._run is not None:
            self._run.cancel()

    def close(self) -> None:
        """End the thread before the window goes."""
        if self._run is not None:
            self._run.cancel()
            self._run.wait()

    def louder(self, steps: int) -> None:
        """So many steps up, or down; never beyond the limit."""
        wanted = self.output_db + steps * STEP_DB
        self.output_db = float(np.clip(wanted, -60.0, LOUDEST_DB))
        self.changed.emit()

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        """While something plays, Escape silences it, wherever the keys go."""
        if isinstance(event, QKeyEvent) and event.type() in (
            QEvent.Type.KeyPress,
            QEvent.Type.ShortcutOverride,
        ):
            if event.key() == Qt.Key.Key_Escape and self._run is not None:
                self.stop()
                event.accept()
                return True
        return False

    def _refuse(self, why: str) -> None:
        self.said = why
        self.session.refused.emit(why)

    def _finish(self) -> None:
        application = QApplication.instance()
        if application is not None:
            application.removeEventFilter(self)
        self._run, self.playing = None, ""
        self.changed.emit()


@lru_cache(maxsize=4)
def _channels(name: str, rate: int, sources: tuple[str, ...]) -> dict[str, FloatArray]:
    both = programme(name).samples(rate)
    sides = {"left": both[:, 0], "right": both[:, 1]}
    if set(sources) <= set(PAIR):
        return {source: sides[source] for source in sources}
    return dict.fromkeys(sources, np.asarray(both.mean(axis=1)))
