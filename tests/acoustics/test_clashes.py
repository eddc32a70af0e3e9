"""What stands in one another is found and refused, and what is added goes where there is room."""

from dataclasses import replace

import pytest

from jolly_parlor.acoustics.geometry.clashes import (
    free_opening,
    lie_over,
    openings_over_one_another,
    stand_in,
    things_in_one_another,
)
from jolly_parlor.acoustics.geometry.room import Opening, Room, Thing
from jolly_parlor.acoustics.geometry.usual_things import USUAL, usual_thing
from jolly_parlor.project.checked_edit import EditRefused
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import set_room


def emptied(room: Room) -> Room:
    return replace(room, things=(), openings=())


def block(name: str, x: float, y: float, z: float = 0.0, size: float = 1.0) -> Thing:
    return Thing(name, "solid", x, y, z, size, size, size)


def test_blocks_share_air_only_where_they_do_in_all_three_directions() -> None:
    one = block("one", 0, 0)
    assert stand_in(one, block("in it", 0.9, 0.9, 0.9))
    for apart in (block("beside", 1.0, 0), block("behind", 0, 1.0), block("on top", 0, 0, 1.0)):
        assert not stand_in(one, apart)


def test_openings_of_one_wall_share_it_where_both_width_and_height_do() -> None:
    door = Opening("door", "back", 0.5, 0.9, 0.0, 2.0, "door_solid")
    window = Opening("window", "back", 1.3, 1.0, 0.9, 1.0, "window")
    assert lie_over(door, window)
    assert not lie_over(door, replace(window, wall="left"))
    assert not lie_over(door, replace(window, start=1.4))
    assert not lie_over(door, replace(window, sill=2.0, height=0.3))


def test_a_bedroom_filled_from_the_list_has_everything_beside_each_other(demo: Document) -> None:
    room = emptied(demo.room)
    for name in ("wardrobe", "bookcase", "bed", "sofa", "column", "table top"):
        room = replace(room, things=(*room.things, usual_thing(room, name)))
    assert things_in_one_another(room) == []
    for thing in room.things:
        assert thing.x >= 0 and thing.x + thing.width <= room.width + 1e-9
        assert thing.y >= 0 and thing.y + thing.depth <= room.length + 1e-9


def test_windows_added_to_one_wall_go_side_by_side_while_there_is_room(demo: Document) -> None:
    room = emptied(demo.room)
    wall = room.walls[0].name
    for _ in range(3):
        made = Opening("window", wall, 0.3, 0.9, 0.9, 1.2, "window")
        room = replace(room, openings=(*room.openings, free_opening(room, made)))
    assert openings_over_one_another(room) == []


def test_what_would_stand_in_another_is_refused_and_named(demo: Document) -> None:
    room = emptied(demo.room)
    wardrobe = replace(USUAL["wardrobe"], x=0.2, y=0.2, width=1.0)
    bed = replace(USUAL["bed"], x=1.5, y=0.2)
    document = set_room(demo, replace(room, things=(wardrobe, bed)))
    with pytest.raises(EditRefused, match="Wardrobe and bed would stand in one another"):
        set_room(document, replace(room, things=(wardrobe, replace(bed, x=0.8))))
    door = Opening("door", room.walls[0].name, 0.5, 0.9, 0.0, 2.0, "door_solid")
    document = set_room(document, replace(document.room, openings=(door,)))
    over = replace(door, kind="window", sill=1.0, height=1.0, material="window")
    with pytest.raises(EditRefused, match="The door would lie over the window"):
        set_room(document, replace(document.room, openings=(door, over)))


def test_a_room_that_has_a_clash_already_may_be_changed_elsewhere(demo: Document) -> None:
    both = replace(emptied(demo.room), things=(block("one", 0, 0), block("two", 0.5, 0.5)))
    old = replace(demo, room=both)
    assert set_room(old, replace(both, height=2.45)).room.height == 2.45
