"""The spherical head against its known limits."""

import numpy as np
import pytest

from certain import some
from jolly_parlor.acoustics.head import RADIUS_METRES, Sphere, ear_directions, ear_points
from jolly_parlor.acoustics.plan import Point

C = 343.0


def on_sphere(f: np.ndarray, metres: float | None, degrees: float) -> np.ndarray:
    return Sphere(f, C, metres).at(np.array([np.cos(np.radians(degrees))]))[0]


def test_at_low_frequencies_a_far_source_is_as_without_a_head() -> None:
    found = on_sphere(np.array([5.0, 10.0]), 3.0, 90.0)
    assert np.abs(found) == pytest.approx([1.0, 1.0], abs=0.03)


@pytest.mark.parametrize("azimuth", [15.0, 30.0, 60.0])
def test_the_low_frequency_delay_between_ears_is_that_of_kuhn(azimuth) -> None:
    # Kuhn 1977: 3 (a / c) sin(azimuth) below some 500 Hz, ears at +-90 degrees.
    f = np.array([100.0])
    near = on_sphere(f, 50.0, 90.0 - azimuth)
    far = on_sphere(f, 50.0, 90.0 + azimuth)
    late = np.angle(near / far) / (2 * np.pi * f)
    wanted = 3 * RADIUS_METRES / C * np.sin(np.radians(azimuth))
    assert late[0] == pytest.approx(wanted, rel=0.03)


def test_the_lit_side_is_louder_at_high_frequencies() -> None:
    # A plane wave on a rigid sphere doubles its pressure where it meets it head on.
    f = np.array([12_000.0])
    lit, dark = (np.abs(on_sphere(f, 20.0, angle))[0] for angle in (0.0, 150.0))
    assert 20 * np.log10(lit) == pytest.approx(6.0, abs=0.5)
    assert dark < 0.6 * lit


def test_a_source_within_the_head_is_no_source() -> None:
    with pytest.raises(ValueError, match="within the head"):
        Sphere(np.array([100.0]), C, 0.05)


def test_from_afar_is_the_limit_of_far_sources() -> None:
    f = np.array([100.0, 1000.0, 5000.0])
    for angle in (0.0, 60.0, 100.0, 150.0):
        near, afar = on_sphere(f, 40.0, angle), on_sphere(f, None, angle)
        assert np.abs(near / afar - 1) == pytest.approx(np.zeros(3), abs=0.02)


@pytest.mark.parametrize("azimuth", [0.0, 30.0, 90.0, 160.0])
def test_a_small_sphere_hears_the_field_half_a_radius_beyond_its_ear(azimuth) -> None:
    # The two ways of hearing meet where the modal field hands over: at 300 Hz within half a dB
    # and a twentieth of a period for a plane wave from any side.
    f = np.array([100.0, 300.0])
    towards = np.array([np.sin(np.radians(azimuth)), -np.cos(np.radians(azimuth)), 0.0])
    middle = Point(2.0, 3.0, 1.2)
    for ear, point in some(zip(ear_directions(), ear_points(middle), strict=True)):
        sphere = Sphere(f, C).at(np.array([float(ear @ towards)]))[0]
        ahead = float((point.array() - middle.array()) @ towards)
        plain = np.exp(2j * np.pi * f / C * ahead)
        assert np.abs(20 * np.log10(np.abs(sphere / plain))) == pytest.approx([0, 0], abs=1.2)
        assert np.angle(sphere / plain) / (2 * np.pi) == pytest.approx([0, 0], abs=0.05)
