"""The staircase on simulated listeners."""

import numpy as np
import pytest

from jolly_parlor.training.staircase import TARGET, Staircase


@pytest.mark.parametrize("half", [2.0, 4.0])
def test_the_staircase_settles_where_seven_of_ten_are_right(half) -> None:
    # A listener right by a logistic curve between guessing (1/2) and certainty.
    def chance(size: float) -> float:
        return 0.5 + 0.5 / (1 + np.exp(-(size - half) / 0.5))

    wanted = half - 0.5 * np.log(0.5 / (TARGET - 0.5) - 1)
    found = []
    for seed in range(60):
        rng = np.random.default_rng(seed)
        stairs = Staircase(8.0, 2.0, 0.0, 12.0)
        for _ in range(200):
            if stairs.finished:
                break
            stairs = stairs.answered(bool(rng.random() < chance(stairs.size)))
        assert stairs.threshold is not None
        found.append(stairs.threshold)
    assert np.mean(found) == pytest.approx(wanted, abs=0.25)


def test_a_listener_who_hears_all_ends_at_the_smallest_thing() -> None:
    stairs = Staircase(8.0, 2.0, 0.5, 12.0)
    for _ in range(40):
        stairs = stairs.answered(True)
    assert stairs.size == 0.5 and not stairs.finished
