"""The Fourier integral between an FFT's bins, against the sum itself."""

import numpy as np
import pytest

from jolly_parlor.signals.fourier import fourier_integral
from jolly_parlor.signals.impulse import ImpulseResponse

RATE = 8000


def summed(samples: np.ndarray, hertz: np.ndarray) -> np.ndarray:
    n = np.arange(samples.size)
    return np.array([np.sum(samples * np.exp(-2j * np.pi * f * n / RATE)) for f in hertz])


@pytest.mark.parametrize("count", [1, 2, 7, 97, 1000, 8191])
def test_it_is_the_sum_over_the_samples_up_to_half_the_rate(count: int) -> None:
    samples = np.random.default_rng(count).normal(size=count)
    hertz = np.concatenate([[0.0, 0.3, RATE / 2 - 0.2, RATE / 2], np.linspace(1.0, 3999.0, 301)])
    wanted = summed(samples, hertz)
    off = np.abs(fourier_integral(samples, RATE, hertz) - wanted)
    assert np.max(off) < 3e-6 * np.max(np.abs(wanted))


def test_what_comes_late_turns_no_less_exactly() -> None:
    late = np.zeros(5000)
    late[-1] = 1.0
    hertz = np.geomspace(1.0, 4000.0, 99)
    found = ImpulseResponse(late, RATE, 0.25).pressure(hertz)
    wanted = np.exp(-2j * np.pi * hertz * (0.25 + 4999 / RATE))
    assert found == pytest.approx(wanted, abs=3e-6)


def test_of_nothing_and_nowhere_it_is_nothing() -> None:
    assert np.all(fourier_integral(np.zeros(0), RATE, np.array([10.0])) == 0)
    assert fourier_integral(np.ones(9), RATE, np.zeros(0)).shape == (0,)
