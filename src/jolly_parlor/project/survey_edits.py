"""Edits of the survey's plan: all that stands in the room keeps its place in the real one."""

from dataclasses import replace

from jolly_parlor.acoustics.shaping import Shaped
from jolly_parlor.placement.arrangement import Arrangement, shifted
from jolly_parlor.project.document import Document, carried
from jolly_parlor.project.editing import done
from jolly_parlor.project.takes import Take


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
