"""What each subwoofer does by itself, and its share of the work, by third of an octave."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.placement.chains import FLAT, Chain
from jolly_parlor.words import tr

THIRDS_HZ = (10.0, 12.5, 16.0, 20.0, 25.0, 31.5, 40.0, 50.0, 63.0, 80.0, 100.0, 125.0)
"""ISO 266 preferred frequencies."""
GRID_HZ: FloatArray = log_grid(8.5, 150.0, 24)
"""What is worked out for them: eight frequencies in each third, and a little beyond."""
IDLE_DB, IDLE_TO_HZ = 10.0, 40.0
"""A subwoofer so far below the loudest up to here does no work (common practice, no source)."""


@dataclass(frozen=True, eq=False)
class Shares:
    """Of the subwoofers at one seat; levels (subwoofers, thirds) in dB, each through its chain. NaN
    where a take does not reach.
    """

    names: tuple[str, ...]
    levels_db: FloatArray
    share: FloatArray
    """Of the power all bring, 0 to 1, (subwoofers, thirds)."""

    def below_loudest_db(self) -> dict[str, float]:
        """How far each lies below the loudest, as the mean of power from 10 to 40 Hz as far as it
        is known; 0 for all where nothing of it is.
        """
        low = (np.array(THIRDS_HZ) <= IDLE_TO_HZ) & np.all(np.isfinite(self.levels_db), axis=0)
        if not np.any(low):
            return dict.fromkeys(self.names, 0.0)
        power = 10 * np.log10(np.mean(10 ** (self.levels_db[:, low] / 10), axis=1))
        return dict(zip(self.names, (power.max() - power).tolist(), strict=True))

    def idle(self) -> list[str]:
        """Those that do no work while another does it."""
        return [name for name, below in self.below_loudest_db().items() if below > IDLE_DB]


def shares(
    sources: Mapping[str, ComplexArray], chains: Mapping[str, Chain], frequencies_hz: FloatArray
) -> Shares:
    """Of subwoofers at one place: sources their flat pressures, (frequencies,)."""
    names = tuple(sources)
    fed = [sources[name] * chains.get(name, FLAT).response(frequencies_hz, True) for name in names]
    powers = np.array([thirds_power(pressure, frequencies_hz) for pressure in fed])
    return Shares(names, 10 * np.log10(np.maximum(powers, 1e-30)), powers / powers.sum(axis=0))


def thirds_power(pressure: ComplexArray, frequencies_hz: FloatArray) -> FloatArray:
    """Mean power over each third of an octave (IEC 61260-1: base ten, 10^(1/20) either way),
    (..., frequencies) to (..., thirds); NaN in thirds that are not covered whole.
    """
    power = np.abs(pressure) ** 2
    half = 10**0.05
    low, high = frequencies_hz[0], frequencies_hz[-1]
    found = np.full((*power.shape[:-1], len(THIRDS_HZ)), np.nan)
    for n, f in enumerate(THIRDS_HZ):
        band = (frequencies_hz >= f / half - 1e-9) & (frequencies_hz <= f * half + 1e-9)
        # A sixth of the band may be wanting at an end: the lowest third of a take from 10 Hz on.
        covered = low <= f and high >= f and np.count_nonzero(band)
        if covered:
            found[..., n] = power[..., band].mean(axis=-1)
    return found


def idle_words(found: Shares) -> list[str]:
    """Which does no work, and the remedy, each in a sentence."""
    below = found.below_loudest_db()
    loudest = min(below, key=lambda name: below[name])
    return [
        tr(
            "{name} idles while {loudest} does the work: it lies {below:.0f} "
            "dB below it from 10 to 40 Hz at this seat. Move it before any "
            "electronics.",
            name=name,
            loudest=loudest,
            below=below[name],
        )
        for name in found.idle()
    ]


def seat_variance_db2(levels_db: Sequence[FloatArray]) -> float:
    """How much seats differ: the variance of level over the seats, averaged over frequency, dB^2
    (mean spatial variance, Welti & Devantier 2006, from memory). levels_db: of each seat,
    (frequencies,), NaN where one is not known.
    """
    return float(np.nanmean(np.var(np.array(levels_db), axis=0)))
