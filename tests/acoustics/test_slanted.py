"""Slanted walls and sloped ceilings against published modes and our own staircases."""

from math import pi, sqrt

import numpy as np
import pytest

from jolly_parlor.acoustics.elements.enclosure import Block, Enclosure, Roof
from jolly_parlor.acoustics.elements.modal_solver import ModalBasis, ModalSolver

C = 343.2
A, H = 4.0, 2.5
TRIANGLE = ((0.0, 0.0), (A, 0.0), (0.0, A))
ATTIC = Enclosure(
    ((0.0, 0.0), (3.6, 0.0), (3.6, 4.2), (0.0, 4.2)),
    2.4,
    solids=(Block("thing 0", (3.0, 1.0, 0.0), (3.6, 2.0, 1.8)),),
    patches=(Block("opening 0", (1.5, 0.0, 0.9), (2.4, 0.0, 1.8)),),
    roofs=(Roof(0, 0.0, 1, 1.2, 1.8),),
)


def frequencies(values: np.ndarray) -> np.ndarray:
    return C * np.sqrt(np.maximum(values, 0.0)) / (2 * pi)


def triangle_modes(spacing: float, count: int) -> np.ndarray:
    enclosure = Enclosure(TRIANGLE, H, spacing=spacing)
    return frequencies(ModalBasis(enclosure, 2 * pi * 160 / C).eigenvalues[1:count])


def test_a_triangular_room_has_the_published_modes() -> None:
    # Right isosceles triangle with hard walls: the square's modes that are alike about its
    # diagonal, (pi/a)^2 (m^2 + n^2), m >= n (Lamé 1852; from memory); times the height's.
    exact = sorted(
        C / 2 * sqrt((m * m + n * n) / A**2 + k * k / H**2)
        for m in range(9)
        for n in range(m + 1)
        for k in range(5)
    )[1:20]
    coarse, fine = (np.abs(triangle_modes(s, 20) / exact - 1) for s in (0.9, 0.45))
    assert np.max(fine) < 0.001
    assert np.median(fine) < np.median(coarse) / 4  # twice as fine: at least half, in truth a tenth


def stairs(steps: int) -> np.ndarray:
    """The attic's lowest modes with its slope in so many stairs, on right-angled elements."""
    reach, knee, height = 1.8, 1.2, 2.4
    edges = np.linspace(0.0, reach, steps + 1)
    middles = (edges[:-1] + edges[1:]) / 2
    blocks = tuple(
        Block(f"stair {n}", (a, 0.0, knee + (height - knee) * m / reach), (b, 4.2, height))
        for n, (a, b, m) in enumerate(zip(edges[:-1], edges[1:], middles, strict=True))
    )
    plain = Enclosure(ATTIC.plan, height, solids=(*ATTIC.solids, *blocks), spacing=0.6)
    return frequencies(ModalBasis(plain, 2 * pi * 90 / C).eigenvalues[1:9])


def test_an_attic_has_the_modes_of_ever_finer_stairs() -> None:
    found = frequencies(ModalBasis(ATTIC, 2 * pi * 90 / C).eigenvalues[1:9])
    coarse, fine = stairs(6), stairs(12)
    extrapolated = fine + (fine - coarse) / 3  # their error falls with the square of the step
    assert found == pytest.approx(extrapolated, rel=0.004)


def test_its_surfaces_have_their_areas() -> None:
    areas = {name: float(mass.sum()) for name, mass in ATTIC.surface_masses.items()}
    slope = sqrt(1.8**2 + 1.2**2)
    assert areas["ceiling"] == pytest.approx((slope + 1.8) * 4.2, rel=1e-6)
    assert areas["floor"] == pytest.approx(3.6 * 4.2 - 0.6, rel=1e-6)
    assert areas["opening 0"] == pytest.approx(0.81, rel=1e-6)
    gable = 3.6 * 2.4 - 1.2 * 1.8 / 2
    assert areas["wall 0"] == pytest.approx(gable - 0.81, rel=1e-6)
    assert areas["wall 1"] == pytest.approx(4.2 * 2.4 - 1.8, rel=1e-6)
    assert areas["wall 3"] == pytest.approx(4.2 * 1.2, rel=1e-6)
    assert areas["thing 0"] == pytest.approx(0.6 + 2 * 0.6 * 1.8 + 1.8, rel=1e-6)
    assert float(ATTIC.grid.mass.sum()) == pytest.approx(4.2 * gable - 0.6 * 1.8, rel=1e-6)


def test_a_window_in_a_slanted_wall_takes_its_share_of_it() -> None:
    start, end = np.array([1.0, 3.0]), np.array([2.0, 2.0])  # on the long side, either way round
    low, high = np.minimum(start, end), np.maximum(start, end)
    patch = Block("opening 0", (low[0], low[1], 0.8), (high[0], high[1], 2.0))
    room = Enclosure(TRIANGLE, H, patches=(patch,))
    areas = {name: float(mass.sum()) for name, mass in room.surface_masses.items()}
    assert areas["opening 0"] == pytest.approx(sqrt(2) * 1.2, rel=1e-6)
    assert areas["wall 1"] == pytest.approx(sqrt(2) * (A * H - 1.2), rel=1e-6)


def test_source_and_ear_may_change_places_in_an_attic() -> None:
    f = np.array([40.0, 63.0, 80.0])
    basis = ModalBasis(ATTIC, 2 * pi * 80 / C)
    beta = {name: np.full(3, 0.05) for name in ATTIC.surfaces}
    solver = ModalSolver(basis, beta, (), f, C)
    one, other = np.array([[0.6, 0.7, 1.0]]), np.array([[2.4, 3.1, 1.2]])
    there, back = solver.transfers(one, other), solver.transfers(other, one)
    assert there[0, 0] == pytest.approx(back[0, 0], rel=1e-9)


def test_places_under_the_roof_and_in_the_wardrobe_have_no_air() -> None:
    places = np.array([[0.3, 1.0, 1.6], [0.3, 1.0, 1.3], [3.2, 1.5, 1.0], [3.2, 1.5, 2.0]])
    assert ATTIC.grid.missing(places).tolist() == [True, False, True, False]
