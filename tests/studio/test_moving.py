"""A moving microphone against the truth: filters in turn, their power averaged by hand."""

from collections.abc import Callable

import numpy as np
import pytest
from scipy import signal

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.project.document import Document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.signals.smoothing import smooth_level_db
from jolly_parlor.studio.device import Progress, Recording, Stage
from jolly_parlor.studio.moving_microphone import measure_moving

RATE = 48000
PLACES = [signal.butter(2, hz, fs=RATE) for hz in (300.0, 900.0, 2500.0)]


class Wanders:
    """A device whose microphone is at three places in turn, for as long at each."""

    name, simulated, sample_rate, full_scale_db_spl = "made up", False, RATE, 100.0

    def record(
        self,
        sound: FloatArray,
        source: str,
        stage: Stage,
        after_seconds: float,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> Recording:
        heard = np.array([signal.lfilter(*place, sound) for place in PLACES])
        period = round(1.5 * RATE)
        turn = ((np.arange(sound.size) // period - 1) // 4) % 3
        at = np.take_along_axis(heard, turn[None, :], axis=0)[0]
        murmur = 1e-6 * np.random.default_rng(0).standard_normal(sound.size)
        return Recording(at + murmur, RATE)


@pytest.mark.parametrize("per_octave", [6, 3])
def test_the_mean_on_power_over_the_way(kiln: Document, per_octave: int) -> None:
    stage = stage_of(kiln, kiln.arrangements[0], "desk")
    found = measure_moving(Wanders(), -20.0, "left", stage, seconds=13 * 1.5, per_octave=per_octave)
    f = found.response.frequencies_hz
    fine = np.geomspace(20, 20_000, 20_000)
    powers = [np.abs(signal.freqz(*place, fine, fs=RATE)[1]) ** 2 for place in PLACES]
    level = 100 + 10 * np.log10(np.mean(powers, axis=0))
    inside = (f > 40) & (f < 8000)
    expected = smooth_level_db(fine, level, f[inside], per_octave)
    assert found.response.level_db[inside] == pytest.approx(expected, abs=0.25)
    assert found.response.phase_deg is None and found.impulse is None
    assert found.timing == "none" and found.verdict.mark == "doubtful"  # no calibration
    assert any(f"1/{per_octave} octave: a level without" in w for w in found.verdict.words)
