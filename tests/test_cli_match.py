"""`match` without a window: what is said agrees with what is set."""

import json
from pathlib import Path

import numpy as np
import pytest

from certain import some
from jolly_parlor.project.files import open_document, read_survey, save_document
from places import EXAMPLES
from processes import ran_here
from quick_field import use_quick_fields


@pytest.fixture
def room(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Path:
    use_quick_fields(monkeypatch)  # what is asked here is geometry, and what is written
    made = tmp_path / "room.parlor"
    save_document(read_survey(EXAMPLES / "kiln-room.json"), made)
    return made


def test_each_is_told_where_it_stands_and_what_sets_it_alike(room: Path) -> None:
    done = ran_here(["match", room, "--forecast", "--json", room.with_suffix(".json")])
    assert done.returncode == 0, done.stderr
    document = open_document(room)
    a = document.arrangements[0]
    table = json.loads(room.with_suffix(".json").read_text())
    assert table["arrangement"] == a.name and not table["set"] and table["moved"] == []
    ear = a.seats["desk"]
    for row in some(table["loudspeakers"]):
        at = a.places[row["loudspeaker"]]
        assert row["distance_m"] == pytest.approx(at.distance(ear), abs=0.005)
        aside = np.degrees(np.arctan2(at.x - ear.x, ear.y - at.y))
        assert abs(row["azimuth_degrees"]) == pytest.approx(abs(aside), abs=0.1)
        assert not row["measured"]
        assert f"{row['loudspeaker']}: " in done.stdout
    assert f"“{a.name}”, forecast at " in done.stdout
    assert document.arrangements == read_survey(EXAMPLES / "kiln-room.json").arrangements


def test_another_layout_is_chosen_moved_and_set_in_the_file(room: Path) -> None:
    done = ran_here(["match", room, "--layout", "five", "--move", "--set", "--json", "-"])
    assert done.returncode == 0, done.stderr
    table = json.loads(done.stdout)
    document = open_document(room)
    assert table["layout"] == document.gear.layout.id == "five" and table["set"]
    a = document.arrangement(table["arrangement"])
    for moved in some(table["moved"]):
        assert moved["at_m"] == pytest.approx(a.places[moved["loudspeaker"]].array(), abs=1e-3)
    set_ = [row for row in table["loudspeakers"] if row["gain_db"] is not None]
    for row in some(set_):
        assert a.chain(row["loudspeaker"]).gain_db == pytest.approx(row["gain_db"], abs=0.3)


def test_takes_that_are_not_there_are_asked_for(room: Path) -> None:
    done = ran_here(["match", room, "--measured"])
    assert done.returncode != 0 and "take" in done.stderr
