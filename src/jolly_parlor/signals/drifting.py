"""The drift between a recorder's clock and a player's, found from a recorded sweep itself.

A sweep plays each frequency at a moment of its own, its group delay t(f). A recorder that is faster
by d has each frequency later by d t(f), which smears the impulse response; the drift is the one
that makes the direct sound stand highest.
"""

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.signals.clocks import MOST_DRIFT, stretched
from jolly_parlor.signals.resampling import resampled

_LOW_HZ = 100.0
_COARSE, _FINE = 80e-6, 8e-6
"""Steps of a drift in a sweep of a second; in longer ones as much less."""
_AROUND_SECONDS = 0.5
"""Of the response, on either side of where it is strongest."""
_DIRECT_SECONDS, _LAST_TURNS = 0.0012, 3
"""What is cut out around the direct sound: before the first reflection, mostly."""
_OF_A_SWEEP, _FULL_HZ = 0.95, 16_000.0
_MOST_SAMPLES = 1_000_000
_LEAST_TOP_HZ = 3000.0
"""In the bass alone the room hides the direct sound, and a drift changes no level."""


def without_drift(
    heard: FloatArray, played: FloatArray, sample_rate: int
) -> tuple[FloatArray, float]:
    """A recording of a sweep, (samples,), brought to the player's clock, and by how much more
    samples the recorder took: 120e-6 is 120 in a million. 0 where what was played is no sweep,
    or of the bass alone, and where no drift makes the direct sound clearer.
    """
    drift = drift_of(heard, played, sample_rate)
    return (stretched(heard, 1 / (1 + drift)) if drift else heard), drift


def drift_of(heard: FloatArray, played: FloatArray, sample_rate: int) -> float:
    from scipy import fft

    few = int(np.ceil(heard.size / _MOST_SAMPLES))
    while sample_rate % few:
        few += 1
    if few > 1:
        # Of so long a sweep the lower frequencies tell enough, in a fraction of the memory.
        heard, played = (resampled(sound, few, 1) for sound in (heard, played))
        sample_rate = sample_rate // few
    size = fft.next_fast_len(heard.size + played.size, real=True)
    source = fft.rfft(played, size)
    hz = np.arange(source.size) * sample_rate / size
    power = np.abs(source) ** 2
    late, top = _group_delay(played, source, size, sample_rate), _top_hz(hz, power)
    if not _is_sweep(hz, late, top):
        return 0.0
    spectrum = fft.rfft(heard, size) * np.conj(source) / (power + 1e-8 * power.max())
    spectrum[(hz < _LOW_HZ) | (hz > top)] = 0.0
    response = _near_its_peak(fft.irfft(spectrum, size), round(_AROUND_SECONDS * sample_rate))
    small = fft.rfft(response)
    at_hz = np.arange(small.size) * sample_rate / response.size
    inside = (at_hz >= _LOW_HZ) & (at_hz <= top)
    band = small[inside], at_hz[inside] * np.interp(at_hz[inside], hz, late)
    best, reach, seconds = 0.0, MOST_DRIFT, played.size / sample_rate
    for wide in (_COARSE, _FINE):
        step = wide / seconds * _FULL_HZ / top
        tried = best + np.arange(-round(reach / step), round(reach / step) + 1) * step
        heights = np.array([_height(*band, float(d)) for d in tried])
        at = int(np.argmax(heights))
        best, reach = float(tried[at]), step
    for _ in range(_LAST_TURNS):
        best += _left_over(band[0] * np.exp(2j * np.pi * best * band[1]), at_hz[inside], band[1])
    return best if _height(*band, best) > _height(*band, 0.0) else 0.0


def _left_over(spectrum: ComplexArray, hz: FloatArray, turns: FloatArray) -> float:
    """The drift still in a response: the direct sound alone is cut out, and a straight line in
    f t(f), beside one in f, is laid through its phase by its power.
    """
    from scipy import fft

    step = float(hz[1] - hz[0])
    size = fft.next_fast_len(4 * spectrum.size)
    over_time = fft.ifft(spectrum, size)
    each = 1 / (size * step)
    at = int(np.argmax(np.abs(over_time)))
    away = (np.arange(size) - at + size // 2) % size - size // 2
    inside = np.abs(away * each) < _DIRECT_SECONDS
    window = np.where(inside, np.cos(np.pi * away * each / (2 * _DIRECT_SECONDS)) ** 2, 0.0)
    direct = fft.fft(over_time * window)[: spectrum.size]
    direct *= np.exp(2j * np.pi * np.arange(spectrum.size) * at / size)
    weight = np.abs(direct) * (hz > 1 / _DIRECT_SECONDS)
    sides = np.stack([hz, turns, np.ones(hz.size)], axis=1) * weight[:, None]
    found, *_ = np.linalg.lstsq(sides, np.angle(direct) * weight, rcond=None)
    return float(-found[1] / (2 * np.pi))


def _near_its_peak(response: FloatArray, reach: int) -> FloatArray:
    at = int(np.argmax(np.abs(response)))
    return np.take(response, np.arange(at - reach, at + reach), mode="wrap")


def _height(spectrum: ComplexArray, turns: FloatArray, drift: float) -> float:
    """Of the direct sound, with a drift taken out."""
    from scipy import fft

    size = fft.next_fast_len(2 * spectrum.size)
    return float(np.max(np.abs(fft.ifft(spectrum * np.exp(2j * np.pi * drift * turns), size))))


def _group_delay(
    played: FloatArray, source: ComplexArray, size: int, sample_rate: int
) -> FloatArray:
    """When each frequency is played, seconds: Re(F{t x} / F{x}), averaged over 25 Hz by power."""
    from scipy import fft, ndimage

    t = np.arange(played.size) / sample_rate
    moments = np.real(fft.rfft(t * played, size) * np.conj(source))
    width = max(round(25.0 * size / sample_rate), 3)
    power = ndimage.uniform_filter1d(np.abs(source) ** 2, width)
    found: FloatArray = ndimage.uniform_filter1d(moments, width) / np.maximum(power, 1e-300)
    return found


def _top_hz(hz: FloatArray, power: FloatArray) -> float:
    """Up to where there is sound, pink or white."""
    loud = power * np.maximum(hz, 1.0)
    return 0.9 * float(hz[np.flatnonzero(loud > 1e-2 * loud.max())[-1]])


def _is_sweep(hz: FloatArray, late: FloatArray, top: float) -> bool:
    """Whether each frequency has its moment, one after the other."""
    if top < _LEAST_TOP_HZ:
        return False
    steps = np.diff(np.interp(np.geomspace(_LOW_HZ, top, 40), hz, late))
    return bool(np.mean(steps > 0) >= _OF_A_SWEEP)
