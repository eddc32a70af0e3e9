"""Plays several sounds that go round in step, of which one is heard."""

from collections.abc import Sequence
from dataclasses import dataclass

from jolly_parlor.app.session import Session
from jolly_parlor.app.sounding import Sounding
from jolly_parlor.app.task import Token
from jolly_parlor.signals.looping import Sound
from jolly_parlor.studio import listening_out
from jolly_parlor.studio.loop_stream import Weights

QUIET_DB, LOUDEST_DB = -24.0, 0.0
"""Of sounds whose loudness is −23 LUFS: about as quiet as the signals of the tests begin."""


@dataclass(frozen=True, eq=False)
class _Now:
    """What is heard at this moment; replaced whole, since the card's thread reads it."""

    sounds: tuple[Sound, ...] = ()
    weights: Weights = ()


class LoopPlayer(Sounding):
    """The window's own; what plays belongs to whoever asked last."""

    def __init__(self, session: Session) -> None:
        super().__init__(session, QUIET_DB, LOUDEST_DB)
        self._now = _Now()
        self._next: tuple[object, _Now, int] | None = None
        """What is to be heard once the last has faded out."""
        self.owner: object = None
        """Who asked for what plays."""

    @property
    def output(self) -> str:
        """Where it plays: a device's name, or the system's own."""
        return self.session.settings.values.listen_to

    def offer(self, owner: object, sounds: Sequence[Sound], weights: Weights, rate: int) -> None:
        """Play these from now on, or go on with these instead of what plays."""
        asked = _Now(tuple(sounds), weights)
        if self.fades:
            self._next = owner, asked, rate
            return
        self._now, self.owner = asked, owner
        if self.sounds:
            self.changed.emit()
            return
        now = _Source(self)

        def work(token: Token) -> None:
            listening_out.play_loops(
                now,
                rate,
                self.output,
                lambda: self.output_db,
                token.share,
                token.stopped,
            )

        self._begin(work)

    def weigh(self, owner: object, weights: Weights) -> None:
        """How much of each sound is heard, if what plays is that owner's."""
        if owner is self.owner:
            self._now = _Now(self._now.sounds, weights)

    def instead(self, owner: object, sounds: Sequence[Sound], weights: Weights) -> None:
        """Other sounds in the place of those that play, if these are that owner's."""
        if owner is self.owner and self.sounds:
            self._now = _Now(tuple(sounds), weights)

    def stop(self) -> None:
        """Fade out, and nothing comes after it."""
        self._next = None
        super().stop()

    def _finish(self) -> None:
        super()._finish()
        if self._next is not None:
            (owner, asked, rate), self._next = self._next, None
            self.offer(owner, asked.sounds, asked.weights, rate)

    def plays_for(self, owner: object) -> bool:
        """Whether what is heard, and is not on its way out, is that owner's."""
        return self.sounds and not self.fades and owner is self.owner


class _Source:
    """What the card's thread asks."""

    def __init__(self, player: LoopPlayer) -> None:
        self._player = player

    @property
    def now(self) -> tuple[Sequence[Sound], Weights]:
        """Sounds and weights that belong together."""
        now = self._player._now
        return now.sounds, now.weights
