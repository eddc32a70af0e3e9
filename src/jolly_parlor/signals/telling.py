"""What an impulse response tells at a glance: when sound arrives, how it dies away, how it lags."""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.signals.decay import Decay, decays
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.phase import group_delay_seconds

_POINTS = 600
_SHOWN_BEFORE, _SHOWN_AFTER = 0.02, 0.6
_DELAY_HZ: FloatArray = np.geomspace(20.0, 500.0, 160)


@dataclass(frozen=True, eq=False)
class Telling:
    """All for one take."""

    arrival_seconds: float
    times: FloatArray
    """Seconds after the arrival."""
    level_db: FloatArray
    """Largest magnitude around each time, dB below the peak."""
    decays: tuple[Decay, ...]
    delay_hz: FloatArray
    delay_seconds: FloatArray
    """Group delay beyond the arrival."""


def telling(impulse: ImpulseResponse, low_hz: float = 30.0, high_hz: float = 4000.0) -> Telling:
    """Work all of it out."""
    arrival = impulse.arrival_seconds()
    shown = impulse.between(arrival - _SHOWN_BEFORE, arrival + _SHOWN_AFTER)
    size = np.abs(shown.samples)
    step = max(size.size // _POINTS, 1)
    whole = size[: size.size // step * step].reshape(-1, step).max(axis=1)
    level = 20 * np.log10(np.maximum(whole / max(float(size.max()), 1e-20), 1e-6))
    times = shown.times[::step][: whole.size] - arrival
    pressure = impulse.pressure(_DELAY_HZ)
    delay = group_delay_seconds(_DELAY_HZ, np.angle(pressure, deg=True)) - arrival
    return Telling(arrival, times, level, tuple(decays(impulse, low_hz, high_hz)), _DELAY_HZ, delay)
