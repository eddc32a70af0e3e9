"""The user's band and target count wherever Evenness does."""

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.placement.evenness import (
    GRID_HZ,
    beside,
    deviation,
    evenness,
    evenness_db,
    grid_to,
    mismatch_db,
)
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.judging import Judging, Target, judging_problem, target_curve
from jolly_parlor.placement.mixes import BOTH, LEFT_ALONE, RIGHT_ALONE, judged_band, one
from jolly_parlor.placement.search.objective import Judge
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.settings.goal import Goal
from jolly_parlor.placement.settings.heard import forecast_heard
from jolly_parlor.project.document import Document
from jolly_parlor.project.judging_edits import read_target, set_judging
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from quick_field import use_quick_settings
from rooms import MIXES

TILTED = Judging(40.0, 200.0, 700.0, Target(-2.0))


def judged(kiln: Document, judging: Judging = TILTED) -> Gear:
    """The demo's gear, judged otherwise."""
    return replace(kiln.gear, judging=judging)


def test_what_follows_its_target_is_even() -> None:
    target = Target(-3.0, ((30.0, 4.0), (90.0, 0.0)), "house")
    f = np.geomspace(18.0, 320.0, 900)
    expected = -3.0 * np.log2(f / 100.0) + np.interp(np.log(f), np.log([30.0, 90.0]), [4.0, 0.0])
    assert target.at(f) == pytest.approx(expected)
    # Smoothing rounds the curve's corner a little.
    assert evenness(deviation(Response(f, expected), 30.0, 300.0, target)).value_db < 0.1
    assert evenness(deviation(Response(f, expected), 30.0)).value_db > 3.0
    flat = evenness_db(f, expected[None], 30.0)[0]
    assert evenness_db(f, expected[None], 30.0, 300.0, target)[0] < 0.1 < flat


def test_the_band_is_the_users_for_forecasts_and_for_takes(kiln: Document) -> None:
    gear = judged(kiln)
    assert judged_band(gear, BOTH)[:2] == (40.0, 200.0)
    assert judged_band(gear, BOTH, takes=True)[:2] == (40.0, 700.0)
    assert judged_band(kiln.gear, BOTH, takes=True)[:2] == (48.0, 300.0)
    assert judged_band(gear, one("sub"), takes=True).high_hz == 120.0
    f = np.geomspace(15.0, 900.0, 2000)
    above = np.where(f > 400, 8.0, 0.0)
    to_300, to_700 = (evenness(deviation(Response(f, above), 40.0, high)) for high in (300, 700))
    assert to_300.value_db < 0.01 and to_700.value_db > 2.0
    assert 400 < to_700.highest_hz < 700
    grid = grid_to(700.0)
    assert grid[: GRID_HZ.size] == pytest.approx(GRID_HZ)
    assert np.diff(np.log(grid)) == pytest.approx(np.log(GRID_HZ[1] / GRID_HZ[0]))
    assert 690 < grid[-1] <= 700


def test_search_settings_and_forecast_agree_on_the_figure(
    kiln: Document, forecaster: Forecaster
) -> None:
    gear = judged(kiln)
    here = Forecaster(kiln.room, gear, forecaster.field)
    a = kiln.arrangements[1]
    total, heard = 0.0, here.head(a, "desk")
    for forecast in heard:
        e = {c: evenness(forecast.deviation(MIXES[c])).value_db for c in ("both", "left", "right")}
        gap = mismatch_db(forecast.deviation(LEFT_ALONE), forecast.deviation(RIGHT_ALONE))
        total += (2 * e["both"] ** 2 + e["left"] ** 2 + e["right"] ** 2) / 4 + 0.1 * gap**2
    expected = np.sqrt(total / len(heard))
    assert Judge(here, Wishes()).figures([a])[0] == pytest.approx(expected, rel=2e-3)
    goal = Goal(forecast_heard(here, a, BOTH, {"desk": 1.0}))
    assert goal.db(a.chains) == pytest.approx(expected, rel=2e-3)
    shown = evenness(here.at_seat(a, "desk").deviation(BOTH)).value_db
    assert goal.seat_db(a.chains)["desk"] == pytest.approx(shown, abs=1e-6)


def test_a_search_against_a_slope_finds_what_follows_it_better(
    kiln: Document, monkeypatch: pytest.MonkeyPatch
) -> None:
    use_quick_settings(monkeypatch)
    judging = Judging(target=Target(-4.0))
    gear = replace(kiln.gear, loudspeakers=kiln.gear.loudspeakers[:2], judging=judging)
    flat = replace(gear, judging=Judging())
    pairs = [
        replace(a, places={k: a.places[k] for k in ("left", "right")}, chains={})
        for a in kiln.arrangements
    ]
    found = [search(kiln.room, g, pairs[2], step=0.15, most=1) for g in (gear, flat)]
    tilted, level = (f.proposals[0].arrangement for f in found)
    judge = Judge(Forecaster(kiln.room, gear).coarse(), Wishes())
    by_slope = judge.figures([tilted, level])
    assert by_slope[0] <= by_slope[1] + 1e-6
    assert found[0].proposals[0].monitors_db == pytest.approx(by_slope[0])
    assert by_slope[0] < judge.figures(pairs).min()


def test_curves_judged_over_unlike_bands_are_drawn_on_one_level() -> None:
    f = np.geomspace(15.0, 900.0, 2000)
    curve = Response(f, np.where(f > 300, 10.0, 0.0))
    take, forecast = deviation(curve, 40.0, 700.0), deviation(curve, 40.0, 300.0)
    at = take.frequencies_hz < 280
    moved = beside(forecast, take)
    assert moved[: np.sum(at)] == pytest.approx(take.deviation_db[at], abs=0.05)
    assert beside(forecast, forecast) is forecast.deviation_db


def test_targets_are_read_from_a_file_or_refused_in_a_sentence(tmp_path: Path) -> None:
    two = tmp_path / "house.txt"
    two.write_text("Hz dB\n20 6\n200 0\n700 0\n")
    target = read_target(two, -0.5)
    assert target.curve_name == "house.txt" and target.slope_db_per_octave == -0.5
    assert target.at(np.array([20.0, 200.0]))[0] - target.at(np.array([200.0]))[0] > 6.0
    assert target.words == "the curve “house.txt” with a slope of −0.5 dB per octave"
    for text, why in (
        ("Hz dB\n300 1\n400 2\n", "too little"),
        ("Hz dB\n20 0\n40 90\n80 -90\n", "more than 60 dB"),
        ("Hz dB\n20 0\n20 1\n80 0\n", "twice"),
        ("nothing\n", "no line"),
    ):
        two.write_text(text)
        with pytest.raises(Refused, match=why):
            read_target(two)
    many = target_curve(np.geomspace(20, 700, 5000), np.zeros(5000), "m")
    assert len(many.curve) <= 200


def test_a_band_without_an_octave_is_refused(kiln: Document) -> None:
    assert "an octave" in judging_problem(Judging(100.0, 150.0))
    with pytest.raises(Refused, match="an octave"):
        set_judging(kiln, Judging(100.0, 150.0))
    with pytest.raises(Refused):
        set_judging(kiln, Judging(to_hz=5000.0))
    assert set_judging(kiln, TILTED).gear.judging == TILTED
