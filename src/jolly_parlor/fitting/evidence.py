"""What a fit is given: measured levels, and what stood where."""

from collections.abc import Mapping
from dataclasses import dataclass, field

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.placement.evenness import SMOOTHING_PER_OCTAVE
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.smoothing import smooth_level_db
from jolly_parlor.words import tr

LOWEST_HZ, HIGHEST_HZ = 20.0, 200.0
_EDGE = 2 ** (1 / SMOOTHING_PER_OCTAVE)
MODEL_HZ: FloatArray = log_grid(LOWEST_HZ / _EDGE, HIGHEST_HZ * _EDGE, 48)
"""Where the model is worked out: half a smoothing band and more beyond both ends."""
FIT_HZ: FloatArray = MODEL_HZ[(MODEL_HZ >= LOWEST_HZ) & (MODEL_HZ <= HIGHEST_HZ)]
"""Where model and takes are compared."""
SAMPLES_PER_BAND = 48 / SMOOTHING_PER_OCTAVE
"""Neighbours within a smoothing band tell the same thing this many times."""


@dataclass(frozen=True)
class Placing:
    """Which sources play, where they are heard from, and where the microphone is."""

    sources: Mapping[str, Point]
    """By the loudspeaker's id."""
    ear: Point
    drives: Mapping[str, ComplexArray] = field(default_factory=dict, compare=False)
    """What each source is fed through, at MODEL_HZ; nothing where it has none."""
    ways: Mapping[str, tuple[float, float, float]] = field(default_factory=dict, compare=False)
    """Unit step the way each source's cabinet looks."""
    plates: tuple[Plate, ...] = ()
    """What stood there and scattered."""


@dataclass(frozen=True, eq=False)
class Evidence:
    """One take, smoothed as the judgement is: level in dB at FIT_HZ, NaN beyond its range."""

    name: str
    placing: Placing
    level_db: FloatArray
    absolute: bool = False
    """Measured here at one setting with others, so that levels compare; else only its shape."""


def smoothed_level(response: Response) -> FloatArray:
    """A response's level at FIT_HZ as the fit compares it; NaN beyond its range.

    Raises Refused where it covers less than an octave of the range.
    """
    f = response.frequencies_hz
    inside = (f[0] <= FIT_HZ) & (f[-1] >= FIT_HZ)
    if np.sum(inside) < 48:
        raise Refused(tr("The take covers less than an octave of 20 to 200 Hz."))
    level = np.full(FIT_HZ.size, np.nan)
    at = FIT_HZ[inside]
    level[inside] = smooth_level_db(f, response.level_db, at, SMOOTHING_PER_OCTAVE)
    return level
