"""Where cabinets, desk and ears are and what is in whose way, by hand; and what turns a knob."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import (
    SURFACE_NAMES,
    KeepOut,
    Opening,
    Point,
    Surface,
    Thing,
)
from jolly_parlor.placement.arrangement import (
    DeskPlace,
    aim_words,
    desk_before,
    shifted,
    turned_arrangement,
)
from jolly_parlor.placement.chains import Chain, Crossover, Filter
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.evenness import bass_reach_hz, joined_square, shape_db, spread_db
from jolly_parlor.placement.gear import PAIR, Desk
from jolly_parlor.placement.items import DESK, LEFT, RIGHT, loudspeaker, seat
from jolly_parlor.placement.loudspeakers import Controls, Loudspeaker
from jolly_parlor.placement.mixes import BOTH, mix_of
from jolly_parlor.placement.search.proposals import Trade
from jolly_parlor.placement.search.search import _twins
from jolly_parlor.placement.settings.knobs import Knob, Switch, panel_of, settled_delays
from jolly_parlor.placement.settings.shares import (
    IDLE_DB,
    THIRDS_HZ,
    Shares,
    idle_words,
    seat_variance_db2,
    shares,
    thirds_power,
)
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import (
    clear_of_desk,
    fit_problems,
    monitor_footprint,
    must_stand,
    standing_problems,
)
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from rooms import placed, simple, small_gear

OWN = Surface("own", (0.1,) * 7)
ROOM = box_room("made", 3.0, 5.0, 2.5, dict.fromkeys(SURFACE_NAMES, OWN))
GEAR = replace(small_gear(), desk=Desk(1.4, 0.7, 0.73))  # cabinets 20 wide, 25 deep, 33 cm high
BASE = simple("A", Point(0.9, 1.0, 1.2), Point(2.1, 1.0, 1.2), Point(1.5, 2.0, 1.2))
SUB = replace(
    GEAR.models[0], id="low", width=0.4, depth=0.3, height=0.5, acoustic_centre_height=0.25
)


def with_subs(*names: str):
    subs = tuple(Loudspeaker(name, "subwoofer", "low") for name in names)
    return replace(GEAR, models=(*GEAR.models, SUB), loudspeakers=(*GEAR.loudspeakers, *subs))


def test_a_cabinet_stands_behind_its_face() -> None:
    x, y = np.array([1.0, 2.0]), np.array([0.5, 1.5])
    left, front, right, back = monitor_footprint(GEAR, x, y)
    assert left.tolist() == [0.9, 1.9] and right.tolist() == [1.1, 2.1]
    assert front.tolist() == [0.25, 1.25] and back.tolist() == [0.5, 1.5]


def test_a_desk_stands_30_cm_before_the_ear_or_at_the_wall() -> None:
    assert desk_before(Point(1.5, 2.0, 1.2), GEAR.desk) == DeskPlace(0.8, 1.0)
    assert desk_before(Point(0.5, 0.9, 1.2), GEAR.desk) == DeskPlace(0.0, 0.0)
    assert desk_before(Point(1.5, 1.5, 1.2), GEAR.desk, 0.8) == DeskPlace(0.8, 0.8)


def test_monitors_stand_over_the_desk_or_before_it_and_not_in_it() -> None:
    fronts = np.array([0.2, 0.5, 0.6])
    over = 0.73 + GEAR.monitor.centre_height
    assert clear_of_desk(GEAR, fronts, 1.0, over).all()
    # Their ear a metre behind them, the desk's far edge is where they stand: 1.0 - 0.3 - 0.7 m.
    assert clear_of_desk(GEAR, fronts, 1.0, over - 0.01).all()
    assert not clear_of_desk(GEAR, fronts, 0.99, over - 0.01).any()
    assert clear_of_desk(GEAR, np.array([0.0, 0.01]), 0.5, 0.3).tolist() == [True, False]
    assert clear_of_desk(replace(GEAR, desk=None), fronts, 0.1, 0.3).all()


def test_turned_once_the_left_wall_is_in_front_and_the_desk_keeps_its_middle() -> None:
    a = replace(BASE, desk=DeskPlace(0.8, 1.0))
    seen = turned_arrangement(ROOM, GEAR, a)
    # From the front-left corner facing left: x becomes what was along, from the far end.
    assert seen.places["left"] == Point(5.0 - 1.0, 0.9, 1.2)
    assert seen.seats["seat"] == Point(3.0, 1.5, 1.2)
    assert seen.desk is not None
    assert (seen.desk.x, seen.desk.y) == pytest.approx((5.0 - 1.35 - 0.7, 1.5 - 0.35))
    near = turned_arrangement(ROOM, GEAR, replace(a, desk=DeskPlace(0.0, 4.3)))
    assert near.desk == DeskPlace(0.0, pytest.approx(0.35))
    assert turned_arrangement(ROOM, GEAR, BASE).desk is None


def test_moves_and_shifts() -> None:
    a = replace(BASE, desk=DeskPlace(0.8, 1.0))
    far = shifted(a, 0.5, -0.25)
    assert (far.left, far.seats["seat"]) == (Point(1.4, 0.75, 1.2), Point(2.0, 1.75, 1.2))
    assert far.desk == DeskPlace(1.3, 0.75)
    assert shifted(BASE, 1.0, 1.0).desk is None
    to = Point(0.7, 1.2, 1.3)
    assert a.mirrored_move(LEFT, to, ROOM).right == Point(2.3, 1.2, 1.3)
    assert a.mirrored_move(RIGHT, to, ROOM).left == Point(2.3, 1.2, 1.3)
    assert a.moved(DESK, Point(0.1, 0.2, 0.0)).desk == DeskPlace(0.1, 0.2)
    assert a.moved(seat("seat"), to).seats["seat"] == to
    assert a.moved(loudspeaker("right"), to).right == to and a.position(LEFT) == a.left


def test_toe_in_is_the_angle_to_the_ear_less_what_it_is_aimed_outside() -> None:
    wanted = np.degrees(np.arctan2(0.6, 1.0))
    assert BASE.toe_in_degrees("left", "seat") == pytest.approx(wanted)
    assert BASE.toe_in_degrees("right", "seat") == pytest.approx(wanted)
    outside = replace(BASE, aim_degrees=5.0)
    assert outside.toe_in_degrees("left", "seat") == pytest.approx(wanted - 5.0)
    behind = placed(BASE, Point(0.9, 3.0, 1.2))
    assert behind.toe_in_degrees("left", "seat") == pytest.approx(180 - wanted)
    assert aim_words(0.04) == "at the ear"
    assert aim_words(5.0) == "5° outside the ear" and aim_words(-5.0) == "5° inside the ear"


@pytest.mark.parametrize(
    ("a", "why"),
    [
        (BASE, []),
        (placed(BASE, Point(-0.1, 1.0, 1.2)), ["The left monitor is outside the room."]),
        (placed(BASE, right=Point(2.1, 1.0, 2.6)), ["The right monitor is outside the room."]),
        (placed(BASE, Point(1.2, 3.2, 0.3)), ["The left monitor is inside “chest”."]),
        (
            placed(BASE, Point(2.7, 4.7, 1.2)),
            ["The left monitor stands in the keep-out area “stove”."],
        ),
        (replace(BASE, seats={"seat": Point(2.7, 4.7, 1.2)}), []),  # one may sit there
        (
            placed(BASE, Point(1.5, 1.71, 1.2)),
            ["The left monitor is within 30 cm of the seat “seat”."],
        ),
        (placed(BASE, Point(1.5, 1.69, 1.2)), []),
        (replace(BASE, seats={}), ["The seat “seat” has no place in “A”."]),
        (replace(BASE, places={"left": BASE.left}), ["The right monitor has no place in “A”."]),
    ],
)
def test_what_cannot_stand_is_said(a, why: list[str]) -> None:
    chest = Thing("chest", "solid", 1.0, 3.0, 0.0, 0.5, 0.6, 0.5)
    room = replace(ROOM, things=(chest,), keep_outs=(KeepOut("stove", 2.5, 4.5, 0.5, 0.5),))
    assert fit_problems(Setup(room, GEAR, a)) == why
    if why:
        with pytest.raises(Refused, match="“A” cannot stand: "):
            must_stand(Setup(room, GEAR, a))


def test_subwoofers_do_not_fill_the_same_space() -> None:
    gear = with_subs("one", "two")

    def problems(x: float, y: float, z: float) -> list[str]:
        places = {**BASE.places, "one": Point(1.0, 4.0, 0.25), "two": Point(x, y, z)}
        return fit_problems(Setup(ROOM, gear, replace(BASE, places=places)))

    told = ["The subwoofers “one” and “two” stand in the same place."]
    assert problems(1.39, 4.0, 0.25) == told and problems(1.41, 4.0, 0.25) == []
    assert problems(1.0, 4.29, 0.25) == told and problems(1.0, 4.31, 0.25) == []
    assert problems(1.0, 4.0, 0.74) == told and problems(1.0, 4.0, 0.76) == []


def test_cabinets_are_taken_whole_where_something_is_in_the_way() -> None:
    shelf = Thing("shelf", "solid", 0.0, 0.0, 1.4, 0.5, 1.0, 0.4)
    room = replace(ROOM, things=(shelf,))

    def problems(x: float, y: float, z: float) -> list[tuple[str, str]]:
        return standing_problems(Setup(room, GEAR, placed(BASE, Point(x, y, z))))

    top = 0.33 - GEAR.monitor.centre_height
    assert problems(0.59, 1.0, 1.4) == [("the left monitor", "in the way of “shelf”")]
    assert problems(0.61, 1.0, 1.4) == []  # 10 cm from its middle to its side
    assert problems(0.59, 1.26, 1.4) == []  # its back is 25 cm before its face
    assert problems(0.59, 1.24, 1.4) != []
    assert problems(0.59, 1.0, 1.4 - top - 0.01) == [] and problems(0.59, 1.0, 1.4 - top + 0.01)
    inside = problems(0.3, 0.5, 1.5)
    assert ("the left monitor", "inside “shelf”") in inside
    door = Opening("door", "front", 0.1, 0.8, 0.0, 2.0, "door_solid")
    swung = replace(ROOM, openings=(door,))
    told = standing_problems(Setup(swung, GEAR, placed(BASE, Point(0.5, 0.6, 1.2))))
    assert told == [("the left monitor", "in a door's swing")]


def trade(figure: float, reach: float, moved: float) -> Trade:
    return Trade(BASE, 0, figure, reach, moved)


def test_trades_that_nobody_could_tell_apart_are_twins() -> None:
    one = trade(4.0, 40.0, 1.0)
    assert _twins(one, trade(4.09, 41.4, 1.14)) and _twins(trade(3.91, 38.6, 0.86), one)
    for other in (trade(4.11, 40.0, 1.0), trade(4.0, 41.6, 1.0), trade(4.0, 40.0, 1.16)):
        assert not _twins(one, other) and not _twins(other, one)


CONTROLS = Controls(
    gain_db=Span(-12.0, 6.0, 0.5),
    delay_ms=Span(0.0, 10.0, 0.1),
    phase_degrees=Span(0.0, 180.0),
    low_pass_hz=Span(40.0, 160.0),
    polarity=True,
    low_shelf_db=Span(-4.0, 0.0, 2.0),
)


def test_knobs_step_within_their_range() -> None:
    knob = Knob(("sub",), "gain_db", -12.0, 6.1, 0.5)
    assert [knob.nearest(v) for v in (-20.0, -11.8, -11.7, 0.2, 0.3, 9.0)] == [
        -12.0, -12.0, -11.5, 0.0, 0.5, 6.0,
    ]  # fmt: skip
    assert knob.words(1.5) == "+1.5 dB" and knob.words(0.0) == "0 dB" and knob.title == "sub: gain"
    assert Knob(("sub",), "phase_degrees", 0, 180, 5).words(90.0) == "90°"
    assert Knob(PAIR, "delay_ms", 0, 10, 0.1).title == "pair: delay"


def test_what_can_be_turned_is_what_the_models_have() -> None:
    sub = replace(SUB, controls=CONTROLS)
    gear = replace(
        GEAR,
        models=(replace(GEAR.models[0], controls=CONTROLS), sub),
        loudspeakers=(*GEAR.loudspeakers, Loudspeaker("sub", "subwoofer", "low")),
    )
    both = panel_of(gear, mix_of(gear, "both+sub"))
    assert [(k.names, k.what) for k in both.knobs] == [
        (("sub",), "gain_db"),
        (("sub",), "delay_ms"),
        (("sub",), "phase_degrees"),
        (("sub",), "low_pass_hz"),
        (("sub",), "low_shelf_db"),
        (PAIR, "delay_ms"),
        (("left",), "low_shelf_db"),
        (("right",), "low_shelf_db"),
    ]
    assert [(s.names, s.what) for s in both.switches] == [(("sub",), "inverted")]
    # Of the pair alone only each one's own trims are heard.
    assert [(k.names, k.what) for k in panel_of(gear, BOTH).knobs] == [
        (("left",), "low_shelf_db"),
        (("right",), "low_shelf_db"),
    ]
    fixed = replace(CONTROLS, gain_db=None, delay_ms=Span(1.0, 1.0))
    without = replace(gear, models=(gear.models[0], replace(sub, controls=fixed)))
    names = [(k.names, k.what) for k in panel_of(without, mix_of(without, "both+sub")).knobs]
    assert (PAIR, "gain_db") in names  # the pair's, where the subwoofer has none
    assert (("sub",), "delay_ms") not in names  # it cannot be moved
    assert panel_of(gear, mix_of(gear, "left")).knobs == ()
    assert not panel_of(GEAR, BOTH)


def test_delays_are_heard_against_each_other_only() -> None:
    sub = replace(SUB, controls=CONTROLS)
    gear = replace(
        GEAR,
        models=(replace(GEAR.models[0], controls=CONTROLS), sub),
        loudspeakers=(*GEAR.loudspeakers, Loudspeaker("sub", "subwoofer", "low")),
    )
    panel = panel_of(gear, mix_of(gear, "both+sub"))
    late = {"left": Chain(delay_ms=2.0), "right": Chain(delay_ms=2.0), "sub": Chain(delay_ms=3.5)}
    found = settled_delays(late, panel)
    assert {name: chain.delay_ms for name, chain in found.items()} == {
        "left": 0.0, "right": 0.0, "sub": 1.5,
    }  # fmt: skip
    assert settled_delays({**late, "other": Chain(delay_ms=1.0)}, panel)["sub"].delay_ms == 3.5
    assert settled_delays({}, panel) == {}


def test_a_switch_keeps_the_frequency_of_a_filter_and_changes_its_kind() -> None:
    kind = Filter(12, "butterworth")
    switch = Switch(("sub",), "low_pass", (kind, Filter(24, "linkwitz")))
    chains = {"sub": Chain(low_pass=Crossover(95.0))}
    turned = switch.turned(chains, kind)["sub"].low_pass
    assert turned is not None and turned.frequency_hz == 95.0 and turned.filter == kind
    assert switch.value({}) is None and switch.value(chains) == chains["sub"].low_pass.filter
    assert switch.words(None) == "none" and switch.title == "sub: low-pass kind"
    polarity = Switch(("left", "right"), "inverted", (False, True))
    assert all(chain.inverted for chain in polarity.turned({}, True).values())
    assert polarity.words(True) == "reversed" and polarity.words(False) == "normal"
    assert polarity.value({"left": Chain(inverted=True)}) is True


F = np.geomspace(8.0, 400.0, 2000)


def test_power_over_thirds_of_an_octave() -> None:
    """IEC 61260-1: a third goes from its middle over 10^(1/20) to its middle times that."""
    tilted = np.sqrt(F) + 0j
    found = thirds_power(tilted, F)
    for n, hertz in enumerate(THIRDS_HZ):
        inside = (hertz / 10**0.05 <= F) & (hertz * 10**0.05 >= F)
        assert found[n] == pytest.approx(np.mean(F[inside])), hertz
    narrow = thirds_power(tilted[(F > 30) & (F < 60)], F[(F > 30) & (F < 60)])
    known = [h for h, v in zip(THIRDS_HZ, narrow, strict=True) if np.isfinite(v)]
    assert known == [h for h in THIRDS_HZ if 30 < h < 60]


def test_a_subwoofer_idles_where_another_does_the_work() -> None:
    flat = np.ones(F.size, dtype=complex)
    two = shares({"one": flat, "two": 0.1 * flat}, {}, F)
    assert two.share[:, 3] == pytest.approx([1 / 1.01, 0.01 / 1.01])
    assert two.below_loudest_db() == pytest.approx({"one": 0.0, "two": 20.0})
    assert two.idle() == ["two"]
    (words,) = idle_words(two)
    assert words.startswith("two idles while one does the work: it lies 20 dB below it")
    for db, idle in ((IDLE_DB - 0.1, []), (IDLE_DB + 0.1, ["two"])):
        assert shares({"one": flat, "two": 10 ** (-db / 20) * flat}, {}, F).idle() == idle
    loud = shares({"one": flat, "two": 0.1 * flat}, {"two": Chain(gain_db=20.0)}, F)
    assert loud.idle() == []
    high = F > 100.0
    unknown = shares({"one": flat[high], "two": 0.1 * flat[high]}, {}, F[high])
    assert unknown.below_loudest_db() == {"one": 0.0, "two": 0.0}
    assert isinstance(unknown, Shares)


def test_how_unlike_seats_are_is_the_variance_over_them() -> None:
    levels = [np.array([1.0, 4.0, 70.0]), np.array([3.0, 4.0, np.nan])]
    assert seat_variance_db2(levels) == pytest.approx((1.0 + 0.0) / 2)


def test_evenness_counts_hollows_half_as_much_again() -> None:
    """The module's own formula: dips weigh 1.5."""
    d = np.array([2.0, -2.0])
    assert spread_db(d) == pytest.approx(2.0)
    assert spread_db(np.array([1.0, -3.0])) == pytest.approx(((1 + 1.5 * 9) / 2.5) ** 0.5)
    assert shape_db(np.array([[71.0, 67.0], [5.0, 5.0]])) == pytest.approx([2.0, 0.0])
    one = np.array(4.0), np.array(9.0), np.array(16.0), np.array(2.0)
    assert joined_square(*one) == pytest.approx((2 * 4 + 9 + 16) / 4 + 2 / 10)


def test_bass_reaches_to_where_it_holds_for_half_an_octave() -> None:
    f = np.geomspace(10.0, 400.0, 3000)
    cut = np.where(f < 40.0, -30.0, 0.0)
    assert bass_reach_hz(Response(f, cut), 0.0) == pytest.approx(40.0, rel=0.08)
    # A lone peak below is no reach, a dip far above no end.
    peak = np.where(np.abs(np.log2(f / 25.0)) < 0.1, 0.0, cut)
    assert bass_reach_hz(Response(f, peak), 0.0) == pytest.approx(40.0, rel=0.08)
    dip = np.where(np.abs(np.log2(f / 90.0)) < 0.3, -30.0, cut)
    assert bass_reach_hz(Response(f, dip), 0.0) == pytest.approx(40.0, rel=0.08)
    near = np.where(np.abs(np.log2(f / 50.0)) < 0.2, -30.0, cut)
    assert bass_reach_hz(Response(f, near), 0.0) > 50.0
    assert bass_reach_hz(Response(f, np.full(f.size, -5.9)), 0.0) < 25.0
    from_40 = np.array([40.0, 60.0, 90.0, 140.0, 300.0])  # its first point is as good as any other
    assert bass_reach_hz(Response(from_40, np.zeros(5)), 0.0) == pytest.approx(40.0, rel=0.03)
    assert bass_reach_hz(Response(f, np.full(f.size, -6.1)), 0.0) > 290.0
