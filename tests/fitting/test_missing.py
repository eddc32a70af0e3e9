"""Something solid forgotten, found by takes of an independent solver (`studio/voxels.py`)."""

from dataclasses import replace

import pytest

from jolly_parlor.acoustics.room import Thing
from jolly_parlor.fitting import missing
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.missing import missing_things
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document
from jolly_parlor.project.room_fit import evidence_of, fit_document
from jolly_parlor.project.survey_edits import put_thing
from places import EXAMPLES


@pytest.fixture(scope="module")
def forgetful() -> tuple[Document, Thing]:
    """The lived-in Kiln Room without its bookcase, six takes that heard it, and the bookcase."""
    document = open_document(EXAMPLES / "kiln-furnished.parlor")
    [case] = [t for t in document.room.things if t.kind == "solid"]
    room = replace(document.room, things=tuple(t for t in document.room.things if t != case))
    bare = replace(document, room=room)
    return replace(bare, takes=tuple(bare.stamped(take) for take in bare.takes[:6])), case


@pytest.fixture(scope="module")
def fit(forgetful: tuple[Document, Thing]) -> Fit:
    return fit_document(forgetful[0])


def test_a_bookcase_left_out_is_found_where_it_stands(
    forgetful: tuple[Document, Thing], fit: Fit, monkeypatch: pytest.MonkeyPatch
) -> None:
    document, case = forgetful
    monkeypatch.setattr(missing, "SUSPICIOUS_DB", 0.0)  # whatever this fit leaves
    wide, deep = max(case.width, case.depth), min(case.width, case.depth)
    monkeypatch.setattr(missing, "_FIRST", (1.2, 0.35, 2.0))
    for name, value in (("_WIDTHS", (wide,)), ("_DEPTHS", (deep,)), ("_HEIGHTS", (case.height,))):
        monkeypatch.setattr(missing, name, value)
    told: list[float] = []
    found = missing_things(fit, evidence_of(document), told.append)
    assert told == sorted(told) and told[-1] == pytest.approx(1.0)
    best = found[0]
    assert best.after_db < 0.85 * best.before_db
    near = best.thing.x - case.x, best.thing.y - case.y
    assert max(map(abs, near)) < 0.6, best.words
    assert "would explain" in best.words and best.where in best.words


def test_nothing_is_looked_for_where_the_fit_explains_its_takes(
    forgetful: tuple[Document, Thing], fit: Fit
) -> None:
    explained = replace(fit, residual_db=0.6)
    assert missing_things(explained, evidence_of(forgetful[0])) == []


def test_what_is_put_in_stood_there_all_along(forgetful: tuple[Document, Thing]) -> None:
    document, case = forgetful
    put = put_thing(document, replace(case, name=document.room.things[0].name))
    assert put.room.things[-1].name == f"{document.room.things[0].name} 2"
    assert not put.doubtful_takes()  # they heard it
    assert "put in" in put.noted[-1].text
