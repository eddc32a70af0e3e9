"""A room from nine answers, for a first proposal within minutes; a tape corrects it afterwards."""

from dataclasses import dataclass, field, replace

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.clashes import free_opening, lie_over
from jolly_parlor.acoustics.geometry.room import Opening, Room, Surface
from jolly_parlor.acoustics.geometry.usual_things import usual_thing
from jolly_parlor.placement.common_models import MONITORS, SUBWOOFERS
from jolly_parlor.placement.gear import Desk, Gear, Seat
from jolly_parlor.placement.loudspeakers import Loudspeaker, Model
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.checked_edit import done
from jolly_parlor.project.document import Document
from jolly_parlor.words import tr

WALLS = ("front", "right", "back", "left")
LININGS = {
    "plasterboard_studs": tr("plasterboard"),
    "plaster_masonry": tr("plastered masonry"),
    "brick": tr("bare brick"),
    "concrete": tr("concrete"),
}
"""What walls mostly are, by the table's ids."""
_SHARES = (1.0, 0.7, 0.4)
"""Of its usual width, an opening is tried with."""
_WINDOW = Opening("window", "front", 0.0, 1.2, 0.9, 1.2, "window")
_DOOR = Opening("door", "back", 0.3, 0.85, 0.0, 2.0, "door_solid")


@dataclass(frozen=True)
class FirstAnswers:
    """What is asked. Lengths in metres; walls as seen by who listens; None: there is none."""

    width: float = 3.5
    length: float = 4.8
    height: float = 2.5
    lining: str = "plasterboard_studs"
    window: str | None = "right"
    door: str | None = "back"
    things: tuple[str, ...] = field(default=())
    """Names of `usual_things.USUAL`."""
    use: str = "desk studio"
    """One of `wishes.READY_MADE`."""
    monitors: str = "middle"
    subwoofer: bool = False


def with_first_room(document: Document, answers: FirstAnswers) -> Document:
    """The document with the room and gear they tell of, and nothing lined up yet; raises
    EditRefused in a sentence where they cannot be.
    """
    room = _furnished(_shell(answers), answers.things)
    wishes = Wishes().used_as(answers.use)
    changed = replace(
        document,
        room=room,
        gear=_gear(answers),
        wishes=wishes,
        arrangements=(),
        takes=(),
        chosen=None,
    )
    return done(document, changed, "survey", tr("A room from nine answers."))


def _shell(answers: FirstAnswers) -> Room:
    linings = {name: Surface(answers.lining) for name in WALLS}
    linings |= {"floor": Surface("timber_floor"), "ceiling": Surface("plasterboard_studs")}
    room = box_room(
        name=tr("New room"),
        width=answers.width,
        length=answers.length,
        height=answers.height,
        surfaces=linings,
    )
    for opening, wall in ((_DOOR, answers.door), (_WINDOW, answers.window)):
        if wall is not None:
            made = _fitted(room, replace(opening, wall=wall))
            room = replace(room, openings=(*room.openings, made))
    return room


def _fitted(room: Room, opening: Opening) -> Opening:
    """A window in the middle of its wall or beside the door, a door near its end; narrower where
    there is no room for its usual width.
    """
    long = room.width if opening.wall in ("front", "back") else room.length
    sill = min(opening.sill, room.height / 2)
    height = min(opening.height, room.height - sill - 0.05)
    placed = opening
    for share in _SHARES:
        width = min(share * opening.width, long / 2)
        start = (long - width) / 2 if opening.kind == "window" else opening.start
        placed = replace(opening, start=start, width=width, sill=sill, height=height)
        for tried in (free_opening(room, placed), free_opening(room, replace(placed, start=0.05))):
            if not any(lie_over(tried, other) for other in room.openings):
                return tried
    return placed


def _furnished(room: Room, names: tuple[str, ...]) -> Room:
    for name in names:
        room = replace(room, things=(*room.things, usual_thing(room, name)))
    return room


def _gear(answers: FirstAnswers) -> Gear:
    sheet = MONITORS[answers.monitors].model
    speakers: tuple[Loudspeaker, ...] = (
        Loudspeaker("left", "left", "monitor"),
        Loudspeaker("right", "right", "monitor"),
    )
    models: tuple[Model, ...] = (sheet,)
    if answers.subwoofer:
        models, speakers = (
            (sheet, SUBWOOFERS["middle"].model),
            (*speakers, Loudspeaker("sub", "subwoofer", "sub")),
        )
    works = answers.use == "desk studio"
    seat = Seat("desk", 1.2) if works else Seat("sofa", 1.05)
    return Gear(models, speakers, (seat,), Desk(1.5, 0.75, 0.74) if works else None)
