"""A-weighting (IEC 61672-1) and the time a level may be heard (NIOSH 1998)."""

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray

_POLES_HZ = (20.598997, 107.65265, 737.86223, 12194.217)
_A1000_DB = 2.0
NIOSH_LEVEL_DB, NIOSH_HOURS, NIOSH_EXCHANGE_DB = 85.0, 8.0, 3.0


def a_weighting_db(frequencies_hz: FloatArray) -> FloatArray:
    """A(f) in dB, 0 at 1 kHz (IEC 61672-1:2013, annex E)."""
    f2 = np.asarray(frequencies_hz, dtype=float) ** 2
    f1, fb, fc, fd = (pole**2 for pole in _POLES_HZ)
    size = fd * f2**2 / ((f2 + f1) * np.sqrt((f2 + fb) * (f2 + fc)) * (f2 + fd))
    return np.asarray(20 * np.log10(np.maximum(size, 1e-12)) + _A1000_DB)


def hours_allowed(level_dba: float) -> float:
    """Hours a day at that level before hearing is at risk: 8 h at 85 dB(A), half for each 3 dB
    more (NIOSH 1998).
    """
    return float(NIOSH_HOURS * 2 ** ((NIOSH_LEVEL_DB - level_dba) / NIOSH_EXCHANGE_DB))
