"""Blind comparisons: their scores against SciPy's exact binomial, their order, their listeners."""

import pytest
from scipy import stats

from jolly_parlor.audition.blind import Score


@pytest.mark.parametrize(("trials", "right"), [(10, 9), (16, 12), (5, 5), (20, 10), (8, 0)])
@pytest.mark.parametrize("choices", [2, 3, 5])
def test_the_guessers_chance_is_the_exact_binomial(trials, right, choices) -> None:
    wanted = stats.binomtest(right, trials, 1 / choices, alternative="greater").pvalue
    assert Score(trials, right, choices).guessed == pytest.approx(wanted, abs=1e-12)


def test_what_is_heard_and_what_is_not_is_said_with_what_follows() -> None:
    assert "you hear this difference" in Score(10, 9).words
    assert "Choose the easier to build" in Score(12, 6).words
    assert Score(3, 3).heard is None and "go on" in Score(3, 3).words
    assert Score(0, 0).words == "Nothing tried yet."
