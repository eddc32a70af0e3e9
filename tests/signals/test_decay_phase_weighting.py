"""Decay, phase, calibration and weighting against synthetic truth and published tables."""

from functools import partial
from pathlib import Path

import numpy as np
import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st
from scipy import signal

from certain import made_or_refused, some
from how_many import cases
from jolly_parlor.signals.calibration import read_calibration
from jolly_parlor.signals.decay import Decay, decay_of_samples, decays, third_octave_midbands
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.phase import excess_phase_deg, group_delay_seconds, minimum_phase_deg
from jolly_parlor.signals.reading import ResponseFileError
from jolly_parlor.signals.weighting import a_weighting_db, hours_allowed

RATE = 8000
_FUZZ = settings(
    max_examples=cases(40),
    suppress_health_check=[HealthCheck.function_scoped_fixture, HealthCheck.too_slow],
)


@pytest.mark.parametrize("seconds", [0.3, 0.6, 1.2])
def test_a_synthetic_exponential_decays_as_made(seconds: float) -> None:
    t = np.arange(int(2.5 * RATE)) / RATE
    rng = np.random.default_rng(4)
    made = rng.normal(size=t.size) * 10 ** (-3 * t / seconds)
    smooth = 10 ** (-3 * t / seconds)  # without the randomness of noise
    assert decay_of_samples(smooth, RATE).seconds == pytest.approx(seconds, rel=0.01)
    assert decay_of_samples(made, RATE).seconds == pytest.approx(seconds, rel=0.08)


def test_noise_bounds_the_range_and_the_answer_says_so() -> None:
    t = np.arange(2 * RATE) / RATE
    rng = np.random.default_rng(5)
    clean = np.sin(2 * np.pi * 100 * t) * 10 ** (-3 * t / 0.5)

    def under(noise_db: float) -> Decay:
        noise = 10 ** (noise_db / 20) * rng.normal(size=t.size) / np.sqrt(2)
        return decay_of_samples(clean + noise, RATE)

    for noise_db, kinds in ((-60, {"T30"}), (-43, {"T20", "T30"})):
        found = under(noise_db)
        assert found.kind in kinds
        assert found.seconds == pytest.approx(0.5, rel=0.08)
    lost = under(-12)
    assert lost.kind == "" and lost.seconds is None and "above the noise" in lost.words


def test_bands_ring_each_for_their_own_time() -> None:
    t = np.arange(3 * RATE) / RATE
    h = np.sin(2 * np.pi * 40 * t) * 10 ** (-3 * t / 1.4)
    h += np.sin(2 * np.pi * 500 * t) * 10 ** (-3 * t / 0.4)
    by_band = {round(d.midband_hz): d for d in decays(ImpulseResponse(h, RATE), 31, 1000)}
    assert by_band[40].seconds == pytest.approx(1.4, rel=0.05)
    assert by_band[501].seconds == pytest.approx(0.4, rel=0.05)


def test_third_octaves_are_those_of_the_standard() -> None:
    """IEC 61260-1 exact mid-bands beside their ISO 266 nominal names."""
    nominal = [25, 31.5, 40, 50, 63, 80, 100, 125, 160, 200, 250, 315, 400, 500, 630, 800, 1000]
    exact = third_octave_midbands(25, 1000)
    assert len(exact) == len(nominal)
    assert np.allclose(exact, nominal, rtol=0.02)
    assert exact[-1] == pytest.approx(1000.0)


def test_minimum_phase_of_a_minimum_phase_filter_is_its_own() -> None:
    f = np.fft.rfftfreq(1 << 15, 1 / RATE)
    b, a = signal.iirpeak(300.0, 2.0, fs=RATE)
    b = np.convolve(b, [1, 0.2])
    b[0] += 1.0
    _, h = signal.freqz(b, a, f[1:-1], fs=RATE)
    zeros_inside = np.all(np.abs(np.roots(b)) < 1)
    assert zeros_inside
    whole = np.concatenate([[h[0]], h, [h[-1]]])
    level = 20 * np.log10(np.abs(whole))
    found = minimum_phase_deg(level)
    inside = (f > 30) & (f < 3500)
    assert np.max(np.abs(found - np.degrees(np.angle(whole)))[inside]) < 1.0
    late = whole * np.exp(-2j * np.pi * f * 0.004)
    excess = excess_phase_deg(level, np.degrees(np.angle(late)))
    slope = np.polyfit(f[inside], excess[inside], 1)[0]
    assert -slope / 360 == pytest.approx(0.004, rel=0.01)


def test_group_delay_of_a_pure_delay() -> None:
    f = np.linspace(50, 500, 200)
    phase = np.degrees(np.angle(np.exp(-2j * np.pi * f * 0.003)))
    assert np.allclose(group_delay_seconds(f, phase), 0.003)


def test_a_weighting_is_the_standards_table() -> None:
    """IEC 61672-1, table 3, rounded to a tenth; nominal frequencies."""
    table = {31.5: -39.4, 63: -26.2, 125: -16.1, 250: -8.6, 500: -3.2, 1000: 0.0, 2000: 1.2,
             4000: 1.0, 8000: -1.1}  # fmt: skip
    exact = {f: 1000 * 10 ** (0.1 * round(10 * np.log10(f / 1000))) for f in table}
    for nominal, expected in some(table.items()):
        assert a_weighting_db(np.array([exact[nominal]]))[0] == pytest.approx(expected, abs=0.06)


def test_exposure_halves_with_three_decibels() -> None:
    """NIOSH 1998: 8 h at 85 dB(A), 4 h at 88, 1 h at 94."""
    assert hours_allowed(85) == 8
    assert hours_allowed(88) == pytest.approx(4)
    assert hours_allowed(94) == pytest.approx(1)


def test_a_calibration_is_read_with_and_without_phase_and_sensitivity(tmp_path: Path) -> None:
    plain = tmp_path / "mic.txt"
    plain.write_text('"Sens Factor =-1.2dB, SERNO: 000"\n20\t-1.0\n100 \t0.0\n1000\t0.5\n')
    found = read_calibration(plain)
    assert found.phase_deg is None and "-1.2" in found.sensitivity
    assert 20 * np.log10(abs(found.factor(np.array([10.0, 20.0])))) == pytest.approx([-1, -1])
    with_phase = tmp_path / "phase.txt"
    with_phase.write_text("* made up\n20 -3 40\n200 0 10\n2000 1 0\n")
    factor = read_calibration(with_phase).factor(np.array([20.0]))
    assert np.degrees(np.angle(factor))[0] == pytest.approx(40)


@pytest.mark.parametrize(
    ("text", "says"),
    [
        ("nothing here\n", "fewer than two lines"),
        ("20 90\n100 95\n", "line 2: a microphone that is 95 dB off"),
        ("20 zero\n", "line 1: the level “zero” is not a number"),
    ],
)
def test_what_is_no_calibration_is_refused(tmp_path: Path, text: str, says: str) -> None:
    path = tmp_path / "mic.txt"
    path.write_text(text)
    with pytest.raises(ResponseFileError, match=says):
        read_calibration(path)


@given(st.one_of(st.binary(max_size=300), st.text(max_size=300).map(str.encode)))
@settings(
    max_examples=cases(40),
    suppress_health_check=[HealthCheck.function_scoped_fixture, HealthCheck.too_slow],
)
def test_no_calibration_file_raises_anything_but_a_refusal(tmp_path: Path, data: bytes) -> None:
    path = tmp_path / "mic.txt"
    path.write_bytes(data)
    read = partial(read_calibration, path)
    found = made_or_refused(read, ResponseFileError, lambda words: "mic.txt" in words)
    assert found is None or np.all(np.isfinite(found.factor(np.array([50.0, 5000.0]))))


@given(line=st.integers(0, 89), column=st.integers(0, 12), letter=st.characters(codec="ascii"))
@settings(
    max_examples=cases(40),
    suppress_health_check=[HealthCheck.function_scoped_fixture, HealthCheck.too_slow],
)
def test_a_mutated_calibration_is_read_or_refused_by_line(
    tmp_path: Path, line: int, column: int, letter: str
) -> None:
    f = np.geomspace(10, 20000, 90)
    lines = [f"{hz:.2f}\t{np.sin(hz / 999):.2f}" for hz in f]
    lines[line] = lines[line][:column] + letter + lines[line][column + 1 :]
    path = tmp_path / "mic.txt"
    path.write_text("\n".join(lines) + "\n", newline="")
    read = partial(read_calibration, path)
    found = made_or_refused(read, ResponseFileError, lambda words: "mic.txt, line" in words)
    assert found is None or len(found.frequencies_hz) >= 85
