"""What each further subwoofer would buy, so that nobody buys one that helps nothing.

From none to four of the model there is (the last one's), each put where it and its settings serve
best with those before it, everything then set at its best; for the main seat, and for every seat.
"""

from dataclasses import dataclass, replace
from itertools import pairwise

from jolly_parlor.acoustics.fields.field_of_room import RoomField
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.first_placing import starting_chains, starting_places
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.loudspeakers import Loudspeaker
from jolly_parlor.placement.search.objective import Judge
from jolly_parlor.placement.search.tuned_subs import TunedSubs
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.refused import Refused
from jolly_parlor.words import capital, tr

MOST = 4
_TELLING_DB = 0.15


@dataclass(frozen=True)
class Further:
    """So many subwoofers at their best."""

    count: int
    main_db: float
    """J at the main seat, settings made for it."""
    every_db: float
    """J over all seats, settings made for them."""
    arrangement: Arrangement
    """That for the main seat."""


def further_subs(
    setup: Setup,
    field: RoomField,
    wishes: Wishes,
) -> list[Further]:
    """From no subwoofer to MOST; pair and seats stay. Raises Refused without a model of one."""
    if not setup.gear.subwoofers:
        raise Refused(
            tr("Add the subwoofer you think of in Gear: what one buys hangs on its model.")
        )
    wishes = replace(wishes, subwoofers="walls", region=None)
    found: list[Further] = []
    standing = {True: setup.arrangement, False: setup.arrangement}
    for count in range(MOST + 1):
        own = _gear_with(setup.gear, count)
        forecaster = Forecaster(setup.room, own, field).coarse()
        figures = {}
        for main in (True, False):
            asked = replace(wishes, other_seats=0.0 if main else 1.0)
            judge = Judge(forecaster, asked)
            before = _with_places(Setup(setup.room, own, standing[main]))
            tuned = TunedSubs(judge)
            placed = tuned.settled(tuned.added(before) if count else before)
            standing[main] = placed
            figures[main] = float(judge.figures([placed], played=True)[0])
        found.append(Further(count, figures[True], figures[False], standing[True]))
    return found


def further_words(found: list[Further]) -> list[str]:
    """What each buys, in a sentence a number; and from where on more help nothing."""
    numbers = (tr("no sub"), "one", "two", "three", "four")
    lines = []
    for one, before in zip(found, [None, *found], strict=False):
        told = tr(
            "{numbers}: {main_db:.1f} dB at the main seat",
            numbers=capital(numbers[one.count]),
            main_db=one.main_db,
        )
        told += tr(", {every_db:.1f} dB over all seats", every_db=one.every_db)
        if before is not None:
            told += f" ({before.main_db - one.main_db:+.1f}, {before.every_db - one.every_db:+.1f})"
        lines.append(f"{told}.")
    useless = [
        one.count
        for before, one in pairwise(found)
        if max(before.main_db - one.main_db, before.every_db - one.every_db) < _TELLING_DB
    ]
    if useless:
        lines.append(
            tr("Number {useless} buys nothing that this model could tell.", useless=useless[0])
        )
    return lines


def _gear_with(gear: Gear, count: int) -> Gear:
    """The gear with so many subwoofers: those there are, then more of the last one's model."""
    subs = list(gear.subwoofers[:count])
    taken = {one.id for one in gear.loudspeakers}
    while len(subs) < count:
        name = next(tr("sub {n}", n=n) for n in range(2, 99) if f"sub {n}" not in taken)
        taken.add(name)
        subs.append(Loudspeaker(name, "subwoofer", gear.subwoofers[-1].model))
    pair = [one for one in gear.loudspeakers if one.id in PAIR]
    return replace(gear, loudspeakers=(*pair, *subs))


def _with_places(setup: Setup) -> Arrangement:
    """The arrangement with a place and settings for everything of that gear, and nothing else."""
    gear, a = setup.gear, setup.arrangement
    ear = a.seats[gear.seats[0].name]
    beside = starting_places(setup.room, gear, a.left, a.right, ear, a.places)
    names = [one.id for one in gear.loudspeakers]
    chains = starting_chains(gear, {n: c for n, c in a.chains.items() if n in names})
    return replace(a, places={"left": a.left, "right": a.right} | beside, chains=chains)
