"""Playing through one device and recording through another, such as a microphone on USB: their
clocks are brought together by markers, see `signals.clocks`.
"""

from collections.abc import Callable
from dataclasses import dataclass
from time import sleep

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.signals.clocks import Marked, NoMarker, timed
from jolly_parlor.signals.resampling import resampled
from jolly_parlor.studio.device import DeviceFailed, Progress, Recording, Stage
from jolly_parlor.studio.soundcard import Channels, SoundCard, failed, in_use, went_silent
from jolly_parlor.studio.streams import SLEPT, Late, Listened, Sent, Watch
from jolly_parlor.words import tr

_BLOCK = 1024
_WAIT_SECONDS = 0.05
_SPARE_SECONDS = 3.0
"""Room for what is recorded beyond what is played: two devices begin when they are ready."""
_AFTERWARDS_SECONDS = 1.0
"""The player's device begins within this time (common practice, no source)."""
USUAL_RATES = (48_000, 44_100, 96_000, 88_200, 192_000, 32_000, 16_000)


@dataclass(frozen=True)
class _Heard:
    samples: FloatArray
    troubles: tuple[str, ...]
    whole: bool


class TwoDevices(SoundCard):
    """One PortAudio device for playing, another for the microphone. Raises DeviceFailed."""

    def __init__(
        self,
        device: int | str | None,
        microphone_device: int | str | None,
        channels: Channels | None = None,
        sample_rate: int = 48000,
        full_scale_db_spl: float | None = None,
        marks: str = "left",
    ) -> None:
        self.microphone_device, self.marks = microphone_device, marks
        self.input_rate = sample_rate
        super().__init__(device, channels, sample_rate, full_scale_db_spl)

    def record(
        self,
        sound: FloatArray,
        source: str,
        stage: Stage,
        after_seconds: float,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> Recording:
        """As the interface asks, on the player's clock. The loudspeaker `marks` plays the markers;
        where they are not heard the recording says why, and has no reference in time.
        """
        names = stage.playing(source).names
        after = round(after_seconds * self.sample_rate)
        if not names:
            frames = round((sound.size + after) * self.input_rate / self.sample_rate)
            heard = self._listen(frames, None, progress, cancelled)
            return Recording(self._at_own_rate(heard.samples), self.sample_rate, None)
        marked = Marked(sound.size + after, self.sample_rate)
        heard = self._listen(*self._played(sound, names, marked), progress, cancelled)
        if not heard.whole:
            return Recording(self._at_own_rate(heard.samples), self.sample_rate)
        try:
            found = timed(heard.samples, self.input_rate, marked, self._flight_seconds(stage))
        except NoMarker as why:
            late = self._at_own_rate(heard.samples)[marked.begins :]
            return Recording(late, self.sample_rate, None, (*heard.troubles, str(why)))
        samples = found.samples[marked.begins : marked.second]
        return Recording(samples, self.sample_rate, None, heard.troubles, True, found.drift)

    def _played(
        self, sound: FloatArray, names: tuple[str, ...], marked: Marked
    ) -> tuple[int, FloatArray]:
        """How many frames are to be heard of what is played, (frames, channels) float32."""
        out = self._routed(marked.around(sound), names, 0.0)
        at = self._output_of(self.marks)
        out[:, at] += (float(np.max(np.abs(sound))) * marked.markers()).astype(np.float32)
        seconds = marked.size / self.sample_rate + _SPARE_SECONDS
        return round(seconds * self.input_rate), out

    def _listen(
        self,
        frames: int,
        out: FloatArray | None,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> _Heard:
        """Hear so many frames at most, and meanwhile play, where there is something to."""
        late, watch = Late(), Watch()
        ear = Listened(frames, self.channels.microphone, late)
        mouth = Sent(out if out is not None else np.zeros((0, 1), np.float32), late)
        try:
            listening = self._sd.InputStream(
                samplerate=self.input_rate,
                blocksize=_BLOCK,
                device=self.microphone_device,
                channels=self.channels.microphone,
                dtype="float32",
                latency="high",
                callback=ear.step,
            )
            with in_use(), listening:
                whole = self._both(ear, mouth, progress, cancelled, watch)
                listening.abort()
        except self._sd.PortAudioError as error:
            raise failed(self.name, error) from None
        samples = ear.heard[: ear.done, self.channels.microphone - 1].astype(np.float64)
        troubles = (*late.words, SLEPT) if watch.slept else late.words
        return _Heard(samples, troubles, whole)

    def _both(
        self,
        ear: Listened,
        mouth: Sent,
        progress: Progress,
        cancelled: Callable[[], bool],
        watch: Watch,
    ) -> bool:
        """Wait until all has been played and heard; False where somebody stopped it."""

        def goes_on() -> bool:
            if watch.stalled(ear.done + mouth.done):
                raise went_silent(self.name)
            progress(ear.done / max(len(ear.heard), 1), ear.peak_db)
            return not cancelled()

        while not ear.begun.wait(_WAIT_SECONDS):
            if not goes_on():
                return False
        wanted = len(ear.heard)
        if len(mouth.out):
            seconds = len(mouth.out) / self.sample_rate + _AFTERWARDS_SECONDS
            wanted = min(wanted, ear.done + round(seconds * self.input_rate))
            with self._sd.OutputStream(
                samplerate=self.sample_rate,
                blocksize=_BLOCK,
                device=self.device,
                channels=mouth.out.shape[1],
                dtype="float32",
                latency="high",
                callback=mouth.step,
                finished_callback=mouth.ended,
            ) as playing:
                while not mouth.wait(_WAIT_SECONDS):
                    if not goes_on():
                        playing.abort()  # silent at once
                        return False
        while ear.done < wanted:
            if not goes_on():
                return False
            sleep(_WAIT_SECONDS / 5)
        return True

    def _flight_seconds(self, stage: Stage) -> float:
        return (
            stage.sources[self.marks].place.distance(stage.microphone) / stage.room.speed_of_sound
        )

    def _at_own_rate(self, heard: FloatArray) -> FloatArray:
        return resampled(heard, self.input_rate, self.sample_rate)

    def _checked(self) -> str:
        played = self._checked_output()
        rates = (self.sample_rate, *(r for r in USUAL_RATES if r != self.sample_rate))
        why: Refused | None = None
        for rate in rates:
            try:
                heard = self._checked_input(self.microphone_device, rate)
            except DeviceFailed as error:
                why = why or error
                continue
            self.input_rate = rate
            return tr("{played} and {heard}", played=played, heard=heard)
        assert why is not None
        raise why
