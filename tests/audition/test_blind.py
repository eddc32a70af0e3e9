"""Blind comparisons: their scores against SciPy's exact binomial, their order, their listeners."""

import numpy as np
import pytest
from scipy import stats

from jolly_parlor.audition.blind import TRIALS, Ranking, Score, WhichIsX


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


def test_x_is_drawn_evenly_and_told_only_by_its_answers() -> None:
    drawn = [WhichIsX.begun("a", "b", seed).hidden for seed in range(60)]
    share = sum(map(sum, drawn)) / (60 * TRIALS)
    assert 0.45 < share < 0.55
    test = WhichIsX.begun("a", "b", 7)
    for _ in range(TRIALS):
        assert not test.finished
        test = test.answered(test.x)
    assert test.finished and test.score == Score(TRIALS, TRIALS)
    assert test.answered(0) is test
    assert test.words.startswith("Blind, “a” against “b”: 10 of 10 right")


@pytest.mark.parametrize("count", [2, 3, 4, 5])
def test_a_ranking_finds_the_order_of_who_has_one(count) -> None:
    names = "abcde"[:count]
    test = Ranking.begun(names, 3)
    while not test.finished:
        one, other = test.pair
        test = test.answered(0 if one > other else 1)  # later letters are liked better
    assert test.order == tuple(reversed(range(count)))
    score = test.repeated
    assert score.right == score.trials and score.heard
    assert all(a != b for a, b in test.pairs)
    assert "you hear these differences" in test.words


def test_who_answers_at_random_repeats_a_ranking_as_often_as_chance() -> None:
    rng = np.random.default_rng(11)
    right = trials = 0
    for seed in range(150):
        test = Ranking.begun("abcd", seed)
        while not test.finished:
            test = test.answered(int(rng.integers(0, 2)))
        right, trials = right + test.repeated.right, trials + test.repeated.trials
    assert right / trials == pytest.approx(0.5, abs=0.05)
    assert "may be chance" in Ranking("ab", ((0, 1), (0, 1)), (0, 1)).words
