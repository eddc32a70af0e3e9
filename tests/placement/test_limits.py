"""Where monitors and seat may stand at all: what a search keeps to, and what each limit costs."""

from dataclasses import replace

import numpy as np
import pytest

from certain import some
from jolly_parlor.acoustics.geometry.room import Opening
from jolly_parlor.placement.gear import Desk
from jolly_parlor.placement.search.limits import WAY, with_clear_ways
from jolly_parlor.placement.search.prices import Price, prices
from jolly_parlor.placement.search.search import Found, search
from jolly_parlor.placement.search.space import Space
from jolly_parlor.placement.search.wishes import IN_WORDS, READY_MADE, Wishes
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from rooms import without_controls

FEW = Wishes(furthest=1.5, height_change=0.0, equilateral_tolerance=0.05, subwoofers="stay")


def found(kiln: Document, **wanted: object) -> Found:
    wishes = replace(FEW, **wanted)
    gear = without_controls(kiln.gear)
    return search(kiln.room, gear, kiln.arrangements[0], wishes, step=0.05, most=3)


def test_what_is_proposed_keeps_to_the_limits(kiln: Document) -> None:
    length = kiln.room.length
    kept = found(kiln, off_half=True, farthest_seat=2.4, farthest_monitors=1.1)
    for p in some(kept.proposals):
        ear, front = p.arrangement.seats["desk"].y, p.arrangement.left.y
        assert ear <= 2.41 and front <= 1.11
        assert abs(ear / length - 0.5) >= 0.0499 and abs(front / length - 0.5) >= 0.0499


def test_the_desk_stays_at_the_wall_with_the_ear_before_it(kiln: Document) -> None:
    desk = Desk(1.6, 0.8, 0.7)
    own = replace(kiln, gear=replace(kiln.gear, desk=desk))
    for p in found(own, nearest=0.6, desk_at_wall=True).proposals:
        a = p.arrangement
        assert a.desk is not None and a.desk.y == pytest.approx(0.0, abs=0.011)
        assert 0.8 + 0.1 <= a.seats["desk"].y <= 0.8 + 0.33
        assert a.left.y <= 0.81
    with pytest.raises(Refused, match="loosen a limit"):
        found(own, nearest=1.4, desk_at_wall=True)


def test_what_stays_stays(kiln: Document) -> None:
    a = kiln.arrangements[0]
    for p in found(kiln, keep_seat=True, furthest=2.2).proposals:
        assert p.arrangement.seats["desk"].y == pytest.approx(a.seats["desk"].y, abs=0.035)
    for p in found(kiln, keep_monitors=True, furthest=2.2).proposals:
        assert p.arrangement.left.y == pytest.approx(a.left.y, abs=0.035)
        assert p.arrangement.left.x == pytest.approx(a.left.x, abs=0.035)
    assert "nothing to search" in replace(FEW, keep_seat=True, keep_monitors=True).problem()


def test_the_way_to_each_door_is_kept_free_of_all(kiln: Document) -> None:
    doors = (
        Opening("door", "left", 0.4, 0.8, 0.0, 2.0, "door_solid"),
        Opening("window", "right", 0.4, 0.8, 0.9, 1.0, "window"),
        Opening("passage", "front", 1.5, 0.9, 0.0, 2.1, "opening"),
    )
    room = replace(kiln.room, openings=doors)
    ways = [k for k in with_clear_ways(room, Wishes(clear_way=True)).keep_outs if k.name == WAY]
    assert [(w.x, w.y, w.width, w.depth) for w in ways] == [
        pytest.approx((0.0, 0.4, 0.9, 0.8)),
        pytest.approx((1.5, 0.0, 0.9, 0.9)),
    ]
    assert with_clear_ways(room, Wishes()) is room


def test_the_grid_has_exactly_what_the_limits_leave(kiln: Document) -> None:
    wishes = replace(FEW, off_half=True, farthest_seat=2.6, farthest_monitors=1.4)
    free = Space.of(kiln.room, kiln.gear, FEW, 0.05)
    space = Space.of(kiln.room, kiln.gear, wishes, 0.05)
    plain = 0
    for z in free.heights:
        for d in free.depths:
            allowed = free.allowed(float(d), z)
            for n, front in enumerate(free.fronts[: allowed.shape[0]]):
                ear = front + d
                off = all(abs(v / kiln.room.length - 0.5) >= 0.05 for v in (ear, front))
                if off and ear <= 2.6 + 1e-6 and front <= 1.4 + 1e-6:
                    plain += int(np.sum(allowed[n]))
    assert 0 < space.count == plain < free.count


def test_each_limit_has_its_price_and_none_is_below_nought(
    kiln: Document, monkeypatch: pytest.MonkeyPatch
) -> None:
    few = ("farthest_monitors", "off_half", "furthest", "equilateral_tolerance")
    asked = {wish: IN_WORDS[wish] for wish in few}  # a search each
    wishes = replace(FEW, farthest_monitors=0.5, off_half=True, equilateral_tolerance=0.25)
    gear = without_controls(kiln.gear)
    with monkeypatch.context() as patch:
        patch.setattr("jolly_parlor.placement.search.prices.IN_WORDS", asked)
        patch.setattr("jolly_parlor.placement.search.prices._STEP", 0.15)
        told = prices(kiln.room, gear, kiln.arrangements[0], wishes)
    by_wish = {price.wish: price.costs_db for price in told}
    assert {"farthest_monitors", "off_half", "furthest"} <= by_wish.keys()
    assert "equilateral_tolerance" not in by_wish  # as loose as it gets
    assert all(cost >= 0 for cost in by_wish.values())
    assert [p.costs_db for p in told] == sorted(by_wish.values(), reverse=True)
    assert Price("desk_at_wall", 0.94).words == "The desk at the wall costs 0.9 dB"
    assert "nothing that can be told" in Price("off_half", 0.02).words


def test_ready_made_sets_change_places_only() -> None:
    own = Wishes(facing="left", deep=0.4, subwoofers="near")
    for name in READY_MADE:
        used = own.used_as(name)
        assert (used.facing, used.deep, used.subwoofers) == ("left", 0.4, "near")
        assert used.use == name and used.problem() == ""
    assert own.use == "anywhere" and replace(own, side_gap=0.31).use is None
    assert set(IN_WORDS) <= set(Wishes.__dataclass_fields__)
