"""Shelves and bells as analogue prototypes (Bristow-Johnson, Cookbook formulae for audio
equalizer biquad filter coefficients: H(s) before the bilinear transform; from memory).
"""

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray


def peaking(frequencies_hz: FloatArray, centre_hz: float, gain_db: float, q: float) -> ComplexArray:
    """A bell: H = (s^2 + s A / Q + 1) / (s^2 + s / (A Q) + 1), A = 10^(gain / 40)."""
    s = 1j * np.asarray(frequencies_hz, dtype=float) / centre_hz
    a = 10 ** (gain_db / 40)
    return np.asarray((s**2 + s * a / q + 1) / (s**2 + s / (a * q) + 1))


def shelf_low(frequencies_hz: FloatArray, middle_hz: float, gain_db: float) -> ComplexArray:
    """A low shelf of slope 1, half its gain at the middle:
    H = A (s^2 + sqrt(2A) s + A) / (A s^2 + sqrt(2A) s + 1), A = 10^(gain / 40).
    """
    s = 1j * np.asarray(frequencies_hz, dtype=float) / middle_hz
    a = 10 ** (gain_db / 40)
    root = np.sqrt(2 * a)
    return np.asarray(a * (s**2 + root * s + a) / (a * s**2 + root * s + 1))
