"""Boundary elements for boxes: constant panels, solid angles by Van Oosterom & Strackee 1983,
potentials by Gauss's rule.
"""

import numpy as np


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


def areas(corners: np.ndarray) -> np.ndarray:
    """Of flat panels (panels, 4, 3)."""
    one, other = corners[:, 1] - corners[:, 0], corners[:, 3] - corners[:, 0]
    return np.linalg.norm(np.cross(one, other), axis=1)
