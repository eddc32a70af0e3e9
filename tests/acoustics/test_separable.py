"""The separable form against finite-difference solutions and against the model of record."""

import json

import numpy as np
import pytest

from certain import some
from jolly_parlor.acoustics.fields.impedance_box import BoxField
from jolly_parlor.acoustics.fields.separable import HorizontalField, section
from jolly_parlor.acoustics.materials.admittances import admittance_from_normal_incidence
from places import DATA


@pytest.mark.parametrize("name", ["box_small", "box_mid"])
def test_agrees_with_finite_difference_solutions(name: str) -> None:
    case = json.loads((DATA / f"{name}.json").read_text())
    f = np.array(case["frequencies"])
    beta = admittance_from_normal_incidence(np.array(case["surfaces"]["alpha_six"]))
    admittances = np.repeat(beta[:, None], f.size, 1)
    field = BoxField(case["room"]["dimensions"], admittances, f, case["speed_of_sound"])
    at = {p["id"]: np.array(p["position"]) for p in case["sources"] + case["receivers"]}
    errors = []
    for row in case["responses"]:
        s, r = at[row["source"]], at[row["receiver"]]
        p = HorizontalField(field, s[2], r[2]).pressure(s[:2], r[:2])
        errors.append(np.abs(20 * np.log10(np.abs(p)) - row["level_db"]))
    assert np.median(errors) < 0.02
    assert np.percentile(errors, 90) < 0.1


@pytest.mark.parametrize("open_side", range(6))
def test_agrees_with_the_model_of_record_with_one_side_open(open_side: int) -> None:
    f = np.geomspace(20, 300, 120)
    beta = np.full((6, f.size), 0.04)
    beta[open_side] = 0.382  # normal-incidence absorption 0.8
    field = BoxField((3.87, 5.64, 2.52), beta, f, 343.2)
    errors = []
    for s, r in (
        ((1.2, 0.63, 1.2), (1.93, 1.88, 1.2)),
        ((2.7, 0.4, 1.1), (1.9, 2.4, 1.2)),
        ((0.8, 0.9, 1.3), (1.7, 3.6, 1.0)),
    ):
        exact = np.abs(field.pressure(s, r))
        quick = np.abs(
            HorizontalField(field, s[2], r[2]).pressure(np.array(s[:2]), np.array(r[:2]))
        )
        errors.append(np.abs(20 * np.log10(quick / exact)))
    assert np.median(errors) < 0.1
    assert np.percentile(errors, 90) < 0.5


def test_a_section_is_the_same_sum_for_many_heights() -> None:
    f = np.array([41.0, 97.0, 210.0])
    beta = np.array([0.02, 0.05, 0.03, 0.2, 0.04, 0.01])[:, None] * np.ones_like(f)
    field = BoxField((3.87, 5.64, 2.52), beta, f, 343.2)
    source, y = np.array([1.1, 0.7, 1.3]), 2.9
    xs, zs = np.array([0.2, 1.9, 3.3]), np.array([0.1, 1.3, 2.2])
    found = section(field, source, y, xs, zs)
    for row, z in some(enumerate(zs)):
        plane = HorizontalField(field, source[2], float(z))
        for column, x in some(enumerate(xs)):
            one = plane.pressure(source[:2], np.array([x, y]))
            np.testing.assert_allclose(found[:, row, column], one, rtol=1e-9)
