"""Tests marked `real_room` ask the studio itself, every time."""

import pytest

from heard_once import RENDERED
from jolly_parlor.studio.simulated import SimulatedStudio


@pytest.fixture(autouse=True)
def _heard_anew(request: pytest.FixtureRequest, monkeypatch: pytest.MonkeyPatch) -> None:
    if request.node.get_closest_marker("real_room") is not None:
        monkeypatch.setattr(SimulatedStudio, "_rendered", RENDERED)
