"""How long each frequency lasts: the time after which it has fallen by 10, 20, 30 dB.

Third-octave bands a twelfth of an octave apart, each filtered backwards in time and integrated
backwards (ISO 3382-2), so that a mode that rings stands up as a ridge.
"""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import band_edges_hz, log_grid
from jolly_parlor.signals.decay import backward_curve
from jolly_parlor.signals.impulse import ImpulseResponse

FALLS_DB = (10.0, 20.0, 30.0)
_LOW_HZ, _HIGH_HZ = 22.0, 500.0
_RATE_HZ = 2400.0
_ABOVE_NOISE_DB = 8.0


@dataclass(frozen=True, eq=False)
class Fading:
    """Seconds for each fall and frequency, (falls, frequencies); NaN where noise hides it."""

    frequencies_hz: FloatArray
    seconds: FloatArray


def fading(impulse: ImpulseResponse) -> Fading:
    """How long each frequency lasts."""
    from scipy import signal  # imported here: starting the window need not wait for it

    step = max(round(impulse.sample_rate / _RATE_HZ), 1)
    rate = impulse.sample_rate / step
    slow = np.asarray(signal.resample_poly(impulse.samples, 1, step))
    at = log_grid(_LOW_HZ, min(_HIGH_HZ, 0.4 * rate), 12)
    begin = max(round((impulse.arrival_seconds() - impulse.start_seconds) * rate), 0)
    seconds = np.full((len(FALLS_DB), at.size), np.nan)
    lows, highs = band_edges_hz(at, 3)
    for index, (low, high) in enumerate(zip(lows, highs, strict=True)):
        band = signal.butter(3, [low, high], "bandpass", fs=rate, output="sos")
        filtered = np.asarray(signal.sosfilt(band, slow[::-1])[::-1])
        # Run backwards, a filter moves everything forward by its own delay: 2 / (pi B) at the
        # middle of a Butterworth band-pass of third order and bandwidth B.
        first = max(begin - round(2 / (np.pi * (high - low)) * rate), 0)
        curve, range_db = backward_curve(filtered[first:], round(rate))
        for row, fall in enumerate(FALLS_DB):
            below = np.flatnonzero(curve <= -fall)
            if below.size and range_db >= fall + _ABOVE_NOISE_DB:
                seconds[row, index] = below[0] / rate
    return Fading(at, seconds)
