"""The field model against independent solutions of whole rooms, and against invariants."""

import json
import os

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from jolly_parlor.acoustics.fields.impedance_box import BoxField
from jolly_parlor.analysis.cases import CaseRefused, compute_case
from jolly_parlor.refused import Refused
from places import DATA


@pytest.mark.parametrize("name", ["box_small", "box_mid"])
def test_agrees_with_finite_difference_solutions(name: str) -> None:
    # Rooms solved by a 3-D finite-difference time-domain method (tests/data): level and phase.
    path = DATA / f"{name}.json"
    case = json.loads(path.read_text())
    found = compute_case(path)
    errors, turns = [], []
    for row in case["responses"]:
        p = found.pressures[row["source"], row["receiver"]]
        errors.append(np.abs(20 * np.log10(np.abs(p)) - row["level_db"]))
        turns.append(np.abs(np.angle(p * np.exp(-1j * np.radians(row["phase_deg"])), deg=True)))
    assert np.median(errors) < 0.03
    assert np.percentile(errors, 90) < 0.2
    assert np.median(turns) < 0.2


def _field(beta: float, frequencies: np.ndarray, size: tuple = (3.9, 5.6, 2.5)) -> BoxField:
    admittances = np.full((6, frequencies.size), beta)
    return BoxField(size, admittances, frequencies, 343.2)


def test_a_free_field_remains_when_all_surfaces_match() -> None:
    # beta = 1 absorbs normal incidence whole: close to the source the direct sound e^-jkr / r
    # must dominate in a large box. Grazing reflections remain, hence the loose bound.
    f = np.array([120.0, 180.0, 250.0])
    field = _field(1.0, f, (12.0, 14.0, 11.0))
    p = field.pressure((6.0, 6.0, 5.5), (6.0, 7.0, 5.5))
    assert 20 * np.log10(np.abs(p)) == pytest.approx([0, 0, 0], abs=1.0)


def test_wall_reflection_of_a_hard_floor_adds_six_decibels_at_the_floor() -> None:
    # Source and receiver on a rigid floor of an otherwise absorbing large box: +6 dB.
    f = np.array([150.0])
    beta = np.ones((6, 1))
    free = BoxField((12.0, 14.0, 11.0), beta, f, 343.2).pressure((6, 6, 5.5), (6, 7, 5.5))
    beta[4] = 1e-6
    floor = BoxField((12.0, 14.0, 11.0), beta, f, 343.2).pressure((6, 6, 0), (6, 7, 0))
    assert 20 * np.log10(abs(floor[0] / free[0])) == pytest.approx(6.02, abs=1.0)


inside = st.tuples(st.floats(0.2, 3.7), st.floats(0.2, 5.4), st.floats(0.2, 2.3))


@settings(max_examples=15)
@given(inside, inside)
def test_reciprocity(a: tuple, b: tuple) -> None:
    if max(abs(x - y) for x, y in zip(a, b, strict=True)) < 0.3:
        return
    f = np.array([31.0, 77.0, 140.0, 290.0])
    beta = np.outer([0.03, 0.3, 0.05, 0.02, 0.1, 0.2], np.ones(4))
    field = BoxField((3.9, 5.6, 2.5), beta, f, 343.2)
    assert np.allclose(field.pressure(a, b), field.pressure(b, a), rtol=1e-9)


@settings(max_examples=10)
@given(inside, inside)
def test_mirror_symmetry(a: tuple, b: tuple) -> None:
    if max(abs(x - y) for x, y in zip(a, b, strict=True)) < 0.3:
        return
    f = np.array([40.0, 90.0, 200.0])
    field = _field(0.08, f)

    def mirrored(p: tuple) -> tuple:
        return (3.9 - p[0], p[1], p[2])

    here, there = field.pressure(a, b), field.pressure(mirrored(a), mirrored(b))
    assert np.allclose(here, there, rtol=1e-6)


@pytest.mark.parametrize("open_side", range(6))
def test_the_choice_of_the_closed_axis_does_not_matter(open_side: int) -> None:
    # The three ways to sum the same Green's function must agree; one surface nearly open.
    f = np.array([35.0, 80.0, 160.0, 280.0])
    beta = np.full((6, 4), 0.04)
    beta[open_side] = 0.382  # normal-incidence absorption 0.8
    s, r = np.array([0.7, 1.0, 0.5]), np.array([2.4, 2.9, 2.2])
    field = BoxField((3.9, 5.6, 2.6), beta, f, 343.2)
    answers = [20 * np.log10(np.abs(field.closed_along(axis, s, r))) for axis in range(3)]
    assert np.allclose(answers[0], answers[1], atol=0.02)
    assert np.allclose(answers[0], answers[2], atol=0.02)


def test_positions_outside_are_refused_in_words() -> None:
    field = _field(0.05, np.array([50.0, 60.0]))
    with pytest.raises(Refused, match=r"source at \(4\.50, 1\.00, 1\.00\) m is outside"):
        field.pressure((4.5, 1, 1), (1, 2, 1))
    with pytest.raises(Refused, match="closer than 5 cm"):
        field.pressure((1, 1, 1), (1.01, 1.02, 1.0))


@pytest.mark.parametrize(
    ("text", "why"),
    [
        ("{", "not valid JSON"),
        ('{"room": {"kind": "dome"}}', "rectangular ones and prisms are known"),
        (
            '{"room": {"kind": "prism", "plan": [[0,0],[4,0],[1,3],[3,3]], "height": 2.4},'
            '"surfaces": {"walls": [{"alpha": 0.1}, {"alpha": 0.1}, {"alpha": 0.1},'
            '{"alpha": 0.1}], "floor": 0.1, "ceiling": 0.1}, "speed_of_sound": 343,'
            '"frequencies": [50], "sources": [{"id": "S", "position": [1, 1, 1]}],'
            '"receivers": [{"id": "R", "position": [2, 2, 1]}]}',
            "cross each other",
        ),
        (
            '{"room": {"kind": "rectangular", "dimensions": [4, 3, 2.4]}, "surfaces": {"x=0": 0.1,'
            '"x=Lx": 0.1, "y=0": 0.1, "y=Ly": 0.1, "floor": 0.1, "ceiling": 0.1}, "things":'
            '[{"kind": "solid", "corner": [1, 1, 0], "size": [1, 0, 1], "alpha": 0.1}]}',
            "thing 0 has no size",
        ),
        ('{"room": {"kind": "rectangular"}}', "lacks or garbles"),
        (
            '{"room": {"kind": "rectangular", "dimensions": [4, 3, 2.4]}, "surfaces": {"x=0": 0.1,'
            '"x=Lx": 0.1, "y=0": 0.1, "y=Ly": 0.1, "floor": 0.1, "ceiling": 0.1},'
            '"frequencies": [50], "receivers": [], "sources": [{"id": "S1", "driver": {"centre":'
            '[1, 1, 1], "normal": [0, 1, 0]}}]}',
            "driver S1 has no cabinet",
        ),
        ("[" * 5000 + "]" * 5000, "not valid JSON"),
    ],
)
def test_a_case_that_makes_no_sense_is_refused(tmp_path, text: str, why: str) -> None:
    path = tmp_path / "case.json"
    path.write_text(text)
    with pytest.raises(CaseRefused, match=why):
        compute_case(path)


def test_a_pipe_is_no_case_and_not_waited_for(tmp_path) -> None:
    os.mkfifo(tmp_path / "case.json")
    with pytest.raises(CaseRefused, match="no ordinary file"):
        compute_case(tmp_path / "case.json")


def test_a_changed_surface_gives_the_field_of_the_changed_room() -> None:
    f = np.array([35.0, 80.0, 160.0])
    beta = np.full((6, 3), 0.05)
    field = _field(0.05, f)
    field.pressure((1, 1, 1), (2, 3, 1.5))
    beta[2] = 1.0
    fresh = BoxField((3.9, 5.6, 2.5), beta, f, 343.2).pressure((1, 1, 1), (2, 3, 1.5))
    assert np.allclose(field.with_admittance(2, 1.0).pressure((1, 1, 1), (2, 3, 1.5)), fresh)
