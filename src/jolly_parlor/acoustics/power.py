"""Power radiated by a small source near one, two or three hard walls at right angles.

    W / W_free = 1 + sum over the images of j0(2 k d),   j0(x) = sin(x) / x,

with one image for each wall, edge and corner and d the distance to that wall, edge or corner
(Waterhouse 1955; Allison 1974 for loudspeakers). Valid while the source is small against the
wavelength. It says what the walls do to the source for every listener at once.
"""

from collections.abc import Sequence
from itertools import combinations

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray


def radiated_power_ratio(
    distances: Sequence[float], frequencies_hz: FloatArray, speed_of_sound: float
) -> FloatArray:
    """W / W_free at each frequency for one to three wall distances in metres.

    Raises ValueError for another number of walls or a negative distance.
    """
    if not 1 <= len(distances) <= 3 or any(d < 0 for d in distances):
        raise ValueError("Give one, two or three wall distances, none below zero.")
    k = 2 * np.pi * np.asarray(frequencies_hz, dtype=float) / speed_of_sound
    total = np.ones_like(k)
    for count in range(1, len(distances) + 1):
        for group in combinations(distances, count):
            away = float(np.sqrt(sum(d * d for d in group)))
            total = total + np.sinc(2 * k * away / np.pi)  # numpy's sinc is sin(pi x) / (pi x)
    return np.asarray(total)


def radiated_power_db(
    distances: Sequence[float], frequencies_hz: FloatArray, speed_of_sound: float
) -> FloatArray:
    ratio = radiated_power_ratio(distances, frequencies_hz, speed_of_sound)
    return np.asarray(10 * np.log10(np.maximum(ratio, 1e-6)))
