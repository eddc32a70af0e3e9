"""Loops on a card's thread, block by block: in step, without a click, softly begun and ended."""

import numpy as np
import pytest

pytest.importorskip("sounddevice", exc_type=ImportError)
import sounddevice

from jolly_parlor.studio.loop_stream import SWITCH_SECONDS, LoopPlayback

RATE, BLOCK = 48_000, 512


class Source:
    def __init__(self, *sounds: np.ndarray, weights: tuple[float, ...]) -> None:
        self.now = (sounds, weights)

    def weigh(self, *weights: float) -> None:
        self.now = (self.now[0], weights)


def tone(hertz: float, seconds: float, amplitude: float = 0.3) -> np.ndarray:
    t = np.arange(round(seconds * RATE)) / RATE
    one = (amplitude * np.sin(2 * np.pi * hertz * t)).astype(np.float32)
    return np.stack([one, one], axis=1)


def blocks(run: LoopPlayback, count: int) -> np.ndarray:
    made = []
    for _ in range(count):
        out = np.empty((BLOCK, 2), np.float32)
        try:
            run.step(out, BLOCK, None, None)
        except sounddevice.CallbackStop:
            made.append(out)
            break
        made.append(out)
    return np.concatenate(made)


def begun(source: Source) -> LoopPlayback:
    run = LoopPlayback(source, RATE, lambda: 0.0)
    blocks(run, 200)  # the soft beginning is over
    return run


def test_going_round_and_round_has_no_seam() -> None:
    sound = tone(100.0, 1.0)
    run = begun(Source(sound, weights=(1.0,)))
    heard = blocks(run, 300)
    steps = np.abs(np.diff(heard[:, 0]))
    assert steps.max() <= np.abs(np.diff(sound[:, 0])).max() * 1.001
    assert 0.0 <= run.seconds < 1.0


def test_switching_stays_in_step_and_leaves_no_click() -> None:
    one, other = tone(100.0, 1.0), -tone(100.0, 1.0, 0.2)
    source = Source(one, other, weights=(1.0, 0.0))
    run = begun(source)
    pieces = []
    for n in range(40):  # at all moments of a period
        source.weigh(*((0.0, 1.0) if n % 2 == 0 else (1.0, 0.0)))
        pieces.append(blocks(run, 5))
    heard = np.concatenate(pieces)[:, 0]
    most = np.abs(np.diff(one[:, 0])).max() + np.abs(np.diff(other[:, 0])).max()
    fade = np.abs(one - other).max() / (SWITCH_SECONDS * RATE)
    assert np.abs(np.diff(heard)).max() <= most + fade
    assert SWITCH_SECONDS <= 0.05
    settled = blocks(run, 10)[-BLOCK:, 0]
    at = round(run.seconds * RATE) - BLOCK
    assert settled == pytest.approx(one[np.arange(at, at + BLOCK) % len(one), 0], abs=1e-6)


def test_a_switch_is_over_after_its_time() -> None:
    source = Source(tone(100.0, 1.0), tone(100.0, 1.0, 0.0), weights=(1.0, 0.0))
    run = begun(source)
    source.weigh(0.0, 1.0)
    heard = blocks(run, 10)[:, 0]
    late = round(SWITCH_SECONDS * RATE)
    assert np.any(heard[: late // 2]) and not np.any(heard[late + 1 :])


def test_other_sounds_come_in_as_the_old_ones_go_out() -> None:
    source = Source(tone(100.0, 1.0), weights=(1.0,))
    run = begun(source)
    source.now = ((tone(60.0, 2.0), tone(90.0, 2.0)), (0.0, 1.0))
    heard = blocks(run, 20)[:, 0]
    assert (
        np.abs(np.diff(heard)).max() < 0.012
    )  # of 0.3 at 100 Hz: 0.004 a sample, twice and a fade
    assert np.max(np.abs(heard[-BLOCK:])) > 0.2


def test_it_begins_softly_and_ends_softly() -> None:
    run = LoopPlayback(Source(tone(100.0, 1.0), weights=(1.0,)), RATE, lambda: -6.0)
    first = blocks(run, 8)
    assert np.max(np.abs(first)) < 0.05
    heard = blocks(run, 200)
    assert np.max(np.abs(heard[-BLOCK * 20 :])) == pytest.approx(0.3 * 10 ** (-6 / 20), rel=0.01)
    run.fade_out()
    last = blocks(run, 200)
    assert len(last) < 10 * BLOCK and np.max(np.abs(last[-10:])) < 1e-3
    assert np.abs(np.diff(last[:, 0])).max() < 0.006


def test_nothing_to_play_is_silence() -> None:
    run = LoopPlayback(Source(weights=()), RATE, lambda: 0.0)
    assert not np.any(blocks(run, 3))
