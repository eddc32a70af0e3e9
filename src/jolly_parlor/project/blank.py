"""The room a new document starts with: plausible sizes to overwrite, nothing placed."""

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import Surface
from jolly_parlor.placement.gear import Desk, Gear, Seat
from jolly_parlor.placement.loudspeakers import Loudspeaker, Model
from jolly_parlor.placement.search.wishes import usual_wishes
from jolly_parlor.project.document import Document
from jolly_parlor.words import tr


def blank_document() -> Document:
    """An empty document: a common room, a pair of monitors, one seat, a desk."""
    room = box_room(
        name=tr("New room"),
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
    model = Model("monitor", "two-way", 0.22, 0.28, 0.35, 50.0, acoustic_centre_height=0.22)
    pair = (Loudspeaker("left", "left", "monitor"), Loudspeaker("right", "right", "monitor"))
    gear = Gear((model,), pair, (Seat("desk"),), Desk(1.50, 0.75, 0.74))
    return Document(room, gear, wishes=usual_wishes(gear))
