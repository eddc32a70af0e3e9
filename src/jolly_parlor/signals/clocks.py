"""Two devices have two clocks: what one plays the other records at a slightly other rate, begun at
no known moment. A short marker before and after a sound tells both.

The marker is a sweep itself. Both arrive over the same path, so that the room drops out of the time
between them: the slope of the phase between their spectra is the delay (Knapp & Carter 1976), and
what that is longer than it was played is the drift. The arrival of the first tells the start.
"""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.signals.impulse import ImpulseResponse, deconvolved_by
from jolly_parlor.signals.resampling import resampled
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.words import tr

MOST_DRIFT = 1000e-6
"""Crystals are within 200 parts in a million of each other (from memory of their data sheets)."""
_LOW_HZ, _HIGH_HZ, _SECONDS = 400.0, 16_000.0, 0.5
_LEAD_SECONDS, _RING_SECONDS = 0.2, 0.7
"""Silence before a marker, and for the room to fall silent after it."""
WITH_MARKERS_SECONDS = _LEAD_SECONDS + 2 * (_SECONDS + _RING_SECONDS)
"""How much longer a sound between markers takes."""
_TOLD_SECONDS = 0.15
"""What follows a marker's arrival and is like the other's: the same room."""
_ABOVE_THE_REST, _ALIKE = 6.0, 0.5
"""How far a marker stands out, and how much less strong than the other one may be."""
_MARGIN = 256
_BLOCK, _EDGE = 1 << 18, 4096
"""Samples worked on at once, so that a long recording needs little memory, and beyond them."""


class NoMarker(Refused):
    """The markers cannot be told from the noise; the sentence says so."""


@dataclass(frozen=True)
class Marked:
    """How a sound is played between its markers, counted in samples of the player."""

    sound: int
    """Samples of the sound with the silence that belongs to it."""
    sample_rate: int

    @property
    def lead(self) -> int:
        """Where the first marker begins."""
        return round(_LEAD_SECONDS * self.sample_rate)

    @property
    def begins(self) -> int:
        return self.lead + round((_SECONDS + _RING_SECONDS) * self.sample_rate)

    @property
    def second(self) -> int:
        """Where the second marker begins."""
        return self.begins + self.sound

    @property
    def size(self) -> int:
        return self.second + round((_SECONDS + _RING_SECONDS) * self.sample_rate)

    @property
    def apart(self) -> int:
        return self.second - self.lead

    def markers(self) -> FloatArray:
        """Both at full scale with silence between, (size,)."""
        out, one = np.zeros(self.size), marker(self.sample_rate)
        for at in (self.lead, self.second):
            out[at : at + one.size] = one
        return out

    def around(self, sound: FloatArray) -> FloatArray:
        """The sound in its place, (size,)."""
        out = np.zeros(self.size)
        out[self.begins : self.begins + sound.size] = sound
        return out


@dataclass(frozen=True, eq=False)
class Timed:
    """A recording brought to the player's clock."""

    samples: FloatArray
    """(size,) of what was played, the first when the player's first sample left it, as far as the
    flight of the markers says.
    """
    drift: float
    """By how much more samples the recorder took than the player: 120e-6 is 120 in a million."""


def marker(sample_rate: int) -> FloatArray:
    """At full scale, (samples,)."""
    return Sweep(_LOW_HZ, _top_hz(sample_rate), _SECONDS, sample_rate, 0.02, 0.005).samples()


def _top_hz(sample_rate: int) -> float:
    return min(_HIGH_HZ, 0.42 * sample_rate)


def timed(heard: FloatArray, rate: int, marked: Marked, flight_seconds: float = 0.0) -> Timed:
    """What was heard, (samples,) at the recorder's own rate, on the player's clock.

    flight_seconds: how long a marker travels to the microphone. Raises NoMarker where the two are
    not found that far apart, with what was found instead.
    """
    sound = resampled(heard, rate, marked.sample_rate)
    first, second = _found(sound, marked)
    drift = _drift(sound, first, second, marked)
    sound = stretched(sound, 1 / (1 + drift))
    arrived = _arrival(sound, round(first / (1 + drift)), marked.sample_rate)
    left = arrived - flight_seconds * marked.sample_rate - marked.lead
    return Timed(shifted(sound, left, marked.size), drift)


def stretched(samples: FloatArray, factor: float) -> FloatArray:
    """Band-limited to so many times as many samples, block by block, (ceil(factor samples),)."""
    out = np.zeros(int(np.ceil(samples.size * factor)))
    for begin in range(0, out.size, _BLOCK):
        count = min(_BLOCK, out.size - begin)
        first = begin / factor
        start = int(first) - _EDGE
        piece = _piece(samples, start, int(count / factor) + 2 + 2 * _EDGE)
        out[begin : begin + count] = _at_places(piece * _faded(piece.size), first - start, factor)[
            :count
        ]
    return out


def _faded(size: int) -> FloatArray:
    """Ones, with raised cosines in the outer halves of the edges: blocks begin and end softly."""
    window, fade = np.ones(size), _EDGE // 2
    window[:fade] = 0.5 - 0.5 * np.cos(np.pi * (np.arange(fade) + 0.5) / fade)
    window[-fade:] = window[:fade][::-1]
    return window


def _at_places(piece: FloatArray, first: float, factor: float) -> FloatArray:
    """The piece at `first`, first + 1 / factor and so on: its spectrum is summed there, by the
    chirp z-transform (Rabiner, Schafer & Rader 1969).
    """
    from scipy import fft, signal

    size = fft.next_fast_len(piece.size, real=True)
    spectrum = fft.rfft(piece, size)
    spectrum[1:] *= 2.0
    spectrum *= np.exp(2j * np.pi * first / size * np.arange(spectrum.size))
    count = int(piece.size * factor)
    summed: FloatArray = np.real(signal.czt(spectrum, count, np.exp(2j * np.pi / (size * factor))))
    return summed / size


def shifted(samples: FloatArray, by: float, size: int) -> FloatArray:
    """So many samples beginning at a place between two, zeros where there are none; the part
    below a sample through the spectrum.
    """
    from scipy import fft

    whole = int(np.floor(by))
    out = _piece(samples, whole - _MARGIN, size + 2 * _MARGIN)
    part = by - whole
    if part:
        length = fft.next_fast_len(out.size, real=True)
        spectrum = fft.rfft(out, length)
        spectrum *= np.exp(2j * np.pi * np.arange(spectrum.size) / length * part)
        out = fft.irfft(spectrum, length)[: out.size]
    return np.asarray(out[_MARGIN : _MARGIN + size])


def _drift(sound: FloatArray, first: int, second: int, marked: Marked) -> float:
    length = round((_SECONDS + _TOLD_SECONDS) * marked.sample_rate)
    one, two = (_piece(sound, at, length) for at in (first, second))
    return (second - first + _delay(one, two, marked.sample_rate)) / marked.apart - 1


def _piece(sound: FloatArray, begin: int, length: int) -> FloatArray:
    """A stretch of a sound, silence where it has none."""
    piece = np.zeros(length)
    part = sound[max(begin, 0) : max(begin + length, 0)]
    at = max(-begin, 0)
    piece[at : at + part.size] = part
    return piece


def _found(sound: FloatArray, marked: Marked) -> tuple[int, int]:
    """Where the two begin, to a sample or so. Raises NoMarker."""
    match = _match(sound, marked.sample_rate)
    slack = round(MOST_DRIFT * marked.apart) + 2
    if match.size < marked.apart + slack:
        raise NoMarker(
            tr(
                "The recording lasts {there:.1f} s; from marker to marker are {wanted:.1f} s.",
                there=sound.size / marked.sample_rate,
                wanted=marked.apart / marked.sample_rate,
            )
        )
    from scipy import ndimage

    later = ndimage.maximum_filter1d(match, 2 * slack + 1)[marked.apart :]
    pairs = np.minimum(match[: later.size], later)
    first = int(np.argmax(pairs))
    begin = first + marked.apart - slack
    second = begin + int(np.argmax(match[max(begin, 0) : begin + 2 * slack + 1]))
    rest = float(np.percentile(match, 90))
    if pairs[first] < max(_ABOVE_THE_REST * rest, _ALIKE * float(match.max())):
        raise NoMarker(_instead(match, rest, marked))
    return first, second


def _instead(match: FloatArray, rest: float, marked: Marked) -> str:
    """What was found where the markers should be."""
    best = int(np.argmax(match))
    if match[best] < _ABOVE_THE_REST * rest:
        return tr("No marker could be told from the noise: play louder, or make it quieter.")
    clear = round(_SECONDS * marked.sample_rate)
    others = match.copy()
    others[max(best - clear, 0) : best + clear] = 0.0
    other = int(np.argmax(others))
    if others[other] < _ABOVE_THE_REST * rest:
        return tr("Only one marker was recorded: keep recording until the last has been heard.")
    return tr(
        "The markers are {there:.3f} s apart, not {wanted:.3f} s: parts are missing, or another "
        "file was played.",
        there=abs(other - best) / marked.sample_rate,
        wanted=marked.apart / marked.sample_rate,
    )


def _match(sound: FloatArray, sample_rate: int) -> FloatArray:
    """How much each place is like the beginning of a marker, (samples,): the matched filter with
    the spectrum made flat, so that a swept sound elsewhere is not taken for one.
    """
    from scipy import fft

    one = marker(sample_rate)
    size = fft.next_fast_len(sound.size + one.size, real=True)
    spectrum = fft.rfft(one, size)
    own = np.abs(spectrum)
    spectrum = np.conj(spectrum) * fft.rfft(sound, size)
    spectrum /= np.maximum(own, 0.1 * own.max())
    out: FloatArray = np.abs(fft.irfft(spectrum, size)[: sound.size])
    return out


def _delay(one: FloatArray, two: FloatArray, sample_rate: int) -> float:
    """By how many samples, whole and part, the second is later than the first, both being alike:
    the straight line through the phase of their cross spectrum, by its power.
    """
    from scipy import fft

    size = fft.next_fast_len(2 * one.size, real=True)
    cross = fft.rfft(two, size) * np.conj(fft.rfft(one, size))
    hz = np.arange(cross.size) * sample_rate / size
    inside = (hz > 1.1 * _LOW_HZ) & (hz < 0.9 * _top_hz(sample_rate))
    cross = np.where(inside, cross, 0.0)
    lags = fft.irfft(cross, size)
    whole = int(np.argmax(lags))
    whole -= size if whole > size // 2 else 0
    turns = 2 * np.pi * np.arange(cross.size) / size
    left = cross * np.exp(1j * turns * whole)
    weights, phase = np.abs(left), np.angle(left)
    part = -float(np.sum(weights * turns * phase) / max(np.sum(weights * turns**2), 1e-300))
    return whole + part


def _arrival(sound: FloatArray, first: int, sample_rate: int) -> float:
    """When the first marker's direct sound came, in samples, between them."""
    one = marker(sample_rate)
    begin = max(first - one.size // 8, 0)
    piece = _piece(sound, begin, 2 * one.size)
    whole = deconvolved_by(piece, one, sample_rate)
    heard = whole.between(0.0, whole.end_seconds)
    direct = _first_peak(heard)
    return begin + direct * sample_rate


def _first_peak(impulse: ImpulseResponse) -> float:
    """When the direct sound is largest, seconds: a later reflection may be larger."""
    arrival = impulse.arrival_seconds(-9.0)
    return impulse.between(arrival - 0.002, arrival + 0.0005).peak_seconds
