"""Image sources against a general-purpose library; crossover, corners and interference."""

import numpy as np
import pyroomacoustics
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy import signal

from jolly_parlor.acoustics.geometry.image_sources import (
    Board,
    board_reflection,
    first_cancellation_at_source_hz,
    first_reflections,
    mirror,
)
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point
from jolly_parlor.acoustics.sources import (
    crossover_high,
    crossover_low,
    drive,
    high_pass,
    low_pass,
    two_signal_gain_db,
)
from jolly_parlor.project.document import Document


def test_first_order_images_are_those_of_a_general_purpose_library(kiln: Document) -> None:
    source = Point(1.21, 0.63, 1.2)
    shoebox = pyroomacoustics.ShoeBox(list(kiln.room.dimensions), max_order=1)
    shoebox.add_source(list(source.array()))
    shoebox.add_microphone([1.9, 1.9, 1.2])
    shoebox.image_source_model()
    theirs = np.array(sorted(shoebox.sources[0].images.T.tolist()))  # single precision
    ours = [mirror(kiln.room, name, source) for name in SURFACE_NAMES]
    mine = np.array(sorted(p.array().tolist() for p in [*ours, source]))
    assert mine.shape == theirs.shape
    order = [np.lexsort(np.round(rows, 3).T) for rows in (mine, theirs)]
    assert np.allclose(mine[order[0]], theirs[order[1]], atol=1e-5)


def test_bounce_touches_the_wall_and_obeys_the_mirror_law(kiln: Document) -> None:
    source, ear = Point(1.2, 0.6, 1.1), Point(1.9, 2.1, 1.3)
    found = first_reflections(kiln.room, source, ear)
    assert [reflection.boundary for reflection in found] == list(SURFACE_NAMES)
    for reflection in found:
        legs = source.distance(reflection.at) + reflection.at.distance(ear)
        assert legs == pytest.approx(reflection.path_metres, rel=1e-9)
        assert kiln.room.contains(Point(*np.clip(reflection.at.array(), 0, kiln.room.dimensions)))
        axis, end = divmod(SURFACE_NAMES.index(reflection.boundary), 2)
        there = end * kiln.room.dimensions[axis]
        assert reflection.at.array()[axis] == pytest.approx(there, abs=1e-9)


def test_cancellations_are_odd_half_waves_of_the_path_difference(kiln: Document) -> None:
    floor = first_reflections(kiln.room, Point(1.9, 0.6, 1.0), Point(1.9, 2.6, 1.0))[4]
    excess = np.sqrt(2.0**2 + 2.0**2) - 2.0
    first = 343.2 / (2 * excess)
    assert floor.cancellations_hz(20, 700) == pytest.approx([first, 3 * first])
    assert floor.reinforcements_hz(20, 700) == pytest.approx([2 * first])


@given(st.floats(0.1, 3.0))
def test_first_cancellation_of_a_wall_is_c_over_4d(distance: float) -> None:
    # Two signals 2d apart cancel where 2d is half a wave.
    f = first_cancellation_at_source_hz(distance, 343.2)
    assert abs(1 + np.exp(-2j * np.pi * f * 2 * distance / 343.2)) < 1e-9


def test_a_monitor_moved_from_the_wall_lowers_its_first_cancellation(kiln: Document) -> None:
    ear = Point(1.9, 3.0, 1.2)
    firsts = []
    for y in (0.4, 0.6, 0.8, 1.0):
        front = first_reflections(kiln.room, Point(1.9, y, 1.2), ear)[2]
        firsts.append(front.cancellations_hz(20, 700)[0])
        assert firsts[-1] == pytest.approx(first_cancellation_at_source_hz(y, 343.2), rel=1e-9)
    assert firsts == sorted(firsts, reverse=True)


def test_desk_bounce_only_where_the_path_meets_the_desk() -> None:
    desk = Board(1.0, 0.8, 1.6, 0.75, 0.74)
    source, ear = Point(1.2, 0.5, 1.14), Point(1.9, 1.9, 1.14)
    reflection = board_reflection(desk, source, ear, 343.2)
    assert reflection is not None
    assert reflection.at.z == pytest.approx(0.74)
    assert reflection.path_metres == pytest.approx(np.sqrt(0.7**2 + 1.4**2 + 0.8**2))
    assert board_reflection(desk, source, Point(1.9, 0.6, 1.14), 343.2) is None
    assert board_reflection(desk, Point(1.2, 0.5, 0.7), ear, 343.2) is None


@pytest.mark.parametrize(
    ("phase", "gain_db"),
    # Common practice, no source: the sum of two equal signals, rounded as the trade quotes it.
    [(0, 6.0), (55, 5.0), (90, 3.0), (120, 0.0), (150, -6.0)],
)
def test_two_signals_sum_as_the_trade_says(phase: float, gain_db: float) -> None:
    assert two_signal_gain_db(phase) == pytest.approx(gain_db, abs=0.3)


def test_two_signals_cancel_at_180_degrees() -> None:
    assert two_signal_gain_db(180) == float("-inf")


def test_fourth_order_crossover_sums_flat() -> None:
    # Linkwitz 1976: the two branches add up to an all-pass.
    f = np.geomspace(10, 1000, 200)
    total = crossover_low(f, 80.0) + crossover_high(f, 80.0)
    assert np.max(np.abs(20 * np.log10(np.abs(total)))) < 1e-9
    at = np.array([80.0])
    assert 20 * np.log10(abs(crossover_low(at, 80.0)[0])) == pytest.approx(-6.02, abs=0.01)


@pytest.mark.parametrize("order", [2, 3, 4])
def test_a_low_corner_is_3_db_down_and_falls_by_its_slope(order: int) -> None:
    f = np.array([2.4, 4.8, 48.0, 4800.0])
    level = 20 * np.log10(np.abs(high_pass(f, 48.0, order)))
    assert level[2] == pytest.approx(-3.01, abs=0.01)
    assert level[1] - level[0] == pytest.approx(6.02 * order, abs=0.1)
    assert level[3] == pytest.approx(0.0, abs=0.01)


@pytest.mark.parametrize("order", [1, 2, 3, 4])
@pytest.mark.parametrize("kind", ["highpass", "lowpass"])
def test_filters_are_those_of_a_general_purpose_library(order: int, kind: str) -> None:
    f = np.geomspace(5, 900, 40)
    b, a = signal.butter(order, 2 * np.pi * 48.0, btype=kind, analog=True)
    expected = signal.freqs(b, a, 2 * np.pi * f)[1]
    ours = high_pass if kind == "highpass" else low_pass
    assert np.allclose(ours(f, 48.0, order), expected, rtol=1e-9)


def test_delay_turns_phase_and_polarity_flips_it() -> None:
    factor = drive(np.array([50.0]), 6.0206, 5.0, inverted=True)[0]
    # 5 ms at 50 Hz is a quarter turn backward; reversed polarity is half a turn; 6.02 dB doubles.
    assert factor == pytest.approx(2j, abs=1e-3)
