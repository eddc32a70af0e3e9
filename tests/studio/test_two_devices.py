"""Playing through one device and recording through another, with real streams and a process between
them whose clock is its own.
"""

from collections.abc import Iterator

import numpy as np
import pytest

from jolly_parlor.project.document import Document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.device import Stage
from jolly_parlor.studio.one_take import Settings, measure
from jolly_parlor.studio.soundcard import inputs, outputs
from jolly_parlor.studio.two_devices import TwoDevices
from two_clocks import LEFT, RIGHT
from virtual_card import virtual_pair

SETTINGS = Settings(Sweep(seconds=1.0), sweeps=1, output_db=-12.0)


@pytest.fixture(scope="module")
def one_pair(tmp_path_factory: pytest.TempPathFactory) -> Iterator[None]:
    with virtual_pair(tmp_path_factory.mktemp("pair")):
        yield


@pytest.fixture
def stage(kiln: Document) -> Stage:
    return stage_of(kiln, kiln.arrangements[0], "desk")


def test_both_are_offered_each_as_what_it_is(one_pair: None) -> None:
    assert "loudspeakers" in outputs() and "microphone" in inputs()


def test_level_and_phase_between_sources_hold_across_two_clocks(
    one_pair: None, stage: Stage
) -> None:
    card = TwoDevices("loudspeakers", "microphone")
    assert card.name == "loudspeakers and microphone" and not card.simulated
    found = {side: measure(card, SETTINGS, side, stage) for side in ("left", "right")}
    for side, (gain, _) in (("left", LEFT), ("right", RIGHT)):
        one = found[side]
        assert one.timing == "markers"
        assert any("120 parts in a million" in words for words in one.verdict.words)
        f = one.response.frequencies_hz
        inside = (f > 25) & (f < 15_000)
        off = one.response.level_db[inside] - 20 * np.log10(gain)
        assert np.max(np.abs(off)) < 0.1
    # The right one comes 1.5 ms later, whatever the moment at which each recording began.
    f = np.array([50.0, 200.0, 1000.0])
    turned = found["right"].response.pressure(f) / found["left"].response.pressure(f)
    late = RIGHT[1] - LEFT[1]
    off_degrees = np.degrees(np.angle(turned * np.exp(2j * np.pi * f * late)))
    assert np.max(np.abs(off_degrees)) < 5


def test_silence_is_heard_at_the_players_rate(one_pair: None, stage: Stage) -> None:
    card = TwoDevices("loudspeakers", "microphone")
    heard = card.record(np.zeros(24_000), "", stage, 0.0, lambda s, p: None, lambda: False)
    assert heard.samples.size == 24_000 and heard.timing == "none"


def test_what_got_lost_is_told_and_leaves_no_reference(
    tmp_path_factory: pytest.TempPathFactory, stage: Stage
) -> None:
    with virtual_pair(tmp_path_factory.mktemp("lossy"), dropped=2):
        card = TwoDevices("loudspeakers", "microphone")
        found = measure(card, SETTINGS, "left", stage)
    assert found.timing == "none" and found.verdict.mark != "good"
    assert any("parts are missing" in words for words in found.verdict.words)


def test_stopping_silences_both(one_pair: None, stage: Stage) -> None:
    card, told = TwoDevices("loudspeakers", "microphone"), []
    hour = np.zeros(48_000 * 60)
    part = card.record(
        hour, "left", stage, 0.0, lambda share, _: told.append(share), lambda: len(told) > 4
    )
    assert part.samples.size < hour.size and part.timing == "none"
