"""Peaks and dips of a deviation."""

from dataclasses import dataclass
from typing import Literal

import numpy as np
from scipy.signal import find_peaks, peak_prominences

from jolly_parlor.placement.evenness import DIP_WEIGHT, Deviation

FeatureKind = Literal["hill", "hollow"]
_LEAST_DB = 3.0  # smaller than this neither height nor prominence is worth a sentence


@dataclass(frozen=True)
class Feature:
    """One peak or dip within the judged band."""

    kind: FeatureKind
    frequency_hz: float
    level_db: float
    """Above (positive) or below (negative) even."""
    prominence_db: float

    @property
    def severity(self) -> float:
        """How much it matters: dips weigh more, as in Evenness."""
        size = min(abs(self.level_db), self.prominence_db)
        return size * (DIP_WEIGHT if self.kind == "hollow" else 1.0)


def features(of: Deviation) -> list[Feature]:
    """Peaks above and dips below even by 3 dB or more, worst first."""
    f, d = of.frequencies_hz[of.in_band], of.deviation_db[of.in_band]
    found: list[Feature] = []
    kinds: tuple[tuple[FeatureKind, float], ...] = (("hill", 1.0), ("hollow", -1.0))
    for kind, sign in kinds:
        # The band's ends count as flanks, so that a peak at the very edge is not lost.
        curve = np.concatenate([[-60.0], sign * d, [-60.0]])
        at, _ = find_peaks(curve, height=_LEAST_DB, prominence=_LEAST_DB)
        prominence = peak_prominences(curve, at)[0]
        for index, rise in zip(at - 1, prominence, strict=True):
            if 0 < index < f.size - 1:
                found.append(Feature(kind, float(f[index]), float(d[index]), float(rise)))
    return sorted(found, key=lambda feature: -feature.severity)
