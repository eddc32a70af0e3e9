"""What an impulse response tells, on a made-up one."""

import numpy as np
import pytest

from jolly_parlor.signals.analysis import telling
from jolly_parlor.signals.impulse import ImpulseResponse

RATE = 16000


def test_arrival_decay_and_delay_of_a_made_up_room() -> None:
    t = np.arange(2 * RATE) / RATE
    rng = np.random.default_rng(6)
    tail = rng.normal(size=t.size) * 10 ** (-3 * t / 0.6)
    h = np.concatenate([np.zeros(160), 0.05 * tail])
    h[160] = 4.0
    told = telling(ImpulseResponse(h, RATE, start_seconds=-0.002))
    assert told.arrival_seconds == pytest.approx(0.008, abs=1e-4)
    assert told.level_over_time_db.max() == pytest.approx(0.0)
    assert told.times[0] < 0 < told.times[-1]
    rings = [d.seconds for d in told.decays if d.seconds is not None]
    assert len(rings) >= 8
    assert np.median(rings) == pytest.approx(0.6, rel=0.15)
    # The direct sound rules: beyond the arrival it does not lag.
    assert abs(np.median(told.delay_seconds)) < 0.003
