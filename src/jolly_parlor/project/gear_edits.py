"""Edits of the gear and of what is set: arrangements and takes follow."""

from collections.abc import Mapping
from dataclasses import replace

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement, desk_before
from jolly_parlor.placement.chains import USUAL_CROSSOVER_HZ, Chain, Crossover
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.first_placing import starting_chains, starting_places
from jolly_parlor.placement.gear import PAIR, Gear, gear_problems
from jolly_parlor.placement.mixes import measurable
from jolly_parlor.placement.search.wishes import usual_wishes
from jolly_parlor.project.checked_edit import EditRefused, done, refuse
from jolly_parlor.project.document import Document, Take
from jolly_parlor.project.renaming import Renames, renames_between
from jolly_parlor.validity import faults
from jolly_parlor.words import tr


def set_gear(document: Document, gear: Gear, renamed: Mapping[str, str] | None = None) -> Document:
    """Replace the gear; places of new seats and of loudspeakers new in their role are roughed in,
    those gone are dropped. Renaming one seat or one loudspeaker keeps its places, settings and
    takes.
    """
    old = document.gear
    seats = renames_between([s.name for s in old.seats], [s.name for s in gear.seats])
    ids = renames_between([s.id for s in old.loudspeakers], [s.id for s in gear.loudspeakers])
    ids |= renamed or {}
    renames = Renames(seats=seats, loudspeakers=ids)
    refuse(faults(gear) or gear_problems(gear))
    arrangements = tuple(
        _fit_to_gear(document.room, old, gear, a, seats, ids) for a in document.arrangements
    )
    takes = tuple(
        renames.take(take) for take in document.takes if _still_there(take, gear, seats, ids)
    )
    by_ear = renames.by_ear(document.by_ear)
    said = document.wishes != usual_wishes(old)
    changed = replace(
        document,
        gear=gear,
        arrangements=arrangements,
        takes=takes,
        by_ear=by_ear,
        wishes=document.wishes if said else usual_wishes(gear),
    )
    return done(document, changed, "gear", tr("Gear changed."), renamed=renames.as_kept())


def set_chain(
    document: Document, name: str, arrangement: str | None = None, **settings: object
) -> Document:
    """Set a loudspeaker, in one arrangement or in every one; what is not given stays as it is
    there. settings: fields of Chain.
    """
    document.gear.loudspeaker(name)

    def set_in(a: Arrangement) -> Arrangement:
        if arrangement is not None and a.name != arrangement:
            return a
        chain = replace(a.chain(name), **settings)  # type: ignore[arg-type]
        return replace(a, chains={**a.chains, name: chain})

    changed = replace(document, arrangements=tuple(set_in(a) for a in document.arrangements))
    where = f"“{arrangement}”" if arrangement is not None else tr("every arrangement")
    words = ", ".join(f"{what.replace('_', ' ')} {value}" for what, value in settings.items())
    stood = changed.arrangement(arrangement) if arrangement is not None else None
    return done(
        document,
        changed,
        "setting",
        tr("{where}: {name} set, {words}.", where=where, name=name, words=words),
        stood,
    )


def set_crossover(
    document: Document, sub: str, frequency_hz: float, arrangement: str | None = None
) -> Document:
    """Where a subwoofer's range ends, in one arrangement or in every one; a pair that hands over
    does at the highest of the subwoofers'.
    """
    subs = [one.id for one in document.gear.subwoofers]
    if sub not in subs:
        raise EditRefused(
            tr("“{sub}” is no subwoofer: only a subwoofer's range ends at a crossover.", sub=sub)
        )

    def set_in(a: Arrangement) -> Arrangement:
        if arrangement is not None and a.name != arrangement:
            return a
        own = a.chain(sub)
        low = replace(own.low_pass or Crossover(), frequency_hz=frequency_hz)
        chains = {**a.chains, sub: replace(own, low_pass=low)}
        known = (chains[name].low_pass for name in subs if name in chains)
        highest = max(side.frequency_hz for side in known if side is not None)
        for side in PAIR:
            own = a.chain(side)
            if own.high_pass is not None or document.gear.hands_over:
                high = replace(own.high_pass or Crossover(), frequency_hz=highest)
                chains[side] = replace(own, high_pass=high)
        return replace(a, chains=chains)

    changed = replace(document, arrangements=tuple(set_in(a) for a in document.arrangements))
    where = f"“{arrangement}”" if arrangement is not None else tr("every arrangement")
    return done(
        document,
        changed,
        "setting",
        tr(
            "{where}: {sub} plays up to {frequency_hz:.0f} Hz.",
            where=where,
            sub=sub,
            frequency_hz=frequency_hz,
        ),
    )


def set_handover(document: Document, yes: bool) -> Document:
    """Whether anything keeps the bass from the pair: at the usual crossover, where its controls say
    nothing else. Where nothing does, all arrangements play it at its full range.
    """
    gear = document.gear
    own = gear.monitor.controls
    if yes and not gear.hands_over:
        own = own.having("high_pass_hz", Span(USUAL_CROSSOVER_HZ, USUAL_CROSSOVER_HZ))
    elif not yes:
        own = replace(own.having("high_pass_hz", None), high_pass_kinds=())
    changed = set_gear(document, gear.with_model(gear.monitor.id, controls=own))

    def full_range(a: Arrangement) -> Arrangement:
        flat = {side: replace(a.chain(side), high_pass=None) for side in PAIR if side in a.chains}
        return replace(a, chains={**a.chains, **flat})

    if not yes:
        changed = replace(changed, arrangements=tuple(map(full_range, changed.arrangements)))
    words = (
        tr("Something keeps the bass from the monitors.")
        if yes
        else tr("Nothing keeps the bass from the monitors: they play their full range.")
    )
    return done(document, changed, "gear", words)


def usual_chains(document: Document) -> dict[str, Chain]:
    """What a new arrangement begins with: the settings of the one picked, else of the last."""
    every = {a.name: a for a in document.arrangements}
    known = every.get(document.chosen or "", document.arrangements[-1] if every else None)
    return starting_chains(document.gear, known.chains if known is not None else None)


def _fit_to_gear(
    room: Room,
    old: Gear,
    gear: Gear,
    a: Arrangement,
    seat_names: dict[str, str],
    ids: dict[str, str],
) -> Arrangement:
    seats = _fit_seats(room, old, gear, a, seat_names)
    roles = {ids.get(one.id, one.id): one.role for one in old.loudspeakers}
    moved = {ids.get(name, name): point for name, point in a.places.items()}
    # Another role is another place; those of the pair cannot change.
    known = {
        one.id: moved[one.id]
        for one in gear.loudspeakers
        if one.id in moved and one.role == roles.get(one.id)
    }
    start = starting_places(room, gear, a.left, a.right, seats[gear.seats[0].name], known)
    places = {name: known[name] for name in PAIR} | start
    chains = {ids.get(name, name): chain for name, chain in a.chains.items()}
    desk = a.desk if gear.desk else None
    if gear.desk is not None and old.desk is None:
        desk = desk_before(seats[gear.seats[0].name], gear.desk, room.frame.front)
    chains = starting_chains(gear, _handed_over(old, gear, chains))
    return replace(a, seats=seats, places=places, chains=chains, desk=desk)


def _handed_over(old: Gear, gear: Gear, chains: dict[str, Chain]) -> dict[str, Chain]:
    """Settings of the pair after the gear has come to keep the bass from it, or no longer can."""
    if gear.hands_over == old.hands_over or not gear.subwoofers:
        return chains
    lows = [chain.low_pass for chain in chains.values() if chain.low_pass is not None]
    highest = max((low.frequency_hz for low in lows), default=USUAL_CROSSOVER_HZ)
    own = gear.monitor.controls.span("high_pass_hz")
    at = min(max(highest, own.low), own.high) if own is not None else highest
    high = Crossover(at) if gear.hands_over else None
    return chains | {side: replace(chains.get(side, Chain()), high_pass=high) for side in PAIR}


def _fit_seats(
    room: Room, old: Gear, gear: Gear, a: Arrangement, names: dict[str, str]
) -> dict[str, Point]:
    known = {names.get(name, name): point for name, point in a.seats.items()}
    ears = {names.get(seat.name, seat.name): seat.ear_height for seat in old.seats}
    seats = {}
    for index, seat in enumerate(gear.seats):
        start = Point(
            room.frame.middle,
            min(a.left.y + 1.3 + index, room.frame.back - 0.4),
            seat.ear_height,
        )
        place = known.get(seat.name, start)
        if ears.get(seat.name) != seat.ear_height:
            place = replace(place, z=seat.ear_height)
        seats[seat.name] = place
    return seats


def _still_there(take: Take, gear: Gear, seat_names: dict[str, str], ids: dict[str, str]) -> bool:
    seat = seat_names.get(take.info.seat, take.info.seat)
    source = ids.get(take.info.source, take.info.source)
    sources = {mix.id for mix in measurable(gear)}
    played = {ids.get(name, name) for name in take.info.played}
    there = played <= {speaker.id for speaker in gear.loudspeakers}
    return seat in {s.name for s in gear.seats} and source in sources and there
