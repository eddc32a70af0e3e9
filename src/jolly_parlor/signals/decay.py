"""How sound dies away: backward integration and reverberation times (ISO 3382-2).

    E(t) = integral from t to the end of h^2;   T20 from -5 to -25 dB, T30 from -5 to -35 dB,

each times 60 dB over its span. Integration stops where the decay meets the noise, and what lies
beyond is added as if it went on straight (ISO 3382-1, 5.3.3), so that the curve stays straight.
"""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import band_edges_hz, midband_hz
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.words import tr

_SPANS = ((35.0, "T30"), (25.0, "T20"), (15.0, "T10"))
_START_DB, _ABOVE_NOISE_DB = -5.0, 10.0
_SMOOTH_SECONDS = 0.02


@dataclass(frozen=True)
class Decay:
    """The decay of one band, or why there is none."""

    midband_hz: float
    seconds: float | None
    """Time to fall by 60 dB."""
    kind: str
    """`T30`, `T20` or `T10`, the longest that the range allows; empty where none can be told."""
    range_db: float
    """From the peak to the noise: what could be measured."""

    @property
    def words(self) -> str:
        """The figure and how far it can be trusted."""
        if self.seconds is None:
            return tr(
                "{midband_hz:.0f} Hz: only {range_db:.0f} dB above the noise",
                midband_hz=self.midband_hz,
                range_db=self.range_db,
            )
        return tr(
            "{midband_hz:.0f} Hz: {seconds:.2f} s ({kind})",
            midband_hz=self.midband_hz,
            seconds=self.seconds,
            kind=self.kind,
        )


def third_octave_midbands(low_hz: float, high_hz: float) -> list[float]:
    """Exact third-octave mid-bands (IEC 61260-1) from low to high, 20 Hz upwards."""
    every = [midband_hz(index, 3) for index in range(-18, 14)]
    return [f for f in every if low_hz * 0.99 <= f <= high_hz * 1.01]


def decays(impulse: ImpulseResponse, low_hz: float = 25.0, high_hz: float = 4000.0) -> list[Decay]:
    """Decay of each third-octave band."""
    return [
        decay_of_band(impulse, f, *band_edges_hz(f, 3))
        for f in third_octave_midbands(low_hz, high_hz)
    ]


def decay_of_band(
    impulse: ImpulseResponse, midband: float, lower_hz: float, upper_hz: float
) -> Decay:
    """Decay between two frequencies. The filter runs backwards in time: its own ringing then
    falls before the arrival instead of lengthening the decay (ISO 3382-2, time-reversed analysis).
    """
    from scipy import signal  # imported here: starting the window need not wait for it

    sos = signal.butter(
        3,
        [lower_hz, min(upper_hz, 0.49 * impulse.sample_rate)],
        "bandpass",
        fs=impulse.sample_rate,
        output="sos",
    )
    filtered = signal.sosfilt(sos, impulse.samples[::-1])[::-1]
    return decay_of_samples(np.asarray(filtered), impulse.sample_rate, midband)


def decay_of_samples(samples: FloatArray, sample_rate: int, midband: float = 0.0) -> Decay:
    """Decay of a band already filtered."""
    begin = int(np.argmax(np.abs(samples)))
    power = samples[begin:] ** 2
    if power.size < sample_rate // 20:
        return Decay(midband, None, "", 0.0)
    level, noise_db, knee = _against_noise(power, sample_rate)
    range_db = float(level.max() - noise_db)
    curve = _backward_db(power, knee, sample_rate)
    for depth, kind in _SPANS:
        if range_db < depth + _ABOVE_NOISE_DB:
            continue
        chosen = np.flatnonzero((curve <= _START_DB) & (curve >= -depth))
        chosen = chosen[chosen < knee]
        if chosen.size > 8:
            slope = np.polyfit(chosen / sample_rate, curve[chosen], 1)[0]
            if slope < 0:
                return Decay(midband, float(-60.0 / slope), kind, range_db)
    return Decay(midband, None, "", range_db)


def backward_curve(samples: FloatArray, sample_rate: int) -> tuple[FloatArray, float]:
    """The backward-integrated level of a filtered band, dB of its start, and how far its peak
    stands above the noise. The samples begin with the arrival.
    """
    power = samples**2
    level, noise_db, knee = _against_noise(power, sample_rate)
    return _backward_db(power, knee, sample_rate), float(level.max() - noise_db)


def _against_noise(power: FloatArray, sample_rate: int) -> tuple[FloatArray, float, int]:
    """Smoothed level, the noise's level (last tenth), and the sample where they meet."""
    from scipy.ndimage import uniform_filter1d  # imported here, as signal is

    width = max(round(_SMOOTH_SECONDS * sample_rate), 1)
    smooth = uniform_filter1d(power, width, mode="constant")
    level = 10 * np.log10(np.maximum(smooth, 1e-30))
    noise = 10 * np.log10(max(float(np.mean(power[-power.size // 10 :])), 1e-30))
    below = np.flatnonzero(level < noise + 3.0)
    knee = int(below[0]) if below.size else power.size
    return level, noise, max(knee, width)


def _backward_db(power: FloatArray, knee: int, sample_rate: int) -> FloatArray:
    """Backward-integrated level in dB of its start, with the straight continuation added."""
    kept = power[:knee]
    total = np.cumsum(kept[::-1])[::-1]
    late = max(knee // 2, 1)
    ratio = total[late] / total[0] if total[0] > 0 else 0.0
    beyond = 0.0
    if 0 < ratio < 1:
        rate = -np.log(ratio) / late
        tail = float(np.mean(kept[-max(knee // 20, 1) :]))
        beyond = tail / rate if rate > 0 else 0.0
    curve = total + beyond
    db = 10 * np.log10(np.maximum(curve / curve[0], 1e-30))
    return np.concatenate([db, np.full(power.size - knee, db[-1])])
