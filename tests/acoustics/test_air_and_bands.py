"""Speed of sound, fractional octaves and units against standards."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from jolly_parlor.acoustics.air import speed_of_sound
from jolly_parlor.acoustics.bands import band_edges_hz, log_grid, midband_hz
from jolly_parlor.refused import Refused


@pytest.mark.parametrize(
    ("celsius", "metres_per_second"),
    # ISO 9613-1's expression c = 343.2 sqrt(T / T0), T0 = 293.15 K, worked out by hand.
    [(20.0, 343.2), (0.0, 331.29), (30.0, 349.00), (-20.0, 318.93)],
)
def test_speed_of_sound_is_iso_9613_1(celsius: float, metres_per_second: float) -> None:
    assert speed_of_sound(celsius) == pytest.approx(metres_per_second, abs=0.01)


def test_speed_of_sound_agrees_with_the_ideal_gas() -> None:
    # c = sqrt(gamma R T / M), dry air: gamma 1.4, M 28.9645 g/mol (handbook values, from memory).
    for celsius in (-10.0, 5.0, 25.0, 40.0):
        ideal = np.sqrt(1.4 * 8.314462 * (celsius + 273.15) / 0.0289645)
        assert speed_of_sound(celsius) == pytest.approx(ideal, rel=3e-4)


@pytest.mark.parametrize("celsius", [-20.1, 50.1, float("nan")])
def test_speed_of_sound_refuses_what_the_standard_does_not_cover(celsius: float) -> None:
    with pytest.raises(Refused, match="between -20 and 50"):
        speed_of_sound(celsius)


@pytest.mark.parametrize(
    ("index", "per_octave", "midband", "low", "high"),
    # IEC 61260-1:2014, base ten: exact mid-band frequencies of the nominal bands named at the side.
    [
        (-4, 1, 63.096, 44.668, 89.125),  # 63 Hz octave
        (-3, 1, 125.89, 89.125, 177.83),  # 125 Hz octave
        (0, 1, 1000.0, 707.95, 1412.5),  # 1 kHz octave
        (-10, 3, 100.0, 89.125, 112.20),  # 100 Hz third
        (-11, 3, 79.433, 70.795, 89.125),  # 80 Hz third
    ],
)
def test_band_edges_are_iec_61260_1(
    index: int, per_octave: int, midband: float, low: float, high: float
) -> None:
    centre = midband_hz(index, per_octave)
    # The standard's figures above are rounded to five digits.
    assert centre == pytest.approx(midband, rel=5e-5)
    assert band_edges_hz(centre, per_octave) == pytest.approx((low, high), rel=5e-5)


@given(st.integers(-40, 40), st.integers(1, 24))
def test_neighbouring_bands_share_an_edge(index: int, per_octave: int) -> None:
    upper = band_edges_hz(midband_hz(index, per_octave), per_octave)[1]
    assert upper == pytest.approx(band_edges_hz(midband_hz(index + 1, per_octave), per_octave)[0])


def test_log_grid_holds_its_ends_and_its_density() -> None:
    grid = log_grid(20.0, 300.0, 48)
    assert grid[0] == pytest.approx(20.0)
    assert grid[-1] == pytest.approx(300.0)
    assert np.max(np.diff(np.log2(grid))) <= 1 / 48
