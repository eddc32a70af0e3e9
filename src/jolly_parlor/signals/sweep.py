"""The exponential sweep and what becomes of its recording (Farina 2000; ISO 18233).

    x(t) = sin( 2 pi f1 T / ln(f2 / f1) (exp(t ln(f2 / f1) / T) - 1) )

Its frequency rises by the same number of octaves each second, so that after deconvolution what an
nth-order distortion adds arrives T ln(n) / ln(f2 / f1) before the linear response and can be cut
off, and measured, by itself.
"""

from dataclasses import dataclass
from math import log
from typing import Annotated

import numpy as np
from annotated_types import Ge, Gt, Le

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.strict import STRICT
from jolly_parlor.validity import faults
from jolly_parlor.words import tr


@dataclass(frozen=True)
class Sweep:
    """An exponential sweep; fades are raised cosines at both ends.

    The fade-in spares tweeters and loudspeakers the click of a hard start.
    """

    __pydantic_config__ = STRICT

    low_hz: Annotated[float, Ge(5.0), Le(1000.0)] = 10.0
    high_hz: Annotated[float, Ge(200.0), Le(96000.0)] = 20000.0
    seconds: Annotated[float, Ge(0.5), Le(60.0)] = 5.0
    sample_rate: Annotated[int, Ge(8000), Le(192000)] = 48000
    fade_in_seconds: Annotated[float, Gt(0.0), Le(1.0)] = 0.1
    fade_out_seconds: Annotated[float, Gt(0.0), Le(1.0)] = 0.01

    def problem(self) -> str:
        """What cannot be, in a sentence; empty when it can be played."""
        if self.low_hz * 2 > self.high_hz:
            return tr(
                "A sweep from {low_hz:g} to {high_hz:g} Hz is less than an octave.",
                low_hz=self.low_hz,
                high_hz=self.high_hz,
            )
        if self.high_hz > self.sample_rate / 2:
            return tr(
                "A sweep to {high_hz:g} Hz needs a sample rate of {high_hz2:g} Hz "
                "or more; it is {sample_rate} Hz.",
                high_hz=self.high_hz,
                high_hz2=2 * self.high_hz,
                sample_rate=self.sample_rate,
            )
        if self.fade_in_seconds + self.fade_out_seconds > self.seconds / 2:
            return tr("The fades take more than half of the sweep; shorten them.")
        if beyond := faults(self):
            return tr("This sweep cannot be played: {beyond}.", beyond="; ".join(beyond))
        return ""

    @property
    def rate_octaves(self) -> float:
        """ln(f2 / f1) / T, per second."""
        return log(self.high_hz / self.low_hz) / self.seconds

    def samples(self) -> FloatArray:
        """The sweep at full scale, (samples,). Raises Refused where it contradicts itself."""
        if problem := self.problem():
            raise Refused(problem)
        count = round(self.seconds * self.sample_rate)
        t = np.arange(count) / self.sample_rate
        k = self.rate_octaves
        sound = np.sin(2 * np.pi * self.low_hz / k * np.expm1(k * t))
        for seconds, at_end in ((self.fade_in_seconds, False), (self.fade_out_seconds, True)):
            length = max(round(seconds * self.sample_rate), 1)
            ramp = 0.5 - 0.5 * np.cos(np.pi * np.arange(length) / length)
            if at_end:
                sound[-length:] *= ramp[::-1]
            else:
                sound[:length] *= ramp
        return np.asarray(sound)

    def harmonic_lead_seconds(self, order: int) -> float:
        """How long before the linear response the nth-order product arrives (Farina 2000)."""
        if order < 2:
            raise ValueError("Distortion begins at the second order.")
        return log(order) / self.rate_octaves
