"""First reflections against geometry worked out by hand, and the recommendation's limits."""

from dataclasses import replace
from math import hypot, log10

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import Opening, Point, Surface, Thing
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.reflections import (
    EARLY_DB,
    ReflectionPoint,
    behind_head,
    reflection_points,
)
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document

HARD = Surface("own", (0.02,) * 7)
ROOM = box_room("box", 4.0, 5.0, 2.6, dict.fromkeys(
    ("left", "right", "front", "back", "floor", "ceiling"), HARD))  # fmt: skip


@pytest.fixture
def placed(kiln: Document) -> Arrangement:
    a = kiln.arrangements[0]
    seats = {"desk": Point(2.0, 2.6, 1.2), "sofa": Point(2.0, 4.0, 1.0)}
    places = {
        "left": Point(1.2, 1.0, 1.2),
        "right": Point(2.8, 1.0, 1.2),
        "sub": Point(0.5, 0.4, 0.2),
    }
    return replace(a, places=places, seats=seats, desk=None)


def one(points: list[ReflectionPoint], speaker: str, surface: str) -> ReflectionPoint:
    return next(p for p in points if (p.loudspeaker, p.surface) == (speaker, surface))


def test_a_side_wall_s_reflection_is_where_the_mirror_shows_it(
    kiln: Document, placed: Arrangement
) -> None:
    """By hand: the image of x = 1.2 in the left wall is -1.2; the way meets x = 0 at 1.2 / 3.2 of
    its length, y = 1.0 + 0.375 * 1.6 = 1.6; path hypot(3.2, 1.6), direct hypot(0.8, 1.6).
    """
    found = one(reflection_points(Setup(ROOM, kiln.gear, placed), "desk"), "left", "left wall")
    assert (found.at.x, found.at.y, found.at.z) == pytest.approx((0.0, 1.6, 1.2))
    direct, path = hypot(0.8, 1.6), hypot(3.2, 1.6)
    assert found.delay_seconds == pytest.approx((path - direct) / ROOM.speed_of_sound)
    assert found.level_db == pytest.approx(20 * log10(direct / path) + 10 * log10(0.98), abs=0.01)
    assert found.exceeds and found.tape(ROOM) == "1.60 m from the front wall, 1.20 m high"


def test_six_surfaces_each_and_no_subwoofer_loudest_first(
    kiln: Document, placed: Arrangement
) -> None:
    points = reflection_points(Setup(ROOM, kiln.gear, placed), "desk")
    assert len(points) == 12 and {p.loudspeaker for p in points} == {"left", "right"}
    levels = [p.level_db for p in points]
    assert levels == sorted(levels, reverse=True)
    assert one(points, "left", "floor").at.z == pytest.approx(0.0, abs=1e-9)


def test_curtains_and_windows_count_where_the_sound_touches_them(
    kiln: Document, placed: Arrangement
) -> None:
    own = (0.95,) * 7
    curtain = Opening("window", "left", 1.0, 1.2, 0.8, 1.0, "window", absorption=own)
    soft = replace(ROOM, openings=(curtain,))
    points = reflection_points(Setup(soft, kiln.gear, placed), "desk")
    met = one(points, "left", "window in the left wall")
    assert not met.exceeds and met.level_db < EARLY_DB
    assert one(points, "right", "right wall").exceeds


def test_a_wardrobe_reflects_and_hides_the_wall_behind_it(
    kiln: Document, placed: Arrangement
) -> None:
    """By hand: its face at x = 0.6; image of 1.2 at 0.0, of the way 0.6 / 2.0 = 0.3, y = 1.48."""
    block = Thing("wardrobe", "solid", 0.0, 1.2, 0.0, 0.6, 1.0, 2.1)
    points = reflection_points(Setup(replace(ROOM, things=(block,)), kiln.gear, placed), "desk")
    met = one(points, "left", "wardrobe, right")
    assert (met.at.x, met.at.y) == pytest.approx((0.61, 1.48), abs=1e-9)
    assert not [p for p in points if (p.loudspeaker, p.surface) == ("left", "left wall")]


def test_the_desk_reflects_where_it_lies_between(kiln: Document, placed: Arrangement) -> None:
    from jolly_parlor.placement.arrangement import DeskPlace

    with_desk = replace(placed, desk=DeskPlace(1.2, 1.3))
    points = reflection_points(Setup(ROOM, kiln.gear, with_desk), "desk")
    assert one(points, "left", "desk").at.z == pytest.approx(kiln.gear.desk.height)


def test_the_line_through_the_head_meets_the_wall_behind(
    kiln: Document, placed: Arrangement
) -> None:
    """By hand: from (1.2, 1.0) through (2.0, 2.6) by 1.5 more of the way: x = 3.2 at y = 5."""
    found = {b.loudspeaker: b for b in behind_head(Setup(ROOM, kiln.gear, placed), "desk")}
    left = found["left"]
    assert left.surface == "back wall"
    assert (left.at.x, left.at.y, left.at.z) == pytest.approx((3.2, 5.0, 1.2), abs=1e-3)
    assert found["right"].at.x == pytest.approx(0.8, abs=1e-3)
    block = Thing("wardrobe", "solid", 2.8, 4.0, 0.0, 1.0, 0.6, 2.1)
    blocked = behind_head(Setup(replace(ROOM, things=(block,)), kiln.gear, placed), "desk")
    assert {b.loudspeaker: b.surface for b in blocked}["left"] == "wardrobe"


def test_late_or_quiet_is_within_the_recommendation() -> None:
    made = ReflectionPoint("left", "back wall", "back", Point(0, 0, 0), 0.016, -3.0)
    assert not made.exceeds
    assert replace(made, delay_seconds=0.014).exceeds
    assert not replace(made, delay_seconds=0.014, level_db=-10.0).exceeds
    assert np.isfinite(made.level_db)
