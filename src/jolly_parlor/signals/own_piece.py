"""The user's own music as a programme: WAV or FLAC, one or two channels, any usual rate."""

from dataclasses import dataclass
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.inputs import regular
from jolly_parlor.refused import Refused
from jolly_parlor.signals.looping import Loop, as_loop
from jolly_parlor.signals.resampling import resampled
from jolly_parlor.words import plural, tr

SUFFIXES = (".wav", ".flac")
LOOP_SECONDS = 30.0
"""As much of a piece as goes round: longer, and what was heard before is forgotten."""
_SEAM_SECONDS = 0.05
_RATES_HZ = (8000, 192_000)
_LARGEST_FILE = 4_000_000_000
"""Bytes; only the part that goes round is read."""
_CLIPPED_AT, _CLIPPED_RUN = 0.999, 3
"""So many samples in a row at full scale are the flat top of a wave that was cut off."""


class PieceRefused(Refused):
    """A file that is no programme; the message names it and says why."""


@dataclass(frozen=True, eq=False)
class OwnPiece:
    """A part of a file, ready to go round."""

    name: str
    loop: Loop
    notes: tuple[str, ...]
    """What must be said of it, in sentences."""


def read_piece(path: Path, sample_rate: int, from_seconds: float = 0.0) -> OwnPiece:
    """Up to LOOP_SECONDS of a file from a moment on. Raises PieceRefused in one sentence."""
    name = path.name
    samples, rate, whole = _read(path, from_seconds)
    if not np.all(np.isfinite(samples)):
        raise PieceRefused(tr("{name} holds values that are no numbers; save it anew.", name=name))
    if not np.any(samples):
        where = tr(" from {from_seconds:g} s on", from_seconds=from_seconds) if from_seconds else ""
        raise PieceRefused(
            tr("{name} is silent{where}; choose another piece or moment.", name=name, where=where)
        )
    notes = []
    if samples.shape[1] == 1:
        notes.append(tr("{name} has one channel: both loudspeakers play it.", name=name))
    cut = clipped_places(samples)
    if cut:
        notes.append(
            plural(
                cut,
                "{name} is clipped in {count} place: what breaks up there is "
                "in the recording, not in the room.",
                "{name} is clipped in {count} places: what breaks up there is "
                "in the recording, not in the room.",
                name=name,
            )
        )
    if whole > LOOP_SECONDS + from_seconds:
        end = from_seconds + LOOP_SECONDS
        notes.append(
            tr(
                "{from_seconds:g} to {end:g} s of {whole:.0f} s go round.",
                from_seconds=from_seconds,
                end=end,
                whole=whole,
            )
        )
    if rate != sample_rate:
        samples = resampled(samples, rate, sample_rate)
        notes.append(
            tr("{rate} Hz, resampled to {sample_rate} Hz.", rate=rate, sample_rate=sample_rate)
        )
    if samples.shape[1] == 1:
        samples = np.repeat(samples, 2, axis=1)
    try:
        loop = as_loop(samples, sample_rate, _SEAM_SECONDS)
    except Refused as error:
        raise PieceRefused(f"{name}: {error}") from None
    return OwnPiece(path.stem, loop, tuple(notes))


def clipped_places(samples: FloatArray) -> int:
    """How often (samples, channels) stay at their highest for _CLIPPED_RUN samples or more, where
    that is full scale.
    """
    count = 0
    for channel in np.abs(samples.T):
        flat = (channel >= _CLIPPED_AT).astype(np.int8)
        steps = np.flatnonzero(np.diff(np.concatenate([[0], flat, [0]])))
        count += int(np.sum(steps[1::2] - steps[::2] >= _CLIPPED_RUN))
    return count


def _read(path: Path, from_seconds: float) -> tuple[FloatArray, int, float]:
    """Samples (frames, channels), their rate, and how long the whole file lasts."""
    import soundfile  # imported here: only those who listen need it

    name = path.name
    if path.suffix.lower() not in SUFFIXES:
        raise PieceRefused(
            tr("{name} is neither WAV nor FLAC; save it as one of these.", name=name)
        )
    if not path.exists():
        raise PieceRefused(tr("There is no file {path}.", path=path))
    try:
        with regular(path, _LARGEST_FILE) as source, soundfile.SoundFile(source) as sound:
            rate, channels = int(sound.samplerate), int(sound.channels)
            if not _RATES_HZ[0] <= rate <= _RATES_HZ[1]:
                raise PieceRefused(
                    tr(
                        "{name} has {rate} samples a second; {rates_hz} to {rates_hz2} can "
                        "be played.",
                        name=name,
                        rate=rate,
                        rates_hz=_RATES_HZ[0],
                        rates_hz2=_RATES_HZ[1],
                    )
                )
            if channels > 2:
                raise PieceRefused(
                    tr(
                        "{name} has {channels} channels; give one with one or two.",
                        name=name,
                        channels=channels,
                    )
                )
            whole = sound.frames / rate
            if not 0 <= from_seconds <= max(whole - 1.0, 0.0):
                raise PieceRefused(
                    tr(
                        "{name} lasts {whole:.1f} s; begin a second or more before its end.",
                        name=name,
                        whole=whole,
                    )
                )
            sound.seek(round(from_seconds * rate))
            wanted = round((LOOP_SECONDS + _SEAM_SECONDS) * rate)
            samples = np.asarray(sound.read(wanted, dtype="float64", always_2d=True))
    except (soundfile.LibsndfileError, RuntimeError, OSError, ValueError, TypeError) as error:
        if isinstance(error, Refused):
            raise
        raise PieceRefused(
            tr(
                "{name} could not be read as WAV or FLAC: {error}",
                name=name,
                error=getattr(error, "strerror", None) or error,
            )
        ) from None
    return samples, rate, whole
