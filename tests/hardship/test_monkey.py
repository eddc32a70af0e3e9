"""Two short plays of the monkey; see benchmarks/endurance.py for long ones."""

from pathlib import Path

import pytest
from pytestqt.qtbot import QtBot

from hardship.monkey import Monkey
from helpers_app import settled
from jolly_parlor import defects
from jolly_parlor.app import theme
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document
from jolly_parlor.project.history import Project


@pytest.mark.parametrize("seed", [1, 5])
def test_whatever_is_pressed_typed_and_dragged_nothing_goes_wrong(
    qtbot: QtBot, demo: Document, tmp_path: Path, monkeypatch: pytest.MonkeyPatch, seed: int
) -> None:
    for name in ("XDG_STATE_HOME", "XDG_DATA_HOME", "XDG_CONFIG_HOME"):
        monkeypatch.setenv(name, str(tmp_path / name))
    theme.apply(application(), theme.DAY)
    settings = SettingsStore(tmp_path / "settings.json")
    window = MainWindow(Project(demo), None, settings, tmp_path / "unsaved")
    qtbot.addWidget(window, before_close_func=lambda w: w.session.history.saved())
    window.show()
    told: list[str] = []
    window.session.told.connect(told.append)
    assert Monkey(window, seed, tmp_path / "out").play(150) == []
    window.session.fields.stop()
    settled(qtbot, window)
    assert [text for text in told if "The program failed" in text] == []
    assert not defects.log_path().exists(), defects.log_path().read_text("utf-8")
