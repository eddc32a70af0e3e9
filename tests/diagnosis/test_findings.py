"""Peaks and dips, marks, causes and remedies."""

from dataclasses import replace

import numpy as np
import pytest

from certain import some
from jolly_parlor.acoustics.geometry.image_sources import first_cancellation_at_source_hz
from jolly_parlor.acoustics.geometry.room import Point, Surface
from jolly_parlor.diagnosis.causes import causes, measured_causes
from jolly_parlor.diagnosis.features import Feature, features
from jolly_parlor.diagnosis.findings import describe, findings_of_forecast, findings_of_take
from jolly_parlor.diagnosis.interventions import (
    Anechoic,
)
from jolly_parlor.diagnosis.marks import LANES, Mark, first_beyond, marks
from jolly_parlor.diagnosis.remedies import best_remedy
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import GRID_HZ, Deviation, deviation, evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import BOTH, LEFT_ALONE
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.upper_range import UpperCurve
from jolly_parlor.project.document import Document
from jolly_parlor.signals.response import Response
from rooms import case_of, placed, rebuilt


def _marks(d: Document, a: Arrangement, seat: str, mix: str, top_hz: float = 300.0) -> list[Mark]:
    return marks(case_of(d.setup(a), seat, mix), top_hz)


def _curve(level: np.ndarray, low: float = 30.0) -> Deviation:
    return Deviation(GRID_HZ, level, low, 300.0, 0.0)


def _bump(at: float, height: float, octaves: float = 0.15) -> np.ndarray:
    return height * np.exp(-((np.log2(GRID_HZ / at) / octaves) ** 2))


def test_features_are_found_worst_first_with_dips_weighing_more() -> None:
    found = features(_curve(_bump(60, 9) + _bump(120, -8) + _bump(200, 4)))
    kinds = [(f.kind, round(f.frequency_hz, -1)) for f in found]
    assert kinds[:3] == [("hollow", 120), ("hill", 60), ("hill", 200)]
    assert found[0].level_db == pytest.approx(-8, abs=0.2)
    assert found[1].prominence_db == pytest.approx(9, abs=0.3)


def test_small_ripple_and_what_lies_outside_the_band_is_left_alone() -> None:
    ripple = 1.4 * np.sin(np.log2(GRID_HZ) * 40)
    assert features(_curve(ripple)) == []
    assert features(_curve(_bump(35, -12), low=48.0)) == []


def test_the_front_walls_mark_lies_at_c_over_4d_for_a_seat_far_away(kiln: Document) -> None:
    a = kiln.arrangements[0]
    a = placed(a, left=Point(1.9, 0.7, 1.2), seats={**a.seats, "desk": Point(1.9, 3.5, 1.2)})
    front = [m for m in _marks(kiln, a, "desk", "left") if m.lane == "front wall"]
    # Heard from 0.39 times the root of width times height ahead of a face that looks straight on.
    heard = 0.7 + 0.39 * (kiln.gear.monitor.width * kiln.gear.monitor.height) ** 0.5
    first = first_cancellation_at_source_hz(heard, 343.2)
    assert front[0].frequency_hz == pytest.approx(first, rel=0.006)
    assert front[0].face_metres == pytest.approx(0.7)
    assert "0.70 m to the face, heard from 0.8" in describe(front[0])


def test_a_wall_that_only_takes_part_tells_both_its_distances(
    kiln: Document, forecaster: Forecaster
) -> None:
    a = kiln.arrangements[0]
    here = case_of(forecaster.setup(a), "desk", "both")
    every = [f for f in features(forecaster.deviation(here)) if f.kind == "hollow"]
    named = [
        cause.mark
        for feature in every
        for cause in causes(feature, [], Anechoic(forecaster), here)
        if cause.mark.lane == "front wall"
    ]
    assert named
    for mark in named:
        assert mark.face_metres == pytest.approx(a.left.y)
        assert mark.reflection is not None and mark.reflection.wall_metres > a.left.y + 0.08


def test_a_seat_in_the_middle_of_the_length_sits_in_the_first_null(kiln: Document) -> None:
    a = kiln.arrangements[0]
    middle = Point(1.935, kiln.room.length / 2, 1.2)
    a = replace(a, seats={**a.seats, "desk": middle})
    found = [m for m in _marks(kiln, a, "desk", "both") if m.lane == "length modes"]
    first = next(m for m in found if m.mode is not None and m.mode.order == (0, 1, 0))
    assert first.kind == "hollow"
    assert first.frequency_hz == pytest.approx(343.2 / 2 / 5.64, rel=1e-6)


def test_symmetric_monitors_do_not_drive_the_first_width_mode(kiln: Document) -> None:
    a = kiln.arrangements[0]
    alone = [m for m in _marks(kiln, a, "sofa", "left") if m.lane == "width modes"]
    both = [m for m in _marks(kiln, a, "sofa", "both") if m.lane == "width modes"]
    odd = [m for m in both if m.mode and m.mode.order[0] % 2 and m.kind == "hill"]
    assert odd == []
    assert alone != both


def test_crossover_has_a_mark_only_with_the_sub(kiln: Document) -> None:
    a = kiln.arrangements[0]
    with_sub = _marks(kiln, a, "desk", "both+sub")
    assert [m.frequency_hz for m in with_sub if m.lane == "crossover"] == [80.0]
    assert not [m for m in _marks(kiln, a, "desk", "both") if m.lane == "crossover"]
    assert {m.lane for m in with_sub} <= set(LANES)


def test_a_desk_that_acts_above_the_range_is_said_to(kiln: Document) -> None:
    beyond = first_beyond(case_of(kiln.setup(kiln.arrangements[0]), "desk", "both"))
    # Mirror path over the desk top, 0.46 m below monitors and ear that are 1.447 m apart.
    excess = np.hypot(1.4474, 2 * 0.46) - 1.4474
    assert beyond["desk"] == pytest.approx(343.2 / 2 / excess, rel=1e-3)


def _one_hard_wall(kiln: Document, wall: str) -> Forecaster:
    absorbing = Surface("own", (0.95,) * 7)
    surfaces = dict.fromkeys(kiln.room.surfaces, absorbing)
    surfaces[wall] = Surface("brick")  # type: ignore[index]
    room = rebuilt(kiln.room, surfaces=surfaces, openings=(), width=5.0, length=8.0, height=3.5)
    return Forecaster(room, replace(kiln.gear, desk=None))


@pytest.mark.parametrize(
    ("wall", "lane"),
    [("front", "front wall"), ("floor", "floor"), ("back", "back wall"), ("ceiling", "ceiling")],
)
def test_the_only_hard_surface_is_named_as_the_cause(kiln: Document, wall: str, lane: str) -> None:
    # A cause present by construction in isolation: every other surface absorbs nearly all.
    forecaster = _one_hard_wall(kiln, wall)
    z = 2.6 if wall == "ceiling" else 1.3
    y = 0.6 if wall == "front" else 0.9
    a = placed(
        kiln.arrangements[0],
        left=Point(2.1, y, z),
        right=Point(2.9, y, z),
        seats={"desk": Point(2.5, 6.2 if wall == "back" else 3.2, z), "sofa": Point(2, 7, 1)},
    )
    found = findings_of_forecast(
        forecaster, Anechoic(forecaster), case_of(forecaster.setup(a), "desk", "left"), Wishes()
    )
    dips = [f for f in found if f.feature.kind == "hollow" and f.causes]
    assert dips
    assert dips[0].causes[0].mark.lane == lane


def test_taking_the_cause_away_fills_the_dip(kiln: Document) -> None:
    forecaster = _one_hard_wall(kiln, "front")
    a = placed(
        kiln.arrangements[0],
        left=Point(2.1, 0.6, 1.3),
        seats={"desk": Point(2.5, 3.2, 1.3), "sofa": Point(2, 7, 1)},
    )
    before = forecaster.at_seat(a, "desk").deviation(LEFT_ALONE)
    dip = next(f for f in features(before) if f.kind == "hollow")
    anechoic = Anechoic(forecaster)
    front = anechoic.change_db(dip, ("front",), case_of(forecaster.setup(a), "desk", "left"))
    floor = anechoic.change_db(dip, ("floor",), case_of(forecaster.setup(a), "desk", "left"))
    assert front > 0.5 * abs(dip.level_db)
    assert front > floor + 1


def test_without_any_evidence_no_cause_is_invented(kiln: Document, forecaster: Forecaster) -> None:
    assert measured_causes(Feature("hollow", 101.0, -6.0, 6.0), []) == []
    # A take shows a hollow where the forecast has none: nothing taken away could explain it.
    here = case_of(forecaster.setup(kiln.arrangements[0]), "desk", "both")
    before = forecaster.deviation(here)
    top = float(
        before.frequencies_hz[before.in_band][np.argmax(before.deviation_db[before.in_band])]
    )
    every = marks(here)
    assert causes(Feature("hollow", top, -9.0, 9.0), every, Anechoic(forecaster), here) == []


def test_findings_are_sentences_with_a_remedy_that_holds(
    kiln: Document, forecaster: Forecaster
) -> None:
    a = kiln.arrangements[0]
    found = findings_of_forecast(
        forecaster, Anechoic(forecaster), case_of(forecaster.setup(a), "desk", "both"), Wishes()
    )
    assert 1 <= len(found) <= 4
    for finding in found:
        assert finding.headline.endswith(".")
        assert f"{finding.feature.frequency_hz:.0f} Hz" in finding.headline
        assert ("No move" in finding.advice) == (finding.remedy is None)
    for remedy in some(finding.remedy for finding in found if finding.remedy is not None):
        # The promise of the button, calculated again from the arrangement it adds.
        after = forecaster.at_seat(remedy.arrangement, "desk").deviation(BOTH)
        assert evenness(after).value_db == pytest.approx(remedy.evenness_after_db)
        assert remedy.gain_db >= 0.2
        assert remedy.arrangement != a


def test_a_remedy_keeps_the_triangle_listenable(kiln: Document, forecaster: Forecaster) -> None:
    a = kiln.arrangements[0]
    dip, here = (
        Feature("hollow", 76.0, -25.0, 20.0),
        case_of(forecaster.setup(a), "desk", "both+sub"),
    )
    remedies = [best_remedy(dip, lane, forecaster, here, Wishes()) for lane in LANES]
    for b in some(remedy.arrangement for remedy in remedies if remedy is not None):
        assert 0.75 <= b.left.distance(b.right) / b.left.distance(b.seats["desk"]) <= 1.25


def test_dips_say_never_to_boost_and_takes_are_explained_from_geometry(
    kiln: Document, forecaster: Forecaster
) -> None:
    level = _bump(111.0, -14.0, 0.2)
    of = deviation(Response(GRID_HZ, level), 48.0)
    found = findings_of_take(
        of, forecaster, case_of(forecaster.setup(kiln.arrangements[2]), "desk", "both"), Wishes()
    )
    assert found[0].measured
    # Floor and ceiling both cancel near 111 Hz for this arrangement (their marks say so).
    assert found[0].causes[0].mark.lane in ("ceiling", "floor", "back wall")


def test_noise_between_two_sweeps_raises_the_bar() -> None:
    curve = _curve(_bump(60, 9) + _bump(120, -4))
    assert len(features(curve)) == 2
    assert [f.kind for f in features(curve, floor_db=2.0)] == ["hill"]


def test_width_and_height_against_the_trend() -> None:
    narrow, broad = (features(_curve(_bump(100, 9, w)))[0] for w in (0.08, 0.3))
    assert broad.width_octaves > 2 * narrow.width_octaves
    assert narrow.trend_db > broad.trend_db > 1.0
    # A slope of 6 dB over the band is a trend, not a feature.
    slope = np.linspace(-3.0, 3.0, GRID_HZ.size)
    assert features(_curve(slope)) == []


def test_above_300_hz_a_single_path_is_named_as_less_certain(kiln: Document) -> None:
    a = kiln.arrangements[0]
    mark = next(
        m
        for m in _marks(kiln, a, "desk", "both", 700.0)
        if m.lane == "desk" and 320 < m.frequency_hz < 650
    )
    f = np.geomspace(300.0, 700.0, 60)
    dip = -9 * np.exp(-((np.log2(f / mark.frequency_hz) / 0.05) ** 2))
    forecaster = Forecaster(kiln.room, kiln.gear)
    of = forecaster.at_seat(a, "desk").deviation(BOTH)
    found = findings_of_take(
        of,
        forecaster,
        case_of(forecaster.setup(a), "desk", "both"),
        Wishes(),
        upper=UpperCurve(f, dip),
    )
    above = [x for x in found if not x.certain]
    assert [x.causes[0].mark.lane for x in above] == ["desk"]
    assert above[0].evidence.startswith("Less certain, above 300 Hz")
    assert above[0].remedy is None and "Not judged" in above[0].advice
