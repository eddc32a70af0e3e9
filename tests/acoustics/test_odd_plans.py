"""Rooms of any plan: what is around the listener, what reflects, how plans are changed."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.fields.field_of_room import (
    bare_field,
    needs_working_out,
    room_field,
    workable_hz,
)
from jolly_parlor.acoustics.fields.modal_field import ModalField
from jolly_parlor.acoustics.fields.standing_waves import room_modes
from jolly_parlor.acoustics.fields.turned_field import TurnedField
from jolly_parlor.acoustics.geometry.box_around import box_around
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.changed_room import resized
from jolly_parlor.acoustics.geometry.floor_space import blocked_between
from jolly_parlor.acoustics.geometry.image_sources import first_reflections
from jolly_parlor.acoustics.geometry.plan import beyond, polygon_problem, walk_until_wall
from jolly_parlor.acoustics.geometry.plan_parts import plan_parts
from jolly_parlor.acoustics.geometry.room import (
    Diagonal,
    Opening,
    Point,
    Room,
    Slope,
    Surface,
    Thing,
    Wall,
)
from jolly_parlor.acoustics.geometry.shaping import (
    with_corner_cut,
    with_corner_moved,
    with_recess,
    with_wall_length,
    with_wall_moved,
    with_wall_split,
    without_corner,
)
from jolly_parlor.acoustics.geometry.sight import in_sight
from jolly_parlor.acoustics.geometry.tape_check import tape_problems
from jolly_parlor.acoustics.geometry.turned_room import turned, turned_point
from jolly_parlor.refused import Refused

NAMES = ("front", "right", "step", "far right", "back", "left")
L_PLAN = ((0.0, 0.0), (3.0, 0.0), (3.0, 2.0), (4.6, 2.0), (4.6, 4.2), (0.0, 4.2))
OWN = Surface("own", (0.2,) * 7)


def l_room(**more: object) -> Room:
    walls = tuple(Wall(name, "own", (0.2,) * 7) for name in NAMES)
    return Room("Bend", 2.4, L_PLAN, walls, OWN, OWN, **more)  # type: ignore[arg-type]


def box(**more: object) -> Room:
    sides = ("left", "right", "front", "back", "floor", "ceiling")
    return box_room("Box", 3.9, 5.6, 2.5, dict.fromkeys(sides, OWN), **more)


def test_what_is_around_a_listener_in_a_bend() -> None:
    room, frame = l_room(), l_room().frame
    assert (frame.left, frame.right, frame.front, frame.back) == (0.0, 3.0, 0.0, 4.2)
    assert (frame.middle, frame.width, frame.depth) == (1.5, 3.0, 4.2)
    step = replace(room, faced="step").frame
    assert (step.left, step.right, step.front, step.back) == (0.0, 4.6, 2.0, 4.2)
    assert step.middle == pytest.approx(3.8)
    assert step.width == pytest.approx(1.6)  # alike on both sides of its middle


def test_a_chimney_breast_in_the_faced_wall_does_not_narrow_the_room() -> None:
    room = with_recess(box(), "front", "chimney breast", 1.25, 1.4, 0.4).room
    breast = replace(room, faced="chimney breast").frame
    assert (breast.left, breast.right) == (0.0, 3.9)
    assert breast.middle == pytest.approx(1.95)
    assert breast.front == pytest.approx(0.4)


def test_surfaces_and_sizes_of_a_bend() -> None:
    room = l_room()
    assert room.surface_names == (*NAMES, "floor", "ceiling")
    assert room.floor_area == pytest.approx(3.0 * 2.0 + 4.6 * 2.2)
    assert room.volume == pytest.approx(room.floor_area * 2.4)
    assert room.surface_area("step") == pytest.approx(1.6 * 2.4)
    assert [room.direction_of(name) for name in ("step", "far right")] == ["front", "right"]
    assert not room.contains(Point(4.0, 1.0, 1.0))
    assert room.contains(Point(3.0, 1.0, 1.0))
    assert sum(a.width * a.depth for a in room.outside) == pytest.approx(1.6 * 2.0)


def test_under_a_slope_the_ceiling_is_lower() -> None:
    room = box(slopes=(Slope("left", 1.3, 2.0),))
    assert not room.is_box
    assert room.ceiling_at(np.array([0.0, 1.0, 3.0]), np.zeros(3)) == pytest.approx([1.3, 1.9, 2.5])
    assert room.volume == pytest.approx((3.9 * 2.5 - 1.2) * 5.6, rel=2e-3)
    assert not room.contains(Point(0.2, 1.0, 2.0))
    low = [a for a in blocked_between(room, 1.0, 1.9) if a.name == "the sloped ceiling"]
    assert low[0].width == pytest.approx(1.0)


def test_stairs_beside_a_slanted_wall_leave_no_floor_outside_free() -> None:
    plan = ((0.0, 0.0), (2.0, 0.0), (3.0, 1.0), (3.0, 3.0), (0.0, 3.0))
    covered = sum(w * d for _, _, w, d in beyond(plan))
    assert 0.5 <= covered < 0.56


def test_polygons_that_cannot_be_are_named() -> None:
    bow = ((0.0, 0.0), (2.0, 0.0), (0.0, 2.0), (2.0, 2.0))
    told = polygon_problem(bow, ["a", "b", "c", "d"])
    assert told == "The walls “b” and “d” cross each other; move one of them."
    assert walk_until_wall(L_PLAN, (1.5, 1e-5), (0.0, 1.0)) == pytest.approx(4.2, abs=1e-4)


def test_reflections_go_neither_through_corners_nor_through_cupboards() -> None:
    room = l_room()
    source, ear = Point(1.0, 0.5, 1.2), Point(2.0, 1.6, 1.2)
    seen = {b.boundary for b in first_reflections(room, source, ear)}
    assert {"front", "left", "right", "floor", "ceiling", "back"} <= seen
    assert "far right" not in seen  # the corner of the step is in between
    assert not in_sight(room, Point(2.8, 0.3, 1.2), Point(4.3, 2.4, 1.2))
    wardrobe = Thing("wardrobe", "solid", 0.0, 0.6, 0.0, 0.6, 1.2, 2.0)
    furnished = {
        b.boundary for b in first_reflections(replace(room, things=(wardrobe,)), source, ear)
    }
    assert "left" in seen - furnished


def test_a_box_given_as_a_plan_agrees_with_the_closed_form() -> None:
    f = np.geomspace(20.0, 300.0, 60)
    plain = box()
    split = with_wall_split(plain, "left", 2.0).room
    assert needs_working_out(split)
    places = np.array([[0.8, 0.9, 1.1], [3.1, 1.2, 1.2], [1.9, 4.6, 1.2]])
    one, other = (room_field(room, f) for room in (plain, split))
    pairs = places[[0, 1, 0]], places[[2, 2, 1]]
    exact, found = one.transfers(*pairs), other.transfers(*pairs)
    assert np.median(np.abs(20 * np.log10(np.abs(found / exact)))) < 0.03


def test_a_turned_room_sounds_the_same_elsewhere() -> None:
    f = np.array([40.0, 70.0])
    room = l_room()
    base = ModalField(room, f)
    seen = TurnedField(base, room)
    a, b = Point(1.0, 0.7, 1.0), Point(3.9, 3.1, 1.2)
    there = [turned_point(room, p).array() for p in (a, b)]
    assert seen.transfer(*there) == pytest.approx(base.transfer(a.array(), b.array()))
    grid = seen.spread(there[0], 1.2, np.array([there[1][0]]), np.array([there[1][1]]))
    assert grid[:, 0, 0] == pytest.approx(base.transfer(a.array(), b.array()), rel=1e-4)
    around = turned(room)
    assert around.width == room.length
    again = room
    for _ in range(4):
        again = turned(again)
    assert np.allclose(again.plan, room.plan)


def test_power_goes_where_it_is_absorbed() -> None:
    # What a point source gives at a frequency, Im of its own pressure, equals what surfaces take,
    # the integral of Re(beta) |p|^2, over both halves of the room (energy balance).
    f = np.array([55.0])
    room = l_room()
    field = ModalField(room, f)
    source = np.array([1.1, 0.8, 1.0])
    k = 2 * np.pi * f[0] / room.speed_of_sound
    end = field.places.end(source)
    basis = field.solver.basis
    pressure = 4 * np.pi * basis.shapes @ end.answer[0]
    given = (
        4
        * np.pi
        * -np.imag(
            4 * np.pi * basis.enclosure.grid.at(source[None]) @ (basis.shapes @ end.answer[0])
        )[0]
    )
    beta = {name: field.solver._admittances[name][0] for name in basis.surfaces}
    masses = basis.enclosure.surface_masses
    taken = sum(
        k * beta[name] * float(np.real(pressure.conj() @ (masses[name] @ pressure)))
        for name in masses
    )
    assert given == pytest.approx(taken, rel=0.01)


def test_the_box_around_stands_in_until_then() -> None:
    room = l_room()
    around = box_around(room)
    assert around.dimensions == (4.6, 4.2, 2.4)
    assert around.surfaces["front"].absorption == pytest.approx((0.2,) * 7)
    bare = bare_field(room, np.array([50.0]))
    one = bare.absorbing("step")  # by the side it stands on
    for two in (
        one.absorbing(room.surface_names[3]),
        bare.scaled(1.5).absorbing("step"),
    ):  # and so on
        assert two.frequencies_hz.size == 1


def test_rooms_too_large_are_worked_out_as_far_as_that_allows() -> None:
    hall = replace(l_room(), height=9.0)
    hall = resized(hall, 9.2, 8.4, 9.0)
    assert workable_hz(hall) < 180
    f = np.array([12.0, 14.0, 250.0])
    field = room_field(hall, f)
    a, b = np.array([1.0, 1.0, 1.0]), np.array([7.0, 7.0, 1.2])
    found = field.transfer(a, b)
    assert found[2] == pytest.approx(bare_field(hall, f[2:]).transfer(a, b)[0])
    assert found[:2] != pytest.approx(bare_field(hall, f[:2]).transfer(a, b))
    assert np.isnan(field.spread(a, 1.0, np.array([8.8]), np.array([0.4]))).all()


def test_parts_and_modes_are_named_by_where_they_are() -> None:
    parts = plan_parts(L_PLAN)
    assert [part.name for part in parts] == ["long arm", "arm on the right"]
    bay = with_recess(box(), "right", "bay", 2.0, 1.6, 0.7).room
    assert [part.name for part in plan_parts(bay.plan)] == ["main part", "recess on the right"]
    waves = room_modes(bay, 120.0)
    first = waves[0]
    assert first.name == "first length mode"
    assert first.frequency_hz == pytest.approx(343.2 / 2 / 5.6, rel=0.05)
    at = waves.at([Point(1.0, 0.1, 1.0), Point(1.0, 2.8, 1.0)])
    assert abs(at[0, 0]) > 0.8 > 0.25 > abs(at[1, 0])
    # Something hard raises a mode where its pressure is high and lowers it where air moves (Morse &
    # Ingard, Theoretical Acoustics, on perturbation; from memory).
    empty = room_modes(box(), 60.0)[0].frequency_hz
    for y, higher in ((5.0, True), (2.5, False)):
        lived_in = box(things=(Thing("wardrobe", "solid", 0.0, y, 0.0, 1.5, 0.6, 2.1),))
        assert (room_modes(lived_in, 60.0)[0].frequency_hz > empty) == higher


def test_a_bay_beyond_the_left_wall_moves_the_origin() -> None:
    window = Opening("window", "left", 3.4, 1.2, 0.9, 1.2, "window")
    shaped = with_recess(box(openings=(window,)), "left", "bay", 1.0, 1.4, 0.6)
    assert shaped.shift == (0.6, 0.0)
    room = shaped.room
    assert len(room.plan) == 8
    assert room.width == pytest.approx(4.5)
    assert [w.name for w in room.walls].count("bay") == 1
    [kept] = room.openings
    assert np.allclose(sorted(room.span_of(kept)), [(0.6, 3.4), (0.6, 4.6)])


def test_corners_cut_taken_out_and_taken_away() -> None:
    cut = with_corner_cut(box(), "front", 0.5, 0.5, square=False).room
    assert len(cut.plan) == 5
    assert cut.floor_area == pytest.approx(3.9 * 5.6 - 0.125)
    bend = with_corner_cut(box(), "front", 1.5, 2.0, square=True).room
    assert bend.floor_area == pytest.approx(3.9 * 5.6 - 3.0)
    assert without_corner(cut, 1).room.plan != cut.plan
    with pytest.raises(Refused, match="make it smaller"):
        with_corner_cut(box(), "front", 4.5, 0.5, square=True)


def test_lengths_walls_and_corners_move_with_right_angles_held() -> None:
    room = with_wall_length(l_room(), "step", 2.0, square=True).room
    assert room.width == pytest.approx(5.0)
    assert room.plan[4] == pytest.approx((5.0, 4.2))
    out = with_wall_moved(l_room(), "front", 0.3)
    assert out.shift == (0.0, 0.3)
    assert out.room.length == pytest.approx(4.5)
    held = with_corner_moved(box(), 2, (4.1, 5.8), square=True).room
    assert held.is_box
    assert held.dimensions[:2] == pytest.approx((4.1, 5.8))
    free = with_corner_moved(box(), 2, (4.1, 5.8), square=False).room
    assert not free.is_box
    with pytest.raises(Refused, match="cross each other"):
        with_corner_moved(l_room(), 3, (-1.0, 3.0), square=False)


def test_a_window_that_a_bay_would_cut_is_in_the_way() -> None:
    window = Opening("window", "right", 1.5, 1.2, 0.9, 1.2, "window")
    with pytest.raises(Refused, match="window in the wall “right” is in the way"):
        with_recess(box(openings=(window,)), "right", "bay", 2.0, 1.4, 0.6)


def test_the_tape_names_the_likeliest_mistake() -> None:
    true = np.hypot(3.9, 6.5)  # the length was written down as 5.6
    diagonals = (Diagonal("front", "back", round(true, 2)),)
    [told] = tape_problems(box(diagonals=diagonals))
    assert "is 6.50 m, not 5.60 m" in told or "is 6.5" in told
    swapped = box_room(
        "Box",
        3.9,
        5.46,
        2.5,
        dict.fromkeys(box().surfaces, OWN),
        diagonals=(Diagonal("front", "back", round(float(np.hypot(3.9, 5.64)), 2)),),
    )
    assert "5.64 m, not 5.46 m, two figures swapped" in tape_problems(swapped)[0]
    right = round(float(np.hypot(3.9, 5.6)), 2)
    assert tape_problems(box(diagonals=(Diagonal("front", "back", right),))) == []
    leaning = (Diagonal("front", "back", right + 0.1), Diagonal("right", "left", right - 0.1))
    assert "not square" in tape_problems(box(diagonals=leaning))[0]
