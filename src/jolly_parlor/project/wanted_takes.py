"""Which takes of an arrangement are worth making, and in what order: the microphone is put to each
place once.
"""

from collections.abc import Iterator

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.project.document import Document
from jolly_parlor.project.takes import HeadPoint

Wanted = tuple[str, str]
"""What plays, by id, and the seat where the microphone stands."""


def wanted(document: Document) -> Iterator[Wanted]:
    """The main seat first: each loudspeaker by itself, the pair, all that plays. At the other seats
    what will be heard there.
    """
    gear = document.gear
    whole = with_subwoofers(gear).id
    main, *others = (seat.name for seat in gear.seats)
    beside = [one.id for one in gear.beside_the_pair]
    for source in dict.fromkeys(["left", "right", "both", *beside, whole]):
        yield source, main
    for seat in others:
        yield from ((source, seat) for source in dict.fromkeys(["both", whole]))


def missing(document: Document, a: Arrangement, point: HeadPoint = "centre") -> list[Wanted]:
    """Those that nobody has made yet, or that no longer hold."""
    return [
        (source, seat)
        for source, seat in wanted(document)
        if point not in document.takes_around(a, source, seat)
    ]
