"""A field of two: what its lower part says below, its upper one above, in every way it is asked."""

import numpy as np
import pytest

from jolly_parlor.acoustics.fields import field_of_room as fields
from jolly_parlor.acoustics.fields.field_of_room import bare_field, room_field
from jolly_parlor.acoustics.fields.joined_field import JoinedField
from jolly_parlor.acoustics.geometry.room import Room, Surface, Wall

OWN = Surface("own", (0.2,) * 7)
PLAN = ((0.0, 0.0), (2.2, 0.0), (2.2, 1.3), (3.0, 1.3), (3.0, 2.8), (0.0, 2.8))
ROOM = Room("Bend", 2.2, PLAN, tuple(Wall(f"w{n}", "own", (0.2,) * 7) for n in range(6)), OWN, OWN)
F = np.array([30.0, 45.0, 60.0, 75.0, 90.0])
SOURCE, EAR = np.array([0.5, 0.4, 1.0]), np.array([1.4, 1.9, 1.1])
HANDS_OVER_HZ = 65.0
LOW, HIGH = slice(0, 3), slice(3, 5)


@pytest.fixture(scope="module")
def joined() -> JoinedField:
    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(fields, "workable_hz", lambda room: HANDS_OVER_HZ)
        found = room_field(ROOM, F)
    assert isinstance(found, JoinedField)
    return found


@pytest.fixture(scope="module")
def whole():
    """The room's own field, worked out all the way."""
    return room_field(ROOM, F)


def test_below_it_is_the_rooms_own_and_above_the_box_around_it(joined, whole) -> None:
    found = joined.transfer(SOURCE, EAR)
    # Its modes end where it hands over, so that its lower end alone is as exact.
    own = whole.transfer(SOURCE, EAR)
    assert np.abs(20 * np.log10(np.abs(found[:2] / own[:2]))) == pytest.approx([0, 0], abs=0.4)
    assert found[HIGH] == pytest.approx(bare_field(ROOM, F[HIGH]).transfer(SOURCE, EAR))
    assert np.abs(found[HIGH] / own[HIGH] - 1).min() > 0.01  # and the two are not the same


def test_every_way_of_asking_agrees(joined) -> None:
    one = joined.transfer(SOURCE, EAR)
    assert joined.unquantised(SOURCE, EAR) == pytest.approx(one, rel=3e-3)
    assert joined.transfers(SOURCE[None], EAR[None])[0] == pytest.approx(one, rel=3e-3)
    over = joined.spread(SOURCE, float(EAR[2]), np.array([EAR[0]]), np.array([EAR[1]]))
    assert over[:, 0, 0] == pytest.approx(one, rel=3e-3)
    up = joined.section(SOURCE, float(EAR[1]), np.array([EAR[0]]), np.array([EAR[2]]))
    assert up[:, 0, 0] == pytest.approx(one, rel=3e-3)
    rows = np.array([1, 2, 4])
    assert joined.at_rows(rows).transfer(SOURCE, EAR) == pytest.approx(one[rows], rel=1e-6)
    assert joined.decimated(2).frequencies_hz == pytest.approx([30.0, 60.0, 90.0])


def test_source_and_ear_may_change_places(joined) -> None:
    assert joined.transfer(EAR, SOURCE) == pytest.approx(joined.transfer(SOURCE, EAR), rel=1e-6)


def test_where_there_is_no_air_both_say_so(joined) -> None:
    # The corner at the right of the front is not the room's, though it is the box's.
    over = joined.spread(SOURCE, 1.0, np.array([1.0, 2.6]), np.array([0.5]))
    assert np.isfinite(over[:, 0, 0]).all() and np.isnan(over[:, 0, 1]).all()


def test_no_mode_stands_alone_above(joined) -> None:
    first = next(iter(joined.modes(80.0)))
    share = joined.of_mode(first, SOURCE, EAR)
    assert np.abs(share[LOW]).max() > 0 and not np.any(share[HIGH])


def test_softer_walls_and_an_absorbing_one_change_both_parts(joined) -> None:
    before = joined.transfer(SOURCE, EAR)
    for changed in (joined.scaled(2.0), joined.absorbing("floor")):
        after = changed.transfer(SOURCE, EAR)
        assert np.all(np.abs(after / before - 1) > 1e-3)
    moved = joined.perturbed(ROOM, joined.parameters[0]).transfer(SOURCE, EAR)
    assert moved[HIGH] == pytest.approx(before[HIGH])
