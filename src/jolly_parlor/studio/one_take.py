"""One take from beginning to end: silence, sweeps, deconvolution, average, verdict."""

from collections.abc import Callable
from dataclasses import dataclass, field
from typing import Annotated

import numpy as np
from annotated_types import Ge, Le

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.signals import quality
from jolly_parlor.signals.calibration import Calibration
from jolly_parlor.signals.clocks import WITH_MARKERS_SECONDS
from jolly_parlor.signals.importing import TAKE_HZ
from jolly_parlor.signals.impulse import ImpulseResponse, deconvolved, distortion_db, linear_part
from jolly_parlor.signals.quality import Verdict
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.signals.weighting import level_dba
from jolly_parlor.strict import STRICT
from jolly_parlor.studio.device import Device, Progress, Recording, Stage, Timing
from jolly_parlor.studio.quiet import SECONDS as SILENCE_SECONDS
from jolly_parlor.studio.quiet import Quiet, silence_once_quiet
from jolly_parlor.validity import faults
from jolly_parlor.words import tr

DISTORTION_HZ, _ORDERS = 125.0, (2, 3)
_AFTER_SECONDS = 1.2
_TALL = 1e-6


@dataclass(frozen=True)
class Settings:
    __pydantic_config__ = STRICT

    sweep: Sweep = field(default=Sweep())
    sweeps: Annotated[int, Ge(1), Le(8)] = 2
    output_db: Annotated[float, Ge(-80.0), Le(0.0)] = -26.0
    """Of full scale."""

    def problem(self) -> str:
        """What cannot be, in a sentence; empty when it can be measured with."""
        if beyond := faults(self):
            return tr("This cannot be measured with: {beyond}.", beyond="; ".join(beyond))
        return self.sweep.problem()


@dataclass(frozen=True, eq=False)
class Measurement:
    response: Response
    """The mean of the sweeps: level in dB of sound pressure level where the device knows it, else
    against full scale, for a sweep at full scale; phase from the timing reference.
    """
    impulse: ImpulseResponse | None
    """Of the first sweep, the microphone's calibration taken away; None where noise was averaged
    while the microphone moved.
    """
    verdict: Verdict
    level_db_spl: float | None
    """Of the first sweep at the microphone, as played."""
    level_dba: float | None
    """The same, A-weighted."""
    peak_db: float
    """Of the recordings, below full scale."""
    repeat_db: float = 0.0
    """What the sweeps differ by, `quality.repeat_db`."""
    timing: Timing = "none"
    """What its reference in time is."""
    distortion_db: dict[int, float] = field(default_factory=dict)
    """By order, against the linear response, for tones near 125 Hz; orders that stand above the
    noise only.
    """


class Cancelled(Exception):
    """The user stopped; nothing is kept."""


def seconds_of_take(settings: Settings, two_devices: bool) -> float:
    """How long a take lasts, the silence before it included."""
    each = settings.sweep.seconds + _AFTER_SECONDS
    if two_devices:
        each += WITH_MARKERS_SECONDS
    return SILENCE_SECONDS + settings.sweeps * each


def measure(
    device: Device,
    settings: Settings,
    source: str,
    stage: Stage,
    calibration: Calibration | None = None,
    siblings: dict[str, Response] | None = None,
    progress: Progress = lambda share, peak: None,
    cancelled: Callable[[], bool] = lambda: False,
    quiet: Quiet | None = None,
    told: Callable[[str], None] = lambda words: None,
) -> Measurement:
    """Measure one source at the stage's microphone, once the room is quiet.

    source: a name of what the stage can play. siblings: takes at the same place to compare with.
    quiet: what the takes before it in a set knew; told: what is waited for, in a sentence.
    Raises Cancelled, DeviceFailed, and Refused for a sweep that cannot be.
    """
    if wrong := settings.problem():
        raise Refused(wrong)
    sweep, count = settings.sweep, settings.sweeps
    loudness = 10 ** (settings.output_db / 20)
    sound = sweep.samples() * loudness
    parts = count + 1
    silence = silence_once_quiet(
        device,
        stage,
        quiet or Quiet(),
        told,
        lambda share, peak: progress(share / parts, peak),
        cancelled,
    )
    if cancelled():
        raise Cancelled
    taken = _listened(device, sound, source, stage, count, progress, cancelled)
    wholes = [deconvolved(recording.samples / loudness, sweep) for recording in taken]
    impulses = [
        _impulse(whole, recording, sweep) for whole, recording in zip(wholes, taken, strict=True)
    ]
    responses = [_response(impulse, device, calibration) for impulse in impulses]
    timing: Timing = "none" if any(r.timing == "none" for r in taken) else taken[0].timing
    remarks = [
        *_of_the_recordings(taken, silence, source, stage),
        *quality.disagreement(responses),
        *_arrival(impulses[0], timing, source, stage),
        *quality.clocks(taken[0].drift if timing == "markers" else None),
        *quality.calibration(calibration.name if calibration else ""),
        *quality.siblings(responses[0], siblings or {}),
    ]
    peak = max(float(np.max(np.abs(r.samples))) for r in taken)
    heard = impulses[0] if calibration is None else impulses[0].without(calibration.factor)
    return Measurement(
        _mean(responses),
        heard,
        Verdict(tuple(remarks)),
        _level(device, taken[0].samples[: sound.size]),
        _weighted(device, taken[0].samples[: sound.size]),
        20 * np.log10(max(peak, _TALL)),
        quality.repeat_db(responses),
        timing,
        _distortion(wholes[0], sweep),
    )


def _listened(
    device: Device,
    sound: FloatArray,
    source: str,
    stage: Stage,
    count: int,
    progress: Progress,
    cancelled: Callable[[], bool],
) -> list[Recording]:
    """The sound so many times; progress from where the silence before it left it."""
    parts = count + 1
    taken: list[Recording] = []
    for number in range(count):
        taken.append(
            _recorded(
                device,
                sound,
                source,
                stage,
                _AFTER_SECONDS,
                lambda share, peak, n=number: progress((n + 1 + share) / parts, peak),  # type: ignore[misc]
                cancelled,
            )
        )
    return taken


def _of_the_recordings(
    taken: list[Recording], silence: Recording, source: str, stage: Stage
) -> list[quality.Remark]:
    """What they tell before they are made a response."""
    names, rate = stage.playing(source).names, silence.sample_rate
    low_hz = min((stage.sources[name].low_corner_hz for name in names), default=20.0)
    return [
        *quality.clipping([r.samples for r in taken]),
        *(quality.Remark("doubtful", t) for r in taken for t in r.troubles),
        *quality.noise(taken[0].samples, silence.samples, rate, low_hz),
        *quality.hum(taken[0].samples, silence.samples, rate),
    ]


def _recorded(
    device: Device,
    sound: FloatArray,
    source: str,
    stage: Stage,
    after: float,
    progress: Progress,
    cancelled: Callable[[], bool],
) -> Recording:
    recording = device.record(sound, source, stage, after, progress, cancelled)
    if cancelled():
        raise Cancelled
    return recording


def _impulse(whole: ImpulseResponse, recording: Recording, sweep: Sweep) -> ImpulseResponse:
    """Of the room and everything in it, for a sweep at full scale, time zero when it left."""
    linear = linear_part(whole, sweep)
    left_at = 0.0
    if recording.loopback is not None:
        reference = deconvolved(recording.loopback, sweep)
        left_at = reference.between(-0.05, reference.end_seconds).peak_seconds
    return ImpulseResponse(linear.samples, linear.sample_rate, linear.start_seconds - left_at)


def _distortion(whole: ImpulseResponse, sweep: Sweep) -> dict[int, float]:
    near = DISTORTION_HZ * 2 ** (np.arange(-4, 5) / 24)
    found = {}
    for order in _ORDERS:
        level = distortion_db(whole, sweep, order, near)
        known = level[np.isfinite(level)]
        if 2 * known.size > level.size:
            found[order] = float(np.mean(known))
    return found


def _response(
    impulse: ImpulseResponse, device: Device, calibration: Calibration | None
) -> Response:
    top = 0.45 * impulse.sample_rate
    f = TAKE_HZ[top >= TAKE_HZ]
    pressure = impulse.pressure(f)
    if calibration is not None:
        pressure = pressure / calibration.factor(f)
    if device.full_scale_db_spl is not None:
        pressure = pressure * 10 ** (device.full_scale_db_spl / 20)
    return Response.from_pressure(f, pressure)


def _mean(responses: list[Response]) -> Response:
    """Complex mean: what the sweeps have in common stays, what they do not fades."""
    f = responses[0].frequencies_hz
    total = np.zeros(f.size, dtype=np.complex128)
    for r in responses:
        total += r.pressure(f)
    return Response.from_pressure(f, total / len(responses))


def _arrival(
    impulse: ImpulseResponse, timing: Timing, source: str, stage: Stage
) -> list[quality.Remark]:
    playing, speed = stage.playing(source), stage.room.speed_of_sound
    expected = min(
        stage.sources[name].place.distance(stage.microphone) + playing.delay_seconds(name) * speed
        for name in playing.names
    )
    if timing == "none":
        return quality.arrival(None, expected)
    return quality.arrival(impulse.arrival_seconds() * speed, expected)


def _weighted(device: Device, samples: FloatArray) -> float | None:
    if device.full_scale_db_spl is None or not samples.size:
        return None
    return level_dba(samples, device.sample_rate, device.full_scale_db_spl)


def _level(device: Device, samples: FloatArray) -> float | None:
    if device.full_scale_db_spl is None:
        return None
    power = float(np.mean(samples**2))
    return float(device.full_scale_db_spl + 10 * np.log10(max(power, 1e-20)))
