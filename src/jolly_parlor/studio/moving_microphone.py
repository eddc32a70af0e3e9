"""A moving microphone: noise plays while the microphone is led slowly through where the head moves,
and the power is averaged over the way. What is left is a level, without phase.

The noise repeats itself, so that each period has the very same spectrum, and what is heard divided
by it is the room's response at where the microphone just is, without the scatter of random noise.
"""

from collections.abc import Callable

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.signals import quality
from jolly_parlor.signals.calibration import Calibration
from jolly_parlor.signals.importing import TAKE_HZ
from jolly_parlor.signals.noise import PINK_HZ, pink_noise
from jolly_parlor.signals.quality import Remark, Verdict
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.smoothing import smooth_level_db
from jolly_parlor.studio.device import Device, Progress, Stage
from jolly_parlor.studio.one_take import Cancelled, Measurement
from jolly_parlor.words import tr

USUAL_SECONDS = 24.0
"""Long enough for a slow circle through the head's reach (common practice, no source)."""
PER_OCTAVE = (6, 3)
"""Parts of an octave it can be averaged in."""
_PERIOD_SECONDS = 1.5
_SILENCE_SECONDS = 2.0


def measure_moving(
    device: Device,
    output_db: float,
    source: str,
    stage: Stage,
    calibration: Calibration | None = None,
    seconds: float = USUAL_SECONDS,
    per_octave: int = PER_OCTAVE[0],
    progress: Progress = lambda share, peak: None,
    cancelled: Callable[[], bool] = lambda: False,
) -> Measurement:
    """The mean on power over the way, in parts of an octave, without phase. Raises Cancelled,
    DeviceFailed, and Refused for a recording that ended early.
    """
    rate, loudness = device.sample_rate, 10 ** (output_db / 20)
    one = pink_noise(_PERIOD_SECONDS, rate) * loudness
    times = max(round(seconds / _PERIOD_SECONDS), 2)
    quiet = device.record(
        np.zeros(round(_SILENCE_SECONDS * rate)), "", stage, 0.0, progress, cancelled
    )
    heard = device.record(np.tile(one, times), source, stage, 0.0, progress, cancelled)
    if cancelled():
        raise Cancelled
    # In the first period the room is still filling.
    whole = heard.samples[one.size : (heard.samples.size // one.size) * one.size]
    if whole.size < one.size:
        raise Refused(tr("The recording ended before the noise did; measure again."))
    f, level = _level(whole.reshape(-1, one.size), one, rate, per_octave)
    if calibration is not None:
        level = level - 20 * np.log10(np.abs(calibration.factor(f)))
    if device.full_scale_db_spl is not None:
        level = level + device.full_scale_db_spl
    names = stage.playing(source).names
    low_hz = min((stage.sources[name].low_corner_hz for name in names), default=20.0)
    peak = float(np.max(np.abs(whole)))
    remarks = [
        *quality.clipping([whole]),
        *(Remark("doubtful", trouble) for trouble in heard.troubles),
        *quality.noise(whole, quiet.samples, rate, low_hz),
        *quality.calibration(calibration.name if calibration else ""),
        Remark(
            "good",
            tr(
                "Averaged while the microphone moved, 1/{per_octave} octave: a level without "
                "phase.",
                per_octave=per_octave,
            ),
        ),
    ]
    power = float(np.mean(whole**2))
    loud = None
    if device.full_scale_db_spl is not None:
        loud = device.full_scale_db_spl + 10 * np.log10(max(power, 1e-20))
    peak_db = 20 * np.log10(max(peak, 1e-6))
    return Measurement(Response(f, level), None, Verdict(tuple(remarks)), loud, None, peak_db)


def _level(
    periods: FloatArray, one: FloatArray, rate: int, per_octave: int
) -> tuple[FloatArray, FloatArray]:
    """At frequencies in Hz, the mean on power over the periods against what was played, dB."""
    hz = np.asarray(np.fft.rfftfreq(one.size, 1 / rate), dtype=np.float64)
    inside = (hz >= PINK_HZ[0]) & (hz <= min(PINK_HZ[1], 0.48 * rate))
    heard = np.mean(np.abs(np.fft.rfft(periods, axis=1)[:, inside]) ** 2, axis=0)
    played = np.abs(np.fft.rfft(one)[inside]) ** 2
    each = 10 * np.log10(np.maximum(heard / played, 1e-20))
    at = TAKE_HZ[(hz[inside][0] <= TAKE_HZ) & (min(0.45 * rate, hz[inside][-1]) >= TAKE_HZ)]
    return at, smooth_level_db(hz[inside], each, at, per_octave)
