"""What may stand where, and what is said of it, each limit met from both sides by hand."""

from dataclasses import replace
from itertools import product
from math import cos, radians, sin, sqrt

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Opening, Point, Surface, Thing
from jolly_parlor.placement.arrangement import Arrangement, DeskPlace
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.corners import CORNERS, readings
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.placement.fixing import fixing_advice
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gathering import candidates, gathers
from jolly_parlor.placement.gear import Desk, Gear, Seat
from jolly_parlor.placement.judging import Judging, Target, target_curve
from jolly_parlor.placement.loudspeakers import Controls, Loudspeaker
from jolly_parlor.placement.mixes import BOTH, judged_band, mix_of, mixes
from jolly_parlor.placement.mounting import clear_of_things, mount_of, thinned, wall_heights
from jolly_parlor.placement.school_rules import back_to_wall_distance, calm_zone, long_wall, unequal
from jolly_parlor.placement.search.further_subs import Further, further_words
from jolly_parlor.placement.search.limits import (
    monitors_may_stand,
    seat_may_stand,
    spacings_may_be,
    standing_now,
    with_clear_ways,
)
from jolly_parlor.placement.search.objective import Judge
from jolly_parlor.placement.search.proposals import (
    Proposal,
    agreeing_words,
    distinct,
    unbettered,
)
from jolly_parlor.placement.search.refinement import Refinement
from jolly_parlor.placement.search.subs import SubSearch, can_stand
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.thing_effects import ThingEffect
from jolly_parlor.placement.what_moved import what_moved
from jolly_parlor.refused import Refused
from rigid_field import RigidField
from rooms import case_of, placed, rebuilt, simple, small_gear

OWN = Surface("own", (0.1,) * 7)
ROOM = box_room("made", 3.0, 5.0, 2.5, dict.fromkeys(SURFACE_NAMES, OWN))
GEAR = replace(small_gear(), desk=Desk(1.4, 0.7, 0.73))
LEFT, RIGHT, EAR = Point(0.9, 1.0, 1.2), Point(2.1, 1.0, 1.2), Point(1.5, 2.0, 1.2)
BASE = simple("A", LEFT, RIGHT, EAR)
HERE = standing_now(BASE, "seat", ROOM.frame)
LINE = np.array([0.2, 0.4, 0.7, 0.71, 1.0, 2.2, 2.24, 2.26, 2.5, 2.74, 2.76, 3.0])


def those(keep: np.ndarray) -> list[float]:
    return LINE[keep].tolist()


@pytest.mark.parametrize(
    ("wishes", "kept"),
    [
        (Wishes(), LINE.tolist()),
        (Wishes(farthest_monitors=0.7), [0.2, 0.4, 0.7]),
        # Five hundredths of five metres either side of the half.
        (Wishes(off_half=True), [0.2, 0.4, 0.7, 0.71, 1.0, 2.2, 2.24, 2.76, 3.0]),
        (Wishes(desk_at_wall=True), [0.2, 0.4, 0.7]),
        (Wishes(keep_monitors=True), [1.0]),
    ],
)
def test_where_monitors_may_stand(wishes: Wishes, kept: list[float]) -> None:
    assert those(monitors_may_stand(wishes, GEAR, ROOM.frame, LINE, HERE)) == kept


@pytest.mark.parametrize(
    ("wishes", "kept"),
    [
        (Wishes(), LINE.tolist()),
        (Wishes(farthest_seat=1.0), [0.2, 0.4, 0.7, 0.71, 1.0]),
        (Wishes(off_half=True), [0.2, 0.4, 0.7, 0.71, 1.0, 2.2, 2.24, 2.76, 3.0]),
        (Wishes(desk_at_wall=True), [1.0]),  # 0.82 to 1.01 m
        (Wishes(keep_seat=True), []),
    ],
)
def test_where_the_seat_may_stand(wishes: Wishes, kept: list[float]) -> None:
    assert those(seat_may_stand(wishes, GEAR, ROOM.frame, LINE, HERE)) == kept


def test_what_stays_is_where_it_was_within_three_centimetres() -> None:
    assert pytest.approx(np.array([[0.9, 1, 1.2], [2.1, 1, 1.2], [1.5, 2, 1.2]])) == HERE
    near = np.array([1.96, 1.98, 2.02, 2.04])
    stays = Wishes(keep_seat=True, keep_monitors=True)
    inner = [False, True, True, False]
    inner = [False, True, True, False]
    assert seat_may_stand(stays, GEAR, ROOM.frame, near, HERE).tolist() == inner
    sides = np.array([1.16, 1.18, 1.22, 1.24])
    assert spacings_may_be(stays, sides, HERE).tolist() == inner
    assert spacings_may_be(stays, sides, None).all()
    assert seat_may_stand(stays, GEAR, ROOM.frame, near, None).all()
    assert standing_now(None, "seat", ROOM.frame) is None
    assert standing_now(BASE, "sofa", ROOM.frame) is None


def test_ninety_centimetres_before_each_door_and_passage_stay_free() -> None:
    def opening(kind: str, wall: str) -> Opening:
        return Opening(kind, wall, 0.5, 0.8, 0.0, 2.0, "door_solid")  # type: ignore[arg-type]

    walls = ("front", "right", "back", "left")
    room = replace(ROOM, openings=tuple(opening("door", w) for w in walls))
    ways = with_clear_ways(room, Wishes(clear_way=True)).keep_outs
    (front, right, back, left) = [(a.x, a.y, a.width, a.depth) for a in ways]
    assert (front[1], front[2], front[3]) == pytest.approx((0.0, 0.8, 0.9))
    assert (right[0], right[2], right[3]) == pytest.approx((2.1, 0.9, 0.8))
    assert (back[1], back[2], back[3]) == pytest.approx((4.1, 0.8, 0.9))
    assert (left[0], left[2], left[3]) == pytest.approx((0.0, 0.9, 0.8))
    for way, wall in zip(ways, walls, strict=True):
        (x0, y0), (x1, y1) = room.span_of(opening("door", wall))
        along = (min(x0, x1), way.x) if wall in ("front", "back") else (min(y0, y1), way.y)
        assert along[0] == pytest.approx(along[1])
    assert with_clear_ways(room, Wishes()) is room
    window = replace(ROOM, openings=(opening("window", "front"),))
    assert not with_clear_ways(window, Wishes(clear_way=True)).keep_outs


def test_places_are_distinct_by_what_shows() -> None:
    # front, depth, side, height, off; heights alone do not show.
    places = np.array(
        [
            [0.5, 1.0, 1.2, 1.2, 0.0],
            [0.5, 1.0, 1.2, 1.4, 0.0],
            [0.5, 1.09, 1.2, 1.2, 0.0],
            [0.5, 1.11, 1.2, 1.2, 0.0],
            [0.61, 0.89, 1.2, 1.2, 0.0],
            [0.5, 1.0, 1.31, 1.2, 0.0],
            [0.5, 1.0, 1.2, 1.2, 0.11],
        ]
    )
    assert distinct(places, 0.1, 9) == [0, 3, 4, 5, 6]
    assert distinct(places, 0.1, 2) == [0, 3]


def test_the_front_is_what_no_other_betters() -> None:
    rng = np.random.default_rng(3)
    rows = np.round(rng.random((60, 3)), 1)
    wanted = [
        not any(np.all(other <= row) and np.any(other < row) for other in rows) for row in rows
    ]
    assert unbettered(rows).tolist() == wanted and 2 < sum(wanted) < 50


@pytest.mark.parametrize(
    ("share", "words"),
    [
        (1.0, "Every room that fits your takes would agree"),
        (0.96, "Every room that fits your takes would agree"),
        (0.94, "9 of 10 rooms that fit your takes would agree"),
        (0.06, "1 of 10 rooms that fit your takes would agree"),
        (0.04, "Hardly a room that fits your takes would agree"),
    ],
)
def test_agreement_is_told_in_tenths(share: float, words: str) -> None:
    assert agreeing_words(share) == words


def proposal(**more: object) -> Proposal:
    figures: dict[str, object] = {
        "figure_db": 4.0,
        "monitors_db": 4.0,
        "evenness_db": 3.0,
        "reach_hz": 40.0,
        "left_right_db": 1.0,
        "off_by_5cm_db": 0.44,
        "absorption_off_db": -0.31,
        "off_middle": (0.2, 0.1),
        "moved_metres": 1.0,
    }
    return Proposal(BASE, 0, **(figures | more))  # type: ignore[arg-type]


def test_what_a_proposal_risks_in_words() -> None:
    risks = "5 cm off costs at most 0.4 dB; with the absorption guess wrong by half it changes by "
    assert proposal().words == f"{risks}-0.3 dB."
    right = proposal(off_middle=(0.25, 0.15)).words
    assert right == (
        f"{risks}-0.3 dB. Standing 0.25 m further right would gain 0.1 dB, at the price of unlike "
        "side walls."
    )
    assert "0.25 m further left would gain 0.2 dB" in proposal(off_middle=(-0.25, 0.2)).words
    assert proposal(settings_gain_db=0.15).words.endswith(" Its settings gain 0.1 dB.")
    assert "settings" not in proposal(settings_gain_db=0.14).words
    assert proposal(agreeing=0.5).words.endswith(
        "-0.3 dB. 5 of 10 rooms that fit your takes would agree."
    )


@pytest.mark.parametrize(
    ("new", "told"),
    [
        (placed(BASE, Point(0.9, 1.1, 1.2), Point(2.1, 1.1, 1.2)),
         ["both monitors 10 cm away from the front wall"]),
        (placed(BASE, Point(0.9, 0.9, 1.2), Point(2.1, 0.9, 1.2)),
         ["both monitors 10 cm towards the front wall"]),
        (placed(BASE, Point(0.95, 1.0, 1.2), Point(2.05, 1.0, 1.2)),
         ["both monitors 5 cm each nearer each other"]),
        (placed(BASE, Point(0.85, 1.0, 1.2), Point(2.15, 1.0, 1.2)),
         ["both monitors 5 cm each farther apart"]),
        (placed(BASE, Point(0.9, 1.0, 1.3), Point(2.1, 1.0, 1.3)),
         ["both monitors 10 cm up"]),
        (placed(BASE, Point(0.9, 1.0, 1.1), Point(2.1, 1.0, 1.1)),
         ["both monitors 10 cm down"]),
        (placed(BASE, Point(1.0, 1.0, 1.2)), ["the left monitor 10 cm to the right"]),
        (placed(BASE, right=Point(2.0, 1.1, 1.2)),
         ["the right monitor 10 cm away from the front wall",
          "the right monitor 10 cm to the left"]),
        (placed(BASE, Point(0.9, 1.0, 1.2004), Point(2.1004, 1.0, 1.2)), []),
        (replace(BASE, seats={"seat": Point(1.5, 2.1, 1.2)}), ["10 cm back"]),
        (replace(BASE, seats={"seat": Point(1.5, 1.9, 1.2)}), ["10 cm forward"]),
        (replace(BASE, aim_degrees=4.0), ["the monitors aimed"]),
        (replace(BASE, aim_degrees=0.04), []),
    ],
)  # fmt: skip
def test_what_moved_is_said_as_whoever_moved_it_would(new: Arrangement, told: list[str]) -> None:
    found = what_moved(BASE, new)
    assert len(found) == len(told)
    assert all(words in line for words, line in zip(told, found, strict=True))


def test_unequal_distances_by_brute_force() -> None:
    """Of floor, side and front the middle one is the geometric mean of the others, and among all
    such triangles that a room takes the one whose distances differ most is chosen.
    """
    wide = rebuilt(ROOM, width=4.2, length=6.5)
    found = unequal(wide, GEAR)
    floor, spreads = 1.2, []
    for side in np.arange(1.0, 2.601, 0.02):
        to_side = (4.2 - side) / 2
        fronts = (sqrt(floor * to_side), to_side**2 / floor, floor**2 / to_side)
        for front in fronts:
            seat = front + side * sqrt(3) / 2
            room_beside = to_side >= GEAR.monitor.width / 2 + 0.25
            if room_beside and front >= back_to_wall_distance(GEAR) and seat <= 0.45 * 6.5:
                three = sorted((floor, to_side, front))
                spreads.append((three[2] / three[0], front, side))
    best = max(spreads)
    assert (found.monitors_y, found.side) == pytest.approx(best[1:])
    low, middle, high = sorted((floor, (4.2 - found.side) / 2, found.monitors_y))
    assert middle == pytest.approx(sqrt(low * high))


def test_the_wall_behind_a_turned_cabinet_is_measured_at_its_rear_corner() -> None:
    turn = radians(30)
    wanted = 0.25 * cos(turn) + 0.1 * sin(turn) + 0.02  # 25 cm deep, 20 cm wide
    assert back_to_wall_distance(GEAR) == pytest.approx(wanted)


def test_the_long_wall_keeps_a_quarter_or_what_cabinets_need() -> None:
    wide = rebuilt(ROOM, width=5.0, length=3.0)
    assert long_wall(wide, GEAR).monitors_y == pytest.approx(0.75)
    flat = rebuilt(ROOM, width=5.0, length=1.0)
    assert long_wall(flat, GEAR).monitors_y == pytest.approx(back_to_wall_distance(GEAR))
    for room in (ROOM, rebuilt(ROOM, width=3.0, length=3.0)):
        with pytest.raises(Refused, match="faces the short wall"):
            long_wall(room, GEAR)
    with pytest.raises(Refused, match="voice walk"):
        calm_zone(ROOM, GEAR)


def test_a_curve_becomes_a_target_about_its_own_mean() -> None:
    f = np.array([10.0, 20.0, 100.0, 700.0, 900.0])
    target = target_curve(f, np.array([99.0, 6.0, 3.0, 0.0, -99.0]), "own")
    assert target.curve == ((20.0, 3.0), (100.0, 0.0), (700.0, -3.0))
    fine = np.geomspace(20.0, 700.0, 500)
    many = target_curve(fine, np.log2(fine), "own")
    assert len(many.curve) == 200
    assert many.at(np.array([400.0]))[0] - many.at(np.array([50.0]))[0] == pytest.approx(
        3, abs=0.02
    )


@pytest.mark.parametrize(
    ("hertz", "level", "why"),
    [
        ([100.0, 199.0], [0.0, 0.0], "says too little"),
        ([10.0, 900.0], [0.0, 0.0], "says too little"),
        ([100.0], [0.0], "says too little"),
        ([100.0, 200.0], [-60.5, 60.5], "more than 60 dB"),
    ],
)
def test_what_is_no_target_is_refused(hertz: list[float], level: list[float], why: str) -> None:
    with pytest.raises(Refused, match=why):
        target_curve(np.array(hertz), np.array(level), "own")
    assert target_curve(np.array([100.0, 200.0]), np.array([-60.0, 60.0]), "own").curve


def test_subwoofers_alone_are_judged_to_120_hz_and_an_octave_is_left() -> None:
    sub = Loudspeaker("sub", "subwoofer", "low")
    low = replace(GEAR.models[0], id="low", low_corner_hz=25.0)
    gear = replace(GEAR, models=(*GEAR.models, low), loudspeakers=(*GEAR.loudspeakers, sub))
    alone, together = mix_of(gear, "sub:sub"), mix_of(gear, "both+sub")
    assert judged_band(gear, alone)[:2] == (25.0, 120.0)
    assert judged_band(gear, together)[:2] == (25.0, 300.0)
    assert judged_band(gear, BOTH)[:2] == (42.0, 300.0)
    asked = replace(gear, judging=Judging(from_hz=60.0, to_hz=100.0, takes_to_hz=500.0))
    assert judged_band(asked, alone)[:2] == (50.0, 100.0)
    assert judged_band(asked, BOTH, takes=True)[:2] == (60.0, 500.0)
    deep = replace(gear, models=(replace(low, low_corner_hz=11.0), *GEAR.models))
    assert judged_band(deep, alone)[0] == pytest.approx(GRID_HZ[0])
    assert [mix.id for mix in mixes(gear)] == ["left", "right", "both", "both+sub", "sub"]
    with pytest.raises(Refused, match="no subwoofer"):
        mix_of(GEAR, "both+sub")
    with pytest.raises(Refused, match="There is no mix “x”; there is left, right, both"):
        mix_of(GEAR, "x")


def test_slope_and_curve_add_up() -> None:
    target = Target(-2.0, ((50.0, 1.0), (200.0, 3.0)), "own")
    found = target.at(np.array([25.0, 50.0, 100.0, 200.0, 400.0]))
    assert found == pytest.approx([4 + 1, 2 + 1, 2, -2 + 3, -4 + 3])
    assert not target.is_flat and not Target(-2.0).is_flat and Target().is_flat
    assert target.words == "the curve “own” with a slope of −2.0 dB per octave"


def test_what_fixes_a_pair_goes_by_where_it_stands() -> None:
    def told(z: float, y: float = 1.0, desk: bool = False) -> list[tuple[str, str]]:
        a = placed(BASE, Point(0.9, y, z), Point(2.1, y, z))
        if desk:
            a = replace(a, desk=DeskPlace(0.8, 0.9))
        return [(one.what, one.words) for one in fixing_advice(Setup(ROOM, GEAR, a))]

    middle = GEAR.monitor.centre_height
    assert told(middle + 0.04)[0][0] == "On the floor"
    assert (
        told(middle + 0.06)[0][0] == "On stands" and "Stands 6 cm high" in told(middle + 0.06)[0][1]
    )
    on, over = told(middle + 0.73 + 0.04, desk=True)[0], told(middle + 0.73 + 0.2, desk=True)[0]
    assert on[0] == over[0] == "On the desk"
    assert on[1].startswith("They stand straight on the desk")
    assert over[1].startswith("They stand 20 cm over the desk")
    assert told(middle + 0.73 + 0.35, desk=True)[0][0] == "On stands"
    # A platform is for what is low; a quarter wave to the wall behind, at 343 m/s.
    assert [what for what, _ in told(middle + 0.09)][-2:] == ["A platform", "Isolation"]
    assert "A platform" not in [what for what, _ in told(middle + 0.11)]
    (wall,) = [words for what, words in told(1.2) if what == "In the wall"]
    assert "first near 86 Hz" in wall
    (near,) = [words for what, words in told(1.2, 0.12) if what == "In the wall"]
    assert "first near" not in near


def test_the_tape_is_held_to_the_corners_of_a_turned_cabinet() -> None:
    # Aimed at the ear: 0.6 m aside and 1 m off it is turned by atan(0.6).
    turn = np.arctan2(0.6, 1.0)
    ahead, along = np.array([sin(turn), cos(turn)]), np.array([cos(turn), -sin(turn)])
    for corner in CORNERS:
        inner = 0.1 if corner.endswith("inner") else -0.1
        back = 0.25 if corner.startswith("back") else 0.0
        x, y = np.array([0.9, 1.0]) + inner * along - back * ahead
        for side in ("left", "right"):
            found = readings(Setup(ROOM, GEAR, BASE), "seat", corner)[side]
            assert (found.from_side, found.from_front) == pytest.approx((x, y))


def test_pressure_is_looked_for_in_corners_and_at_the_middles_of_walls() -> None:
    found = dict(candidates(ROOM))
    assert len(found) == 4 * 3
    corner = found["corner of front wall and right wall, at the floor"]
    assert corner.array() == pytest.approx([2.94, 0.06, 0.06])
    assert found["corner of back wall and left wall, at the ceiling"].array() == pytest.approx(
        [0.06, 4.94, 2.44]
    )
    assert found["middle of right wall"].array() == pytest.approx([2.94, 2.5, 0.06])


def test_the_first_length_mode_gathers_at_both_ends() -> None:
    f = np.arange(20.0, 60.0, 0.5)
    forecaster = Forecaster(ROOM, GEAR, RigidField(ROOM, f, to_hz=200.0))
    told = gathers(forecaster, case_of(forecaster.setup(BASE), "seat"), 343 / 2 / 5.0, most=12)
    assert [one.over_ear_db for one in told] == sorted((t.over_ear_db for t in told), reverse=True)
    ends = {t.where: t.over_ear_db for t in told}
    # cos(pi y / L) at y = 2 of 5 m is 0.31: 10 dB below what the ends have.
    assert ends["middle of back wall"] == pytest.approx(10.2, abs=1.0)
    assert ends["middle of left wall"] < 0
    assert len(gathers(forecaster, case_of(forecaster.setup(BASE), "seat"), 34.3)) == 3


SUB = replace(
    GEAR.models[0], id="low", width=0.4, depth=0.3, height=0.5, acoustic_centre_height=0.25
)


def with_sub(*names: str) -> Gear:
    subs = tuple(Loudspeaker(name, "subwoofer", "low") for name in names)
    return replace(GEAR, models=(*GEAR.models, SUB), loudspeakers=(*GEAR.loudspeakers, *subs))


def test_where_a_subwoofer_has_room_by_brute_force() -> None:
    box = Thing("chest", "solid", 1.0, 2.0, 0.0, 0.5, 0.6, 0.4)
    shelf = Thing("shelf", "solid", 2.0, 4.0, 0.6, 1.0, 1.0, 0.4)
    room = replace(ROOM, things=(box, shelf))
    places = np.array(list(product(np.arange(0.1, 3.0, 0.1), np.arange(0.1, 5.0, 0.1))))

    def free(x: float, y: float) -> bool:
        inside = 0.2 <= x <= 2.8 and 0.15 <= y <= 4.85
        beside = x + 0.2 <= 1.0 or x - 0.2 >= 1.5 or y + 0.15 <= 2.0 or y - 0.15 >= 2.6
        return inside and beside  # under the shelf there is room

    exact = np.array([free(x + 1e-6, y + 1e-6) for x, y in places])
    assert can_stand(room, SUB, places + 1e-6).tolist() == exact.tolist()
    lifted = np.column_stack([places, np.full(len(places), 0.86)])  # 0.61 to 1.11 m
    clear = clear_of_things(room, SUB, lifted)
    wanted = [x + 0.2 <= 2.0 or y + 0.15 <= 4.0 for x, y in places + 1e-6]
    assert clear_of_things(room, SUB, lifted + np.array([1e-6, 1e-6, 0])).tolist() == wanted
    assert clear.any() and not clear.all()


def test_how_a_subwoofer_is_held_goes_by_its_height() -> None:
    def held(z: float) -> str:
        return mount_of(ROOM, SUB, Point(1.0, 1.0, z))

    # Its middle is 25 cm up on the floor, 2.25 m right under the ceiling.
    assert [held(z) for z in (0.25, 0.54, 0.56, 2.22, 2.24, 2.26, 2.28)] == [
        "floor", "floor", "wall", "wall", "ceiling", "ceiling", "wall",
    ]  # fmt: skip
    assert wall_heights(ROOM, SUB) == pytest.approx([0.6, 1.1, 1.6, 2.1])
    tall = replace(SUB, height=1.4)
    assert wall_heights(ROOM, tall) == pytest.approx([0.7, 1.2, 1.7])
    places = np.array([[0.1, 0.1], [0.2, 0.2], [0.3, 0.1], [0.9, 0.9], [0.1, 0.15]])
    assert thinned(places).tolist() == [[0.1, 0.1], [0.3, 0.1], [0.9, 0.9]]


def test_a_subwoofer_keeps_half_a_metre_from_heads_and_off_its_like() -> None:
    gear = with_sub("one", "two", "three")
    a = replace(
        BASE,
        places={
            "left": LEFT,
            "right": RIGHT,
            "one": Point(0.5, 4.0, 0.25),
            "two": Point(2.0, 4.0, 0.25),
            "three": Point(0.3, 0.3, 0.25),
        },
    )
    subs = SubSearch(Judge(Forecaster(ROOM, gear, RigidField(ROOM, GRID_HZ[::40])), Wishes()))
    places = np.array(
        [
            [1.5, 2.49, 0.25],  # 49 cm behind the ear, 95 cm below it
            [1.5, 2.51, 0.25],
            [1.5, 2.0, 0.19],  # more than a metre below: under the chair
            [2.39, 4.0, 0.25],
            [2.41, 4.0, 0.25],
            [2.0, 4.29, 0.25],
            [2.0, 4.31, 0.25],
            [2.0, 4.0, 0.74],
            [2.0, 4.0, 0.76],
            [0.5, 4.0, 0.25],  # its own place
            [0.3, 0.3, 0.25],
        ]
    )
    one = gear.loudspeaker("one")
    wanted = [True, False, False, True, False, True, False, True, False, False, True]
    assert subs.in_the_way(a, one, places).tolist() == wanted
    wanted[-1] = False
    assert subs.in_the_way(a, one, places, twin="three").tolist() == wanted
    near = SubSearch(Judge(subs.judge.forecaster, Wishes(subwoofers="near")))
    beside = np.array([[1.5, 2.34, 0.25], [1.5, 2.36, 0.25]])
    assert near.in_the_way(a, one, beside).tolist() == [True, False]


def test_what_each_further_subwoofer_buys_in_words() -> None:
    figures = ((5.0, 6.0), (4.0, 5.5), (3.9, 5.2), (3.8, 5.06), (3.7, 5.0))
    found = [Further(n, main, every, BASE) for n, (main, every) in enumerate(figures)]
    lines = further_words(found)
    assert lines[0] == "No sub: 5.0 dB at the main seat, 6.0 dB over all seats."
    assert lines[1] == "One: 4.0 dB at the main seat, 5.5 dB over all seats (+1.0, +0.5)."
    assert lines[2].startswith("Two: 3.9 dB") and lines[2].endswith("(+0.1, +0.3).")
    assert lines[5] == "Number 3 buys nothing that this model could tell."
    assert len(further_words(found[:3])) == 3


@pytest.mark.parametrize(
    ("db", "words"),
    [
        (0.49, "hardly matters: 0.5 dB"),
        (0.5, "matters: 0.5 dB"),
        (1.49, "matters: 1.5 dB"),
        (1.5, "matters much: 1.5 dB"),
    ],
)
def test_how_much_a_thing_matters_in_words(db: float, words: str) -> None:
    assert ThingEffect("bed", db).words == words


def test_a_place_of_the_grid_is_an_arrangement_to_the_half_centimetre() -> None:
    gear = replace(GEAR, seats=(Seat("seat", 1.2), Seat("sofa", 1.0)))
    made = Refinement(ROOM, gear, Wishes(), None, RigidField)
    a = made.arrangement(np.array([0.5012, 1.0038, 1.2012, 1.1512, 0.1]))
    assert a.left == Point(1.5 + 0.1 - 0.6, 0.5, 1.15)
    assert a.right == Point(1.5 + 0.1 + 0.6, 0.5, 1.15)
    assert a.seats["seat"] == Point(1.6, 1.505, 1.2)
    assert a.seats["sofa"] == Point(1.6, 2.505, 1.0)
    far = made.arrangement(np.array([2.0, 2.0, 1.2, 1.2, 0.0]))
    assert far.seats["sofa"].y == pytest.approx(4.6)
    assert a.desk is not None
    kept = Refinement(ROOM, gear, Wishes(), replace(a, seats=a.seats | {"sofa": Point(1, 4, 1)}))
    assert kept.arrangement(np.array([0.5, 1.0, 1.2, 1.2, 0])).seats["sofa"] == Point(1, 4, 1)


@pytest.mark.parametrize(
    ("place", "wishes", "may"),
    [
        ((0.5, 1.04, 1.2, 1.2, 0.0), {}, True),
        ((0.5, 1.04, 1.2, 1.31, 0.0), {}, False),  # 11 cm above the ear
        ((0.5, 1.04, 1.2, 1.29, 0.0), {}, True),
        ((0.25, 1.04, 1.2, 1.2, 0.0), {}, False),  # its rear corner in the wall
        ((0.34, 1.04, 1.2, 1.2, 0.0), {"front_gap": 0.05}, True),
        ((0.33, 1.04, 1.2, 1.2, 0.0), {"front_gap": 0.05}, False),
        ((0.5, 1.04, 1.2, 1.2, 0.54), {}, True),
        ((0.5, 1.04, 1.2, 1.2, 0.56), {}, False),  # 24 cm beside the cabinet
        ((0.5, 1.04, 1.2, 1.2, -0.56), {}, False),
        ((0.5, 0.86, 1.2, 1.2, 0.0), {}, False),  # a spacing 14 % above the distance
        ((0.5, 1.25, 1.2, 1.2, 0.0), {}, False),
        ((0.5, 1.04, 1.2, 1.2, 0.0), {"nearest": 1.22}, False),
        ((0.5, 1.04, 1.2, 1.2, 0.0), {"furthest": 1.18}, False),
        ((3.48, 1.04, 1.2, 1.2, 0.0), {}, False),  # 48 cm behind the head
        ((3.46, 1.04, 1.2, 1.2, 0.0), {}, True),
    ],
)
def test_what_the_refinement_keeps_to(
    place: tuple[float, ...], wishes: dict[str, float], may: bool
) -> None:
    bare = replace(GEAR, desk=None)
    made = Refinement(ROOM, bare, Wishes(**wishes), None, RigidField)  # type: ignore[arg-type]
    assert made._within(np.array([place])).tolist() == [may]


def test_controls_that_end_before_they_begin_are_a_contradiction() -> None:
    assert Controls(gain_db=Span(-6.0, 6.0, 0.5)).problem() == ""
    assert "gain" in Controls(gain_db=Span(6.0, -6.0, 0.5)).problem()
