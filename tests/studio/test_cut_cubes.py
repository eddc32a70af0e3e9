"""Cabinets and desks in the solver that stands in for a real room."""

import numpy as np
import pytest

from jolly_parlor.acoustics.fields.acoustic_centre import ahead_of_face
from jolly_parlor.acoustics.fields.field_of_room import room_field
from jolly_parlor.acoustics.fields.plated_field import PlatedField
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Surface
from jolly_parlor.studio.cut_cubes import CutCubes
from jolly_parlor.studio.device import Body, StagedSource
from jolly_parlor.studio.hidden_room import heard_among
from jolly_parlor.studio.voxels import VoxelRoom

ROOM = box_room("r", 3.8, 5.2, 2.5, {n: Surface("own", (0.3,) * 7) for n in SURFACE_NAMES})
SIZES = (0.22, 0.30, 0.38)
HZ = np.arange(30.0, 200.0, 2.0)
EAR, FACE = np.array([1.95, 3.25, 1.18]), np.array([1.13, 1.36, 1.22])


def cabinet(face: np.ndarray, towards: np.ndarray) -> Body:
    way = (towards - face) * (1, 1, 0)
    way = way / np.linalg.norm(way)
    middle = face - way * SIZES[1] / 2
    return Body(Point(*map(float, middle)), SIZES, tuple(map(float, way)))


@pytest.fixture(scope="module")
def solver() -> VoxelRoom:
    return VoxelRoom(ROOM, 0.115, 0.5)


@pytest.mark.parametrize("yaw", [0.0, 0.3, 0.79])
def test_a_body_takes_its_volume_whatever_its_turn(solver: VoxelRoom, yaw: float) -> None:
    body = Body(Point(1.3, 1.7, 1.1), SIZES, (float(np.sin(yaw)), float(np.cos(yaw)), 0.0))
    air = solver.air.astype(bool)
    cut = CutCubes.of(air, solver.cell, [body], [])
    taken = (air - cut.volume).sum() * solver.cell**3
    assert taken == pytest.approx(np.prod(SIZES), rel=0.12)
    assert np.all(cut.open_faces.sum(axis=1) <= 6 * cut.volume[tuple(cut.at.T)] + 1e-9)


def test_a_cabinet_has_its_acoustic_centre_where_boundary_elements_have_it(
    solver: VoxelRoom,
) -> None:
    """The rule of `acoustic_centre`, checked there against boundary elements, from a driver in the
    face of a body in a third method. Level at an ear is held against points ahead of the face.
    """
    body = cabinet(FACE, EAR)
    ahead = np.arange(0.0, 0.25, 0.02)
    way = np.array(body.way)
    bare = solver.transfers(EAR, np.array([FACE + way * a for a in ahead]), HZ)
    source = StagedSource(Point(*map(float, FACE)), 40.0, 24, body, (Point(*map(float, FACE)),))
    [heard] = heard_among(solver, Point(*map(float, EAR)), [source], (), HZ)
    off = np.sqrt(np.mean((20 * np.log10(np.abs(heard / bare))) ** 2, axis=1))
    best = int(np.argmin(off))
    bend = np.polyfit(ahead[best - 1 : best + 2], off[best - 1 : best + 2] ** 2, 2)
    assert -bend[1] / 2 / bend[0] == pytest.approx(ahead_of_face(SIZES[0], SIZES[2]), abs=0.015)
    assert off[0] > 2 * off[best], "at the face it is wrong"


def test_bodies_and_plates_keep_it_stable_and_reciprocal(solver: VoxelRoom) -> None:
    bodies = [cabinet(FACE, EAR), cabinet(np.array([2.6, 1.3, 0.19]), np.array([0.3, 4.0, 0.2]))]
    full = solver.furnished(bodies, [Plate((1.1, 1.5, 0.72), (1.6, 0.75), 2)])
    there = np.array([0.6, 4.1, 0.9])
    one, back = (full.transfers(a, b[None, :], HZ)[0] for a, b in ((EAR, there), (there, EAR)))
    assert np.all(np.isfinite(one))
    assert np.max(np.abs(one - back)) < 0.01 * np.max(np.abs(one))
    longer = VoxelRoom(ROOM, 0.115, 1.0).furnished(bodies)
    plain = VoxelRoom(ROOM, 0.115, 1.0)
    ratio = [np.abs(r.transfers(EAR, there[None, :], HZ)[0]).max() for r in (longer, plain)]
    assert ratio[0] < 2 * ratio[1], "nothing grows"


def test_a_desk_top_is_heard_as_the_forecast_has_it() -> None:
    # Two methods that share nothing: closed faces between cubes, which fit this room, and layers
    # of dipoles on the field of impedance walls. Both rooms ring at nearly the same frequencies,
    # so what the desk adds is the same shape, and by nearly the same much.
    solver = VoxelRoom(ROOM, 0.1, 0.5)
    plate = Plate((1.13, 1.61, 0.7), (1.55, 0.79), 2)
    source = StagedSource(Point(1.2, 1.1, 1.2), 40.0, 24)
    added = []
    field = room_field(ROOM, HZ)
    here = source.place.array(), EAR
    added.append(PlatedField(field, (plate,)).transfer(*here) - field.transfer(*here))
    with_desk, without = (
        heard_among(solver, Point(*map(float, EAR)), [source], p, HZ)[0] for p in ((plate,), ())
    )
    added.append(with_desk - without)
    told, found = (one[HZ < 160] for one in added)
    share = np.vdot(told, found) / np.vdot(told, told)
    assert abs(share) == pytest.approx(1.0, abs=0.15)
    rest = found - share * told
    assert np.vdot(rest, rest).real < 0.15**2 * np.vdot(found, found).real


def test_a_room_with_nothing_put_in_is_itself(solver: VoxelRoom) -> None:
    assert solver.furnished([], []) is solver
    outside = Body(Point(10.0, 10.0, 1.0), SIZES, (0.0, 1.0, 0.0))
    assert solver.furnished([outside]) is solver
