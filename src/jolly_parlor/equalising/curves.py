"""What an equaliser judges by: how loud one group of loudspeakers is over the head and the seats.

Levels over the head are averaged on power. Whether a range is minimum phase is told by its excess
group delay (Oppenheim & Schafer): where that jumps, two paths cancel.
"""

from collections.abc import Mapping
from dataclasses import dataclass, field
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.placement.evenness import (
    SMOOTHING_PER_OCTAVE,
    Deviation,
    Evenness,
    deviation,
    evenness,
)
from jolly_parlor.placement.judging import Judged
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.phase import group_delay_seconds, minimum_phase_deg
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.smoothing import smooth_level_db

Basis = Literal["measured", "forecast"]
PER_OCTAVE = 96
_STEP_HZ = 0.5
_TOP_HZ = 4096.0
_ROLL_OFF_DB = 24.0
"""Per octave below what is known: as a ported box (an assumption, far from what is judged)."""
_FLOOR_DB = 120.0
_QUIET_SHARE = 5
"""The last fifth of an impulse response is taken to be noise."""


@dataclass(frozen=True, eq=False)
class Excess:
    """Group delay beyond the minimum-phase part, seconds at frequencies; its constant part is the
    sound's way and means nothing.
    """

    frequencies_hz: FloatArray
    delay_seconds: FloatArray

    def jump_seconds(self, low_hz: float, high_hz: float) -> float:
        """By how much its mean between two frequencies exceeds what it falls to around them (the
        least tenth within half an octave to either side). An all-pass only ever delays, so that
        what is least is the sound's way.
        """
        f, delay = self.frequencies_hz, self.delay_seconds
        inside = (f >= low_hz) & (f <= high_hz)
        around = (f >= low_hz / 2**0.5) & (f <= high_hz * 2**0.5)
        if not np.any(inside):
            return 0.0
        return float(np.mean(delay[inside]) - np.percentile(delay[around], 10))

    def turns(self, low_hz: float, high_hz: float) -> float:
        """The same as whole turns of phase: a cancellation in which the later path is the louder
        has one (a pair of zeros outside the unit circle), spread over its width.
        """
        return self.jump_seconds(low_hz, high_hz) * (high_hz - low_hz)


@dataclass(frozen=True, eq=False)
class Curve:
    """What one group of loudspeakers brings: levels in dB at `frequencies_hz`, all in one unit."""

    name: str
    """Of the group: `all alike`, or the loudspeaker's id."""
    loudspeakers: tuple[str, ...]
    """Whose sections are decided by it."""
    basis: Basis
    judged: Judged
    frequencies_hz: FloatArray
    points_db: Mapping[str, FloatArray]
    """By point of the head at the main seat; the centre first."""
    seats_db: Mapping[str, FloatArray] = field(default_factory=dict)
    """At the ear centre of other seats, where known."""
    excess: Excess | None = None
    """None where no phase is known."""
    noise_db: FloatArray | None = None
    """None where no impulse response tells it, as of a forecast."""

    @property
    def mean_db(self) -> FloatArray:
        """Mean on power over the head, (frequencies,)."""
        power = [10 ** (level / 10) for level in self.points_db.values()]
        return np.asarray(10 * np.log10(np.mean(power, axis=0)))

    @property
    def deviation(self) -> Deviation:
        """The mean as distance from even."""
        return self.judge(self.mean_db)

    def judge(self, level_db: FloatArray) -> Deviation:
        """Any levels at its frequencies, judged as it is."""
        return deviation(Response(self.frequencies_hz, level_db), *self.judged)

    def figure(self, level_db: FloatArray) -> Evenness:
        """The figure of levels at its frequencies."""
        return evenness(self.judge(level_db))

    def smoothed(self, level_db: FloatArray, at_hz: float) -> float:
        """One level as it is judged, above its mean over the band."""
        of = self.judge(level_db)
        return float(np.interp(at_hz, of.frequencies_hz, of.deviation_db))

    def spread_db(self, at_hz: float) -> float:
        """Standard deviation over the head of the smoothed levels."""
        at = np.array([at_hz])
        levels = [
            smooth_level_db(self.frequencies_hz, level, at, SMOOTHING_PER_OCTAVE)[0]
            for level in self.points_db.values()
        ]
        return float(np.std(levels))

    def above_noise_db(self, at_hz: float) -> float | None:
        """How far the mean stands above the noise; None where that is not known."""
        if self.noise_db is None:
            return None
        gap = self.mean_db - self.noise_db
        return float(np.interp(at_hz, self.frequencies_hz, gap))


def judging_grid(low_hz: float, high_hz: float) -> FloatArray:
    """Frequencies fine enough for narrow sections."""
    return log_grid(low_hz, high_hz, PER_OCTAVE)


def excess_of(response: Response, late_seconds: float = 0.0) -> Excess | None:
    """Excess group delay of a response with phase; None without. late_seconds: of the sound's way,
    taken out before phases are followed from one frequency to the next.
    """
    if response.phase_deg is None:
        return None
    f = response.frequencies_hz
    phase = np.unwrap(np.radians(response.phase_deg) + 2 * np.pi * f * late_seconds)
    bins = np.arange(0.0, _TOP_HZ + _STEP_HZ / 2, _STEP_HZ)
    x = np.log2(np.maximum(bins, _STEP_HZ))
    own = np.log2(f)
    level = np.interp(x, own, response.level_db)
    level -= _ROLL_OFF_DB * np.maximum(own[0] - x, 0.0)
    level = np.maximum(level, level.max() - _FLOOR_DB)
    inside = (bins >= f[0]) & (bins <= f[-1])
    least = np.radians(minimum_phase_deg(level))[inside]
    turned = np.degrees(np.interp(bins[inside], f, phase) - least)
    return Excess(bins[inside], group_delay_seconds(bins[inside], turned))


def excess_of_impulse(impulse: ImpulseResponse, high_hz: float) -> Excess:
    """The same of an impulse response, from 10 Hz to a little beyond a frequency."""
    top = min(2 * high_hz, 0.45 * impulse.sample_rate)
    f = np.arange(10.0, top, _STEP_HZ)
    found = excess_of(impulse.response(f), impulse.arrival_seconds())
    assert found is not None
    return found


def noise_of(impulse: ImpulseResponse, frequencies_hz: FloatArray) -> FloatArray:
    """What the noise in an impulse response makes of its level at each frequency, dB: the power of
    its last fifth, smoothed, for as long as the whole.
    """
    quiet = impulse.samples[-impulse.samples.size // _QUIET_SHARE :]
    power = np.abs(np.fft.rfft(quiet)) ** 2 * _QUIET_SHARE
    bins: FloatArray = np.fft.rfftfreq(quiet.size, 1 / impulse.sample_rate).astype(np.float64)
    level = 10 * np.log10(np.maximum(power[1:], 1e-30))
    inside: FloatArray = np.clip(frequencies_hz, bins[1], bins[-1]).astype(np.float64)
    return smooth_level_db(bins[1:], level, inside, 3)
