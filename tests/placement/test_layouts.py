"""Layouts: their angles against the recommendations, places within them, levels by hand."""

from dataclasses import replace

import numpy as np
import pytest

from certain import some
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.analysis.comparison import compare
from jolly_parlor.analysis.loudspeakers_alike import match_all, matched
from jolly_parlor.placement.around_seat import off_its_angles, placed_around, settled_around
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear, gear_problems
from jolly_parlor.placement.layouts import (
    PRESETS,
    Direction,
    Layout,
    azimuth_of,
    elevation_of,
    point_at,
    side_words,
)
from jolly_parlor.placement.matching import Heard, match_words, matches, mean_over
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document
from jolly_parlor.project.layout_edits import choose_layout, move_around, set_direction
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from quick_field import QuickField
from rooms import without_controls

NAME = "A third"


@pytest.fixture(scope="module")
def five(kiln: Document) -> Document:
    return choose_layout(kiln, "five")


def test_angles_are_those_of_the_recommendations() -> None:
    # ITU-R BS.775-3: surrounds at 100 to 120 degrees; BS.2051-2: upper layer 30 to 55 degrees up,
    # at 30 to 45 and 100 to 135 (4+5+0). From memory.
    spans = {c.id: (c.azimuth[1:], c.elevation[1:]) for c in PRESETS["five_four"].channels}
    assert spans["surround left"][0] == (100.0, 120.0)
    assert spans["surround right"][0] == (-120.0, -100.0)
    assert spans["front height left"] == ((30.0, 45.0), (30.0, 55.0))
    assert spans["rear height right"] == ((-135.0, -100.0), (30.0, 55.0))
    assert [len(PRESETS[n].channels) + 2 for n in ("three", "five", "seven")] == [3, 5, 7]
    assert [len(PRESETS[n].channels) + 2 for n in ("five_four", "seven_four")] == [9, 11]


@pytest.mark.parametrize("azimuth", [-150.0, -30.0, 0.0, 45.0, 110.0])
@pytest.mark.parametrize("elevation", [-20.0, 0.0, 40.0])
def test_a_point_in_a_direction_lies_in_that_direction(azimuth, elevation) -> None:
    ear = Point(2.0, 3.0, 1.2)
    at = point_at(ear, azimuth, elevation, 1.7)
    assert azimuth_of(ear, at) == pytest.approx(azimuth)
    assert elevation_of(ear, at) == pytest.approx(elevation)
    assert at.distance(ear) == pytest.approx(1.7)


def test_left_is_left_and_ahead_is_towards_the_wall_faced() -> None:
    ear = Point(2.0, 3.0, 1.2)
    assert azimuth_of(ear, Point(2.0, 1.0, 1.2)) == pytest.approx(0.0)
    assert azimuth_of(ear, Point(1.0, 3.0, 1.2)) == pytest.approx(90.0)
    assert side_words(azimuth_of(ear, Point(3.0, 3.0, 1.2))) == "90° right"


def test_choosing_a_layout_brings_its_loudspeakers_to_their_angles(five: Document) -> None:
    assert [s.id for s in five.gear.loudspeakers] == [
        "left", "right", "sub", "centre", "surround left", "surround right",
    ]  # fmt: skip
    for a in five.arrangements:
        ear = a.seats["desk"]
        metres = a.left.distance(ear)
        for wanted in five.gear.layout.directions:
            assert off_its_angles(a, wanted, ear) == (0.0, 0.0)
            assert a.places[wanted.loudspeaker].distance(ear) <= metres + 0.01


def test_a_smaller_layout_takes_away_what_only_the_larger_had(five: Document) -> None:
    three = choose_layout(five, "three")
    assert [s.id for s in three.gear.loudspeakers] == ["left", "right", "sub", "centre"]
    two = choose_layout(three, "stereo")
    assert [s.id for s in two.gear.loudspeakers] == ["left", "right", "sub"]
    assert two.gear.layout == Layout()
    assert two.arrangements[0].places.keys() == {"left", "right", "sub"}


def test_where_the_room_is_too_small_one_stands_nearer(kiln: Document) -> None:
    gear = choose_layout(kiln, "five").gear
    ear = Point(1.935, 3.9, 1.2)
    found = placed_around(kiln.room, gear, Point(0.6, 1.6, 1.2), Point(3.27, 1.6, 1.2), ear, {})
    wide = 2.66
    assert found["surround left"].distance(ear) < wide - 0.2
    assert found["surround left"].x > 0.05


def test_settling_keeps_angles_and_mirrors_twins(five: Document, forecaster: Forecaster) -> None:
    own = Forecaster(five.room, five.gear, forecaster.field).coarse()
    a = five.arrangement(NAME)
    placed, told = settled_around(own, a, "desk")
    ear = a.seats["desk"]
    one, other = placed.places["surround left"], placed.places["surround right"]
    assert azimuth_of(ear, one) == pytest.approx(-azimuth_of(ear, other), abs=0.1)
    assert all(off_its_angles(placed, w, ear) == (0.0, 0.0) for w in five.gear.layout.directions)
    mean = {n: np.mean([getattr(t, n) for t in told]) for n in ("before_db", "after_db")}
    assert mean["after_db"] < mean["before_db"]
    assert placed.left == a.left and placed.places["sub"] == a.places["sub"]


def test_what_may_not_move_stays(five: Document) -> None:
    centre = five.gear.layout.of("centre")
    held = set_direction(five, replace(centre, movable=False))
    assert held.gear.layout.id == "five"
    moved, told = move_around(held, NAME)
    before, after = held.arrangement(NAME), moved.arrangement(NAME)
    assert after.places["centre"] == before.places["centre"]
    assert "centre" not in [one.loudspeaker for one in told]
    assert "around the seat" in moved.noted[-1].text


def test_without_a_layout_there_is_nothing_to_move(kiln: Document) -> None:
    with pytest.raises(Refused, match="choose a layout"):
        move_around(kiln, NAME)


def test_other_angles_make_it_ones_own_and_contradictions_are_refused(five: Document) -> None:
    wide = Direction("surround left", 130.0, 120.0, 140.0)
    own = set_direction(five, wide)
    assert own.gear.layout.id == "own"
    assert own.gear.layout.of("surround left") == wide
    with pytest.raises(Refused, match="outside its own range"):
        set_direction(five, replace(wide, azimuth_degrees=90.0))
    with pytest.raises(Refused, match="lacks"):
        set_direction(five, replace(wide, loudspeaker="nobody"))


def test_two_directions_for_one_are_a_problem(five: Document) -> None:
    twice = Layout("own", (*five.gear.layout.directions, five.gear.layout.directions[0]))
    assert any("two directions" in p for p in gear_problems(replace(five.gear, layout=twice)))


F = np.geomspace(20.0, 300.0, 200)


def flat(db: float) -> Response:
    return Response(F, np.full(F.size, db))


def test_the_mean_over_points_is_that_of_powers_by_hand() -> None:
    # 10 lg ((10^7 + 10^7.6 + 10^6.4) / 3) for 70, 76 and 64 dB
    at = np.array([100.0, 200.0])
    wanted = 10 * np.log10((10**7.0 + 10**7.6 + 10**6.4) / 3)
    found = mean_over([flat(70.0), flat(76.0), flat(64.0)], at)
    assert found == pytest.approx([wanted, wanted], abs=1e-6)


@pytest.fixture(scope="module")
def row(five: Document):
    def matched_with(levels: dict[str, float], gear: Gear = five.gear):
        a = five.arrangement(NAME)
        heard = {name: Heard(flat(db), 6, True) for name, db in levels.items()}
        return {m.loudspeaker: m for m in matches(Setup(five.room, gear, a), heard, 300.0)}

    return matched_with


LEVELS = {"left": 70.0, "right": 71.0, "centre": 73.0, "surround left": 66.0}


def test_levels_are_matched_to_the_pair(row) -> None:
    found = row(LEVELS)
    assert found["centre"].level_db == pytest.approx(2.5, abs=0.01)
    assert found["centre"].gain_db == -2.5
    assert found["surround left"].gain_db == 4.5
    assert found["left"].gain_db == 0.5 and found["right"].gain_db == -0.5


def test_all_arrive_with_the_farthest(row, five: Document) -> None:
    found = row(LEVELS)
    a = five.arrangement(NAME)
    ear, c = a.seats["desk"], five.room.speed_of_sound
    far = max(a.places[n].distance(ear) for n in LEVELS)
    for name, one in found.items():
        wanted = 1000 * (far - a.places[name].distance(ear)) / c
        assert one.delay_ms == pytest.approx(wanted, abs=0.026)
    assert min(m.delay_ms for m in found.values()) == 0.0


def test_a_loudspeaker_out_of_place_is_told_to_move_before_it_is_set(five: Document) -> None:
    a = five.arrangement(NAME)
    ear = a.seats["desk"]
    behind = replace(a, places={**a.places, "surround left": point_at(ear, 160.0, 0.0, 1.0)})
    heard = {name: Heard(flat(db), 6, True) for name, db in LEVELS.items()}
    found = matches(five.setup(behind), heard, 300.0)
    one = next(m for m in found if m.loudspeaker == "surround left")
    assert one.off_azimuth == pytest.approx(40.0, abs=0.1)
    words = match_words(one, five.gear)
    assert "160° left; it should from 100 to 120° left" in words[0]
    assert "nearer to the ear" in words[1]
    assert words[2].startswith("Then set gain +4.5 dB")


def test_a_curve_beyond_the_tolerance_is_told(five: Document) -> None:
    level = np.where(F > 150.0, 76.0, 66.0)
    heard = {name: Heard(flat(db), 6, True) for name, db in LEVELS.items()}
    heard["centre"] = Heard(Response(F, level), 6, True)
    found = matches(five.setup(five.arrangement(NAME)), heard, 300.0)
    centre = next(m for m in found if m.loudspeaker == "centre")
    assert centre.within < 0.5
    assert any("within 3 dB of the target" in words for words in match_words(centre, five.gear))


def test_what_is_matched_is_set_and_subwoofers_keep_their_time_to_the_pair(five: Document) -> None:
    found = match_all(five, NAME)
    assert not found[0].measured and found[0].points == 6
    done = matched(five, NAME, found)
    before, after = five.arrangement(NAME), done.arrangement(NAME)
    again = {m.loudspeaker: m for m in match_all(done, NAME)}
    assert all(abs(m.gain_db) < 0.5 for m in again.values())
    pair = after.chain("left").delay_ms - before.chain("left").delay_ms
    assert after.chain("sub").delay_ms == pytest.approx(
        before.chain("sub").delay_ms + pair, abs=0.03
    )


def test_takes_asked_for_and_missing_are_named(five: Document) -> None:
    with pytest.raises(Refused, match="no take of left, right, centre"):
        match_all(five, NAME, measured=True)


def test_compare_says_how_many_stand_within_their_angles(five: Document) -> None:
    row = compare(five, "desk", BOTH, only=NAME).rows[0]
    assert "3 of 3 around the seat within their angles" in row.facts


def test_a_search_puts_those_that_may_move_at_their_angles(five: Document) -> None:
    a = five.arrangement(NAME)
    astray = replace(a, places={**a.places, "surround left": Point(0.4, 0.6, 1.2)})
    few = Wishes(furthest=1.1, height_change=0.0, subwoofers="stay")
    gear = without_controls(five.gear)
    found = search(five.room, gear, astray, few, step=0.15, most=1, make_field=QuickField)
    placed = found.proposals[0].arrangement
    ear = placed.seats["desk"]
    for wanted in some(five.gear.layout.directions):
        assert off_its_angles(placed, wanted, ear) == (0.0, 0.0)
