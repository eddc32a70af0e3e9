"""Something solid forgotten, in a room solved by another method (`studio/voxels.py`): a box-room of
which the survey has no wardrobe. Its sizes and place are nobody's here but the solver's.
"""

from dataclasses import replace

import numpy as np
import pytest

from fitted_once import fit_quickly
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Room, Surface, Thing, Wall
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.fitting.evidence import FIT_HZ, Evidence, Placing, smoothed_level
from jolly_parlor.fitting.fit import Fit, fit_room
from jolly_parlor.fitting.missing import (
    SUSPICIOUS_DB,
    Missing,
    _apart,
    _block,
    _blocks,
    _gap,
    _where,
    missing_things,
)
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
    again = put_thing(put, replace(WARDROBE, y=WARDROBE.y + WARDROBE.depth))
    assert [thing.name for thing in again.room.things[-2:]] == ["wardrobe", "wardrobe 2"]
    assert not again.doubtful_takes()  # they heard it
    assert "put in" in again.noted[-1].text


def test_blocks_stand_with_their_backs_to_every_wall_in_even_steps() -> None:
    found = list(_blocks(SURVEY, [(1.2, 0.6, 2.0)], 0.5))
    # 2.4 m and 3.0 m of wall leave 1.2 and 1.8 m to go along: 3 and 5 places.
    assert len(found) == 2 * 3 + 2 * 5
    assert all(t.height == 2.0 and t.z == 0.0 and t.kind == "solid" for t in found)
    front = [(t.x, t.y, t.width, t.depth) for t in found if t.y == 0 and t.width == 1.2]
    assert front == [(0.0, 0.0, 1.2, 0.6), (0.6, 0.0, 1.2, 0.6), (1.2, 0.0, 1.2, 0.6)]
    right = [(t.x, t.y) for t in found if t.x == pytest.approx(1.8) and t.width == 0.6]
    assert [y for _, y in right] == pytest.approx([0.0, 0.45, 0.9, 1.35, 1.8])
    back = [t.y for t in found if t.width == 1.2 and t.y > 0]
    assert back == pytest.approx([2.4] * 3)
    assert len([t for t in found if t.x == 0 and t.width == 0.6]) == 5
    # As wide as the wall and as high as the room still goes in; more does not.
    assert len(list(_blocks(SURVEY, [(2.4, 0.5, 2.2)], 0.5))) == 2 * 2 + 2 * 2
    assert not list(_blocks(SURVEY, [(1.0, 0.5, 2.21)], 0.5))
    assert len(list(_blocks(SURVEY, [(2.41, 0.5, 1.0)], 0.5))) == 2 * 2  # the long walls alone


def test_a_slanted_wall_gets_no_block() -> None:
    plan = ((0.0, 0.0), (2.4, 0.0), (2.4, 2.0), (1.4, 3.0), (0.0, 3.0))
    walls = tuple(
        Wall(name, "own", (0.15,) * 7) for name in ("front", "right", "cut", "back", "left")
    )
    room = replace(SURVEY, plan=plan, walls=walls)
    found = list(_blocks(room, [(0.8, 0.4, 1.0)], 0.5))
    assert len(found) == sum(max(round((w - 0.8) / 0.5), 1) + 1 for w in (2.4, 2.0, 1.4, 3.0))


@pytest.mark.parametrize(
    ("x", "y", "where"),
    [
        (0.0, 0.0, "in the front left corner"),
        (1.4, 0.0, "in the front right corner"),
        (0.0, 2.5, "in the back left corner"),
        (1.4, 2.5, "in the back right corner"),
        (0.7, 0.0, "at the front wall"),
        (0.7, 2.5, "at the back wall"),
        (0.0, 1.3, "at the left wall, in the middle"),
        (1.4, 1.3, "at the right wall, in the middle"),
        (0.7, 1.3, "at the nearest wall"),
        (0.29, 1.3, "at the left wall, in the middle"),  # its middle at 0.79 of 2.4 m: a third
        (0.31, 1.3, "at the nearest wall"),
        (1.11, 1.3, "at the right wall, in the middle"),
        (0.7, 0.74, "at the front wall"),
        (0.7, 0.76, "at the nearest wall"),
        (0.7, 1.76, "at the back wall"),
    ],
)
def test_where_a_block_stands_is_said_by_thirds(x: float, y: float, where: str) -> None:
    assert _where(SURVEY, _block(x, y, 1.0, 0.5, 1.0)) == where


def test_the_best_blocks_are_told_once_each() -> None:
    at = [_block(x, 0.0, 1.0, 0.5, 1.0) for x in (0.0, 0.5, 1.0, 1.4)]
    assert _gap(at[0], at[2]) == pytest.approx(1.0)
    assert _gap(at[0], _block(0.3, 0.4, 1.0, 0.5, 1.0)) == pytest.approx(0.5)
    costs = dict(zip(at, [3.0, 1.0, 4.0, 2.0], strict=True))
    # 0.9 m apart and no nearer: the first is half a metre from the best, the last 0.9 exactly.
    assert _apart(costs, 3) == [at[1]]
    far = _block(1.41, 0.0, 1.0, 0.5, 1.0)
    assert _apart({**costs, far: 5.0}, 3) == [at[1], far]
    assert _apart({**costs, far: 0.5}, 1) == [far]


def test_a_missing_thing_in_words() -> None:
    block = _block(1.9, 0.0, 0.6, 1.2, 2.0)
    assert Missing(block, 2.04, 0.96, "at the back wall").words == (
        "Something solid about 1.2 m wide and 2 m high at the back wall would explain 2.0 → 1.0 dB."
    )
