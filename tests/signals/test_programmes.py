"""Signals for listening: pink noise against its tolerance, tones against their notes, no clicks."""

import io

import numpy as np
import pytest
from scipy import signal as scipy_signal

from jolly_parlor.acoustics.bands import band_edges_hz, log_grid
from jolly_parlor.refused import Refused
from jolly_parlor.signals.noise import PINK_TOLERANCE_DB, band_noise, pink_noise
from jolly_parlor.signals.programme import PROGRAMMES, programme
from jolly_parlor.signals.tones import (
    SlowSweep,
    note_hz,
    note_name,
    notes_between,
    stepped_tones,
)
from jolly_parlor.signals.wav import read_wav, wav_to_hear

RATE = 48000


def test_pink_noise_has_equal_power_in_every_third_octave_within_its_tolerance() -> None:
    """By Welch's method (SciPy), over third octaves of IEC 61260-1."""
    noise = pink_noise(20.0, RATE)
    f, power = scipy_signal.welch(noise, RATE, nperseg=1 << 16)
    levels = []
    centres = log_grid(25.0, 16_000.0, 3)
    for low, high in zip(*band_edges_hz(centres, 3), strict=True):
        inside = (f >= low) & (f < high)
        # Edges fall between lines of the analysis: taken as the mean density over the band.
        density = np.mean(power[inside] * f[inside])
        levels.append(10 * np.log10(density))
    assert np.max(np.abs(np.array(levels) - np.mean(levels))) <= PINK_TOLERANCE_DB
    slope = np.polyfit(np.log2(f[50:20000]), 10 * np.log10(power[50:20000]), 1)[0]
    assert slope == pytest.approx(-3.01, abs=0.1)


def test_band_noise_stays_in_its_band() -> None:
    noise = band_noise(4.0, RATE, 500.0, 2000.0)
    spectrum = np.abs(np.fft.rfft(noise)) ** 2
    f = np.fft.rfftfreq(noise.size, 1 / RATE)
    outside = spectrum[(f < 499) | (f > 2001)].sum()
    assert outside < 1e-12 * spectrum.sum()


@pytest.mark.parametrize(
    ("name", "hertz"),
    [("A4", 440.0), ("A1", 55.0), ("E1", 41.2034), ("C4", 261.6256), ("Bb2", 116.5409)],
)
def test_notes_are_where_equal_temperament_puts_them(name: str, hertz: float) -> None:
    """ISO 16: A4 is 440 Hz; the others are 440 · 2^(n/12), recomputed."""
    assert note_hz(name) == pytest.approx(hertz, abs=1e-3)


def test_notes_have_their_names_and_nonsense_is_refused() -> None:
    assert notes_between("E1", "A1") == ["E1", "F1", "F#1", "G1", "G#1", "A1"]
    assert note_name(43.0) == "F1" and note_name(440.0) == "A4"
    with pytest.raises(Refused, match="no note"):
        note_hz("H2")


def test_stepped_tones_sound_at_their_notes_and_begin_softly() -> None:
    tones = stepped_tones(RATE)
    names = notes_between("E1", "E3")
    assert tones.size == len(names) * RATE
    for index, name in enumerate(names):
        part = tones[index * RATE : (index + 1) * RATE]
        crossings = np.flatnonzero((part[:-1] < 0) & (part[1:] >= 0))
        cycles = (crossings[-1] - crossings[0]) / RATE
        assert (crossings.size - 1) / cycles == pytest.approx(note_hz(name), rel=2e-3)
        assert abs(part[0]) < 1e-3 and abs(part[-1]) < 1e-3


def test_the_slow_sweep_is_where_it_says() -> None:
    sweep = SlowSweep()
    assert sweep.hertz_at(0) == 25.0 and sweep.hertz_at(50) == pytest.approx(250.0)
    assert sweep.seconds_at(sweep.hertz_at(17.0)) == pytest.approx(17.0)
    sound = sweep.samples(8000)
    phase = np.unwrap(np.angle(scipy_signal.hilbert(sound)))
    at = round(20.0 * 8000)
    heard = (phase[at + 200] - phase[at - 200]) / (2 * np.pi) / (400 / 8000)
    assert heard == pytest.approx(sweep.hertz_at(20.0), rel=0.01)


@pytest.mark.parametrize("name", list(PROGRAMMES))
def test_every_signal_is_whole_level_and_without_clicks(name: str) -> None:
    made = programme(name).samples(RATE)
    assert made.ndim == 2 and made.shape[1] == 2 and made.shape[0] > 2 * RATE
    assert np.max(np.abs(made)) == pytest.approx(0.891, abs=1e-6)
    assert np.all(np.isfinite(made))
    loops = name in ("pink", "band", "mono", "reversed")  # noise does; the others begin in silence
    assert loops or np.max(np.abs(made[[0, -1]])) < 0.02
    again, rate = read_wav(io.BytesIO(wav_to_hear(made, RATE)), name)
    assert rate == RATE and np.max(np.abs(again - made)) < 2**-22


def test_one_side_is_reversed_on_purpose_and_the_rest_is_alike() -> None:
    reversed_ = programme("reversed").samples(RATE)
    assert np.array_equal(reversed_[:, 0], -reversed_[:, 1])
    mono = programme("mono").samples(RATE)
    assert np.array_equal(mono[:, 0], mono[:, 1])
    piece = programme("piece").samples(RATE)
    assert not np.array_equal(piece[:, 0], piece[:, 1])


def test_noise_can_be_looped_without_a_seam() -> None:
    noise = pink_noise(4.0, RATE)
    steps = np.abs(np.diff(noise))
    assert abs(noise[0] - noise[-1]) <= steps.max()


@pytest.mark.parametrize(
    ("name", "wanted", "why"),
    [
        ("bass", {"seconds": 4.0}, "as it is"),
        ("pink", {"low_hz": 40.0}, "no range"),
        ("pink", {"seconds": 0.0}, "cannot be"),
        ("band", {"low_hz": 900.0, "high_hz": 300.0}, "must rise"),
        ("sweep", {"high_hz": float("nan")}, "must rise"),
    ],
)
def test_what_a_signal_cannot_be_is_refused(name: str, wanted: dict[str, float], why: str) -> None:
    with pytest.raises(Refused, match=why):
        programme(name).asked(**wanted)
    with pytest.raises(Refused, match="no signal"):
        programme("whale")
