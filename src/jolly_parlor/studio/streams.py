"""What runs on a sound card's own thread: a recording with something played, and playback alone."""

import time
from collections.abc import Callable
from threading import Event
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.studio.device import FADE_IN_SECONDS, FADE_OUT_SECONDS
from jolly_parlor.words import tr

_FLAGS = {
    "input_overflow": tr("The computer was too slow to record: parts are missing. Measure again."),
    "output_underflow": tr("The computer was too slow to play: the sweep has gaps. Measure again."),
}


SLEPT = tr("The computer slept meanwhile: parts are missing. Measure again.")
_STALLED_SECONDS, _SLEPT_SECONDS = 10.0, 0.3


def asleep_seconds() -> float:
    """How long the computer has slept since it was started: of two clocks one goes on then."""
    return time.clock_gettime(time.CLOCK_BOOTTIME) - time.monotonic()


class Watch:
    """Whether a stream that is under way still is."""

    def __init__(
        self,
        now: Callable[[], float] = time.monotonic,
        asleep: Callable[[], float] = asleep_seconds,
    ) -> None:
        self._now, self._asleep = now, asleep
        self._begun_asleep, self._moved = asleep(), now()
        self._at: float | None = None

    def stalled(self, at: float) -> bool:
        """Whether it has stood at the same place for so long that no more will come."""
        if at != self._at:
            self._at, self._moved = at, self._now()
        return self._now() - self._moved > _STALLED_SECONDS

    @property
    def slept(self) -> bool:
        """Whether the computer has slept since this began."""
        return self._asleep() - self._begun_asleep > _SLEPT_SECONDS


class RecordingRun:
    """What one stream plays and has heard; its callback runs on PortAudio's own thread."""

    def __init__(self, out: Any, inputs: int) -> None:
        self.out, self.heard = out, np.zeros((len(out), inputs), np.float32)
        self.done = 0
        self._late: set[str] = set()
        self._end = Event()

    def step(self, indata: Any, outdata: Any, frames: int, _time: Any, status: Any) -> None:
        """One block."""
        import sounddevice

        for flag, words in _FLAGS.items():
            if getattr(status, flag):
                self._late.add(words)
        here = min(frames, len(self.out) - self.done)
        outdata[:here] = self.out[self.done : self.done + here]
        outdata[here:] = 0
        self.heard[self.done : self.done + here] = indata[:here]
        self.done += here
        if self.done >= len(self.out):
            raise sounddevice.CallbackStop

    def ended(self) -> None:
        """The stream has ended."""
        self._end.set()

    def wait(self, seconds: float) -> bool:
        """Whether it ended within that time."""
        return self._end.wait(seconds)

    @property
    def share(self) -> float:
        """How much is done, 0 to 1."""
        return self.done / max(len(self.out), 1)

    @property
    def peak_db(self) -> float:
        """Of the last tenth of a second or so heard, below full scale."""
        recent = self.heard[max(self.done - 4800, 0) : self.done]
        peak = float(np.max(np.abs(recent))) if recent.size else 0.0
        return float(20 * np.log10(max(peak, 1e-6)))

    @property
    def troubles(self) -> tuple[str, ...]:
        """Over- and underruns, in words."""
        return tuple(sorted(self._late))


class Volume:
    """How loud what plays is: begun softly, moved by whoever listens, ended softly."""

    def __init__(self, sample_rate: int, output_db: Callable[[], float]) -> None:
        self._rate, self._output_db = sample_rate, output_db
        self._gain = 0.0
        self._leaving, self._left_at = False, 0.0
        self._end = Event()

    def over(self, frames: int) -> NDArray[np.float32]:
        """The gain over the next block, (frames,)."""
        wanted = 0.0 if self._leaving else 10 ** (self._output_db() / 20)
        seconds = FADE_OUT_SECONDS if self._leaving else FADE_IN_SECONDS
        most = max(wanted, self._gain, self._left_at, 1e-6) * frames / (seconds * self._rate)
        gain = self._gain + float(np.clip(wanted - self._gain, -most, most))
        ramp = np.linspace(self._gain, gain, frames, endpoint=False, dtype=np.float32)
        self._gain = gain
        return ramp

    @property
    def silent(self) -> bool:
        """Whether it has faded out."""
        return self._leaving and self._gain <= 1e-7

    def fade_out(self) -> None:
        """Be silent soon."""
        if not self._leaving:
            self._leaving, self._left_at = True, self._gain

    def ended(self) -> None:
        """The stream has ended."""
        self._end.set()

    def wait(self, seconds: float) -> bool:
        """Whether it ended within that time."""
        return self._end.wait(seconds)


class Playback:
    """What one output stream plays, once or again and again."""

    def __init__(
        self, out: Any, sample_rate: int, output_db: Callable[[], float], again: bool
    ) -> None:
        self._out, self._rate, self._again = out, sample_rate, again
        self._volume = Volume(sample_rate, output_db)
        self._done = 0
        self.ended, self.wait = self._volume.ended, self._volume.wait
        self.fade_out = self._volume.fade_out

    def step(self, outdata: Any, frames: int, _time: Any, status: Any) -> None:
        """One block."""
        import sounddevice

        ramp = self._volume.over(frames)
        at = np.arange(self._done, self._done + frames)
        inside = at < len(self._out) if not self._again else np.ones(frames, bool)
        outdata[:] = self._out[at % len(self._out)] * (ramp * inside)[:, None]
        self._done = int(at[-1] + 1)
        if self._again:
            self._done %= len(self._out)
        if self._volume.silent or (not self._again and self._done >= len(self._out)):
            raise sounddevice.CallbackStop

    @property
    def seconds(self) -> float:
        """Of the sound, since its beginning."""
        return self._done / self._rate
