"""Decay times against pyrato, run here: the same impulse responses, the same ranges."""

import numpy as np
import pytest

pytestmark = pytest.mark.filterwarnings("ignore")  # of what pyrato loads

RATE = 8000


@pytest.mark.parametrize("seconds", [0.25, 0.6, 1.4])
def test_decay_times_are_those_of_a_general_purpose_library(seconds: float) -> None:
    import pyfar
    from pyrato.edc import schroeder_integration
    from pyrato.parameters import reverberation_time_linear_regression

    from jolly_parlor.signals.decay import decay_of_samples

    t = np.arange(int(3.0 * seconds * RATE)) / RATE
    samples = np.random.default_rng(7).normal(size=t.size) * 10 ** (-3 * t / seconds)
    samples[0] = 10.0  # where it begins
    found = decay_of_samples(samples, RATE)
    assert found.kind == "T30"
    edc = schroeder_integration(pyfar.Signal(samples, RATE))
    from_nought_db = pyfar.TimeData(edc.time / edc.time[0, 0], edc.times)
    theirs = float(np.squeeze(reverberation_time_linear_regression(from_nought_db, "T30")))
    assert found.seconds == pytest.approx(theirs, rel=0.002)
