"""Fits of a lived-in room, against takes of an independent solver (`studio/voxels.py`)."""

from dataclasses import replace

import numpy as np
import pytest

from fitted_once import fit_quickly
from jolly_parlor.acoustics.geometry.room import Point, Room, Surface, Thing, Wall
from jolly_parlor.analysis.room_fit import fit_document
from jolly_parlor.fitting.evidence import FIT_HZ, Evidence, Placing
from jolly_parlor.fitting.fit_words import missing_words
from jolly_parlor.fitting.parameters import room_parameters
from jolly_parlor.fitting.predicting import Predictor
from jolly_parlor.project.files import open_document
from places import EXAMPLES
from rooms import small_gear


def test_a_fit_says_that_something_large_was_not_surveyed(
    monkeypatch: pytest.MonkeyPatch,
) -> None:
    fit_quickly(monkeypatch)
    document = open_document(EXAMPLES / "kiln-furnished.parlor")
    bare = replace(document, room=replace(document.room, things=()))
    bare = replace(bare, takes=tuple(bare.stamped(take) for take in bare.takes[:4]))
    [told] = missing_words(fit_document(bare))
    assert told.startswith("The takes and this room differ by ")
    assert "a wardrobe, a bay or an alcove that you left out?" in told


def test_a_furnished_room_as_surveyed_fits_its_takes() -> None:
    document = open_document(EXAMPLES / "kiln-furnished.parlor")
    fit = fit_document(replace(document, takes=document.takes[:3]))
    assert fit.residual_db < 0.5
    assert missing_words(fit) == []


def test_slopes_of_a_furnished_bent_room_are_those_of_plain_differences() -> None:
    walls = tuple(Wall(f"w{n}", "own", (0.2,) * 7) for n in range(6))
    own = Surface("own", (0.2,) * 7)
    plan = ((0.0, 0.0), (2.0, 0.0), (2.0, 1.2), (2.9, 1.2), (2.9, 2.8), (0.0, 2.8))
    sofa = Thing("sofa", "soft", 1.6, 2.0, 0.0, 1.2, 0.7, 0.6)
    case = Thing("bookcase", "solid", 0.0, 1.6, 0.0, 0.3, 0.9, 1.6, "bookshelves")
    room = Room("Small", 2.1, plan, walls, own, own, things=(sofa, case))
    takes = [
        Evidence(
            f"take {n}",
            Placing({"left": Point(0.5 + 0.3 * n, 0.4, 1.0)}, Point(1.0, 1.5 + 0.1 * n, 1.1)),
            np.zeros(FIT_HZ.size),
        )
        for n in range(2)
    ]
    parameters = room_parameters(room)
    assert parameters[-1].name == "sofa: loss"
    predictor = Predictor(room, small_gear(42.0), parameters)
    z = np.random.default_rng(3).normal(size=len(parameters)) * 0.2
    found = predictor.with_slopes(takes, z).slopes
    step = 0.1  # far enough for answers in single precision
    for column, parameter in enumerate(parameters):
        moved = z.copy()
        moved[column] += step
        up = predictor.levels(takes, moved)
        moved[column] -= 2 * step
        want = (up - predictor.levels(takes, moved)) / (2 * step)
        size = max(float(np.sqrt(np.mean(want**2))), 0.02)
        assert np.sqrt(np.mean((found[:, :, column] - want) ** 2)) < 0.1 * size, parameter.name
