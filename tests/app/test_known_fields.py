"""A room that cannot be worked out with its things leaves the empty box, and why is told."""

from dataclasses import replace

import pytest

from jolly_parlor.acoustics.room import Thing
from jolly_parlor.acoustics.usual_things import usual_thing
from jolly_parlor.app.known_fields import KnownFields
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused

pytestmark = pytest.mark.real_field


def test_why_a_room_was_not_worked_out_is_kept(
    kiln: Document, monkeypatch: pytest.MonkeyPatch
) -> None:
    def fails(*_: object) -> object:
        raise Refused("The wardrobe fills the room.")

    monkeypatch.setattr("jolly_parlor.acoustics.fields.room_field", fails)
    told: list[bool] = []
    fields = KnownFields(lambda: told.append(True))
    room = replace(kiln.room, things=(usual_thing(kiln.room, "wardrobe"),))
    bare = fields.of(room)
    fields.join()
    assert told
    assert not fields.working_out(room)
    assert fields.problem(room) == "The wardrobe fills the room."
    assert fields.of(room) is bare, "not tried over and over"
    assert fields.problem(kiln.room) == ""


def test_working_out_tells_how_far_it_is_and_can_be_stopped(kiln: Document) -> None:
    room = replace(kiln.room, things=(Thing("wardrobe", "solid", 0, 5.0, 0, 1.45, 0.6, 2.1),))
    fields: list[KnownFields] = []
    told: list[float] = []

    def further() -> None:
        told.append(fields[0].share(room))
        fields[0].stop()

    fields.append(KnownFields(further=further))
    fields[0].of(room)
    assert fields[0].working_out(room)
    fields[0].join()
    assert told[0] >= 0.1
    assert not fields[0].working_out(room)
    assert fields[0].problem(room).startswith("You stopped it")
