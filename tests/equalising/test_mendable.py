"""What is said of hills and hollows, of curves made so that each limit is met from both sides."""

from collections.abc import Mapping

import numpy as np
import pytest

from jolly_parlor.acoustics.filters import peaking
from jolly_parlor.equalising.curves import Curve, Excess, excess_of, judging_grid
from jolly_parlor.equalising.mendable import Verdict, verdicts
from jolly_parlor.placement.evenness import SMOOTHING_PER_OCTAVE
from jolly_parlor.placement.judging import Judged
from jolly_parlor.signals.response import Response

F = judging_grid(20.0, 320.0)
BAND = Judged(30.0, 300.0)


def bell(db: float, hertz: float = 62.0, q: float = 2.0) -> np.ndarray:
    return 20 * np.log10(np.abs(peaking(F, hertz, db, q)))


def one_feature(kind: str, points: list[np.ndarray], **more: object) -> Verdict:
    """The verdict on the only hill, or the only hollow."""
    names = ("centre", "left", "right")
    heard: Mapping[str, np.ndarray] = dict(zip(names, points, strict=False))
    made = Curve("all alike", ("left",), "measured", BAND, F, heard, **more)  # type: ignore[arg-type]
    (found,) = [v for v in verdicts(made) if v.feature.kind == kind]
    return found


def settled_delay() -> Excess:
    return Excess(F, np.zeros(F.size))


def jumping(seconds: float) -> Excess:
    """Late by so much about 62 Hz, for two twelfths of an octave."""
    return Excess(F, np.where(np.abs(np.log2(F / 62.0)) < 1 / 12, seconds, 0.0))


def test_a_hill_heard_at_one_point_without_phase_is_cut_and_what_is_not_known_said() -> None:
    found = one_feature("hill", [bell(8.0)])
    assert found.mendable and found.spread_db is None and found.jump_ms is None
    assert found.words == (
        "A cut mends it: heard at one point only, so how it is over the head is not known, its "
        "phase is not known."
    )
    assert found.headline == f"62 Hz, +{found.feature.level_db:.0f} dB"


def test_a_hill_alike_everywhere_says_so_and_never_by_less_than_a_tenth() -> None:
    same = [bell(8.0)] * 3
    found = one_feature("hill", same, excess=settled_delay(), seats_db={"Sofa": bell(6.0)})
    assert found.words == (
        "A cut mends it: alike over the head within 0.1 dB, above even at the other seats too, "
        "minimum phase."
    )
    assert found.jump_ms == pytest.approx(0.0)


def test_over_the_head_three_decibels_of_spread_are_the_limit() -> None:
    # Two points that differ by d have a standard deviation of d / 2, smoothing aside: so much is
    # lost by it that the limit lies a little beyond six decibels apart.
    def spread(apart: float) -> Verdict:
        base = bell(14.0)
        return one_feature("hill", [base + bell(apart / 2), base + bell(-apart / 2)])

    near, far = spread(6.0), spread(8.0)
    assert near.spread_db is not None and far.spread_db is not None
    assert near.spread_db < 3.0 < far.spread_db
    assert near.mendable and not far.mendable
    assert far.words.startswith("Not by a cut: over the head it is +")
    assert "at the point “left”" in far.words
    assert far.words.endswith("what is cut at one ear is missing at another.")


def test_a_hill_that_one_point_has_by_half_is_the_limit() -> None:
    def least(db: float) -> bool:
        return one_feature("hill", [bell(6.0), bell(6.0), bell(db)]).mendable

    assert least(4.0) and not least(1.5)


def test_another_seat_must_stand_above_even() -> None:
    for db, mended in ((1.0, True), (-1.0, False)):
        seats = {"Sofa": bell(db), "Bench": bell(5.0)}
        found = one_feature("hill", [bell(8.0)] * 2, seats_db=seats)
        assert found.mendable is mended
        assert ("at Sofa it is −1 dB there already" in found.words) is not mended


def test_ten_decibels_above_the_noise_are_enough() -> None:
    for gap, mended in ((9.5, False), (10.5, True)):
        found = one_feature("hill", [bell(8.0)] * 2, noise_db=bell(8.0) - gap)
        assert found.mendable is mended
    noisy = one_feature("hill", [bell(8.0)] * 2, noise_db=bell(8.0) - 4.0)
    assert noisy.words == (
        "Not known: it stands only 4 dB above the noise; measure louder or longer."
    )


@pytest.mark.parametrize(("kind", "db"), [("hill", 8.0), ("hollow", -8.0)])
def test_a_quarter_turn_of_phase_is_a_cancellation(kind: str, db: float) -> None:
    narrow = [bell(db, q=9.0)] * 2
    # Within a sixth (a hill's top: a twelfth) of an octave about 62 Hz, turns are seconds by hertz.
    width = 62.0 * (2 ** (1 / 12) - 2 ** (-1 / 12)) if kind == "hollow" else None
    some, more = (one_feature(kind, narrow, excess=jumping(t)) for t in (0.010, 0.080))
    assert "jumps" not in some.words
    assert "jumps by" in more.words and not more.mendable
    assert more.jump_ms is not None and 10 < more.jump_ms <= 80
    assert f"{more.jump_ms:.0f} ms" in more.words
    assert width is None or width > 5


def test_a_hollow_that_varies_over_the_head_is_not_filled_for_that() -> None:
    near, far = (
        one_feature("hollow", [bell(-14.0 + d / 2), bell(-14.0 - d / 2)]) for d in (5.0, 9.0)
    )
    assert near.spread_db is not None and far.spread_db is not None
    assert near.spread_db < 3.0 < far.spread_db
    assert f"varies by {far.spread_db:.1f} dB" in far.words
    assert "times the power" in near.words


def test_a_hollow_asks_for_ten_times_the_power_every_ten_decibels() -> None:
    found = one_feature("hollow", [bell(-9.0)])
    depth = -found.feature.level_db
    assert depth > 6.0
    assert found.words == (
        f"Not filled: {depth:.0f} dB more would ask {10 ** (depth / 10):.0f} times the power of "
        "amplifier and driver. Move instead. Without phase a cancellation cannot be excluded."
    )
    known = one_feature("hollow", [bell(-9.0)], excess=settled_delay())
    assert known.words.endswith("Move instead.")


def test_how_far_a_feature_reaches() -> None:
    wide, narrow = one_feature("hill", [bell(8.0, q=1.5)]), one_feature("hill", [bell(8.0, q=16.0)])
    octaves = wide.feature.width_octaves
    assert np.log2(wide.high_hz / wide.low_hz) == pytest.approx(octaves)
    assert np.sqrt(wide.high_hz * wide.low_hz) == pytest.approx(wide.feature.frequency_hz)
    # Never less than the smoothing shows, a twelfth of an octave to either side.
    assert np.log2(narrow.high_hz / narrow.low_hz) == pytest.approx(
        max(narrow.feature.width_octaves, 2 / SMOOTHING_PER_OCTAVE)
    )


def test_a_jump_is_the_mean_above_the_least_tenth_around() -> None:
    delay = np.where((F > 55) & (F < 70), 0.030, 0.010)
    excess = Excess(F, delay)
    assert excess.jump_seconds(56, 69) == pytest.approx(0.020)
    assert excess.jump_seconds(100, 120) == pytest.approx(0.0)
    assert excess.turns(56, 69) == pytest.approx(0.020 * 13)
    assert excess.jump_seconds(1000, 1100) == 0.0  # nothing known there


def test_an_all_pass_has_the_excess_delay_of_its_own_formula() -> None:
    """Group delay of the all-pass of second order, (w0^2 - w^2 - j w w0/Q) over its conjugate:
    2 Q w0 (w0^2 + w^2) / (Q^2 (w0^2 - w^2)^2 + w0^2 w^2), twice its pole pair's.
    """
    w, w0, q = 2 * np.pi * F, 2 * np.pi * 62.0, 3.0
    passed = (w0**2 - w**2 - 1j * w * w0 / q) / (w0**2 - w**2 + 1j * w * w0 / q)
    excess = excess_of(Response.from_pressure(F, passed))
    assert excess is not None
    at = np.array([50.0, 58.0, 62.0, 66.0, 90.0])
    v = 2 * np.pi * at
    wanted = 2 * q * w0 * (w0**2 + v**2) / (q**2 * (w0**2 - v**2) ** 2 + w0**2 * v**2)
    found = np.interp(at, excess.frequencies_hz, excess.delay_seconds)
    # The sound's way means nothing: what is left over is the same everywhere, but for the roll-off
    # that is assumed below what is known, a millisecond or so here, where the all-pass has 31.
    assert wanted.max() == pytest.approx(12 / w0)
    assert found - wanted == pytest.approx(np.full(5, np.mean(found - wanted)), abs=1.5e-3)
    assert excess_of(Response(F, np.zeros(F.size))) is None


def test_points_are_averaged_on_power() -> None:
    made = Curve(
        "all alike", ("left",), "forecast", BAND, F, {"a": np.zeros(F.size), "b": bell(0) + 10}
    )
    assert made.mean_db == pytest.approx(np.full(F.size, 10 * np.log10((1 + 10) / 2)))
    assert made.spread_db(100.0) == pytest.approx(5.0)
    assert made.above_noise_db(100.0) is None
