"""A real window on the demo, with settings and safety copy of its own."""

from collections.abc import Callable, Iterator
from pathlib import Path

import pyqtgraph as pg
import pytest
from pytestqt.qtbot import QtBot

from fitted_once import fit_once
from helpers_app import delete_what_was_let_go, settled
from jolly_parlor.app import dialogs, fit_state, search_run, theme
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.document import Document
from jolly_parlor.project.history import Project
from quick_field import quick_search, use_few_looks, use_quick_fields, use_wide_elements
from short_pieces import use_short_pieces


@pytest.fixture(scope="session")
def qapp() -> object:
    """The application as the program dresses it."""
    app = application()
    theme.apply(app, theme.DAY)
    pg.setConfigOption("mouseRateLimit", -1)  # every move of the test's mouse counts
    return app


@pytest.fixture(autouse=True)
def no_dialog_waits(monkeypatch: pytest.MonkeyPatch) -> None:
    """A dialog nobody answers fails the test instead of hanging it."""

    def unexpected(*words: object) -> None:
        raise AssertionError(f"an unexpected question: {words[1:]}")

    for name in vars(dialogs):
        if name.startswith(("ask_", "choose_", "show_")):
            monkeypatch.setattr(dialogs, name, unexpected)
    # The preview itself is driven in test_import_preview; elsewhere what it shows is taken.
    monkeypatch.setattr(dialogs, "ask_import", lambda parent, name, where, read: read(None))


@pytest.fixture(autouse=True)
def quick_fields(request: pytest.FixtureRequest, monkeypatch: pytest.MonkeyPatch) -> None:
    """What a window shows is asked of a small field, unless a test is marked `real_field`; what it
    plays is short, and a room is fitted to the same takes once.
    """
    if request.node.get_closest_marker("real_field") is None:
        use_quick_fields(monkeypatch)
    else:
        use_few_looks(monkeypatch)
        use_wide_elements(monkeypatch)
    use_short_pieces(monkeypatch)
    fit_once(monkeypatch)
    # Takes that come in teach nothing by themselves, where a test is not about that.
    monkeypatch.setattr(fit_state, "_BEGINS_WITH", 10_000)


@pytest.fixture(autouse=True)
def quick_searches(request: pytest.FixtureRequest, monkeypatch: pytest.MonkeyPatch) -> None:
    """A search is coarse and in the small field, unless a test is marked `real_search`; then three
    proposals show what five would.
    """
    monkeypatch.setattr(search_run, "MOST", 3)
    if request.node.get_closest_marker("real_search") is None:
        monkeypatch.setattr(search_run, "search_apart", quick_search)


@pytest.fixture
def open_window(
    qtbot: QtBot, qapp: object, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> Iterator[Callable[..., MainWindow]]:
    """Opens windows, holds them as the program does, and closes them, threads and all. What would
    be compared or found out where a document opens is left out: a test that wants it goes there.
    """
    monkeypatch.setattr("jolly_parlor.app.window.first_station", lambda document: "gear")
    held = []  # a window nobody holds is collected while it is still seen, and its pages with it

    def make(document: Document, path: Path | None = None) -> MainWindow:
        settings = SettingsStore(tmp_path / "settings.json")
        window = MainWindow(Project(document), path, settings, tmp_path / "unsaved")
        held.append(window)
        qtbot.addWidget(window, before_close_func=lambda w: w.session.history.saved())
        window.show()
        qtbot.waitExposed(window)
        settled(qtbot, window)
        return window

    yield make
    held.clear()
    # pytest-qt has closed them and asked Qt to delete them, which it does when a loop ends that no
    # test has: left alone they would all be laid out, dressed and collected along with the next.
    delete_what_was_let_go()
    theme.apply(application(), theme.DAY)


@pytest.fixture
def window(open_window: Callable[..., MainWindow], demo: Document) -> MainWindow:
    """The demo, settled, at Gear, where nothing takes long to work out."""
    return open_window(demo)


@pytest.fixture
def at_forecast(window: MainWindow, qtbot: QtBot) -> MainWindow:
    """The demo, settled, at Forecast, its pair by itself."""
    window.session.show_mix("both")
    window.go("forecast")
    settled(qtbot, window)
    return window
