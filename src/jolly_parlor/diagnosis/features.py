"""Peaks and dips of a deviation."""

from dataclasses import dataclass
from typing import Literal

import numpy as np

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
    """Above its flanks, and no more than its size against even."""

    @property
    def severity(self) -> float:
        """How much it matters: dips weigh more, as in Evenness."""
        return self.prominence_db * (DIP_WEIGHT if self.kind == "hollow" else 1.0)


def features(of: Deviation) -> list[Feature]:
    """Peaks above and dips below even by 3 dB or more, worst first."""
    # Imported here because scipy.signal takes over a second, which a starting window would wait.
    from scipy.signal import find_peaks, peak_prominences

    f, d = of.frequencies_hz[of.in_band], of.deviation_db[of.in_band]
    found: list[Feature] = []
    kinds: tuple[tuple[FeatureKind, float], ...] = (("hill", 1.0), ("hollow", -1.0))
    for kind, sign in kinds:
        # The band's ends count as flanks down to even, so that a peak near an edge is not lost.
        curve = np.concatenate([[0.0], sign * d, [0.0]])
        at, _ = find_peaks(curve, height=_LEAST_DB, prominence=_LEAST_DB)
        prominence = peak_prominences(curve, at)[0]
        for index, rise in zip(at - 1, prominence, strict=True):
            if 0 < index < f.size - 1:
                size = min(float(rise), abs(float(d[index])))
                found.append(Feature(kind, float(f[index]), float(d[index]), size))
    return sorted(found, key=lambda feature: -feature.severity)
