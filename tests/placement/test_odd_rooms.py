"""Schools, checks, maps, search and causes in a room with a bend and things in it."""

from dataclasses import replace
from functools import cache

import numpy as np
import pytest

from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.acoustics.fields.field_of_room import room_field
from jolly_parlor.acoustics.fields.modal_field import ModalField
from jolly_parlor.acoustics.geometry.room import Room, Surface, Thing, Wall
from jolly_parlor.placement.checks import geometry_checks
from jolly_parlor.placement.evenness import DIP_WEIGHT, GRID_HZ
from jolly_parlor.placement.facing import facings
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.items import LEFT
from jolly_parlor.placement.maps import source_map
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.placement.schools import SCHOOLS, SchoolCannotBeMet, school
from jolly_parlor.placement.search.objective import Judge
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.space import Space
from jolly_parlor.placement.search.spread_tables import SpreadTables
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.tape import tape_distances
from jolly_parlor.project.document import Document
from quick_field import use_quick_settings

L_PLAN = (
    (0.0, 0.6),
    (1.0, 0.6),
    (1.0, 0.0),
    (2.9, 0.0),
    (2.9, 0.6),
    (3.4, 0.6),
    (3.4, 4.0),
    (0.0, 4.0),
)
"""A room with a bay in front: its middle is not the room's."""
NAMES = ("front", "bay left", "bay", "bay right", "front 2", "right", "back", "left")


@cache
def bay_room() -> Room:
    walls = tuple(Wall(name, "own", (0.15,) * 7) for name in NAMES)
    own = Surface("own", (0.15,) * 7)
    shelf = Thing("bookcase", "solid", 0.0, 2.2, 0.0, 0.3, 1.2, 2.0, "bookshelves")
    first = L_PLAN[2:] + L_PLAN[:2]  # a plan begins at its foremost corner
    return Room("Bay", 2.4, first, walls[2:] + walls[:2], own, own, things=(shelf,), faced="bay")


@pytest.fixture(scope="module")
def gear(kiln: Document) -> Gear:
    kept = [one for one in kiln.gear.loudspeakers if not one.is_subwoofer]
    models = {one.model for one in kept}
    return replace(
        kiln.gear,
        loudspeakers=tuple(kept),
        models=tuple(m for m in kiln.gear.models if m.id in models),
        seats=kiln.gear.seats[:1],
        desk=None,
    )


@pytest.fixture(scope="module")
def forecaster_of_bay(gear: Gear) -> Forecaster:
    return Forecaster(bay_room(), gear, room_field(bay_room(), GRID_HZ))


def test_schools_stand_before_the_wall_faced(gear: Gear) -> None:
    room = bay_room()
    a = school("third").propose(room, gear)
    assert room.frame.middle == pytest.approx(1.95)
    assert (a.left.x + a.right.x) / 2 == pytest.approx(1.95)
    assert a.seats[gear.seats[0].name].y == pytest.approx(4.0 / 3)
    flat = replace(room, faced="front")
    assert flat.frame.front == pytest.approx(0.6)
    told = []
    for each in SCHOOLS:
        for seen in (room, flat):
            try:
                found = each.propose(seen, gear)
            except SchoolCannotBeMet as why:
                told.append(str(why))
            else:
                assert all(seen.has_air_at(p) for p in found.places.values())
    assert any("this room leaves 1.16 m" in why for why in told)  # between the bay's sides


def test_tape_and_checks_count_from_the_wall_faced(gear: Gear) -> None:
    room = replace(bay_room(), faced="front 2")
    frame = room.frame
    a = school("third").propose(replace(bay_room(), faced="bay"), gear)
    rows = {(d.item, d.what): d.metres for d in tape_distances(Setup(room, gear, a))}
    assert rows["left monitor", "from the front wall"] == pytest.approx(a.left.y - frame.front)
    assert any("middle line" in check.text for check in geometry_checks(Setup(room, gear, a)))


def test_a_monitor_in_the_bookcase_is_refused(gear: Gear) -> None:
    room = replace(
        bay_room(),
        things=(Thing("bookcase", "solid", 1.1, 0.2, 0.0, 0.4, 0.6, 2.0, "bookshelves"),),
    )
    with pytest.raises(SchoolCannotBeMet, match="bookcase"):
        school("third").propose(room, gear)


def test_a_map_mirrors_about_the_wall_faced(forecaster_of_bay: Forecaster, gear: Gear) -> None:
    a = school("third").propose(bay_room(), gear)
    found = source_map(forecaster_of_bay, forecaster_of_bay.case(a, gear.seats[0].name, BOTH), LEFT)
    here = found.figures_db[
        np.argmin(np.abs(found.ys - a.left.y)), np.argmin(np.abs(found.xs - a.left.x))
    ]
    assert np.isfinite(here)
    # The twin of a place at the left wall would stand beyond the right one.
    middle = np.argmin(np.abs(found.ys - 3.0))
    assert np.isnan(found.figures_db[middle, 0])


def test_tables_of_a_spread_agree_with_the_field(gear: Gear) -> None:
    room = bay_room()
    f = log_grid(60.0, 200.0, 12)
    field = ModalField(room, f)
    space = Space.of(room, gear, Wishes(), 0.05)
    drive = np.ones(f.size, dtype=complex)
    ear_z = gear.seats[0].ear_height
    tables = SpreadTables(space, field, drive, 5, 0.1, ear_z)
    depth = next(float(d) for d in space.depths if space.allowed(float(d), ear_z).sum() > 9)
    step = round(depth / space.step)
    columns, fronts = space.columns(depth), space.fronts_for(depth)
    found = tables.upright(step, fronts, columns)
    allowed = space.allowed(depth, ear_z)
    rows, cols = (ends[len(ends) // 2] for ends in np.nonzero(allowed))
    y, side = space.front + space.fronts[rows], space.all_sides[columns][cols]
    ear = np.array([space.middle, y + depth, ear_z])
    model = gear.monitor
    ahead = 0.39 * (model.width * model.height) ** 0.5  # as in a triangle of equal sides
    half, from_ = side / 2 - 0.5 * ahead, y + 0.866 * ahead
    left, right = (
        field.transfer(np.array([space.middle + sign * half, from_, ear_z]), ear)
        for sign in (-1, 1)
    )

    def spread(p: np.ndarray) -> float:
        level = np.log2(np.abs(p) ** 2)
        d = level - level.mean()
        weight = np.where(d < 0, DIP_WEIGHT, 1.0)
        return float(np.sum(weight * d**2) / np.sum(weight))

    levels = [np.log2(np.abs(p) ** 2) for p in (left, right, left + right)]
    want = (spread(left) + spread(right) + 2 * spread(left + right)) / 4
    want += 0.1 * float(np.mean((levels[0] - levels[1]) ** 2))
    both = levels[2]
    missing = max(both.mean() - both[:5].mean(), 0.0)
    want += space.wishes.deep * missing**2
    assert found[rows, cols] == pytest.approx(want, rel=0.02)


def test_a_search_in_the_bay_weighs_all_and_finds_better_than_schools(
    gear: Gear, monkeypatch: pytest.MonkeyPatch
) -> None:
    use_quick_settings(monkeypatch)
    room = bay_room()
    a = school("third").propose(room, gear)
    found = search(room, gear, a, Wishes(), step=0.1, most=1)
    assert found.evaluated > 80
    best = found.proposals[0].arrangement
    assert found.present_db is not None
    assert found.proposals[0].figure_db < found.present_db
    judge = Judge(Forecaster(room, gear).coarse(), Wishes())
    assert judge.figures([best], played=True)[0] == pytest.approx(
        found.proposals[0].figure_db, abs=0.02
    )
    assert (best.left.x + best.right.x) / 2 == pytest.approx(room.frame.middle, abs=0.01)


def test_both_ways_of_facing_use_the_room_itself(forecaster_of_bay: Forecaster, gear: Gear) -> None:
    found = facings(bay_room(), gear, forecaster_of_bay.field)
    assert {f.wall for f in found} <= {"front", "left"}
    assert found
