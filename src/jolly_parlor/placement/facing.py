"""Which wall to face: both answers scored on the same terms."""

from dataclasses import dataclass

from jolly_parlor.acoustics.fields import bare_field
from jolly_parlor.acoustics.room import Room
from jolly_parlor.acoustics.turning import turned
from jolly_parlor.placement.evenness import GRID_HZ, evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.placement.schools import SCHOOLS, SchoolCannotBeMet


@dataclass(frozen=True)
class Facing:
    """The best that any school reaches facing one wall; both monitors at the main seat."""

    wall: str
    school: str
    evenness_db: float


def facings(room: Room, gear: Gear) -> list[Facing]:
    """The front wall as surveyed and the wall to its left, where any school can be met there.

    A start for the choice, not the last word: it compares the schools, not all places, in the
    room without its things.
    """
    seat = gear.seats[0].name
    found = []
    for wall, seen in (("front", room), ("left", turned(room))):
        forecaster = Forecaster(seen, gear, bare_field(seen, GRID_HZ))
        figures = []
        for school in SCHOOLS:
            try:
                a = school.propose(seen, gear)
            except SchoolCannotBeMet:
                continue
            value = evenness(forecaster.at_seat(a, seat).deviation(BOTH)).value_db
            figures.append((value, school.name))
        if figures:
            value, name = min(figures)
            found.append(Facing(wall, name, value))
    return found
