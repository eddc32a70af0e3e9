"""Loudness of a programme after ITU-R BS.1770-4: K-weighted, gated, in LUFS.

    L = -0.691 + 10 lg( sum over channels of the mean square after the K filters ),

over blocks of 400 ms, a quarter apart; those below -70 LUFS and those more than 10 LU below the
mean of the rest are left out. The K filters are given in the recommendation for 48 kHz; for other
rates the analogue filters behind them are transformed anew (their parameters from memory, checked
against the table of the recommendation). Channels in front only: each counts 1.
"""

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

BLOCK_SECONDS, STEP_SECONDS = 0.4, 0.1
_SILENT_LUFS, _BELOW_LU, _OFFSET = -70.0, 10.0, -0.691
_SHELF_HZ, _SHELF_DB, _SHELF_Q = 1681.974450955533, 3.999843853973347, 0.7071752369554196
_LOW_HZ, _LOW_Q = 38.13547087602444, 0.5003270373238773


def k_sections(sample_rate: int) -> FloatArray:
    """The two K filters as SciPy's second-order sections, (2, 6)."""
    warp = np.tan(np.pi * _SHELF_HZ / sample_rate)
    high = 10 ** (_SHELF_DB / 20)
    band = high**0.4996667741545416
    whole = 1 + warp / _SHELF_Q + warp**2
    shelf = [
        (high + band * warp / _SHELF_Q + warp**2) / whole,
        2 * (warp**2 - high) / whole,
        (high - band * warp / _SHELF_Q + warp**2) / whole,
        1.0,
        2 * (warp**2 - 1) / whole,
        (1 - warp / _SHELF_Q + warp**2) / whole,
    ]
    warp = np.tan(np.pi * _LOW_HZ / sample_rate)
    whole = 1 + warp / _LOW_Q + warp**2
    low = [1.0, -2.0, 1.0, 1.0, 2 * (warp**2 - 1) / whole, (1 - warp / _LOW_Q + warp**2) / whole]
    return np.array([shelf, low])


def loudness_lufs(samples: NDArray[np.floating], sample_rate: int) -> float:
    """Integrated loudness of (samples,) or (samples, channels), full scale 1. Raises Refused for
    less than a block, or for silence.
    """
    from scipy import signal  # imported here: starting the window need not wait for it

    sound = samples if samples.ndim == 2 else samples[:, None]
    block, step = round(BLOCK_SECONDS * sample_rate), round(STEP_SECONDS * sample_rate)
    if sound.shape[0] < block:
        raise Refused(
            tr(
                "{shape:.0f} ms are too short to have a loudness; "
                "{block_seconds:.0f} ms at least are needed.",
                shape=1000 * sound.shape[0] / sample_rate,
                block_seconds=1000 * BLOCK_SECONDS,
            )
        )
    weighted = signal.sosfilt(k_sections(sample_rate), sound, axis=0)
    running = np.concatenate([[0.0], np.cumsum(np.sum(weighted**2, axis=1))])
    starts = np.arange(0, sound.shape[0] - block + 1, step)
    power = (running[starts + block] - running[starts]) / block
    loud = power[_lufs(power) > _SILENT_LUFS]
    if loud.size == 0:
        raise Refused(tr("The programme is silent: it has no loudness."))
    kept = loud[_lufs(loud) > _lufs(np.mean(loud)) - _BELOW_LU]
    return float(_lufs(np.mean(kept)))


def _lufs(power: FloatArray | np.floating) -> FloatArray:
    return np.asarray(_OFFSET + 10 * np.log10(np.maximum(power, 1e-30)))
