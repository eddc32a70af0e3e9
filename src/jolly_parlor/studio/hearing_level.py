"""How loud a short sweep is around one frequency: for a meter that follows a hand on a knob."""

from collections.abc import Callable

import numpy as np

from jolly_parlor.signals.impulse import deconvolved, linear_part
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.device import Device, Progress, Stage
from jolly_parlor.studio.one_take import Cancelled

OCTAVES = 1 / 6
"""Either side of the frequency."""
_SECONDS, _AFTER_SECONDS = 1.0, 0.6
_POINTS = 17


def power_around(
    device: Device,
    source: str,
    stage: Stage,
    hertz: float,
    output_db: float,
    progress: Progress = lambda share, peak: None,
    cancelled: Callable[[], bool] = lambda: False,
) -> float:
    """Mean power of the response within OCTAVES of a frequency, without unit: for comparing what
    one device hears one after the other. output_db: of the sweep, below full scale.

    Raises DeviceFailed, and Cancelled.
    """
    sweep = Sweep(max(hertz / 4, 10.0), max(hertz * 4, 400.0), _SECONDS, device.sample_rate)
    loudness = 10 ** (output_db / 20)
    heard = device.record(
        sweep.samples() * loudness, source, stage, _AFTER_SECONDS, progress, cancelled
    )
    if cancelled():
        raise Cancelled
    impulse = linear_part(deconvolved(heard.samples / loudness, sweep), sweep)
    f = hertz * 2.0 ** np.linspace(-OCTAVES, OCTAVES, _POINTS)
    return float(np.mean(np.abs(impulse.pressure(f)) ** 2))
