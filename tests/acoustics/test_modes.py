"""Eigenfrequencies against the handbook, impedance eigenvalues against their limits."""

import numpy as np
import pytest

from jolly_parlor.acoustics.eigenvalues import axis_modes
from jolly_parlor.acoustics.fields.rigid_modes import modes
from jolly_parlor.acoustics.geometry.proportions import room_warnings
from jolly_parlor.acoustics.geometry.room import Point
from jolly_parlor.acoustics.geometry.room_admittance import schroeder_hz
from jolly_parlor.project.document import Document
from rooms import sized


def test_eigenfrequencies_of_the_handbook_room() -> None:
    # Kuttruff, Room Acoustics: 4.7 x 4.1 x 3.1 m at 340 m/s.
    found = modes((4.7, 4.1, 3.1), 340.0, 70.0)
    first = [mode.frequency_hz for mode in found[:5]]
    assert first == pytest.approx([36.17, 41.46, 54.84, 55.02, 65.69], abs=0.01)
    assert [mode.order for mode in found[:5]] == [
        (1, 0, 0),
        (0, 1, 0),
        (0, 0, 1),
        (1, 1, 0),
        (1, 0, 1),
    ]
    assert [mode.kind for mode in found[:4]] == ["width", "length", "height", "mixed"]


def test_mode_count_approaches_the_textbook_formula() -> None:
    # Kuttruff: N(f) = 4 pi V f^3 / 3 c^3 + pi S f^2 / 4 c^2 + L f / 8 c, L the sum of the edges.
    w, length, h, c, f = 4.7, 4.1, 3.1, 340.0, 400.0
    volume, area = w * length * h, 2 * (w * length + w * h + length * h)
    edges = 4 * (w + length + h)
    expected = 4 * np.pi / 3 * volume * (f / c) ** 3 + np.pi / 4 * area * (f / c) ** 2
    expected += edges * f / (8 * c)
    assert len(modes((w, length, h), c, f)) == pytest.approx(expected, rel=0.02)


def test_a_mode_is_silent_at_its_node_and_full_in_the_corner() -> None:
    first = modes((4.0, 5.0, 2.5), 343.2, 60.0)[0]
    assert first.kind == "length"
    assert first.shape(Point(0, 0, 0)) == pytest.approx(1.0)
    assert first.shape(Point(1.3, 2.5, 1.0)) == pytest.approx(0.0, abs=1e-12)


def test_nearly_rigid_ends_give_the_rigid_eigenvalues() -> None:
    k = np.array([0.5, 2.0, 5.0])
    tiny = np.full(3, 1e-6)
    found = axis_modes(4.0, k, tiny, tiny, 6)
    rigid = (np.arange(6) * np.pi / 4.0) ** 2
    assert np.allclose(found.u.real, rigid, atol=1e-4)


def test_impedance_eigenvalues_satisfy_both_boundary_conditions() -> None:
    # Independent of the characteristic equation: check X'(L) = -j k b1 X(L) by differences.
    k = np.linspace(0.4, 5.5, 9)
    b0, b1 = np.full(9, 0.38), np.full(9, 0.12)
    found = axis_modes(5.64, k, b0, b1, 12)
    step = 1e-5
    x_end, x_before = found.shape(5.64), found.shape(5.64 - step)
    x_before2 = found.shape(5.64 - 2 * step)
    slope = (3 * x_end - 4 * x_before + x_before2) / (2 * step)
    assert np.allclose(slope, -1j * k[:, None] * 0.12 * x_end, atol=1e-4)
    start, after, after2 = found.shape(0.0), found.shape(step), found.shape(2 * step)
    slope = (-3 * start + 4 * after - after2) / (2 * step)
    assert np.allclose(slope, 1j * k[:, None] * 0.38 * start, atol=1e-4)


def test_norms_are_the_integrals_and_modes_are_orthogonal() -> None:
    k = np.array([1.1, 4.2])
    found = axis_modes(3.2, k, np.full(2, 0.2), np.full(2, 0.05), 5)
    x, weight = np.polynomial.legendre.leggauss(80)
    x, weight = (x + 1) / 2 * 3.2, weight / 2 * 3.2
    shapes = np.array([found.shape(float(at)) for at in x])
    gram = np.einsum("p,pfm,pfn->fmn", weight, shapes, shapes)
    for at in range(2):
        assert np.allclose(np.diag(gram[at]), found.norm[at], rtol=1e-9)
        assert np.max(np.abs(gram[at] - np.diag(np.diag(gram[at])))) < 1e-8


def test_schroeder_frequency_of_the_demo_room(kiln: Document) -> None:
    # 2000 sqrt(T / V), T by Eyring from the table: worked out apart from the code.
    room = kiln.room
    window, door = 1.4 * 1.2, 0.82 * 2.0
    side, end, plan = 5.64 * 2.52, 3.87 * 2.52, 3.87 * 5.64
    absorbed = 0.03 * end + 0.29 * side + 0.03 * (side - window) + 0.35 * window
    absorbed += 0.29 * (end - door) + 0.14 * door + 0.15 * plan + 0.14 * plan
    area = 2 * (side + end + plan)
    seconds = 0.161 * room.volume / (-area * np.log(1 - absorbed / area))
    assert schroeder_hz(room) == pytest.approx(2000 * np.sqrt(seconds / room.volume), rel=1e-3)


def test_repeated_dimensions_are_warned_of(kiln: Document) -> None:

    assert room_warnings(kiln.room) == []
    square = sized(kiln.room, width=5.5)
    assert room_warnings(square) == [
        "Width and length are nearly equal: their modes stack at the same frequencies."
    ]
    assert len(room_warnings(sized(kiln.room, width=2.5, length=2.5, height=2.5))) == 3
