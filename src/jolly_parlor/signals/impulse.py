"""Impulse responses: from a recorded sweep, gated, and turned into a frequency response."""

from collections.abc import Callable
from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, root_mean_square
from jolly_parlor.refused import Refused
from jolly_parlor.signals.fourier import fourier_integral
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.words import tr

_FLOOR = 1e-4
"""Of the sweep's strongest bin: below it the division would only lift noise (-80 dB)."""
_OVERSAMPLED = 8
_FADE = 0.5
_CLEAR_OF_ORDERS, _ABOVE_NOISE = 8, 2.0
_LEAD_SHARE, _LONGEST_LEAD_SECONDS = 0.5, 0.2


@dataclass(frozen=True, eq=False)
class ImpulseResponse:
    """Samples over time; 0 s is the moment the sweep began to play, where that is known."""

    samples: FloatArray
    sample_rate: int
    start_seconds: float = 0.0
    """Time of the first sample."""

    @property
    def times(self) -> FloatArray:
        """Seconds of each sample."""
        return self.start_seconds + np.arange(self.samples.size) / self.sample_rate

    @property
    def end_seconds(self) -> float:
        """Time of the last sample."""
        return self.start_seconds + (self.samples.size - 1) / self.sample_rate

    @property
    def peak_seconds(self) -> float:
        """When it is largest, between samples: the highest point of the oversampled magnitude."""
        at = int(np.argmax(np.abs(self.samples)))
        near = slice(max(at - 32, 0), min(at + 33, self.samples.size))
        piece = self.samples[near]
        fine = _upsampled(piece, _OVERSAMPLED)
        top = int(np.argmax(np.abs(fine)))
        y = np.abs(fine[max(top - 1, 0) : top + 2])
        bend = y[0] - 2 * y[1] + y[2] if y.size == 3 else 0.0
        nudge = 0.5 * (y[0] - y[2]) / bend if bend else 0.0
        place = near.start + (top + nudge) / _OVERSAMPLED
        return float(self.start_seconds + place / self.sample_rate)

    def arrival_seconds(self, threshold_db: float = -20.0) -> float:
        """When it first comes within `threshold_db` of its peak: the direct sound.

        In a room a later reflection may be the largest; ISO 3382 starts 20 dB below the peak.
        """
        size = np.abs(self.samples)
        least = size.max() * 10 ** (threshold_db / 20)
        return float(self.start_seconds + int(np.argmax(size >= least)) / self.sample_rate)

    def between(self, begin_seconds: float, end_seconds: float) -> "ImpulseResponse":
        """The stretch between two times, by whole samples."""
        a = max(round((begin_seconds - self.start_seconds) * self.sample_rate), 0)
        b = max(round((end_seconds - self.start_seconds) * self.sample_rate), a)
        start = self.start_seconds + a / self.sample_rate
        return replace(self, samples=self.samples[a:b], start_seconds=start)

    def gated(self, left_seconds: float, right_seconds: float) -> "ImpulseResponse":
        """A stretch around the arrival: half a raised cosine on each side, flat between.

        The left gate fades over its whole length, the right one over its second half.
        """
        if left_seconds <= 0 or right_seconds <= 0:
            raise Refused(tr("Both gates must be longer than zero."))
        arrival = self.arrival_seconds()
        cut = self.between(arrival - left_seconds, arrival + right_seconds)
        away = cut.times - arrival
        window = np.ones(cut.samples.size)
        before = away < 0
        window[before] = 0.5 + 0.5 * np.cos(np.pi * away[before] / left_seconds)
        fade = right_seconds * _FADE
        late = away > right_seconds - fade
        window[late] = 0.5 + 0.5 * np.cos(np.pi * (away[late] - right_seconds + fade) / fade)
        return replace(cut, samples=cut.samples * window)

    def response(self, frequencies_hz: FloatArray) -> Response:
        """Level and phase at any frequencies, the phase counted from time zero.

        The Fourier integral of the samples.
        """
        return Response.from_pressure(frequencies_hz, self.pressure(frequencies_hz))

    def without(self, factor: Callable[[FloatArray], ComplexArray]) -> "ImpulseResponse":
        """The same with a microphone's factor at each frequency taken away, same length and times.

        By spectral division; a factor without phase is taken away without shifting anything.
        """
        size = 1 << int(np.ceil(np.log2(max(self.samples.size, 2) * 2)))
        bins = np.asarray(np.fft.rfftfreq(size, 1 / self.sample_rate), dtype=float)
        divisor = np.ones(bins.size, dtype=np.complex128)
        divisor[1:] = factor(bins[1:])
        samples = np.fft.irfft(np.fft.rfft(self.samples, size) / divisor, size)
        return replace(self, samples=samples[: self.samples.size])

    def pressure(self, frequencies_hz: FloatArray) -> ComplexArray:
        """The same as complex values."""
        at = np.asarray(frequencies_hz, dtype=float)
        turned = np.exp(-2j * np.pi * at * self.start_seconds)
        return np.asarray(fourier_integral(self.samples, self.sample_rate, at) * turned)


def deconvolved(recording: FloatArray, sweep: Sweep) -> ImpulseResponse:
    """The impulse response in a recording of a sweep that began with its first sample.

    Spectral division R S* / (|S|^2 + e), e small against the sweep's band (Mueller & Massarani
    2001). Negative times hold the distortion products, positive ones the linear response.
    Raises Refused for a recording shorter than its sweep.
    """
    return deconvolved_by(recording, sweep.samples(), sweep.sample_rate)


def deconvolved_by(recording: FloatArray, played: FloatArray, sample_rate: int) -> ImpulseResponse:
    """The same for any broadband sound that was played, as its samples."""
    if recording.ndim != 1 or recording.size < played.size:
        raise Refused(
            tr(
                "The recording lasts {size:.1f} s; its sweep takes {size2:.1f} s. "
                "Record to the end of the sweep and a second more.",
                size=recording.size / sample_rate,
                size2=played.size / sample_rate,
            )
        )
    from scipy import fft  # imported here: starting the window need not wait for it

    size = fft.next_fast_len(recording.size + played.size, real=True)
    source = np.fft.rfft(played, size)
    power = source.real**2 + source.imag**2
    power += _FLOOR**2 * power.max()
    np.conj(source, out=source)
    source /= power
    del power  # in place: a long recording fills hundreds of megabytes
    source *= np.fft.rfft(recording, size)
    raw = np.fft.irfft(source, size)
    del source
    lead = played.size
    samples = np.concatenate([raw[size - lead :], raw[: recording.size]])
    return ImpulseResponse(samples, sample_rate, -lead / sample_rate)


def linear_part(whole: ImpulseResponse, sweep: Sweep, seconds: float = 1.0) -> ImpulseResponse:
    """What is left without distortion, faded in ahead of the arrival.

    A response without the lowest frequencies rings before its arrival as well as after; the fade
    begins as early as the second-order product lets it.
    """
    arrival = whole.between(0.0, whole.end_seconds).arrival_seconds()
    lead = min(_LEAD_SHARE * sweep.harmonic_lead_seconds(2), _LONGEST_LEAD_SECONDS)
    cut = whole.between(arrival - lead, arrival + seconds)
    away = (cut.times - arrival + lead) / (lead / 2)
    window = np.where(away < 1, 0.5 - 0.5 * np.cos(np.pi * np.clip(away, 0, 1)), 1.0)
    return replace(cut, samples=cut.samples * window)


def distortion_db(
    whole: ImpulseResponse, sweep: Sweep, order: int, frequencies_hz: FloatArray
) -> FloatArray:
    """Level of the nth-order product against the linear response, by exciting frequency.

    A product of order n at exciting frequency f sounds at n f: its spectrum there over the linear
    one at f. NaN where n f lies beyond the sweep, and where the product does not stand 6 dB above
    the noise of a stretch as long that no low order reaches.
    """
    linear = linear_part(whole, sweep)
    arrival = linear.arrival_seconds()
    lead = sweep.harmonic_lead_seconds(order)
    next_lead = sweep.harmonic_lead_seconds(order + 1)
    room_behind = lead - (sweep.harmonic_lead_seconds(order - 1) if order > 2 else 0.0)
    begin = arrival - lead - 0.4 * (next_lead - lead)
    piece = whole.between(begin, arrival - lead + 0.6 * room_behind)
    f = np.asarray(frequencies_hz, dtype=float)
    product = np.abs(piece.pressure(order * f))
    level = 20 * np.log10(
        np.maximum(product, 1e-12) / np.maximum(np.abs(linear.pressure(f)), 1e-12)
    )
    quiet_end = arrival - sweep.harmonic_lead_seconds(_CLEAR_OF_ORDERS)
    quiet = whole.between(quiet_end - piece.samples.size / piece.sample_rate, quiet_end)
    noise = np.abs(quiet.pressure(order * f))
    level = np.where(product < _ABOVE_NOISE * root_mean_square(noise), np.nan, level)
    beyond = (order * f > sweep.high_hz) | (f < sweep.low_hz)
    return np.where(beyond, np.nan, level)


def _upsampled(samples: FloatArray, factor: int) -> FloatArray:
    """Band-limited interpolation of a short piece, by zero-filling its spectrum."""
    count = samples.size
    spectrum = np.fft.rfft(samples)
    wide = np.zeros(count * factor // 2 + 1, dtype=complex)
    wide[: spectrum.size] = spectrum
    return np.fft.irfft(wide, count * factor) * factor
