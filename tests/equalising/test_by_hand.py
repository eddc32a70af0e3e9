"""The equaliser's smaller rules by hand: windows, starts, what is tidy, what is known."""

import numpy as np
import pytest
from scipy import signal

from jolly_parlor.acoustics.filters import peaking
from jolly_parlor.equalising.biquads import (
    analogue,
    digital,
    fir,
    fir_error_db,
    second_order_sections,
)
from jolly_parlor.equalising.curves import Curve, excess_of_impulse, judging_grid, noise_of
from jolly_parlor.equalising.mendable import verdicts
from jolly_parlor.equalising.sections import (
    MOST_DB,
    Correction,
    _Task,
    _tidied,
    correction_db,
    correction_for,
)
from jolly_parlor.placement.chains import Section
from jolly_parlor.placement.judging import Judged
from jolly_parlor.signals.impulse import ImpulseResponse

F = judging_grid(20.0, 320.0)
BAND = Judged(30.0, 300.0)


def curve(*bells: tuple[float, float, float], noise: np.ndarray | None = None) -> Curve:
    """Bells of Hz, dB, Q at every point alike."""
    level = sum(20 * np.log10(np.abs(peaking(F, *bell))) for bell in bells)
    points = dict.fromkeys(("centre", "left", "right"), level)
    return Curve("all alike", ("left",), "measured", BAND, F, points, noise_db=noise)  # type: ignore[arg-type]


def test_taps_are_the_biquads_own_ring_faded_over_the_last_eighth() -> None:
    ringing = [Section(20.0, 12.0, 50.0)]  # still rings when it is cut off
    taps = fir(ringing, 8_000, "minimum")
    assert taps.size == 16_384
    one = np.zeros(taps.size)
    one[0] = 1.0
    ring = signal.sosfilt(second_order_sections(ringing, 8_000), one)
    fall = taps.size // 8
    faded = signal.windows.hann(2 * fall + 1)[fall + 1 :]
    assert taps[:-fall] == pytest.approx(ring[:-fall])
    assert taps[-fall:] == pytest.approx(ring[-fall:] * faded, abs=1e-12)
    assert np.max(np.abs(ring[-fall:])) > 1e-5  # so the fade is seen


def test_a_linear_phase_response_is_alike_on_either_side_of_its_middle() -> None:
    taps = fir([Section(60.0, -9.0, 4.0)], 8_000, "linear")
    middle = taps.size // 2
    assert int(np.argmax(np.abs(taps))) == middle
    reach = taps.size // 2 - 1
    before, after = taps[middle - reach : middle], taps[middle + 1 : middle + 1 + reach]
    assert after == pytest.approx(before[::-1], abs=1e-9)
    assert fir_error_db(taps, [Section(60.0, -9.0, 4.0)], 8_000) < 0.01


def test_how_far_taps_stray_is_looked_at_to_nine_tenths_of_half_the_rate() -> None:
    nothing = np.zeros(4096)
    nothing[0] = 1.0
    section = Section(3_000.0, -6.0, 3.0)
    f = np.linspace(20.0, 3_600.0, 20_000)
    wanted = np.max(np.abs(20 * np.log10(np.abs(digital([section], f, 8_000)))))
    assert fir_error_db(nothing, [section], 8_000) == pytest.approx(wanted, abs=0.01)
    assert fir_error_db(nothing, [Section(10.0, -6.0, 9.0)], 8_000) < 0.1  # below 20 Hz


def test_the_next_section_starts_on_the_highest_hill_with_its_width() -> None:
    of = curve((45.0, 8.0, 4.0), (95.0, 6.5, 6.0), (220.0, 11.0, 4.0))
    task = _Task(of, [v for v in verdicts(of) if v.mendable])
    starts = task._starts([])
    assert [round(s.frequency_hz, -1) for s in starts] == [220.0, 40.0, 90.0]
    off = task.off_db([])
    for start in starts:
        at = int(np.argmin(np.abs(task.at_hz - start.frequency_hz)))
        assert start.gain_db == pytest.approx(-off[at], abs=0.05)
        hill = min(task.hills, key=lambda h: abs(h.feature.frequency_hz - start.frequency_hz))
        wide = max(hill.feature.width_octaves, 1 / 24)
        # Q of a width in octaves: (sqrt 2^N) / (2^N - 1).
        assert start.q == pytest.approx(2 ** (wide / 2) / (2**wide - 1), rel=1e-3)
    left = task._starts([Section(220.0, -11.0, 4.0)])
    assert [round(s.frequency_hz, -1) for s in left] == [40.0, 90.0]


def test_sections_together_are_taken_back_evenly_to_the_deepest_cut() -> None:
    deep = [Section(60.0, -9.04, 2.0), Section(63.0, -6.0, 2.0), Section(200.0, -0.1, 4.0)]
    tidy = _tidied(deep, F)
    deepest = correction_db(tidy, F).min()
    assert -MOST_DB <= deepest < -MOST_DB + 0.25
    taken = 9.0 + tidy[0].gain_db
    assert taken > 0.5 and tidy[1].gain_db == pytest.approx(-6.0 + taken)
    assert tidy[2].gain_db == 0.0  # never a boost
    alone = _tidied([Section(99.96, -5.06, 2.04), Section(99.9, -1.0, 2.0)], F)
    assert [(s.frequency_hz, s.gain_db, s.q) for s in alone] == [(100.0, -5.1, 2.0), (99.9, -1, 2)]
    assert _tidied([Section(123.4, -5.0, 2.0)], F)[0].frequency_hz == 123.0


def test_the_largest_cut_is_of_all_sections_together() -> None:
    of = curve((60.0, 6.0, 4.0))
    sections = (Section(60.0, -4.0, 2.0), Section(62.0, -3.0, 2.0))
    both = Correction(of, (), sections, (1.0, 1.0))
    level = 20 * np.log10(np.abs(analogue(sections, F)))
    assert both.largest_db == pytest.approx(level.min()) and both.largest_db < -6.5
    assert Correction(of, (), (), ()).largest_db == 0.0
    assert [s.gain_db for s in both.at(0.75)] == [-3.0, -2.2]
    assert both.at(0.01) == ()
    half = both.level_db(np.zeros(F.size), 0.5)
    assert half == pytest.approx(correction_db(both.at(0.5), F))


def test_sections_are_told_from_the_lowest_up() -> None:
    found = correction_for(of := curve((150.0, 9.0, 4.0), (60.0, 6.0, 4.0)), verdicts(of))
    hertz = [s.frequency_hz for s in found.sections]
    assert hertz == sorted(hertz) and len(hertz) == 2
    with_all = of.figure(of.mean_db + correction_db(found.sections, F)).value_db
    for n, buys in enumerate(found.buys_db):
        rest = [s for m, s in enumerate(found.sections) if m != n]
        without = of.figure(of.mean_db + correction_db(rest, F)).value_db
        assert buys == pytest.approx(without - with_all, abs=0.05)


def test_how_far_above_the_noise_and_how_unlike_over_the_head() -> None:
    noise = np.linspace(-20.0, -10.0, F.size)
    of = curve((60.0, 6.0, 4.0), noise=noise)
    at = float(F[100])
    assert of.above_noise_db(at) == pytest.approx(of.mean_db[100] - noise[100])
    assert curve((60.0, 6.0, 4.0)).above_noise_db(60.0) is None
    flat = np.zeros(F.size)
    apart = Curve("one", ("left",), "measured", BAND, F, {"a": flat, "b": flat + 4.0, "c": flat})
    assert apart.spread_db(80.0) == pytest.approx(np.std([0.0, 4.0, 0.0]))


def test_excess_delay_is_looked_at_from_10_hz_to_twice_what_is_judged() -> None:
    rng = np.random.default_rng(2)
    samples = np.zeros(8_000)
    samples[400:1400] = rng.standard_normal(1000) * np.exp(-np.arange(1000) / 100)
    made = ImpulseResponse(samples, 4_000)
    low = excess_of_impulse(made, 300.0).frequencies_hz
    assert (low[0], low[-1]) == (10.0, 599.5)
    assert excess_of_impulse(made, 1_500.0).frequencies_hz[-1] == 1_799.5


def test_noise_is_taken_from_the_last_fifth() -> None:
    rng = np.random.default_rng(1)
    samples = np.zeros(20_000)
    samples[16_000:] = rng.standard_normal(4_000)
    whole = noise_of(ImpulseResponse(samples, 8_000), np.array([100.0, 1_000.0, 3_000.0]))
    # White noise of power 1 a sample has the power of its length at every frequency.
    assert whole == pytest.approx(10 * np.log10(20_000), abs=1.5)
    samples[:15_999] = 100.0 * rng.standard_normal(15_999)
    again = noise_of(ImpulseResponse(samples, 8_000), np.array([100.0, 1_000.0, 3_000.0]))
    assert again == pytest.approx(whole)
