"""Boundaries one by one: by hand, from the geometry."""

from itertools import pairwise
from math import hypot

import pytest

from jolly_parlor.diagnosis.paths import paths
from jolly_parlor.placement.items import LEFT, RIGHT, loudspeaker
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused


def test_the_floor_path_by_hand(kiln: Document) -> None:
    a = kiln.arrangements[0]
    rows = {row.boundary: row for row in paths(kiln.setup(a), LEFT, "desk")}
    # From where the cabinet is heard from: straight on towards the ear.
    model = kiln.gear.monitor
    ahead = 0.39 * (model.width * model.height) ** 0.5
    across = hypot(a.left.x - a.seats["desk"].x, a.left.y - a.seats["desk"].y) - ahead
    direct, reflected = hypot(across, a.left.z - 1.2), hypot(across, a.left.z + 1.2)
    excess, c = reflected - direct, kiln.room.speed_of_sound
    floor = rows["floor"]
    assert floor.reflection.excess_metres == pytest.approx(excess, abs=0.005)
    assert floor.reflection.delay_seconds == pytest.approx(excess / c, rel=0.005)
    assert floor.cancellations_hz[0] == pytest.approx(c / 2 / excess, rel=0.005)
    assert floor.reinforcements_hz[0] == pytest.approx(c / excess, rel=0.005)
    assert floor.source_cancellation_hz == pytest.approx(c / 4 / a.left.z)


def test_rows_run_from_near_to_far_and_interleave(kiln: Document) -> None:
    a = kiln.arrangements[2]
    rows = paths(kiln.setup(a), RIGHT, "desk")
    assert {row.boundary for row in rows} >= {"left", "right", "front", "back", "floor", "ceiling"}
    excess = [row.reflection.excess_metres for row in rows]
    assert excess == sorted(excess)
    for row in rows:
        both = sorted([*row.cancellations_hz, *row.reinforcements_hz])
        assert all(20 <= f <= 700 for f in both)
        gaps = [b - a for a, b in pairwise(both)]
        half = kiln.room.speed_of_sound / row.reflection.excess_metres / 2
        assert all(gap == pytest.approx(half) for gap in gaps)


def test_nearer_to_the_wall_cancels_higher(kiln: Document) -> None:
    """c / 4d: a monitor moved away from the front wall lowers its first cancellation."""
    a = kiln.arrangements[0]
    found = []
    for y in (0.4, 0.6, 0.9, 1.3):
        moved = a.moved(loudspeaker("left"), type(a.left)(a.left.x, y, a.left.z))
        rows = paths(kiln.setup(moved), LEFT, "desk")
        front = next(row for row in rows if row.boundary == "front")
        found.append(front.source_cancellation_hz)
        assert front.distance_metres == pytest.approx(y), "taped to the face"
        assert y < front.heard_metres < y + 0.13
        first = kiln.room.speed_of_sound / 4 / front.heard_metres
        assert front.source_cancellation_hz == pytest.approx(first)
    assert found == sorted(found, reverse=True)


def test_a_source_that_is_not_there_is_refused(kiln: Document) -> None:
    with pytest.raises(Refused, match="no loudspeaker “middle”"):
        paths(kiln.setup(kiln.arrangements[0]), loudspeaker("middle"), "desk")
