"""Samples at another rate."""

from math import gcd

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray


def resampled(samples: FloatArray, rate: int, to: int) -> FloatArray:
    """(samples,) or (samples, channels) at another sample rate, by a polyphase filter; as they are
    where the rate is the same, or there are none.
    """
    if rate == to or not samples.size:
        return samples
    from scipy import signal  # imported here: starting the window need not wait for it

    common = gcd(rate, to)
    return np.asarray(signal.resample_poly(samples, to // common, rate // common, axis=0))
