"""The spherical head against its known limits."""

from collections.abc import Callable

import numpy as np
import pytest
from scipy import special

from certain import some
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.rigid_sphere import RADIUS_METRES, Sphere, ear_directions, ear_points

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


@pytest.mark.parametrize("hertz", [300.0, 1000.0, 3000.0])
def test_what_the_series_says_is_what_makes_the_sphere_rigid(hertz: float) -> None:
    """A second derivation, by collocation: of a plane wave and waves that go out (Rayleigh's
    hypothesis, which holds for a sphere) those amplitudes are sought with which no air moves into
    the sphere, by plain differences, anywhere on it.
    """
    k = 2 * np.pi * hertz / C
    cosines = np.cos(np.linspace(0.0, np.pi, 90))
    step = 1e-5 * RADIUS_METRES

    def parts(r: float) -> np.ndarray:
        orders = np.arange(int(2 * k * RADIUS_METRES) + 12)
        x = k * r
        out = special.spherical_jn(orders, x) - 1j * special.spherical_yn(orders, x)
        size = special.spherical_jn(orders, k * RADIUS_METRES) - 1j * special.spherical_yn(
            orders, k * RADIUS_METRES
        )
        return special.eval_legendre(orders, cosines[:, None]) * (out / size)

    def plane(r: float) -> np.ndarray:
        return np.exp(1j * k * r * cosines)  # e^(+j w t): it comes from where the cosine is 1

    def slope(of: Callable[[float], np.ndarray]) -> np.ndarray:
        return (of(RADIUS_METRES + step) - of(RADIUS_METRES - step)) / (2 * step)

    amplitudes, *_ = np.linalg.lstsq(slope(parts), -slope(plane), rcond=None)
    on_it = plane(RADIUS_METRES) + parts(RADIUS_METRES) @ amplitudes
    found = Sphere(np.array([hertz]), C).at(cosines)[:, 0]
    assert np.max(np.abs(found - on_it)) < 1e-4


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
