"""A subwoofer walked round the floor: which places there are, how they rank, what is said."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.analysis.floor_walk import walk_round
from jolly_parlor.analysis.subwoofers import sub_report
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.placement.floor_places import HERE, floor_places
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.settings.shares import THIRDS_HZ
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document, problems
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response


def tried_at(document: Document, name: str, deaf_db: float) -> Document:
    """With a take at a named place: the forecast from there, with a hollow of so many dB."""
    a, gear = document.arrangement("A third"), document.gear
    place = next(p for p in floor_places(Setup(document.room, gear, a), "sub") if p.name == name)
    forecaster = Forecaster(document.room, gear)
    there = replace(a, places={**a.places, "sub": place.at})
    heard = forecaster.at_seat(there, "desk").sources["sub"]
    hollow = 10 ** (-deaf_db / 20 * np.exp(-((np.log2(GRID_HZ / 55.0) * 3) ** 2)))
    response = Response.from_pressure(GRID_HZ, heard * hollow)
    like = next(take for take in document.takes if take.info.source == "sub")
    placed = replace(a, places={**a.places, "sub": place.at})
    number = f"take-{len(document.takes) + 900:04d}"
    info = replace(like.info, id=number, placed=placed, floor_place=name, swapped=True, seat="desk")
    return replace(document, takes=(*document.takes, replace(like, info=info, response=response)))


@pytest.fixture(scope="module")
def bare(demo: Document) -> Document:
    """The demo without takes of the subwoofer but one to make others of, of another arrangement."""
    kept = tuple(t for t in demo.takes if t.info.source != "sub" or t.info.placed.name != "A third")
    return replace(demo, takes=kept)


def test_measured_places_rank_before_the_others_and_by_what_was_measured(bare: Document) -> None:
    forecast = walk_round(bare, "A third", "sub", "desk")
    assert forecast.average_db is None and not forecast.measured
    order = [row.forecast_db for row in forecast.rows]
    assert order == sorted(order)
    first, second, third = (row.place.name for row in forecast.rows[:3])
    walked = tried_at(tried_at(tried_at(bare, first, 18.0), second, 0.0), third, 6.0)
    found = walk_round(walked, "A third", "sub", "desk")
    assert {row.place.name for row in found.rows[:3]} == {first, second, third}
    assert found.rows[0].place.name == second  # the forecast's first has a hollow when measured
    assert found.rows[0].measured_db == pytest.approx(found.rows[0].forecast_db, abs=0.05)
    words = " ".join(found.words)
    assert f"most even from: {second}" in words
    assert f"The forecast would have named {first}" in words
    assert "The mean of the 3 places is" in words
    assert f"{len(found.rows) - 3} places not measured yet" in words
    assert problems(walked) == []


def test_a_take_answers_wherever_the_subwoofer_stands_there(bare: Document) -> None:
    walked = tried_at(bare, "front left corner", 0.0)
    a = walked.arrangement("A third")
    assert not walked.stale_takes(a)
    assert walked.take_of(a, "sub", "desk") is None
    there = a.moved(loudspeaker("sub"), walked.takes[-1].info.placed.places["sub"])
    moved = replace(walked, arrangements=(there,))
    assert moved.take_of(there, "sub", "desk") is moved.takes[-1]
    names = [row.place.name for row in walk_round(moved, "A third", "sub", "desk").rows]
    assert HERE in names and "front left corner" not in names  # it is the same place


def test_blocked_places_and_those_at_a_head_are_left_out(demo: Document) -> None:
    a = demo.arrangement("A third")
    names = {p.name for p in floor_places(demo.setup(a), "sub")}
    assert "back left corner" not in names  # the door's swing
    beside = replace(a, seats={**a.seats, "desk": replace(a.seats["desk"], x=0.3, y=2.8)})
    near = {p.name for p in floor_places(demo.setup(beside), "sub")}
    assert names - near == {"left wall, middle"}


def test_what_is_no_subwoofer_is_refused(demo: Document) -> None:
    with pytest.raises(Refused, match="“left” is no subwoofer"):
        walk_round(demo, "A third", "left", "desk")
    [take] = [t for t in demo.takes if t.info.source == "sub"][:1]
    bad = replace(take, info=replace(take.info, source="left", floor_place="a corner"))
    [wrong] = problems(replace(demo, takes=(bad,)))
    assert "is of no subwoofer" in wrong


def test_shares_are_by_takes_where_there_are_and_stop_where_they_end(demo: Document) -> None:
    found = sub_report(demo, "A third")
    assert (found.sources["desk"], found.sources["sofa"]) == ("measured", "forecast")
    assert found.aligned_by == "measured"
    take = demo.take_of(demo.arrangement("A third"), "sub", "desk")
    assert take is not None
    cut = take.response.frequencies_hz >= 24.0
    phase = take.response.phase_deg
    assert phase is not None
    short = Response(take.response.frequencies_hz[cut], take.response.level_db[cut], phase[cut])
    takes = tuple(replace(t, response=short) if t is take else t for t in demo.takes)
    levels = sub_report(replace(demo, takes=takes), "A third").at_seats["desk"].levels_db[0]
    known = np.isfinite(levels)
    assert known.tolist() == [f > 24.0 for f in THIRDS_HZ]
