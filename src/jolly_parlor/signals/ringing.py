"""The frequencies at which a room rings, and for how long each: damped sinusoids in the decay.

The matrix pencil method (Hua & Sarkar 1990): samples of a sum of M damped sinusoids make a Hankel
matrix of rank 2 M, and the poles are the eigenvalues of its shift, taken in the space of its
largest singular vectors. Unlike a filter it tells two modes apart that lie closer than their own
bandwidth, and has no ringing of its own.
"""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.signals.impulse import ImpulseResponse

_RATE_HZ = 480.0
_SKIPPED_SECONDS, _SECONDS = 0.03, 0.65
_MOST_POLES = 70
_ABOVE_NOISE = 4.0
_FAINTEST_DB, _SHORTEST, _LONGEST = -30.0, 0.08, 6.0
_TO_60_DB = 3 * np.log(10)
_LEAST_RANGE_DB = 10.0


@dataclass(frozen=True)
class Ring:
    """One damped sinusoid of the decay."""

    frequency_hz: float
    seconds: float
    """Time to fall by 60 dB."""
    level_db: float
    """As it begins, against the strongest."""
    range_db: float
    """How far it can be followed before it is lost in what the poles do not explain."""


def rings(impulse: ImpulseResponse, low_hz: float = 20.0, high_hz: float = 160.0) -> list[Ring]:
    """The rings between two frequencies, ascending; those too faint or too short are left out.

    high_hz: 200 Hz at most. Above, the modes of a room overlap and single ones mean little.
    """
    if not 0 < low_hz < high_hz <= 200.0:
        raise ValueError("Rings are told between 0 and 200 Hz.")
    samples, rate = _thinned(impulse)
    if samples.size < 60 or not np.any(samples):
        return []
    poles, amplitudes, rest = _poles(samples)
    found = []
    sizes, at_hz = 2 * np.abs(amplitudes), np.angle(poles) * rate / (2 * np.pi)
    inside = sizes[(at_hz >= low_hz) & (at_hz <= high_hz)]
    loudest = inside.max() if inside.size else 1.0
    for pole, size in zip(poles, sizes, strict=True):
        frequency = float(np.angle(pole) * rate / (2 * np.pi))
        seconds = float(-_TO_60_DB / (np.log(np.abs(pole)) * rate)) if abs(pole) < 1 else np.inf
        level = float(20 * np.log10(max(size / loudest, 1e-9)))
        # A sinusoid of amplitude A stands A sqrt(N) / (2 rest) above white noise of deviation rest.
        count = min(seconds / 6, _SECONDS) * rate if np.isfinite(seconds) else 1.0
        reach = float(20 * np.log10(max(size * np.sqrt(max(count, 1.0)) / (2 * rest), 1e-9)))
        if (
            low_hz <= frequency <= high_hz
            and _SHORTEST <= seconds <= _LONGEST
            and level >= _FAINTEST_DB
            and reach >= _LEAST_RANGE_DB
        ):
            found.append(Ring(frequency, seconds, level, reach))
    return sorted(found, key=lambda ring: ring.frequency_hz)


def _thinned(impulse: ImpulseResponse) -> tuple[FloatArray, float]:
    """The decay after the first sound, at a sample rate just above what is looked at."""
    from scipy import signal  # imported here: starting the window need not wait for it

    step = max(round(impulse.sample_rate / _RATE_HZ), 1)
    slow = signal.resample_poly(impulse.samples, 1, step)
    rate = impulse.sample_rate / step
    begin = round((impulse.arrival_seconds() - impulse.start_seconds + _SKIPPED_SECONDS) * rate)
    return np.asarray(slow[begin : begin + round(_SECONDS * rate)]), rate


def _poles(samples: FloatArray) -> tuple[ComplexArray, ComplexArray, float]:
    """Poles with positive frequency, their amplitudes, and what they leave unexplained (rms)."""
    count, pencil = samples.size, samples.size // 3
    rows = np.arange(count - pencil)[:, None] + np.arange(pencil + 1)
    _, sizes, right = np.linalg.svd(samples[rows], full_matrices=False)
    noise = float(np.median(sizes[-sizes.size // 3 :]))
    order = int(min(np.sum(sizes > max(_ABOVE_NOISE * noise, 1e-9 * sizes[0])), _MOST_POLES))
    space = right[:order].conj().T
    shift = np.linalg.pinv(space[:-1]) @ space[1:]
    every = np.conj(np.linalg.eigvals(shift))
    every = every[(np.abs(every) < 1.0) & (np.abs(every) > 0.3)]
    table = every[None, :] ** np.arange(count)[:, None]
    amplitudes = np.linalg.lstsq(table, samples.astype(complex), rcond=None)[0]
    rest = float(np.std(samples - (table @ amplitudes).real))
    upper = every.imag > 1e-6
    return every[upper], amplitudes[upper], max(rest, 1e-12)
