"""Takes of a document as evidence, the fitted document, experiments, and what Compare adds."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.analysis.comparison import compare, difference, room_over_direct_db
from jolly_parlor.analysis.experiments import experiments_of, explained
from jolly_parlor.analysis.room_fit import as_fitted, evidence_of, fit_document, with_doubt
from jolly_parlor.fitting.evidence import FIT_HZ
from jolly_parlor.fitting.fit import Fit, fit_room
from jolly_parlor.fitting.fit_words import every_figure, value_of
from jolly_parlor.fitting.posterior import believe, placing_of, placing_of_mix
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.placement.judging import Judging
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.project.document import Document
from jolly_parlor.project.judging_edits import set_judging
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from rooms import BOTH_SUB, case_of, without_controls


@pytest.fixture(scope="module")
def fitted(demo: Document) -> Fit:
    return fit_room(demo.room, demo.gear, evidence_of(demo)[:3])


def test_takes_become_evidence_where_they_stood(demo: Document) -> None:
    found = evidence_of(demo)
    assert len(found) == len(demo.takes)
    for take, evidence in zip(demo.takes, found, strict=True):
        a = take.info.placed
        assert evidence.placing.ear == a.seats[take.info.seat]
        names = {"both": {"left", "right"}}.get(take.info.source, {take.info.source})
        assert set(evidence.placing.sources) == names
        assert not evidence.absolute  # imported: nobody knows their scale
    with pytest.raises(Refused, match="no take to fit the room to"):
        fit_document(replace(demo, takes=()))


def test_the_fitted_document_has_the_fits_room_and_corners(demo: Document, fitted: Fit) -> None:
    learnt = as_fitted(demo, fitted)
    assert learnt.room.dimensions == fitted.room.dimensions != demo.room.dimensions
    corners = [
        value_of(fitted, n)
        for n, p in enumerate(fitted.parameters)
        if p.kind == "corner" and p.label in ("left", "right")
    ]
    expected = demo.gear.monitor.low_corner_hz * np.exp(np.mean(np.log(corners)))
    assert learnt.gear.monitor.low_corner_hz == pytest.approx(expected)
    # Fitting what is fitted already keeps what was learnt of its surfaces.
    again = fit_room(learnt.room, learnt.gear, evidence_of(demo)[:1])
    assert again.takes[0].before_db <= fitted.takes[0].after_db + 0.2
    assert len(every_figure(fitted)) == len(fitted.parameters) - 1


def test_with_the_subwoofer_the_prediction_is_the_forecasts(demo: Document, fitted: Fit) -> None:
    learnt, a = as_fitted(demo, fitted), demo.arrangements[0]
    believed = believe(fitted, [placing_of_mix(case_of(demo.setup(a), "desk", BOTH_SUB))])
    forecast = Forecaster(learnt.room, learnt.gear).at_seat(a, "desk").deviation(BOTH_SUB)
    gap = np.interp(FIT_HZ, forecast.frequencies_hz, forecast.deviation_db) - believed.level_db[0]
    gap = (gap - np.median(gap))[FIT_HZ > 30]
    # The fit knows each source's level and corner by itself; the forecast takes the mean of both.
    assert np.median(np.abs(gap)) < 0.3
    alone = believe(fitted, [placing_of(demo.setup(a), "desk", ("left", "right"))])
    # No take has heard the sub: its level is as unsure as its prior.
    low = FIT_HZ < 60
    assert np.median(believed.sigma_db[0, low]) > np.median(alone.sigma_db[0, low])


def test_in_the_fitted_room_each_row_ranks_by_what_it_has(demo: Document, fitted: Fit) -> None:
    gone = {t.info.placed.name for t in demo.takes} - {"A third"}
    few = replace(demo, takes=tuple(t for t in demo.takes if t.info.placed.name in gone))
    found = compare(as_fitted(few, fitted), "desk", BOTH, fit=fitted)
    assert found.basis == "each" and "(2 of 3)" in found.basis_words
    by = {row.arrangement.name: row.basis_of("each") for row in found.rows}
    assert by["A third"] == "forecast" and set(by.values()) == {"measured", "forecast"}
    values = [row.figure("each").value_db for row in found.rows]  # type: ignore[union-attr]
    assert values == sorted(values)
    assert "rooms that fit your takes" in found.rivals or "room that fits" in found.rivals


def test_the_difference_of_two_rows_is_what_one_is_louder_by(demo: Document) -> None:
    one, other, _ = compare(demo, "desk", BOTH).rows
    gap = difference(one, other, "measured")
    assert one.measured is not None and other.measured is not None
    at = 100
    f = gap.frequencies_hz[at]
    expected = np.interp(f, one.measured.frequencies_hz, one.measured.deviation_db) - np.interp(
        f, other.measured.frequencies_hz, other.measured.deviation_db
    )
    assert gap.deviation_db[at] == pytest.approx(expected)
    assert np.all(difference(one, one, "measured").deviation_db == 0)
    assert all(any("bass to" in fact for fact in row.facts) for row in (one, other))


def test_the_rooms_share_grows_with_the_distance(demo: Document) -> None:
    a = demo.arrangements[0]
    model = Forecaster(demo.room, demo.gear)
    near = replace(a, seats={**a.seats, "desk": replace(a.seats["desk"], y=a.left.y + 0.7)})
    speed = demo.room.speed_of_sound
    shares = [
        room_over_direct_db(model.at_seat(x, "desk"), case_of(model.setup(x), "desk"), speed)
        for x in (near, a)
    ]
    assert shares[0] < shares[1]


def test_two_takes_with_only_the_seat_moved_are_an_experiment(demo: Document) -> None:
    a = demo.arrangements[0]
    seat = replace(a.seats["desk"], y=a.seats["desk"].y + 0.2)
    moved = replace(a, seats={**a.seats, "desk": seat})
    # Its takes at the old seat no longer hold for it, and tell what the move did.
    later = replace(demo, arrangements=(moved, *demo.arrangements[1:]))
    take = next(t for t in demo.takes if t.info.source == "both" and t.info.placed.name == a.name)
    again = replace(take, info=replace(take.info, id="take-0099", placed=moved))
    later = replace(later, takes=(*demo.takes, again))
    found = experiments_of(later, case_of(demo.setup(moved), "desk", "both"))
    assert [(e.moved, round(e.metres, 2)) for e in found] == [("the seat", 0.2)]
    findings, what = explained(later, "take-0099", None, None, BOTH)
    assert "measured" in what and any("when the seat moved 20 cm" in f.moves for f in findings)
    with pytest.raises(Refused, match="no take “take-0777”"):
        explained(demo, "take-0777", None, None, BOTH)


def test_without_a_fit_proposals_stay_as_they_were(demo: Document) -> None:
    from jolly_parlor.placement.search.search import search

    found = search(demo.room, without_controls(demo.gear), None, demo.wishes, step=0.2, most=1)
    assert with_doubt(None, found, demo.gear) is found


def test_an_earlier_take_that_ends_below_the_judged_band_is_left_out(demo: Document) -> None:
    wide = set_judging(demo, Judging(takes_to_hz=700.0))
    take = next(t for t in wide.takes if t.info.source == "both" and t.info.seat == "desk")
    a = wide.arrangement(take.info.placed.name)
    f = take.response.frequencies_hz
    short = Response(f[f <= 400.0], take.response.level_db[f <= 400.0])
    stood = a.moved(seat_item("desk"), replace(a.seats["desk"], y=a.seats["desk"].y + 0.2))
    info = replace(take.info, id="take-0099", placed=stood)
    earlier = replace(take, info=info, response=short)
    told = replace(wide, takes=(*wide.takes, earlier))
    findings, what = explained(told, None, a.name, "desk", BOTH)
    assert findings and what.endswith("measured.")
