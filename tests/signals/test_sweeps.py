"""Sweep and deconvolution against scipy's filters, known distortion and known delays."""

import numpy as np
import pytest
from scipy import signal

from jolly_parlor.refused import Refused
from jolly_parlor.signals.impulse import ImpulseResponse, deconvolved, distortion_db, linear_part
from jolly_parlor.signals.sweep import Sweep

RATE = 48000
SWEEP = Sweep(seconds=3.0)
BAND = np.geomspace(20.0, 15000.0, 200)


def _recorded(played: np.ndarray, late: int = 480) -> np.ndarray:
    return np.concatenate([np.zeros(late), played, np.zeros(RATE)])


def test_the_sweep_rises_by_equal_octaves_in_equal_times() -> None:
    x = Sweep(low_hz=20, high_hz=2000, seconds=2.0).samples()
    # Frequency from the distance of rising zero crossings, at a quarter and three quarters.
    rising = np.flatnonzero((x[:-1] < 0) & (x[1:] >= 0))
    exact = rising - x[rising] / (x[rising + 1] - x[rising])
    hz = RATE / np.diff(exact)
    at = (exact[:-1] + exact[1:]) / 2 / RATE
    for t in (0.5, 1.0, 1.5):
        expected = 20 * 100 ** (t / 2)
        assert np.interp(t, at, hz) == pytest.approx(expected, rel=0.01)
    assert np.max(np.abs(x)) <= 1.0
    assert abs(x[0]) < 1e-6 and abs(x[-1]) < 1e-2


@pytest.mark.parametrize(
    "coefficients",
    [
        signal.butter(2, 60.0, "highpass", fs=RATE),
        signal.butter(3, [80.0, 4000.0], "bandpass", fs=RATE),
        signal.iirpeak(120.0, 4.0, fs=RATE),
    ],
)
def test_a_known_filter_comes_back(coefficients: tuple[np.ndarray, np.ndarray]) -> None:
    b, a = coefficients
    heard = signal.lfilter(b, a, _recorded(SWEEP.samples()))
    found = linear_part(deconvolved(heard, SWEEP), SWEEP).response(BAND)
    _, expected = signal.freqz(b, a, BAND, fs=RATE)
    level = 20 * np.log10(np.abs(expected))
    clear = level > -40
    assert np.max(np.abs(found.level_db - level)[clear]) < 0.05


def test_distortion_is_found_at_its_order_and_level() -> None:
    """y = x + a x^2 puts a/2 at twice the frequency; y = x + b x^3 puts b/4 at three times it."""
    x = _recorded(SWEEP.samples())
    f = np.array([100.0, 300.0, 1000.0])
    second = deconvolved(x + 0.02 * x**2, SWEEP)
    assert distortion_db(second, SWEEP, 2, f) == pytest.approx(20 * np.log10(0.01), abs=0.3)
    none = distortion_db(second, SWEEP, 3, f)
    assert np.all(np.isnan(none) | (none < -70))
    third = deconvolved(x + 0.04 * x**3, SWEEP)
    linear = 1 + 0.75 * 0.04
    expected = 20 * np.log10(0.01 / linear)
    assert distortion_db(third, SWEEP, 3, f) == pytest.approx(expected, abs=0.3)
    assert np.isnan(distortion_db(second, SWEEP, 2, np.array([15000.0])))


def test_the_linear_part_is_free_of_distortion() -> None:
    x = _recorded(SWEEP.samples())
    clean = linear_part(deconvolved(x, SWEEP), SWEEP).response(BAND).level_db
    bent = linear_part(deconvolved(x + 0.03 * x**2, SWEEP), SWEEP).response(BAND).level_db
    inside = BAND > 40
    assert np.max(np.abs(clean - bent)[inside]) < 0.2


@pytest.mark.parametrize("late", [0.0, 0.25, 0.5, 123.4, 480.9])
def test_two_channels_are_timed_within_a_tenth_of_a_sample(late: float) -> None:
    x = _recorded(SWEEP.samples(), 100)
    bins = np.fft.rfftfreq(x.size)
    shifted = np.fft.irfft(np.fft.rfft(x) * np.exp(-2j * np.pi * bins * late), x.size)
    reference = deconvolved(x, SWEEP).between(0, 1).peak_seconds
    other = deconvolved(shifted, SWEEP).between(0, 1).peak_seconds
    assert (other - reference) * RATE == pytest.approx(late, abs=0.1)


def test_gates_keep_what_lies_between_them() -> None:
    h = np.zeros(9600)
    h[480], h[2400] = 1.0, 0.5
    ir = ImpulseResponse(h, RATE)
    assert ir.arrival_seconds() == pytest.approx(0.01)
    short = ir.gated(0.002, 0.02)
    assert short.samples.max() == pytest.approx(1.0)
    assert np.sum(np.abs(short.samples)) == pytest.approx(1.0)  # the echo at 50 ms is gone
    assert np.sum(np.abs(ir.gated(0.002, 0.09).samples)) == pytest.approx(1.5)
    with pytest.raises(Refused, match="longer than zero"):
        ir.gated(0.0, 0.1)


def test_phase_counts_from_the_start_of_the_sweep() -> None:
    h = np.zeros(9600)
    h[960] = 2.0
    f = np.array([50.0, 120.0, 333.0])
    p = ImpulseResponse(h, RATE, start_seconds=-0.005).pressure(f)
    assert np.allclose(p, 2 * np.exp(-2j * np.pi * f * 0.015), atol=1e-6)


@pytest.mark.parametrize(
    ("change", "says"),
    [
        ({"low_hz": 900.0, "high_hz": 1000.0}, "less than an octave"),
        ({"sample_rate": 32000}, "needs a sample rate"),
        ({"seconds": 0.5, "fade_in_seconds": 0.3}, "more than half"),
    ],
)
def test_a_sweep_that_cannot_be_is_refused(change: dict[str, float], says: str) -> None:
    with pytest.raises(Refused, match=says):
        Sweep(**change).samples()  # type: ignore[arg-type]


def test_a_recording_that_ends_too_early_is_refused() -> None:
    with pytest.raises(Refused, match="Record to the end"):
        deconvolved(np.zeros(RATE), SWEEP)


def test_the_sweep_agrees_with_a_general_purpose_acoustics_library() -> None:
    library = pytest.importorskip("pyroomacoustics.experimental.signals")
    own = Sweep(20.0, 8000.0, 2.0, 16000, fade_in_seconds=0.01, fade_out_seconds=0.01).samples()
    theirs = library.exponential_sweep(2.0, 16000, f_lo=20.0, f_hi=8000.0, ascending=True)
    whole = slice(400, -400)  # between the fades
    assert np.max(np.abs(own[whole] - theirs[whole])) < 1e-6
