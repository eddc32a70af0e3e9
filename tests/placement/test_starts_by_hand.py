"""Where loudspeakers begin and what turns is worth, by hand and on made-up figures."""

from collections.abc import Mapping
from dataclasses import replace
from math import hypot

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Surface, Thing
from jolly_parlor.placement.around_seat import (
    _twins,
    off_its_angles,
    pair_distance,
    placed_around,
    spots,
)
from jolly_parlor.placement.chains import Chain, Crossover, Section
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.first_placing import inside, starting_chains, starting_places
from jolly_parlor.placement.in_words import extremes
from jolly_parlor.placement.layouts import PRESETS, Direction, point_at
from jolly_parlor.placement.loudspeakers import Controls, Loudspeaker
from jolly_parlor.placement.settings.knobs import Knob, Panel, Switch
from jolly_parlor.placement.settings.solver import Solution
from jolly_parlor.placement.settings.worth import Worth, limits_words, worths
from rooms import simple, small_gear

OWN = Surface("own", (0.1,) * 7)
ROOM = box_room("made", 4.0, 5.0, 2.5, dict.fromkeys(SURFACE_NAMES, OWN))
GEAR = small_gear()  # cabinets 20 wide, 25 deep, 33 cm high, middle 20 cm up
LEFT, RIGHT, EAR = Point(1.4, 1.0, 1.2), Point(2.6, 1.0, 1.2), Point(2.0, 2.0, 1.2)
PAIR = {"left": LEFT, "right": RIGHT}
SUB = replace(
    GEAR.models[0], id="low", width=0.4, depth=0.3, height=0.5, acoustic_centre_height=0.25
)


def with_others(*others: Loudspeaker):
    return replace(GEAR, models=(*GEAR.models, SUB), loudspeakers=(*GEAR.loudspeakers, *others))


def side(azimuth: float = 110.0, low: float = 105.0, high: float = 115.0) -> Direction:
    return Direction("side", azimuth, low, high, 0.0, 0.0, 5.0)


SIDE = with_others(Loudspeaker("side", "surround", "pair"))


def tried(room=ROOM, wanted=None, metres: float = 1.0, taken=PAIR, ear: Point = EAR):
    found = spots(room, SIDE, wanted or side(), metres, ear, taken)
    return [(s.share, s.azimuth, s.elevation) for s in found]


def test_places_around_the_seat_are_tried_by_what_they_cost_in_degrees() -> None:
    found = tried()
    # A tenth nearer costs as much as 20 degrees: 5 % ten, and so on.
    assert found[:3] == [(1.0, 110.0, 0.0), (1.0, 107.5, 0.0), (1.0, 112.5, 0.0)]
    assert set(found[3:6]) == {(1.0, 105.0, 0.0), (1.0, 115.0, 0.0), (1.0, 110.0, 5.0)}
    costs = [200 * (1 - share) + abs(a - 110) + e for share, a, e in found]
    assert costs == sorted(costs) and len(found) == 8 * 5 * 2
    assert min(share for share, _, _ in found) == 0.5


def test_a_cabinet_around_the_seat_needs_room_behind_above_below_and_from_others() -> None:
    # Straight to the left: its back is 25 + 5 cm farther out than its face.
    across = side(90.0, 90.0, 90.0)
    flat = replace(across, elevation_to=0.0)
    near = replace(ROOM, things=(Thing("case", "solid", 0.0, 0.0, 0.0, 0.5, 5.0, 2.5),))
    shares = [share for share, _, _ in tried(near, flat, 1.5)]
    assert shares == [0.8, 0.7, 0.6, 0.5]  # 0.85 has its back at 2.0 - 1.275 - 0.3 = 0.425 m
    assert next(s for s, _, _ in tried(near, flat, 1.41)) == 0.85  # at 0.5015 m
    # A low ear: 19 cm is less than the 20 cm from its foot to its middle.
    assert tried(ear=Point(2.0, 2.0, 0.19), wanted=flat) == []
    assert tried(ear=Point(2.0, 2.0, 0.21), wanted=flat) != []
    # A low ceiling: the top is 13 cm above the middle.
    low = box_room("low", 4.0, 5.0, 1.32, dict.fromkeys(SURFACE_NAMES, OWN))
    assert tried(low, flat) == []
    assert tried(box_room("low", 4.0, 5.0, 1.34, dict.fromkeys(SURFACE_NAMES, OWN)), flat) != []
    # Others keep 30 cm.
    beside = {**PAIR, "else": Point(1.0, 2.29, 1.2)}
    assert [s for s, _, _ in tried(wanted=flat, taken=beside)] == [0.9, 0.85, 0.8, 0.7, 0.6, 0.5]
    assert tried(wanted=flat, taken={**PAIR, "else": Point(1.0, 2.31, 1.2)})[0][0] == 1.0


def test_what_stands_and_must_not_move_keeps_its_place() -> None:
    fixed = replace(side(), movable=False)
    gear = replace(SIDE, layout=replace(SIDE.layout, directions=(fixed,)))
    away = pair_distance(PAIR, EAR)
    assert away == pytest.approx(hypot(0.6, 1.0))
    anywhere = Point(1.0, 3.0, 1.2)
    assert placed_around(ROOM, gear, LEFT, RIGHT, EAR, {"side": anywhere}) == {}
    wanted = point_at(EAR, 110.0, 0.0, away)
    assert placed_around(ROOM, gear, LEFT, RIGHT, EAR, {}) == {"side": wanted}
    free = replace(SIDE, layout=replace(SIDE.layout, directions=(side(),)))
    assert placed_around(ROOM, free, LEFT, RIGHT, EAR, {"side": anywhere}) == {"side": wanted}


def test_twins_are_mirrored_in_azimuth_at_the_same_height() -> None:
    def at(name: str, azimuth: float, rise: float = 0.0) -> Direction:
        return Direction(name, azimuth, azimuth, azimuth, rise, rise, rise)

    ahead, a, b, c = at("ahead", 0.0), at("a", 30.0), at("b", -30.05), at("c", -30.0, 40.0)
    back, other = at("back", 0.0), at("other", -90.0)
    groups = [tuple(d.loudspeaker for d in g) for g in _twins((ahead, a, c, b, back, other))]
    assert groups == [("ahead",), ("a", "b"), ("c",), ("back",), ("other",)]
    far = [tuple(d.loudspeaker for d in g) for g in _twins((a, at("d", -30.2)))]
    assert far == [("a",), ("d",)]


def test_off_its_angles_is_told_from_half_a_degree() -> None:
    def off(azimuth: float, rise: float) -> tuple[float, float]:
        a = replace(simple("A", LEFT, RIGHT, EAR), places={"side": point_at(EAR, azimuth, rise, 1)})
        return off_its_angles(a, side(), EAR)

    assert off(110.0, 2.0) == (0.0, 0.0) and off(115.4, 5.4) == (0.0, 0.0)
    assert off(118.0, 9.0) == pytest.approx((3.0, 4.0)) and off(100.0, -2.0)[1] == pytest.approx(-2)
    assert off(-250.0, 0.0) == (0.0, 0.0)


def test_the_layouts_are_those_of_the_recommendations() -> None:
    """ITU-R BS.775-3 and BS.2051-2, tables of azimuth and elevation ranges, from memory."""

    def spans(name: str) -> dict[str, tuple[float, float, float, float]]:
        return {
            c.id: (c.azimuth.low, c.azimuth.high, c.elevation.low, c.elevation.high)
            for c in PRESETS[name].channels  # type: ignore[index]
        }

    assert spans("five") == {
        "centre": (-5, 5, -5, 10),
        "surround left": (100, 120, -5, 15),
        "surround right": (-120, -100, -5, 15),
    }
    seven = spans("seven_four")
    assert seven["side left"] == (60, 110, -5, 15) and seven["rear right"] == (-150, -120, -5, 15)
    assert seven["front height left"] == (30, 45, 30, 55)
    assert seven["rear height left"] == (100, 150, 30, 55)
    assert spans("five_four")["rear height right"] == (-135, -100, 30, 55)


def test_a_point_outside_is_brought_in_by_the_margin() -> None:
    assert inside(ROOM, Point(-1.0, 9.0, 3.0), 0.1) == Point(0.1, 4.9, 2.4)
    assert inside(ROOM, Point(1.0, 2.0, 1.0)) == Point(1.0, 2.0, 1.0)
    assert inside(ROOM, Point(5.0, -1.0, -1.0)) == Point(3.98, 0.02, 0.02)


def rounded(found: Mapping[str, Point]) -> dict[str, Point]:
    return {n: Point(round(p.x, 6), round(p.y, 6), round(p.z, 6)) for n, p in found.items()}


def subs(count: int) -> list[tuple[float, float, float]]:
    names = [f"sub {n}" for n in range(count)]
    gear = with_others(*(Loudspeaker(name, "subwoofer", "low") for name in names))
    found = starting_places(ROOM, gear, LEFT, RIGHT, EAR)
    return [(round(p.x, 4), round(p.y, 4), p.z) for p in found.values()]


def test_subwoofers_begin_along_the_walls_one_after_the_other() -> None:
    # 40 wide, 30 deep, 5 cm off the walls: corners at 0.25 and 3.75 m, 0.2 and 4.8 m.
    assert subs(8) == [
        (0.95, 0.2, 0.25),  # outside the left monitor: 1.4 - 0.2 - 0.2 - 0.05 m
        (3.75, 0.2, 0.25),
        (2.0, 4.8, 0.25),
        (2.0, 0.2, 0.25),
        (0.25, 4.8, 0.25),
        (3.75, 4.8, 0.25),
        (0.25, 2.5, 0.25),
        (3.75, 2.5, 0.25),
    ]
    wide = replace(LEFT, x=3.0)
    gear = with_others(Loudspeaker("sub", "subwoofer", "low"))
    assert starting_places(ROOM, gear, wide, RIGHT, EAR)["sub"] == Point(1.0, 0.2, 0.25)
    close = replace(LEFT, x=0.3)
    assert starting_places(ROOM, gear, close, RIGHT, EAR)["sub"] == Point(0.25, 0.2, 0.25)


def test_others_begin_by_their_role_and_step_aside_for_what_stands() -> None:
    gear = with_others(
        Loudspeaker("centre", "centre", "pair"),
        *(Loudspeaker(f"s{n}", "surround", "pair") for n in range(3)),
        *(Loudspeaker(f"h{n}", "height", "pair") for n in range(3)),
        Loudspeaker("further", "other", "pair"),
    )
    found = rounded(starting_places(ROOM, gear, LEFT, RIGHT, EAR))
    assert found["centre"] == Point(2.0, 1.0, 1.2)
    assert found["s0"] == Point(1.05, 2.4, 1.2) and found["s1"] == Point(2.95, 2.4, 1.2)
    assert found["s2"] == Point(1.05, 2.9, 1.2)
    assert found["h0"] == Point(1.4, 1.2, 2.35)  # a cabinet below stands no matter
    assert found["h1"] == Point(2.6, 1.2, 2.35)
    assert found["h2"] == Point(1.4, 2.8, 2.35)
    assert found["further"] == Point(0.3, 4.7, 1.2)
    known = rounded(starting_places(ROOM, gear, LEFT, RIGHT, EAR, {"s0": Point(2.0, 1.1, 1.2)}))
    assert known["s0"] == Point(2.0, 1.1, 1.2)
    assert known["centre"] == Point(1.7, 1.0, 1.2)  # 30 cm to the left of it


def test_the_pair_hands_over_where_the_subwoofers_do_if_anything_can() -> None:
    bare = with_others(Loudspeaker("a", "subwoofer", "low"), Loudspeaker("b", "subwoofer", "low"))
    assert starting_chains(bare) == dict.fromkeys("ab", Chain(low_pass=Crossover(80.0)))
    can = Controls(high_pass_hz=Span(60.0, 120.0))
    gear = bare.with_model(bare.monitor.id, controls=can)
    usual = starting_chains(gear)
    assert usual["left"] == usual["right"] == Chain(high_pass=Crossover(80.0))
    assert usual["a"] == usual["b"] == Chain(low_pass=Crossover(80.0))
    known = {"a": Chain(low_pass=Crossover(60.0)), "gone": Chain(gain_db=1.0), "left": Chain()}
    found = starting_chains(gear, known)
    assert found == {
        "a": known["a"],
        "b": Chain(low_pass=Crossover(60.0)),
        "left": Chain(),
        "right": Chain(high_pass=Crossover(60.0)),
    }
    assert starting_chains(GEAR, {"left": Chain(gain_db=1.0)}) == {"left": Chain(gain_db=1.0)}


def test_hills_and_hollows_are_told_the_largest_first() -> None:
    hertz = np.arange(10.0, 150.0, 10.0)
    level = np.array([2.0, 3.0, -1.0, -4.0, 0.9, -0.9, 5.0, 1.0, -6.0, 1.5, -2.0, 4.0, -7.0, -1.0])
    hills, hollows = extremes(hertz, level)
    assert hills == [(70.0, 5.0), (120.0, 4.0), (20.0, 3.0)]
    assert hollows == [(130.0, -7.0), (90.0, -6.0), (40.0, -4.0)]
    assert extremes(hertz, level, 1) == ([(70.0, 5.0)], [(130.0, -7.0)])
    every = extremes(hertz, level, 9)
    assert len(every[0]) == 4 and len(every[1]) == 4  # 0.9 dB either way is even
    assert extremes(hertz[:2], np.array([0.99, -1.0])) == ([], [(20.0, -1.0)])


GAIN = Knob(("sub",), "gain_db", -6.0, 6.0, 0.5)
DELAY = Knob(("sub",), "delay_ms", 0.0, 5.0, 0.1)
FLIP = Switch(("sub",), "inverted", (False, True))


class Bowl:
    """J as if it were the distance of a subwoofer's gain and delay from where they are best."""

    def __init__(self, gain: float, delay: float = 0.0) -> None:
        self.gain, self.delay = gain, delay

    def db(self, chains: Mapping[str, Chain]) -> float:
        sub = chains["sub"]
        turned = 0.2 if sub.inverted else 0.0
        return 3.0 + abs(sub.gain_db - self.gain) + abs(sub.delay_ms - self.delay) - turned


def solved(chain: Chain, goal: Bowl, *held: tuple[Knob, float]) -> Solution:
    before, after = goal.db({"sub": Chain()}), goal.db({"sub": chain})
    return Solution({"sub": chain}, before, after, Panel((GAIN, DELAY), (FLIP,)), held)


def test_what_each_setting_buys_alone_and_without_the_rest() -> None:
    goal = Bowl(2.0, 1.0)
    chain = Chain(gain_db=2.0, inverted=True, delay_ms=1.0)
    gain, delay, flip = worths(goal, {"sub": Chain()}, solved(chain, goal))  # type: ignore[arg-type]
    assert (gain.title, gain.before, gain.after) == ("sub: gain", "0 dB", "+2 dB")
    assert (gain.alone_db, gain.without_db) == pytest.approx((2.0, 2.0))
    assert delay.title == "sub: delay" and delay.without_db == pytest.approx(1.0)
    assert (flip.alone_db, flip.without_db) == pytest.approx((0.2, 0.2))
    same = worths(goal, {"sub": chain}, solved(chain, goal))  # type: ignore[arg-type]
    assert same == []


@pytest.mark.parametrize(
    ("alone", "words"),
    [
        (0.05, "by itself 0.1 dB more even"),
        (0.04, "by itself no gain"),
        (-0.04, "by itself no gain"),
        (-0.3, "by itself 0.3 dB less even"),
    ],
)
def test_worth_in_words(alone: float, words: str) -> None:
    told = Worth("sub: gain", "0 dB", "+2 dB", alone, -1.0).words
    assert told == f"sub: gain 0 dB → +2 dB: {words}; without it the rest loses 0.0 dB."


def test_the_end_of_a_range_is_told_where_more_would_help() -> None:
    def told(chain: Chain, gain: float, delay: float = 0.0, *held: tuple[Knob, float]) -> list[str]:
        goal = Bowl(gain, delay)
        return limits_words(goal, solved(chain, goal, *held))  # type: ignore[arg-type]

    full = Chain(gain_db=6.0)
    assert told(full, 9.0) == [
        "sub: gain ends at +6 dB; at +9 dB it would be 3.0 dB more even, which this control cannot."
    ]
    assert told(full, 6.0) == [] and told(Chain(gain_db=5.5), 9.0) == []
    assert "at -9 dB it would be 3.0" in told(Chain(gain_db=-6.0), -9.0)[0]
    assert told(full, 7.5) == []  # three decibels more overshoot by as much as they gain
    assert len(told(full, 7.6)) == 1
    assert told(Chain(gain_db=1.0, delay_ms=0.0), 1.0, -3.0) == []  # no delay is below nothing
    assert "at 8 ms" in told(Chain(delay_ms=5.0), 0.0, 8.0)[0]
    [held] = told(full, 9.0, 0.0, (GAIN, 71.6))
    assert held == (
        "sub: gain was not raised: it would lift the hollow at 72 Hz, "
        "and no boost fills a cancellation."
    )
    apart = told(Chain(low_pass=Crossover(101.0)), 0.0)
    assert len(apart) == 1 and apart[0].startswith("sub plays up to 101 Hz")
    assert told(Chain(low_pass=Crossover(100.0)), 0.0) == []


def test_a_chain_is_the_product_of_its_parts_and_of_nothing_else() -> None:
    whole = Chain(
        gain_db=-3.0,
        delay_ms=2.0,
        inverted=True,
        high_pass=Crossover(70.0),
        low_pass=Crossover(90.0, 12),
        low_shelf_db=-2.0,
        low_mid_db=-1.0,
        sections=(Section(60.0, -4.0, 5.0),),
        phase_degrees=45.0,
    )
    f = np.array([30.0, 60.0, 120.0, 250.0])
    assert len(whole.parts()) == 6
    for handed_over in (False, True):
        parts = np.prod([part.response(f, handed_over) for part in whole.parts()], axis=0)
        assert whole.response(f, handed_over) == pytest.approx(parts)
    for one in (Chain(gain_db=1.0), Chain(delay_ms=1.0), Chain(inverted=True)):
        assert one.parts() == (one,)
    assert Chain().parts() == ()
    delayed = Chain(delay_ms=2.0).response(f, False)
    assert np.degrees(np.angle(delayed[1])) == pytest.approx(-360 * 0.002 * 60.0)
    assert Chain(inverted=True).response(f, False) == pytest.approx(-1.0)
    assert not Chain(low_shelf_db=1.0).flat_alone and Chain(low_pass=Crossover()).flat_alone
