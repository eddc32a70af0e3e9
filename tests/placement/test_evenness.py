"""Evenness: its formula by hand, and what must not change it."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from jolly_parlor.placement.evenness import GRID_HZ, deviation, evenness, mismatch_db
from jolly_parlor.placement.judging import Target
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response


def _response(level: np.ndarray) -> Response:
    return Response(GRID_HZ, level)


def test_a_flat_response_is_perfectly_even() -> None:
    figure = evenness(deviation(_response(np.full(GRID_HZ.size, 83.0)), 48.0))
    assert figure.value_db == pytest.approx(0.0, abs=1e-9)


def test_the_figure_is_the_formula_of_the_docstring() -> None:
    # A wave of 4 dB, slow against the smoothing: worked out here in plain numbers.
    level = 4 * np.sin(2 * np.pi * np.log2(GRID_HZ / 20) / 1.5)
    of = deviation(_response(level), 40.0)
    figure = evenness(of)
    band = (GRID_HZ >= 40.0) & (GRID_HZ <= 300.0)
    d = of.deviation_db[band]
    weights = [1.5 if value < 0 else 1.0 for value in d]
    by_hand = (sum(w * v * v for w, v in zip(weights, d, strict=True)) / sum(weights)) ** 0.5
    assert figure.value_db == pytest.approx(by_hand, rel=1e-12)
    assert abs(np.mean(d)) < 1e-9
    # A sine's root mean square is 4 / sqrt 2; smoothing and weights change it only a little.
    assert figure.value_db == pytest.approx(4 / np.sqrt(2), rel=0.1)


@settings(max_examples=25)
@given(st.floats(-60, 60))
def test_gain_does_not_matter(gain: float) -> None:
    level = 7 * np.cos(np.log(GRID_HZ) * 8)
    one, two = (evenness(deviation(_response(level + g), 48.0)).value_db for g in (0.0, gain))
    assert one == pytest.approx(two, abs=1e-8)


def test_a_dip_costs_more_than_the_same_peak() -> None:
    bump = 10 * np.exp(-((np.log2(GRID_HZ / 100) / 0.25) ** 2))
    peak = evenness(deviation(_response(bump), 48.0))
    dip = evenness(deviation(_response(-bump), 48.0))
    assert dip.value_db > peak.value_db * 1.05
    assert dip.deepest_hz == pytest.approx(100, rel=0.02)
    assert peak.highest_hz == pytest.approx(100, rel=0.02)


def test_what_lies_below_the_corner_is_not_judged() -> None:
    rolled = np.where(GRID_HZ < 40, -30.0, 0.0)
    assert evenness(deviation(_response(rolled), 48.0)).value_db < 0.2
    assert evenness(deviation(_response(rolled), 26.0)).value_db > 8


def test_a_deeper_dip_is_never_more_even() -> None:
    shape = np.exp(-((np.log2(GRID_HZ / 80) / 0.2) ** 2))
    values = [
        evenness(deviation(_response(-depth * shape), 30.0)).value_db for depth in range(0, 30, 3)
    ]
    assert values == sorted(values)


def test_a_target_is_subtracted() -> None:
    tilt = -2 * np.log2(GRID_HZ / 60)
    of = deviation(_response(tilt), 30.0, target=Target(-2.0))
    assert evenness(of).value_db == pytest.approx(0.0, abs=0.05)


def test_a_response_that_stops_short_is_refused_in_words() -> None:
    short = Response(np.array([60.0, 400.0]), np.zeros(2))
    with pytest.raises(Refused, match="covers 60 to 400 Hz; judging it needs 48 to 300"):
        deviation(short, 48.0)


def test_left_right_difference_counts_level_too() -> None:
    left = deviation(_response(np.zeros(GRID_HZ.size)), 48.0)
    right = deviation(_response(np.full(GRID_HZ.size, 2.0)), 48.0)
    assert mismatch_db(left, right) == pytest.approx(2.0)
    assert mismatch_db(left, left) == pytest.approx(0.0)
