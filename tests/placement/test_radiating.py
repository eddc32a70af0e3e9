"""Where cabinets are heard from: ahead of the face the way they look, of each way to build a
subwoofer, never beyond a wall; and what stands with them and scatters.
"""

from dataclasses import replace

import numpy as np
import pytest

from certain import some
from jolly_parlor.acoustics.fields.acoustic_centre import ahead_of_face
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Surface, Thing
from jolly_parlor.placement.arrangement import Arrangement, DeskPlace
from jolly_parlor.placement.gear import Desk, Gear, Seat
from jolly_parlor.placement.loudspeakers import Loudspeaker, Model
from jolly_parlor.placement.radiating import (
    all_heard_from,
    heard_from,
    plan_heard_from,
    plates_of,
    way_on_plan,
)
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document
from rooms import small_gear

ROOM = box_room("r", 4.0, 5.0, 2.5, {n: Surface("own", (0.1,) * 7) for n in SURFACE_NAMES})
EAR = Point(2.0, 2.6, 1.2)
MODEL = Model("sub", "s", 0.34, 0.38, 0.36, 25.0)


def among(gear: Gear, turn: float | None = None, aim: float = 0.0, **places: Point) -> Arrangement:
    turns = {} if turn is None else {"sub": turn}
    seats = {gear.seats[0].name: EAR}
    return Arrangement("a", places, seats, aim_degrees=aim, turns=turns)


def with_sub(**more: object) -> Gear:
    gear = small_gear()
    model = replace(MODEL, **more)
    return replace(
        gear,
        models=(*gear.models, model),
        loudspeakers=(*gear.loudspeakers, Loudspeaker("sub", "subwoofer", "sub")),
    )


def test_a_monitor_on_a_stand_is_heard_from_ahead_of_its_face_towards_the_ear() -> None:
    gear, at = small_gear(), Point(1.0, 0.6, 1.2)
    found = heard_from(Setup(ROOM, gear, among(gear, left=at, right=at)), "left")
    model = gear.monitor
    assert found.distance(at) == pytest.approx(ahead_of_face(model.width, model.height), abs=1e-3)
    along = (EAR.array() - at.array()) / EAR.distance(at)
    assert (found.array() - at.array()) / found.distance(at) == pytest.approx(along, abs=2e-3)


def test_the_aim_turns_both_of_the_pair_outwards() -> None:
    gear, left, right = small_gear(), Point(1.0, 0.6, 1.2), Point(3.0, 0.6, 1.2)
    straight = all_heard_from(Setup(ROOM, gear, among(gear, left=left, right=right)))
    wide = all_heard_from(Setup(ROOM, gear, among(gear, aim=20.0, left=left, right=right)))
    assert wide["left"].x < straight["left"].x
    assert wide["right"].x == pytest.approx(4.0 - wide["left"].x, abs=1e-3)
    assert wide["left"].distance(left) == pytest.approx(straight["left"].distance(left), abs=1e-3)


def test_what_the_owner_knows_of_the_acoustic_centre_counts() -> None:
    gear = small_gear()
    gear = replace(gear, models=(replace(gear.monitor, acoustic_centre_ahead=0.0),))
    at = Point(1.0, 0.6, 1.2)
    assert heard_from(Setup(ROOM, gear, among(gear, left=at, right=at)), "left") == at


def test_a_cabinet_on_a_surface_is_heard_from_farther_ahead() -> None:
    gear = small_gear()
    low = gear.monitor.centre_height
    on_floor, held = Point(1.0, 0.6, low), Point(1.0, 0.6, low + 0.5)
    desk = Desk(1.2, 0.6, 0.72)
    at_desk = Point(1.0, 0.6, 0.72 + low)
    metres = {}
    for what, at in (("floor", on_floor), ("air", held), ("desk", at_desk)):
        here = replace(gear, desk=desk)
        a = replace(among(here, left=at, right=at), desk=DeskPlace(0.5, 0.4))
        metres[what] = heard_from(Setup(ROOM, here, a), "left").distance(at)
    assert metres["floor"] == pytest.approx(metres["desk"], abs=1e-3)
    assert metres["floor"] > 1.1 * metres["air"]


def test_a_cabinet_on_a_bookcase_stands_too() -> None:
    gear = small_gear()
    shelf = Thing("shelf", "solid", 0.8, 0.3, 0.0, 0.5, 0.5, 0.8)
    room, at = replace(ROOM, things=(shelf,)), Point(1.0, 0.6, 0.8 + gear.monitor.centre_height)
    a = among(gear, left=at, right=at)
    assert heard_from(Setup(room, gear, a), "left").distance(at) > heard_from(
        Setup(ROOM, gear, a), "left"
    ).distance(at)


@pytest.mark.parametrize(
    ("x", "y", "way"),
    [(0.3, 2.0, (1, 0)), (3.7, 2.0, (-1, 0)), (1.5, 0.3, (0, 1)), (1.5, 4.7, (0, -1))],
)
def test_a_subwoofer_looks_away_from_the_nearest_wall(
    x: float, y: float, way: tuple[int, int]
) -> None:
    gear, at = with_sub(), Point(x, y, MODEL.centre_height)
    found = heard_from(Setup(ROOM, gear, among(gear, left=at, right=at, sub=at)), "sub")
    metres = MODEL.depth / 2 + MODEL.ahead(True)
    assert (found.x - x, found.y - y) == pytest.approx([metres * w for w in way], abs=2e-3)
    assert found.z == pytest.approx(at.z)


def test_a_subwoofer_turned_looks_where_it_is_turned() -> None:
    gear, at = with_sub(), Point(0.5, 2.0, MODEL.centre_height)
    a = among(gear, turn=180.0, left=at, right=at, sub=at)
    found = heard_from(Setup(ROOM, gear, a), "sub")
    assert found.x == pytest.approx(at.x, abs=1e-3) and found.y < at.y - 0.3
    assert way_on_plan(Setup(ROOM, gear, a), "sub") == pytest.approx((0.0, -1.0, 0.0), abs=1e-9)


def test_other_drivers_are_heard_from_where_they_are() -> None:
    at = Point(0.4, 2.0, MODEL.centre_height)
    heard = {}
    for driver in ("opposed", "down", "up"):
        gear = with_sub(driver=driver)
        heard[driver] = heard_from(Setup(ROOM, gear, among(gear, left=at, right=at, sub=at)), "sub")
    assert heard["opposed"] == at, "what one does ahead the other does behind"
    assert (heard["down"].x, heard["down"].y) == (at.x, at.y) and heard["down"].z < 0.05
    assert heard["up"].z == pytest.approx(MODEL.height + ahead_of_face(0.34, 0.38), abs=1e-3)


def test_nobody_is_heard_from_beyond_a_wall_or_in_a_thing() -> None:
    case = Thing("case", "solid", 0.9, 2.6, 0.0, 0.6, 0.3, 2.0)
    room, gear, at = replace(ROOM, things=(case,)), small_gear(), Point(1.0, 2.55, 1.2)
    back = Point(1.0, 4.0, 1.2)
    a = replace(among(gear, left=at, right=at), seats={"seat": back})
    found = heard_from(Setup(room, gear, a), "left")
    assert room.has_air_at(found) and found.y <= 2.6
    high = with_sub(driver="up", mounts=("ceiling",))
    under = Point(2.0, 2.0, 2.5 - MODEL.height / 2)
    assert heard_from(Setup(ROOM, high, among(high, left=at, right=at, sub=under)), "sub").z <= 2.5


def test_on_a_map_each_place_is_heard_from_as_the_cabinet_would_be_there() -> None:
    gear = with_sub()
    left, sub = Point(1.0, 0.6, 1.2), Point(0.3, 2.0, MODEL.centre_height)
    a = among(gear, aim=10.0, left=left, right=Point(3.0, 0.6, 1.2), sub=sub)
    places = np.array([[0.9, 0.8], [1.4, 0.5], [2.9, 4.6]])
    for name in ("left", "sub"):
        found = plan_heard_from(Setup(ROOM, gear, a), name, places)
        for (x, y), got in some(zip(places, found, strict=True)):
            there = replace(a, places={**a.places, name: replace(a.places[name], x=x, y=y)})
            wanted = heard_from(Setup(ROOM, gear, there), name)
            assert got == pytest.approx([wanted.x, wanted.y], abs=2e-3)


def test_desk_and_high_backs_scatter_where_they_stand(kiln: Document) -> None:
    a, gear = kiln.arrangements[0], kiln.gear
    [desk] = plates_of(gear, a)
    assert a.desk is not None and gear.desk is not None
    assert desk.sizes == (gear.desk.width, gear.desk.depth)
    assert desk.at == pytest.approx(gear.desk.height - gear.desk.thickness / 2)
    seats = tuple(replace(s, high_back=s.name == "desk") for s in gear.seats)
    _, back = plates_of(replace(gear, seats=seats), a)
    ear = a.seats["desk"]
    assert back.axis == 1 and 0.15 < back.at - ear.y < 0.3, "behind the head, across the room"
    assert back.corner[2] + back.sizes[1] > ear.z
    assert back.corner[0] + back.sizes[0] / 2 == pytest.approx(ear.x, abs=0.01)
    assert plates_of(replace(gear, desk=None), a) == ()
    assert Seat("x", 1.1).high_back is False
