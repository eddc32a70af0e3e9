"""Sound cards through PortAudio. An optional extra: without `sounddevice` it says how to get it."""

import re
from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager
from dataclasses import dataclass, field, replace
from threading import Lock
from typing import Annotated, Any, Protocol

import numpy as np
from annotated_types import Ge, Le

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.studio.device import DeviceFailed, Progress, Recording, Stage
from jolly_parlor.studio.levelling import HIGHEST_OUTPUT_DB, LOWEST_OUTPUT_DB
from jolly_parlor.studio.streams import SLEPT, Playback, RecordingRun, Watch
from jolly_parlor.words import tr

_ADDRESS = re.compile(r"(: (USB )?Audio( #\d+)?)? \((plug)?hw:\d+,\d+\)$")
_BLOCK, _OUT_BLOCK = 1024, 512
_WAIT_SECONDS = 0.05


@dataclass(frozen=True)
class Channels:
    """Which channel is what, counted from 1."""

    outputs: dict[str, int] = field(default_factory=lambda: {"left": 1, "right": 2})
    microphone: int = 1
    loopback_output: int | None = None
    """Plays everything a second time, cabled back to `loopback_input`: the timing reference."""
    loopback_input: int | None = None


@dataclass(frozen=True)
class CardSetup:
    """How a sound card is wired and calibrated; kept from one session to the next."""

    channels: Channels = field(default_factory=Channels)
    sample_rate: int = 48000
    full_scale_db_spl: float | None = None
    """Sound pressure level of an input at full scale, where it has been calibrated."""
    plays: str = ""
    """The device that plays, by name; empty is the simulated studio."""
    hears: str = ""
    """The device of the microphone; empty is the one that plays."""
    marks: str = "left"
    """The loudspeaker that plays the markers where two devices are used."""
    loudest_db: Annotated[float, Ge(LOWEST_OUTPUT_DB), Le(HIGHEST_OUTPUT_DB)] = HIGHEST_OUTPUT_DB
    """What nothing that measures is played above, below full scale."""

    @property
    def two_devices(self) -> bool:
        """Whether the microphone is at a device of its own."""
        return bool(self.hears) and self.hears != self.plays

    def reaching(self, sources: list[str]) -> "CardSetup":
        """The same with an output for each of these sources; new ones take the next free."""
        outputs = {name: n for name, n in self.channels.outputs.items() if name in sources}
        for name in sources:
            if name not in outputs:
                outputs[name] = max(outputs.values(), default=0) + 1
        return replace(self, channels=replace(self.channels, outputs=outputs))

    @property
    def problem(self) -> str:
        """What contradicts itself, in a sentence; empty when all is well."""
        c = self.channels
        used = [*c.outputs.values(), *([c.loopback_output] if c.loopback_output else [])]
        if len(set(used)) < len(used):
            return tr("Two sounds share one output; give each its own.")
        if bool(c.loopback_output) != bool(c.loopback_input):
            return tr("A loopback needs both an output and an input.")
        if c.loopback_input == c.microphone:
            return tr("Microphone and loopback share one input; give each its own.")
        return ""


class SoundCard:
    """One PortAudio device for playing and recording. Raises DeviceFailed in a sentence."""

    simulated = False

    def __init__(
        self,
        device: int | str | None = None,
        channels: Channels | None = None,
        sample_rate: int = 48000,
        full_scale_db_spl: float | None = None,
    ) -> None:
        self._sd = portaudio()
        self.channels = channels or Channels()
        self.sample_rate = sample_rate
        self.device = device
        self._full_scale_db_spl = full_scale_db_spl
        self._outputs = 1
        self.name = self._checked()

    @property
    def full_scale_db_spl(self) -> float | None:
        """As calibrated by the user; None where it is not known."""
        return self._full_scale_db_spl

    def record(
        self,
        sound: FloatArray,
        source: str,
        stage: Stage,
        after_seconds: float,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> Recording:
        """As the interface asks. Where things stand and how they are set is the user's own doing
        and is not looked at.
        """
        out = self._routed(sound, stage.playing(source).names, after_seconds)
        run, watch = RecordingRun(out, self._inputs), Watch()
        try:
            stream = self._sd.Stream(
                samplerate=self.sample_rate,
                blocksize=_BLOCK,
                device=self.device,
                channels=(self._inputs, out.shape[1]),
                dtype="float32",
                latency="high",  # a measurement can wait; a gap in the sweep would spoil it
                callback=run.step,
                finished_callback=run.ended,
            )
            with in_use(), stream:
                while not run.wait(_WAIT_SECONDS):
                    if watch.stalled(run.done):
                        stream.abort()
                        raise went_silent(self.name)
                    progress(run.share, run.peak_db)
                    if cancelled():
                        stream.abort()  # silent at once: what is queued is thrown away
                        break
        except self._sd.PortAudioError as error:
            raise failed(self.name, error) from None
        heard = run.heard[: run.done]
        loopback = None
        if self.channels.loopback_input is not None:
            loopback = heard[:, self.channels.loopback_input - 1].astype(np.float64)
        samples = heard[:, self.channels.microphone - 1].astype(np.float64)
        troubles = (*run.troubles, SLEPT) if watch.slept else run.troubles
        return Recording(samples, self.sample_rate, loopback, troubles)

    def play(
        self,
        sounds: Mapping[str, FloatArray],
        output_db: Callable[[], float],
        again: bool,
        told: Callable[[float], None],
        cancelled: Callable[[], bool],
    ) -> None:
        frames = max(sound.size for sound in sounds.values())
        out = np.zeros((frames, self._outputs), np.float32)
        for name, sound in sounds.items():
            out[: sound.size, self._output_of(name)] += sound
        run = Playback(out, self.sample_rate, output_db, again)
        try:
            stream_out(self.device, self.sample_rate, out.shape[1], run, told, cancelled)
        except self._sd.PortAudioError as error:
            raise failed(self.name, error) from None

    @property
    def _inputs(self) -> int:
        return max(self.channels.microphone, self.channels.loopback_input or 1)

    def _routed(self, sound: FloatArray, names: tuple[str, ...], after: float) -> Any:
        """The sound on its output channels, silence after it, (frames, channels) float32."""
        used = [self._output_of(name) for name in names]
        if names and self.channels.loopback_output is not None:
            used.append(self.channels.loopback_output - 1)
        frames = sound.size + round(after * self.sample_rate)
        out = np.zeros((frames, self._outputs), np.float32)
        out[: sound.size, used] = sound[:, None]
        return out

    def _output_of(self, source: str) -> int:
        """A source's channel, counted from 0. Raises DeviceFailed where it has none here."""
        number = self.channels.outputs.get(source)
        if number is None:
            raise DeviceFailed(tr("No output channel is set for {name}; choose one.", name=source))
        if number > self._outputs:
            raise DeviceFailed(
                tr(
                    "{name} has {count} outputs, and {source} is set to number {number}: choose "
                    "another at “Channels …”.",
                    name=self.name,
                    count=self._outputs,
                    source=source,
                    number=number,
                )
            )
        return number - 1

    def _checked(self) -> str:
        """The device's name, after asking whether it can do what is wanted."""
        played = self._checked_output()
        self._checked_input(self.device, self.sample_rate)
        return played

    def _checked_output(self) -> str:
        """The name of what plays. Raises DeviceFailed where it cannot as is wanted."""
        most = max([*self.channels.outputs.values(), self.channels.loopback_output or 1])
        try:
            told = self._sd.query_devices(self.device, "output")
            # A source beyond what it has can still not be measured; the others can.
            most = self._outputs = min(most, max(int(told["max_output_channels"]), 1))
            self._sd.check_output_settings(self.device, most, "float32", None, self.sample_rate)
        except (self._sd.PortAudioError, ValueError) as error:
            raise DeviceFailed(
                tr(
                    "The sound card cannot play {most} channels at {sample_rate} Hz: {reason}.",
                    most=most,
                    sample_rate=self.sample_rate,
                    reason=reason(error),
                )
            ) from None
        return str(told["name"])

    def _checked_input(self, device: int | str | None, sample_rate: int) -> str:
        """The name of what records. Raises DeviceFailed where it cannot as is wanted."""
        try:
            told = self._sd.query_devices(device, "input")
            self._sd.check_input_settings(device, self._inputs, "float32", None, sample_rate)
        except (self._sd.PortAudioError, ValueError) as error:
            raise DeviceFailed(
                tr(
                    "The sound card cannot record {inputs} channels at {sample_rate} Hz: {reason}.",
                    inputs=self._inputs,
                    sample_rate=sample_rate,
                    reason=reason(error),
                )
            ) from None
        return str(told["name"])


class Streamed(Protocol):
    """What an output stream plays, block by block."""

    @property
    def seconds(self) -> float:
        """Of the sound, since its beginning."""
        ...

    def step(self, outdata: Any, frames: int, time: Any, status: Any) -> None:
        """One block."""
        ...

    def ended(self) -> None:
        """The stream has ended."""
        ...

    def wait(self, seconds: float) -> bool:
        """Whether it ended within that time."""
        ...

    def fade_out(self) -> None:
        """Be silent soon."""
        ...


def stream_out(
    device: int | str | None,
    sample_rate: int,
    channels: int,
    run: Streamed,
    told: Callable[[float], None],
    cancelled: Callable[[], bool],
) -> None:
    """Play until it ends, or fades out once cancelled. Raises PortAudio's own errors."""
    watch = Watch()
    stream = portaudio().OutputStream(
        samplerate=sample_rate,
        blocksize=_OUT_BLOCK,
        device=device,
        channels=channels,
        dtype="float32",
        callback=run.step,
        finished_callback=run.ended,
    )
    with in_use(), stream:
        while not run.wait(_WAIT_SECONDS):
            if watch.stalled(run.seconds):
                stream.abort()
                raise went_silent(tr("The sound card"))
            told(run.seconds)
            if cancelled():
                run.fade_out()


def portaudio() -> Any:
    """The library; raises DeviceFailed saying how to get it."""
    try:
        import sounddevice
    except (ImportError, OSError):
        raise DeviceFailed(
            tr(
                "Sound cards need the system's PortAudio library: have libportaudio2 "
                "installed and start again with ./start. All else works without it."
            )
        ) from None
    return sounddevice


def look_again() -> None:
    """Take notice of devices that have come and gone, unless something plays or is recorded just
    now. Raises DeviceFailed.
    """
    library = portaudio()
    with _USE:
        if not _streams:
            library._terminate()  # it looks for devices when it begins, and at no other time
            library._initialize()


@contextmanager
def in_use() -> Iterator[None]:
    """While a stream is open: the library must not be begun anew under it."""
    with _USE:
        _streams.append(None)
    try:
        yield
    finally:
        with _USE:
            _streams.pop()


_USE, _streams = Lock(), list[None]()


def shown_name(name: str) -> str:
    """A device as its maker and the desktop call it, without the system's own address."""
    bare = _ADDRESS.sub("", name)
    return bare.removesuffix(": -").strip() or name


def outputs() -> list[str]:
    """Names of the devices that can play. Raises DeviceFailed."""
    return _able("max_output_channels")


def inputs() -> list[str]:
    """Names of the devices that can record. Raises DeviceFailed."""
    return _able("max_input_channels")


def _able(what: str) -> list[str]:
    return [str(d["name"]) for d in portaudio().query_devices() if d[what] > 0]


def failed(name: str, error: Exception) -> DeviceFailed:
    """A device that stopped, in a sentence."""
    return DeviceFailed(
        tr(
            "{name} stopped: {reason}. Check that nothing else uses it.",
            name=name,
            reason=reason(error),
        )
    )


def went_silent(name: str) -> DeviceFailed:
    """A device that takes or gives no more, in a sentence."""
    return DeviceFailed(
        tr(
            "{name} takes no sound any more: is it still plugged in? Plug it in and begin again.",
            name=name,
        )
    )


def reason(error: Exception) -> str:
    """What PortAudio says, as a sentence goes on."""
    text = str(error.args[0]) if error.args else str(error)
    return text.rstrip(".")
