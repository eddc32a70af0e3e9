"""Any file a response can be had from: text of a response, or a WAV of an impulse response."""

from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.reading import ReadResponse, ResponseFileError, read_response
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.wav import WavRefused, read_wav

SUFFIXES = (".txt", ".csv", ".frd", ".dat", ".tsv", ".wav")
TAKE_HZ: FloatArray = log_grid(10.0, 20000.0, 48)
"""The frequencies a response made here is kept at."""


def read_take(path: Path, channel: int = 1, curve: str | None = None) -> ReadResponse:
    """Read a response. Raises ResponseFileError with one plain sentence.

    channel: of a WAV with several, from 1. curve: of a text with several, its name.
    """
    if path.suffix.lower() != ".wav":
        return read_response(path, curve)
    try:
        samples, rate = read_wav(path, path.name)
    except WavRefused as error:
        raise ResponseFileError(str(error)) from None
    channels = samples.shape[1]
    if not 1 <= channel <= channels:
        raise ResponseFileError(
            f"{path.name} has {channels} channel{'s' * (channels > 1)}; there is no number "
            f"{channel}."
        )
    one = samples[:, channel - 1]
    if not np.any(one):
        raise ResponseFileError(f"{path.name}, channel {channel}: nothing but silence.")
    impulse = ImpulseResponse(one, rate)
    arrival = impulse.arrival_seconds()
    notes = [f"Impulse response, {one.size / rate:.2f} s at {rate} Hz."]
    if channels > 1:
        notes.append(f"Channel {channel} of {channels}.")
    rest = one.size / rate - arrival
    if rest < 0.1:
        raise ResponseFileError(
            f"{path.name}: only {rest * 1000:.0f} ms follow the arrival at {arrival:.2f} s; an "
            "impulse response of a room needs a tenth of a second at least."
        )
    f = TAKE_HZ[(0.45 * rate > TAKE_HZ) & (1 / (one.size / rate) < TAKE_HZ)]
    return ReadResponse(Response.from_pressure(f, impulse.pressure(f)), tuple(notes), impulse)
