"""Geometry checks: each fails for its own reason and holds when that is mended."""

from collections.abc import Callable
from dataclasses import replace

import pytest

from jolly_parlor.acoustics.geometry.room import KeepOut, Point
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.checks import geometry_checks
from jolly_parlor.placement.items import loudspeaker, seat
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document
from rooms import placed, rebuilt


def _failing(document: Document, a: Arrangement) -> str:
    found = geometry_checks(document.setup(a))
    return " ".join(check.text for check in found if not check.holds)


@pytest.mark.parametrize(
    ("change", "says"),
    [
        (
            lambda a: a.moved(loudspeaker("left"), Point(1.2, 0.50, 1.2)),
            "nearer to the ear; the image leans",
        ),
        (
            lambda a: a.moved(loudspeaker("left"), Point(0.8, 0.63, 1.2)),
            "Left and right see unlike walls",
        ),
        (lambda a: a.moved(seat("desk"), Point(1.935, 2.6, 1.2)), "narrower than equilateral"),
        (lambda a: a.moved(seat("desk"), Point(1.935, 1.5, 1.2)), "wider than equilateral"),
        (lambda a: a.moved(seat("desk"), Point(1.935, 2.82, 1.2)), "at 50 % of the length"),
        (lambda a: a.moved(seat("desk"), Point(1.935, 5.4, 1.2)), "0.24 m from the back wall"),
        (lambda a: a.moved(seat("desk"), Point(1.935, 3.3, 1.2)), "near-field listening wants"),
        (lambda a: a.moved(seat("desk"), Point(2.2, 1.88, 1.2)), "off the room's middle line"),
        (lambda a: a.moved(seat("desk"), Point(1.935, 1.88, 1.0)), "20 cm above the ear"),
        (lambda a: a.moved(loudspeaker("sub"), Point(1.9, 1.5, 0.6)), "before the monitors"),
    ],
)
def test_each_check_fails_for_its_reason(
    kiln: Document, change: Callable[[Arrangement], Arrangement], says: str
) -> None:
    a = kiln.arrangements[0]
    assert says not in _failing(kiln, a)
    assert says in _failing(kiln, change(a))


def test_coinciding_distances_are_named_with_their_figures(kiln: Document) -> None:
    a = kiln.arrangements[0]
    assert "Side wall and floor are equally far" in _failing(kiln, a)
    lower = placed(a, left=replace(a.left, z=1.0), right=replace(a.right, z=1.0))
    assert "equally far from the monitors" not in _failing(kiln, lower)


def test_monitors_on_the_floor_are_judged_too(kiln: Document) -> None:
    a = kiln.arrangements[0]
    low = a.moved(loudspeaker("left"), Point(a.left.x, a.left.y, 0.0)).moved(
        loudspeaker("right"), Point(a.right.x, a.right.y, 0.0)
    )
    assert "below the ear" in _failing(kiln, low)


def test_unlike_sides_are_said(kiln: Document) -> None:
    assert "A window on the right side only" in _failing(kiln, kiln.arrangements[0])
    alike = {**kiln.room.surfaces, "right": kiln.room.surfaces["left"]}
    room = rebuilt(kiln.room, surfaces=alike, openings=())
    found = _failing(replace(kiln, room=room), kiln.arrangements[0])
    assert "differ between the ears" not in found


def test_a_sub_delayed_or_placed_alike_arrives_together(kiln: Document) -> None:
    a = kiln.arrangements[0]
    ear = a.seats["desk"]
    near = a.moved(loudspeaker("sub"), Point(ear.x + a.left.distance(ear), ear.y, ear.z))
    assert "arrives" not in _failing(kiln, near)
    closer = a.moved(loudspeaker("sub"), Point(ear.x + 0.4, ear.y, ear.z))
    late = (a.left.distance(ear) - 0.4) / 343.2 * 1000
    assert f"{late:.1f} ms before" in _failing(kiln, closer)
    delayed = replace(closer.chain("sub"), delay_ms=round(late, 1))
    closer = replace(closer, chains={**closer.chains, "sub": delayed})
    assert "arrives" not in _failing(kiln, closer)


def test_failing_checks_come_first(kiln: Document) -> None:
    found = [c.holds for c in geometry_checks(kiln.setup(kiln.arrangements[0]))]
    assert found == sorted(found)


def test_coinciding_distances_cost_output_and_unequal_ones_do_not(kiln: Document) -> None:
    a = kiln.arrangements[0]
    alike = placed(
        a,
        left=Point(1.2, 1.2, 1.2),
        right=Point(3.87 - 1.2, 1.2, 1.2),
        seats={**a.seats, "desk": Point(1.935, 2.47, 1.2)},
    )
    # Three walls at 1.2 m: the dip near 0.31 wavelengths, 343.2 * 0.31 / 1.2 = 89 Hz, about 11 dB.
    assert "off the monitors' output near 8" in _failing(kiln, alike)
    spread = placed(a, left=Point(0.725, 0.438, 1.2), right=Point(3.87 - 0.725, 0.438, 1.2))
    assert "off the monitors' output" not in _failing(kiln, spread)


@pytest.mark.parametrize(
    ("area", "says"),
    [
        (KeepOut("stove", 1.3, 1.0, 0.3, 0.3), "“stove” lies between the left monitor and the ear"),
        (KeepOut("rack", 1.7, 0.2, 0.4, 0.4), "“rack” stands between the monitors"),
        (KeepOut("shelf", 2.9, 0.3, 0.5, 0.5), "“shelf” stands 12 cm beside a monitor"),
    ],
)
def test_obstacles_are_named_with_where_they_stand(
    kiln: Document, area: KeepOut, says: str
) -> None:
    a = kiln.arrangements[0]  # monitors at 1.21 and 2.66 m, 0.63 m from the front; ear 1.88 m
    clear = "Nothing surveyed stands between"
    assert clear in " ".join(c.text for c in geometry_checks(kiln.setup(a)))
    room = replace(kiln.room, keep_outs=(area,))
    assert says in _failing(replace(kiln, room=room), a)
    assert clear not in " ".join(c.text for c in geometry_checks(Setup(room, kiln.gear, a)))


def test_another_seat_in_front_is_in_the_way(kiln: Document) -> None:
    a = kiln.arrangements[0].moved(seat("sofa"), Point(1.9, 1.2, 1.0))
    assert "The seat “sofa” is between the monitors and the ear" in _failing(kiln, a)


def test_the_aim_is_the_angle_of_the_triangle(kiln: Document) -> None:
    a = kiln.arrangements[0]
    words = " ".join(c.text for c in geometry_checks(kiln.setup(a)))
    assert "turned in by 30° left and 30° right" in words
    wide = a.moved(seat("desk"), Point(1.935, 1.2, 1.2))
    assert "too wide" in _failing(kiln, wide)
    aside = a.moved(seat("desk"), Point(2.1, 1.88, 1.2))
    assert "they turn in unlike" in _failing(kiln, aside)
