"""Schools recomputed by hand; arrangements, distances, cautions."""

from dataclasses import replace
from functools import partial

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from certain import made_or_refused
from jolly_parlor.acoustics.geometry.room import CalmZone, KeepOut, Opening, Point
from jolly_parlor.acoustics.geometry.turned_room import turned
from jolly_parlor.placement.cautions import LIFTING, cautions
from jolly_parlor.placement.items import LEFT, loudspeaker
from jolly_parlor.placement.schools import SCHOOLS, School, SchoolCannotBeMet, school
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.placement.tape import tape_distances
from jolly_parlor.project.document import Document
from rooms import sized


@pytest.mark.parametrize(
    ("school_id", "seat_y", "monitors_y"),
    # The demo room is 5.64 m long; common practice, no source.
    [("third", 5.64 / 3, 5.64 / 9), ("thirty_eight", 0.38 * 5.64, 0.38 * 0.38 * 5.64)],
)
def test_schools_by_hand(kiln: Document, school_id: str, seat_y: float, monitors_y: float) -> None:
    a = school(school_id).propose(kiln.room, kiln.gear)
    assert a.seats["desk"].y == pytest.approx(seat_y)
    assert a.left.y == pytest.approx(monitors_y)
    assert a.right.y == pytest.approx(monitors_y)


def test_tight_puts_the_rear_corner_two_centimetres_off_the_wall(kiln: Document) -> None:
    a = school("tight").propose(kiln.room, kiln.gear)
    turn = np.radians(a.toe_in_degrees("left", "desk"))
    # Rear outer corner of a 0.24 x 0.30 m cabinet turned by the toe-in.
    rear = a.left.y - 0.30 * np.cos(turn) - 0.12 * np.sin(turn)
    assert rear == pytest.approx(0.02, abs=0.002)


@pytest.mark.parametrize("which", SCHOOLS, ids=lambda s: s.id)
def test_every_school_is_equilateral_and_symmetric(kiln: Document, which: School) -> None:
    room = replace(kiln.room, calm_zone=CalmZone(0.75, 1.05, 1.0, 1.3))
    if which.id == "long_wall":
        room = turned(room)
    a = which.propose(room, kiln.gear)
    side = a.left.distance(a.right)
    assert a.left.distance(a.seats["desk"]) == pytest.approx(side)
    assert a.right.distance(a.seats["desk"]) == pytest.approx(side)
    assert a.left.x == pytest.approx(room.width - a.right.x)
    assert a.toe_in_degrees("left", "desk") == pytest.approx(30.0, abs=0.1)
    assert not fit_problems(Setup(room, kiln.gear, a))


@settings(max_examples=60)
@given(st.floats(1.6, 8), st.floats(2.0, 12), st.floats(2.1, 4))
def test_in_any_room_a_school_fits_or_says_why(width: float, length: float, height: float) -> None:
    from jolly_parlor.project.blank import blank_document

    base = blank_document()
    room = sized(base.room, width=width, length=length, height=height)
    for which in SCHOOLS:
        propose = partial(which.propose, room, base.gear)
        a = made_or_refused(propose, SchoolCannotBeMet, lambda words, n=which.name: n in words)
        assert a is None or not fit_problems(Setup(room, base.gear, a))


def test_a_narrow_room_refuses_a_wide_triangle_with_figures(kiln: Document) -> None:
    narrow = sized(kiln.room, width=1.9)
    with pytest.raises(SchoolCannotBeMet, match=r"needs 1\.45 m .* leaves 1\.16 m"):
        school("third").propose(narrow, kiln.gear)


def test_fit_problems_name_what_and_where(kiln: Document) -> None:
    a = kiln.arrangements[0]
    outside = a.moved(loudspeaker("left"), Point(-0.1, 0.5, 1.2))
    assert fit_problems(kiln.setup(outside)) == ["The left monitor is outside the room."]
    in_swing = a.moved(loudspeaker("sub"), Point(0.6, 5.2, 0.2))
    assert "door swing" in fit_problems(kiln.setup(in_swing))[0]
    room = replace(kiln.room, keep_outs=(KeepOut("stove", 0, 0, 3.87, 1.0),))
    assert len(fit_problems(Setup(room, kiln.gear, a))) == 3


def test_mirrored_moves_stay_alike(kiln: Document) -> None:
    moved = kiln.arrangements[0].mirrored_move(LEFT, Point(1.0, 0.8, 1.1), kiln.room)
    assert moved.right == Point(pytest.approx(2.87), 0.8, 1.1)


def test_tape_distances_place_everything(kiln: Document) -> None:
    a = kiln.arrangements[0]
    found = {(d.item, d.what): d.metres for d in tape_distances(kiln.setup(a))}
    assert found["left monitor", "from the front wall"] == pytest.approx(5.64 / 9)
    assert found["right monitor", "from the right wall"] == pytest.approx(3.87 - a.right.x)
    assert found["left monitor", "its base above the floor"] == pytest.approx(1.2 - 0.24)
    assert found["ear at desk", "from the left monitor"] == pytest.approx(a.left.distance(a.right))
    items = {item for item, _ in found}
    expected = {"left monitor", "right monitor", "monitors", "ear at desk", "ear at sofa"}
    assert items == expected | {"middle of sub", "desk"}


def test_cautions_arise_where_the_hazard_does(kiln: Document) -> None:
    a = kiln.arrangements[0]
    plain = cautions(kiln.setup(a))
    assert LIFTING in plain
    assert not any("escape" in text for text in plain)
    blocked = a.moved(loudspeaker("sub"), Point(1.5, 5.3, 0.2))
    assert any("escape" in text for text in cautions(kiln.setup(blocked)))
    pane = Opening("window", "front", 1.0, 1.0, 0.9, 1.0, "window")
    front = replace(kiln.room, openings=(pane,))
    tight = kiln.arrangements[2]
    assert any("window" in text for text in cautions(Setup(front, kiln.gear, tight)))
