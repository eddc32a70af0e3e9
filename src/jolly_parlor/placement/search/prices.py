"""What each wish costs: the best of the monitors alone with it, against the best without it."""

from collections.abc import Callable
from dataclasses import dataclass, replace

from jolly_parlor.acoustics.fields.field_of_room import room_field
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.search.refinement import FieldMaker
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.wishes import IN_WORDS, Wishes
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_STEP = 0.05
_TELLING_DB = 0.1
_FREE: dict[str, object] = {
    "nearest": 0.5,
    "furthest": 4.0,
    "equilateral_tolerance": 0.25,
    "front_gap": 0.0,
    "side_gap": 0.0,
    "behind_head": 0.2,
    "height_change": 0.3,
}
"""What loosens a limit that has no open default."""


@dataclass(frozen=True)
class Price:
    wish: str
    """Its field of Wishes."""
    costs_db: float
    """J of the best without it, less J of the best with it; never below 0."""

    @property
    def words(self) -> str:
        """Such as `The desk at the wall costs 0.9 dB`."""
        told = IN_WORDS[self.wish]
        if self.costs_db < _TELLING_DB:
            return tr(
                "{told}{told2} costs nothing that can be told", told=told[0].upper(), told2=told[1:]
            )
        return tr(
            "{told}{told2} costs {costs_db:.1f} dB",
            told=told[0].upper(),
            told2=told[1:],
            costs_db=self.costs_db,
        )


def prices(
    room: Room,
    gear: Gear,
    present: Arrangement | None,
    wishes: Wishes,
    cancelled: Callable[[], bool] = lambda: False,
    make_field: FieldMaker = room_field,
) -> list[Price]:
    """Of each limit on places, dearest first; of the monitors alone, on a grid of 5 cm. Raises
    Refused where nothing fits within the wishes.
    """
    bare = replace(gear, loudspeakers=tuple(s for s in gear.loudspeakers if s.id in PAIR))
    asked = replace(wishes, subwoofers="stay", sub_pairs=False, region=None)

    def best(with_: Wishes) -> float:
        found = search(
            room, bare, present, with_, _STEP, 1, cancelled=cancelled, make_field=make_field
        )
        return found.proposals[0].monitors_db

    now, found = best(asked), []
    for wish in IN_WORDS:
        loose = _FREE.get(wish, getattr(Wishes(), wish))
        if cancelled() or getattr(asked, wish) == loose:
            continue
        try:
            without = best(replace(asked, **{wish: loose}))  # type: ignore[arg-type]
        except Refused:
            continue
        found.append(Price(wish, max(now - without, 0.0)))
    return sorted(found, key=lambda price: -price.costs_db)
