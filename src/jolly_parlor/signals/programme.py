"""What can be listened to, by name: every signal of the listening tests, made here."""

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.signals.noise import PINK_TOLERANCE_DB, band_noise, pink_noise
from jolly_parlor.signals.pieces import bass_line, short_piece
from jolly_parlor.signals.scenes import groove, strings, voice
from jolly_parlor.signals.tones import SlowSweep, stepped_tones
from jolly_parlor.words import tr

_PEAK = 0.891
"""One decibel below full scale, so that no converter clips between the samples."""
SHORTEST_SECONDS, LONGEST_SECONDS = 1.0, 300.0


@dataclass(frozen=True)
class Asked:
    """How long a signal is to be, and between which frequencies."""

    seconds: float
    low_hz: float = 0.0
    high_hz: float = 0.0


@dataclass(frozen=True)
class Programme:
    """One signal. `make` gives (samples,) or (samples, 2) at a sample rate, peak 1."""

    id: str
    name: str
    use: str
    make: Callable[[int, Asked], FloatArray]
    usual: Asked | None = None
    """What may be asked otherwise; None for music, which is as it is."""
    reversed_right: bool = False

    def asked(
        self,
        seconds: float | None = None,
        low_hz: float | None = None,
        high_hz: float | None = None,
    ) -> Asked:
        """The usual, with what is wanted otherwise. Raises Refused for what it cannot be."""
        usual = self.usual
        if usual is None:
            if (seconds, low_hz, high_hz) != (None, None, None):
                raise Refused(
                    tr("“{id}” is as it is: it has no length or range to choose.", id=self.id)
                )
            return Asked(0.0)
        if usual.high_hz == 0 and (low_hz, high_hz) != (None, None):
            raise Refused(tr("“{id}” has no range to choose.", id=self.id))
        made = Asked(
            usual.seconds if seconds is None else seconds,
            usual.low_hz if low_hz is None else low_hz,
            usual.high_hz if high_hz is None else high_hz,
        )
        if not SHORTEST_SECONDS <= made.seconds <= LONGEST_SECONDS:
            raise Refused(
                tr(
                    "{seconds:g} seconds cannot be: {shortest_seconds:g} to {longest_seconds:g}.",
                    seconds=made.seconds,
                    shortest_seconds=SHORTEST_SECONDS,
                    longest_seconds=LONGEST_SECONDS,
                )
            )
        if usual.high_hz and not 5.0 <= made.low_hz < made.high_hz <= 20_000.0:
            raise Refused(
                tr(
                    "From {low_hz:g} to {high_hz:g} Hz cannot be: it must rise, "
                    "between 5 and 20000 Hz.",
                    low_hz=made.low_hz,
                    high_hz=made.high_hz,
                )
            )
        return made

    def samples(self, sample_rate: int, asked: Asked | None = None) -> FloatArray:
        """(samples, 2) for left and right, peak 1 dB below full scale."""
        made = self.make(sample_rate, asked or self.asked())
        both = made if made.ndim == 2 else np.stack([made, made], axis=1)
        if self.reversed_right:
            both = both * np.array([1.0, -1.0])
        return np.asarray(_PEAK * both / np.max(np.abs(both)))


def _band(rate: int, asked: Asked) -> FloatArray:
    return band_noise(asked.seconds, rate, asked.low_hz, asked.high_hz)


def _sweep(rate: int, asked: Asked) -> FloatArray:
    return SlowSweep(asked.low_hz, asked.high_hz, asked.seconds).samples(rate)


SLOW_SWEEP = SlowSweep()

PROGRAMMES: dict[str, Programme] = {
    one.id: one
    for one in (
        Programme(
            "bass",
            tr("Bass line"),
            tr("walk with it and listen for notes that boom or are missing"),
            lambda rate, asked: bass_line(rate),
        ),
        Programme(
            "steps",
            tr("Stepped tones"),
            tr("every semitone from E1 to E3, a second each, all equally loud"),
            lambda rate, asked: stepped_tones(rate),
        ),
        Programme(
            "sweep",
            tr("Slow sweep"),
            tr(
                "{low_hz:.0f} to {high_hz:.0f} Hz in {seconds:.0f} seconds",
                low_hz=SLOW_SWEEP.low_hz,
                high_hz=SLOW_SWEEP.high_hz,
                seconds=SLOW_SWEEP.seconds,
            ),
            _sweep,
            Asked(SLOW_SWEEP.seconds, SLOW_SWEEP.low_hz, SLOW_SWEEP.high_hz),
        ),
        Programme(
            "pink",
            tr("Pink noise"),
            tr(
                "equal power in every octave, third octaves within ±{pink_tolerance_db:g} dB",
                pink_tolerance_db=PINK_TOLERANCE_DB,
            ),
            lambda rate, asked: pink_noise(asked.seconds, rate),
            Asked(10.0),
        ),
        Programme(
            "band",
            tr("Mid-band noise"),
            tr("500 to 2000 Hz, the same on both sides: for the middle and for level"),
            _band,
            Asked(6.0, 500.0, 2000.0),
        ),
        Programme(
            "mono",
            tr("Mono noise"),
            tr("200 Hz to 8 kHz, the same on both sides: move the head and hear the comb slide"),
            _band,
            Asked(6.0, 200.0, 8000.0),
        ),
        Programme(
            "reversed",
            tr("Mono noise, right side reversed"),
            tr("what wrong polarity sounds like: know it"),
            _band,
            Asked(6.0, 200.0, 8000.0),
            reversed_right=True,
        ),
        Programme(
            "piece",
            tr("A short piece"),
            tr("bass in the middle, chords at both sides, a tune that walks from left to right"),
            lambda rate, asked: short_piece(rate),
        ),
        Programme(
            "groove",
            tr("Kick and bass"),
            tr("sixteen beats: does every note of the bass stand as firm as the kick"),
            lambda rate, asked: groove(rate),
        ),
        Programme(
            "strings",
            tr("Chamber strings"),
            tr("three slow voices from C2 up: warmth, and notes that stay behind"),
            lambda rate, asked: strings(rate),
        ),
        Programme(
            "voice",
            tr("Voice-like vowels"),
            tr("a spoken pitch through formants: what a desk or a wall does to a voice"),
            lambda rate, asked: voice(rate),
        ),
    )
}


def programme(name: str) -> Programme:
    """The signal of that name; raises Refused naming those there are."""
    if name not in PROGRAMMES:
        raise Refused(
            tr(
                "There is no signal “{name}”; there is {programmes}.",
                name=name,
                programmes=", ".join(PROGRAMMES),
            )
        )
    return PROGRAMMES[name]
