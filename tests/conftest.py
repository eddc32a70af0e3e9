"""Fixtures shared by all tests."""

# isort: off
import speaking  # noqa: F401 - before anything of the program is loaded

# isort: on
from collections.abc import Iterator

import pytest

from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document, read_survey
from places import EXAMPLES

_LONGEST_FIRST = (
    "test_cli.py",
    "test_hearing.py",
    "test_search_card.py",
    "test_monkey.py",
    "test_search.py",
    "test_signoff.py",
    "test_finetune.py",
    "test_missing.py",
    "test_simulated.py",
    "test_layouts.py",
    "test_equalising.py",
    "test_learning.py",
    "test_limits.py",
    "test_subs_walk.py",
    "test_furnished.py",
    "test_measuring.py",
)
"""Files that take over a minute of one process: begun last, one would end long after the others."""


def pytest_collection_modifyitems(items: list[pytest.Item]) -> None:
    """Run the longest files first; the rest as they come."""
    rank = {name: n for n, name in enumerate(_LONGEST_FIRST)}
    items.sort(key=lambda item: rank.get(item.path.name, len(rank)))


@pytest.fixture(scope="session", autouse=True)
def _modes_of_this_run(tmp_path_factory: pytest.TempPathFactory) -> Iterator[None]:
    """Modes kept on disk are those of this run, shared by its processes."""
    shared = tmp_path_factory.getbasetemp().parent
    with pytest.MonkeyPatch.context() as patch:
        patch.setenv("XDG_CACHE_HOME", str(shared / "cache"))
        yield


@pytest.fixture(scope="session")
def kiln() -> Document:
    """The demo's survey with its three schools, no takes."""
    return read_survey(EXAMPLES / "kiln-room.json")


@pytest.fixture(scope="session")
def demo() -> Document:
    """The demo document with its takes."""
    return open_document(EXAMPLES / "kiln-room.parlor")


@pytest.fixture(scope="session")
def forecaster(kiln: Document) -> Forecaster:
    """The demo room's forecaster."""
    return Forecaster(kiln.room, kiln.gear)
