"""Shelves, bells and all-passes as analogue prototypes.

Shelves and bells: Bristow-Johnson, Cookbook formulae for audio equalizer biquad filter
coefficients: H(s) before the bilinear transform; from memory.
"""

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray


def peaking(frequencies_hz: FloatArray, centre_hz: float, gain_db: float, q: float) -> ComplexArray:
    """A bell: H = (s^2 + s A / Q + 1) / (s^2 + s / (A Q) + 1), A = 10^(gain / 40)."""
    w = np.asarray(frequencies_hz, dtype=float) / centre_hz
    a = 10 ** (gain_db / 40)
    even = 1 - w**2  # s = j w
    return np.asarray((even + 1j * (w * (a / q))) / (even + 1j * (w / (a * q))))


def shelf_low(frequencies_hz: FloatArray, middle_hz: float, gain_db: float) -> ComplexArray:
    """A low shelf of slope 1, half its gain at the middle:
    H = A (s^2 + sqrt(2A) s + A) / (A s^2 + sqrt(2A) s + 1), A = 10^(gain / 40).
    """
    s = 1j * np.asarray(frequencies_hz, dtype=float) / middle_hz
    a = 10 ** (gain_db / 40)
    root = np.sqrt(2 * a)
    return np.asarray(a * (s**2 + root * s + a) / (a * s**2 + root * s + 1))


def phase_knob(frequencies_hz: FloatArray, at_hz: float, degrees: float) -> ComplexArray:
    """An all-pass of first order that lags by so many degrees, 0 to 180, at one frequency:
    H = (1 - j w) / (1 + j w), w = tan(degrees / 2) f / at, which lags by 2 atan w (the usual
    circuit behind such a knob; textbook, from memory).
    """
    half = np.radians(degrees) / 2
    even = np.cos(half)  # multiplied through by it: 180 degrees stay finite
    odd = 1j * np.sin(half) * np.asarray(frequencies_hz, dtype=float) / at_hz
    return np.asarray((even - odd) / (even + odd))
