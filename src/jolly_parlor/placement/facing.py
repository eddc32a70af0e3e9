"""Which wall to face: both answers scored on the same terms."""

from dataclasses import dataclass

from jolly_parlor.acoustics.fields.field_of_room import RoomField, bare_field, needs_working_out
from jolly_parlor.acoustics.fields.turned_field import TurnedField
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.turned_room import turned
from jolly_parlor.placement.evenness import GRID_HZ, evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.placement.schools import possible


@dataclass(frozen=True)
class Facing:
    """The best that any school reaches facing one wall; both monitors at the main seat."""

    wall: str
    school: str
    evenness_db: float


def facings(room: Room, gear: Gear, field: RoomField | None = None) -> list[Facing]:
    """The front wall as surveyed and the wall to its left, where any school can be met there.

    A start for the choice, not the last word: it compares the schools, not all places. field: the
    room's, where it is known; else the empty box's.
    """
    base = field or bare_field(room, GRID_HZ)
    seat = gear.seats[0].name
    found = []
    for wall, seen in (("front", room), ("left", turned(room))):
        own = base
        if wall == "left":
            own = TurnedField(base, room) if needs_working_out(room) else bare_field(seen, GRID_HZ)
        forecaster = Forecaster(seen, gear, own)
        figures = [
            (evenness(forecaster.at_seat(a, seat).deviation(BOTH)).value_db, a.name)
            for a in possible(seen, gear)
        ]
        if figures:
            value, name = min(figures)
            found.append(Facing(wall, name, value))
    return found
