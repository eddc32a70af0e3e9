"""Where cabinets radiate from, against boundary elements of our own (Laplace, exterior Neumann)."""

from math import sqrt

import numpy as np
import pytest

from boundary_elements import areas, panels, potential, solid_angle
from jolly_parlor.acoustics.fields.acoustic_centre import ahead_of_face


def centre_ahead(
    size: tuple[float, float, float], radius: float, on_a_floor: bool = False, each: float = 0.045
) -> float:
    """Dipole moment over volume flow, from the face (+y) with the piston in its middle."""
    corners, normals = panels(size, each)
    if on_a_floor:
        corners, normals = corners[normals[:, 2] > -0.5], normals[normals[:, 2] > -0.5]
    middle = corners.mean(axis=1)
    area = areas(corners)
    double, single = solid_angle(middle, corners), potential(middle, corners, True)
    np.fill_diagonal(double, 0.0)
    if on_a_floor:
        below = (corners * [1, 1, -1] - [0, 0, size[2]])[:, ::-1]
        double = double + solid_angle(middle, below)
        single = single + potential(middle, below, False)
    flow = (normals[:, 1] > 0.5) & (np.hypot(middle[:, 0], middle[:, 2]) <= radius)
    speed = np.where(flow, -1 / area[flow].sum(), 0.0)
    pressure = np.linalg.solve(0.5 * np.eye(len(area)) + double, -single @ speed)
    dipole = np.sum((pressure * normals[:, 1] - speed * middle[:, 1]) * area)
    return float(dipole - size[1] / 2)


@pytest.mark.parametrize(
    ("size", "radius"),
    [
        ((0.18, 0.22, 0.28), 0.06),
        ((0.225, 0.30, 0.375), 0.08),
        ((0.30, 0.40, 0.50), 0.10),
        ((0.40, 0.40, 0.40), 0.15),
        ((0.25, 0.30, 1.00), 0.08),
    ],
)
def test_within_a_centimetre_of_a_boundary_element_solution(size, radius: float) -> None:
    assert ahead_of_face(size[0], size[2]) == pytest.approx(centre_ahead(size, radius), abs=0.01)


@pytest.mark.parametrize(
    ("size", "radius"), [((0.225, 0.30, 0.375), 0.08), ((0.38, 0.38, 0.38), 0.13)]
)
def test_on_a_surface_it_lies_further_ahead(size, radius: float) -> None:
    free, standing = centre_ahead(size, radius), centre_ahead(size, radius, True)
    assert standing > 1.1 * free
    assert ahead_of_face(size[0], size[2], True) == pytest.approx(standing, abs=0.015)


def test_the_rule_is_the_published_share_whichever_side_is_up() -> None:
    assert ahead_of_face(0.22, 0.35) == pytest.approx(0.39 * sqrt(0.22 * 0.35))
    assert ahead_of_face(0.35, 0.22) == ahead_of_face(0.22, 0.35)
    assert ahead_of_face(0.25, 1.5) == pytest.approx(0.317 * sqrt(0.25 * 1.5))
