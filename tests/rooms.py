"""Short ways to what many tests need: gear, listenings, arrangements, rooms."""

from dataclasses import replace

from jolly_parlor.acoustics.geometry.changed_room import lined, resized
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room, Surface
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.gear import Gear, Seat
from jolly_parlor.placement.loudspeakers import Controls, Loudspeaker, Model
from jolly_parlor.placement.mixes import BOTH, LEFT_ALONE, RIGHT_ALONE, Mix
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document

PAIR = (Loudspeaker("left", "left", "pair"), Loudspeaker("right", "right", "pair"))
BOTH_SUB = Mix("both+sub", "Both and sub", ("left", "right", "sub"), True, True)
"""As the demo's gear has it."""
MIXES = {mix.id: mix for mix in (LEFT_ALONE, RIGHT_ALONE, BOTH, BOTH_SUB)}


def small_gear(low_corner_hz: float = 42.0, slope: int = 24, ear: float = 1.2) -> Gear:
    """A pair of small monitors and one seat."""
    model = Model("pair", "m", 0.2, 0.25, 0.33, low_corner_hz, slope, 0.2)  # type: ignore[arg-type]
    return Gear((model,), PAIR, (Seat("seat", ear),))


def with_subs(gear: Gear, *names: str) -> Gear:
    """The demo's gear with subwoofers of these names, all of its sub's model; none without."""
    others = tuple(one for one in gear.loudspeakers if not one.is_subwoofer)
    subs = tuple(Loudspeaker(name, "subwoofer", "sub") for name in names)
    return replace(gear, loudspeakers=others + subs)


def without_controls(gear: Gear) -> Gear:
    """The same with nothing to be set: a search settles nothing then, which is most of its time."""
    return replace(gear, models=tuple(replace(m, controls=Controls()) for m in gear.models))


def case_of(setup: Setup, seat: str = "desk", mix: str | Mix = BOTH) -> Case:
    """What a set-up of the demo's gear plays to a seat."""
    return Case(setup, seat, mix if isinstance(mix, Mix) else MIXES[mix])


def simple(name: str, left: Point, right: Point, ear: Point, seat: str = "seat") -> Arrangement:
    """A pair and a seat."""
    return Arrangement(name, {"left": left, "right": right}, {seat: ear})


def lined_alike(room: Room, surface: Surface) -> Room:
    """The room with all six surfaces alike and no openings."""
    return lined(replace(room, openings=()), dict.fromkeys(room.surfaces, surface))


def sized(room: Room, width: float = 0, length: float = 0, height: float = 0) -> Room:
    """The room in another size; what is not given stays."""
    return resized(room, width or room.width, length or room.length, height or room.height)


def placed(
    a: Arrangement, left: Point | None = None, right: Point | None = None, **more: object
) -> Arrangement:
    """The arrangement with one or both of the pair elsewhere; `more` as in `replace`."""
    moved = a.with_pair(left or a.left, right or a.right)
    return replace(moved, **more)  # type: ignore[arg-type]


def rebuilt(room: Room, surfaces: object = None, **more: object) -> Room:
    """The room lined otherwise and perhaps in another size; `more` also as in `replace`."""
    sizes = {name: more.pop(name) for name in ("width", "length", "height") if name in more}
    changed = replace(room, **more)  # type: ignore[arg-type]
    if surfaces is not None:
        changed = lined(changed, surfaces)  # type: ignore[arg-type]
    return sized(changed, **sizes)  # type: ignore[arg-type]


def shrunk(document: Document, share: float = 0.7) -> Document:
    """The document in a room of so much of each length and width, which is solved several times as
    soon; what stands in it stands where it did, in proportion, and takes are let go.
    """
    room = document.room
    small = sized(replace(room, keep_outs=()), share * room.width, share * room.length)

    def moved(p: Point) -> Point:
        return Point(share * p.x, share * p.y, p.z)

    arrangements = tuple(
        replace(
            a,
            places={name: moved(p) for name, p in a.places.items()},
            seats={name: moved(p) for name, p in a.seats.items()},
        )
        for a in document.arrangements
    )
    return replace(document, room=small, arrangements=arrangements, takes=())
