"""Something solid forgotten, in a room solved by another method (`studio/voxels.py`): a box-room of
which the survey has no wardrobe. Its sizes and place are nobody's here but the solver's.
"""

from dataclasses import replace

import numpy as np
import pytest

from fitted_once import fit_quickly
from jolly_parlor.acoustics.room import SURFACE_NAMES, Point, Room, Surface, Thing, box_room
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.fitting.evidence import FIT_HZ, Evidence, Placing, smoothed_level
from jolly_parlor.fitting.fit import Fit, fit_room
from jolly_parlor.fitting.missing import SUSPICIOUS_DB, missing_things
from jolly_parlor.project.document import Document
from jolly_parlor.project.survey_edits import put_thing
from jolly_parlor.signals.response import Response
from jolly_parlor.studio.voxels import VoxelRoom
from rooms import small_gear

SURVEY = box_room(
    "Box room", 2.4, 3.0, 2.2, {name: Surface("own", (0.15,) * 7) for name in SURFACE_NAMES}
)
WARDROBE = Thing("wardrobe", "solid", 1.4, 2.5, 0.0, 1.0, 0.5, 1.9, "door_solid")
EARS = (Point(1.2, 1.7, 1.15), Point(0.8, 1.4, 1.1))
SOURCES = (Point(0.5, 0.5, 1.1), Point(1.9, 0.6, 1.1), Point(0.9, 0.8, 0.9))
GEAR = small_gear(42.0)


def takes_of(room: Room) -> list[Evidence]:
    """Every source at every ear, in a grid of 10 cm, which holds all edges."""
    f = np.arange(15.0, 240.0, 0.5)
    solver = VoxelRoom(room, 0.1, 1.0)
    box, found = np.abs(high_pass(f, 42.0, 4)), []
    for ear in EARS:
        rows = solver.transfers(ear.array(), np.array([s.array() for s in SOURCES]), f)
        for source, row in zip(SOURCES, rows, strict=True):
            level = smoothed_level(Response(f, 20 * np.log10(np.abs(row) * box)))
            place = Placing({"left": source}, ear)
            found.append(Evidence(f"take {len(found) + 1}", place, level))
    return found


@pytest.fixture(scope="module")
def forgotten() -> tuple[list[Evidence], Fit]:
    takes = takes_of(replace(SURVEY, things=(WARDROBE,)))
    with pytest.MonkeyPatch.context() as patch:
        fit_quickly(patch)
        return takes, fit_room(SURVEY, GEAR, takes)


def test_a_wardrobe_left_out_is_found_where_it_stands(
    forgotten: tuple[list[Evidence], Fit],
) -> None:
    takes, fit = forgotten
    assert fit.residual_db > SUSPICIOUS_DB
    told: list[float] = []
    found = missing_things(fit, takes, told.append)
    assert told == sorted(told) and told[-1] == pytest.approx(1.0)
    best = found[0]
    assert best.after_db < 0.85 * best.before_db
    middle = best.thing.x + best.thing.width / 2, best.thing.y + best.thing.depth / 2
    assert np.hypot(middle[0] - 1.9, middle[1] - 2.75) < 0.6, best.words
    assert best.thing.height > 1.5
    assert "would explain" in best.words and best.where in best.words


def test_nothing_is_looked_for_where_nothing_was_forgotten() -> None:
    takes = takes_of(SURVEY)
    fit = fit_room(SURVEY, GEAR, takes)
    assert fit.residual_db < SUSPICIOUS_DB
    assert np.isfinite([take.level_db for take in takes]).all() and FIT_HZ.size > 100
    assert missing_things(fit, takes) == []


def test_what_is_put_in_stood_there_all_along(demo: Document) -> None:
    put = put_thing(demo, WARDROBE)
    again = put_thing(put, WARDROBE)
    assert [thing.name for thing in again.room.things[-2:]] == ["wardrobe", "wardrobe 2"]
    assert not again.doubtful_takes()  # they heard it
    assert "put in" in again.noted[-1].text
