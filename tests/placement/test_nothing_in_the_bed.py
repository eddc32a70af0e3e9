"""Nothing is proposed where a soft thing stands: it takes up room as a solid one does."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.room import Room, Thing
from jolly_parlor.placement.floor_places import floor_places
from jolly_parlor.placement.search.subs import can_stand
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document
from places import EXAMPLES


@pytest.fixture(scope="module")
def kiln() -> Document:
    return open_document(EXAMPLES / "kiln-room.parlor")


def with_bed(room: Room, height: float = 0.55) -> Room:
    """A bed in the right back corner."""
    bed = Thing("bed", "soft", room.width - 1.4, room.length - 2.0, 0.0, 1.4, 2.0, height)
    return replace(room, things=(bed,))


def test_no_subwoofer_is_put_into_a_bed(kiln: Document) -> None:
    model = kiln.gear.model_of("sub")
    y = kiln.room.length - 0.6
    inside, beside = [kiln.room.width - 0.6, y], [1.8, y]
    places = np.array([inside, beside])
    assert can_stand(kiln.room, model, places).tolist() == [True, True]
    assert can_stand(with_bed(kiln.room), model, places).tolist() == [False, True]
    assert can_stand(with_bed(kiln.room, 0.02), model, places).all()  # a carpet


def test_no_named_place_of_the_floor_is_in_it(kiln: Document) -> None:
    a = kiln.arrangements[0]
    names = {p.name for p in floor_places(kiln.setup(a), "sub")}
    fewer = {p.name for p in floor_places(Setup(with_bed(kiln.room), kiln.gear, a), "sub")}
    assert fewer < names and any("back" in name for name in names - fewer)
