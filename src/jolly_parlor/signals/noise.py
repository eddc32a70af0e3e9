"""Noise for listening: pink and in a band, the same at every call."""

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray

PINK_TOLERANCE_DB = 0.5
"""By how much any third octave from 25 Hz to 16 kHz may differ from the mean of all, in noise of
ten seconds or longer.
"""
PINK_HZ = (20.0, 20_000.0)


def pink_noise(seconds: float, sample_rate: int, seed: int = 1) -> FloatArray:
    """Equal power in every octave, 20 Hz to 20 kHz: amplitude falls with the root of frequency,
    −3 dB an octave; phases are random. (samples,), peak 1; it can be looped without a seam.
    """
    return _noise(seconds, sample_rate, *PINK_HZ, seed)


def band_noise(
    seconds: float, sample_rate: int, low_hz: float, high_hz: float, seed: int = 1
) -> FloatArray:
    """The same between two frequencies, without anything beyond them."""
    return _noise(seconds, sample_rate, low_hz, high_hz, seed)


def _noise(seconds: float, rate: int, low: float, high: float, seed: int) -> FloatArray:
    count = round(seconds * rate)
    f = np.fft.rfftfreq(count, 1 / rate)
    amplitude = np.where(
        (f >= low) & (f <= min(high, 0.49 * rate)), 1 / np.sqrt(np.maximum(f, 1)), 0
    )
    rng = np.random.default_rng([seed, count])
    best: FloatArray | None = None
    for _ in range(4):  # of a few draws the one with the lowest peaks
        phase = rng.uniform(0, 2 * np.pi, f.size)
        drawn = np.fft.irfft(amplitude * np.exp(1j * phase), count)
        drawn = drawn / np.max(np.abs(drawn))
        if best is None or np.mean(drawn**2) > np.mean(best**2):
            best = np.asarray(drawn, dtype=np.float64)
    assert best is not None
    return best
