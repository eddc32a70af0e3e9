"""Subwoofer places: which are tried, and whether each is judged as a plain forecast would."""

from dataclasses import replace

import numpy as np
import pytest

from certain import some
from jolly_parlor.acoustics.geometry.room import KeepOut, Point
from jolly_parlor.acoustics.geometry.room_parts import Thing
from jolly_parlor.placement.chains import Chain, Crossover, Filter
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.first_placing import starting_chains
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.loudspeakers import Controls
from jolly_parlor.placement.mounting import mount_of, mount_words
from jolly_parlor.placement.search.objective import Judge
from jolly_parlor.placement.search.subs import SubSearch, candidates
from jolly_parlor.placement.search.tuned_subs import TunedSubs, ways_to_set
from jolly_parlor.placement.search.wishes import Region, Wishes
from jolly_parlor.project.document import Document
from rooms import with_subs


def test_places_line_the_walls_and_reach_every_corner(kiln: Document) -> None:
    sub = kiln.gear.model_of("sub")
    room = replace(kiln.room, openings=(), keep_outs=())
    places = candidates(room, sub, Wishes())
    to_wall = np.minimum(
        np.minimum(places[:, 0], room.width - places[:, 0]) - sub.width / 2,
        np.minimum(places[:, 1], room.length - places[:, 1]) - sub.depth / 2,
    )
    assert np.allclose(to_wall, 0.05, atol=1e-9)
    for x in (sub.width / 2 + 0.05, room.width - sub.width / 2 - 0.05):
        for y in (sub.depth / 2 + 0.05, room.length - sub.depth / 2 - 0.05):
            assert np.min(np.hypot(places[:, 0] - x, places[:, 1] - y)) < 1e-9
    gaps = np.sort(np.unique(np.round(places[:, 1], 6)))
    assert np.max(np.diff(gaps)) <= 0.16


def test_no_place_in_a_keep_out_a_door_or_outside_the_region(kiln: Document) -> None:
    sub = kiln.gear.model_of("sub")
    stove = KeepOut("stove", 0.0, 0.0, 1.0, 1.0)
    room = replace(kiln.room, keep_outs=(stove,))
    for x, y, _ in candidates(room, sub, Wishes()):
        for area in room.kept_free:
            beside = abs(x - area.x - area.width / 2) >= (area.width + sub.width) / 2 - 1e-9
            before = abs(y - area.y - area.depth / 2) >= (area.depth + sub.depth) / 2 - 1e-9
            assert beside or before
    region = Region(1.0, 2.0, 1.2, 0.8)
    inside = candidates(room, sub, Wishes(subwoofers="region", region=region))
    assert len(inside) > 20
    assert all(region.contains(x, y) for x, y, _ in inside)
    tight = KeepOut("all", 0.0, 0.0, room.width, room.length)
    nowhere = replace(room, keep_outs=(tight,))
    assert candidates(nowhere, sub, Wishes()).shape == (0, 3)


CHAINS = {
    "sub": Chain(6.0, low_pass=Crossover()),
    **dict.fromkeys(PAIR, Chain(high_pass=Crossover())),
}


@pytest.fixture(scope="module")
def search(kiln: Document) -> SubSearch:
    return SubSearch(Judge(Forecaster(kiln.room, kiln.gear).coarse(), Wishes()))


def test_each_place_is_judged_as_the_model_of_record_would(
    kiln: Document, search: SubSearch
) -> None:
    a = kiln.arrangements[0]
    tried = search.tried(a, kiln.gear.subwoofers[0])
    assert tried is not None
    rows = np.flatnonzero(np.isfinite(tried.figures_db))[::9]
    moved = [a.moved(loudspeaker("sub"), Point(*map(float, tried.places[row]))) for row in rows]
    record = search.judge.figures(moved, played=True)
    assert np.median(np.abs(record - tried.figures_db[rows])) < 0.02
    assert np.max(np.abs(record - tried.figures_db[rows])) < 0.2


def test_the_best_place_is_taken_and_beats_where_it_stood(
    kiln: Document, search: SubSearch
) -> None:
    for a in some(kiln.arrangements):
        found = search.placed(a)
        before, after = search.judge.figures([a, found], played=True)
        assert after < before
        assert found.moved(loudspeaker("sub"), a.places["sub"]) == a


def hanging(kiln: Document, *mounts: str) -> Document:
    """The demo with a subwoofer that may be put there."""
    models = tuple(replace(m, mounts=mounts) if m.id == "sub" else m for m in kiln.gear.models)
    return replace(kiln, gear=replace(kiln.gear, models=models))


def test_on_walls_and_under_the_ceiling_where_the_model_allows(kiln: Document) -> None:
    room, sub = kiln.room, hanging(kiln, "wall", "ceiling").gear.model_of("sub")
    places = candidates(room, sub, Wishes())
    mounts = [mount_of(room, sub, Point(*place)) for place in places.tolist()]
    assert set(mounts) == {"wall", "ceiling"}
    above = places[[mount == "ceiling" for mount in mounts]]
    assert above[:, 2] == pytest.approx(room.height - sub.height / 2, abs=0.01)
    x, y, z = places[[mount == "wall" for mount in mounts]].T
    off = np.min([x, room.width - x, y, room.length - y], axis=0)
    assert np.all(off < max(sub.width, sub.depth) / 2 + 0.2)
    assert np.all((z >= 0.6) & (z <= room.height - sub.height / 2))
    shelf = Thing("shelf", "solid", 0.0, 0.0, 0.3, 0.4, 3.0, 2.0)
    full = candidates(replace(room, things=(shelf,)), sub, Wishes())
    assert len(full) < len(places)
    assert not any(shelf.holds(Point(*place)) for place in full.tolist())
    near = candidates(room, sub, Wishes(subwoofers="near"), kiln.arrangements[0].seats["desk"])
    assert near.shape == (0, 3)  # close behind the seat it stands on the floor, or nowhere


def test_a_hung_subwoofer_is_judged_as_the_model_of_record_would(kiln: Document) -> None:
    gear = hanging(kiln, "wall", "ceiling").gear
    search = SubSearch(Judge(Forecaster(kiln.room, gear).coarse(), Wishes()))
    a = kiln.arrangements[0]
    tried = search.tried(a, gear.subwoofers[0])
    assert tried is not None
    rows = np.flatnonzero(np.isfinite(tried.figures_db))[::23]
    moved = [a.moved(loudspeaker("sub"), Point(*map(float, tried.places[row]))) for row in rows]
    record = search.judge.figures(moved, played=True)
    assert np.median(np.abs(record - tried.figures_db[rows])) < 0.03
    assert np.max(np.abs(record - tried.figures_db[rows])) < 0.3
    found = TunedSubs(search.judge).placed(a)
    assert mount_of(kiln.room, gear.model_of("sub"), found.places["sub"]) != "floor"
    words = mount_words(kiln.room, gear.model_of("sub"), found.places["sub"], "metric")
    assert words.startswith(("on a wall, ", "under the ceiling, "))


def test_a_sub_that_stays_stays(kiln: Document) -> None:
    stays = SubSearch(Judge(Forecaster(kiln.room, kiln.gear).coarse(), Wishes(subwoofers="stay")))
    assert stays.placed(kiln.arrangements[0]) == kiln.arrangements[0]


def test_two_subs_keep_apart(kiln: Document) -> None:
    one = kiln.gear.model_of("sub")
    gear = with_subs(kiln.gear, "sub", "second")
    a = kiln.arrangements[0].moved(loudspeaker("second"), Point(3.5, 0.3, 0.18))
    a = replace(a, chains=starting_chains(gear, a.chains))
    two = SubSearch(Judge(Forecaster(kiln.room, gear).coarse(), Wishes()))
    found = two.placed(a)
    before, after = two.judge.figures([a, found], played=True)
    assert after < before
    p, q = found.places["sub"], found.places["second"]
    assert abs(p.x - q.x) >= one.width - 1e-6 or abs(p.y - q.y) >= one.depth - 1e-6


def test_places_are_weighed_with_the_settings_that_make_them_good(demo: Document) -> None:
    judge = Judge(Forecaster(demo.room, demo.gear).coarse(), Wishes())
    tuned = TunedSubs(judge)
    a = demo.arrangement("A third")
    together = tuned.settled(tuned.placed(a))
    one_after_the_other = tuned.settled(SubSearch(judge).placed(a))
    figures = judge.figures([a, one_after_the_other, together], played=True)
    assert figures[2] <= figures[1] + 0.1
    assert figures[2] < figures[0] - 2.0
    assert together.chains["left"] != a.chains["left"]  # the pair's handover and trims too


def test_ways_to_set_stay_within_the_controls() -> None:
    chain = Chain(6.0, low_pass=Crossover())
    controls = Controls(gain_db=Span(-3.0, 3.0), phase_degrees=Span(0.0, 90.0), polarity=True)
    ways = ways_to_set(chain, controls)
    assert ways[0] == chain
    assert {way.gain_db for way in ways[1:]} == {-2.0, 2.0}
    assert {way.phase_degrees for way in ways[1:]} == {0.0, 60.0}
    assert {way.inverted for way in ways} == {False, True}
    assert {way.low_pass for way in ways} == {Crossover()}
    assert ways_to_set(chain, Controls()) == [chain]


def test_pairs_of_subwoofers_stand_alike_about_the_middle(demo: Document) -> None:
    gear = with_subs(demo.gear, "sub", "second")
    a = demo.arrangement("A third").moved(loudspeaker("second"), Point(3.5, 4.0, 0.18))
    a = replace(a, chains=starting_chains(gear, a.chains))
    judge = Judge(Forecaster(demo.room, gear).coarse(), Wishes(sub_pairs=True))
    found = TunedSubs(judge).placed(a)
    one, other = found.places["sub"], found.places["second"]
    assert one.x + other.x == pytest.approx(demo.room.width, abs=0.021)
    assert one.y == pytest.approx(other.y, abs=0.011)
    before, after = judge.figures([a, found], played=True)
    assert after < before


def test_a_subwoofer_close_behind_the_seat_stands_there(demo: Document) -> None:
    judge = Judge(Forecaster(demo.room, demo.gear).coarse(), Wishes(subwoofers="near"))
    a = demo.arrangement("A third")
    found = TunedSubs(judge).placed(a)
    ear, at = a.seats["desk"], found.places["sub"]
    assert at.y - ear.y >= 0.39 and at.distance(replace(ear, z=at.z)) < 1.5
    before, after = judge.figures([a, found], played=True)
    assert after < before


def test_a_kind_of_low_pass_is_tried_where_there_is_a_low_pass() -> None:
    kinds = Controls(low_pass_kinds=(Filter(12, "butterworth"),))
    ways = ways_to_set(Chain(low_pass=Crossover(90.0)), kinds)
    assert [way.low_pass for way in ways] == [Crossover(90.0), Crossover(90.0, 12, "butterworth")]
    assert ways_to_set(Chain(), kinds) == [Chain()]
