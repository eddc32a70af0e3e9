"""Playback on its own, block by block: soft at both ends, at a level that moves, never beyond."""

import numpy as np
import pytest

from jolly_parlor.studio.device import FADE_IN_SECONDS, FADE_OUT_SECONDS
from jolly_parlor.studio.streams import (
    Late,
    Listened,
    Playback,
    RecordingRun,
    Sent,
    Watch,
    asleep_seconds,
)

RATE, BLOCK = 48000, 1024
sounddevice = pytest.importorskip("sounddevice", exc_type=(ImportError, OSError))


def blocks(run: Playback, count: int) -> np.ndarray:
    """So many blocks as a card would ask for them; fewer when it stops."""
    heard = []
    for _ in range(count):
        out = np.zeros((BLOCK, 1), np.float32)
        try:
            run.step(out, BLOCK, None, None)
        except sounddevice.CallbackStop:
            heard.append(out[:, 0])
            break
        heard.append(out[:, 0])
    return np.concatenate(heard)


def test_it_fades_in_to_its_level_and_out_again() -> None:
    ones = np.ones((RATE, 1), np.float32)
    run = Playback(ones, RATE, lambda: -20.0, again=True)
    heard = blocks(run, 100)
    assert heard[0] == 0 and heard[-1] == pytest.approx(0.1, rel=1e-3)
    rise = np.flatnonzero(heard >= 0.0999)[0] / RATE
    assert rise == pytest.approx(FADE_IN_SECONDS, abs=0.05)
    assert np.max(np.abs(np.diff(heard))) < 1e-4
    run.fade_out()
    tail = blocks(run, 100)
    assert tail.size / RATE == pytest.approx(FADE_OUT_SECONDS, abs=2.5 * BLOCK / RATE)
    assert abs(tail[-1]) < 1e-3 and np.max(np.abs(np.diff(tail))) < 1e-4


def test_a_louder_level_is_reached_softly_and_the_sound_goes_round() -> None:
    level = [-40.0]
    ones = np.ones((5000, 1), np.float32)
    run = Playback(ones, RATE, lambda: level[0], again=True)
    blocks(run, 60)
    level[0] = -12.0
    heard = blocks(run, 60)
    assert heard[-1] == pytest.approx(10 ** (-12 / 20), rel=1e-3)
    assert np.max(np.diff(heard)) < 1e-4
    assert 0 <= run.seconds < 5000 / RATE


def test_once_through_it_stops_at_the_end() -> None:
    ones = np.ones((3000, 1), np.float32)
    heard = blocks(Playback(ones, RATE, lambda: -20.0, again=False), 50)
    assert heard.size == 3 * BLOCK and np.all(heard[3000:] == 0)


def test_a_stream_that_stands_still_for_ten_seconds_is_given_up() -> None:
    now = [100.0]
    watch = Watch(lambda: now[0], lambda: 0.0)
    for at in (0.0, 512.0, 1024.0):
        now[0] += 9.0
        assert not watch.stalled(at)
    now[0] += 9.9
    assert not watch.stalled(1024.0)
    now[0] += 0.2
    assert watch.stalled(1024.0)
    assert not watch.stalled(1536.0)  # it goes on after all


def test_a_computer_that_slept_is_noticed_by_its_clocks() -> None:
    asleep = [50.0]
    watch = Watch(lambda: 0.0, lambda: asleep[0])
    asleep[0] += 0.2
    assert not watch.slept
    asleep[0] += 30.0
    assert watch.slept
    assert asleep_seconds() >= -0.1 and not Watch().slept


# What a card's own thread runs is no line that coverage sees: here it is called as a card would.


class Status:
    """What PortAudio says of a block."""

    def __init__(self, *flags: str) -> None:
        self.input_overflow = "input_overflow" in flags
        self.output_underflow = "output_underflow" in flags


def test_what_is_heard_and_played_at_once_ends_with_what_is_played() -> None:
    out = np.arange(2500, dtype=np.float32)[:, None]
    run = RecordingRun(out, 2)
    played = np.zeros((BLOCK, 1), np.float32)
    for number in range(2):
        run.step(np.full((BLOCK, 2), number + 1.0), played, BLOCK, None, Status())
        assert np.array_equal(played[:, 0], out[number * BLOCK : (number + 1) * BLOCK, 0])
    assert run.share == pytest.approx(2048 / 2500)
    with pytest.raises(sounddevice.CallbackStop):
        run.step(np.full((BLOCK, 2), 0.5), played, BLOCK, None, Status("input_overflow"))
    assert run.done == 2500 and np.all(played[2500 - 2048 :] == 0)
    assert np.array_equal(run.heard[[0, 1500, 2499], 1], [1.0, 2.0, 0.5])
    assert run.peak_db == pytest.approx(20 * np.log10(2.0))
    assert len(run.troubles) == 1 and "too slow to record" in run.troubles[0]
    assert not run.wait(0.0)
    run.ended()
    assert run.wait(0.0)


def test_an_input_alone_keeps_what_there_is_room_for_and_stops() -> None:
    late = Late()
    ear = Listened(1500, 1, late)
    assert ear.peak_db == pytest.approx(-120.0) and not ear.begun.is_set()
    ear.step(np.full((BLOCK, 1), 0.25), BLOCK, None, Status())
    assert ear.begun.is_set()
    with pytest.raises(sounddevice.CallbackStop):
        ear.step(np.full((BLOCK, 1), 0.5), BLOCK, None, Status("output_underflow"))
    assert ear.done == 1500 and ear.heard[1023, 0] == 0.25 and ear.heard[1024, 0] == 0.5
    assert "gaps" in late.words[0]


def test_an_output_alone_is_silent_after_its_end() -> None:
    late = Late()
    mouth = Sent(np.ones((1500, 2), np.float32), late)
    block = np.zeros((BLOCK, 2), np.float32)
    mouth.step(block, BLOCK, None, Status())
    assert np.all(block == 1) and not mouth.wait(0.0)
    with pytest.raises(sounddevice.CallbackStop):
        mouth.step(block, BLOCK, None, Status())
    assert np.all(block[: 1500 - BLOCK] == 1) and np.all(block[1500 - BLOCK :] == 0)
    mouth.ended()
    assert mouth.wait(0.0) and late.words == ()
