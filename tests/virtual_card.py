"""A virtual sound card for the tests that play: what is played comes back, sample by sample.

ALSA writes what is played into a pipe and records from it. There is no clock in it: nothing is late
however busy the machine is, and two seconds of sound take a tenth of one.
"""

import fcntl
import os
import subprocess
import sys
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.studio.device import DeviceFailed
from jolly_parlor.studio.soundcard import SoundCard

_CARD = """
pcm.!default {{ type asym playback.pcm "played" capture.pcm "heard" }}
ctl.!default {{ type hw card 0 }}
pcm.nothing {{ type null }}
pcm.played {{ type file slave.pcm "nothing" file "{pipe}" format "raw" }}
pcm.heard {{ type file slave.pcm "nothing" file "/dev/null" infile "{pipe}" format "raw" }}
"""
_PAIR = """
pcm.nothing {{ type null }}
pcm.loudspeakers {{ type file slave.pcm "nothing" file "{played}" format "raw" }}
pcm.microphone {{ type file slave.pcm "nothing" file "/dev/null" infile "{heard}" format "raw" }}
"""
_LEAD_FRAMES = 20_480
"""On their way before a recording begins: recording comes first in each block, and would wait for
ever for what is played after it.
"""
_FRAME = 2 * 4
_PIPE_BYTES = 1 << 20
TWO_CLOCKS = Path(__file__).parent / "two_clocks.py"


class VirtualCard:
    """The pipe, and what the test may do with it. Everything is two channels of float32: who plays
    two and records one would fill the pipe, and wait.
    """

    def __init__(self, pipe: int) -> None:
        self._pipe = pipe

    def begin(self) -> None:
        """Before a recording: nothing is left of the last one, and a moment of silence leads."""
        self.heard()
        os.write(self._pipe, bytes(_FRAME * _LEAD_FRAMES))

    def heard(self) -> np.ndarray:
        """What was played since somebody listened last, (frames, 2), as much as the pipe holds;
        for sounds that are played and not recorded.
        """
        told = b""
        with suppress(BlockingIOError):
            told = os.read(self._pipe, _PIPE_BYTES)
        return np.frombuffer(told, np.float32).reshape(-1, 2)


@contextmanager
def virtual_sound_card(home: Path) -> Iterator[VirtualCard]:
    """As ALSA's default device. `./check` sets up what it needs: where it cannot be used nothing
    would be heard, and the test fails.
    """
    way = home / "played"
    os.mkfifo(way)
    (home / ".asoundrc").write_text(_CARD.format(pipe=way))
    pipe = os.open(way, os.O_RDWR | os.O_NONBLOCK)
    fcntl.fcntl(pipe, fcntl.F_SETPIPE_SZ, _PIPE_BYTES)
    with pytest.MonkeyPatch.context() as patch:
        patch.setenv("HOME", str(home))
        _look_for_devices()
        try:
            SoundCard("default")
        except DeviceFailed as error:
            pytest.fail(f"the virtual sound card cannot be used: {error}")
        try:
            yield VirtualCard(pipe)
        finally:
            os.close(pipe)
    _look_for_devices()  # or a later test would play into a pipe that nobody empties


@contextmanager
def virtual_pair(
    home: Path, drift: float = 120.0, late: float = 0.05, dropped: int = 0
) -> Iterator[None]:
    """Two devices, `loudspeakers` and `microphone`, between them a process with a clock of its own:
    see `two_clocks`.
    """
    ways = {name: home / name for name in ("played", "heard")}
    for way in ways.values():
        os.mkfifo(way)
    (home / ".asoundrc").write_text(_PAIR.format(**ways))
    words = [sys.executable, TWO_CLOCKS, *ways.values(), str(drift), str(late), str(dropped)]
    # Held open, or who looks for devices would wait for somebody at the other end.
    held = [os.open(way, os.O_RDWR | os.O_NONBLOCK) for way in ways.values()]
    air = subprocess.Popen(words)
    with pytest.MonkeyPatch.context() as patch:
        patch.setenv("HOME", str(home))
        _look_for_devices()
        try:
            yield
        finally:
            air.kill()
            air.wait()
            for one in held:
                os.close(one)
    _look_for_devices()


def _look_for_devices() -> None:
    """PortAudio looks once, when it begins."""
    import sounddevice

    sounddevice._terminate()
    sounddevice._initialize()
