"""Edits of the survey's plan: all that stands in the room keeps its place in the real one."""

from dataclasses import replace

from jolly_parlor.acoustics.geometry.plan import WallSide, direction, edges
from jolly_parlor.acoustics.geometry.room import Thing
from jolly_parlor.acoustics.geometry.shaping import Shaped, wall_number
from jolly_parlor.acoustics.geometry.turned_room import name_after_turn
from jolly_parlor.placement.arrangement import Arrangement, shifted
from jolly_parlor.project.checked_edit import done
from jolly_parlor.project.document import Document, carried
from jolly_parlor.project.edits import turn_room
from jolly_parlor.project.takes import Take
from jolly_parlor.words import tr

_TURNS: dict[WallSide, int] = {"front": 0, "left": 1, "back": 2, "right": 3}


def face_wall(document: Document, wall: str) -> Document:
    """The document turned so that the listener faces a wall; all keeps its place in the real room.
    Raises Refused for a name that is no wall's.
    """
    number = wall_number(document.room, wall)
    for _ in range(_TURNS[direction(edges(document.room.plan)[number])]):
        document, wall = turn_room(document), name_after_turn(wall)
    faced = None if document.room.is_box else wall
    changed = replace(document, room=replace(document.room, faced=faced))
    return done(document, changed, "survey", tr("The listener faces the wall “{wall}”.", wall=wall))


def shape_room(document: Document, shaped: Shaped, what: str) -> Document:
    """The document with its plan changed; arrangements, takes and a wished region move along when
    the plan's origin does.
    """
    dx, dy = shaped.shift

    def seen(a: Arrangement) -> Arrangement:
        return shifted(a, dx, dy) if dx or dy else a

    def seen_take(take: Take) -> Take:
        return replace(take, info=replace(take.info, placed=seen(take.info.placed)))

    wishes = document.wishes
    if wishes.region is not None and (dx or dy):
        region = replace(wishes.region, x=wishes.region.x + dx, y=wishes.region.y + dy)
        wishes = replace(wishes, region=region)
    changed = replace(
        document,
        room=shaped.room,
        arrangements=tuple(seen(a) for a in document.arrangements),
        takes=tuple(seen_take(take) for take in document.takes),
        wishes=wishes,
    )
    if dx or dy:
        changed = carried(document, changed)
    return done(document, changed, "survey", f"{what}.")


def put_thing(document: Document, thing: Thing) -> Document:
    """The document with a thing that stood in the room all along: takes hold, since they heard it.
    Its name is made unique.
    """
    taken = {t.name for t in document.room.things}
    name, number = thing.name, 2
    while name in taken:
        name, number = f"{thing.name} {number}", number + 1
    room = replace(document.room, things=(*document.room.things, replace(thing, name=name)))
    changed = carried(document, replace(document, room=room))
    where = tr("{x:.2f} m from the left, {y:.2f} m from the front", x=thing.x, y=thing.y)
    size = tr(
        "{width:.2f} by {depth:.2f} by {height:.2f} m",
        width=thing.width,
        depth=thing.depth,
        height=thing.height,
    )
    return done(
        document,
        changed,
        "survey",
        tr("“{name}” put in: {size}, {where}.", name=name, size=size, where=where),
    )
