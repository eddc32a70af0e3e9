"""Two signals added against the textbook; a lesson's course with listeners made up."""

import numpy as np
import pytest

from jolly_parlor.training.adding import Two, sums_db
from jolly_parlor.training.course import Course
from jolly_parlor.training.lessons import LESSONS


@pytest.mark.parametrize(
    ("degrees", "wanted"), [(0.0, 6.02), (60.0, 4.77), (90.0, 3.01), (120.0, 0.0), (150.0, -5.72)]
)
def test_two_equal_signals_add_as_every_textbook_says(degrees, wanted) -> None:
    assert Two(0.0, degrees).sum_db == pytest.approx(wanted, abs=0.01)


def test_only_close_levels_cancel() -> None:
    assert Two(0.0, 180.0).sum_db == -np.inf
    assert Two(-1.0, 180.0).sum_db == pytest.approx(-19.3, abs=0.1)
    assert Two(-10.0, 180.0).sum_db == pytest.approx(-3.3, abs=0.1)
    assert "cancel" in Two(0.0, 150.0).words and "softer" in Two(-12.0, 180.0).words
    assert "In step" in Two(0.0, 30.0).words and "strangers" in Two(0.0, 90.0).words
    assert "adds no level" in Two(0.0, 120.0).words


def test_the_weights_make_the_tone_whose_level_is_said() -> None:
    t = np.arange(4800) / 48_000
    first = np.sin(2 * np.pi * 100 * t)
    for two in (Two(0.0, 90.0), Two(-4.0, 135.0), Two(-20.0, 10.0)):
        second = two.gain * np.sin(2 * np.pi * 100 * t + np.radians(two.phase_degrees))
        a, b = two.weights
        made = a * first + b * np.cos(2 * np.pi * 100 * t)
        assert made == pytest.approx(first + second, abs=1e-12)
        level = 10 * np.log10(np.mean(made**2) / np.mean(first**2))
        assert level == pytest.approx(two.sum_db, abs=1e-9)
    assert sums_db(1.0, np.array([0.0, 120.0])) == pytest.approx([6.0206, 0.0], abs=1e-3)


def taken(threshold: float, seed: int) -> Course:
    """By a listener who hears what is at least so plain, and guesses below."""
    course = Course.begun(LESSONS["dip"].scale, seed)
    rng = np.random.default_rng(seed)
    while not course.finished:
        hears = course.size >= threshold or rng.random() < 0.5
        course = course.answered(course.hidden if hears else 1 - course.hidden)
    return course


@pytest.mark.parametrize("threshold", [3.0, 6.0, 9.0])
def test_a_course_ends_near_what_the_listener_hears(threshold) -> None:
    found = [taken(threshold, seed) for seed in range(20)]
    ended = [course.threshold for course in found if course.threshold is not None]
    assert len(ended) == 20
    assert np.mean(ended) == pytest.approx(threshold, abs=1.0)
    assert all(10 <= len(course.steps) <= 60 for course in found)


def test_who_hears_everything_ends_at_the_smallest() -> None:
    course = taken(0.0, 1)
    assert course.threshold == LESSONS["dip"].scale.least
    assert course.answered(0) is course


def test_who_hears_nothing_comes_to_an_end() -> None:
    course = taken(1000.0, 2)
    assert len(course.steps) <= 80


def test_which_of_two_has_it_is_drawn_evenly() -> None:
    drawn = np.concatenate([Course.begun(LESSONS["dip"].scale, seed).drawn for seed in range(40)])
    assert 0.45 < drawn.mean() < 0.55
    free = {Course.begun(LESSONS["dip"].scale, None).drawn for _ in range(5)}
    assert len(free) == 5
