"""The voice walk, the hunt against the map, tones against findings, centring, the review by eye."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.by_ear.compared import (
    figure_at,
    hunt_map,
    hunt_said,
    tones_said,
    usable,
    zone_said,
)
from jolly_parlor.by_ear.ear_record import ByEar, Hunt, ToneMark
from jolly_parlor.by_ear.led_tests import CENTRING, COMB, PLACING, centring_verdict, placing_verdict
from jolly_parlor.by_ear.review import QUESTIONS, keys, scored
from jolly_parlor.by_ear.simulated_ear import centre_heard, heard_at, notes_heard
from jolly_parlor.by_ear.steps import MOVES
from jolly_parlor.by_ear.voice_walk import (
    FORWARD,
    answer_of_studio,
    lift_words,
    on_plan,
    power_near_wall_db,
    width_words,
    with_distance,
    zone_of,
)
from jolly_parlor.diagnosis.findings import findings_of_forecast
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.items import LEFT
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.strips import strip
from jolly_parlor.project.document import Document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.refused import Refused
from jolly_parlor.signals.programme import PROGRAMMES
from jolly_parlor.studio.simulated import SimulatedStudio


def walked() -> ByEar:
    by_ear = ByEar()
    for wall, stages in {
        "behind": (("lift_ends", 0.22), ("begins", 0.6), ("ends", 0.9)),
        "beside": (("begins", 0.7), ("ends", 0.94)),
    }.items():
        for stage, metres in stages:
            by_ear = with_distance(by_ear, wall, stage, metres)  # type: ignore[arg-type]
    return by_ear


def test_the_zone_is_there_once_both_walls_are_walked() -> None:
    by_ear = walked()
    zone = zone_of(by_ear)
    assert zone is not None and (zone.front_near, zone.side_far) == (0.6, 0.94)
    assert zone_of(replace(by_ear, beside=ByEar().beside)) is None
    with pytest.raises(Refused, match="50 cm is not beyond 60 cm"):
        with_distance(by_ear, "behind", "ends", 0.5)


def test_widths_are_judged_as_the_trade_judges_them() -> None:
    assert "good room" in width_words(0.5, 0.96)
    assert "as is usual" in width_words(0.5, 0.72)
    assert "wider than most" in width_words(0.5, 0.88)
    assert "only 8 cm" in width_words(0.5, 0.58)
    assert lift_words(0.22) == "" and "later" in lift_words(0.6) and "sooner" in lift_words(0.05)


def test_the_rectangle_is_gridded_in_steps_and_mirrored(kiln: Document) -> None:
    zone = zone_of(walked())
    assert zone is not None
    drawn = on_plan(kiln.room, zone, 0.0254)
    assert np.allclose(np.diff(drawn.xs), 0.0254) and np.allclose(np.diff(drawn.ys), 0.0254)
    left, right = drawn.start
    assert left[1] == pytest.approx(0.6 + FORWARD * 0.3) and right[1] == left[1]
    assert left[0] + right[0] == pytest.approx(2 * kiln.room.frame.middle)
    assert drawn.left[0] == pytest.approx(0.7)
    assert drawn.right[0] + drawn.right[2] == pytest.approx(kiln.room.width - 0.7)


def test_power_near_a_wall_is_waterhouse_s() -> None:
    """Waterhouse 1955: +3 dB at the wall, level again at x = pi, lowest near x = 4.49 (−1.06 dB);
    figures recomputed from sin x / x.
    """
    speed, hertz = 343.0, np.array([100.0])
    x = np.array([1e-6, np.pi, 4.4934])
    metres = x * speed / (4 * np.pi * 100.0)
    assert power_near_wall_db(metres, hertz, speed)[:, 0] == pytest.approx(
        [3.01, 0.0, -1.065], abs=0.01
    )


def test_the_simulated_voice_changes_where_the_trade_hears_it_change(kiln: Document) -> None:
    walk = answer_of_studio(kiln.room)
    assert walk.lift_ends is not None and 0.15 <= walk.lift_ends <= 0.30
    assert walk.begins is not None and walk.ends is not None
    assert walk.lift_ends < walk.begins < walk.ends < 1.2


def test_a_hunt_lands_on_the_map_and_says_whether_it_agrees(
    kiln: Document, forecaster: Forecaster
) -> None:
    a = kiln.arrangements[0]
    hunt = Hunt("left", Point(0.2, 0.2, 0.4), "seat", 1.2)
    found = hunt_map(forecaster, a, hunt, "desk")
    assert found.height == 1.2
    said = hunt_said(found, hunt)
    assert said.best is None and "Mark at least one" in said.words
    calm = usable(found, hunt).calmest
    assert calm.y > 1.0 and 0.4 < calm.x < kiln.room.width - 0.4, "nobody sits at a wall"
    agreeing = hunt_said(found, hunt.marked(calm.x, calm.y, "even"))
    assert "agree" in agreeing.words and agreeing.best_db == pytest.approx(agreeing.calmest_db)
    row, column = np.unravel_index(int(np.nanargmax(found.figures_db)), found.figures_db.shape)
    worst = float(found.xs[column]), float(found.ys[row])
    torn = hunt.marked(*worst, "even").marked(calm.x, calm.y, "boomy")
    assert "disagree" in hunt_said(found, torn).words
    assert figure_at(found, *worst) == pytest.approx(float(np.nanmax(found.figures_db)))


def test_marking_a_place_again_replaces_what_was_heard() -> None:
    hunt = Hunt("left", Point(0.2, 0.2, 0.4), "seat", 1.2)
    twice = hunt.marked(1.0, 1.0, "boomy").marked(1.05, 1.02, "even").marked(1.5, 1.0, "thin")
    assert [(m.x, m.heard) for m in twice.marks] == [(1.05, "even"), (1.5, "thin")]
    assert len(twice.even) == 1


def test_tones_are_named_against_findings_and_against_nothing(
    kiln: Document, forecaster: Forecaster
) -> None:
    case = forecaster.case(kiln.arrangements[0], "desk", BOTH)
    findings = findings_of_forecast(forecaster, Anechoic(forecaster), case, Wishes())
    curve = forecaster.deviation(case)
    hollow = next(f for f in findings if f.feature.kind == "hollow")
    f = hollow.feature.frequency_hz
    said = tones_said([ToneMark(f, "missing")], findings, curve, "forecast")
    assert hollow.headline in said[0] and "missing" in said[0]
    at_peak = float(curve.frequencies_hz[int(np.argmax(curve.deviation_db))])
    lone = tones_said([ToneMark(at_peak, "booms")], [], curve, "forecast")
    assert "up there" in lone[0]
    deep = float(curve.frequencies_hz[int(np.argmin(curve.deviation_db))])
    contrary = tones_said(
        [ToneMark(deep, "booms")],
        [],
        replace(curve, deviation_db=-12 * np.ones_like(curve.deviation_db)),
        "forecast",
    )
    assert "nothing of it" in contrary[0]
    assert "nothing is known" in tones_said([ToneMark(1500.0, "booms")], [], None, "forecast")[0]


def test_the_zone_is_held_against_the_strip(kiln: Document, forecaster: Forecaster) -> None:
    zone = zone_of(walked())
    assert zone is not None
    found = strip(forecaster, forecaster.case(kiln.arrangements[0], "desk", BOTH), LEFT, "y")
    calm = found.calmest - kiln.room.frame.front
    there = replace(zone, front_near=calm - 0.1, front_far=calm + 0.1)
    assert "agree:" in zone_said(there, found, kiln.room.frame.front)
    rough = float(found.metres[int(np.nanargmax(found.figures_db))])
    away = replace(zone, front_near=rough - 0.03, front_far=rough + 0.03)
    assert "disagree" in zone_said(away, found, kiln.room.frame.front)


def test_the_simulated_listener_hears_the_hidden_room(kiln: Document) -> None:
    a = kiln.arrangements[0]
    studio = SimulatedStudio(kiln.room)
    stage = stage_of(kiln, a, "desk")
    notes = notes_heard(studio, "left", stage)
    assert notes.hertz[0] == pytest.approx(41.2, abs=0.01) and len(notes.hertz) == 25
    assert abs(float(np.mean(notes.against_db))) < 3
    assert notes.marks and all(m.heard in ("booms", "missing") for m in notes.marks)
    hunt = Hunt("sub", Point(0.25, 0.25, 0.18), "seat", 1.2)
    first = heard_at(studio, stage, hunt, 1.9, 2.0)
    assert first in ("even", "boomy", "thin")
    assert heard_at(SimulatedStudio(kiln.room), stage, hunt, 1.9, 2.0) == first
    centred = centre_heard(studio, stage, a.left.distance(a.right))
    assert abs(centred.right_metres) < 0.08 and abs(centred.louder_right_db) < 3
    later = replace(a.right, y=a.right.y - 0.1)
    skewed = stage_of(kiln, a.with_pair(a.left, later), "desk")
    assert centre_heard(studio, skewed, 1.45).right_metres > centred.right_metres + 0.02


def test_centring_is_judged_by_ear_and_by_tape(kiln: Document) -> None:
    a = kiln.arrangements[0]
    good = {"mono": "as narrow", "polarity": "reversed sounds wrong", "level": "in the middle"}
    assert centring_verdict(a, "desk", good).startswith("Centred")
    met = centring_verdict(a, "desk", good | {COMB: "0.01"})
    assert "meet in the middle" in met and "alike" in met
    far = a.with_pair(a.left, replace(a.right, x=a.right.x + 0.08))
    said = centring_verdict(far, "desk", {COMB: "0.06", "level": "leans left"})
    assert "6 cm right" in said and "right arrives late" in said and "cm farther" in said
    assert "left is louder" in said
    assert "reversed" in centring_verdict(a, "desk", {"polarity": "reversed sounds right"})


def test_placing_says_the_triangle_where_the_image_is_wrong() -> None:
    fine = {"stage": "from edge to edge", "middle": "one point", "depth": "clearly"}
    assert placing_verdict(fine, 42.0) == (
        "Stage, middle and depth are there: stay. It took 42 minutes."
    )
    said = placing_verdict(fine | {"depth": "all in one plane", "side": "the other way"}, None)
    assert "Missing depth" in said and "triangle" in said and "Turn the room" in said


def test_what_the_tests_name_is_there() -> None:
    for asked in (*PLACING, *CENTRING):
        assert not asked.programme or asked.programme in PROGRAMMES
        assert set(asked.moves) <= set(MOVES)


def test_the_review_has_twenty_questions_and_scores_left_against_right() -> None:
    assert len(QUESTIONS) == 20 and len({q.id for q in QUESTIONS}) == 20
    assert all(q.why and q.remedy for q in QUESTIONS)
    clean = {key: "no" for q in QUESTIONS for key in keys(q)} | {"way_out": "yes"}
    told = scored(clean)  # type: ignore[arg-type]
    assert told.answered == 20 and not told.faults and "Nothing to be seen" in told.words
    worse = scored(clean | {"lamp left": "yes", "glass_beside left": "yes", "corner right": "yes"})  # type: ignore[arg-type, dict-item]
    assert (worse.count("left"), worse.count("right")) == (2, 1)
    assert "The left is worse off" in worse.words
    assert scored({"way_out": "no"}).faults[0].words.startswith("A way out")
    assert scored({"lamp left": "yes"}).answered == 0
    assert "Not looked at yet" in scored({}).words
