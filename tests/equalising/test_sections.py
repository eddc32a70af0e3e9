"""The equaliser's heart: filters against SciPy, what is mended and what is refused on curves whose
nature is known because they were made here.
"""

import numpy as np
import pytest
from scipy import signal

from certain import some
from jolly_parlor.acoustics.filters import peaking
from jolly_parlor.equalising.biquads import analogue, biquad, digital, fir, fir_error_db
from jolly_parlor.equalising.curves import Curve, excess_of, judging_grid, noise_of
from jolly_parlor.equalising.mendable import verdicts
from jolly_parlor.equalising.sections import MOST_DB, WORTH_DB, correction_for
from jolly_parlor.placement.chains import Section
from jolly_parlor.placement.judging import Judged, Target
from jolly_parlor.refused import Refused
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.response import Response

F = judging_grid(20.0, 320.0)
BAND = Judged(30.0, 300.0)


def curve(pressures, seats=None, noise=None, judged=BAND, late=0.0):
    """Of complex pressures over the head, the centre first."""
    names = ["centre", "left", "right", "front", "back", "low"]
    points = {n: 20 * np.log10(np.abs(p)) for n, p in zip(names, pressures, strict=False)}
    excess = excess_of(Response.from_pressure(F, pressures[0]), late)
    levels = {n: 20 * np.log10(np.abs(p)) for n, p in (seats or {}).items()}
    return Curve(
        "all alike", ("left", "right"), "forecast", judged, F, points, levels, excess, noise
    )


def one(*parts):
    return np.prod([peaking(F, *part) for part in parts], axis=0)


@pytest.mark.parametrize("rate", [44_100, 48_000, 96_000])
@pytest.mark.parametrize("section", [Section(40, -6.0, 4.0), Section(1000, 9.0, 0.7)])
def test_coefficients_are_the_bilinear_transform_of_the_analogue_bell(rate, section):
    # SciPy's own bilinear transform of H(s), its frequency prewarped (Bristow-Johnson).
    w0 = 2 * rate * np.tan(np.pi * section.frequency_hz / rate)
    a = 10 ** (section.gain_db / 40)
    top = [1 / w0**2, a / (section.q * w0), 1.0]
    bottom = [1 / w0**2, 1 / (a * section.q * w0), 1.0]
    b, denominator = signal.bilinear(top, bottom, fs=rate)
    found = biquad(section, rate)
    assert [found.b0, found.b1, found.b2] == pytest.approx(list(b), abs=1e-9)
    assert [1.0, found.a1, found.a2] == pytest.approx(list(denominator), abs=1e-9)


def test_biquads_have_the_response_that_a_chain_has():
    sections = [Section(42.0, -7.0, 6.0), Section(150.0, -3.0, 2.0)]
    level = 20 * np.log10(np.abs(digital(sections, F, 48_000)))
    assert np.max(np.abs(level - 20 * np.log10(np.abs(analogue(sections, F))))) < 0.01


@pytest.mark.parametrize("kind", ["linear", "minimum"])
def test_an_impulse_response_has_the_levels_of_its_sections(kind):
    sections = [Section(42.0, -9.0, 12.0), Section(150.0, -3.0, 2.0)]
    taps = fir(sections, 48_000, kind)
    assert fir_error_db(taps, sections, 48_000) < 0.1
    first = int(np.argmax(np.abs(taps)))
    assert first == (0 if kind == "minimum" else taps.size // 2)


def test_how_far_taps_stray_is_told_wherever_it_is():
    nothing = np.zeros(8192)
    nothing[0] = 1.0
    for hertz in (40.0, 1000.0, 15_000.0):
        assert fir_error_db(nothing, [Section(hertz, -6.0, 2.0)], 48_000) == pytest.approx(
            6, abs=0.1
        )
    assert fir_error_db(nothing, [], 48_000) == pytest.approx(0.0, abs=1e-9)
    # Beyond hearing nobody asks: a bell at 21.5 kHz is felt there by its skirt alone.
    assert fir_error_db(nothing, [Section(21_500.0, -12.0, 8.0)], 48_000) < 6.0


@pytest.mark.parametrize("size", [0.001, 0.1])
def test_noise_has_the_level_that_its_power_makes_of_the_whole(size):
    # White noise of variance s^2 over n samples: the expected |DFT|^2 is n s^2 at every bin.
    noise = size * np.random.default_rng(4).normal(size=48_000)
    found = noise_of(ImpulseResponse(noise, 48_000), np.array([50.0, 200.0, 1000.0, 5000.0]))
    assert found == pytest.approx(np.full(4, 10 * np.log10(48_000 * size**2)), abs=2.0)


def test_a_rate_that_cannot_carry_a_section_is_refused():
    with pytest.raises(Refused, match="9000"):
        biquad(Section(9000.0, -3.0, 1.0), 16_000)
    with pytest.raises(Refused, match="samples a second"):
        biquad(Section(90.0, -3.0, 1.0), 100)


def test_a_known_resonance_is_removed_within_a_tenth_of_a_decibel():
    made = curve([one((62.0, 7.0, 6.0))] * 3)
    found = verdicts(made)
    assert [v.mendable for v in found] == [True]
    correction = correction_for(made, found)
    (section,) = correction.sections
    assert section.frequency_hz == pytest.approx(62.0, abs=0.3)
    assert section.gain_db == pytest.approx(-7.0, abs=0.15)
    assert section.q == pytest.approx(6.0, abs=0.3)
    after = made.judge(correction.level_db(made.mean_db, 1.0))
    assert np.max(np.abs(after.deviation_db[after.in_band])) < 0.1


def test_two_resonances_take_two_sections_and_each_is_worth_it():
    made = curve([one((48.0, 8.0, 8.0), (125.0, 5.0, 4.0))] * 2)
    correction = correction_for(made, verdicts(made))
    assert len(correction.sections) == 2
    assert min(correction.buys_db) >= WORTH_DB
    assert made.figure(correction.level_db(made.mean_db, 1.0)).value_db < 0.1


def test_what_buys_too_little_is_not_spent():
    made = curve([one((120.0, 3.2, 12.0))] * 2)
    assert made.figure(made.mean_db).value_db > 0.3
    correction = correction_for(made, verdicts(made))
    assert all(buys >= WORTH_DB for buys in correction.buys_db)


def reflected(share, metres, c=343.0):
    return 1 + share * np.exp(-2j * np.pi * F * metres / c)


def test_a_known_cancellation_is_refused_with_its_jump():
    # The reflection is the louder: the zeros lie outside the unit circle, so no filter undoes it.
    made = curve([reflected(1.15, 2.0)] * 3)
    hollow = next(v for v in verdicts(made) if v.feature.kind == "hollow")
    assert hollow.feature.frequency_hz == pytest.approx(343 / 4, rel=0.03)
    assert not hollow.mendable
    assert "cancels too" in hollow.words
    assert abs(hollow.jump_ms) > 3
    correction = correction_for(made, verdicts(made))
    assert all(s.gain_db <= 0 for s in correction.sections)
    near = [s for s in correction.sections if abs(s.frequency_hz - 343 / 4) < 10]
    assert not near


def test_the_same_hollow_with_the_weaker_reflection_is_minimum_phase_and_not_filled_all_the_same():
    made = curve([reflected(0.85, 2.0)] * 3)
    hollow = next(v for v in verdicts(made) if v.feature.kind == "hollow")
    assert not hollow.mendable
    depth = -hollow.feature.level_db
    times = f"{depth:.0f} dB more would ask {10 ** (depth / 10):.0f} times the power"
    assert depth > 3.0 and times in hollow.words


def test_excess_delay_of_what_is_minimum_phase_has_no_jump_whatever_the_way():
    sound = one((62.0, 7.0, 6.0)) * np.exp(-2j * np.pi * F * 0.009)
    excess = excess_of(Response.from_pressure(F, sound), 0.009)
    assert abs(excess.turns(58.0, 66.0)) < 0.02


def test_a_hill_that_is_another_thing_at_each_ear_is_not_cut():
    high, low = one((62.0, 9.0, 6.0)), one((62.0, -1.0, 6.0))
    (verdict,) = [v for v in verdicts(curve([high, low, high])) if v.feature.kind == "hill"]
    assert not verdict.mendable
    assert verdict.words.startswith("Not by a cut: over the head it is ")
    assert "left" in verdict.words


def test_a_hill_that_another_seat_has_as_a_hollow_is_not_cut():
    made = curve([one((62.0, 7.0, 6.0))] * 2, seats={"Sofa": one((62.0, -4.0, 6.0))})
    (verdict,) = [v for v in verdicts(made) if v.feature.kind == "hill"]
    assert not verdict.mendable
    assert "Sofa" in verdict.words


def test_a_hill_in_the_noise_is_not_known():
    pressure = one((62.0, 7.0, 6.0))
    noise = np.full(F.size, 2.0)
    (verdict,) = verdicts(curve([pressure] * 2, noise=noise))
    assert not verdict.mendable
    assert "above the noise" in verdict.words


def test_a_hill_between_interfering_paths_is_not_cut():
    made = curve([reflected(1.3, 4.0)] * 2)
    hills = [v for v in verdicts(made) if v.feature.kind == "hill"]
    assert hills
    between = 343 / 8  # the hollow itself: half a wavelength is 4 m
    assert all(abs(np.log2(s.frequency_hz / between)) > 0.25 for s in cuts(made))


def test_sections_are_such_as_a_hand_sets() -> None:
    made = curve([one((41.3, 7.3, 5.3), (162.7, 6.7, 4.9))] * 3)
    for section in some(cuts(made)):
        assert section.gain_db == round(section.gain_db, 1)
        assert section.q == round(section.q, 1)
        assert section.frequency_hz == round(section.frequency_hz, int(section.frequency_hz < 100))
    assert any(section.q != round(section.q) for section in cuts(made))  # and no coarser


def test_sections_together_take_no_hill_below_even():
    # A comb: the figure alone would cut its hill by 11 dB with two sections, to meet the hollows.
    made = curve([reflected(1.2, 2.3)] * 2)
    (hill,) = [v for v in verdicts(made) if v.mendable]
    correction = correction_for(made, verdicts(made))
    assert correction.sections
    assert -correction.largest_db < hill.feature.level_db + 2.5


def cuts(made):
    return correction_for(made, verdicts(made)).sections


def test_no_cut_exceeds_twelve_decibels_nor_lies_below_the_low_corner():
    made = curve([one((31.0, 18.0, 3.0), (90.0, 20.0, 5.0))] * 2)
    correction = correction_for(made, verdicts(made))
    assert correction.sections
    assert correction.largest_db >= -MOST_DB - 0.01
    assert all(s.frequency_hz >= BAND.low_hz - 0.1 for s in correction.sections)


def test_strength_scales_gains_and_leaves_the_rest():
    made = curve([one((62.0, 8.0, 6.0))] * 2)
    correction = correction_for(made, verdicts(made))
    (whole,), (part,) = correction.at(1.0), correction.at(0.75)
    assert part.gain_db == pytest.approx(0.75 * whole.gain_db, abs=0.06)
    assert (part.frequency_hz, part.q) == (whole.frequency_hz, whole.q)
    assert correction.at(0.0) == ()


def test_a_target_is_held_to():
    sloped = Judged(30.0, 300.0, Target(slope_db_per_octave=-2.0))
    tilt = 10 ** (-2.0 * np.log2(F / 100) / 20)
    made = curve([tilt * one((62.0, 6.0, 5.0))] * 2, judged=sloped)
    correction = correction_for(made, verdicts(made))
    assert [round(s.frequency_hz) for s in correction.sections] == [62]
