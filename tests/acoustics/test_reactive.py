"""Surfaces that push back: complex admittances in the box and in the modal field."""

from dataclasses import replace

import numpy as np
import pytest
from scipy.optimize import brentq

from jolly_parlor.acoustics.eigenvalues import axis_modes
from jolly_parlor.acoustics.fields.field_of_room import room_field
from jolly_parlor.acoustics.fields.impedance_box import BoxField
from jolly_parlor.acoustics.fields.modal_field import ModalField
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.fitted_room import KNOTS_HZ, fitted_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Surface
from jolly_parlor.acoustics.geometry.room_admittance import surface_admittance

F = np.geomspace(25.0, 200.0, 40)


def test_roots_of_an_axis_between_a_rigid_and_a_springy_end() -> None:
    """Real by theory: q tan(qL) = -k b for b0 = 0, b1 = j b (Kuttruff: a purely reactive end shifts
    the eigenfrequencies and damps nothing), here found by bisection.
    """
    length, k, b = 4.3, 1.2, 0.08
    found = axis_modes(length, np.array([k]), np.array([0.0]), np.array([1j * b]), 4).u[0]

    def end(q: float) -> float:  # X' (L) = -j k (j b) X = k b X with X = cos qx
        return q * np.sin(q * length) + k * b * np.cos(q * length)

    for n in (1, 2, 3):
        low, high = (n - 0.5) * np.pi / length, n * np.pi / length
        assert found[n].real == pytest.approx(brentq(end, low, high) ** 2, rel=1e-5)
        assert abs(found[n].imag) < 1e-5
    assert found[0].real < 0  # the lowest is no wave any more: it dies away from the spring


def test_box_and_modal_field_agree_with_walls_that_push_back() -> None:
    own = {name: Surface("own", (0.15,) * 7) for name in SURFACE_NAMES}
    room = box_room("Small", 3.1, 4.2, 2.4, own)
    back = {"front": (0.9, 0.4, -0.8), "ceiling": (-1.0, 0.5, 1.2), "left": (0.3, 0.3, 0.3)}
    factors = dict.fromkeys(SURFACE_NAMES, (1.5, 1.0, 0.7))
    size = np.array(room.dimensions)
    reactive = fitted_room(room, size, factors, room, back)
    plain = fitted_room(room, size, factors, room)
    box = room_field(reactive, F)
    modal = ModalField(reactive, F)
    source, ears = np.array([0.6, 0.7, 1.1]), np.array([[2.2, 3.0, 1.2], [1.5, 2.1, 1.0]])
    level = [
        20 * np.log10(np.abs(f.transfers(np.repeat(source[None], 2, 0), ears)))
        for f in (box, modal, room_field(plain, F))
    ]
    assert np.median(np.abs(level[0] - level[1])) < 0.06
    assert np.percentile(np.abs(level[0] - level[1]), 90) < 0.4
    assert np.median(np.abs(level[0] - level[2])) > 0.3  # it matters


def test_a_factor_with_reactance_keeps_what_the_wall_absorbs_within_bounds() -> None:
    own = {name: Surface("own", (0.5,) * 7) for name in SURFACE_NAMES}
    room = box_room("Small", 3.1, 4.2, 2.4, own)
    wild = fitted_room(
        room,
        np.array(room.dimensions),
        {"front": (9.0, 9.0, 9.0)},
        room,
        {"front": (2.0, 0.0, 0.0)},
    )
    beta = surface_admittance(wild, "front", np.array([30.0, KNOTS_HZ[1]]))
    assert np.all(beta.real <= 0.639)
    assert beta[0].imag / beta[0].real == pytest.approx(2.0)
    assert beta[1].imag == 0.0
    assert np.isrealobj(surface_admittance(replace(wild, reactances={}), "front", F))
    assert np.iscomplexobj(BoxField((3, 4, 2.4), np.full((6, F.size), 0.1j), F, 343.0).admittances)
