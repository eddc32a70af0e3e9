"""Edits: every change to a document, each a function from document to document.

An edit that cannot be done raises EditRefused with a sentence and changes nothing. What an edit
brings has passed the check that files are read by, and `noted` says what goes into the Ledger.
Those of takes are in `take_edits`, those of the gear in `gear_edits`.
"""

from collections.abc import Mapping
from dataclasses import replace

from jolly_parlor.acoustics.room import Room
from jolly_parlor.acoustics.turning import turned
from jolly_parlor.placement.arrangement import Arrangement, turned_arrangement
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.schools import School
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.what_moved import what_moved
from jolly_parlor.project.document import Document, Take, carried
from jolly_parlor.project.editing import EditRefused, checked, done
from jolly_parlor.project.gear_edits import usual_chains
from jolly_parlor.project.renaming import Renames
from jolly_parlor.words import tr


def set_room(document: Document, room: Room) -> Document:
    """Replace the survey."""
    changed = replace(document, room=room)
    return done(document, changed, "survey", tr("Survey of {name} changed.", name=room.name))


def turn_room(document: Document) -> Document:
    """Face the wall that was at the left: everything keeps its place in the real room."""
    room, gear = document.room, document.gear

    def seen(a: Arrangement) -> Arrangement:
        return turned_arrangement(room, gear, a)

    def seen_take(take: Take) -> Take:
        return replace(take, info=replace(take.info, placed=seen(take.info.placed)))

    changed = replace(
        document,
        room=turned(room),
        arrangements=tuple(seen(a) for a in document.arrangements),
        takes=tuple(seen_take(take) for take in document.takes),
    )
    changed = carried(document, changed)
    text = tr("Turned to face the wall that was at the left.")
    return done(document, changed, "survey", text, turned=1)


def set_wishes(document: Document, wishes: Wishes) -> Document:
    """What is asked of a search; refused where the wishes contradict themselves."""
    return checked(document, replace(document, wishes=wishes))


def line_up(document: Document, arrangement: Arrangement, turns: int) -> Document:
    """Add an arrangement whose positions hold after turning the room so many times."""
    for _ in range(turns):
        document = turn_room(document)
    return add_arrangement(document, arrangement)


def add_arrangement(document: Document, arrangement: Arrangement) -> Document:
    """Append an arrangement, its name made unique."""
    taken = {a.name for a in document.arrangements}
    name, number = arrangement.name, 2
    while name in taken:
        name, number = f"{arrangement.name[:55]} {number}", number + 1
    added = replace(arrangement, name=name)
    changed = replace(document, arrangements=(*document.arrangements, added))
    text = tr("“{name}” added. {rule}", name=name, rule=arrangement.rule)
    return done(document, changed, "arrangement", text, added)


def propose(
    document: Document, school: School, chains: Mapping[str, Chain] | None = None
) -> Document:
    """Append a school's arrangement, set as is usual. Raises SchoolCannotBeMet."""
    known = usual_chains(document) if chains is None else chains
    return add_arrangement(document, school.propose(document.room, document.gear, known))


def rename_arrangement(document: Document, name: str, to: str) -> Document:
    """Give an arrangement another name; its takes follow."""
    to = to.strip()
    if not to:
        raise EditRefused(tr("An arrangement needs a name."))
    if to == name:
        return document
    if to in {a.name for a in document.arrangements}:
        raise EditRefused(tr("There is already an arrangement “{to}”; choose another name.", to=to))
    document.arrangement(name)
    renames = Renames(arrangements={name: to})
    changed = replace(
        document,
        arrangements=tuple(map(renames.arrangement, document.arrangements)),
        takes=tuple(map(renames.take, document.takes)),
        by_ear=renames.by_ear(document.by_ear),
        chosen=to if document.chosen == name else document.chosen,
    )
    told = tr("“{name}” is now called “{to}”.", name=name, to=to)
    return done(document, changed, "arrangement", told, renamed=renames.as_kept())


def remove_arrangement(document: Document, name: str) -> Document:
    """Drop an arrangement with its takes."""
    gone = document.arrangement(name)
    changed = replace(
        document,
        arrangements=tuple(a for a in document.arrangements if a.name != name),
        takes=tuple(t for t in document.takes if t.info.placed.name != name),
        chosen=None if document.chosen == name else document.chosen,
    )
    return done(document, changed, "arrangement", tr("“{name}” removed.", name=name), gone)


def replace_arrangement(document: Document, arrangement: Arrangement) -> Document:
    """Put an arrangement of the same name in place of the old one: a move."""
    old = document.arrangement(arrangement.name)
    words = "; ".join(what_moved(old, arrangement))
    if not words:
        return document
    changed = replace_in(document, arrangement.name, arrangement)
    return done(document, changed, "move", f"“{arrangement.name}”: {words}.", arrangement)


def choose(document: Document, name: str, reason: str) -> Document:
    """Pick an arrangement and record why."""
    picked = document.arrangement(name)
    changed = replace(document, chosen=name)
    return done(
        document,
        changed,
        "choice",
        tr("“{name}” picked. {reason}", name=name, reason=reason),
        picked,
    )


def replace_in(document: Document, name: str, new: Arrangement) -> Document:
    """Another arrangement in the place of the one of that name, unchecked: a part of an edit."""
    changed = tuple(new if a.name == name else a for a in document.arrangements)
    return replace(document, arrangements=changed)
