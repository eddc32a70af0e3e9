"""Ranking: by takes or by forecast, never mixed; reasons in words."""

from dataclasses import replace

import numpy as np
import pytest

from certain import some
from jolly_parlor.acoustics.sources import crossover_high, crossover_low
from jolly_parlor.analysis.comparison import compare
from jolly_parlor.analysis.measured import measured_response
from jolly_parlor.placement.evenness import evenness
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.judging import Judging
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.project.document import Document
from jolly_parlor.project.judging_edits import set_judging
from jolly_parlor.project.take_edits import remove_take
from jolly_parlor.refused import Refused
from rooms import case_of


def test_the_demo_is_ranked_by_its_takes(demo: Document) -> None:
    found = compare(demo, "desk", BOTH)
    assert found.basis == "measured"
    values = [row.measured_evenness.value_db for row in found.rows if row.measured_evenness]
    assert len(values) == 3
    assert values == sorted(values)
    best = found.rows[0].arrangement.name
    assert found.verdict.startswith(best)
    apart = f"{values[1] - values[0]:.1f} dB"
    told = f"by {apart}" if values[1] - values[0] >= 0.3 else f"cannot be told apart ({apart})"
    assert told in found.verdict
    for row in found.rows:
        assert row.measured is not None
        assert evenness(row.measured).value_db == row.measured_evenness.value_db


def test_measured_and_forecast_differ_as_in_life_but_agree_broadly(demo: Document) -> None:
    # The takes come from finite volumes with cabinets and desk, the forecast from impedance modes.
    for row in some(compare(demo, "desk", BOTH).rows):
        assert row.measured is not None
        assert row.forecast is not None
        gap = np.abs(row.measured.deviation_db - row.forecast.deviation_db)[row.forecast.in_band]
        assert 0.1 < np.median(gap) < 2.0


def test_one_missing_take_makes_all_rank_by_forecast_and_says_so(demo: Document) -> None:
    gone = next(t for t in demo.takes if t.info.source == "both" and t.info.seat == "desk")
    name = gone.info.placed.name
    fewer = remove_take(demo, gone.info.id)
    # Left and right with phase still answer for both.
    assert compare(fewer, "desk", BOTH).basis == "measured"
    left = next(t for t in fewer.takes if t.info.source == "left" and t.info.placed.name == name)
    fewest = remove_take(fewer, left.info.id)
    found = compare(fewest, "desk", BOTH)
    assert found.basis == "forecast"
    assert "2 of 3 have takes" in found.basis_words
    with pytest.raises(Refused, match=f"No take of this mix for: {name}"):
        compare(fewest, "desk", BOTH, basis="measured")


def test_both_and_sub_is_summed_from_takes_with_the_crossover(demo: Document) -> None:
    a = demo.arrangements[0]
    both, sub = (demo.take_of(a, s, "desk") for s in ("both", "sub"))
    assert both is not None
    assert sub is not None
    f = both.response.frequencies_hz
    expected = both.response.pressure(f) * crossover_high(f, 80.0)
    expected += 10 ** (6 / 20) * sub.response.pressure(f) * crossover_low(f, 80.0)
    found = measured_response(demo, case_of(demo.setup(a), "desk", "both+sub"))
    assert found is not None
    assert np.allclose(found.level_db, 20 * np.log10(np.abs(expected)), atol=1e-6)


def test_left_plus_right_takes_agree_with_the_take_of_both(demo: Document) -> None:
    a = demo.arrangements[1]
    direct = measured_response(demo, case_of(demo.setup(a), "desk", "both"))
    both = next(
        t
        for t in demo.takes
        if t.info.source == "both" and t.info.seat == "desk" and t.info.placed.name == a.name
    )
    summed = measured_response(
        remove_take(demo, both.info.id), case_of(demo.setup(a), "desk", "both")
    )
    assert direct is not None
    assert summed is not None
    at = np.geomspace(40, 280, 200)
    gap = np.interp(at, summed.frequencies_hz, summed.level_db) - np.interp(
        at, direct.frequencies_hz, direct.level_db
    )
    assert np.median(np.abs(gap)) < 0.3


def test_sums_without_phase_are_not_made_up(demo: Document) -> None:
    flat = tuple(replace(t, response=replace(t.response, phase_deg=None)) for t in demo.takes)
    without = replace(demo, takes=flat)
    assert (
        measured_response(without, case_of(demo.setup(demo.arrangements[0]), "desk", "both+sub"))
        is None
    )
    assert (
        measured_response(without, case_of(demo.setup(demo.arrangements[0]), "desk", "both"))
        is not None
    )


def test_reasons_carry_the_figures_they_are_drawn_from(demo: Document) -> None:
    for row in some(compare(demo, "desk", BOTH).rows):
        figure = row.measured_evenness
        assert figure is not None
        assert len(row.reasons) == 4
        assert f"{figure.deepest_hz:.0f} Hz" in row.reasons[0].text
        assert row.reasons[0].good == (figure.deepest_db > -9)
        assert row.head_worst_db is not None
        assert row.forecast_evenness is not None
        assert row.head_worst_db >= row.forecast_evenness.value_db


def test_what_cannot_stand_ranks_last_with_its_reason(kiln: Document) -> None:
    from jolly_parlor.acoustics.geometry.room import Point
    from jolly_parlor.project.edits import replace_arrangement

    a = kiln.arrangements[2]
    d = replace_arrangement(kiln, a.moved(loudspeaker("left"), Point(9.0, 1.0, 1.2)))
    found = compare(d, "desk", BOTH)
    assert found.rows[-1].arrangement.name == a.name
    assert "outside the room" in found.rows[-1].problem
    assert "evenest of" not in found.verdict or a.name not in found.verdict


def test_order_of_arrangements_does_not_change_the_ranking(kiln: Document) -> None:
    turned = replace(kiln, arrangements=kiln.arrangements[::-1])
    one, two = (compare(d, "desk", BOTH) for d in (kiln, turned))
    assert [r.arrangement.name for r in one.rows] == [r.arrangement.name for r in two.rows]
    assert one.basis == "forecast"


def test_nothing_to_compare_is_said(kiln: Document) -> None:
    assert compare(replace(kiln, arrangements=()), "desk", BOTH).verdict == (
        "Nothing to compare yet"
    )
    alone = compare(replace(kiln, arrangements=kiln.arrangements[:1]), "desk", BOTH)
    assert "stands alone" in alone.verdict
    with pytest.raises(Refused, match="no seat “roof”"):
        compare(kiln, "roof", BOTH)


def test_takes_around_every_head_rank_by_their_mean_and_say_so(demo: Document) -> None:
    document, told = demo, []
    for number, a in enumerate(demo.arrangements):
        take = demo.take_of(a, "both", "desk")
        assert take is not None
        louder = replace(take.response, level_db=take.response.level_db + 6.0 * (number + 1))
        info = replace(take.info, id=f"extra-{number}", point="left")
        document = replace(
            document, takes=(*document.takes, replace(take, info=info, response=louder))
        )
        found = compare(document, "desk", BOTH)
        told.append(found.basis_words)
    assert "(1 of 3 also have takes around it)" in told[0]
    assert "(2 of 3 also have takes around it)" in told[1]
    assert len(told) == 3 and "averaged over the head" in found.basis_words
    # The same shape only louder: the mean of both is as even as either.
    before = compare(demo, "desk", BOTH)
    for row, old in zip(found.rows, before.rows, strict=True):
        assert row.measured_evenness is not None and old.measured_evenness is not None
        assert row.measured_evenness.value_db == pytest.approx(old.measured_evenness.value_db)


def test_takes_to_700_hz_stand_by_forecasts_to_300_only_where_none_is_missing(
    demo: Document,
) -> None:
    wide = set_judging(demo, Judging(takes_to_hz=700.0))
    row = compare(wide, "desk", BOTH).rows[0]
    assert row.measured is not None and row.measured.high_hz == 700.0
    assert row.forecast is not None and row.forecast.high_hz == 300.0
    beside_forecasts = compare(wide, "desk", BOTH, basis="each").rows[0]
    assert beside_forecasts.measured is not None and beside_forecasts.measured.high_hz == 300.0
