"""Waiting for quiet before a sweep: a car, a voice, a chair last some seconds."""

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
from scipy import signal

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.studio.device import Device, Progress, Recording, Stage
from jolly_parlor.words import tr

SECONDS = 1.0
"""Of the silence before a take."""
_MOST_SECONDS = 12
_PART_SECONDS, _RESTLESS_DB, _LOW_HZ = 0.25, 8.0, 20.0
"""Quarters of a second of steady noise differ by less (what is below 20 Hz, which wanders, left
out); common practice, no source.
"""
_LEAST_POWER = 1e-12


@dataclass
class Quiet:
    """How quiet the room has been in this set of takes."""

    quietest_db: float | None = None

    def restless_db(self, samples: FloatArray, sample_rate: int) -> float:
        """By how much the loudest quarter of a second stands above the quietest one known, dB.

        The first quarter is left out: some inputs click when they are opened.
        """
        parts = _parts_db(samples, sample_rate)
        if not parts.size:
            return 0.0
        low = float(np.min(parts))
        self.quietest_db = low if self.quietest_db is None else min(low, self.quietest_db)
        return float(np.max(parts)) - self.quietest_db


def silence_once_quiet(
    device: Device,
    stage: Stage,
    quiet: Quiet,
    told: Callable[[str], None],
    progress: Progress,
    cancelled: Callable[[], bool],
) -> Recording:
    """A second of the room as it is when nothing plays, as soon as it is steady; after twelve
    seconds as it is: the take's own checks then say what drowned in it. Raises DeviceFailed.
    """
    nothing = np.zeros(round(SECONDS * device.sample_rate))
    for second in range(_MOST_SECONDS):
        heard = device.record(nothing, "", stage, 0.0, progress, cancelled)
        if cancelled():
            break
        restless = quiet.restless_db(heard.samples, device.sample_rate)
        if restless <= _RESTLESS_DB:
            break
        told(
            tr(
                "Waiting for quiet: something is {db:.0f} dB louder than the room "
                "({left} s at most).",
                db=restless,
                left=_MOST_SECONDS - 1 - second,
            )
        )
    return heard


def _parts_db(samples: FloatArray, sample_rate: int) -> FloatArray:
    """The level of each quarter of a second but the first, (parts,)."""
    count = round(_PART_SECONDS * sample_rate)
    if samples.size < 2 * count:
        return np.empty(0)
    high_pass = signal.butter(2, _LOW_HZ, "highpass", fs=sample_rate, output="sos")
    heard = signal.sosfilt(high_pass, samples - np.mean(samples))
    whole = heard[count : heard.size - heard.size % count].reshape(-1, count)
    return np.asarray(10 * np.log10(np.maximum(np.mean(whole**2, axis=1), _LEAST_POWER)))
