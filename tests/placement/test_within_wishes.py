"""No advice leads beyond what is wished."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.diagnosis.features import features
from jolly_parlor.diagnosis.marks import LANES
from jolly_parlor.diagnosis.remedies import best_remedy
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.placement.search.refinement import Refinement
from jolly_parlor.placement.search.wishes import READY_MADE, Region, Wishes
from jolly_parlor.placement.search.within import broken, no_further
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document
from places import EXAMPLES


@pytest.fixture(scope="module")
def kiln() -> Document:
    return open_document(EXAMPLES / "kiln-room.parlor")


def off_by(a: Arrangement, **by: float) -> Arrangement:
    """Both monitors moved along an axis."""
    moved = [
        replace(p, **{axis: getattr(p, axis) + d for axis, d in by.items()})
        for p in (a.left, a.right)
    ]
    return a.with_pair(*moved)


def test_each_limit_is_told_by_its_name(kiln: Document) -> None:
    room, gear, a = kiln.room, kiln.gear, kiln.arrangements[0]
    ear = a.seats["desk"]

    def of(wishes: Wishes, at: Arrangement = a) -> set[str]:
        return set(broken(room, gear, wishes, at, a))

    assert of(Wishes()) == set()
    assert of(Wishes(), off_by(a, z=0.25)) == {"height_change"}
    assert of(Wishes(nearest=2.0, furthest=2.2)) == {"nearest"}
    assert of(Wishes(nearest=0.5, furthest=1.0)) == {"furthest"}
    assert of(Wishes(farthest_monitors=0.4)) == {"farthest_monitors"}
    assert of(Wishes(farthest_seat=1.5)) == {"farthest_seat"}
    assert of(Wishes(side_gap=1.5)) == {"side_gap"}
    assert of(Wishes(front_gap=0.6)) == {"front_gap"}
    assert of(Wishes(behind_head=4.0)) == {"behind_head"}
    middle = replace(ear, y=room.frame.front + room.frame.depth / 2)
    assert "off_half" in of(Wishes(off_half=True), replace(a, seats={**a.seats, "desk": middle}))
    assert of(Wishes(desk_at_wall=True)) == {"desk_at_wall"}
    wide = a.with_pair(replace(a.left, x=a.left.x - 0.4), replace(a.right, x=a.right.x + 0.4))
    assert "equilateral_tolerance" in of(Wishes(), wide)
    assert of(Wishes(keep_monitors=True), off_by(a, y=0.05)) == {"keep_monitors"}
    back = replace(a, seats={**a.seats, "desk": replace(ear, y=ear.y + 0.06)})
    assert of(Wishes(keep_seat=True), back) == {"keep_seat"}
    assert of(Wishes(), back) == set()
    sub = replace(a, places={**a.places, "sub": Point(1.9, 0.25, 0.18)})
    assert of(Wishes(subwoofers="stay"), sub) == {"subwoofers"}
    corner = Region(0.0, 0.0, 0.5, 0.5)
    assert of(Wishes(subwoofers="region", region=corner), sub) == {"subwoofers"}


def test_what_the_search_proposes_breaks_none(kiln: Document) -> None:
    wishes = READY_MADE["desk studio"]
    look = Refinement(kiln.room, kiln.gear, wishes, kiln.arrangements[0])
    front, depth, side = 0.45, 0.75, 0.95
    a = look.arrangement([front, depth, side, kiln.gear.seats[0].ear_height, 0.0])
    within = bool(look._within(np.array([[front, depth, side, 1.2, 0.0]]))[0])
    assert within == (not broken(kiln.room, kiln.gear, wishes, a, kiln.arrangements[0]))


def test_remedies_keep_to_the_wishes(kiln: Document) -> None:
    a = kiln.arrangements[1]
    forecaster = Forecaster(kiln.room, kiln.gear)
    here = forecaster.case(a, "desk", BOTH)
    dips = features(forecaster.deviation(here))[:3]
    y = (a.left.y + a.right.y) / 2
    held = Wishes(farthest_monitors=y + 0.05, height_change=0.05, furthest=1.6)

    def found(wishes: Wishes) -> list[Arrangement]:
        every = [best_remedy(dip, lane, forecaster, here, wishes) for dip in dips for lane in LANES]
        return [one.move.arrangement for one in every if one is not None]

    now = broken(kiln.room, kiln.gear, held, a, a)
    free, kept = (
        [no_further(now, broken(kiln.room, kiln.gear, held, one, a)) for one in found(wishes)]
        for wishes in (Wishes(height_change=0.6), held)
    )
    assert not all(free) and all(kept)
