"""Two windows or programs on one file; files of the earlier version; takes that may not hold."""

import json
import zipfile
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.room import Surface
from jolly_parlor.placement.chains import Crossover
from jolly_parlor.placement.loudspeakers import Controls
from jolly_parlor.project import edits
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import (
    ChangedBehind,
    open_document,
    open_project,
    read_survey,
    save_project,
)
from jolly_parlor.project.gear_edits import set_chain, set_crossover, set_gear
from jolly_parlor.project.schema import PROJECT_VERSION
from jolly_parlor.project.take_edits import hold_takes_valid
from places import DATA, EXAMPLES
from rooms import lined_alike, sized


@pytest.fixture
def path(tmp_path: Path) -> Path:
    """A copy of the demo."""
    made = tmp_path / "room.parlor"
    made.write_bytes((EXAMPLES / "kiln-room.parlor").read_bytes())
    return made


def test_a_change_behind_ones_back_is_noticed(path: Path) -> None:
    one, other = open_project(path), open_project(path)
    turned = one.project.after(edits.turn_room(one.project.document))
    known = save_project(turned, path, one.fingerprint)
    mine = other.project.after(edits.remove_arrangement(other.project.document, "A third"))
    with pytest.raises(ChangedBehind, match="changed by another window or program"):
        save_project(mine, path, other.fingerprint)
    assert len(open_document(path).arrangements) == 3
    save_project(turned, path, known)
    save_project(mine, path, None)
    assert len(open_document(path).arrangements) == 2


def test_a_file_of_version_1_opens_without_loss_and_is_kept_beside(tmp_path: Path) -> None:
    path = tmp_path / "room.parlor"
    old = (DATA / "kiln-room-v1.parlor").read_bytes()
    path.write_bytes(old)
    with zipfile.ZipFile(path) as archive:
        before = json.loads(archive.read("project.json"))
        curves = {n: archive.read(n) for n in archive.namelist() if n.endswith(".csv")}
    assert before["schema_version"] == 1
    opened = open_project(path)
    d = opened.project.document
    assert [a.name for a in d.arrangements] == [a["name"] for a in before["arrangements"]]
    for a, was in zip(d.arrangements, before["arrangements"], strict=True):
        for side in ("left", "right"):
            assert a.places[side].x == was[side]["x"]
            assert a.places[side].z == was[side]["z"]
        assert a.seats["sofa"].y == was["seats"]["sofa"]["y"]
        assert a.desk is not None
        assert a.desk.y == was["desk"]["y"]
    assert (d.room.width, d.room.length) == (before["room"]["width"], before["room"]["length"])
    assert len(opened.project.ledger) == len(before["ledger"])
    assert len(d.takes) == len(curves) == len(before["takes"])
    for take in d.takes:
        rows = curves[f"takes/{take.info.id}.csv"].decode().splitlines()[1:]
        levels = [float(row.split(",")[1]) for row in rows]
        assert np.array_equal(take.response.level_db, levels)
    assert d.doubtful_takes() == []
    save_project(opened.project, path, opened.fingerprint)
    assert json.loads(zipfile.ZipFile(path).read("project.json"))["schema_version"] == (
        PROJECT_VERSION
    )
    assert (tmp_path / "room.parlor.v1").read_bytes() == old


def test_a_survey_of_version_1_is_the_same_document() -> None:
    old, new = read_survey(DATA / "kiln-room-v1.json"), read_survey(EXAMPLES / "kiln-room.json")
    models = tuple(  # version 1 knew no controls
        replace(model, controls=Controls(), maximum_level_db_spl=None) for model in new.gear.models
    )
    gear = replace(new.gear, models=models)
    assert (old.room, old.gear, old.arrangements) == (new.room, gear, new.arrangements)


@pytest.mark.parametrize(
    ("edit", "source", "why"),
    [
        (lambda d: edits.set_room(d, sized(d.room, length=5.9)), "left", "the room's size"),
        (
            lambda d: edits.set_room(d, lined_alike(d.room, Surface("concrete"))),
            "left",
            "what lines a wall",
        ),
        (
            lambda d: edits.set_room(d, replace(d.room, openings=d.room.openings[:1])),
            "sub",
            "a window, door or passage",
        ),
        (
            lambda d: set_gear(
                d,
                replace(
                    d.gear, models=tuple(replace(m, low_corner_hz=60.0) for m in d.gear.models)
                ),
            ),
            "sub",
            "the model of sub",
        ),
        (lambda d: set_chain(d, "left", gain_db=3.0), "both", "the setting of left"),
    ],
)
def test_a_take_asks_whether_it_still_holds_and_says_why(
    demo: Document, edit: object, source: str, why: str
) -> None:
    after = edit(demo)  # type: ignore[operator]
    asked = [t for t in after.doubtful_takes() if t.info.source == source]
    assert len(asked) == sum(t.info.source == source for t in demo.takes)
    assert why in "; ".join(after.doubts(asked[0]))
    a = after.arrangements[0]
    assert after.take_of(a, source, "desk") is None, "left out until somebody says it holds"
    held = hold_takes_valid(after, frozenset(t.info.id for t in after.takes))
    assert held.doubtful_takes() == []
    assert held.take_of(a, source, "desk") is not None


@pytest.mark.parametrize(
    "edit",
    [
        edits.turn_room,
        lambda d: set_crossover(d, "sub", 95.0),
        lambda d: set_chain(d, "sub", gain_db=2.0, low_pass=Crossover(70.0)),
        lambda d: edits.set_room(d, replace(d.room, name="Other name")),
    ],
    ids=["turned", "crossover", "what a sub alone is not measured with", "name"],
)
def test_what_a_take_does_not_hear_raises_no_question(demo: Document, edit: object) -> None:
    assert edit(demo).doubtful_takes() == []  # type: ignore[operator]
