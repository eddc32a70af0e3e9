"""Two coherent signals added: what level and phase between them make of the sum.

|1 + g e^(j phi)|^2 = 1 + g^2 + 2 g cos(phi): equal ones in phase +6 dB, at 90 degrees +3, at 120
degrees 0, and beyond that they cancel; and only where their levels are close.
"""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.words import tr

SOFTEST_DB = -24.0
_CLOSE_DB, _CANCELS_DEGREES = 10.0, 120.0
_IN_STEP_DB, _NOTHING_DB = 4.0, 1.5


@dataclass(frozen=True)
class Two:
    """The second signal against the first."""

    level_db: float
    phase_degrees: float

    @property
    def gain(self) -> float:
        """Of the second over the first."""
        return float(10 ** (self.level_db / 20))

    @property
    def sum_db(self) -> float:
        """Level of both over the first alone; minus infinity where nothing is left."""
        return float(sums_db(self.gain, np.array([self.phase_degrees]))[0])

    @property
    def weights(self) -> tuple[float, float]:
        """How much of a sine and of a cosine the sum is."""
        turned = np.radians(self.phase_degrees)
        return float(1 + self.gain * np.cos(turned)), float(self.gain * np.sin(turned))

    @property
    def words(self) -> str:
        """What that is in a room."""
        least = sums_db(self.gain, np.array([180.0]))[0]
        most = sums_db(self.gain, np.array([0.0]))[0]
        if self.level_db <= -_CLOSE_DB:
            return tr(
                "{level_db:.0f} dB softer, the second can add {most:.1f} dB at "
                "most and take away {least:.1f}: a reflection this soft has lost "
                "its power over the sum.",
                level_db=-self.level_db,
                most=most,
                least=-least,
            )
        total = self.sum_db
        if self.phase_degrees > _CANCELS_DEGREES and total < 0:
            return tr(
                "Beyond 120° the two cancel. No boost fills it: both grow alike. "
                "Only another distance, or a softer second signal, undoes it."
            )
        if total > _IN_STEP_DB:
            return tr(
                "In step, or nearly: what a wall close by does to the bass, and a sub in time."
            )
        if total > _NOTHING_DB:
            return tr("Neither in step nor against: about here the two add as strangers would.")
        return tr("The second adds no level any more: a little later, and the two cancel.")


def sums_db(gain: float, phase_degrees: FloatArray) -> FloatArray:
    """Level of the sum over the first alone, for a gain and phases, (phases,)."""
    power = 1 + gain**2 + 2 * gain * np.cos(np.radians(phase_degrees))
    with np.errstate(divide="ignore"):
        return np.asarray(10 * np.log10(np.where(power > 1e-12, power, 0.0)))
