"""No take is set aside without a word."""

from dataclasses import replace

import pytest

from jolly_parlor.analysis.room_fit import evidence_of
from jolly_parlor.placement.items import LEFT
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import remove_arrangement, rename_arrangement, replace_arrangement
from jolly_parlor.project.takes_aside import set_aside, told


def of(document: Document, name: str) -> int:
    return sum(t.info.placed.name == name for t in document.takes)


def test_a_small_move_says_how_far_and_that_they_still_teach(demo: Document) -> None:
    a = demo.arrangement("A third")
    ear = a.seats["desk"]
    moved = a.moved(seat_item("desk"), replace(ear, y=ear.y + 0.025))
    after = replace_arrangement(demo, moved)
    words = told(demo, after)
    at_desk = sum(t.info.placed.name == "A third" and t.info.seat == "desk" for t in demo.takes)
    assert words.startswith(f"{at_desk} takes were made 2.5 cm away from here: they still teach")
    assert len(set_aside(demo, after)) == at_desk
    assert len(evidence_of(after)) == len(evidence_of(demo))  # and so they do
    assert told(after, demo) == ""  # what comes back is no loss


def test_one_monitor_sets_aside_what_it_played_in(demo: Document) -> None:
    a = demo.arrangement("A third")
    after = replace_arrangement(demo, a.moved(LEFT, replace(a.left, y=a.left.y + 0.1)))
    gone = set_aside(demo, after)
    assert gone and all("left" in t.info.played for t in gone)
    right = [t for t in demo.takes if t.info.placed.name == "A third" and t.info.source == "right"]
    assert right and not {t.info.id for t in right} & {t.info.id for t in gone}


def test_another_room_is_said_otherwise(demo: Document) -> None:
    taller = replace(demo, room=replace(demo.room, height=demo.room.height + 0.1))
    assert "may no longer hold" in told(demo, taller) and "Takes asks" in told(demo, taller)


@pytest.mark.parametrize("metres", [0.0, 0.004])
def test_what_changes_nothing_to_the_ear_says_nothing(demo: Document, metres: float) -> None:
    a = demo.arrangement("A third")
    after = replace_arrangement(demo, a.moved(LEFT, replace(a.left, y=a.left.y + metres)))
    assert told(demo, after) == ""
    assert told(demo, rename_arrangement(demo, "A third", "Three")) == ""
    assert told(demo, remove_arrangement(demo, "A third")) == ""  # that is what was asked for
