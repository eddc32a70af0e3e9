"""A piece as it is heard in several places, equally loud, and what differs."""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.audition.rendering import Heard
from jolly_parlor.audition.telling import Telling, tellings, thirds_db
from jolly_parlor.audition.transfers import RATE_HZ
from jolly_parlor.signals.looping import Loop, Matched, as_loop, matched
from jolly_parlor.signals.programme import Asked, programme

PIECES = ("groove", "bass", "strings", "voice", "piece", "pink")
"""What can be listened to, best for the bass first."""


@dataclass(frozen=True, eq=False)
class Played:
    """One piece in several places."""

    matched: Matched
    thirds_db: tuple[FloatArray, ...]
    """Of each sound, by third of an octave."""

    def differing(self, one: int, other: int) -> list[Telling]:
        """Where one differs from another most to the ear."""
        return tellings(self.thirds_db[one], self.thirds_db[other])


@lru_cache(maxsize=3)
def piece_loop(name: str) -> Loop:
    """A piece made here, ready to go round."""
    made = programme(name)
    asked = Asked(30.0, made.usual.low_hz, made.usual.high_hz) if made.usual else None
    return as_loop(made.samples(RATE_HZ, asked), RATE_HZ)


def played(heard: Sequence[Heard], loop: Loop) -> Played:
    """Raises Refused where nothing of the piece is heard."""
    sounds = matched([loop.through(one.samples) for one in heard], loop.sample_rate)
    return Played(sounds, tuple(thirds_db(one, loop.sample_rate) for one in sounds.sounds))
