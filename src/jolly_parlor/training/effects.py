"""What a room or a wrong setting does to a sound, as factors over frequency, more or less of it.

Each gives what is heard with it and without it, (2 channels, frequencies) both, so that nothing but
the thing itself tells the two apart.
"""

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.filters import peaking
from jolly_parlor.acoustics.sources import (
    crossover_high,
    crossover_low,
    high_pass,
    low_pass,
)

Pair = tuple[ComplexArray, ComplexArray]
RINGS_SHORT_SECONDS = 0.1
_RING_GAIN = 3.0
_SIXTY_DB = float(np.log(1000.0))
_LEAST_SECONDS = 1e-4


def hill(f: FloatArray, hertz: float, db: float, octaves: float) -> Pair:
    """A bell of so many decibels, up or down, so many octaves wide at half of them."""
    return _both(peaking(f, hertz, db, quality(octaves))), _both(np.ones(f.size))


def comb(f: FloatArray, seconds: float, level_db: float) -> Pair:
    """The sound with itself, later and softer: what one reflection does. Its teeth stand 1 / delay
    apart, which the ear takes for a pitch.
    """
    later = 10 ** (level_db / 20) * np.exp(-2j * np.pi * f * seconds)
    return _both(1 + later), _both(np.ones(f.size))


def reversed_below(f: FloatArray, hertz: float) -> Pair:
    """The right side's polarity reversed below a frequency, and nothing else: the upper branch of
    a sixth-order Linkwitz crossover less the lower one is an all-pass that is −1 below and 1
    above (Butterworth of third order squared; of odd orders the difference is flat, of even ones
    the sum).
    """
    turned = high_pass(f, hertz, 3) ** 2 - low_pass(f, hertz, 3) ** 2
    return np.stack([np.ones(f.size, np.complex128), turned]), _both(turned)


def late_below(f: FloatArray, hertz: float, seconds: float) -> Pair:
    """What lies below a crossover comes later: a subwoofer out of step."""
    low, high = crossover_low(f, hertz), crossover_high(f, hertz)
    late = low * np.exp(-2j * np.pi * f * seconds)
    return _both(high + late), _both(high + low)


def unlike(f: FloatArray, hertz: float, db: float, octaves: float) -> Pair:
    """A hollow on the right side alone."""
    flat = np.ones(f.size, np.complex128)
    return np.stack([flat, peaking(f, hertz, -db, quality(octaves))]), _both(flat)


def ringing(f: FloatArray, hertz: float, seconds: float) -> Pair:
    """A resonance that falls by 60 dB in so many seconds, against one as high that hardly rings."""
    return _both(_resonance(f, hertz, seconds)), _both(_resonance(f, hertz, RINGS_SHORT_SECONDS))


def _resonance(f: FloatArray, hertz: float, seconds: float) -> ComplexArray:
    """The sound and _RING_GAIN times its part about a frequency: 1 + g (s / Q) / (s^2 + s / Q + 1),
    whose tail is e^(-pi f t / Q): 60 dB in ln(1000) Q / (pi f).
    """
    q = np.pi * hertz * max(seconds, _LEAST_SECONDS) / _SIXTY_DB
    s = 1j * f / hertz
    return np.asarray(1 + _RING_GAIN * (s / q) / (s**2 + s / q + 1))


def quality(octaves: float) -> float:
    """Q of a bell so many octaves wide between the points of half its decibels
    (Bristow-Johnson): 1 / Q = 2 sinh(ln 2 / 2 * octaves).
    """
    return float(1 / (2 * np.sinh(np.log(2) / 2 * octaves)))


def _both(one: np.ndarray) -> ComplexArray:
    return np.stack([one, one]).astype(np.complex128)
