"""Sounds that go round: heard through filters without a seam, and made equally loud.

A loop through a filter is its circular convolution: what still rings at the end goes on at the
beginning, as it does in a room where the loop has been playing for a while.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

Sound = NDArray[np.float32]
"""(samples, 2), as it is played."""
LOUDNESS_LUFS = -23.0
"""Of whatever is played: the programme loudness of EBU R 128."""
TOP_DB = -1.0
"""No peak is higher, below full scale: no converter clips between samples."""
_SILENT = 1e-3
ALIKE_DB = 0.1
"""Within this, sounds count as equally loud."""


@dataclass(frozen=True, eq=False)
class Loop:
    """A programme that goes round, (samples, 2), full scale 1."""

    samples: Sound
    sample_rate: int

    @cached_property
    def spectrum(self) -> NDArray[np.complex64]:
        """Of both channels, (2, bins)."""
        from scipy import fft  # imported here: starting the window need not wait for it

        return np.asarray(fft.rfft(np.ascontiguousarray(self.samples.T), workers=2))

    def through(self, filters: FloatArray) -> NDArray[np.complex64]:
        """Its spectrum at the ears, (ears, bins). filters: impulse responses, (ears, channels,
        samples), at the same sample rate.
        """
        from scipy import fft

        folded = _folded(filters.astype(np.float32), self.samples.shape[0])
        ears = np.einsum("ecf,cf->ef", fft.rfft(folded, workers=2), self.spectrum)
        return np.asarray(ears, dtype=np.complex64)

    def sound(self, spectrum: NDArray[np.complex64]) -> Sound:
        """What two ears hear of a spectrum at (ears, bins); of one ear, both hear it."""
        from scipy import fft

        count = self.samples.shape[0]
        ears = fft.irfft(spectrum, count, workers=2)
        return np.ascontiguousarray(np.broadcast_to(ears, (2, count)).T, dtype=np.float32)


def _folded(filters: Sound, count: int) -> Sound:
    """Filters of any length as one round of the loop hears them."""
    rounds = -(-filters.shape[-1] // count)
    wide = np.zeros((*filters.shape[:-1], rounds * count), np.float32)
    wide[..., : filters.shape[-1]] = filters
    return np.asarray(wide.reshape(*filters.shape[:-1], rounds, count).sum(axis=-2))


@dataclass(frozen=True, eq=False)
class Matched:
    """Sounds made equally loud, in the order given."""

    sounds: tuple[Sound, ...]
    gains_db: tuple[float, ...]
    """What each was changed by."""
    loudness_lufs: float
    """Of each, as they are now."""


def matched(sounds: Sequence[Sound], lufs: Sequence[float]) -> Matched:
    """Sounds whose loudness after ITU-R BS.1770 is known, all at LOUDNESS_LUFS; all quieter alike
    where a peak of one would pass TOP_DB.
    """
    gains = [LOUDNESS_LUFS - loud for loud in lufs]
    tops = [
        20 * np.log10(float(np.max(np.abs(sound)))) + gain
        for sound, gain in zip(sounds, gains, strict=True)
    ]
    alike = min(TOP_DB - max(tops), 0.0)
    gains = [gain + alike for gain in gains]
    made = tuple(
        np.asarray(sound * np.float32(10 ** (gain / 20)), dtype=np.float32)
        for sound, gain in zip(sounds, gains, strict=True)
    )
    return Matched(made, tuple(gains), LOUDNESS_LUFS + alike)


def as_loop(samples: FloatArray, sample_rate: int, seam_seconds: float = 0.0) -> Loop:
    """(samples,) or (samples, 2) as a loop. seam_seconds: so much of the end is faded over into
    the beginning, for what was not made to go round. Raises Refused for less than a second.
    """
    both = samples if samples.ndim == 2 else np.stack([samples, samples], axis=1)
    seam = round(seam_seconds * sample_rate)
    if both.shape[0] - seam < sample_rate:
        raise Refused(tr("It is shorter than a second; give a piece of one second or more."))
    if seam:
        share = np.linspace(0.0, 1.0, seam)[:, None]
        head = np.sqrt(share) * both[:seam] + np.sqrt(1 - share) * both[-seam:]
        both = np.concatenate([head, both[seam:-seam]])
    return Loop(_quick(np.asarray(both, dtype=np.float32)), sample_rate)


def _quick(both: Sound) -> Sound:
    """With a moment of silence more where it begins and ends in silence: a
    length of small factors is transformed several times sooner.
    """
    from scipy import fft

    count = both.shape[0]
    if np.max(np.abs(both[[0, -1]])) < _SILENT:
        return np.pad(both, ((0, fft.next_fast_len(count, real=True) - count), (0, 0)))
    return both
