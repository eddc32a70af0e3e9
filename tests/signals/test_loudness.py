"""Loudness against the figures of ITU-R BS.1770 and an independent package."""

import numpy as np
import pyloudnorm
import pytest

from jolly_parlor.refused import Refused
from jolly_parlor.signals.loudness import k_sections, loudness_lufs
from jolly_parlor.signals.programme import programme


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


@pytest.mark.parametrize("rate", [44_100, 48_000])
@pytest.mark.parametrize("name", ["bass", "piece", "pink"])
def test_programmes_are_as_loud_as_an_independent_package_says(name, rate) -> None:
    made = 0.3 * programme(name).samples(rate)
    assert loudness_lufs(made, rate) == pytest.approx(
        pyloudnorm.Meter(rate).integrated_loudness(made),
        abs=0.08,  # its low cut is at 38.0 Hz
    )
