"""Absorption to admittance, checked by integration and by the literature's extreme."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.integrate import quad

from jolly_parlor.acoustics.geometry.room import Opening
from jolly_parlor.acoustics.geometry.room_admittance import surface_admittance
from jolly_parlor.acoustics.materials.admittances import (
    absorption_at,
    admittance_from_normal_incidence,
    admittance_from_random_incidence,
    random_incidence_absorption,
    reflection_factor,
)
from jolly_parlor.acoustics.materials.coefficients import materials
from jolly_parlor.project.document import Document


@pytest.mark.parametrize("impedance", [1.57, 3.0, 12.0, 80.0])
def test_paris_formula_is_the_integral_it_stands_for(impedance: float) -> None:
    def absorbed(t: float) -> float:
        reflected = reflection_factor(1 / impedance, float(np.cos(t)))
        return float((1 - reflected**2) * np.sin(2 * t))

    expected = quad(absorbed, 0, np.pi / 2)[0]
    found = float(random_incidence_absorption(np.array(impedance)))
    assert found == pytest.approx(expected, abs=1e-9)


def test_greatest_random_absorption_is_the_textbook_one() -> None:
    # Kuttruff: 0.951 at a real specific impedance of 1.567 (from memory).
    z = np.linspace(1.2, 2.2, 20_001)
    alpha = random_incidence_absorption(z)
    assert alpha.max() == pytest.approx(0.951, abs=5e-4)
    assert z[alpha.argmax()] == pytest.approx(1.567, abs=2e-3)


@given(st.floats(0.001, 0.95))
def test_random_incidence_inversion_returns(alpha: float) -> None:
    beta = admittance_from_random_incidence(np.array([alpha]))
    assert random_incidence_absorption(1 / beta)[0] == pytest.approx(alpha, abs=1e-6)


@given(st.floats(0.001, 0.95))
def test_a_table_value_gives_a_smaller_admittance_than_a_tube_value(alpha: float) -> None:
    # Oblique sound is absorbed more, so the same alpha at random incidence means a harder wall.
    table = admittance_from_random_incidence(np.array([alpha]))[0]
    tube = admittance_from_normal_incidence(np.array([alpha]))[0]
    assert table < tube


def test_absorption_is_held_below_63_hz_and_interpolated_between_bands() -> None:
    bands = np.array([0.3, 0.2, 0.1, 0.1, 0.1, 0.1, 0.1])
    at = absorption_at(np.array([20.0, 63.0, np.sqrt(63 * 125), 125.0]), bands)
    assert at == pytest.approx([0.3, 0.3, 0.25, 0.2])


@pytest.mark.parametrize("alpha", [-0.01, 1.01, float("nan")])
def test_impossible_absorption_is_refused(alpha: float) -> None:
    with pytest.raises(ValueError, match="between 0 and 1"):
        admittance_from_random_incidence(np.array([alpha]))


def test_the_table_has_seven_bands_in_range_and_unique_ids() -> None:
    table = materials()
    assert len(table) >= 15
    for row in table.values():
        assert len(row.absorption) == 7
        assert all(0 < value <= 1 for value in row.absorption)


def test_a_window_softens_its_wall_by_area(kiln: Document) -> None:
    from dataclasses import replace

    f = np.array([63.0])
    bare = replace(kiln.room, openings=())
    before = surface_admittance(bare, "front", f)[0]
    pane = Opening("window", "front", 0.5, 1.0, 0.5, 1.0, "window")
    after = surface_admittance(replace(bare, openings=(pane,)), "front", f)[0]
    glass = admittance_from_random_incidence(np.array([0.30]))[0]
    share = 1.0 / (bare.width * bare.height)
    assert after == pytest.approx(before * (1 - share) + glass * share, rel=1e-6)
