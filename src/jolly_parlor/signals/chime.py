"""The call for the next place of the microphone: two notes, the second higher."""

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray

_NOTES_HZ, _NOTE_SECONDS, _PEAK = (440.0, 660.0), 0.35, 0.5


def called(sample_rate: int) -> FloatArray:
    """(samples,), each note begun and ended softly."""
    t = np.arange(round(_NOTE_SECONDS * sample_rate)) / sample_rate
    soft = np.sin(np.pi * t / _NOTE_SECONDS) ** 2
    return np.concatenate([_PEAK * soft * np.sin(2 * np.pi * hz * t) for hz in _NOTES_HZ])
