"""Evenness: how far a response strays from its target, in dB. Lower is more even.

With L(f) the level smoothed on power over 1/12 octave, on a grid evenly spaced in log f, T(f) the
target (`judging.Target`; flat unless given), and the band running from the lowest -3 dB corner of
the sources playing to 300 Hz unless the user sets it otherwise (takes to 700 Hz at most),

    d(f) = L(f) - T(f) - mean over the band of (L - T)
    Evenness = sqrt( sum w d^2 / sum w ),   w = 1.5 where d < 0, else 1.

Dips weigh more than peaks because a peak can be equalised down and a cancellation cannot be
filled. The weight and the band follow common practice, no source. Aligning by the mean makes the
figure blind to overall gain. The same figure ranks, searches and reports.
"""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray, root_mean_square
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.placement.judging import FLAT_TARGET, TAKES_TO_HZ, Target
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.smoothing import smooth_level_db
from jolly_parlor.words import tr

SMOOTHING_PER_OCTAVE = 12
DIP_WEIGHT = 1.5
MATCH_WEIGHT = 0.1
"""What the square of the left-right difference counts beside that of Evenness where both are in one
figure (common practice, no source).
"""
LOWEST_HZ, HIGHEST_HZ = 20.0, 300.0
GRID_HZ: FloatArray = log_grid(LOWEST_HZ, HIGHEST_HZ, 48)
"""The grid on which responses are judged and drawn."""
_RATIO = float(GRID_HZ[1] / GRID_HZ[0])
_BEYOND_HZ = HIGHEST_HZ * _RATIO ** np.arange(
    1, 1 + int(np.log(TAKES_TO_HZ / HIGHEST_HZ) / np.log(_RATIO))
)
_TAKES_GRID_HZ: FloatArray = np.concatenate([GRID_HZ, _BEYOND_HZ])


def grid_to(high_hz: float) -> FloatArray:
    """GRID_HZ, and on with it as far as a band reaches beyond."""
    return GRID_HZ if high_hz <= HIGHEST_HZ else _TAKES_GRID_HZ[high_hz + 1e-9 >= _TAKES_GRID_HZ]


def grid_between(low_hz: float, high_hz: float) -> FloatArray:
    """The part of GRID_HZ within a band, ends counted."""
    return GRID_HZ[(low_hz - 1e-9 <= GRID_HZ) & (high_hz + 1e-9 >= GRID_HZ)]


@dataclass(frozen=True, eq=False)
class Deviation:
    """A response as distance from its target: what is drawn as hills and hollows.

    frequencies and deviation_db cover all of 20 to 300 Hz that the response covers, and on to
    high_hz where that lies beyond; the judged band is low_hz to high_hz, and reference_db is the
    level taken as even (above the target where that is not flat).
    """

    frequencies_hz: FloatArray
    deviation_db: FloatArray
    low_hz: float
    high_hz: float
    reference_db: float

    @property
    def in_band(self) -> np.ndarray:
        """Which frequencies are judged, shape of frequencies."""
        f = self.frequencies_hz
        return np.asarray((f >= self.low_hz - 1e-9) & (f <= self.high_hz + 1e-9))


@dataclass(frozen=True)
class Evenness:
    """The figure, its band, and the extremes within it."""

    value_db: float
    low_hz: float
    high_hz: float
    deepest_hz: float
    deepest_db: float
    highest_hz: float
    highest_db: float


def deviation(
    response: Response,
    low_hz: float,
    high_hz: float = HIGHEST_HZ,
    target: Target = FLAT_TARGET,
) -> Deviation:
    """Smooth a response, hold it against a target and align it.

    Raises Refused, in a sentence, when the response does not cover the band.
    """
    if not low_hz < high_hz:
        raise ValueError("The judged band needs its low end below its high end.")
    if not response.covers(low_hz, high_hz):
        first, last = response.frequencies_hz[0], response.frequencies_hz[-1]
        raise Refused(
            tr(
                "The response covers {first:.0f} to {last:.0f} Hz; judging it "
                "needs {low_hz:.0f} to {high_hz:.0f} Hz.",
                first=first,
                last=last,
                low_hz=low_hz,
                high_hz=high_hz,
            )
        )
    f = grid_to(high_hz)
    f = f[(response.frequencies_hz[0] <= f) & (response.frequencies_hz[-1] >= f)]
    level = smooth_level_db(response.frequencies_hz, response.level_db, f, SMOOTHING_PER_OCTAVE)
    level = level - target.at(f)
    band = (f >= low_hz - 1e-9) & (f <= high_hz + 1e-9)
    reference = float(np.mean(level[band]))
    return Deviation(f, level - reference, low_hz, high_hz, reference)


def beside(other: Deviation, curve: Deviation) -> FloatArray:
    """The other's deviation as it is drawn beside a curve: where the two are judged over unlike
    bands, moved up or down so that their means over the band both judge agree.
    """
    low, high = max(other.low_hz, curve.low_hz), min(other.high_hz, curve.high_hz)
    if (other.low_hz, other.high_hz) == (curve.low_hz, curve.high_hz) or low >= high:
        return other.deviation_db
    at = grid_between(low, high)
    one, two = (np.interp(at, c.frequencies_hz, c.deviation_db) for c in (other, curve))
    return np.asarray(other.deviation_db + np.mean(two - one))


def spread_db(deviation_db: FloatArray) -> FloatArray:
    """The formula of this module over the last axis, for deviations within the band."""
    weight = np.where(deviation_db < 0, DIP_WEIGHT, 1.0)
    square = np.sum(weight * deviation_db**2, axis=-1) / np.sum(weight, axis=-1)
    return np.asarray(np.sqrt(square))


def shape_db(level_db: FloatArray) -> FloatArray:
    """`spread_db` of levels about their own mean, over the last axis."""
    return spread_db(level_db - level_db.mean(axis=-1, keepdims=True))


def joined_square(
    whole: FloatArray, left: FloatArray, right: FloatArray, gap_squared: FloatArray
) -> FloatArray:
    """J^2 of one ear: squares of the figures of all that plays and of each side, and the mean
    square of what left and right differ by.
    """
    return np.asarray((2 * whole + left + right) / 4 + MATCH_WEIGHT * gap_squared)


def evenness(of: Deviation) -> Evenness:
    """The figure of one response (formula in the module's docstring)."""
    f, d = of.frequencies_hz[of.in_band], of.deviation_db[of.in_band]
    value = float(spread_db(d))
    low, high = int(np.argmin(d)), int(np.argmax(d))
    return Evenness(
        value,
        of.low_hz,
        of.high_hz,
        float(f[low]),
        float(d[low]),
        float(f[high]),
        float(d[high]),
    )


def evenness_db(
    frequencies_hz: FloatArray,
    level_db: FloatArray,
    low_hz: float,
    high_hz: float = HIGHEST_HZ,
    target: Target = FLAT_TARGET,
) -> FloatArray:
    """The figures of many responses at once over a band: levels of shape (..., frequencies), as
    `deviation` and `evenness` would judge each.
    """
    at = grid_between(low_hz, high_hz)
    level = smooth_level_db(frequencies_hz, level_db, at, SMOOTHING_PER_OCTAVE)
    return shape_db(level - target.at(at))


def mismatch_db(left: Deviation, right: Deviation) -> float:
    """Left-right difference: root mean square of their level difference over the band, in dB."""
    low, high = max(left.low_hz, right.low_hz), min(left.high_hz, right.high_hz)
    at = grid_between(low, high)
    a = np.interp(at, left.frequencies_hz, left.deviation_db + left.reference_db)
    b = np.interp(at, right.frequencies_hz, right.deviation_db + right.reference_db)
    return root_mean_square(a - b)


_REACH_DB = -6.0
_REACH_PER_OCTAVE = 3
_REACH_HELD_OCTAVES = 0.5


def bass_reach_hz(response: Response, reference_db: float, target: Target = FLAT_TARGET) -> float:
    """The lowest frequency from which a response holds on: there and over the half octave above,
    its level over a third of an octave, above the target, is within 6 dB of the reference (common
    practice, no source). A lone peak below, or noise, is no reach.

    Dips further up do not end it; the lowest frequency of the data is the least it can say.
    """
    f = GRID_HZ[response.frequencies_hz[0] <= GRID_HZ]
    f = f[response.frequencies_hz[-1] >= f]
    level = smooth_level_db(response.frequencies_hz, response.level_db, f, _REACH_PER_OCTAVE)
    lost = np.flatnonzero(level - target.at(f) - reference_db < _REACH_DB)
    # The first frequency lost at or above each; held where that lies half an octave off.
    following = np.append(f[lost], np.inf)[np.searchsorted(lost, np.arange(f.size))]
    held = np.flatnonzero(following >= f * 2**_REACH_HELD_OCTAVES)
    return float(f[held[0]]) if held.size else float(f[-1])
