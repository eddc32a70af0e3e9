"""Sound files: WAV, FLAC and AIFF in, WAV out: 16, 24, 32 bit and float, any number of channels."""

import io
from contextlib import nullcontext
from pathlib import Path
from typing import Any, BinaryIO

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.inputs import regular
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

SOUND_SUFFIXES = (".wav", ".flac", ".aif", ".aiff")
"""Of files that are read as sounds."""
_RATES_HZ = (4000, 768_000)
MOST_FRAMES, _MOST_SAMPLES = 4_000_000, 16_000_000
"""Of a channel, 83 seconds at 48 000 a second, and over all channels: what is worked out of them
takes a hundred bytes a sample.
"""
_MOST_CHANNELS = 64
_LARGEST_FILE = 160_000_000
"""Bytes: all samples at 64 bit, and what else a file may hold."""


class WavRefused(Refused):
    """A file that is no usable WAV; the message names it and says why."""


def read_wav(file: Path | BinaryIO, name: str) -> tuple[FloatArray, int]:
    """Samples (frames, channels), full scale 1, and the sample rate.

    Raises WavRefused with one plain sentence.
    """
    import soundfile  # imported here: only those who measure need it

    try:
        opened = regular(file, _LARGEST_FILE) if isinstance(file, Path) else nullcontext(file)
        with opened as source, soundfile.SoundFile(source) as sound:
            rate = int(sound.samplerate)
            if not _RATES_HZ[0] <= rate <= _RATES_HZ[1]:
                raise WavRefused(
                    tr(
                        "{name} says it has {rate} samples a second; {rates_hz} to "
                        "{rates_hz2} can be read.",
                        name=name,
                        rate=rate,
                        rates_hz=_RATES_HZ[0],
                        rates_hz2=_RATES_HZ[1],
                    )
                )
            if sound.channels > _MOST_CHANNELS or sound.frames * sound.channels > _MOST_SAMPLES:
                raise WavRefused(
                    tr(
                        "{name} holds {channels} channels of {frames} samples, more than "
                        "this program reads; cut it to the recording of one sweep.",
                        name=name,
                        channels=sound.channels,
                        frames=sound.frames,
                    )
                )
            if sound.frames > MOST_FRAMES:
                raise WavRefused(
                    tr(
                        "{name} lasts {seconds:.0f} s; at {rate} samples a second {most:.0f} s can "
                        "be read: cut it to one sweep, or to the response.",
                        name=name,
                        seconds=sound.frames / rate,
                        rate=rate,
                        most=MOST_FRAMES / rate,
                    )
                )
            samples = np.asarray(sound.read(dtype="float64", always_2d=True))
    except WavRefused:
        raise
    except (soundfile.LibsndfileError, RuntimeError, OSError, ValueError, TypeError) as error:
        why = getattr(error, "strerror", None) or error
        raise WavRefused(
            tr("{name} could not be read as a sound: {error}", name=name, error=why)
        ) from None
    if samples.shape[0] < 16 or not np.all(np.isfinite(samples)):
        raise WavRefused(
            tr("{name} holds no sound: {shape} samples.", name=name, shape=samples.shape[0])
        )
    return samples, rate


def wav_bytes(samples: FloatArray, sample_rate: int) -> bytes:
    """A WAV of 32-bit floats, which keep any level; (samples,) or (samples, channels)."""
    return _written(samples.astype(np.float32), sample_rate, "FLOAT")


def wav_to_hear(samples: FloatArray, sample_rate: int) -> bytes:
    """A WAV of 24 bit, which every player reads; (samples,) or (samples, channels), within ±1."""
    return _written(samples, sample_rate, "PCM_24")


def _written(samples: NDArray[Any], sample_rate: int, subtype: str) -> bytes:
    import soundfile

    out = io.BytesIO()
    soundfile.write(out, samples, sample_rate, format="WAV", subtype=subtype)
    return out.getvalue()
