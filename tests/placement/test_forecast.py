"""Forecasts: complex sums, head volume, symmetry."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.room import Point
from jolly_parlor.acoustics.sources import crossover_high, crossover_low
from jolly_parlor.placement.forecast import Forecaster, head_points
from jolly_parlor.placement.mixes import BOTH, LEFT_ALONE, RIGHT_ALONE, judged_band, one
from jolly_parlor.project.document import Document
from rooms import BOTH_SUB, MIXES, rebuilt


def test_both_is_the_complex_sum_of_left_and_right(kiln: Document, forecaster: Forecaster) -> None:
    f = forecaster.at_seat(kiln.arrangements[1], "desk")
    assert np.allclose(f.pressure(BOTH), f.pressure(LEFT_ALONE) + f.pressure(RIGHT_ALONE))
    levels = [20 * np.log10(np.abs(f.pressure(MIXES[c]))) for c in ("left", "right", "both")]
    # Never a sum of levels: somewhere both are quieter than one alone.
    assert np.max(levels[2] - np.maximum(levels[0], levels[1])) <= 6.03


def test_sub_joins_through_the_fourth_order_crossover(
    kiln: Document, forecaster: Forecaster
) -> None:
    f = forecaster.at_seat(kiln.arrangements[0], "desk")
    hz = f.frequencies_hz
    mains, sub = f.pressure(BOTH), f.sources["sub"]
    gain = 10 ** (6 / 20)  # the demo's sub is set 6 dB up, to match the pair
    expected = mains * crossover_high(hz, 80.0) + gain * sub * crossover_low(hz, 80.0)
    assert np.allclose(f.pressure(BOTH_SUB), expected)


def test_gain_delay_and_polarity_of_the_sub_reach_the_sum(kiln: Document) -> None:
    a = kiln.arrangements[0]
    own = a.chain("sub")
    base, low, turned = (
        Forecaster(kiln.room, kiln.gear).at_seat(
            replace(a, chains={**a.chains, "sub": chain}), "desk"
        )
        for chain in (own, replace(own, gain_db=-40.0), replace(own, inverted=True))
    )
    mains = base.pressure(BOTH) * crossover_high(base.frequencies_hz, 80.0)
    assert np.allclose(low.pressure(BOTH_SUB), mains, atol=0.05 * np.abs(mains).max())
    assert np.allclose(base.pressure(BOTH_SUB) + turned.pressure(BOTH_SUB), 2 * mains)


def test_a_symmetric_room_gives_left_and_right_alike(kiln: Document) -> None:
    alike = {**kiln.room.surfaces, "right": kiln.room.surfaces["left"]}
    room = rebuilt(kiln.room, surfaces=alike, openings=())
    f = Forecaster(room, kiln.gear).at_seat(kiln.arrangements[0], "desk")
    assert np.allclose(f.pressure(LEFT_ALONE), f.pressure(RIGHT_ALONE), rtol=1e-6)


def test_the_head_volume_is_what_practice_says(kiln: Document) -> None:
    ear = Point(1.9, 2.0, 1.2)
    points = head_points(kiln.room, ear)
    assert points[0] == ear
    assert max(abs(p.x - ear.x) for p in points) == pytest.approx(0.10)
    assert max(abs(p.y - ear.y) for p in points) == pytest.approx(0.15)
    assert any(p.z < ear.z for p in points)
    assert len(head_points(kiln.room, Point(1.9, 5.60, 1.2))) < len(points)


def test_the_band_begins_at_the_lowest_corner_playing(kiln: Document) -> None:
    assert judged_band(kiln.gear, BOTH)[:2] == (48.0, 300.0)
    assert judged_band(kiln.gear, BOTH_SUB)[:2] == (26.0, 300.0)
    assert judged_band(kiln.gear, one("sub"))[:2] == (26.0, 120.0)


def test_a_softer_room_is_more_even(kiln: Document) -> None:
    from jolly_parlor.acoustics.geometry.room import Surface
    from jolly_parlor.placement.evenness import evenness

    soft = {name: Surface("own", (0.9,) * 7) for name in kiln.room.surfaces}
    a = kiln.arrangements[0]
    values = [
        evenness(Forecaster(room, kiln.gear).at_seat(a, "desk").deviation(BOTH)).value_db
        for room in (kiln.room, rebuilt(kiln.room, surfaces=soft))
    ]
    assert values[1] < 0.75 * values[0]


def test_the_coarse_forecast_is_the_fine_one_thinned(
    kiln: Document, forecaster: Forecaster
) -> None:
    a = kiln.arrangements[0]
    fine, coarse = forecaster.at_seat(a, "desk"), forecaster.coarse().at_seat(a, "desk")
    at = np.searchsorted(fine.frequencies_hz, coarse.frequencies_hz)
    assert coarse.frequencies_hz.size < 0.6 * fine.frequencies_hz.size
    assert np.allclose(fine.pressure(BOTH)[at], coarse.pressure(BOTH), rtol=1e-9)
