"""Two clocks: what a recorder of another rate and start has heard comes back on the player's."""

import numpy as np
import pytest
from scipy import signal

from jolly_parlor.signals.clocks import Marked, NoMarker, marker, stretched, timed
from jolly_parlor.signals.impulse import deconvolved
from jolly_parlor.signals.sweep import Sweep
from other_clocks import RATE, recorded, room

SWEEP = Sweep(seconds=1.0)


def played(by: np.ndarray | None = None, noise: float = 0.0, seed: int = 1) -> np.ndarray:
    marked = Marked(SWEEP.samples().size + RATE, RATE)
    out = 0.2 * (marked.markers() + marked.around(SWEEP.samples()))
    out = out if by is None else signal.fftconvolve(out, by)
    return out + noise * np.random.default_rng(seed).standard_normal(out.size)


MARKED = Marked(SWEEP.samples().size + RATE, RATE)


@pytest.mark.parametrize("parts", [-500, -200, -20, 20, 120, 500])
def test_drift_is_found_within_one_in_a_million(parts: int) -> None:
    heard = recorded(played(room(), 1e-4), parts * 1e-6, 0.0371)
    assert timed(heard, RATE, MARKED).drift * 1e6 == pytest.approx(parts, abs=0.1)


@pytest.mark.parametrize("rate", [44_100, 96_000])
def test_a_recorder_of_another_rate(rate: int) -> None:
    heard = recorded(played(room(), 1e-4), 120e-6, 0.0371, rate)
    assert timed(heard, rate, MARKED).drift * 1e6 == pytest.approx(120, abs=0.3)


def test_a_known_filter_comes_back() -> None:
    """Within 0.1 dB and 5 degrees from 20 Hz to 20 kHz: the marker goes another way."""
    b, a = signal.butter(2, [60, 9000], btype="bandpass", fs=RATE)
    marked = MARKED
    sound = signal.lfilter(b, a, marked.around(SWEEP.samples()))
    out = 0.2 * (marked.markers() + sound)
    found = timed(recorded(out, 120e-6, 0.0371), RATE, marked).samples[marked.begins :]
    f = np.geomspace(20, 19_000, 200)
    impulse = deconvolved(found[: marked.sound], SWEEP)
    ratio = impulse.pressure(f) / (0.2 * signal.freqz(b, a, f, fs=RATE)[1])
    ratio /= deconvolved(np.pad(SWEEP.samples(), (0, RATE)), SWEEP).pressure(f)
    assert np.max(np.abs(20 * np.log10(np.abs(ratio)))) < 0.1
    assert np.max(np.abs(np.degrees(np.angle(ratio)))) < 5


def test_takes_of_one_set_keep_one_reference() -> None:
    """Ten with other starts, drifts and noise: within 20 microseconds of each other."""
    by, starts = room(), []
    for seed in range(10):
        drift = (-80 + 30 * seed) * 1e-6
        heard = recorded(played(by, 3e-4, seed), drift, 0.02 + 0.013 * seed)
        whole = timed(heard, RATE, MARKED).samples
        template = np.zeros(MARKED.size)
        template[: MARKED.size] = played()[: MARKED.size]
        lags = signal.correlate(whole, template, "full", "fft")
        at = int(np.argmax(lags))
        bend = lags[at - 1] - 2 * lags[at] + lags[at + 1]
        starts.append(at + 0.5 * (lags[at - 1] - lags[at + 1]) / bend)
    assert np.ptp(starts) / RATE < 20e-6


def test_what_is_not_there_is_refused_with_what_is() -> None:
    noise = 0.01 * np.random.default_rng(0).standard_normal(8 * RATE)
    with pytest.raises(NoMarker, match="No marker could be told"):
        timed(noise, RATE, MARKED)
    one = noise.copy()
    one[RATE : RATE + marker(RATE).size] += 0.2 * marker(RATE)
    with pytest.raises(NoMarker, match="Only one marker"):
        timed(one, RATE, MARKED)
    lost = recorded(played(room(), 1e-4), 0.0, 0.02)
    lost = np.delete(lost, slice(2 * RATE, 2 * RATE + 1024))  # a dropped block
    with pytest.raises(NoMarker, match=r"are 3\.179 s apart, not 3\.200 s"):
        timed(lost, RATE, MARKED)
    with pytest.raises(NoMarker, match=r"lasts 2\.0 s"):
        timed(noise[: 2 * RATE], RATE, MARKED)


def test_stretching_keeps_what_a_tone_is() -> None:
    t = np.arange(RATE) / RATE
    tone = np.sin(2 * np.pi * 1000 * t) * np.hanning(RATE)
    longer = stretched(tone, 1 + 250e-6)
    at = np.arange(RATE) / RATE / (1 + 250e-6)
    exact = np.sin(2 * np.pi * 1000 * at) * np.interp(at, t, np.hanning(RATE))
    assert np.max(np.abs(longer[:RATE] - exact)) < 2e-6
