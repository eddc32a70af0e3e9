"""Is a take to be trusted? Judged from the recordings themselves, in words."""

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import band_edges_hz
from jolly_parlor.signals.response import Response
from jolly_parlor.words import tr

Mark = Literal["good", "doubtful", "bad"]

NO_TIMING_REFERENCE = tr("No timing reference")
"""How the remark begins that takes without one carry."""
_CLIPPED, _CLIPPED_SAMPLES = 0.999, 3
_DROWNING_DB, _THIN_DB = 10.0, 20.0
_MAINS_HZ, _TONE_HZ, _TONE_DB, _HUM_DB = (50.0, 60.0), 2.0, 12.0, 25.0
"""Of the mains here and there; how wide a tone is, how far it stands out, and how near the sweep it
matters.
"""
_DISAGREE_DB, _DISAGREE_BAD_DB = 1.0, 3.0
_FAR_METRES, _LOST_METRES = 0.05, 0.20
_SIBLING_DB, _NULL_DB = 3.0, 10.0
_FARTHEST_METRES = 40.0
_OCTAVES_HZ = (31.5, 63.0, 125.0, 250.0)
_COMPARED_HZ: FloatArray = np.geomspace(25.0, 300.0, 120)


@dataclass(frozen=True)
class Remark:
    """One thing found: how bad, and the sentence that says it."""

    mark: Mark
    text: str


@dataclass(frozen=True)
class Verdict:
    """What to think of a take."""

    remarks: tuple[Remark, ...]

    @property
    def mark(self) -> Mark:
        """The worst of the remarks; good without any."""
        marks = {remark.mark for remark in self.remarks}
        return "bad" if "bad" in marks else "doubtful" if "doubtful" in marks else "good"

    @property
    def words(self) -> tuple[str, ...]:
        return tuple(remark.text for remark in self.remarks)


def clipping(recordings: Sequence[FloatArray]) -> list[Remark]:
    """Full-scale samples in a row."""
    for number, samples in enumerate(recordings, start=1):
        full = int(np.sum(np.abs(samples) >= _CLIPPED))
        if full >= _CLIPPED_SAMPLES:
            return [
                Remark(
                    "bad",
                    tr(
                        "Sweep {number} clipped in {full} samples: turn the input down and "
                        "measure again.",
                        number=number,
                        full=full,
                    ),
                )
            ]
    return []


def noise(sweep: FloatArray, silence: FloatArray, sample_rate: int, low_hz: float) -> list[Remark]:
    """Signal to noise of each octave against the silence recorded just before.

    low_hz: the source's low corner; octaves that end below it are not asked for.
    """
    found = []
    for midband in _OCTAVES_HZ:
        low, high = band_edges_hz(midband, 1)
        if high < low_hz:
            continue
        signal_db = _band_db(sweep, sample_rate, low, high)
        ratio = signal_db - _band_db(silence, sample_rate, low, high)
        if ratio < _THIN_DB:
            mark: Mark = "bad" if ratio < _DROWNING_DB else "doubtful"
            found.append(
                Remark(
                    mark,
                    tr(
                        "Only {ratio:.0f} dB above the noise around {midband:g} Hz: play "
                        "louder, make it quieter, or sweep longer.",
                        ratio=max(ratio, 0.0),
                        midband=midband,
                    ),
                )
            )
    return found


def hum(sweep: FloatArray, silence: FloatArray, sample_rate: int) -> list[Remark]:
    """A hum of the mains that the sweep hardly stands above: the tone, by its frequency, and what
    to do. In the silence a tone at 50 or 60 Hz, or the second or third multiple, stands above what
    is beside it.
    """
    loud, quiet = _Spectrum(sweep, sample_rate), _Spectrum(silence, sample_rate)
    worst: tuple[float, float] | None = None
    for hertz in (mains * n for mains in _MAINS_HZ for n in (1, 2, 3)):
        low, high = hertz * 2 ** (-1 / 6), hertz * 2 ** (1 / 6)
        tone = quiet.band_db(hertz - _TONE_HZ, hertz + _TONE_HZ)
        beside = max(
            quiet.band_db(low, hertz - 2 * _TONE_HZ),
            quiet.band_db(hertz + 2 * _TONE_HZ, high),
        )
        above = loud.band_db(low, high) - tone
        stands_out = tone - beside > _TONE_DB
        if stands_out and above < _HUM_DB and (worst is None or above < worst[0]):
            worst = above, hertz
    if worst is None:
        return []
    return [
        Remark(
            "doubtful",
            tr(
                "A hum at {hertz:.0f} Hz is only {above:.0f} dB below the sweep: have everything "
                "at one socket, chargers and dimmers unplugged, and measure again.",
                hertz=worst[1],
                above=max(worst[0], 0.0),
            ),
        )
    ]


def repeat_db(responses: Sequence[Response]) -> float:
    """What sweeps of the same thing differ by: the 90th percentile over 25 to 300 Hz; 0 for one."""
    if len(responses) < 2:
        return 0.0
    levels = np.array([_levels(r) for r in responses])
    return float(np.percentile(np.ptp(levels, axis=0), 90))


def disagreement(responses: Sequence[Response]) -> list[Remark]:
    """Where two sweeps of the same thing differ."""
    found: list[Remark] = []
    for number, other in enumerate(responses[1:], start=2):
        one, two = _levels(responses[0]), _levels(other)
        gap = np.abs(one - two)
        # In a null the same noise shows as a large difference and means nothing.
        gap[np.minimum(one, two) < np.median(one) - _NULL_DB] = 0.0
        at = int(np.argmax(gap))
        if gap[at] > _DISAGREE_DB:
            mark: Mark = "bad" if gap[at] > _DISAGREE_BAD_DB else "doubtful"
            found.append(
                Remark(
                    mark,
                    tr(
                        "Sweeps 1 and {number} differ by {gap:.1f} dB at {compared_hz:.0f} "
                        "Hz: something made a noise; measure again.",
                        number=number,
                        gap=gap[at],
                        compared_hz=_COMPARED_HZ[at],
                    ),
                )
            )
    return found


def arrival(measured_metres: float | None, expected_metres: float) -> list[Remark]:
    """The distance the sound says against the one the plan says."""
    if measured_metres is None:
        return [
            Remark(
                "doubtful",
                tr(
                    "{no_timing_reference}: arrival and phase cannot be checked.",
                    no_timing_reference=NO_TIMING_REFERENCE,
                ),
            )
        ]
    if not 0.0 < measured_metres < _FARTHEST_METRES:
        return [Remark("bad", tr("No sound of the sweep could be told from the noise."))]
    off = measured_metres - expected_metres
    if abs(off) <= _FAR_METRES:
        return []
    mark: Mark = "bad" if abs(off) > _LOST_METRES else "doubtful"
    return [
        Remark(
            mark,
            tr(
                "The sound came from {measured_metres:.2f} m, the plan says "
                "{expected_metres:.2f} m: check the microphone's place and the "
                "channel.",
                measured_metres=measured_metres,
                expected_metres=expected_metres,
            ),
        )
    ]


def clocks(drift: float | None) -> list[Remark]:
    """That markers gave the reference in time, and what they took out; None where they did not."""
    if drift is None:
        return []
    return [
        Remark(
            "good",
            tr(
                "In time by markers; the two clocks differed by {parts:.0f} parts in a million, "
                "taken out.",
                parts=abs(drift) * 1e6,
            ),
        )
    ]


def calibration(name: str) -> list[Remark]:
    """A microphone without its file."""
    if name:
        return []
    return [Remark("doubtful", tr("No microphone calibration was loaded."))]


def siblings(response: Response, others: dict[str, Response]) -> list[Remark]:
    """Against other takes at the same seat: another level, or the very same sound."""
    found: list[Remark] = []
    own = _levels(response)
    for name, other in others.items():
        theirs = _levels(other)
        if np.max(np.abs(own - theirs)) < 0.02:
            found.append(
                Remark(
                    "bad",
                    tr("This is the same sound as {name}: was the channel switched?", name=name),
                )
            )
        elif abs(float(np.mean(own - theirs))) > _SIBLING_DB:
            gap = float(np.mean(own - theirs))
            word = "louder" if gap > 0 else "quieter"
            found.append(
                Remark(
                    "doubtful",
                    tr(
                        "{gap:.0f} dB {word} than {name}: measure all at one setting.",
                        gap=abs(gap),
                        word=word,
                        name=name,
                    ),
                )
            )
    return found


def _levels(response: Response) -> FloatArray:
    return np.interp(np.log(_COMPARED_HZ), np.log(response.frequencies_hz), response.level_db)


def _band_db(samples: FloatArray, sample_rate: int, low: float, high: float) -> float:
    """Mean power of a band per second of sound, dB."""
    return _Spectrum(samples, sample_rate).band_db(low, high)


class _Spectrum:
    """The power of a sound by frequency, worked out once for many bands."""

    def __init__(self, samples: FloatArray, sample_rate: int) -> None:
        from scipy import fft  # imported here: starting the window need not wait for it

        size = fft.next_fast_len(samples.size, real=True)
        self._hz = fft.rfftfreq(size, 1 / sample_rate)
        self._power = 2 * np.abs(fft.rfft(samples, size)) ** 2 / samples.size / size

    def band_db(self, low: float, high: float) -> float:
        """Mean power between two frequencies, Hz, dB."""
        a, b = np.searchsorted(self._hz, (low, high))
        return float(10 * np.log10(max(float(np.sum(self._power[a:b])), 1e-20)))
