"""What a search looks at, by plain loops; and how it goes downhill, on made-up figures."""

from collections.abc import Callable
from dataclasses import replace
from itertools import product
from math import hypot
from types import SimpleNamespace

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, KeepOut, Room, Surface, Thing
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Desk, Gear
from jolly_parlor.placement.search.objective import UNFIT
from jolly_parlor.placement.search.prices import Price
from jolly_parlor.placement.search.refinement import Refinement
from jolly_parlor.placement.search.shortlist import Best, moved_metres
from jolly_parlor.placement.search.space import Space, fitting_step, spaces
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.refused import Refused
from rooms import small_gear

OWN = Surface("own", (0.1,) * 7)
ROOM = box_room("made", 3.0, 4.0, 2.5, dict.fromkeys(SURFACE_NAMES, OWN))
GEAR = small_gear()  # cabinets 20 wide, 25 deep, 33 cm high, ear at 1.2 m
WISHES = Wishes(nearest=0.8, furthest=1.6, behind_head=0.9)


def grid(room: Room = ROOM, gear: Gear = GEAR, wishes: Wishes = WISHES, off: float = 0.0) -> Space:
    return Space.of(room, gear, wishes, 0.05, off)


def weighed(space: Space) -> set[tuple[float, ...]]:
    """Every arrangement of the grid: front, depth, side, height."""
    found = set()
    for depth, height in product(space.depths, space.heights):
        allowed = space.allowed(float(depth), height)
        sides = space.all_sides[space.columns(float(depth))]
        for i, j in zip(*np.nonzero(allowed), strict=True):
            found.add(tuple(np.round((space.fronts[i], depth, sides[j], height), 6).tolist()))
    return found


def counted(may: Callable[[float, float, float, float], bool], start: float, off: float = 0.0):
    """The same by three loops over centimetres, with the limits of WISHES written out."""
    found = set()
    for i, j, k, z in product(range(80), range(1, 60), range(10, 60), (1.1, 1.2, 1.3)):
        front, depth, side = start + 0.05 * i, 0.05 * j, 0.05 * k
        away = hypot(depth, side / 2)
        if not 0.8 - 1e-9 <= away <= 1.6 + 1e-9 or abs(side - away) > 0.1 * away + 1e-9:
            continue
        if front + depth > 4.0 - 0.9 + 1e-9 or abs(off) + side / 2 + 0.1 + 0.25 > 1.5 + 1e-9:
            continue
        if may(front, depth, side, z):
            found.add(tuple(np.round((front, depth, side, z), 6).tolist()))
    return found


START = 0.25 + 0.02
"""Of a cabinet straight ahead: its depth, and what a cable needs."""


def test_the_grid_is_every_triangle_within_the_limits() -> None:
    space = grid()
    assert space.fronts[0] >= START
    found = weighed(space)
    assert found == counted(lambda *_: True, float(space.fronts[0])) and len(found) > 1000
    assert space.count == len(found)


def test_beside_the_middle_less_room_is_left_to_the_near_wall() -> None:
    space = grid(off=0.4)
    assert weighed(space) == counted(lambda *_: True, float(space.fronts[0]), 0.4)
    assert weighed(grid(off=-0.4)) == weighed(space)
    assert space.middle == pytest.approx(1.9)


def test_stands_reach_below_at_and_above_the_ear_as_far_as_the_room_goes() -> None:
    assert grid().heights == pytest.approx((1.1, 1.2, 1.3))
    assert grid(wishes=replace(WISHES, height_change=0.0)).heights == (1.2,)
    low = box_room("low", 3.0, 4.0, 1.5, dict.fromkeys(SURFACE_NAMES, OWN))
    assert grid(low).heights == pytest.approx((1.1, 1.2))  # 20 cm stay to the ceiling
    lying = replace(GEAR, seats=(replace(GEAR.seats[0], ear_height=0.5),))
    assert grid(gear=lying, wishes=replace(WISHES, height_change=0.2)).heights == (0.5, 0.7)


def test_what_is_kept_free_or_solid_leaves_cabinets_and_head_no_place() -> None:
    stove = KeepOut("stove", 0.0, 1.0, 0.79, 0.5)
    rug = KeepOut("rug", 1.4, 2.0, 0.2, 0.5)
    shelf = Thing("shelf", "solid", 1.2, 2.8, 1.0, 0.6, 0.2, 0.4)
    box = Thing("box", "solid", 1.2, 1.4, 0.0, 0.6, 0.2, 0.8)  # below the lap and the cabinets
    room = replace(ROOM, keep_outs=(stove, rug), things=(shelf, box))
    space = grid(room)

    def may(front: float, depth: float, side: float, z: float) -> bool:
        left = 1.5 - side / 2
        clear = left - 0.1 >= 0.79 or front <= 1.0 or front - 0.25 >= 1.5
        # The rug and the shelf are each wider than one line of heads, 1.5 m from the wall.
        ear = front + depth
        in_shelf = 2.8 <= ear <= 3.0
        under = front > 2.8 and front - 0.25 < 3.0 and left + 0.1 > 1.2 and left - 0.1 < 1.8
        on_rug = front > 2.0 and front - 0.25 < 2.5 and left + 0.1 > 1.4
        return clear and not 2.0 <= ear <= 2.5 and not in_shelf and not under and not on_rug

    assert weighed(space) == counted(may, float(space.fronts[0]))


def test_cabinets_stand_over_the_desk_or_before_it() -> None:
    gear = replace(GEAR, desk=Desk(1.4, 0.7, 1.0))
    space = grid(gear=gear)
    over = 1.0 + GEAR.monitor.centre_height

    def may(front: float, depth: float, side: float, z: float) -> bool:
        far_edge = front + depth - 0.3 - 0.7
        return z >= over - 1e-9 or front <= max(far_edge, 0.0) + 1e-9

    assert 1.1 < over <= 1.2
    assert weighed(space) == counted(may, float(space.fronts[0]))


def test_no_triangle_or_no_sensible_step_is_refused() -> None:
    with pytest.raises(Refused, match="No triangle of monitors and seat fits"):
        grid(wishes=replace(WISHES, nearest=2.9, furthest=3.0))
    for step in (0.0019, 0.21):
        with pytest.raises(Refused, match="makes no sense"):
            fitting_step(step)
    assert fitting_step(0.2) == pytest.approx(0.15) and fitting_step(0.04) == pytest.approx(0.0375)


def test_lines_beside_the_middle_are_tried_by_20_cm_where_wished() -> None:
    assert [s.off_middle for s in spaces(ROOM, GEAR, WISHES, 0.05)] == [0.0]
    free = spaces(ROOM, GEAR, replace(WISHES, middle_line=False), 0.05)
    found = sorted(s.off_middle for s in free)
    # The narrowest triangle, 0.8 m, leaves 1.5 - 0.4 - 0.1 - 0.25 m to either side.
    assert found == pytest.approx([-0.6, -0.4, -0.2, 0.0, 0.2, 0.4, 0.6])


def refinement(figure: Callable[[Arrangement], float], wishes: Wishes = WISHES) -> Refinement:
    """One whose J is a made-up figure of the arrangement."""
    made = Refinement(ROOM, GEAR, wishes)
    made.judge = SimpleNamespace(  # type: ignore[assignment]
        figures=lambda some, played=False: np.array([figure(a) for a in some])
    )
    made._quick = made._bare = made.judge
    return made


def test_downhill_ends_where_a_bowl_is_deepest_to_half_a_centimetre() -> None:
    def bowl(a: Arrangement) -> float:
        side = a.right.x - a.left.x
        away = (a.left.y - 0.9, a.seats["seat"].y - a.left.y - 1.0, side - 1.15, a.left.z - 1.25)
        return 1.0 + sum(d**2 for d in away)

    start = np.array([[0.8, 0.95, 1.1, 1.2, 0.0], [1.0, 1.0, 1.2, 1.3, 0.0]])
    places, values = refinement(bowl).refined(start)
    assert places[:, :4] == pytest.approx(np.tile([0.9, 1.0, 1.15, 1.25], (2, 1)), abs=0.006)
    assert np.all(places[:, 4] == 0.0) and values == pytest.approx(1.0, abs=2e-4)


def test_off_the_middle_is_only_left_where_wished() -> None:
    def right_of_it(a: Arrangement) -> float:
        return 2.0 - (a.left.x + a.right.x) / 2 / 10

    start = np.array([[0.9, 1.0, 1.15, 1.2, 0.0]])
    places, _ = refinement(right_of_it).refined(start)
    assert places[0, 4] == 0.0
    free = refinement(right_of_it, replace(WISHES, middle_line=False))
    # Sixteen rounds of 2 cm; the wall is 1.5 - 0.575 - 0.1 - 0.25 m away.
    assert free.refined(start)[0][0, 4] == pytest.approx(0.32)
    off, gain = free.leaving_the_middle(start[0])
    assert (off, gain) == (pytest.approx(0.55), pytest.approx(0.055))


def test_a_nudge_into_what_cannot_stand_costs_nothing() -> None:
    here = Refinement(ROOM, GEAR, WISHES).arrangement(np.array([0.9, 1.0, 1.15, 1.2, 0.0]))

    def steep(a: Arrangement) -> float:
        if a.left.y < here.left.y:
            return UNFIT
        return 3.0 + 10 * (a.left.y - here.left.y) + abs(a.seats["seat"].y - here.seats["seat"].y)

    assert refinement(steep).off_by([here], 0.05) == pytest.approx([0.5])
    assert refinement(lambda _: 3.0).off_by([here], 0.05).tolist() == [0.0]


def test_what_an_absorption_wrong_by_half_changes_most_keeps_its_sign() -> None:
    made = Refinement(ROOM, GEAR, WISHES)
    here = made.arrangement(np.array([0.9, 1.0, 1.15, 1.2, 0.0]))
    own = made.judge.figures([here], played=True)[0]
    by_hand = []
    for factor in (0.5, 1.5):
        walls = dict.fromkeys(SURFACE_NAMES, Surface("own", (0.1 * factor,) * 7))
        other = Refinement(box_room("made", 3.0, 4.0, 2.5, walls), GEAR, WISHES)
        by_hand.append(other.judge.figures([here], played=True)[0] - own)
    [told] = made.absorption_off([here])
    assert told == pytest.approx(max(by_hand, key=abs), abs=0.15) and abs(told) > 0.1


def test_the_best_of_each_ten_centimetres_of_moving_are_kept() -> None:
    present = np.array([[0.9, 0.9, 1.2], [2.1, 0.9, 1.2], [1.5, 2.0, 1.2]])
    places = np.array(
        [
            [0.9, 1.1, 1.2, 1.2, 0.0],  # where all stands: 0 m
            [0.95, 1.1, 1.2, 1.2, 0.0],  # 5 cm
            [0.9, 1.1, 1.5, 1.2, 0.0],  # each monitor 15 cm outwards
            [0.9, 1.1, 1.2, 1.2, 0.18],  # all 18 cm to the right
            [0.9, 1.4, 1.2, 1.2, 0.0],  # the ear 30 cm back
        ]
    )
    assert moved_metres(places, present, 1.5) == pytest.approx([0.0, 0.05, 0.15, 0.18, 0.3])
    best = Best(2, 0.0, present, 1.5)
    best.add(np.array([5.0, 4.0, 3.0, 2.0, 6.0]), places)
    found = best.result(False)
    assert found.evaluated == 5 and best.lowest == 2.0
    assert found.figures.tolist() == [2.0, 3.0] and found.places.tolist() == places[[3, 2]].tolist()
    assert found.nearby.tolist() == places[[1, 3, 4]].tolist()


def test_of_each_cube_only_the_best_is_kept() -> None:
    rng = np.random.default_rng(3)
    places = np.round(rng.uniform(0.5, 1.0, (400, 5)), 2)
    figures = rng.uniform(2.0, 5.0, 400)
    best = Best(20, 0.2, None, 1.5)
    for half in (slice(0, 150), slice(150, 400)):
        best.add(figures[half], places[half])
    cubes: dict[tuple[float, ...], float] = {}
    for place, figure in zip(np.round(places / 0.2), figures, strict=True):
        cubes[tuple(place)] = min(figure, cubes.get(tuple(place), 9.0))
    assert best.result(False).figures.tolist() == sorted(cubes.values())[:20]


@pytest.mark.parametrize(
    ("price", "words"),
    [
        (Price("desk_at_wall", 0.94), "The desk at the wall costs 0.9 dB"),
        (Price("off_half", 0.1), "Keeping off half the length costs 0.1 dB"),
        (Price("off_half", 0.09), "Keeping off half the length costs nothing that can be told"),
    ],
)
def test_what_a_wish_costs_in_words(price: Price, words: str) -> None:
    assert price.words == words
