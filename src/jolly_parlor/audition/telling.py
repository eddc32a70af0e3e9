"""What to listen for: where two sounds differ most, and at which note of a scale that is."""

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.signals.tones import note_name
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

_FLOOR_DB = 26.0
"""A third of an octave so far below the loudest one of the piece is not what one listens to."""
HEARD_DB = 1.0
"""Smaller differences of a band are seldom heard (common practice, no source)."""
NO_DIFFERENCE = tr(
    "with this piece less than {heard_db:.0f} dB in every third of an octave", heard_db=HEARD_DB
)
_APART_BANDS = 2
_NOTES_TO_HZ = 1000.0
CENTRES_HZ: FloatArray = np.asarray(10 ** (np.arange(13, 41) / 10), dtype=np.float64)
"""Third octaves from 20 Hz to 10 kHz (IEC 61260-1, base ten)."""


@dataclass(frozen=True)
class Telling:
    """A third of an octave where one sound is louder or softer than another."""

    hertz: float
    db: float
    """Of the one over the other."""

    @property
    def where(self) -> str:
        """`63 Hz (B1)`."""
        note = f" ({note_name(self.hertz)})" if self.hertz < _NOTES_TO_HZ else ""
        return tr("{usual} Hz{note}", usual=_usual(self.hertz), note=note)

    @property
    def short(self) -> str:
        """`63 Hz (B1) +6 dB`."""
        return with_minus(tr("{where} {db:+.0f} dB", where=self.where, db=self.db))

    def words(self) -> str:
        """`at 63 Hz (B1) it is 6 dB stronger`."""
        how = "stronger" if self.db > 0 else "weaker"
        return tr("at {where} it is {db:.0f} dB {how}", where=self.where, db=abs(self.db), how=how)


def thirds_db(spectrum: NDArray[np.complexfloating], bin_hz: float) -> FloatArray:
    """Level in each third of an octave, all ears on power, (CENTRES_HZ,), of (ears, bins)."""
    edges = np.concatenate([CENTRES_HZ * 10**-0.05, [CENTRES_HZ[-1] * 10**0.05]])
    at = np.clip(np.ceil(edges / bin_hz).astype(int), 0, spectrum.shape[1])
    power = (np.abs(spectrum[:, : at[-1]]) ** 2).mean(axis=0)
    summed = np.concatenate([[0.0], np.cumsum(power, dtype=np.float64)])
    band = summed[at[1:]] - summed[at[:-1]]
    return np.asarray(10 * np.log10(np.maximum(band, 1e-20)))


def tellings(one_db: FloatArray, other_db: FloatArray, most: int = 3) -> list[Telling]:
    """Where they differ most to the ear: by decibels, less where the piece has little; bands next
    to a chosen one are taken for the same thing.
    """
    loud = np.maximum(one_db, other_db)
    heard = np.clip(1 - (loud.max() - loud) / _FLOOR_DB, 0.0, 1.0)
    gap = one_db - other_db
    weight = np.abs(gap) * heard
    found: list[int] = []
    for band in np.argsort(-weight):
        near = any(abs(band - other) < _APART_BANDS for other in found)
        if len(found) < most and abs(gap[band]) >= HEARD_DB and heard[band] > 0 and not near:
            found.append(int(band))
    return [Telling(float(CENTRES_HZ[band]), float(gap[band])) for band in found]


def telling_words(one: str, found: list[Telling]) -> str:
    if not found:
        return tr(
            "“{one}”: {no_difference}; another piece may tell more.",
            one=one,
            no_difference=NO_DIFFERENCE,
        )
    return tr("Listen to “{one}”: {join}.", one=one, join=", ".join(each.words() for each in found))


def _usual(hertz: float) -> str:
    """The nominal frequency of a third octave."""
    step = round(10 * np.log10(hertz))
    nominal = (10, 12.5, 16, 20, 25, 31.5, 40, 50, 63, 80)[step % 10]
    return f"{nominal * 10 ** (step // 10 - 1):g}"
