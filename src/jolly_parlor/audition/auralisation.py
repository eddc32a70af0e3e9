"""Arrangements as impulse responses: from the two channels of a programme to the ears."""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import partial

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.audition.transfers import (
    BINS_HZ,
    LEAD_SECONDS,
    RATE_HZ,
    Reception,
    Transfers,
    power_between,
    share_of_images,
    share_of_modes,
)
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.mixes import Mix, factors
from jolly_parlor.placement.radiating import all_heard_from, plates_of
from jolly_parlor.placement.setup import Setup
from jolly_parlor.signals.impulse import ImpulseResponse

_MOST_LIFT_DB = 12.0
_KEPT = 12
"""Impulse responses kept, 3 MB each: twice as many as are heard at once, and what was moved."""


@dataclass(frozen=True, eq=False)
class Heard:
    """Impulse responses, (ears, channels, samples) at RATE_HZ; `lead_seconds` precede the moment
    of playing.
    """

    samples: FloatArray
    lead_seconds: float = LEAD_SECONDS

    def pressure(self, frequencies_hz: FloatArray) -> ComplexArray:
        """Its Fourier integral at any frequencies, (ears, channels, frequencies), the phase counted
        from the moment of playing.
        """
        return np.array(
            [
                [
                    ImpulseResponse(one, RATE_HZ, -self.lead_seconds).pressure(frequencies_hz)
                    for one in ear
                ]
                for ear in self.samples
            ]
        )


def shares(mix: Mix, loudspeaker: str) -> tuple[float, float]:
    """How much of the left and right channel a loudspeaker of a mix is fed. Each of the pair has
    its own channel; what plays both, or alone, half of each: so that the same sound on both
    channels is the forecast of the mix.
    """
    if mix.has_pair and loudspeaker in PAIR:
        return (1.0, 0.0) if loudspeaker == PAIR[0] else (0.0, 1.0)
    return 0.5, 0.5


@dataclass(frozen=True, eq=False)
class _Parts:
    """Of one arrangement: (ears, channels, bins) below and above the join."""

    low: ComplexArray
    high: ComplexArray


class Renderer:
    """One room and its gear. What was worked out is kept."""

    def __init__(self, transfers: Transfers, gear: Gear) -> None:
        self.transfers, self.gear = transfers, gear
        self._lift: float | None = None
        self._known: list[tuple[Case, Reception, Heard]] = []

    def heard(self, cases: Sequence[Case], reception: Reception) -> list[Heard]:
        """All of them, to be heard against one another. Raises Refused for places that cannot be
        computed.

        Images leave the dense field out, so that above 300 Hz a room would sound darker than
        below: all are lifted there alike, by what modes and images of the first ones heard differ
        in power from 200 to 300 Hz.
        """
        self.transfers.expect([one.ear for one in cases], reception)
        if self._lift is None:
            self._lift = self._lifted([self._parts(one, reception) for one in cases])
        found = [self._one(case, reception) for case in cases]
        now = [(one, reception, made) for one, made in zip(cases, found, strict=True)]
        before = [one for one in self._known if one[2] not in found]
        self._known = [*now, *before][:_KEPT]
        return found

    def _one(self, case: Case, reception: Reception) -> Heard:
        for known, how, made in self._known:
            if (known, how) == (case, reception):
                return made
        assert self._lift is not None
        return Heard(self._impulse(self._parts(case, reception), self._lift))

    def _lifted(self, parts: Sequence[_Parts]) -> float:
        t = self.transfers
        below = sum(power_between(t.low_hz, one.low) for one in parts)
        above = sum(power_between(t.high_hz, one.high) for one in parts)
        most = 10 ** (_MOST_LIFT_DB / 20)
        return min(float(np.sqrt(below / max(above, 1e-30))), most)

    def _parts(self, case: Case, reception: Reception) -> _Parts:
        t, mix = self.transfers, case.mix
        chains = case.arrangement.chains
        through_low = factors(mix, chains, t.low_hz)
        through_high = factors(mix, chains, np.maximum(t.high_hz, 1.0))
        found = []
        a, plates = case.arrangement, plates_of(self.gear, case.arrangement)
        ask_low = partial(t.low, plates=plates)
        radiating = all_heard_from(Setup(t.room, self.gear, a), mix.loudspeakers)
        for hertz, ask, through, places in (
            (t.low_hz, ask_low, through_low, radiating),
            (t.high_hz, t.high, through_high, case.playing),  # treble starts at the face
        ):
            total: ComplexArray | float = 0.0
            for name, place in places.items():
                box = self.gear.model_of(name).low_end(np.maximum(hertz, 1.0))
                factor = through[name]
                fed = box if factor is None else box * factor
                heard = ask(place, case.ear, reception) * fed
                total = total + np.array(shares(mix, name))[None, :, None] * heard[:, None, :]
            found.append(np.asarray(total))
        return _Parts(*found)

    def _impulse(self, parts: _Parts, lift: float) -> FloatArray:
        from scipy import fft

        t = self.transfers
        early = 2 * (t.high_hz.size - 1)
        # The images, short in time, are faded on the frequencies of the whole.
        above = fft.rfft(fft.irfft(parts.high, early), 2 * (BINS_HZ.size - 1))
        spectrum = lift * share_of_images(BINS_HZ) * above
        spectrum[..., t.low_bins] += parts.low * share_of_modes(t.low_hz)
        return impulse_of(spectrum)


def impulse_of(spectrum: ComplexArray) -> FloatArray:
    """Of (..., BINS_HZ), the phase counted from the moment of playing, which comes LEAD_SECONDS
    after the first sample.
    """
    from scipy import fft

    late = np.exp(-2j * np.pi * BINS_HZ * LEAD_SECONDS)
    return np.asarray(fft.irfft(spectrum * late, 2 * (BINS_HZ.size - 1)))
