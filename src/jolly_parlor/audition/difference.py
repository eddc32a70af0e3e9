"""What one place is louder or softer than another by, as a filter: for listening through the very
loudspeakers that are judged, in the room that they are judged in, which must not be heard twice.

Only level over frequency is in it; what rings, and where from, stays as the room has it now.
"""

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.fields.early_images import faded_in
from jolly_parlor.audition.auralisation import Heard
from jolly_parlor.audition.transfers import BINS_HZ
from jolly_parlor.placement.evenness import Deviation, grid_between
from jolly_parlor.signals.phase import minimum_phase_deg
from jolly_parlor.words import tr

MOST_UP_DB, MOST_DOWN_DB = 9.0, 18.0
"""No louder at any frequency, for the sake of loudspeakers and ears; a hollow may be deeper."""
_EDGE = 2 ** (1 / 3)
LIMITS = tr(
    "Played where you sit now, only what changes in level from "
    "{{low:.0f}} to {{high:.0f}} Hz is added to what you hear anyway: "
    "no more than {most_up_db:.0f} dB up, hollows that the room makes "
    "now are filled only where you sit, and what rings stays.",
    most_up_db=MOST_UP_DB,
)


def difference_db(now: Deviation, other: Deviation) -> FloatArray:
    """By how much the other is louder at BINS_HZ, each against its own mean over what both cover;
    bounded, nothing beyond a third of an octave outside that.
    """
    low, high = max(now.low_hz, other.low_hz), min(now.high_hz, other.high_hz)
    f = grid_between(low, high)
    gap = np.interp(f, other.frequencies_hz, other.deviation_db) - np.interp(
        f, now.frequencies_hz, now.deviation_db
    )
    gap = np.clip(gap - gap.mean(), -MOST_DOWN_DB, MOST_UP_DB)
    whole = np.interp(np.log(np.maximum(BINS_HZ, 1.0)), np.log(f), gap)
    below = faded_in(BINS_HZ, low / _EDGE, low)
    above = 1 - faded_in(BINS_HZ, high, high * _EDGE)
    return np.asarray(whole * below * above)


def difference_filter(level_db: FloatArray) -> Heard:
    """Levels at BINS_HZ as a filter of least phase, the same for both loudspeakers."""
    turned = np.radians(minimum_phase_deg(level_db))
    one = np.fft.irfft(10 ** (level_db / 20) * np.exp(1j * turned))
    samples = np.zeros((2, 2, one.size))
    samples[0, 0] = samples[1, 1] = one
    return Heard(samples, 0.0)
