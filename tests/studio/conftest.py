"""Here the studio itself is asked, every time."""

import pytest

from heard_once import RENDERED
from jolly_parlor.studio.simulated import SimulatedStudio


@pytest.fixture(scope="module", autouse=True)
def _heard_anew() -> object:
    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(SimulatedStudio, "_rendered", RENDERED)
        yield
