"""Where one listens: the outputs of the computer, through PortAudio. Nothing is recorded."""

from collections.abc import Callable
from typing import Any

from jolly_parlor.studio.device import DeviceFailed
from jolly_parlor.studio.loop_stream import LoopPlayback, LoopSource
from jolly_parlor.studio.soundcard import portaudio, reason, stream_out
from jolly_parlor.words import tr

USUAL = ""
"""The system's own output."""


def outputs() -> list[str]:
    """Names of the devices with two channels or more to play from. Raises DeviceFailed."""
    every = portaudio().query_devices()
    return [str(d["name"]) for d in every if d["max_output_channels"] >= 2]


def play_loops(
    source: LoopSource,
    sample_rate: int,
    output: str,
    output_db: Callable[[], float],
    told: Callable[[float], None],
    cancelled: Callable[[], bool],
) -> None:
    """Play until cancelled. output: one of `outputs`, or USUAL. Raises DeviceFailed in a sentence.

    told: at which second of the round it is, some twenty times a second.
    """
    sd = portaudio()
    run = LoopPlayback(source, sample_rate, output_db)
    try:
        stream_out(output or None, sample_rate, 2, run, told, cancelled)
    except (sd.PortAudioError, ValueError) as error:
        raise DeviceFailed(
            tr(
                "Nothing to listen with: {why}. Plug in headphones or choose "
                "another output; everything here can also be seen, and written as "
                "WAV.",
                why=_why(sd, output, error),
            )
        ) from None


def _why(sd: Any, output: str, error: Exception) -> str:
    """PortAudio counts devices; whoever listens wants to know which one is not there."""
    names = [str(d["name"]) for d in sd.query_devices() if d["max_output_channels"] >= 2]
    if not names:
        return tr("the system has no output")
    if output and output not in names:
        return tr("“{output}” is not there any more", output=output)
    return reason(error)
