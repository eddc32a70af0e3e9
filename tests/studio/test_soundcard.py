"""A real stream through a virtual sound card: what is played into a null sink is recorded again.

Skipped, with the reason, where no virtual device can be started.
"""

import time
from collections.abc import Iterator
from threading import Event, Thread

import numpy as np
import pytest

from jolly_parlor.project.document import Document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.refused import Refused
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.device import DeviceFailed, Stage
from jolly_parlor.studio.measuring import Settings, measure
from jolly_parlor.studio.soundcard import Channels, SoundCard, sound_cards
from virtual_card import pulse_card


@pytest.fixture(scope="module")
def virtual_card(tmp_path_factory: pytest.TempPathFactory) -> Iterator[None]:
    with pulse_card(tmp_path_factory.mktemp("pulse")):
        yield


@pytest.fixture
def stage(kiln: Document) -> Stage:
    return stage_of(kiln, kiln.arrangements[0], "desk")


def test_a_sweep_comes_back_flat_and_in_time(virtual_card: None, stage: Stage) -> None:
    card = SoundCard("default", Channels(loopback_output=2, loopback_input=2))
    assert "default" in sound_cards()
    settings = Settings(Sweep(seconds=2.0), sweeps=1, output_db=-12.0)
    told: list[float] = []
    off = np.inf
    for attempt in range(12):  # the virtual server of a busy machine may drop a block, or all
        told.clear()
        try:
            found = measure(
                card, settings, "left", stage, progress=lambda share, peak: told.append(share)
            )
        except Refused:
            if attempt == 11:
                raise
            continue
        f = (found.response.frequencies_hz > 40) & (found.response.frequencies_hz < 10000)
        off = float(np.median(np.abs(found.response.level_db[f])))
        if off < 0.1:
            break
    assert off < 0.1
    assert abs(found.impulse.peak_seconds) * 48000 < 0.1
    assert told == sorted(told) and len(told) > 10
    assert found.level_db_spl is None


def test_the_loopback_is_the_same_moment_as_the_microphone(
    virtual_card: None, stage: Stage
) -> None:
    card = SoundCard("default", Channels(loopback_output=2, loopback_input=2))
    sound = 0.3 * Sweep(seconds=0.8).samples()
    heard = card.record(sound, "left", stage, 0.5, lambda s, p: None, lambda: False)
    assert heard.loopback is not None
    assert np.max(np.abs(heard.samples)) > 0.2
    assert np.allclose(heard.samples, heard.loopback, atol=1e-6)


def test_each_source_goes_to_its_channel(virtual_card: None, stage: Stage) -> None:
    card = SoundCard("default", Channels(microphone=2))
    sound = 0.3 * Sweep(seconds=0.6).samples()

    def loudest(source: str) -> float:
        for _ in range(12):  # the virtual server of a busy machine may drop a block, or all
            found = card.record(sound, source, stage, 0.3, lambda s, p: None, lambda: False)
            if found.samples.size:
                return float(np.max(np.abs(found.samples)))
        raise AssertionError("nothing was recorded")

    heard = {source: loudest(source) for source in ("left", "right", "both", "")}
    assert heard["left"] < 1e-3 and heard[""] < 1e-3
    assert heard["right"] == pytest.approx(0.3, rel=0.05)
    assert heard["both"] == pytest.approx(0.3, rel=0.05)


def test_what_is_listened_to_begins_softly_loops_and_ends_softly(
    virtual_card: None, stage: Stage
) -> None:
    """Heard through the sink's monitor while another stream plays."""
    card, silent, told = SoundCard("default"), Event(), []
    tone = np.sin(2 * np.pi * 500 * np.arange(24000) / 48000)

    def listen() -> None:
        card.play({"left": tone, "right": tone}, lambda: -20.0, True, told.append, silent.is_set)

    played = Thread(target=listen)
    played.start()
    ear, largest = SoundCard("default", Channels(microphone=1)), np.inf
    try:
        for _ in range(12):  # the virtual server of a busy machine may drop a block
            heard = ear.record(
                np.zeros(48000 * 2), "", stage, 0.0, lambda s, p: None, lambda: False
            ).samples
            largest = min(largest, float(np.max(np.abs(np.diff(heard)))))
            if largest < 0.02:  # a sine of 0.1 at 500 Hz steps by 0.007
                break
    finally:
        silent.set()
        played.join(timeout=10)
    assert not played.is_alive() and told and largest < 0.02
    assert np.max(np.abs(heard)) == pytest.approx(0.1, rel=0.05)


def test_cancelling_stops_the_stream(virtual_card: None, stage: Stage) -> None:
    card = SoundCard("default")
    begun = time.monotonic()
    part = card.record(
        np.zeros(48000 * 20),
        "left",
        stage,
        0.0,
        lambda share, peak: None,
        lambda: time.monotonic() - begun > 0.3,
    )
    assert time.monotonic() - begun < 5.0
    assert part.samples.size < 48000 * 5


def test_what_it_cannot_do_is_said(virtual_card: None, stage: Stage) -> None:
    with pytest.raises(DeviceFailed, match="cannot play"):
        SoundCard("no such card")
    with pytest.raises(DeviceFailed, match="No output channel is set for sub"):
        SoundCard("default").record(
            np.zeros(100), "sub", stage, 0.0, lambda s, p: None, lambda: False
        )
