"""Gates, single resonances and fading, against sounds whose answer is known by construction."""

import numpy as np
import pytest

from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.refused import Refused
from jolly_parlor.signals.analysis import Look, telling
from jolly_parlor.signals.fading import FALLS_DB, fading
from jolly_parlor.signals.gating import Gates, pressure_within
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.ringing import rings

RATE = 48000
MODES = ((30.5, 0.90, 1.0), (45.0, 0.50, 0.6), (48.5, 0.70, 0.5), (71.0, 0.40, 0.8))


def _ringing(noise: float = 0.0) -> ImpulseResponse:
    """A click at 0.2 s and four damped sinusoids from there on."""
    t = np.arange(round(1.3 * RATE)) / RATE
    on, after = t >= 0.2, np.maximum(t - 0.2, 0.0)
    h = noise * np.random.default_rng(4).normal(size=t.size)
    for f, seconds, size in MODES:
        h += on * size * 10 ** (-3 * after / seconds) * np.sin(2 * np.pi * f * after + 1.0)
    h[round(0.2 * RATE)] += 20.0
    return ImpulseResponse(h, RATE)


@pytest.mark.parametrize(("noise", "share"), [(0.0, 0.001), (0.003, 0.01)])
def test_damped_sinusoids_come_back_with_frequency_and_decay(noise: float, share: float) -> None:
    # Two of them stand 3.5 Hz apart, closer than a third-octave filter could tell.
    found = rings(_ringing(noise))
    assert [r.frequency_hz for r in found] == pytest.approx([m[0] for m in MODES], abs=0.05)
    assert [r.seconds for r in found] == pytest.approx([m[1] for m in MODES], rel=share)
    assert found[0].level_db == 0.0
    assert all(r.range_db > 10 for r in found)


def test_noise_alone_rings_nowhere_and_wrong_bands_are_refused() -> None:
    rng = np.random.default_rng(2)
    assert rings(ImpulseResponse(rng.normal(size=2 * RATE), RATE)) == []
    with pytest.raises(ValueError, match="between 0 and 200"):
        rings(_ringing(), 20.0, 400.0)


def test_fading_of_an_exponential_takes_the_time_its_decay_says() -> None:
    t = np.arange(2 * RATE) / RATE
    tail = np.sin(2 * np.pi * 150.0 * t) * 10 ** (-3 * t / 0.8)
    told = fading(ImpulseResponse(np.concatenate([np.zeros(RATE // 5), tail]), RATE))
    there = int(np.argmin(np.abs(told.frequencies_hz - 150.0)))
    expected = [0.8 * fall / 60 for fall in FALLS_DB]
    assert told.seconds[:, there] == pytest.approx(expected, abs=0.012)


def test_fading_leaves_gaps_where_noise_hides_it() -> None:
    rng = np.random.default_rng(8)
    t = np.arange(2 * RATE) / RATE
    h = rng.normal(size=t.size) * (10 ** (-3 * t / 0.8) + 0.1)
    told = fading(ImpulseResponse(h, RATE))
    assert np.all(np.isnan(told.seconds[FALLS_DB.index(30.0)]))


def test_a_window_in_cycles_keeps_a_late_echo_at_low_frequencies_only() -> None:
    h = np.zeros(RATE)
    h[4800] = 1.0
    h[4800 + 960] = 0.5  # 20 ms later
    impulse = ImpulseResponse(h, RATE)
    f = np.array([25.0, 2000.0])
    both = np.abs(1 + 0.5 * np.exp(-2j * np.pi * f * 0.02))
    found = np.abs(pressure_within(impulse, Gates(cycles=6.0), f))
    # 6 cycles are 240 ms at 25 Hz, where the echo counts whole, and 3 ms at 2 kHz.
    assert found == pytest.approx([both[0], 1.0], abs=1e-6)
    gated = np.abs(pressure_within(impulse, Gates(right_ms=10.0), f))
    assert gated == pytest.approx([1.0, 1.0], abs=0.01)


@pytest.mark.parametrize(
    "gates", [Gates(left_ms=0.0), Gates(right_ms=5000.0), Gates(cycles=0.2), Gates(right_ms=-1)]
)
def test_gates_that_cannot_be_are_refused_in_words(gates: Gates) -> None:
    assert gates.problem.endswith(("ms.", "cycles."))
    with pytest.raises(Refused, match="goes from"):
        pressure_within(_ringing(), gates, np.array([100.0]))


def test_excess_phase_is_zero_for_a_filter_and_not_for_an_echo_that_cancels() -> None:
    # A minimum-phase low-pass after a delay has no phase beyond its own; a later sound that is
    # stronger than the first one has.
    from scipy import signal

    click = np.zeros(RATE)
    click[2400] = 1.0
    b, a = signal.butter(1, 300.0, fs=RATE)
    plain = telling(ImpulseResponse(signal.lfilter(b, a, click), RATE))
    away = np.abs(plain.excess_phase_deg)
    assert np.max(np.minimum(away, 360 - away)) < 3.0
    late = click.copy()
    late[2400 + 144] = 1.5
    assert np.ptp(telling(ImpulseResponse(late, RATE)).excess_phase_deg) > 180.0


def test_more_smoothing_makes_a_calmer_line() -> None:
    rough = [
        np.std(np.diff(telling(_ringing(0.01), Look(per_octave=n)).level_db)) for n in (1, 6, 48)
    ]
    assert rough[0] < rough[1] < rough[2]
    told = telling(_ringing(), Look(Gates(cycles=8.0)))
    assert told.level_hz[0] == pytest.approx(log_grid(20.0, 20000.0, 48)[0])
