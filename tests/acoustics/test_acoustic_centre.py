"""Where cabinets radiate from, against boundary elements of our own (Laplace, exterior Neumann,
constant panels: solid angles by Van Oosterom & Strackee 1983, potentials by Gauss's rule).
"""

from math import sqrt

import numpy as np
import pytest

from jolly_parlor.acoustics.acoustic_centre import ahead_of_face


def panels(size: tuple[float, float, float], each: float) -> tuple[np.ndarray, np.ndarray]:
    """Corners (panels, 4, 3) and outward normals of a box about the origin, finer to its edges."""
    counts = [max(2, round(length / each)) for length in size]
    lines = [
        length / 2 * np.cos(np.linspace(np.pi, 0, count + 1))
        for length, count in zip(size, counts, strict=True)
    ]
    found, normals = [], []
    for axis in range(3):
        u, v = (other for other in range(3) if other != axis)
        for side in (-1, 1):
            for i, j in np.ndindex(counts[u], counts[v]):
                corner = np.full((4, 3), side * size[axis] / 2)
                corner[:, u] = lines[u][[i, i + 1, i + 1, i]]
                corner[:, v] = lines[v][[j, j, j + 1, j + 1]]
                normal = np.zeros(3)
                normal[axis] = side
                turned = np.cross(corner[1] - corner[0], corner[2] - corner[1]) @ normal < 0
                found.append(corner[::-1] if turned else corner)
                normals.append(normal)
    return np.array(found), np.array(normals)


def solid_angle(points: np.ndarray, corners: np.ndarray) -> np.ndarray:
    """Of each panel from each point over 4 pi, positive from behind it."""
    total = np.zeros((len(points), len(corners)))
    for three in ((0, 1, 2), (0, 2, 3)):
        a, b, c = (corners[None, :, n] - points[:, None] for n in three)
        la, lb, lc = (np.linalg.norm(one, axis=-1) for one in (a, b, c))
        over = np.sum(a * np.cross(b, c), -1)
        under = la * lb * lc + np.sum(a * b, -1) * lc + np.sum(b * c, -1) * la
        total += 2 * np.arctan2(over, under + np.sum(c * a, -1) * lb)
    return total / (4 * np.pi)


def potential(points: np.ndarray, corners: np.ndarray, own: bool) -> np.ndarray:
    """The integral of 1 / 4 pi R over each panel; exact at its own middle."""
    middle = corners.mean(axis=1)
    one, other = corners[:, 1] - corners[:, 0], corners[:, 3] - corners[:, 0]
    a, b = np.linalg.norm(one, axis=1) / 2, np.linalg.norm(other, axis=1) / 2
    nodes, weights = np.polynomial.legendre.leggauss(3)
    total = np.zeros((len(points), len(corners)))
    for x, wx in zip(nodes, weights, strict=True):
        for y, wy in zip(nodes, weights, strict=True):
            at = middle + (one * x + other * y) / 2
            away = np.linalg.norm(points[:, None] - at, axis=-1)
            total += wx * wy * a * b / np.maximum(away, 1e-9)
    if own:
        n = np.arange(len(corners))
        total[n, n] = 4 * (a * np.arcsinh(b / a) + b * np.arcsinh(a / b))
    return total / (4 * np.pi)


def centre_ahead(
    size: tuple[float, float, float], radius: float, on_a_floor: bool = False, each: float = 0.045
) -> float:
    """Dipole moment over volume flow, from the face (+y) with the piston in its middle."""
    corners, normals = panels(size, each)
    if on_a_floor:
        corners, normals = corners[normals[:, 2] > -0.5], normals[normals[:, 2] > -0.5]
    middle = corners.mean(axis=1)
    area = np.linalg.norm(
        np.cross(corners[:, 1] - corners[:, 0], corners[:, 3] - corners[:, 0]), axis=1
    )
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
