"""Takes around a head: their mean on power, and how far they spread."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray, root_mean_square
from jolly_parlor.placement.evenness import HIGHEST_HZ, SMOOTHING_PER_OCTAVE
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.smoothing import smooth_level_db
from jolly_parlor.words import tr


@dataclass(frozen=True, eq=False)
class Around:
    """What several points have in common."""

    mean: Response
    """Mean on power; it has no phase."""
    spread_db: FloatArray
    """Standard deviation of the smoothed levels over the points, at each frequency of the mean."""

    def spread_between(self, low_hz: float, high_hz: float = HIGHEST_HZ) -> float:
        """Root mean square of the spread over a band, dB."""
        f = self.mean.frequencies_hz
        inside = (f >= low_hz) & (f <= high_hz)
        return root_mean_square(self.spread_db[inside])


def around(responses: Sequence[Response]) -> Around:
    """Mean and spread of two or more responses, on the first's frequencies that all cover.

    Raises Refused for fewer than two.
    """
    if len(responses) < 2:
        raise Refused(tr("A mean over the head needs takes at two points or more."))
    low = max(r.frequencies_hz[0] for r in responses)
    high = min(r.frequencies_hz[-1] for r in responses)
    f = responses[0].frequencies_hz
    f = f[(f >= low) & (f <= high)]
    levels = np.array([np.interp(f, r.frequencies_hz, r.level_db) for r in responses])
    mean = 10 * np.log10(np.mean(10 ** (levels / 10), axis=0))
    smooth = smooth_level_db(f, levels, f, SMOOTHING_PER_OCTAVE)
    return Around(Response(f, mean), np.asarray(np.std(smooth, axis=0)))
