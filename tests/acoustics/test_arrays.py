"""Small sums that several packages share."""

import numpy as np
import pytest

from jolly_parlor.acoustics.arrays import root_mean_square


def test_the_root_of_the_mean_square() -> None:
    # 3, 4, 5 and 12 by hand: (9 + 16 + 25 + 144) / 4 = 48.5
    assert root_mean_square(np.array([3.0, -4.0, 5.0, -12.0])) == pytest.approx(48.5**0.5)
    # A sine over whole periods has 1/√2 of its height (any handbook).
    wave = np.sin(np.arange(1000) * 2 * np.pi * 7 / 1000)
    assert root_mean_square(wave) == pytest.approx(0.5**0.5)
