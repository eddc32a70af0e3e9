"""Any file a response can be had from: text of a response, or a WAV of an impulse response."""

from collections.abc import Sequence
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.reading import ReadResponse, ResponseFileError, read_response
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.wav import SOUND_SUFFIXES, WavRefused, read_wav
from jolly_parlor.words import plural, tr

SUFFIXES = (".txt", ".csv", ".frd", ".dat", ".tsv", ".wav")
TAKE_HZ: FloatArray = log_grid(10.0, 20000.0, 48)
"""The frequencies a response made here is kept at."""
_KEPT_SECONDS, _BEFORE_SECONDS, _AFTER_SECONDS = 10.0, 1.0, 8.0


def read_take(
    path: Path,
    channel: int = 1,
    curve: str | None = None,
    columns: Sequence[str] | None = None,
) -> ReadResponse:
    """Read a response. Raises ResponseFileError with one plain sentence.

    channel: of a sound with several, from 1. curve: of a text with several, its name. columns: what
    those of a text are to be taken for (`read_response`).
    """
    if path.suffix.lower() not in SOUND_SUFFIXES:
        return read_response(path, curve, columns)
    try:
        samples, rate = read_wav(path, path.name)
    except WavRefused as error:
        raise ResponseFileError(str(error)) from None
    channels = samples.shape[1]
    if not 1 <= channel <= channels:
        raise ResponseFileError(
            plural(
                channels,
                "{name} has {count} channel; there is no number {channel}.",
                "{name} has {count} channels; there is no number {channel}.",
                name=path.name,
                channel=channel,
            )
        )
    one = samples[:, channel - 1]
    if not np.any(one):
        raise ResponseFileError(
            tr("{name}, channel {channel}: nothing but silence.", name=path.name, channel=channel)
        )
    impulse = ImpulseResponse(one, rate)
    arrival = impulse.arrival_seconds()
    notes = [tr("Impulse response, {size:.2f} s at {rate} Hz.", size=one.size / rate, rate=rate)]
    if one.size > _KEPT_SECONDS * rate:
        # What rings in a room has died away long before, and the rest would be noise.
        impulse = impulse.between(arrival - _BEFORE_SECONDS, arrival + _AFTER_SECONDS)
        one = impulse.samples
        notes.append(
            tr(
                "Of it {before:g} s before the arrival and {after:g} s after it are kept.",
                before=_BEFORE_SECONDS,
                after=_AFTER_SECONDS,
            )
        )
    if channels > 1:
        notes.append(tr("Channel {channel} of {channels}.", channel=channel, channels=channels))
    rest = impulse.end_seconds - arrival
    if rest < 0.1:
        raise ResponseFileError(
            tr(
                "{name}: only {rest:.0f} ms follow the arrival at {arrival:.2f} s; "
                "an impulse response of a room needs a tenth of a second at least.",
                name=path.name,
                rest=rest * 1000,
                arrival=arrival,
            )
        )
    f = TAKE_HZ[(0.45 * rate > TAKE_HZ) & (1 / (one.size / rate) < TAKE_HZ)]
    return ReadResponse(Response.from_pressure(f, impulse.pressure(f)), tuple(notes), impulse)
