"""Two short plays of the monkey; `./check --long` and benchmarks/endurance.py have long ones."""

from dataclasses import replace
from pathlib import Path

import pytest
from pytestqt.qtbot import QtBot

from hardship.by_turns import Turns
from hardship.monkey import Monkey
from hardship.small_answers import use_small_answers
from jolly_parlor import defects
from jolly_parlor.app import theme
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.project.history import Project


@pytest.fixture(autouse=True)
def alone(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """Nothing of this machine, and answers that take little."""
    for name in ("XDG_STATE_HOME", "XDG_DATA_HOME", "XDG_CONFIG_HOME"):
        monkeypatch.setenv(name, str(tmp_path / name))
    use_small_answers(monkeypatch)


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


def test_what_goes_on_until_it_is_stopped_does_not_stop_the_play(
    qtbot: QtBot, demo: Document, tmp_path: Path
) -> None:
    with Turns() as turns:
        window = opened(qtbot, demo, tmp_path)
        window.go("subs")
        turns.take_all()
        align = window.subs.align
        align.listen.click()
        assert align.listening
        turns.take_all()
        assert not align.listening


def test_a_comparison_that_comes_late_asks_nothing_of_what_has_changed_since(
    qtbot: QtBot, demo: Document, tmp_path: Path
) -> None:
    told: list[str] = []
    with Turns() as turns:
        window = opened(qtbot, demo, tmp_path)
        session = window.session
        session.told.connect(told.append)
        session.want_comparison(True)
        session.want_comparison(False)  # asked, and nobody looks any more
        first, *others = session.document.gear.seats
        renamed = (replace(first, name="stool"), *others)
        gear = replace(session.document.gear, seats=renamed)
        assert session.do("rename", lambda d: set_gear(d, gear))
        turns.take_all()
        assert session.comparison is not None
        session.history.saved()
        window.close()
    assert [words for words in told if "failed" in words] == []
