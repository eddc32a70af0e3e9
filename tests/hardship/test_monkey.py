"""Two short plays of the monkey; `./check --long` and benchmarks/endurance.py have long ones."""

from dataclasses import replace
from pathlib import Path
from typing import Any

import pytest
from pytestqt.qtbot import QtBot

from hardship.by_turns import Turns
from hardship.monkey import Monkey
from jolly_parlor import defects
from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.box_room import BoxRoomField
from jolly_parlor.acoustics.fields import box_field
from jolly_parlor.acoustics.room import Room
from jolly_parlor.app import jobs, search_run, theme
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.stations.takes import missing_card
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.search import Found, search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.document import Document
from jolly_parlor.project.history import Project
from jolly_parlor.refused import Refused
from quick_field import use_quick_fields


@pytest.fixture(autouse=True)
def alone(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """Nothing of this machine, and answers that take little."""
    for name in ("XDG_STATE_HOME", "XDG_DATA_HOME", "XDG_CONFIG_HOME"):
        monkeypatch.setenv(name, str(tmp_path / name))
    use_quick_fields(monkeypatch)
    monkeypatch.setattr(search_run, "search_apart", small_search)
    # A fit to all takes, and looking for what is missing, take minutes; `test_learning` does both.
    monkeypatch.setattr(jobs, "learn", no_fit)
    monkeypatch.setattr(missing_card, "missing_things", lambda *asked: [])


def no_fit(*_: object) -> None:
    raise Refused("Nothing is fitted here.")


def small_search(
    room: Room, gear: Gear, present: Arrangement | None, wishes: Wishes, **words: Any
) -> Found:
    """A search in this process, for little: what it finds is not what is asked here."""
    few = {"furthest": max(wishes.nearest + 0.1, 1.2), "height_change": 0.0, "subwoofers": "stay"}
    words |= {"step": 0.2, "most": 1, "make_field": real_box}
    return search(room, gear, present, replace(wishes, **few), **words)


def real_box(room: Room, frequencies_hz: FloatArray) -> BoxRoomField:
    """With the fast paths that a search of the box needs."""
    return BoxRoomField(box_field(room, frequencies_hz))


def opened(qtbot: QtBot, demo: Document, folder: Path) -> MainWindow:
    theme.apply(application(), theme.DAY)
    settings = SettingsStore(folder / "settings.json")
    window = MainWindow(Project(demo), None, settings, folder / "unsaved")
    qtbot.addWidget(window, before_close_func=lambda w: w.session.history.saved())
    window.show()
    return window


@pytest.mark.parametrize("seed", [1, 5])
def test_whatever_is_pressed_typed_and_dragged_nothing_goes_wrong(
    qtbot: QtBot, demo: Document, tmp_path: Path, seed: int
) -> None:
    told: list[str] = []
    with Turns() as turns:
        window = opened(qtbot, demo, tmp_path)
        window.session.told.connect(told.append)
        assert Monkey(window, turns, seed, tmp_path / "out").play(60) == []
    assert [text for text in told if "The program failed" in text] == []
    assert not defects.log_path().exists(), defects.log_path().read_text("utf-8")


def test_a_play_repeats_itself_step_by_step(qtbot: QtBot, demo: Document, tmp_path: Path) -> None:
    plays = []
    for name in ("one", "other"):
        with Turns() as turns:
            window = opened(qtbot, demo, tmp_path / name)
            monkey = Monkey(window, turns, 7, tmp_path / name / "out")
            monkey.play(12)
            plays.append(monkey.steps)
            window.session.history.saved()
            window.close()
    assert plays[0] == plays[1] and len(plays[0]) > 12
