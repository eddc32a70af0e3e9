"""Moves of a step and the tape readings that go with them."""

from dataclasses import replace
from math import asin, cos, degrees, hypot, radians, sin

import pytest

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.by_ear.steps import AIM_STEP_DEGREES, MOVES, STEPS, move_sheet, moved
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.corners import CORNERS, corner_on_plan, readings
from jolly_parlor.placement.what_moved import what_moved
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from jolly_parlor.units import METRES_PER_INCH, format_exact, format_small


@pytest.fixture
def placed(kiln: Document) -> Arrangement:
    return kiln.arrangements[0]


def go(kiln: Document, a: Arrangement, move: str, step: float) -> Arrangement:
    return moved(kiln.setup(a), move, step, "desk", "sub")


def test_twelve_steps_of_an_inch_are_a_foot_and_forty_of_a_quarter_ten_inches(
    kiln: Document, placed: Arrangement
) -> None:
    inch, quarter = STEPS["imperial"][0], STEPS["imperial"][2]
    a = placed
    for _ in range(12):
        a = go(kiln, a, "away", inch)
    assert a.left.y - placed.left.y == pytest.approx(0.3048, abs=1e-9)
    for _ in range(40):
        a = go(kiln, a, "back", quarter)
    assert a.left.y - placed.left.y == pytest.approx(2 * METRES_PER_INCH, abs=1e-9)
    assert a.right.y - placed.right.y == pytest.approx(2 * METRES_PER_INCH, abs=1e-9)


@pytest.mark.parametrize("move", [name for name, m in MOVES.items() if m.what != "seat"])
def test_every_move_is_taken_back_by_its_opposite(
    kiln: Document, placed: Arrangement, move: str
) -> None:
    there = go(kiln, placed, move, 0.025)
    assert there != placed
    back = go(kiln, there, MOVES[move].opposite, 0.025)
    for name, at in placed.places.items():
        assert back.places[name].distance(at) < 1e-8
    assert back.aim_degrees == placed.aim_degrees


def test_both_monitors_move_alike_and_mirrored(kiln: Document, placed: Arrangement) -> None:
    a = go(kiln, go(kiln, placed, "wider", 0.025), "up", 0.01)
    assert a.left.x - placed.left.x == pytest.approx(-0.025, abs=1e-5)
    assert a.right.x - placed.right.x == pytest.approx(0.025, abs=1e-5)
    assert a.left.z == a.right.z == pytest.approx(placed.left.z + 0.01, abs=1e-5)


def test_a_move_into_the_wall_is_refused_in_a_sentence(kiln: Document, placed: Arrangement) -> None:
    depth = kiln.gear.monitor.depth
    near = placed.with_pair(*(replace(placed.places[s], y=depth + 0.01) for s in ("left", "right")))
    with pytest.raises(Refused, match=r"No further that way: the left monitor's back"):
        go(kiln, near, "back", 0.025)
    assert go(kiln, near, "away", 0.025).left.y == pytest.approx(depth + 0.035)
    with pytest.raises(Refused, match="no subwoofer"):
        moved(kiln.setup(placed), "sub_left", 0.01, "desk", "nobody")
    out = replace(placed, aim_degrees=44.0)
    with pytest.raises(Refused, match="turned as far"):
        go(kiln, out, "aim_out", 0.01)


def test_a_corner_is_where_the_turned_cabinet_has_it(kiln: Document, placed: Arrangement) -> None:
    """Against the cabinet's own geometry: distances from the acoustic centre, and the angle."""
    model = kiln.gear.monitor
    for side in ("left", "right"):
        at = placed.places[side]
        for corner in CORNERS:
            x, y = corner_on_plan(kiln.gear, placed, side, "desk", corner)
            back = model.depth if corner.startswith("back") else 0.0
            assert hypot(x - at.x, y - at.y) == pytest.approx(hypot(model.width / 2, back))
    inner = corner_on_plan(kiln.gear, placed, "left", "desk", "front inner")
    outer = corner_on_plan(kiln.gear, placed, "left", "desk", "front outer")
    turned = degrees(asin((outer[1] - inner[1]) / model.width))
    assert turned == pytest.approx(placed.toe_in_degrees("left", "desk"))
    assert inner[0] > outer[0]
    toe = radians(placed.toe_in_degrees("left", "desk"))
    back = corner_on_plan(kiln.gear, placed, "left", "desk", "back inner")
    assert back[0] == pytest.approx(inner[0] - model.depth * sin(toe))
    assert back[1] == pytest.approx(inner[1] - model.depth * cos(toe))


def test_the_tape_reads_the_same_on_both_sides_of_a_symmetrical_pair(
    kiln: Document, placed: Arrangement
) -> None:
    for corner in CORNERS:
        found = readings(kiln.setup(placed), "desk", corner)
        assert found["left"].from_front == pytest.approx(found["right"].from_front)
        assert found["left"].from_side == pytest.approx(found["right"].from_side)


def test_the_move_sheet_names_two_readings_and_four_where_sides_differ(
    kiln: Document, placed: Arrangement
) -> None:
    after = go(kiln, placed, "away", 0.025)
    sheet = move_sheet(kiln.setup(placed), after, "desk", "front inner", "metric")
    assert [line.what for line in sheet] == [
        "front inner corner, from the front wall, both",
        "front inner corner, from the side wall, both",
    ]
    was, now = (float(text.removesuffix(" cm")) for text in (sheet[0].before, sheet[0].after))
    # The cabinet turns a little as it comes nearer, so the corner moves a little more or less.
    assert now - was == pytest.approx(2.5, abs=0.3)
    skewed = after.with_pair(replace(after.left, x=after.left.x + 0.03), after.right)
    lines = move_sheet(kiln.setup(placed), skewed, "desk", "front inner", "metric")
    assert len(lines) == 4 and lines[2].what.startswith("left front inner corner")


def test_the_sheet_tells_aim_height_seat_and_sub(kiln: Document, placed: Arrangement) -> None:
    a = placed
    for move in ("aim_out", "up", "seat_back", "sub_away"):
        a = go(kiln, a, move, 0.025)
    assert a.aim_degrees == AIM_STEP_DEGREES
    lines = {
        line.what: line
        for line in move_sheet(kiln.setup(placed), a, "desk", "back outer", "imperial")
    }
    assert "outer edge of the face ahead of the inner, both" in lines
    assert "monitors, base above the floor" in lines
    assert lines["ear at desk, from the front wall"].after == format_exact(1.88 + 0.025, "imperial")
    assert "sub, its near side from the front wall" in lines


def test_what_moved_is_said_as_one_would(kiln: Document, placed: Arrangement) -> None:
    away = go(kiln, placed, "away", 0.025)
    assert what_moved(placed, away) == ["both monitors 2.5 cm away from the front wall"]
    assert what_moved(away, placed, "imperial") == ["both monitors 1 in towards the front wall"]
    apart = go(kiln, away, "wider", 0.01)
    assert what_moved(placed, apart)[1] == "both monitors 1 cm each farther apart"
    seat = placed.seats["desk"]
    back = replace(placed, seats={**placed.seats, "desk": Point(seat.x, seat.y + 0.1, seat.z)})
    assert what_moved(placed, back) == ["the seat desk 10 cm back"]
    one = placed.with_pair(replace(placed.left, y=placed.left.y + 0.05), placed.right)
    assert what_moved(placed, one) == ["the left monitor 5 cm away from the front wall"]
    assert what_moved(placed, replace(placed, aim_degrees=4.0)) == [
        "the monitors aimed 4° outside the ear"
    ]
    assert what_moved(placed, placed) == []


def test_small_lengths_are_exact() -> None:
    assert format_small(0.025) == "2.5 cm" and format_small(0.01) == "1 cm"
    assert format_small(METRES_PER_INCH, "imperial") == "1 in"
    assert format_small(METRES_PER_INCH / 4, "imperial") == "1/4 in"
    assert format_small(1.5 * METRES_PER_INCH, "imperial") == "1 1/2 in"
    assert format_exact(0.624) == "62.4 cm"
    assert format_exact(24.5 * METRES_PER_INCH, "imperial") == "2' 1/2\""
    assert format_exact(-0.01, "imperial") == '-3/8"'
