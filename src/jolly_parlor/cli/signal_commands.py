"""Signals to listen to, as WAV."""

from pathlib import Path

import click

from jolly_parlor.cli.printed import FORCE, OUT, write_bytes
from jolly_parlor.signals.programme import PROGRAMMES, Asked, programme
from jolly_parlor.signals.wav import wav_to_hear
from jolly_parlor.words import tr

_CAUTION = tr("Start quiet: a tone at full scale harms ears and tweeters before it seems loud.")


@click.command("signal")
@click.argument("kind", type=click.Choice(list(PROGRAMMES)))
@click.argument("out", type=OUT)
@click.option("--rate", default=48000, show_default=True, type=click.IntRange(8000, 192_000))
@click.option("--seconds", type=float, help="How long, of noise and sweeps.")
@click.option("--low", type=float, help="Where it begins, Hz, of bands and sweeps.")
@click.option("--high", type=float, help="Where it ends, Hz.")
@FORCE
def signal(
    kind: str, out: Path, rate: int, seconds: float | None, low: float | None, high: float | None
) -> None:
    """Write a signal of the listening tests as a WAV of two channels."""
    made = programme(kind)
    asked = made.asked(seconds, low, high)
    write_bytes(out, wav_to_hear(made.samples(rate, asked), rate), ".wav")
    told = made.use if asked == made.usual else _asked_words(asked)
    click.echo(f"{out}: {made.name.lower()}, {told}.")
    click.echo(_CAUTION)


def _asked_words(asked: Asked) -> str:
    if not asked.high_hz:
        return tr("{seconds:g} seconds", seconds=asked.seconds)
    return tr(
        "{low:g} to {high:g} Hz in {seconds:g} seconds",
        low=asked.low_hz,
        high=asked.high_hz,
        seconds=asked.seconds,
    )
