"""Tests marked `real_room` ask the studio itself, every time."""

from collections.abc import Iterator

import pytest

from heard_once import RENDERED
from jolly_parlor.studio import hidden_room
from jolly_parlor.studio.simulated import SimulatedStudio

_CELLS = {name: getattr(hidden_room, name) for name in ("_LEAST_CELL", "_MOST_CELL")}
"""The program's own; what the tests do to them they do later."""


@pytest.fixture(autouse=True)
def _heard_anew(request: pytest.FixtureRequest, monkeypatch: pytest.MonkeyPatch) -> Iterator[None]:
    real = request.node.get_closest_marker("real_room") is not None
    if real:
        monkeypatch.setattr(SimulatedStudio, "_rendered", RENDERED)
        for name, metres in _CELLS.items():
            monkeypatch.setattr(hidden_room, name, metres)
        hidden_room._invented.cache_clear()
    yield
    if real:
        hidden_room._invented.cache_clear()
