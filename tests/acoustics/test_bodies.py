"""What a cabinet does to the sound of others, against boundary elements of our own."""

import numpy as np
import pytest

from boundary_elements import areas, panels, potential, solid_angle
from jolly_parlor.acoustics.fields.bodies import Body, direct_sound

MONITOR, CUBE = (0.225, 0.30, 0.375), (0.40, 0.40, 0.40)


def moved_air(size: tuple[float, float, float]) -> list[float]:
    """Added mass over density along each axis, m3: Laplace, the box moving as a whole."""
    corners, normals = panels(size, 0.05)
    middle, area = corners.mean(axis=1), areas(corners)
    double, single = solid_angle(middle, corners), potential(middle, corners, True)
    np.fill_diagonal(double, 0.0)
    pressure = np.linalg.solve(0.5 * np.eye(len(area)) + double, -single @ normals)
    return [-float(np.sum(pressure[:, n] * normals[:, n] * area)) for n in range(3)]


def scattered(
    size: tuple[float, float, float], source: np.ndarray, ears: np.ndarray, k: float
) -> np.ndarray:
    """By a rigid box about the origin: Helmholtz, (ears,)."""
    corners, _ = panels(size, 0.05)
    middle = corners.mean(axis=1)

    def kernel(points: np.ndarray) -> np.ndarray:
        metres = np.linalg.norm(points[:, None] - middle, axis=-1)
        return solid_angle(points, corners) * (1 + 1j * k * metres) * np.exp(-1j * k * metres)

    own = kernel(middle)
    np.fill_diagonal(own, 0.0)
    came = direct_sound(source, middle, np.array([k]))[:, 0]
    return np.asarray(-kernel(ears) @ np.linalg.solve(0.5 * np.eye(len(middle)) + own, came))


@pytest.mark.parametrize("size", [MONITOR, CUBE, (0.25, 0.30, 0.90)])
def test_the_air_that_moves_with_a_box_is_that_of_boundary_elements(size) -> None:
    body = Body(np.zeros(3), np.array(size))
    volume = np.prod(size)
    # 0.64 of its volume with a cube, along each side.
    assert volume + body.added_air == pytest.approx(volume + np.array(moved_air(size)), rel=0.07)
    cube = Body(np.zeros(3), np.array(CUBE)).added_air / np.prod(CUBE)
    assert cube == pytest.approx(0.64, abs=0.005)


@pytest.mark.parametrize(
    ("size", "hertz", "within"),
    [(MONITOR, 80.0, 0.1), (MONITOR, 150.0, 0.12), (CUBE, 80.0, 0.15), (CUBE, 150.0, 0.25)],
)
def test_what_it_scatters_is_what_boundary_elements_say(size, hertz: float, within: float) -> None:
    source = np.array([0.5, 1.2, 0.2])
    ears = np.array([[0.9, -0.8, 0.0], [-1.0, 0.6, 0.3], [0.2, 0.9, -0.7], [0.1, -1.1, 0.1]])
    k = 2 * np.pi * hertz / 343.2
    body, every = Body(np.zeros(3), np.array(size)), np.array([k])
    heard = direct_sound(source, body.probes, every)[None]
    towards = np.array([direct_sound(ear, body.probes, every) for ear in ears])
    found = body.scatters(heard, towards, every)[:, 0, 0]
    truth = scattered(size, source, ears, k)
    assert np.max(np.abs(found - truth)) < within * np.max(np.abs(truth))
    assert np.max(np.abs(truth)) > 0.003 / np.linalg.norm(source)


def test_source_and_ear_change_places() -> None:
    body, k = Body(np.array([1.0, 2.0, 1.1]), np.array(MONITOR)), np.array([2.0, 4.0])
    one, other = np.array([0.3, 0.4, 1.2]), np.array([2.0, 3.4, 1.0])
    heard = [direct_sound(place, body.probes, k)[None] for place in (one, other)]
    there, back = body.scatters(heard[0], heard[1], k), body.scatters(heard[1], heard[0], k)
    assert there == pytest.approx(back, rel=1e-12)
