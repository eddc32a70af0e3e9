"""Boundaries one by one: by hand, from the geometry."""

from itertools import pairwise
from math import hypot

import pytest

from jolly_parlor.diagnosis.paths import paths
from jolly_parlor.placement.items import LEFT, RIGHT, loudspeaker
from jolly_parlor.project.document import Document


def test_the_floor_path_by_hand(kiln: Document) -> None:
    a = kiln.arrangements[0]
    rows = {row.boundary: row for row in paths(kiln.room, kiln.gear, a, LEFT, "desk")}
    across = hypot(a.left.x - a.seats["desk"].x, a.left.y - a.seats["desk"].y)
    direct, reflected = hypot(across, a.left.z - 1.2), hypot(across, a.left.z + 1.2)
    excess, c = reflected - direct, kiln.room.speed_of_sound
    floor = rows["floor"]
    assert floor.bounce.excess_metres == pytest.approx(excess)
    assert floor.bounce.delay_seconds == pytest.approx(excess / c)
    assert floor.cancellations_hz[0] == pytest.approx(c / 2 / excess)
    assert floor.reinforcements_hz[0] == pytest.approx(c / excess)
    assert floor.source_cancellation_hz == pytest.approx(c / 4 / a.left.z)


def test_rows_run_from_near_to_far_and_interleave(kiln: Document) -> None:
    a = kiln.arrangements[2]
    rows = paths(kiln.room, kiln.gear, a, RIGHT, "desk")
    assert {row.boundary for row in rows} >= {"left", "right", "front", "back", "floor", "ceiling"}
    excess = [row.bounce.excess_metres for row in rows]
    assert excess == sorted(excess)
    for row in rows:
        both = sorted([*row.cancellations_hz, *row.reinforcements_hz])
        assert all(20 <= f <= 700 for f in both)
        gaps = [b - a for a, b in pairwise(both)]
        half = kiln.room.speed_of_sound / row.bounce.excess_metres / 2
        assert all(gap == pytest.approx(half) for gap in gaps)


def test_nearer_to_the_wall_cancels_higher(kiln: Document) -> None:
    """c / 4d: a monitor moved away from the front wall lowers its first cancellation."""
    a = kiln.arrangements[0]
    found = []
    for y in (0.4, 0.6, 0.9, 1.3):
        moved = a.moved(loudspeaker("left"), type(a.left)(a.left.x, y, a.left.z))
        rows = paths(kiln.room, kiln.gear, moved, LEFT, "desk")
        front = next(row for row in rows if row.boundary == "front")
        found.append(front.source_cancellation_hz)
        assert front.source_cancellation_hz == pytest.approx(kiln.room.speed_of_sound / 4 / y)
    assert found == sorted(found, reverse=True)


def test_a_source_that_is_not_there_is_refused(kiln: Document) -> None:
    with pytest.raises(KeyError):
        paths(kiln.room, kiln.gear, kiln.arrangements[0], loudspeaker("middle"), "desk")
