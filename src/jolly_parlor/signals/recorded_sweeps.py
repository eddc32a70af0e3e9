"""Sweeps recorded elsewhere: the recording and what was played become an impulse response."""

from dataclasses import dataclass
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.signals.calibration import Calibration
from jolly_parlor.signals.drifting import without_drift
from jolly_parlor.signals.importing import TAKE_HZ
from jolly_parlor.signals.impulse import (
    ImpulseResponse,
    deconvolved_by,
    linear_part,
)
from jolly_parlor.signals.reading import ReadResponse, ResponseFileError
from jolly_parlor.signals.resampling import resampled
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.signals.wav import SOUND_SUFFIXES, WavRefused, read_wav
from jolly_parlor.words import tr

_FULL_SCALE, _TOLD_DRIFT = 0.9995, 2e-6
_LOOKED_AT_HZ = (250.0, 500.0, 1000.0, 2000.0, 4000.0)
_LATE_AN_OCTAVE_SECONDS, _EARLY_SECONDS = 0.006, 0.002
"""A room's octaves arrive within some milliseconds of each other (common practice, no source)."""


@dataclass(frozen=True)
class Played:
    """What was played: a WAV, or an exponential sweep by its parameters."""

    file: Path | None = None
    low_hz: float = 10.0
    high_hz: float = 20000.0
    seconds: float = 5.0

    def sweep(self, sample_rate: int) -> Sweep:
        """By its parameters. Raises Refused where they contradict themselves."""
        made = Sweep(self.low_hz, self.high_hz, self.seconds, sample_rate)
        if problem := made.problem():
            raise Refused(problem)
        return made


def read_recording(
    path: Path, played: Played, channel: int = 1, calibration: Calibration | None = None
) -> ReadResponse:
    """The response in the recording of a sweep, with its impulse response.

    Raises ResponseFileError with one plain sentence.
    """
    try:
        heard, rate = _one_channel(path, channel)
        clipped, sweep = float(np.max(np.abs(heard))) >= _FULL_SCALE, None
        if played.file is not None:
            sound, sweep_rate = _one_channel(played.file, 1)
            heard, rate = resampled(heard, rate, sweep_rate), sweep_rate
        else:
            sweep = played.sweep(rate)
            sound = sweep.samples()
        heard, drift = without_drift(heard, sound, rate)
        whole = deconvolved_by(heard, sound, rate)
        del heard, sound  # of a long recording they fill tens of megabytes each
        _check_sweep(whole, path.name, sweep)
        impulse = whole.gated(0.1, 1.0) if sweep is None else linear_part(whole, sweep)
    except ResponseFileError:
        raise
    except WavRefused as error:
        raise ResponseFileError(str(error)) from None
    except Refused as error:
        raise ResponseFileError(f"{path.name}: {error}") from None
    return _read(path, clipped, impulse, calibration, drift)


def _read(
    path: Path,
    clipped: bool,
    impulse: ImpulseResponse,
    calibration: Calibration | None,
    drift: float,
) -> ReadResponse:
    f = TAKE_HZ[0.45 * impulse.sample_rate >= TAKE_HZ]
    pressure = impulse.pressure(f)
    if not np.any(np.abs(pressure) > 0):
        raise ResponseFileError(tr("{name}: the sweep cannot be found in it.", name=path.name))
    notes = [
        tr(
            "From a recorded sweep; arrival at {arrival_seconds:.1f} ms.",
            arrival_seconds=impulse.arrival_seconds() * 1000,
        )
    ]
    if abs(drift) >= _TOLD_DRIFT:
        notes.append(
            tr(
                "The recorder's clock differed by {parts:.0f} parts in a million, taken out.",
                parts=abs(drift) * 1e6,
            )
        )
    if calibration is not None:
        pressure = pressure / calibration.factor(f)
        impulse = impulse.without(calibration.factor)
        notes.append(tr("{name} taken away.", name=calibration.name))
    if clipped:
        notes.append(tr("The recording reaches full scale: it may be clipped."))
    return ReadResponse(Response.from_pressure(f, pressure), tuple(notes), impulse)


def _check_sweep(whole: ImpulseResponse, name: str, said: Sweep | None = None) -> None:
    """Raises ResponseFileError where what was recorded is another sweep than was said: then each
    octave arrives at another time, later and later or sooner and sooner.
    """
    middles = np.array([hz for hz in _LOOKED_AT_HZ if hz < 0.3 * whole.sample_rate])
    at = whole.start_seconds + _arrivals(whole, middles)
    octaves = np.log2(middles)
    steps = np.diff(at) / np.diff(octaves)
    drift = float(np.median(steps))
    if abs(drift) < _LATE_AN_OCTAVE_SECONDS or not np.all(np.sign(steps) == np.sign(drift)):
        if float(np.median(at)) < -_EARLY_SECONDS:
            raise ResponseFileError(
                tr(
                    "{name}: the sound arrives {before:.0f} ms before it was played; the "
                    "recording must begin with the sweep, or before it.",
                    name=name,
                    before=-1000 * float(np.median(at)),
                )
            )
        return
    hint = ""
    span = float(np.log2(said.high_hz / said.low_hz)) if said is not None else 0.0
    if said is not None and 0.5 < said.seconds + drift * span < 60.0:
        hint = tr(
            " As it arrives, the sweep took about {seconds:.1f} s if it went from {low:g} to "
            "{high:g} Hz.",
            seconds=said.seconds + drift * span,
            low=said.low_hz,
            high=said.high_hz,
        )
    raise ResponseFileError(
        tr(
            "{name}: this is not the sweep that was said: each octave arrives {ms:.0f} ms "
            "apart.{hint}",
            name=name,
            ms=abs(1000 * drift),
            hint=hint,
        )
    )


def _arrivals(whole: ImpulseResponse, middles_hz: FloatArray) -> FloatArray:
    """When each octave is loudest, seconds from the first sample."""
    from scipy import fft

    # Single precision: when an octave is loudest needs no more, and half the memory does.
    samples, rate = np.empty(whole.samples.size, dtype=np.float32), whole.sample_rate
    peak = max(float(whole.samples.max()), -float(whole.samples.min()), 1e-300)
    np.multiply(whole.samples, 1 / peak, out=samples, casting="unsafe")
    size = fft.next_fast_len(samples.size, real=True)
    spectrum, step = fft.rfft(samples, size), rate / size
    found = []
    for middle in middles_hz:
        low, high = int(middle / 2 / step), min(int(2 * middle / step) + 2, spectrum.size)
        near = np.log2(np.arange(low, high) * step / middle)
        # The band alone, brought down to nought: its envelope in steps as wide as it needs.
        envelope = np.abs(fft.ifft(spectrum[low:high] * np.exp(-((near / 0.4) ** 2))))
        found.append(int(np.argmax(envelope)) / envelope.size * size / rate)
    return np.array(found)


def looks_recorded(path: Path) -> bool:
    """Whether a sound is more likely the recording of a sweep than an impulse response: an impulse
    response of a room has most of its energy within half a second.
    """
    if path.suffix.lower() not in SOUND_SUFFIXES:
        return False
    try:
        samples, rate = read_wav(path, path.name)
    except WavRefused:
        return False
    energy = np.cumsum(samples[:, 0] ** 2)
    if energy[-1] <= 0:
        return False
    begin, end = np.searchsorted(energy, (0.1 * energy[-1], 0.9 * energy[-1]))
    return bool((end - begin) / rate > 0.6)


def _one_channel(path: Path, channel: int) -> tuple[FloatArray, int]:
    samples, rate = read_wav(path, path.name)
    if not 1 <= channel <= samples.shape[1]:
        raise ResponseFileError(
            tr(
                "{name} has {shape} channels; there is no number {channel}.",
                name=path.name,
                shape=samples.shape[1],
                channel=channel,
            )
        )
    one = samples[:, channel - 1]
    if not np.any(one):
        raise ResponseFileError(
            tr("{name}, channel {channel}: nothing but silence.", name=path.name, channel=channel)
        )
    return one, rate
