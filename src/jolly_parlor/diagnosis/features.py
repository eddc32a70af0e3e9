"""Peaks and dips of a deviation."""

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.placement.evenness import (
    DIP_WEIGHT,
    HIGHEST_HZ,
    SMOOTHING_PER_OCTAVE,
    Deviation,
)
from jolly_parlor.placement.upper_range import UpperCurve

FeatureKind = Literal["hill", "hollow"]
_FLOORS, _LEAST_AGAINST_TREND_DB = 3.0, 1.0
_LEAST_DB = 3.0  # smaller than this neither height nor prominence is worth a sentence


@dataclass(frozen=True)
class Feature:
    """One peak or dip within the judged band."""

    kind: FeatureKind
    frequency_hz: float
    level_db: float
    """Above (positive) or below (negative) even."""
    prominence_db: float
    """Above its flanks, and no more than its size against even."""
    width_octaves: float = 0.0
    """Between the places half as far from its flanks."""
    trend_db: float = 0.0
    """Against the mean over the octave around it."""

    @property
    def severity(self) -> float:
        """How much it matters: dips weigh more, as in Evenness."""
        return self.prominence_db * (DIP_WEIGHT if self.kind == "hollow" else 1.0)


def features(of: Deviation, floor_db: float = 0.0) -> list[Feature]:
    """Peaks above and dips below even by 3 dB or more, worst first.

    floor_db: what two sweeps of the same thing differ by; smaller than three times that nothing
    counts.
    """
    f, d = of.frequencies_hz[of.in_band], of.deviation_db[of.in_band]
    return _found(f, d, floor_db)


def features_above(curve: UpperCurve, floor_db: float = 0.0) -> list[Feature]:
    """The same in the less certain range, 300 to 700 Hz."""
    beyond = curve.frequencies_hz > HIGHEST_HZ
    return _found(curve.frequencies_hz[beyond], curve.deviation_db[beyond], floor_db)


def same_feature(feature: Feature, among: Sequence[Feature]) -> Feature | None:
    """The one of another curve's that this must be: of its kind, within a smoothing band."""
    near = [
        f
        for f in among
        if f.kind == feature.kind
        and abs(np.log2(f.frequency_hz / feature.frequency_hz)) < 1 / SMOOTHING_PER_OCTAVE
    ]
    return min(near, key=lambda f: abs(f.frequency_hz - feature.frequency_hz), default=None)


def _found(f: FloatArray, d: FloatArray, floor_db: float) -> list[Feature]:
    # Imported here because scipy.signal takes over a second, which a starting window would wait.
    from scipy.signal import find_peaks, peak_prominences, peak_widths

    if f.size < 5:
        return []
    least = max(_LEAST_DB, _FLOORS * floor_db)
    trend = _trend(f, d)
    per_octave = (f.size - 1) / np.log2(f[-1] / f[0])
    found: list[Feature] = []
    kinds: tuple[tuple[FeatureKind, float], ...] = (("hill", 1.0), ("hollow", -1.0))
    for kind, sign in kinds:
        # The band's ends count as flanks down to even, so that a peak near an edge is not lost.
        curve = np.concatenate([[0.0], sign * d, [0.0]])
        at, _ = find_peaks(curve, height=least, prominence=least)
        prominence = peak_prominences(curve, at)[0]
        widths = peak_widths(curve, at)[0] / per_octave
        for index, rise, width in zip(at - 1, prominence, widths, strict=True):
            against = float(d[index] - trend[index])
            if 0 < index < f.size - 1 and sign * against >= _LEAST_AGAINST_TREND_DB:
                size = min(float(rise), abs(float(d[index])))
                level = float(d[index])
                found.append(Feature(kind, float(f[index]), level, size, float(width), against))
    return sorted(found, key=lambda feature: -feature.severity)


def _trend(f: FloatArray, d: FloatArray) -> FloatArray:
    """The mean over an octave around each frequency, shorter at the ends."""
    x = np.log2(f)
    near = np.abs(x[:, None] - x[None, :]) <= 0.5
    return np.asarray((near @ d) / near.sum(axis=1))
