"""A piece as it is heard in several places, equally loud, and what differs."""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.audition.auralisation import Heard
from jolly_parlor.audition.telling import Telling, tellings, thirds_db
from jolly_parlor.audition.transfers import RATE_HZ
from jolly_parlor.signals.looping import Loop, Matched, Sound, as_loop, matched
from jolly_parlor.signals.loudness import loudness_lufs
from jolly_parlor.signals.programme import Asked, programme

PIECES = ("groove", "bass", "strings", "voice", "piece", "pink")
"""What can be listened to, best for the bass first."""
MOST = 5
"""So many places are heard one against the other."""


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
    made = [_in_one_place(one, loop) for one in heard]
    sounds = matched([one.sound for one in made], [one.lufs for one in made])
    thirds = [one.thirds_db + gain for one, gain in zip(made, sounds.gains_db, strict=True)]
    return Played(sounds, tuple(thirds))


@dataclass(frozen=True, eq=False)
class _Rendered:
    """A piece in one place, as loud as it comes."""

    sound: Sound
    lufs: float
    thirds_db: FloatArray


@lru_cache(maxsize=MOST + 1)
def _in_one_place(heard: Heard, loop: Loop) -> _Rendered:
    """Kept while the same impulse response and piece are heard: what others do changes nothing."""
    spectrum = loop.through(heard.samples)
    sound = loop.sound(spectrum)
    thirds = thirds_db(spectrum, loop.sample_rate / loop.samples.shape[0])
    return _Rendered(sound, loudness_lufs(sound, loop.sample_rate), thirds)
