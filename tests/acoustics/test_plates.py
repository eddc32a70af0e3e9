"""Thin plates in a room: against tables of added mass, a slab of finite elements, and laws that
hold whatever the method.
"""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.elements.enclosure import Block, Enclosure
from jolly_parlor.acoustics.elements.modal_solver import ModalBasis, ModalSolver
from jolly_parlor.acoustics.fields import field_of_room as fields
from jolly_parlor.acoustics.fields.box_field import BoxRoomField
from jolly_parlor.acoustics.fields.impedance_box import BoxField
from jolly_parlor.acoustics.fields.joined_field import JoinedField
from jolly_parlor.acoustics.fields.modal_field import ModalField
from jolly_parlor.acoustics.fields.plate_in_modes import PlateInModes, Remainders
from jolly_parlor.acoustics.fields.plate_walls import bounds_around
from jolly_parlor.acoustics.fields.plated_field import PlatedField
from jolly_parlor.acoustics.fields.plates import Layer, Plate, solved
from jolly_parlor.acoustics.fields.turned_field import TurnedField
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.plan import rectangle
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Surface, Thing
from jolly_parlor.acoustics.geometry.turned_room import turned
from jolly_parlor.signals.smoothing import smoothing_weights
from rigid_field import RigidField

FREE = np.full(3, np.inf)
OWN = Surface("own", (0.1,) * 7)
ROOM = box_room("made", 3.2, 4.1, 2.4, dict.fromkeys(SURFACE_NAMES, OWN))
F = np.geomspace(25.0, 200.0, 60)
DESK = Plate((0.8, 0.7, 0.74), (1.4, 0.7), 2, 0.03)
CHAIR = Plate((1.3, 2.6, 0.5), (0.5, 0.75), 1)
SOURCE, EAR = np.array([1.0, 0.55, 1.15]), np.array([1.5, 1.8, 1.2])


def field(room=ROOM, f=F) -> BoxRoomField:
    return fields.bare_field(room, f)  # type: ignore[return-value]


@pytest.mark.parametrize(("long", "mass"), [(1.0, 0.4547), (2.0, 0.757 * np.pi / 4)])
def test_a_plate_in_free_air_moves_the_mass_of_the_tables(long: float, mass: float) -> None:
    """Added mass of rectangular plates over (short side squared times long); DNV-RP-H103, table of
    three-dimensional bodies: 0.579 and 0.757 of pi / 4 (from memory).
    """
    layer = Layer(Plate((0.0, 0.0, 0.0), (long, 1.0), 2), -FREE, FREE)
    flow = layer.functions[:, 0]
    assert flow.sum() ** 2 / -layer.static[0, 0] / long == pytest.approx(mass, rel=0.01)


def test_at_a_wall_it_is_half_of_a_plate_twice_as_deep() -> None:
    def mass(plate: Plate, low: np.ndarray) -> float:
        layer = Layer(plate, low, FREE)
        return float(layer.functions[:, 0].sum() ** 2 / -layer.static[0, 0])

    at_wall = mass(Plate((0.0, 0.0, 0.0), (1.0, 0.5), 2), np.array([-np.inf, 0.0, -np.inf]))
    assert 2 * at_wall == pytest.approx(mass(Plate((0, -0.5, 0), (1.0, 1.0), 2), -FREE), rel=0.01)
    gap = mass(Plate((0.0, 0.05, 0.0), (1.0, 0.5), 2), np.array([-np.inf, 0.0, -np.inf]))
    assert gap < 0.85 * at_wall  # what a slit lets through


def test_thickness_adds_the_air_it_displaces() -> None:
    """Of an oblate spheroid the dipole grows by 1.27 times its thickness over its width (Lamb,
    Hydrodynamics, by its inertia coefficient); a slab has no thin edges and grows by more.
    """

    def dipole(thickness: float) -> float:
        plate = Plate((0.0, 0.0, 0.0), (1.0, 1.0), 2, thickness)
        layer = Layer(plate, -FREE, FREE)
        return float(layer.functions[:, 0].sum() ** 2 / -layer.static[0, 0])

    assert dipole(0.04) / dipole(0.0) == pytest.approx(1 + 0.04 / 0.4553, abs=0.002)


def levels(pressure: np.ndarray) -> np.ndarray:
    weights = smoothing_weights(F, F, 12)
    return 10 * np.log10(np.abs(pressure) ** 2 @ weights.T)


def test_a_desk_in_a_bare_room_is_the_slab_of_finite_elements() -> None:
    """The same elements with the desk as a thin block in their grid, and without it."""
    plan, height = rectangle(2.8, 3.4), 2.3
    desk = Plate((0.5, 0.45, 0.74), (1.6, 0.8), 2, 0.04)
    slab = Block("slab", (0.5, 0.45, 0.72), (2.1, 1.25, 0.76))
    f = np.geomspace(40.0, 180.0, 60)
    every = np.full(f.size, 0.03)
    names = ("wall 0", "wall 1", "wall 2", "wall 3", "floor", "ceiling")
    sources, ears = np.array([[0.8, 0.35, 1.0]]), np.array([[1.4, 1.5, 1.1], [1.5, 1.4, 1.0]])

    def solver(solids: tuple[Block, ...], spacing: float) -> ModalSolver:
        enclosure = Enclosure(plan, height, solids, spacing=spacing)
        beta = dict.fromkeys((*names, *(block.name for block in solids)), every)
        basis = ModalBasis(enclosure, 2 * np.pi * f[-1] / 343.2)
        return ModalSolver(basis, beta, (), f, 343.2)

    true = solver((slab,), 0.35).transfers(sources, ears)[:, 0]
    bare = solver((), 0.45)
    sizes = np.array([2.8, 3.4, height])
    layer = Layer(desk, np.zeros(3), sizes)
    plate = PlateInModes(bare, Remainders(bare, sizes), layer, bare.ends)
    here, there = plate.towards(ears), plate.towards(sources)[0]
    jumps = np.einsum("fpq,fq->fp", solved(plate.action), there)
    without = bare.transfers(sources, ears)[:, 0]
    own = without + 4 * np.pi * np.einsum("rfp,fp->rf", here, jumps)
    weights = smoothing_weights(f, f, 12)

    def off(found: np.ndarray) -> np.ndarray:
        told, known = (np.abs(p) ** 2 @ weights.T for p in (found, true))
        return np.abs(10 * np.log10(told / known))

    assert np.percentile(off(without), 90) > 1.5  # so there is something to be right about
    assert np.median(off(own)) < 0.2 and np.percentile(off(own), 90) < 0.6


def test_the_box_and_the_elements_say_the_same() -> None:
    worked = ModalField(ROOM, F)
    for plate in (DESK, CHAIR):
        one = PlatedField(field(), [plate]).transfer(SOURCE, EAR)
        other = PlatedField(worked, [plate]).transfer(SOURCE, EAR)
        apart = np.abs(levels(one) - levels(other))
        assert np.median(apart) < 0.1 and np.percentile(apart, 95) < 0.5


@pytest.mark.parametrize("make", [field, lambda: RigidField(ROOM, F), lambda: ModalField(ROOM, F)])
def test_reciprocity_holds_and_many_are_as_one(make) -> None:
    plated = PlatedField(make(), [DESK, CHAIR])
    there = plated.transfer(SOURCE, EAR)
    assert plated.transfer(EAR, SOURCE) == pytest.approx(there, rel=1e-3, abs=1e-5)
    places = np.array([SOURCE, [2.2, 0.55, 1.15], SOURCE])
    ears = np.array([EAR, EAR, [1.6, 1.9, 1.1]])
    many = plated.transfers(places, ears)
    for n in range(3):
        assert many[n] == pytest.approx(plated.transfer(places[n], ears[n]), rel=2e-3, abs=1e-4)


def test_without_losses_nothing_is_radiated_away() -> None:
    """Power balance: in a room and on a plate that absorb nothing, pressure and flow of a source
    are a quarter turn apart everywhere.
    """
    hard = BoxField(ROOM.dimensions, np.full((6, F.size), 1e-9), F, 343.2)
    plated = PlatedField(BoxRoomField(hard), [DESK])
    heard = plated.transfer(SOURCE, EAR)
    assert np.max(np.abs(heard.imag)) < 1e-3 * np.max(np.abs(heard))
    assert np.max(np.abs(heard - plated.base.transfer(SOURCE, EAR))) > 0.1


def test_a_desk_that_shrinks_to_nothing_leaves_the_field_of_the_room() -> None:
    bare = field().transfer(SOURCE, EAR)
    shares = []
    for size in (1.0, 0.3, 0.1, 0.03):
        small = Plate((1.2, 1.0, 0.74), (size, size / 2), 2)
        shares.append(np.max(np.abs(PlatedField(field(), [small]).transfer(SOURCE, EAR) - bare)))
    assert shares == sorted(shares, reverse=True)
    assert shares[-1] < 1e-4 * np.max(np.abs(bare))


def test_a_map_is_what_is_heard_at_its_places() -> None:
    xs, ys, zs = np.array([0.9, 1.6, 2.4]), np.array([1.7, 2.2]), np.array([0.4, 1.3])
    for base in (field(), ModalField(ROOM, F)):
        plated = PlatedField(base, [DESK, CHAIR])
        plan = plated.spread(SOURCE, 1.2, xs, ys)
        upright = plated.section(SOURCE, 2.1, xs, zs)
        assert plan.shape == (F.size, 2, 3) and upright.shape == (F.size, 2, 3)
        bare_plan, bare_upright = (
            base.spread(SOURCE, 1.2, xs, ys),
            base.section(SOURCE, 2.1, xs, zs),
        )
        for i in range(3):
            for j in range(2):
                for grid, bare, at in (
                    (plan, bare_plan, np.array([xs[i], ys[j], 1.2])),
                    (upright, bare_upright, np.array([xs[i], 2.1, zs[j]])),
                ):
                    added = plated.transfer(SOURCE, at) - base.transfer(SOURCE, at)
                    shown = grid[:, j, i] - bare[:, j, i]
                    assert np.max(np.abs(shown - added)) < 0.03 * np.max(np.abs(added)) + 0.01


def test_seen_from_another_wall_it_is_the_same_desk() -> None:
    seen = turned(ROOM)
    base = TurnedField(field(), ROOM)

    def there(place: np.ndarray) -> np.ndarray:
        return np.array([ROOM.length - place[1], place[0], place[2]])

    x = ROOM.length - DESK.corner[1] - DESK.sizes[1]
    plate = Plate((x, DESK.corner[0], DESK.at), DESK.sizes[::-1], 2, DESK.thickness)
    heard = PlatedField(base, [plate]).transfer(there(SOURCE), there(EAR))
    own = PlatedField(field(seen), [plate]).transfer(there(SOURCE), there(EAR))
    assert heard == pytest.approx(PlatedField(field(), [DESK]).transfer(SOURCE, EAR), rel=1e-6)
    assert levels(heard) == pytest.approx(levels(own), abs=0.05)


def test_a_joined_field_has_the_plate_in_both_parts() -> None:
    below, above = ModalField(ROOM, F[:40]), field(f=F[40:])
    joined = PlatedField(JoinedField(below, above), [DESK])
    parts = [PlatedField(part, [DESK]).transfer(SOURCE, EAR) for part in (below, above)]
    assert joined.transfer(SOURCE, EAR) == pytest.approx(np.concatenate(parts))
    xs, ys = np.array([1.1, 1.9]), np.array([2.0])
    assert joined.spread(SOURCE, 1.2, xs, ys).shape == (F.size, 1, 2)


def test_walls_that_mirror_a_plate_are_those_beside_it() -> None:
    low, high = bounds_around(ROOM, DESK)
    assert low.tolist() == [0.0, 0.0, 0.0] and high.tolist() == pytest.approx([3.2, 4.1, 2.4])
    corners = ((0.0, 0.0), (4.0, 0.0), (4.0, 2.0), (2.0, 2.0), (2.0, 5.0), (0.0, 5.0))
    bent = box_room("bent", 4.0, 5.0, 2.4, dict.fromkeys(SURFACE_NAMES, OWN))
    walls = tuple(replace(bent.walls[0], name=f"w{n}") for n in range(6))
    bent = replace(bent, plan=corners, walls=walls)
    near = bounds_around(bent, Plate((0.3, 3.0, 0.7), (1.2, 0.6), 2))
    assert near[1][0] == 2.0 and near[1][1] == 5.0
    wide = bounds_around(bent, Plate((0.3, 0.5, 0.7), (1.2, 0.6), 2))
    assert wide[1][0] == 4.0 and near[0].tolist() == [0.0, 0.0, 0.0]


def test_a_thing_in_the_way_of_the_plate_takes_its_part_out() -> None:
    chest = Thing("chest", "solid", 0.8, 0.7, 0.0, 0.5, 0.7, 1.0)
    room = replace(ROOM, things=(chest,))
    plated = PlatedField(ModalField(room, F[::6]), [DESK])
    heard = plated.transfer(np.array([2.2, 0.5, 1.2]), EAR)
    assert np.all(np.isfinite(heard))
