"""The room fit, against takes of a room solved by finite differences; and, where a room has to be
known in all its parts, against takes that the field model made.
"""

import json
from dataclasses import replace

import numpy as np
import pytest
from scipy.integrate import quad
from scipy.stats import norm

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.fitted_room import fitted_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Room, Surface
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.fitting.draws import DRAWS, Drawn, drawn_search
from jolly_parlor.fitting.evidence import (
    FIT_HZ,
    SAMPLES_PER_BAND,
    Evidence,
    Placing,
    smoothed_level,
)
from jolly_parlor.fitting.fit import SIGMA_DB, Fit, TakeFit, _Problem, fit_room
from jolly_parlor.fitting.fit_words import summary, unseen, value_of, warnings
from jolly_parlor.fitting.next_take import next_takes
from jolly_parlor.fitting.parameters import (
    place_parameters,
    places_of,
    room_parameters,
    source_parameters,
)
from jolly_parlor.fitting.posterior import (
    believe,
    expected_gain_db,
    figures,
    judged_of_fit,
    placing_of,
    placing_of_mix,
)
from jolly_parlor.fitting.predicting import Predictor
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import MATCH_WEIGHT, spread_db
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.mixes import BOTH, judged_band, with_subwoofers
from jolly_parlor.placement.search.proposals import agreeing_words
from jolly_parlor.placement.setup import Setup
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from places import DATA
from rooms import simple, sized, small_gear

GEAR = small_gear(42.0)
JUDGED = judged_band(GEAR, BOTH)
SURVEY = box_room(
    "survey",
    3.8,
    5.2,
    2.5,
    {name: Surface("own", (0.15,) * 7) for name in SURFACE_NAMES},
)
TRUTH = fitted_room(
    SURVEY, np.array([3.812, 5.185, 2.506]), {"front": (0.5, 0.55, 0.6), "back": (2.0, 1.9, 1.8)}
)
PLACES = (
    ({"left": Point(0.9, 0.7, 1.2)}, Point(1.9, 2.6, 1.2)),
    ({"right": Point(2.9, 0.7, 1.2)}, Point(1.9, 2.6, 1.2)),
    ({"left": Point(1.1, 1.3, 1.1)}, Point(1.7, 3.4, 1.15)),
    ({"left": Point(0.9, 0.7, 1.2), "right": Point(2.9, 0.7, 1.2)}, Point(1.7, 3.4, 1.15)),
)


def _takes(room: Room, extra_db: float = 0.0, gear: Gear = GEAR) -> list[Evidence]:
    bare = [Evidence(f"take {n}", Placing(*p), np.zeros(FIT_HZ.size)) for n, p in enumerate(PLACES)]
    level = Predictor(room, gear, []).levels(bare, np.zeros(0)) + extra_db
    return [
        Evidence(take.name, take.placing, row, True) for take, row in zip(bare, level, strict=True)
    ]


@pytest.fixture(scope="module")
def fitted() -> Fit:
    return fit_room(SURVEY, GEAR, _takes(TRUTH, 70.0))


@pytest.fixture(scope="module")
def taught_by_one() -> Fit:
    return fit_room(SURVEY, GEAR, _takes(TRUTH)[:1])


def test_the_cost_is_hubers_by_hand() -> None:
    """A square up to 2.5 of what is allowed for, a straight line of the same slope beyond (Huber
    1964); a take's level is measured at every frequency but one.
    """
    measured = np.full(FIT_HZ.size, 70.0)
    measured[3] = np.nan
    problem = _Problem([Evidence("one", Placing(*PLACES[0]), measured)])
    level = np.full((1, FIT_HZ.size), 70.0)
    level[0, 3] = 99.0  # not measured: it costs nothing
    level[0, 5] += 2.0 * SIGMA_DB
    level[0, 9] -= 4.0 * SIGMA_DB
    wanted = (2.0**2 + (2 * 2.5 * 4.0 - 2.5**2)) / SAMPLES_PER_BAND + 0.5**2
    assert problem.cost(level, np.array([0.5])) == pytest.approx(wanted)


def test_the_summary_tells_the_mean_of_squares_of_the_takes_that_count(fitted: Fit) -> None:
    takes = (
        TakeFit("a", 3.0, 0.3, 1.0),
        TakeFit("b", 4.0, 0.4, 1.0),
        TakeFit("odd", 30.0, 20.0, 0.01),
    )
    told = summary(replace(fitted, takes=takes))[0]
    assert told == "Fitted to 3 takes: 0.4 dB off in the mean, 3.5 dB before."


def test_sizes_and_absorption_come_back_from_takes_without_error(fitted: Fit) -> None:
    assert np.array(fitted.room.dimensions) == pytest.approx(TRUTH.dimensions, abs=0.004)
    for name, factors in (("front", TRUTH.factors["front"]), ("back", TRUTH.factors["back"])):
        assert fitted.room.factors[name] == pytest.approx(factors, rel=0.25)
    assert fitted.residual_db < 0.1
    assert all(take.after_db <= take.before_db for take in fitted.takes)
    level = next(n for n, p in enumerate(fitted.parameters) if p.label == "*")
    assert value_of(fitted, level) == pytest.approx(70.0, abs=0.3)


@pytest.fixture(scope="module")
def solved() -> dict[tuple[str, str], Evidence]:
    """Takes of `box_small.json`, solved by finite differences, by source and receiver."""
    case = json.loads((DATA / "box_small.json").read_text("utf-8"))
    f = np.array(case["frequencies"])
    box = 20 * np.log10(np.abs(high_pass(f, 42.0, 4)))
    at = {one["id"]: Point(*one["position"]) for one in case["sources"] + case["receivers"]}
    return {
        (one["source"], one["receiver"]): Evidence(
            f"{one['source']} at {one['receiver']}",
            Placing({"left": at[one["source"]]}, at[one["receiver"]]),
            smoothed_level(Response(f, np.array(one["level_db"]) + box)),
        )
        for one in case["responses"]
    }


def test_a_room_solved_by_finite_differences_is_found_and_foretold_where_nobody_measured(
    solved: dict[tuple[str, str], Evidence],
) -> None:
    """Sizes 3.35 x 2.75 x 2.40 m, six unlike surfaces; the tape is 2 cm off, absorption a guess."""
    guess = {name: Surface("own", (0.2,) * 7) for name in SURFACE_NAMES}
    survey = box_room("survey", 3.37, 2.73, 2.42, guess)
    unheard = ("S2", "R2")
    takes = [take for pair, take in solved.items() if pair != unheard and pair[1] != "R2"]
    fit = fit_room(survey, GEAR, takes)
    assert fit.residual_db < 0.2
    assert fit.room.dimensions == pytest.approx((3.35, 2.75, 2.40), abs=0.006)
    left_out = solved[unheard]
    heard = ~np.isnan(left_out.level_db)
    before = Predictor(survey, GEAR, []).levels([left_out], np.zeros(0))[0]
    after = believe(fit, [left_out.placing]).level_db[0]
    off_before, off_after = (
        np.median(np.abs(level - left_out.level_db)[heard]) for level in (before, after)
    )
    assert off_after < 0.25 and off_after < 0.3 * off_before


def test_louder_takes_in_another_order_teach_the_same(fitted: Fit) -> None:
    again = fit_room(SURVEY, GEAR, _takes(TRUTH, 83.0)[::-1])
    assert again.room.dimensions == pytest.approx(fitted.room.dimensions, abs=5e-4)
    for name in SURFACE_NAMES:
        assert again.room.factors[name] == pytest.approx(fitted.room.factors[name], rel=0.05)


def test_slopes_are_those_of_plain_differences() -> None:
    takes = _takes(SURVEY)[2:]
    parameters = [*room_parameters(SURVEY), *place_parameters(places_of(takes))]
    parameters += source_parameters(takes)
    predictor = Predictor(SURVEY, GEAR, parameters)
    z = np.random.default_rng(3).normal(size=len(parameters)) * 0.3
    found = predictor.with_slopes(takes, z).slopes
    h = 2e-3
    for column in range(len(parameters)):
        step = np.zeros(z.size)
        step[column] = h
        plain = (predictor.levels(takes, z + step) - predictor.levels(takes, z - step)) / (2 * h)
        scale = max(float(np.max(np.abs(plain))), 0.05)
        assert np.max(np.abs(found[:, :, column] - plain)) < 0.02 * scale, parameters[column].name


def test_a_take_that_lies_is_told_and_counts_for_little() -> None:
    takes = _takes(TRUTH)
    wrong = np.interp(FIT_HZ * 1.12, FIT_HZ, takes[1].level_db)  # as from another room
    takes[1] = replace(takes[1], level_db=wrong + 3 * np.sin(FIT_HZ / 7))
    fit = fit_room(SURVEY, GEAR, takes)
    assert [take.weight < 0.5 for take in fit.takes] == [False, True, False, False]
    assert fit.room.dimensions == pytest.approx(TRUTH.dimensions, abs=0.01)
    assert any("take 1 does not fit the others" in words for words in warnings(fit))


def test_a_wall_20_cm_off_is_found_and_warned_of() -> None:
    far = sized(SURVEY, length=SURVEY.length - 0.2)
    fit = fit_room(far, GEAR, _takes(SURVEY))
    assert fit.room.length == pytest.approx(SURVEY.length, abs=0.03)
    told = [words for words in warnings(fit) if "check the tape" in words]
    assert len(told) == 1 and "longer" in told[0]
    assert float(told[0].split()[5]) == pytest.approx(0.2, abs=0.03)


def test_what_one_take_cannot_see_is_named(fitted: Fit) -> None:
    take = _takes(TRUTH)[0]
    low_only = replace(take, level_db=np.where(FIT_HZ < 70, take.level_db, np.nan))
    one = fit_room(SURVEY, GEAR, [low_only])
    assert len(unseen(one)) > len(unseen(fitted))
    room_only = [n for n, p in enumerate(one.parameters) if p.kind in ("size", "absorption")]
    assert all(one.deviation_of(n) > fitted.deviation_of(n) for n in room_only)
    assert one.takes[0].after_db < one.takes[0].before_db
    assert "Fitted to 1 take:" in summary(one)[0] and "give or take" in summary(one)[1]
    with pytest.raises(Refused, match="one take or more"):
        fit_room(SURVEY, GEAR, [])


def test_unseen_places_are_predicted_and_the_band_says_how_surely(
    fitted: Fit, taught_by_one: Fit
) -> None:
    placing = Placing({"left": Point(1.3, 1.0, 1.2)}, Point(2.1, 3.9, 1.2))
    bare = [Evidence("", placing, np.zeros(FIT_HZ.size))]
    truth = Predictor(TRUTH, GEAR, []).levels(bare, np.zeros(0)) + 70.0
    survey = Predictor(SURVEY, GEAR, []).levels(bare, np.zeros(0)) + 70.0
    believed = believe(fitted, [placing])
    off = np.abs(believed.level_db - truth)
    assert np.median(off) < 0.2 < np.median(np.abs(survey - truth))
    low, high = believed.band_db()
    assert np.mean((truth >= low) & (truth <= high)) > 0.8
    assert np.median(believe(taught_by_one, [placing]).sigma_db) > np.median(believed.sigma_db)


def _triangle(name: str, depth: float, seat: float) -> Arrangement:
    return simple(name, Point(1.1, depth, 1.2), Point(2.7, depth, 1.2), Point(1.9, seat, 1.2))


def test_figures_of_the_same_arrangement_twice_cannot_be_told_apart(fitted: Fit) -> None:
    a = _triangle("a", 0.6, 2.4)
    b = _triangle("b", 1.5, 3.6)
    told = figures(
        believe(
            fitted,
            [placing_of(Setup(SURVEY, GEAR, x), "seat", ("left", "right")) for x in (a, a, b)],
        ),
        JUDGED,
    )
    assert told.gap_sigma_db(0, 1) == pytest.approx(0.0, abs=1e-9)
    assert told.better(0, 2) == pytest.approx(1 - told.better(2, 0))
    assert told.evenness_db[0] == told.evenness_db[1]


def test_what_is_good_only_if_the_guess_is_right_is_expected_dearer(fitted: Fit) -> None:
    triangles = [_triangle("a", 0.6, 2.4), _triangle("b", 1.5, 3.6), _triangle("c", 0.9, 2.9)]
    doubtful = replace(fitted, residual_db=2.0)
    drawn = drawn_search(doubtful, triangles, GEAR)
    assert drawn.figures_db.shape == (DRAWS, 3)
    assert np.all(drawn.dearer_db > 0)  # error makes nothing more even
    # Of a room known exactly and a model without error there is nothing to lose by choosing.
    sure = replace(fitted, covariance=fitted.covariance * 1e-6, residual_db=0.0)
    known = drawn_search(sure, triangles, GEAR)
    assert np.all(known.dearer_db < drawn.dearer_db) and known.left_db <= drawn.left_db
    ahead = np.diff(np.sort(known.likeliest_db))[0]
    assert ahead > 0.4  # one stands out by more than the 0.3 dB that count as good
    assert known.agreeing[int(np.argmin(known.likeliest_db))] == 1.0
    again = drawn_search(doubtful, triangles, GEAR)
    assert np.array_equal(again.figures_db, drawn.figures_db)  # the same takes say the same


def test_the_likeliest_figure_is_what_the_search_judges_by(fitted: Fit) -> None:
    """J of the search (its docstring), from the levels that are believed, written out once more."""
    a, mix = _triangle("a", 0.6, 2.4), with_subwoofers(GEAR)
    case = fitted.case(a, "seat", mix)
    placings = [placing_of_mix(case), *(placing_of_mix(case, (side,)) for side in PAIR)]
    judged = judged_band(GEAR, mix)
    band = judged_of_fit(judged)
    level = believe(fitted, placings).level_db[:, band] - judged.target.at(FIT_HZ[band])
    squares = [float(spread_db(one - one.mean())) ** 2 for one in level]
    apart = float(np.mean(np.square(level[1] - level[2])))
    assert apart > 0.01
    wanted = (2 * squares[0] + squares[1] + squares[2]) / 4 + MATCH_WEIGHT * apart
    found = drawn_search(fitted, [a], GEAR).likeliest_db
    assert found == pytest.approx([np.sqrt(wanted)], rel=1e-6)


def test_the_share_of_rooms_that_agree_is_that_of_a_known_posterior(fitted: Fit) -> None:
    """Two alike but for one being off by what nobody knows: half of the rooms agree with either."""
    level = np.zeros((400, 2))
    off = np.random.default_rng(1).normal(0.0, 2.0, 200)
    level[:, 0] = np.concatenate([off, -off])
    drawn = Drawn(np.zeros(2), 5.0 + level)
    assert drawn.agreeing == pytest.approx([0.56, 0.56], abs=0.06)  # 0.3 dB counts as good
    # E max(0, x) of a normal of 2 dB is 2 / sqrt(2 pi) = 0.80 dB.
    assert drawn.left_db == pytest.approx(0.80, abs=0.12)
    assert agreeing_words(0.68) == "7 of 10 rooms that fit your takes would agree"
    assert agreeing_words(0.99).startswith("Every room") and "Hardly" in agreeing_words(0.01)


def test_the_next_take_lessens_the_doubt_and_none_is_asked_for_twice(taught_by_one: Fit) -> None:
    one = taught_by_one
    three = [_triangle("a", 0.6, 2.4), _triangle("b", 0.6, 2.55), _triangle("c", 1.5, 3.6)]
    advice = next_takes(one, three, "seat", JUDGED)
    assert len(advice.candidates) == 9
    assert all(c.doubt_after_db <= c.doubt_before_db + 1e-9 for c in advice.candidates)
    gains = [round(c.gain_db, 4) for c in advice.candidates]
    assert gains == sorted(gains, reverse=True) and gains[-1] >= 0
    assert 0.5 <= advice.probability <= 1.0
    first = advice.candidates[0]
    fewer = next_takes(one, three, "seat", JUDGED, [(first.arrangement, first.source, "seat")])
    assert len(fewer.candidates) == 8
    # Another seat's takes teach the room as well, and are on offer.
    two_seats = [replace(a, seats={**a.seats, "sofa": Point(2.2, 4.3, 1.1)}) for a in three]
    wider = next_takes(one, two_seats, "seat", JUDGED)
    assert {c.seat for c in wider.candidates} == {"seat", "sofa"}
    assert wider.best == advice.best and len(wider.candidates) == 18
    assert "nothing needs to be decided" in next_takes(one, three[:1], "seat", JUDGED).words


@pytest.mark.parametrize(("gap", "sigma"), [(0.0, 1.0), (0.5, 0.4), (2.0, 0.7)])
def test_expected_gain_is_the_integral_it_stands_for(gap: float, sigma: float) -> None:
    expected = quad(lambda x: max(-(gap + sigma * x), 0.0) * norm.pdf(x), -9, 9, limit=200)[0]
    assert expected_gain_db(gap, sigma) == pytest.approx(expected, abs=1e-6)


def test_takes_too_narrow_to_tell_are_refused() -> None:
    f = np.geomspace(150.0, 5000.0, 200)
    with pytest.raises(Refused, match="less than an octave"):
        smoothed_level(Response(f, np.zeros(f.size)))
