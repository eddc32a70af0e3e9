"""The room a new document starts with: plausible sizes to overwrite, nothing placed."""

from jolly_parlor.acoustics.room import Room, Surface
from jolly_parlor.placement.gear import Desk, Gear, Monitor, Seat
from jolly_parlor.project.document import Document


def blank_document() -> Document:
    """An empty document: a common room, a pair of monitors, one seat, a desk."""
    room = Room(
        name="New room",
        width=3.50,
        length=4.80,
        height=2.50,
        surfaces={
            "left": Surface("plasterboard_studs"),
            "right": Surface("plasterboard_studs"),
            "front": Surface("plasterboard_studs"),
            "back": Surface("plasterboard_studs"),
            "floor": Surface("timber_floor"),
            "ceiling": Surface("plasterboard_studs"),
        },
    )
    monitor = Monitor("two-way", 0.22, 0.28, 0.35, 0.22, 50.0)
    return Document(room, Gear(monitor, (Seat("desk"),), (), Desk(1.50, 0.75, 0.74)))
