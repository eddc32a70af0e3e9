"""Fits of a lived-in room, against takes of an independent solver (`scripts/voxel_room.py`)."""

from dataclasses import replace

from jolly_parlor.fitting.fit_words import missing_words
from jolly_parlor.project.files import open_document
from jolly_parlor.project.room_fit import fit_document
from places import EXAMPLES


def test_a_fit_says_that_something_large_was_not_surveyed() -> None:
    document = open_document(EXAMPLES / "kiln-furnished.parlor")
    bare = replace(document, room=replace(document.room, things=()))
    bare = replace(bare, takes=tuple(bare.stamped(take) for take in bare.takes))
    [told] = missing_words(fit_document(bare))
    assert told.startswith("The takes and this room differ by ")
    assert "a wardrobe, a bay or an alcove that you left out?" in told


def test_a_furnished_room_as_surveyed_fits_its_takes() -> None:
    fit = fit_document(open_document(EXAMPLES / "kiln-furnished.parlor"))
    assert fit.residual_db < 0.5
    assert missing_words(fit) == []
