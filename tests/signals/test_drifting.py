"""Drift found from a recorded sweep itself, in recordings made by splines (see `other_clocks`)."""

import numpy as np
import pytest
from scipy import signal

from jolly_parlor.signals.drifting import drift_of, without_drift
from jolly_parlor.signals.impulse import deconvolved
from jolly_parlor.signals.sweep import Sweep
from other_clocks import RATE, recorded, room

SWEEP = Sweep(20.0, 20_000.0, 4.0)


def heard(parts: float, noise: float = 1e-4, sweep: Sweep = SWEEP, late: float = 0.7) -> np.ndarray:
    sound = np.concatenate([0.3 * sweep.samples(), np.zeros(RATE)])
    out = signal.fftconvolve(sound, room())[: sound.size]
    out += noise * np.random.default_rng(3).standard_normal(out.size)
    return recorded(out, parts * 1e-6, late)


@pytest.mark.parametrize("parts", [-500, -60, 20, 120, 500])
def test_it_is_found_within_one_in_a_million(parts: int) -> None:
    assert drift_of(heard(parts), SWEEP.samples(), RATE) * 1e6 == pytest.approx(parts, abs=1.0)


def test_none_is_found_where_there_is_none() -> None:
    assert abs(drift_of(heard(0), SWEEP.samples(), RATE)) < 0.5e-6


def test_what_is_no_sweep_has_none() -> None:
    noise = np.random.default_rng(0).standard_normal(3 * RATE)
    assert drift_of(np.pad(noise, (500, RATE)), noise, RATE) == 0.0


def test_the_response_is_as_sharp_as_without_drift() -> None:
    straight = deconvolved(heard(0), SWEEP)
    mended, _ = without_drift(heard(300), SWEEP.samples(), RATE)
    f = np.geomspace(30, 15_000, 300)
    off = np.abs(deconvolved(mended, SWEEP).pressure(f)) / np.abs(straight.pressure(f))
    assert np.max(np.abs(20 * np.log10(off))) < 0.1
    smeared = np.abs(deconvolved(heard(300), SWEEP).samples).max()
    assert smeared < 0.7 * np.abs(deconvolved(mended, SWEEP).samples).max()


def test_in_the_bass_alone_none_is_looked_for() -> None:
    sweep = Sweep(10.0, 200.0, 4.0)
    assert drift_of(heard(120, sweep=sweep), sweep.samples(), RATE) == 0.0
