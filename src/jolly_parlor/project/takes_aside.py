"""What a change does to takes: which of them no longer say how an arrangement is heard."""

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.project.document import Document, Take
from jolly_parlor.words import plural


def set_aside(before: Document, after: Document) -> list[Take]:
    """Takes that told of an arrangement before a change, and do not after it."""
    held = {take.info.id for take in before.takes if _tells(before, take)}
    return [take for take in after.takes if take.info.id in held and not _tells(after, take)]


def told(before: Document, after: Document) -> str:
    """A sentence on what a change sets aside, with the way back; empty where it sets none aside."""
    aside = set_aside(before, after)
    if not aside:
        return ""
    count = len(aside)
    moved = [metres for take in aside if (metres := _moved(after, take)) is not None]
    if len(moved) == count:
        far = max(moved)
        return plural(
            count,
            "{count} take was made {far:.1f} cm away from here: it still teaches the fit, but no "
            "longer says how this is heard. Undo, or measure again.",
            "{count} takes were made {far:.1f} cm away from here: they still teach the fit, but "
            "no longer say how this is heard. Undo, or measure again.",
            far=100 * far,
        )
    return plural(
        count,
        "{count} take may no longer hold after this change: Takes asks. Undo brings it back.",
        "{count} takes may no longer hold after this change: Takes asks. Undo brings them back.",
    )


def _tells(document: Document, take: Take) -> bool:
    a = _arrangement(document, take)
    return a is not None and take.usable and take.applies_to(a) and not document.doubts(take)


def _arrangement(document: Document, take: Take) -> Arrangement | None:
    name = take.info.placed.name
    return next((a for a in document.arrangements if a.name == name), None)


def _moved(document: Document, take: Take) -> float | None:
    """How far from where it was made things now stand, metres; None where something else is the
    reason.
    """
    a, info = _arrangement(document, take), take.info
    if a is None or document.doubts(take):
        return None
    pairs = [(info.placed.places[n], a.places[n]) for n in info.played if n in a.places]
    if info.seat in a.seats:
        pairs.append((info.placed.seats[info.seat], a.seats[info.seat]))
    far = max((one.distance(other) for one, other in pairs), default=0.0)
    return far if far > 0 else None
