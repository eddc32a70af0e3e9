"""A room that cannot be worked out with its things leaves the empty box, and why is told."""

import threading
from collections.abc import Iterator
from dataclasses import replace

import pytest
from pytestqt.qtbot import QtBot

from jolly_parlor.acoustics.geometry.room import Thing
from jolly_parlor.acoustics.geometry.usual_things import usual_thing
from jolly_parlor.app.calculator import Calculator
from jolly_parlor.app.known_fields import KnownFields
from jolly_parlor.app.questions import FORECAST, SCHOOLS, Kind, Models, Question
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused

pytestmark = pytest.mark.real_field


def test_why_a_room_was_not_worked_out_is_kept(
    kiln: Document, monkeypatch: pytest.MonkeyPatch
) -> None:
    def fails(*_: object) -> object:
        raise Refused("The wardrobe fills the room.")

    monkeypatch.setattr("jolly_parlor.acoustics.fields.field_of_room.room_field", fails)
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


@pytest.fixture
def held(kiln: Document, monkeypatch: pytest.MonkeyPatch) -> Iterator[threading.Event]:
    """A room with a wardrobe is worked out once this is set; it is the box's field all the same."""
    from jolly_parlor.acoustics.fields.field_of_room import bare_field

    go_on = threading.Event()

    def works(room: object, *_: object) -> object:
        go_on.wait(30)
        return bare_field(kiln.room, _[0])

    monkeypatch.setattr("jolly_parlor.acoustics.fields.field_of_room.room_field", works)
    yield go_on
    go_on.set()


def test_who_ranks_waits_until_the_room_is_known_who_shows_does_not(
    qtbot: QtBot, kiln: Document, held: threading.Event
) -> None:
    room = replace(kiln.room, things=(usual_thing(kiln.room, "wardrobe"),))
    fields = KnownFields()
    calculator = Calculator(None, fields=fields)
    stood_on: dict[Kind, object] = {}

    def ask(kind: Kind) -> None:
        def job(models: Models) -> object:
            return models.forecaster.field

        def answered(field: object) -> None:
            stood_on[kind] = field

        calculator.ask(Question(kind, room, kiln.gear, job, answered))

    try:
        ask(SCHOOLS)
        ask(FORECAST)
        qtbot.waitUntil(lambda: FORECAST in stood_on, timeout=20_000)
        qtbot.waitUntil(lambda: not calculator.busy, timeout=20_000)
        assert SCHOOLS not in stood_on and fields.working_out(room)
        held.set()
        fields.join()
        calculator.look_again()
        qtbot.waitUntil(lambda: SCHOOLS in stood_on, timeout=20_000)
        assert stood_on[SCHOOLS] is not stood_on[FORECAST], "that was the empty box"
    finally:
        calculator.stop()
