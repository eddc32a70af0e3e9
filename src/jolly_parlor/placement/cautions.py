"""Cautions where the hazard arises. Short; they defer to local codes and licensed trades."""

from jolly_parlor.acoustics.geometry.plan import distance_to
from jolly_parlor.acoustics.geometry.room import Opening, Point, Room
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.mounting import mount_of
from jolly_parlor.placement.setup import Setup
from jolly_parlor.words import plural, tr

EQUALISING = tr(
    "Do not boost below the box's corner or into a cancellation: it only strains the driver."
)
SWEEPS = tr(
    "Sweeps: start low; 75 dB SPL at the seat is plenty. Mistakes in gain damage ears and tweeters."
)
LISTENING = tr(
    "Begins quiet: raise it only as far as you need. 85 dB(A) for 8 "
    "hours is the most that exposure guidance allows, half the time "
    "for each 3 dB more (NIOSH 1998)."
)
LIFTING = tr("Heavy cabinets: two people, and strap what stands high so that no child can tip it.")
LASER = tr("No laser at eye height; aim with a string or a tape.")
CABLES = tr("Tape down cables where people walk.")
MOUNTING = tr(
    "Anything fixed to wall or ceiling, in-wall work and mains wiring: "
    "local codes and a licensed trade."
)
ESCAPE_METRES = 0.6


def left_out(room: Room) -> str:
    """What no forecast of this room knows, as a sentence goes on."""
    if room.things:
        return tr("whatever was not surveyed")
    return tr("whatever else stands in the room")


def cautions(setup: Setup) -> list[str]:
    """Those that apply to an arrangement, most pressing first."""
    room, gear, arrangement = setup.room, setup.gear, setup.arrangement
    found = []
    subs = {sub.id for sub in gear.subwoofers}
    things = {
        tr("{n} monitor", n=n) if n in PAIR else tr("subwoofer {n}", n=n) if n in subs else n: p
        for n, p in arrangement.places.items()
    }
    for opening in room.openings:
        near = [name for name, p in things.items() if _distance(room, opening, p) < ESCAPE_METRES]
        if near:
            way = (
                tr("a way out")
                if opening.kind != "window"
                else tr("a window that may be a way out")
            )
            found.append(
                plural(
                    len(near),
                    "The {near} stands within {escape_metres:.1f} m of {way}: "
                    "keep escape routes and windows free.",
                    "The {near} stand within {escape_metres:.1f} m of {way}: "
                    "keep escape routes and windows free.",
                    near=tr(" and the ").join(near),
                    escape_metres=ESCAPE_METRES,
                    way=way,
                )
            )
    base = arrangement.left.z - gear.monitor.centre_height
    found.append(LIFTING)
    hung = any(
        mount_of(room, gear.model_of(sub.id), arrangement.places[sub.id]) != "floor"
        for sub in gear.subwoofers
        if sub.id in arrangement.places
    )
    if hung or base > 1.3 or base > (gear.desk.height if gear.desk else 0.9) + 0.4:
        found.append(MOUNTING)
    found += [CABLES, EQUALISING, LASER]
    return found


def _distance(room: Room, opening: Opening, point: Point) -> float:
    """Plan distance from a point to the opening's stretch of wall."""
    return distance_to(room.span_of(opening), (point.x, point.y))
