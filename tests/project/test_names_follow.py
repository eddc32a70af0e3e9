"""What the program has named says what it is, follows a move, and is the owner's to change."""

from dataclasses import replace

import pytest

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.names import named
from jolly_parlor.placement.schools import SCHOOLS
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import (
    add_arrangement,
    propose,
    rename_arrangement,
    replace_arrangement,
)


def back_by(a: Arrangement, metres: float) -> Arrangement:
    left, right = (replace(p, y=p.y + metres) for p in (a.left, a.right))
    return a.with_pair(left, right)


@pytest.fixture
def found(demo: Document) -> tuple[Document, Arrangement]:
    a = replace(demo.arrangement("A third"), school="search", grading=None)
    document = add_arrangement(demo, named(demo.setup(a)))
    return document, document.arrangements[-1]


def test_what_a_search_found_says_where_it_stands(found) -> None:
    document, a = found
    away = a.left.y - document.room.frame.front
    assert a.name == f"Search, monitors {away:.2f} m"


def test_moved_it_says_so_and_where_with_its_takes_and_its_choice(found) -> None:
    document, a = found
    info = replace(document.takes[0].info, placed=a, id="take-9999")
    document = replace(document, takes=(replace(document.takes[0], info=info),), chosen=a.name)
    away = a.left.y - document.room.frame.front
    moved = replace_arrangement(document, back_by(a, 0.1))
    assert moved.arrangements[-1].name == f"Search, moved, monitors {away + 0.1:.2f} m"
    assert moved.chosen == moved.arrangements[-1].name == moved.takes[0].info.placed.name
    assert moved.noted[-1].kind == "move" and moved.noted[-1].text.startswith(f"“{a.name}”:")
    again = replace_arrangement(moved, back_by(moved.arrangements[-1], 0.1))
    assert again.arrangements[-1].name == f"Search, moved, monitors {away + 0.2:.2f} m"


def test_two_moved_to_one_place_are_told_apart(found) -> None:
    document, a = found
    document = add_arrangement(document, a)
    first, second = document.arrangements[-2:]
    assert second.name == f"{first.name} 2"
    document = replace_arrangement(document, back_by(first, 0.1))
    document = replace_arrangement(document, back_by(second, 0.1))
    first, second = document.arrangements[-2:]
    assert second.name == f"{first.name} 2" and "moved" in first.name


def test_a_school_moved_is_no_longer_the_school(kiln: Document) -> None:
    school = SCHOOLS[0]
    document = propose(replace(kiln, arrangements=()), school)
    a = document.arrangements[-1]
    assert a.name == school.name
    moved = replace_arrangement(document, back_by(a, 0.05))
    assert moved.arrangements[-1].name == f"{school.name}, moved"
    again = replace_arrangement(moved, back_by(moved.arrangements[-1], 0.05))
    assert again.arrangements[-1].name == f"{school.name}, moved"


def test_a_sub_moved_leaves_the_name_of_the_triangle(found) -> None:
    document, a = found
    sub = a.places["sub"]
    moved = replace_arrangement(
        document, a.moved(loudspeaker("sub"), replace(sub, x=sub.x + 0.3, y=sub.y + 0.3))
    )
    assert moved.arrangements[-1].name == a.name and moved.arrangements[-1] != a


def test_a_name_of_the_owner_s_stays(found) -> None:
    document, a = found
    document = rename_arrangement(document, a.name, "By the window")
    moved = replace_arrangement(document, back_by(document.arrangements[-1], 0.1))
    assert moved.arrangements[-1].name == "By the window"
