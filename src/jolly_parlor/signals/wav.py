"""WAV files in and out: 16, 24, 32 bit and float, any number of channels."""

import io
from pathlib import Path
from typing import BinaryIO

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray

_LONGEST_SECONDS = 600.0


class WavRefused(ValueError):
    """A file that is no usable WAV; the message names it and says why."""


def read_wav(file: Path | BinaryIO, name: str) -> tuple[FloatArray, int]:
    """Samples (frames, channels), full scale 1, and the sample rate.

    Raises WavRefused with one plain sentence.
    """
    import soundfile  # imported here: only those who measure need it

    try:
        with soundfile.SoundFile(file) as sound:
            rate = int(sound.samplerate)
            if sound.frames > _LONGEST_SECONDS * rate:
                raise WavRefused(
                    f"{name} lasts {sound.frames / rate / 60:.0f} minutes; give a recording of "
                    "10 minutes at most."
                )
            samples = np.asarray(sound.read(dtype="float64", always_2d=True))
    except (soundfile.LibsndfileError, RuntimeError, OSError) as error:
        raise WavRefused(f"{name} could not be read as a WAV file: {error}") from None
    if samples.shape[0] < 16 or not np.all(np.isfinite(samples)):
        raise WavRefused(f"{name} holds no sound: {samples.shape[0]} samples.")
    return samples, rate


def wav_bytes(samples: FloatArray, sample_rate: int) -> bytes:
    """A mono WAV of 32-bit floats, which keep any level."""
    import soundfile

    out = io.BytesIO()
    soundfile.write(out, samples.astype(np.float32), sample_rate, format="WAV", subtype="FLOAT")
    return out.getvalue()
