"""Small facts that are told in words: which way, which corner, how much deeper."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.placement.arrangement import turn_words
from jolly_parlor.placement.evenness import bass_reach_hz
from jolly_parlor.placement.floor_places import HERE, floor_places
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.maps import pressure_map
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.placement.radiating import plates_between, plates_of
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.settings.alignment import Alignment, Null
from jolly_parlor.placement.settings.knobs import Knob
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document
from jolly_parlor.signals.response import Response


@pytest.mark.parametrize(
    ("degrees", "words"),
    [
        (0.0, "turned to the back"),
        (90.0, "turned to the right"),
        (-90.0, "turned to the left"),
        (180.0, "turned to the front"),
        (-180.0, "turned to the front"),
        (45.0, "turned to 45° from the back towards the right"),
        (None, "turned away from its wall"),
    ],
)
def test_which_way_a_subwoofer_is_turned(degrees: float | None, words: str) -> None:
    assert turn_words(degrees) == words


def test_each_named_place_of_the_floor_is_where_its_name_says(demo: Document) -> None:
    room, a = demo.room, demo.arrangements[0]
    places = {p.name: p.at for p in floor_places(Setup(room, demo.gear, a), "sub")}
    wide, long = room.width, room.length
    at = {
        "front wall, middle": (0.5, 0.0),
        "front right corner": (1.0, 0.0),
        "left wall, middle": (0.0, 0.5),
        "right wall, middle": (1.0, 0.5),
        "back wall, middle": (0.5, 1.0),
        "back right corner": (1.0, 1.0),
    }
    told = {
        name: (round(2 * p.x / wide) / 2, round(2 * p.y / long) / 2)
        for name, p in places.items()
        if name in at
    }
    assert told == at and places[HERE] == a.places["sub"]


def test_a_pressure_map_is_told_against_its_own_mean_over_the_plan(demo: Document) -> None:
    forecaster = Forecaster(demo.room, demo.gear)
    found = pressure_map(forecaster, forecaster.case(demo.arrangements[0], "desk", BOTH), 60.0)
    assert np.nanmean(10 ** (found.plan_db / 10)) == pytest.approx(1.0, abs=1e-9)


def test_a_null_that_is_hardly_deeper_elsewhere_is_not_sent_there() -> None:
    knob = Knob(("sub",), "delay_ms", 0.0, 10.0, 0.1)

    def words(deepest: float) -> str:
        null = Null(12.0, knob, 3.0, deepest)
        return Alignment("sub", 80.0, 2.0, 0.0, 0.0, 0.0, null, deepest_at="3 ms").words

    assert "deepest" not in words(12.4) and "deepest" not in words(11.5)
    assert "deepest, 15 dB, at delay 3 ms" in words(15.0)


def test_bass_reach_is_where_a_third_octave_has_fallen_by_six_decibels() -> None:
    """A fall of 24 dB an octave below 40 Hz is 6 dB down a quarter of an octave lower, at 33.6 Hz;
    smoothed to a third of an octave some Hz of the corner are rounded off.
    """
    f = log_grid(20.0, 300.0, 96)
    level = np.where(f < 40.0, 24.0 * np.log2(np.minimum(f, 40.0) / 40.0), 0.0)
    assert bass_reach_hz(Response(f, level), 0.0) == pytest.approx(33.6, abs=0.7)


def test_plates_between_two_steps_share_by_how_near_they_are(demo: Document) -> None:
    [plate] = plates_of(demo.gear, demo.arrangements[0])
    at = replace(plate, corner=(1.03, 0.5, plate.corner[2]))
    shares = {
        part[0].corner[:2]: weight for part, weight in plates_between((at,), (0.1, 0.25), 1.0)
    }
    assert shares == pytest.approx({(1.0, 0.5): 0.7, (1.1, 0.5): 0.3})


def test_a_proposal_is_held_against_the_others_and_not_itself(demo: Document) -> None:
    wishes = replace(Wishes(), subwoofers="stay")
    found = search(demo.room, demo.gear, demo.arrangements[0], wishes, step=0.15, most=3)
    first, *others = found.proposals
    assert others and all("the best" in one.trade or "best" in one.trade for one in others)
    assert first.trade.startswith(("The most even", "As even as"))
    assert not any("one place" in one.trade for one in found.proposals)
