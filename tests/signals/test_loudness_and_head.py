"""Loudness against the figures of ITU-R BS.1770, the spherical head against its known limits."""

import numpy as np
import pytest

from jolly_parlor.refused import Refused
from jolly_parlor.signals.head import RADIUS_METRES, on_sphere
from jolly_parlor.signals.loudness import k_sections, loudness_lufs

C = 343.0


def test_k_filters_are_those_of_the_recommendations_table() -> None:
    # ITU-R BS.1770-4, tables 1 and 2, 48 kHz; from memory.
    shelf, low = k_sections(48_000)
    assert shelf[:3] == pytest.approx([1.53512485958697, -2.69169618940638, 1.19839281085285])
    assert shelf[3:] == pytest.approx([1.0, -1.69065929318241, 0.73248077421585])
    assert low[3:] == pytest.approx([1.0, -1.99004745483398, 0.99007225036621])


@pytest.mark.parametrize("rate", [44_100, 48_000, 96_000])
def test_a_full_scale_tone_has_the_loudness_that_the_recommendation_states(rate) -> None:
    # BS.1770: 0 dB FS, 997 Hz, in one front channel reads -3.01 LKFS.
    t = np.arange(3 * rate) / rate
    assert loudness_lufs(np.sin(2 * np.pi * 997 * t), rate) == pytest.approx(-3.01, abs=0.02)


def test_two_channels_alike_are_three_decibels_louder() -> None:
    tone = 0.1 * np.sin(2 * np.pi * 500 * np.arange(96_000) / 48_000)
    both = loudness_lufs(np.stack([tone, tone], axis=1), 48_000)
    assert both - loudness_lufs(tone, 48_000) == pytest.approx(3.01, abs=0.01)


def test_silence_between_is_gated_out() -> None:
    tone = 0.1 * np.sin(2 * np.pi * 500 * np.arange(10 * 48_000) / 48_000)
    quiet = np.concatenate([tone, np.zeros(20 * 48_000)])
    assert loudness_lufs(quiet, 48_000) == pytest.approx(loudness_lufs(tone, 48_000), abs=0.15)


@pytest.mark.parametrize(("samples", "why"), [(100, "too short"), (48_000, "silent")])
def test_what_has_no_loudness_is_refused_in_a_sentence(samples, why) -> None:
    with pytest.raises(Refused, match=why):
        loudness_lufs(np.zeros(samples), 48_000)


def test_at_low_frequencies_a_far_source_is_as_without_a_head() -> None:
    found = on_sphere(np.array([5.0, 10.0]), 3.0, 90.0, C)
    assert np.abs(found) == pytest.approx([1.0, 1.0], abs=0.03)


@pytest.mark.parametrize("azimuth", [15.0, 30.0, 60.0])
def test_the_low_frequency_delay_between_ears_is_that_of_kuhn(azimuth) -> None:
    # Kuhn 1977: 3 (a / c) sin(azimuth) below some 500 Hz, ears at +-90 degrees.
    f = np.array([100.0])
    near = on_sphere(f, 50.0, 90.0 - azimuth, C)
    far = on_sphere(f, 50.0, 90.0 + azimuth, C)
    late = np.angle(near / far) / (2 * np.pi * f)
    wanted = 3 * RADIUS_METRES / C * np.sin(np.radians(azimuth))
    assert late[0] == pytest.approx(wanted, rel=0.03)


def test_the_lit_side_is_louder_at_high_frequencies() -> None:
    # A plane wave on a rigid sphere doubles its pressure where it meets it head on.
    f = np.array([12_000.0])
    lit, dark = (np.abs(on_sphere(f, 20.0, angle, C))[0] for angle in (0.0, 150.0))
    assert 20 * np.log10(lit) == pytest.approx(6.0, abs=0.5)
    assert dark < 0.6 * lit


def test_a_source_within_the_head_is_no_source() -> None:
    with pytest.raises(ValueError, match="within the head"):
        on_sphere(np.array([100.0]), 0.05, 0.0, C)
