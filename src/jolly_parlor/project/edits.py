"""Edits: every change to a document, each a function from document to document.

An edit that cannot be done raises EditRefused with a sentence and changes nothing. What an edit
brings has passed the check that files are read by, and `noted` says what goes into the Ledger.
Those of takes are in `take_edits`, those of the gear in `gear_edits`.
"""

from collections.abc import Mapping
from dataclasses import replace

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.turned_room import turned
from jolly_parlor.placement.arrangement import Arrangement, turned_arrangement
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.names import renamed_by_move
from jolly_parlor.placement.schools import School
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.what_moved import what_moved
from jolly_parlor.project.checked_edit import EditRefused, checked, done
from jolly_parlor.project.document import Document, Take, carried
from jolly_parlor.project.gear_edits import usual_chains
from jolly_parlor.project.renaming import NOTHING_RENAMED, Renames
from jolly_parlor.words import tr


def set_room(document: Document, room: Room) -> Document:
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
    name = _free_name(document, arrangement.name)
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
    changed, renames = _renamed(document, name, to)
    changed = replace_in(changed, to, replace(changed.arrangement(to), name_follows=False))
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
    """Put an arrangement of the same name in place of the old one: a move. A name that the program
    gave follows it.
    """
    old = document.arrangement(arrangement.name)
    words = "; ".join(what_moved(old, arrangement))
    if not words:
        return document
    text = f"“{old.name}”: {words}."
    changed, stands, renames = _moved_in(document, arrangement)
    return done(document, changed, "move", text, stands, renamed=renames.as_kept())


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


def _moved_in(
    document: Document, arrangement: Arrangement
) -> tuple[Document, Arrangement, Renames]:
    """The document with an arrangement moved, unchecked, how it stands there, and what is now
    called otherwise: a name that the program gave says where it stands.
    """
    name = arrangement.name
    was = document.arrangement(name)
    called = renamed_by_move(document.setup(was), arrangement)
    changed = replace_in(document, name, replace(called, name=name))
    if called.name == name:
        return changed, called, NOTHING_RENAMED
    others = tuple(a for a in document.arrangements if a.name != name)
    to = _free_name(replace(document, arrangements=others), called.name)
    changed, renames = _renamed(changed, name, to)
    return changed, changed.arrangement(to), renames


def replace_in(document: Document, name: str, new: Arrangement) -> Document:
    """Another arrangement in the place of the one of that name, unchecked: a part of an edit."""
    changed = tuple(new if a.name == name else a for a in document.arrangements)
    return replace(document, arrangements=changed)


def _free_name(document: Document, wanted: str) -> str:
    taken = {a.name for a in document.arrangements}
    name, number = wanted, 2
    while name in taken:
        name, number = f"{wanted[:55]} {number}", number + 1
    return name


def _renamed(document: Document, name: str, to: str) -> tuple[Document, Renames]:
    renames = Renames(arrangements={name: to})
    changed = replace(
        document,
        arrangements=tuple(map(renames.arrangement, document.arrangements)),
        takes=tuple(map(renames.take, document.takes)),
        by_ear=renames.by_ear(document.by_ear),
        chosen=to if document.chosen == name else document.chosen,
    )
    return changed, renames
