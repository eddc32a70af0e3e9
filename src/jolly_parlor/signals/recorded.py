"""Sweeps recorded elsewhere: the recording and what was played become an impulse response."""

from dataclasses import dataclass
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.signals.calibration import Calibration
from jolly_parlor.signals.importing import TAKE_HZ
from jolly_parlor.signals.impulse import (
    ImpulseResponse,
    deconvolved,
    deconvolved_by,
    linear_part,
)
from jolly_parlor.signals.reading import ReadResponse, ResponseFileError
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.signals.wav import WavRefused, read_wav
from jolly_parlor.words import tr

_FULL_SCALE = 0.9995


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
        if played.file is not None:
            sound, sweep_rate = _one_channel(played.file, 1)
            if sweep_rate != rate:
                raise ResponseFileError(
                    tr(
                        "{name} has {sweep_rate} samples a second, {name2} has {rate}: "
                        "record at the rate of the sweep.",
                        name=played.file.name,
                        sweep_rate=sweep_rate,
                        name2=path.name,
                        rate=rate,
                    )
                )
            whole = deconvolved_by(heard, sound, rate)
            impulse = whole.gated(0.1, 1.0)
        else:
            sweep = played.sweep(rate)
            impulse = linear_part(deconvolved(heard, sweep), sweep)
    except ResponseFileError:
        raise
    except WavRefused as error:
        raise ResponseFileError(str(error)) from None
    except Refused as error:
        raise ResponseFileError(f"{path.name}: {error}") from None
    return _read(path, heard, impulse, calibration)


def _read(
    path: Path, heard: FloatArray, impulse: ImpulseResponse, calibration: Calibration | None
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
    if calibration is not None:
        pressure = pressure / calibration.factor(f)
        impulse = impulse.without(calibration.factor)
        notes.append(tr("{name} taken away.", name=calibration.name))
    if float(np.max(np.abs(heard))) >= _FULL_SCALE:
        notes.append(tr("The recording reaches full scale: it may be clipped."))
    return ReadResponse(Response.from_pressure(f, pressure), tuple(notes), impulse)


def looks_recorded(path: Path) -> bool:
    """Whether a WAV is more likely the recording of a sweep than an impulse response: an impulse
    response of a room has most of its energy within half a second.
    """
    if path.suffix.lower() != ".wav":
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
