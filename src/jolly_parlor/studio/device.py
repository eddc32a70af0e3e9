"""What every measuring device offers: play a sound from one source and record the microphone."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field, replace
from typing import Literal, Protocol

import numpy as np

from jolly_parlor.acoustics.arrays import BoolArray, ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.image_sources import Board
from jolly_parlor.acoustics.geometry.room import Point, Room
from jolly_parlor.refused import Refused

FADE_IN_SECONDS, FADE_OUT_SECONDS = 1.0, 0.05
"""How softly a sound for listening begins and ends."""
LATENCY_ALLOWANCE_SECONDS = 0.25
"""Recorded beyond what was played, besides the room's own ringing."""

_UPRIGHT = 1e-6

Timing = Literal["loopback", "markers", "none"]
"""What a recording's reference in time is: a cable, markers played with it, or nothing."""
Progress = Callable[[float, float], None]
"""Called with the share done, 0 to 1, and the input's peak in dB below full scale."""


class DeviceFailed(Refused):
    """The device could not play or record; the message says why and what to do."""


@dataclass(frozen=True)
class Body:
    """A cabinet as it stands, turned the way it looks."""

    middle: Point
    sizes: tuple[float, float, float]
    """Across, along the way it looks, upwards; metres."""
    way: tuple[float, float, float]
    """Unit step the way its front looks."""

    def axes(self) -> FloatArray:
        """Unit steps across, ahead and upwards, (3, 3)."""
        ahead = np.array(self.way)
        across = np.cross(ahead, (0.0, 0.0, 1.0))
        length = float(np.linalg.norm(across))
        across = across / length if length > _UPRIGHT else np.array([1.0, 0.0, 0.0])
        return np.array([across, ahead, np.cross(across, ahead)])

    def holds(self, places: FloatArray) -> BoolArray:
        """Whether places (..., 3) lie in it."""
        inside = np.abs((places - self.middle.array()) @ self.axes().T) < np.array(self.sizes) / 2
        return np.asarray(inside.all(axis=-1))

    def out_of(self, place: Point, metres: float) -> FloatArray:
        """So far from a place on one of its faces, straight away from that face, (3,)."""
        axes = self.axes()
        within = axes @ (place.array() - self.middle.array()) / (np.array(self.sizes) / 2)
        face = int(np.argmax(np.abs(within)))
        return np.asarray(place.array() + np.sign(within[face]) * metres * axes[face])

    def bounds(self) -> tuple[FloatArray, FloatArray]:
        """The lowest and the highest corner of what is around it, (3,) each."""
        half = np.abs(self.axes()).T @ np.array(self.sizes) / 2
        return self.middle.array() - half, self.middle.array() + half

    def moved(self, by: FloatArray) -> "Body":
        """The same elsewhere, (3,) metres."""
        return replace(self, middle=Point(*(float(v) for v in self.middle.array() + by)))


@dataclass(frozen=True)
class StagedSource:
    """One loudspeaker as it stands."""

    place: Point
    low_corner_hz: float
    low_slope_db_per_octave: int
    body: Body | None = None
    """None is a point in the air."""
    drivers: tuple[Point, ...] = ()
    """Where on the faces of its body low frequencies come from."""

    def moved(self, place: Point) -> "StagedSource":
        """The same with its place elsewhere."""
        by = place.array() - self.place.array()
        body = self.body.moved(by) if self.body is not None else None
        drivers = tuple(Point(*(float(v) for v in d.array() + by)) for d in self.drivers)
        return replace(self, place=place, body=body, drivers=drivers)


@dataclass(frozen=True)
class Fed:
    """What the electronics of one source do to a sound on its way."""

    response: Callable[[FloatArray], ComplexArray]
    """At frequencies in Hz, (frequencies,)."""
    delay_seconds: float = 0.0
    """The delay that is part of it."""


@dataclass(frozen=True)
class Together:
    """Sources that play at once, each as it is or through its electronics."""

    names: tuple[str, ...]
    fed: Mapping[str, Fed] = field(default_factory=dict)

    def delay_seconds(self, name: str) -> float:
        """How much later than it was fed one of them sounds."""
        return self.fed[name].delay_seconds if name in self.fed else 0.0


PAIR = Together(("left", "right"))


@dataclass(frozen=True)
class Stage:
    """What stands where while a sound is played, and how it is set. A sound card's user has put
    and set it so; the simulated studio needs to be told.
    """

    room: Room
    sources: dict[str, StagedSource]
    microphone: Point
    desk: Board | None = None
    plates: tuple[Plate, ...] = ()
    """The desk and the backs of chairs, as they scatter."""
    mixes: Mapping[str, Together] = field(default_factory=dict)
    """What can play besides each source by itself and `both`, by name."""

    def playing(self, source: str) -> Together:
        """What sounds under a name; nothing under an empty one."""
        if source in self.mixes:
            return self.mixes[source]
        if source == "both":
            return PAIR
        return Together((source,) if source else ())


@dataclass(frozen=True, eq=False)
class Recording:
    """What came back. Full scale is 1."""

    samples: FloatArray
    """The microphone, (samples,), as many beyond what was played as were asked for."""
    sample_rate: int
    loopback: FloatArray | None = None
    """The signal as it left, recorded beside it: the timing reference. None without one."""
    troubles: tuple[str, ...] = field(default=())
    """Over- and underruns and their like, in words."""
    marked: bool = False
    """Whether the first sample is when the sound left, by markers."""
    drift: float = 0.0
    """By how much the recorder's clock was faster than the player's, taken out already."""

    @property
    def timing(self) -> Timing:
        """What its reference in time is."""
        return "loopback" if self.loopback is not None else "markers" if self.marked else "none"


class Device(Protocol):
    """A way to play and record at once."""

    name: str
    simulated: bool
    sample_rate: int

    def record(
        self,
        sound: FloatArray,
        source: str,
        stage: Stage,
        after_seconds: float,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> Recording:
        """Play a sound (full scale 1, already at its level) from what the stage has under the
        name of `source`, or silence where it is empty, and record until `after_seconds` beyond it.

        Raises DeviceFailed in a sentence. Cancelling silences at once and returns what was
        recorded so far.
        """
        ...

    def play(
        self,
        sounds: Mapping[str, FloatArray],
        output_db: Callable[[], float],
        again: bool,
        told: Callable[[float], None],
        cancelled: Callable[[], bool],
    ) -> None:
        """Play a sound for listening from each source, by its id, (samples,) and full scale 1.

        output_db: below full scale, asked again and again; again: begin anew at the end; told: at
        which second it is. Begins and ends softly. Raises DeviceFailed. What is simulated is
        silent and returns at once.
        """
        ...

    @property
    def full_scale_db_spl(self) -> float | None:
        """The sound pressure level of a recording at full scale, None where it is not known."""
        ...
