"""How long all that plays rings on at the ear, before and after settings: it hardly changes.

Each mode of the room dies away at its own pace whatever drives it; settings only choose how much of
each is heard. What shortens decay is absorption (Kuttruff, Room Acoustics: the damping of a mode is
the room's).
"""

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.mixes import Mix, mixed
from jolly_parlor.signals.decay import decay_of_samples
from jolly_parlor.words import tr

BANDS_HZ = (31.5, 63.0, 125.0)
"""Octaves (IEC 61260-1, nominal)."""
_RATE, _SAMPLES = 1024, 2048
_LOW_HZ, _HIGH_HZ = 12.0, 220.0
_EVERY: FloatArray = np.linspace(0.0, _RATE / 2, _SAMPLES // 2 + 1)
DECAY_HZ: FloatArray = _EVERY[(_EVERY >= _LOW_HZ) & (_EVERY <= _HIGH_HZ)]
"""Evenly spaced, half a hertz apart: two seconds of sound."""
_TELLING = 0.15
"""Of a decay time, below which a change is none that could be heard or measured."""


@dataclass(frozen=True)
class BandDecay:
    """Time to fall by 60 dB in one octave, seconds; None where none can be told."""

    midband_hz: float
    before_seconds: float | None
    after_seconds: float | None

    @property
    def words(self) -> str:
        """Such as `63 Hz 0.62 → 0.60 s`."""

        def told(seconds: float | None) -> str:
            return "?" if seconds is None else f"{seconds:.2f}"

        before, after = told(self.before_seconds), told(self.after_seconds)
        return tr(
            "{midband_hz:g} Hz {before} → {after} s",
            midband_hz=self.midband_hz,
            before=before,
            after=after,
        )


def decay_change(
    mix: Mix,
    sources: Mapping[str, ComplexArray],
    before: Mapping[str, Chain],
    after: Mapping[str, Chain],
) -> list[BandDecay]:
    """Of a mix at one ear. sources: flat pressures at DECAY_HZ, (frequencies,)."""
    early, late = (mixed(mix, chains, DECAY_HZ, sources) for chains in (before, after))
    return [BandDecay(f, decay_seconds(early, f), decay_seconds(late, f)) for f in BANDS_HZ]


def decay_words(found: list[BandDecay]) -> str:
    """In a sentence, and whether it tells anything."""
    told = ", ".join(band.words for band in found)
    changes = [
        abs(b.after_seconds / b.before_seconds - 1)
        for b in found
        if b.before_seconds and b.after_seconds
    ]
    if max(changes, default=0.0) < _TELLING:
        return tr("Rings on for {told}: settings hardly change it, absorption does.", told=told)
    return tr(
        "Rings on for {told}: other modes are driven, none dies away "
        "faster; only absorption shortens them.",
        told=told,
    )


def decay_seconds(pressure: ComplexArray, midband: float) -> float | None:
    """Decay time of one octave, by its impulse response; pressure at DECAY_HZ."""
    whole = np.zeros(_EVERY.size, dtype=np.complex128)
    inside = (_EVERY >= _LOW_HZ) & (_EVERY <= _HIGH_HZ)
    # A raised cosine over the logarithm, an octave wide at half: it rings shorter than any mode.
    off = np.clip(np.abs(np.log2(DECAY_HZ / midband)), 0.0, 1.0)
    whole[inside] = pressure * 0.5 * (1 + np.cos(np.pi * off))
    # What the band's filter rings before the arrival must not come round to the end, as noise.
    sound = np.roll(np.fft.irfft(whole, _SAMPLES), _SAMPLES // 8)
    return decay_of_samples(sound[: -_SAMPLES // 8], _RATE, midband).seconds
