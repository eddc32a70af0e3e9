"""What leaves a source: low corner, crossover, gain, delay and polarity as complex factors.

Time factor exp(+jwt), so a delay t is exp(-j 2 pi f t). Sums are always complex.
"""

from math import cos, radians, sqrt

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray


def high_pass(frequencies_hz: FloatArray, corner_hz: float, order: int) -> ComplexArray:
    """Butterworth high-pass of that order, -3 dB at its corner; a box's low end."""
    ratio: FloatArray = np.asarray(frequencies_hz, dtype=np.float64) / corner_hz
    s: ComplexArray = np.asarray(1j * ratio, dtype=np.complex128)
    return np.asarray(1j**order * ratio**order * _butterworth(s, order))


def low_pass(frequencies_hz: FloatArray, corner_hz: float, order: int) -> ComplexArray:
    """Butterworth low-pass of that order, -3 dB at its corner."""
    return _butterworth(1j * np.asarray(frequencies_hz, dtype=float) / corner_hz, order)


def crossover_high(frequencies_hz: FloatArray, crossover_hz: float) -> ComplexArray:
    """Upper branch of a fourth-order crossover: a second-order Butterworth squared.

    -6 dB and in phase with the lower branch at the crossover; the two sum flat (Linkwitz 1976).
    """
    return np.asarray(high_pass(frequencies_hz, crossover_hz, 2) ** 2)


def crossover_low(frequencies_hz: FloatArray, crossover_hz: float) -> ComplexArray:
    """Lower branch of the fourth-order crossover."""
    return np.asarray(low_pass(frequencies_hz, crossover_hz, 2) ** 2)


def drive(
    frequencies_hz: FloatArray, gain_db: float, delay_ms: float, inverted: bool
) -> ComplexArray:
    """Gain, delay and polarity as one factor."""
    size = (-1.0 if inverted else 1.0) * 10 ** (gain_db / 20)
    if delay_ms == 0.0:
        return np.full(np.shape(frequencies_hz), size, dtype=np.complex128)
    return np.asarray(size * np.exp(-2j * np.pi * frequencies_hz * delay_ms / 1000.0))


def two_signal_gain_db(phase_degrees: float) -> float:
    """Level of two equal coherent signals over one of them: 20 lg sqrt(2 + 2 cos phase).

    Minus infinity where they cancel.
    """
    magnitude = sqrt(max(2.0 + 2.0 * cos(radians(phase_degrees)), 0.0))
    return float(20 * np.log10(magnitude)) if magnitude > 1e-9 else float("-inf")


def _butterworth(s: ComplexArray, order: int) -> ComplexArray:
    """1 / prod (s - p_k), p_k = exp(j pi (2k + n - 1) / 2n), k = 1 to n; s over its corner.

    The same polynomial serves high-pass and low-pass because the poles lie on the unit circle.
    Written out because importing scipy.signal would double the time to start; tested against it.
    """
    k = np.arange(1, order + 1)
    poles = np.exp(1j * np.pi * (2 * k + order - 1) / (2 * order))
    product = np.ones_like(s)
    for pole in poles:
        product *= s - pole
    return np.asarray(1.0 / product)
