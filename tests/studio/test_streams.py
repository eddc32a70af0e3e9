"""Playback on its own, block by block: soft at both ends, at a level that moves, never beyond."""

import numpy as np
import pytest

from jolly_parlor.studio.device import FADE_IN_SECONDS, FADE_OUT_SECONDS
from jolly_parlor.studio.streams import Playback, Watch, asleep_seconds

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
