"""What each thing in the room does to the forecast: the same forecast without it."""

from dataclasses import dataclass, replace

from jolly_parlor.acoustics.arrays import root_mean_square
from jolly_parlor.acoustics.fields.field_of_room import room_field
from jolly_parlor.acoustics.geometry.fitted_room import FittedRoom
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_MATTERS_DB, _MUCH_DB = 0.5, 1.5


@dataclass(frozen=True)
class ThingEffect:
    """By how much one thing changes what is heard, root mean square over the judged band, dB."""

    name: str
    change_db: float

    @property
    def words(self) -> str:
        """`matters: 1.2 dB`."""
        if self.change_db < _MATTERS_DB:
            return tr("hardly matters: {change_db:.1f} dB", change_db=self.change_db)
        much = tr("matters much") if self.change_db >= _MUCH_DB else "matters"
        return tr("{much}: {change_db:.1f} dB", much=much, change_db=self.change_db)


def thing_effects(forecaster: Forecaster, case: Case) -> list[ThingEffect]:
    """Of every thing, at one seat; some ten seconds each. Raises Refused where the arrangement
    cannot stand.
    """
    room = forecaster.room
    whole = forecaster.deviation(case).deviation_db
    found = []
    for number, thing in enumerate(room.things):
        bare = without(room, number)
        field = room_field(bare, forecaster.frequencies_hz)
        try:
            other = Forecaster(bare, forecaster.gear, field).deviation(case).deviation_db
        except Refused:
            continue
        change = root_mean_square(whole - other)
        found.append(ThingEffect(thing.name, change))
    return found


def without(room: Room, number: int) -> Room:
    """The room without one of its things; a fitted one is taken as fitted."""
    things = (*room.things[:number], *room.things[number + 1 :])
    surveyed = room.surveyed if isinstance(room, FittedRoom) else None
    if surveyed is None:
        return replace(room, things=things)
    return replace(room, things=things, surveyed=replace(surveyed, things=things))  # type: ignore[call-arg]
