"""A measured response as it is heard: its impulse response, or one made of its level and phase."""

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.early_images import faded_in
from jolly_parlor.audition.transfers import (
    BINS_HZ,
    FADE_LOW_HZ,
    FADE_TOP_HZ,
    RATE_HZ,
    share_of_images,
    share_of_modes,
)
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.phase import minimum_phase_deg
from jolly_parlor.signals.resampling import resampled
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.smoothing import smooth_level_db

_FINE_PER_OCTAVE = 12
_LAST_OCTAVES = 1 / 3
_DECAY_SECONDS = 1.5
"""As much of a recorded impulse response as is heard; the rest is the microphone's noise."""
_FADE_SECONDS = 0.2


def spectrum_of_impulse(impulse: ImpulseResponse) -> ComplexArray:
    """At BINS_HZ, the phase counted from the moment of playing, lowest and highest faded as in a
    forecast.
    """
    rate = impulse.sample_rate
    begin = max(impulse.start_seconds, impulse.arrival_seconds() - 0.1)
    cut = impulse.between(begin, impulse.arrival_seconds() + _DECAY_SECONDS)
    samples = cut.samples * _faded_out(cut.samples.size, rate)
    if rate != RATE_HZ:
        # The same pressure at every frequency: samples stand closer, or farther apart.
        samples = resampled(samples, rate, RATE_HZ) * (rate / RATE_HZ)
    count = 2 * (BINS_HZ.size - 1)
    found = np.fft.rfft(samples[:count], count)
    late = np.exp(-2j * np.pi * BINS_HZ * cut.start_seconds)
    return np.asarray(found * late * _ends())


def spectrum_of_response(response: Response, arrival_seconds: float) -> ComplexArray:
    """The same of a curve. Up to 300 Hz its own phase, where it has one; above, where a phase on
    so few points tells nothing, the least phase of its smoothed level after an arrival. Beyond its
    ends it is level.
    """
    f = BINS_HZ
    own = response.frequencies_hz
    top = own[-1] * 2**-_LAST_OCTAVES
    last = float(np.mean(response.level_db[own >= top]))
    fine = np.geomspace(own[0], own[-1], 400)
    smooth = smooth_level_db(own, response.level_db, fine, _FINE_PER_OCTAVE)
    at = np.log(np.maximum(f, 1.0))
    level = np.interp(at, np.log(fine), smooth, right=last)
    turned = np.radians(minimum_phase_deg(level)) - 2 * np.pi * f * arrival_seconds
    above = 10 ** (level / 20) * np.exp(1j * turned)
    if response.phase_deg is None:
        return np.asarray(above * _ends())
    inside = (f >= own[0]) & (f <= own[-1])
    below = np.zeros(f.size, np.complex128)
    below[inside] = response.pressure(f[inside])
    low_end = faded_in(f, float(own[0]), float(own[0]) * 1.3)
    high_end = 1 - faded_in(f, float(own[-1]) / 1.15, float(own[-1]))
    modal = share_of_modes(f) * high_end
    lost = share_of_modes(f) * (1 - high_end)  # where it ends before the join
    return np.asarray(below * low_end * modal + above * (share_of_images(f) + lost))


def _ends() -> FloatArray:
    """Nothing below 10 Hz and above 22 kHz."""
    return np.asarray(faded_in(BINS_HZ, *FADE_LOW_HZ) * (1 - faded_in(BINS_HZ, *FADE_TOP_HZ)))


def _faded_out(count: int, rate: int) -> FloatArray:
    n = min(round(_FADE_SECONDS * rate), count // 2)
    window = np.ones(count)
    window[count - n :] = 0.5 + 0.5 * np.cos(np.pi * np.arange(n) / n)
    return window
