"""Finite elements against scikit-fem, and the field of a small box against the images of
pyroomacoustics: each is run here, none is a number copied from it.
"""

import numpy as np
import pyroomacoustics
import pytest
import skfem
from scipy.linalg import eigh
from skfem.models.poisson import laplace, mass

from jolly_parlor.acoustics.elements.rectilinear import RectilinearGrid
from jolly_parlor.acoustics.elements.triangles import TriangleMesh
from jolly_parlor.acoustics.elements.wedges import WedgeGrid
from jolly_parlor.acoustics.fields.impedance_box import BoxField
from jolly_parlor.acoustics.materials.coefficients import materials

LINES = (np.array([0.0, 0.7, 1.2]), np.array([0.0, 0.5, 1.3, 2.0]), np.array([0.0, 0.9, 1.5]))
SLANTED = ((0.0, 0.0), (1.6, 0.0), (1.2, 1.1), (0.0, 1.4))


def eigenvalues(stiffness: object, masses: object) -> np.ndarray:
    """Of K a = k^2 M a, which do not depend on how unknowns are numbered."""
    return np.asarray(eigh(stiffness.toarray(), masses.toarray(), eigvals_only=True))  # type: ignore[attr-defined]


def theirs(mesh: skfem.Mesh, element: skfem.Element) -> np.ndarray:
    basis = skfem.Basis(mesh, element, intorder=6)
    return eigenvalues(skfem.asm(laplace, basis), skfem.asm(mass, basis))


def test_hexahedra_with_one_cell_left_out_are_those_of_scikit_fem() -> None:
    used = np.ones((2, 3, 2), dtype=bool)
    used[1, 2, 1] = False  # a wardrobe's corner
    grid = RectilinearGrid(LINES, used)
    mesh = skfem.MeshHex.init_tensor(*LINES)
    middles = mesh.p[:, mesh.t].mean(axis=1)
    kept = ~((middles[0] > 0.7) & (middles[1] > 1.3) & (middles[2] > 0.9))
    assert kept.sum() == used.sum()
    found = eigenvalues(grid.stiffness, grid.mass)
    assert found == pytest.approx(
        theirs(mesh.restrict(np.flatnonzero(kept)), skfem.ElementHex2()), abs=1e-7
    )


def test_triangles_of_a_slanted_plan_are_those_of_scikit_fem() -> None:
    ours = TriangleMesh(SLANTED, (), (), 0.6)
    numbers = np.unique(ours.nodes[:, :3], return_inverse=True)
    mesh = skfem.MeshTri(ours.points[numbers[0]].T, numbers[1].reshape(-1, 3).T)
    found = eigenvalues(ours.summed_stiffness(), ours.summed_mass())
    assert found == pytest.approx(theirs(mesh, skfem.ElementTriP2()), abs=1e-7)


def test_wedges_are_triangles_times_layers_of_scikit_fem() -> None:
    """In a prism every eigenvalue is one of the plan and one of the height, added."""
    ours, layers = TriangleMesh(SLANTED, (), (), 0.9), np.array([0.0, 0.8, 1.9])
    used = np.ones((len(ours.nodes), 2), dtype=bool)
    grid = WedgeGrid(ours, layers, used, (0, 1, 2))
    numbers = np.unique(ours.nodes[:, :3], return_inverse=True)
    mesh = skfem.MeshTri(ours.points[numbers[0]].T, numbers[1].reshape(-1, 3).T)
    across = theirs(mesh, skfem.ElementTriP2())
    along = theirs(skfem.MeshLine(layers), skfem.ElementLineP2())
    wanted = np.sort((across[:, None] + along[None, :]).ravel())
    assert eigenvalues(grid.stiffness, grid.mass) == pytest.approx(wanted, abs=1e-7)


def test_a_small_box_has_the_modes_of_the_sum_of_images() -> None:
    """Images reflect alike from every angle, a locally reacting wall does not, so levels differ by
    a decibel or two; where they rise and how much they rise to first order must not.
    """
    size, alpha, order = (2.1, 1.7, 1.9), 0.12, 30
    source, ear = np.array([0.5, 0.45, 0.6]), np.array([1.5, 1.2, 1.3])
    shoebox = pyroomacoustics.ShoeBox(
        list(size), materials=pyroomacoustics.Material(alpha), max_order=order, air_absorption=False
    )
    shoebox.add_source(list(source))
    shoebox.add_microphone(list(ear))
    shoebox.image_source_model()
    images, kept = shoebox.sources[0].images.T.astype(float), shoebox.sources[0].damping[0]
    away = np.linalg.norm(images - ear, axis=1)
    f = np.linspace(70.0, 130.0, 241)
    k = 2 * np.pi * f / shoebox.c
    summed = np.array([np.sum(np.exp(-1j * one * away) * kept / away) for one in k])
    beta = (1 - np.sqrt(1 - alpha)) / (1 + np.sqrt(1 - alpha))
    own = BoxField(size, np.full((6, f.size), beta), f, shoebox.c).pressure(source, ear)
    level, other = 20 * np.log10(np.abs(own)), 20 * np.log10(np.abs(summed))
    top, their_top = (int(np.argmax(one)) for one in (level, other))
    assert f[top] == pytest.approx(f[their_top], rel=0.01)
    assert level[top] == pytest.approx(other[their_top], abs=4.0)
    assert np.median(np.abs(level - other)) < 2.0


def test_the_eigenvalues_of_the_l_listed_from_memory_are_those_of_scikit_fem() -> None:
    """`test_prism_and_modal` holds plan modes against them."""
    mesh = skfem.MeshTri.init_lshaped().refined(3)
    found = theirs(mesh, skfem.ElementTriP2())[1:6]
    assert found == pytest.approx([1.47562, 3.53403, np.pi**2, np.pi**2, 11.3895], rel=4e-3)


ALIKE = {
    "brick": "brick_wall_rough",
    "brick_painted": "smooth_brickwork_flush_pointing",
    "concrete": "unpainted_concrete",
    "linoleum": "linoleum_on_concrete",
    "panelling": "wooden_lining",
    "plaster_lath": "ceiling_plasterboard",
    "plasterboard_studs": "plasterboard",
    "timber_floor": "wood_1.6cm",
    "door_solid": "wooden_door",
    "window_heavy": "double_glazing_10mm",
    "carpet_thin": "carpet_thin",
    "carpet_underlay": "carpet_1.35_kg_m2",
    "curtain_heavy": "curtains_densely_woven",
}
"""Ours, written from memory of handbooks, and what is nearest to each in pyroomacoustics' table (of
the handbooks' own figures), 125 to 4000 Hz.
"""


@pytest.mark.parametrize(("ours", "other"), ALIKE.items())
def test_absorption_from_memory_is_near_that_of_a_published_table(ours: str, other: str) -> None:
    """Handbooks differ among themselves by as much: by a tenth in the median band, three tenths in
    the one that differs most (what a panel does at its resonance hangs on the air behind it).
    """
    own = np.array(materials()[ours].absorption)[1:]
    table = pyroomacoustics.materials_absorption_table[other]
    assert list(table["center_freqs"][:6]) == [125, 250, 500, 1000, 2000, 4000]
    apart = np.abs(own - np.array(table["coeffs"][:6]))
    assert np.median(apart) <= 0.1
    assert apart.max() <= 0.3
