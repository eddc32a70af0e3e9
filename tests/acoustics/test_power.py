"""Radiated power near walls: published ratios, and the integral it stands for."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from jolly_parlor.acoustics.power import radiated_power_db, radiated_power_ratio

C = 343.2


def _integrated(distances: list[float], k: float) -> float:
    """Mean of |sum of source and images|^2 over all directions on the open side, over 2^walls.

    Independent of the formula: the far field of the source with its mirror images, by quadrature.
    """
    d = np.zeros(3)
    d[: len(distances)] = distances
    walls = len(distances)
    cosines, weights = np.polynomial.legendre.leggauss(120)
    turns = np.linspace(0, 2 * np.pi, 240, endpoint=False)
    z, t = np.meshgrid(cosines, turns, indexing="ij")
    r = np.sqrt(1 - z**2)
    field = np.ones_like(z, dtype=complex)
    for axis, direction in enumerate((r * np.cos(t), r * np.sin(t), z)):
        if axis < walls:
            field = field * 2 * np.cos(k * d[axis] * direction)
    mean = np.sum(weights[:, None] * np.abs(field) ** 2) / (2 * turns.size)
    # Over the open 1/2^walls of space with the strength of one source.
    return float(mean / 2**walls)


@settings(max_examples=15)
@given(st.lists(st.floats(0.05, 1.5), min_size=1, max_size=3), st.floats(30, 300))
def test_the_formula_is_the_integral_over_directions(distances: list[float], f: float) -> None:
    ratio = radiated_power_ratio(distances, np.array([f]), C)[0]
    assert ratio == pytest.approx(_integrated(distances, 2 * np.pi * f / C), abs=1e-3)


@pytest.mark.parametrize(("walls", "gain_db"), [(1, 3.01), (2, 6.02), (3, 9.03)])
def test_against_the_walls_power_doubles_with_each(walls: int, gain_db: float) -> None:
    # Waterhouse 1955: factors 2, 4 and 8 at a wall, in an edge and in a corner.
    assert radiated_power_db([1e-4] * walls, np.array([50.0]), C)[0] == pytest.approx(
        gain_db, abs=0.01
    )


def test_one_wall_dips_by_one_decibel_and_three_equal_ones_by_ten() -> None:
    # Allison 1974 (from memory): about 1 dB with one wall, about 11 dB with three at equal
    # distance, both near 0.3 wavelengths; unequal distances bring the dip down to a few decibels.
    share = np.linspace(0.1, 0.6, 2001)
    f = share * C  # at a distance of 1 m
    one, three = (radiated_power_db([1.0] * n, f, C) for n in (1, 3))
    assert one.min() == pytest.approx(-1.06, abs=0.1)
    assert three.min() == pytest.approx(-11.0, abs=1.0)
    assert share[one.argmin()] == pytest.approx(0.36, abs=0.03)
    assert share[three.argmin()] == pytest.approx(0.31, abs=0.03)


def test_unequal_distances_are_evener_than_equal_ones() -> None:
    f = np.geomspace(40, 400, 400)
    equal = radiated_power_db([0.7, 0.7, 0.7], f, C)
    spread = radiated_power_db([0.35, 0.7, 1.4], f, C)
    assert spread.min() > equal.min() + 4


def test_far_from_all_walls_nothing_changes() -> None:
    assert radiated_power_db([200.0, 300.0], np.array([100.0]), C)[0] == pytest.approx(0, abs=0.05)
    with pytest.raises(ValueError, match="one, two or three"):
        radiated_power_ratio([], np.array([100.0]), C)
