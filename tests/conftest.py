"""Fixtures shared by all tests."""

# isort: off
import speaking  # noqa: F401 - before anything of the program is loaded

# isort: on
import os
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import pytest
from hypothesis import HealthCheck, settings

from heard_once import heard_once, use_coarse_rooms
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document, read_survey
from jolly_parlor.studio.simulated import SimulatedStudio
from places import EXAMPLES

# No test depends on how fast anything is.
settings.register_profile(
    "any_machine", deadline=None, suppress_health_check=[HealthCheck.too_slow]
)
settings.load_profile("any_machine")


_LONG = (
    "fitting/test_missing.py",
    "fitting/test_lived_in.py",
    "fitting/test_fit.py",
    "placement/test_limits.py",
    "placement/test_search.py",
    "test_cli.py",
    "hardship/test_monkey.py",
    "studio/test_simulated.py",
    "app/",
    "placement/",
    "project/",
)


def pytest_collection_modifyitems(items: list[pytest.Item]) -> None:
    """What takes long is begun first, so that no process is left alone with it at the end; within a
    file the order stays.
    """
    root = Path(__file__).parent

    def rank(item: pytest.Item) -> int:
        within = item.path.relative_to(root).as_posix()
        return next((n for n, name in enumerate(_LONG) if within.startswith(name)), len(_LONG))

    items.sort(key=rank)


def of_this_run(made: pytest.TempPathFactory) -> Path:
    """A folder that all processes of this run share, and no other run."""
    own = made.getbasetemp()
    return own.parent if "PYTEST_XDIST_WORKER" in os.environ else own


@pytest.fixture(scope="session", autouse=True)
def _modes_of_this_run(tmp_path_factory: pytest.TempPathFactory) -> Iterator[None]:
    """Modes kept on disk are those of this run, shared by its processes."""
    shared = of_this_run(tmp_path_factory)
    with pytest.MonkeyPatch.context() as patch:
        patch.setenv("XDG_CACHE_HOME", str(shared / "cache"))
        yield


@pytest.fixture(scope="session", autouse=True)
def _heard_once(tmp_path_factory: pytest.TempPathFactory) -> Iterator[None]:
    """The hidden room is solved in coarser cells, and what it answers from one place to another is
    worked out once in a run; tests marked `real_room` ask it (`tests/studio/conftest.py`).
    """
    folder = of_this_run(tmp_path_factory) / "heard"
    folder.mkdir(exist_ok=True)
    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(SimulatedStudio, "_rendered", heard_once(folder))
        use_coarse_rooms(patch)
        yield


@pytest.fixture(scope="session")
def kiln() -> Document:
    """The demo's survey with its three schools, no takes, called as if its owner had named them."""
    document = read_survey(EXAMPLES / "kiln-room.json")
    named = tuple(replace(a, name_follows=False) for a in document.arrangements)
    return replace(document, arrangements=named)


@pytest.fixture(scope="session")
def demo() -> Document:
    """The demo document with its takes."""
    return open_document(EXAMPLES / "kiln-room.parlor")


@pytest.fixture(scope="session")
def forecaster(kiln: Document) -> Forecaster:
    """The demo room's forecaster."""
    return Forecaster(kiln.room, kiln.gear)
