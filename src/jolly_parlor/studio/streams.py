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


class Late:
    """Over- and underruns of a stream, in words."""

    def __init__(self) -> None:
        self._words: set[str] = set()

    def note(self, status: Any) -> None:
        """What PortAudio says of a block."""
        for flag, words in _FLAGS.items():
            if getattr(status, flag):
                self._words.add(words)

    @property
    def words(self) -> tuple[str, ...]:
        return tuple(sorted(self._words))


class Listened:
    """What an input has heard so far, (frames, inputs) at most."""

    def __init__(self, frames: int, inputs: int, late: Late) -> None:
        self.heard, self.done = np.zeros((frames, inputs), np.float32), 0
        self._late, self.begun = late, Event()

    def step(self, indata: Any, frames: int, _time: Any, status: Any) -> None:
        """One block of an input alone."""
        import sounddevice

        self._late.note(status)
        if self.add(indata, frames) < frames:
            raise sounddevice.CallbackStop

    def add(self, indata: Any, frames: int) -> int:
        """Keep a block, as much as there is room for; how much that was."""
        here = min(frames, len(self.heard) - self.done)
        self.heard[self.done : self.done + here] = indata[:here]
        self.done += here
        self.begun.set()
        return here

    @property
    def peak_db(self) -> float:
        """Of the last tenth of a second or so heard, below full scale."""
        recent = self.heard[max(self.done - 4800, 0) : self.done]
        peak = float(np.max(np.abs(recent))) if recent.size else 0.0
        return float(20 * np.log10(max(peak, 1e-6)))


class Sent:
    """What an output plays, once, (frames, outputs)."""

    def __init__(self, out: Any, late: Late) -> None:
        self.out, self.done = out, 0
        self._late, self._end = late, Event()

    def step(self, outdata: Any, frames: int, _time: Any, status: Any) -> None:
        """One block of an output alone."""
        import sounddevice

        self._late.note(status)
        if self.give(outdata, frames) < frames:
            raise sounddevice.CallbackStop

    def give(self, outdata: Any, frames: int) -> int:
        """The next block, silence beyond the end; how much of it there was."""
        here = min(frames, len(self.out) - self.done)
        outdata[:here] = self.out[self.done : self.done + here]
        outdata[here:] = 0
        self.done += here
        return here

    def ended(self) -> None:
        self._end.set()

    def wait(self, seconds: float) -> bool:
        """Whether it ended within that time."""
        return self._end.wait(seconds)


class RecordingRun:
    """What one stream plays and has heard; its callback runs on PortAudio's own thread."""

    def __init__(self, out: Any, inputs: int) -> None:
        self._late = Late()
        self._sent, self._listened = Sent(out, self._late), Listened(len(out), inputs, self._late)
        self.ended, self.wait = self._sent.ended, self._sent.wait

    @property
    def heard(self) -> Any:
        """(frames, inputs)."""
        return self._listened.heard

    @property
    def done(self) -> int:
        return self._sent.done

    def step(self, indata: Any, outdata: Any, frames: int, _time: Any, status: Any) -> None:
        import sounddevice

        self._late.note(status)
        self._sent.give(outdata, frames)
        self._listened.add(indata, frames)
        if self.done >= len(self._sent.out):
            raise sounddevice.CallbackStop

    @property
    def share(self) -> float:
        """How much is done, 0 to 1."""
        return self.done / max(len(self._sent.out), 1)

    @property
    def peak_db(self) -> float:
        """Of the last tenth of a second or so heard, below full scale."""
        return self._listened.peak_db

    @property
    def troubles(self) -> tuple[str, ...]:
        """Over- and underruns, in words."""
        return self._late.words


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
        if not self._leaving:
            self._leaving, self._left_at = True, self._gain

    def ended(self) -> None:
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
