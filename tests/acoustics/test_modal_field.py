"""The furnished room as a RoomField: what it keeps and shares changes none of its answers."""

from dataclasses import replace
from functools import cache

import numpy as np
import pytest

from jolly_parlor.acoustics.fields.modal_field import ModalField
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.changed_room import resized
from jolly_parlor.acoustics.geometry.fitted_room import fitted_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Opening, Room, Surface, Thing
from jolly_parlor.refused import Refused

F = np.array([31.0, 47.0, 66.0, 90.0, 125.0, 160.0])
WARDROBE = Thing("wardrobe", "solid", 0.0, 3.2, 0.0, 1.2, 0.6, 2.0, "door_solid")
BED = Thing("bed", "soft", 2.0, 1.9, 0.0, 1.2, 1.9, 0.5)
PLACES = np.array([[0.7, 0.6, 1.1], [2.4, 0.7, 1.0], [1.6, 1.5, 1.2], [1.7, 2.4, 1.15]])


def furnished(**more: object) -> Room:
    linings = ("plaster_masonry", "plasterboard_studs", "brick", "plaster_masonry")
    floor_and_ceiling = ("timber_floor", "plaster_lath")
    surfaces = {
        name: Surface(material)
        for name, material in zip(SURFACE_NAMES, (*linings, *floor_and_ceiling), strict=True)
    }
    window = Opening("window", "right", 0.9, 1.3, 0.8, 1.2, "window")
    room = box_room("Attic", 3.3, 3.9, 2.4, surfaces, things=(WARDROBE, BED), openings=(window,))
    return replace(room, **more)  # type: ignore[arg-type]


@cache
def field() -> ModalField:
    return ModalField(furnished(), F)


def _db(a: np.ndarray, b: np.ndarray) -> np.ndarray:
    return np.abs(20 * np.log10(np.abs(a / b)))


def test_one_pair_many_pairs_and_the_solver_agree_whichever_end_is_known() -> None:
    fresh = ModalField(furnished(), F)
    whole = fresh.solver.transfers(PLACES[:2], PLACES[2:])
    one = fresh.transfer(PLACES[0], PLACES[2])
    back = fresh.transfer(PLACES[2], PLACES[0])
    assert np.allclose(one, whole[0, 0], rtol=1e-6)
    assert np.allclose(back, one, rtol=1e-6)
    pairs = fresh.transfers(PLACES[[0, 1, 0]], PLACES[[2, 2, 3]])
    assert np.max(_db(pairs, whole[[0, 0, 1], [0, 1, 0]])) < 0.01
    for _ in range(4):  # from now on by the inverse, in single precision
        fresh.transfer(PLACES[1], PLACES[3])
        fresh.places.end(PLACES[1] + 0.01 * fresh.frequencies_hz.size)
    assert np.max(_db(fresh.transfer(PLACES[1], PLACES[3]), whole[1, 1])) < 0.01


def test_maps_hold_the_same_pressures_and_nothing_inside_things() -> None:
    xs, ys = np.array([0.6, PLACES[2, 0]]), np.array([PLACES[2, 1], 3.5])
    spread = field().spread(PLACES[0], PLACES[2, 2], xs, ys)
    assert spread.shape == (F.size, 2, 2)
    assert np.allclose(spread[:, 0, 1], field().transfer(PLACES[0], PLACES[2]), rtol=1e-4)
    assert np.all(np.isnan(spread[:, 1, 0])), "in the wardrobe"
    zs = np.array([0.4, PLACES[2, 2]])
    section = field().section(PLACES[0], PLACES[2, 1], xs, zs)
    assert np.allclose(section[:, 1, 1], spread[:, 0, 1])


def test_a_place_in_a_thing_or_outside_is_refused() -> None:
    for place in ([0.5, 3.5, 1.0], [3.6, 1.0, 1.0]):
        with pytest.raises(Refused, match="inside a thing; move it"):
            field().transfer(np.array(place), PLACES[2])


def test_a_side_that_absorbs_takes_its_window_along() -> None:
    other = field().absorbing("right")
    every = np.ones(F.size)
    solver = field().solver.absorbing({"wall 1": 1.0, "opening 0": 1.0})
    exact = solver.transfers(PLACES[:1], PLACES[2:3])[0, 0]
    assert np.allclose(other.transfer(PLACES[0], PLACES[2]), exact, rtol=1e-5)
    assert np.max(_db(exact, field().transfer(PLACES[0], PLACES[2]))) > 0.5
    assert every.size == F.size


def test_fewer_frequencies_are_the_same_frequencies() -> None:
    rows = np.array([1, 4])
    there = field().at_rows(rows).transfer(PLACES[0], PLACES[2])
    assert np.allclose(there, field().transfer(PLACES[0], PLACES[2])[rows], rtol=1e-4)
    assert list(field().decimated(2).frequencies_hz) == [31.0, 66.0, 125.0, 160.0]


@pytest.mark.parametrize("parameter", ["left", "floor", "width", "height"])
def test_a_room_a_little_other_is_what_working_it_out_anew_gives(parameter: str) -> None:
    room, sizes = furnished(), np.array([3.3, 3.9, 2.4])
    factors: dict[str, tuple[float, ...]] = {}
    if parameter in ("width", "height"):
        sizes[("width", "length", "height").index(parameter)] += 2e-3
    else:
        factors = {parameter: (1.01, 1.01, 1.01)}
    moved = fitted_room(room, sizes, factors)
    near = field().perturbed(moved, parameter).transfer(PLACES[0], PLACES[2])
    anew = ModalField(moved, F).transfer(PLACES[0], PLACES[2])
    known = field().transfer(PLACES[0], PLACES[2])
    assert np.max(np.abs(anew - known)) > 1e-4
    assert np.max(np.abs(near - anew)) < 0.1 * np.max(np.abs(anew - known))


def test_a_resized_room_is_about_the_room_of_that_size() -> None:
    # Stretched, its things grow a little with it; that is all that differs.
    room = furnished()
    fitted = fitted_room(room, np.array([3.33, 3.9, 2.4]), {})
    stretched = ModalField(fitted, F).transfer(PLACES[0], PLACES[2])
    anew = ModalField(replace(resized(room, 3.33, 3.9, 2.4)), F).transfer(PLACES[0], PLACES[2])
    before = field().transfer(PLACES[0], PLACES[2])
    assert np.median(_db(stretched, anew)) < 0.35 * np.median(_db(before, anew))
