"""What every edit goes through: the check that files are read by, and a note for the Ledger."""

from collections.abc import Mapping
from dataclasses import replace
from typing import Any

from jolly_parlor.acoustics.geometry.clashes import (
    openings_over_one_another,
    things_in_one_another,
)
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.project.document import Document, problems
from jolly_parlor.project.ledger import EntryKind, entry
from jolly_parlor.refused import Refused
from jolly_parlor.validity import faults
from jolly_parlor.words import spoken, tr


class EditRefused(Refused):
    """The change would make the document contradict itself; the message says how."""


def refuse(sentences: list[str]) -> None:
    if sentences:
        raise EditRefused(" ".join(_sentence(s) for s in sentences[:3]))


def _sentence(text: str) -> str:
    return text if text.endswith(".") else f"{text[0].upper()}{text[1:]}."


def checked(before: Document, changed: Document) -> Document:
    """The changed document, if a file of it could be read; only what is new is looked at."""
    known: set[int] = {id(before.room), id(before.gear), id(before.wishes), id(before.by_ear)}
    known.add(id(before.signing))
    known |= {id(a) for a in before.arrangements} | {id(t.info) for t in before.takes}
    parts: list[Any] = [changed.room, changed.gear, changed.wishes, changed.by_ear, changed.signing]
    parts += changed.arrangements
    parts += [take.info for take in changed.takes]
    for part in parts:
        if id(part) not in known:
            refuse(faults(part))
    refuse(problems(changed))
    refuse(_new_clash(before.room, changed.room))
    return changed


def _new_clash(before: Room, room: Room) -> list[str]:
    """What a change would put into something else. Documents that have such still open, and may
    be changed elsewhere.
    """
    if before is room:
        return []
    things, openings = things_in_one_another(room), openings_over_one_another(room)
    if len(things) > len(old := things_in_one_another(before)):
        one, other = next(pair for pair in things if pair not in old)
        return [
            tr(
                "{one} and {other} would stand in one another; move one of them first",
                one=one.name,
                other=other.name,
            )
        ]
    if len(openings) > len(over := openings_over_one_another(before)):
        first, second = next(pair for pair in openings if pair not in over)
        return [
            tr(
                "the {kind} would lie over the {other} of the {wall} wall; move one of them first",
                kind=spoken(first.kind),
                other=spoken(second.kind),
                wall=spoken(first.wall),
            )
        ]
    return []


def done(
    before: Document,
    changed: Document,
    kind: EntryKind,
    text: str,
    stood: Arrangement | None = None,
    take: str = "",
    turned: int = 0,
    renamed: Mapping[str, str] | None = None,
) -> Document:
    """The changed document, checked, with what is to be noted of it. Grades given to what is now
    set or placed otherwise go; the Ledger has them.
    """
    if kind in ("move", "setting"):
        stood = replace(stood, grading=None) if stood is not None else None
        changed = _ungraded(before, changed)
    noted = (*before.noted, entry(kind, text, stood, take, turned, renamed))
    return replace(checked(before, changed), noted=noted)


def _ungraded(before: Document, changed: Document) -> Document:
    """Without the grades of arrangements that do not sound as they did when they were graded."""
    were = {a.name: a for a in before.arrangements}

    def heard_now(a: Arrangement) -> Arrangement:
        old = were.get(a.name)
        same = a is old or old is None or a.grading is not old.grading
        return a if same else replace(a, grading=None)

    return replace(changed, arrangements=tuple(map(heard_now, changed.arrangements)))
