"""What a listener in the simulated studio would say: the answers that the tests get without a room.

He hears the hidden room as it is. Where he draws his lines between even, boomy and thin is this
program's assumption.
"""

from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.by_ear.ear_record import Heard, Hunt, ToneMark
from jolly_parlor.signals.tones import HIGHEST, LOWEST, note_hz, notes_between
from jolly_parlor.studio.device import Stage
from jolly_parlor.studio.simulated import SimulatedStudio

_HILL_DB, _HOLLOW_DB = 6.0, 9.0
"""Beyond these a note booms or is missing; a hollow is heard later than a hill."""
_PLACE_HILL_DB, _PLACE_HOLLOW_DB = 8.0, 10.0
"""Within these a place sounds even: about a quarter of the places in the samples' rooms."""
_NEAR_OCTAVES = 0.75
"""Either side of a note, what it is heard against."""


@dataclass(frozen=True, eq=False)
class NotesHeard:
    """How loud each note is against those around it, dB."""

    hertz: FloatArray
    against_db: FloatArray

    @property
    def marks(self) -> tuple[ToneMark, ...]:
        """Notes that stand out: of each hill or hollow its middle."""
        found = []
        for sign, beyond in ((1, _HILL_DB), (-1, _HOLLOW_DB)):
            level = sign * self.against_db
            for at in range(level.size):
                near = level[max(at - 2, 0) : at + 3]
                if level[at] > beyond and level[at] >= near.max():
                    heard = "booms" if sign > 0 else "missing"
                    found.append(ToneMark(round(float(self.hertz[at]), 2), heard))  # type: ignore[arg-type]
        return tuple(sorted(found, key=lambda mark: mark.hertz))

    @property
    def heard(self) -> Heard:
        """All of it in one word."""
        hill, hollow = float(self.against_db.max()), float(-self.against_db.min())
        if hill <= _PLACE_HILL_DB and hollow <= _PLACE_HOLLOW_DB:
            return "even"
        return "boomy" if hill - _PLACE_HILL_DB >= hollow - _PLACE_HOLLOW_DB else "thin"


def notes_heard(
    studio: SimulatedStudio, source: str, stage: Stage, low: str = LOWEST, high: str = HIGHEST
) -> NotesHeard:
    """Every semitone as it is heard at the microphone's place of a stage."""
    hertz = np.array([note_hz(name) for name in notes_between(low, high)])
    level = 10 * np.log10(_powers(studio, source, stage, hertz))
    octaves = np.log2(hertz)
    around = [np.mean(level[np.abs(octaves - at) <= _NEAR_OCTAVES]) for at in octaves]
    return NotesHeard(hertz, level - np.array(around))


def _powers(studio: SimulatedStudio, source: str, stage: Stage, hertz: FloatArray) -> FloatArray:
    """Mean power within a quarter tone of each frequency."""
    h = studio.response(source, stage)
    t = np.arange(h.size) / studio.sample_rate
    found = []
    for f in hertz:
        near = f * 2.0 ** np.array([-1 / 36, 0.0, 1 / 36])
        found.append(np.mean(np.abs(np.exp(-2j * np.pi * near[:, None] * t) @ h) ** 2))
    return np.asarray(np.maximum(found, 1e-20), dtype=np.float64)


def hunting_stage(stage: Stage, hunt: Hunt, x: float, y: float) -> Stage:
    """A stage with the hunted loudspeaker where it plays and the listener at a place."""
    played = replace(stage.sources[hunt.loudspeaker], place=hunt.stood)
    return replace(
        stage,
        sources={**stage.sources, hunt.loudspeaker: played},
        microphone=Point(x, y, hunt.ear_height),
        desk=None,
    )


def heard_at(studio: SimulatedStudio, stage: Stage, hunt: Hunt, x: float, y: float) -> Heard:
    """What the bass line sounds like at a place of a hunt."""
    low, high = "E1", "D3"
    return notes_heard(studio, hunt.loudspeaker, hunting_stage(stage, hunt, x, y), low, high).heard


@dataclass(frozen=True)
class Centred:
    """Where the two sides meet, as heard."""

    right_metres: float
    """How far right of the seat's middle the comb is tightest."""
    louder_right_db: float


def centre_heard(studio: SimulatedStudio, stage: Stage, spread_metres: float) -> Centred:
    """Where mono noise over both is tightest, from when each side arrives; and which is louder.

    spread_metres: the distance between the monitors, by which a step aside changes both paths.
    """
    arrivals, powers = [], []
    rate = studio.sample_rate
    for side in ("left", "right"):
        h = studio.response(side, stage)
        arrivals.append(float(np.argmax(np.abs(h))) / rate)
        direct = int(arrivals[-1] * rate)
        part = h[max(direct - 20, 0) : direct + round(0.02 * rate)]
        powers.append(float(np.sum(part**2)))
    left, right = stage.sources["left"].place, stage.sources["right"].place
    ear, c = stage.microphone, stage.room.speed_of_sound
    # A step d to the right shortens the way from the right and lengthens that from the left, each
    # by d times the sine of the angle it comes from.
    slope = spread_metres / 2 / ear.distance(left) + spread_metres / 2 / ear.distance(right)
    late_right = (arrivals[1] - arrivals[0]) * c
    return Centred(late_right / slope, float(10 * np.log10(powers[1] / powers[0])))
