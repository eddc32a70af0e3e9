"""Phase: group delay, and the minimum-phase and excess parts.

What is minimum phase can be equalised; where excess group delay jumps, two paths cancel and
equalisation cannot help.
"""

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray


def minimum_phase_deg(level_db: FloatArray) -> FloatArray:
    """Phase of the minimum-phase system with these levels, degrees.

    Levels at the bins 0 to half of an even-length FFT. Through the real cepstrum (Oppenheim &
    Schafer): the causal part of the inverse transform of the log magnitude, doubled.
    """
    log_size = level_db * (np.log(10) / 20)
    size = 2 * (log_size.size - 1)
    cepstrum = np.fft.irfft(log_size, size)
    fold = np.zeros(size)
    fold[0] = fold[size // 2] = 1.0
    fold[1 : size // 2] = 2.0
    return np.degrees(np.fft.rfft(cepstrum * fold).imag)


def group_delay_seconds(frequencies_hz: FloatArray, phase_deg: FloatArray) -> FloatArray:
    """-d phase / d omega, seconds, at each frequency; phase may be wrapped."""
    turns = np.unwrap(np.radians(phase_deg))
    return np.asarray(-np.gradient(turns, 2 * np.pi * np.asarray(frequencies_hz)))


def excess_phase_deg(level_db: FloatArray, phase_deg: FloatArray) -> FloatArray:
    """Phase beyond the minimum-phase part, unwrapped, degrees. Arrays as in
    `minimum_phase_deg`.
    """
    excess = np.radians(np.asarray(phase_deg) - minimum_phase_deg(level_db))
    return np.degrees(np.unwrap(excess))
