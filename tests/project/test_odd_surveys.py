"""Surveys of odd and furnished rooms: what cannot be is refused with what to change."""

from dataclasses import replace

import pytest

from jolly_parlor.acoustics.geometry.room import Slope, Thing
from jolly_parlor.acoustics.geometry.shaping import with_corner_cut, with_recess
from jolly_parlor.placement.schools import school
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import add_arrangement, set_room
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.project.survey_edits import face_wall, shape_room
from jolly_parlor.project.survey_problems import room_problems
from jolly_parlor.refused import Refused
from places import EXAMPLES

WARDROBE = Thing("wardrobe", "solid", 0.0, 5.0, 0.0, 1.5, 0.6, 2.1)


def test_a_bay_moves_all_that_stands_along(demo: Document) -> None:
    shaped = with_recess(demo.room, "left", "bay", 1.0, 1.6, 0.7)
    changed = shape_room(demo, shaped, "Add a bay")
    before, after = demo.arrangements[0], changed.arrangements[0]
    assert after.left.x == pytest.approx(before.left.x + 0.7)
    assert after.seats["desk"].x == pytest.approx(before.seats["desk"].x + 0.7)
    take, moved = demo.takes[0], changed.takes[0]
    assert moved.info.placed.left.x == pytest.approx(take.info.placed.left.x + 0.7)


def test_an_odd_document_opens_again_as_it_was(demo: Document, tmp_path: object) -> None:
    room = with_corner_cut(demo.room, "back", 0.8, 0.6, square=False).room
    room = replace(room, faced="front")
    changed = set_room(demo, room)
    path = tmp_path / "odd.parlor"  # type: ignore[operator]
    save_document(changed, path)
    assert open_document(path).room == room


def test_facing_another_wall_keeps_places_in_the_real_room(kiln: Document) -> None:
    room = with_corner_cut(kiln.room, "front", 1.2, 1.0, square=True).room
    document = replace(kiln, room=room, arrangements=(), chosen=None)
    document = set_room(document, room)
    a = replace(school("tight").propose(replace(room, faced="front"), document.gear), name="one")
    document = add_arrangement(document, a)
    turned = face_wall(document, "left")
    assert turned.room.walls[turned.room.frame.wall].name == "front"
    there = turned.arrangements[0]
    assert there.left.distance(there.right) == pytest.approx(a.left.distance(a.right))
    assert face_wall(turned, "front").room.plan == turned.room.plan
    with pytest.raises(Refused, match="There is no wall “attic”"):
        face_wall(document, "attic")


def told(document: Document, **changes: object) -> str:
    return " ".join(room_problems(replace(document.room, **changes)))  # type: ignore[arg-type]


def test_what_cannot_be_is_told_with_what_to_change(kiln: Document) -> None:
    bend = replace(kiln, room=with_corner_cut(kiln.room, "front", 1.4, 2.0, square=True).room)
    beyond = replace(WARDROBE, x=2.2, y=0.5)
    assert "“wardrobe” stands through a wall; move it" in told(bend, things=(beyond,))
    assert "is higher than the room; lower it" in told(
        kiln, things=(WARDROBE,), slopes=(Slope("left", 1.2, 2.0),)
    )
    full = Thing("block", "solid", 0.0, 0.0, 0.5, 3.87, 5.6, 1.5)
    assert "Nothing is left to stand in" in told(kiln, things=(full,))
    assert "which the plan lacks" in told(kiln, slopes=(Slope("gable", 1.2, 2.0),))
    crossed = (Slope("left", 1.2, 2.0), Slope("back", 1.2, 2.0))
    assert "both across and along" in told(kiln, slopes=crossed)
    assert "begins lower than" in told(kiln, slopes=(Slope("left", 2.6, 2.0),))
    cut = replace(kiln, room=with_corner_cut(kiln.room, "front", 0.5, 0.5, square=False).room)
    assert "make the walls square or the ceiling flat" in told(
        cut, slopes=(Slope("left", 1.2, 2.0),)
    )
    floor = tuple(replace(w, name="floor") if n == 1 else w for n, w in enumerate(bend.room.walls))
    assert "cannot be called “floor”" in told(bend, walls=floor)


def test_the_samples_are_as_their_surveys_say() -> None:
    for name in ("harbour-loft", "kiln-furnished"):
        document = open_document(EXAMPLES / f"{name}.parlor")
        assert not room_problems(document.room)
        assert document.takes
        assert all(a.school != "own" for a in document.arrangements)
