"""A-weighting (IEC 61672-1) and the time a level may be heard (NIOSH 1998)."""

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.words import tr

_POLES_HZ = (20.598997, 107.65265, 737.86223, 12194.217)
_A1000_DB = 2.0
NIOSH_LEVEL_DB, NIOSH_HOURS, NIOSH_EXCHANGE_DB = 85.0, 8.0, 3.0


def a_weighting_db(frequencies_hz: FloatArray) -> FloatArray:
    """A(f) in dB, 0 at 1 kHz (IEC 61672-1:2013, annex E)."""
    f2 = np.asarray(frequencies_hz, dtype=float) ** 2
    f1, fb, fc, fd = (pole**2 for pole in _POLES_HZ)
    size = fd * f2**2 / ((f2 + f1) * np.sqrt((f2 + fb) * (f2 + fc)) * (f2 + fd))
    return np.asarray(20 * np.log10(np.maximum(size, 1e-12)) + _A1000_DB)


def level_dba(samples: FloatArray, sample_rate: int, full_scale_db_spl: float) -> float:
    """A-weighted level of samples over their whole length."""
    spectrum = np.abs(np.fft.rfft(samples)) ** 2
    f = np.fft.rfftfreq(samples.size, 1 / sample_rate)
    spectrum[0] = 0.0
    weight = 10 ** (a_weighting_db(np.maximum(f, 1.0)) / 10)
    power = 2 * float(np.sum(spectrum * weight)) / samples.size**2
    return float(full_scale_db_spl + 10 * np.log10(max(power, 1e-20)))


def exposure_words(dba: float) -> str:
    """How long that level may be heard in a day, in a sentence."""
    hours = hours_allowed(dba)
    if hours >= 24:
        return tr("{dba:.0f} dB(A): no limit to a day of sweeps (NIOSH 1998).", dba=dba)
    span = (
        tr("{hours:.0f} hours", hours=hours)
        if hours >= 2
        else tr("{hours:.0f} minutes", hours=60 * hours)
    )
    return tr("{dba:.0f} dB(A): {span} a day at most (NIOSH 1998).", dba=dba, span=span)


def hours_allowed(level_dba: float) -> float:
    """Hours a day at that level before hearing is at risk: 8 h at 85 dB(A), half for each 3 dB
    more (NIOSH 1998).
    """
    return float(NIOSH_HOURS * 2 ** ((NIOSH_LEVEL_DB - level_dba) / NIOSH_EXCHANGE_DB))
