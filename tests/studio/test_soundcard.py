"""Real streams through a virtual sound card: what is played is recorded again."""

from collections.abc import Iterator
from threading import Event, Thread

import numpy as np
import pytest

from certain import some
from jolly_parlor.project.document import Document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.device import DeviceFailed, Stage
from jolly_parlor.studio.one_take import Settings, measure
from jolly_parlor.studio.soundcard import Channels, SoundCard, inputs, outputs
from virtual_card import VirtualCard, virtual_sound_card


@pytest.fixture(scope="module")
def one_card(tmp_path_factory: pytest.TempPathFactory) -> Iterator[VirtualCard]:
    with virtual_sound_card(tmp_path_factory.mktemp("card")) as made:
        yield made


@pytest.fixture
def virtual_card(one_card: VirtualCard) -> VirtualCard:
    one_card.begin()
    return one_card


@pytest.fixture
def stage(kiln: Document) -> Stage:
    return stage_of(kiln, kiln.arrangements[0], "desk")


def test_a_sweep_comes_back_flat_and_in_time(virtual_card: VirtualCard, stage: Stage) -> None:
    card = SoundCard("default", Channels(loopback_output=2, loopback_input=2))
    assert "default" in inputs() and "default" in outputs()
    settings = Settings(Sweep(seconds=2.0), sweeps=1, output_db=-12.0)
    found = measure(card, settings, "left", stage)
    f = (found.response.frequencies_hz > 40) & (found.response.frequencies_hz < 10000)
    assert np.max(np.abs(found.response.level_db[f])) < 0.1
    assert abs(found.impulse.peak_seconds) * 48000 < 0.1
    assert found.level_db_spl is None


def test_what_is_heard_is_what_was_played_on_both_channels(
    virtual_card: VirtualCard, stage: Stage
) -> None:
    card = SoundCard("default", Channels(loopback_output=2, loopback_input=2))
    sound = 0.3 * Sweep(seconds=0.8).samples()
    heard = card.record(sound, "left", stage, 1.0, lambda s, p: None, lambda: False)
    assert heard.loopback is not None and not heard.troubles
    assert np.array_equal(heard.samples, heard.loopback)
    late = int(np.argmax(np.abs(heard.samples) > 0))
    first = int(np.argmax(np.abs(sound.astype(np.float32)) > 0))
    again = heard.samples[late - first :][: sound.size]
    assert np.allclose(again, sound, atol=1e-6)


def test_each_source_goes_to_its_channel(virtual_card: VirtualCard, stage: Stage) -> None:
    card = SoundCard("default", Channels(microphone=2))
    sound = 0.3 * Sweep(seconds=0.6).samples()
    heard = {}
    for source in some(("left", "right", "both", "")):
        virtual_card.begin()
        found = card.record(sound, source, stage, 1.0, lambda s, p: None, lambda: False)
        heard[source] = float(np.max(np.abs(found.samples)))
    assert heard["left"] == 0.0 and heard[""] == 0.0
    assert heard["right"] == pytest.approx(0.3, rel=0.01)
    assert heard["both"] == pytest.approx(0.3, rel=0.01)


def test_what_is_listened_to_begins_softly_loops_and_ends_softly(
    virtual_card: VirtualCard, stage: Stage
) -> None:
    """All of it is heard, from before its first sample to after its last."""
    card, silent, told = SoundCard("default"), Event(), []
    tone = np.sin(2 * np.pi * 500 * np.arange(24000) / 48000)

    def listen() -> None:
        card.play({"left": tone, "right": tone}, lambda: -20.0, True, told.append, silent.is_set)

    played = Thread(target=listen)
    played.start()
    parts, count = [], 0
    while played.is_alive():
        parts.append(virtual_card.heard())
        count += len(parts[-1])
        if count > 3 * 48000:  # its half a second, several times
            silent.set()
        played.join(0.005)
    heard = np.concatenate([*parts, virtual_card.heard()])[20_480:]
    assert told and np.array_equal(heard[:, 0], heard[:, 1])
    # A sine of 0.1 at 500 Hz steps by 0.0066: no seam steps more, nor where it begins and ends.
    assert np.max(np.abs(np.diff(heard[:, 0], prepend=0.0, append=0.0))) < 0.007
    assert np.max(np.abs(heard)) == pytest.approx(0.1, rel=0.01)
    assert np.max(np.abs(heard[:100])) < 0.03 and np.max(np.abs(heard[-100:])) < 0.03


def test_how_far_it_is_is_told_and_cancelling_stops_the_stream(
    virtual_card: VirtualCard, stage: Stage
) -> None:
    card = SoundCard("default", Channels(microphone=2))
    hour = np.zeros(48000 * 3600)
    told: list[float] = []
    part = card.record(
        hour, "left", stage, 0.0, lambda share, _: told.append(share), lambda: len(told) > 2
    )
    assert len(told) == 3 and told == sorted(told)
    assert 0 < part.samples.size < hour.size
    assert not np.any(part.samples)


def test_what_it_cannot_do_is_said(virtual_card: VirtualCard, stage: Stage) -> None:
    with pytest.raises(DeviceFailed, match="cannot play"):
        SoundCard("no such card")
    few = SoundCard("default", Channels({"left": 1, "right": 2, "sub": 999}))
    with pytest.raises(DeviceFailed, match=r"outputs, and sub is set to number 999"):
        few.record(np.zeros(100), "sub", stage, 0.0, lambda s, p: None, lambda: False)
    with pytest.raises(DeviceFailed, match="No output channel is set for sub"):
        SoundCard("default").record(
            np.zeros(100), "sub", stage, 0.0, lambda s, p: None, lambda: False
        )
