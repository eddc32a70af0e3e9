"""The Fourier integral of samples at any frequencies, between the bins of an FFT.

Samples that fill half of the FFT's length or less have a spectrum that is known between its bins
as well: by the sinc of the distance from each bin, which a Kaiser window ends after a few (the
same as resampling a signal sampled twice as often as it needs; Oppenheim & Schafer, Discrete-Time
Signal Processing, with time and frequency changed about).
"""

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray

_REACH = 8
"""Bins to either side."""
_BETA = np.pi * _REACH / 2
"""The window's own spectrum ends where the other half of the length begins, at −120 dB."""


def fourier_integral(
    samples: FloatArray, sample_rate: int, frequencies_hz: FloatArray
) -> ComplexArray:
    """sum of x[n] exp(-j 2 pi f n / rate), (frequencies,), within a millionth of its largest.

    frequencies_hz: from 0 to half the rate.
    """
    from scipy import fft  # imported here: starting the window need not wait for it

    if samples.size == 0:
        return np.zeros(frequencies_hz.shape, dtype=np.complex128)
    size = fft.next_fast_len(max(2 * samples.size, 4 * _REACH), real=True)
    at = frequencies_hz * size / sample_rate
    upto = min(int(np.max(at, initial=0.0)) + _REACH + 2, size // 2 + 1)
    spectrum = fft.rfft(samples, size)[:upto]
    # Counted from their middle, samples end where the window's spectrum does.
    middle = samples.size // 2
    spectrum = spectrum * np.exp(2j * np.pi * middle / size * np.arange(upto))
    bins = np.floor(at).astype(int)[:, None] + np.arange(1 - _REACH, _REACH + 1)
    away = at[:, None] - bins
    inside = np.sqrt(np.maximum(1 - (away / _REACH) ** 2, 0.0))
    weights = np.sinc(away) * np.i0(_BETA * inside) / np.i0(_BETA)
    # Beyond 0 and half the rate a real signal's spectrum comes back conjugate.
    folded = np.abs(bins)
    beyond = folded > size // 2
    turned = (bins < 0) ^ beyond
    folded = np.where(beyond, size - folded, folded)
    near = spectrum[np.minimum(folded, upto - 1)]
    around = np.sum(weights * np.where(turned, near.conj(), near), axis=1)
    return np.asarray(around * np.exp(-2j * np.pi * frequencies_hz * middle / sample_rate))
