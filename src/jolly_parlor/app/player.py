"""Plays signals to listen to through the loudspeakers that are measured."""

from collections.abc import Sequence
from functools import lru_cache

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.sounding import LOUDEST_DB, QUIET_DB, STEP_DB, Sounding
from jolly_parlor.app.task import Token
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.refused import Refused
from jolly_parlor.signals.programme import programme
from jolly_parlor.words import tr

__all__ = ["LOUDEST_DB", "QUIET_DB", "STEP_DB", "Player"]


class Player(Sounding):
    """What is heard while a test is led."""

    def __init__(self, measure: MeasuringDesk) -> None:
        super().__init__(measure.session)
        self._measure = measure
        self.playing = ""

    @property
    def simulated(self) -> bool:
        """Whether what would play is the simulated studio."""
        return not self._measure.equipment.is_card

    def play(self, name: str, sources: Sequence[str] = PAIR, again: bool = True) -> None:
        """Play a programme from loudspeakers: left and right get their own channel, others both
        halved.
        """
        if self.sounds or self._measure.measuring:
            self.said = tr("Something plays already: silence it first.")
            self.changed.emit()
            return
        try:
            studio = self._measure.equipment.studio()
        except Refused as error:
            self.session.refused.emit(str(error))
            return
        if studio.simulated:
            self.said = tr("The simulated studio is silent; ask its listener.")
            self.changed.emit()
            return
        sounds = _channels(name, studio.sample_rate, tuple(sources))

        def work(token: Token) -> None:
            studio.play(sounds, lambda: self.output_db, again, token.share, token.stopped)

        self.playing = name
        self._begin(work)

    def _finish(self) -> None:
        self.playing = ""
        super()._finish()


@lru_cache(maxsize=4)
def _channels(name: str, rate: int, sources: tuple[str, ...]) -> dict[str, FloatArray]:
    both = programme(name).samples(rate)
    sides = {"left": both[:, 0], "right": both[:, 1]}
    if set(sources) <= set(PAIR):
        return {source: sides[source] for source in sources}
    return dict.fromkeys(sources, np.asarray(both.mean(axis=1)))
