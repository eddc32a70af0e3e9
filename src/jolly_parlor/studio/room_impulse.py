"""A room's impulse response in the time domain, by image sources and octave bands.

Not the forecast's model: reflections are taken one by one with energy coefficients that do not
depend on the angle, and clutter blurs the later ones. It stands in for a real room.
"""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import OCTAVE_BANDS_HZ
from jolly_parlor.acoustics.geometry.room import Point

RENDERED_SECONDS, FADE_SECONDS = 0.7, 0.25
_CLUTTER_SECONDS = 6e-5
"""How far a reflection is displaced in time for each bounce, root mean square."""


@dataclass(frozen=True, eq=False)
class TrueRoom:
    """The room as it really is."""

    dimensions: FloatArray
    absorption: FloatArray
    """(6 surfaces, 7 octave bands), as energy lost at each bounce."""
    speed_of_sound: float
    seed: int


def impulse_response(
    room: TrueRoom, source: Point, microphone: Point, sample_rate: int
) -> FloatArray:
    """Pressure at the microphone per unit source (1 at 1 m in the free field), (samples,)."""
    reach = RENDERED_SECONDS * room.speed_of_sound
    delays, amplitudes = _images(room, source.array(), microphone.array(), reach)
    count = round(RENDERED_SECONDS * sample_rate) + 1
    size = 1 << int(np.ceil(np.log2(2 * count)))
    at = delays * sample_rate
    whole = np.floor(at).astype(int)
    inside = whole < count - 1
    whole, share = whole[inside], (at - np.floor(at))[inside]
    spectrum = np.zeros(size // 2 + 1, dtype=complex)
    f: FloatArray = np.fft.rfftfreq(size, 1 / sample_rate).astype(np.float64)
    for band, weight in enumerate(_band_weights(f)):
        level = amplitudes[inside, band]
        train = np.bincount(whole, level * (1 - share), count)
        train += np.bincount(whole + 1, level * share, count)
        spectrum += weight * np.fft.rfft(train, size)
    rendered = np.fft.irfft(spectrum, size)[:count]
    # Images that all push the same way leave a slow pressure behind; ending it at once would click.
    fade_out(rendered, round(FADE_SECONDS * sample_rate))
    return np.asarray(rendered)


def fade_out(samples: FloatArray, count: int) -> None:
    """Let the last so many of (..., samples) fall to nothing, in place, as half a raised cosine."""
    samples[..., -count:] *= 0.5 + 0.5 * np.cos(np.pi * np.arange(count) / count)


def _images(
    room: TrueRoom, source: FloatArray, ear: FloatArray, reach: float
) -> tuple[FloatArray, FloatArray]:
    """Delays (images,) and amplitudes (images, bands) of all images within reach."""
    keep = np.sqrt(1.0 - room.absorption)
    axes = []
    for axis, size in enumerate(room.dimensions):
        most = int(np.ceil(reach / (2 * size))) + 1
        n = np.repeat(np.arange(-most, most + 1), 2)
        u = np.tile([0, 1], 2 * most + 1)
        away = 2 * n * size + (1 - 2 * u) * source[axis] - ear[axis]
        near, far = np.abs(n - u), np.abs(n)
        lost = keep[2 * axis] ** near[:, None] * keep[2 * axis + 1] ** far[:, None]
        axes.append((away, near + far, lost))
    (x, hx, lx), (y, hy, ly), (z, hz, lz) = axes
    plane = x[:, None] ** 2 + y[None, :] ** 2
    ix, iy = np.nonzero(plane <= reach**2)
    flat = plane[ix, iy]
    distance2 = flat[:, None] + z[None, :] ** 2
    row, iz = np.nonzero(distance2 <= reach**2)
    r = np.sqrt(distance2[row, iz])
    hits = hx[ix[row]] + hy[iy[row]] + hz[iz]
    amplitude = lx[ix[row]] * ly[iy[row]] * lz[iz] / np.maximum(r, 0.05)[:, None]
    jitter = np.random.default_rng(room.seed).normal(size=r.size) * np.sqrt(hits)
    delays = r / room.speed_of_sound + np.where(hits > 1, _CLUTTER_SECONDS * jitter, 0.0)
    return np.maximum(delays, 0.0), amplitude


def _band_weights(f: FloatArray) -> list[FloatArray]:
    """Octave-band filters that add up to one everywhere: raised cosines over log frequency."""
    at = np.log2(np.maximum(f, 1e-3))
    centres = np.log2(OCTAVE_BANDS_HZ)
    weights = []
    for index, centre in enumerate(centres):
        w = np.clip(1 - np.abs(at - centre), 0.0, 1.0)
        if index == 0:
            w = np.where(at < centre, 1.0, w)
        if index == centres.size - 1:
            w = np.where(at > centre, 1.0, w)
        weights.append(w)
    total = np.sum(weights, axis=0)
    return [w / total for w in weights]
